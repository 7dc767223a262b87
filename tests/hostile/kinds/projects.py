"""Projects: bombs, lies and nesting in the zip; descriptions that ask for too much."""

import copy
import io
import json
import struct
import warnings
import zipfile

from . import Case, damaged
from .pictures import grey, noise, png

warnings.filterwarnings("ignore", "Duplicate name")  # which is what some cases are about

CHECK = ("check", "{file}", "--report", "{out}/r.json")
SHEET = ("sheet", "{file}", "--pdf", "{out}/s.pdf", "--svg", "{out}/s.svg")


def zipped(entries, packing=zipfile.ZIP_DEFLATED):
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", packing, compresslevel=9) as archive:
        for name, content in entries:
            archive.writestr(zipfile.ZipInfo(name), content, packing)
    return out.getvalue()


def unzipped(project):
    with zipfile.ZipFile(io.BytesIO(project)) as archive:
        return {name: archive.read(name) for name in archive.namelist()}


def changed(sound, change):
    """The project with its description changed."""
    entries = dict(sound)
    description = json.loads(entries["document.json"])
    change(description)
    entries["document.json"] = json.dumps(description)
    return zipped(entries.items())


def paths(value, at=()):
    if isinstance(value, dict):
        for key, inner in value.items():
            yield from paths(inner, at + (key,))
    elif isinstance(value, list) and len(value) < 30:
        for i, inner in enumerate(value):
            yield from paths(inner, at + (i,))
    else:
        yield at


def put(description, path, value):
    for step in path[:-1]:
        description = description[step]
    description[path[-1]] = value


def cases(random, samples):
    project = samples["fusuma"]
    sound = unzipped(project)
    yield from damaged(random, "project", project, ".fusuma", CHECK, 30)

    def whole(name, content, how=CHECK):
        return Case(f"project-{name}", content, ".fusuma", how)

    description = json.loads(sound["document.json"])
    every = list(paths(description))
    for i in range(60):
        path = random.choice(every)
        value = random.choice([1e308, -1, 0, 2**31, 2**63, "", "x" * 1000, None, [], {}, True, 1e-308, "../../etc/passwd", [[]], -1e9])
        yield whole(f"field-{i}", changed(sound, lambda d, p=path, v=value: put(d, p, v)))
    for deep in (150, 60_000, 3_000_000):
        nested = "[" * deep + "]" * deep
        yield whole(f"nested-{deep}", zipped({**sound, "document.json": nested}.items()))
        yield whole(f"nested-objects-{deep}", zipped({**sound, "document.json": '{"a":' * deep + "1" + "}" * deep}.items()))
        yield whole(f"nested-inside-{deep}", zipped({**sound, "document.json": sound["document.json"].decode()[:-2].rstrip() + ',"x":' + nested + "}"}.items()))
    yield whole("bomb-description", lambda: zipped({**sound, "document.json": " " * 300_000_000}.items()))
    yield whole("bomb-values", lambda: zipped({**sound, "document.json": "[" + "0," * 100_000_000 + "0]"}.items()))
    yield whole("bomb-string", lambda: zipped({**sound, "document.json": '"' + "a" * 200_000_000 + '"'}.items()))
    yield whole("bomb-entry", lambda: zipped(list(sound.items()) + [("artwork/bomb.png", b"\0" * 1_500_000_000)]))
    yield whole("entries-many", lambda: zipped(list(sound.items()) + [(f"x/{i}", b"") for i in range(60_000)], zipfile.ZIP_STORED))
    for name in ("../../../../tmp/fusuma-climbed", "/tmp/fusuma-climbed", "..\\climbed", "a\nb", "\xff\xfe", "CON", "artwork/../../climbed", "x" * 60_000):
        yield whole(f"entry-{name[:12].strip()}", zipped(list(sound.items()) + [(name, b"climbed")]))
    yield whole("entries-twice", zipped(list(sound.items()) * 2))
    for at in (22, 26):  # the sizes in the first local header
        lying = bytearray(project)
        struct.pack_into("<I", lying, at, 0xFFFFFFF0)
        yield whole(f"sizes-lie-{at}", bytes(lying))
    lying = bytearray(project)
    central = lying.rfind(b"PK\1\2")
    struct.pack_into("<I", lying, central + 24, 0xFFFFFFF0)
    yield whole("sizes-lie-in-directory", bytes(lying))
    yield whole("zip-alone", zipped([]))
    yield whole("no-description", zipped([(k, v) for k, v in sound.items() if k != "document.json"]))
    yield whole("no-artwork", zipped([(k, v) for k, v in sound.items() if not k.startswith("artwork/")]))
    artwork = [k for k in sound if k.startswith("artwork/") and k.endswith(".png")]
    for name, content in {"claims": png(100_000, 100_000), "none": b"", "noise": random.randbytes(5000), "speckled": grey(1500, 1500, noise(1500))}.items():
        yield whole(f"artwork-{name}", zipped({**sound, artwork[0]: content}.items()))
    yield whole("artwork-large", lambda: zipped({**sound, artwork[0]: png(14_000, 14_000, b"\0" * (14_000 * 14_001), colour=0)}.items()))
    yield whole("description-latin", zipped({**sound, "document.json": sound["document.json"].replace(b'"name": "', b'"name": "K\xf6der ')}.items()))
    yield whole("description-zero", zipped({**sound, "document.json": sound["document.json"].replace(b'"name": "', b'"name": "a\\u0000b')}.items()))
    placement = copy.deepcopy(description["placements"][0])

    def copies(count, spread, **more):
        def change(d):
            d["placements"] = [{**placement, **more, "id": i + 1, "centre": [50 + spread * (i % 300), 50 + spread * (i // 300)]} for i in range(count)]
            d["next_copy"] = count + 1
        return change

    for count, spread in ((3000, 1.0), (100_000, 0.3), (100_000, 0.0), (1_000_000, 0.1)):
        yield whole(f"copies-{count}-{spread}", lambda c=count, s=spread: changed(sound, copies(c, s)))
        yield whole(f"copies-sheet-{count}-{spread}", lambda c=count, s=spread: changed(sound, copies(c, s)), SHEET)
    for scale in (1000, 1e-6, 1e9):
        def scaled(d, scale=scale):
            for s in d["stickers"]:
                s["width"] = s.get("width", 50) * scale
        yield whole(f"scaled-{scale}", changed(sound, scaled))

    def stickers(d):
        d["stickers"] = [{**d["stickers"][0], "id": i + 1} for i in range(20_000)]
        d["next_sticker"] = 20_001

    yield whole("stickers-many", lambda: changed(sound, stickers))
