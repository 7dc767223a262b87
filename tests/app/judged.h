#pragma once

#include "core/label/label.h"
#include "tests/app/window.h"

#include <QAccessible>
#include <QComboBox>
#include <map>
#include <set>

namespace fusuma::app {

// What every screen and dialog is judged by, besides whether it fits: names for screen readers, contrast of its texts.

inline bool is_a_control(QAccessible::Role role) {
    switch (role) {
    case QAccessible::Button:
    case QAccessible::CheckBox:
    case QAccessible::RadioButton:
    case QAccessible::EditableText:
    case QAccessible::ComboBox:
    case QAccessible::SpinBox:
    case QAccessible::Slider:
    case QAccessible::List:
    case QAccessible::Tree:
    case QAccessible::Table:
    case QAccessible::MenuItem:
    case QAccessible::ListItem:
        return true;
    default:
        return false;
    }
}

/// Controls in sight that have no name.
inline void nameless(QAccessibleInterface* at, const std::string& path, std::set<std::string>& found) {
    if (!at || !at->isValid() || at->state().invisible)
        return;
    const QObject* object = at->object();
    const std::string here = path + "/" +
                             (object ? (object->objectName().isEmpty() ? object->metaObject()->className()
                                                                       : object->objectName().toStdString().c_str())
                                     : "-");
    if (is_a_control(at->role()) && at->text(QAccessible::Name).trimmed().isEmpty() &&
        !(object && object->objectName().startsWith("qt_")) && at->role() != QAccessible::ListItem)
        found.insert(here);
    for (int i = 0; i < at->childCount(); ++i)
        nameless(at->child(i), here, found);
}

inline Rgb rgb_of(QRgb c) {
    return {static_cast<std::uint8_t>(qRed(c)), static_cast<std::uint8_t>(qGreen(c)),
            static_cast<std::uint8_t>(qBlue(c))};
}

/// The contrast of a text with what it stands on: the most frequent colour of where it is drawn, and the one that
/// differs most from that. Drawn large, so that strokes have a full middle.
inline double contrast_in(const QImage& picture, QRect where) {
    std::map<QRgb, int> counts;
    where &= picture.rect();
    for (int y = where.top(); y <= where.bottom(); ++y) {
        const auto* row = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (int x = where.left(); x <= where.right();) { // a run of one colour at a time
            const int first = x;
            while (x <= where.right() && row[x] == row[first])
                ++x;
            counts[row[first]] += x - first;
        }
    }
    if (counts.empty())
        return 21;
    const auto ground = std::ranges::max_element(counts, {}, [](const auto& c) { return c.second; })->first;
    double most = 1;
    for (const auto& [colour, count] : counts)
        most = std::max(most, contrast_ratio(rgb_of(colour), rgb_of(ground)));
    return most;
}

/// Texts of a window that stand out too little.
inline void look_for_pale_text(QWidget& window, const std::string& where, std::set<std::string>& pale) {
    constexpr int enlarged = 3;
    constexpr double least = 4.5; // WCAG 2.1, 1.4.3 (AA)
    QImage picture(window.size() * enlarged, QImage::Format_RGB32);
    picture.setDevicePixelRatio(enlarged);
    window.render(&picture);
    for (QWidget* w : window.findChildren<QWidget*>()) {
        if (!w->isVisible() || !w->isEnabled())
            continue;
        QString words;
        QRect box = w->contentsRect();
        if (const auto* l = qobject_cast<QLabel*>(w); l && l->pixmap(Qt::ReturnByValue).isNull())
            words = l->text();
        else if (const auto* b = qobject_cast<QAbstractButton*>(w); b && !b->inherits("fusuma::app::Door"))
            words = b->text(), box.adjust(5, 3, -5, -3);
        else if (const auto* e = qobject_cast<QLineEdit*>(w))
            words = e->text(), box.adjust(4, 3, -4, -3);
        else if (const auto* c = qobject_cast<QComboBox*>(w))
            words = c->currentText(), box.adjust(6, 3, -26, -3);
        if (words.trimmed().isEmpty() || w->visibleRegion().isEmpty() || w->visibleRegion().boundingRect() != w->rect())
            continue;
        const QPoint corner = w->mapTo(&window, box.topLeft());
        const double ratio = contrast_in(picture, {corner * enlarged, box.size() * enlarged});
        if (ratio < least)
            pale.insert(where + ": “" + words.left(40).toStdString() + "” " + w->objectName().toStdString() + " " +
                        std::to_string(ratio).substr(0, 4));
    }
}

} // namespace fusuma::app
