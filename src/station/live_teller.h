#pragma once

#include "school/views/room.h"

#include <QObject>
#include <QTimer>

namespace bh {

class Station;

/// Tells the other stations what happens at this one: five times a second while sticks move or something flies, otherwise now and
/// then, so that it is known to be there.
class LiveTeller : public QObject {
    Q_OBJECT
public:
    static constexpr int every_ms = 200, idle_every_ms = 2000;
    LiveTeller(School& school, Station& station, QObject* parent = nullptr);
    [[nodiscard]] StationNow now() const;

private:
    void tell();
    School& school_;
    Station& station_;
    Sticks told_;
    int quiet_ms_ = idle_every_ms;
    QTimer timer_;
};

} // namespace bh
