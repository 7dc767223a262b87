#pragma once

#include "core/units.h"

#include <concepts>
#include <iosfwd>
#include <string>
#include <string_view>
#include <vector>

namespace fusuma {

/// A sentence for people, apart from its values, so that the edge (window, command line) can put it into their
/// language:
/// `"“{file}” has no page {page}."_said.with("file", name).with("page", 3)`. Only a literal can be one, marked `_said`,
/// by which the list for translators is made (docs/translating.md). `%n` stands for a count.
class Said {
  public:
    Said();
    Said(const Said&);
    Said(Said&&) noexcept;
    Said& operator=(const Said&);
    Said& operator=(Said&&) noexcept;
    ~Said();
    /// What is the same in every language, or in whatever it came in: names, and what others say.
    [[nodiscard]] static Said verbatim(std::string words);

    [[nodiscard]] Said with(std::string_view name, std::string words) const;
    [[nodiscard]] Said with(std::string_view name, Said words) const;
    [[nodiscard]] Said with(std::string_view name, double mm, Unit unit) const; ///< a length
    [[nodiscard]] Said with(std::string_view name, double number, int decimals) const;
    template <std::integral Whole> [[nodiscard]] Said with(std::string_view name, Whole number) const;
    [[nodiscard]] Said with_list(std::string_view name, std::vector<Said> all) const; ///< "a, b and c"
    /// @param one  the English sentence for a count of one; other languages' forms are the translators'
    [[nodiscard]] Said counted(std::size_t count, const char* one) const;
    /// This sentence, then another.
    [[nodiscard]] Said then(const Said& next) const;

    [[nodiscard]] bool empty() const;
    /// For logs, tests and reports that programs read.
    [[nodiscard]] std::string english() const;

    struct Value;
    bool operator==(const Said&) const;

    std::string_view sentence; ///< of a literal; empty when it is verbatim or made of parts
    std::string words;         ///< verbatim
    std::vector<Said> parts;   ///< one after the other
    long count = -1;           ///< for `%n`; -1 without
    std::string_view of_one;
    std::vector<Value> values;
};

struct Said::Value {
    enum class Kind { words, number, length };
    std::string_view name; ///< of a literal
    Kind kind = Kind::words;
    std::vector<Said> said; ///< one, or the list
    double number = 0;      ///< mm for lengths
    int decimals = 0;
    Unit unit = Unit::mm;
    bool operator==(const Value&) const;
};

template <std::integral Whole> Said Said::with(std::string_view name, Whole number) const {
    return with(name, static_cast<double>(number), 0);
}

inline Said operator""_said(const char* text, std::size_t size) {
    Said said;
    said.sentence = {text, size};
    return said;
}

std::ostream& operator<<(std::ostream& out, const Said& said);

} // namespace fusuma
