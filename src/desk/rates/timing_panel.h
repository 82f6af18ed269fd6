#pragma once

#include "core/rates/stopwatch.h"
#include "desk/rates/rates_context.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>
#include <vector>

class QAction;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// Unknown rates by stopwatch: turns counted at a held stick, at two or three positions, and the curve that goes through them.
class TimingPanel : public QWidget {
    Q_OBJECT
public:
    explicit TimingPanel(School& school, QWidget* parent = nullptr);
    void setContext(const RatesContext& context);
    [[nodiscard]] const std::optional<TimedRates>& found() const { return found_; }

public Q_SLOTS:
    void startOrStop(); ///< the stopwatch, the space bar
    void addTiming();   ///< of what the boxes say
    void removeLast();
    void takeOver(); ///< as the real aircraft's rates of the axis

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    void refresh();

    School& school_;
    RatesContext context_;
    struct Timing {
        double stick, turns, seconds;
    };
    std::vector<Timing> timings_;
    std::optional<TimedRates> found_;
    QElapsedTimer watch_;
    QTimer ticks_;
    QComboBox* axis_;
    QDoubleSpinBox *stick_, *turns_, *seconds_;
    QLabel *clock_, *words_;
    QPushButton *run_, *add_, *remove_, *take_;
    QAction* key_; ///< starts the stopwatch, and stops it
    QTableWidget* table_;
};

} // namespace bh::desk
