#include "app/sheet/resting_sheet.h"

#include "app/common/painting.h"
#include "app/common/theme.h"

#include <QElapsedTimer>
#include <QPainter>

namespace fusuma::app {

void RestingSheet::begin(Of of) {
    if (next > 0 && is_whole())
        whole_before = std::move(now);
    now = {std::move(of), QPixmap()};
    now.picture = QPixmap(now.of.size * now.of.ratio);
    now.picture.setDevicePixelRatio(now.of.ratio);
    now.picture.fill(Qt::transparent);
    copies.clear();
    prints.clear();
    next = 0;
    const auto page = static_cast<std::size_t>(now.of.page);
    if (!now.of.plan || page >= now.of.plan->pages.size())
        return;
    for (const PlannedCopy& copy : now.of.plan->copies)
        if (copy.page == now.of.page && !now.of.without.contains(copy.id))
            copies.push_back(copy.placed.get());
    for (const PrintItem& item : now.of.plan->pages[page].prints)
        if (!now.of.without.contains(item.copy))
            prints.push_back(&item);
}

void RestingSheet::draw(const std::function<void(QPainter&)>& paper) {
    constexpr std::size_t at_once = 200; // of these, however long: what most sheets have is never seen half done
    constexpr qint64 moment_ms = 30;
    QElapsedTimer since;
    since.start();
    QPainter painter(&now.picture);
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t drawn = 0; !is_whole() && (drawn < at_once || since.elapsed() < moment_ms); ++drawn)
        draw_next(painter, paper);
    if (is_whole())
        whole_before = {};
}

void RestingSheet::draw_next(QPainter& painter, const std::function<void(QPainter&)>& paper) {
    std::size_t i = next++;
    if (i-- == 0) {
        paper(painter);
    } else if (i < copies.size()) { // under all print, so that no copy's paper hides its neighbour's bleed
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme().paper);
        painter.drawPath(now.of.view.map(to_qt(copies[i]->region)));
    } else if (i - copies.size() < prints.size()) {
        draw_layer(painter, prints[i - copies.size()]->layer, now.of.view);
    } else {
        draw_cut_lines(painter, *copies[i - copies.size() - prints.size()], now.of.view);
    }
}

void RestingSheet::show(QPainter& painter) const {
    if (is_whole() || whole_before.picture.isNull() || whole_before.of.page != now.of.page) {
        painter.drawPixmap(0, 0, now.picture);
        return;
    }
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setTransform(whole_before.of.view.inverted() * now.of.view, true);
    painter.drawPixmap(0, 0, whole_before.picture);
    painter.restore();
}

} // namespace fusuma::app
