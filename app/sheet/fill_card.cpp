#include "app/sheet/fill_card.h"

#include "app/common/glyphs.h"
#include "core/arrange/fill_sheet.h"
#include "formats/basics/in_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QVBoxLayout>
#include <cmath>

namespace fusuma::app {

namespace {

enum HowMany { what_is_left, as_many_as_fit, exactly };

struct Way {
    QString words;
    FillWay way;
    Turns turns;
};

std::vector<Way> ways() {
    return {{FillCard::tr("In rows"), FillWay::rows, Turns::half},
            {FillCard::tr("Snug, all upright"), FillWay::snug, Turns::half},
            {FillCard::tr("Snug, some upside down"), FillWay::turned, Turns::half},
            {FillCard::tr("Snug, turned by quarters"), FillWay::turned, Turns::quarters},
            {FillCard::tr("Snug, turned any way"), FillWay::turned, Turns::any}};
}

QString words_of(const FillReport& report, Unit unit) {
    const auto mm = [unit](double length) { return length_in_words(length, unit); };
    const QString words =
        (report.pages == 1
             ? FillCard::tr("%1 copies placed. %2 % of the cut zone used; the largest empty space is %3 × %4.")
             : FillCard::tr("%1 copies placed, on %n page(s). On the last, %2 % of the cut zone is used; the "
                            "largest empty space there is %3 × %4.",
                            nullptr, report.pages))
            .arg(report.copies())
            .arg(qRound(100 * report.used_share))
            .arg(mm(report.largest_rest.width()), mm(report.largest_rest.height()));
    return report.is_full ? words + ' ' + FillCard::tr("A project holds at most %L1 copies.").arg(most_copies) : words;
}

} // namespace

FillCard::FillCard(Model& project) : SheetCard(project) {
    copies = plain(1, 999, "copyCount");
    copies->set_value(3);
    place = button(tr("Add copies"), "", QStringLiteral("placeCopies"),
                   tr("Put that many copies of the sticker in hand into free places, without moving anything."));
    connect(place, &QPushButton::clicked, this,
            [this] { model.copies.place(static_cast<int>(std::lround(copies->value()))); });
    copies->setAccessibleName(tr("Copies to add"));
    add_line({copies, place});
    gap = length(0, 100, 0.5, "gap");
    gap->setToolTip(tr("The least distance between two cut lines. 2 to 3 mm keeps lines from touching."));
    add_row(tr("Gap between cuts"), gap);
    bind(gap, tr("Gap"), [](SheetSettings& s) -> double& { return s.gap; });
    shares = new QCheckBox(tr("Straight edges share one cut"));
    shares->setObjectName(QStringLiteral("sharesCuts"));
    shares->setToolTip(
        tr("Upright rectangles, such as labels with sharp corners, are laid edge to edge, without a gap. "
           "Where two meet, one straight line is cut for both."));
    connect(shares, &QCheckBox::clicked, this, [this](bool is_on) {
        edit_sheet(tr("Shared cuts"), [is_on](SheetSettings& s) { s.shares_cuts = is_on; });
    });
    rows_of_card->addWidget(shares);

    which = new QComboBox;
    which->setObjectName(QStringLiteral("fillWith"));
    which->addItems({tr("Sticker in hand"), tr("All stickers, evenly")});
    add_row(tr("Fill with"), which, 150);
    how_many = new QComboBox;
    how_many->setObjectName(QStringLiteral("fillHowMany"));
    how_many->addItems({tr("Fill gaps"), tr("As many as fit"), tr("Exactly")});
    how_many->setToolTip(tr("“Fill gaps” keeps all copies where they are. “As many as fit” places them anew, except "
                            "locked ones. “Exactly” goes on to further pages."));
    add_row(tr("How many"), how_many, 150);
    count = plain(1, 5000, "fillCount");
    count->set_value(12);
    count_row = add_row(tr("Copies of each"), count);
    fewest = new QCheckBox(tr("On as few pages as possible"));
    fewest->setObjectName(QStringLiteral("fillFewest"));
    fewest->setToolTip(tr("Looks for other ways, too, until no page less will do. Stop keeps the best so far."));
    rows_of_card->addWidget(fewest);
    way = new QComboBox;
    way->setObjectName(QStringLiteral("fillWay"));
    for (const Way& w : ways())
        way->addItem(glyph(static_cast<FillGlyph>(way->count())), w.words);
    way->setCurrentIndex(1);
    add_row(tr("Laid out"), way, 180);
    fill = button(tr("Fill the page"), "primary", QStringLiteral("fillSheet"),
                  tr("Searches for a good layout and shows the best so far. Stop keeps it."));
    rows_of_card->addWidget(fill);
    spread = button(tr("Spread evenly"), "", QStringLiteral("spreadEvenly"),
                    tr("Move crowded copies apart, so that each has about as much room on all sides."));
    close_up = button(tr("Close up"), "", QStringLiteral("closeUp"),
                      tr("Move all copies up together, so that one large empty space is left for the next job."));
    add_line({spread, close_up});
    report = label({}, "dim");
    report->setObjectName(QStringLiteral("fillReport"));
    report->setWordWrap(true);
    rows_of_card->addWidget(report);

    connect(how_many, &QComboBox::currentIndexChanged, this, &FillCard::refresh);
    connect(fill, &QPushButton::clicked, this, &FillCard::start_filling);
    connect(spread, &QPushButton::clicked, this, [this] {
        model.searches.search(tr("Spread evenly"), [page = model.in_hand.page()](const Document& d, Planner& evaluator,
                                                                                 const Work& work,
                                                                                 const Searches::Improved&) {
            return Searches::Searched{spread_on_page(d, evaluator, page, work), tr("Spread evenly.")};
        });
    });
    connect(close_up, &QPushButton::clicked, this, [this] {
        model.searches.search(tr("Close up"), [page = model.in_hand.page()](const Document& d, Planner& evaluator,
                                                                            const Work& work,
                                                                            const Searches::Improved&) {
            auto closed = closed_up(d, evaluator, page, work);
            const QString words = closed ? tr("Closed up.") : tr("The copies lie as close as they can.");
            return Searches::Searched{std::move(closed), words};
        });
    });
    connect(&model.searches, &Searches::searched, this, &FillCard::refresh);
}

void FillCard::start_filling() {
    if (model.searches.is_searching()) {
        model.searches.stop();
        return;
    }
    FillRequest request;
    request.page = model.in_hand.page();
    request.is_fresh = how_many->currentIndex() == as_many_as_fit;
    const int wanted = how_many->currentIndex() == exactly ? static_cast<int>(std::lround(count->value())) : -1;
    if (wanted >= 0)
        request.pages = most_pages;
    request.fewest_pages = wanted >= 0 && fewest->isChecked();
    const Way chosen = ways()[static_cast<std::size_t>(way->currentIndex())];
    request.way = chosen.way;
    request.turns = chosen.turns;
    const auto size_of = [this](int sticker) { // of the copy selected, if it is one of these
        for (const Placement& p : model.document().placements)
            if (p.sticker == sticker && model.in_hand.copies().contains(p.id))
                return std::pair{p.scale, p.stretch};
        return std::pair{1.0, 1.0};
    };
    for (const auto& sticker : model.document().stickers)
        if (which->currentIndex() == 1 || sticker == model.in_hand.sticker()) {
            const auto [scale, stretch] = size_of(sticker->id);
            request.orders.push_back({sticker->id, scale, stretch, wanted});
        }
    model.searches.search(tr("Fill the page"), [request](const Document& d, Planner& evaluator, const Work& work,
                                                         const Searches::Improved& improved) {
        FillReport found = fill_sheet(d, evaluator, request, work, improved);
        if (found.copies() == 0 && !found.is_full && !request.is_fresh)
            return Searches::Searched{std::nullopt, tr("No free place on the page is large enough.")};
        const QString words = words_of(found, d.unit);
        return Searches::Searched{std::move(found.document), words};
    });
}

void FillCard::refresh() {
    refresh_bound();
    const auto in_hand = model.in_hand.sticker();
    const bool is_busy = model.searches.is_searching();
    place->setEnabled(in_hand && !is_busy);
    fill->setEnabled(in_hand != nullptr);
    fill->setText(is_busy ? tr("Stop and keep this") : tr("Fill the page"));
    which->setItemText(0, in_hand ? QString::fromStdString(in_hand->name) : tr("Sticker in hand"));
    count_row->setVisible(how_many->currentIndex() == exactly);
    shares->setChecked(model.document().sheet.shares_cuts);
    fewest->setVisible(how_many->currentIndex() == exactly);
    const bool has_copies = !model.document().placements.empty();
    spread->setEnabled(has_copies && !is_busy);
    close_up->setEnabled(has_copies && !is_busy);
    const QString words = is_busy && model.searches.so_far()
                              ? tr("%1 copies so far…").arg(model.searches.so_far()->placements.size())
                              : model.searches.report();
    report->setText(words);
    report->setVisible(!words.isEmpty());
}

QString FillCard::state() const {
    const auto in_hand = model.in_hand.sticker();
    return in_hand ? QString::fromStdString(in_hand->name) : tr("no sticker yet");
}

} // namespace fusuma::app
