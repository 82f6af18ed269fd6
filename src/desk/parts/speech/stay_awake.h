#pragma once

#include <QDBusConnection>
#include <QObject>
#include <functional>
#include <optional>

namespace bh {
class Station;
}

namespace bh::desk {

/// Asks the desktop not to blank the screen or fall asleep while somebody practises, and for nothing else; takes it back as soon
/// as nobody does. Where there is no desktop that listens, nothing happens.
class StayAwake : public QObject {
    Q_OBJECT
public:
    /// `bus` gives the connection; empty: the session's.
    explicit StayAwake(Station& station, QObject* parent = nullptr, std::function<QDBusConnection()> bus = {});
    ~StayAwake() override;
    [[nodiscard]] bool asked() const { return cookie_.has_value(); }

Q_SIGNALS:
    void wentDark(); ///< somebody locked the screen all the same: what flies is to be held

private Q_SLOTS:
    void screenChanged(bool dark);

private:
    void follow();
    void release();
    Station& station_;
    std::function<QDBusConnection()> bus_;
    std::optional<unsigned> cookie_; ///< what the desktop gave for it
};

} // namespace bh::desk
