// A file and a server take the same: seeded histories of good and of bad entries through both.
#include "core/base/random.h"
#include "record/chain/body_fields.h"
#include "record/chain/entry_rules.h"
#include "record/file/failures.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <map>
#include <nlohmann/json.hpp>

using namespace bh;

namespace {

using Json = nlohmann::json;

/// Drafts as a hostile or a broken program might write them: of every kind, most of them nearly right.
class Writer {
public:
    explicit Writer(std::uint64_t seed) : random_(seed) {}

    Draft next()
    {
        static const std::vector<std::string> kinds{
            "pilot",    "pilot",    "person",     "controller",  "session",      "session", "attempt",
            "attempt",  "kit",      "grip_round", "calibration", "verification", "stage",   "demonstration",
            "document", "document", "simulator",  "aircraft",    "setup",        "erased",  "note",
            "clock",    "shared",   "admitted",   "repair",      "no such"};
        Draft draft;
        draft.kind = pick(kinds);
        draft.subject = subject_of(draft.kind);
        Json says = Json::object();
        for (const BodyField& f : body_fields())
            if (f.kind == draft.kind && !f.name.empty() && (f.needed ? !one_in(60) : one_in(3)))
                says[std::string(f.name)] = one_in(60) ? any() : value_of(draft.kind, std::string(f.name), f.shape);
        if (one_in(60)) says["surplus"] = 1;
        if (draft.kind == "document" && !one_in(20)) says["kind"] = "rule", says["id"] = draft.subject.substr(5);
        if (draft.kind == "admitted" && !one_in(20)) says["public_key"] = draft.subject;
        draft.body = says.dump();
        if (draft.kind == "shared" && !one_in(10)) draft.subject = shared_name(draft.body);
        if (one_in(25)) spoil(draft.body);
        if (one_in(60)) draft.subject = std::string(600, 's');
        draft.why = one_in(60) ? std::string(5000, 'w') : "tried";
        return draft;
    }
    void taken(const Draft& draft) { there_[draft.kind].push_back(draft.subject); }

private:
    bool one_in(int n) { return random_.uniform() * n < 1; }
    template <class T>
    const T& pick(const std::vector<T>& all)
    {
        return all[static_cast<std::size_t>(random_.uniform() * static_cast<double>(all.size()))];
    }
    std::string known(const std::string& kind)
    {
        const auto& all = there_[kind];
        return all.empty() || one_in(12) ? "nobody" : pick(all);
    }
    std::string subject_of(const std::string& kind)
    {
        if (kind == "document") return "rule/r" + std::to_string(static_cast<int>(random_.uniform() * 6));
        if (kind == "admitted") return std::string(64, one_in(2) ? 'a' : 'b');
        if (kind == "erased") return known("pilot");
        if (one_in(4) && !there_[kind].empty()) return pick(there_[kind]);
        return kind + std::to_string(++number_);
    }
    Json any()
    {
        static const std::vector<Json> values{nullptr,
                                              true,
                                              -1,
                                              0.5,
                                              2e12,
                                              "",
                                              "text",
                                              Json::array(),
                                              Json::object(),
                                              Json::array({1, "a", Json::object()}),
                                              -253402300799.0,
                                              253402300800.0,
                                              std::string("a\0b", 3)};
        return pick(values);
    }
    Json value_of(const std::string& kind, const std::string& name, std::string_view shape)
    {
        static const std::map<std::string, std::string> links{{"pilot_id", "pilot"},
                                                              {"controller_id", "controller"},
                                                              {"session_id", "session"},
                                                              {"calibration_id", "calibration"},
                                                              {"attempt_id", "attempt"}};
        if (const auto link = links.find(name); link != links.end()) return one_in(8) ? "" : known(link->second);
        if (name == "passphrase") return ""; // nobody has one, so that everybody may write
        if (name == "mode") return "acro";
        if (name == "found") return Json::object();
        if (name == "throttle_cuts_s") return Json::array({0.5, 1.25});
        if (name == "score") return one_in(20) ? 100.5 : std::floor(random_.uniform() * 101);
        if (kind == "session" && (name == "active_s" || name == "idle_s")) return std::floor(random_.uniform() * 45'000);
        if (shape == "sealed name") return "Iris Quayle"; // whoever composes it seals it
        if (shape == "number") return random_.uniform() * 100;
        if (shape == "whole number") return static_cast<int>(random_.uniform() * 100);
        if (shape == "time") return 1'000'000 + static_cast<int>(random_.uniform() * 100);
        if (shape == "truth") return one_in(2);
        if (shape == "list") return Json::array();
        if (shape == "object or nothing" && one_in(3)) return nullptr;
        if (shape == "text or nothing" && one_in(3)) return nullptr;
        if (shape == "object" || shape.starts_with("object or")) return Json{{"a", 1}, {"b", {{"c", Json::array({1, 2})}}}};
        if (shape == "key") return std::string(64, one_in(2) ? 'a' : 'b');
        if (shape == "hash") return one_in(2) ? "" : std::string(64, 'c');
        if (shape == "nought") return 0;
        return "text";
    }
    void spoil(std::string& body)
    {
        const auto repeated = [](const char* what, int times) {
            std::string all;
            while (times-- > 0) all += what;
            return all;
        };
        static const std::vector<std::string> bodies{"",
                                                     "{",
                                                     "[]",
                                                     "1",
                                                     "NaN",
                                                     R"({"a":NaN})",
                                                     R"({"a":1e400})",
                                                     "{\"a\":\"\xff\"}",
                                                     R"({"value":"x","value":"x"})",
                                                     R"({"value":"\u0000"})",
                                                     R"({"value":"\ud800"})"};
        const std::string deep = repeated("[", 120) + repeated("]", 120);
        switch (static_cast<int>(random_.uniform() * 6)) {
        case 0: body = pick(bodies); break;
        case 1: body.insert(1, " "); break;
        case 2: body.insert(body.size() - 1, "\n"); break;
        case 3: body = body.size() > 2 ? body.substr(0, body.size() - 1) + ",\"deep\":" + deep + "}" : deep; break;
        case 4: body = body.substr(0, body.size() / 2); break;
        default:
            if (const auto at = body.find(':'); at != std::string::npos) body.insert(at, " ");
        }
    }
    SeededRandom random_;
    int number_ = 0;
    std::map<std::string, std::vector<std::string>> there_;
};

} // namespace

TEST_CASE("what a file refuses a server refuses, and what one takes the other takes", "[record][server]")
{
    if (!PrivateServer::of_this_program()) return;
    const auto seed = GENERATE(std::uint64_t(1), std::uint64_t(2), std::uint64_t(3));
    CAPTURE(seed);
    Place place("PostgreSQL");
    const auto opened = [&](const RecordPlace& at) {
        RecordOptions options;
        options.clock = [&place] { return place.clock; };
        options.station_folder = place.folder / "station";
        options.rights = entry_rights();
        options.new_id = [number = 0]() mutable { return "id" + std::to_string(++number); };
        auto record = Record::open(at, options);
        REQUIRE(record);
        return std::move(*record);
    };
    const auto file = opened(place.file), server = opened(place.at);
    Writer writer(seed);
    int taken = 0, refused = 0;
    for (int i = 0; i < 600; ++i) {
        ++place.clock;
        const Draft draft = writer.next();
        const auto why_not = [&](Record& record) -> std::string {
            try {
                record.append({draft});
                return "";
            } catch (const StoreFailure& why) {
                return why.message().english();
            }
        };
        const std::string by_file = why_not(*file), by_server = why_not(*server);
        INFO(i << ": " << draft.kind << " " << draft.subject.substr(0, 60) << " " << draft.body.substr(0, 400));
        INFO("the file: " << by_file << "\nthe server: " << by_server);
        CHECK(by_file.empty() == by_server.empty());
        if (by_file.empty() != by_server.empty()) break;
        REQUIRE_FALSE(server->server_away());
        if (by_file.empty()) writer.taken(draft);
        (by_file.empty() ? taken : refused)++;
    }
    CHECK(taken > 150); // a test that is refused everything finds nothing
    CHECK(refused > 100);
    const auto of_file = file->snapshot(), of_server = server->snapshot();
    REQUIRE(of_file.entries.size() == of_server.entries.size());
    for (std::size_t i = 1; i < of_file.entries.size(); ++i) { // but the key, which says with which login it came
        CHECK(of_file.entries[i].seq == of_server.entries[i].seq);
        CHECK(of_file.entries[i].kind + of_file.entries[i].subject == of_server.entries[i].kind + of_server.entries[i].subject);
        CHECK(of_file.entries[i].supersedes == of_server.entries[i].supersedes);
        if (!of_file.entries[i].body.starts_with("{\"name\"")) CHECK(of_file.entries[i].body == of_server.entries[i].body);
    }
    REQUIRE(of_file.attempts.size() == of_server.attempts.size());
    CHECK(of_file.attempts.size() > 5);
    for (std::size_t i = 0; i < of_file.attempts.size(); ++i) {
        const Attempt &a = of_file.attempts[i], &b = of_server.attempts[i];
        CHECK(a.id == b.id);
        CHECK(a.score == b.score);
        CHECK(a.passed == b.passed);
        CHECK(a.holds == b.holds);
        CHECK(a.found == b.found);
        CHECK(a.throttle_cuts_s == b.throttle_cuts_s);
        CHECK(a.left_minus_right == b.left_minus_right);
    }
    // What has the right fields and makes no sense ("role": "text") both take, and verification tells of either alike.
    CHECK(file->verify().problems == server->verify().problems);
}
