#pragma once

#include "core/geometry/transform.h"
#include "reading/dxf/dxf_lines.h"

#include <map>
#include <optional>

namespace fusuma {

/// A block put somewhere, once or in columns and rows. Source: DXF reference, INSERT
struct DxfInsert {
    std::string block; ///< as `dxf_name` writes it
    std::string layer;
    Transform map; ///< of the block about its base
    int columns = 1, rows = 1;
    Point column_step, row_step;
};

/// What a file draws in one place: its model, its paper, or a block.
struct DxfBlock {
    Point base;
    std::vector<DxfLine> lines;
    std::vector<DxfInsert> inserts;
    std::set<std::pair<std::string, DxfLeftOut>> left_out; ///< with its layer
};

struct DxfLayer {
    bool is_off = false, is_frozen = false; ///< frozen ones take what is inserted on them along
};

/// All that a file draws, before blocks are inserted.
struct DxfContent {
    DxfBlock model, paper;
    std::map<std::string, DxfBlock> blocks;
    std::map<std::string, DxfLayer> layers; ///< by their names as `dxf_name` writes them
};

/// Names of blocks and layers are the same in capitals and small letters.
[[nodiscard]] std::string dxf_name(const std::string& name);

/// Adds all lines that are seen to `to`. What a block draws on layer 0 is on the layer that the block is inserted on.
/// @return whether that was possible: no block within itself, no more lines than a page can be of
[[nodiscard]] bool insert_blocks(const DxfContent& content, const DxfBlock& from, DxfLines& to);

} // namespace fusuma
