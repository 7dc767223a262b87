#include "app/common/glyphs.h"

#include "app/common/theme.h"
#include "formats/painting/to_qt.h"

#include <QIconEngine>
#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <functional>

namespace fusuma::app {

namespace {

/// What a picture is drawn with, in a square of 24 units.
struct Pens {
    QColor ink, faint, wash;
    [[nodiscard]] QPen line(double width = 1.6) const {
        return {ink, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin};
    }
    [[nodiscard]] QPen pale() const { return {faint, 1.3, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin}; }
};
using Draw = std::function<void(QPainter&, const Pens&)>;

class Engine : public QIconEngine {
  public:
    explicit Engine(Draw picture) : draw(std::move(picture)) {}

    void paint(QPainter* painter, const QRect& rect, QIcon::Mode mode, QIcon::State state) override {
        const Theme& t = theme();
        Pens pens{state == QIcon::On ? t.on_accent : mode == QIcon::Disabled ? t.faint : t.ink, t.dim, t.accent};
        if (state == QIcon::On)
            pens.faint = pens.wash = t.on_accent;
        pens.wash.setAlpha(60);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->translate(rect.topLeft());
        const double scale = std::min(rect.width(), rect.height()) / 24.0;
        painter->translate((rect.width() - 24 * scale) / 2, (rect.height() - 24 * scale) / 2);
        painter->scale(scale, scale);
        painter->setPen(pens.line());
        painter->setBrush(Qt::NoBrush);
        draw(*painter, pens);
        painter->restore();
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap picture(size);
        picture.fill(Qt::transparent);
        QPainter painter(&picture);
        paint(&painter, QRect(QPoint(), size), mode, state);
        return picture;
    }
    [[nodiscard]] QIconEngine* clone() const override { return new Engine(draw); }

  private:
    Draw draw;
};

QIcon icon(Draw draw) {
    return QIcon(new Engine(std::move(draw)));
}

QPainterPath disc(double x, double y, double r) {
    QPainterPath path;
    path.addEllipse(QPointF(x, y), r, r);
    return path;
}

/// Two shapes of which the second lies over the first, and what is left of them.
QIcon of_two(const std::function<std::vector<QPainterPath>(const QPainterPath&, const QPainterPath&)>& left) {
    return icon([left](QPainter& p, const Pens& pens) {
        QPainterPath below;
        below.addRect(3, 3, 12, 12);
        const QPainterPath above = disc(14.5, 14.5, 6.5);
        p.setPen(pens.pale());
        p.drawPath(below);
        p.drawPath(above);
        p.setPen(pens.line());
        p.setBrush(pens.wash);
        for (const QPainterPath& path : left(below, above))
            p.drawPath(path);
    });
}

} // namespace

QIcon glyph(Corners of) {
    return icon([of](QPainter& p, const Pens& pens) {
        p.setPen(pens.pale());
        p.drawPolyline(QPolygonF{{10, 22}, {10, 12}, {22, 12}});
        p.setPen(pens.line(2));
        QPainterPath line({3, 22});
        if (of == Corners::mitre) {
            line.lineTo(3, 5);
        } else {
            line.lineTo(3, 12);
            of == Corners::round ? line.quadTo(3, 5, 10, 5) : line.lineTo(10, 5);
        }
        line.lineTo(22, 5);
        p.drawPath(line);
    });
}

QIcon glyph(Holes of) {
    return icon([of](QPainter& p, const Pens& pens) {
        p.setBrush(pens.wash);
        QPainterPath piece = disc(12, 12, 9.5);
        if (of != Holes::close)
            piece.addEllipse(QPointF(9.5, 12), 3.6, 3.6);
        if (of == Holes::keep)
            piece.addEllipse(QPointF(16.5, 12), 1.8, 1.8);
        p.drawPath(piece);
        p.setBrush(Qt::NoBrush);
        QPen gone = pens.pale();
        gone.setStyle(Qt::DotLine);
        p.setPen(gone);
        if (of == Holes::close)
            p.drawEllipse(QPointF(9.5, 12), 3.6, 3.6);
        if (of != Holes::keep)
            p.drawEllipse(QPointF(16.5, 12), 1.8, 1.8);
    });
}

QIcon glyph(Combining of) {
    using Paths = std::vector<QPainterPath>;
    switch (of) {
    case Combining::join:
        return of_two([](const auto& a, const auto& b) { return Paths{a.united(b)}; });
    case Combining::take_out:
        return of_two([](const auto& a, const auto& b) { return Paths{a.subtracted(b)}; });
    case Combining::overlap_only:
        return of_two([](const auto& a, const auto& b) { return Paths{a.intersected(b)}; });
    case Combining::exclude:
        return of_two([](const auto& a, const auto& b) { return Paths{a.subtracted(b), b.subtracted(a)}; });
    case Combining::split:
        return of_two([](const auto& a, const auto& b) {
            return Paths{a.subtracted(b).translated(-1, -1), a.intersected(b), b.subtracted(a).translated(1.5, 1.5)};
        });
    case Combining::visible:
        return of_two([](const auto& a, const auto& b) { return Paths{a.subtracted(b), b}; });
    case Combining::pieces:
        break;
    }
    return icon([](QPainter& p, const Pens& pens) {
        p.setBrush(pens.wash);
        p.drawRect(3, 4, 8, 8);
        p.drawEllipse(QPointF(17, 9), 4, 4);
        p.drawPolygon(QPolygonF{{8, 21}, {13, 14}, {18, 21}});
    });
}

QIcon glyph(ClusterCut of) {
    switch (of) {
    case ClusterCut::take_out:
        return glyph(Combining::take_out);
    case ClusterCut::overlap_only:
        return glyph(Combining::overlap_only);
    case ClusterCut::exclude:
        return glyph(Combining::exclude);
    case ClusterCut::visible:
        return glyph(Combining::visible);
    case ClusterCut::outer:
        break;
    }
    return glyph(Combining::join);
}

QIcon glyph(MarkKind of) {
    return icon([of](QPainter& p, const Pens& pens) {
        p.setPen(pens.pale());
        p.drawRect(QRectF(4, 2, 16, 20));
        p.setPen(pens.line());
        p.setBrush(pens.ink);
        const QPointF corners[] = {{7.5, 5.5}, {16.5, 5.5}, {7.5, 18.5}, {16.5, 18.5}};
        for (const QPointF& at : corners) {
            if (of == MarkKind::dots)
                p.drawEllipse(at, 0.9, 0.9);
            if (of == MarkKind::crosses) {
                p.drawLine(at - QPointF(1.8, 0), at + QPointF(1.8, 0));
                p.drawLine(at - QPointF(0, 1.8), at + QPointF(0, 1.8));
            }
            if (of == MarkKind::scheme)
                p.drawRect(QRectF(at - QPointF(0.8, 0.8), QSizeF(1.6, 1.6)));
        }
        if (of == MarkKind::dots)
            p.drawEllipse(QPointF(11, 5.5), 0.9, 0.9);
        if (of == MarkKind::none) {
            p.setPen(pens.line(2));
            p.drawPolyline(QPolygonF{{4, 10}, {4, 2}, {12, 2}});
        }
    });
}

QIcon glyph(LabelShape of) {
    return icon([of](QPainter& p, const Pens& pens) {
        if (of == LabelShape::lettering) {
            QFont letters = p.font();
            letters.setPixelSize(15);
            letters.setWeight(QFont::Bold);
            p.setFont(letters);
            p.drawText(QRectF(0, 0, 24, 24), Qt::AlignCenter, QStringLiteral("Ab"));
            return;
        }
        ShapeNumbers numbers;
        numbers.kind = of;
        numbers.width = of == LabelShape::star ? 20 : 21;
        numbers.height = of == LabelShape::star ? 20 : of == LabelShape::arch ? 17 : 13;
        numbers.corner = of == LabelShape::banner ? 3.5 : 3.2;
        numbers.hole = 2.4;
        p.setBrush(pens.wash);
        const QPainterPath shape = to_qt(outline_of(numbers));
        p.drawPath(shape.translated(QPointF(12, 12) - shape.boundingRect().center()));
    });
}

QIcon glyph(FillGlyph of) {
    return icon([of](QPainter& p, const Pens& pens) {
        p.setPen(pens.pale());
        p.drawRect(QRectF(2.5, 2.5, 19, 19));
        p.setPen(pens.line(1.2));
        p.setBrush(pens.wash);
        // A drop, which shows how it is turned.
        QPainterPath drop({0, -2.9});
        drop.cubicTo(2.6, 0.2, 2.2, 2.6, 0, 2.6);
        drop.cubicTo(-2.2, 2.6, -2.6, 0.2, 0, -2.9);
        for (int row = 0; row < 3; ++row)
            for (int column = 0; column < 3; ++column) {
                const int k = 3 * row + column;
                const bool is_snug = of != FillGlyph::rows;
                const double turn = of == FillGlyph::upside_down ? 180.0 * (k % 2)
                                    : of == FillGlyph::quarters  ? 90.0 * (k % 4)
                                    : of == FillGlyph::any       ? 47.0 * k
                                                                 : 0;
                p.save();
                p.translate(6 + column * 6 + (is_snug && row % 2 ? 0.8 : 0), 6 + row * (is_snug ? 5.6 : 6));
                p.rotate(turn);
                p.scale(is_snug ? 1 : 0.85, is_snug ? 1 : 0.85);
                p.drawPath(drop);
                p.restore();
            }
    });
}

QIcon glyph(InkGlyph of) {
    return icon([of](QPainter& p, const Pens& pens) {
        QPainterPath ring = disc(12, 12, 10);
        ring.addPath(disc(12, 12, 5));
        if (of == InkGlyph::colour)
            p.fillPath(ring, theme().accent);
        p.save();
        p.setClipPath(ring);
        if (of == InkGlyph::dots)
            for (int i = 0; i < 36; ++i) {
                p.setPen(Qt::NoPen);
                p.setBrush(pens.ink);
                p.drawEllipse(QPointF(3 + (i % 6) * 3.8 + (i / 6 % 2) * 1.9, 3 + i / 6 * 3.6), 0.9, 0.9);
            }
        p.setPen(pens.line(1.4));
        if (of == InkGlyph::stripes)
            for (int x = -20; x < 24; x += 4)
                p.drawLine(QPointF(x, 24), QPointF(x + 24, 0));
        if (of == InkGlyph::art) {
            p.fillRect(QRectF(0, 0, 12, 12), QColor(0xC8553D));
            p.fillRect(QRectF(12, 0, 12, 12), QColor(0xE3B23C));
            p.fillRect(QRectF(0, 12, 12, 12), QColor(0x2E8B84));
            p.fillRect(QRectF(12, 12, 12, 12), QColor(0x2E4A7D));
        }
        p.restore();
        p.setPen(pens.line(1.3));
        p.setBrush(Qt::NoBrush);
        p.drawPath(ring);
    });
}

QIcon glyph(NodeGlyph of) {
    return icon([of](QPainter& p, const Pens& pens) {
        const auto node = [&](double x, double y) {
            p.setBrush(theme().panel);
            p.drawRect(QRectF(x - 2.2, y - 2.2, 4.4, 4.4));
            p.setBrush(Qt::NoBrush);
        };
        QPainterPath line({2, 19});
        switch (of) {
        case NodeGlyph::smooth:
            line.cubicTo(6, 6, 18, 6, 22, 19);
            p.drawPath(line);
            p.setPen(pens.pale());
            p.drawLine(QPointF(4, 9.2), QPointF(20, 9.2));
            p.setPen(pens.line());
            node(12, 9.2);
            break;
        case NodeGlyph::corner:
            line.lineTo(12, 6);
            line.lineTo(22, 19);
            p.drawPath(line);
            node(12, 6);
            break;
        case NodeGlyph::straight:
            p.drawLine(QPointF(4, 18), QPointF(20, 6));
            node(4, 18);
            node(20, 6);
            break;
        case NodeGlyph::curved:
            line = QPainterPath({4, 18});
            line.cubicTo(6, 6, 12, 4, 20, 6);
            p.drawPath(line);
            node(4, 18);
            node(20, 6);
            break;
        case NodeGlyph::insert:
        case NodeGlyph::remove:
            p.drawLine(QPointF(2, 15), QPointF(22, 15));
            node(12, 15);
            p.drawLine(QPointF(8.5, 6), QPointF(15.5, 6));
            if (of == NodeGlyph::insert)
                p.drawLine(QPointF(12, 2.5), QPointF(12, 9.5));
            break;
        case NodeGlyph::break_open:
        case NodeGlyph::join:
            const double gap = of == NodeGlyph::break_open ? 5 : 0;
            p.drawLine(QPointF(1, 12), QPointF(12 - gap, 12));
            p.drawLine(QPointF(12 + gap, 12), QPointF(23, 12));
            node(12 - gap, 12);
            node(12 + gap, 12);
            break;
        }
    });
}

} // namespace fusuma::app
