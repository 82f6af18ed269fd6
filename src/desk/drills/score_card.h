#pragma once

#include "core/drill/observed.h"
#include "core/flight/flight_log.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>
#include <optional>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// Scores a drill that is flown in another simulator, by eye and with keys alone: a stopwatch, tallies, windows left and met
/// again, judgements against the limits. The attempt is kept as observed.
class ScoreCard : public QWidget {
    Q_OBJECT
public:
    ScoreCard(School& school, Station& station, QWidget* parent = nullptr);
    void setDrill(const Drill* drill); ///< null: none is chosen. Not while one is being scored.
    [[nodiscard]] bool running() const { return flight_ && flight_->running(); }
    [[nodiscard]] const std::optional<ObservedFlight>& flight() const { return flight_; }

protected:
    bool eventFilter(QObject* object, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void makeButtons();
    [[nodiscard]] double now_s() const { return static_cast<double>(clock_.elapsed()) / 1000; }
    void startOrStop();
    [[nodiscard]] QPushButton* keyButton(int row, const QString& how);
    void press(std::size_t criterion);
    void breakOff();
    void crashed();
    void throttleDown();
    void nextPart();
    void keep();
    void takeSticks();
    void refresh();
    [[nodiscard]] const FlightLog* sticks() const { return sticks_.size() > 1 ? &sticks_ : nullptr; }

    School& school_;
    Station& station_;
    std::optional<ObservedFlight> flight_;
    FlightLog sticks_; ///< while the watch for practice outside is on
    double sticks_after_s_ = 0, sticks_from_s_ = -1;
    std::size_t pressed_ = 0; ///< last, for taking back
    bool kept_ = false;
    QString said_; ///< how it ended, until the next start
    QElapsedTimer clock_;
    QTimer timer_;
    QLabel *name_, *instruction_, *watch_, *words_;
    QTableWidget* table_;
    QHBoxLayout* marking_; ///< a button for each criterion that has a key
    QComboBox* simulator_;
    QPushButton *start_, *crash_, *down_, *next_, *off_, *keep_;
};

} // namespace bh::desk
