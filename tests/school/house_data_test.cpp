// The house's own files: what drills are good for, and what cannot be read.
#include "core/progress/surprises.h"
#include "files/text/file_text.h"
#include "school/views/readiness_facts.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

using namespace bh;

namespace {

namespace fs = std::filesystem;

/// A copy of the data folder, to be changed.
struct OwnData {
    Place place;
    fs::path data = place.folder / "data";
    OwnData() { fs::copy(BH_DATA, data, fs::copy_options::recursive); }
    [[nodiscard]] nlohmann::json read(const std::string& file) const { return nlohmann::json::parse(*read_text(data / file)); }
    void write(const std::string& file, const std::string& text) const { REQUIRE(write_whole(data / file, text, false)); }
    [[nodiscard]] std::unique_ptr<School> open() const { return std::make_unique<School>(place.record(), DataFolder(data)); }
};

ReadinessGate gate(const School& school, const std::string& pilot, std::string_view id)
{
    for (const ReadinessGate& g : gates_of(school, pilot))
        if (g.id == id) return g;
    FAIL("no gate " << id);
    return {};
}

JudgedAttempt passed(const std::string& pilot, const std::string& session, const std::string& drill, double flown_s)
{
    JudgedAttempt a;
    a.pilot_id = pilot, a.session_id = session, a.drill_id = drill;
    a.passed = true, a.score = 80, a.flown_s = flown_s;
    return a;
}

} // namespace

TEST_CASE("every role is some drill's that ships, and remedies find theirs by it", "[school][data]")
{
    const Place place;
    const auto school = place.open();
    for (const DrillRoleFacts& facts : drill_roles()) {
        INFO(facts.key);
        CHECK(school->drill_with(facts.role, ""));
        CHECK(drill_role_from_key(facts.key) == facts.role);
    }
    for (std::size_t s = 0; s < surprise_count; ++s)
        if (const Remedy remedy = remedy_for(static_cast<Surprise>(s)); remedy.drill)
            CHECK(school->drill_with(*remedy.drill, ""));
    CHECK_FALSE(drill_role_from_key("nothing"));
    CHECK(school->unread().empty());
}

TEST_CASE("gates go by what a drill is good for, whatever it is called", "[school][data]")
{
    OwnData own;
    for (const auto& [old, renamed] : {std::pair{"low-roof", "attic"}, {"upset", "tumble"}, {"first-day", "day-one"}}) {
        auto json = own.read("drills/" + std::string(old) + ".json");
        json["id"] = renamed;
        own.write("drills/" + std::string(renamed) + ".json", json.dump());
        fs::remove(own.data / "drills" / (std::string(old) + ".json"));
        auto ladder = own.read("curricula/one-axis.json");
        for (auto& stage : ladder["stages"])
            for (auto& drill : stage["drills"])
                if (drill == old) drill = renamed;
        own.write("curricula/one-axis.json", ladder.dump());
    }
    const auto school = own.open();
    CHECK(school->unread().empty());
    const std::string pilot = school->add_pilot({"", "Iris Quayle", "one-axis"});
    const std::string session = school->start_session(pilot, "a", "b");
    CHECK(gate(*school, pilot, "roof").state == GateState::NotYet);
    CHECK(gate(*school, pilot, "panic").evidence.english() == "Upset recovery was not passed yet with the panic switch in time");
    REQUIRE(!school->add_attempt(passed(pilot, session, "attic", 31 * 60), nullptr).empty());
    REQUIRE(!school->add_attempt(passed(pilot, session, "tumble", 60), nullptr).empty()); // from before the switch was a must
    CHECK(gate(*school, pilot, "panic").state == GateState::NotYet);
    JudgedAttempt switched = passed(pilot, session, "tumble", 60);
    switched.criteria.emplace_back();
    switched.criteria.back().measure = Measure::PanicS, switched.criteria.back().unit = Unit::Seconds;
    switched.criteria.back().value = 0.4, switched.criteria.back().marks = 100, switched.criteria.back().must = true;
    switched.criteria.back().fail = 2.5, switched.criteria.back().pass = 1, switched.criteria.back().merit = 0.5;
    REQUIRE(!school->add_attempt(std::move(switched), nullptr).empty());
    REQUIRE(!school->add_attempt(passed(pilot, session, "day-one", 60), nullptr).empty());
    CHECK(gate(*school, pilot, "roof").state == GateState::Met);
    CHECK(gate(*school, pilot, "panic").evidence.english() == "Upset recovery passed 1 time with the switch");
    CHECK(gate(*school, pilot, "rehearsal").evidence.english() == "First day rehearsed and passed on 1 of 2 days");
}

TEST_CASE("a curriculum without a drill of a role makes its gate say so, until it was met elsewhere", "[school][data]")
{
    const Place place;
    const auto school = place.open();
    const std::string pilot = school->add_pilot({"", "Iris Quayle", "steady-first"}); // has no roof
    ReadinessGate roof = gate(*school, pilot, "roof");
    CHECK(roof.state == GateState::Unknown);
    CHECK(roof.evidence.english() == "The curriculum has no drill that is flown under a roof");
    const std::string session = school->start_session(pilot, "a", "b");
    REQUIRE(!school->add_attempt(passed(pilot, session, "low-roof", 31 * 60), nullptr).empty());
    CHECK(gate(*school, pilot, "roof").state == GateState::Met);
    const std::string first = school->add_pilot({"", "Jonah Wickett", "first-steps"}); // has none of the three
    CHECK(gate(*school, first, "panic").evidence.english() == "The curriculum has no drill that asks for the panic switch");
    CHECK(gate(*school, first, "rehearsal").evidence.english() == "The curriculum has no drill that rehearses the first day");
}

TEST_CASE("a drill that was edited before drills had roles keeps those it ships with", "[school][data]")
{
    const Place place;
    const auto school = place.open();
    auto json = nlohmann::json::parse(*school->document(Kind::Drill, "low-roof"));
    json.erase("roles");
    REQUIRE(school->keep_document(Kind::Drill, "low-roof", json.dump()));
    CHECK(school->has_role("low-roof", DrillRole::Roof));
}

TEST_CASE("files of the house that cannot be read are told of, and the others are there", "[school][data]")
{
    OwnData own;
    const auto whole = own.open();
    const std::size_t drills = whole->drills().size(), worlds = whole->worlds().size();
    own.write("drills/slalom.json", "{ not json");
    own.write("curricula/one-axis.json", "[]");
    own.write("worlds/mill.json", "{}");
    own.write("simulators/broken.json", "");
    own.write("aircraft/broken.json", "{\"format\":\"bluehangar.aircraft/1\"}");
    own.write("coaching/common.json", "{}");
    const auto school = own.open();
    CHECK(school->drills().size() == drills - 1);
    CHECK(school->worlds().size() == worlds - 1);
    const auto unread = school->unread();
    std::vector<std::string> files;
    for (const Message& m : unread) files.push_back(m.english().substr(0, m.english().find(':')));
    for (const char* file : {"slalom.json", "one-axis.json", "mill.json", "broken.json", "common"}) {
        INFO(file);
        CHECK(std::any_of(files.begin(), files.end(), [&](const std::string& f) { return f.starts_with(file); }));
    }
    CHECK(unread.size() == 6);
}

TEST_CASE("an edited drill or curriculum on the record that cannot be read is told of", "[school][data]")
{
    const Place place;
    auto school = place.open();
    REQUIRE(school->apply({school->change_to(Kind::Curriculum, "old", R"({"format":"bluehangar.curriculum/9"})")}));
    REQUIRE(school->unread().size() == 1);
    CHECK(school->unread()[0].english().starts_with("the record: old: "));
    REQUIRE(school->apply({school->change_to(Kind::Curriculum, "old", "")}));
    CHECK(school->unread().empty());
}
