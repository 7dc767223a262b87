#include "reading/table/decoded_text.h"

#include "formats/basics/text_encoding.h"

#include <QStringDecoder>
#include <algorithm>
#include <array>
#include <memory>
#include <optional>
#include <string_view>
#include <uchardet/uchardet.h>

namespace fusuma {

namespace {

std::optional<QStringDecoder::Encoding> wide_form_of(const QByteArray& text) {
    if (text.startsWith("\xff\xfe") || text.startsWith("\xfe\xff"))
        return QStringDecoder::Utf16;
    // Without a mark every second byte of plain words is zero.
    if (text.size() < 4 || text.size() % 2 != 0)
        return std::nullopt;
    if (text[1] == 0 && text[3] == 0 && text[0] != 0)
        return QStringDecoder::Utf16LE;
    return text[0] == 0 && text[2] == 0 && text[1] != 0 ? std::optional(QStringDecoder::Utf16BE) : std::nullopt;
}

/// Whether what is beyond ASCII makes whole words, as letters of another alphabet do, rather than single letters of
/// them.
bool has_words_beyond_ascii(std::string_view text) {
    const auto is_beyond = [](char c) { return static_cast<unsigned char>(c) >= 0x80; };
    std::size_t all = 0, beside_another = 0;
    for (std::size_t i = 0; i < text.size(); ++i)
        if (is_beyond(text[i])) {
            ++all;
            if ((i > 0 && is_beyond(text[i - 1])) || (i + 1 < text.size() && is_beyond(text[i + 1])))
                ++beside_another;
        }
    return 2 * beside_another > all;
}

/// Whether there are bytes by which ISO 8859 means nothing that is written.
bool has_windows_signs(std::string_view text) {
    return std::ranges::any_of(text, [](char c) { return (static_cast<unsigned char>(c) & 0xe0) == 0x80; });
}

/// The page of Windows for the alphabet that is found, as lists of these days come from programs there, where it has
/// the letters of the one that is found in the same places.
struct Page {
    std::string_view found; ///< as uchardet names it
    const char* name;       ///< as ICU does, and people
    bool makes_whole_words = false;
};
constexpr std::array pages{
    Page{"WINDOWS-1250", "Windows-1250"},
    Page{"ISO-8859-2", "ISO-8859-2"}, // whose letters are partly elsewhere: see page_of
    Page{"WINDOWS-1251", "Windows-1251", true},
    Page{"ISO-8859-5", "ISO-8859-5", true},
    Page{"MAC-CYRILLIC", "Windows-1251", true},
    Page{"KOI8-R", "KOI8-R", true},
    Page{"WINDOWS-1253", "Windows-1253", true},
    Page{"ISO-8859-7", "Windows-1253", true},
    Page{"WINDOWS-1254", "Windows-1254"},
    Page{"ISO-8859-9", "Windows-1254"},
    Page{"WINDOWS-1257", "Windows-1257"},
    Page{"ISO-8859-13", "Windows-1257"},
    Page{"SHIFT_JIS", "Shift_JIS"},
    Page{"EUC-JP", "EUC-JP"},
    Page{"UHC", "Windows-949"},
    Page{"EUC-KR", "Windows-949"},
    Page{"GB18030", "GB18030"},
    Page{"BIG5", "Big5"},
};

const char* page_of(std::string_view text) {
    constexpr std::size_t enough = 1 << 20; // bytes
    const std::unique_ptr<uchardet, decltype(&uchardet_delete)> detector(uchardet_new(), &uchardet_delete);
    if (uchardet_handle_data(detector.get(), text.data(), std::min(text.size(), enough)) == 0) {
        uchardet_data_end(detector.get());
        const std::string_view found = uchardet_get_charset(detector.get());
        const auto page = std::ranges::find(pages, found, &Page::found);
        if (page != pages.end() && (!page->makes_whole_words || has_words_beyond_ascii(text)))
            return found == "ISO-8859-2" && has_windows_signs(text) ? "Windows-1250" : page->name;
    }
    return western_encoding;
}

} // namespace

DecodedText decoded_text(const QByteArray& text, const std::string& encoding) {
    if (!encoding.empty())
        return {from_encoding(text.toStdString(), encoding.c_str()), encoding};
    if (const auto wide = wide_form_of(text))
        return {QString(QStringDecoder(*wide)(text)).toStdString(), "UTF-16"};
    const std::string plain = (text.startsWith("\xef\xbb\xbf") ? text.sliced(3) : text).toStdString();
    if (is_utf8(plain))
        return {plain, "UTF-8"};
    const char* page = page_of(plain);
    return {from_encoding(plain, page), page};
}

} // namespace fusuma
