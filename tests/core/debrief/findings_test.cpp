// The whole debrief of the reference flights with known answers, and what a coach would say of planted habits.
#include "core/debrief/coaching.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/documents/debrief_document.h"
#include "files/flights/flight_csv.h"
#include "reference.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>
#include <set>

using namespace bh;

namespace {

Debrief of_reference(const std::string& kind, nlohmann::json* expected = nullptr)
{
    for (const auto& row : referenceRows("flight_logs.json")) {
        if (row.at("kind") != kind) continue;
        if (expected) *expected = row["expected"];
        const auto log = load_flight_csv(std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
        REQUIRE(log);
        return debrief(*log);
    }
    FAIL("no reference flight " << kind);
    return {};
}

std::vector<Finding> only(const Debrief& d, FindingKind kind)
{
    std::vector<Finding> found;
    for (const Finding& f : d.findings)
        if (f.kind == kind) found.push_back(f);
    return found;
}

} // namespace

TEST_CASE("the debrief of the reference flights says what is known of them", "[core][debrief]")
{
    nlohmann::json expected;
    const auto rocking = only(of_reference("overcontrol", &expected), FindingKind::Rocking);
    REQUIRE(rocking.size() == 1);
    CHECK(rocking[0].axis == StickAxis::Roll);
    CHECK(rocking[0].fault);
    CHECK(meets(expected["rock_frequency_hz"], *rocking[0].number("frequency_hz")));
    CHECK(meets(expected["rock_cycles"], *rocking[0].number("cycles")));
    const auto turns = only(of_reference("yaw_lead_level", &expected), FindingKind::Turn);
    REQUIRE(turns.size() == 5);
    for (std::size_t i = 0; i < turns.size(); ++i) {
        CHECK(side_key(*turns[i].side) == expected["turn_sides"]["value"][i].get<std::string>());
        CHECK(*turns[i].number("yaw_lead_ms") / 1000 == Approx(expected["yaw_lead_s"]["value"].get<double>()).margin(0.02));
        CHECK(turns[i].end_s > turns[i].start_s);
    }
    const auto spins = only(of_reference("roll_right", &expected), FindingKind::Spin);
    REQUIRE(spins.size() == 1);
    CHECK_FALSE(spins[0].side);
    CHECK(meets(expected["turned_angle_deg"], *spins[0].number("turned_deg")));
    CHECK(meets(expected["peak_rate_dps"], *spins[0].number("peak_dps")));
    const auto brakes = only(of_reference("brake_gain", &expected), FindingKind::Brake);
    REQUIRE(!brakes.empty());
    CHECK(std::any_of(brakes.begin(), brakes.end(), [](const Finding& b) { return b.fault; })); // 1.9 m of it
    for (const char* calm : {"straight_run", "hover_sine", "figure_eight"}) {
        CAPTURE(calm);
        CHECK(only(of_reference(calm), FindingKind::Rocking).empty());
    }
}

TEST_CASE("findings stand in order of time, each over its own span, good ones without weight", "[core][debrief]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("run-stop");
    const auto flown = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.9, 4);
    const Debrief d = debrief(flown->log, drill, &flown->score);
    REQUIRE(d.findings.size() > 3);
    for (std::size_t i = 0; i < d.findings.size(); ++i) {
        const Finding& f = d.findings[i];
        CAPTURE(std::string(finding_key(f.kind)), f.start_s, f.end_s);
        if (i > 0) CHECK(f.start_s >= d.findings[i - 1].start_s);
        CHECK(f.end_s >= f.start_s);
        CHECK(f.end_s - f.start_s < 0.8 * d.duration_s);
        CHECK((f.weight > 0) == f.fault);
        CHECK(finding_from_key(finding_key(f.kind)) == f.kind);
    }
    CHECK(only(d, FindingKind::Brake).size() >= 3);
    REQUIRE(only(d, FindingKind::Landing).size() == 1);
    CHECK(d.faults().empty()); // a clean flight
    double shares = 0;
    for (const auto& row : d.statistics.roll_pitch)
        for (const double share : row) shares += share;
    CHECK(shares == Approx(1));
    REQUIRE(d.statistics.throttle_band);
    CHECK(d.statistics.throttle_band->low < d.statistics.throttle_band->mean);
    CHECK(d.statistics.throttle_band->high > d.statistics.throttle_band->mean);
    CHECK(d.statistics.sparc);
}

TEST_CASE("a planted habit is among the first two findings, and its advice names it", "[core][debrief]")
{
    const DataFolder data(BH_DATA);
    const auto rules = data.coaching();
    REQUIRE(rules);
    struct Case {
        const char* drill;
        bool StandInFaults::*habit;
        FindingKind finding;
        const char* rule;
    };
    for (const Case& c : {Case{"straight-run", &StandInFaults::rocking, FindingKind::Rocking, "rocking"},
                          {"straight-run", &StandInFaults::held_push, FindingKind::HeldPush, "held-push"},
                          {"run-stop", &StandInFaults::ballooning, FindingKind::Brake, "ballooning"},
                          {"low-roof", &StandInFaults::no_throttle_cut, FindingKind::ThrottleCut, "throttle-cut"},
                          {"slalom", &StandInFaults::yaw_only, FindingKind::Turn, "turn"},
                          {"gaps", &StandInFaults::full_throttle, FindingKind::FullThrottleTakeOff, "full-throttle"}}) {
        CAPTURE(c.drill, c.rule);
        const Drill drill = *data.drill(c.drill);
        StandInFaults faults;
        faults.*c.habit = true;
        const auto flown = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.9, 3, faults);
        REQUIRE(flown->planted.*c.habit);
        const Debrief d = debrief(flown->log, drill, &flown->score);
        const auto worst = d.faults();
        REQUIRE(!worst.empty());
        const auto among = [&](const Finding* f) { return f->kind == c.finding; };
        const auto advice = advise(d, rules->rules, &flown->score);
        CHECK(advice.size() <= most_advice);
        std::vector<FindingKind> kinds; // each once
        for (const Finding* f : worst)
            if (std::find(kinds.begin(), kinds.end(), f->kind) == kinds.end()) kinds.push_back(f->kind);
        CHECK(std::find(kinds.begin(), kinds.begin() + std::min<std::ptrdiff_t>(2, std::ssize(kinds)), c.finding) !=
              kinds.begin() + std::min<std::ptrdiff_t>(2, std::ssize(kinds)));
        CHECK(std::any_of(worst.begin(), worst.end(), among));
        CHECK(std::any_of(advice.begin(), advice.end(), [&](const Advice& a) { return a.rule == c.rule; }));
        for (std::size_t i = 1; i < advice.size(); ++i) CHECK(advice[i].weight <= advice[i - 1].weight);
    }
}

TEST_CASE("without positions the sticks are still told of, and it is said", "[core][debrief]")
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("straight-run");
    StandInFaults faults;
    faults.rocking = true;
    FlightLog log = fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.9, 3, faults)->log;
    log.has_position = false;
    const Debrief d = debrief(log);
    CHECK_FALSE(d.has_position);
    CHECK_FALSE(only(d, FindingKind::Rocking).empty());
    CHECK(only(d, FindingKind::Landing).empty());
    CHECK(only(d, FindingKind::Brake).empty());
    const auto json = debrief_json(d, {});
    CHECK(json["has_position"] == false);
    CHECK(json["findings"][0].contains("kind"));
    CHECK(json["statistics"]["reversals"]["roll"]["count"].get<int>() > 10);
}

TEST_CASE("the marks that are expected back are those that the drill lost by it", "[core][debrief]")
{
    Debrief d;
    d.findings.push_back({FindingKind::HeldPush, StickAxis::Pitch, std::nullopt, 2, 4, true, 70, {{"lean_deg", 55.0}}});
    CoachingRule often;
    often.id = "often", often.finding = FindingKind::HeldPush, often.at_least = 2;
    CoachingRule held = often;
    held.id = "held", held.at_least = 1, held.measures = {Measure::HeldPushes};
    const std::vector<CoachingRule> rules{often, held};
    Score score;
    Criterion pushes, other;
    pushes.measure = Measure::HeldPushes, other.measure = Measure::SpeedMps;
    pushes.weight = 1, other.weight = 3;
    score.criteria = {{pushes, 4.0, 20, {}}, {other, 4.0, 90, {}}};
    const auto advice = advise(d, rules, &score);
    REQUIRE(advice.size() == 1);                                // the other wants to see it twice
    CHECK(*advice[0].expected_marks == Approx(0.5 * 80.0 / 4)); // 80 marks lost in a quarter of the weight
    CHECK(advice[0].evidence == "once, from 2.0 s to 4.0 s: pitch, held for 2.0 s, leaning 55° in the end");
    CHECK_FALSE(advise(d, rules, nullptr)[0].expected_marks);
}

TEST_CASE("kinds of findings have the keys that records of today hold, each its own, and a letter", "[core][debrief]")
{
    const std::vector<std::string_view> kept{"rocking",
                                             "held_push",
                                             "turn",
                                             "brake",
                                             "spin",
                                             "bank_left_over",
                                             "sink_in_lean",
                                             "chopped_throttle",
                                             "full_throttle_take_off",
                                             "landing",
                                             "throttle_cut",
                                             "hands_on",
                                             "over_control",
                                             "big_input"};
    std::set<std::string_view> letters;
    for (const std::string_view key : kept) {
        CAPTURE(key);
        const auto kind = finding_from_key(key);
        REQUIRE(kind);
        CHECK(finding_key(*kind) == key);
        CHECK(letters.insert(facts_of(*kind).letter).second);
        for (const auto& by : facts_of(*kind).measures)
            if (by.measure != Measure::DoneS) CHECK(finding_by(by.measure)->kind == *kind);
    }
    CHECK_FALSE(finding_from_key("luck"));
    CHECK(finding_by(Measure::DoneS) == nullptr);
}
