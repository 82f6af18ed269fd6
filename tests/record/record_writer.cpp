// Keeps flights on a record until it is killed, or until so many are safe, and says each one on stdout once it is. For
// kill_test.cpp: record_writer FILE [DATA [FLIGHTS]]
#include "school/school.h"

#include <QCoreApplication>
#include <QTimer>
#include <cstdio>
#include <cstdlib>
#include <random>

int main(int argc, char** argv)
{
    using namespace bh;
    QCoreApplication application(argc, argv);
    const int most = argc > 3 ? std::atoi(argv[3]) : 0;
    const auto data = DataFolder::find(argv[0], argc > 2 ? argv[2] : std::getenv("BLUEHANGAR_DATA"));
    auto record = Record::open(argc > 1 ? argv[1] : "");
    if (!record || !data) {
        std::fprintf(stderr, "%s\n", (record ? data.error() : record.error()).english.c_str());
        return 2;
    }
    School school(std::move(*record), *data);
    const std::string pilot = school.pilots().empty() ? school.add_pilot({"", "Nell Harker"}) : school.pilots().front().id;
    const std::string session = school.start_session(pilot, "Station 1 controller", "sq-01");
    int n = 0, safe = 0;
    const auto started = static_cast<double>(std::random_device{}() % 100'000);
    const auto keep_one = [&] {
        FlightLog log;
        for (int i = 0; i < 400; ++i) {
            FlightSample s;
            s.t_s = i * 0.01;
            s.height_m = started + n + i * 0.001; // no two flights are the same
            log.append(as_logged(s));
        }
        JudgedAttempt attempt;
        attempt.pilot_id = pilot;
        attempt.session_id = session;
        attempt.drill_id = "hover-window";
        attempt.score = n++ % 100;
        attempt.criteria.push_back({.measure = Measure::HeightInWindow,
                                    .label = "Height within ±2.5 m",
                                    .unit = Unit::Share,
                                    .value = 0.5,
                                    .fail = 0.2,
                                    .pass = 0.5,
                                    .merit = 0.95,
                                    .marks = 60,
                                    .must = true});
        std::shared_ptr<FlightJournal> journal = school.begin_journal(attempt);
        if (journal) journal->add(log);
        school.keep_flight(std::move(attempt), std::make_shared<const FlightLog>(std::move(log)), nullptr, std::move(journal));
    };
    QObject::connect(&school, &School::flight_kept, [&](const std::string& id) {
        std::printf("%s\n", id.c_str());
        std::fflush(stdout);
        school.note_session(session, n, 1);
        if (++safe == most) return QCoreApplication::quit();
        keep_one();
    });
    QTimer::singleShot(0, [&] {
        for (int waiting = 0; waiting < 3; ++waiting) keep_one(); // some are always on their way
    });
    const int result = QCoreApplication::exec();
    school.disconnect(); // what is kept while it closes is not said
    return result;
}
