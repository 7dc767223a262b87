#include "app/common/theme.h"

#include "app/common/wheel_guard.h"

#include "formats/basics/shipped.h"

#include <QApplication>
#include <QFontDatabase>
#include <QPalette>
#include <QRegularExpression>
#include <QStyleFactory>

/// The resources lie in a static library, which the linker would otherwise leave out. Must be a global function.
static void use_resources() {
    Q_INIT_RESOURCE(app);
}

namespace fusuma::app {

namespace {

constexpr auto light_theme = [] {
    Theme t;
    t.window = 0xEFEAE0, t.canvas = 0xE4DDCF, t.panel = 0xFBF9F4, t.field = 0xFFFFFF;
    t.ink = 0x26323D, t.dim = 0x626A73, t.faint = 0xA5A59E, t.line = 0xD8D1C3, t.hover = 0xF1ECE1;
    t.accent = 0x2E4A7D, t.on_accent = 0xFFFFFF, t.selection = 0xE3E8F2;
    t.attention = 0xB9501A, t.attention_tint = 0xF7E3D6, t.fine = 0x4F7A52, t.look_at_tint = 0xEADFC2;
    t.kiss = 0x00838A, t.through = 0x6B2FA0, t.score = 0x9A6A00, t.casing = 0xFFFFFF, t.zone = 0xEEF4EE,
    t.paper = 0xFFFFFF;
    return t;
};

constexpr auto dark = [] {
    Theme t = light_theme();
    t.window = 0x23272B, t.canvas = 0x2B2F33, t.panel = 0x2F3439, t.field = 0x3A4046;
    t.ink = 0xECE8DF, t.dim = 0xB6BBBE, t.faint = 0x767C80, t.line = 0x4A5158, t.hover = 0x3A4046;
    t.accent = 0xA8BEEA, t.on_accent = 0x1B2330, t.selection = 0x3B4762;
    t.attention = 0xF49C68, t.attention_tint = 0x553A2A, t.fine = 0x8FBF92, t.look_at_tint = 0x544D38;
    return t;
};

Theme& stored_theme() {
    static Theme value = light_theme();
    return value;
}

Tone& stored_tone() {
    static Tone value = Tone::light;
    return value;
}

void load_fonts() {
    use_resources();
    for (const char* weight : {"Regular", "Medium", "SemiBold"})
        QFontDatabase::addApplicationFont(
            shipped_file(QStringLiteral("fonts/Inter-%1.otf").arg(QLatin1String(weight))));
}

/// Style rules with @role words in place of colours.
QString style_sheet(const Theme& t) {
    QString rules = QStringLiteral(R"(
* { font-family: Inter; font-size: 12px; color: @ink; }
QMainWindow, QDialog, QMessageBox { background: @window; }
QToolTip { background: @panel; border: 1px solid @line; padding: 4px; }
QMenuBar { background: transparent; } QMenuBar::item { padding: 5px 8px; border-radius: 4px; background: transparent; }
QMenuBar::item:selected { background: @hover; }
QMenu { background: @panel; border: 1px solid @line; padding: 4px; }
QMenu::item { padding: 5px 22px 5px 12px; border-radius: 4px; } QMenu::item:selected { background: @selection; }
QMenu::item:disabled { color: @dim; } QMenu::separator { height: 1px; background: @line; margin: 4px 8px; }
#topBar, #panel, #preflightStrip, #tray { background: @panel; }
#topBar { border-bottom: 1px solid @line; } #preflightStrip { border-top: 1px solid @line; }
#tray { border-right: 1px solid @line; } #panel { border-left: 1px solid @line; } #actsPanel { background: @panel; border-right: 1px solid @line; } #slipPanel { background: @panel; border-left: 1px solid @line; }
QLabel[role="title"] { font-size: 14px; font-weight: 600; } QLabel[role="section"] { font-size: 13px; font-weight: 600; }
QLabel[role="dim"] { color: @dim; font-size: 11px; } QLabel[role="strong"] { font-weight: 600; }
QLabel[role="figure"] { font-size: 19px; font-weight: 600; } QLabel[role="place"] { color: @dim; font-size: 13px; font-weight: 500; }
QLabel[role="fine"] { color: @fine; font-weight: 600; } QLabel[role="attention"] { color: @attention; font-weight: 600; }
QPushButton { background: @field; border: 1px solid @line; border-radius: 5px; padding: 6px 10px; font-weight: 500; }
QPushButton:hover { background: @hover; } QPushButton:checked { background: @selection; border: 1px solid @accent; color: @accent; }
QPushButton:disabled { color: @dim; background: @panel; }
QPushButton:focus, QComboBox:focus, QLineEdit:focus { border: 1px solid @accent; }
QPushButton[role="primary"] { background: @accent; color: @on_accent; border: none; padding: 9px 12px; font-weight: 600; }
QPushButton[role="primary"]:hover { background: @accentHover; } QPushButton[role="primary"]:disabled { background: @line; color: @dim; }
QPushButton[role="primary"]:focus { border: 2px solid @ink; padding: 7px 10px; }
QPushButton[role="link"] { background: transparent; border: none; color: @accent; font-weight: 600; padding: 4px 6px; }
QPushButton[role="link"]:hover { text-decoration: underline; }
QPushButton[role="link"]:focus { border: 1px solid @accent; padding: 3px 5px; }
QPushButton[role="flat"] { background: transparent; border: none; padding: 5px 8px; } QPushButton[role="flat"]:hover { background: @hover; }
QPushButton[role="flat"]:disabled { color: @faint; }
QPushButton[role="chip-fix"] { background: @attention; color: @onAttention; border: none; border-radius: 11px; padding: 4px 10px; font-size: 11px; font-weight: 600; }
QPushButton[role="chip-look"] { background: @lookAtTint; border: none; border-radius: 11px; padding: 4px 10px; font-size: 11px; font-weight: 600; }
QPushButton[role="chip-fine"] { background: transparent; color: @fine; border: 1px solid @fine; border-radius: 11px; padding: 3px 10px; font-size: 11px; font-weight: 600; }
#choices { background: @window; border: 1px solid @line; border-radius: 5px; }
#choices QPushButton { background: transparent; border: none; border-radius: 4px; padding: 4px 4px; margin: 2px; }
#choices[pictured="true"] QPushButton { font-size: 10px; padding: 3px 0px; margin: 1px; }
#choices QPushButton:checked { background: @accent; color: @on_accent; } #choices QPushButton:focus { border: 1px solid @accent; }
QLineEdit, QComboBox, QDateEdit { background: @field; border: 1px solid @line; border-radius: 4px; padding: 4px 8px; min-height: 16px; selection-background-color: @accent; selection-color: @on_accent; }
QLineEdit[wrong="true"] { border: 1px solid @attention; background: @attentionTint; } QLineEdit:disabled { color: @dim; background: @panel; }
QComboBox:disabled { color: @dim; background: @panel; } QCheckBox:disabled { color: @dim; }
QPushButton::menu-indicator { image: url(:/icons/down.svg); width: 10px; subcontrol-origin: padding; subcontrol-position: right center; right: 8px; }
QComboBox::drop-down, QDateEdit::drop-down { border: none; width: 22px; } QComboBox::down-arrow, QDateEdit::down-arrow { image: url(:/icons/down.svg); width: 12px; height: 12px; } QComboBox QAbstractItemView { background: @panel; border: 1px solid @line; selection-background-color: @selection; selection-color: @ink; outline: none; }
QCheckBox::indicator, QListView::indicator, QTreeView::indicator { width: 14px; height: 14px; border: 1px solid @dim; border-radius: 3px; background: @field; }
QCheckBox::indicator:checked, QListView::indicator:checked, QTreeView::indicator:checked { background: @accent; border: 1px solid @accent; image: url(@tick); }
QCheckBox::indicator:indeterminate, QTreeView::indicator:indeterminate { background: @selection; border: 1px solid @accent; } QCheckBox::indicator:disabled { border: 1px solid @line; } QCheckBox:focus { color: @accent; }
QSlider { min-height: 20px; }
QSlider::groove:horizontal { height: 4px; background: @line; border-radius: 2px; }
QSlider::sub-page:horizontal { background: @accent; border-radius: 2px; }
QSlider::handle:horizontal { width: 12px; height: 12px; margin: -6px 0; border-radius: 8px; background: @field; border: 2px solid @accent; }
QSlider::handle:horizontal:focus { background: @selection; }
QProgressBar { background: @line; border: none; border-radius: 4px; max-height: 8px; min-height: 8px; } QProgressBar::chunk { background: @fine; border-radius: 4px; }
QProgressBar[role="attention"]::chunk { background: @attention; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; } QScrollBar::handle:vertical { background: @line; border-radius: 4px; min-height: 30px; margin: 1px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; } QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
#card { background: @field; border: 1px solid @line; border-radius: 6px; } #card[open="true"] { border: 1px solid @accent; }
#summary { background: @window; border-radius: 6px; }
#chip { background: @panel; border: 1px solid @line; border-radius: 5px; padding: 4px 10px; }
#notice { background: @selection; border-top: 1px solid @line; } #notice[problem="true"] { background: @attentionTint; border-top: 1px solid @attention; } #busy { background: @panel; border: 1px solid @line; border-radius: 6px; } #drawer { background: @panel; border: 1px solid @line; border-radius: 6px; }
QTreeWidget, QPlainTextEdit { background: @field; border: 1px solid @line; border-radius: 4px; outline: none; } QTreeWidget:focus, QPlainTextEdit:focus { border: 1px solid @accent; }
QTreeWidget::item { padding: 2px 0px; } QTreeWidget::item:selected { background: @selection; color: @ink; }
QHeaderView { background: @window; } QHeaderView::section { background: @window; color: @dim; border: none; border-bottom: 1px solid @line; padding: 3px 5px; font-size: 11px; }
QTabBar::tab { background: transparent; border: none; border-bottom: 2px solid transparent; padding: 4px 7px; } QTabBar::tab:selected { border-bottom: 2px solid @accent; font-weight: 600; } QTabBar::tab:focus { color: @accent; }
QPushButton[role="compact"] { padding: 5px 4px; }
QPushButton[role="more"] { background: transparent; border: none; border-top: 1px solid @line; border-radius: 0; padding: 6px 2px; text-align: left; font-weight: 600; color: @dim; } QPushButton[role="more"]:hover { color: @ink; } QPushButton[role="more"]:focus { color: @accent; }
#peel { background: @panel; border: 1px solid @line; border-radius: 5px; padding: 5px 8px; }
#sides::handle { background: @line; } #sides::handle:hover { background: @accent; }
QPushButton[role="pick"] { background: @window; border: 1px solid transparent; border-radius: 9px; padding: 2px 7px; font-size: 11px; } QPushButton[role="pick"]:hover { background: @hover; } QPushButton[role="pick"]:focus { border: 1px solid @accent; }
QListWidget { background: transparent; border: none; outline: none; } QListWidget::item { padding: 5px 7px; border-radius: 4px; border: 1px solid transparent; } QListWidget::item:selected { background: @selection; color: @ink; border: 1px solid @accent; }
)");
    const std::pair<const char*, QColor> roles[] = {{"@attentionTint", t.attention_tint},
                                                    {"@lookAtTint", t.look_at_tint},
                                                    {"@onAttention", t.field},
                                                    {"@accentHover", t.accent.lighter(115)},
                                                    {"@on_accent", t.on_accent},
                                                    {"@attention", t.attention},
                                                    {"@selection", t.selection},
                                                    {"@window", t.window},
                                                    {"@panel", t.panel},
                                                    {"@field", t.field},
                                                    {"@hover", t.hover},
                                                    {"@accent", t.accent},
                                                    {"@line", t.line},
                                                    {"@faint", t.faint},
                                                    {"@fine", t.fine},
                                                    {"@ink", t.ink},
                                                    {"@dim", t.dim}};
    rules.replace(QStringLiteral("@tick"), t.on_accent.lightness() > 128 ? QStringLiteral(":/icons/tick.svg")
                                                                         : QStringLiteral(":/icons/tick-dark.svg"));
    for (const auto& [role, colour] : roles)
        rules.replace(QLatin1String(role), colour.name());
    return rules;
}

double& stored_text_scale() {
    static double value = 1;
    return value;
}

QString with_text_scaled(const QString& rules, double scale) {
    static const QRegularExpression size(QStringLiteral("font-size: (\\d+)px"));
    QString scaled;
    qsizetype from = 0;
    for (auto found = size.globalMatch(rules); found.hasNext();) {
        const auto match = found.next();
        scaled += rules.mid(from, match.capturedStart() - from) +
                  QStringLiteral("font-size: %1px").arg(qRound(match.captured(1).toInt() * scale));
        from = match.capturedEnd();
    }
    return scaled + rules.mid(from);
}

} // namespace

const Theme& theme() {
    return stored_theme();
}

Tone current_tone() {
    return stored_tone();
}

int px(int at_usual_size) {
    return qRound(at_usual_size * stored_text_scale());
}

namespace {

/// Dresses windows as they are about to be seen, each as a whole. An application's own style sheet would be worked out
/// anew for everything in a widget whenever that is put into another, which takes most of the time to make a window.
class Dresser : public QObject {
  public:
    explicit Dresser(QApplication& application) : QObject(&application) { application.installEventFilter(this); }
    void set_sheet(const QString& dress) {
        sheet = dress;
        for (QWidget* window : QApplication::topLevelWidgets())
            dress_if_window(*window);
    }

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if ((event->type() == QEvent::Polish || event->type() == QEvent::Show) && watched->isWidgetType())
            dress_if_window(*static_cast<QWidget*>(watched));
        return false;
    }

  private:
    QString sheet;

    /// Others take the sheet of the window that they are in, or belong to.
    void dress_if_window(QWidget& widget) const {
        if (!widget.parentWidget() && widget.testAttribute(Qt::WA_WState_Created) && widget.styleSheet() != sheet)
            widget.setStyleSheet(sheet);
    }
};

} // namespace

void apply_theme(QApplication& application, Tone tone, double text_scale) {
    static Dresser* dresser = nullptr;
    if (dresser && stored_tone() == tone && stored_text_scale() == text_scale)
        return; // all is dressed so
    if (!dresser) {
        load_fonts();
        QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
        WheelGuard::install(application);
        dresser = new Dresser(application);
    }
    stored_tone() = tone;
    stored_text_scale() = text_scale;
    stored_theme() = tone == Tone::light ? light_theme() : dark();
    const Theme& t = theme();
    QPalette palette(t.window);
    palette.setColor(QPalette::Window, t.window);
    palette.setColor(QPalette::Base, t.field);
    palette.setColor(QPalette::Text, t.ink);
    palette.setColor(QPalette::WindowText, t.ink);
    palette.setColor(QPalette::PlaceholderText, t.dim);
    palette.setColor(QPalette::Highlight, t.accent);
    palette.setColor(QPalette::HighlightedText, t.on_accent);
    QApplication::setPalette(palette);
    dresser->set_sheet(with_text_scaled(style_sheet(t), text_scale));
}

} // namespace fusuma::app
