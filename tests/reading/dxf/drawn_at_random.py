#!/usr/bin/python3
"""Draws DXF files at random with ezdxf, and writes the lines that ezdxf sees in each beside it.

Usage: drawn_at_random.py FOLDER COUNT. Each FILE.dxf has a FILE.lines: a polyline a row, x y x y …, y upwards.
"""
import math
import random
import sys

import ezdxf
from ezdxf import disassemble
from ezdxf.math import Vec2, open_uniform_bspline
from ezdxf.path import make_path

FLATTENED = 0.02  # units


def tilted(r):
    return r.choice([(0, 0, 1), (0, 0, 1), (0, 0, -1)])


def place(r, reach=50):
    return (r.uniform(-reach, reach), r.uniform(-reach, reach))


def draw(r, to, version, is_block=False):
    kinds = ["line", "circle", "arc", "polyline", "polyline", "curved"]
    if version != "R12":
        kinds += ["light", "ellipse", "spline", "rational", "quintic"]
        if not is_block:  # ezdxf stretches the points that it goes through, not the curve
            kinds.append("through")
    kind = r.choice(kinds)
    own = {"extrusion": tilted(r)}
    if kind == "line":
        to.add_line(place(r), place(r), dxfattribs=own)
    elif kind == "circle":
        to.add_circle(place(r), r.uniform(1, 20), dxfattribs=own)
    elif kind == "arc":
        to.add_arc(place(r), r.uniform(1, 20), r.uniform(-360, 360), r.uniform(-360, 360), dxfattribs=own)
    elif kind in ("polyline", "light"):
        corners = [(*place(r), r.choice([0, 0, r.uniform(-2, 2)])) for _ in range(r.randint(2, 8))]
        close = r.random() < 0.5
        if kind == "light":
            to.add_lwpolyline(corners, format="xyb", close=close, dxfattribs=own)
        else:
            to.add_polyline2d(corners, format="xyb", close=close, dxfattribs=own)
    elif kind == "curved":
        to.add_polyline3d([(*place(r), r.uniform(-9, 9)) for _ in range(r.randint(2, 8))], close=r.random() < 0.5)
    elif kind == "ellipse":
        to.add_ellipse(place(r), (*place(r, 20), 0), r.uniform(0.05, 1), r.uniform(-6, 6), r.uniform(-6, 6), dxfattribs=own)
    elif kind == "spline":
        points = [place(r) for _ in range(r.randint(4, 12))]
        order = r.choice([3, 4])
        to.add_spline().apply_construction_tool(open_uniform_bspline(points, order))
    elif kind == "rational":
        points = [place(r) for _ in range(r.randint(4, 9))]
        to.add_rational_spline(points, [r.uniform(0.2, 4) for _ in points], degree=r.choice([2, 3]))
    elif kind == "quintic":
        to.add_open_spline([place(r) for _ in range(r.randint(6, 9))], degree=5)
    elif kind == "through":
        spline = to.add_spline([place(r) for _ in range(r.randint(2, 9))])
        spline.dxf.start_tangent = (*place(r), 0)
        spline.dxf.end_tangent = (*place(r), 0)


def insert(r, name, to, is_even, may_repeat):
    size = r.uniform(0.3, 2)
    attributes = {
        "rotation": r.uniform(0, 360),
        "xscale": r.choice([1, -1]) * size,
        "yscale": r.choice([1, -1]) * (size if is_even else r.uniform(0.3, 2)),
        "extrusion": tilted(r),
    }
    if may_repeat and r.random() < 0.3:
        attributes |= {"column_count": 2, "row_count": 3, "column_spacing": 60, "row_spacing": 45}
    to.add_blockref(name, place(r), dxfattribs=attributes)


def lines_of(modelspace):
    for entity in disassemble.recursive_decompose(modelspace):
        if entity.dxftype() == "SPLINE":  # its path would be an approximation
            yield [Vec2(p) for p in entity.construction_tool().approximate(240)]
        else:
            yield [Vec2(p) for p in make_path(entity).flattening(FLATTENED)]


def main():
    folder, count = sys.argv[1], int(sys.argv[2])
    for number in range(count):
        r = random.Random(number)
        version = r.choice(["R12", "R2000", "R2010", "R2018"])
        doc = ezdxf.new(version, units=4)
        doc.header["$INSUNITS"] = 4
        names = []
        is_nested = r.random() < 0.5  # and then evenly sized and once: ezdxf does not tell what becomes slanted or apart
        for i in range(r.randint(0, 3)):
            block = doc.blocks.new(f"Part {i}", base_point=place(r, 5))
            for _ in range(r.randint(1, 3)):
                draw(r, block, version, True)
            if names and is_nested:
                insert(r, r.choice(names), block, True, False)
            names.append(block.name)
        model = doc.modelspace()
        for _ in range(r.randint(1, 6)):
            draw(r, model, version)
        if names:
            insert(r, r.choice(names), model, is_nested, True)
        name = f"{folder}/{number:03}"
        doc.saveas(f"{name}.dxf", fmt=r.choice(["asc", "asc", "bin"]))
        with open(f"{name}.lines", "w", encoding="ascii") as out:
            for points in lines_of(ezdxf.readfile(f"{name}.dxf").modelspace()):
                print(*(f"{v:.6f}" for p in points for v in (p.x, p.y)), file=out)


main()
