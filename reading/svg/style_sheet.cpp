#include "reading/svg/style_sheet.h"

#include <algorithm>
#include <boost/fusion/include/adapt_struct.hpp>
#include <boost/spirit/home/x3.hpp>

namespace fusuma {

/// A rule as it is written, with its escapes and quotes: several selectors may share what is declared.
namespace written {

struct Comparison {
    std::string how, with;
};
struct Part {
    char kind = 't';
    std::string name;
    Comparison compared;
};
struct Step {
    char stands = ' ';
    std::vector<Part> parts;
};
using Selector = std::vector<Step>;
struct Declaration {
    std::string property, value;
    bool is_important = false;
};
struct Rule {
    std::vector<Selector> selectors;
    std::vector<Declaration> declarations;
};

} // namespace written

} // namespace fusuma

BOOST_FUSION_ADAPT_STRUCT(fusuma::written::Comparison, how, with)
BOOST_FUSION_ADAPT_STRUCT(fusuma::written::Part, kind, name, compared)
BOOST_FUSION_ADAPT_STRUCT(fusuma::written::Step, stands, parts)
BOOST_FUSION_ADAPT_STRUCT(fusuma::written::Declaration, property, value, is_important)
BOOST_FUSION_ADAPT_STRUCT(fusuma::written::Rule, selectors, declarations)

namespace fusuma {

namespace {

// The grammar of CSS 2.1, appendix G, without what drawings have no use for.
namespace grammar {

namespace x3 = boost::spirit::x3;
using x3::attr;
using x3::char_;
using x3::lit;
using x3::omit;
using x3::raw;

/// Each rule is made once for all who name it: BOOST_SPIRIT_DEFINE below.
template <typename Tag, typename Read = x3::unused_type> using Rule = x3::rule<Tag, Read>;
const Rule<struct BlankTag> blank;
const Rule<struct BlanksTag> blanks;
const Rule<struct NameTag, std::string> name;
const Rule<struct TextTag, std::string> text;
const auto comment = "/*" >> *(char_ - "*/") >> "*/";
const auto blank_def = omit[char_(" \t\r\n\f") | comment | "<!--" | "-->"];
const auto blanks_def = omit[*blank];
const auto escaped = '\\' >> ((x3::repeat(1, 6)[x3::xdigit] >> -char_(" \t\r\n\f")) | (char_ - char_("\r\n\f")));
const auto name_def = raw[+(char_("a-zA-Z0-9_-") | char_('\x80', '\xff') | escaped)];
const auto text_def = raw['"' >> *(('\\' >> char_) | (char_ - char_("\"\\"))) >> '"'] |
                      raw['\'' >> *(('\\' >> char_) | (char_ - char_("'\\"))) >> '\''];
const std::string none;

const Rule<struct HowTag, std::string> how;
const Rule<struct ComparedTag, written::Comparison> compared;
const Rule<struct PartTag, written::Part> part;
const auto in_brackets = omit[*(text | (char_ - char_(")\"'")))];
const auto how_def = raw[-char_("~|^$*") >> '='];
const auto compared_def = how >> blanks >> (name | text) >> blanks;
const written::Comparison not_compared;
const auto part_def =
    (char_('#') >> name >> attr(not_compared)) | (char_('.') >> name >> attr(not_compared)) |
    (char_('[') >> blanks >> name >> blanks >> (compared | attr(not_compared)) >> ']') |
    (char_(':') >> omit[-lit(':')] >> name >> omit[-('(' >> in_brackets >> ')')] >> attr(not_compared)) |
    (attr('t') >> (name | x3::string("*")) >> attr(not_compared));

const Rule<struct StandsTag, char> stands;
const Rule<struct FirstTag, written::Step> first_step;
const Rule<struct NextTag, written::Step> next_step;
const Rule<struct SelectorTag, written::Selector> selector;
const auto stands_def = (blanks >> char_(">+~") >> blanks) | (+blank >> attr(' '));
const auto first_step_def = attr(' ') >> +part;
const auto next_step_def = stands >> +part;
const auto selector_def = x3::repeat(1)[first_step] >> *next_step;

// Only as deep as drawings nest them, with no rule that calls itself: what nests without end would use up the stack.
const Rule<struct BracketsTag> brackets;
const Rule<struct ValueTag, std::string> value;
const Rule<struct ImportantTag, bool> important;
const Rule<struct DeclarationTag, written::Declaration> declaration;
const Rule<struct PassedTag, written::Declaration> passed_over;
const auto inner_brackets = '(' >> *(text | (char_ - char_("()\"'"))) >> ')';
const auto brackets_def = omit['(' >> *(text | inner_brackets | (char_ - char_("()\"'"))) >> ')'];
const auto value_def = raw[+(text | brackets | (char_ - char_(";{}!\"'()")))];
const auto important_def = ('!' >> blanks >> x3::no_case["important"] >> blanks >> attr(true)) | attr(false);
const auto declaration_def = blanks >> name >> blanks >> ':' >> blanks >> value >> important >>
                             &(char_(";}") | x3::eoi);
const auto passed_over_def = attr(none) >> attr(none) >>
                             attr(false) >> omit[*(text | brackets | (char_ - char_(";}")))];
const auto declarations = (declaration | passed_over) % ';';

const Rule<struct BlockTag> block;
const Rule<struct RuleTag, written::Rule> rule;
const auto innermost_block = '{' >> *(text | (char_ - char_("{}"))) >> '}';
const auto inner_block = '{' >> *(text | innermost_block | (char_ - char_("{}"))) >> '}';
const auto block_def = omit['{' >> *(text | inner_block | (char_ - char_("{}"))) >> '}'];
const auto rule_def = (selector % (blanks >> ',' >> blanks)) >> blanks >> '{' >> declarations >> ('}' | x3::eoi);
const auto whole_sheet = blanks >> *((rule | omit['@' >> *(text | (char_ - char_(";{\"'"))) >> (lit(';') | block)] |
                                      omit[+(char_ - '{') >> -block] | omit[block | char_]) >>
                                     blanks);

BOOST_SPIRIT_DEFINE(blank, blanks, name, text, how, compared, part, stands, first_step, next_step, selector, brackets,
                    value, important, declaration, passed_over, block, rule)

} // namespace grammar

/// With escapes in place of what they stand for, and without the quotes round it.
QString plain(const std::string& written) {
    const QString all = QString::fromStdString(written);
    QString out;
    const bool is_quoted = all.startsWith(QLatin1Char('"')) || all.startsWith(QLatin1Char('\''));
    const qsizetype end = all.size() - (is_quoted ? 1 : 0);
    for (qsizetype i = is_quoted ? 1 : 0; i < end; ++i) {
        if (all[i] != QLatin1Char('\\')) {
            out += all[i];
            continue;
        }
        qsizetype digits = 0;
        while (digits < 6 && i + 1 + digits < end &&
               QStringView(u"0123456789abcdefABCDEF").contains(all[i + 1 + digits]))
            ++digits;
        if (digits == 0) {
            if (i + 1 < end)
                out += all[++i];
            continue;
        }
        const char32_t code = all.mid(i + 1, digits).toUInt(nullptr, 16);
        out += code == 0 || code > 0x10ffff ? QString(QChar(QChar::ReplacementCharacter)) : QString::fromUcs4(&code, 1);
        i += digits;
        if (i + 1 < end && all[i + 1].isSpace()) // ends the number
            ++i;
    }
    return out;
}

/// Is it one of the words of a list, such as that of an element's classes?
bool has_word(QStringView list, QStringView word) {
    for (qsizetype from = 0; (from = list.indexOf(word, from)) >= 0; from += 1) {
        const qsizetype to = from + word.size();
        if ((from == 0 || list[from - 1].isSpace()) && (to == list.size() || list[to].isSpace()) && !word.isEmpty())
            return true;
    }
    return false;
}

bool fits(const StyleCondition& condition, const SvgNode& node) {
    switch (condition.kind) {
    case 't':
        return condition.name == QLatin1String("*") || node.name == condition.name;
    case '#':
        return node.attribute(QStringLiteral("id")) == condition.name;
    case '.':
        return has_word(node.attribute(QStringLiteral("class")), condition.name);
    case '[': {
        const auto found = node.attributes.constFind(condition.name);
        if (found == node.attributes.constEnd())
            return false;
        const QString &has = *found, &with = condition.with;
        switch (condition.how) {
        case 0:
            return true;
        case '=':
            return has == with;
        case '~':
            return has_word(has, with);
        case '|':
            return has == with || has.startsWith(with + QLatin1Char('-'));
        case '^':
            return !with.isEmpty() && has.startsWith(with);
        case '$':
            return !with.isEmpty() && has.endsWith(with);
        default:
            return !with.isEmpty() && has.contains(with);
        }
    }
    default: // of a drawing at rest, that nobody points at
        return condition.name == QLatin1String("first-child") && node.parent && !node.before;
    }
}

/// Without escapes and quotes.
StyleSelector read(const written::Selector& selector) {
    StyleSelector steps;
    for (const written::Step& step : selector) {
        StyleStep& read_step = steps.emplace_back(StyleStep{step.stands, {}});
        for (const written::Part& part : step.parts)
            read_step.conditions.push_back({part.kind, plain(part.name),
                                            part.compared.how.empty() ? '\0' : part.compared.how.front(),
                                            plain(part.compared.with)});
    }
    return steps;
}

/// Without those that are not understood.
std::vector<StyleDeclaration> read(const std::vector<written::Declaration>& declarations) {
    std::vector<StyleDeclaration> all;
    for (const written::Declaration& d : declarations)
        if (!d.property.empty())
            all.push_back({plain(d.property).toLower(), QString::fromStdString(d.value).trimmed(), d.is_important});
    return all;
}

/// Declarations as a style attribute has them.
std::vector<StyleDeclaration> style_declarations(const QString& text) {
    std::vector<written::Declaration> all;
    const std::string bytes = text.toStdString();
    boost::spirit::x3::parse(bytes.begin(), bytes.end(), grammar::declarations, all);
    return read(all);
}

int weight_of(const StyleSelector& selector) {
    int weight = 0;
    for (const StyleStep& step : selector)
        for (const StyleCondition& c : step.conditions)
            weight += c.kind == '#' ? 1'000'000 : c.kind != 't' ? 1'000 : c.name != QLatin1String("*") ? 1 : 0;
    return weight;
}

/// What an element must have for the selector's last step to fit it.
QString key_of(const StyleSelector& selector) {
    for (const char kind : {'#', '.', 't'})
        for (const StyleCondition& c : selector.back().conditions)
            if (c.kind == kind && c.name != QLatin1String("*"))
                return (kind == 't' ? QString() : QString(QLatin1Char(kind))) + c.name;
    return {};
}

} // namespace

StyleSheet::StyleSheet(const QString& text) {
    constexpr qsizetype longest = 1 << 20;
    if (text.trimmed().isEmpty() || text.size() > longest)
        return;
    const std::string bytes = text.toStdString();
    std::vector<written::Rule> all;
    boost::spirit::x3::parse(bytes.begin(), bytes.end(), grammar::whole_sheet, all);
    for (const written::Rule& rule : all) {
        const auto declared = std::make_shared<const std::vector<StyleDeclaration>>(read(rule.declarations));
        for (const written::Selector& as_written : rule.selectors) {
            StyleSelector selector = read(as_written);
            by_last.emplace(key_of(selector), rules.size());
            const int weight = weight_of(selector);
            rules.push_back({std::move(selector), declared, weight});
        }
    }
}

bool StyleSheet::names(const StyleSelector& selector, std::size_t steps, const SvgNode& node) {
    if (--work_left < 0) // ancestors of ancestors, for each step
        return false;
    const StyleStep& step = selector[steps - 1];
    if (!std::ranges::all_of(step.conditions, [&](const StyleCondition& c) { return fits(c, node); }))
        return false;
    if (steps == 1)
        return true;
    const bool goes_up = step.stands == ' ' || step.stands == '>', goes_on = step.stands == ' ' || step.stands == '~';
    const auto next = [&](const SvgNode& from) { return goes_up ? from.parent : from.before; };
    for (const SvgNode* other = next(node); other; other = goes_on ? next(*other) : nullptr)
        if (names(selector, steps - 1, *other))
            return true;
    return false;
}

void StyleSheet::apply_to(SvgNode& node) {
    std::vector<const Rule*> fitting;
    const auto look_among = [&](const QString& key) {
        for (auto [at, end] = by_last.equal_range(key); at != end && work_left > 0; ++at)
            if (const Rule& rule = rules[at->second]; names(rule.selector, rule.selector.size(), node))
                fitting.push_back(&rule);
    };
    if (!rules.empty()) {
        look_among({});
        look_among(node.name);
        look_among(QLatin1Char('#') + node.attribute(QStringLiteral("id")));
        for (const QString& name : node.attribute(QStringLiteral("class")).simplified().split(QLatin1Char(' ')))
            look_among(QLatin1Char('.') + name);
    }
    std::ranges::sort(fitting, [](const Rule* a, const Rule* b) {
        return a->weight != b->weight ? a->weight < b->weight : a < b; // later ones are stronger
    });
    const auto own = style_declarations(node.attribute(QStringLiteral("style")));
    for (const bool important : {false, true}) {
        for (const Rule* rule : fitting)
            for (const StyleDeclaration& d : *rule->declarations) {
                if (--work_left < 0)
                    break;
                if (d.is_important == important)
                    node.style.insert(d.property, d.value);
            }
        for (const StyleDeclaration& d : own)
            if (d.is_important == important)
                node.style.insert(d.property, d.value);
    }
}

} // namespace fusuma
