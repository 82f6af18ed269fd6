#pragma once

#include "desk/board/watch_view.h"
#include "school/views/room.h"

#include <QPushButton>
#include <QWidget>
#include <map>
#include <string>

class QGridLayout;
class QLabel;

namespace bh {
class Station;
}

namespace bh::desk {

/// One station of the room: who sits there, what is flown, the marks so far and both sticks. A click watches its flight.
class StationCard : public QPushButton {
    Q_OBJECT
public:
    explicit StationCard(const School& school, QWidget* parent = nullptr);
    void show(const StationNow& now);
    using QWidget::show;
    [[nodiscard]] const StationNow& shown() const { return now_; }
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const School& school_;
    StationNow now_;
};

/// The room at a glance: every station that works on the record now, and the flight of one of them.
class RoomPanel : public QWidget {
    Q_OBJECT
public:
    RoomPanel(School& school, Station& station, QWidget* parent = nullptr);

protected:
    void resizeEvent(QResizeEvent*) override;

private:
    void arrange();
    void take(const std::string& id);
    void watch(const std::string& id);
    void refreshWatched();
    School& school_;
    Station& station_;
    const Room& room_;
    std::string watched_;
    bool left_ = false; ///< somebody wants to watch nothing
    std::map<std::string, StationCard*> cards_;
    QLabel *heading_, *empty_, *watchedName_;
    QGridLayout* grid_;
    QWidget* watching_;
    WatchView* view_;
};

} // namespace bh::desk
