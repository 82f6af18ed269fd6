// Every gate before a first real flight: met, not yet, by when, or not to be known.
#include "core/progress/readiness.h"

#include <catch2/catch.hpp>
#include <functional>
#include <set>

using namespace bh;

namespace {

constexpr std::int64_t today = 22'000;

/// Somebody of whom everything is known, and good.
ReadinessFacts ready()
{
    ReadinessFacts f;
    f.hours = 24, f.matched_hours = 12, f.weekly_hours = 3.5, f.weekly_matched_hours = 2;
    f.stages = f.stages_held = 5;
    f.has_sides = true;
    f.throttle_cuts_s.assign(20, 0.6);
    f.roof_minutes = 31, f.panic_passes = 2;
    f.roof_drill = "Low roof", f.panic_drill = "Upset", f.rehearsal_drill = "First day";
    f.calibrated_day = today - 12;
    f.match = "Mudlark", f.hours_in_simulator = 6;
    f.last_practice_day = today - 2;
    f.rehearsal_days = {today - 9, today - 3};
    f.rocking_flights = 5, f.rocking_share = 0.04;
    f.sickness_total = 7.48;
    f.as_real = true, f.briefed = true;
    return f;
}

ReadinessGate gate(const ReadinessFacts& f, std::string_view id, const HouseLimits& house = {})
{
    for (const ReadinessGate& g : readiness(f, today, house))
        if (g.id == id) return g;
    FAIL("no gate " << id);
    return {};
}

} // namespace

TEST_CASE("whoever has everything meets every gate, and each of them can fail alone", "[core][readiness]")
{
    CHECK(all_met(readiness(ready(), today)));
    const std::vector<std::pair<const char*, std::function<void(ReadinessFacts&)>>> broken{
        {"hours", [](auto& f) { f.hours = 19.9; }},
        {"matched-hours", [](auto& f) { f.matched_hours = 9; }},
        {"cadence", [](auto& f) { f.weekly_hours = 2.9; }},
        {"stages", [](auto& f) { f.stages_held = 4; }},
        {"sides", [](auto& f) { f.side_gaps = {"Slalom: right 18 points behind left"}; }},
        {"throttle-cut", [](auto& f) { f.throttle_cuts_s[10] = f.throttle_cuts_s[11] = 1.4; }}, // 18 of 20
        {"roof", [](auto& f) { f.roof_minutes = 29; }},
        {"panic", [](auto& f) { f.panic_passes = 0; }},
        {"controller", [](auto& f) { f.calibrated_day = today - 61; }},
        {"match", [](auto& f) { f.hours_in_simulator = 4; }},
        {"currency", [](auto& f) { f.last_practice_day = today - 15; }},
        {"rehearsal", [](auto& f) { f.rehearsal_days.pop_back(); }},
        {"habits", [](auto& f) { f.rocking_share = 0.16; }},
        {"sickness", [](auto& f) { f.sickness_total = 22; }},
        {"real-setup", [](auto& f) { f.as_real = false; }},
        {"briefing", [](auto& f) { f.briefed = false; }}};
    CHECK(broken.size() == readiness(ready(), today).size());
    for (const auto& [id, breaks] : broken) {
        ReadinessFacts f = ready();
        breaks(f);
        CAPTURE(id);
        for (const ReadinessGate& g : readiness(f, today)) {
            CHECK((g.state == GateState::NotYet) == (g.id == id));
            CHECK_FALSE(g.evidence.empty());
        }
        CHECK_FALSE(all_met(readiness(f, today)));
    }
}

TEST_CASE("what cannot be known is not taken to be met", "[core][readiness]")
{
    const auto gates = readiness({}, today);
    CHECK_FALSE(all_met(gates));
    std::set<std::string_view> unknown;
    for (const ReadinessGate& g : gates)
        if (g.state == GateState::Unknown) unknown.insert(g.id);
    CHECK(unknown == std::set<std::string_view>{"stages", "sides", "throttle-cut", "habits", "sickness", "real-setup", "briefing",
                                                "roof", "panic", "rehearsal"});
    ReadinessFacts f = ready();
    f.sickness_total.reset();
    CHECK(gate(f, "sickness").state == GateState::Unknown);
    f.by_screen = true;
    CHECK(gate(f, "sickness").state == GateState::Met);
}

TEST_CASE("too little to know it leaves a gate unknown, and says how much is missing", "[core][readiness]")
{
    ReadinessFacts f = ready();
    f.throttle_cuts_s = {0.4};
    CHECK(gate(f, "throttle-cut").state == GateState::Unknown); // 1 of 1 is no habit
    CHECK(gate(f, "throttle-cut").evidence ==
          "within 1 s after 1 of the last 1 crash; what the hand does then is known after 4 crashes more");
    f.throttle_cuts_s = {2, 2, 2, 2};
    CHECK(gate(f, "throttle-cut").state == GateState::Unknown);
    f.throttle_cuts_s.push_back(2);
    CHECK(gate(f, "throttle-cut").state == GateState::NotYet);
    f.throttle_cuts_s.assign(5, 0.9);
    CHECK(gate(f, "throttle-cut").state == GateState::Met);
    HouseLimits house;
    house.change(Limit::GateCrashes, 3);
    f.throttle_cuts_s.assign(3, 0.9);
    CHECK(gate(f, "throttle-cut", house).state == GateState::Met);

    f.side_doubts = {"Slalom: 2 more attempts of both sides are needed"};
    CHECK(gate(f, "sides").state == GateState::Unknown);
    CHECK(gate(f, "sides").evidence == f.side_doubts.front());
    f.side_gaps = {"Oval: right 18 points behind left"}; // known of one drill is enough
    CHECK(gate(f, "sides").state == GateState::NotYet);
    f = ready();
    f.has_sides = false;
    CHECK(gate(f, "sides").state == GateState::Unknown);
}

TEST_CASE("hours are reached when the pace says so: 20 h at 3 h a week are 6.7 weeks", "[core][readiness]")
{
    ReadinessFacts f = ready();
    f.hours = 0, f.weekly_hours = 3;
    const ReadinessGate hours = gate(f, "hours");
    CHECK(hours.by_day == today + 47); // 46.7 days
    CHECK(hours.evidence == "0.0 of 20 h, 3.0 h a week over four weeks");
    f.weekly_hours = 0;
    CHECK_FALSE(gate(f, "hours").by_day);
    f.hours = 20;
    CHECK_FALSE(gate(f, "hours").by_day); // it is met
    f.hours_in_simulator = 3, f.weekly_hours_in_simulator = 1;
    CHECK(gate(f, "match").by_day == today + 14);
    // By the pace of what counts for it, whatever else is flown: 4.4 h at 0.15 h a week are 205.3 days.
    f.hours_in_simulator = 0.6, f.weekly_hours_in_simulator = 0.15, f.weekly_matched_hours = 3.5;
    CHECK(gate(f, "match").by_day == today + 206);
    f.weekly_hours_in_simulator = 0;
    CHECK_FALSE(gate(f, "match").by_day);
    f.matched_hours = 3;
    CHECK(gate(f, "matched-hours").by_day == today + 14);
    f.match_stale = "Aircraft's rates changed since the match"; // whoever flies on flies no hour that counts
    CHECK_FALSE(gate(f, "match").by_day);
    CHECK_FALSE(gate(f, "matched-hours").by_day);
    f.roof_minutes = 12, f.weekly_roof_minutes = 6;
    CHECK(gate(f, "roof").by_day == today + 21);
}

TEST_CASE("gates go by the newest crashes, by what is wrong first, and by the house's rules", "[core][readiness]")
{
    ReadinessFacts f = ready();
    f.throttle_cuts_s.insert(f.throttle_cuts_s.begin(), 30, 3.0); // long ago
    CHECK(gate(f, "throttle-cut").state == GateState::Met);
    f.throttle_cuts_s.back() = 1.2; // 19 of 20 is 95 %
    CHECK(gate(f, "throttle-cut").state == GateState::Met);
    CHECK(gate(f, "throttle-cut").evidence == "within 1 s after 19 of the last 20 crashes");
    f.match_stale = "Aircraft's rates changed since the match";
    CHECK(gate(f, "match").state == GateState::NotYet);
    CHECK(gate(f, "match").evidence == f.match_stale);
    f.controller_fault = "Controller has drifted: yaw centre";
    CHECK(gate(f, "controller").evidence == f.controller_fault);
    f.strong_habit = "Turn at fault in 5 of the last 5 flights";
    CHECK(gate(f, "habits").evidence == f.strong_habit);
    HouseLimits house;
    house.change(Limit::HoursLow, 50);
    CHECK(gate(f, "hours", house).state == GateState::NotYet);
    CHECK(gate_state_key(GateState::NotYet) == "not yet");
}
