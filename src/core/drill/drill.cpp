#include "core/drill/drill.h"

#include "core/base/number_text.h"
#include "core/drill/value_words.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {

Message value_in_words(double value, Unit unit)
{
    switch (unit) {
    case Unit::Share: return message("%1 %", rounded(100 * value, 0));
    case Unit::Count: return message("%1", rounded(value, 0));
    case Unit::Degrees: return message("%1 deg", rounded(value, 1));
    case Unit::PerMinute: return message("%1 a minute", rounded(value, 1));
    default: return message("%1 %2", rounded(value, 1), unit_key(unit));
    }
}

bool Drill::has(DrillRole role) const { return std::find(roles.begin(), roles.end(), role) != roles.end(); }

bool Drill::has_sides() const
{
    const auto is_of = [&](Side side) {
        return std::any_of(criteria.begin(), criteria.end(), [&](const Criterion& c) { return c.side == side; });
    };
    return is_of(Side::Left) && is_of(Side::Right);
}

const Phase* Drill::phase(const std::string& wanted) const
{
    const auto found = std::find_if(phases.begin(), phases.end(), [&](const Phase& p) { return p.id == wanted; });
    return found == phases.end() ? nullptr : &*found;
}

bool Drill::arming_by_pilot() const
{
    if (sticks_only) return false;
    return free || begins_disarmed ||
           std::any_of(phases.begin(), phases.end(), [](const Phase& p) { return p.goal.kind == Goal::Kind::Disarm; });
}

Vec3 Drill::in_world(const DrillPlace& place, double otherwise_height_m) const
{
    const double c = std::cos(radians(start.heading_deg)), s = std::sin(radians(start.heading_deg));
    return {start.north_m + c * place.along_m - s * place.across_m, start.east_m + s * place.along_m + c * place.across_m,
            -place.height_m.value_or(otherwise_height_m)};
}

std::shared_ptr<const LeadAircraftPath> Drill::lead_aircraft_in(const Phase& phase) const
{
    const LeadAircraft& lead_aircraft = phase.goal.lead_aircraft;
    return std::make_shared<const LeadAircraftPath>(
        lead_aircraft, in_world({lead_aircraft.ahead_m, 0, lead_aircraft.height_m}, lead_aircraft.height_m), start.heading_deg,
        phase.goal.for_s);
}

namespace {

/// What is wrong, with its place in front; nothing when all is well.
using Slip = std::optional<Message>;

Slip slip(const std::string& where, const Message& what) { return message("%1: %2", where, what); }

Slip slip_of_goal(const Phase& phase, const std::string& at)
{
    const Goal& goal = phase.goal;
    switch (goal.kind) {
    case Goal::Kind::Run: return goal.distance_m > 0 ? std::nullopt : slip(at + "/run_m", "expected more than 0 m");
    case Goal::Kind::Stay: return goal.for_s > 0 ? std::nullopt : slip(at + "/stay_s", "expected more than 0 s");
    case Goal::Kind::Lean:
        return goal.lean_deg > 0 && goal.lean_deg < 80 ? std::nullopt
                                                       : slip(at + "/lean_deg", "expected more than 0 and less than 80 degrees");
    case Goal::Kind::Chase:
        if (!(goal.for_s > 0)) return slip(at + "/chase_s", "expected more than 0 s");
        return goal.lead_aircraft.nearest_m < goal.lead_aircraft.farthest_m && goal.lead_aircraft.speed_mps > 0
                   ? std::nullopt
                   : slip(at, "expected a speed, and nearest_m under farthest_m");
    case Goal::Kind::Turn:
        return goal.turn_deg != 0 ? std::nullopt
                                  : slip(at + "/turn_deg", "expected degrees to the right or, negative, to the left");
    case Goal::Kind::Way:
        if (goal.way.empty() || goal.laps < 1) return slip(at + "/way", "expected at least one place and one lap");
        [[fallthrough]];
    case Goal::Kind::ReachHeight:
    case Goal::Kind::Go: return goal.within_m > 0 ? std::nullopt : slip(at + "/within_m", "expected more than 0 m");
    default: return std::nullopt;
    }
}

Slip slip_of_phase(const Drill& drill, const Phase& phase, const std::string& at)
{
    if (drill.phase(phase.id) != &phase) return slip(at + "/id", message("'%1' is used by two phases", phase.id));
    if (!(phase.time_limit_s > 0)) return slip(at + "/time_limit_s", "expected more than 0 s");
    if (auto wrong = slip_of_goal(phase, at + "/goal")) return wrong;
    const bool takes_time =
        phase.goal.kind == Goal::Kind::Stay || phase.goal.kind == Goal::Kind::Way || phase.goal.kind == Goal::Kind::Chase;
    if (takes_time && phase.goal.for_s >= phase.time_limit_s)
        return slip(at + "/time_limit_s", "expected more than the goal's own time");
    if (phase.mode && std::find(drill.modes.begin(), drill.modes.end(), *phase.mode) == drill.modes.end())
        return slip(at + "/mode", "is not one of the drill's modes");
    if (phase.motors_out_above_m && !(*phase.motors_out_above_m > 0))
        return slip(at + "/motors_out_above_m", "expected more than 0 m");
    if (phase.bounds.lowest_m && phase.bounds.highest_m && *phase.bounds.lowest_m >= *phase.bounds.highest_m)
        return slip(at + "/bounds", "expected lowest_m under highest_m");
    return std::nullopt;
}

bool is_of_gates(Measure m)
{
    return m == Measure::GatesHit || m == Measure::GatesMissed || m == Measure::LapS || m == Measure::LapSpread;
}

/// Of a criterion or a fault; one that names no phases is about all of them.
Slip slip_of_measuring(const Drill& drill, Measuring& m, const std::string& at)
{
    if (m.phases.empty())
        for (const Phase& phase : drill.phases) m.phases.push_back(phase.id);
    for (const std::string& id : m.phases)
        if (!drill.phase(id)) return slip(at + "/phases", message("there is no phase '%1'", id));
    if (m.measure == Measure::SideGap && !drill.has_sides())
        return slip(at + "/measure", "side_gap needs criteria of a left and a right side");
    if (is_of_gates(m.measure) && drill.gates.empty()) return slip(at + "/measure", "needs the drill's gates");
    if (m.measure == Measure::FlagDistanceM && drill.flags.empty()) return slip(at + "/measure", "needs the drill's flags");
    return std::nullopt;
}

bool in_order(const Limits& l) { return (l.fail < l.pass && l.pass <= l.merit) || (l.fail > l.pass && l.pass >= l.merit); }

Slip slip_of_criterion(const Drill& drill, Criterion& c, const std::string& at)
{
    if (auto wrong = slip_of_measuring(drill, c, at)) return wrong;
    if (!(c.weight > 0)) return slip(at + "/weight", "expected more than 0");
    if (!in_order({c.fail, c.pass, c.merit}) || (c.below && !in_order(*c.below)))
        return slip(at, "expected fail, pass and merit in rising or in falling order, pass apart from fail");
    if (c.below && !(c.below->merit <= c.merit)) return slip(at + "/below", "expected a merit limit not above the upper one");
    return std::nullopt;
}

Slip first_slip(Drill& drill)
{
    if (drill.id.empty()) return slip("/id", "expected a short name such as hover-window, found an empty text");
    if (drill.modes.empty()) return slip("/setup/modes", "expected at least one flight mode");
    if (drill.phases.empty()) return slip("/phases", "expected at least one phase");
    for (std::size_t i = 0; i < drill.phases.size(); ++i)
        if (auto wrong = slip_of_phase(drill, drill.phases[i], "/phases/" + whole_text(i))) return wrong;
    if (drill.criteria.empty()) return slip("/criteria", "expected at least one criterion");
    for (std::size_t i = 0; i < drill.criteria.size(); ++i)
        if (auto wrong = slip_of_criterion(drill, drill.criteria[i], "/criteria/" + whole_text(i))) return wrong;
    for (std::size_t i = 0; i < drill.faults.size(); ++i) {
        const std::string at = "/faults/" + whole_text(i);
        if (auto wrong = slip_of_measuring(drill, drill.faults[i], at)) return wrong;
        if (!(drill.faults[i].more_than > 0)) return slip(at + "/more_than", "expected more than 0");
    }
    return std::nullopt;
}

} // namespace

Result<Drill> checked(Drill drill)
{
    if (const Slip wrong = first_slip(drill)) return failure(Error::Code::OutOfRange, *wrong);
    return drill;
}

} // namespace bh
