#include "core/progress/outside_practice.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

struct Watch {
    OutsidePractice practice;
    double t_s = 1000;
    void fly(double seconds, bool here = false)
    {
        for (const double end = t_s + seconds; t_s < end; t_s += 0.05)
            practice.look(t_s, {0.4, 0, 0.5 * std::sin(2 * t_s), 0.3 * std::cos(3 * t_s)}, here);
    }
    void leave_alone(double seconds, bool here = false)
    {
        for (const double end = t_s + seconds; t_s < end; t_s += 0.05) practice.look(t_s, {0.4, 0, 0, 0}, here);
    }
};

} // namespace

TEST_CASE("practice outside begins when the sticks are worked and ends two minutes after they were left", "[core][progress]")
{
    using State = OutsidePractice::State;
    Watch w;
    w.leave_alone(300);
    CHECK(w.practice.state() == State::Waiting);
    const double began_s = w.t_s;
    w.fly(4);
    CHECK(w.practice.state() == State::Waiting);
    w.fly(60);
    CHECK(w.practice.state() == State::Running);
    w.leave_alone(50); // a pause
    w.fly(30);
    const double last_s = w.t_s;
    w.leave_alone(119);
    CHECK(w.practice.state() == State::Running);
    w.leave_alone(3);
    CHECK(w.practice.state() == State::Ended);
    CHECK(w.practice.started_s() == Approx(began_s).margin(0.2));
    CHECK(w.practice.ended_s() == Approx(last_s).margin(0.3));
    // 64 s and 30 s of flying, ten seconds of grace at each pause; the last two minutes are not counted.
    CHECK(w.practice.active_s() + w.practice.idle_s() == Approx(144).margin(11));
    CHECK(w.practice.active_s() == Approx(64 + 10 + 30 + 10).margin(1));
    w.fly(100);
    CHECK(w.practice.state() == State::Ended); // until it has been dealt with
    w.practice.wait_again();
    w.fly(20);
    CHECK(w.practice.state() == State::Running);
}

TEST_CASE("a bump of the desk begins nothing, nor does what is flown here", "[core][progress]")
{
    using State = OutsidePractice::State;
    Watch w;
    for (int i = 0; i < 20; ++i) w.fly(1), w.leave_alone(60); // a moment now and then
    CHECK(w.practice.state() == State::Waiting);
    w.fly(100, true);
    CHECK(w.practice.state() == State::Waiting);
    w.fly(20);
    CHECK(w.practice.state() == State::Running);
    w.fly(1, true); // a drill is started here: what ran outside is over
    CHECK(w.practice.state() == State::Ended);
}
