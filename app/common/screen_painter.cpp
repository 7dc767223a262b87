#include "app/common/screen_painter.h"

#include "app/common/screen_colours.h"
#include "core/parallel.h"

#include <QWidget>
#include <cmath>
#include <utility>

namespace fusuma::app {

namespace {

QWidget* now_painted = nullptr;

/// @param picture  ARGB32_Premultiplied
void convert(QImage& picture, const ColourTable& colours) {
    const auto width = static_cast<std::size_t>(picture.width());
    uchar* const bits = picture.bits(); // its own from here on
    const auto step = picture.bytesPerLine();
    for_bands(picture.height(), {}, [&](int first, int last) {
        for (int y = first; y < last; ++y)
            colours.apply({reinterpret_cast<std::uint32_t*>(bits + y * step), width});
    });
}

} // namespace

ScreenPainter::ScreenPainter(QWidget& widget)
    : shown(widget), before(std::exchange(now_painted, &widget)), colours(ScreenColours::of(widget.screen())) {
    if (!colours) {
        with.emplace(&widget);
        return;
    }
    const double ratio = widget.devicePixelRatioF();
    picture = QImage((QSizeF(widget.size()) * ratio).toSize(), QImage::Format_ARGB32_Premultiplied);
    picture.setDevicePixelRatio(ratio);
    picture.fill(Qt::transparent);
    with.emplace(&picture);
    with->setPen(widget.palette().color(widget.foregroundRole()));
    with->setFont(widget.font());
    with->setLayoutDirection(widget.layoutDirection());
}

ScreenPainter::~ScreenPainter() {
    with.reset();
    now_painted = before;
    if (!colours)
        return;
    convert(picture, *colours);
    QPainter(&shown).drawImage(0, 0, picture);
}

QWidget* ScreenPainter::painted() {
    return now_painted;
}

QImage on_screen_of(const QWidget& widget, QImage picture) {
    if (const auto colours = ScreenColours::of(widget.screen())) {
        picture = picture.convertToFormat(QImage::Format_ARGB32_Premultiplied);
        convert(picture, *colours);
    }
    return picture;
}

void OnScreenRows::initStyleOption(QStyleOptionViewItem* option, const QModelIndex& index) const {
    QStyledItemDelegate::initStyleOption(option, index);
    if (option->icon.isNull() || !option->widget)
        return;
    QPixmap shown = option->icon.pixmap(option->decorationSize, option->widget->devicePixelRatioF());
    if (ScreenColours::of(option->widget->screen()))
        shown = QPixmap::fromImage(on_screen_of(*option->widget, shown.toImage()));
    option->icon = QIcon(shown);
    option->icon.addPixmap(shown, QIcon::Selected); // else it would be tinted
}

} // namespace fusuma::app
