#include "app/model/model.h"

namespace fusuma::app {

Model::Model() {
    connect(&project, &Project::edited, this, &Model::changed);
    connect(&in_hand, &InHand::changed, this, &Model::changed);
}

} // namespace fusuma::app
