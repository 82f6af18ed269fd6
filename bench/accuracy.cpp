// How far the measures and the limits can be believed, with the stand-in pilot in every drill: habits planted and found, passes
// by skill, and the yaw lead of clean flights. `accuracy [SEEDS]` (20) prints its tables, `accuracy SEEDS DRILL` those of one
// drill, `accuracy SEEDS second` and `accuracy SEEDS rates` only those of the second hand and of rates from logs; slow, not part
// of the tests.
#include "core/base/stats.h"
#include "core/debrief/coaching.h"
#include "core/drill/demonstration.h"
#include "core/rates/rate_match.h"
#include "core/rates/rates_from_log.h"
#include "core/standin/crossover_pilot.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "must.h"

#include <algorithm>
#include <atomic>
#include <cstdio>
#include <map>
#include <string>
#include <thread>
#include <vector>

using namespace bh;

namespace {

/// The measures by which a habit is found.
const std::map<std::string_view, std::vector<Measure>> found_by{
    {"rocking", {Measure::RockingShare}},
    {"held-push", {Measure::HeldPushes}},
    {"yaw-only", {Measure::YawAloneTurns}},
    {"ballooning", {Measure::BalloonM, Measure::BrakeGainM, Measure::OvershootM}},
    {"no-throttle-cut", {Measure::ThrottleCutS}},
    {"one-sided", {Measure::SideGap}},
    {"bank-left-over", {Measure::BanksLeftOver}},
    {"sink-in-lean", {Measure::SinkInLeanM}},
    {"chopped-throttle", {Measure::ChoppedThrottles}},
    {"full-throttle", {Measure::FullThrottleTakeOffs}},
    {"hands-on", {Measure::HandsOnShare}}};

/// The kind of a debrief's finding that a habit shows itself by.
const std::map<std::string_view, FindingKind> found_as{{"rocking", FindingKind::Rocking},
                                                       {"held-push", FindingKind::HeldPush},
                                                       {"yaw-only", FindingKind::Turn},
                                                       {"ballooning", FindingKind::Brake},
                                                       {"no-throttle-cut", FindingKind::ThrottleCut},
                                                       {"bank-left-over", FindingKind::BankLeftOver},
                                                       {"sink-in-lean", FindingKind::SinkInLean},
                                                       {"chopped-throttle", FindingKind::ChoppedThrottle},
                                                       {"full-throttle", FindingKind::FullThrottleTakeOff},
                                                       {"hands-on", FindingKind::HandsOn}};

/// What a debrief says of a flight: kinds of its faults by weight, and the kinds that its advice is about.
struct Said {
    std::vector<FindingKind> faults, advised;
};
Said debriefed(const Drill& drill, const FlownDrill& flown, const std::vector<CoachingRule>& rules)
{
    Said said;
    const Debrief d = debrief(flown.log, drill, &flown.score);
    for (const Finding* f : d.faults())
        if (std::find(said.faults.begin(), said.faults.end(), f->kind) == said.faults.end()) said.faults.push_back(f->kind);
    for (const Advice& a : advise(d, rules, &flown.score))
        for (const CoachingRule& rule : rules)
            if (rule.id == a.rule) said.advised.push_back(rule.finding);
    return said;
}
bool among(const std::vector<FindingKind>& kinds, FindingKind kind, std::size_t first = SIZE_MAX)
{
    const auto end = kinds.begin() + static_cast<std::ptrdiff_t>(std::min(first, kinds.size()));
    return std::find(kinds.begin(), end, kind) != end;
}

bool told(const FlownDrill& flown, const std::vector<Measure>& measures)
{
    return std::any_of(flown.score.faults.begin(), flown.score.faults.end(), [&](const FaultFound& f) {
        return std::find(measures.begin(), measures.end(), f.fault.measure) != measures.end();
    });
}

/// Flies a drill, with a demonstration of the hover where it is one of sticks alone.
FlownDrill fly(const DataFolder& data, const Drill& drill, double skill, std::uint64_t seed, const StandInFaults& faults = {})
{
    const RateProfile rates;
    Drill flown = drill;
    if (drill.sticks_only) {
        const Drill shown = must(data.drill("figure-eight"));
        static const FlightLog log = must(fly_drill(shown, must(data.setup_for(shown, rates)), 0.95, 1)).log;
        flown = shadowing(drill, std::make_shared<const FlightLog>(log));
    }
    return must(fly_drill(flown, must(data.setup_for(flown, rates)), skill, seed, faults));
}

struct Row {
    std::string drill;
    std::map<std::string, std::pair<int, int>> planted; ///< habit: really flown, and found
    std::map<std::string, int> alarms;                  ///< on clean flights, by label
    std::map<std::string, std::map<std::string, int>> crossed;
    std::map<std::string, int> weak_side; ///< faults of clean flights at the skill that "one-sided" has on its weak side
    int passes[3] = {0, 0, 0}, holds_at_best = 0;
    std::map<std::string, int> why[3]; ///< not passed, first words
    std::vector<double> yaw_lead_ms;
    struct Debriefed {
        int planted = 0, first_two = 0, advised = 0;
        std::map<std::string, int> instead; ///< the first two, where it was none of them
    };
    std::map<std::string, Debriefed> debriefed; ///< by habit
    std::map<std::string, int> debrief_alarms;  ///< clean flights with a fault, by its kind
    int clean_with_fault = 0;
};
constexpr double skills[3] = {0.15, 0.6, 0.95};

Row row_of(const DataFolder& data, const Drill& drill, std::uint64_t seeds)
{
    Row row;
    const std::vector<CoachingRule> rules = must(data.coaching()).rules;
    row.drill = drill.id;
    for (std::uint64_t seed = 1; seed <= seeds; ++seed) {
        for (int k = 0; k < 3; ++k) {
            const FlownDrill flown = fly(data, drill, skills[k], seed);
            row.passes[k] += flown.score.passed;
            if (k == 2) row.holds_at_best += flown.score.holds;
            if (!flown.score.passed) ++row.why[k][summary_of(flown.score).english().substr(0, 60)];
        }
        const FlownDrill clean = fly(data, drill, 0.9, seed);
        for (const FaultFound& f : clean.score.faults) ++row.alarms[f.fault.label];
        const Said said = debriefed(drill, clean, rules);
        row.clean_with_fault += !said.faults.empty();
        for (const FindingKind kind : said.faults) ++row.debrief_alarms[std::string(finding_key(kind))];
        if (const auto lead = measure(clean.log, {0, clean.log.size()}, Measure::YawLeadMs)) row.yaw_lead_ms.push_back(*lead);
        if (drill.sticks_only) continue;
        for (const FaultFound& f : fly(data, drill, 0.9 - StandInPilot::weaker_on_one_side, seed).score.faults)
            ++row.weak_side[f.fault.label];
        for (const StandInHabit& habit : stand_in_habits()) {
            const std::vector<Measure>& measures = found_by.at(habit.name);
            StandInFaults faults;
            faults.*habit.planted = true;
            const FlownDrill flown = fly(data, drill, 0.9, seed, faults);
            if (!(flown.planted.*habit.planted)) continue;
            const std::string name(habit.name);
            auto& [planted, found] = row.planted[name];
            ++planted;
            found += told(flown, measures);
            if (const auto as = found_as.find(habit.name); as != found_as.end()) {
                const Said says = debriefed(drill, flown, rules);
                Row::Debriefed& d = row.debriefed[name];
                ++d.planted;
                const bool first_two = among(says.faults, as->second, 2);
                d.first_two += first_two;
                d.advised += among(says.advised, as->second);
                std::string instead;
                for (std::size_t i = 0; i < std::min<std::size_t>(2, says.faults.size()); ++i)
                    instead += (i ? ", " : "") + std::string(finding_key(says.faults[i]));
                if (!first_two) ++d.instead[instead.empty() ? "nothing" : instead];
            }
            for (const FaultFound& f : flown.score.faults)
                if (std::find(measures.begin(), measures.end(), f.fault.measure) == measures.end())
                    ++row.crossed[name][f.fault.label];
        }
    }
    return row;
}

/// How far a debrief can be believed: habits that were really flown, and clean flights.
void print_debriefs(const std::vector<Row>& rows, std::uint64_t seeds)
{
    std::printf(
        "\nDebrief: planted habit among the first two kinds of fault, and named by the advice, of flights that have it\n");
    int planted = 0, first_two = 0, advised = 0, alarmed = 0;
    for (const StandInHabit& h : stand_in_habits()) {
        Row::Debriefed all;
        std::map<std::string, int> where;
        for (const Row& row : rows) {
            const auto d = row.debriefed.find(std::string(h.name));
            if (d == row.debriefed.end()) continue;
            all.planted += d->second.planted, all.first_two += d->second.first_two, all.advised += d->second.advised;
            for (const auto& [kinds, count] : d->second.instead) where[row.drill + ": " + kinds] += count;
        }
        if (all.planted == 0) continue;
        planted += all.planted, first_two += all.first_two, advised += all.advised;
        std::printf("  %-17s %4d flights, first or second %5.1f%%, advised %5.1f%%\n", std::string(h.name).c_str(), all.planted,
                    100.0 * all.first_two / all.planted, 100.0 * all.advised / all.planted);
        for (const auto& [kinds, count] : where) std::printf("      %d× %s\n", count, kinds.c_str());
    }
    std::printf("  all               %4d flights, first or second %5.1f%%, advised %5.1f%%\n", planted,
                100.0 * first_two / std::max(1, planted), 100.0 * advised / std::max(1, planted));
    for (const Row& row : rows) {
        alarmed += row.clean_with_fault;
        for (const auto& [kind, count] : row.debrief_alarms)
            std::printf("  clean, but told of: %-16s %s %d\n", row.drill.c_str(), kind.c_str(), count);
    }
    std::printf("  clean flights with a fault: %d of %d, %.1f%%\n", alarmed, static_cast<int>(seeds * rows.size()),
                100.0 * alarmed / static_cast<double>(seeds * rows.size()));
}

/// A flight in acro high up, with sticks that wander by a share of their travel, and what spoils its log.
struct Spoilt {
    const char* name;
    double seconds = 30, travel = 1, delay_s = 0, noise_dps = 0, most_dps2 = 9000;
};
FlightLog wandering_flight(const RateProfile& rates, const Spoilt& as, std::uint64_t seed)
{
    FlightSetup setup;
    setup.world.half_size_m = 1e6;
    setup.rates = rates;
    setup.start.height_m = 2000;
    setup.airframe.max_angular_accel_dps2 = as.most_dps2;
    Flight flight = must(Flight::create(setup));
    SeededRandom luck(seed);
    Sticks sticks{0.5, 0, 0, 0};
    double slow = 0, noise = 0;
    while (flight.time_s() < as.seconds) {
        if (!flight.step(sticks)) continue;
        slow = 0.985 * slow + 0.11 * luck.normal();
        sticks.roll = std::clamp(0.85 * sticks.roll + 0.15 * as.travel * slow, -as.travel, as.travel);
    }
    FlightLog log = flight.log();
    const auto late = static_cast<std::size_t>(std::lround(as.delay_s * 100));
    const std::vector<double> p_dps = log.p_dps;
    for (std::size_t i = 0; i < log.size(); ++i) {
        noise = 0.967 * noise + std::sqrt(1 - 0.967 * 0.967) * as.noise_dps * luck.normal(); // fades within 0.3 s
        log.p_dps[i] = p_dps[i >= late ? i - late : 0] + noise;
    }
    return log;
}

/// How often the true curve lies in its interval over the stick that was flown, at ten places of 60 flights.
void print_rates_coverage()
{
    const Spoilt ways[] = {{"as it is"},
                           {"delay of 20 ms", 30, 1, 0.02},
                           {"coloured noise", 30, 1, 0, 8},
                           {"acceleration limit", 30, 1, 0, 2, 2500},
                           {"small sticks", 30, 0.3, 0, 4},
                           {"10 s of flight", 10, 1, 0, 4}};
    std::printf("\nRates from a log: the true curve lies in its 95 %% interval, of 100\n%-14s", "");
    for (const Spoilt& way : ways) std::printf("%20s", way.name);
    std::printf("\n");
    for (const RateCurve& curve : {RateCurve{CentreMaxCurve{160, 480, 0.3}}, RateCurve{GainEdgeCurve{1.0, 0.6, 0.15}},
                                   RateCurve{GainCurveCurve{0.9, 0.6, 0.3}}, RateCurve{PercentEndCurve{300, 60, 40}},
                                   RateCurve{LinearExpoCurve{420, 0.3}}}) {
        const std::string family(family_key(curve));
        std::printf("%-14s", family.c_str());
        for (const Spoilt& way : ways) {
            RateProfile rates;
            rates.roll = curve;
            int inside = 0, all = 0;
            for (std::uint64_t seed = 1; seed <= 60; ++seed) {
                const auto found = rates_from_log(wandering_flight(rates, way, seed), StickAxis::Roll, family);
                if (!found) continue;
                for (std::size_t k = 1; k < found->interval.size(); ++k) {
                    const CurveInterval& at = found->interval[k];
                    const double truth = rate_dps(curve, at.stick);
                    ++all, inside += at.low_dps <= truth && truth <= at.high_dps;
                }
            }
            std::printf("%20.1f", all ? 100.0 * inside / all : 0.0);
            std::fflush(stdout);
        }
        std::printf("\n");
    }
}

/// A hand that nobody planted anything in: the crossover model, with a gain inside the stable region and beyond it, at effective
/// delays of 0.2 to 0.4 s. Whether rocking or over-control is found, told by anything at all, and spoken of first.
void print_second_hand(const DataFolder& data, std::uint64_t seeds)
{
    const std::vector<CoachingRule> rules = must(data.coaching()).rules;
    std::printf(
        "\nA second hand by the crossover model, %d flights each: rocking or over-control found, spoken of first, any fault\n",
        static_cast<int>(seeds));
    const auto of_gain = [](const Finding* f) { return f->kind == FindingKind::Rocking || f->kind == FindingKind::OverControl; };
    for (const auto& [name, gains] : {std::pair{"inside", std::array{0.25, 0.35, 0.45}}, {"beyond", std::array{1.2, 1.4, 1.7}}}) {
        int flights = 0, found = 0, first = 0, faulty = 0;
        for (const char* id : {"hover-window", "straight-run", "run-stop", "oval-pair", "figure-eight", "slalom"}) {
            const Drill drill = must(data.drill(id));
            int of_drill[4] = {0, 0, 0, 0};
            std::map<std::string, int> told_of;
            for (const double gain : gains)
                for (const double delay_s : {0.2, 0.3, 0.4})
                    for (std::uint64_t seed = 1; seed <= seeds; ++seed) {
                        CrossoverHand hand;
                        hand.gain = gain, hand.delay_s = delay_s;
                        const FlownDrill flown =
                            must(fly_crossover(drill, must(data.setup_for(drill, RateProfile{})), hand, seed));
                        const Debrief d = debrief(flown.log, drill, &flown.score);
                        const auto faults = d.faults();
                        const auto advice = advise(d, rules, &flown.score);
                        ++of_drill[0], of_drill[1] += std::any_of(faults.begin(), faults.end(), of_gain);
                        of_drill[2] += !advice.empty() && (advice[0].finding == FindingKind::Rocking ||
                                                           advice[0].finding == FindingKind::OverControl);
                        of_drill[3] += !faults.empty();
                        for (const Finding* f : faults) ++told_of[std::string(finding_key(f->kind))];
                    }
            std::printf("  %s %-14s %4d flights: found %3d, first %3d, any fault %3d;", name, id, of_drill[0], of_drill[1],
                        of_drill[2], of_drill[3]);
            for (const auto& [kind, count] : told_of) std::printf(" %s %d", kind.c_str(), count);
            std::printf("\n");
            flights += of_drill[0], found += of_drill[1], first += of_drill[2], faulty += of_drill[3];
        }
        std::printf("  %s: found in %.1f%%, spoken of first in %.1f%%, any fault in %.1f%% of %d\n", name,
                    100.0 * found / flights, 100.0 * first / flights, 100.0 * faulty / flights, flights);
    }
}

} // namespace

int main(int argc, char** argv)
{
    const auto seeds = static_cast<std::uint64_t>(argc > 1 ? std::max(1, std::atoi(argv[1])) : 20);
    const DataFolder data(BH_DATA);
    if (argc > 2 && std::string_view(argv[2]) == "rates") return print_rates_coverage(), 0;
    if (argc > 2 && std::string_view(argv[2]) == "second") return print_second_hand(data, seeds), 0;
    std::vector<Drill> drills = must(data.drills());
    if (argc > 2) std::erase_if(drills, [&](const Drill& d) { return d.id != argv[2]; });
    std::vector<Row> rows(drills.size());
    std::atomic<std::size_t> next{0};
    std::vector<std::thread> threads;
    for (unsigned t = 0; t < std::max(1U, std::thread::hardware_concurrency()); ++t)
        threads.emplace_back([&] {
            for (std::size_t i; (i = next++) < drills.size();) rows[i] = row_of(data, drills[i], seeds);
        });
    for (std::thread& t : threads) t.join();

    std::printf("Habits planted at skill 0.9: found / really flown, of %d flights each\n%-16s", static_cast<int>(seeds), "");
    for (const StandInHabit& h : stand_in_habits()) std::printf("%17s", std::string(h.name).c_str());
    std::printf("\n");
    std::map<std::string_view, std::pair<int, int>> all;
    for (const Row& row : rows) {
        std::printf("%-16s", row.drill.c_str());
        for (const StandInHabit& h : stand_in_habits()) {
            const auto known = row.planted.find(std::string(h.name));
            const auto [planted, found] = known == row.planted.end() ? std::pair{0, 0} : known->second;
            all[h.name].first += planted, all[h.name].second += found;
            std::printf("%17s", planted == 0 ? "-" : (std::to_string(found) + " / " + std::to_string(planted)).c_str());
        }
        std::printf("\n");
    }
    std::printf("%-16s", "all");
    for (const StandInHabit& h : stand_in_habits())
        std::printf("%16.1f%%", all[h.name].first ? 100.0 * all[h.name].second / all[h.name].first : 0.0);
    std::printf("\n\nFalse alarms on clean flights at skill 0.9\n");
    int alarmed = 0;
    for (const Row& row : rows)
        for (const auto& [label, count] : row.alarms)
            std::printf("  %-16s %s %d\n", row.drill.c_str(), label.c_str(), count), alarmed += count;
    std::printf("  %.1f%% of clean flights\n\nAlso told of flights with another habit planted\n",
                100.0 * alarmed / static_cast<double>(seeds * rows.size()));
    for (const Row& row : rows)
        for (const auto& [habit, labels] : row.crossed)
            for (const auto& [label, count] : labels) {
                std::printf("  %-16s %-16s %s %d", row.drill.c_str(), habit.c_str(), label.c_str(), count);
                const auto weak = row.weak_side.find(label);
                if (habit == "one-sided" && weak != row.weak_side.end())
                    std::printf(" (%d of clean flights at the weak side's skill)", weak->second);
                std::printf("\n");
            }

    print_debriefs(rows, seeds);

    std::printf("\nPasses of %d flights at skill 0.15, 0.6 and 0.95 (and good enough to hold at 0.95)\n",
                static_cast<int>(seeds));
    for (const Row& row : rows) {
        const auto n = static_cast<double>(seeds);
        const bool good =
            row.passes[0] <= 0.05 * n && row.passes[1] >= 0.25 * n && row.passes[1] <= 0.95 * n && row.passes[2] == n;
        std::printf("%-16s %3d %3d %3d (%d)%s", row.drill.c_str(), row.passes[0], row.passes[1], row.passes[2], row.holds_at_best,
                    good ? "" : "   not yet:");
        if (!good)
            for (const auto& [why, count] : row.why[row.passes[0] > 0.05 * n ? 2 : row.passes[2] < n ? 2 : 1])
                std::printf(" %d× %s;", count, why.c_str());
        std::printf("\n");
    }
    std::printf("\nYaw lead of clean flights at skill 0.9, ms: median, 5 %% and 95 %% of the flights\n");
    for (const Row& row : rows)
        if (!row.yaw_lead_ms.empty())
            std::printf("%-16s %6.0f %6.0f %6.0f\n", row.drill.c_str(), median(row.yaw_lead_ms),
                        percentile(row.yaw_lead_ms, 0.05), percentile(row.yaw_lead_ms, 0.95));
    if (argc <= 2) print_second_hand(data, seeds), print_rates_coverage();
    return 0;
}
