#include "app/output/save_made.h"

#include "app/common/save_place.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace fusuma::app {

void save_made(Model& model, QWidget* over, const QString& suggestion, MadeFile kind,
               const std::function<std::string()>& make) {
    const auto say = [](const char* words) { return QCoreApplication::translate("save_made", words); };
    const bool is_pdf = kind == MadeFile::pdf;
    const auto path = ask_where_to_save(over, say("Save as"), suggestion, is_pdf ? say("PDF") : say("HP-GL"),
                                        is_pdf ? QStringLiteral(".pdf") : QStringLiteral(".plt"));
    if (path)
        model.file_work.write({{*path, [make] { return QByteArray::fromStdString(make()); }}},
                              say("Saved %1.").arg(QFileInfo(*path).fileName()));
}

} // namespace fusuma::app
