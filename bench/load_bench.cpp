// A server with twenty stations at work: a day of a school at sixty times its speed; how fast entries are appended beside bare
// inserts; how long opening fifty thousand attempts takes. Prints figures; a thread with an event loop of its own is a station.
#include "core/base/random.h"
#include "must.h"
#include "private_server.h"
#include "record/chain/bodies.h"
#include "record/copies/verify.h"
#include "record/file/database.h"
#include "school/school.h"
#include "school/values/rights.h"

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QThread>
#include <algorithm>
#include <array>
#include <atomic>
#include <cstdio>
#include <fstream>
#include <mutex>
#include <tuple>
#include <unistd.h>

using namespace bh;

namespace {

constexpr int station_count = 20, pilot_count = 40;
constexpr double faster = 60, day_s = 8 * 3600;

double resident_mb()
{
    std::ifstream statm("/proc/self/statm");
    long pages = 0, resident = 0;
    statm >> pages >> resident;
    return static_cast<double>(resident) * static_cast<double>(sysconf(_SC_PAGESIZE)) / 1048576;
}

RecordOptions options_of(const QTemporaryDir& home, int station)
{
    RecordOptions options;
    options.station_folder = home.filePath(QStringLiteral("station-%1").arg(station)).toStdString();
    options.rights = entry_rights();
    return options;
}

std::unique_ptr<School> opened(const std::string& server, const QTemporaryDir& home, int station)
{
    return std::make_unique<School>(must(Record::open(server, options_of(home, station))), DataFolder(BH_DATA));
}

JudgedAttempt attempt_of(const std::string& pilot, const std::string& session, double score)
{
    JudgedAttempt a;
    a.pilot_id = pilot, a.session_id = session, a.drill_id = "lift-settle", a.score = score, a.passed = score > 70,
    a.flown_s = 25;
    a.flight = FlownWith{};
    for (int i = 0; i < 6; ++i)
        a.criteria.push_back(
            {.measure = Measure::Bounces, .label = "Bounces", .value = i * 0.37, .fail = 4, .pass = 2, .marks = 80});
    return a;
}

FlightLog short_flight(std::uint64_t seed)
{
    SeededRandom random(seed);
    FlightLog log;
    double height_m = 1;
    for (int i = 0; i < 1250; ++i) { // 25 s, 50 rows a second
        FlightSample s;
        s.t_s = i * 0.02;
        s.height_m = height_m += 0.02 * (random.uniform() - 0.5);
        s.sticks.throttle = 0.5 + 0.05 * random.uniform();
        s.armed = true;
        log.append(as_logged(s));
    }
    return log;
}

double share_of(std::vector<double>& values, double share)
{
    if (values.empty()) return 0;
    std::sort(values.begin(), values.end());
    return values[std::min(values.size() - 1, static_cast<std::size_t>(share * static_cast<double>(values.size())))];
}

/// What all stations together saw.
struct Seen {
    std::mutex mutex;
    std::vector<double> commits_ms;
    std::atomic<int> attempts = 0, refused = 0, told = 0;
};

/// One day at one station: two pilots by turns, a session of three quarters of an hour, a flight every two minutes.
void work_a_day(const std::string& server, const QTemporaryDir& home, int number, const std::vector<std::string>& pilots,
                double seconds, Seen& seen)
{
    const auto school = opened(server, home, number);
    SeededRandom random(static_cast<std::uint64_t>(number));
    std::vector<double> commits_ms;
    QObject::connect(school.get(), &School::live_told, [&seen](const QString&) { ++seen.told; });
    const auto timed = [&](auto what) {
        QElapsedTimer timer;
        timer.start();
        const bool good = what();
        commits_ms.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        if (!good) ++seen.refused;
    };
    QElapsedTimer day;
    day.start();
    const auto wait_s = [&](double real_s) { // with an open ear
        QElapsedTimer timer;
        timer.start();
        QTimer live;
        QObject::connect(&live, &QTimer::timeout, [&] { school->tell_live(QStringLiteral("{\"id\":\"%1\"}").arg(number)); });
        live.start(200);
        while (static_cast<double>(timer.elapsed()) < 1000 * real_s / faster)
            QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 5);
    };
    int turn = 0;
    wait_s(random.uniform() * 600);
    while (static_cast<double>(day.elapsed()) < 1000 * seconds) {
        const std::string& pilot = pilots[static_cast<std::size_t>(2 * (number - 1) + turn++ % 2) % pilots.size()];
        std::string session;
        timed(
            [&] { return !(session = school->start_session(pilot, "Bay controller", "bay-" + std::to_string(number))).empty(); });
        double active_s = 0;
        for (int flight = 0; flight < 20 && static_cast<double>(day.elapsed()) < 1000 * seconds; ++flight) {
            for (int i = 0; i < 4; ++i) {
                wait_s(25 + 10 * random.uniform());
                active_s += 28;
                timed([&] { return school->note_session(session, active_s, 60); });
            }
            const auto log = std::make_shared<const FlightLog>(
                short_flight(static_cast<std::uint64_t>(number) * 1'000'000 + static_cast<std::uint64_t>(turn * 100 + flight)));
            std::string id;
            timed([&] {
                return !(id = school->add_attempt(attempt_of(pilot, session, 50 + 50 * random.uniform()), nullptr)).empty();
            });
            school->record().attachments().keep(*log); // and goes to the server beside it
            if (!id.empty()) ++seen.attempts;
            if (flight % 5 == 0) timed([&] { return school->tick_kit(pilot, "controller", true); });
        }
        timed([&] { return school->end_session(session, active_s, 60); });
    }
    school->record().finish_sending(30'000);
    const std::scoped_lock lock(seen.mutex);
    seen.commits_ms.insert(seen.commits_ms.end(), commits_ms.begin(), commits_ms.end());
}

void day_of_a_school(PrivateServer& server, double seconds)
{
    const std::string place = server.new_database();
    const QTemporaryDir home;
    std::vector<std::string> pilots;
    const auto desk = opened(place, home, 0);
    for (int i = 0; i < pilot_count; ++i) pilots.push_back(desk->add_pilot({"", "Pilot " + std::to_string(i + 1)}));
    Seen seen;
    std::vector<std::unique_ptr<QThread>> stations;
    for (int i = 1; i <= station_count; ++i) {
        stations.emplace_back(QThread::create([&, i] { work_a_day(place, home, i, pilots, seconds, seen); }));
        stations.back()->start();
    }
    double early_mb = 0, late_mb = 0;
    QElapsedTimer timer;
    timer.start();
    while (std::any_of(stations.begin(), stations.end(), [](const auto& s) { return s->isRunning(); })) {
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents, 20);
        const double part = static_cast<double>(timer.elapsed()) / (1000 * seconds);
        if (part > 0.3 && early_mb == 0) early_mb = resident_mb();
        if (part < 0.98) late_mb = resident_mb();
    }
    for (const auto& station : stations) station->wait();
    const auto server_now = Database::on_server(place);
    const int there = server_now->value("SELECT count(*) FROM attempts").toInt();
    const int files = server_now->value("SELECT count(*) FROM attachments").toInt();
    const auto report = verify_record(place);
    auto& ms = seen.commits_ms;
    if (ms.empty()) return static_cast<void>(std::printf("so small a part of a day that nobody flew in it\n"));
    std::sort(ms.begin(), ms.end());
    std::printf(
        "%d stations, %d pilots, %.1f h at %.0f times their speed: %zu commits, %.1f a second; half under %.1f ms, 95 %% under "
        "%.1f ms, 99 %% under %.1f ms, worst %.0f ms\n",
        station_count, pilot_count, seconds * faster / 3600, faster, ms.size(), static_cast<double>(ms.size()) / seconds,
        share_of(ms, 0.5), share_of(ms, 0.95), share_of(ms, 0.99), ms.back());
    std::printf("attempts kept %d, on the server %d, flight logs %d, refused %d; what stations told heard %d times; %lld entries "
                "verified, "
                "%zu problems; memory of all stations %.0f MB after a third, %.0f MB at the end\n",
                seen.attempts.load(), there, files, seen.refused.load(), seen.told.load(),
                static_cast<long long>(report ? report->entries : 0), report ? report->problems.size() : 1, early_mb, late_mb);
}

/// In small turns, so that a slow moment of the machine falls on all alike. `flush_us`: what the server waits for its disk
/// at each commit beside what this machine's takes (its own commit_delay), for bare inserts and for ours.
void appending(PrivateServer& server, int flush_us)
{
    constexpr int of_turn = 100, of_gesture = 5;
    const int turns = flush_us > 0 ? 20 : 60;
    const std::string place = server.new_database();
    if (flush_us > 0) {
        const std::string name = Database::on_server(place)->value("SELECT current_database()").toStdString();
        server.sql("postgres", "ALTER DATABASE " + name + " SET commit_delay = " + std::to_string(flush_us) +
                                   "; ALTER DATABASE " + name + " SET commit_siblings = 0"); // for who comes to it from now on
    }
    const QTemporaryDir home;
    const auto record = must(Record::open(place, options_of(home, 0)));
    record->append({{"pilot", "p1", body_of(Pilot{"p1", "Iris Quayle"}), ""}});
    const auto plain = Database::on_server(place);
    plain->run_script("CREATE TABLE plain (LIKE entries INCLUDING ALL)"); // the same columns, keys and indexes
    plain->run_script("CREATE TABLE plain_too (LIKE entries INCLUDING ALL)");
    QSqlDatabase qt = QSqlDatabase::addDatabase("QPSQL", QString::fromStdString(place));
    qt.setConnectOptions(QString::fromStdString(must(server_address(place)).parameters));
    QSqlQuery qts_insert(qt.open() ? qt : QSqlDatabase());
    if (!qts_insert.prepare("INSERT INTO hangar.plain_too VALUES (?,?,?,?,?,?,?,?,?,?,?)")) std::abort();
    Session session;
    session.pilot_id = "p1", session.started_at = 1'900'000'000;
    const std::string body = body_of(session), hash(64, 'a'), signature(105, 's');
    std::vector<double> qts_ms, bare_ms, ours_ms, five_ms, of_qts, of_bare, five_share; // an entry's, turn by turn
    for (int turn = 0; turn < turns; ++turn) {
        const auto timed_ms = [](auto what) {
            QElapsedTimer timer;
            timer.start();
            what();
            return static_cast<double>(timer.nsecsElapsed()) / 1e6 / of_turn;
        };
        const int first = turn * of_turn;
        const auto plain_row = [&](int i) {
            return std::array<QVariant, 11>{bound(static_cast<std::int64_t>(i)),
                                            bound(session.started_at),
                                            bound("coordinator"),
                                            bound("session"),
                                            bound("s" + std::to_string(i)),
                                            QVariant(),
                                            bound(""),
                                            bound(body),
                                            bound(hash),
                                            bound(hash + std::to_string(i)),
                                            bound(signature)};
        };
        qts_ms.push_back(timed_ms([&] {
            for (int i = first; i < first + of_turn; ++i) {
                const auto row = plain_row(i);
                for (std::size_t column = 0; column < row.size(); ++column)
                    qts_insert.bindValue(static_cast<int>(column), row[column]);
                if (!qts_insert.exec()) std::abort();
            }
        }));
        bare_ms.push_back(timed_ms([&] {
            for (int i = first; i < first + of_turn; ++i)
                std::apply(
                    [&](const auto&... value) { plain->write("INSERT INTO plain VALUES (?,?,?,?,?,?,?,?,?,?,?)", value...); },
                    plain_row(i));
        }));
        ours_ms.push_back(timed_ms([&] {
            for (int i = first; i < first + of_turn; ++i) record->append({{"session", "s" + std::to_string(i), body, ""}});
        }));
        five_ms.push_back(timed_ms([&] {
            for (int i = first; i < first + of_turn; i += of_gesture) {
                std::vector<Draft> gesture;
                for (int j = i; j < i + of_gesture; ++j) gesture.push_back({"session", "g" + std::to_string(j), body, ""});
                record->append(gesture);
            }
        }));
        of_qts.push_back(qts_ms.back() / ours_ms.back());
        of_bare.push_back(bare_ms.back() / ours_ms.back());
        five_share.push_back(bare_ms.back() / five_ms.back());
    }
    std::printf(
        "appending, a commit waits %d us more for its disk, median of %d turns: bare prepared inserts %.3f ms through Qt's "
        "driver, %.3f ms past it; an entry alone %.3f ms, %.2f (a quarter of the turns under %.2f, a quarter over %.2f) and "
        "%.2f of their rate; in gestures of %d %.3f ms an entry, %.2f of the quicker ones' rate\n",
        flush_us, turns, share_of(qts_ms, 0.5), share_of(bare_ms, 0.5), share_of(ours_ms, 0.5), share_of(of_qts, 0.5),
        share_of(of_qts, 0.25), share_of(of_qts, 0.75), share_of(of_bare, 0.5), of_gesture, share_of(five_ms, 0.5),
        share_of(five_share, 0.5));
}

void opening(PrivateServer& server, int attempts)
{
    const std::string place = server.new_database();
    const QTemporaryDir home;
    {
        const auto record = must(Record::open(place, options_of(home, 0)));
        std::vector<Draft> drafts;
        for (int p = 0; p < pilot_count; ++p) {
            const std::string pilot = "p" + std::to_string(p), session = "s" + std::to_string(p);
            drafts.push_back({"pilot", pilot, body_of(Pilot{pilot, "Pilot " + std::to_string(p)}), ""});
            Session row;
            row.id = session, row.pilot_id = pilot, row.started_at = 1'900'000'000, row.ended_at = 1'900'003'600;
            drafts.push_back({"session", session, body_of(row), ""});
        }
        for (int i = 0; i < attempts; ++i) {
            JudgedAttempt a = attempt_of("p" + std::to_string(i % pilot_count), "s" + std::to_string(i % pilot_count), i % 100);
            a.id = "a" + std::to_string(i), a.at = 1'900'000'000 + i;
            drafts.push_back(draft_of(a));
            constexpr std::size_t at_once = 1000;
            if (drafts.size() < at_once && i + 1 < attempts) continue;
            record->append(drafts);
            drafts.clear();
        }
    }
    for (int round = 0; round < 3; ++round) {
        QElapsedTimer timer;
        timer.start();
        const auto school = opened(place, home, 0);
        std::size_t there = 0;
        for (const Pilot& pilot : school->pilots()) there += school->attempts(pilot.id).size();
        std::printf("opening %zu attempts over the socket: %.2f s\n", there, static_cast<double>(timer.elapsed()) / 1000);
    }
}

} // namespace

int main(int argc, char** argv)
{
    QCoreApplication application(argc, argv);
    const double part_of_day = argc > 1 ? std::atof(argv[1]) : 0.25;
    std::setvbuf(stdout, nullptr, _IOLBF, 0);
    PrivateServer server(true);
    appending(server, 0);
    appending(server, 100);
    appending(server, 1000);
    opening(server, 50'000);
    day_of_a_school(server, part_of_day * day_s / faster);
    return 0;
}
