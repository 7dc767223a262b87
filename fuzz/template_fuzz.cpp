#include "core/label/label.h"
#include "formats/label/label_json.h"
#include "fuzz/target.h"

namespace fusuma::fuzz::templates {
namespace {

void take(std::string_view input) {
    const auto read = read_templates(std::string(input));
    if (read)
        static_cast<void>(set_label(read->front().design, 0));
}

std::vector<std::string> seeds() {
    return {
        R"({"fusuma_labels":1,"family":"a","templates":[{"name":"b","shape":{"kind":"star","width":40,"height":30,"points":9,"depth":0.2},"ground":[1,2,3],"texts":[{"words":"{name}","size":5,"run":"along-top"}]}]})",
        R"({"fusuma_labels":1,"family":"a","templates":[{"name":"b","shape":{"kind":"lettering","width":40,"height":30},"texts":[{"words":"a b","size":5,"fits_room":true}]}]})"};
}

const Registered target("template", take, seeds);

} // namespace
} // namespace fusuma::fuzz::templates
