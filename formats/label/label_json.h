#pragma once

#include "formats/basics/stored_files.h"

#include <QString>

namespace fusuma {

using PictureFrom = std::function<Result<std::shared_ptr<const Picture>>(const json&)>;

/// A label's design. Fonts are told by name and looked for anew when read.
[[nodiscard]] json label_json(const LabelDesign& design, const StoreFile& store);
Result<LabelDesign> label_from(const json& j, const PictureFrom& picture_from);

/// Template files: families of labels and cards in real sizes. Described in docs/guide/label-templates.md.
struct LabelTemplate {
    std::string family; ///< from the file
    std::string name;
    LabelDesign design;
};
/// @param text  JSON; a Problem names the template and the field
Result<std::vector<LabelTemplate>> read_templates(const std::string& text);
/// The same from a file, read in a room of its own (formats/room/room.h).
Result<std::vector<LabelTemplate>> load_templates(const QString& path);
/// One file of templates without pictures and lists, which belong to projects.
[[nodiscard]] std::string templates_text(const std::string& family, const std::vector<LabelTemplate>& templates);

/// The templates that come with Fusuma.
[[nodiscard]] const std::vector<LabelTemplate>& shipped_templates();

} // namespace fusuma
