#pragma once

#include "core/raster/colour_table.h"
#include "core/result.h"

#include <QByteArray>
#include <QImage>

namespace fusuma {

/// The ICC profile embedded in a PNG, JPEG or WebP file; empty when there is none or it is cut short.
/// Source: W3C PNG 11.3.3.3 (iCCP); ICC.1:2010 annex B.4 (JPEG APP2); WebP container specification (ICCP).
[[nodiscard]] QByteArray embedded_profile(const QByteArray& file);

/// Converts the picture's colours from the profile's to sRGB. The picture must be RGBA8888; for a profile of greys its
/// red channel counts. False, with the picture as it was, when the profile is broken or for another kind of picture.
[[nodiscard]] bool convert_to_srgb(QImage& rgba, const QByteArray& profile);

/// A picture of CMYK values (four bytes a pixel, 255 for full ink) as RGBA8888 in sRGB: by the profile, or where that
/// is empty or broken by taking each ink off white in turn. `by_profile` tells which.
[[nodiscard]] QImage cmyk_to_srgb(const QImage& cmyk_bytes, const QByteArray& profile, bool& by_profile);

/// Pixels of L*, a* and b* become colours of sRGB; the fourth byte stays. Values as ICC profiles count them in bytes:
/// L* from 0 to 255 for 0 to 100, a* and b* from 128. Source: ICC.1:2010 section 6.3.4
void lab_to_srgb(QImage& lab_bytes);

/// What a screen is to be given, by the profile that was measured of it: relative colorimetric, with its black for
/// black. Source: ICC.1:2010; Adobe Systems, "Black Point Compensation" (2006), now ISO 18619
[[nodiscard]] Result<ColourTable> screen_table(const QByteArray& profile);

} // namespace fusuma
