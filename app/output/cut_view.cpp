#include "app/output/cut_view.h"

#include "app/common/painting.h"
#include "app/common/theme.h"
#include "app/common/widgets.h"

#include <QPainter>

namespace fusuma::app {

CutView::CutView(PracticeJob& practice_job) : job(practice_job) {
    setObjectName(QStringLiteral("cutView"));
    setAccessibleName(tr("The sheet in the practice cutter"));
    caption = label({});
    caption->setObjectName(QStringLiteral("chip"));
    caption->setParent(this);
    connect(&job, &PracticeJob::changed, this, &CutView::refresh);
    refresh();
}

void CutView::refresh() {
    using Stage = PracticeJob::Stage;
    const QString words = job.stage() == Stage::nothing    ? tr("Nothing printed yet")
                          : job.stage() == Stage::printing ? tr("Printing…")
                          : job.stage() == Stage::printed  ? tr("Printed, not loaded yet")
                          : job.stage() == Stage::loaded   ? tr("In the practice cutter, ready")
                          : job.stage() == Stage::cutting  ? tr("Cutting, %1 %").arg(qRound(100 * job.progress()))
                                                           : tr("Cut");
    caption->setText(words);
    caption->adjustSize();
    caption->move(12, 12);
    if (job.plan())
        set_content({{0, 0}, {job.plan()->paper.width, job.plan()->paper.height}});
    update();
}

void CutView::resizeEvent(QResizeEvent* event) {
    ZoomView::resizeEvent(event);
    caption->move(12, 12);
}

void CutView::paint(QPainter& painter) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!job.plan() || job.sheet().isNull()) {
        painter.setPen(theme().dim);
        painter.drawText(rect(), Qt::AlignCenter, tr("Print on the practice printer to see here what comes out."));
        return;
    }
    const Size paper = job.plan()->paper;
    const QTransform view = to_view();
    const QRectF page = view.mapRect(QRectF(0, 0, paper.width, paper.height));
    painter.fillRect(page.translated(4, 4), QColor(38, 50, 61, 40));
    painter.drawImage(page, job.sheet());
    if (job.stage() != PracticeJob::Stage::cutting && job.stage() != PracticeJob::Stage::cut)
        return;
    QPointF blade;
    for (const HpglStroke& stroke : job.cut_so_far()) {
        QPainterPath path;
        for (std::size_t i = 0; i < stroke.points.size(); ++i) {
            blade = view.map(QPointF(stroke.points[i].x, paper.height - stroke.points[i].y));
            i == 0 ? path.moveTo(blade) : path.lineTo(blade);
        }
        draw_cut_line(painter, path,
                      stroke.pen == 2   ? CutKind::through
                      : stroke.pen == 3 ? CutKind::score
                                        : CutKind::kiss);
    }
    if (job.stage() == PracticeJob::Stage::cutting && !blade.isNull()) {
        painter.setPen(QPen(theme().casing, 2));
        painter.setBrush(theme().ink);
        painter.drawEllipse(blade, 5, 5);
    }
}

} // namespace fusuma::app
