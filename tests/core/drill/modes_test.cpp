// A drill is flown in its own modes, the panic switch is a must where it is asked for, and rough flying is not passed: the same
// flights, with what is changed in their logs afterwards.
#include "core/drill/drill_score.h"
#include "core/drill/turn_beginning.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <cmath>
#include <numbers>

using namespace bh;

namespace {

const DataFolder data(BH_DATA);

bool lists_hold(const Drill& drill)
{
    const auto holds = [](Mode m) { return m == Mode::Hold; };
    return std::any_of(drill.modes.begin(), drill.modes.end(), holds) ||
           std::any_of(drill.phases.begin(), drill.phases.end(), [](const Phase& p) { return p.mode == Mode::Hold; });
}

FlightLog well_flown(const Drill& drill)
{
    auto flown = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.95, 5);
    REQUIRE(flown);
    REQUIRE(flown->score.passed);
    return std::move(flown->log);
}

/// In hold between two times.
FlightLog held(FlightLog log, double from_s, double to_s)
{
    for (std::size_t i = 0; i < log.size(); ++i)
        if (log.t_s[i] >= from_s && log.t_s[i] < to_s) log.mode[i] = Mode::Hold;
    return log;
}

bool broken_by(const Score& score, RuleViolation::Rule rule)
{
    return std::any_of(score.disqualified.begin(), score.disqualified.end(), [=](const auto& b) { return b.rule == rule; });
}

} // namespace

TEST_CASE("no drill is passed in hold that does not list it", "[core][modes]")
{
    int tried = 0;
    const std::vector<Drill> drills = *data.drills();
    for (const Drill& drill : drills) {
        if (lists_hold(drill) || drill.sticks_only) continue;
        CAPTURE(drill.id);
        ++tried;
        const FlightLog log = well_flown(drill);
        const Score score = *score_log(drill, held(log, -1, 1e9));
        CHECK_FALSE(score.passed);
        if (drill.id != "upset") CHECK(broken_by(score, RuleViolation::Rule::WrongMode)); // over in less than the five seconds
    }
    CHECK(tried >= 20);
}

TEST_CASE("whoever begins in hold has five seconds to leave it; a switch to hold on the way is the panic switch", "[core][modes]")
{
    const Drill drill = *data.drill("run-stop");
    const FlightLog log = well_flown(drill);
    const auto armed = static_cast<std::size_t>(std::find(log.armed.begin(), log.armed.end(), 1) - log.armed.begin());
    const double begins_s = log.t_s[armed];
    CHECK(score_log(drill, held(log, -1, begins_s + 4.9))->passed);
    CHECK_FALSE(score_log(drill, held(log, -1, begins_s + 5.2))->passed);
    const Score switched = *score_log(drill, held(log, begins_s + 10, begins_s + 11));
    CHECK_FALSE(switched.passed);
    CHECK(broken_by(switched, RuleViolation::Rule::Panic));
    Drill lenient = drill; // where the panic switch costs nothing, hold is still not the drill's mode
    lenient.panic_disqualifies = false;
    CHECK(score_log(lenient, held(log, begins_s + 10, begins_s + 14.9))->passed);
    CHECK(broken_by(*score_log(lenient, held(log, begins_s + 10, begins_s + 15.2)), RuleViolation::Rule::WrongMode));
    const Drill ways = *data.drill("four-ways"); // which lists hold
    CHECK_FALSE(broken_by(*score_log(ways, held(well_flown(ways), -1, 1e9)), RuleViolation::Rule::WrongMode));
}

TEST_CASE("an upset is passed with the panic switch in time, by key or by the mode lever, and not without", "[core][modes]")
{
    const Drill drill = *data.drill("upset");
    const FlightLog log = well_flown(drill);
    const auto panic = std::find_if(log.events.begin(), log.events.end(),
                                    [](const FlightLog::Event& e) { return e.event == FlightEvent::Panic; });
    REQUIRE(panic != log.events.end());
    const double panic_s = log.t_s[panic->row];
    FlightLog without = log; // recovered by hand instead
    std::erase_if(without.events, [](const FlightLog::Event& e) { return e.event == FlightEvent::Panic; });
    for (Mode& mode : without.mode)
        if (mode == Mode::Hold) mode = Mode::Acro;
    CHECK_FALSE(score_log(drill, without)->passed);
    CHECK(score_log(drill, held(without, panic_s, 1e9))->passed); // the lever, at the same moment
    CHECK_FALSE(score_log(drill, held(without, panic_s + 1.5, 1e9))->passed);
}

TEST_CASE("a hover that rocks for more than half of a phase is not passed, and it is said", "[core][modes]")
{
    const Drill drill = *data.drill("hover-window");
    const FlightLog calm = well_flown(drill);
    const auto rocked = [&](double from_s, double to_s) { // the hand and the aircraft, 1.5 times a second
        FlightLog log = calm;
        for (std::size_t i = 0; i < log.size(); ++i) {
            if (log.t_s[i] < from_s || log.t_s[i] > to_s) continue;
            const double phase = 2 * std::numbers::pi * 1.5 * log.t_s[i];
            log.stick_roll[i] = 0.4 * std::sin(phase), log.p_dps[i] = 60 * std::sin(phase - 0.5);
        }
        return log;
    };
    const double end_s = calm.t_s.back();
    const Score rough = *score_log(drill, rocked(0, end_s));
    CHECK_FALSE(rough.passed);
    CHECK(broken_by(rough, RuleViolation::Rule::TooRough));
    CHECK(summary_of(rough).english().find("Rocking for") != std::string::npos);
    const Score some = *score_log(drill, rocked(end_s - 12, end_s)); // of a hover of 30 s
    CHECK(some.passed);
    Drill asked = drill;
    for (Phase& phase : asked.phases) phase.asks.push_back("rocking");
    CHECK(score_log(asked, rocked(0, end_s))->passed);
}

TEST_CASE("half a roll and pulled through is that, to the side that was asked for", "[core][modes]")
{
    // Drawn by hand: body rates of 300 °/s, first about roll, then nose up, or only one of them.
    const auto drawn = [](double rolled_deg, double pulled_deg) {
        FlightLog log;
        Quat q = Quat::Identity();
        constexpr double rate_dps = 300, step_s = 0.01;
        double rolled = 0, pulled = 0;
        for (int i = 0; i < 300; ++i) {
            FlightSample s;
            s.t_s = step_s * i, s.armed = true, s.height_m = 40, s.mode = Mode::Acro;
            const bool rolls = i > 20 && std::abs(rolled) < std::abs(rolled_deg);
            const bool pulls = i > 20 && !rolls && pulled < pulled_deg;
            s.p_dps = rolls ? std::copysign(rate_dps, rolled_deg) : 0, s.q_dps = pulls ? rate_dps : 0;
            q = (q * Quat(Eigen::AngleAxisd(radians(s.p_dps * step_s), Vec3::UnitX())) *
                 Quat(Eigen::AngleAxisd(radians(s.q_dps * step_s), Vec3::UnitY())))
                    .normalized();
            rolled += s.p_dps * step_s, pulled += s.q_dps * step_s;
            s.qw = q.w(), s.qx = q.x(), s.qy = q.y(), s.qz = q.z();
            log.append(s);
        }
        return log;
    };
    Drill drill;
    drill.id = "through", drill.name = "Through";
    Phase phase;
    phase.id = "through", phase.instruction = "Through.", phase.time_limit_s = 10;
    phase.goal.kind = Goal::Kind::PullThrough, phase.goal.for_s = 0.3, phase.goal.spin_side = 1;
    drill.phases = {phase};
    const auto ends = [&](const FlightLog& log) {
        DrillRunner runner(drill);
        runner.follow(log);
        return runner.status();
    };
    CHECK(ends(drawn(180, 180)) == DrillRunner::Status::Finished);
    CHECK(ends(drawn(170, 185)) == DrillRunner::Status::Finished); // nearly, as hands do
    CHECK(ends(drawn(-180, 180)) == DrillRunner::Status::Running); // to the other side
    CHECK(ends(drawn(180, 0)) == DrillRunner::Status::Running);    // stays on its back
    CHECK(ends(drawn(360, 0)) == DrillRunner::Status::Running);    // a whole roll
    CHECK(ends(drawn(0, 360)) == DrillRunner::Status::Running);    // a flip
}

TEST_CASE("how a turn is begun is marked where the school has chosen, and nowhere else", "[core][modes]")
{
    const std::vector<Drill> drills = *data.drills();
    for (const Drill& shipped : drills)
        for (const Criterion& c : shipped.criteria) CHECK(c.measure != Measure::YawLeadMs);
    const Drill ovals = *data.drill("oval-pair"), run = *data.drill("run-stop");
    const auto chosen = [](Drill drill, TurnBeginning how) {
        judge_turn_beginning(drill, how);
        return drill;
    };
    CHECK(chosen(ovals, TurnBeginning::NotJudged).criteria.size() == ovals.criteria.size());
    CHECK(chosen(run, TurnBeginning::Together).criteria.size() == run.criteria.size()); // no turns in it
    const Criterion first = chosen(ovals, TurnBeginning::YawFirst).criteria.back();
    const Criterion together = chosen(ovals, TurnBeginning::Together).criteria.back();
    CHECK_FALSE(first.must);
    for (const auto& [lead_ms, passes_first, passes_together] : {std::tuple{-183.0, false, false},
                                                                 {-100.0, false, true},
                                                                 {0.0, true, true},
                                                                 {140.0, true, true},
                                                                 {250.0, true, false},
                                                                 {310.0, false, false}}) {
        CAPTURE(lead_ms);
        CHECK((marks_for(first, lead_ms) >= 60) == passes_first);
        CHECK((marks_for(together, lead_ms) >= 60) == passes_together);
    }
    CHECK(checked(chosen(ovals, TurnBeginning::YawFirst)));
    CHECK(checked(chosen(ovals, TurnBeginning::Together)));
}
