#pragma once

#include "core/raster/colour_table.h"
#include "core/result.h"
#include "core/work.h"

#include <QAbstractNativeEventFilter>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QObject>
#include <QThreadPool>
#include <QTimer>
#include <functional>
#include <map>
#include <memory>
#include <set>
#include <stop_token>

class QScreen;

namespace fusuma::app {

/// What each screen is to be given so that colours look as they are meant: by the profile that the desktop's colour
/// manager has for it, else by the one that the X server names. A screen without one is taken for sRGB's.
/// Source: org.freedesktop.ColorManager (colord 1.4, its D-Bus descriptions); ICC Profiles in X Specification 0.3
/// (freedesktop.org; from memory)
class ScreenColours : public QObject, QAbstractNativeEventFilter {
    Q_OBJECT
  public:
    /// Finds out without keeping anybody waiting, and again whenever the manager, the server or the screens change.
    explicit ScreenColours(const QDBusConnection& bus = QDBusConnection::systemBus());
    ~ScreenColours() override;

    /// None: shown as it is.
    [[nodiscard]] static std::shared_ptr<const ColourTable> of(const QScreen* screen);

  signals:
    void changed();

  private:
    using Use = std::function<void(const QVariantList&)>;
    using Failed = std::function<void()>;
    using Read = std::function<Result<ColourTable>(const Work&)>;

    QDBusConnection manager;
    std::map<QString, std::shared_ptr<const ColourTable>> tables; ///< by screens' names
    std::set<std::uint32_t> properties;                           ///< the X server's, that were looked at
    QTimer later;                                                 ///< several changes at once are looked at once
    int round = 0;                                                ///< answers to earlier ones come too late
    std::stop_source stop;
    QThreadPool reading;

    void find_all();
    void ask(const QString& screen, int index);
    void call(const QString& path, const QString& interface, const QString& method, const QVariantList& arguments,
              Use use, Failed failed);
    void read(const QString& screen, Read read_table);
    void take(const QString& screen, std::shared_ptr<const ColourTable> found);
    void paint_all_anew();
    [[nodiscard]] std::uint32_t property_of(int index); ///< the X server's name for a screen's profile; 0: none
    bool nativeEventFilter(const QByteArray& type, void* message, qintptr*) override;
};

} // namespace fusuma::app
