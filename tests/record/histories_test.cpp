// Going on without the server: whatever happens to the line, to the station and to the server, what was done is there once.
#include "core/base/random.h"
#include "cut_line.h"
#include "record/copies/verify.h"
#include "record/file/database.h"
#include "school_place.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <map>
#include <set>

using namespace bh;

namespace {

std::string session_body(int number)
{
    return R"({"pilot_id":"p1","controller_id":"","started_at":)" + std::to_string(number) + R"(,"active_s":0,"idle_s":0})";
}

constexpr int station_count = 4;

/// The same in every history: the server has to learn it once.
StationKey key_of(int station) { return StationKey::from_seed({static_cast<unsigned char>(station + 1)}); }

/// A server with a pilot, and a line for each station.
struct Served {
    Place place{"PostgreSQL"};
    std::vector<std::unique_ptr<CutLine>> lines;
    Served()
    {
        place.record("keeper")->append(
            {{"pilot", "p1", R"({"name":"Iris Quayle","curriculum":"first-steps","target_h":20,"archived":false})", ""}});
        for (unsigned char i = 0; i < station_count; ++i) REQUIRE(place.record("keeper")->countersign(key_of(i).public_key()));
        for (int i = 0; i < station_count; ++i)
            lines.push_back(std::make_unique<CutLine>(PrivateServer::of_this_program()->folder()));
    }
};

/// Four stations on one server, each with a line of its own, and what each was told to have been kept.
class Stations {
public:
    static constexpr int count = station_count;

    Stations(std::uint64_t seed, Served& served) : seed_(seed), random_(seed), place_(served.place), lines_(served.lines)
    {
        before_ = place_.record("keeper")->head().count;
        for (int i = 0; i < count; ++i) {
            records_.emplace_back();
            start(i);
        }
    }
    ~Stations()
    {
        std::error_code error;
        for (int i = 0; i < count; ++i) std::filesystem::remove_all(place_.folder / folder_of(i), error);
    }

    void step()
    {
        const int which = static_cast<int>(random_.uniform() * count);
        auto& record = records_[static_cast<std::size_t>(which)];
        auto& line = *lines_[static_cast<std::size_t>(which)];
        const double what = random_.uniform();
        if (what < 0.62) {
            act(which);
        } else if (what < 0.72) {
            line.cut();
        } else if (what < 0.80) {
            line.cut_after(static_cast<long>(random_.uniform() * 3000)); // in the middle of a word, or of an answer
        } else if (what < 0.92) {
            line.mend();
            if (record) record->reach_server();
        } else {
            record.reset(); // killed: nothing but what is on its disk is left
            if (random_.uniform() < 0.7) start(which);
        }
    }

    /// Every line is mended, every station started, everything handed over.
    void settle()
    {
        constexpr int tries = 20;
        for (int i = 0; i < count; ++i) {
            lines_[static_cast<std::size_t>(i)]->mend();
            auto& record = records_[static_cast<std::size_t>(i)];
            if (!record) start(i);
            REQUIRE(record);
            bool reached = false; // a starved server takes a connection only when it gets to it
            for (int t = 0; t < tries && !reached; ++t) reached = record->reach_server();
            REQUIRE(reached);
        }
    }

    void check() const
    {
        std::map<std::string, int> times;
        const auto look = place_.record("look");
        for (const Entry& e : look->entries_after(before_))
            if (e.kind == "session") ++times[e.subject];
        for (const std::string& done : done_) CHECK(times[done] == 1); // not lost, not twice
        for (const auto& [subject, n] : times) CHECK(n == 1);
        // What was refused or of which nobody was told is allowed to be there, but nothing that nobody asked for.
        for (const auto& [subject, n] : times) CHECK(asked_.contains(subject));
        for (const auto& record : records_) {
            CHECK(record->waiting() == 0);
            CHECK(record->waiting_problems().empty());
            CHECK(record->head() == look->head());
        }
    }

    [[nodiscard]] VerifyReport verified() const { return *verify_record(place_.at); }
    [[nodiscard]] std::size_t done() const { return done_.size(); }
    [[nodiscard]] int late() const { return late_; }

private:
    [[nodiscard]] RecordOptions options_of(const std::string& station) const
    {
        RecordOptions options;
        options.clock = [] { return UnixTime{1'900'000'000}; };
        options.station_folder = place_.folder / station;
        options.remember_heads = false;
        options.newest_looked_at = 5; // each is looked at a thousand times
        return options;
    }

    void start(int which)
    {
        RecordOptions options = options_of(folder_of(which));
        options.key = key_of(which);
        auto opened = Record::open(lines_[static_cast<std::size_t>(which)]->through(place_.at.server), options);
        if (opened) records_[static_cast<std::size_t>(which)] = std::move(*opened); // or the line is cut: it is started later
    }

    void act(int which)
    {
        auto& record = records_[static_cast<std::size_t>(which)];
        if (!record) return;
        const std::string id = "s" + std::to_string(seed_) + "-" + std::to_string(which) + "-" + std::to_string(asked_.size());
        asked_.insert(id);
        if (random_.uniform() < 0.15) { // something that others share: it is kept now, or refused
            try {
                record->append({{"setup", "p1", R"({"document":null})", id}});
            } catch (const StoreFailure&) {
            }
            return;
        }
        const auto entries = record->append({{"session", id, session_body(static_cast<int>(asked_.size())), ""}});
        late_ += entries.front().seq == 0 ? 1 : 0;
        done_.insert(id); // whatever became of the line, the station was told that it is kept
    }

    [[nodiscard]] std::string folder_of(int which) const { return "s" + std::to_string(seed_) + "-" + std::to_string(which); }

    std::uint64_t seed_;
    SeededRandom random_;
    const Place& place_;
    std::vector<std::unique_ptr<CutLine>>& lines_;
    std::int64_t before_ = 0; ///< entries of the histories before
    std::vector<std::unique_ptr<Record>> records_;
    std::set<std::string> asked_, done_;
    int late_ = 0;
};

} // namespace

namespace {

/// Those of the seeds from `first` on.
void histories(int first)
{
    if (!PrivateServer::of_this_program()) return;
    constexpr int count = 125, steps = 30, verified_each = 25;
    // What the driver says of a cut line is not looked at.
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    std::size_t done = 0;
    int late = 0;
    Served served;
    for (int seed = first; seed < first + count; ++seed) {
        CAPTURE(seed);
        Stations stations(static_cast<std::uint64_t>(seed), served);
        for (int i = 0; i < steps; ++i) stations.step();
        stations.settle();
        stations.check();
        if (seed % verified_each == 0) CHECK(stations.verified().problems == std::vector<Message>{});
        done += stations.done();
        late += stations.late();
    }
    qInstallMessageHandler(nullptr);
    CAPTURE(done, late);
    CHECK(late > 250); // histories in which the line was never cut would say nothing
    CHECK(done > 1250);
}

} // namespace

// A thousand histories of four stations: 250 wherever tests are run, in two parts that can run beside each other; the others by
// `./hangar histories`, a quarter of an hour.
TEST_CASE("nothing lost, nothing twice, every head the same: histories 1 to 125", "[record][server][slow]") { histories(1); }
TEST_CASE("nothing lost, nothing twice, every head the same: histories 126 to 250", "[record][server][slow]") { histories(126); }
TEST_CASE("nothing lost, nothing twice, every head the same: histories 251 to 375", "[.][record][server][slow][more-histories]")
{
    histories(251);
}
TEST_CASE("nothing lost, nothing twice, every head the same: histories 376 to 500", "[.][record][server][slow][more-histories]")
{
    histories(376);
}
TEST_CASE("nothing lost, nothing twice, every head the same: histories 501 to 625", "[.][record][server][slow][more-histories]")
{
    histories(501);
}
TEST_CASE("nothing lost, nothing twice, every head the same: histories 626 to 750", "[.][record][server][slow][more-histories]")
{
    histories(626);
}
TEST_CASE("nothing lost, nothing twice, every head the same: histories 751 to 875", "[.][record][server][slow][more-histories]")
{
    histories(751);
}
TEST_CASE("nothing lost, nothing twice, every head the same: histories 876 to 1000", "[.][record][server][slow][more-histories]")
{
    histories(876);
}
