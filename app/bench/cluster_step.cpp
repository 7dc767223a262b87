#include "app/bench/cluster_step.h"

#include "app/common/enum_words.h"
#include "app/common/glyphs.h"
#include "core/document/cluster.h"

#include <QCheckBox>
#include <QComboBox>

namespace fusuma::app {

ClusterStep::ClusterStep(Model& project) : model(project) {
    auto* layout = step_layout(this);
    members = label({}, "dim");
    members->setWordWrap(true);
    layout->addWidget(members);
    how = new QComboBox;
    how->setObjectName(QStringLiteral("clusterCut"));
    for (const Word<ClusterCut>& w : words<ClusterCut>)
        how->addItem(glyph(w.value), label_text(w.value));
    how->setToolTip(tr("How the cut lines of the members become one."));
    connect(how, &QComboBox::activated, this,
            [this](int i) { edit(tr("Cluster's cut"), [i](Cluster& c) { c.cut = choice_at<ClusterCut>(i); }); });
    layout->addWidget(row(tr("Cut"), how, 190));
    inner = new QCheckBox(tr("Cut the inner lines, too"));
    inner->setObjectName(QStringLiteral("innerLines"));
    inner->setToolTip(tr("Each member keeps its own cut line; it is cut only when this is on."));
    connect(inner, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Inner lines"), [on](Cluster& c) { c.inner_lines_are_cut = on; }); });
    layout->addWidget(inner);
    hide = new QCheckBox(tr("Borders hide what lies below"));
    hide->setObjectName(QStringLiteral("bordersHide"));
    hide->setToolTip(tr("The white round an upper sticker covers the ones below it, as if it were stuck onto them."));
    connect(hide, &QCheckBox::clicked, this,
            [this](bool on) { edit(tr("Borders hide"), [on](Cluster& c) { c.borders_hide = on; }); });
    layout->addWidget(hide);
    auto* note = label(tr("Arrange > Part the cluster gives the members back, on the Sheet."), "dim");
    note->setWordWrap(true);
    layout->addWidget(note);
}

void ClusterStep::edit(const QString& words, const std::function<void(Cluster&)>& change) {
    model.in_hand.edit_sticker(words, [&](Sticker& s) {
        auto* art = std::get_if<ClusterArtwork>(&s.artwork);
        if (!art)
            return;
        auto cluster = std::make_shared<Cluster>(*art->cluster);
        change(*cluster);
        art->cluster = std::move(cluster);
    });
}

void ClusterStep::refresh(const Cluster& cluster) {
    QStringList names;
    for (const Cluster::Member& member : cluster.members)
        names << QString::fromStdString(member.sticker->name);
    members->setText(tr("%1 stickers in one: %2.").arg(names.size()).arg(names.join(tr(", "))));
    how->setCurrentIndex(place_of(cluster.cut));
    inner->setChecked(cluster.inner_lines_are_cut);
    hide->setChecked(cluster.borders_hide);
}

QString ClusterStep::state_of(const Cluster& cluster) {
    return tr("%1 stickers").arg(cluster.members.size());
}

} // namespace fusuma::app
