#pragma once

#include <QObject>
#include <QTimer>
#include <cstdint>
#include <functional>

namespace bh {

class School;
class Station;

/// Sits at a station for a pilot and flies drill after drill, which are kept: to show a school at work.
class DemonstratingHand : public QObject {
    Q_OBJECT
public:
    /// What it does at the place where the station is shown.
    struct Acts {
        std::function<bool()> flies; ///< a flight is under way
        std::function<void()> sit_down;
        std::function<void(double skill, std::uint64_t seed)> fly; ///< the pilot's next drill
    };
    /// `which`: of the school's pilots, from 0.
    DemonstratingHand(School& school, Station& station, int which, Acts acts, QObject* parent = nullptr);

private:
    void look();
    School& school_;
    Station& station_;
    Acts acts_;
    int which_;
    std::uint64_t flown_ = 0;
    QTimer timer_;
};

} // namespace bh
