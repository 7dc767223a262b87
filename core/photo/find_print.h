#pragma once

#include "core/photo/find_board.h"
#include "core/registration/locate.h"

namespace fusuma {

/// A printed sheet that lies on the board, as a photograph tells.
struct PhotographedPrint {
    Registration registration; ///< from the sheet's to the board's mm
    FoundBoard board;
};

/// Finds where a print lies on the board by one photograph: the board is found, what lies on it is looked at from
/// straight above, and the print's marks are looked for there as a machine's sensor does. A Problem when the board
/// cannot be found or the picture is not good enough; a registration that is refused says why itself.
/// @param marks  as the ticket has them
[[nodiscard]] Result<PhotographedPrint> find_print(const Image& photo, const std::vector<Board>& boards,
                                                   const std::vector<Mark>& marks, const KnownCamera& camera = {},
                                                   const Work& work = {});

/// How a print lies on its own sheet of paper, by a photograph of the whole sheet on a darker ground: the paper's four
/// edges are found, it is looked at from straight above, and the marks are looked for there.
/// @return  from where the print was meant to be to where it is, mm from the paper's top left
[[nodiscard]] Result<Registration> print_on_its_paper(const Image& photo, Size paper, const std::vector<Mark>& marks,
                                                      const KnownCamera& camera = {}, const Work& work = {});

} // namespace fusuma
