"""Says what ezdxf sees in a DXF file: a row for each line, its layer, whether it is closed, and where it runs.

Usage: seen_by_ezdxf.py FILE. Ends with 1 where ezdxf finds anything in the file to be wrong.
"""

import sys

import ezdxf
from ezdxf.path import make_path

drawing = ezdxf.readfile(sys.argv[1])
found = drawing.audit()
for trouble in found.errors + found.fixes:
    print(trouble.message, file=sys.stderr)
for entity in drawing.modelspace():
    closed = entity.is_closed if entity.dxftype() == "POLYLINE" else entity.closed
    points = make_path(entity).flattening(0.005)
    print(entity.dxf.layer, int(closed), *(f"{v.x:.5f} {v.y:.5f}" for v in points))
sys.exit(bool(found.errors or found.fixes))
