#pragma once

#include <QWidget>

class QLabel;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class HoursPlot;

/// Hours towards what is called enough: pace, weeks left with their interval, and where, how and by what they were flown.
class HoursPanel : public QWidget {
    Q_OBJECT
public:
    HoursPanel(School& school, Station& station, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent*) override;

private:
    void refresh();
    void fill();
    School& school_;
    Station& station_;
    QLabel *pace_, *alert_, *arithmetic_;
    QTableWidget *targets_, *shares_;
    HoursPlot* plot_;
    bool stale_ = true;
};

} // namespace bh::desk
