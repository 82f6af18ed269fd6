#pragma once

#include "core/debrief/coaching.h"
#include "desk/parts/flight_painter.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>
#include <memory>
#include <optional>
#include <string>

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;

namespace bh {
class School;
}

namespace bh::desk {

class PlanView;
class Station;
class TimeLanes;

/// A flight that was flown, as it was at the cursor.
class ReplayView : public QWidget {
    Q_OBJECT
public:
    explicit ReplayView(QWidget* parent = nullptr);
    void setFlight(const FlightLog* log, const Drill& drill, const FlightSetup& setup, const StickMode& mode);
    void setCamera(double tilt_deg, double fov_deg) { painter_.setCamera(tilt_deg, fov_deg); }
    void setTime(double t_s);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const FlightLog* log_ = nullptr;
    FlightPainter painter_;
    double time_s_ = 0;
};

/// From any flight to the one thing to change: its sticks, its way and its picture on one cursor, what was found in it, and what
/// to change. Plays from a quarter to four times its pace.
class DebriefPage : public QWidget {
    Q_OBJECT
public:
    DebriefPage(School& school, Station& station, QWidget* parent = nullptr);
    void look(const std::string& attempt_id); ///< at a flight that was kept
    bool open(const QString& file);           ///< a flight log CSV; false, and said, where it cannot be read
    [[nodiscard]] const std::optional<Debrief>& debrief() const { return found_; }
    [[nodiscard]] bool playing() const { return timer_.isActive(); }

public Q_SLOTS:
    void play(); ///< or pause
    void step(int rows);

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void makeTop();
    [[nodiscard]] QWidget* makeFindings();
    void fillFlights();
    void show(std::shared_ptr<const FlightLog> log, const Drill& drill, double tilt_deg, double fov_deg, const Score* score);
    void showFindings();
    void goTo(int finding);
    void moveTo(double t_s);
    void tick();

    School& school_;
    Station& station_;
    std::string shown_; ///< attempt
    std::shared_ptr<const FlightLog> log_;
    std::optional<Debrief> found_;
    std::vector<CoachingRule> rules_;
    std::vector<Advice> advice_;
    QComboBox *flights_, *pace_, *rate_;
    QPushButton *open_, *play_;
    QLabel *title_, *time_, *first_, *why_, *others_;
    PlanView* plan_;
    ReplayView* replay_;
    TimeLanes* lanes_;
    QListWidget* list_;
    QTimer timer_;
    QElapsedTimer clock_;
    std::optional<double> stops_at_s_;
    bool stale_ = true;
};

} // namespace bh::desk
