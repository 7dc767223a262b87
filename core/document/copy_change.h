#pragma once

#include "core/document/document.h"

namespace fusuma {

/// What turns one list of copies into another, in as little room as that takes: a step of history that moves one copy
/// of thousands holds one copy.
class CopyChange {
  public:
    CopyChange() = default;
    CopyChange(const std::vector<Placement>& from, const std::vector<Placement>& to);

    /// @param copies  the list that it was made from
    void apply_to(std::vector<Placement>& copies) const;
    [[nodiscard]] std::size_t bytes() const;

  private:
    struct Changed {
        std::size_t at;
        Placement copy;
    };
    std::vector<Changed> changed;   ///< one by one, while there are as many
    std::size_t first = 0, out = 0; ///< otherwise so many go out from `first` on,
    std::vector<Placement> in;      ///< and these come in
};

} // namespace fusuma
