#include "formats/manual/manual.h"

#include "formats/manual/usual_options.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <QDate>
#include <QLocale>
#include <algorithm>

namespace fusuma {

namespace {

using Options = std::vector<const CLI::Option*>;
using Words = std::vector<std::string>;

Options shown_options(const CLI::App& of) {
    return of.get_options([](const CLI::Option* o) { return !o->get_group().empty(); });
}

std::vector<const CLI::App*> commands_of(const CLI::App& program) {
    return program.get_subcommands([](const CLI::App*) { return true; });
}

/// Its names as they are typed: "-o", "--out".
Words names_of(const CLI::Option& option) {
    Words names;
    for (const std::string& letter : option.get_snames())
        names.push_back("-" + letter);
    for (const std::string& name : option.get_lnames())
        names.push_back("--" + name);
    return names;
}

/// The words that it takes, when it takes one of a few.
Words choices_of(const CLI::Option& option) {
    const std::string type = option.get_type_name();
    const auto from = type.find('{'), to = type.find('}');
    return from == std::string::npos || to == std::string::npos
               ? Words{}
               : CLI::detail::split(type.substr(from + 1, to - from - 1), ',');
}

bool takes_a_value(const CLI::Option& option) {
    return option.get_items_expected_max() > 0;
}

/// What stands for its value: the words it takes, or NUMBER or TEXT.
std::string value_of(const CLI::Option& option) {
    if (const Words words = choices_of(option); !words.empty())
        return CLI::detail::join(words, "|");
    const std::string type = option.get_type_name();
    const bool is_number = type.starts_with("FLOAT") || type.starts_with("INT") || type.starts_with("UINT");
    return std::string(is_number ? "NUMBER" : "TEXT") + (option.get_items_expected_max() > 1 ? " ..." : "");
}

struct Manual {
    Q_DECLARE_TR_FUNCTIONS(Manual)
};

/// "0 to 100" where there are bounds.
std::string bounds_of(const CLI::Option& option) {
    const std::string type = option.get_type_name();
    const auto from = type.find(" in ["), between = type.find(" - ", from), to = type.find(']', from);
    if (from == std::string::npos || between == std::string::npos || to == std::string::npos)
        return {};
    return Manual::tr("%1 to %2")
        .arg(QString::fromStdString(type.substr(from + 5, between - from - 5)),
             QString::fromStdString(type.substr(between + 3, to - between - 3)))
        .toStdString();
}

/// Words as troff prints them: hyphens that can be searched for, letters beyond ASCII by their names, no line that
/// begins with a macro's dot.
std::string troff(const std::string& words) {
    std::string out;
    for (const char32_t c : QString::fromStdString(words).toStdU32String()) {
        if (c == '\\')
            out += "\\e";
        else if (c == '-')
            out += "\\-";
        else if (c == '\n')
            out += "\n.br\n";
        else if (c < 128)
            out += static_cast<char>(c);
        else
            out += QStringLiteral("\\[u%1]").arg(QString::number(c, 16).toUpper(), 4, QLatin1Char('0')).toStdString();
    }
    return out.starts_with('.') || out.starts_with('\'') ? "\\&" + out : out;
}

std::string bold(const std::string& words) {
    return "\\fB" + troff(words) + "\\fR";
}

std::string heading(const QString& words) {
    return ".SH \"" + troff(words.toStdString()) + "\"\n";
}

void describe_options(const CLI::App& of, std::string& page) {
    for (const CLI::Option* option : shown_options(of)) {
        std::string head = option->nonpositional() ? "" : bold(option->get_name(true));
        for (const std::string& name : names_of(*option))
            head += (head.empty() ? "" : ", ") + bold(name);
        if (option->nonpositional() && takes_a_value(*option))
            head += " \\fI" + troff(value_of(*option)) + "\\fR";
        std::string words = option->get_description();
        if (const std::string bounds = bounds_of(*option); !bounds.empty())
            words += " (" + bounds + ")";
        if (!option->get_default_str().empty())
            words +=
                Manual::tr("; %1 when not given").arg(QString::fromStdString(option->get_default_str())).toStdString();
        page += ".TP\n" + head + "\n" + troff(words) + "\n";
    }
}

/// How it is called: "ART [OPTIONS]".
std::string usage_of(const CLI::App& of) {
    std::string usage;
    for (const CLI::Option* option : shown_options(of))
        if (!option->nonpositional()) {
            const std::string name = option->get_name(true);
            usage += option->get_required() ? " \\fI" + troff(name) + "\\fR" : " [\\fI" + troff(name) + "\\fR ...]";
        }
    return usage + " [\\fI" + troff(Manual::tr("OPTIONS").toStdString()) + "\\fR]";
}

std::string capitals(std::string words) {
    std::ranges::transform(words, words.begin(), [](unsigned char c) { return std::toupper(c); });
    return words;
}

} // namespace

std::string man_page(const CLI::App& program) {
    const std::string name = program.get_name(), about = program.get_description();
    const std::string date =
        QLocale()
            .toString(QDate::fromString(QString::fromUtf8(release_date()), Qt::ISODate), QStringLiteral("MMMM yyyy"))
            .toStdString();
    const auto commands = commands_of(program);
    std::string line = about.substr(0, about.find('\n'));
    if (const auto colon = line.find(": "); colon != std::string::npos && line.starts_with("Fusuma"))
        line = line.substr(colon + 2); // the name stands before it already
    while (line.ends_with('.'))
        line.pop_back();
    std::string page = ".TH " + capitals(name) + " 1 \"" + date + "\" \"Fusuma " + version() + "\" \"" +
                       troff(Manual::tr("User Commands").toStdString()) + "\"\n" + heading(Manual::tr("NAME")) +
                       troff(name) + " \\- " + troff(line) + "\n" + heading(Manual::tr("SYNOPSIS"));
    if (commands.empty())
        page += bold(name) + usage_of(program) + "\n";
    for (const CLI::App* command : commands)
        page += (command == commands.front() ? "" : ".br\n") + bold(name + " " + command->get_name()) +
                usage_of(*command) + "\n";
    page += heading(Manual::tr("DESCRIPTION")) + troff(about) + "\n" + heading(Manual::tr("OPTIONS"));
    describe_options(program, page);
    if (!commands.empty())
        page += heading(Manual::tr("COMMANDS"));
    for (const CLI::App* command : commands) {
        page += ".SS " + troff(command->get_name()) + "\n" + troff(command->get_description()) + "\n";
        describe_options(*command, page);
    }
    if (const std::string footer = program.get_footer(); !footer.empty())
        page += heading(Manual::tr("EXIT STATUS")) + troff(footer) + "\n";
    return page + heading(Manual::tr("SEE ALSO")) +
           troff(Manual::tr("The user guide, in the program's Help menu.").toStdString()) + "\n";
}

namespace {

std::string identifier(std::string name) {
    std::ranges::replace(name, '-', '_');
    return "_" + name;
}

/// Words between single quotes of a shell.
std::string quoted(const std::string& words) {
    std::string out = "'";
    for (const char c : words)
        out += c == '\'' ? std::string("'\\''") : std::string(1, c == '\n' ? ' ' : c);
    return out + "'";
}

Words option_names(const CLI::App& of) {
    Words all;
    for (const CLI::Option* option : shown_options(of))
        for (std::string& name : names_of(*option))
            all.push_back(std::move(name));
    return all;
}

std::string bash_completion(const CLI::App& program) {
    const std::string function = identifier(program.get_name());
    const auto commands = commands_of(program);
    Words names;
    for (const CLI::App* command : commands)
        names.push_back(command->get_name());
    std::string cases, options;
    const auto describe = [&](const CLI::App& of, const std::string& command) {
        for (const CLI::Option* option : shown_options(of))
            if (const Words words = choices_of(*option); !words.empty())
                for (const std::string& name : names_of(*option))
                    cases += "    " + command + ":" + name + ") COMPREPLY=($(compgen -W '" +
                             CLI::detail::join(words, " ") + "' -- \"$word\")); return ;;\n";
        options += "    " + (command.empty() ? "''" : command) + ") options='" +
                   CLI::detail::join(option_names(of), " ") + "' ;;\n";
    };
    describe(program, "");
    for (const CLI::App* command : commands)
        describe(*command, command->get_name());
    return function +
           "() {\n    local word=${COMP_WORDS[COMP_CWORD]} before=${COMP_WORDS[COMP_CWORD-1]} command= options= w\n" +
           (commands.empty() ? ""
                             : "    for w in \"${COMP_WORDS[@]:1:COMP_CWORD-1}\"; do\n        case $w in " +
                                   CLI::detail::join(names, "|") + ") command=$w; break ;; esac\n    done\n") +
           "    case $command:$before in\n" + cases + "    esac\n    case $command in\n" + options +
           "    esac\n    if [[ $word == -* ]]; then\n        COMPREPLY=($(compgen -W \"$options\" -- \"$word\"))\n" +
           (commands.empty() ? ""
                             : "    elif [[ -z $command ]]; then\n        COMPREPLY=($(compgen -W '" +
                                   CLI::detail::join(names, " ") + "' -- \"$word\"))\n") +
           "    fi\n}\ncomplete -o default -F " + function + " " + program.get_name() + "\n";
}

/// Specifications for zsh's _arguments, a line each.
std::string zsh_arguments(const CLI::App& of, const std::string& indent) {
    const auto escaped = [](std::string words) {
        std::string out;
        for (const char c : words)
            out += (c == '[' || c == ']' || c == ':' || c == '\\' ? std::string("\\") : std::string()) + c;
        return out;
    };
    std::string lines;
    for (const CLI::Option* option : shown_options(of)) {
        const Words words = choices_of(*option);
        const std::string value = !takes_a_value(*option) ? ""
                                  : words.empty()         ? ":value:_files"
                                                          : ":value:(" + CLI::detail::join(words, " ") + ")";
        for (const std::string& name : names_of(*option))
            lines += " \\\n" + indent + quoted("*" + name + "[" + escaped(option->get_description()) + "]" + value);
    }
    return lines + " \\\n" + indent + "'*:file:_files'\n";
}

std::string zsh_completion(const CLI::App& program) {
    const auto commands = commands_of(program);
    std::string script = "#compdef " + program.get_name() + "\n";
    if (commands.empty())
        return script + "_arguments" + zsh_arguments(program, "    ");
    script += "local -a commands\ncommands=(\n";
    for (const CLI::App* command : commands)
        script += "    " + quoted(command->get_name() + ":" + command->get_description()) + "\n";
    script +=
        ")\nif (( CURRENT == 2 )) && [[ $words[2] != -* ]]; then\n    _describe command commands\n    return\nfi\n"
        "local command=$words[2]\nshift words\n(( CURRENT-- ))\ncase $command in\n";
    for (const CLI::App* command : commands)
        script += command->get_name() + ")\n    _arguments" + zsh_arguments(*command, "        ") + "    ;;\n";
    return script + "*)\n    _arguments" + zsh_arguments(program, "        ") + "    ;;\nesac\n";
}

std::string fish_options(const CLI::App& of, const std::string& start) {
    std::string lines;
    for (const CLI::Option* option : shown_options(of)) {
        if (!option->nonpositional())
            continue;
        lines += start;
        for (const std::string& letter : option->get_snames())
            lines += " -s " + letter;
        for (const std::string& name : option->get_lnames())
            lines += " -l " + name;
        if (const Words words = choices_of(*option); !words.empty())
            lines += " -x -a " + quoted(CLI::detail::join(words, " "));
        else if (takes_a_value(*option))
            lines += " -r";
        lines += " -d " + quoted(option->get_description()) + "\n";
    }
    return lines;
}

std::string fish_completion(const CLI::App& program) {
    const std::string complete = "complete -c " + program.get_name();
    const auto commands = commands_of(program);
    if (commands.empty())
        return fish_options(program, complete);
    std::string script = fish_options(program, complete + " -n __fish_use_subcommand");
    for (const CLI::App* command : commands)
        script += complete + " -n __fish_use_subcommand -x -a " + command->get_name() + " -d " +
                  quoted(command->get_description()) + "\n" +
                  fish_options(*command, complete + " -n '__fish_seen_subcommand_from " + command->get_name() + "'");
    return script;
}

} // namespace

std::string completion(const CLI::App& program, const std::string& shell) {
    return shell == "bash"  ? bash_completion(program)
           : shell == "zsh" ? zsh_completion(program)
                            : fish_completion(program);
}

} // namespace fusuma
