#include "app/model/profiles.h"

#include "app/model/settings.h"
#include "formats/machine/machine_file.h"
#include "formats/machine/machine_json.h"

#include <QCoreApplication>
#include <QPageLayout>
#include <QPrinter>
#include <QPrinterInfo>
#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace fusuma::app {

namespace {

template <typename Profile> struct Kind;
template <> struct Kind<PrinterProfile> {
    static constexpr const char* key = "printers";
    static PrinterProfile read(const std::string& text) { return printer_from(nlohmann::json::parse(text)); }
    static std::string write(const PrinterProfile& printer) { return to_json(printer).dump(); }
};
template <> struct Kind<CutterProfile> {
    static constexpr const char* key = "cutters";
    static CutterProfile read(const std::string& text) { return cutter_from(nlohmann::json::parse(text)); }
    static std::string write(const CutterProfile& cutter) { return to_json(cutter).dump(); }
};
template <> struct Kind<Material> {
    static constexpr const char* key = "materials";
    static Material read(const std::string& text) { return material_from(nlohmann::json::parse(text)); }
    static std::string write(const Material& material) { return to_json(material).dump(); }
};
template <> struct Kind<Machine> {
    static constexpr const char* key = "machines";
    static Machine read(const std::string& text) {
        auto machine = read_machine(text);
        return machine ? *machine : throw std::out_of_range(machine.problem().english());
    }
    static std::string write(const Machine& machine) { return machine_text(machine); }
};

template <typename Profile> std::vector<Profile> saved() {
    std::vector<Profile> profiles;
    for (const QString& text : Settings::profiles.value({}, QLatin1String(Kind<Profile>::key))) {
        try {
            profiles.push_back(Kind<Profile>::read(text.toStdString()));
        } catch (const nlohmann::json::exception&) { // somebody edited the settings: that one is left out
        } catch (const std::out_of_range&) {
        }
    }
    return profiles;
}

template <typename Profile> void save_all(const std::vector<Profile>& profiles) {
    QStringList texts;
    for (const Profile& p : profiles)
        texts << QString::fromStdString(Kind<Profile>::write(p));
    Settings::profiles.keep(texts, QLatin1String(Kind<Profile>::key));
}

template <typename Profile> void save(const Profile& profile) {
    std::vector<Profile> profiles = saved<Profile>();
    const auto known = std::ranges::find(profiles, profile.name, &Profile::name);
    if (known == profiles.end())
        profiles.push_back(profile);
    else
        *known = profile;
    save_all(profiles);
}

} // namespace

std::vector<PrinterProfile> saved_printers() {
    return saved<PrinterProfile>();
}

std::vector<CutterProfile> saved_cutters() {
    return saved<CutterProfile>();
}

std::vector<Material> saved_materials() {
    return saved<Material>();
}

QString material_in_words(const std::string& name) {
    const auto usual = usual_materials();
    return std::ranges::find(usual, name, &Material::name) != usual.end()
               ? QCoreApplication::translate("words", name.c_str())
               : QString::fromStdString(name);
}

std::vector<Machine> saved_machines() {
    return saved<Machine>();
}

void save_profile(const Machine& machine) {
    save(machine);
}

void remove_machine(const std::string& name) {
    std::vector<Machine> machines = saved<Machine>();
    std::erase_if(machines, [&](const Machine& m) { return m.name == name; });
    save_all(machines);
}

void save_profile(const Material& material) {
    save(material);
}

void save_profile(const PrinterProfile& printer) {
    save(printer);
}

void save_profile(const CutterProfile& cutter) {
    save(cutter);
}

std::vector<PrinterProfile> system_printers() {
    std::vector<PrinterProfile> printers;
    for (const QPrinterInfo& info : QPrinterInfo::availablePrinters()) {
        PrinterProfile profile;
        profile.name =
            info.description().isEmpty() ? info.printerName().toStdString() : info.description().toStdString();
        const QPrinter printer(info);
        const QMarginsF margins = [&] {
            QPageLayout layout = printer.pageLayout();
            layout.setUnits(QPageLayout::Millimeter);
            return layout.minimumMargins();
        }();
        profile.margins = {margins.left(), margins.top(), margins.right(), margins.bottom()};
        profile.borderless = margins.isNull();
        const QSizeF paper = info.defaultPageSize().size(QPageSize::Millimeter);
        if (paper.width() >= 20 && paper.height() >= 20)
            profile.paper = Size{paper.width(), paper.height()};
        printers.push_back(std::move(profile));
    }
    return printers;
}

namespace {

QString lens_name(const std::string& camera) {
    QString name = QString::fromStdString(camera);
    name.replace('/', '_'); // which would make a group
    return name;
}

} // namespace

std::optional<Lens> saved_lens(const std::string& camera) {
    if (camera.empty())
        return std::nullopt;
    const QStringList numbers = Settings::lenses.value({}, lens_name(camera));
    bool has_k1 = false, has_k2 = false;
    const Lens lens{numbers.value(0).toDouble(&has_k1), numbers.value(1).toDouble(&has_k2)};
    constexpr double most = 1;
    return has_k1 && has_k2 && std::abs(lens.k1) < most && std::abs(lens.k2) < most ? std::optional(lens)
                                                                                    : std::nullopt;
}

void save_lens(const std::string& camera, const Lens& lens) {
    if (!camera.empty())
        Settings::lenses.keep(QStringList{QString::number(lens.k1, 'g', 9), QString::number(lens.k2, 'g', 9)},
                              lens_name(camera));
}

} // namespace fusuma::app
