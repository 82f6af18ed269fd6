#pragma once

#include <QWidget>

class QLabel;
class QTableWidget;
class QCustomPlot;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// The sickness questionnaire over time, before and after sessions, by screen and in goggles, with the house's limit and what to
/// do about it.
class SicknessPanel : public QWidget {
    Q_OBJECT
public:
    SicknessPanel(School& school, Station& station, QWidget* parent = nullptr);

protected:
    void showEvent(QShowEvent*) override;

private:
    void refresh();
    void fill();
    School& school_;
    Station& station_;
    QLabel *advice_, *explains_;
    QCustomPlot* plot_;
    bool stale_ = true;
};

} // namespace bh::desk
