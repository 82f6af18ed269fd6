#include "core/debrief/compare.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

namespace bh {
namespace {

/// Rows about evenly in time, the last one with them: enough to tell places apart, few enough to compare all with all.
std::vector<std::size_t> few_rows(const FlightLog& log, double from_s, double to_s)
{
    constexpr double each_s = 0.1;
    constexpr double most = 600;
    const RowSpan rows = rows_between(log, from_s, std::nextafter(to_s, 1e300));
    const double step_s = std::max(each_s, (to_s - from_s) / most);
    std::vector<std::size_t> few;
    for (std::size_t i = rows.first; i < rows.last; ++i)
        if (few.empty() || log.t_s[i] - log.t_s[few.back()] >= step_s) few.push_back(i);
    if (rows.size() > 0 && few.back() + 1 < rows.last) few.push_back(rows.last - 1);
    return few;
}

std::vector<Vec3> places(const FlightLog& log, const std::vector<std::size_t>& rows)
{
    std::vector<Vec3> all;
    all.reserve(rows.size());
    for (const std::size_t i : rows) all.emplace_back(log.north_m[i], log.east_m[i], log.height_m[i]);
    return all;
}

/// The phases that both have, in this flight's order: the n-th of a name with the n-th; the whole flights where there are none.
std::vector<ComparedPhase> phases_of_both(const FlightLog& log, const Debrief& found, const FlightLog& other,
                                          const Debrief& other_found)
{
    std::vector<ComparedPhase> phases;
    std::map<std::string, std::size_t> nth;
    double other_until_s = -1e300;
    for (const PhaseDebrief& p : found.phases) {
        std::size_t skip = nth[p.id]++;
        for (const PhaseDebrief& q : other_found.phases) {
            if (q.id != p.id || skip-- > 0) continue;
            if (q.start_s >= other_until_s - 1e-9) {
                phases.push_back({p.id, p.start_s, p.end_s, q.start_s, q.end_s});
                other_until_s = q.end_s;
            }
            break;
        }
    }
    if (phases.empty()) phases.push_back({"", log.t_s.front(), log.t_s.back(), other.t_s.front(), other.t_s.back()});
    return phases;
}

/// "0.8 s later and 1.9 m higher", of what is over its threshold; and how far over.
class Told {
public:
    /// `places` of the difference in `more` and `less`.
    void add(double difference, double threshold, std::string_view more, std::string_view less, int places = 1)
    {
        if (std::abs(difference) < threshold) return;
        const Message one = message(difference > 0 ? more : less, rounded(std::abs(difference), places));
        words_ = words_.empty() ? one : message("%1 and %2", words_, one);
        weight_ += std::abs(difference) / threshold;
    }
    void into(std::vector<Difference>& all, const std::string& phase, std::string_view what, double at_s) const
    {
        if (!words_.empty()) all.push_back({phase, message(what, words_), at_s, weight_});
    }

private:
    Message words_;
    double weight_ = 0;
};

/// Thresholds below which nobody would speak of it (house).
constexpr double told_s = 0.2, told_m = 0.5, told_mps = 0.3, told_share = 0.1, told_sd = 0.03, told_radius_m = 1,
                 told_whole_s = 1;

double height_at(const FlightLog& log, double t_s)
{
    const std::size_t row = rows_between(log, t_s, t_s).first;
    return log.height_m[std::min(row, log.size() - 1)];
}

std::vector<const Finding*> of_kind(const Debrief& d, FindingKind kind, double from_s, double to_s)
{
    std::vector<const Finding*> all;
    for (const Finding& f : d.findings)
        if (f.kind == kind && f.start_s >= from_s && f.start_s <= to_s) all.push_back(&f);
    return all;
}

/// Brakes, turns and landings, one after the other.
void tell_of_findings(const ComparedPhase& p, const FlightLog& log, const Debrief& found, const FlightLog& other,
                      const Debrief& other_found, std::vector<Difference>& differences)
{
    const auto in_pairs = [&](FindingKind kind, const auto& tell) {
        const auto ours = of_kind(found, kind, p.from_s, p.to_s),
                   theirs = of_kind(other_found, kind, p.other_from_s, p.other_to_s);
        for (std::size_t i = 0; i < std::min(ours.size(), theirs.size()); ++i) tell(*ours[i], *theirs[i]);
    };
    const auto later_s = [&](const Finding& a, const Finding& b) { return a.start_s - p.from_s - (b.start_s - p.other_from_s); };
    const auto more = [](const Finding& a, const Finding& b, const char* key) {
        const auto x = a.number(key), y = b.number(key);
        return x && y ? *x - *y : 0;
    };
    in_pairs(FindingKind::Brake, [&](const Finding& a, const Finding& b) {
        Told told;
        told.add(later_s(a, b), told_s, label("%1 s later"), label("%1 s earlier"));
        told.add(height_at(log, a.start_s) - height_at(other, b.start_s), told_m, label("%1 m higher"), label("%1 m lower"));
        told.add(more(a, b, "height_gain_m"), told_m, label("gains %1 m more"), label("gains %1 m less"));
        told.into(differences, p.id, label("brakes %1"), a.start_s);
    });
    in_pairs(FindingKind::Turn, [&](const Finding& a, const Finding& b) {
        Told told;
        told.add(later_s(a, b), told_s, label("%1 s later"), label("%1 s earlier"));
        told.add(more(a, b, "radius_m"), told_radius_m, label("%1 m wider"), label("%1 m tighter"));
        told.add(more(a, b, "yaw_share"), told_share, label("with a yaw share %1 higher"), label("with a yaw share %1 lower"), 2);
        told.into(differences, p.id, label("turns in %1"), a.start_s);
    });
    in_pairs(FindingKind::Landing, [&](const Finding& a, const Finding& b) {
        Told told;
        told.add(more(a, b, "sink_mps"), told_mps, label("%1 m/s harder"), label("%1 m/s softer"));
        told.into(differences, p.id, label("touches down %1"), a.start_s);
    });
}

/// What two flights of a phase differ by as a whole.
void tell_of_phase(const ComparedPhase& p, const Debrief& found, const Debrief& other_found, double higher_m,
                   std::vector<Difference>& differences)
{
    Told told;
    told.add(p.to_s - p.from_s - (p.other_to_s - p.other_from_s), told_whole_s, label("takes %1 s longer"),
             label("takes %1 s less"));
    told.add(higher_m, told_m, label("is %1 m higher in the mean"), label("is %1 m lower in the mean"));
    const auto phase = [&p](const Debrief& d, double from_s) -> const PhaseDebrief* {
        for (const PhaseDebrief& q : d.phases)
            if (q.id == p.id && q.start_s == from_s) return &q;
        return nullptr;
    };
    const PhaseDebrief *a = phase(found, p.from_s), *b = phase(other_found, p.other_from_s);
    if (a && b) {
        if (a->speed_mps && b->speed_mps)
            told.add(*a->speed_mps - *b->speed_mps, 2 * told_mps, label("is %1 m/s faster"), label("is %1 m/s slower"));
        told.add(100 * (a->rocking_share - b->rocking_share), 100 * told_share, label("rocks for %1 % more of the time"),
                 label("rocks for %1 % less of the time"), 0);
        told.add(100 * (a->throttle_sd - b->throttle_sd), 100 * told_sd, label("moves the throttle by %1 % more"),
                 label("moves the throttle by %1 % less"), 0);
    }
    told.into(differences, p.id, "%1", p.from_s);
}

} // namespace

Warping warped(const std::vector<Vec3>& way, const std::vector<Vec3>& other)
{
    const std::size_t n = way.size(), m = other.size();
    constexpr double never = std::numeric_limits<double>::infinity();
    std::vector<double> sum(n * m, never);
    const auto at = [m](std::size_t i, std::size_t j) { return i * m + j; };
    for (std::size_t i = 0; i < n; ++i)
        for (std::size_t j = 0; j < m; ++j) {
            double before = i == 0 && j == 0 ? 0 : never;
            if (i > 0 && j > 0) before = std::min(before, sum[at(i - 1, j - 1)]);
            if (i > 0) before = std::min(before, sum[at(i - 1, j)]);
            if (j > 0) before = std::min(before, sum[at(i, j - 1)]);
            sum[at(i, j)] = before + (way[i] - other[j]).norm();
        }
    Warping w;
    w.distance_m = sum.back();
    for (std::size_t i = n - 1, j = m - 1;;) {
        w.pairs.emplace_back(i, j);
        if (i == 0 && j == 0) break;
        const double both = i > 0 && j > 0 ? sum[at(i - 1, j - 1)] : never, first = i > 0 ? sum[at(i - 1, j)] : never,
                     second = j > 0 ? sum[at(i, j - 1)] : never;
        if (both <= first && both <= second)
            --i, --j;
        else if (first <= second)
            --i;
        else
            --j;
    }
    std::reverse(w.pairs.begin(), w.pairs.end());
    return w;
}

double Comparison::other_time_s(double t_s) const
{
    if (times.empty()) return t_s;
    const auto after =
        std::lower_bound(times.begin(), times.end(), t_s, [](const auto& pair, double t) { return pair.first < t; });
    if (after == times.begin()) return times.front().second;
    if (after == times.end()) return times.back().second;
    const auto& [t0, u0] = *std::prev(after);
    const auto& [t1, u1] = *after;
    return t1 > t0 ? u0 + (u1 - u0) * (t_s - t0) / (t1 - t0) : u1;
}

Result<Comparison> compare(const FlightLog& log, const Debrief& found, const FlightLog& other, const Debrief& other_found)
{
    if (!log.has_position || !other.has_position || log.size() < 2 || other.size() < 2)
        return bad_input("flights are compared by place, and one of these has no positions");
    Comparison c;
    c.phases = phases_of_both(log, found, other, other_found);
    for (ComparedPhase& p : c.phases) {
        const auto ours = few_rows(log, p.from_s, p.to_s), theirs = few_rows(other, p.other_from_s, p.other_to_s);
        if (ours.empty() || theirs.empty()) continue;
        const Warping w = warped(places(log, ours), places(other, theirs));
        double higher = 0;
        for (const auto& [i, j] : w.pairs) {
            const double t = log.t_s[ours[i]], u = other.t_s[theirs[j]];
            const double bent = t - p.from_s - (u - p.other_from_s);
            p.bent_s += std::abs(bent) / static_cast<double>(w.pairs.size());
            if (std::abs(bent) > std::abs(p.most_bent_s)) p.most_bent_s = bent;
            higher += (log.height_m[ours[i]] - other.height_m[theirs[j]]) / static_cast<double>(w.pairs.size());
            if (c.times.empty() || (t > c.times.back().first && u >= c.times.back().second)) c.times.emplace_back(t, u);
        }
        p.apart_m = w.distance_m / static_cast<double>(w.pairs.size());
        tell_of_findings(p, log, found, other, other_found, c.differences);
        tell_of_phase(p, found, other_found, higher, c.differences);
    }
    std::stable_sort(c.differences.begin(), c.differences.end(),
                     [](const Difference& a, const Difference& b) { return a.weight > b.weight; });
    return c;
}

FlightLog laid_over(const FlightLog& log, const FlightLog& other, const Comparison& by)
{
    FlightLog over;
    for (const double t_s : log.t_s) {
        const double u_s = by.other_time_s(t_s);
        const auto after = std::lower_bound(other.t_s.begin(), other.t_s.end(), u_s);
        FlightSample s = other.sample(std::min(static_cast<std::size_t>(after - other.t_s.begin()), other.size() - 1));
        s.t_s = t_s;
        over.append(s);
    }
    over.has_position = other.has_position;
    return over;
}

} // namespace bh
