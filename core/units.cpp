#include "core/units.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdio>

namespace fusuma {

double mm_per(Unit unit) {
    switch (unit) {
    case Unit::mm:
        return 1;
    case Unit::cm:
        return 10;
    case Unit::inch:
        return mm_per_inch;
    }
    return 1;
}

std::string_view symbol(Unit unit) {
    switch (unit) {
    case Unit::mm:
        return "mm";
    case Unit::cm:
        return "cm";
    case Unit::inch:
        return "in";
    }
    return "mm";
}

namespace {

/// A value on the way through a sum: a plain number until a unit makes it a length.
struct Quantity {
    double value = 0;
    bool is_length = false;
};

/// Recursive descent over: sum = product {(+|−) product}, product = factor {(*|/) factor},
/// factor = [−] (number | "(" sum ")") [unit]. A unit after a fraction belongs to the whole fraction (1/8in).
class LengthReader {
  public:
    LengthReader(std::string_view text, Unit bare) : rest(text), bare_mm(mm_per(bare)) {}

    std::optional<double> length() {
        const auto q = sum();
        skip_blanks();
        if (!q || !rest.empty())
            return std::nullopt;
        const double mm = q->is_length ? q->value : q->value * bare_mm;
        return std::isfinite(mm) ? std::optional(mm) : std::nullopt;
    }

  private:
    std::string_view rest;
    double bare_mm;
    int depth = 0;

    void skip_blanks() {
        while (!rest.empty() && (rest.front() == ' ' || rest.front() == '\t'))
            rest.remove_prefix(1);
    }
    bool take(std::string_view word) {
        skip_blanks();
        if (!rest.starts_with(word))
            return false;
        rest.remove_prefix(word.size());
        return true;
    }
    std::optional<double> unit_mm() {
        for (const auto& [word, mm] : {std::pair{"mm", 1.0}, {"cm", 10.0}, {"inch", 25.4}, {"in", 25.4}, {"\"", 25.4}})
            if (take(word))
                return mm;
        return std::nullopt;
    }
    std::optional<Quantity> sum() {
        auto left = product();
        while (left) {
            const bool plus = take("+");
            if (!plus && !take("-") && !take("−"))
                break;
            const auto right = product();
            if (!right)
                return std::nullopt;
            // In "1in + 2" the bare number takes the field's unit.
            const bool mixed = left->is_length != right->is_length;
            const double a = mixed && !left->is_length ? left->value * bare_mm : left->value;
            const double b = mixed && !right->is_length ? right->value * bare_mm : right->value;
            left = Quantity{plus ? a + b : a - b, left->is_length || right->is_length};
        }
        return left;
    }
    std::optional<Quantity> product() {
        auto left = factor();
        while (left) {
            const bool times = take("*") || take("×");
            if (!times && !take("/"))
                break;
            const auto right = factor();
            if (!right || (times && left->is_length && right->is_length))
                return std::nullopt;
            // "1/8in" means (1/8) in: the unit ends up on the quotient.
            left = Quantity{times ? left->value * right->value
                                  : (right->is_length && !left->is_length
                                         ? left->value / (right->value / right_unit) * right_unit
                                         : left->value / right->value),
                            left->is_length != right->is_length};
        }
        return left;
    }
    double right_unit = 1;
    std::optional<Quantity> factor() {
        skip_blanks();
        if (take("-") || take("−")) {
            auto q = depth < 50 ? (++depth, factor()) : std::nullopt;
            if (q)
                q->value = -q->value;
            return q;
        }
        std::optional<Quantity> q;
        if (take("(")) {
            q = depth < 50 ? (++depth, sum()) : std::nullopt;
            if (!q || !take(")"))
                return std::nullopt;
        } else {
            std::string digits;
            while (!rest.empty() &&
                   ((rest.front() >= '0' && rest.front() <= '9') || rest.front() == '.' || rest.front() == ',')) {
                digits += rest.front() == ',' ? '.' : rest.front();
                rest.remove_prefix(1);
            }
            double value = 0;
            const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
            if (error != std::errc{} || end != digits.data() + digits.size())
                return std::nullopt;
            q = Quantity{value, false};
        }
        if (!q->is_length)
            if (const auto mm = unit_mm()) {
                right_unit = *mm;
                q = Quantity{q->value * *mm, true};
            }
        return q;
    }
};

} // namespace

std::optional<double> parse_length(std::string_view text, Unit bare) {
    return LengthReader(text, bare).length();
}

std::string format_distance(double mm, Unit unit) {
    if (unit == Unit::inch || mm < 1000)
        return format_length(mm, unit);
    char text[64];
    std::snprintf(text, sizeof text, "%.2f m", mm / 1000);
    return text;
}

std::string format_length(double mm, Unit unit) {
    const int decimals = unit == Unit::mm ? 1 : unit == Unit::cm ? 2 : 3;
    char text[64];
    std::snprintf(text, sizeof text, "%.*f", decimals, std::abs(mm / mm_per(unit)));
    const bool negative = mm < 0 && std::string_view(text).find_first_not_of("0.") != std::string_view::npos;
    return (negative ? "−" : "") + std::string(text) + " " + std::string(symbol(unit));
}

} // namespace fusuma
