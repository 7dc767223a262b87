#include "core/label/line_breaks.h"

#include <algorithm>
#include <cstdint>
#include <memory>
#include <unicode/ubrk.h>
#include <unicode/uchar.h>
#include <unicode/uscript.h>
#include <unicode/utext.h>
#include <unicode/utf8.h>

namespace fusuma {

namespace {

bool is_written_without_blanks(UChar32 letter) {
    UErrorCode state = U_ZERO_ERROR;
    switch (uscript_getScript(letter, &state)) {
    case USCRIPT_THAI:
    case USCRIPT_LAO:
    case USCRIPT_KHMER:
    case USCRIPT_MYANMAR:
        return true;
    case USCRIPT_HANGUL: // as wide, but its words have blanks between them
        return false;
    default: { // Han, kana, and the marks that are written with them
        const int width = u_getIntPropertyValue(letter, UCHAR_EAST_ASIAN_WIDTH);
        return width == U_EA_WIDE || width == U_EA_FULLWIDTH;
    }
    }
}

/// Either side of the place counts, so that "A4の紙" may be parted after its figure.
bool is_beside_such(std::string_view word, std::int32_t place) {
    const auto* bytes = reinterpret_cast<const std::uint8_t*>(word.data());
    const auto size = static_cast<std::int32_t>(word.size());
    UChar32 before = 0, after = 0;
    std::int32_t back = place, on = place;
    U8_PREV(bytes, 0, back, before);
    U8_NEXT(bytes, on, size, after);
    return (before > 0 && is_written_without_blanks(before)) || (after > 0 && is_written_without_blanks(after));
}

} // namespace

std::vector<std::string> pieces_of(std::string_view word) {
    constexpr unsigned char least_lead = 0xe0; // of three bytes: such scripts begin there
    if (std::ranges::none_of(word, [](char c) { return static_cast<unsigned char>(c) >= least_lead; }))
        return {std::string(word)};
    using Breaks = std::unique_ptr<UBreakIterator, decltype(&ubrk_close)>;
    thread_local const Breaks breaks = [] {
        UErrorCode state = U_ZERO_ERROR;
        return Breaks(ubrk_open(UBRK_LINE, "", nullptr, 0, &state), &ubrk_close);
    }();
    if (!breaks)
        return {std::string(word)};
    UErrorCode state = U_ZERO_ERROR;
    const std::unique_ptr<UText, decltype(&utext_close)> text(
        utext_openUTF8(nullptr, word.data(), static_cast<std::int64_t>(word.size()), &state), &utext_close);
    ubrk_setUText(breaks.get(), text.get(), &state);
    if (U_FAILURE(state) != 0)
        return {std::string(word)};
    std::vector<std::string> pieces;
    std::int32_t from = 0;
    for (std::int32_t place = ubrk_next(breaks.get()); place != UBRK_DONE; place = ubrk_next(breaks.get())) {
        const bool is_end = place == static_cast<std::int32_t>(word.size());
        if (!is_end && !is_beside_such(word, place))
            continue;
        pieces.emplace_back(word.substr(static_cast<std::size_t>(from), static_cast<std::size_t>(place - from)));
        from = place;
    }
    return pieces;
}

} // namespace fusuma
