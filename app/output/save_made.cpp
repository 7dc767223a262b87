#include "app/output/save_made.h"

#include "app/common/save_place.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace fusuma::app {

namespace {

/// Whose words these are, for translators.
struct SaveWords {
    Q_DECLARE_TR_FUNCTIONS(SaveMade)
};

} // namespace

void save_made(Model& model, QWidget* over, const QString& suggestion, MadeFile kind,
               const std::function<std::string()>& make) {
    const bool is_pdf = kind == MadeFile::pdf;
    const auto path = ask_where_to_save(over, SaveWords::tr("Save as"), suggestion,
                                        is_pdf ? SaveWords::tr("PDF") : SaveWords::tr("HP-GL"),
                                        is_pdf ? QStringLiteral(".pdf") : QStringLiteral(".plt"));
    if (path)
        model.file_work.write({{*path, [make](const Work&) { return QByteArray::fromStdString(make()); }}},
                              SaveWords::tr("Saved %1.").arg(QFileInfo(*path).fileName()));
}

} // namespace fusuma::app
