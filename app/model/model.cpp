#include "app/model/model.h"

#include "formats/project/thumbnail.h"

namespace fusuma::app {

Model::Model() {
    project.beside_when_saved = [this] {
        return [plan = snapshot().printed] { return plan ? thumbnail_of(*plan) : ZipEntries(); };
    };
    connect(&project, &Project::edited, this, &Model::changed);
    connect(&in_hand, &InHand::changed, this, &Model::changed);
}

} // namespace fusuma::app
