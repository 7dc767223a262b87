#include "app/model/profiles.h"

#include "formats/machine/machine_json.h"

#include <QPageLayout>
#include <QPrinter>
#include <QPrinterInfo>
#include <QSettings>
#include <algorithm>
#include <stdexcept>

namespace fusuma::app {

namespace {

template <typename Profile> struct Kind;
template <> struct Kind<PrinterProfile> {
    static constexpr const char* key = "profiles/printers";
    static PrinterProfile read(const nlohmann::json& j) { return printer_from(j); }
};
template <> struct Kind<CutterProfile> {
    static constexpr const char* key = "profiles/cutters";
    static CutterProfile read(const nlohmann::json& j) { return cutter_from(j); }
};
template <> struct Kind<Material> {
    static constexpr const char* key = "profiles/materials";
    static Material read(const nlohmann::json& j) { return material_from(j); }
};

template <typename Profile> std::vector<Profile> saved() {
    std::vector<Profile> profiles;
    for (const QString& text : QSettings().value(QLatin1String(Kind<Profile>::key)).toStringList()) {
        try {
            profiles.push_back(Kind<Profile>::read(nlohmann::json::parse(text.toStdString())));
        } catch (const nlohmann::json::exception&) { // somebody edited the settings: that one is left out
        } catch (const std::out_of_range&) {
        }
    }
    return profiles;
}

template <typename Profile> void save(const Profile& profile) {
    std::vector<Profile> profiles = saved<Profile>();
    std::erase_if(profiles, [&](const Profile& p) { return p.name == profile.name; });
    profiles.push_back(profile);
    QStringList texts;
    for (const Profile& p : profiles)
        texts << QString::fromStdString(to_json(p).dump());
    QSettings().setValue(QLatin1String(Kind<Profile>::key), texts);
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

} // namespace fusuma::app
