#pragma once

#include "core/words.h"
#include "core/document/document.h"

namespace fusuma {

/// How the cut lines of a cluster's stickers become one.
enum class ClusterCut {
    outer,        ///< one cut round all of them
    take_out,     ///< the lowest less what lies over it
    overlap_only, ///< what all of them cover
    exclude,      ///< what an odd number of them cover
    visible,      ///< each less what lies over it, so that all abut
};
template <> inline constexpr std::array words<ClusterCut>{
    Word{ClusterCut::outer, "outer", "Join"},
    Word{ClusterCut::take_out, "take-out", "Take out"},
    Word{ClusterCut::overlap_only, "overlap-only", "Overlap only"},
    Word{ClusterCut::exclude, "exclude", "With holes"},
    Word{ClusterCut::visible, "visible", "Visible only"}};

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
    bool borders_hide = false; ///< a member's border, though paper, hides what lies below it
    bool operator==(const Cluster&) const = default;
};

} // namespace fusuma
