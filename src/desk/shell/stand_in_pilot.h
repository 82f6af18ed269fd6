#pragma once

#include <QObject>
#include <QTimer>
#include <cstdint>

namespace bh {
class School;
}

namespace bh::desk {

class MainWindow;
class Station;

/// Sits at a station for a pilot and flies drill after drill, which are kept: to show a school at work.
class StandInPilot : public QObject {
    Q_OBJECT
public:
    /// `which`: of the school's pilots, from 0.
    StandInPilot(School& school, Station& station, MainWindow& window, int which, QObject* parent = nullptr);

private:
    void look();
    School& school_;
    Station& station_;
    MainWindow& window_;
    int which_;
    std::uint64_t flown_ = 0;
    QTimer timer_;
};

} // namespace bh::desk
