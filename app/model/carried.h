#pragma once

#include "app/model/project.h"
#include "core/steps/placed_copy.h"
#include "core/units.h"

#include <QByteArray>
#include <QMimeData>
#include <QString>
#include <memory>
#include <optional>
#include <vector>

namespace fusuma::app {

/// What other programs are given of copies: their print as a picture, the same with the cut lines as a drawing, and
/// words.
struct Carried {
    QByteArray png, svg; ///< both of true size
    QString text;
};

/// For worker threads.
/// @param copies  as they lie to each other, one at least
[[nodiscard]] Carried carried(const std::vector<std::shared_ptr<const PlacedCopy>>& copies, Unit unit);

/// Marks what is dragged as a sticker of a project, for its own window: others, of this program or not, know nothing of
/// its number.
void mark_as_sticker(QMimeData& data, const Project& of, int sticker);
/// The sticker that is dragged, when it is of this project.
[[nodiscard]] std::optional<int> dragged_sticker(const QMimeData& data, const Project& project);

/// A sticker on its way out of the window: two files, its print as PNG and its cut as SVG. They are made while it is
/// dragged, and stay as long as the program runs, since file managers copy them after the drop.
class CarriedSticker : public QMimeData {
  public:
    CarriedSticker(std::shared_ptr<const PlacedCopy> copy, Unit unit);
    [[nodiscard]] QStringList formats() const override;

  protected:
    [[nodiscard]] QVariant retrieveData(const QString& format, QMetaType type) const override;

  private:
    struct Making;
    std::shared_ptr<Making> making;
};

} // namespace fusuma::app
