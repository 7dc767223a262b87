#include "formats/manual/not_understood.h"

#include <QRegularExpression>
#include <array>

namespace fusuma {

namespace {

/// A sentence of the parser's, and ours, whose values stand in it in this order.
struct Sentence {
    const char* pattern;
    Said ours;
    std::array<const char*, 4> values;
};

/// "50.000000" as 50.
QString without_zeros(const QString& words) {
    bool is_number = false;
    const double number = words.toDouble(&is_number);
    return is_number && words.contains('.') ? QString::number(number) : words;
}

} // namespace

Said not_understood(const std::string& error) {
    const std::array sentences{
        Sentence{"A subcommand is required", "Give one of the commands that --help lists."_said, {}},
        Sentence{"(.+) is required", "{option} is needed."_said, {"option"}},
        Sentence{"The following arguments? (?:was|were) not expected: (.+)",
                 "{words} is not expected here."_said,
                 {"words"}},
        Sentence{"(.+): Value (.+) not in range (.+) to (.+)",
                 "{option}: {value} is not between {least} and {most}."_said,
                 {"option", "value", "least", "most"}},
        Sentence{
            "(.+): (.+) not in \\{(.+)\\}", "{option}: {value} is none of {words}."_said, {"option", "value", "words"}},
        Sentence{
            "Could not convert: (.+) = (.*)", "{option}: “{value}” cannot be understood."_said, {"option", "value"}},
        Sentence{"(.+): \\d+ required .+ missing", "{option} needs a value."_said, {"option"}},
        Sentence{"(.+): .*required but received.*", "{option} does not take so many values."_said, {"option"}},
        Sentence{"(.+) requires (.+)", "{option} goes only with {other}."_said, {"option", "other"}},
        Sentence{"(.+) excludes (.+)", "{option} does not go with {other}."_said, {"option", "other"}},
        Sentence{"(.+): “(.+)” is no number that can be used",
                 "{option}: “{value}” is no number that can be used."_said,
                 {"option", "value"}},
    };
    const QString said = QString::fromStdString(error);
    for (const Sentence& sentence : sentences) {
        const QRegularExpression whole(QRegularExpression::anchoredPattern(QString::fromUtf8(sentence.pattern)),
                                       QRegularExpression::DotMatchesEverythingOption);
        const auto found = whole.match(said);
        if (!found.hasMatch())
            continue;
        Said ours = sentence.ours;
        for (int i = 0; i < found.lastCapturedIndex(); ++i)
            ours = ours.with(sentence.values[static_cast<std::size_t>(i)],
                             without_zeros(found.captured(i + 1)).toStdString());
        return ours;
    }
    return Said::verbatim(error);
}

} // namespace fusuma
