// Records of earlier versions: read as they are, in today's words.
#include "files/text/file_text.h"
#include "record/chain/older_words.h"
#include "record/chain/projection.h"
#include "record/file/database.h"
#include "record/file/schema.h"
#include "school/views/rate_rules.h"
#include "school_place.h"

#include <nlohmann/json.hpp>

using namespace bh;

namespace {

/// Writes a chain of entries as version 8 did; its tables are remade when it is brought up to date.
class OldRecord {
public:
    explicit OldRecord(const std::filesystem::path& file) : database_(file, false) { migrate_to(database_, file, 8); }
    void add(const std::string& kind, const std::string& subject, const std::string& body)
    {
        Entry e;
        e.seq = ++seq_;
        e.at = 1000 + seq_;
        e.who = "coordinator";
        e.kind = kind;
        e.subject = subject;
        e.body = body;
        e.previous_hash = last_;
        e.hash = last_ = entry_hash(e);
        database_.run("INSERT INTO entries VALUES (?,?,?,?,?,?,?,?,?,?)", e.seq, e.at, e.who, e.kind, e.subject, QVariant(),
                      e.why, e.body, e.previous_hash, e.hash);
    }
    /// A text of its own, as rates and matches are kept.
    void add_text(const std::string& kind, const std::string& id, const std::string& text)
    {
        add("document", kind + "/" + id, nlohmann::json{{"kind", kind}, {"id", id}, {"document", text}}.dump());
    }

private:
    Database database_;
    std::int64_t seq_ = 0;
    std::string last_;
};

const std::string axes =
    R"("roll":{"gain":1.1,"super":0.6,"expo":0.1},"pitch":{"gain":1.1,"super":0.6,"expo":0.1},"yaw":{"gain":1,"super":0.5,"expo":0})";
const std::string real = R"({"format":"bluehangar.rates/1","name":"Avocet","family":"gain-super",)" + axes + "}";
const std::string practised =
    R"({"format":"bluehangar.rates/1","name":"Tern","family":"percent-plus","roll":{"rate_dps":300,"plus_percent":40,"expo_percent":20},)"
    R"("pitch":{"rate_dps":300,"plus_percent":40,"expo_percent":20},"yaw":{"rate_dps":280,"plus_percent":20,"expo_percent":0}})";

} // namespace

TEST_CASE("a store of today is brought up to date: its rates are said in own words, and its matches still hold", "[school]")
{
    Place place;
    {
        OldRecord old(place.file);
        old.add("pilot", "p1",
                R"({"name":"Maud Tansley","curriculum":"first-steps","target_h":50,"archived":false,"stick_mode":2})");
        old.add(
            "aircraft", "real-avocet",
            R"({"document":{"format":"bluehangar.aircraft/1","id":"real-avocet","name":"Avocet","mass_kg":0.76,"thrust_to_weight":6,"thrust_curve":0.4,"motor_lag_s":0.04,)"
            R"("drag_area_m2":0.02,"rotor_drag_kgps":0.1,"rate_lag_s":0.03,"max_angular_accel_dps2":6000,"body_radius_m":0.2}})");
        std::string tern = *read_text(std::filesystem::path(BH_DATA) / "simulators" / "tern-school.json");
        for (const auto& [is, was] :
             {std::pair<std::string, std::string>{"percent-end", "percent-plus"}, {"end_percent", "plus_percent"}})
            for (std::size_t at = 0; (at = tern.find(is, at)) != std::string::npos; at += was.size())
                tern.replace(at, is.size(), was);
        old.add("simulator", "tern-school", R"({"document":)" + tern + "}");
        old.add("setup", "p1",
                R"({"document":{"format":"bluehangar.setup/1","real_aircraft":"real-avocet","rates":)" + practised + "}}");
        old.add_text("rates", "real-avocet", real);
        old.add_text("match", "p1",
                     R"({"format":"bluehangar.match/1","at":1900,"aircraft":"real-avocet","simulator":"tern-school","real":)" +
                         real + R"(,"practised":)" + practised +
                         R"(,"family":"percent-plus","ranges":[[100,800,10],[0,100,5],[0,100,5]]})");
        old.add_text(
            "plan", "p1",
            R"({"format":"bluehangar.plan/1","aircraft":"real-avocet","simulator":"tern-school","on_aircraft":true,"stays":)" +
                practised + R"(,"from":)" + real + R"(,"to":)" + real +
                R"(,"locked":[false,false,true],"ranges":[[0,2,0.01],[0,0.9,0.01],[0,1,0.01]],"most_share":0.15,"flown":[{"axes":["roll","pitch"],"parameter":"super",)"
                R"("from":0.5,"to":0.6,"worst_dps":40,"rating":3,"at":1800}]})");
    }
    const auto school = place.open();
    REQUIRE(std::filesystem::exists(place.file.string() + ".version-8"));
    CHECK(school->record().verify().problems.empty());
    REQUIRE(school->rates_of("real-avocet"));
    CHECK(school->rates_of("real-avocet")->roll == RateCurve(GainEdgeCurve{1.1, 0.6, 0.1}));
    REQUIRE(school->simulator("tern-school"));
    CHECK(school->simulator("tern-school")->rate_family == "percent-end");
    CHECK(ranges_in(*school->simulator("tern-school")) == std::vector<ParameterRange>{{100, 800, 10}, {0, 100, 5}, {0, 100, 5}});
    REQUIRE(school->setup("p1"));
    CHECK(school->setup("p1")->rates.roll == RateCurve(PercentEndCurve{300, 40, 20}));
    REQUIRE(school->match("p1"));
    CHECK_FALSE(school->match_stale("p1"));
    CHECK(school->on_matched_rates("p1"));
    REQUIRE(school->file("p1").plan);
    CHECK(school->file("p1").plan->plan.flown[0].step.parameter == 1); // the edge
    // An edit goes on from there, in today's words.
    RateProfile other = *school->rates_of("real-avocet");
    other.roll = GainEdgeCurve{1.2, 0.6, 0.1};
    REQUIRE(school->keep_rates("real-avocet", other));
    CHECK(school->match_stale("p1") == Stale::AircraftRates);
    REQUIRE(school->undo());
    CHECK(school->on_matched_rates("p1"));
    CHECK(school->record().entries_after(0).back().body.find("super") == std::string::npos);
}

TEST_CASE("an attempt written before the record kept codes is read as it is", "[school]")
{
    Place place;
    {
        OldRecord old(place.file);
        old.add("pilot", "p1", R"({"name":"Maud Tansley","curriculum":"first-steps","target_h":50,"archived":false})");
        old.add("session", "s1",
                R"({"pilot_id":"p1","controller_id":"","started_at":900,"active_s":60,"idle_s":1,"ended_at":990})");
        old.add(
            "attempt", "a1",
            R"({"pilot_id":"p1","session_id":"s1","drill_id":"hover-window","drill_version":3,"at":950,"mode":"angle","score":81.5,"passed":true,"flown_s":40,)"
            R"("summary":"Passed; most is left in \"drift\".","log_hash":"","flown_with":"Avocet; wind 4 m/s","observed":"Mudlark","left_minus_right":-3.5,"throttle_cuts_s":[0.4],)"
            R"("criteria":[{"label":"Drift","unit":"m","value":2.5,"fail":8,"pass":6,"merit":2,"marks":95,"must":true,"below":[0,1,2],"span_s":[3,33]}]})");
    }
    const auto school = place.open();
    CHECK(school->record().verify().problems.empty());
    REQUIRE(school->attempt("a1"));
    const Attempt& a = *school->attempt("a1");
    CHECK(a.mode == Mode::Angle);
    CHECK(a.observed);
    CHECK(*a.left_minus_right == -3.5);
    REQUIRE(a.in_words);
    CHECK(a.in_words->flown_with == "Avocet; wind 4 m/s");
    CHECK(a.in_words->simulator == "Mudlark");
    CHECK(school->summary(a) == "Passed; most is left in \"drift\".");
    const auto criteria = school->judged("a1").criteria;
    REQUIRE(criteria.size() == 1);
    CHECK_FALSE(criteria[0].measure); // nobody had said
    CHECK(criteria[0].unit == Unit::Metres);
    CHECK(criteria[0].below->merit == 2);
    CHECK(criteria[0].span->to_s == 33);
}

TEST_CASE("only families and parameters of rates are renamed, wherever they stand", "[school]")
{
    const std::string other = R"({"document":{"name":"super gain-super","note":"percent-plus"}})";
    CHECK(in_todays_words("setup", other).find("\"super gain-super\"") != std::string::npos); // a name is a name
    CHECK(in_todays_words("pilot", R"({"name":"super\""})") == R"({"name":"super\""})");
    CHECK(in_todays_words("document", "not json: gain-super") == "not json: gain-super");
    CHECK(in_todays_words("document", R"({"document":null,"id":"gain-super"})").find("null") != std::string::npos);
}
