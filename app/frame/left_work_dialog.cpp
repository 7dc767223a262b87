#include "app/frame/left_work_dialog.h"

#include "app/common/question.h"
#include "app/common/screen_painter.h"
#include "app/common/widgets.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace fusuma::app {

LeftWorkDialog::LeftWorkDialog(std::vector<LeftWork> works, QWidget* parent)
    : QDialog(parent), left(static_cast<int>(works.size())) {
    setObjectName(QStringLiteral("leftWork"));
    setWindowTitle(tr("Work that was not saved"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(20, 18, 20, 16);
    layout->setSpacing(12);
    layout->addWidget(label(tr("Fusuma did not end properly. This work was kept: choose what to open."), "title"));
    auto* list = new QWidget;
    auto* lines = new QVBoxLayout(list);
    lines->setContentsMargins(0, 0, 0, 0);
    lines->setSpacing(8);
    int number = 0;
    for (const LeftWork& work : works)
        lines->addWidget(line(work, ++number));
    lines->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setWidget(list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    layout->addWidget(scroll, 1);
    auto* later = button(tr("Later"), "", QStringLiteral("leftLater"),
                         tr("Leave the rest; it is offered again at the next start"));
    connect(later, &QPushButton::clicked, this, &QDialog::reject);
    auto* bottom = new QHBoxLayout;
    bottom->addStretch();
    bottom->addWidget(later);
    layout->addLayout(bottom);
    resize(600, std::min(420, 118 + 98 * left));
}

namespace {

/// The kept work's first sheet, if there is a picture of it.
class SheetPicture : public QWidget {
  public:
    explicit SheetPicture(const QImage& of) : picture(of) {}

  protected:
    void paintEvent(QPaintEvent*) override {
        if (picture.isNull())
            return;
        ScreenPainter on_screen(*this);
        const QImage shown =
            picture.scaled(size() * devicePixelRatioF(), Qt::KeepAspectRatio, Qt::SmoothTransformation);
        QRectF place({}, QSizeF(shown.size()) / devicePixelRatioF());
        place.moveCenter(QRectF(rect()).center());
        on_screen.painter().drawImage(place, shown);
    }

  private:
    QImage picture;
};

} // namespace

QWidget* LeftWorkDialog::line(const LeftWork& work, int number) {
    constexpr int side = 72;
    auto* card = new QWidget;
    card->setObjectName(QStringLiteral("card"));
    card->setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QHBoxLayout(card);
    layout->setContentsMargins(10, 8, 10, 8);
    layout->setSpacing(12);
    auto* picture = new SheetPicture(work.picture);
    picture->setFixedSize(side, side);
    layout->addWidget(picture);
    auto* words = new QVBoxLayout;
    words->setSpacing(2);
    words->addStretch();
    words->addWidget(label(work.name, "title"));
    words->addWidget(label(tr("kept %1").arg(QLocale().toString(work.kept, QLocale::ShortFormat)), "dim"));
    if (work.was_tried) {
        auto* warning = label(tr("It was opened before, and Fusuma did not end properly then either."), "dim");
        warning->setWordWrap(true);
        words->addWidget(warning);
    }
    words->addStretch();
    layout->addLayout(words, 1);
    auto* open = button(tr("Open"), "primary", QStringLiteral("leftOpen%1").arg(number),
                        tr("In a window of its own; it stays unsaved until you save it"));
    auto* away = button(tr("Throw away…"), "", QStringLiteral("leftAway%1").arg(number), tr("Remove it for good"));
    connect(open, &QPushButton::clicked, this, [this, work, card] {
        emit open_wanted(work);
        decided(card);
    });
    connect(away, &QPushButton::clicked, this, [this, work, card] {
        if (ask_or_tell(this, tr("Throw away"),
                        tr("Throw away what was kept of “%1”? It cannot be brought back.").arg(work.name),
                        QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Cancel) != QMessageBox::Discard)
            return;
        Recovery::give_up(work);
        decided(card);
    });
    layout->addWidget(open);
    layout->addWidget(away);
    return card;
}

void LeftWorkDialog::decided(QWidget* line) {
    line->hide();
    line->deleteLater(); // and with it the lock on the work, unless somebody took it
    if (--left == 0)
        accept();
}

} // namespace fusuma::app
