#pragma once

#include "core/document/copies.h"

namespace fusuma {

/// How the cut lines of a cluster's stickers become one.
enum class ClusterCut {
    outer,        ///< one cut round all of them
    take_out,     ///< the lowest less what lies over it
    overlap_only, ///< what all of them cover
    exclude,      ///< what an odd number of them cover
    visible,      ///< each less what lies over it, so that all abut
};

/// Several stickers that became one, each as it was, so that they can be parted again.
struct Cluster {
    struct Member {
        std::shared_ptr<const Sticker> sticker;
        Placement placement; ///< its centre counted from the cluster's top left
        bool operator==(const Member&) const = default;
    };
    std::vector<Member> members; ///< back to front
    Size size;                   ///< mm, on the lattice
    ClusterCut cut = ClusterCut::outer;
    bool inner_lines_are_cut = false; ///< the members' own lines are kept anyway; this cuts them, too
    bool operator==(const Cluster&) const = default;
};

/// The copies as one sticker, which takes their place on their page; their stickers stay in the tray. Nothing when
/// there are fewer than two, or they lie on several pages.
[[nodiscard]] std::optional<Edited> clustered(const Document& document, Evaluator& evaluator, const Selection& copies,
                                              ClusterCut how);

/// Copies of clusters as copies of what they were made of, where these lie. Stickers that have gone from the tray come
/// back to it.
[[nodiscard]] Edited parted(const Document& document, const Selection& copies);

/// What a cluster comes to.
[[nodiscard]] Drawn drawn(const Cluster& cluster, Evaluator& evaluator, const Work& work = {});

} // namespace fusuma
