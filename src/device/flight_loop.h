#pragma once

#include "core/drill/drill_score.h"
#include "core/flight/flight.h"
#include "core/path/shadowing.h"
#include "core/standin/driven_flight.h"

#include <atomic>
#include <deque>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <thread>
#include <vector>

namespace bh {

/// Where the aircraft touched or crashed.
struct FlightMark {
    FlightEvent event = FlightEvent::Touch;
    Vec3 place_m = Vec3::Zero();
    double time_s = 0;
};

/// What a view needs to show of a flight under way.
struct FlightSnapshot {
    State state;
    Sticks sticks;
    double time_s = 0;
    bool armed = false, crashed = false, panic = false, paused = false;
    bool no_controller = false;       ///< unplugged: the flight is held until it is back and the pause is ended
    bool waiting_for_throttle = true; ///< not started yet: the throttle is not at the bottom
    Mode mode = Mode::Acro;
    DrillRunner::Status status = DrillRunner::Status::Waiting;
    std::size_t phase = 0;
    double phase_time_s = 0;
    double phase_progress = 0;
    std::shared_ptr<const Score> score_so_far;            ///< a few times a second; null before the first
    std::shared_ptr<const std::vector<FlightMark>> marks; ///< of this flight; null before the first
    bool out_of_bounds = false;
    bool motors_out = false;                             ///< a planted failure
    bool wants_throttle_cut = false;                     ///< crashed, and the throttle is not at the bottom yet
    std::array<std::optional<StickFollow>, 4> follows{}; ///< by StickAxis: how the sticks follow a demonstration that is shadowed
    std::optional<Sticks> shown_sticks;                  ///< of the demonstration that plays
    std::vector<Sticks> sticks_ahead;                    ///< of a demonstration, over the next second; empty: not known
    double skipped_s = 0;                                ///< time lost because the machine was too busy
};

/// Flies one drill in real time in a thread of its own. The physics keeps its pace whatever the screen does: the view
/// takes snapshots when it likes.
class FlightLoop {
public:
    struct StandIn {
        double skill = 0.95;
        std::uint64_t seed = 1;
        bool replays = false;                     ///< nobody flies: the drill's demonstration plays, with its own sticks
        std::shared_ptr<const FlightLog> known{}; ///< how it will fly, to show its sticks ahead; null: not known
    };
    /// Where the sticks have stood since `after_s`, oldest first, by the steady clock (which `now_s` reads); nothing while
    /// there is no controller, which pauses the flight.
    using SticksSince = std::function<std::optional<std::vector<TimedSticks>>(double after_s)>;
    /// `sticks` is called from the loop's thread, some 500 times a second. Each sample is applied at the physics step of its
    /// time. With a stand-in the drill is demonstrated and `sticks` is not used.
    FlightLoop(Flight flight, Drill drill, SticksSince sticks, std::optional<StandIn> stand_in = std::nullopt);
    ~FlightLoop();
    FlightLoop(const FlightLoop&) = delete;
    FlightLoop& operator=(const FlightLoop&) = delete;

    [[nodiscard]] static double now_s(); ///< seconds of the steady clock

    /// 1 = real time, 0 = as fast as the machine can.
    void set_pace(double pace) { pace_ = pace; }
    void set_paused(bool paused) { paused_ = paused; }
    [[nodiscard]] bool paused() const { return paused_; }
    /// Starts or stops the motors, where the drill leaves that to the pilot; at the next step.
    void press_arm() { arm_pressed_ = true; }
    void set_panic(bool panic) { panic_ = panic; }
    /// The mode switch: from the next step on.
    void set_mode(Mode mode);
    /// Other rates, from the next step on.
    void set_rates(const RateProfile& rates);
    [[nodiscard]] bool panic() const { return panic_; }

    [[nodiscard]] FlightSnapshot snapshot() const;
    /// Rows of the flight log that nobody has taken yet.
    [[nodiscard]] FlightLog take_new_rows();
    /// The flight and its score, once, after the drill has ended.
    [[nodiscard]] std::optional<FlownDrill> take_result();
    /// Ends the flight where it is: what was flown until now. Nothing is published any more.
    [[nodiscard]] FlownDrill break_off();
    [[nodiscard]] const Drill& drill() const { return driven_.runner().drill(); }
    [[nodiscard]] const FlightSetup& setup() const { return setup_; }

private:
    void run();
    void step_once();
    void take_newest();
    void wait_for_throttle(double passed_s, bool by_hand);
    void take_sticks();
    void publish();
    void note_marks();
    void note_rows();
    void show_demonstration();
    void show_sticks_ahead();

    FlightSetup setup_;
    SticksSince sticks_;
    std::deque<TimedSticks> waiting_sticks_; ///< whose time has not come yet
    double sticks_taken_s_ = 0;
    DrivenFlight driven_;
    Sticks current_; ///< of the hand
    bool no_controller_ = false;
    const bool replays_ = false;
    const std::shared_ptr<const FlightLog> known_; ///< how the stand-in, or the demonstration that plays, flies
    bool under_way_ = false;                       ///< past the wait for the throttle
    double throttle_down_s_ = 0;
    std::shared_ptr<const Score> score_so_far_;
    std::shared_ptr<const std::vector<FlightMark>> marks_;
    std::size_t events_seen_ = 0;
    std::array<std::optional<StickFollow>, 4> follows_{};
    double scored_at_s_ = -1;
    double skipped_s_ = 0;

    std::atomic<double> pace_{1};
    std::atomic<bool> paused_{false};
    std::atomic<bool> panic_{false};
    std::atomic<bool> arm_pressed_{false};
    std::atomic<bool> stop_{false};
    mutable std::mutex mutex_;
    FlightSnapshot snapshot_;
    std::optional<FlownDrill> result_;
    FlightLog new_rows_;         ///< for take_new_rows()
    std::size_t rows_noted_ = 0; ///< of the log
    std::size_t row_events_noted_ = 0;
    std::optional<RateProfile> new_rates_;
    std::optional<Mode> new_mode_;
    std::thread thread_;
};

} // namespace bh
