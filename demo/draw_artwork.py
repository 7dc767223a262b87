#!/usr/bin/env python3
"""Draws the Tide Fair's artwork into demo/artwork, at real print sizes with the density set.

Usage: demo/draw_artwork.py   (needs rsvg-convert, python3-pil and python3-numpy)
Everything is drawn here from scratch in millimetres: flat layered colours, an ink outline, a shade and a highlight.
"""
import io
import math
import pathlib
import subprocess

import numpy
from PIL import Image, ImageFilter

OUT = pathlib.Path(__file__).parent / "artwork"
INK, CREAM, RED, DEEP, GOLD, OCHRE = "#1F2E3A", "#FBF3E0", "#D9512C", "#A93420", "#EDB84D", "#C58A24"
TEAL, SEA, NIGHT, SKY, KELP, PLUM, ROSE = "#2F8F8B", "#3E6FA3", "#1E4E66", "#A9CBE0", "#5B7F3A", "#7A4E7E", "#EBA78F"


def smooth(points, closed=True, tension=0.5):
    """A cubic path through the points (Catmull-Rom)."""
    n = len(points)
    get = (lambda i: points[i % n]) if closed else (lambda i: points[max(0, min(n - 1, i))])
    d = f"M{points[0][0]:.3f} {points[0][1]:.3f}"
    for i in range(n if closed else n - 1):
        (x0, y0), (x1, y1), (x2, y2), (x3, y3) = get(i - 1), get(i), get(i + 1), get(i + 2)
        k = tension / 3 * 2
        d += (f"C{x1 + (x2 - x0) * k / 2:.3f} {y1 + (y2 - y0) * k / 2:.3f} {x2 - (x3 - x1) * k / 2:.3f} "
              f"{y2 - (y3 - y1) * k / 2:.3f} {x2:.3f} {y2:.3f}")
    return d + ("Z" if closed else "")


def mirrored(points, axis):
    """The points, then their mirror images in reverse: a symmetric closed shape."""
    return points + [(2 * axis - x, y) for x, y in reversed(points)]


class Drawing:
    def __init__(self, width, height):
        self.size, self.parts, self.clips = (width, height), [], 0

    def path(self, d, fill="none", stroke=None, width=0.9, extra=""):
        line = f'stroke="{stroke}" stroke-width="{width}" stroke-linejoin="round" stroke-linecap="round"' if stroke else ""
        self.parts.append(f'<path d="{d}" fill="{fill}" {line} {extra}/>')

    def ellipse(self, x, y, rx, ry, fill, stroke=None, width=0.9, turn=0):
        line = f'stroke="{stroke}" stroke-width="{width}"' if stroke else ""
        self.parts.append(f'<ellipse cx="{x}" cy="{y}" rx="{rx}" ry="{ry}" fill="{fill}" {line} transform="rotate({turn} {x} {y})"/>')

    def inside(self, d, draw):
        """What `draw` adds shows only inside the path."""
        self.clips += 1
        self.parts.append(f'<clipPath id="c{self.clips}"><path d="{d}"/></clipPath><g clip-path="url(#c{self.clips})">')
        draw()
        self.parts.append("</g>")

    def shaped(self, d, fill, draw=None, outline=1.0):
        """A filled shape, details clipped to it, and its ink outline on top."""
        self.path(d, fill)
        if draw:
            self.inside(d, draw)
        self.path(d, "none", INK, outline)

    def text(self, x, y, words, size, fill, family="Quicksand", weight=700, spacing=0):
        self.parts.append(f'<text x="{x}" y="{y}" font-family="{family}" font-weight="{weight}" font-size="{size}" '
                          f'letter-spacing="{spacing}" text-anchor="middle" fill="{fill}">{words}</text>')

    def render(self, dpi):
        w, h = self.size
        svg = (f'<svg xmlns="http://www.w3.org/2000/svg" width="{w}mm" height="{h}mm" viewBox="0 0 {w} {h}">'
               + "".join(self.parts) + "</svg>")
        png = subprocess.run(["rsvg-convert", "-d", str(dpi), "-p", str(dpi)], input=svg.encode(), capture_output=True, check=True)
        return Image.open(io.BytesIO(png.stdout)).convert("RGBA")

    def save(self, name, dpi=300):
        self.render(dpi).save(OUT / name, dpi=(dpi, dpi), optimize=True)


def paper_lantern():
    d = Drawing(46, 74)
    d.path("M14 15 C12 -2 34 -2 32 15", "none", INK, 3.0)
    d.path("M14 15 C12 -2 34 -2 32 15", "none", GOLD, 1.3)
    body = smooth(mirrored([(17, 15.5), (8, 20), (3, 29), (2.4, 37), (5, 46), (11, 53), (17.5, 56.5)][::1], 23))

    def ribs():
        d.path(smooth([(30, 12), (46, 12), (46, 60), (27, 60), (35, 48), (38, 36), (36, 24)]), DEEP, extra='opacity=".55"')
        for y, sag in ((20.5, 2.2), (26.5, 3.0), (33, 3.6), (39.5, 3.6), (46, 3.0), (51.5, 2.2)):
            d.path(f"M-2 {y - 1} Q23 {y + sag} 48 {y - 1}", "none", DEEP, 0.75)
        d.path(smooth([(8, 27), (12, 21.5), (15.5, 20.5), (12, 26), (9.5, 36), (8.5, 41), (6.8, 36)]), "#F4A27A", extra='opacity=".85"')
        # a wave crest as the fair's badge
        d.ellipse(23, 36, 8.4, 8.4, CREAM)
        disc = "M14.6 36 a8.4 8.4 0 1 0 16.8 0 a8.4 8.4 0 1 0 -16.8 0 Z"
        d.inside(disc, lambda: (d.path("M13 39.5 C17 30 26 28 29 33 C26 32 24 34 25.5 37 C27 40 31 39 33 36 L33 46 L13 46 Z", NIGHT),
                                d.path("M14 41 Q17 39 20 41 T26 41 T32 41", "none", SKY, 0.8)))
        d.path(disc, "none", DEEP, 0.7)
    d.shaped(body, RED, ribs, 1.2)
    for y, w, h in ((12.6, 9.5, 4.2), (55.2, 8.6, 4.2)):
        d.shaped(f"M{23 - w} {y} H{23 + w} V{y + h} H{23 - w} Z", INK, lambda: d.path(f"M{23 - w} {y + 1.4} H{23 + w}", "none", GOLD, 0.8), 0.8)
    tassel = "M18.5 59.4 H27.5 L29 70 Q26.5 72.6 25.6 69.6 Q24.3 73.6 23 70.4 Q21.7 73.6 20.4 69.6 Q19.5 72.6 17 70 Z"
    d.shaped(tassel, GOLD, lambda: [d.path(f"M{x} 61 L{x + (x - 23) * .2} 72", "none", OCHRE, 0.6) for x in (20.3, 22.1, 23.9, 25.7)], 0.9)
    d.save("paper-lantern.png")


def puffin():
    d = Drawing(46, 58)
    for x in (17, 26):
        d.shaped(f"M{x} 48 L{x - 3.4} 55.4 Q{x - 1.8} 57.2 {x - .2} 55.6 Q{x + 1.2} 57.4 {x + 2.6} 55.6 Q{x + 4.6} 56.8 {x + 5.6} 54.8 L{x + 3} 48 Z", RED,
                 lambda: d.path(f"M{x + .6} 50 L{x - .2} 56 M{x + 1.8} 50 L{x + 2.6} 56", "none", DEEP, 0.5), 0.9)
    body = smooth([(20, 3.2), (12.2, 6.4), (9.2, 14), (7.4, 22), (4.8, 32), (6.4, 43), (13, 50), (24, 51.6), (33, 48), (37.6, 39), (37.2, 28), (33, 19), (31.2, 11), (27, 4.6)])

    def plumage():
        d.path(smooth([(24.5, 18.2), (15.5, 22), (12.8, 31), (14, 42), (20, 49), (27, 49.6), (33, 44), (34.6, 33), (32.6, 23)]), CREAM)
        d.path(smooth([(32.8, 21), (35.2, 33), (31, 45), (26, 50), (36, 48), (39, 36)]), "#DCCFB4")
        d.path(smooth([(26, 5.6), (18.6, 6.2), (16.6, 12.5), (19.8, 18.4), (27, 19), (32, 14.6), (31, 9)]), CREAM)
        d.path(smooth([(16.9, 13), (19.8, 18.4), (27, 19), (32, 15.6), (27, 17.4), (21, 16.4)]), "#DCCFB4")
        d.path(smooth([(11.4, 10), (13.6, 6.8), (15, 8), (12.2, 16), (9.4, 27), (8.6, 24)]), "#4A6070")
    d.shaped(body, INK, plumage, 1.1)
    wing = smooth([(11.6, 23), (6.2, 29), (4.4, 38), (7.2, 46.4), (10.4, 43.2), (13.4, 40), (15.4, 32), (14.6, 25.4)])
    d.shaped(wing, "#2C4150", lambda: [d.path(f"M{6 + i * 2.1} {44 - i * 1.6} Q{7.6 + i * 2} {36 - i} {10.4 + i} {29 - i}", "none", "#58707F", 0.6) for i in range(3)], 0.9)
    d.ellipse(23.4, 11.2, 2.5, 2.5, CREAM, RED, 0.8)
    d.ellipse(23.6, 11.3, 1.4, 1.5, INK)
    d.ellipse(24.1, 10.7, 0.45, 0.45, CREAM)
    d.path("M20.6 15.6 q1.4 1.6 3.4 1.2", "none", INK, 0.6)
    beak = smooth([(29.4, 7), (36, 7.2), (42.4, 11.8), (43.4, 15.4), (38, 18), (30.4, 17.6), (28.6, 12.4)], tension=0.42)

    def bands():
        d.path("M26 4 H33.4 Q31.8 12 33.6 20 H26 Z", "#3C5B78")
        d.path("M33.2 4 Q31.6 12 33.4 20 L35.4 20 Q33.6 12 35.2 4 Z", GOLD)
        d.path("M38.6 6 Q37.2 12 38.8 20 L40 20 Q38.6 12 39.8 6 Z", GOLD)
        d.path("M29 15.6 Q36 17.4 44 14.6 L44 20 H28 Z", DEEP, extra='opacity=".6"')
    d.shaped(beak, RED, bands, 1.1)
    d.path("M29.6 12.8 Q36 14.6 42.6 13.4", "none", INK, 0.7)
    d.save("puffin.png")


def octopus():
    d = Drawing(64, 60)
    arms = [([(24, 32), (14, 33), (7, 39), (6, 47), (11, 51), (15, 48), (12.8, 45.2)], 4.4),
            ([(26, 36), (20, 42), (17, 50), (19, 57), (25, 57), (26, 53)], 4.6),
            ([(31, 38), (30, 45), (33, 51), (32, 57.2)], 4.6),
            ([(36, 37), (40, 43), (39, 50), (43, 56), (48, 54), (47, 50.5)], 4.6),
            ([(40, 32), (49, 34), (52, 41), (57, 46), (60.4, 42), (58, 38.8)], 4.4),
            ([(23, 28), (13, 26), (5.5, 21), (4, 13), (9, 9.4), (12.4, 12.4)], 4.0),
            ([(41, 28), (50, 25), (57, 20), (58.4, 12), (53.4, 8.2), (50.2, 11.2)], 4.0)]

    def tapered(points, width):
        """An arm: a curve that thins towards its end."""
        dense = []
        for i in range(len(points) - 1):
            p = [points[max(0, min(len(points) - 1, k))] for k in (i - 1, i, i + 1, i + 2)]
            for s in range(8):
                t = s / 8
                dense.append(tuple(0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - e) * t * t + (3 * b - a - 3 * c + e) * t ** 3)
                                   for a, b, c, e in zip(*p)))
        dense.append(points[-1])
        left, right = [], []
        for i, (x, y) in enumerate(dense):
            a, b = dense[max(0, i - 1)], dense[min(len(dense) - 1, i + 1)]
            length = math.hypot(b[0] - a[0], b[1] - a[1]) or 1
            w = width / 2 * (1 - 0.74 * i / (len(dense) - 1))
            nx, ny = -(b[1] - a[1]) / length * w, (b[0] - a[0]) / length * w
            left.append((x + nx, y + ny)), right.append((x - nx, y - ny))
        tip = width / 2 * 0.26
        d_left = "M" + "L".join(f"{x:.3f} {y:.3f}" for x, y in left)
        return (d_left + f"A{tip} {tip} 0 0 1 {right[-1][0]:.3f} {right[-1][1]:.3f}L"
                + "L".join(f"{x:.3f} {y:.3f}" for x, y in right[-2::-1]) + "Z", dense)

    shapes = [tapered(*arm) for arm in arms]
    for outline, _ in shapes:
        d.path(outline, INK, INK, 1.9)
    head = smooth([(32, 2.6), (22.6, 5.4), (18.4, 13.4), (19.8, 22), (22, 28), (21, 34), (26.6, 38.6), (32, 39.4), (37.4, 38.6), (43, 34), (42, 28), (44.2, 22), (45.6, 13.4), (41.4, 5.4)])
    d.path(head, INK, INK, 1.9)
    for outline, dense in shapes:
        d.path(outline, TEAL)
        for i, (x, y) in enumerate(dense[5::4]):
            d.ellipse(round(x, 2), round(y, 2), max(0.35, 0.95 - 0.1 * i), max(0.35, 0.95 - 0.1 * i), "#BFE0D2")

    def face():
        d.path(smooth([(38, 2), (46, 10), (45, 24), (43, 36), (36, 41), (39, 30), (40.6, 20), (40, 10)]), "#1F6E70")
        d.path(smooth([(22.4, 15), (25, 8), (29.6, 5.6), (27, 10), (25, 17), (23.4, 19)]), "#7CC4B6")
        for x, y, r in ((33, 7, 1.1), (36.4, 10.4, 0.8), (31, 11.2, 0.7)):
            d.ellipse(x, y, r, r, "#7CC4B6")
    d.path(head, TEAL)
    d.inside(head, face)
    for x in (27.2, 36.8):
        d.ellipse(x, 22.6, 3.5, 4.1, CREAM, INK, 0.9)
        d.ellipse(x + 0.5, 23.2, 2.0, 2.5, INK)
        d.ellipse(x + 1.1, 22.2, 0.7, 0.8, CREAM)
    d.path("M29.4 30.4 Q32 33 34.6 30.4", "none", INK, 1.0)
    for x in (22.9, 41.1):
        d.ellipse(x, 28.6, 1.8, 1.1, ROSE)
    d.save("octopus.png")


def leaping_mackerel():
    d = Drawing(66, 52)
    body = smooth([(7.6, 33), (10.4, 23.4), (17, 14.6), (27, 9.6), (37.6, 9.8), (47, 15), (53.6, 24.4), (50.6, 25.2), (43, 22.6), (34, 23.2), (25, 26.6), (16.6, 32), (11, 35.6)])

    def skin():
        d.path(smooth([(4, 40), (16, 32), (26, 25), (38, 21), (50, 23.4), (60, 30), (44, 31), (28, 32), (12, 42)]), CREAM)
        for i in range(8):
            x, y = 17.2 + i * 3.9, 19.4 - 7.2 * math.sin((i + 1.4) / 8.6 * math.pi)
            d.path(f"M{x:.2f} {y:.2f} q2.6 1.6 1.4 4 q-1.2 2 .8 3.6", "none", NIGHT, 1.3)
        d.path(smooth([(9, 31), (16, 26), (26, 20.6), (38, 18), (47, 20)], closed=False), "none", "#8FD0C4", 1.0)
    for fin, fill in (("M27 10.4 L32 3.4 L37.6 10.6 Z", NIGHT), ("M44.4 14 L49.2 11.4 L49 17.4 Z", NIGHT), ("M30 24.8 L29.6 31.4 L35.4 23.4 Z", SEA)):
        d.shaped(fin, fill, None, 1.1)
    d.shaped("M50.4 21.4 Q56.6 20.6 62.4 16.4 Q60 23.4 60.2 27 Q61.6 32 60.8 37.8 Q56.8 30.2 51.4 26.4 Z", NIGHT,
             lambda: d.path("M53 24 L60 20 M53 25 L59.6 32", "none", SEA, 0.7), 1.1)
    d.shaped(body, TEAL, skin, 1.2)
    d.ellipse(13.6, 26.4, 2.3, 2.3, CREAM, INK, 0.8)
    d.ellipse(13.3, 26.5, 1.1, 1.2, INK)
    d.path("M8.4 33.4 Q11.4 32.8 13.4 31.2", "none", INK, 0.8)
    d.path("M18.4 22.6 Q21.2 27 19.4 31", "none", INK, 0.9)
    for x, y, s, turn in ((5.4, 20.4, 1.15, -24), (2.9, 41.5, .9, 20), (12, 43.6, 1.3, 8), (24, 41.4, 1.0, -10), (61, 44.6, 1.2, 14), (21.2, 6.2, .95, 30), (50, 41.4, .85, -6)):
        drop = f"M0 -3.2 C2.2 -.6 2.2 2.4 0 2.4 C-2.2 2.4 -2.2 -.6 0 -3.2 Z"
        d.parts.append(f'<g transform="translate({x} {y}) rotate({turn}) scale({s})"><path d="{drop}" fill="{SKY}" stroke="{INK}" stroke-width=".9" stroke-linejoin="round"/>'
                       f'<path d="M-.8 .2 Q-.9 1.3 0 1.6" fill="none" stroke="#fff" stroke-width=".6" stroke-linecap="round"/></g>')
    wave = "M26 49.6 Q29.6 40.6 36 43 Q40 38.6 44.6 43.4 Q47 46 49 49.6 Z"
    d.shaped(wave, SEA, lambda: d.path("M29 49 Q32 44.6 36 46.4 Q40.4 42.6 44.4 48", "none", SKY, 1.0), 1.1)
    d.save("leaping-mackerel.png")


def white_moon():
    """White and cream art on transparency: nothing to see on white paper but its ink."""
    d = Drawing(44, 48)
    moon = "M29.6 3.4 C16 2 4 12.4 4 25 C4 37.4 14.4 46 26 45 C32.6 44.4 38 41.2 41 36.4 C30 39.8 20.6 33.2 20.4 23 C20.2 14.6 24.2 7.4 29.6 3.4 Z"
    d.path(moon, "#FFFFFF")
    d.inside(moon, lambda: [d.ellipse(11.5, 17, 2.6, 2.3, "#F3EDE2"), d.ellipse(14.6, 32.4, 3.6, 3, "#F3EDE2"), d.ellipse(9.6, 25.6, 1.4, 1.3, "#F3EDE2"),
                            d.ellipse(24.6, 41, 2.4, 1.6, "#F3EDE2"),
                            d.path("M29.6 3.4 C16 2 4 12.4 4 25 C4 37.4 14.4 46 26 45", "none", "#F7F2E8", 2.4)])
    d.path("M14.6 24.4 Q16.6 26.2 18.4 24.4", "none", "#CFC6B6", 0.8)
    d.path("M12.8 29.4 Q16.2 31.6 18.9 29", "none", "#CFC6B6", 0.8)
    d.path("M31.6 14.2 L33.6 19.4 L39 19.8 L34.8 23.2 L36.2 28.6 L31.6 25.6 L27 28.6 L28.4 23.2 L24.2 19.8 L29.6 19.4 Z", "#FFFFFF")
    d.path("M31.6 14.2 L31.6 25.6 L27 28.6 L28.4 23.2 L24.2 19.8 L29.6 19.4 Z", "#F3EDE2")
    d.save("white-moon.png")


def kelp_relish():
    d = Drawing(60, 38)
    tag = "M6 2 H54 Q54 6 58 6 V32 Q54 32 54 36 H6 Q6 32 2 32 V6 Q6 6 6 2 Z"

    def face():
        d.path("M0 28 Q8 24.6 15 28 T30 28 T45 28 T60 28 V40 H0 Z", "#466A2C")
        for x, s, lean in ((8, .45, 1), (52, .45, -1), (13, .2, 1), (47, .2, -1)):
            d.path(f"M{x} 37 C{x + 3 * lean} {30 - 4 * s} {x - 4 * lean} {24 - 3 * s} {x + 1.4 * lean} {20 - 10 * s}", "none", "#9BBF68", 1.7)
            for i in range(3):
                y = 34 - i * 4.2
                d.ellipse(round(x + (1.8 if i % 2 else -1.8), 2), round(y, 2), 1.8, .85, "#9BBF68", turn=30 if i % 2 else -30)
    d.shaped(tag, KELP, face, 1.1)
    d.path("M8 4.4 H52 Q52.4 7.4 55.6 8 V30 Q52.4 30.6 52 33.6 H8 Q7.6 30.6 4.4 30 V8 Q7.6 7.4 8 4.4 Z", "none", CREAM, 0.5)
    d.text(30, 16.8, "Kelp Relish", 7.0, CREAM)
    d.text(30, 23.4, "BRINDLE QUAY", 2.7, CREAM, weight=600, spacing=0.5)
    d.text(30, 31.6, "sharp &amp; salty · 190 g", 2.6, CREAM, weight=600)
    d.save("kelp-relish.png")


def tide_bell():
    """Saved far too small, as pictures from a message often are."""
    d = Drawing(40, 46)
    d.path("M16 8 a4 4.4 0 1 1 8 0", "none", INK, 3.2)
    d.path("M16 8 a4 4.4 0 1 1 8 0", "none", OCHRE, 1.4)
    bell = smooth(mirrored([(20, 6.4), (13.6, 9), (10.8, 16), (9.6, 25), (7.6, 31.6), (3.6, 36.2), (4.4, 38.4)], 20), tension=0.45)
    d.ellipse(20, 39.6, 4.4, 4.2, OCHRE, INK, 1.1)
    d.shaped(bell, GOLD, lambda: [d.path(smooth([(26, 4), (42, 16), (42, 42), (26, 42), (31, 30), (29, 16)]), OCHRE),
                                 d.path(smooth([(13, 15), (15.4, 10.8), (17, 11), (14.4, 20), (12.6, 29), (10.8, 31)]), "#F9E0A2"),
                                 d.path("M4 31.4 Q20 34.6 36 31.4", "none", INK, 0.9), d.path("M8 17.6 Q20 20 32 17.6", "none", "#9A6718", 0.8),
                                 d.path("M12 26.4 q2 -2.4 4 0 t4 0 t4 0 t4 0", "none", "#9A6718", 0.9)], 1.2)
    d.save("tide-bell.png", dpi=100)


def harbour_ferry():
    """A drawing photographed on paper that is not quite white: JPEG, no transparency."""
    d = Drawing(80, 46)
    hull = "M6 27.6 H74 L67.6 38.6 Q66.6 40.2 64.6 40.2 H15 Q12.8 40.2 11.8 38.4 Z"
    d.shaped("M16 27.6 V20 H62 V27.6 Z", CREAM, lambda: [d.path("M16 24.8 H62 V28 H16 Z", "#DCCFB4"), *[d.path(f"M{x} 21.6 h3.6 v3.4 h-3.6 Z", SKY, INK, 0.6) for x in range(19, 60, 6)]], 1.0)
    d.shaped("M24 20 V13.4 H52 L55 20 Z", CREAM, lambda: [d.path(f"M{x} 15 h4 v3.4 h-4 Z", SKY, INK, 0.6) for x in (27, 33.4, 39.8, 46.2)], 1.0)
    d.shaped("M34 13.4 L35.4 4.6 H43.6 L45 13.4 Z", RED, lambda: [d.path("M32 7 H46 V9.4 H32 Z", CREAM), d.path("M41 4 H46 V14 H42 Z", DEEP)], 1.0)
    d.path("M60 20 V8 M60 8.2 L67 10.6 L60 13", GOLD, INK, 0.9)
    d.shaped(hull, RED, lambda: [d.path("M4 27 H76 V30.6 H4 Z", CREAM), d.path("M4 36.2 H76 V42 H4 Z", DEEP), *[d.ellipse(x, 33.4, 1.2, 1.2, SKY, INK, 0.6) for x in range(19, 66, 8)]], 1.2)
    d.shaped("M2.4 38.6 q4.7 -3.6 9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 V43.4 q-4.7 2.2 -9.4 0 t-9.4 0 t-9.4 0 t-9.4 0 t-9.4 0 t-9.4 0 t-9.4 0 t-9.4 0 Z", SEA,
             lambda: d.path("M4 41 q4.7 -2.4 9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0 t9.4 0", "none", SKY, 0.8), 1.1)
    art = d.render(300)
    random = numpy.random.default_rng(7)
    h, w = art.height, art.width
    rows, columns = numpy.mgrid[0:h, 0:w]
    paper = numpy.stack([249 - 4.0 * columns / w - 2.5 * rows / h, 247 - 4.5 * columns / w - 3.0 * rows / h, 240 - 5.5 * columns / w - 3.0 * rows / h], axis=-1)
    paper += random.normal(0, 1.1, (h, w, 1))
    for _ in range(26):  # dust
        x, y, r = random.integers(0, w), random.integers(0, h), random.uniform(0.6, 1.8)
        paper -= (14 * numpy.exp(-((columns - x) ** 2 + (rows - y) ** 2) / (2 * r * r)))[..., None]
    alpha = numpy.asarray(art, dtype=float)[..., 3:] / 255
    mixed = numpy.asarray(art, dtype=float)[..., :3] * alpha + paper * (1 - alpha)
    Image.fromarray(mixed.clip(0, 255).astype("uint8")).save(OUT / "harbour-ferry.jpg", quality=86, dpi=(300, 300))


def anchor_sketch():
    """A pen drawing from a scanner: grey paper, uneven lines, and small gaps where the pen skipped."""
    d = Drawing(50, 60)
    strokes = ["M25 12.4 V49", "M22.4 12.6 V46.6", "M22.4 12.4 H25.2", "M14.6 18.6 H33", "M14.6 21 H22", "M25.4 21 H33", "M14.6 18.6 q-1.6 1.2 0 2.4", "M33 18.6 q1.6 1.2 0 2.4",
               smooth([(8, 35), (9, 43), (14.6, 49.6), (23.6, 52.6), (33, 49.8), (38.6, 43.4), (39.8, 35)], closed=False),
               smooth([(11.4, 38.4), (13, 42.4), (17, 46.4), (22.4, 48.2)], closed=False), smooth([(25.2, 48.2), (30.6, 46.4), (34.6, 42.6), (36.2, 38.4)], closed=False),
               "M8 34.6 L4.6 40.4", "M8 34.6 L13 39.4", "M13 39.6 L4.6 40.4", "M39.8 34.6 L34.8 39.4", "M39.8 34.6 L43.4 40.2", "M43.4 40.4 L34.8 39.6",
               smooth([(28, 8.4), (26, 5.6), (22.6, 5.2), (19.8, 7.6), (20, 11), (22.8, 12.6)], closed=False), smooth([(25.4, 12.4), (27.6, 11.2), (28.3, 9.2)], closed=False),
               smooth([(27.6, 10.4), (33.6, 13), (30.4, 24), (21, 27.6), (17.4, 33.6), (24, 39), (32.4, 36.6)], closed=False),
               smooth([(26.6, 11.8), (31.4, 14.4), (28.6, 22.8), (19.6, 26), (15.2, 33.8), (23.4, 41), (33, 38.6)], closed=False)]
    strokes += [f"M{x} {y} l1.6 1.5" for x, y in ((30.6, 15.4), (29.6, 19.6), (26.4, 23.4), (21.4, 25.4), (17.2, 29.4), (17.4, 35.2), (21.6, 38.8), (27.4, 38.6))]
    for i, stroke in enumerate(strokes):
        gap = (8.5 + 1.7 * (i % 5), 0.45 + 0.16 * (i % 3))
        d.path(stroke, "none", "#2B2F33", 0.55 + 0.11 * (i % 3), extra=f'stroke-dasharray="{gap[0]} {gap[1]}" stroke-dashoffset="{i * 2.3:.1f}"')
    art = d.render(300)
    random = numpy.random.default_rng(11)
    h, w = art.height, art.width
    alpha = numpy.asarray(art.split()[3].filter(ImageFilter.GaussianBlur(0.8)), dtype=float) / 255
    grain = numpy.asarray(Image.fromarray(random.integers(0, 255, (h // 3, w // 3)).astype("uint8")).resize((w, h), Image.BICUBIC), dtype=float) - 127
    page = 236 + grain * 0.05 + random.normal(0, 2.2, (h, w)) - 9 * (numpy.mgrid[0:h, 0:w][1] / w) ** 2
    ink = 58 + grain * 0.22
    grey = page * (1 - alpha) + ink * alpha
    Image.fromarray(grey.clip(0, 255).astype("uint8")).save(OUT / "anchor-sketch.png", dpi=(300, 300), optimize=True)


if __name__ == "__main__":
    OUT.mkdir(exist_ok=True)
    for draw in (paper_lantern, puffin, octopus, leaping_mackerel, white_moon, kelp_relish, tide_bell, harbour_ferry, anchor_sketch):
        draw()
