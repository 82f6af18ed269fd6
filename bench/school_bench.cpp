// How long the window stands still with a large school: 40 pilots and 50,000 attempts, every page made. Prints medians.
// With a folder as its argument, the record is kept there, and one that is there already is used as it is.
#include "core/standin/stand_in_pilot.h"
#include "desk/parts/look/theme.h"
#include "desk/shell/window/main_window.h"
#include "must.h"
#include "record/chain/bodies.h"
#include "school/flights/take_off.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QCheckBox>
#include <QRegularExpression>
#include <QThread>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <functional>

using namespace bh;

namespace {

constexpr int pilot_count = 40, attempts_each = 1250, attempts_a_session = 5;
constexpr UnixTime day_s = 86400, now = 1'900'000'000;

template <class F>
double ms_of(F&& f)
{
    const auto from = std::chrono::steady_clock::now();
    f();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - from).count();
}

double median(std::vector<double> of)
{
    std::sort(of.begin(), of.end());
    return of[of.size() / 2];
}

struct Flown {
    JudgedAttempt attempt;
    std::shared_ptr<const FlightLog> log;
};

/// Attempts as flights of today leave them: with their criteria, faults and what they were flown with.
std::vector<Flown> fly_some(const School& school)
{
    std::vector<Flown> flown;
    std::uint64_t seed = 1;
    for (const char* id : {"hover-window", "straight-run", "lift-settle", "corner-box"}) {
        const Drill* drill = school.drill(id);
        if (!drill) continue;
        const PreparedFlight flight = must(prepared(school, *drill, {}));
        for (const double skill : {0.3, 0.6, 0.9}) {
            FlownDrill one = must(fly_drill(*drill, flight.setup, skill, seed++));
            JudgedAttempt attempt = judged_attempt(one.score, flight.setup.mode);
            attempt.flight = flight.flown_with;
            flown.push_back({std::move(attempt), std::make_shared<const FlightLog>(std::move(one.log))});
        }
    }
    return flown;
}

/// Writes the record: a day after the other, every pilot in turn.
void write(Record& record, const std::vector<Flown>& patterns)
{
    std::vector<Draft> drafts;
    const auto flush = [&] {
        record.append(drafts);
        drafts.clear();
    };
    for (int p = 0; p < pilot_count; ++p) {
        Pilot pilot;
        pilot.id = "pilot-" + std::to_string(p), pilot.name = "Pilot " + std::to_string(p + 1);
        drafts.push_back({"pilot", pilot.id, body_of(pilot), ""});
    }
    flush();
    constexpr int days = attempts_each / attempts_a_session;
    int made = 0;
    for (int day = 0; day < days; ++day) {
        for (int p = 0; p < pilot_count; ++p) {
            Session session;
            session.id = "session-" + std::to_string(day) + "-" + std::to_string(p);
            session.pilot_id = "pilot-" + std::to_string(p);
            session.started_at = now - (days - day) * day_s + p * 600;
            session.ended_at = session.started_at + 1800;
            session.active_s = 1500, session.idle_s = 300;
            drafts.push_back({"session", session.id, body_of(session), ""});
            for (int a = 0; a < attempts_a_session; ++a, ++made) {
                JudgedAttempt attempt = patterns[static_cast<std::size_t>(made) % patterns.size()].attempt;
                attempt.id = "attempt-" + std::to_string(made);
                attempt.pilot_id = session.pilot_id, attempt.session_id = session.id;
                attempt.at = session.started_at + 300 * (a + 1);
                drafts.push_back(draft_of(attempt));
            }
        }
        if (day % 5 == 4) flush();
    }
    flush();
}

RecordOptions of_the_day()
{
    RecordOptions options;
    options.remember_heads = false;
    options.clock = [] { return now; };
    return options;
}

/// What is waited for in the window, from the click until everything in it shows it.
double until_shown_ms(const std::function<void()>& does)
{
    return ms_of([&] {
        does();
        QApplication::processEvents();
    });
}

/// The window on a record of very many pilots, from opening the file until every page has been shown.
void open_many_pilots(const std::filesystem::path& file)
{
    constexpr int many = 10'000;
    if (!std::filesystem::exists(file)) {
        const auto record = must(Record::open(file, of_the_day()));
        std::vector<Draft> drafts;
        for (int p = 0; p < many; ++p) {
            Pilot pilot;
            pilot.name = "Pilot " + std::to_string(p + 1);
            drafts.push_back({"pilot", "pilot-" + std::to_string(p), body_of(pilot), ""});
        }
        record->append(drafts);
    }
    std::unique_ptr<School> school;
    const double record_ms =
        ms_of([&] { school = std::make_unique<School>(must(Record::open(file, of_the_day())), DataFolder(BH_DATA)); });
    const double window_ms = ms_of([&] {
        Station station(*school);
        desk::MainWindow window(*school, station, "Bench");
        window.show();
        QApplication::processEvents();
    });
    std::printf("%d pilots: opening the record %.0f ms, its window until it shows %.0f ms\n", many, record_ms, window_ms);
}

} // namespace

int main(int argc, char** argv)
{
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    desk::applyTheme(application, false);
    const bool kept = argc > 1;
    const std::filesystem::path folder = kept ? std::filesystem::path(argv[1])
                                              : std::filesystem::temp_directory_path() /
                                                    ("bluehangar-bench-" + std::to_string(QCoreApplication::applicationPid()));
    std::filesystem::create_directories(folder);
    const auto file = folder / "record.sqlite";
    if (!std::filesystem::exists(file)) {
        School school(must(Record::open(file, of_the_day())), DataFolder(BH_DATA));
        const std::vector<Flown> flown = fly_some(school);
        const double writing_ms = ms_of([&] { write(school.record(), flown); });
        std::printf("record of %d pilots and %d attempts written in %.1f s, %.0f MB\n", pilot_count, pilot_count * attempts_each,
                    writing_ms / 1000, static_cast<double>(std::filesystem::file_size(file)) / 1e6);
    }
    std::vector<double> opening_ms;
    for (int i = 0; i < 5; ++i)
        opening_ms.push_back(ms_of([&] { School school(must(Record::open(file, of_the_day())), DataFolder(BH_DATA)); }));
    std::printf("opening the record: %.0f ms\n", median(opening_ms));

    School school(must(Record::open(file, of_the_day())), DataFolder(BH_DATA));
    const std::vector<Flown> flown = fly_some(school);
    Station station(school);
    desk::MainWindow window(school, station, "Bench");
    window.resize(1280, 800);
    window.show();
    QApplication::processEvents();
    station.choosePilot(school.pilots()[7].id);
    QApplication::processEvents();
    for (int page = 0; page < desk::MainWindow::PageCount; ++page) {
        const auto shown = static_cast<desk::MainWindow::Page>(page);
        std::printf("%s, its first show: %.0f ms\n", qPrintable(desk::MainWindow::pageName(shown)),
                    until_shown_ms([&] { window.showPage(shown); }));
    }

    window.showPage(desk::MainWindow::Kit);
    QApplication::processEvents();
    const auto boxes = window.findChildren<QCheckBox*>(QRegularExpression(QStringLiteral("^kit-")));
    std::vector<double> tick_ms;
    for (int i = 0; i < 40; ++i) tick_ms.push_back(until_shown_ms([&] { boxes[i % boxes.size()]->click(); }));
    std::printf("a kit tick until it shows: %.1f ms, slowest %.1f ms\n", median(tick_ms),
                *std::max_element(tick_ms.begin(), tick_ms.end()));

    for (const auto& [page, name] : {std::pair{desk::MainWindow::Drills, "Drills"},
                                     {desk::MainWindow::Board, "Board"},
                                     {desk::MainWindow::Progress, "Progress"}}) {
        window.showPage(page);
        QApplication::processEvents();
        std::vector<double> kept_ms, still_ms;
        for (std::size_t i = 0; i < 20; ++i) {
            JudgedAttempt attempt = flown[i % flown.size()].attempt;
            attempt.pilot_id = station.pilotId();
            // Until it shows; and how long the window stood still on the way there.
            double longest_ms = 0;
            kept_ms.push_back(ms_of([&] {
                longest_ms = until_shown_ms([&] { school.keep_flight(std::move(attempt), flown[i % flown.size()].log); });
                while (school.flights_waiting() > 0) {
                    longest_ms = std::max(longest_ms, ms_of([] { QApplication::processEvents(); }));
                    QThread::msleep(1);
                }
                longest_ms = std::max(longest_ms, ms_of([] { QApplication::processEvents(); }));
            }));
            still_ms.push_back(longest_ms);
        }
        std::printf(
            "a finished flight until it shows on %s: %.1f ms, slowest %.1f ms; the window stands still for at most %.1f ms\n",
            name, median(kept_ms), *std::max_element(kept_ms.begin(), kept_ms.end()),
            *std::max_element(still_ms.begin(), still_ms.end()));
    }
    open_many_pilots(folder / "many.sqlite");
    if (!kept) std::filesystem::remove_all(folder);
    return 0;
}
