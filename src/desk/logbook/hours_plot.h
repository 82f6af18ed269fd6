#pragma once

#include <QWidget>
#include <vector>

class QCustomPlot;

namespace bh::desk {

/// Practice hours of the last weeks as bars, with the 3 h a week that keep a pilot growing as a line.
class HoursPlot : public QWidget {
    Q_OBJECT
public:
    explicit HoursPlot(QWidget* parent = nullptr);
    void setWeeks(const std::vector<double>& hours, const QStringList& labels);

private:
    void recolour();
    QCustomPlot* plot_;
    std::vector<double> hours_;
    QStringList labels_;
};

} // namespace bh::desk
