#include "files/data_folder.h"
#include "files/documents/simulator_document.h"

#include <catch2/catch.hpp>
#include <set>

using namespace bh;

namespace {

nlohmann::json mudlark() { return nlohmann::json::parse(simulator_json(*DataFolder(BH_DATA).simulator("mudlark")).dump()); }

std::string message(const nlohmann::json& document)
{
    const auto simulator = parse_simulator(document.dump(), "s.json");
    REQUIRE_FALSE(simulator);
    return simulator.error().english;
}

} // namespace

TEST_CASE("the simulators that ship can be read, differ, and cover the cases that people get wrong", "[files][sheet]")
{
    const auto all = DataFolder(BH_DATA).simulators();
    REQUIRE(all);
    CHECK(all->size() >= 5);
    std::set<std::string> conventions;
    std::set<int> bases;
    std::set<std::string> throttles, armings, orders;
    bool some_reversed = false;
    for (const SimulatorProfile& s : *all) {
        auto json = simulator_json(s);
        CHECK(*parse_simulator(json.dump(), "x").map([](const SimulatorProfile& back) { return simulator_json(back).dump(); }) ==
              json.dump());
        json.erase("id"), json.erase("name");
        conventions.insert(json.dump());
        bases.insert(s.axis_base);
        throttles.insert(throttle_key(s.throttle));
        armings.insert(arming_key(s.arming));
        orders.insert(json["order"].dump());
        for (bool positive : s.rising_is_positive) some_reversed = some_reversed || !positive;
    }
    CHECK(conventions.size() == all->size());
    CHECK(bases == std::set<int>{0, 1});
    CHECK(throttles.size() == 3);
    CHECK(armings.size() == 4);
    CHECK(orders.size() == all->size());
    CHECK(some_reversed);
}

TEST_CASE("a simulator file with a mistake is refused with file, place and expectation", "[files][sheet]")
{
    auto s = mudlark();
    SECTION("unknown side")
    {
        s["rising_is"]["pitch"] = "up";
        CHECK(message(s) == "s.json: /rising_is/pitch: expected one of forward, back, found 'up'");
    }
    SECTION("function twice")
    {
        s["order"][3] = "throttle";
        CHECK(message(s) == "s.json: /order/3: stands there twice, expected each function once");
    }
    SECTION("function missing")
    {
        s["order"].erase(1);
        CHECK(message(s) == "s.json: /order: expected the four functions");
    }
    SECTION("throttle")
    {
        s["throttle"] = "half";
        CHECK(message(s) == "s.json: /throttle: expected one of full, upper_half, choice, found 'half'");
    }
    SECTION("arming")
    {
        s["arming"]["by"] = "magic";
        CHECK(message(s).find("s.json: /arming/by: expected one of by_itself, switch, sticks, key") == 0);
    }
    SECTION("base")
    {
        s["axis_base"] = -1;
        CHECK(message(s) == "s.json: /axis_base: expected 0 to 100");
    }
    SECTION("mode")
    {
        s["modes"]["wild"] = "x";
        CHECK(message(s).find("found 'wild'") != std::string::npos);
    }
    SECTION("range")
    {
        s["tilt_deg"] = {40, 10, 1};
        CHECK(message(s) == "s.json: /tilt_deg: expected lowest, highest and a step above 0");
    }
    SECTION("stick mode")
    {
        s["stick_modes"]["5"] = "x";
        CHECK(message(s) == "s.json: /stick_modes: expected 1, 2, 3 or 4, found '5'");
    }
    SECTION("family")
    {
        s["rates"] = {{"family", "magic"}};
        CHECK(message(s).find("s.json: /rates/family: expected one of centre-max, gain-edge,") == 0);
    }
    SECTION("parameter")
    {
        s["rates"] = {{"family", "linear-expo"}, {"limits", {{"gain", {0, 1, 0.1}}}}};
        CHECK(message(s) == "s.json: /rates/limits/gain: the family linear-expo has no such parameter");
    }
    SECTION("missing")
    {
        s.erase("axis_base");
        CHECK(message(s) == "s.json: /: expected a 'axis_base' here");
    }
    SECTION("no name")
    {
        s["name"] = "";
        CHECK(message(s) == "s.json: /: expected an id and a name");
    }
}

TEST_CASE("what a simulator file holds beyond what is known here is kept", "[files][sheet]")
{
    auto s = mudlark();
    s["note"] = {{"by", "the coordinator"}, {"worth", 3}};
    auto simulator = *parse_simulator(s.dump(), "s.json");
    simulator.axis_base = 7;
    const auto back = nlohmann::json::parse(simulator_json(simulator).dump());
    CHECK(back["note"] == s["note"]);
    CHECK(back["axis_base"] == 7);
}

TEST_CASE("a simulator is found by id or file, and a missing one is named", "[files][sheet]")
{
    const DataFolder data(BH_DATA);
    CHECK(data.simulator("saltwind")->axis_word == "Channel");
    CHECK(data.simulator(std::string(BH_DATA) + "/simulators/saltwind.json")->name == "Saltwind");
    CHECK(data.simulator("nowhere").error().english.find("'nowhere'") != std::string::npos);
    CHECK(data.simulator("../drills/lift-settle").error().english.find("there is no simulator") == 0);
    CHECK(data.simulator("/nowhere/s.json").error().english.find("/nowhere/s.json") != std::string::npos);
}
