#include "core/drill/drill.h"

#include "core/drill/value_words.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {

std::string value_in_words(double value, Unit unit)
{
    char text[48];
    if (unit == Unit::Share)
        std::snprintf(text, sizeof text, "%.0f %%", 100 * value);
    else if (unit == Unit::Count)
        std::snprintf(text, sizeof text, "%.0f", value);
    else
        std::snprintf(text, sizeof text, "%.1f %s", value, unit_key(unit).data());
    return text;
}

const Phase* Drill::phase(const std::string& wanted) const
{
    const auto found = std::find_if(phases.begin(), phases.end(), [&](const Phase& p) { return p.id == wanted; });
    return found == phases.end() ? nullptr : &*found;
}

Vec3 Drill::in_world(const DrillPlace& place, double otherwise_height_m) const
{
    const double c = std::cos(radians(start.heading_deg)), s = std::sin(radians(start.heading_deg));
    return {start.north_m + c * place.along_m - s * place.across_m, start.east_m + s * place.along_m + c * place.across_m,
            -place.height_m.value_or(otherwise_height_m)};
}

Result<Drill> checked(Drill drill)
{
    const auto wrong = [](const std::string& where, const std::string& what) {
        return failure(Error::Code::OutOfRange, where + ": " + what);
    };
    if (drill.id.empty()) return wrong("/id", "expected a short name such as hover-window, found an empty text");
    if (drill.modes.empty()) return wrong("/setup/modes", "expected at least one flight mode");
    if (drill.phases.empty()) return wrong("/phases", "expected at least one phase");
    for (std::size_t i = 0; i < drill.phases.size(); ++i) {
        const Phase& phase = drill.phases[i];
        const std::string at = "/phases/" + std::to_string(i);
        if (drill.phase(phase.id) != &phase) return wrong(at + "/id", "'" + phase.id + "' is used by two phases");
        if (!(phase.time_limit_s > 0)) return wrong(at + "/time_limit_s", "expected more than 0 s");
        if (phase.goal.kind == Goal::Kind::Run && !(phase.goal.distance_m > 0))
            return wrong(at + "/goal/run_m", "expected more than 0 m");
        if (phase.goal.kind == Goal::Kind::Stay && !(phase.goal.for_s > 0))
            return wrong(at + "/goal/stay_s", "expected more than 0 s");
        if (phase.goal.kind == Goal::Kind::Stay && phase.goal.for_s >= phase.time_limit_s)
            return wrong(at + "/time_limit_s", "expected more than the goal's own time");
        const auto allowed = [&](Mode mode) {
            return std::find(drill.modes.begin(), drill.modes.end(), mode) != drill.modes.end();
        };
        if (phase.mode && !allowed(*phase.mode)) return wrong(at + "/mode", "is not one of the drill's modes");
        if (phase.motors_out_above_m && !(*phase.motors_out_above_m > 0))
            return wrong(at + "/motors_out_above_m", "expected more than 0 m");
        if (phase.bounds.lowest_m && phase.bounds.highest_m && *phase.bounds.lowest_m >= *phase.bounds.highest_m)
            return wrong(at + "/bounds", "expected lowest_m under highest_m");
        if (phase.goal.kind == Goal::Kind::Turn && phase.goal.turn_deg == 0)
            return wrong(at + "/goal/turn_deg", "expected degrees to the right or, negative, to the left");
        if (phase.goal.kind == Goal::Kind::Way && (phase.goal.way.empty() || phase.goal.laps < 1))
            return wrong(at + "/goal/way", "expected at least one place and one lap");
        const bool somewhere =
            phase.goal.kind == Goal::Kind::ReachHeight || phase.goal.kind == Goal::Kind::Go || phase.goal.kind == Goal::Kind::Way;
        if (somewhere && !(phase.goal.within_m > 0)) return wrong(at + "/goal/within_m", "expected more than 0 m");
    }
    if (drill.criteria.empty()) return wrong("/criteria", "expected at least one criterion");
    const bool has_sides =
        std::any_of(drill.criteria.begin(), drill.criteria.end(), [](const Criterion& c) { return c.side.has_value(); });
    // Fills in the phases of one that is about all of them; what is wrong with it, nothing when all is well.
    const auto measuring_slip = [&](Measuring& m) -> std::optional<std::pair<std::string, std::string>> {
        if (m.phases.empty())
            for (const Phase& phase : drill.phases) m.phases.push_back(phase.id);
        for (const std::string& id : m.phases)
            if (!drill.phase(id)) return std::pair<std::string, std::string>{"/phases", "there is no phase '" + id + "'"};
        if (m.measure == Measure::SideGap && !has_sides)
            return std::pair<std::string, std::string>{"/measure", "side_gap needs criteria of a left and a right side"};
        if ((m.measure == Measure::GatesHit || m.measure == Measure::GatesMissed || m.measure == Measure::LapS ||
             m.measure == Measure::LapSpread) &&
            drill.gates.empty())
            return std::pair<std::string, std::string>{"/measure", "needs the drill's gates"};
        if (m.measure == Measure::FlagDistanceM && drill.flags.empty())
            return std::pair<std::string, std::string>{"/measure", "needs the drill's flags"};
        return std::nullopt;
    };
    for (std::size_t i = 0; i < drill.criteria.size(); ++i) {
        Criterion& c = drill.criteria[i];
        const std::string at = "/criteria/" + std::to_string(i);
        if (const auto slip = measuring_slip(c)) return wrong(at + slip->first, slip->second);
        if (!(c.weight > 0)) return wrong(at + "/weight", "expected more than 0");
        const auto in_order = [](const Limits& l) {
            return (l.fail < l.pass && l.pass <= l.merit) || (l.fail > l.pass && l.pass >= l.merit);
        };
        if (!in_order({c.fail, c.pass, c.merit}) || (c.below && !in_order(*c.below)))
            return wrong(at, "expected fail, pass and merit in rising or in falling order, pass apart from fail");
        if (c.below && !(c.below->merit <= c.merit))
            return wrong(at + "/below", "expected a merit limit not above the upper one");
    }
    for (std::size_t i = 0; i < drill.faults.size(); ++i) {
        const std::string at = "/faults/" + std::to_string(i);
        if (const auto slip = measuring_slip(drill.faults[i])) return wrong(at + slip->first, slip->second);
        if (!(drill.faults[i].more_than > 0)) return wrong(at + "/more_than", "expected more than 0");
    }
    return drill;
}

} // namespace bh
