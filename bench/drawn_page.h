#pragma once

#include "tests/support/exact_coverage.h"

namespace fusuma::bench {

/// A page of 5100 × 6600 (Letter at 600 dpi) with stars, rings and discs all over.
inline const Coverage& drawn_page() {
    static const Coverage coverage = [] {
        Polygons shapes;
        for (int y = 0; y < 44; ++y)
            for (int x = 0; x < 34; ++x) {
                const Point c{75.3 + 150 * x, 75.7 + 150 * y};
                if ((x + y) % 3 == 0) {
                    shapes.push_back(test::star(c, 5 + x % 4, 65, 30, 0.1 * (x % 17)));
                } else {
                    shapes.push_back(test::ellipse(c, 60, 60.0 - y % 22, 0.2 * x, 300));
                    if ((x + y) % 3 == 1)
                        shapes.push_back(test::as_hole(test::ellipse(c, 30, 25, 0, 200)));
                }
            }
        return test::exact_coverage(shapes, 5100, 6600);
    }();
    return coverage;
}

} // namespace fusuma::bench
