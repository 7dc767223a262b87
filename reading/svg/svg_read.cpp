#include "reading/svg/svg_read.h"

#include "core/geometry/combine_curves.h"
#include "core/geometry/measure.h"
#include "core/label/label_shape.h"
#include "core/units.h"
#include "formats/fonts/fonts.h"
#include "reading/basics/seen_of.h"
#include "reading/svg/svg_document.h"
#include "reading/svg/svg_render.h"
#include "reading/svg/svg_shape.h"
#include "reading/svg/svg_style.h"

#include <QSet>
#include <QStringList>
#include <cmath>

namespace fusuma {

namespace {

constexpr double mm_per_unit = mm_per_inch / 96;
constexpr int most_parts = 100'000;
constexpr int most_used = 50'000; ///< elements drawn through use, so that uses of uses end
constexpr double hairline = 0.11; // mm: thinner than pens draw, so it is a line to cut

/// Where an element is drawn.
struct Place {
    Transform map; ///< to mm
    SvgStyle style;
    double opacity = 1;
    std::shared_ptr<const Outline> clip; ///< mm; null for none
    QStringList layers;
    int used = 0;     ///< how many uses it is within
    QString use_name; ///< of the use that draws it
};

double scale_of(const Transform& map) {
    return std::sqrt(std::abs(map.determinant()));
}

class Walker {
  public:
    Walker(SvgDocument& source, bool may_render, bool of_pdf = false)
        : document(source), renders(may_render), is_of_pdf(of_pdf) {}

    Result<ReadDrawing> read() {
        const auto size = document_size();
        if (!size)
            return size.problem();
        ReadDrawing drawing;
        page = *size;
        drawing.size = {page.width * mm_per_unit, page.height * mm_per_unit};
        Place place;
        place.map = Transform::scale(mm_per_unit, mm_per_unit);
        place.clip = std::make_shared<const Outline>(
            Outline{{contour_of(corners_of({{0, 0}, {drawing.size.width, drawing.size.height}}))}});
        place.style.measures = {page.width, page.height, 16};
        viewport(*document.root, place, page);
        if (parts.empty() && is_whole)
            return Problem{"holds nothing that can be drawn."_said};
        if (is_too_much)
            return Problem{"draws more than {most} shapes."_said.with("most", most_parts), "Simplify it first."_said};
        drawing.parts = std::move(parts);
        drawing.is_whole = is_whole;
        if (document.had_references)
            drawing.add_note("refers to other files, which are left out"_said);
        if (document.had_scripts)
            drawing.add_note("has scripts, which are ignored"_said);
        if (is_text_left_out)
            drawing.add_note("has a text of more than 20,000 letters, which is left out"_said);
        if (!missing_fonts.isEmpty()) {
            QStringList fonts(missing_fonts.begin(), missing_fonts.end());
            fonts.sort();
            drawing.add_note(
                "asks for fonts that are not here: {fonts}"_said.with("fonts", fonts.join(str(", ")).toStdString()));
        }
        return drawing;
    }

  private:
    SvgDocument& document;
    bool renders, is_of_pdf;
    Size page;
    std::vector<Part> parts;
    std::unique_ptr<SvgRenderer> renderer;
    QSet<QString> missing_fonts;
    bool is_too_much = false, is_text_left_out = false;
    bool is_whole = true; ///< see ReadDrawing
    int used_elements = 0;
    QSet<const SvgNode*> clips_in_work;

    Result<Size> document_size() {
        const SvgNode& root = *document.root;
        const std::vector<double> box = numbers(root.attribute(str("viewBox")));
        const bool has_box = box.size() == 4 && box[2] > 0 && box[3] > 0;
        // Percentages, and nothing at all, mean the view box; without one a browser's usual window.
        const SvgMeasures of{has_box ? box[2] : 300, has_box ? box[3] : 150, 16};
        const auto side = [&](const char* name, Along along) {
            QString text = root.attribute(str(name));
            return length_px(text.isEmpty() || text == str("auto") ? str("100%") : text, of, along).value_or(0);
        };
        Size size{side("width", Along::width), side("height", Along::height)};
        if (has_box && root.attribute(str("width")).isEmpty() != root.attribute(str("height")).isEmpty()) {
            if (root.attribute(str("width")).isEmpty())
                size.width = size.height * box[2] / box[3];
            else
                size.height = size.width * box[3] / box[2];
        }
        constexpr double least = 0.01, most = 100'000; // px
        if (!(size.width > least && size.height > least && size.width < most && size.height < most))
            return Problem{"states no size that can be used."_said, "Give it a width and a height."_said};
        return size;
    }

    /// The place that an element's children, or the element itself, are drawn in; nothing when it is not drawn at all.
    std::optional<Place> entered(const SvgNode& node, const Place& outer) {
        Place place = outer;
        if (node.property(str("display")) == str("none"))
            return std::nullopt;
        const QString transform = node.style.contains(str("transform")) ? node.style.value(str("transform"))
                                                                        : node.attribute(str("transform"));
        if (!transform.isEmpty() && transform != str("none")) {
            const auto map = transform_list(transform);
            if (!map || std::abs(map->determinant()) < 1e-12)
                return std::nullopt;
            place.map = map->then(place.map);
        }
        place.style = svg_style(node, outer.style);
        if (const QString v = node.property(str("opacity")); !v.isEmpty())
            place.opacity *= svg_share(v).value_or(1);
        place.opacity *= even_mask(node).value_or(1);
        return place;
    }

    /// The only element in another; null where there are more, or none.
    static const SvgNode* only_child(const SvgNode* node) {
        const SvgNode* only = nullptr;
        for (const auto& child : node->children) {
            if (child->name.isEmpty())
                continue;
            if (only)
                return nullptr;
            only = child.get();
        }
        return only;
    }

    /// What the element's mask lets through alike everywhere; nothing where it has none, or another. cairo writes
    /// groups that see through so: a rectangle of the page, of which a filter keeps the alpha alone.
    std::optional<double> even_mask(const SvgNode& node) const {
        const QString reference = node.property(str("mask"));
        const SvgNode* mask = reference.isEmpty() ? nullptr : document.find(reference);
        const SvgNode* group = mask && mask->name == str("mask") ? only_child(mask) : nullptr;
        const SvgNode* filter =
            group && group->name == str("g") ? document.find(group->property(str("filter"))) : nullptr;
        const SvgNode* matrix = filter && filter->name == str("filter") ? only_child(filter) : nullptr;
        static const std::vector<double> white{0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 1, 0};
        if (!matrix || matrix->name != str("feColorMatrix") || numbers(matrix->attribute(str("values"))) != white)
            return std::nullopt;
        const SvgNode* rect = only_child(group);
        if (!rect || rect->name != str("rect") || !rect->attribute(str("transform")).isEmpty() ||
            rect->attribute(str("width")) != document.root->attribute(str("width")).remove(str("pt")) ||
            rect->attribute(str("height")) != document.root->attribute(str("height")).remove(str("pt")))
            return std::nullopt;
        return svg_share(rect->property(str("fill-opacity"))).value_or(1);
    }

    // Groups.

    static QString own_name(const SvgNode& node) {
        for (const auto& child : node.children)
            if (child->name == str("title") && !child->text.trimmed().isEmpty())
                return child->text.simplified();
        for (const char* attribute : {"label", "aria-label", "id", "class"})
            if (const QString name = node.attribute(str(attribute)).simplified();
                !name.isEmpty() && !name.startsWith(str("fusuma-")))
                return name;
        return {};
    }

    void children(const SvgNode& node, const Place& place) {
        for (const auto& child : node.children)
            element(*child, place);
    }

    void viewport(const SvgNode& node, Place place, Size size) {
        place.style = svg_style(node, place.style);
        if (const QString v = node.property(str("opacity")); !v.isEmpty())
            place.opacity *= svg_share(v).value_or(1);
        const std::vector<double> box = numbers(node.attribute(str("viewBox")));
        if (box.size() == 4 && box[2] > 0 && box[3] > 0) {
            place.map = view_box(box, size, node.attribute(str("preserveAspectRatio"))).then(place.map);
            place.style.measures.width = box[2];
            place.style.measures.height = box[3];
        } else {
            place.style.measures.width = size.width;
            place.style.measures.height = size.height;
        }
        children(node, place);
    }

    /// A nested svg, or a symbol that is used.
    void inner_viewport(const SvgNode& node, Place place, const SvgNode* use) {
        const auto side = [&](const char* name, Along along, const char* usual) {
            QString text =
                use && !use->attribute(str(name)).isEmpty() ? use->attribute(str(name)) : node.attribute(str(name));
            if (text.isEmpty() || text == str("auto"))
                text = str(usual);
            return length_px(text, place.style.measures, along).value_or(0);
        };
        const Size size{side("width", Along::width, "100%"), side("height", Along::height, "100%")};
        if (!(size.width > 0 && size.height > 0))
            return;
        if (node.name == str("svg"))
            place.map =
                Transform::shift({length(node, "x", place, Along::width), length(node, "y", place, Along::height)})
                    .then(place.map);
        const QString overflow = node.property(str("overflow"));
        if (overflow != str("visible") && overflow != str("auto"))
            clip_to(place,
                    transformed(Outline{{contour_of(corners_of({{0, 0}, {size.width, size.height}}))}}, place.map));
        viewport(node, place, size);
    }

    void use(const SvgNode& node, Place place) {
        const SvgNode* target = document.find(node.attribute(str("href")));
        constexpr int deepest_use = 20;
        if (!target || place.used >= deepest_use)
            return;
        for (const SvgNode* n = &node; n; n = n->parent)
            if (n == target)
                return; // within itself
        ++place.used;
        if (const QString name = own_name(node); !name.isEmpty())
            place.use_name = name;
        place.map = Transform::shift({length(node, "x", place, Along::width), length(node, "y", place, Along::height)})
                        .then(place.map);
        if (target->name == str("symbol") || target->name == str("svg")) {
            const auto inner = entered(*target, place);
            if (inner)
                with_clip(*target, *inner, [&](const Place& p) { inner_viewport(*target, p, &node); });
            return;
        }
        element(*target, place);
    }

    void element(const SvgNode& node, const Place& outer) {
        static const QSet<QString> groups{str("g"), str("a"), str("switch"), str("svg"), str("use")};
        static const QSet<QString> shapes{str("path"),     str("rect"),    str("circle"), str("ellipse"), str("line"),
                                          str("polyline"), str("polygon"), str("text"),   str("image")};
        const bool is_group = groups.contains(node.name);
        if (is_too_much || (!is_group && !shapes.contains(node.name)))
            return;
        if (outer.used > 0 && ++used_elements > most_used) {
            is_too_much = true;
            return;
        }
        auto place = entered(node, outer);
        if (!place)
            return;
        if (must_be_rendered(node)) {
            rendered(node, *place, false);
            return;
        }
        with_clip(node, *place, [&](const Place& inner) {
            if (is_group)
                group(node, inner);
            else
                shape(node, inner);
        });
    }

    void group(const SvgNode& node, Place place) {
        if (node.name == str("use")) {
            // The renderer is asked for an element where it stands in the file, so what is used goes to it as a whole.
            const SvgNode* target = document.find(node.attribute(str("href")));
            if (target && place.used == 0 && needs_renderer(*target, 0))
                rendered(node, place, true);
            else
                use(node, place);
            return;
        }
        if (const QString name = own_name(node); !name.isEmpty() && node.parent)
            place.layers << name;
        if (node.name == str("svg")) {
            inner_viewport(node, place, nullptr);
        } else if (node.name == str("switch")) {
            for (const auto& child : node.children) {
                const QString language = child->attribute(str("systemLanguage"));
                if (!child->name.isEmpty() && (language.isEmpty() || language.startsWith(str("en")))) {
                    element(*child, place);
                    break;
                }
            }
        } else {
            children(node, place);
        }
    }

    static bool has(const SvgNode& node, const char* name) {
        const QString v = node.property(str(name));
        return !v.isEmpty() && v != str("none");
    }

    /// Filters, masks and blending are beyond plain paints.
    [[nodiscard]] bool must_be_rendered(const SvgNode& node) const {
        if (has(node, "filter") || (has(node, "mask") && !even_mask(node)))
            return true;
        const QString blend = node.property(str("mix-blend-mode"));
        return !blend.isEmpty() && blend != str("normal");
    }

    /// Is anything in it behind a mask that is not the same everywhere?
    bool is_masked(const SvgNode& node, int depth) const {
        constexpr int deepest = 20;
        if (depth > deepest || node.name.isEmpty())
            return false;
        if (has(node, "mask") && !even_mask(node))
            return true;
        const SvgNode* target = node.name == str("use") ? document.find(node.attribute(str("href"))) : nullptr;
        return (target && is_masked(*target, depth + 1)) ||
               std::ranges::any_of(node.children, [&](const auto& child) { return is_masked(*child, depth + 1); });
    }

    /// Is anything in it that only the renderer can draw?
    bool needs_renderer(const SvgNode& node, int depth) const {
        constexpr int deepest = 20;
        if (depth > deepest || node.name.isEmpty())
            return false;
        if (node.name == str("text") || must_be_rendered(node))
            return true;
        for (const char* name : {"fill", "stroke"})
            if (const SvgNode* server = document.find(node.property(str(name)));
                server && server->name == str("pattern"))
                return true;
        for (const char* name : {"marker", "marker-start", "marker-mid", "marker-end"})
            if (const QString v = node.property(str(name)); !v.isEmpty() && v != str("none"))
                return true;
        if (const SvgNode* target = node.name == str("use") ? document.find(node.attribute(str("href"))) : nullptr)
            if (needs_renderer(*target, depth + 1))
                return true;
        return std::ranges::any_of(node.children, [&](const auto& child) { return needs_renderer(*child, depth + 1); });
    }

    // Clipping.

    static void clip_to(Place& place, Outline region) {
        if (!region.empty() && !is_sane(bounds(region)))
            return;
        place.clip = std::make_shared<const Outline>(place.clip ? combined(*place.clip, region, Combine::overlap_only)
                                                                : std::move(region));
    }

    template <typename Draw> void with_clip(const SvgNode& node, const Place& place, const Draw& draw) {
        const QString reference = node.property(str("clip-path"));
        if (reference.isEmpty() || reference == str("none")) {
            draw(place);
            return;
        }
        const SvgNode* clip = document.find(reference);
        if (!clip || clip->name != str("clipPath")) {
            draw(place);
            return;
        }
        Place clipped = place;
        Transform map = place.map;
        if (clip->attribute(str("clipPathUnits")) == str("objectBoundingBox")) {
            const Rect box = box_of(node, place);
            if (box.empty())
                return;
            map = Transform::scale(box.width(), box.height()).then(Transform::shift(box.min)).then(map);
        }
        clip_to(clipped, clip_region(*clip, map, place.style));
        draw(clipped);
    }

    /// What a clipPath lets through, mm.
    Outline clip_region(const SvgNode& clip, const Transform& map, const SvgStyle& style) {
        if (clips_in_work.contains(&clip))
            return {};
        clips_in_work.insert(&clip);
        Place place;
        place.map = map;
        place.style = style;
        std::vector<Outline> regions;
        if (const auto inner = entered(clip, place))
            for (const auto& child : clip.children)
                add_clip_shape(*child, *inner, regions);
        Outline region = united(regions);
        const QString further = clip.property(str("clip-path"));
        if (const SvgNode* more = further.isEmpty() ? nullptr : document.find(further);
            more && more->name == str("clipPath"))
            region = combined(region, clip_region(*more, map, style), Combine::overlap_only);
        clips_in_work.remove(&clip);
        return region;
    }

    void add_clip_shape(const SvgNode& node, const Place& outer, std::vector<Outline>& regions) {
        if (node.name.isEmpty())
            return;
        const auto place = entered(node, outer);
        if (!place || !place->style.is_visible)
            return;
        if (node.name == str("use")) {
            const SvgNode* target = document.find(node.attribute(str("href")));
            if (target && target != &node && target->name != str("use")) {
                Place moved = *place;
                moved.map = Transform::shift(
                                {length(node, "x", *place, Along::width), length(node, "y", *place, Along::height)})
                                .then(moved.map);
                add_clip_shape(*target, moved, regions);
            }
            return;
        }
        const SvgPath path = svg_shape(node, place->style.measures);
        const Outline shape = transformed(fill_outline(path), place->map);
        if (!is_sane(bounds(shape)))
            return;
        Outline region = region_of(shape.contours, place->style.clip_rule);
        if (const QString own = node.property(str("clip-path")); !own.isEmpty() && own != str("none"))
            if (const SvgNode* clip = document.find(own); clip && clip->name == str("clipPath"))
                region = combined(region, clip_region(*clip, place->map, place->style), Combine::overlap_only);
        if (!region.empty())
            regions.push_back(std::move(region));
    }

    /// The box round what is in an element, in its own units.
    Rect box_of(const SvgNode& node, const Place& place) {
        if (node.name == str("image"))
            return {{length(node, "x", place, Along::width), length(node, "y", place, Along::height)},
                    {length(node, "x", place, Along::width) + length(node, "width", place, Along::width),
                     length(node, "y", place, Along::height) + length(node, "height", place, Along::height)}};
        const SvgPath path = svg_shape(node, place.style.measures);
        if (!path.empty())
            return bounds(fill_outline(path));
        Rect box;
        const SvgNode* inside = node.name == str("use") ? document.find(node.attribute(str("href"))) : &node;
        if (!inside || (inside == &node && node.children.empty()))
            return box;
        const auto add = [&](const SvgNode& child) {
            Place plain = place;
            plain.map = {};
            if (const auto inner = child.name.isEmpty() ? std::nullopt : entered(child, plain))
                box.include(bounds(transformed(Outline{{contour_of(corners_of(box_of(child, *inner)))}}, inner->map)));
        };
        if (inside != &node)
            add(*inside);
        else
            for (const auto& child : node.children)
                add(*child);
        return box;
    }

    // Shapes.

    static double length(const SvgNode& node, const char* name, const Place& place, Along along, double usual = 0) {
        return svg_length(node, name, place.style.measures, along, usual);
    }

    /// How a layer's name says that its lines are cut.
    static CutKind kind_named(const QStringList& layers) {
        const QString names = layers.join(QLatin1Char(' ')).toLower();
        return names.contains(str("through")) || names.contains(str("die")) ? CutKind::through
               : names.contains(str("score")) || names.contains(str("crease")) || names.contains(str("fold"))
                   ? CutKind::score
                   : CutKind::kiss;
    }
    static bool names_a_cut(const QStringList& layers) {
        const QString names = layers.join(QLatin1Char(' ')).toLower();
        for (const char* word : {"kiss", "through", "score", "cut", "crease", "fold"})
            if (names.contains(str(word)))
                return true;
        return false;
    }

    void shape(const SvgNode& node, const Place& place) {
        if (!place.style.is_visible)
            return;
        if (node.name == str("text")) {
            constexpr qsizetype longest = 20'000; // letters; a book takes the renderer minutes
            is_text_left_out |= node.text.size() > longest;
            if (node.text.size() <= longest)
                rendered(node, place, true);
            return;
        }
        if (node.name == str("image")) {
            picture(node, place);
            return;
        }
        const SvgStyle& s = place.style;
        const bool draws_pattern = is_pattern(s.fill) || is_pattern(s.stroke);
        if (s.has_markers || draws_pattern) {
            rendered(node, place, !draws_pattern);
            return;
        }
        const SvgPath path = svg_shape(node, place.style.measures);
        if (path.empty())
            return;
        Part part = named(node, place);
        const Rect box = bounds(fill_outline(path));
        const auto fill = [&] {
            paint(part, s.fill, s.fill_opacity * place.opacity, box, place, [&] {
                return Area{transformed_open(fill_outline(path), place.map), s.fill_rule};
            });
        };
        const auto stroke = [&] {
            if (s.stroke.kind != SvgPaint::Kind::none && s.pen.width > 0)
                paint(part, s.stroke, s.stroke_opacity * place.opacity, box, place, [&] {
                    return Area{transformed_open(stroke_outline(path, s.pen, scale_of(place.map)), place.map),
                                FillRule::nonzero};
                });
        };
        if (s.stroke_first)
            stroke();
        fill();
        if (!s.stroke_first)
            stroke();
        const bool is_line = s.fill.kind == SvgPaint::Kind::none &&
                             (part.paints.empty() || names_a_cut(place.layers + QStringList(own_name(node))) ||
                              s.pen.width * scale_of(place.map) < hairline);
        const bool is_stroked = s.stroke.kind != SvgPaint::Kind::none;
        if (is_line && (is_stroked || names_a_cut(place.layers + QStringList(own_name(node)))))
            for (const SvgSubpath& sub : path)
                if (!sub.path.segments.empty() && is_sane(bounds(mapped_line(sub.path, place.map))))
                    part.lines.push_back({mapped_line(sub.path, place.map), sub.is_open,
                                          kind_named(place.layers + QStringList(own_name(node)))});
        add(std::move(part));
    }

    /// Curves mapped; areas are filled alike whichever way round they run.
    static Outline transformed_open(Outline outline, const Transform& map) {
        for (Contour& contour : outline.contours)
            contour = mapped_line(contour, map);
        return outline;
    }

    bool is_pattern(const SvgPaint& paint) const {
        const SvgNode* server = paint.kind == SvgPaint::Kind::server ? document.find(paint.server) : nullptr;
        return server && server->name == str("pattern");
    }

    Part named(const SvgNode& node, const Place& place) const {
        Part part;
        QString name = place.use_name.isEmpty() ? own_name(node) : place.use_name;
        if (name.isEmpty())
            name = node.name == str("text") ? str("“%1”").arg(node.text.simplified().left(40)) : node.name;
        part.name = name.toStdString();
        part.layer = place.layers.join(str(" / ")).toStdString();
        return part;
    }

    void add(Part part) {
        if (part.paints.empty() && part.lines.empty())
            return;
        if (parts.size() >= most_parts)
            is_too_much = true;
        else
            parts.push_back(std::move(part));
    }

    /// Numbers that can be computed with: no transformation has blown them up.
    static bool is_sane(const Rect& box) {
        constexpr double most = 1e8; // mm
        return box.min.x > -most && box.min.y > -most && box.max.x < most && box.max.y < most;
    }

    /// The area within the clip; nothing when none of it is left.
    static std::shared_ptr<const Area> clipped(Area area, const Place& place) {
        const Rect box = bounds(area.curves);
        if (box.empty() || !is_sane(box))
            return nullptr;
        if (place.clip) {
            const Rect inside = bounds(*place.clip);
            const bool is_box = place.clip->contours.size() == 1 && std::abs(signed_area(place.clip->contours[0]) -
                                                                             inside.width() * inside.height()) < 1e-9;
            if (!(is_box && inside.contains(box.min) && inside.contains(box.max)))
                area = {combined(region_of(area), *place.clip, Combine::overlap_only), FillRule::nonzero};
        }
        return area.curves.empty() ? nullptr : std::make_shared<const Area>(std::move(area));
    }

    template <typename MakeArea>
    void paint(Part& part, const SvgPaint& paint, double opacity, const Rect& box, const Place& place,
               const MakeArea& area_of) {
        if (paint.kind == SvgPaint::Kind::none || opacity <= 0)
            return;
        std::optional<SvgColour> colour;
        std::optional<SvgGradient> gradient;
        if (paint.kind == SvgPaint::Kind::colour)
            colour = paint.colour;
        else if (const SvgNode* server = document.find(paint.server))
            gradient = svg_gradient(document, *server, box, place.style.measures, place.style.colour);
        else if (paint.fallback)
            colour = paint.fallback;
        if (gradient && gradient->plain)
            colour = gradient->plain;
        if (!colour && (!gradient || gradient->stops.empty()))
            return;
        const auto area = clipped(area_of(), place);
        if (!area)
            return;
        if (colour) {
            if (colour->alpha * opacity > 0)
                part.paints.push_back({colour->rgb, area, colour->alpha * opacity, {}});
            return;
        }
        const Rect shown = bounds(transformed_open(area->curves, place.map.inverted()));
        if (shown.width() > 0 && shown.height() > 0)
            part.paints.push_back(
                {gradient_image(*gradient, shown, scale_of(place.map), opacity), area, 1,
                 Transform::scale(shown.width(), shown.height()).then(Transform::shift(shown.min)).then(place.map),
                 true});
    }

    void picture(const SvgNode& node, const Place& place) {
        const QString address = node.attribute(str("href"));
        if (address.isEmpty())
            return; // it lay outside the file
        Rect box{{length(node, "x", place, Along::width), length(node, "y", place, Along::height)}, {0, 0}};
        const auto embedded = svg_picture(address);
        if (!embedded) {
            rendered(node, place, false);
            return;
        }
        const double w = length(node, "width", place, Along::width, embedded->width());
        const double h = length(node, "height", place, Along::height, embedded->height());
        if (!(w > 0 && h > 0))
            return;
        box.max = box.min + Point{w, h};
        const Transform map =
            view_box({0, 0, static_cast<double>(embedded->width()), static_cast<double>(embedded->height())}, {w, h},
                     node.attribute(str("preserveAspectRatio")))
                .then(Transform::shift(box.min))
                .then(place.map);
        auto image = std::make_shared<Image>(*embedded->get());
        if (place.opacity < 1)
            for (std::size_t i = 3; i < image->rgba.size(); i += 4)
                image->rgba[i] = static_cast<std::uint8_t>(std::lround(image->rgba[i] * place.opacity));
        Part part = named(node, place);
        const Transform from_unit = Transform::scale(image->width, image->height).then(map);
        Outline whole = transformed(Outline{{contour_of(corners_of({{0, 0}, {1, 1}}))}}, from_unit);
        const Outline frame = transformed(Outline{{contour_of(corners_of(box))}}, place.map);
        if (const auto area = clipped({combined(whole, frame, Combine::overlap_only), FillRule::nonzero}, place)) {
            part.traced = seen_of(*image, from_unit, *area);
            part.paints.push_back({Pixels(std::move(image)), area, 1, from_unit});
        }
        add(std::move(part));
    }

    /// What only the renderer can draw.
    void rendered(const SvgNode& node, const Place& place, bool as_curves) {
        if (!place.style.is_visible)
            return;
        if (!renders || (is_of_pdf && is_masked(node, 0))) {
            is_whole = false;
            return;
        }
        if (!renderer)
            renderer = std::make_unique<SvgRenderer>(document.written());
        if (!renderer->is_valid())
            return;
        const QString id = node.attribute(str("id"));
        Part part = named(node, place);
        part.is_text = node.name == str("text");
        if (part.is_text)
            for (const QString& family : missing_families(node.property(str("font-family"))))
                missing_fonts.insert(family);
        if (as_curves && take_curves(renderer->paths(id, page), part)) {
            add(std::move(part));
            return;
        }
        take_picture(id, part);
        add(std::move(part));
    }

    bool take_curves(const QByteArray& svg, Part& part) {
        if (svg.isEmpty())
            return false;
        auto drawn = parse_svg(svg);
        if (!drawn)
            return false;
        // cairo writes points; ours are px, and larger by the renderer's factor.
        auto read = Walker(*drawn, false).read();
        if (!read || !read->is_whole)
            return false;
        const double down = page.width * mm_per_unit / read->size.width;
        for (const Part& piece : read->parts)
            for (Painted painted : piece.paints) {
                if (!painted.area)
                    return false;
                painted.area = std::make_shared<const Area>(
                    Area{transformed_open(painted.area->curves, Transform::scale(down, down)), painted.area->rule});
                painted.from_unit = painted.from_unit.then(Transform::scale(down, down));
                part.paints.push_back(std::move(painted));
            }
        return !part.paints.empty();
    }

    void take_picture(const QString& id, Part& part) {
        auto drawn = renderer->picture(id, page, 600.0 / 96 / (is_of_pdf ? fine_page : 1));
        if (!drawn)
            return;
        const Transform from_unit = drawn->from_unit.then(Transform::scale(mm_per_unit, mm_per_unit));
        const Area whole{transformed(Outline{{contour_of(corners_of({{0, 0}, {1, 1}}))}}, from_unit),
                         FillRule::nonzero};
        part.traced = seen_of(*drawn->image, from_unit, whole);
        part.paints.push_back({drawn->image, nullptr, 1, from_unit});
    }
};

} // namespace

Result<ReadDrawing> read_svg(const QByteArray& file, bool is_of_pdf) {
    auto document = parse_svg(file);
    return document ? Walker(*document, true, is_of_pdf).read() : document.problem();
}

} // namespace fusuma
