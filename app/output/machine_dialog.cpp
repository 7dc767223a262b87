#include "app/output/machine_dialog.h"

#include "app/common/enum_words.h"
#include "app/common/save_place.h"
#include "app/common/theme.h"
#include "app/model/in_background.h"
#include "app/output/form.h"
#include "app/output/light_dialog.h"
#include "devices/cutter/machine_head.h"
#include "devices/cutter/plugged_in.h"
#include "formats/basics/file.h"
#include "formats/basics/in_words.h"
#include "formats/machine/machine_file.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <functional>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct MachineWords {
    Q_DECLARE_TR_FUNCTIONS(MachineDialog)
};

template <typename E> QComboBox* choice(Form& form, const QString& caption, const char* name) {
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(caption);
    box->addItems(labels<E>());
    form.add(caption, box);
    return box;
}

QLineEdit* word_field(Form& form, const QString& caption, const char* name) {
    auto* field = new QLineEdit;
    field->setObjectName(QLatin1String(name));
    field->setAccessibleName(caption);
    form.add(caption, field);
    return field;
}

QCheckBox* tick(Form& form, const QString& caption, const char* name) {
    auto* box = new QCheckBox(caption);
    box->setObjectName(QLatin1String(name));
    form.add_wide(box);
    return box;
}

QPlainTextEdit* lines(Form& form, const QString& caption, const char* name) {
    auto* box = new QPlainTextEdit;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(caption);
    box->setFixedHeight(px(48));
    box->setTabChangesFocus(true);
    form.add(caption, box);
    return box;
}

/// Where it is plugged in: what was found, or a host and port.
class LineFields {
  public:
    explicit LineFields(Form& form) {
        place = new QComboBox;
        place->setObjectName(QStringLiteral("machinePlug"));
        place->setAccessibleName(MachineWords::tr("Plugged in at"));
        for (const Plug& plug : plugged_in())
            place->addItem(plug.name, plug.address);
        place->addItem(MachineWords::tr("Network…"), QStringLiteral("tcp:"));
        place->addItem(MachineWords::tr("Nowhere: files only"), QString());
        form.add(MachineWords::tr("Plugged in at"), place);
        speed = new QComboBox;
        speed->setObjectName(QStringLiteral("machineBaud"));
        speed->setAccessibleName(MachineWords::tr("Speed of the line"));
        for (const int baud : {1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200, 250000})
            speed->addItem(MachineWords::tr("%1 baud").arg(baud), baud);
        speed_row = row(MachineWords::tr("Speed of the line"), speed, 150);
        form.add_wide(speed_row);
        host = new QLineEdit;
        host->setObjectName(QStringLiteral("machineHost"));
        host->setPlaceholderText(MachineWords::tr("host or address:port, such as 192.168.0.20:9100"));
        form.add_wide(host);
        QObject::connect(place, &QComboBox::currentIndexChanged, &form, [this] { refresh(); });
        refresh();
    }
    void show(const Machine& machine) {
        const QString line = QString::fromStdString(machine.line);
        const auto address = parse_cutter_address(line);
        const int baud = address && address->kind == CutterAddress::Kind::serial ? address->number : 9600;
        speed->setCurrentIndex(std::max(0, speed->findData(baud)));
        if (address && address->kind == CutterAddress::Kind::tcp)
            host->setText(line.mid(4));
        const QString plug = !address                                    ? QString()
                             : address->kind == CutterAddress::Kind::tcp ? QStringLiteral("tcp:")
                                                                         : line.section('@', 0, 0);
        if (place->findData(plug) < 0) // it is not plugged in just now
            place->insertItem(0, plug.section(':', 1), plug);
        place->setCurrentIndex(place->findData(plug));
        refresh();
    }
    [[nodiscard]] std::string line() const {
        const QString plug = place->currentData().toString();
        if (plug == QLatin1String("tcp:"))
            return (plug + host->text().trimmed()).toStdString();
        if (plug.startsWith(QLatin1String("serial:")))
            return (plug + '@' + speed->currentData().toString()).toStdString();
        return plug.toStdString();
    }

  private:
    QComboBox *place, *speed;
    QWidget* speed_row;
    QLineEdit* host;

    void refresh() {
        const QString plug = place->currentData().toString();
        speed_row->setVisible(plug.startsWith(QLatin1String("serial:")));
        host->setVisible(plug == QLatin1String("tcp:"));
    }
};

/// All fields of the dialog; what has none stays as it was.
class MachineFields {
  public:
    /// @param beside_line  what stands under the fields of its line
    MachineFields(Form& form, const Machine& now, const std::vector<QWidget*>& beside_line)
        : base(now), name(word_field(form, MachineWords::tr("Name"), "machineName")), line(form) {
        flow = choice<FlowControl>(form, MachineWords::tr("How it is held back"), "machineFlow");
        answers = tick(form, MachineWords::tr("It answers (tells its place, or says “ok”)"), "machineAnswers");
        for (QWidget* widget : beside_line)
            form.add_wide(widget);
        form.add_heading(MachineWords::tr("Its bed, as you stand before it"));
        width = form.add_length(MachineWords::tr("Across"), "machineWidth", 20, 20000, now.bed.width);
        depth = form.add_length(MachineWords::tr("Along"), "machineDepth", 20, 20000, now.bed.height);
        nought = choice<BedCorner>(form, MachineWords::tr("Its nought is at the"), "machineNought");
        x_runs = choice<Heading>(form, MachineWords::tr("X counts"), "machineX");
        y_runs = choice<Heading>(form, MachineWords::tr("Y counts"), "machineY");
        form.add_heading(MachineWords::tr("How it is spoken to"));
        language = choice<CutLanguage>(form, MachineWords::tr("Language"), "machineLanguage");
        hpgl = new QWidget;
        gcode = new QWidget;
        form.add_wide(hpgl);
        form.add_wide(gcode);
        auto* of_hpgl = column(hpgl, 0, 6);
        auto* of_gcode = column(gcode, 0, 6);
        units = number(of_hpgl, MachineWords::tr("Units in 1 mm"), "machineUnits", 1, 2000, 1);
        most_numbers =
            number(of_hpgl, MachineWords::tr("Numbers in a command (0: any)"), "machineNumbers", 0, 100000, 2);
        most_bytes = number(of_hpgl, MachineWords::tr("Bytes in a line (0: any)"), "machineBytes", 0, 1000000, 8);
        pens = inner_tick(of_hpgl, MachineWords::tr("It knows pens (SP)"), "machinePens");
        speeds = inner_tick(of_hpgl, MachineWords::tr("It is told its speed (VS)"), "machineSpeeds");
        forces = inner_tick(of_hpgl, MachineWords::tr("It is told its force (FS)"), "machineForces");
        lift = new QComboBox;
        lift->setObjectName(QStringLiteral("machineLift"));
        lift->addItems(labels<BladeLift>());
        of_gcode->addWidget(row(MachineWords::tr("The blade is moved by"), lift, 150));
        z_up = number(of_gcode, MachineWords::tr("Z up, mm"), "machineZUp", -1000, 1000, 0.5);
        z_down = number(of_gcode, MachineWords::tr("Z down, mm"), "machineZDown", -1000, 1000, 0.1);
        up = inner_words(of_gcode, MachineWords::tr("Word for up"), "machineUp");
        down = inner_words(of_gcode, MachineWords::tr("Word for down"), "machineDown");
        arcs = inner_tick(of_gcode, MachineWords::tr("It knows arcs (G2, G3)"), "machineArcs");
        stops = tick(form, MachineWords::tr("One holder: stop between kiss, score and through cuts"), "machineStops");
        before = lines(form, MachineWords::tr("Lines before a job"), "machineBefore");
        after = lines(form, MachineWords::tr("Lines after a job"), "machineAfter");
        abort = word_field(form, MachineWords::tr("What makes it drop all"), "machineAbort");
        abort->setPlaceholderText(MachineWords::tr("\\x1b.K or \\x18; empty when nothing does"));
        form.add_heading(MachineWords::tr("Light or laser beside the blade"));
        light_x = form.add_length(MachineWords::tr("From the blade along X"), "machineLightX", -200, 200, 0);
        light_y = form.add_length(MachineWords::tr("From the blade along Y"), "machineLightY", -200, 200, 0);
        auto* find = button(MachineWords::tr("Cut a cross and point at it…"), "link", QStringLiteral("findLight"),
                            MachineWords::tr("The machine cuts a small cross; you drive its light there."));
        form.add_wide(find);
        QObject::connect(find, &QPushButton::clicked, &form, [this] { find_light(); });
        QObject::connect(language, &QComboBox::currentIndexChanged, &form, [this] { refresh(); });
        QObject::connect(lift, &QComboBox::currentIndexChanged, &form, [this] { refresh(); });
        show(now);
    }

    void show(const Machine& m) {
        base = m;
        name->setText(QString::fromStdString(m.name));
        line.show(m);
        flow->setCurrentIndex(place_of(m.flow));
        answers->setChecked(m.answers);
        stops->setChecked(m.stops_for_tool);
        width->set_value(m.bed.width);
        depth->set_value(m.bed.height);
        nought->setCurrentIndex(place_of(m.nought));
        x_runs->setCurrentIndex(place_of(m.x_runs));
        y_runs->setCurrentIndex(place_of(m.y_runs));
        language->setCurrentIndex(place_of(m.language));
        units->set_value(m.hpgl.units_per_mm);
        most_numbers->set_value(m.hpgl.most_numbers);
        most_bytes->set_value(m.hpgl.most_bytes);
        pens->setChecked(m.hpgl.sets_pen);
        speeds->setChecked(m.hpgl.sets_speed);
        forces->setChecked(m.hpgl.sets_force);
        lift->setCurrentIndex(place_of(m.gcode.lift));
        z_up->set_value(m.gcode.z_up);
        z_down->set_value(m.gcode.z_down);
        up->setText(QString::fromStdString(m.gcode.up));
        down->setText(QString::fromStdString(m.gcode.down));
        arcs->setChecked(m.gcode.arcs);
        before->setPlainText(QString::fromStdString(m.before));
        after->setPlainText(QString::fromStdString(m.after));
        QString shown = QString::fromStdString(m.abort);
        for (const char c : {'\x1b', '\x18', '\x03'})
            shown.replace(QLatin1Char(c), QStringLiteral("\\x%1").arg(static_cast<int>(c), 2, 16, QLatin1Char('0')));
        abort->setText(shown);
        set_light(m.light);
        refresh();
    }

    void set_light(Point light) {
        light_x->set_value(light.x);
        light_y->set_value(light.y);
    }

    std::function<void()> find_light; ///< when a person asks for it

    /// As its file would be read: with whatever is wrong named.
    [[nodiscard]] Result<Machine> machine() const {
        Machine m = base;
        m.name = name->text().trimmed().toStdString();
        if (m.name.empty())
            return Problem{"Give the machine a name."_said};
        m.line = line.line();
        if (!m.line.empty())
            if (const auto address = parse_cutter_address(QString::fromStdString(m.line)); !address)
                return address.problem();
        m.flow = choice_at<FlowControl>(flow->currentIndex());
        m.answers = answers->isChecked();
        m.stops_for_tool = stops->isChecked();
        m.bed = {width->value(), depth->value()};
        m.nought = choice_at<BedCorner>(nought->currentIndex());
        m.x_runs = choice_at<Heading>(x_runs->currentIndex());
        m.y_runs = choice_at<Heading>(y_runs->currentIndex());
        m.language = choice_at<CutLanguage>(language->currentIndex());
        m.hpgl = {units->value(),
                  static_cast<int>(most_numbers->value()),
                  static_cast<int>(most_bytes->value()),
                  pens->isChecked(),
                  speeds->isChecked(),
                  forces->isChecked()};
        m.gcode.lift = choice_at<BladeLift>(lift->currentIndex());
        m.gcode.z_up = z_up->value();
        m.gcode.z_down = z_down->value();
        m.gcode.up = up->text().toStdString();
        m.gcode.down = down->text().toStdString();
        m.gcode.arcs = arcs->isChecked();
        m.before = before->toPlainText().trimmed().toStdString();
        m.after = after->toPlainText().trimmed().toStdString();
        QString typed = abort->text();
        for (const char c : {'\x1b', '\x18', '\x03'})
            typed.replace(QStringLiteral("\\x%1").arg(static_cast<int>(c), 2, 16, QLatin1Char('0')),
                          QString(QLatin1Char(c)));
        m.abort = typed.toStdString();
        m.light = {light_x->value(), light_y->value()};
        return read_machine(machine_text(m));
    }

  private:
    Machine base;
    QLineEdit* name;
    LineFields line;
    QComboBox *flow, *nought, *x_runs, *y_runs, *language, *lift;
    QCheckBox *answers, *stops, *pens, *speeds, *forces, *arcs;
    NumberField *width, *depth, *units, *most_numbers, *most_bytes, *z_up, *z_down, *light_x, *light_y;
    QLineEdit *up, *down, *abort;
    QPlainTextEdit *before, *after;
    QWidget *hpgl, *gcode;

    static NumberField* number(QVBoxLayout* into, const QString& caption, const char* named, double least, double most,
                               double step) {
        auto* field = new NumberField(NumberField::Kind::plain, least, most, step, QLatin1String(named));
        into->addWidget(row(caption, field, 150));
        return field;
    }
    static QCheckBox* inner_tick(QVBoxLayout* into, const QString& caption, const char* named) {
        auto* box = new QCheckBox(caption);
        box->setObjectName(QLatin1String(named));
        into->addWidget(box);
        return box;
    }
    static QLineEdit* inner_words(QVBoxLayout* into, const QString& caption, const char* named) {
        auto* field = new QLineEdit;
        field->setObjectName(QLatin1String(named));
        into->addWidget(row(caption, field, 150));
        return field;
    }
    void refresh() {
        const bool is_gcode = choice_at<CutLanguage>(language->currentIndex()) == CutLanguage::gcode;
        hpgl->setVisible(!is_gcode);
        gcode->setVisible(is_gcode);
        const bool has_words = choice_at<BladeLift>(lift->currentIndex()) == BladeLift::words;
        for (QWidget* field : std::initializer_list<QWidget*>{up, down})
            field->parentWidget()->setVisible(has_words);
        for (QWidget* field : std::initializer_list<QWidget*>{z_up, z_down})
            field->parentWidget()->setVisible(!has_words);
    }
};

} // namespace

std::optional<Machine> ask_for_machine(const Machine* now, const QStringList& taken, Unit unit, QWidget* parent) {
    Form form(now ? MachineWords::tr("The machine's profile") : MachineWords::tr("Add a machine"), "machineDialog",
              unit, parent);
    form.add_words(MachineWords::tr(
        "What your cutter is plugged in at and how it counts: its handbook has most of it. Say hello to see "
        "whether it listens."));
    Machine fresh;
    QString name = MachineWords::tr("My cutter");
    for (int number = 2; taken.contains(name); ++number)
        name = MachineWords::tr("My cutter %1").arg(number);
    fresh.name = name.toStdString();
    auto* heard = label({}, "dim");
    heard->setObjectName(QStringLiteral("machineHeard"));
    heard->setWordWrap(true);
    CutterLink link;
    MachineHead head(link);
    QThreadPool files; // what it reads and writes has ended before the rest goes
    auto* hello = button(
        MachineWords::tr("Say hello"), "", QStringLiteral("sayHello"),
        MachineWords::tr("Asks it who it is. One that does not answer moves its lifted head round a 20 mm square."));
    auto* open = button(MachineWords::tr("From a file…"), "link", QStringLiteral("machineFromFile"),
                        MachineWords::tr("Read a profile that was saved as a file."));
    auto* save = button(MachineWords::tr("Save as a file…"), "link", QStringLiteral("machineToFile"),
                        MachineWords::tr("For another computer, or the command line."));
    auto* links = new QWidget;
    auto* beside = new QHBoxLayout(links);
    beside->setContentsMargins(0, 0, 0, 0);
    for (QWidget* w : std::initializer_list<QWidget*>{open, save})
        beside->addWidget(w);
    beside->addStretch();
    MachineFields fields(form, now ? *now : fresh, {hello, heard});
    form.add_wide(links);
    const auto tell = [heard](const QString& what, const char* role) {
        heard->setText(what);
        restyle(heard, "role", role);
    };
    fields.find_light = [&] {
        const auto machine = fields.machine();
        if (!machine)
            return tell(in_words(machine.problem()), "attention");
        link.close();
        if (const auto light = ask_where_light_is(*machine, &form))
            fields.set_light(*light);
    };
    QObject::connect(hello, &QPushButton::clicked, &form, [&] {
        const auto machine = fields.machine();
        if (!machine)
            return tell(in_words(machine.problem()), "attention");
        tell(MachineWords::tr("Listening…"), "dim");
        link.close();
        head.take_over(*machine);
        head.say_hello();
    });
    QObject::connect(&head, &MachineHead::said, &form,
                     [&](const QString& what) { tell(MachineWords::tr("It answers: %1").arg(what), "fine"); });
    QObject::connect(&head, &MachineHead::waved, &form, [&] {
        tell(MachineWords::tr(
                 "It does not answer. Its lifted head goes round a square of 20 mm now: does it, and the right way "
                 "round?"),
             "dim");
    });
    QObject::connect(&head, &MachineHead::dropped, &form, [&](const QString& why) { tell(why, "attention"); });
    QObject::connect(open, &QPushButton::clicked, &form, [&] {
        const QString path = ask_which_file(&form, MachineWords::tr("A machine's profile"),
                                            MachineWords::tr("Profiles (*.json)"), QStringLiteral("profile"));
        if (path.isEmpty())
            return;
        in_background(
            files, &form,
            [path] { return load_machine(path); },
            [&](const Result<Machine>& machine) {
                if (machine)
                    fields.show(*machine);
                else
                    tell(in_words(machine.problem()), "attention");
            },
            [&](const QString& why) { tell(why, "attention"); });
    });
    QObject::connect(save, &QPushButton::clicked, &form, [&] {
        const auto machine = fields.machine();
        if (!machine)
            return tell(in_words(machine.problem()), "attention");
        const auto path = ask_where_to_save(&form, MachineWords::tr("Save as"), QString::fromStdString(machine->name),
                                            MachineWords::tr("Profiles"), QStringLiteral(".json"));
        if (!path)
            return;
        in_background(
            files, &form,
            [path = *path, text = machine_text(*machine)] { return write_file(path, QByteArray::fromStdString(text)); },
            [&](const Outcome& written) {
                tell(written ? MachineWords::tr("Saved.") : in_words(written.problem()),
                     written ? "fine" : "attention");
            },
            [&](const QString& why) { tell(why, "attention"); });
    });
    for (;;) {
        if (!form.run(MachineWords::tr("Save it")))
            return std::nullopt;
        auto machine = fields.machine();
        if (machine && !taken.contains(QString::fromStdString(machine->name)))
            return *machine;
        tell(machine ? MachineWords::tr("There is a machine of that name already.") : in_words(machine.problem()),
             "attention");
    }
}

} // namespace fusuma::app
