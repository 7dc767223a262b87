#pragma once

#include "core/border/rims.h"
#include "core/copy_id.h"
#include "core/cutting/material.h"
#include "core/document/artwork.h"
#include "core/document/framing.h"
#include "core/hand/hand_work.h"
#include "core/raster/background.h"
#include "core/sheet/sheet.h"
#include "core/trace/clean.h"
#include "core/trace/trace.h"
#include "core/units.h"

#include <memory>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace fusuma {

/// One design: artwork plus the settings of its steps.
struct Sticker {
    int id = 0; ///< unique within its document, > 0, never used again
    std::string name;
    Artwork artwork;
    double width = 50; ///< mm, of the cropped and turned artwork including clear edges; the height follows
    Framing framing;
    BackgroundSettings background; ///< places in it are pixels of the whole picture, whatever the framing
    TraceSettings trace;
    CleanUp clean;
    BorderSettings border; ///< places in it are pixels of the whole picture, too
    Rims rims;
    Bleed bleed;
    HandWork hand;
    CutKind cut = CutKind::kiss;
    std::string carried; ///< fields of a later version of the project file, as JSON, kept for saving
    bool operator==(const Sticker&) const = default;
};

/// One copy on the sheet.
struct Placement {
    CopyId id = CopyId::none; ///< given by Document::put
    int sticker = 0;          ///< id
    Point centre;             ///< mm on the paper, middle of the artwork
    double turn = 0;          ///< radians, clockwise on screen
    bool mirrored = false;
    double scale = 1;    ///< of the sticker's own size, > 0
    double stretch = 1;  ///< of its height over that, > 0
    int page = 0;        ///< counted from 0
    int group = 0;       ///< copies of one group are selected together; 0 for none
    std::size_t row = 0; ///< which of a list of labels it is
    bool locked = false; ///< stays where it is
    bool operator==(const Placement&) const = default;
};

struct Ticket;

/// Hands out numbers that were not used before. How many were handed out makes no difference between two documents.
struct IdSource {
    int next = 1;
    int take() { return next++; }
    bool operator==(const IdSource&) const { return true; }
};

/// What the inks of cut lines are called in PDF files.
struct InkNames {
    std::string kiss = "Kiss cut", score = "Score", through = "Through cut";
    bool operator==(const InkNames&) const = default;

    [[nodiscard]] const std::string& of(CutKind kind) const {
        return kind == CutKind::kiss ? kiss : kind == CutKind::score ? score : through;
    }
    [[nodiscard]] std::string& of(CutKind kind) { return const_cast<std::string&>(std::as_const(*this).of(kind)); }
};

/// Everything a project holds, as a value. Stickers are shared between versions, so a list of documents is cheap.
struct Document {
    std::vector<std::shared_ptr<const Sticker>> stickers; ///< in the tray's order
    std::vector<Placement> placements;                    ///< from back to front
    int pages = 1;                                        ///< at most most_pages
    SheetSettings sheet;
    std::set<std::string> silenced; ///< keys of preflight's findings that are meant to be so
    Material material;              ///< that the sheet is cut from
    InkNames inks;
    std::vector<std::shared_ptr<const Ticket>> tickets; ///< of what was printed, oldest first
    Unit unit = Unit::mm;
    IdSource sticker_ids, copy_ids;
    std::string carried; ///< as Sticker::carried
    bool operator==(const Document&) const = default;

    [[nodiscard]] std::shared_ptr<const Sticker> find(int id) const; ///< null when there is none
    [[nodiscard]] int copies_of(int id) const;
    [[nodiscard]] const Placement* copy(CopyId id) const; ///< null when there is none
    /// Adds a copy in front of the others, with an id of its own.
    CopyId put(Placement copy);
};
constexpr int most_pages = 100;
constexpr std::size_t most_copies = 40'000; ///< in one project

/// A sticker at the artwork's natural size, named in words after its file: "paper-lantern.png" is "Paper lantern".
[[nodiscard]] Sticker new_sticker(Artwork artwork);

/// How the sticker's artwork is framed, in its pixels.
[[nodiscard]] Frame frame_of(const Sticker& sticker);

/// Millimetres on the sticker for one pixel of its artwork.
[[nodiscard]] double mm_per_px(const Sticker& sticker);

/// From the pixels of the sticker's whole picture to millimetres on the sticker.
[[nodiscard]] Transform picture_to_mm(const Sticker& sticker);

/// The picture's pixels under a box drawn on the sticker between two corners, in mm; on a turned picture the upright
/// box round them.
[[nodiscard]] PixelBox pixels_under(const Sticker& sticker, Point corner, Point opposite);

/// A label with another design, at the scale it has. What is cut suits the new shape when letters become a shape or the
/// other way round.
[[nodiscard]] Sticker with_design(Sticker sticker, std::shared_ptr<const LabelDesign> design);

/// The sticker framed anew with every pixel as large as before.
[[nodiscard]] Sticker reframed(Sticker sticker, const Framing& framing);

/// The sticker with artwork of another width in mm. A border that scales with the art does so.
[[nodiscard]] Sticker resized(Sticker sticker, double width);

/// Size in mm of the sticker's artwork at `scale`.
[[nodiscard]] Size artwork_size(const Sticker& sticker, double scale = 1);

/// The sticker with the proportions that a copy gives it, at its own width, and the copy's row of a list of labels.
[[nodiscard]] Sticker in_proportions_of(Sticker sticker, const Placement& placement);

/// From the unit square (0,0)–(1,1) of the framed artwork to millimetres on the paper.
[[nodiscard]] Transform map_of_copy(const Sticker& sticker, const Placement& placement);

// Edits: each returns the changed document. Unknown ids or positions leave it as it is.

[[nodiscard]] Document with_sticker_added(Document document, Sticker sticker); ///< gives it an id
[[nodiscard]] Document with_sticker_changed(Document document, Sticker sticker);
[[nodiscard]] Document with_sticker_removed(Document document, int id); ///< and its copies
/// The sticker at another place in the tray, counted from 0; past the end is the end.
[[nodiscard]] Document with_sticker_moved(Document document, int id, std::size_t to);
[[nodiscard]] Document with_page_added(Document document);
[[nodiscard]] Document with_page_removed(Document document, int page); ///< and its copies; the last page only empties

} // namespace fusuma
