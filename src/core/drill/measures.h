#pragma once

#include "core/base/units.h"
#include "core/drill/lead_aircraft.h"
#include "core/flight/world.h"
#include "core/path/turns.h"

#include <memory>
#include <optional>
#include <string_view>
#include <vector>

namespace bh {

/// What the core can measure over a span of a flight log. Names and units are those of drill files.
enum class Measure : std::uint8_t {
    HeightInWindow, ///< share of the time within ±window_m of height_m
    HeightMeanErrorM,
    HeightRmsM,       ///< about height_m
    HeightSpanM,      ///< highest minus lowest
    HeightLostM,      ///< from the span's first row down to the lowest
    OvershootM,       ///< highest above height_m, at least 0
    DriftRmsM,        ///< horizontal distance from the reference place
    ClosureM,         ///< horizontal distance from the reference place at the end
    LegStraightnessM, ///< RMS distance off the line
    HeadingErrorDeg,  ///< RMS of nose heading minus the line's heading
    SpeedMps,         ///< mean speed over the ground
    Touches,
    Crashes,
    ThrottleCutS,     ///< crash to throttle under 5 %, the worst; none without a crash
    TouchdownMps,     ///< sink just before the first ground contact
    Bounces,          ///< ground contacts after the first one
    ReversalRateHz,   ///< of one stick: turning points more than 6 % of travel apart, per second
    HeldPushes,       ///< see find_held_pushes()
    SidewaysShare,    ///< share of the time with the roll stick over 10 %
    TurnedDeg,        ///< heading at the end minus at the start, whole turns counted, right positive
    TurnErrorDeg,     ///< |turned − turn_deg|
    CornerErrorDeg,   ///< worst of the span's turns, |turn| − 90
    FlagDistanceM,    ///< mean of the closest passes of the flags
    GatesHit,         ///< gates flown through in their direction
    GatesMissed,      ///< gates passed over in their order, up to the last one flown through; a lap not flown counts whole
    BalloonM,         ///< height gained while braking, the span beginning with the brake
    StopS,            ///< from 95 % to 5 % of the entry speed
    StopM,            ///< way over ground in that time
    RollExitDeg,      ///< worst bank (pitch) 0.3 s after a roll (flip)
    PastPlaceM,       ///< farthest beyond a place to stop at, in the direction it was flown to (the line's)
    LineOffsetM,      ///< distance off the line at the end
    RecoveryS,        ///< until the aircraft is level, slow to turn and no longer falling, for half a second
    RockingShare,     ///< share of the time in rocking, of the axis given or of any
    YawLeadMs,        ///< median of the turns' yaw lead
    YawShare,         ///< of the body's yaw and roll in turns, mean
    LapS,             ///< mean time from the first gate to the first gate
    LapSpread,        ///< slowest minus quickest lap, over their mean
    ThrottleInverted, ///< mean throttle while on the back (lean over 120°)
    ClearanceM,       ///< height over height_m where the line's place `along_m` ahead is passed
    DoneS,            ///< duration
    ArmRefusals,      ///< times that arming was tried with the throttle up
    DisarmedAtEnd,    ///< 1 when the motors are off in the last row, 0 otherwise
    TouchesPerMin,
    PanicS,               ///< until the panic switch or a switch to hold; none when neither was used
    SparcSticks,          ///< smoothness of the right stick's speed, see sparc()
    StickMatch,           ///< how the sticks follow the demonstration's: the correlation of the axis that follows least
    StickLagMs,           ///< how late they do: the axis that is latest
    YawAloneTurns,        ///< share of the turns that are flown on yaw alone; see fault_of()
    BrakeGainM,           ///< height gained in the worst of the span's brakes; see find_brakes()
    BanksLeftOver,        ///< see find_banks_left_over()
    SinkInLeanM,          ///< the worst; see find_sinks_in_lean()
    ChoppedThrottles,     ///< see find_chopped_throttle()
    FullThrottleTakeOffs, ///< see find_full_throttle_take_offs()
    ThrottleSd,           ///< standard deviation of the throttle, share of its travel
    ThrottleBursts,       ///< times that it rises 10 % of its travel above the span's mean, for 0.1 s or more
    SpeedKept,            ///< lowest speed over the ground over that in the span's first row
    SpeedSdMps,           ///< standard deviation of the speed over the ground
    SinkPeakMps,          ///< the fastest sink
    LowestM,              ///< the least height
    GapInWindow,          ///< share of the time behind the aircraft that flies ahead, within its window
    HandsOnShare,         ///< share of the time with a stick over 10 %, throttle left out
    TurnDriftDeg,         ///< mean over the turns of how far nose and way are apart in their middle
    HorizonCentred,       ///< share of the time with the camera's axis within 5° of level
    BigInputs,            ///< see find_big_inputs()
    StirredCorners,       ///< see find_stirred_corners()
    WrongCorrections,     ///< times that the roll stick first goes away from the place, see wrong_corrections()
    TopSpeedMps,          ///< over the ground, kept for half a second
    OffLevelDeg,          ///< RMS of the lean
    SideGap               ///< |marks left − right| of the criteria of both sides; only as a drill's criterion
};
inline constexpr std::size_t measure_count = static_cast<std::size_t>(Measure::SideGap) + 1;

/// Whether more of it is better, or less, or it depends on the drill.
enum class Better : std::uint8_t { More, Less, Either };

/// How a measure is taken by somebody who looks on, with keys.
enum class ByEye : std::uint8_t {
    Tally,  ///< counted
    Watch,  ///< timed with the stopwatch
    Share,  ///< share of the time: told when it begins and when it ends
    Judged, ///< against the limits: as good as merit, as pass, or not passed
    Sticks, ///< only from the sticks, where they are recorded
    Sides   ///< follows from the others
};

/// All there is to say of a measure besides how it is worked out. The table stands in measures.cpp with the working out beside
/// each row; a measure without a row does not compile.
struct MeasureFacts {
    Measure measure;
    std::string_view key; ///< as in drill files
    Unit unit;
    Better better;
    bool needs_position; ///< otherwise sticks, attitude and events are enough
    bool from_sticks;    ///< the sticks alone are enough
    ByEye by_eye;
};
[[nodiscard]] const MeasureFacts& facts_of(Measure measure);

[[nodiscard]] inline std::string_view measure_key(Measure measure) { return facts_of(measure).key; }
[[nodiscard]] std::optional<Measure> measure_from_key(std::string_view key);
[[nodiscard]] inline bool needs_position(Measure measure) { return facts_of(measure).needs_position; }

struct Line {
    double north_m = 0;
    double east_m = 0;
    double heading_deg = 0;
    bool operator==(const Line&) const = default;
};

/// What a measure is taken against. Left empty, the place is the span's first row, the line runs from there along the
/// nose, and the height is the span's first height.
struct MeasureOptions {
    std::optional<double> height_m;
    double window_m = 2.5;
    std::optional<Line> line;
    std::optional<StickAxis> axis; ///< of reversals (the throttle's when not said) and rocking (any)
    double turn_deg = 0;           ///< that was asked for
    double along_m = 0;
    double camera_tilt_deg = 25; ///< of HorizonCentred
    double line_turn_deg = 0;    ///< of the line against the drill's heading, right positive
    std::vector<Vec2> flags_m;   ///< north, east
    std::vector<Gate> gates;     ///< in their order
    int laps = 1;
    std::shared_ptr<const FlightLog> demonstration{};        ///< that the sticks follow
    std::shared_ptr<const LeadAircraftPath> lead_aircraft{}; ///< that is followed, from the span's start
    bool operator==(const MeasureOptions&) const = default;
};

/// The measure's value, or nothing where the span is empty, the log carries no positions though they are needed, or
/// there is nothing to measure (no crash, no landing). Means over rows stand for means over time.
[[nodiscard]] std::optional<double> measure(const FlightLog& log, RowSpan span, Measure what, const MeasureOptions& options = {});

/// Corner error, yaw lead, yaw share and turns on yaw alone can also be had from turns that have been found already.
[[nodiscard]] bool is_of_turns(Measure measure);
[[nodiscard]] std::optional<double> measure_of_turns(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns,
                                                     Measure what);

} // namespace bh
