#pragma once

#include "core/base/result.h"
#include "core/base/side.h"
#include "core/drill/drill_role.h"
#include "core/drill/lead_aircraft.h"
#include "core/drill/measures.h"
#include "core/flight/flight.h"

#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A place in the frame of a drill: from its start along its heading, and to the right.
struct DrillPlace {
    double along_m = 0;
    double across_m = 0;
    std::optional<double> height_m; ///< where a way has one of its own
};

/// What ends a phase.
struct Goal {
    enum class Kind : std::uint8_t {
        ReachHeight, ///< within within_m of the phase's height, kept for for_s
        Stay,        ///< for_s have gone by
        Run,         ///< distance_m along the drill's heading, from where the phase began
        Land,        ///< standing on the ground, throttle at the bottom (or motors off) for for_s
        Go,          ///< within within_m of a place and slower than 1 m/s, kept for for_s
        Turn,        ///< turned by turn_deg on the spot, to within within_deg, kept for for_s
        Way,         ///< all way points in their order, each passed within within_m over ground, `laps` times; or for for_s
        Spin,        ///< turned at least 300° about the roll or the pitch axis towards spin_side, then level for for_s
        PullThrough, ///< rolled onto the back towards spin_side, pulled through to level the other way, kept for for_s
        Recover,     ///< level, slow to turn and no longer falling, kept for for_s
        Arm,         ///< motors running for for_s
        Disarm,      ///< motors off for for_s
        Lean,        ///< leaning by lean_deg or more towards one side, kept for for_s
        Chase,       ///< for_s behind an aircraft that flies ahead
        CutThrottle  ///< throttle at the bottom (under 5 %) for for_s
    };
    Kind kind = Kind::Stay;
    double for_s = 0;
    double within_m = 1;
    double distance_m = 0;
    DrillPlace place{};  ///< of Go
    double turn_deg = 0; ///< right positive
    double within_deg = 10;
    std::vector<DrillPlace> way{};
    bool closed = false; ///< the way goes on from its last point to its first
    int laps = 1;
    double lean_deg = 0;          ///< of Lean
    double lean_towards_deg = 0;  ///< from the nose: 0 forward, 90 right, 180 back, −90 left
    LeadAircraft lead_aircraft{}; ///< of Chase
    bool spin_about_roll = true;  ///< otherwise about pitch
    double spin_side = 1;         ///< roll right and nose up positive; of PullThrough the roll's
};

/// What a phase must not leave; leaving it disqualifies. Empty = free.
struct PhaseBounds {
    std::optional<double> lowest_m, highest_m;
    std::optional<double> corridor_m;  ///< off the drill's line, to either side
    std::optional<double> fastest_mps; ///< over ground
};

struct Phase {
    std::string id;
    std::string instruction; ///< one short sentence for the pilot
    Goal goal;
    double height_m = 0;  ///< the height this phase is about; drawn on the height tape
    double window_m = 0;  ///< half height of the window drawn there; 0 = none
    double speed_mps = 0; ///< the speed meant for a run
    double time_limit_s = 60;
    std::optional<int> touches_allowed; ///< more ground or object touches disqualify; empty = no limit
    std::optional<Side> side{};         ///< where the drill has both
    PhaseBounds bounds{};
    std::vector<StickAxis> sticks{};            ///< those that may be used; empty = all
    std::optional<Mode> mode{};                 ///< that the flight is switched to when the phase begins
    std::optional<double> motors_out_above_m{}; ///< a planted failure: the motors stop at this height
    struct Upset {
        double pitch_deg = 0, bank_deg = 0;
    };
    std::optional<Upset> upset{};    ///< a planted attitude, when the phase begins
    bool panic = false;              ///< the panic switch is to be used
    bool burst = false;              ///< one burst of throttle is to end its turn
    bool horizon = false;            ///< leaning by the camera's tilt: the horizon stands in the middle of the picture
    std::vector<std::string> asks{}; ///< kinds of findings (see finding_key()) that it asks for: no faults in it
};

/// 0 marks at `fail`, 60 at `pass`, 100 at `merit`.
struct Limits {
    double fail = 0, pass = 0, merit = 0;
};

/// A measure and what of the flight it is taken over.
struct Measuring {
    Measure measure = Measure::HeightInWindow;
    std::vector<std::string> phases; ///< ids, in a row; the span runs from the first one's start to the last one's end
    /// How the span is taken: all of its phases in one, or each by itself with the worst, the mean or the best one.
    enum class Over : std::uint8_t { Whole, Worst, Mean, Best };
    Over over = Over::Whole;
    double last_s = 0;      ///< only the end of each span, so long; 0: all of it
    MeasureOptions options; ///< its line is filled in from the flight
    [[nodiscard]] Unit unit() const { return facts_of(measure).unit; }
    std::string label;  ///< for people: "Height within ±1 m"
    std::string advice; ///< one sentence: what to change when it fails, or is found
};

/// One measure with its limits. Marks: 0 at `fail`, 60 at `pass`, 100 at `merit`, straight lines between. Whether more
/// or less is better follows from the order of the limits.
struct Criterion : Measuring {
    std::optional<Side> side;     ///< counts to this side's marks, for the gap between them
    bool must = false;            ///< needed to pass
    bool to_hold = false;         ///< needed to hold the drill, not to pass it
    bool if_any = false;          ///< left out where there was nothing to measure, as a throttle cut without a crash
    bool common_practice = false; ///< the limit is common practice of the trade, not ours
    double weight = 1;
    double fail = 0, pass = 0, merit = 0;
    std::optional<Limits> below{}; ///< a band: too little is judged by these, too much by the ones above
};

/// A habit to look for once the drill is over, whatever its marks are, and the advice that it draws.
struct Fault : Measuring {
    double more_than = 0; ///< shows itself over this value, which is above 0
};

struct Drill {
    std::string id;
    std::string name;
    int version = 1;
    std::string purpose;
    std::string world = "pan";
    std::string aircraft = "five-inch";
    std::vector<Mode> modes{Mode::Acro}; ///< allowed; the first is the default
    FlightStart start;
    Conditions day;                    ///< that belongs to the drill
    std::vector<DrillPlace> flags;     ///< the drill's own, to fly round
    std::vector<Gate> gates;           ///< in their order, as they stand in the world
    std::optional<DrillPlace> pilot{}; ///< where the pilot stands and looks on from; empty: seen from the aircraft
    double camera_tilt_deg = 25;
    double fov_deg = 120;
    std::vector<Phase> phases;
    std::vector<Criterion> criteria;
    std::vector<Fault> faults;
    std::optional<int> crashes_allowed = 0; ///< one more disqualifies; nothing: as many as come
    bool panic_disqualifies = true;
    bool crash_disarms = true; ///< otherwise the pilot has to
    /// Time runs from the first row, motors off: arming is part of the drill, or it is flown with the sticks alone.
    bool begins_disarmed = false;
    bool free = false;                                ///< without a task
    bool sticks_only = false;                         ///< a demonstration plays and the sticks follow it; nothing flies
    std::shared_ptr<const FlightLog> demonstration{}; ///< that the sticks follow; comes with the flight, not with the file
    bool on_real_aircraft = false;                    ///< flown on the likeness of the pilot's real aircraft where one is chosen
    double tilt_change_deg = 0;                       ///< of the pilot's own camera tilt
    bool sets_tilt = false;                           ///< flown at the drill's camera tilt, whatever the pilot's own is
    double least_minutes = 0;                         ///< of practice in all before it can be held
    std::vector<DrillRole> roles{};                   ///< what it is good for besides its place on a ladder

    /// The motors are the pilot's to start and stop: in free flights, and where it is part of the drill.
    [[nodiscard]] bool arming_by_pilot() const;
    [[nodiscard]] const Phase* phase(const std::string& id) const;
    [[nodiscard]] bool has(DrillRole role) const;
    [[nodiscard]] bool has_sides() const; ///< its criteria tell a left side from a right one
    /// North, east and down of a place in the drill's frame.
    [[nodiscard]] Vec3 in_world(const DrillPlace& place, double otherwise_height_m) const;
    /// The way of the aircraft that flies ahead in a phase of Chase.
    [[nodiscard]] std::shared_ptr<const LeadAircraftPath> lead_aircraft_in(const Phase& phase) const;
};

/// The drill itself, or an error that says which part is wrong (no phases, a criterion on an unknown phase, limits
/// that do not run one way, a weight that is not positive, …), with a JSON-pointer-like place in front.
[[nodiscard]] Result<Drill> checked(Drill drill);

} // namespace bh
