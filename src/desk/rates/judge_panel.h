#pragma once

#include "desk/rates/rates_context.h"

#include <QWidget>

class QLabel;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

class CurvePlot;

/// What speaks for a rate: what the pilot's flips and rolls looked like on each that was flown, and beside the curve the table of
/// common practice. Evidence counts more than the table.
class JudgePanel : public QWidget {
    Q_OBJECT
public:
    explicit JudgePanel(School& school, QWidget* parent = nullptr);
    void setContext(const RatesContext& context);

protected:
    void showEvent(QShowEvent*) override; ///< logs are read when it is looked at

private:
    void refresh();
    void showBands(double practised_dps);

    School& school_;
    RatesContext context_;
    bool stale_ = true;
    QLabel *heading_, *words_, *said_;
    CurvePlot* plot_;
    QTableWidget *bands_, *evidence_;
};

} // namespace bh::desk
