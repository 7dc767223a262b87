"""PDF: nesting that multiplies, bombs, cycles, huge pages and pictures."""

import zlib

from . import Case, damaged

PICTURE = ("outline", "{file}", "-o", "{out}/o.svg")
PARTS = ("parts", "{file}", "--report", "{out}/r.json")


def pdf(objects, root=1, trailer=""):
    """`objects` are bodies as text or bytes, numbered from 1."""
    text, places = b"%PDF-1.7\n", []
    for number, body in enumerate(objects, 1):
        places.append(len(text))
        text += f"{number} 0 obj\n".encode() + (body if isinstance(body, bytes) else body.encode("latin-1")) + b"\nendobj\n"
    start = len(text)
    text += f"xref\n0 {len(objects) + 1}\n0000000000 65535 f \n".encode()
    text += b"".join(f"{at:010} 00000 n \n".encode() for at in places)
    return text + f"trailer\n<</Size {len(objects) + 1}/Root {root} 0 R{trailer}>>\nstartxref\n{start}\n%%EOF\n".encode()


def stream(content, more="", packed=True):
    data = zlib.compress(content if isinstance(content, bytes) else content.encode("latin-1"), 9) if packed else content
    return f"<</Length {len(data)}{'/Filter/FlateDecode' if packed else ''}{more}>>\nstream\n".encode() + data + b"\nendstream"


def page(content, resources="", box="0 0 200 200", others=(), more=""):
    return pdf(
        [
            "<</Type/Catalog/Pages 2 0 R>>",
            "<</Type/Pages/Kids[3 0 R]/Count 1>>",
            f"<</Type/Page/Parent 2 0 R/MediaBox[{box}]/Contents 4 0 R/Resources<<{resources}>>{more}>>",
            content if isinstance(content, bytes) and content.startswith(b"<<") else stream(content),
            *others,
        ]
    )


def forms(levels, each):
    """Form k draws form k + 1 several times."""
    return [
        stream("q 1 0 0 1 1 1 cm /F Do Q " * each if k < levels - 1 else "0 0 5 5 re f", f"/Type/XObject/Subtype/Form/BBox[0 0 200 200]/Resources<</XObject<</F {6 + k} 0 R>>>>")
        for k in range(levels)
    ]


def all_pdfs(random):
    square = "1 0 0 rg 10 10 100 100 re f"
    yield "sound", page(square)
    for levels, each in ((12, 10), (40, 2), (3000, 1)):
        yield f"forms-{levels}-{each}", page("/F Do", "/XObject<</F 5 0 R>>", others=forms(levels, each))
    yield "form-of-itself", page("/F Do", "/XObject<</F 5 0 R>>", others=[stream("/F Do /F Do", "/Type/XObject/Subtype/Form/BBox[0 0 9 9]/Resources<</XObject<</F 5 0 R>>>>")])
    for side in (20_000, 100_000, 2_000_000_000):
        yield f"picture-{side}", page("200 0 0 200 0 0 cm /I Do", "/XObject<</I 5 0 R>>", others=[stream(b"\0" * 1000, f"/Type/XObject/Subtype/Image/Width {side}/Height {side}/ColorSpace/DeviceRGB/BitsPerComponent 8")])
    yield "picture-bomb", lambda: page("200 0 0 200 0 0 cm /I Do", "/XObject<</I 5 0 R>>", others=[stream(b"\0" * 300_000_000, "/Type/XObject/Subtype/Image/Width 10000/Height 10000/ColorSpace/DeviceRGB/BitsPerComponent 8")])
    yield "content-bomb", lambda: page(b" " * 400_000_000)
    yield "content-bomb-lines", lambda: page("0 0 m 9 9 l S " * 3_000_000)
    yield "content-nested", lambda: page("q " * 3_000_000)
    yield "content-arrays", page("[" * 1_000_000)
    def twice():
        packed = zlib.compress(zlib.compress(b"0" * 200_000_000, 9), 9)
        return page(f"<</Length {len(packed)}/Filter[/FlateDecode/FlateDecode]>>\nstream\n".encode() + packed + b"\nendstream")

    yield "content-packed-twice", twice
    yield "filters-many", page(b"<</Length 5/Filter[" + b"/FlateDecode" * 10_000 + b"]>>\nstream\nabcde\nendstream")
    yield "length-lies", page(b"<</Length 99999999999>>\nstream\n" + square.encode() + b"\nendstream")
    yield "length-of-itself", page(b"<</Length 4 0 R>>\nstream\n" + square.encode() + b"\nendstream")
    for box in ("0 0 1e9 1e9", "0 0 0 0", "0 0 -5 -5", "nan nan 9 9", "0 0 1e38 1e38", "0 0 14400 14400", "9 9 9 9"):
        yield f"box-{box}", page(square, box=box)
    yield "tree-cycle", pdf(["<</Type/Catalog/Pages 2 0 R>>", "<</Type/Pages/Kids[2 0 R]/Count 1>>"])
    yield "tree-deep", lambda: pdf(["<</Type/Catalog/Pages 2 0 R>>"] + [f"<</Type/Pages/Kids[{i + 3} 0 R]/Count 1/Parent {i + 1} 0 R>>" for i in range(20_000)] + ["<</Type/Page/MediaBox[0 0 9 9]>>"])
    yield "tree-counts", pdf(["<</Type/Catalog/Pages 2 0 R>>", "<</Type/Pages/Kids[3 0 R]/Count 2000000000>>", "<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]>>"])
    yield "pages-thousand", pdf(["<</Type/Catalog/Pages 2 0 R>>", f"<</Type/Pages/Kids[{'3 0 R ' * 1000}]/Count 1000>>", "<</Type/Page/Parent 2 0 R/MediaBox[0 0 9 9]>>"])
    yield "no-pages", pdf(["<</Type/Catalog>>"])
    yield "root-missing", pdf(["<</Type/Catalog/Pages 2 0 R>>"], root=77)
    yield "previous-of-itself", page(square).replace(b"/Root", b"/Prev 15/Root")
    yield "locked", pdf(["<</Type/Catalog/Pages 2 0 R>>", "<</Type/Pages/Kids[]/Count 0>>"], trailer="/Encrypt<</Filter/Standard/V 1/R 2/O(a)/U(b)/P -4>>/ID[(a)(b)]")
    yield "tiling-fine", page("/Pattern cs /P scn 0 0 200 200 re f", "/Pattern<</P 5 0 R>>", others=[stream("0 0 .001 .001 re f", "/Type/Pattern/PatternType 1/PaintType 1/TilingType 1/BBox[0 0 .001 .001]/XStep .0001/YStep .0001/Resources<<>>")])
    yield "tiling-of-itself", page("/Pattern cs /P scn 0 0 200 200 re f", "/Pattern<</P 5 0 R>>", others=[stream("/Pattern cs /P scn 0 0 9 9 re f", "/Type/Pattern/PatternType 1/PaintType 1/TilingType 1/BBox[0 0 9 9]/XStep 1/YStep 1/Resources<</Pattern<</P 5 0 R>>>>")])
    yield "function-slow", page("/S sh", "/Shading<</S<</ShadingType 1/ColorSpace/DeviceGray/Domain[0 1 0 1]/Matrix[200 0 0 200 0 0]/Function 5 0 R>>>>", others=[stream("{" + "dup sin cos mul exch " * 3000 + "pop}", "/FunctionType 4/Domain[0 1 0 1]/Range[0 1]")])
    yield "function-nested", page("/S sh", "/Shading<</S<</ShadingType 2/ColorSpace/DeviceGray/Coords[0 0 9 9]/Function 5 0 R>>>>", others=[stream("{" * 100_000, "/FunctionType 4/Domain[0 1]/Range[0 1]")])
    yield "function-of-itself", page("/S sh", "/Shading<</S<</ShadingType 2/ColorSpace/DeviceGray/Coords[0 0 9 9]/Function 5 0 R>>>>", others=["<</FunctionType 3/Domain[0 1]/Functions[5 0 R]/Bounds[]/Encode[0 1]>>"])
    yield "shading-mesh", lambda: page("/S sh", "/Shading<</S 5 0 R>>", others=[stream(random.randbytes(3_000_000), "/ShadingType 4/ColorSpace/DeviceGray/BitsPerCoordinate 8/BitsPerComponent 8/BitsPerFlag 8/Decode[0 200 0 200 0 1]")])
    yield "mask-of-itself", page("/G gs 0 0 99 99 re f", "/ExtGState<</G<</SMask<</S/Alpha/G 5 0 R>>>>>>", others=[stream("/G gs 0 0 9 9 re f", "/Type/XObject/Subtype/Form/BBox[0 0 9 9]/Group<</S/Transparency>>/Resources<</ExtGState<</G<</SMask<</S/Alpha/G 5 0 R>>>>>>>>")])
    yield "groups-deep", page("/F Do", "/XObject<</F 5 0 R>>", others=[f.replace(b"/Type/XObject", b"/Group<</S/Transparency/I true>>/Type/XObject") for f in forms(300, 1)])
    yield "dash-fine", page("[.0001] 0 d .1 w " + "0 0 m 200 200 l S " * 50)
    yield "clip-many", page("0 0 m 99 1 l 1 99 l h W n " * 100_000 + square)
    yield "font-of-itself", page("BT /F 9 Tf (a) Tj ET", "/Font<</F<</Type/Font/Subtype/Type3/FontBBox[0 0 9 9]/FontMatrix[1 0 0 1 0 0]/FirstChar 97/LastChar 97/Widths[9]/Encoding<</Differences[97/a]>>/CharProcs<</a 5 0 R>>/Resources<</Font<</F 3 0 R>>>>>>>>", others=[stream("9 0 0 0 9 9 d1 BT /F 9 Tf (aaaa) Tj ET")])
    yield "font-broken", page("BT /F 9 Tf 9 9 Td (abc) Tj ET", "/Font<</F<</Type/Font/Subtype/TrueType/BaseFont/X/FirstChar 0/LastChar 255/FontDescriptor<</Type/FontDescriptor/FontName/X/Flags 4/FontFile2 5 0 R>>>>>>", others=[stream(b"\0\1\0\0\xff\xff" + random.randbytes(5000))])
    yield "far-file", page("/F Do", "/XObject<</F<</Type/XObject/Subtype/Form/Ref<</F(/etc/passwd)/Page 0>>>>>>", more="/AA<</O<</S/URI/URI(http://127.0.0.1/)>>>>")
    yield "object-streams", pdf(["<</Type/Catalog/Pages 2 0 R>>", "<</Type/Pages/Kids[]/Count 0>>", stream(b"1 0 " * 500_000, "/Type/ObjStm/N 2000000000/First 10")])
    yield "head-alone", b"%PDF-1.7\n"
    yield "head-late", b"\0" * 900 + page(square)
    yield "head-and-noise", b"%PDF-1.4\n" + random.randbytes(50_000)


def cases(random):
    sound = page("1 0 0 rg 10 10 100 100 re f 0 0 1 RG 5 5 m 150 190 l S BT /F 12 Tf (Tide) Tj ET", "/Font<</F<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>>>")
    yield from damaged(random, "pdf", sound, ".pdf", PICTURE, 25)
    yield from damaged(random, "pdf-parts", sound, ".pdf", PARTS, 15)
    for name, content in all_pdfs(random):
        yield Case(f"pdf-{name}", content, ".pdf", PICTURE)
        yield Case(f"pdf-parts-{name}", content, ".pdf", PARTS)
