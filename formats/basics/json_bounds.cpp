#include "formats/basics/json_bounds.h"

namespace fusuma {

Outcome within_bounds(std::string_view text, const JsonBounds& bounds) {
    if (text.size() > bounds.bytes)
        return Problem{"It is longer than the {most} MB that Fusuma takes."_said.with("most", bounds.bytes >> 20)};
    int depth = 0;
    std::size_t values = 1;
    bool is_string = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (is_string) {
            i += c == '\\'; // whatever comes after it
            is_string = c != '"';
        } else if (c == '"') {
            is_string = true;
        } else if (c == '[' || c == '{') {
            ++values;
            if (++depth > deepest_json)
                return Problem{"Its brackets are more than {most} deep."_said.with("most", deepest_json)};
        } else if (c == ']' || c == '}') {
            --depth;
        } else if (c == ',' && ++values > bounds.values) {
            return Problem{"It has more than the {most} values that Fusuma takes."_said.with("most", bounds.values)};
        }
    }
    return Done{};
}

} // namespace fusuma
