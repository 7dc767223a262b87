"""SVG and DXF: nesting, multiplying, cycles, references outward, huge effects, lying counts."""

import base64
import gzip

from . import Case, damaged
from .pictures import png

PARTS = ("parts", "{file}", "--report", "{out}/r.json")
SHEET = ("outline", "{file}", "-o", "{out}/o.svg")
HEAD = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="100" height="100" viewBox="0 0 100 100">'


def svg(inside, head=HEAD, before=""):
    return (before + head + inside + "</svg>").encode()


def doubled(kind, levels, each=10, leaf='<rect width="9" height="9"/>'):
    """Every level uses the one below it `each` times."""
    text = f'<defs><g id="l0">{leaf}</g>'
    for i in range(1, levels):
        text += f'<{kind} id="l{i}">' + f'<use xlink:href="#l{i - 1}"/>' * each + f"</{kind}>"
    return text + f'</defs><use xlink:href="#l{levels - 1}"/>'


def patterns(levels):
    text = '<defs><pattern id="p0" width="2" height="2" patternUnits="userSpaceOnUse"><rect width="1" height="1"/></pattern>'
    for i in range(1, levels):
        text += f'<pattern id="p{i}" width="{2 + i}" height="{2 + i}" patternUnits="userSpaceOnUse">' + "".join(
            f'<rect x="{k}" width="1" height="5" fill="url(#p{i - 1})"/>' for k in range(4)
        ) + "</pattern>"
    return text + f'</defs><rect width="100" height="100" fill="url(#p{levels - 1})"/>'


def drawings(random, port):
    far = f"http://127.0.0.1:{port}/"
    star = "".join(f"L{random.uniform(0, 100):.3f} {random.uniform(0, 100):.3f}" for _ in range(20_000))
    yield "crossing-path", svg(f'<path d="M0 0{star}Z"/>')
    yield "crossing-strokes", svg(f'<path d="M0 0{star}" fill="none" stroke="red" stroke-width="2"/>')
    yield "crossing-pieces", svg("".join(f'<path d="M{random.uniform(0,100):.2f} {random.uniform(0,100):.2f}L{random.uniform(0,100):.2f} {random.uniform(0,100):.2f}L{random.uniform(0,100):.2f} {random.uniform(0,100):.2f}Z"/>' for _ in range(20_000)))
    yield "million-commands", svg('<path d="M0 0' + "l1 1-1 0" * 350_000 + 'Z"/>')
    yield "million-moves", svg('<path d="' + "M0 0h1v1z" * 250_000 + '"/>')
    yield "million-arcs", svg('<path d="M0 0' + "a1 1 0 1 1 .1 .1" * 200_000 + '"/>')
    for deep in (300, 10_000, 200_000):
        yield f"nested-{deep}", svg("<g>" * deep + '<rect width="5" height="5"/>' + "</g>" * deep)
        yield f"nested-open-{deep}", svg("<g>" * deep)
        yield f"nested-svg-{deep}", svg('<svg width="90%">' * deep + '<rect width="5" height="5"/>' + "</svg>" * deep)
        yield f"nested-tspan-{deep}", svg("<text>" + "<tspan>" * deep + "a" + "</tspan>" * deep + "</text>")
    for kind in ("g", "symbol", "svg"):
        yield f"multiplying-{kind}", svg(doubled(kind, 12))
    yield "multiplying-text", svg(doubled("g", 9, leaf='<text y="9">abc</text>'))
    yield "multiplying-filter", svg(doubled("g", 7, leaf='<rect width="9" height="9" filter="url(#f)"/>') + '<filter id="f"><feGaussianBlur stdDeviation="3"/></filter>')
    yield "multiplying-patterns", svg(patterns(12))
    yield "use-of-itself", svg('<g id="a"><use xlink:href="#a"/></g>')
    yield "use-of-parent", svg('<g id="a"><g id="b"><use xlink:href="#a"/></g><use xlink:href="#b"/></g>')
    for what in ("clipPath", "mask", "pattern", "filter", "marker", "linearGradient"):
        prop = {"clipPath": "clip-path", "mask": "mask", "pattern": "fill", "filter": "filter", "marker": "marker-mid", "linearGradient": "fill"}[what]
        yield f"cycle-{what}", svg(f'<{what} id="c" {prop}="url(#c)" xlink:href="#c"><rect width="50" height="50" {prop}="url(#c)"/></{what}><path d="M0 0L9 9L50 2" {prop}="url(#c)"/>')
        chain = "".join(f'<{what} id="c{i}" {prop}="url(#c{i + 1})"><rect width="50" height="50" {prop}="url(#c{i + 1})"/></{what}>' for i in range(3000))
        yield f"chain-{what}", svg(f'{chain}<rect width="50" height="50" {prop}="url(#c0)"/>')
    for name, effect in {
        "blur": '<feGaussianBlur stdDeviation="1000000"/>', "blur-many": '<feGaussianBlur stdDeviation="40"/>' * 400,
        "convolve": f'<feConvolveMatrix order="500" kernelMatrix="{"1 " * 250_000}"/>', "convolve-lies": '<feConvolveMatrix order="20000" kernelMatrix="1"/>',
        "turbulence": '<feTurbulence numOctaves="1000000000" baseFrequency="1e9"/>', "turbulence-fine": '<feTurbulence numOctaves="200" baseFrequency=".0001"/>',
        "morphology": '<feMorphology radius="100000" operator="dilate"/>', "offset": '<feOffset dx="1e300" dy="-1e300"/>', "tile": "<feTile/>" * 2000,
        "flood": '<feFlood x="-1e9" y="-1e9" width="2e9" height="2e9"/>', "light": '<feDiffuseLighting surfaceScale="1e9"><fePointLight x="1e30" y="0" z="1"/></feDiffuseLighting>',
        "image": f'<feImage xlink:href="{far}i"/>',
    }.items():
        yield f"filter-{name}", svg(f'<filter id="f" x="-10" y="-10" width="30" height="30">{effect}</filter><rect width="90" height="90" filter="url(#f)"/>')
    yield "filter-region", svg('<filter id="f" filterUnits="userSpaceOnUse" x="-1e8" y="-1e8" width="2e8" height="2e8"><feGaussianBlur stdDeviation="2"/></filter><rect width="90" height="90" filter="url(#f)"/>')
    for dash in ("0.0001", "0.1 0.05", "0", "-1 2", "1e-30", "1e300", "nan", "0.01 " * 5000):
        yield f"dash-{dash[:9].strip()}", svg(f'<path d="M0 0{"l90 3-90 3" * 300}" fill="none" stroke="#000" stroke-width=".3" stroke-dasharray="{dash}"/>')
    yield "text-long", svg('<text font-size="1" y="9">' + "letters of a word " * 600 + "</text>")
    yield "text-longer", svg('<text font-size="1" y="9">' + "m" * 100_000 + "</text>")
    yield "text-many", svg("".join(f'<text y="{i % 100}">glyphs{i}</text>' for i in range(3000)))
    yield "text-huge", svg('<text font-size="1e9" y="9">A</text>')
    yield "text-signs", svg("<text y='9'>" + "".join(chr(0x300 + i % 112) for i in range(50_000)) + "</text>")
    yield "markers", svg('<marker id="m"><circle r="3"/></marker><path d="M0 0' + "l1 1-1 0" * 30_000 + '" marker-mid="url(#m)"/>')
    yield "rules", svg("<style>" + "".join(f".c{i} g .d{i % 7}>path[x='{i}']{{fill:#{i % 4096:03x}}}" for i in range(5000)) + "</style>" + "".join(f'<path class="c{i % 5000} d{i % 7}" d="M0 0h1v1z"/>' for i in range(20_000)))
    yield "rules-deep", svg("<style>" + "g " * 5000 + "rect{fill:red}</style>" + "<g>" * 200 + '<rect width="1" height="1"/>' + "</g>" * 200)
    yield "rules-open", svg("<style>a{" * 100_000 + "</style>")
    yield "gradient-stops", lambda: svg('<linearGradient id="g">' + "".join(f'<stop offset="{i / 1e5}" stop-color="#{i % 4096:03x}"/>' for i in range(100_000)) + '</linearGradient><rect width="90" height="90" fill="url(#g)"/>')
    yield "entity-laughs", svg('<text y="9">&j;</text>', before="<!DOCTYPE svg [" + '<!ENTITY a "haha">' + "".join(f'<!ENTITY {chr(98 + i)} "{("&" + chr(97 + i) + ";") * 10}">' for i in range(9)) + "]>")
    yield "entity-square", svg("<text>" + "&a;" * 20_000 + "</text>", before='<!DOCTYPE svg [<!ENTITY a "' + "x" * 60_000 + '">]>')
    yield "entity-file", svg("<text>&a;</text>", before='<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]>')
    yield "entity-far", svg("<text>&a;</text>", before=f'<!DOCTYPE svg [<!ENTITY % p SYSTEM "{far}p.dtd">%p;<!ENTITY a SYSTEM "{far}a">]>')
    yield "doctype-far", svg("<rect/>", before=f'<!DOCTYPE svg PUBLIC "x" "{far}svg.dtd">')
    for name, target in {"far": far + "a.png", "file": "file:///etc/passwd", "climbing": "../../../../../etc/passwd", "plain": "/etc/passwd", "share": "smb://127.0.0.1/a", "device": "file:///dev/zero", "data-svg": "data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg'%3E%3Cimage href='" + far + "'/%3E%3C/svg%3E"}.items():
        yield f"refers-image-{name}", svg(f'<image xlink:href="{target}" width="50" height="50"/><image href="{target}" width="50" height="50"/>')
        yield f"refers-use-{name}", svg(f'<use xlink:href="{target}#a"/>')
        yield f"refers-style-{name}", svg(f'<style>@import url("{target}");rect{{fill:url({target}#a);filter:url({target}#b)}}@font-face{{font-family:F;src:url({target})}}</style><rect width="9" height="9"/>', before=f'<?xml-stylesheet href="{target}"?>')
    yield "script", svg(f'<script xlink:href="{far}s.js">while(1);</script><rect onload="x" width="9" height="9"/>')
    def large():
        return "data:image/png;base64," + base64.b64encode(png(14_000, 14_000, b"\0" * (14_000 * 14_001), colour=0)).decode()

    yield "pictures-large", lambda: svg("".join(f'<image xlink:href="{large()}" y="{i}" width="50" height="50"/>' for i in range(6)))
    for name, number in {"nan": "nan", "inf": "inf", "huge": "1e308", "tiny": "1e-308", "percent": "1e30%", "long": "9" * 100_000, "signs": "--5", "blank": ""}.items():
        yield f"number-{name}", svg(f'<rect x="{number}" y="1" width="{number}" height="5"/><path d="M{number} 0L5 5 0 5Z" transform="matrix({number} 0 0 1 0 0)" stroke-width="{number}" stroke="red"/><circle r="{number}"/>')
        yield f"size-{name}", svg('<rect width="9" height="9"/>', head=f'<svg xmlns="http://www.w3.org/2000/svg" width="{number}" height="{number}" viewBox="0 0 {number} {number}">')
    yield "size-none", svg('<rect width="9" height="9"/>', head='<svg xmlns="http://www.w3.org/2000/svg" width="0" height="0">')
    yield "size-large", svg('<rect width="9" height="9"/>', head='<svg xmlns="http://www.w3.org/2000/svg" width="1000000mm" height="1000000mm">')
    yield "singular", svg('<g transform="scale(0)"><rect width="9" height="9" filter="url(#f)"/></g><filter id="f"><feGaussianBlur/></filter>')
    yield "encoding-latin", svg('<g id="Köder"><rect id="Fläche" width="9" height="9"/></g>').decode().encode("latin-1")
    yield "encoding-declared", b'<?xml version="1.0" encoding="utf-8"?>' + svg('<g id="K\xf6der"><rect width="9" height="9"/></g>').decode().encode("latin-1")
    yield "encoding-utf16", svg('<rect width="9" height="9"/>').decode().encode("utf-16")
    yield "encoding-unknown", b'<?xml version="1.0" encoding="x-none"?>' + svg("<rect/>")
    yield "nul", svg('<g id="a\0b"><rect width="9" height="9"/></g>')
    yield "attributes", lambda: svg("<rect " + " ".join(f'a{i}="{i}"' for i in range(200_000)) + "/>")
    yield "elements", svg('<rect width="1" height="1"/>' * 300_000)
    yield "names", svg(f'<g id="{"n" * 5_000_000}"><rect width="9" height="9"/></g>')
    yield "cut-short", svg('<rect width="9" height="9"/>' * 50)[:700]
    yield "packed-bomb", lambda: gzip.compress(svg(" " * 300_000_000), 9)
    yield "packed-cut", gzip.compress(svg("<rect/>" * 5000))[:60]
    yield "packed-twice", gzip.compress(gzip.compress(svg("<rect/>")))


def pair(code, value):
    return f"{code}\n{value}\n"


def entities(inside, before=""):
    return ("0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n" + before + "0\nSECTION\n2\nENTITIES\n" + inside + "0\nENDSEC\n0\nEOF\n").encode("latin-1")


def line(a, b, c, d, layer="0"):
    return f"0\nLINE\n8\n{layer}\n10\n{a}\n20\n{b}\n11\n{c}\n21\n{d}\n"


def dxfs(random):
    yield "sound", entities(line(0, 0, 50, 0) + line(50, 0, 0, 50) + line(0, 50, 0, 0))
    for size in (255, 256, 1023, 1024, 1025, 5000, 1_000_000):
        yield f"line-of-{size}", entities(line(0, 0, 5, 5, "L" * size))
        yield f"code-of-{size}", entities("0\nLINE\n" + "8" * size + "\n0\n10\n0\n20\n0\n11\n9\n21\n9\n")
        yield f"no-end-{size}", b"0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n" + b"x" * size
    for count in (200_000_000, 2_147_483_647, -1, 4_294_967_295, 99_999_999_999):
        yield f"lwpolyline-counts-{count}", entities(f"0\nLWPOLYLINE\n8\n0\n90\n{count}\n70\n1\n10\n0\n20\n0\n10\n5\n20\n5\n")
        yield f"spline-counts-{count}", entities(f"0\nSPLINE\n8\n0\n70\n8\n71\n3\n72\n{count}\n73\n{count}\n74\n{count}\n40\n0\n10\n0\n20\n0\n")
        yield f"hatch-counts-{count}", entities(f"0\nHATCH\n8\n0\n91\n{count}\n92\n1\n93\n{count}\n72\n1\n10\n0\n20\n0\n")
        yield f"leader-counts-{count}", entities(f"0\nLEADER\n8\n0\n76\n{count}\n10\n0\n20\n0\n")
    for value in ("nan", "inf", "-inf", "1e308", "1e400", "abc", "", "1,5"):
        yield f"coordinate-{value}", entities(line(value, value, 5, 5) + line(5, 5, 0, 9) + f"0\nCIRCLE\n8\n0\n10\n{value}\n20\n0\n40\n{value}\n" + f"0\nARC\n8\n0\n10\n0\n20\n0\n40\n5\n50\n{value}\n51\n{value}\n" + f"0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n{value}\n21\n0\n40\n{value}\n41\n0\n42\n{value}\n")
    yield "ellipse-turns", entities("0\nELLIPSE\n8\n0\n10\n0\n20\n0\n11\n5\n21\n0\n40\n.5\n41\n0\n42\n1e12\n")
    yield "bulges", entities("0\nLWPOLYLINE\n8\n0\n90\n4\n70\n1\n" + "".join(f"10\n{i}\n20\n{i * i}\n42\n{b}\n" for i, b in enumerate(("1e9", "-1e300", "nan", "1e-300"))))
    yield "lines-many", lambda: entities("".join(line(i % 300, i // 300, i % 300 + 1, i // 300) for i in range(100_000)))
    yield "lines-on-one-spot", entities(line(1, 1, 1, 1) * 100_000)
    yield "lines-touching", entities("".join(line(0, 0, random.uniform(-99, 99), random.uniform(-99, 99)) for _ in range(30_000)))
    yield "blocks-cyclic", entities("0\nINSERT\n8\n0\n2\nB\n10\n0\n20\n0\n", "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nB\n0\nINSERT\n2\nB\n10\n0\n20\n0\n0\nENDBLK\n0\nENDSEC\n")
    yield "inserts-many", entities("0\nINSERT\n8\n0\n2\nB\n70\n1000000\n71\n1000000\n44\n.001\n45\n.001\n10\n0\n20\n0\n")
    block = lambda name, inside: f"0\nBLOCK\n2\n{name}\n10\n0\n20\n0\n{inside}0\nENDBLK\n"
    blocks = lambda inside: f"0\nSECTION\n2\nBLOCKS\n{inside}0\nENDSEC\n"
    insert = lambda name, more="": f"0\nINSERT\n8\n0\n2\n{name}\n10\n1\n20\n1\n{more}"
    tower = block("N0", line(0, 0, 5, 5)) + "".join(block(f"N{i}", insert(f"N{i - 1}") * 3) for i in range(1, 40))
    yield "blocks-tower", entities(insert("N39"), blocks(tower))
    for what, inside in (("lines", line(0, 0, 5, 5)), ("nothing", "")):
        yield f"inserts-of-{what}", entities(insert("B", "70\n30000\n71\n30000\n44\n1\n45\n1\n"), blocks(block("B", inside)))
    yield "insert-scaled", entities(insert("B", "41\n1e300\n42\n-1e300\n50\n1e300\n"), blocks(block("B", line(0, 0, 5, 5))))
    for degree, knots in ((3, ("0", "1e308", "nan", "-1e308", "5", "6", "7", "8")), (7, ("0",) * 8), (1_000_000, ("0", "0", "1", "1"))):
        yield f"spline-of-{degree}", entities(f"0\nSPLINE\n8\n0\n70\n8\n71\n{degree}\n72\n{len(knots)}\n73\n4\n74\n0\n" + "".join(f"40\n{k}\n" for k in knots) + "".join(f"41\n{w}\n" for w in ("1e308", "-1", "0", "1e-308")) + "".join(f"10\n{i}\n20\n{i}\n" for i in range(4)))
    yield "normals", entities("".join(f"0\nCIRCLE\n8\n0\n10\n5\n20\n5\n40\n5\n210\n{n}\n220\n{n}\n230\n{n}\n" for n in ("0", "1e308", "1e-308", "-1")))
    title = b"A draw. Binary DXF\r\n\x1a\0"
    yield "binary-noise", title + random.randbytes(100_000)
    yield "binary-without-end", title + b"\0\0SECTION\0" * 100_000
    yield "layer-latin", entities(line(0, 0, 9, 9, "K\xf6der \xdf"))
    yield "layer-nul", entities(line(0, 0, 9, 9, "a\0b"))
    yield "sections-open", b"0\nSECTION\n" * 100_000
    yield "no-lines", entities("")
    yield "units-huge", entities(line(0, 0, 9, 9), "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n19\n0\nENDSEC\n")


def cases(random, samples, port):
    yield from damaged(random, "svg", samples["svg"], ".svg", PARTS, 30)
    for name, content in drawings(random, port):
        yield Case(f"svg-{name}", content, ".svgz" if name.startswith("packed") else ".svg", PARTS)
        if name in ("crossing-path", "crossing-pieces", "million-moves", "elements", "text-longer"):
            yield Case(f"svg-{name}-traced", content, ".svg", SHEET)
    sound = entities(line(0, 0, 50, 0) + line(50, 0, 0, 50) + line(0, 50, 0, 0))
    yield from damaged(random, "dxf", sound, ".dxf", PARTS, 20)
    for name, content in dxfs(random):
        yield Case(f"dxf-{name}", content, ".dxf", PARTS)
