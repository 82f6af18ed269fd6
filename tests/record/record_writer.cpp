// Writes attempts into a record until it is killed, and says each one on stdout after it is safe. For kill_test.cpp.
#include "record/record.h"

#include <QCoreApplication>
#include <cstdio>

int main(int argc, char** argv)
{
    using namespace bh;
    const QCoreApplication application(argc, argv);
    auto opened = Record::open(argv[1]);
    if (!opened) {
        std::fprintf(stderr, "%s\n", opened.error().message.c_str());
        return 2;
    }
    Record& record = **opened;
    record.close_left_open_sessions();
    const std::string pilot = record.pilots().empty() ? record.add_pilot({"", "Nell Harker"}) : record.pilots().front().id;
    const std::string session = record.start_session(pilot, "");
    for (int n = 0;; ++n) {
        FlightLog log;
        for (int i = 0; i < 400; ++i) {
            FlightSample s;
            s.t_s = i * 0.01;
            s.height_m = n + i * 0.001 + static_cast<double>(record.now() % 1000);
            log.append(as_logged(s));
        }
        AttemptRow attempt;
        attempt.pilot_id = pilot;
        attempt.session_id = session;
        attempt.drill_id = "hover-window";
        attempt.mode = "acro";
        attempt.score = n % 100;
        attempt.criteria.push_back({"Height within ±2.5 m", "share", 0.5, 0.2, 0.5, 0.95, 60, true});
        std::printf("%s\n", record.add_attempt(attempt, log).c_str());
        std::fflush(stdout);
        record.note_session_time(session, n, 1);
    }
}
