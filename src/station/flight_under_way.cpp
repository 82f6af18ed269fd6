#include "station/flight_under_way.h"

#include "school/school.h"
#include "station/flight_start.h"
#include "station/station.h"

#include <utility>

namespace bh {

FlightUnderWay::FlightUnderWay(School& school, Station& station, QObject* parent)
    : QObject(parent), school_(school), station_(station)
{
    constexpr int look_each_ms = 50;
    timer_.setInterval(look_each_ms);
    connect(&timer_, &QTimer::timeout, this, &FlightUnderWay::follow);
}

FlightUnderWay::~FlightUnderWay()
{
    journal_.reset();
    Q_EMIT landed();
    station_.setFlying({});
    station_.setArmed(false);
}

Result<void> FlightUnderWay::begin(const Drill& drill, const TakeOff& wanted, std::optional<FlightLoop::StandIn> stand_in)
{
    land();
    wanted_ = wanted;
    const auto prepared = bh::prepared(school_, drill, wanted);
    if (!prepared) return tl::unexpected(prepared.error());
    auto started = start_flight(station_, *prepared, drill, stand_in);
    if (!started) return tl::unexpected(started.error());
    loop_ = std::move(started->loop);
    Q_EMIT begun(loop_.get(), *prepared);
    over_ = false;
    flown_.reset();
    attempt_ = {};
    attempt_.pilot_id = station_.pilotId();
    attempt_.session_id = started->session_id;
    attempt_.flight = prepared->flown_with;
    journalled_at_s_ = 0;
    const bool freely = wanted.purpose == TakeOff::Purpose::Free;
    if (freely) attempt_.world = drill.world;
    if (freely || (wanted.purpose == TakeOff::Purpose::Drill && !drill.sticks_only)) {
        attempt_.drill_id = drill.id;
        attempt_.mode = prepared->setup.mode;
        journal_ = school_.begin_journal(attempt_);
    }
    timer_.start();
    return {};
}

void FlightUnderWay::land()
{
    timer_.stop();
    Q_EMIT landed();
    station_.setFlying({});
    if (flying() && wanted_.purpose == TakeOff::Purpose::Free) {
        const Mode mode = loop_->snapshot().mode;
        keepFree(loop_->break_off(), mode);
    }
    loop_.reset();
    flown_.reset();
    if (journal_) std::exchange(journal_, nullptr)->over();
    station_.setArmed(false);
}

void FlightUnderWay::setPace(double pace)
{
    if (loop_) loop_->set_pace(pace);
}

void FlightUnderWay::follow()
{
    if (!loop_) return;
    const FlightSnapshot now = loop_->snapshot();
    station_.setArmed(now.armed && !shown() && !now.paused);
    if (downAndIn_.look(ControllerHub::now_s(), station_.input().sticks(), station_.stickMode()) && !now.armed)
        Q_EMIT sticksDownAndIn();
    constexpr double journal_every_s = 0.5;
    if (journal_ && now.time_s - journalled_at_s_ > journal_every_s) {
        journalled_at_s_ = now.time_s;
        journal_->add(loop_->take_new_rows());
    }
    flown_ = loop_->take_result();
    over_ = flown_.has_value();
    if (over_) {
        mode_ = now.mode;
        timer_.stop();
        station_.setArmed(false);
    }
    Q_EMIT followed(now);
    if (over_) Q_EMIT isOver();
}

std::string FlightUnderWay::keep()
{
    if (!flown_ || shown()) return {};
    FlownDrill flown = std::move(*std::exchange(flown_, std::nullopt));
    if (wanted_.purpose == TakeOff::Purpose::Free) {
        keepFree(std::move(flown), mode_);
        return {};
    }
    const Drill& flew = loop_->drill();
    JudgedAttempt row = judged_attempt(flown.score, mode_);
    row.pilot_id = attempt_.pilot_id;
    row.session_id = attempt_.session_id;
    row.shadowed = attempt_.shadowed;
    if (!flew.sticks_only) row.flight = attempt_.flight;
    const std::string id = school_.keep_flight(std::move(row), std::make_shared<const FlightLog>(std::move(flown.log)),
                                               flew.demonstration, std::move(journal_));
    return flew.sticks_only ? std::string() : id; // sticks without a flight show nothing
}

/// One that hardly left the ground is not worth keeping.
void FlightUnderWay::keepFree(FlownDrill flown, Mode mode)
{
    constexpr double least_s = 5; // house
    if (flown.score.flown_s < least_s) return;
    JudgedAttempt row = without_score(judged_attempt(flown.score, mode));
    row.pilot_id = attempt_.pilot_id;
    row.session_id = attempt_.session_id;
    row.flight = attempt_.flight;
    row.world = attempt_.world;
    school_.keep_flight(std::move(row), std::make_shared<const FlightLog>(std::move(flown.log)), nullptr, std::move(journal_));
}

} // namespace bh
