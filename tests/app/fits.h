#pragma once

#include <QAbstractButton>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <gtest/gtest.h>
#include <vector>

namespace fusuma::app {

inline std::string words_of(const QWidget& w) {
    QString text;
    if (const auto* l = qobject_cast<const QLabel*>(&w))
        text = l->text();
    else if (const auto* b = qobject_cast<const QAbstractButton*>(&w))
        text = b->text();
    return (QLatin1String(w.metaObject()->className()) + ' ' + w.objectName() + " “" + text.left(60) + "”")
        .toStdString();
}

/// What of a widget does not show, or lies over another; empty for nothing.
inline std::string trouble_with(const QWidget& w, const QWidget& window) {
    // Across, nothing may be outside of what holds it; down, a panel scrolls.
    for (const QWidget* at = w.parentWidget(); at; at = at->parentWidget()) {
        const QPoint corner = w.mapTo(at, QPoint());
        if (corner.x() < -1 || corner.x() + w.width() > at->width() + 1)
            return "is cut off at the side of " + words_of(*at);
        if (at == &window)
            break;
        if (qobject_cast<const QScrollArea*>(at->parentWidget()))
            break; // its viewport
    }
    if (const auto* l = qobject_cast<const QLabel*>(&w); l && !l->text().isEmpty() && l->textFormat() != Qt::RichText) {
        const QRect room = l->contentsRect();
        if (l->wordWrap()) {
            if (l->heightForWidth(l->width()) > l->height() + 2)
                return "needs " + std::to_string(l->heightForWidth(l->width())) + " px of height and has " +
                       std::to_string(l->height());
        } else {
            int widest = 0;
            for (const QString& line : l->text().split('\n'))
                widest = std::max(widest, l->fontMetrics().horizontalAdvance(line));
            if (widest > room.width() + 1)
                return "needs " + std::to_string(widest) + " px and has " + std::to_string(room.width());
        }
    }
    const bool is_upright = w.inherits("fusuma::app::Door"); // its words run up it
    if (const auto* b = qobject_cast<const QAbstractButton*>(&w);
        b && !is_upright && !b->text().isEmpty() && b->icon().isNull()) {
        const int needed = b->fontMetrics().horizontalAdvance(b->text().remove('&'));
        if (needed > b->width())
            return "needs " + std::to_string(needed) + " px and has " + std::to_string(b->width());
        if (b->height() + 1 < b->fontMetrics().height())
            return "is too low";
    }
    if (const auto* box = qobject_cast<const QComboBox*>(&w)) {
        const int arrow = 26;
        if (const int needed = box->fontMetrics().horizontalAdvance(box->currentText()) + arrow;
            needed > box->width() + 2)
            return "shows “" + box->currentText().toStdString() + "” in " + std::to_string(box->width()) + " of " +
                   std::to_string(needed) + " px";
    }
    return {};
}

inline bool is_shown_in_words(const QWidget* w) {
    const bool lies_over_a_view = w->objectName() == QLatin1String("chip");
    return lies_over_a_view || qobject_cast<const QLabel*>(w) || qobject_cast<const QAbstractButton*>(w) ||
           qobject_cast<const QLineEdit*>(w) || qobject_cast<const QComboBox*>(w);
}

inline void expect_all_fits(const QWidget& window, const std::string& where) {
    std::vector<const QWidget*> shown;
    for (const QWidget* w : window.findChildren<QWidget*>())
        if (w->isVisible() && is_shown_in_words(w) && !w->objectName().startsWith("qt_"))
            shown.push_back(w);
    for (const QWidget* w : shown) {
        const std::string trouble = trouble_with(*w, window);
        EXPECT_TRUE(trouble.empty()) << where << ": " << words_of(*w) << " " << trouble;
    }
    for (std::size_t i = 0; i < shown.size(); ++i)
        for (std::size_t k = i + 1; k < shown.size(); ++k)
            if (shown[i]->parentWidget() == shown[k]->parentWidget() && shown[i]->width() > 0 &&
                shown[k]->width() > 0) {
                EXPECT_FALSE(shown[i]->geometry().adjusted(2, 2, -2, -2).intersects(shown[k]->geometry()))
                    << where << ": " << words_of(*shown[i]) << " lies over " << words_of(*shown[k]);
            }
}

} // namespace fusuma::app
