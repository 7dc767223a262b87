#include "cli/border_options.h"

#include <CLI/CLI.hpp>
#include <charconv>

namespace fusuma {

void add_border_options(CLI::App& app, StickerOptions& o) {
    app.add_option("--border", o.border, "border in mm, negative inward")->check(CLI::Range(-50.0, 50.0));
    app.add_option("--corners", o.corners, "round, mitre or bevel")->check(CLI::IsMember({"round", "mitre", "bevel"}));
    app.add_option("--mitre-limit", o.mitre_limit, "longest tip of a mitre as a multiple of the border's width")
        ->check(CLI::Range(1.0, 20.0));
    app.add_flag("--scale-border", o.scale_border, "the border grows with copies of another size");
    app.add_option("--holes", o.holes, "keep, close, or close-under=MM2");
    app.add_option("--close-hole", o.closed_holes,
                   "close the hole at X,Y (pixels), whatever --holes says; may be repeated")
        ->take_all();
    app.add_option("--keep-hole", o.kept_holes, "keep the hole at X,Y (pixels), whatever --holes says; may be repeated")
        ->take_all();
    app.add_option("--join", o.join, "pieces of the border closer than this many mm become one")
        ->check(CLI::Range(0.0, 100.0));
    app.add_flag("--one-border", o.one_border, "bridge all pieces, however far apart");
    app.add_option("--least-gap", o.least_gap, "fill inlets narrower than this many mm")->check(CLI::Range(0.0, 50.0));
    app.add_option("--least-tip", o.least_tip, "cut off spikes thinner than this many mm")
        ->check(CLI::Range(0.0, 50.0));
    app.add_option(
           "--rim", o.rims,
           "a printed rim inside the border as WIDTH,FILL, from the art outward, FILL as for --border-fill; may be "
           "repeated")
        ->take_all();
    app.add_option(
        "--border-fill", o.border_fill,
        "what the border is printed with: clear, art (its colours carried outward), #RRGGBB, or dots= or stripes= "
        "with #RRGGBB,#RRGGBB[,PITCH]");
    app.add_option("--bleed", o.bleed, "print continues this many mm past the cut line")->check(CLI::Range(0.0, 20.0));
    app.add_option("--bleed-with", o.bleed_with, "art (default) or rim: what the bleed is printed with")
        ->check(CLI::IsMember({"art", "rim"}));
    app.add_option("--line", o.lines,
                   "a further line to cut through points X,Y,X,Y,… (pixels), closed when it ends where it "
                   "begins; may be repeated")
        ->take_all();
    app.add_option("--leave-out", o.left_out, "do not cut the line nearest to X,Y (pixels); may be repeated")
        ->take_all();
}

std::vector<std::string> parts_of(const std::string& text) {
    std::vector<std::string> parts(1);
    for (const char c : text)
        if (c == ',')
            parts.emplace_back();
        else
            parts.back() += c;
    return parts;
}

std::optional<Rgb> parse_colour(const std::string& text) {
    unsigned rgb = 0;
    const char* first = text.data();
    const char* last = text.data() + text.size();
    first += first != last && *first == '#';
    const auto [end, error] = std::from_chars(first, last, rgb, 16);
    if (error != std::errc{} || end != last || last - first != 6)
        return std::nullopt;
    return Rgb{static_cast<std::uint8_t>(rgb >> 16), static_cast<std::uint8_t>(rgb >> 8 & 255),
               static_cast<std::uint8_t>(rgb & 255)};
}

std::optional<double> number_of(const std::string& text, double least, double most) {
    double value = 0;
    const auto [end, error] = std::from_chars(text.data(), text.data() + text.size(), value);
    const bool is_read = error == std::errc{} && end == text.data() + text.size();
    return is_read && value >= least && value <= most ? std::optional(value) : std::nullopt;
}

namespace {

/// Points as X,Y,X,Y,…
std::optional<std::vector<Point>> points_of(const std::string& text) {
    const std::vector<std::string> parts = parts_of(text);
    std::vector<Point> points;
    for (std::size_t i = 0; i + 1 < parts.size(); i += 2) {
        const auto x = number_of(parts[i], -1e6, 1e6), y = number_of(parts[i + 1], -1e6, 1e6);
        if (!x || !y)
            return std::nullopt;
        points.push_back({*x, *y});
    }
    return parts.size() % 2 == 0 ? std::optional(points) : std::nullopt;
}

} // namespace

std::optional<Fill> parse_fill(const std::string& text) {
    Fill fill;
    if (text == "clear" || text == "art") {
        fill.kind = text == "art" ? Fill::Kind::art : Fill::Kind::clear;
        return fill;
    }
    fill.kind = Fill::Kind::colour;
    const std::size_t equals = text.find('=');
    if (equals == std::string::npos) {
        const auto colour = parse_colour(text);
        fill.colour = colour.value_or(Rgb{});
        return colour ? std::optional(fill) : std::nullopt;
    }
    const std::string kind = text.substr(0, equals);
    const std::vector<std::string> parts = parts_of(text.substr(equals + 1));
    const auto first = parts.size() > 1 ? parse_colour(parts[0]) : std::nullopt;
    const auto second = parts.size() > 1 ? parse_colour(parts[1]) : std::nullopt;
    const auto pitch = parts.size() > 2 ? number_of(parts[2], least_pitch, 100) : std::optional(fill.pitch);
    const auto pattern = value_of<Pattern>(kind);
    if (!pattern || *pattern == Pattern::plain || !first || !second || !pitch || parts.size() > 3)
        return std::nullopt;
    fill.pattern = *pattern;
    fill.colour = *first;
    fill.second = *second;
    fill.pitch = *pitch;
    return fill;
}

namespace {

Outcome apply_holes(const StickerOptions& o, BorderSettings& border) {
    const std::string prefix = "close-under=";
    if (o.holes == "keep") {
        border.holes = Holes::keep;
    } else if (o.holes == "close") {
        border.holes = Holes::close;
    } else if (o.holes.starts_with(prefix)) {
        const auto area = number_of(o.holes.substr(prefix.size()), 0, 1e6);
        if (!area)
            return Problem{"--holes {holes}: give the area in mm², such as close-under=9."_said.with("holes", o.holes)};
        border.close_under = *area;
        border.holes = Holes::close_small;
    } else if (!o.holes.empty()) {
        return Problem{"--holes {holes}: give keep, close or close-under=MM2."_said.with("holes", o.holes)};
    }
    const auto add = [&](const char* option, const std::vector<std::string>& places, bool is_kept) -> Outcome {
        for (const std::string& text : places) {
            const auto points = points_of(text);
            if (!points || points->size() != 1)
                return Problem{
                    "{option} {words}: give X,Y in pixels, such as 100,80."_said.with("option", std::string(option))
                        .with("words", text)};
            border.by_hand.push_back({{points->front().x, points->front().y}, is_kept});
        }
        return Done{};
    };
    if (const Outcome closed = add("--close-hole", o.closed_holes, false); !closed)
        return closed;
    return add("--keep-hole", o.kept_holes, true);
}

Outcome apply_rims(const StickerOptions& o, Sticker& s) {
    const std::string hint = ": a fill is clear, art, #RRGGBB, dots=#RRGGBB,#RRGGBB,2 or stripes=#RRGGBB,#RRGGBB,2.";
    for (const std::string& text : o.rims) {
        const std::size_t comma = text.find(',');
        const auto width = number_of(text.substr(0, comma), 0, 50);
        const auto fill = comma == std::string::npos ? std::nullopt : parse_fill(text.substr(comma + 1));
        if (!width || !fill || s.rims.inner.size() >= most_rims)
            return Problem{
                "--rim {words}: give a width in mm and a fill, such as 1.5,#2E4A7D{hint}"_said.with("words", text)
                    .with("hint", hint)};
        s.rims.inner.push_back({*width, *fill});
    }
    if (!o.border_fill.empty()) {
        const auto fill = parse_fill(o.border_fill);
        if (!fill)
            return Problem{
                "--border-fill {border_fill}{hint}"_said.with("border_fill", o.border_fill).with("hint", hint)};
        s.rims.border = *fill;
    }
    if (o.bleed) {
        s.bleed.width = *o.bleed;
        s.bleed.kind = value_of<Bleed::Kind>(o.bleed_with).value_or(Bleed::Kind::art);
    } else if (!o.bleed_with.empty()) {
        return Problem{"--bleed-with {bleed_with}: give the width of the bleed with --bleed too."_said.with(
            "bleed_with", o.bleed_with)};
    }
    return Done{};
}

Outcome apply_lines(const StickerOptions& o, Sticker& s) {
    for (const std::string& text : o.lines) {
        const auto points = points_of(text);
        if (!points || points->size() < 2)
            return Problem{"--line {words}: give at least two points as X,Y,X,Y in pixels."_said.with("words", text)};
        FreeLine line{{points->front(), {}}, !(points->front() == points->back())};
        for (std::size_t i = 1; i < points->size(); ++i)
            line.path.segments.push_back(Segment::line_to((*points)[i]));
        s.hand.lines.push_back(std::move(line));
    }
    for (const std::string& text : o.left_out) {
        const auto points = points_of(text);
        if (!points || points->size() != 1)
            return Problem{"--leave-out {words}: give X,Y in pixels, such as 100,80."_said.with("words", text)};
    }
    return Done{};
}

} // namespace

Outcome apply_border(const StickerOptions& o, Sticker& s) {
    s.border.width = o.border.value_or(s.border.width);
    if (!o.corners.empty())
        s.border.corners = *value_of<Corners>(o.corners);
    s.border.mitre_limit = o.mitre_limit.value_or(s.border.mitre_limit);
    s.border.scales_with_art = o.scale_border;
    s.border.join = o.join.value_or(0);
    s.border.one_border = o.one_border;
    s.border.least_gap = o.least_gap.value_or(0);
    s.border.least_tip = o.least_tip.value_or(0);
    if (const Outcome holes = apply_holes(o, s.border); !holes)
        return holes;
    if (const Outcome rims = apply_rims(o, s); !rims)
        return rims;
    return apply_lines(o, s);
}

void leave_lines_out(const StickerOptions& o, Sticker& s) {
    Evaluator evaluator;
    for (const std::string& text : o.left_out) {
        const auto result = evaluator.evaluate(s);
        CutLines lines = result->cut->hand.lines;
        const Point place = result->outlined->from_picture.apply(points_of(text)->front());
        if (const auto nearest = nearest_place(lines, place))
            lines.erase(lines.begin() + static_cast<std::ptrdiff_t>(nearest->line));
        s.hand = hand_for(s, *result, lines);
    }
}

} // namespace fusuma
