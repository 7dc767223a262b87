#include "core/cutting/material.h"

namespace fusuma {

std::vector<Material> usual_materials() {
    const auto material = [](const char* name, Tooling kiss, Tooling through) {
        Material m{.name = name, .kiss = kiss, .through = through, .blade_offset = 0.25, .overcut = 0.5};
        return m;
    };
    return {{},
            material("Paper label sheet", {70, 250, 1}, {140, 150, 2}),
            material("Glossy photo sticker paper", {90, 200, 1}, {180, 120, 2}),
            material("Printable vinyl", {80, 200, 1}, {200, 100, 2}),
            material("Clear film", {85, 150, 1}, {190, 100, 2}),
            material("Thin card", {110, 150, 1}, {200, 120, 1}),
            material("Thick card", {150, 100, 1}, {230, 60, 3})};
}

} // namespace fusuma
