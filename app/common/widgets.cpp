#include "app/common/widgets.h"

#include "app/common/screen_painter.h"

#include <QButtonGroup>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QPaintEvent>
#include <QStyle>
#include <QStyleOptionButton>
#include <QStylePainter>
#include <QVBoxLayout>
#include <QVariant>

namespace fusuma::app {

QLabel* label(const QString& text, const char* role) {
    auto* result = new QLabel(text);
    result->setProperty("role", role);
    return result;
}

QPushButton* button(const QString& text, const char* role, const QString& name, const QString& why) {
    auto* result = new QPushButton(text);
    result->setProperty("role", role);
    result->setObjectName(name);
    result->setToolTip(why);
    result->setAutoDefault(false);
    return result;
}

void restyle(QWidget* widget, const char* property, const QVariant& value) {
    if (widget->property(property) == value)
        return;
    widget->setProperty(property, value);
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
}

QVBoxLayout* column(QWidget* parent, int margin, int spacing) {
    auto* layout = new QVBoxLayout(parent);
    layout->setContentsMargins(margin, margin, margin, margin);
    layout->setSpacing(spacing);
    return layout;
}

QWidget* row(const QString& caption, QWidget* widget, int widget_width) {
    auto* result = new QWidget;
    auto* layout = new QHBoxLayout(result);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(label(caption));
    layout->addStretch();
    layout->addWidget(widget);
    constexpr int widest = 250; // px that a choice in long words may take
    if (widget_width > 0 && qobject_cast<QComboBox*>(widget)) {
        widget->setMinimumWidth(px(widget_width));
        widget->setMaximumWidth(px(std::max(widget_width, widest)));
    } else if (widget_width > 0) {
        widget->setFixedWidth(px(widget_width));
    }
    widget->setAccessibleName(caption);
    return result;
}

void add_buttons(QMenu& menu, const std::vector<QPushButton*>& buttons) {
    for (QPushButton* one : buttons)
        if (one->isEnabled())
            menu.addAction(one->text(), one, &QPushButton::click)->setToolTip(one->toolTip());
}

/// A choice in words, with room for a picture above them if it has one.
class ChoiceButton : public QPushButton {
  public:
    ChoiceButton(const QString& words, Choices::Look how) : QPushButton(words), look(how) { setCheckable(true); }
    QImage picture;
    QIcon glyph;

    [[nodiscard]] QSize sizeHint() const override {
        const QSize words = QPushButton::sizeHint();
        return look == Choices::Look::words ? words : QSize(words.width(), words.height() + picture_height());
    }
    [[nodiscard]] QSize minimumSizeHint() const override {
        return look == Choices::Look::words ? QPushButton::minimumSizeHint() : QSize(20, sizeHint().height());
    }

  protected:
    void paintEvent(QPaintEvent* event) override {
        if (look == Choices::Look::words) {
            QPushButton::paintEvent(event);
            return;
        }
        QStylePainter painter(this);
        QStyleOptionButton option;
        initStyleOption(&option);
        option.text.clear();
        painter.drawControl(QStyle::CE_PushButton, option);
        if (!picture.isNull()) {
            painter.setRenderHint(QPainter::SmoothPixmapTransform);
            const QSizeF room(width() - 12, picture_height() - 4);
            const QSizeF shown = QSizeF(picture.size()).scaled(room, Qt::KeepAspectRatio);
            painter.drawImage(
                QRectF(QPointF((width() - shown.width()) / 2, 7 + (room.height() - shown.height()) / 2), shown),
                on_screen_of(*this, picture));
        }
        if (!glyph.isNull())
            glyph.paint(&painter, QRect((width() - glyph_px) / 2, 5, glyph_px, glyph_px), Qt::AlignCenter,
                        isEnabled() ? QIcon::Normal : QIcon::Disabled, isChecked() ? QIcon::On : QIcon::Off);
        option.rect.setTop(option.rect.bottom() - QPushButton::sizeHint().height());
        option.text = text();
        painter.drawControl(QStyle::CE_PushButtonLabel, option);
    }

  private:
    static constexpr int picture_px = 36, glyph_px = 22;
    [[nodiscard]] int picture_height() const { return glyph.isNull() ? picture_px : glyph_px; }
    Choices::Look look;
};

Choices::Choices(const QStringList& names, Look look) {
    setObjectName(QStringLiteral("choices"));
    setProperty("pictured", look == Look::pictures);
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QGridLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    auto* group = new QButtonGroup(this);
    // More than four do not fit beside each other in a panel: three above, the rest below, as wide as the row.
    constexpr qsizetype in_one_row = 4, above = 3;
    constexpr int columns = 60; // shared alike by one to six
    const bool is_two_rows = names.size() > in_one_row;
    for (qsizetype i = 0; i < names.size(); ++i) {
        auto* choice = new ChoiceButton(names[i], look);
        choice->setObjectName(QStringLiteral("choice") + QString::number(buttons.size()));
        group->addButton(choice, static_cast<int>(buttons.size()));
        const bool is_below = is_two_rows && i >= above;
        const auto in_row = static_cast<int>(!is_two_rows ? names.size() : is_below ? names.size() - above : above);
        const int span = columns / in_row, place = static_cast<int>(is_below ? i - above : i);
        layout->addWidget(choice, is_below ? 1 : 0, place * span, 1, span);
        buttons.push_back(choice);
    }
    for (int c = 0; c < columns; ++c)
        layout->setColumnStretch(c, 1);
    connect(group, &QButtonGroup::idClicked, this, &Choices::picked);
}

void Choices::set_chosen(int index) {
    buttons[static_cast<std::size_t>(index)]->setChecked(true);
}

void Choices::set_picture(int index, const QImage& picture) {
    buttons[static_cast<std::size_t>(index)]->picture = picture;
    buttons[static_cast<std::size_t>(index)]->update();
}

void Choices::set_glyph(int index, const QIcon& glyph) {
    buttons[static_cast<std::size_t>(index)]->glyph = glyph;
    buttons[static_cast<std::size_t>(index)]->updateGeometry();
}

void Choices::set_enabled(int index, bool on) {
    buttons[static_cast<std::size_t>(index)]->setEnabled(on);
}

bool Choices::is_chosen(int index) const {
    return buttons[static_cast<std::size_t>(index)]->isChecked();
}

} // namespace fusuma::app
