#pragma once

#include <QDBusConnection>
#include <QDBusMessage>
#include <QObject>

namespace fusuma::app {

/// What the desktop is set to: its colour scheme, the size of its text, and whether things may move. Told by the
/// desktop's portal; where there is none, the colours that Qt was given decide.
/// Source: XDG desktop portal, org.freedesktop.portal.Settings
class Desktop : public QObject {
    Q_OBJECT
  public:
    explicit Desktop(const QDBusConnection& bus = QDBusConnection::sessionBus());

    [[nodiscard]] bool is_dark() const { return dark; }
    [[nodiscard]] double text_scale() const { return scale; } ///< 0.75–1.25, which windows have room for; 1 as usual
    [[nodiscard]] bool may_move() const { return moves; }     ///< else nothing slides

    /// Waits for its first answers, so that windows are made in the size of its text; no longer than `most_ms`.
    void wait(int most_ms);

  signals:
    void changed();

  private:
    QDBusConnection portal;
    bool dark = false;
    double scale = 1;
    bool moves = true;
    int asked = 0; ///< questions without an answer

    void ask(const QString& group, const QString& key);
    void take(const QString& group, const QString& key, const QVariant& value);
  private slots:
    void told(const QDBusMessage& message); ///< group, key and value
};

} // namespace fusuma::app
