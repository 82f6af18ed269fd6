#pragma once

#include <QWidget>
#include <vector>

class QCustomPlot;

namespace bh::desk {

/// Practice hours of the last weeks as bars, with those that are wanted a week as a line.
class HoursPlot : public QWidget {
    Q_OBJECT
public:
    explicit HoursPlot(QWidget* parent = nullptr);
    void setWeeks(const std::vector<double>& hours, const QStringList& labels, double wanted_h);

private:
    void recolour();
    QCustomPlot* plot_;
    std::vector<double> hours_;
    double wanted_h_ = 3;
    QStringList labels_;
};

} // namespace bh::desk
