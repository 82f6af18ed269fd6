#pragma once

#include "core/base/result.h"
#include "core/base/sticks.h"
#include "core/flight/flight_log.h"

#include <QElapsedTimer>
#include <QObject>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bh {

class School;

/// What a station tells of itself, some times a second while somebody is at the sticks.
struct StationNow {
    std::string id, name; ///< of this run of the program; how people call the station
    std::string pilot_id;
    std::string drill_id, world; ///< what is flown; a free flight has a world. Both empty: nothing
    int stick_mode = 2;
    Sticks sticks;
    // Of a flight:
    bool armed = false, paused = false, crashed = false, stand_in = false;
    bool over = false; ///< it has ended, and its marks are looked at
    int phase = 0;
    double phase_progress = 0;   ///< 0 to 1
    std::optional<double> marks; ///< so far
    double camera_tilt_deg = 25, fov_deg = 120;
    FlightSample sample; ///< time, place, velocity, attitude and mode

    [[nodiscard]] bool flying() const { return !drill_id.empty() || !world.empty(); }
};
[[nodiscard]] std::string text_of(const StationNow& now);
[[nodiscard]] Result<StationNow> station_now_in(const std::string& text);

/// The other stations of the school as they told last. Kept nowhere else.
class Room : public QObject {
    Q_OBJECT
public:
    static constexpr int silent_after_ms = 6000; ///< a station that says nothing is gone

    explicit Room(School& school, QObject* parent = nullptr);
    void setOwn(const std::string& id) { own_ = id; }              ///< is not shown to itself
    [[nodiscard]] std::vector<const StationNow*> stations() const; ///< by name
    [[nodiscard]] const StationNow* station(const std::string& id) const;

Q_SIGNALS:
    void told(const std::string& id); ///< one of them
    void changed();                   ///< one came or went

private:
    void hear(const QString& text);
    void forgetSilent();
    struct Heard {
        StationNow now;
        qint64 at_ms = 0;
    };
    School& school_;
    std::string own_;
    std::map<std::string, Heard> heard_;
    QElapsedTimer clock_;
};

} // namespace bh
