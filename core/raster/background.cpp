#include "core/raster/background.h"

#include "core/parallel.h"
#include "core/raster/alpha.h"
#include "core/raster/runs.h"
#include "core/raster/soft_edges.h"
#include "core/raster/subject.h"
#include "core/raster/touch_up.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <span>
#include <vector>

namespace fusuma {

namespace {

Rgb pixel(const Image& image, std::size_t i) {
    return {image.rgba[4 * i], image.rgba[4 * i + 1], image.rgba[4 * i + 2]};
}

/// Encoded luma (ITU-R BT.601 weights), the grey that people see.
int grey(Rgb c) {
    return (299 * c.red + 587 * c.green + 114 * c.blue + 500) / 1000;
}

using Histogram = std::array<double, 256>;

Histogram grey_histogram(const Image& image) {
    Histogram histogram{};
    for (std::size_t i = 0; i < image.pixels(); ++i)
        if (image.rgba[4 * i + 3] > 0)
            ++histogram[static_cast<std::size_t>(grey(pixel(image, i)))];
    return histogram;
}

/// The two classes on either side of a threshold.
struct Classes {
    double dark_mean = 0, light_mean = 255, between = 0;
};

Classes classes_at(const Histogram& histogram, double threshold) {
    double dark = 0, dark_sum = 0, light = 0, light_sum = 0;
    for (std::size_t v = 0; v < histogram.size(); ++v) {
        const double value = static_cast<double>(v);
        (value <= threshold ? dark : light) += histogram[v];
        (value <= threshold ? dark_sum : light_sum) += histogram[v] * value;
    }
    Classes c;
    if (dark > 0 && light > 0) {
        c.dark_mean = dark_sum / dark;
        c.light_mean = light_sum / light;
        c.between = dark * light * (c.light_mean - c.dark_mean) * (c.light_mean - c.dark_mean);
    }
    return c;
}

double otsu_of(const Histogram& histogram) {
    double best = 127, best_between = -1;
    for (int t = 0; t < 255; ++t)
        if (const double between = classes_at(histogram, t).between; between > best_between) {
            best = t;
            best_between = between;
        }
    return best;
}

/// @param darkest  what is darker counts as black, whatever its hue
bool is_nearly_grey(const Image& image, int darkest) {
    std::size_t coloured = 0, seen = 0;
    for (std::size_t i = 0; i < image.pixels(); i += 7, ++seen) {
        const Rgb c = pixel(image, i);
        const int most = std::max({c.red, c.green, c.blue});
        coloured += most >= darkest && most - std::min({c.red, c.green, c.blue}) > 28;
    }
    return coloured * 50 < seen;
}

std::string hex(Rgb c) {
    char text[8];
    std::snprintf(text, sizeof text, "#%02X%02X%02X", c.red, c.green, c.blue);
    return text;
}

Coverage by_brightness(const Image& image, double threshold, const Work& work) {
    const Classes classes = classes_at(grey_histogram(image), threshold);
    std::array<std::uint8_t, 256> share{};
    for (std::size_t v = 0; v < share.size(); ++v) {
        const double value = static_cast<double>(v);
        // Half covered at the threshold, full at the ink's mean, none at the paper's.
        const double darker = std::max(1.0, threshold - classes.dark_mean);
        const double lighter = std::max(1.0, classes.light_mean - threshold);
        const double half =
            value <= threshold ? 0.5 + 0.5 * (threshold - value) / darker : 0.5 - 0.5 * (value - threshold) / lighter;
        share[v] = static_cast<std::uint8_t>(std::lround(255 * std::clamp(half, 0.0, 1.0)));
    }
    Coverage coverage(image.width, image.height);
    for_pixels(image.width, image.height, work, [&](std::size_t from, std::size_t to) {
        const std::uint8_t* const rgba = image.rgba.data();
        std::uint8_t* const __restrict value = coverage.values.data();
        for (std::size_t i = from; i < to; ++i)
            value[i] = share[static_cast<std::size_t>(grey({rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]}))];
    });
    return coverage;
}

/// Which of a few colours a pixel is nearly. Pictures repeat their colours, so the last answers are remembered.
class NearestArt {
  public:
    NearestArt(const std::vector<Rgb>& colours, double tolerance) : limit(tolerance), answers(slots) {
        constexpr double rounding = 1e-6;
        for (const Rgb c : colours) {
            const Lab lab = to_lab(c);
            known.push_back({lab, luminance_of(lab.lightness - tolerance - rounding),
                             luminance_of(lab.lightness + tolerance + rounding)});
            darkest = std::min(darkest, known.back().darkest);
            lightest = std::max(lightest, known.back().lightest);
        }
    }
    /// Its place plus one, or 0 for none.
    std::uint8_t operator()(Rgb c) {
        const std::uint32_t key = (std::uint32_t{c.red} << 16 | std::uint32_t{c.green} << 8 | c.blue) + 1;
        // Most of what is none of them is told by its lightness.
        const double light = luminance(c);
        if (light < darkest || light > lightest)
            return 0;
        Answer& answer = answers[(key * 2654435761U) >> 20];
        if (answer.key != key)
            answer = {key, look(c, light)};
        return answer.colour;
    }

  private:
    struct Answer {
        std::uint32_t key = 0; // the colour plus one; 0 is empty
        std::uint8_t colour = 0;
    };
    struct Known {
        Lab colour;
        double darkest, lightest; ///< luminance that colours within the limit may have
    };
    static constexpr std::size_t slots = 1 << 12;
    double limit;
    std::vector<Known> known;
    double darkest = 2, lightest = -1; ///< of all of them
    std::vector<Answer> answers;

    [[nodiscard]] std::uint8_t look(Rgb c, double light) const {
        if (std::ranges::none_of(known, [light](const Known& k) { return k.darkest <= light && light <= k.lightest; }))
            return 0;
        const Lab lab = to_lab(c);
        double nearest = limit;
        std::uint8_t found = 0;
        for (std::size_t k = 0; k < known.size(); ++k)
            if (const double d = colour_difference(known[k].colour, lab); d <= nearest) {
                nearest = d;
                found = static_cast<std::uint8_t>(k + 1);
            }
        return found;
    }
};

/// Parting by colour: which pixels are of a picked colour, then how much of each pixel at their edges is.
class ColourParting {
  public:
    ColourParting(const Image& source, double colour_tolerance)
        : image(source), tolerance(colour_tolerance), colour_at(source.pixels()) {}

    void mark_everywhere(const std::vector<Rgb>& wanted, const Work& work) {
        colours = wanted;
        for_pixels(image.width, image.height, work, [&](std::size_t from, std::size_t to) {
            NearestArt nearest(colours, tolerance);
            const std::uint8_t* const rgba = image.rgba.data();
            std::uint8_t* const __restrict out = colour_at.data();
            for (std::size_t i = from; i < to; ++i)
                out[i] = rgba[4 * i + 3] == 0 ? 1 : nearest({rgba[4 * i], rgba[4 * i + 1], rgba[4 * i + 2]});
        });
    }
    /// Leaves only what is joined to the picture's edge.
    void keep_outer_only(const Work& work) {
        PixelBytes outer = PixelBytes::unset(colour_at.size());
        const auto for_all = [&](const Work& its, auto&& each) {
            for_pixels(image.width, image.height, its, [&](std::size_t from, std::size_t to) {
                std::uint8_t* const colour = colour_at.data();
                std::uint8_t* const __restrict is_outer = outer.data();
                for (std::size_t i = from; i < to; ++i)
                    each(colour[i], is_outer[i]);
            });
        };
        for_all(work.part(0, 0.3),
                [](std::uint8_t& colour, std::uint8_t& is_outer) { is_outer = colour != 0 ? 255 : 0; });
        keep_outer(outer, image.width, work.part(0.3, 0.7));
        for_all(work.part(0.7, 1), [](std::uint8_t& colour, std::uint8_t& is_outer) { colour &= is_outer; });
    }
    /// Adds the patch of one even colour round a place.
    void mark_pocket(PixelPlace place) {
        if (place.x < 0 || place.y < 0 || place.x >= image.width || place.y >= image.height || colours.size() > 250)
            return;
        const std::size_t start = at(place.x, place.y);
        NearestArt nearest({pixel(image, start)}, tolerance);
        const auto reached = flooded(image.width, image.height, {start}, [&](std::size_t i) {
            return colour_at[i] == 0 && image.rgba[4 * i + 3] > 0 && nearest(pixel(image, i)) != 0;
        });
        colours.push_back(pixel(image, start));
        for (std::size_t i = 0; i < reached.size(); ++i)
            if (reached[i])
                colour_at[i] = static_cast<std::uint8_t>(colours.size());
    }

    /// How much of each pixel is something else than the picked colours.
    [[nodiscard]] Coverage others(const Work& work) {
        find_sure_others(work.part(0, 0.2));
        Coverage result(image.width, image.height);
        for_bands(image.height, work.part(0.2, 1), [&](int first, int last) {
            KindsInRow kinds(image.width);
            for (int y = first; y < last; ++y) {
                std::uint8_t* const out = result.row(y);
                const auto look = [&](int x) { out[x] = share(x, y); };
                if (y >= 2 && y + 2 < image.height) {
                    kinds.look_at(colour_at, y, out);
                    kinds.for_mixed(look);
                } else {
                    for (int x = 0; x < image.width; ++x)
                        look(x);
                }
            }
        });
        return result;
    }

    std::vector<Rgb> colours;

    [[nodiscard]] std::vector<std::uint8_t> take_map() { return std::move(colour_at); }

  private:
    const Image& image;
    double tolerance;
    std::vector<std::uint8_t> colour_at; // place in `colours` plus one, or 0
    PixelBytes is_sure_other;

    [[nodiscard]] std::size_t at(int x, int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) + static_cast<std::size_t>(x);
    }
    [[nodiscard]] bool is_picked(int x, int y) const { return colour_at[at(x, y)] != 0; }

    /// Most pixels have only their own kind within two pixels all around: then none of them is mixed. Told for a row at
    /// a time, which is quick.
    class KindsInRow {
      public:
        explicit KindsInRow(int width) : any(static_cast<std::size_t>(width)), every(any.size()), mixed(any.size()) {}
        /// @param map  of a picture that has two rows more above and below y
        /// @param out  gets 0 where all are picked, 255 elsewhere
        void look_at(const std::vector<std::uint8_t>& map, int y, std::uint8_t* out) {
            std::ranges::fill(any, std::uint8_t{0});
            std::ranges::fill(every, std::uint8_t{255});
            const std::size_t width = any.size();
            std::uint8_t* const __restrict ors = any.data(), * const __restrict ands = every.data();
            for (int v = y - 2; v <= y + 2; ++v) {
                const std::uint8_t* const row = map.data() + static_cast<std::size_t>(v) * width;
                for (std::size_t x = 0; x < width; ++x) {
                    const std::uint8_t is_picked = row[x] != 0 ? 255 : 0;
                    ors[x] = ors[x] | is_picked;
                    ands[x] = ands[x] & is_picked;
                }
            }
            std::ranges::fill(mixed, std::uint8_t{255}); // the picture's sides are for who asks
            std::uint8_t* const __restrict differs = mixed.data(), * const __restrict is_other = out;
            for (std::size_t x = 2; x + 2 < width; ++x) {
                const std::uint8_t *const a = ors + x, *const e = ands + x;
                const auto all = static_cast<std::uint8_t>(e[-2] & e[-1] & e[0] & e[1] & e[2]);
                differs[x] = static_cast<std::uint8_t>((a[-2] | a[-1] | a[0] | a[1] | a[2]) & ~all);
                is_other[x] = static_cast<std::uint8_t>(~all);
            }
        }
        /// Calls `each(x)` for the pixels that are, or may be, mixed.
        template <typename Each> void for_mixed(Each&& each) const {
            for_runs_of(255, std::span(mixed), [&](std::size_t first, std::size_t last) {
                for (std::size_t x = first; x < last; ++x)
                    each(static_cast<int>(x));
            });
        }

      private:
        std::vector<std::uint8_t> any, every; ///< of the five pixels in each column
        std::vector<std::uint8_t> mixed;
    };

    /// Does any pixel within `reach` differ in kind from (x, y)?
    [[nodiscard]] bool touches_other_kind(int x, int y, int reach) const {
        const bool kind = is_picked(x, y);
        for (int v = std::max(0, y - reach); v <= std::min(image.height - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(image.width - 1, x + reach); ++u)
                if (is_picked(u, v) != kind)
                    return true;
        return false;
    }
    [[nodiscard]] std::uint8_t share(int x, int y) const {
        const bool picked = is_picked(x, y);
        if (!touches_other_kind(x, y, picked ? 1 : 2))
            return picked ? 0 : 255;
        const Rgb base = colours[colour_near(colour_at, {image.width, image.height}, x, y) - 1U];
        const auto other = sure_other_near(x, y, base);
        if (!other)
            return picked ? 0 : 255;
        const Rgb c = pixel(image, at(x, y));
        const std::array<double, 3> line{double(other->red) - base.red, double(other->green) - base.green,
                                         double(other->blue) - base.blue};
        const std::array<double, 3> here{double(c.red) - base.red, double(c.green) - base.green,
                                         double(c.blue) - base.blue};
        double along = 0, length = 0;
        for (std::size_t k = 0; k < 3; ++k) {
            along += here[k] * line[k];
            length += line[k] * line[k];
        }
        const double part = std::clamp(along / std::max(1.0, length), 0.0, 1.0);
        constexpr double noise = 0.04; // what the grain of paper and JPEG amounts to
        return static_cast<std::uint8_t>(std::lround(255 * (part < noise ? 0 : part > 1 - noise ? 1 : part)));
    }
    /// The nearest pixel that is of another colour through and through, or for thin lines the one that differs most.
    /// @param base  the picked colour here
    [[nodiscard]] std::optional<Rgb> sure_other_near(int x, int y, Rgb base) const {
        constexpr int reach = 3;
        static const auto nearest_first = [] {
            std::vector<PixelPlace> places;
            for (int v = -reach; v <= reach; ++v)
                for (int u = -reach; u <= reach; ++u)
                    places.push_back({u, v});
            std::ranges::stable_sort(places, {}, [](const PixelPlace& p) { return p.x * p.x + p.y * p.y; });
            return places;
        }();
        const auto is_inside = [&](int u, int v) { return u >= 0 && v >= 0 && u < image.width && v < image.height; };
        for (const PixelPlace& p : nearest_first)
            if (is_inside(x + p.x, y + p.y) && is_sure_other[at(x + p.x, y + p.y)])
                return pixel(image, at(x + p.x, y + p.y));
        std::optional<Rgb> strongest;
        double strongest_difference = 0;
        for (int v = std::max(0, y - reach); v <= std::min(image.height - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(image.width - 1, x + reach); ++u) {
                if (is_picked(u, v))
                    continue;
                const Rgb c = pixel(image, at(u, v));
                if (const double d = std::hypot(c.red - base.red, c.green - base.green, c.blue - base.blue);
                    d > strongest_difference) {
                    strongest = c;
                    strongest_difference = d;
                }
            }
        return strongest;
    }
    /// Finds the pixels that have no picked one round them.
    void find_sure_others(const Work& work) {
        is_sure_other = PixelBytes::unset(colour_at.size());
        for_bands(image.height, work, [&](int first, int last) {
            const auto width = static_cast<std::size_t>(image.width);
            std::vector<std::uint8_t> any(width + 2); // picked, of three in each column, with a column on either side
            std::uint8_t* const __restrict column = any.data();
            for (int y = first; y < last; ++y) {
                std::ranges::fill(any, std::uint8_t{0});
                for (int v = std::max(0, y - 1); v <= std::min(image.height - 1, y + 1); ++v) {
                    const std::uint8_t* const row = colour_at.data() + at(0, v);
                    for (std::size_t x = 0; x < width; ++x)
                        column[x + 1] = column[x + 1] | row[x];
                }
                std::uint8_t* const __restrict out = is_sure_other.data() + at(0, y);
                for (std::size_t x = 0; x < width; ++x)
                    out[x] = (column[x] | column[x + 1] | column[x + 2]) == 0;
            }
        });
    }
};

constexpr int evened_black = 110; ///< dark inks under a shadow have hues that mean nothing

/// Evening makes a camera's noise stronger in shadows, so there the picture is looked at smaller.
bool is_in_grey(const Image& image, bool is_evened) {
    if (!is_evened)
        return is_nearly_grey(image, 0);
    constexpr int look_px = 400;
    return is_nearly_grey(reduced(image, std::max(3, std::max(image.width, image.height) / look_px)), evened_black);
}

/// Halfway between the paper and the ink where it is solid: thin lines and blurred ones have few such pixels, so the
/// mean of all that is dark would make them too wide.
double half_ink(const Image& image) {
    const Histogram histogram = grey_histogram(image);
    const double parts = otsu_of(histogram);
    double dark = 0, seen = 0;
    for (std::size_t v = 0; v <= static_cast<std::size_t>(parts); ++v)
        dark += histogram[v];
    double ink = 0;
    constexpr double solid = 0.3; // share of the dark pixels that are surely solid
    for (std::size_t v = 0; v < histogram.size() && seen <= solid * dark; ++v) {
        ink = static_cast<double>(v);
        seen += histogram[v];
    }
    const Classes classes = classes_at(histogram, parts);
    return (ink + classes.light_mean) / 2;
}

/// Is there much that is neither paper nor ink nor the soft edge of ink? Brightness alone would leave that out: grey
/// tones, and what is lighter than the paper.
/// @param ink    grey value below which a pixel is ink
/// @param grain  what the ground's own colours differ by
bool has_other_tones(const Image& image, double ink, int paper, double grain) {
    constexpr double clean = 1.5;
    const bool is_clean = grain < clean;
    const int clearly = is_clean ? 10 : 40; // values
    constexpr int lighter = 30;             // values; JPEG and sharpening make less beside ink
    // px from ink to paper; where little counts, to the foot of a blurred edge
    const int reach = std::max(4, is_clean ? static_cast<int>(std::ceil(0.75 * width_of_edges(image))) : 0);
    const auto grey_at = [&](int x, int y) {
        return grey(pixel(image, static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) +
                                     static_cast<std::size_t>(x)));
    };
    const auto has_ink_near = [&](int x, int y) {
        for (int v = -reach; v <= reach; v += reach / 2)
            for (int u = -reach; u <= reach; u += reach / 2)
                if (grey_at(x + u, y + v) <= ink)
                    return true;
        return false;
    };
    std::size_t half_tones = 0, lights = 0, inks = 0;
    constexpr int step = 3;
    for (int y = reach; y < image.height - reach; y += step)
        for (int x = reach; x < image.width - reach; x += step) {
            const int value = grey_at(x, y);
            inks += value <= ink;
            lights += value > paper + lighter;
            half_tones += value > ink && value < paper - clearly && !has_ink_near(x, y);
        }
    constexpr std::size_t half_part = 6, light_part = 100; // of as much as there is of ink; lights may be a rim
    return half_tones * half_part > inks || lights * light_part > inks;
}

/// Is there anything in the picture besides its edge's colour?
bool is_one_colour(const Image& image, Rgb colour, double tolerance) {
    NearestArt nearest({colour}, tolerance);
    for (std::size_t i = 0; i < image.pixels(); ++i)
        if (nearest(pixel(image, i)) == 0)
            return false;
    return true;
}

} // namespace

EdgeColour edge_colour(const Image& image) {
    const auto edge = edge_pixels(image.width, image.height);
    const auto middle = [&](auto channel) {
        std::vector<std::uint8_t> values;
        values.reserve(edge.size());
        for (const std::size_t i : edge)
            values.push_back(pixel(image, i).*channel);
        std::nth_element(values.begin(), values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2), values.end());
        return values[values.size() / 2];
    };
    EdgeColour result{{middle(&Rgb::red), middle(&Rgb::green), middle(&Rgb::blue)}};
    const Lab lab = to_lab(result.colour);
    std::vector<double> near;
    for (const std::size_t i : edge)
        if (const double d = colour_difference(lab, to_lab(pixel(image, i))); d < 15)
            near.push_back(d);
    result.share = static_cast<double>(near.size()) / static_cast<double>(edge.size());
    if (!near.empty()) {
        const auto at = near.begin() + static_cast<std::ptrdiff_t>(near.size() * 19 / 20);
        std::nth_element(near.begin(), at, near.end());
        result.spread = *at;
    }
    return result;
}

double otsu_threshold(const Image& image) {
    return otsu_of(grey_histogram(image));
}

Offer offer(const Image& image, const BackgroundSettings& settings, bool may_be_subject) {
    Offer result{settings, {}};
    BackgroundSettings& s = result.settings;
    if (s.source == Source::automatic) {
        const EdgeColour edge = image.empty() ? EdgeColour{} : edge_colour(image);
        const double spread = std::max(s.tolerance, 2 * edge.spread);
        if (alpha_content(image) != AlphaContent::opaque) {
            s.source = Source::alpha;
            result.why = "Clear around the art already, so its edge is known."_said;
        } else if (edge.share < one_colour && may_be_subject && stands_out(image)) {
            s.source = Source::subject;
            result.why = "Many colours along its edge, so what stands out from them is taken."_said;
        } else if (edge.share < one_colour) {
            s.source = Source::alpha;
            result.why = "No transparency and no single colour along its edge, so the whole picture counts."_said;
        } else if (is_one_colour(image, edge.colour, spread)) {
            s.source = Source::alpha;
            result.why = "All of it is {colour}, so the whole picture counts."_said.with("colour", hex(edge.colour));
        } else if (is_in_grey(image, s.light.light == Light::even) && to_lab(edge.colour).lightness > 60 &&
                   !has_other_tones(image, half_ink(image), grey(edge.colour), edge.spread)) {
            s.source = Source::brightness;
            result.why = "Dark on light paper, so brightness tells them apart."_said;
        } else {
            s.source = Source::colour;
            if (s.colours.empty())
                s.colours = {edge.colour};
            // Cameras' JPEG spreads colours beyond edges, over eight pixels and more.
            constexpr double photograph = 18;
            s.tolerance = s.light.light == Light::even ? std::max(photograph, spread) : spread;
            result.why = "Its edge is nearly all {colour}, so that colour is taken away."_said.with(
                "colour", hex(s.colours.front()));
        }
    }
    if (s.source == Source::colour && s.colours.empty() && !image.empty())
        s.colours = {edge_colour(image).colour};
    if (s.source == Source::brightness && !s.brightness)
        s.brightness = s.light.light == Light::even ? half_ink(image) : otsu_threshold(image);
    return result;
}

BackgroundSettings seen_from(BackgroundSettings settings, PixelPlace origin, double factor) {
    const auto place = [&](int v, int from) { return static_cast<int>(std::floor((v - from) / factor)); };
    for (PixelPlace& p : settings.pockets_at)
        p = {place(p.x, origin.x), place(p.y, origin.y)};
    for (Stroke& stroke : settings.strokes) {
        stroke.size /= factor;
        for (PicturePoint& p : stroke.points)
            p = {(p.x - origin.x) / factor, (p.y - origin.y) / factor};
    }
    for (auto* box : {&settings.focus, &settings.subject_box})
        if (*box) {
            const PixelBox& f = **box;
            const int left = place(f.x, origin.x), top = place(f.y, origin.y);
            *box = PixelBox{left, top, place(f.x + f.width, origin.x) - left, place(f.y + f.height, origin.y) - top};
        }
    if (auto& piece = settings.piece)
        piece = PieceChoice{{place(piece->at.x, origin.x), place(piece->at.y, origin.y)}, piece->apart / factor};
    return settings;
}

CutOut cut_out(const Image& image, const BackgroundSettings& chosen, const Work& work, Care care) {
    CutOut cut;
    const bool by_colour = chosen.source == Source::colour && !chosen.colours.empty();
    cut.use = by_colour ? chosen.use : ColourUse::take_away;
    if (by_colour || !chosen.pockets_at.empty()) {
        ColourParting parting(image, chosen.tolerance);
        if (by_colour)
            parting.mark_everywhere(chosen.colours, work.part(0, 0.3));
        if (by_colour && cut.use == ColourUse::take_away && !chosen.pockets)
            parting.keep_outer_only(work.part(0.3, 0.4));
        if (cut.use == ColourUse::take_away)
            for (const PixelPlace place : chosen.pockets_at)
                parting.mark_pocket(place);
        work.at(0.4);
        if (!parting.colours.empty()) {
            cut.coverage = parting.others(work.part(0.4, 0.7));
            const bool is_evened = chosen.light.light == Light::even;
            if (by_colour && cut.use == ColourUse::take_away && (is_evened || parting.colours.size() == 1))
                place_soft_edges(image, chosen.colours.front(), cut.coverage, is_evened, work.part(0.7, 0.8));
            cut.colours = parting.colours;
            cut.colour_at = parting.take_map();
        }
        if (cut.use == ColourUse::keep_only)
            for (std::uint8_t& value : cut.coverage.values)
                value = static_cast<std::uint8_t>(255 - value);
    }
    if (!by_colour) {
        Coverage base;
        if (chosen.source == Source::subject) {
            Subject subject = subject_of(image, chosen.subject_box, chosen.strokes, work.part(0, 0.8), care);
            base = std::move(subject.coverage);
            cut.ground = std::move(subject.ground);
        } else {
            base = chosen.source == Source::brightness
                       ? by_brightness(image, chosen.brightness.value_or(127), work.part(0, 0.8))
                       : coverage_of_alpha(image);
        }
        for (std::size_t i = 0; i < cut.coverage.values.size(); ++i)
            base.values[i] = std::min(base.values[i], cut.coverage.values[i]);
        cut.coverage = std::move(base);
    }
    if (chosen.source != Source::alpha) // what is see-through stays so, however the rest is told apart
        for_pixels(image.width, image.height, work.part(0.8, 0.9), [&](std::size_t from, std::size_t to) {
            const std::uint8_t* const rgba = image.rgba.data();
            std::uint8_t* const __restrict value = cut.coverage.values.data();
            for (std::size_t i = from; i < to; ++i)
                value[i] = static_cast<std::uint8_t>((value[i] * rgba[4 * i + 3] + 127) / 255);
        });
    if (chosen.fill_inside)
        fill_inside(cut.coverage);
    for (const Stroke& stroke : chosen.strokes) {
        work.at(0.9);
        if (stroke.kind == Stroke::Kind::add || stroke.kind == Stroke::Kind::erase)
            brush(cut.coverage, stroke);
    }
    if (chosen.focus)
        restrict_to(cut.coverage, *chosen.focus);
    if (chosen.piece)
        keep_piece(cut.coverage, *chosen.piece);
    work.at(1);
    return cut;
}

std::uint8_t colour_near(const std::vector<std::uint8_t>& map, PixelPlace size, int x, int y) {
    for (int reach = 0; reach <= 2; ++reach)
        for (int v = std::max(0, y - reach); v <= std::min(size.y - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(size.x - 1, x + reach); ++u)
                if (const std::uint8_t c = map[static_cast<std::size_t>(v) * static_cast<std::size_t>(size.x) +
                                               static_cast<std::size_t>(u)])
                    return c;
    return 0;
}

} // namespace fusuma
