#include "app/frame/about_machine.h"

#include "app/common/screen_colours.h"
#include "app/common/widgets.h"
#include "app/model/profiles.h"
#include "core/machine/machine.h"
#include "formats/fonts/fonts.h"
#include "formats/manual/usual_options.h"

#include <QClipboard>
#include <QDialog>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QLocale>
#include <QPlainTextEdit>
#include <QPrinterInfo>
#include <QRegularExpression>
#include <QScreen>
#include <QSysInfo>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

/// Without paths, names of files, and whatever stands in quotes.
QString without_names(QString words) {
    static const QRegularExpression quoted(QStringLiteral("“[^”]*”|\"[^\"]*\"|„[^“]*“|«[^»]*»|「[^」]*」"));
    static const QRegularExpression path(QStringLiteral("(?:~|\\.{0,2})/[^\\s,;:]+"));
    static const QRegularExpression file(QStringLiteral("[^\\s,;:“”]+\\.[A-Za-z][A-Za-z0-9]{1,7}\\b"));
    return words.replace(quoted, QStringLiteral("“…”"))
        .replace(path, QStringLiteral("…"))
        .replace(file, QStringLiteral("…"));
}

} // namespace

QString about_machine(const QWidget& window, const QStringList& messages) {
    constexpr qsizetype most_messages = 20;
    QStringList lines;
    const auto tell = [&](const QString& what, const QString& is) { lines << what + QStringLiteral(": ") + is; };
    tell(QObject::tr("Fusuma"), QLatin1String(version()));
    tell(QObject::tr("Qt"), QStringLiteral("%1 (%2)").arg(QLatin1String(qVersion()), QGuiApplication::platformName()));
    tell(QObject::tr("System"),
         QStringLiteral("%1, %2, %3")
             .arg(QSysInfo::prettyProductName(), QSysInfo::kernelVersion(), QSysInfo::currentCpuArchitecture()));
    tell(QObject::tr("Language"), QLocale().name());
    if (const QScreen* screen = window.screen())
        tell(QObject::tr("Screen"), QObject::tr("%1 × %2 px, %3 dpi, scale %4")
                                        .arg(screen->size().width())
                                        .arg(screen->size().height())
                                        .arg(qRound(screen->physicalDotsPerInch()))
                                        .arg(window.devicePixelRatioF()));
    tell(QObject::tr("Colours of the screen"),
         ScreenColours::of(window.screen()) ? QObject::tr("by its profile") : QObject::tr("sRGB"));
    tell(QObject::tr("Window"), QStringLiteral("%1 × %2 px").arg(window.width()).arg(window.height()));
    tell(QObject::tr("Families of fonts"), QString::number(font_families().size()));
    tell(QObject::tr("Printers"), QString::number(QPrinterInfo::availablePrinterNames().size()));
    for (const Machine& machine : saved_machines())
        tell(QObject::tr("Machine"),
             QLatin1String(label_of(machine.language).data()) +
                 (machine.line.empty()
                      ? QString()
                      : QStringLiteral(", ") + QString::fromStdString(machine.line).section(QLatin1Char(':'), 0, 0)));
    lines << QString() << QObject::tr("Last messages");
    for (const QString& message : messages.mid(0, most_messages))
        lines << without_names(message);
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

void show_about_machine(QWidget& window, const QStringList& messages) {
    QDialog dialog(&window);
    dialog.setObjectName(QStringLiteral("aboutMachine"));
    dialog.setWindowTitle(QObject::tr("About this machine"));
    dialog.resize(520, 420);
    auto* rows = column(&dialog, 16, 10);
    auto* hint = label(QObject::tr("For a report of something that went wrong. Places and names of files are left out "
                                   "where they can be told; read "
                                   "the messages before you send them."),
                       "dim");
    hint->setWordWrap(true);
    rows->addWidget(hint);
    auto* text = new QPlainTextEdit(about_machine(window, messages));
    text->setObjectName(QStringLiteral("aboutMachineText"));
    text->setAccessibleName(QObject::tr("About this machine"));
    text->setReadOnly(true);
    rows->addWidget(text, 1);
    auto* copy = button(QObject::tr("Copy"), "primary", QStringLiteral("copyAbout"), {});
    auto* close = button(QObject::tr("Close"), "", QStringLiteral("closeAbout"), {});
    QObject::connect(copy, &QPushButton::clicked, text,
                     [text] { QGuiApplication::clipboard()->setText(text->toPlainText()); });
    QObject::connect(close, &QPushButton::clicked, &dialog, &QDialog::accept);
    auto* below = new QHBoxLayout;
    below->addStretch(1);
    below->addWidget(copy);
    below->addWidget(close);
    rows->addLayout(below);
    dialog.exec();
}

} // namespace fusuma::app
