#include "app/output/light_dialog.h"

#include "app/common/theme.h"
#include "app/output/arrow_pad.h"
#include "app/output/form.h"
#include "devices/cutter/machine_head.h"
#include "formats/basics/in_words.h"

#include <QCoreApplication>
#include <cmath>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct LightWords {
    Q_DECLARE_TR_FUNCTIONS(LightDialog)
};

} // namespace

std::optional<Point> ask_where_light_is(const Machine& machine, QWidget* parent) {
    Form form(LightWords::tr("Find the light"), "lightDialog", Unit::mm, parent);
    form.add_words(
        LightWords::tr("1. Lay in a scrap of paper. Drive the head over it: arrows move it by 0.5 mm, with Shift 5 mm, "
                       "with Alt 0.05 mm."));
    CutterLink link;
    MachineHead head(link);
    const Transform bed = bed_of(machine);
    const auto move = [&](Point way) {
        if (!head.is_moving()) {
            const Point here = bed.apply(head.place());
            head.go_to(bed.inverted().apply(here + head_step() * way));
        }
    };
    form.add_wide(arrow_pad("light", LightWords::tr("Move the head"), move));
    form.add_words(LightWords::tr("2. Cut a small cross there. The head comes back to its middle."));
    auto* cut = button(LightWords::tr("Cut a cross"), "", QStringLiteral("cutCross"),
                       LightWords::tr("Two cuts of 4 mm, under the blade."));
    form.add_wide(cut);
    form.add_words(LightWords::tr("3. Drive the head with the arrows until the light is on the cross."));
    auto* told = label({}, "strong");
    told->setObjectName(QStringLiteral("lightTold"));
    told->setWordWrap(true);
    form.add_wide(told);
    std::optional<Point> cross;
    const auto light = [&] { return *cross - head.place(); };
    const auto show = [&] {
        cut->setEnabled(head.is_there());
        if (!cross)
            told->setText(head.is_there() ? QString() : LightWords::tr("Reaching the machine…"));
        else
            told->setText(LightWords::tr("From the blade to the light: X %1 mm, Y %2 mm.")
                              .arg(number_in_words(light().x, 2))
                              .arg(number_in_words(light().y, 2)));
    };
    QObject::connect(&link, &CutterLink::opened, &form, [&] {
        // A little into the bed, where a cross has room.
        constexpr double inward = 30;
        const Point middle = bed.inverted().apply({machine.bed.width / 2, machine.bed.height / 2});
        head.go_to({std::copysign(std::min(inward, std::abs(middle.x)), middle.x),
                    std::copysign(std::min(inward, std::abs(middle.y)), middle.y)});
        show();
    });
    QObject::connect(&head, &MachineHead::moved, &form, show);
    QObject::connect(&head, &MachineHead::dropped, &form, [&](const QString& why) {
        show();
        told->setText(why);
        restyle(told, "role", "attention");
    });
    QObject::connect(cut, &QPushButton::clicked, &form, [&] {
        if (head.is_moving())
            return;
        head.cut_cross({});
        cross = head.place(); // it is on its way to the cross's middle
    });
    show();
    head.take_over(machine);
    if (!form.run(LightWords::tr("The light is on it")) || !cross)
        return std::nullopt;
    return light();
}

} // namespace fusuma::app
