#include "core/label/label.h"
#include "formats/label/label_json.h"
#include "fuzz/target.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const auto read = fusuma::read_templates({reinterpret_cast<const char*>(data), size});
    if (read)
        static_cast<void>(fusuma::set_label(read->front().design, 0));
    return 0;
}

std::vector<std::string> fuzz_seeds() {
    return {
        R"({"fusuma_labels":1,"family":"a","templates":[{"name":"b","shape":{"kind":"star","width":40,"height":30,"points":9,"depth":0.2},"ground":[1,2,3],"texts":[{"words":"{name}","size":5,"run":"along-top"}]}]})",
        R"({"fusuma_labels":1,"family":"a","templates":[{"name":"b","shape":{"kind":"lettering","width":40,"height":30},"texts":[{"words":"a b","size":5,"fits_room":true}]}]})"};
}
