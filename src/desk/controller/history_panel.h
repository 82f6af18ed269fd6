#pragma once

#include "core/logbook/logbook.h"

#include <QWidget>
#include <vector>

class QComboBox;
class QCustomPlot;
class QLabel;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// The calibrations of the controller in use over time, one figure at a time, with the limits of its control chart.
class HistoryPanel : public QWidget {
    Q_OBJECT
public:
    HistoryPanel(School& school, Station& station, QWidget* parent = nullptr);
    void refresh();

private:
    void refreshIfSeen();
    void fillControllers();
    void draw();
    [[nodiscard]] std::vector<KeptCalibration> historyAt(int controller) const; ///< of a row of the choice
    School& school_;
    Station& station_;
    QComboBox* controller_;
    QComboBox* function_;
    QComboBox* measure_;
    QLabel* words_;
    QCustomPlot* plot_;
    QLabel* foot_;
};

} // namespace bh::desk
