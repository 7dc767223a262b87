"""Pictures: sizes that are not there, bombs, noise, spirals."""

import math
import random
import struct
import zlib

from . import Case, damaged

HOW = ("outline", "{file}", "-o", "{out}/o.svg")


def chunk(kind, data):
    return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))


def png(width, height, rows=None, colour=6, depth=8, before=b"", interlaced=0):
    """`rows` as raw scan lines with their filter bytes; nothing where it only claims to have some."""
    return (
        b"\x89PNG\r\n\x1a\n"
        + chunk(b"IHDR", struct.pack(">IIBBBBB", width, height, depth, colour, 0, 0, interlaced))
        + before
        + chunk(b"IDAT", zlib.compress(rows if rows is not None else b"\0" * 100, 1))
        + chunk(b"IEND", b"")
    )


def grey(width, height, value):
    """A grey picture; `value(y)` gives a row."""
    return png(width, height, b"".join(b"\0" + value(y) for y in range(height)), colour=0)


def noise(width):
    return lambda y: random.Random(y * 7919 + width).randbytes(width)


def spiral(side, turns):
    rows = [bytearray(b"\xff" * side) for _ in range(side)]
    middle, pitch = side / 2, side / 2 / turns
    for i in range(int(turns * side * 3)):
        angle = i / (turns * side * 3) * turns * 2 * math.pi
        r = pitch * angle / (2 * math.pi)
        x, y = int(middle + r * math.cos(angle)), int(middle + r * math.sin(angle))
        if 0 <= x < side and 0 <= y < side:
            rows[y][x] = 0
    return grey(side, side, lambda y: bytes(rows[y]))


def bmp(width, height, bits=24, size=0, offset=54, body=b"\0" * 300):
    head = struct.pack("<IiiHHIIiiII", 40, width, height, 1, bits, 0, size, 2835, 2835, 0, 0)
    return b"BM" + struct.pack("<IHHI", len(body) + 54, 0, 0, offset) + head + body


def gif(width, height, frames):
    image = b"," + struct.pack("<HHHHB", 0, 0, 1, 1, 0) + b"\2\2D\1\0"
    return b"GIF89a" + struct.pack("<HHBBB", width, height, 0x80, 0, 0) + b"\0\0\0\xff\xff\xff" + image * frames + b";"


def tiff(entries, next_directory=0, body=b"\0" * 64):
    ifd = struct.pack("<H", len(entries))
    for tag, kind, count, value in entries:
        ifd += struct.pack("<HHII", tag, kind, count, value)
    return b"II*\0" + struct.pack("<I", 8) + ifd + struct.pack("<I", next_directory) + body


def tiff_bomb(side):
    """So large as is still read, of numbers twice as large as shown, packed into next to nothing."""
    packed = zlib.compress(b"\0" * (2 * side * side), 1)
    size = [(256, 4, 1, side), (257, 4, 1, side), (258, 3, 1, 16), (259, 3, 1, 8), (262, 3, 1, 1)]
    at = 8 + 2 + 12 * (len(size) + 3) + 4
    return tiff(size + [(273, 4, 1, at), (278, 4, 1, side), (279, 4, 1, len(packed))], body=packed)


def cases(chance, samples):
    for name, sound in samples.items():
        yield from damaged(chance, name, sound, "." + name.split("-")[0], HOW, 40)
    for width, height in [(100_000, 100_000), (60_000_000, 1), (1, 60_000_000), (0x7FFFFFFF, 0x7FFFFFFF), (0, 10), (14_000, 14_000), (30_000, 30_000)]:
        for depth, colour in [(8, 6), (16, 6), (1, 0), (8, 3)]:
            yield Case(f"png-claims-{width}x{height}-{depth}-{colour}", png(width, height, depth=depth, colour=colour), ".png", HOW)
    yield Case("png-claims-interlaced", png(40_000, 40_000, interlaced=1), ".png", HOW)
    for name, kind, head in (("text", b"zTXt", b"Comment\0\0"), ("profile", b"iCCP", b"p\0\0"), ("text-i18n", b"iTXt", b"C\0\1\0\0\0")):
        yield Case(f"png-bomb-of-{name}", lambda k=kind, h=head: png(4, 4, b"\0" * 68, before=chunk(k, h + zlib.compress(b"\0" * 200_000_000, 9))), ".png", HOW)
    yield Case("png-many-texts", png(4, 4, b"\0" * 68, before=chunk(b"tEXt", b"a\0b") * 200_000), ".png", HOW)
    yield Case("png-large-and-clear", lambda: png(14_000, 14_000, b"\0" * (14_000 * 56_001)), ".png", HOW)
    for side in (300, 1000, 3000):
        yield Case(f"png-noise-{side}", lambda n=side: grey(n, n, noise(n)), ".png", HOW)
        yield Case(f"png-noise-black-{side}", lambda n=side: grey(n, n, lambda y: bytes(255 * (b & 1) for b in noise(n)(y))), ".png", HOW)
    for side, turns in ((600, 60), (2000, 250), (2000, 490)):
        yield Case(f"png-spiral-{side}-{turns}", lambda s=side, t=turns: spiral(s, t), ".png", HOW)
    for step in (1, 2, 3):
        board = [bytes(255 * (((x // step) + k) % 2) for x in range(2000)) for k in range(2)]
        yield Case(f"png-board-{step}", grey(2000, 2000, lambda y: board[y // step % 2]), ".png", HOW)
    yield Case("png-comb", lambda: grey(3000, 2000, lambda y: bytes(0 if x % 2 == 0 or y > 1990 else 255 for x in range(3000))), ".png", HOW)
    for w, h, bits in [(1 << 30, 1 << 30, 24), (-5, 10, 24), (10, -(1 << 30), 32), (100_000, 3, 1), (10, 10, 77), (2_000_000_000, 1, 8)]:
        yield Case(f"bmp-claims-{w}x{h}-{bits}", bmp(w, h, bits), ".bmp", HOW)
    yield Case("bmp-offset", bmp(10, 10, offset=0x7FFFFFF0), ".bmp", HOW)
    for frames in (1, 1000, 200_000):
        yield Case(f"gif-frames-{frames}", gif(65_535, 65_535, frames), ".gif", HOW)
    size = [(256, 4, 1, 100_000), (257, 4, 1, 100_000), (258, 3, 1, 8), (259, 3, 1, 1), (262, 3, 1, 1), (277, 3, 1, 1)]
    strips = [(273, 4, 1, 8), (278, 4, 1, 100_000), (279, 4, 1, 100)]
    yield Case("tiff-claims", tiff(size + strips), ".tif", HOW)
    yield Case("tiff-lying-counts", tiff(size + [(273, 4, 0xFFFFFFF0, 8), (279, 4, 0xFFFFFFF0, 8)]), ".tif", HOW)
    yield Case("tiff-cycle", tiff(size + strips, next_directory=8), ".tif", HOW)
    yield Case("tiff-no-strips", tiff(size), ".tif", HOW)
    some = [(256, 4, 1, 100), (257, 4, 1, 100), (258, 3, 1, 8), (259, 3, 1, 1), (262, 3, 1, 2)]
    yield Case("tiff-samples", tiff(some + [(277, 3, 1, 65535)] + strips), ".tif", HOW)
    tile = [(322, 4, 1, 0x7FFFFFF0), (323, 4, 1, 0x7FFFFFF0), (324, 4, 1, 200), (325, 4, 1, 64)]
    yield Case("tiff-tile-large", tiff(some + [(277, 3, 1, 3)] + tile), ".tif", HOW)
    apart = [(258, 3, 1, 64), (277, 3, 1, 3), (284, 3, 1, 2), (339, 3, 1, 3)]
    yield Case("tiff-reals-apart", tiff(some[:2] + apart[:1] + some[3:] + apart[1:2] + strips + apart[2:]), ".tif", HOW)
    yield Case("tiff-small-only", tiff([(254, 4, 1, 1)] + some + strips), ".tif", HOW)
    yield Case("tiff-turn", tiff(some[:4] + [(262, 3, 1, 1), (274, 3, 1, 65535)] + strips, body=b"\0" * 10_000), ".tif", HOW)
    yield Case("tiff-bomb", lambda: tiff_bomb(14_000), ".tif", HOW)
    yield Case("tiff-profile", tiff(size + strips + [(34675, 7, 0x7FFFFFFF, 8)]), ".tif", HOW)
    for name, bytes_ in {
        "empty": b"", "one-byte": b"\x89", "text": b"hello\n" * 1000, "elf": b"\x7fELF" + b"\2\1\1" + b"\0" * 200,
        "riff": b"RIFF\xff\xff\xff\xffWEBPVP8X\x0a\0\0\0\0\0\0\0\xff\xff\xff\xff\xff\xff",
        "heif": b"\0\0\0\x18ftypheic\0\0\0\0mif1heic\xff\xff\xff\xffmeta" + b"\0" * 100,
        "avif-sizes": b"\0\0\0\x1cftypavif\0\0\0\0avifmif1miaf\0\0\0\1mdat" + b"\xff" * 8,
        "jpeg-head-alone": b"\xff\xd8\xff\xe0\0\x10JFIF\0\1\1\0\0\1\0\1\0\0", "jpeg-size": b"\xff\xd8\xff\xc0\0\x11\x08\xff\xff\xff\xff\3\1\x22\0\2\x11\1\3\x11\1\xff\xd9",
        "xpm": b"/* XPM */\nstatic char *a[]={\n\"100000 100000 2 1\",\n\"a c #000\",\n\"b c #fff\"};", "pbm": b"P4\n100000 100000\n\0",
        "ppm-ascii": b"P3\n60000 60000\n255\n1 2 3", "icns": b"icns\0\0\0\x10ic09\xff\xff\xff\xff", "ico": b"\0\0\1\0\xff\xff" + b"\0" * 40,
    }.items():
        yield Case(f"picture-{name}", bytes_, ".png", HOW)
