#include "core/standin/stand_in_controller.h"
#include "files/data_folder.h"
#include "files/documents/calibration_document.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/match_documents.h"
#include "files/documents/rates_document.h"
#include "files/tables/rates_csv.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <filesystem>
#include <nlohmann/json.hpp>

using namespace bh;

namespace {

nlohmann::json drillDocument() { return nlohmann::json::parse(*read_text(std::string(BH_DATA) + "/drills/lift-settle.json")); }
std::string drillMessage(const nlohmann::json& document) { return parse_drill(document.dump(), "d.json").error().english; }

} // namespace

TEST_CASE("everything that ships can be read and fits together", "[files]")
{
    const DataFolder data(BH_DATA);
    const auto drills = data.drills();
    REQUIRE(drills);
    const std::filesystem::directory_iterator files(std::string(BH_DATA) + "/drills");
    CHECK(static_cast<std::ptrdiff_t>(drills->size()) == std::distance(begin(files), end(files))); // whatever stands there
    for (const Drill& drill : *drills) {
        CAPTURE(drill.id);
        CHECK(data.setup_for(drill, RateProfile{}));
    }
    for (const char* id : {"first-steps", "manual-first", "steady-first", "one-axis"}) {
        const auto curriculum = data.curriculum(id);
        CAPTURE(id);
        REQUIRE(curriculum);
        for (const auto& stage : curriculum->stages)
            for (const std::string& drill : stage.drills) CHECK((data.drill(drill) || curriculum->free_block(drill)));
    }
    // The circuit's gates stand where the world has them.
    const auto same = [](const Gate& a, const Gate& b) {
        return a.north_m == b.north_m && a.east_m == b.east_m && a.heading_deg == b.heading_deg && a.sill_m == b.sill_m;
    };
    const Drill circuit = *data.drill("circuit");
    const World world = *data.world("circuit");
    CHECK(std::equal(circuit.gates.begin(), circuit.gates.end(), world.gates.begin(), world.gates.end(), same));
    CHECK(data.drill("../worlds/pan").error().code == Error::Code::NotFound);
}

TEST_CASE("a drill's measuring may take only the end of its spans, and one from before turns were judged otherwise is read",
          "[files]")
{
    const std::string text = *DataFolder(BH_DATA).text("drills", "slalom");
    const auto with = [&](const std::string& more) {
        std::string changed = text;
        const auto at = changed.find("\"more_than\"", changed.find("yaw_alone_turns"));
        return parse_drill(changed.insert(at, more + ", "), "own.json");
    };
    const auto own = with("\"yaw_share_band\": [0.2, 0.6], \"last_s\": 3");
    REQUIRE(own);
    const auto fault =
        std::find_if(own->faults.begin(), own->faults.end(), [](const Fault& f) { return f.measure == Measure::YawAloneTurns; });
    CHECK(fault->last_s == 3);
}

TEST_CASE("a curriculum says what its stages open on, and is written as it was read", "[files]")
{
    const DataFolder data(BH_DATA);
    const Curriculum own_pace = *data.curriculum("manual-first");
    CHECK(own_pace.opens_on == Curriculum::OpensOn::Passes);
    CHECK(data.curriculum("steady-first")->opens_on == Curriculum::OpensOn::Held);
    const auto again = parse_curriculum(curriculum_text(own_pace), "again");
    REQUIRE(again);
    CHECK(again->opens_on == Curriculum::OpensOn::Passes);
    std::string text = curriculum_text(own_pace);
    text.replace(text.find("passes"), 6, "pushes");
    CHECK(parse_curriculum(text, "bad.json").error().english == "bad.json: /opens_on: expected held or passes, found 'pushes'");
}

TEST_CASE("the limits marked as common practice stand as the trade has them", "[files]")
{
    // ±10 m to move on, ±2.5 m very good; 5 m lift; common practice, no source.
    const Drill hover = *DataFolder(BH_DATA).drill("hover-window");
    CHECK(hover.criteria[0].options.window_m == 10);
    CHECK(hover.criteria[1].options.window_m == 2.5);
    CHECK(hover.criteria[0].common_practice);
    CHECK(DataFolder(BH_DATA).drill("lift-settle")->phases[0].height_m == 5);
}

TEST_CASE("a drill file with a mistake is refused with file, place and expectation", "[files]")
{
    auto d = drillDocument();
    SECTION("missing")
    {
        d["phases"][1].erase("goal");
        CHECK(drillMessage(d) == "d.json: /phases/1: expected a 'goal' here");
    }
    SECTION("wrong kind")
    {
        d["criteria"][0]["pass"] = "two";
        CHECK(drillMessage(d) == "d.json: /criteria/0/pass: expected a number, found a text");
    }
    SECTION("unknown measure")
    {
        d["criteria"][2]["measure"] = "charm";
        CHECK(drillMessage(d) == "d.json: /criteria/2/measure: there is no measure 'charm'");
    }
    SECTION("unknown goal")
    {
        d["phases"][0]["goal"] = nlohmann::json::object();
        CHECK(drillMessage(d).find("/phases/0/goal: expected one of") != std::string::npos);
    }
    SECTION("limits")
    {
        d["criteria"][0]["merit"] = 9;
        CHECK(drillMessage(d).find("d.json: /criteria/0: expected fail, pass and merit") == 0);
    }
    SECTION("another kind of document")
    {
        d["format"] = "bluehangar.world/1";
        CHECK(drillMessage(d).find("/format: expected \"bluehangar.drill/1\"") != std::string::npos);
    }
    SECTION("a newer version")
    {
        d["format"] = "bluehangar.drill/2";
        CHECK(parse_drill(d.dump(), "d.json").error().code == Error::Code::Unsupported);
    }
    SECTION("no JSON")
    {
        CHECK(parse_drill("{\n\"format\": }", "d.json").error().english == "d.json: line 2: is no valid JSON here");
    }
    SECTION("a slip in a key is told to who asks, and is no error")
    {
        d["phases"][0]["time_limt_s"] = 5;
        std::vector<Message> slips;
        CHECK(parse_drill(d.dump(), "d.json", &slips));
        REQUIRE(slips.size() == 1);
        CHECK(slips[0].english().find("d.json: /phases/0: there is no 'time_limt_s' here, expected one of id, instruction") == 0);
        CHECK(parse_drill(d.dump(), "d.json"));
    }
    SECTION("a mode the drill does not have")
    {
        d["phases"][0]["mode"] = "sport";
        CHECK(drillMessage(d) == "d.json: /phases/0/mode: is not one of the drill's modes");
    }
    SECTION("a stick there is not")
    {
        d["phases"][0]["sticks"] = {"rudder"};
        CHECK(drillMessage(d) == "d.json: /phases/0/sticks/0: expected throttle, yaw, pitch or roll, found 'rudder'");
    }
    SECTION("bounds the wrong way round")
    {
        d["phases"][0]["bounds"] = {{"lowest_m", 9}, {"highest_m", 3}};
        CHECK(drillMessage(d) == "d.json: /phases/0/bounds: expected lowest_m under highest_m");
    }
    SECTION("a band without a limit")
    {
        d["criteria"][0]["below"] = {{"fail", 0}, {"pass", 1}};
        CHECK(drillMessage(d) == "d.json: /criteria/0/below: expected a 'merit' here");
    }
}

TEST_CASE("a calibration comes back from its document as it was", "[files]")
{
    const auto calibration = calibrate(stand_in_recording({}, 3));
    REQUIRE(calibration);
    const auto back = parse_calibration(calibration_json(*calibration).dump(), "c.json");
    REQUIRE(back);
    for (std::size_t f = 0; f < 4; ++f) {
        CHECK(back->functions[f].axis == calibration->functions[f].axis);
        CHECK(back->functions[f].high_counts == calibration->functions[f].high_counts);
        CHECK(back->functions[f].dead_band == calibration->functions[f].dead_band);
        CHECK(back->functions[f].reason == calibration->functions[f].reason);
    }
    REQUIRE(calibration->cross_talk.size() == 4);
    REQUIRE(back->cross_talk.size() == calibration->cross_talk.size());
    for (const CrossTalk& c : calibration->cross_talk)
        CHECK(std::ranges::count_if(back->cross_talk, [&](const CrossTalk& b) {
                  return b.first == c.first && b.second == c.second && b.share == Approx(c.share).margin(1e-9);
              }) == 1);
    CHECK(back->unused_axes == calibration->unused_axes);
}

TEST_CASE("a rate profile out of range names axis and parameter", "[files]")
{
    const auto bad = parse_rates(
        R"({"format":"bluehangar.rates/1","family":"linear-expo","roll":{"max_dps":500},"pitch":{"max_dps":500,"expo":2},"yaw":{"max_dps":300}})",
        "r.json");
    REQUIRE_FALSE(bad);
    CHECK(bad.error().english == "r.json: /pitch: expo must lie in 0 to 1");
    CHECK(parse_rates(R"({"format":"bluehangar.rates/1","family":"spiral"})", "r.json").error().english.find("/roll") ==
          std::string::npos);
}

TEST_CASE("sides and repeats of a drill are unfolded, mirrored and named, and their criteria go with them", "[files]")
{
    const Drill box = *DataFolder(BH_DATA).drill("corner-box");
    const Phase* right = box.phase("corner-1-right");
    const Phase* left = box.phase("corner-1-left");
    REQUIRE(right);
    REQUIRE(left);
    CHECK(right->goal.turn_deg == 90);
    CHECK(left->goal.turn_deg == -90);
    CHECK(right->side == Side::Right);
    CHECK(left->instruction == "Turn 90° to the left.");
    CHECK(box.phase("leg-2-left")->goal.place.across_m == -box.phase("leg-2-right")->goal.place.across_m);
    int corners = 0;
    for (const Criterion& c : box.criteria)
        if (c.measure == Measure::CornerErrorDeg) {
            ++corners;
            CHECK(c.phases.size() == 4);
        }
    CHECK(corners == 2);
    const Drill spot = *DataFolder(BH_DATA).drill("turn-spot");
    for (const char* id : {"stop-1", "stop-2", "stop-3", "stop-4"}) CHECK(spot.phase(id));

    auto json = nlohmann::json::parse(*read_text(std::string(BH_DATA) + "/drills/turn-spot.json"));
    const auto refused = [](const nlohmann::json& document) {
        const auto drill = parse_drill(document.dump(), "d.json");
        REQUIRE_FALSE(drill);
        return drill.error().english;
    };
    SECTION("goal")
    {
        json["phases"][0]["goal"] = {{"fly", 1}};
        CHECK(refused(json).find("d.json: /phases/0/goal: expected one of reach_within_m") == 0);
    }
    SECTION("inner phase")
    {
        json["phases"][2]["sides"][0]["goal"]["turn_deg"] = "far";
        CHECK(refused(json).find("d.json: /phases/2/sides/0/goal/turn_deg") == 0);
    }
    SECTION("times")
    {
        json["phases"][3]["times"] = 0;
        CHECK(refused(json).find("/phases/3/times: expected 1 to 100") != std::string::npos);
    }
    SECTION("criterion on nothing")
    {
        json["criteria"][0]["phases"] = {"loop"};
        CHECK(refused(json).find("there is no phase 'loop'") != std::string::npos);
    }
    SECTION("fault")
    {
        json["faults"][1]["more_than"] = 0;
        CHECK(refused(json) == "d.json: /faults/1/more_than: expected more than 0");
    }
    SECTION("fault on nothing")
    {
        json["faults"][0]["phases"] = {"loop"};
        CHECK(refused(json) == "d.json: /faults/0/phases: there is no phase 'loop'");
    }
    SECTION("fault without a limit")
    {
        json["faults"][0].erase("more_than");
        CHECK(refused(json) == "d.json: /faults/0: expected a 'more_than' here");
    }
    SECTION("over")
    {
        json["criteria"][3]["over"] = "most";
        CHECK(refused(json).find("expected whole, worst, mean or best") != std::string::npos);
    }
    SECTION("gap without sides")
    {
        for (auto& c : json["criteria"]) c.erase("sides");
        CHECK(refused(json).find("side_gap needs criteria of a left and a right side") != std::string::npos);
    }
}

TEST_CASE("an aircraft's own limits and steps of its rates come back from its document, and bad ones are told", "[files][rates]")
{
    auto json = nlohmann::json::parse(
        R"({"format":"bluehangar.rates/1","name":"A","family":"gain-edge","roll":{"gain":1,"edge":0.5},"pitch":{"gain":1,"edge":0.5},"yaw":{"gain":1,"edge":0.5},
        "limits":{"gain":[0.1,2.5,0.05]}})");
    const auto rates = parse_rates(json.dump(), "r.json");
    REQUIRE(rates);
    REQUIRE(rates->limits.size() == 3);
    CHECK(rates->limits[0].high == 2.5);
    CHECK(rates->limits[0].step == 0.05);
    CHECK(rates->limits[1].step == 0.01); // the family's own
    const auto again = parse_rates(rates_json(*rates).dump(), "again.json");
    REQUIRE(again);
    CHECK(again->limits[0].low == 0.1);
    CHECK(*again == *rates);
    const auto refused = [&] { return parse_rates(json.dump(), "r.json").error().english; };
    json["limits"]["gain"] = {1, 2};
    CHECK(refused() == "r.json: /limits/gain: expected lowest, highest and step");
    json["limits"]["gain"] = {2, 1, 0.1};
    CHECK(refused() == "r.json: /limits/gain: expected lowest under highest, and a step above 0");
}

TEST_CASE("measured curves are read from a table: the same rates, and bad ones told with their place", "[files][rates]")
{
    const RateProfile truth{"", CentreMaxCurve{200, 700, 0.5}, GainEdgeCurve{1.1, 0.6, 0.2}, LinearExpoCurve{400, 0.3}};
    const auto read = parse_rates_csv(rates_csv(truth, 2001), "field/curves.csv");
    REQUIRE(read);
    CHECK(read->name == "curves");
    for (const double x : {-1.0, -0.63, -0.2, 0.0, 0.1, 0.5, 0.77, 1.0}) {
        CHECK(rate_dps(read->roll, x) == Approx(rate_dps(truth.roll, x)).margin(0.5));
        CHECK(rate_dps(read->pitch, x) == Approx(rate_dps(truth.pitch, x)).margin(0.5));
        CHECK(rate_dps(read->yaw, x) == Approx(rate_dps(truth.yaw, x)).margin(0.5));
    }
    CHECK(std::get<TableCurve>(read->roll).stick().size() <= 50);
    const auto refused = [](const std::string& text) { return parse_rates_csv(text, "c.csv").error().english; };
    CHECK(refused("stick,roll_dps,pitch_dps\n0.5,1,1\n1,2,2\n") ==
          "c.csv: line 1, column yaw_dps: expected once among stick, roll_dps, pitch_dps, yaw_dps");
    CHECK(refused("stick,roll_dps,pitch_dps,yaw_dps\n0.5,1,1,1\n0.8,2,2,2\n").find("c.csv: the stick goes to 0.8") == 0);
    CHECK(refused("stick,roll_dps,pitch_dps,yaw_dps\n0.5,1,1,1\n0.4,2,2,2\n") ==
          "c.csv: line 3, column stick: has to rise from row to row");
    CHECK(refused("stick,roll_dps,pitch_dps,yaw_dps\n0.5,100,1,1\n1,20,2,2\n").find("c.csv: column roll_dps: ") == 0);
    CHECK(refused("stick,roll_dps,pitch_dps,yaw_dps\n0.5,fast,1,1\n1,20,2,2\n") ==
          "c.csv: line 2, column roll_dps: expected a number of -2000 to 2000, found 'fast'");
}

TEST_CASE("matches, plans, trials, ratings and blind tests come back from the record's documents, and bad ones are told",
          "[files][rates]")
{
    const RateProfile a{"a", CentreMaxCurve{150, 400, 0}, CentreMaxCurve{150, 400, 0}, CentreMaxCurve{}},
        b{"b", CentreMaxCurve{150, 460, 0}, CentreMaxCurve{150, 460, 0}, CentreMaxCurve{}};
    const KeptMatch match{"real-a", "sim-b", a, b, "centre-max", {{0, 1000, 10}, {0, 2000, 10}, {0, 1, 0.01}}};
    std::int64_t at = 0;
    const auto match_again = parse_match(match_text(match, 1234), "m", &at);
    REQUIRE(match_again);
    CHECK(at == 1234);
    CHECK(match_again->practised == b);
    CHECK(match_again->ranges[1].step == 10);

    KeptPlan plan;
    plan.aircraft = "real-a", plan.simulator = "sim-b", plan.on_aircraft = true, plan.stays = b;
    plan.plan.from = a, plan.plan.to = b;
    plan.plan.flown = {{*standing_of(plan.plan)->next, 7}};
    plan.decisions = {{99, "M. Sorrel", true, true}};
    const auto plan_again = parse_plan(plan_text(plan), "p");
    REQUIRE(plan_again);
    CHECK(plan_again->decisions[0].by == "M. Sorrel");
    CHECK(plan_again->aircraft == "real-a");
    CHECK(plan_again->simulator == "sim-b");
    CHECK(plan_again->stays == b);
    CHECK(standing_of(plan_again->plan)->now == standing_of(plan.plan)->now);
    auto json = nlohmann::json::parse(plan_text(plan));
    const auto refused = [&] { return parse_plan(json.dump(), "p.json").error().english; };
    json["flown"][0]["rating"] = 11;
    CHECK(refused() == "p.json: /flown/0/rating: expected 1 to 10");
    json["flown"][0]["rating"] = 7, json["flown"][0]["parameter"] = "gain";
    CHECK(refused() == "p.json: /flown/0/parameter: is not one of the family's, found 'gain'");
    json["flown"][0]["parameter"] = "max_dps", json["flown"][0]["axes"] = {"tilt"};
    CHECK(refused().find("expected roll, pitch or yaw, found 'tilt'") != std::string::npos);
    json["flown"] = nlohmann::json::array(), json["locked"] = {true};
    CHECK(refused() == "p.json: /locked: expected three: roll, pitch, yaw");

    CHECK(parse_trial(trial_text({7, b}), "t")->rates == b);
    const auto notes = parse_handling(handling_text({{1, 4, "M. Sorrel", a}, {2, 3, "", b}}), "h");
    REQUIRE(notes);
    CHECK((*notes)[1].rates == b);
    CHECK((*notes)[0].rating == 4);
    const auto blind = parse_blind(blind_text({{5, "A and B", 7, 8, 9.0 / 256}}), "b");
    REQUIRE(blind);
    CHECK((*blind)[0].p_value == Approx(9.0 / 256));
}
