#include "core/kit/kit.h"

#include "files/data_folder.h"
#include "files/documents/kit_documents.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <functional>
#include <nlohmann/json.hpp>
#include <set>

using namespace bh;

namespace {

FaultTree small()
{
    return {"on",
            {{"on", "Is it on?", std::nullopt, "seen", "switch-on"},
             {"seen", "Is it seen?", Detected::DevicePresent, "fine", "cable"}},
            {{"switch-on", "Switch it on."}, {"cable", "Take another cable."}, {"fine", "It works."}}};
}

} // namespace

TEST_CASE("the fault finder asks one question at a time and answers what the station knows", "[core][kit]")
{
    FaultFinder finder(*checked(small()));
    finder.start({});
    REQUIRE(finder.question());
    CHECK(finder.question()->ask == "Is it on?");
    finder.answer(true, {});
    CHECK(finder.question()->ask == "Is it seen?"); // not known: asked
    finder.back({});
    CHECK(finder.question()->ask == "Is it on?");
    finder.answer(true, {{Detected::DevicePresent, false}});
    REQUIRE(finder.ending());
    CHECK(finder.ending()->say == "Take another cable.");
    REQUIRE(finder.steps().size() == 2);
    CHECK_FALSE(finder.steps()[0].by_itself);
    CHECK(finder.steps()[1].by_itself);
    finder.back({}); // behind what answered itself, to what the person said
    CHECK(finder.question()->ask == "Is it on?");
    finder.answer(false, {});
    CHECK(finder.ending()->say == "Switch it on.");
}

TEST_CASE("a tree that runs in circles, ends nowhere or holds what nothing leads to is refused", "[core][kit]")
{
    FaultTree tree = small();
    SECTION("circle")
    {
        tree.questions[1].no = "on";
        CHECK(checked(tree).error().english == "the questions run in a circle at 'on'");
    }
    SECTION("nowhere")
    {
        tree.questions[1].no = "cabel";
        CHECK(checked(tree).error().english.find("'cabel' is neither a question nor an ending, but 'seen' leads there") == 0);
    }
    SECTION("aside")
    {
        tree.endings.push_back({"spare", "Never said."});
        CHECK(checked(tree).error().english == "nothing leads to 'spare'");
    }
    SECTION("twice")
    {
        tree.endings.push_back({"fine", "Again."});
        CHECK(checked(tree).error().english == "'fine' stands there twice");
    }
    SECTION("no start")
    {
        tree.start = "";
        CHECK_FALSE(checked(tree));
    }
}

TEST_CASE("every way through the questions that ship ends with something to do, in few steps", "[core][kit]")
{
    const auto tree = DataFolder(BH_DATA).faults();
    if (!tree) FAIL(tree.error().english);
    std::set<std::string> ends;
    std::size_t longest = 0;
    // Every combination of a person's answers, with nothing, everything good and everything bad detected.
    for (const DetectedFacts& facts :
         {DetectedFacts{},
          DetectedFacts{{Detected::DevicePresent, true}, {Detected::AxesMoving, true}, {Detected::FastEnough, true}},
          DetectedFacts{{Detected::DevicePresent, false}, {Detected::HeldByAnother, true}}})
        for (unsigned answers = 0; answers < 1024; ++answers) {
            FaultFinder finder(*tree);
            finder.start(facts);
            for (unsigned i = 0; finder.question(); ++i) {
                REQUIRE(i < 10);
                finder.answer(answers >> i & 1, facts);
            }
            REQUIRE(finder.ending());
            CHECK_FALSE(finder.ending()->say.empty());
            ends.insert(finder.ending()->id);
            longest = std::max(longest, finder.steps().size());
        }
    CHECK(ends.size() == tree->endings.size()); // every piece of advice can be reached
    CHECK(longest <= 8);
    // The usual causes of "nothing is seen" are all asked for.
    for (const char* id : {"switch-on", "other-cable", "choose-mode", "close-other"}) CHECK(ends.contains(id));
}

TEST_CASE("the checklists that ship put power in order and carry the cautions", "[core][kit]")
{
    const auto lists = DataFolder(BH_DATA).kit();
    if (!lists) FAIL(lists.error().english);
    CHECK(lists->size() == 4);
    const auto at = [](const KitList& l, const char* id) {
        return std::find_if(l.items.begin(), l.items.end(), [id](const KitItem& i) { return i.id == id; }) - l.items.begin();
    };
    for (const KitList& l : *lists) {
        CAPTURE(l.id);
        if (l.id == "gamepad") continue; // no battery, no aircraft
        CHECK(at(l, "aircraft-off") == 0);
        CHECK(at(l, "throttle-low") < at(l, "power"));
        CHECK(at(l, "cable") < at(l, "joystick"));
        CHECK(l.items[static_cast<std::size_t>(at(l, "battery"))].caution.find("polarity") != std::string::npos);
    }
}

TEST_CASE("what must be so at every start is asked again for each session, the rest after a while", "[core][kit]")
{
    constexpr std::int64_t day = 86'400, now = 1'000 * day;
    KitItem each, other;
    each.each_session = true;
    TickRules rules;
    CHECK(tick_holds(each, now - 3600, now, rules)); // no session since
    CHECK_FALSE(tick_holds(each, now - day, now, rules));
    CHECK(tick_holds(other, now - day, now, rules));
    CHECK(tick_holds(other, now - 59 * day, now, rules));
    CHECK_FALSE(tick_holds(other, now - 60 * day, now, rules));
    rules.last_session_ended_at = now - 1800;
    CHECK_FALSE(tick_holds(each, now - 3600, now, rules)); // one has ended since
    CHECK(tick_holds(each, now - 600, now, rules));
    CHECK(tick_holds(other, now - 3600, now, rules));
    rules.others_hold_days = 7;
    CHECK_FALSE(tick_holds(other, now - 8 * day, now, rules));
    // What ships: nobody starts on last week's word about batteries, propellers and the throttle.
    const auto lists = DataFolder(BH_DATA).kit();
    REQUIRE(lists);
    for (const KitList& list : *lists)
        for (const KitItem& item : list.items)
            for (const char* always : {"aircraft-off", "battery", "throttle-low"})
                if (item.id == always) CHECK(item.each_session);
}

TEST_CASE("kit files with a mistake are refused with file and place", "[core][kit]")
{
    const auto kit = [](const char* text) { return parse_kit(text, "k.json").error().english; };
    CHECK(kit(R"({"format":"bluehangar.kit/1","lists":[]})") == "k.json: /lists: expected at least one list");
    CHECK(kit(R"({"format":"bluehangar.kit/1","lists":[{"id":"a","name":"A","items":[]}]})") ==
          "k.json: /lists/0/items: expected at least one item");
    CHECK(kit(R"({"format":"bluehangar.kit/1","lists":[{"id":"a","name":"A","items":[{"id":"x","text":"X","detect":"magic"}]}]})")
              .find("k.json: /lists/0/items/0/detect: expected device_present") == 0);
    CHECK(
        kit(R"({"format":"bluehangar.kit/1","lists":[{"id":"a","name":"A","items":[{"id":"x","text":"X"},{"id":"x","text":"Y"}]}]})")
            .find("stands there twice") != std::string::npos);
    CHECK(parse_faults(R"({"format":"bluehangar.faults/1","start":"a","questions":[],"endings":[]})", "f.json").error().english ==
          "f.json: 'a' is neither a question nor an ending");
}
