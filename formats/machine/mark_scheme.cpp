#include "formats/machine/mark_scheme.h"

#include "formats/room/room.h"

#include <array>
#include <cmath>
#include <map>

namespace fusuma {

using nlohmann::json;

namespace {

/// Walks the bytes and counts the lines that the parser has taken.
class LineCounter {
  public:
    using iterator_category = std::input_iterator_tag;
    using value_type = char;
    using difference_type = std::ptrdiff_t;
    using pointer = const char*;
    using reference = const char&;

    LineCounter(const char* place, int* counted) : at(place), line(counted) {}
    reference operator*() const { return *at; }
    LineCounter& operator++() {
        *line += *at == '\n';
        ++at;
        return *this;
    }
    bool operator==(const LineCounter& other) const { return at == other.at; }
    bool operator!=(const LineCounter& other) const { return at != other.at; }

  private:
    const char* at;
    int* line;
};

/// Notes the line of every value by its place in the document ("/marks/2/radius").
class LinesOfValues : public nlohmann::json_sax<json> {
  public:
    explicit LinesOfValues(const int& counted) : line(counted) {}

    std::map<std::string, int> lines;
    int failed_at = 0;

    bool null() override { return value(); }
    bool boolean(bool) override { return value(); }
    bool number_integer(number_integer_t) override { return value(); }
    bool number_unsigned(number_unsigned_t) override { return value(); }
    bool number_float(number_float_t, const string_t&) override { return value(); }
    bool string(string_t&) override { return value(); }
    bool binary(binary_t&) override { return value(); }
    bool start_object(std::size_t) override { return open({}); }
    bool key(string_t& name) override {
        levels.back() = {name, -1};
        return true;
    }
    bool end_object() override { return close(); }
    bool start_array(std::size_t) override { return open({"0", 0}); }
    bool end_array() override { return close(); }
    bool parse_error(std::size_t, const std::string&, const nlohmann::detail::exception&) override {
        failed_at = line;
        return false;
    }

  private:
    struct Level {
        std::string name;
        int index = -1; ///< in an array
    };
    const int& line;
    std::vector<Level> levels;

    bool note() {
        std::string place;
        for (const Level& level : levels)
            place += "/" + level.name;
        lines.emplace(place, line);
        return true;
    }
    void step() {
        if (!levels.empty() && levels.back().index >= 0)
            levels.back().name = std::to_string(++levels.back().index);
    }
    bool value() {
        note();
        step();
        return true;
    }
    bool open(Level level) {
        constexpr std::size_t deepest = 16;
        note();
        levels.push_back(std::move(level));
        return levels.size() < deepest;
    }
    bool close() {
        levels.pop_back();
        step();
        return true;
    }
};

/// What is wrong, where.
struct Wrong {
    std::string place;
    Said why;
};

const json& field(const json& parent, const std::string& place, const char* key) {
    if (!parent.is_object())
        throw Wrong{place, "must be an object with fields in braces"_said};
    if (!parent.contains(key))
        throw Wrong{place, "has no field “{field}”"_said.with("field", std::string(key))};
    return parent.at(key);
}

double number_at(const json& value, const std::string& place, double least, double most) {
    const double number = value.is_number() ? value.get<double>() : NAN;
    if (!(number >= least && number <= most))
        throw Wrong{place, "must be a number from {least} to {most}"_said.with("least", json(least).dump())
                               .with("most", json(most).dump())};
    return number;
}

template <typename E> E choice_at(const json& value, const std::string& place) {
    std::string all;
    for (const Word<E>& w : words<E>) {
        if (value.is_string() && value.get_ref<const std::string&>() == w.word)
            return w.value;
        all += (all.empty() ? "" : ", ") + std::string(w.word);
    }
    throw Wrong{place, "must be one of {choices}"_said.with("choices", all)};
}

SchemeMark mark_from(const json& j, const std::string& place) {
    SchemeMark mark;
    mark.shape = choice_at<MarkShape>(field(j, place, "shape"), place + "/shape");
    mark.from = choice_at<PaperCorner>(field(j, place, "from"), place + "/from");
    mark.inward = {number_at(field(j, place, "x"), place + "/x", 0, 2000),
                   number_at(field(j, place, "y"), place + "/y", 0, 2000)};
    mark.radius = number_at(field(j, place, "radius"), place + "/radius", 0.1, 50);
    if (j.contains("line"))
        mark.line = number_at(j.at("line"), place + "/line", 0.01, 10);
    return mark;
}

MarkScheme scheme_from(const json& j) {
    MarkScheme scheme;
    const json& name = field(j, "", "name");
    if (!name.is_string() || name.get_ref<const std::string&>().empty() ||
        name.get_ref<const std::string&>().size() > 80)
        throw Wrong{"/name", "must be a name of 1 to 80 letters"_said};
    scheme.name = name.get<std::string>();
    const json& marks = field(j, "", "marks");
    if (!marks.is_array() || marks.empty() || marks.size() > most_marks)
        throw Wrong{"/marks", "must be a list of 1 to {most} marks"_said.with("most", most_marks)};
    for (std::size_t i = 0; i < marks.size(); ++i)
        scheme.marks.push_back(mark_from(marks[i], "/marks/" + std::to_string(i)));
    return scheme;
}

} // namespace

Result<MarkScheme> read_mark_scheme(std::string_view text) {
    constexpr std::size_t largest = 1 << 20;
    if (text.size() > largest)
        return Problem{"This mark scheme is larger than 1 MB."_said};
    int line = 1;
    LinesOfValues places(line);
    const char* end = text.data() + text.size();
    if (!json::sax_parse(LineCounter(text.data(), &line), LineCounter(end, &line), &places))
        return Problem{"Line {line}: this is not JSON."_said.with("line", std::max(1, places.failed_at)),
                       "Look for a missing comma, quote or bracket there."_said};
    try {
        return scheme_from(json::parse(text));
    } catch (const Wrong& wrong) {
        const auto at = places.lines.find(wrong.place);
        return Problem{
            "Line {line}, field “{field}”: it {trouble}."_said.with("line", at == places.lines.end() ? 1 : at->second)
                .with("field", wrong.place.empty() ? "/" : wrong.place.substr(1))
                .with("trouble", wrong.why)};
    }
}

Result<MarkScheme> load_mark_scheme(const QString& path) {
    const auto text = room::text_of(room::Asked::scheme, path);
    return text ? read_mark_scheme(*text) : text.problem();
}

json mark_scheme_json(const MarkScheme& scheme) {
    json marks = json::array();
    for (const SchemeMark& mark : scheme.marks)
        marks.push_back({{"shape", word_of(mark.shape)},
                         {"from", word_of(mark.from)},
                         {"x", mark.inward.x},
                         {"y", mark.inward.y},
                         {"radius", mark.radius},
                         {"line", mark.line}});
    return {{"name", scheme.name}, {"marks", std::move(marks)}};
}

} // namespace fusuma
