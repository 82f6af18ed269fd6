#include "core/debrief/tally.h"

#include "core/base/said.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

/// How a kind is summed up over a flight.
enum class SumUp : std::uint8_t {
    TimeShare, ///< % of the flight
    PerMinute,
    FaultShare, ///< % of those seen
    MeanOf      ///< a number of the findings
};
struct KindFacts {
    SumUp how;
    std::string_view number;
    HabitMeasure measure;
    bool told_by_none; ///< a flight in which none was seen is a good one
};

const KindFacts& facts(FindingKind kind)
{
    using enum SumUp;
    static const std::array<KindFacts, finding_kind_count> all{{
        {TimeShare, "", {label("of the time rocking"), label("%")}, true},
        {PerMinute, "", {label("held pushes"), label("a minute")}, true},
        {FaultShare, "", {label("of the turns at fault"), label("%")}, false},
        {MeanOf, "height_gain_m", {label("gained in a brake"), label("m")}, false},
        {MeanOf, "exit_deg", {label("off level after a flip or roll"), label("°")}, false},
        {PerMinute, "", {label("banks left over"), label("a minute")}, true},
        {PerMinute, "", {label("sinks in a lean"), label("a minute")}, true},
        {PerMinute, "", {label("chopped throttles"), label("a minute")}, true},
        {PerMinute, "", {label("take-offs at full throttle"), label("a minute")}, true},
        {MeanOf, "sink_mps", {label("sink at the touchdown"), label("m/s")}, false},
        {MeanOf, "seconds", {label("until the throttle was cut"), label("s")}, false},
        {TimeShare, "", {label("of the time with hands on"), label("%")}, false},
    }};
    return all[static_cast<std::size_t>(kind)];
}

/// Seconds that are in any of the spans, which are in order of their beginnings.
double covered_s(const std::vector<const Finding*>& found)
{
    double covered = 0, until = -1e300;
    for (const Finding* f : found) {
        covered += std::max(0.0, f->end_s - std::max(f->start_s, until));
        until = std::max(until, f->end_s);
    }
    return covered;
}

double value_of(const KindFacts& facts, const FindingTally& t, const std::vector<const Finding*>& found, double duration_s)
{
    switch (facts.how) {
    case SumUp::TimeShare: return duration_s > 0 ? 100 * std::min(1.0, covered_s(found) / duration_s) : 0;
    case SumUp::PerMinute: return duration_s > 0 ? 60 * t.seen / duration_s : 0;
    case SumUp::FaultShare: return t.seen > 0 ? 100.0 * t.faults / t.seen : 0;
    case SumUp::MeanOf: break;
    }
    double sum = 0;
    for (const Finding* f : found) sum += std::abs(f->number(facts.number).value_or(0));
    return found.empty() ? 0 : sum / static_cast<double>(found.size());
}

} // namespace

bool FindingTally::operator==(const FindingTally& other) const
{
    const auto same = [](const OfSide& a, const OfSide& b) { return a.seen == b.seen && a.faults == b.faults; };
    return kind == other.kind && seen == other.seen && faults == other.faults && value == other.value &&
           std::equal(sides.begin(), sides.end(), other.sides.begin(), same);
}

const FindingTally* FlightTally::of(FindingKind kind) const
{
    const auto found = std::find_if(kinds.begin(), kinds.end(), [kind](const FindingTally& t) { return t.kind == kind; });
    return found == kinds.end() ? nullptr : &*found;
}

FlightTally tally(const Debrief& debrief)
{
    FlightTally all;
    for (std::size_t k = 0; k < finding_kind_count; ++k) {
        FindingTally t;
        t.kind = static_cast<FindingKind>(k);
        std::vector<const Finding*> found;
        for (const Finding& f : debrief.findings) {
            if (f.kind != t.kind) continue;
            found.push_back(&f);
            ++t.seen, t.faults += f.fault;
            if (!f.side) continue;
            FindingTally::OfSide& side = t.sides[*f.side == Side::Right ? 1 : 0];
            ++side.seen, side.faults += f.fault;
        }
        const bool needs_place = !debrief.has_position && k >= static_cast<std::size_t>(FindingKind::SinkInLean);
        if (found.empty() && (!facts(t.kind).told_by_none || needs_place)) continue;
        t.value = std::round(100 * value_of(facts(t.kind), t, found, debrief.duration_s)) / 100;
        all.kinds.push_back(t);
    }
    return all;
}

HabitMeasure habit_measure(FindingKind kind) { return facts(kind).measure; }

} // namespace bh
