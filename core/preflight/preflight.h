#pragma once

#include "core/plan/planner.h"
#include "core/result.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace fusuma {

enum class Severity {
    to_fix,     ///< will waste the print or the cut
    to_look_at, ///< may be meant
};

/// What a finding is about, as it was when it was found.
struct FoundOn {
    std::vector<Placement> copies;
    std::vector<std::shared_ptr<const Sticker>> stickers;
    SheetSettings sheet;
    int pages = 1;
    std::optional<int> empty_page; ///< counted from 0: it holds no copy

    /// Is all of it still so?
    [[nodiscard]] bool holds(const Document& document) const;
};

/// An offered repair: a label in words, and the edit itself. The edit returns nothing when it cannot help, and throws
/// Stopped when asked to stop.
struct Fix {
    Said label;
    std::function<std::optional<Document>(const Document&, const Work&)> edit;
    FoundOn found_on{}; ///< filled in by `preflight`
};

/// One problem on the sheet.
struct Finding {
    std::string rule; ///< stable id, e.g. "outside-zone"
    Severity severity = Severity::to_fix;
    Said message;
    int page = 1; ///< counted from 1
    Point at;     ///< mm on the paper, where to look
    std::vector<CopyId> copies;
    Polygons region; ///< mm on the paper, the offending part; may be empty
    std::optional<Fix> fix;
    int sticker = 0; ///< id, when it is about a sticker wherever its copies lie
    /// The same for the same problem of the same things in the same places, for silencing. A rule may say what else
    /// makes it the same; `preflight` puts the rest in front.
    std::string key;
};

/// All findings that have not been silenced, those to fix first.
[[nodiscard]] std::vector<Finding> preflight(const Document& document, Planner& planner);

/// For the copies of a sticker that cannot be worked out, because its picture cannot be decoded: `preflight` is asked
/// about the others. Nothing when it has none, or when that was silenced.
[[nodiscard]] std::optional<Finding> unreadable(const Document& document, int sticker, const Problem& why);

/// The document with the finding's fix made; a problem when the sheet is no longer as the finding saw it, or it cannot
/// help. Throws Stopped when asked to stop.
[[nodiscard]] Result<Document> repaired(const Document& document, const Finding& finding, const Work& work = {});

/// The document with a finding said to be meant, so that it is not found again.
[[nodiscard]] Document silenced(Document document, const Finding& finding);

} // namespace fusuma
