#include "device/flight_loop.h"

#include <algorithm>
#include <chrono>
#include <utility>

namespace bh {
namespace {

using Clock = std::chrono::steady_clock;
constexpr auto wake_interval = std::chrono::milliseconds(2);
constexpr double most_behind_s = 0.25; // more than this is skipped, a pilot cannot fly a burst
constexpr double score_interval_s = 0.2;
constexpr double throttle_down_for_s = 0.3; // before the motors start

} // namespace

FlightLoop::FlightLoop(Flight flight, Drill drill, SticksSince sticks, std::optional<StandIn> stand_in)
    : setup_(flight.setup()), sticks_(std::move(sticks)),
      driven_(std::move(flight), drill,
              stand_in && !(stand_in->replays && drill.demonstration)
                  ? std::optional<StandInPilot>(std::in_place, drill, setup_, stand_in->skill, stand_in->seed)
                  : std::nullopt),
      replays_(stand_in && stand_in->replays && drill.demonstration), known_(stand_in && stand_in->known ? stand_in->known
                                                                             : replays_                  ? drill.demonstration
                                                                                                         : nullptr)
{
    under_way_ = driven_.flight().armed(); // begun in the air
    publish();
    thread_ = std::thread([this] { run(); });
}

FlightLoop::~FlightLoop()
{
    stop_ = true;
    if (thread_.joinable()) thread_.join();
}

FlownDrill FlightLoop::break_off()
{
    stop_ = true;
    if (thread_.joinable()) thread_.join();
    return driven_.result();
}

void FlightLoop::run()
{
    auto last = Clock::now();
    double due_s = 0;
    while (!stop_) {
        const auto now = Clock::now();
        const double passed_s = std::chrono::duration<double>(now - last).count();
        last = now;
        const double pace = pace_;
        const bool by_hand = !driven_.flies_itself() && !replays_;
        if (by_hand) take_sticks();
        if (!under_way_) {
            wait_for_throttle(passed_s, by_hand);
            due_s = 0;
        } else if (!paused_ && !driven_.over()) {
            driven_.set_panic(panic_);
            due_s += pace > 0 ? passed_s * pace : 0.05;
            if (due_s > most_behind_s) {
                skipped_s_ += due_s - most_behind_s;
                due_s = most_behind_s;
            }
            // The physics runs a moment behind the clock: a step that stands for a moment gets the sticks of that moment.
            const double clock_s = std::chrono::duration<double>(now.time_since_epoch()).count();
            for (; due_s >= Flight::step_s && !driven_.over() && !stop_; due_s -= Flight::step_s) {
                const double step_at_s = pace > 0 ? clock_s - (due_s - Flight::step_s) / pace : clock_s;
                for (; !waiting_sticks_.empty() && waiting_sticks_.front().t_s <= step_at_s; waiting_sticks_.pop_front())
                    current_ = waiting_sticks_.front().sticks;
                step_once();
            }
        } else {
            take_newest();
        }
        publish();
        if (pace > 0 || driven_.over() || paused_) std::this_thread::sleep_for(wake_interval);
    }
}

/// While no physics runs.
void FlightLoop::take_newest()
{
    if (!waiting_sticks_.empty()) current_ = waiting_sticks_.back().sticks;
    waiting_sticks_.clear();
}

/// Before the start time stands still; the motors start once the throttle has been at the bottom for a moment.
void FlightLoop::wait_for_throttle(double passed_s, bool by_hand)
{
    take_newest();
    throttle_down_s_ = current_.throttle < 0.05 ? throttle_down_s_ + passed_s : 0;
    if (by_hand && throttle_down_s_ < throttle_down_for_s) return;
    under_way_ = true;
    driven_.begin();
}

double FlightLoop::now_s() { return std::chrono::duration<double>(Clock::now().time_since_epoch()).count(); }

void FlightLoop::take_sticks()
{
    const auto fresh = sticks_(sticks_taken_s_);
    no_controller_ = !fresh;
    if (!fresh) {
        paused_ = true;
        return;
    }
    for (const TimedSticks& sample : *fresh) {
        sticks_taken_s_ = std::max(sticks_taken_s_, sample.t_s);
        waiting_sticks_.push_back(sample);
    }
}

void FlightLoop::step_once()
{
    if (arm_pressed_.exchange(false)) driven_.press_arm();
    if (!driven_.step(current_)) return;
    if (driven_.flies_itself()) panic_ = driven_.flight().panic();
    note_marks();
    if (!driven_.over()) return;
    FlownDrill flown = driven_.result();
    score_so_far_ = std::make_shared<const Score>(flown.score);
    const std::scoped_lock lock(mutex_);
    result_ = std::move(flown);
}

void FlightLoop::note_marks()
{
    const FlightLog& log = driven_.flight().log();
    for (; events_seen_ < log.events.size(); ++events_seen_) {
        const auto& [row, event] = log.events[events_seen_];
        if (event != FlightEvent::Touch && event != FlightEvent::Crash) continue;
        auto marks = marks_ ? std::make_shared<std::vector<FlightMark>>(*marks_) : std::make_shared<std::vector<FlightMark>>();
        const FlightSample at = log.sample(row);
        marks->push_back({event, Vec3(at.north_m, at.east_m, -at.height_m), at.t_s});
        marks_ = std::move(marks);
    }
}

void FlightLoop::publish()
{
    const Flight& flight = driven_.flight();
    const DrillRunner& runner = driven_.runner();
    if (!runner.over() && flight.time_s() - scored_at_s_ >= score_interval_s && runner.status() == DrillRunner::Status::Running) {
        score_so_far_ = std::make_shared<const Score>(score(runner, flight.log()));
        if (drill().demonstration && !replays_)
            follows_ = follow_sticks(*drill().demonstration, flight.log(), {0, flight.log().size()});
        scored_at_s_ = flight.time_s();
    }
    const std::scoped_lock lock(mutex_);
    if (const auto rates = std::exchange(new_rates_, std::nullopt)) driven_.set_rates(*rates);
    if (const auto mode = std::exchange(new_mode_, std::nullopt)) driven_.set_mode(*mode);
    note_rows();
    snapshot_.state = flight.state();
    snapshot_.sticks = driven_.flies_itself() ? driven_.sticks() : current_;
    snapshot_.time_s = flight.time_s();
    snapshot_.armed = flight.armed();
    snapshot_.crashed = flight.crashed();
    snapshot_.panic = flight.panic();
    snapshot_.paused = paused_;
    snapshot_.no_controller = no_controller_;
    snapshot_.waiting_for_throttle = !under_way_;
    snapshot_.mode = flight.setup().mode;
    snapshot_.motors_out = flight.motors_out();
    snapshot_.wants_throttle_cut = runner.wants_throttle_cut();
    if (drill().demonstration) show_demonstration();
    if (known_) show_sticks_ahead();
    snapshot_.status = runner.status();
    snapshot_.phase = runner.phase();
    snapshot_.phase_time_s = runner.phase_time_s();
    snapshot_.phase_progress = runner.phase_progress();
    snapshot_.score_so_far = score_so_far_;
    snapshot_.marks = marks_;
    snapshot_.out_of_bounds = flight.out_of_bounds();
    snapshot_.skipped_s = skipped_s_;
}

/// What is seen is the demonstration's flight, not the one that stands on the ground under the sticks.
void FlightLoop::show_demonstration()
{
    const FlightLog& shown = *drill().demonstration;
    const auto after = std::upper_bound(shown.t_s.begin(), shown.t_s.end(), shown.t_s.front() + driven_.flight().time_s());
    const FlightSample at =
        shown.sample(after == shown.t_s.begin() ? 0 : static_cast<std::size_t>(after - shown.t_s.begin()) - 1);
    snapshot_.state.position_m = Vec3(at.north_m, at.east_m, -at.height_m);
    snapshot_.state.velocity_mps = Vec3(at.vn_mps, at.ve_mps, -at.climb_mps);
    snapshot_.state.attitude = at.attitude().normalized();
    snapshot_.mode = at.mode;
    snapshot_.armed = at.armed;
    snapshot_.shown_sticks = at.sticks;
    snapshot_.follows = follows_;
    if (replays_) snapshot_.sticks = at.sticks;
}

void FlightLoop::show_sticks_ahead()
{
    constexpr double ahead_s = 1, every_s = 0.04;
    const double from_s = known_->t_s.front() + driven_.flight().time_s();
    snapshot_.sticks_ahead.clear();
    auto row = std::lower_bound(known_->t_s.begin(), known_->t_s.end(), from_s);
    for (double at_s = from_s; at_s <= from_s + ahead_s; at_s += every_s) {
        row = std::lower_bound(row, known_->t_s.end(), at_s);
        if (row == known_->t_s.end()) return;
        snapshot_.sticks_ahead.push_back(known_->sample(static_cast<std::size_t>(row - known_->t_s.begin())).sticks);
    }
}

/// Events on a row may come after it.
void FlightLoop::note_rows()
{
    const FlightLog& log = driven_.flight().log();
    const std::size_t settled = driven_.over() ? log.size() : log.size() - std::min<std::size_t>(1, log.size());
    for (; row_events_noted_ < log.events.size() && log.events[row_events_noted_].row < settled; ++row_events_noted_)
        new_rows_.events.push_back(
            {log.events[row_events_noted_].row - rows_noted_ + new_rows_.size(), log.events[row_events_noted_].event});
    for (; rows_noted_ < settled; ++rows_noted_) new_rows_.append(log.sample(rows_noted_));
}

FlightLog FlightLoop::take_new_rows()
{
    const std::scoped_lock lock(mutex_);
    return std::exchange(new_rows_, {});
}

void FlightLoop::set_mode(Mode mode)
{
    const std::scoped_lock lock(mutex_);
    new_mode_ = mode;
}

void FlightLoop::set_rates(const RateProfile& rates)
{
    const std::scoped_lock lock(mutex_);
    new_rates_ = rates;
}

FlightSnapshot FlightLoop::snapshot() const
{
    const std::scoped_lock lock(mutex_);
    return snapshot_;
}

std::optional<FlownDrill> FlightLoop::take_result()
{
    const std::scoped_lock lock(mutex_);
    return std::exchange(result_, std::nullopt);
}

} // namespace bh
