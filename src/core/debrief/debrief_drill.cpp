// A debrief of a drill: what it asks for is no fault, what its score found is one, and its numbers phase by phase.
#include "core/base/stats.h"
#include "core/debrief/debrief.h"
#include "core/path/rocking.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// Whether a phase that the finding reaches into asks for it.
bool asked_for(const Finding& f, const FlightLog& log, const DrillRunner& runner)
{
    return std::any_of(runner.spans().begin(), runner.spans().end(), [&](const PhaseSpan& span) {
        const auto& asks = runner.drill().phases[span.phase].asks;
        return span.rows.size() > 0 && f.start_s <= log.t_s[span.rows.last - 1] && f.end_s >= log.t_s[span.rows.first] &&
               std::find(asks.begin(), asks.end(), finding_key(f.kind)) != asks.end();
    });
}

std::vector<PhaseDebrief> phases_of(const FlightLog& log, const DrillRunner& runner, const std::vector<Finding>& found)
{
    std::vector<PhaseDebrief> phases;
    for (const PhaseSpan& span : runner.spans()) {
        if (span.rows.size() < 2) continue;
        const Phase& phase = runner.drill().phases[span.phase];
        PhaseDebrief p;
        p.id = phase.id, p.side = phase.side;
        p.start_s = log.t_s[span.rows.first], p.end_s = log.t_s[span.rows.last - 1];
        p.rocking_share = rocking_share(log, span.rows, std::nullopt);
        const auto part = [&](const std::vector<double>& column) {
            return std::vector<double>(column.begin() + static_cast<std::ptrdiff_t>(span.rows.first),
                                       column.begin() + static_cast<std::ptrdiff_t>(span.rows.last));
        };
        p.throttle_sd = sample_sd(part(log.throttle));
        std::size_t reversals = 0;
        for (const StickAxis axis : {StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll})
            reversals += turning_points(stick_column(log, axis), span.rows, 0.12).size();
        p.reversals_hz = static_cast<double>(reversals) / std::max(p.end_s - p.start_s, 1e-3);
        double squares = 0, speed = 0;
        for (std::size_t i = span.rows.first; i < span.rows.last; ++i) {
            squares += (log.height_m[i] - phase.height_m) * (log.height_m[i] - phase.height_m);
            speed += std::hypot(log.vn_mps[i], log.ve_mps[i]);
        }
        const auto rows = static_cast<double>(span.rows.size());
        if (phase.window_m > 0) p.height_rms_m = std::sqrt(squares / rows);
        p.speed_mps = speed / rows;
        p.faults = static_cast<int>(std::count_if(found.begin(), found.end(), [&](const Finding& f) {
            return f.fault && f.start_s >= p.start_s && f.start_s < p.end_s;
        }));
        phases.push_back(std::move(p));
    }
    return phases;
}

/// The finding that a score's fault is; its number is the measure's value.
Finding finding_of(const FaultFound& fault, const FindingFacts& facts, const FlightLog& log)
{
    Finding f;
    f.kind = facts.kind;
    f.axis = facts.axis;
    const TimeSpan span = fault.span.value_or(TimeSpan{log.t_s.front(), log.t_s.back()});
    f.start_s = span.from_s, f.end_s = span.to_s;
    f.fault = true;
    f.weight = facts.weight.from; // how bad it was, a drill's own limit says
    const auto* by = std::find_if(facts.measures.begin(), facts.measures.end(),
                                  [&](const auto& m) { return m.measure == fault.fault.measure; });
    for (const std::string_view key : facts.numbers) {
        if (key.empty()) break;
        f.numbers.push_back({key, {}});
        if (key == by->number) f.numbers.back().value = fault.value;
    }
    return f;
}

void add_of_score(const Score& score, const FlightLog& log, std::vector<Finding>& found)
{
    for (const FaultFound& fault : score.faults) {
        const FindingFacts* facts = finding_by(fault.fault.measure);
        if (!facts) continue;
        const bool known =
            std::any_of(found.begin(), found.end(), [&](const Finding& f) { return f.kind == facts->kind && f.fault; });
        if (!known) found.push_back(finding_of(fault, *facts, log));
    }
}

} // namespace

Debrief debrief(const FlightLog& log, const Drill& drill, const Score* score)
{
    DebriefOptions options;
    for (const DrillPlace& flag : drill.flags) options.flags_m.emplace_back(drill.in_world(flag, 0).head<2>());
    Debrief d = debrief(log, options);
    if (!log.has_position || drill.free || drill.sticks_only) return d;
    DrillRunner runner(drill);
    runner.follow(log);
    for (Finding& f : d.findings)
        if (f.fault && asked_for(f, log, runner)) f.fault = false, f.weight = 0;
    if (score) add_of_score(*score, log, d.findings);
    std::stable_sort(d.findings.begin(), d.findings.end(),
                     [](const Finding& a, const Finding& b) { return a.start_s < b.start_s; });
    d.phases = phases_of(log, runner, d.findings);
    return d;
}

} // namespace bh
