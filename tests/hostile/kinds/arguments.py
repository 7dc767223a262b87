"""Options with what is no number, out of range, of another encoding; paths that are no files."""

from . import Case

NUMBERS = ["nan", "-nan", "inf", "-inf", "1e308", "-1e308", "1e400", "", " ", "abc", "0x10", "1,5", "--5", "9" * 400, "1e-320", "-0", "NAN(7)"]
OUTLINE = ["--border", "--dpi", "--width", "--resolution", "--threshold", "--detail", "--smoothing", "--ignore-specks", "--close-gaps", "--tolerance", "--join", "--least-tip", "--mitre-limit", "--bleed", "--turn", "--page", "--pieces", "--stroke", "--crop", "--focus", "--pocket", "--close-hole", "--rim", "--holes", "--border-fill", "--flatten", "--belongs", "--line"]
SHEET = ["--paper", "--margins", "--reach", "--divide", "--gutter", "--gap", "--copies", "--pages", "--rounds", "--seed", "--size", "--blade-offset", "--overcut", "--pieces", "--bleed", "--border"]
REHEARSE = ["--shift", "--turn", "--stretch", "--ink-spread", "--noise", "--smudge", "--missing", "--blade", "--backlash", "--slips", "--seed"]
LABEL = ["--text", "--text-style", "--frame", "--corner", "--label-picture", "--date", "--ground", "--hole"]


def cases(random, samples):
    def arguments(name, *words):
        return Case(f"arguments-{name}", None, "", words)

    for option in OUTLINE:
        for value in random.sample(NUMBERS, 6):
            yield arguments(f"outline{option}={value[:12]}", "outline", "{art}", "-o", "{out}/o.svg", f"{option}={value}")
    for option in SHEET:
        for value in random.sample(NUMBERS, 6) + ["nan"]:
            yield arguments(f"sheet{option}={value[:12]}", "sheet", "{art}", "--copies=2", "--report", "{out}/r.json", f"{option}={value}")
    for option in ("--gap", "--size"):
        for value in ("nan", "1e-9", "0"):
            yield arguments(f"fill{option}={value}", "sheet", "{art}", "--fill", "snug", "--report", "{out}/r.json", f"{option}={value}")
    for option in REHEARSE:
        for value in random.sample(NUMBERS, 4) + ["nan,nan", "1,inf"]:
            yield arguments(f"rehearse{option}={value[:12]}", "rehearse", "{project}", "--report", "{out}/r.json", f"{option}={value}")
    for option in LABEL:
        for value in random.sample(NUMBERS, 4) + ["1,nan", "size=nan", "x" * 10_000]:
            yield arguments(f"label{option}={value[:12]}", "sheet", "--label", "rounded:60x30", "--report", "{out}/r.json", f"{option}={value}")
    for shape in ("round:nanx9", "oval:infx9", "rounded:1e308x1e308", "star:0x0", "rounded:-5x-5", ":", "x:y", "rounded:60x30x9"):
        yield arguments(f"label-{shape}", "sheet", "--label", shape, "--report", "{out}/r.json")
    for paper in ("nanxnan", "0x0", "-5x5", "1e9x1e9", "infx5", "axb", "10x", "1x1in", "x" * 5000):
        yield arguments(f"paper-{paper[:12]}", "sheet", "{art}", "--paper", paper, "--report", "{out}/r.json")
    bad = "K\udcf6der"  # a byte that is not UTF-8
    yield arguments("name-latin", "sheet", "--label", "rounded:60x30", "--text", bad, "--name", bad, "--report", "{out}/r.json", "--svg", "{out}/s.svg", "--pdf", "{out}/s.pdf")
    yield arguments("ink-latin", "sheet", "{art}", "--copies=1", "--ink", f"kiss={bad}", "--cut-pdf", "{out}/c.pdf")
    yield arguments("material-latin", "sheet", "{art}", "--copies=1", "--material", bad, "--report", "{out}/r.json")
    yield arguments("file-latin", "outline", f"{bad}.png", "-o", "{out}/o.svg")
    yield arguments("recolour-latin", "outline", "{art}", "--recolour", f"{bad}={bad}", "-o", "{out}/o.svg")
    yield arguments("ticket-latin", "rehearse", "{project}", "--ticket", bad)
    for path in ("/dev/zero", "/dev/null", "/dev/stdin", "/", "{out}", "{pipe}", "/proc/self/mem", "/proc/kmsg", "", "x" * 5000, "/dev/urandom"):
        for words in (("outline", path, "-o", "{out}/o.svg"), ("check", path), ("parts", path), ("sheet", "{art}", "--mark-scheme", path), ("sheet", "--label", "rounded:60x30", "--list", path), ("sheet", "{art}", "--copies=1", "--hpgl", "{out}/c.plt", "--machine", path)):
            yield arguments(f"path-{path[:20]}-{words[0]}{words[-2] if len(words) > 3 else ''}", *words)
    yield arguments("many", "outline", "{art}", *["--pocket=1,1"] * 5000)
    yield arguments("same-file", "outline", "{art}", "-o", "{art}")
    yield arguments("out-is-folder", "outline", "{art}", "-o", "{out}")
    yield arguments("out-is-nowhere", "outline", "{art}", "-o", "{out}/no/such/folder/o.svg")
    yield arguments("unknown", "outline", "{art}", "--no-such-option")
    yield arguments("none")
