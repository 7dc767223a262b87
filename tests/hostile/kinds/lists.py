"""Lists, schemes, machines and templates."""

import json

from . import Case, damaged

LIST = ("sheet", "--label", "rounded:60x30", "--text", "{{name}} {{price}}", "--list", "{file}", "--fill", "rows", "--report", "{out}/r.json")
SCHEME = ("sheet", "{art}", "--mark-scheme", "{file}", "--report", "{out}/r.json")
MACHINE = ("sheet", "{art}", "--copies", "1", "--hpgl", "{out}/c.plt", "--machine", "{file}")
TEMPLATE = ("sheet", "--template", "{file}:Jar", "--report", "{out}/r.json")


def lists(random):
    yield "quote-open", b'name,price\n"Kelp,2\n' + b"Dulse,3\n" * 5000
    yield "quote-open-large", b'name\n"' + b"x\n" * 5_000_000
    yield "cell-large", b"name,price\n" + b"k" * 5_000_000 + b",2\n"
    yield "cells-many", b"name" + b",a" * 2_000_000 + b"\n" + b"1" + b",2" * 2_000_000
    yield "rows-many", b"name\n" + b"Kelp\n" * 2_000_000
    yield "rows-allowed", b"name,price\n" + b"Kelp,2\n" * 2000
    yield "blank", b"\n" * 1_000_000
    yield "separators", b",;\t|" * 500_000
    yield "quotes", b'"' * 1_000_000
    yield "zeros", b"\0" * 10_000
    yield "zeros-within", b"name\nKe\0lp\n"
    yield "latin", "name\nKöder\n".encode("latin-1")
    yield "utf16", "name\nKöder\n".encode("utf-16")
    yield "utf16-odd", "name\nKöder\n".encode("utf-16")[:-1]
    yield "utf16-alone", b"\xff\xfe\x00\xd8" * 1000
    yield "utf8-broken", b"\xef\xbb\xbfname\n\xc3\x28\xa0\xa1\xf0\x28\x8c\xbc\n"
    for name, lead in {"kana": (0x82, 0x83), "hanzi": range(0x81, 0xFF)}.items():
        yield f"half-letters-{name}", b"name\n" + bytes(random.choice(lead) for _ in range(200_000))
    yield "kana-many", ("品名\n" + "いちごジャム" * 20_000).encode("cp932", "replace")
    yield "separator-stated", b"sep=;\n" * 100_000
    yield "no-end", b"name\n" + b"k" * 10_000_000
    yield "too-large", b"name\n" + b"kelp\n" * 6_000_000
    yield "signs", ("name\n" + "".join(chr(0x300 + i % 112) for i in range(100_000))).encode()
    yield "fields", ("name\n" + "{name}" * 10_000).encode()
    yield "none", b""


def texts(random, sound):
    text = json.dumps(sound)
    for deep in (150, 60_000, 1_500_000):
        yield f"nested-{deep}", ("[" * deep + "]" * deep).encode()
        yield f"nested-open-{deep}", ("[" * deep).encode()
        yield f"nested-objects-{deep}", ('{"a":' * deep + "1" + "}" * deep).encode()
    yield "latin", text.encode().replace(b": \"", b": \"\xf6", 1)
    yield "string-large", json.dumps({**sound, "name": "n" * 3_000_000}).encode() if isinstance(sound, dict) else b""
    yield "values-many", ("[" + "0," * 2_000_000 + "0]").encode()
    yield "number-large", text.replace(": 1", ": 1" + "0" * 5000, 1).encode()
    for value in ("1e999", "-1e308", "NaN", "null", "\"\"", "[]", "{}", "-1", "18446744073709551616"):
        for key in list(sound)[:12]:
            if isinstance(sound[key], (int, float, str, list)):
                yield f"{key}-is-{value}", json.dumps({**sound, key: "HERE"}).replace('"HERE"', value).encode()
    yield "keys-many", lambda: json.dumps({f"k{i}": i for i in range(200_000)}).encode()
    yield "zero", b"\0" * 1000
    yield "none", b""
    yield "blank", b" " * 3_000_000
    yield "too-large", b" " * 30_000_000


def cases(random, samples):
    yield from damaged(random, "list", b'name,price\n"Kelp ""Relish""",2.50\nDulse;3\nSamphire,4\n' * 20, ".csv", LIST, 15)
    for name, content in lists(random):
        yield Case(f"list-{name}", content, ".csv", LIST)
    for word, how in (("scheme", SCHEME), ("machine", MACHINE), ("template", TEMPLATE)):
        sound = samples[word]
        yield from damaged(random, word, json.dumps(sound, indent=1).encode(), ".json", how, 12)
        for name, content in texts(random, sound):
            yield Case(f"{word}-{name}", content, ".json", how)
    marks = [{"shape": "disc", "from": "top-left", "x": 5, "y": 5, "radius": 2}] * 100_000
    yield Case("scheme-marks-many", lambda: json.dumps({"name": "m", "marks": marks}).encode(), ".json", SCHEME)
