#pragma once

#include <QByteArray>
#include <string>

namespace fusuma {

struct DecodedText {
    std::string utf8;
    std::string encoding; ///< its name; "UTF-16" for both orders of bytes
};

/// A list's text in whatever encoding its program wrote: told by a mark, by being sound, or, for those of one country's
/// programs, by how often its letters follow one another in the languages that use it. Windows-1252 where that tells
/// nothing.
/// @param encoding  that it is in whatever it looks like, known to `is_known_encoding`; empty to have it found out
/// Source: Unicode 15, 2.6 (marks); uchardet, after Li and Momoi, "A composite approach to language/encoding detection"
[[nodiscard]] DecodedText decoded_text(const QByteArray& text, const std::string& encoding = {});

} // namespace fusuma
