#include "core/steps/evaluator.h"

#include "core/label/label.h"
#include "core/parallel.h"
#include "core/steps/cluster_art.h"
#include "core/steps/weights.h"

#include <utility>

namespace fusuma {

namespace {

template <typename Step, typename List> struct IndexIn;
template <typename Step, typename... All> struct IndexIn<Step, StepList<All...>> {
    static constexpr std::size_t value = [] {
        std::size_t at = 0;
        (void)((std::is_same_v<Step, All> || (++at, false)) || ...);
        return at;
    }();
};
template <typename Step> constexpr std::size_t place_of = IndexIn<Step, StepTable>::value;

/// Of the artwork, what tells two of them apart.
struct AboutArtwork {
    std::size_t operator()(const PictureArtwork& art) const { return std::hash<const void*>{}(art.picture.get()); }
    std::size_t operator()(const DrawingArtwork& art) const { return std::hash<const void*>{}(art.parts.get()); }
    std::size_t operator()(const LabelArtwork& art) const {
        std::size_t hash = std::hash<const void*>{}(art.design.get());
        mix_hash(hash, art.row);
        return hash;
    }
    std::size_t operator()(const ClusterArtwork& art) const { return std::hash<const void*>{}(art.cluster.get()); }
};

/// The settings of all steps up to one: what its result depends on.
template <typename Step> struct StepKey {
    StepTable table; ///< later steps' settings are left as they are by default
    bool operator==(const StepKey&) const = default;

    explicit StepKey(const StepTable& all) {
        [&]<std::size_t... k>(std::index_sequence<k...>) {
            ((std::get<k>(table) = std::get<k>(all)), ...);
        }
        (std::make_index_sequence<place_of<Step> + 1>());
    }
    [[nodiscard]] std::size_t rough() const {
        std::size_t hash = std::visit(AboutArtwork{}, std::get<LightStep>(table).artwork);
        mix_hash(hash, std::get<IsolateStep>(table).background.strokes.size());
        mix_hash(hash, std::hash<double>{}(std::get<OutlineStep>(table).width));
        return hash;
    }
};

struct DrawnKey {
    Artwork artwork;
    bool operator==(const DrawnKey&) const = default;
    [[nodiscard]] std::size_t rough() const { return std::visit(AboutArtwork{}, artwork); }
};

struct SmallKey {
    std::shared_ptr<const Picture> picture;
    int most_px;
    bool operator==(const SmallKey&) const = default;
    [[nodiscard]] std::size_t rough() const { return std::hash<const void*>{}(picture.get()); }
};

struct ContinuedKey {
    std::shared_ptr<const Isolation> isolation;
    int reach_px, px_for_one;
    bool operator==(const ContinuedKey&) const = default;
    [[nodiscard]] std::size_t rough() const { return std::hash<const void*>{}(isolation.get()); }
};

constexpr auto weigh = [](const auto& result) { return bytes_of(result); };

} // namespace

template <typename Step>
std::shared_ptr<const typename Step::Result> Evaluator::result_of(const StepTable& table, const Work& work) {
    const Step& step = std::get<Step>(table);
    return remembered.get(
        StepKey<Step>(table),
        [&] {
            return [&]<typename... Before>(StepList<Before...>*) {
                static_assert(((place_of<Before> < place_of<Step>)&&...), "a step reads results of earlier ones only");
                // In their order, so that the work is told to go forward.
                const std::tuple<std::shared_ptr<const typename Before::Result>...> before{
                    result_of<Before>(table, work)...};
                return std::apply(
                    [&](const auto&... results) {
                        return step.make(*this, work.part(Step::share.first, Step::share.second), results...);
                    },
                    before);
            }(static_cast<typename Step::Reads*>(nullptr));
        },
        weigh);
}

std::shared_ptr<const Drawn> Evaluator::drawn(const Artwork& artwork, const Work& work) {
    if (std::holds_alternative<PictureArtwork>(artwork))
        return nullptr;
    return remembered.get(
        DrawnKey{artwork},
        [&] {
            if (const auto* art = std::get_if<DrawingArtwork>(&artwork))
                return art_of(*art->drawing, *art->parts);
            if (const auto* art = std::get_if<LabelArtwork>(&artwork))
                return set_label(*art->design, art->row).drawn;
            return cluster_art(*std::get<ClusterArtwork>(artwork).cluster, *this, work);
        },
        weigh);
}

std::shared_ptr<const Continued> Evaluator::continuation(const std::shared_ptr<const Isolation>& isolation,
                                                         int reach_px, int px_for_one, const Work& work) {
    const int step = 16 * px_for_one; // so that a slider does not make it anew for every pixel
    const int reach = (reach_px + step - 1) / step * step;
    return remembered.get(
        ContinuedKey{isolation, reach, px_for_one},
        [&] {
            // A huge picture printed small reaches out by thousands of its pixels.
            constexpr double most_px = 48e6;
            const double whole = (isolation->size.x + 2.0 * reach) * (isolation->size.y + 2.0 * reach);
            const int factor = std::max(px_for_one, static_cast<int>(std::ceil(std::sqrt(whole / most_px))));
            if (factor == 1)
                return continued(*isolation->pixels(), reach, work);
            Continued smaller = continued(reduced(*isolation->pixels(), factor, work.part(0, 0.3)),
                                          (reach + factor - 1) / factor, work.part(0.3, 1));
            smaller.factor = factor;
            return smaller;
        },
        weigh);
}

/// Labels of a list differ in what is printed inside their edge and in nothing else, so all else is worked out once.
std::shared_ptr<const StickerResult> Evaluator::as_first_row(const Sticker& sticker, double width, const Work& work) {
    const auto* label = std::get_if<LabelArtwork>(&sticker.artwork);
    if (!label || label->row == 0 || label->design->shape.kind == LabelShape::lettering || label->design->letters_cut)
        return nullptr;
    const StepTable table = steps_of(sticker, width);
    const auto isolation = result_of<IsolateStep>(table, work);
    if (sticker.bleed.kind != Bleed::Kind::none && !isolation->drawn->ground)
        return nullptr; // the colours at its edge are its own
    return remembered.get(
        StepKey<PrintStep>(table),
        [&] {
            Sticker first = sticker;
            first.artwork = LabelArtwork{label->design, 0};
            StickerResult result = *evaluate(first, width, work);
            result.print.back().ink = isolation->art; // the art comes last
            result.isolation = isolation;
            return result;
        },
        weigh);
}

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, std::optional<double> width,
                                                         const Work& work) {
    if (auto row = as_first_row(sticker, width.value_or(sticker.width), work))
        return row;
    return result_of<PrintStep>(steps_of(sticker, width.value_or(sticker.width)), work);
}

void Evaluator::work_out(const std::set<Wanted>& wanted, const Work& work,
                         const std::function<void(const Sticker&, const std::shared_ptr<const StickerResult>&)>& then) {
    if (wanted.size() < 2)
        return; // its steps use every core, too
    const std::vector<Wanted> all(wanted.begin(), wanted.end());
    const auto share = [&](int k) { return k / static_cast<double>(all.size()); };
    for_each_of(static_cast<int>(all.size()), work, [&](int k) {
        const auto& [sticker, width] = all[static_cast<std::size_t>(k)];
        try {
            const auto result = evaluate(*sticker, width, work.part(share(k), share(k + 1)));
            if (then)
                then(*sticker, result);
        } catch (const Unreadable&) {
        }
    });
}

std::shared_ptr<const StickerResult> Evaluator::preview(const Sticker& sticker, const Work& work) {
    // A subject is worked out anew by every stroke, which should be seen at once.
    const int most_px = sticker.background.source == Source::subject ? 250 : 1000;
    const auto* art = std::get_if<PictureArtwork>(&sticker.artwork);
    const auto picture = art ? art->picture : nullptr;
    const bool is_small = !art || std::max(picture->pixels.width(), picture->pixels.height()) <= most_px * 3 / 2;
    if (is_small) // traced as for the full result, which then finds the work done
        return result_of<PrintStep>(steps_of(sticker, sticker.width, Care::exact, Care::preview), work);
    const auto small = remembered.get(
        SmallKey{picture, most_px}, [&] { return small_picture(*picture, most_px, work); }, weigh);
    const Sticker shown = with_picture(sticker, small->picture, small->factor);
    return result_of<PrintStep>(steps_of(shown, shown.width, Care::preview, Care::preview), work);
}

std::shared_ptr<const StickerResult> Evaluator::evaluate(const Sticker& sticker, const Placement& placement,
                                                         const Work& work) {
    const Sticker copied = in_proportions_of(sticker, placement);
    return evaluate(copied, copied.width * placement.scale, work);
}

std::size_t Evaluator::PlacedKey::Hash::operator()(const PlacedKey& key) const {
    std::size_t hash = std::hash<const void*>{}(key.sticker.get());
    const Placement& p = key.placement;
    for (const double value : {p.centre.x, p.centre.y, p.turn, p.scale, p.stretch})
        mix_hash(hash, std::hash<double>{}(value));
    return hash;
}

std::shared_ptr<const PlacedCopy> Evaluator::placed_copy(const Document& document, const Placement& placement) {
    PlacedKey key{document.find(placement.sticker), placement};
    key.placement.id = CopyId::none;
    key.placement.page = key.placement.group = 0;
    key.placement.locked = false;
    return placed_copies.get(key, [&] { return place(key.sticker, evaluate(*key.sticker, placement), key.placement); });
}

void Evaluator::next_round() {
    placed_copies.next_round();
    facts.next_round();
}

} // namespace fusuma
