#pragma once

#include "app/model/business.h"

#include <QDBusConnection>
#include <QTimer>

namespace fusuma::app {

/// Tells the desktop of long work: how far it is, on the task bar where there is one that shows it, and a notice when
/// it ends while the person is elsewhere. Source: freedesktop.org desktop notifications 1.2;
/// com.canonical.Unity.LauncherEntry for task bars
class LongWork : public QObject {
    Q_OBJECT
  public:
    using Source = std::function<std::optional<Business::Doing>()>;
    static constexpr qint64 long_ms = 8000; ///< what ends sooner is nobody's news
    /// @param sources  what may be going on; the first that is counts
    explicit LongWork(std::vector<Source> sources, const QDBusConnection& bus = QDBusConnection::sessionBus());
    std::function<bool()> is_elsewhere; ///< the person: in another program's window, unless it is set otherwise
    std::function<qint64()> now_ms;     ///< a clock that only goes forward, unless it is set otherwise
    void look();                        ///< at what is going on; it does so by itself twice a second

  private:
    std::vector<Source> all;
    QDBusConnection desktop;
    QTimer timer;
    qint64 since_ms = 0;
    QString words; ///< of what is going on; empty for nothing
    double shown = -1;

    void show_progress(double done);
    void notify() const;
};

} // namespace fusuma::app
