#pragma once

#include "core/geometry/measure.h"

#include <geos_c.h>
#include <memory>

namespace fusuma::test {

struct GeosFree {
    void operator()(GEOSGeometry* geometry) const { GEOSGeom_destroy(geometry); }
};
using Geos = std::unique_ptr<GEOSGeometry, GeosFree>;

inline GEOSGeometry* ring_of(const Polygon& polygon) {
    auto* points = GEOSCoordSeq_create(static_cast<unsigned>(polygon.size() + 1), 2);
    for (unsigned i = 0; i <= polygon.size(); ++i)
        GEOSCoordSeq_setXY(points, i, polygon[i % polygon.size()].x, polygon[i % polygon.size()].y);
    return GEOSGeom_createLinearRing(points);
}

/// The region inside polygons by the even-odd rule, by GEOS's own differences.
inline Geos region_of(const Polygons& polygons) {
    static const bool is_ready = [] {
        initGEOS(nullptr, nullptr);
        return true;
    }();
    static_cast<void>(is_ready);
    Geos region(GEOSGeom_createEmptyPolygon());
    for (const Polygon& polygon : polygons) {
        Geos piece(GEOSGeom_createPolygon(ring_of(polygon), nullptr, 0));
        if (!GEOSisValid(piece.get())) // arcs that touch may cross where they are made straight
            piece.reset(GEOSMakeValid(piece.get()));
        region.reset(GEOSSymDifference(region.get(), piece.get()));
    }
    return region;
}

inline double area_of(const Geos& geometry) {
    double area = 0;
    GEOSArea(geometry.get(), &area);
    return area;
}

} // namespace fusuma::test
