#include "formats/manual/usual_options.h"

#include "formats/basics/in_words.h"
#include "formats/manual/manual.h"
#include "formats/manual/not_understood.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <iostream>

namespace fusuma {

const char* version() {
    return FUSUMA_VERSION;
}

const char* release_date() {
    return FUSUMA_RELEASE_DATE;
}

namespace {

/// Descriptions are collected from where options are added (translations/collect).
std::string described(const std::string& description) {
    return QCoreApplication::translate("options", description.c_str()).toStdString();
}

struct Parts {
    Q_DECLARE_TR_FUNCTIONS(Parts)
};

/// What help says, in the program's language, with the parser's own words for its parts.
void put_into_words(CLI::App& program) {
    program.description(described(program.get_description()));
    program.footer(program.get_footer().empty() ? "" : described(program.get_footer()));
    for (CLI::Option* option : program.get_options()) {
        option->description(option == program.get_help_ptr() ? Parts::tr("print this help and end").toStdString()
                                                             : described(option->get_description()));
        if (!option->get_group().empty())
            option->group(Parts::tr("Options").toStdString());
    }
    const auto formatter = program.get_formatter();
    for (const auto& [part, words] : {std::pair{"Usage", Parts::tr("Usage")},
                                      {"OPTIONS", Parts::tr("OPTIONS")},
                                      {"Positionals", Parts::tr("Files")},
                                      {"SUBCOMMAND", Parts::tr("COMMAND")},
                                      {"SUBCOMMANDS", Parts::tr("COMMANDS")},
                                      {"REQUIRED", Parts::tr("needed")},
                                      {"Needs", Parts::tr("goes with")},
                                      {"Excludes", Parts::tr("not with")},
                                      {"TEXT", Parts::tr("TEXT")},
                                      {"INT", Parts::tr("NUMBER")},
                                      {"UINT", Parts::tr("NUMBER")},
                                      {"FLOAT", Parts::tr("NUMBER")}})
        formatter->label(part, words.toStdString());
    for (CLI::App* command : program.get_subcommands(nullptr)) {
        command->group(Parts::tr("Commands").toStdString());
        put_into_words(*command);
    }
}

} // namespace

void add_usual_options(CLI::App& program, const std::string& name) {
    program.name(name);
    program.set_version_flag("--version", "Fusuma " FUSUMA_VERSION, "print the version and end");
    program
        .add_option_function<std::string>(
            "--describe",
            [&program](const std::string& kind) {
                std::cout << (kind == "man" ? man_page(program) : completion(program, kind)) << std::flush;
                throw CLI::Success();
            },
            "print the man page or a shell's completion")
        ->check(CLI::IsMember({"man", "bash", "zsh", "fish"}))
        ->group(""); // of no use but to those who make packages
    put_into_words(program);
}

int ended_by(const CLI::App& program, const CLI::ParseError& why) {
    if (why.get_exit_code() == 0)
        return program.exit(why);
    tell(not_understood(why.what()));
    return 2;
}

void tell(const Said& said) {
    // One line, whatever a stranger's names hold.
    std::cerr << in_words(said).simplified().toStdString() << '\n';
}

} // namespace fusuma
