#include "app/model/model.h"

#include "app/model/sheet_picture.h"
#include "formats/project/thumbnail.h"

#include <QBuffer>

namespace fusuma::app {

namespace {

ZipEntries thumbnail_of(const JobPlan& plan) {
    QByteArray png;
    QBuffer buffer(&png);
    sheet_picture(plan, 0, thumbnail_px).save(&buffer, "PNG");
    return {{thumbnail_entry, png}};
}

} // namespace

Model::Model() {
    project.beside_when_saved = [this] {
        return [plan = snapshot().printed] { return plan && !plan->copies.empty() ? thumbnail_of(*plan) : ZipEntries(); };
    };
    connect(&project, &Project::edited, this, &Model::changed);
    connect(&in_hand, &InHand::changed, this, &Model::changed);
}

} // namespace fusuma::app
