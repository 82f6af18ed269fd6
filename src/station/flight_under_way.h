#pragma once

#include "core/controller/down_and_in.h"
#include "device/flight_loop.h"
#include "school/flights/take_off.h"

#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>
#include <string>

namespace bh {

class School;

class Station;

/// One flight of the chosen pilot, from take-off until it is on the record: noted in a journal as it goes, and kept when it is
/// over. Whoever shows it, or says what there is to hear, hears of it by the signals.
class FlightUnderWay : public QObject {
    Q_OBJECT
public:
    FlightUnderWay(School& school, Station& station, QObject* parent);
    ~FlightUnderWay() override; ///< a flight that is not over is offered at the next start
    /// Instead of what flew before. An error says why it cannot be flown, and nothing flies then.
    Result<void> begin(const Drill& drill, const TakeOff& wanted, std::optional<FlightLoop::StandIn> stand_in);
    void land(); ///< it is shown no more; of a free flight what was flown is kept

    [[nodiscard]] FlightLoop* loop() const { return loop_.get(); } ///< null: there is none
    [[nodiscard]] bool flying() const { return loop_ && !over_; }  ///< and the result is not there yet
    [[nodiscard]] bool shown() const { return wanted_.purpose == TakeOff::Purpose::Demonstration; } ///< nothing is kept of it
    void setPace(double pace);
    void setSession(const std::string& id) { attempt_.session_id = id; }            ///< that it belongs to
    void setShadowed(const std::string& drill_id) { attempt_.shadowed = drill_id; } ///< whose demonstration it follows

    [[nodiscard]] const FlownDrill& flown() const { return *flown_; } ///< once it is over, until it is kept
    /// Onto the record, with its log. The attempt's id where the flight can show how the drill is flown; empty otherwise.
    std::string keep();

Q_SIGNALS:
    void begun(bh::FlightLoop* loop, const bh::PreparedFlight& prepared);
    void landed();                                ///< there is none to be shown any more: before its loop goes
    void followed(const bh::FlightSnapshot& now); ///< twenty times a second
    void sticksDownAndIn();                       ///< both of them: it is to be armed
    void isOver();

private:
    void follow();
    void keepFree(FlownDrill flown, Mode mode);

    School& school_;
    Station& station_;
    TakeOff wanted_;
    std::unique_ptr<FlightLoop> loop_;
    std::unique_ptr<FlightJournal> journal_; ///< of a drill or a free flight
    double journalled_at_s_ = 0;
    JudgedAttempt attempt_; ///< what is known of it
    SticksDownAndIn downAndIn_;
    bool over_ = false;
    std::optional<FlownDrill> flown_;
    Mode mode_ = Mode::Angle; ///< that it ended in
    QTimer timer_;
};

} // namespace bh
