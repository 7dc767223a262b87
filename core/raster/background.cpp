#include "core/raster/background.h"

#include "core/raster/alpha.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
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

/// Pixels along the four sides, as indices.
std::vector<std::size_t> edge_pixels(const Image& image) {
    std::vector<std::size_t> edge;
    const auto w = static_cast<std::size_t>(image.width), h = static_cast<std::size_t>(image.height);
    for (std::size_t x = 0; x < w; ++x) {
        edge.push_back(x);
        edge.push_back((h - 1) * w + x);
    }
    for (std::size_t y = 1; y + 1 < h; ++y) {
        edge.push_back(y * w);
        edge.push_back(y * w + w - 1);
    }
    return edge;
}

struct EdgeColour {
    Rgb colour;
    double share = 0;  ///< of the edge's pixels that are near it
    double spread = 0; ///< difference within which nineteen in twenty of those lie
};

EdgeColour edge_colour(const Image& image) {
    const auto edge = edge_pixels(image);
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

bool is_nearly_grey(const Image& image) {
    std::size_t coloured = 0, seen = 0;
    for (std::size_t i = 0; i < image.pixels(); i += 7, ++seen) {
        const Rgb c = pixel(image, i);
        coloured += std::max({c.red, c.green, c.blue}) - std::min({c.red, c.green, c.blue}) > 28;
    }
    return coloured * 50 < seen;
}

std::string hex(Rgb c) {
    char text[8];
    std::snprintf(text, sizeof text, "#%02X%02X%02X", c.red, c.green, c.blue);
    return text;
}

Coverage by_brightness(const Image& image, double threshold) {
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
    for (std::size_t i = 0; i < coverage.values.size(); ++i)
        coverage.values[i] = image.rgba[4 * i + 3] == 0 ? 0 : share[static_cast<std::size_t>(grey(pixel(image, i)))];
    return coverage;
}

/// Taking one colour away: which pixels are background, then how much of each edge pixel is.
class ColourRemoval {
  public:
    ColourRemoval(const Image& source, Rgb background, double tolerance)
        : image(source), paper(background), paper_lab(to_lab(background)), limit(tolerance), is_paper(source.pixels()) {
        // Neighbouring pixels are mostly alike, so remember the last answer.
        Rgb last = background;
        bool last_answer = true;
        for (std::size_t i = 0; i < is_paper.size(); ++i) {
            if (const Rgb c = pixel(image, i); !(c == last)) {
                last = c;
                last_answer = colour_difference(paper_lab, to_lab(c)) <= limit;
            }
            is_paper[i] = last_answer || image.rgba[4 * i + 3] == 0;
        }
    }

    /// Leaves only the paper that is joined to the picture's edge.
    void keep_outer_only() {
        std::vector<char> reached(is_paper.size());
        std::vector<std::size_t> open;
        const auto reach = [&](std::size_t i) {
            if (is_paper[i] && !reached[i]) {
                reached[i] = 1;
                open.push_back(i);
            }
        };
        for (const std::size_t i : edge_pixels(image))
            reach(i);
        const auto w = static_cast<std::size_t>(image.width);
        while (!open.empty()) {
            const std::size_t i = open.back();
            open.pop_back();
            if (i % w > 0)
                reach(i - 1);
            if (i % w + 1 < w)
                reach(i + 1);
            if (i >= w)
                reach(i - w);
            if (i + w < is_paper.size())
                reach(i + w);
        }
        is_paper = std::move(reached);
    }

    [[nodiscard]] Coverage coverage() const {
        Coverage result(image.width, image.height);
        for (int y = 0; y < image.height; ++y)
            for (int x = 0; x < image.width; ++x)
                result.row(y)[x] = share(x, y);
        return result;
    }

  private:
    const Image& image;
    Rgb paper;
    Lab paper_lab;
    double limit;
    std::vector<char> is_paper;

    [[nodiscard]] std::size_t at(int x, int y) const {
        return static_cast<std::size_t>(y) * static_cast<std::size_t>(image.width) + static_cast<std::size_t>(x);
    }
    /// How many of the pixels within `reach` differ in kind from (x, y)? Any is enough.
    [[nodiscard]] bool touches_other_kind(int x, int y, int reach) const {
        const bool kind = is_paper[at(x, y)];
        for (int v = std::max(0, y - reach); v <= std::min(image.height - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(image.width - 1, x + reach); ++u)
                if (static_cast<bool>(is_paper[at(u, v)]) != kind)
                    return true;
        return false;
    }
    [[nodiscard]] std::uint8_t share(int x, int y) const {
        const bool background = is_paper[at(x, y)];
        if (!touches_other_kind(x, y, background ? 1 : 2))
            return background ? 0 : 255;
        const auto art = sure_art_near(x, y);
        if (!art)
            return background ? 0 : 255;
        const Rgb c = pixel(image, at(x, y));
        const std::array<double, 3> line{double(art->red) - paper.red, double(art->green) - paper.green,
                                         double(art->blue) - paper.blue};
        const std::array<double, 3> here{double(c.red) - paper.red, double(c.green) - paper.green,
                                         double(c.blue) - paper.blue};
        double along = 0, length = 0;
        for (std::size_t k = 0; k < 3; ++k) {
            along += here[k] * line[k];
            length += line[k] * line[k];
        }
        const double part = std::clamp(along / std::max(1.0, length), 0.0, 1.0);
        constexpr double noise = 0.04; // what the grain of paper and JPEG amounts to
        return static_cast<std::uint8_t>(std::lround(255 * (part < noise ? 0 : part > 1 - noise ? 1 : part)));
    }
    /// The nearest pixel that is art through and through, or for thin lines the one farthest from the paper's colour.
    [[nodiscard]] std::optional<Rgb> sure_art_near(int x, int y) const {
        constexpr int reach = 3;
        std::optional<Rgb> nearest, strongest;
        int nearest_squared = 2 * reach * reach + 1;
        double strongest_difference = 0;
        for (int v = std::max(0, y - reach); v <= std::min(image.height - 1, y + reach); ++v)
            for (int u = std::max(0, x - reach); u <= std::min(image.width - 1, x + reach); ++u) {
                if (is_paper[at(u, v)])
                    continue;
                const int squared = (u - x) * (u - x) + (v - y) * (v - y);
                const Rgb c = pixel(image, at(u, v));
                if (squared < nearest_squared && !touches_other_kind(u, v, 1)) {
                    nearest = c;
                    nearest_squared = squared;
                }
                if (const double d = std::hypot(c.red - paper.red, c.green - paper.green, c.blue - paper.blue);
                    d > strongest_difference) {
                    strongest = c;
                    strongest_difference = d;
                }
            }
        return nearest ? nearest : strongest;
    }
};

void restrict_to(Coverage& coverage, const Focus& focus) {
    for (int y = 0; y < coverage.height; ++y)
        for (int x = 0; x < coverage.width; ++x)
            if (x < focus.x || y < focus.y || x >= focus.x + focus.width || y >= focus.y + focus.height)
                coverage.row(y)[x] = 0;
}

} // namespace

double otsu_threshold(const Image& image) {
    return otsu_of(grey_histogram(image));
}

Offer offer(const Image& image, const BackgroundSettings& settings) {
    Offer result{settings, {}};
    BackgroundSettings& s = result.settings;
    if (s.source == Source::automatic) {
        const EdgeColour edge = image.empty() ? EdgeColour{} : edge_colour(image);
        if (alpha_content(image) != AlphaContent::opaque) {
            s.source = Source::alpha;
            result.why = "Clear around the art already, so its edge is known.";
        } else if (edge.share < 0.7) {
            s.source = Source::alpha;
            result.why = "No transparency and no single colour along its edge, so the whole picture counts.";
        } else if (is_nearly_grey(image) && to_lab(edge.colour).lightness > 60) {
            s.source = Source::brightness;
            result.why = "Dark on light paper, so brightness tells them apart.";
        } else {
            s.source = Source::colour;
            s.colour = s.colour.value_or(edge.colour);
            s.tolerance = std::max(s.tolerance, 2 * edge.spread);
            result.why = "Its edge is nearly all " + hex(*s.colour) + ", so that colour is taken away.";
        }
    }
    if (s.source == Source::colour && !s.colour)
        s.colour = edge_colour(image).colour;
    if (s.source == Source::brightness && !s.brightness)
        s.brightness = otsu_threshold(image);
    return result;
}

Coverage coverage_of(const Image& image, const BackgroundSettings& chosen) {
    Coverage coverage;
    if (chosen.source == Source::brightness) {
        coverage = by_brightness(image, chosen.brightness.value_or(127));
    } else if (chosen.source == Source::colour) {
        ColourRemoval removal(image, chosen.colour.value_or(Rgb{255, 255, 255}), chosen.tolerance);
        if (!chosen.pockets)
            removal.keep_outer_only();
        coverage = removal.coverage();
    } else {
        coverage = coverage_of_alpha(image);
    }
    if (chosen.focus)
        restrict_to(coverage, *chosen.focus);
    return coverage;
}

Image isolated(const Image& image, const Coverage& coverage, std::optional<Rgb> background) {
    Image result = image;
    for (std::size_t i = 0; i < coverage.values.size(); ++i) {
        const double share = coverage.values[i] / 255.0;
        result.rgba[4 * i + 3] = coverage.values[i];
        if (!background || share <= 0.02 || share >= 1)
            continue;
        const std::array<double, 3> paper{double(background->red), double(background->green), double(background->blue)};
        for (std::size_t k = 0; k < 3; ++k)
            result.rgba[4 * i + k] = static_cast<std::uint8_t>(
                std::lround(std::clamp((image.rgba[4 * i + k] - (1 - share) * paper[k]) / share, 0.0, 255.0)));
    }
    return result;
}

} // namespace fusuma
