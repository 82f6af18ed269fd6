#include "core/debrief/finding_kinds.h"

#include "core/base/message.h"

#include <algorithm>
#include <iterator>

namespace bh {
namespace {

using enum FindingKind;
using enum SumUp;
constexpr bool any_stick = true, one_stick = false, by_position = true, by_sticks = false, good = true, silent = false;

constexpr FindingFacts finding_table[] = {
    {Rocking,
     "rocking",
     "R",
     label("Rocking"),
     StickAxis::Roll,
     any_stick,
     by_sticks,
     good,
     {82, 90},
     TimeShare,
     "",
     {label("of the time rocking"), label("%")},
     {{{Measure::RockingShare, ""}}}},
    {OverControl,
     "over_control",
     "O",
     label("Over-controlled corners"),
     StickAxis::Roll,
     one_stick,
     by_position,
     good,
     {64, 70},
     MeanOf,
     "swings",
     {label("swings in a corner"), label("times")},
     {{{Measure::StirredCorners, ""}}},
     {"swings", "bank_swing_deg"}},
    {BigInput,
     "big_input",
     "I",
     label("Big input"),
     StickAxis::Pitch,
     any_stick,
     by_position,
     good,
     {76, 82},
     PerMinute,
     "",
     {label("big inputs"), label("a minute")},
     {{{Measure::BigInputs, ""}}}},
    {HeldPush,
     "held_push",
     "H",
     label("Push held"),
     StickAxis::Throttle,
     any_stick,
     by_sticks,
     good,
     {70, 76},
     PerMinute,
     "",
     {label("held pushes"), label("a minute")},
     {{{Measure::HeldPushes, ""}}}},
    {Turn,
     "turn",
     "T",
     label("Turn"),
     StickAxis::Yaw,
     one_stick,
     by_sticks,
     silent,
     {36, 44},
     FaultShare,
     "",
     {label("of the turns at fault"), label("%")},
     {{{Measure::YawAloneTurns, ""}, {Measure::TurnDriftDeg, "drift_deg"}}},
     {"drift_deg"}},
    {Brake,
     "brake",
     "B",
     label("Brake"),
     StickAxis::Pitch,
     one_stick,
     by_sticks,
     silent,
     {20, 36},
     MeanOf,
     "height_gain_m",
     {label("gained in a brake"), label("m")},
     {{{Measure::BalloonM, "height_gain_m"}, {Measure::BrakeGainM, "height_gain_m"}, {Measure::OvershootM, "height_gain_m"}}},
     {"entry_mps", "height_gain_m", "distance_m", "throttle_first"}},
    {Spin,
     "spin",
     "S",
     label("Flip or roll"),
     StickAxis::Throttle,
     any_stick,
     by_sticks,
     silent,
     {20, 36},
     MeanOf,
     "exit_deg",
     {label("off level after a flip or roll"), label("°")},
     {{{Measure::RollExitDeg, "exit_deg"}}},
     {"exit_deg"}},
    {BankLeftOver,
     "bank_left_over",
     "K",
     label("Bank left over"),
     StickAxis::Roll,
     one_stick,
     by_sticks,
     good,
     {44, 50},
     PerMinute,
     "",
     {label("banks left over"), label("a minute")},
     {{{Measure::BanksLeftOver, ""}}}},
    {SinkInLean,
     "sink_in_lean",
     "L",
     label("Sunk when leaning"),
     StickAxis::Throttle,
     one_stick,
     by_position,
     good,
     {50, 58},
     PerMinute,
     "",
     {label("sinks in a lean"), label("a minute")},
     {{{Measure::SinkInLeanM, "sink_m"}}},
     {"sink_m"}},
    {ChoppedThrottle,
     "chopped_throttle",
     "C",
     label("Throttle chopped"),
     StickAxis::Throttle,
     one_stick,
     by_position,
     good,
     {58, 64},
     PerMinute,
     "",
     {label("chopped throttles"), label("a minute")},
     {{{Measure::ChoppedThrottles, ""}}}},
    {FullThrottleTakeOff,
     "full_throttle_take_off",
     "F",
     label("Full throttle at take-off"),
     StickAxis::Throttle,
     one_stick,
     by_position,
     good,
     {58, 64},
     PerMinute,
     "",
     {label("take-offs at full throttle"), label("a minute")},
     {{{Measure::FullThrottleTakeOffs, ""}}}},
    {Landing,
     "landing",
     "D",
     label("Landing"),
     StickAxis::Throttle,
     one_stick,
     by_position,
     silent,
     {20, 36},
     MeanOf,
     "sink_mps",
     {label("sink at the touchdown"), label("m/s")},
     {{{Measure::TouchdownMps, "sink_mps"}, {Measure::Bounces, "bounces"}}},
     {"sink_mps", "bounces"}},
    {ThrottleCut,
     "throttle_cut",
     "X",
     label("Throttle after a crash"),
     StickAxis::Throttle,
     one_stick,
     by_position,
     silent,
     {90, 100},
     MeanOf,
     "seconds",
     {label("until the throttle was cut"), label("s")},
     {{{Measure::ThrottleCutS, "seconds"}}},
     {"seconds"}},
    {HandsOn,
     "hands_on",
     "N",
     label("Hands not off"),
     StickAxis::Roll,
     one_stick,
     by_position,
     silent,
     {20, 36},
     TimeShare,
     "",
     {label("of the time with hands on"), label("%")},
     {{{Measure::HandsOnShare, "share"}}},
     {"share"}},
};

consteval bool findings_in_order()
{
    for (std::size_t i = 0; i < std::size(finding_table); ++i)
        if (finding_table[i].kind != static_cast<FindingKind>(i)) return false;
    return std::size(finding_table) == static_cast<std::size_t>(HandsOn) + 1;
}
static_assert(findings_in_order(), "each kind has its row, in the order of the enumeration");

} // namespace

std::span<const FindingFacts> finding_kinds() { return finding_table; }
const FindingFacts& facts_of(FindingKind kind) { return finding_table[static_cast<std::size_t>(kind)]; }

std::optional<FindingKind> finding_from_key(std::string_view key)
{
    const auto* found =
        std::find_if(std::begin(finding_table), std::end(finding_table), [key](const FindingFacts& f) { return f.key == key; });
    return found == std::end(finding_table) ? std::nullopt : std::optional(found->kind);
}

const FindingFacts* finding_by(Measure measure)
{
    if (measure == Measure::DoneS) return nullptr;
    for (const FindingFacts& f : finding_table)
        if (std::any_of(f.measures.begin(), f.measures.end(), [measure](const auto& m) { return m.measure == measure; }))
            return &f;
    return nullptr;
}

} // namespace bh
