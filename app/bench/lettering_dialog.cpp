#include "app/bench/lettering_dialog.h"

#include "app/common/widgets.h"

#include <QCoreApplication>
#include <QDialog>
#include <QDialogButtonBox>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct LetteringWords {
    Q_DECLARE_TR_FUNCTIONS(LetteringDialog)
};

} // namespace

std::optional<std::string> ask_where_letters_are_right(const std::vector<Lettering>& letterings, QWidget* parent) {
    QDialog dialog(parent);
    dialog.setWindowTitle(LetteringWords::tr("Letters of the list"));
    dialog.setObjectName(QStringLiteral("letteringDialog"));
    dialog.resize(520, 420);
    auto* rows = column(&dialog, 16, 10);
    auto* told = label(LetteringWords::tr("The file does not say how its letters are written. These are some of its "
                                          "words: choose where they are right."));
    told->setWordWrap(true);
    rows->addWidget(told);
    auto* list = new QListWidget;
    list->setObjectName(QStringLiteral("letterings"));
    list->setAccessibleName(LetteringWords::tr("Words of the list, as each encoding has them"));
    list->setAlternatingRowColors(true);
    list->setWordWrap(true);
    for (const Lettering& lettering : letterings) {
        constexpr qsizetype most = 4; // in one line
        QStringList names;
        for (const std::string& name : lettering.encodings)
            names << QString::fromStdString(name);
        const QString rest = names.size() > most ? QStringLiteral("…") : QString();
        list->addItem(QString::fromStdString(lettering.words) + QLatin1Char('\n') +
                      names.mid(0, most).join(LetteringWords::tr(", ")) + rest);
    }
    list->setCurrentRow(0);
    rows->addWidget(list, 1);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel);
    auto* take = buttons->addButton(LetteringWords::tr("Read it so"), QDialogButtonBox::AcceptRole);
    take->setObjectName(QStringLiteral("readSo"));
    restyle(take, "role", "primary");
    rows->addWidget(buttons);
    QObject::connect(list, &QListWidget::itemActivated, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    if (dialog.exec() != QDialog::Accepted)
        return std::nullopt;
    return letterings[static_cast<std::size_t>(list->currentRow())].encodings.front();
}

} // namespace fusuma::app
