#include "core/debrief/tally.h"

#include "core/base/message.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

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

double value_of(const FindingFacts& facts, const FindingTally& t, const std::vector<const Finding*>& found, double duration_s)
{
    switch (facts.sum_up) {
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
    return kind == other.kind && seen == other.seen && faults == other.faults && value == other.value && weight == other.weight &&
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
    for (const FindingFacts& facts : finding_kinds()) {
        FindingTally t;
        t.kind = facts.kind;
        std::vector<const Finding*> found;
        for (const Finding& f : debrief.findings) {
            if (f.kind != t.kind) continue;
            found.push_back(&f);
            ++t.seen, t.faults += f.fault;
            t.weight = std::max(t.weight, f.fault ? std::round(10 * f.weight) / 10 : 0);
            if (!f.side) continue;
            FindingTally::OfSide& side = t.sides[*f.side == Side::Right ? 1 : 0];
            ++side.seen, side.faults += f.fault;
        }
        const bool cannot_tell = !debrief.has_position && facts.needs_position;
        if (found.empty() && (!facts.none_is_good || cannot_tell)) continue;
        t.value = std::round(100 * value_of(facts, t, found, debrief.duration_s)) / 100;
        all.kinds.push_back(t);
    }
    return all;
}

} // namespace bh
