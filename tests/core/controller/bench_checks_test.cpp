// What follows a calibration: the verification on clock faces, stick modes, and the drift from one to the next.
#include "core/base/random.h"
#include "core/controller/drift.h"
#include "core/controller/verification.h"

#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;

namespace {

/// A hand that does what is asked, through a controller that may be calibrated wrongly.
struct Hand {
    int mode = 2;
    std::array<double, 4> sign{1, 1, 1, 1};              ///< per function; −1: reversed by a wrong calibration
    std::array<std::size_t, 4> comes_out_as{0, 1, 2, 3}; ///< which function a push comes out as
    bool sprung_throttle = false;
    double t_s = 0;
    Verification verification{mode};
    std::array<double, 4> pushed{-1, 0, 0, 0}; ///< what the hand does

    explicit Hand(int stick_mode_number) : mode(stick_mode_number), verification(stick_mode_number) {}

    void hold(double seconds)
    {
        for (const double end = t_s + seconds; t_s < end && verification.state() == Verification::State::Running; t_s += 0.02) {
            std::array<double, 4> shown{};
            for (std::size_t f = 0; f < 4; ++f) shown[comes_out_as[f]] = sign[f] * pushed[f];
            verification.look(t_s, {0.5 * (shown[0] + 1), shown[1], shown[2], shown[3]});
        }
    }
    /// Follows the checks; returns the trouble, empty when it passed.
    std::string follow()
    {
        if (sprung_throttle) pushed[0] = 0;
        for (int guard = 0; guard < 40 && verification.state() == Verification::State::Running; ++guard) {
            const VerificationCheck check = verification.checks()[verification.current()];
            const auto f = static_cast<std::size_t>(check.function);
            hold(0.4);
            for (int i = 1; i <= 10; ++i) pushed[f] += (check.sign - pushed[f]) * i / 10, hold(0.02);
            hold(3.5);
            if (check.function != Function::Throttle || sprung_throttle) pushed[f] = 0;
            hold(0.3);
        }
        return verification.trouble().english();
    }
};

Calibration with_centre(double centre_share, double jitter_share = 0.0008)
{
    Calibration c;
    for (FunctionCalibration& f : c.functions) {
        f.axis = static_cast<int>(&f - c.functions.data());
        f.sprung = true;
        f.low_counts = 0, f.high_counts = 4000;
        f.centre_counts = 2000;
        f.jitter_counts = 2000 * jitter_share;
        f.hysteresis_counts = 4;
        f.travel_share = 0.97;
    }
    c.of(Function::Roll).centre_counts = 2000 * (1 + centre_share);
    return c;
}

} // namespace

TEST_CASE("the stick modes carry each function once, and mode 2 is throttle and yaw left, pitch and roll right",
          "[core][controller]")
{
    for (int mode = 1; mode <= 4; ++mode) {
        const StickMode m = stick_mode(mode);
        int on_left = 0, upright = 0;
        for (Function f : all_functions) on_left += m.on_left(f), upright += m.upright(f);
        CAPTURE(mode);
        CHECK(on_left == 2);
        CHECK(upright == 2);
        CHECK_FALSE(m.upright(Function::Yaw));
        CHECK_FALSE(m.upright(Function::Roll));
    }
    CHECK(stick_mode(2).left_up == Function::Throttle);
    CHECK(stick_mode(1).right_up == Function::Throttle);
    CHECK(stick_mode(3).left_across == Function::Roll);
    CHECK(stick_mode(4).right_across == Function::Yaw);
    CHECK(stick_mode(9).left_up == Function::Throttle);
}

TEST_CASE("a good calibration is verified in every stick mode, with and without a sprung throttle", "[core][controller]")
{
    for (int mode = 1; mode <= 4; ++mode)
        for (bool sprung : {false, true}) {
            Hand hand(mode);
            hand.sprung_throttle = sprung;
            CAPTURE(mode, sprung);
            CHECK(hand.follow() == "");
            CHECK(hand.verification.state() == Verification::State::Passed);
        }
}

TEST_CASE("every reversed function is found, and named", "[core][controller]")
{
    for (int mode = 1; mode <= 4; ++mode)
        for (Function f : all_functions)
            for (bool sprung : {false, true}) {
                Hand hand(mode);
                hand.sprung_throttle = sprung;
                hand.sign[static_cast<std::size_t>(f)] = -1;
                CAPTURE(mode, function_key(f), sprung);
                const std::string trouble = hand.follow();
                CAPTURE(trouble);
                CHECK(hand.verification.state() == Verification::State::Failed);
                CHECK(trouble.find(std::string(function_key(f)) + " is reversed") != std::string::npos);
            }
}

TEST_CASE("exchanged functions are never verified", "[core][controller]")
{
    for (std::size_t a = 0; a < 4; ++a)
        for (std::size_t b = a + 1; b < 4; ++b) {
            Hand hand(2);
            hand.sprung_throttle = true;
            std::swap(hand.comes_out_as[a], hand.comes_out_as[b]);
            CAPTURE(a, b);
            CHECK(hand.follow() != "");
            CHECK(hand.verification.state() == Verification::State::Failed);
        }
    Hand lefts(2); // the two sticks the other way round
    lefts.sprung_throttle = true;
    lefts.comes_out_as = {2, 3, 0, 1};
    CHECK(lefts.follow().find("the sticks are the other way round") != std::string::npos);
}

TEST_CASE("a push that is too short or half-hearted is waited for, and a failed check can be tried again", "[core][controller]")
{
    Hand hand(2);
    hand.hold(1);
    hand.pushed[0] = 0.3; // two thirds up
    hand.hold(3);
    CHECK(hand.verification.current() == 0);
    CHECK(hand.verification.state() == Verification::State::Running);
    hand.pushed[0] = 1;
    hand.hold(0.5);
    CHECK(hand.verification.current() == 1);
    hand.pushed[0] = -1;
    hand.hold(0.5);
    CHECK(hand.verification.current() == 2);
    hand.hold(0.2);
    hand.pushed[1] = -1; // the wrong way
    hand.hold(2);
    CHECK(hand.verification.state() == Verification::State::Failed);
    CHECK(hand.verification.trouble().english().find(
              "Asked for the left stick at 3 o'clock, but the left stick went to 9 o'clock") == 0);
    hand.pushed[1] = 0;
    hand.verification.again();
    hand.hold(0.5);
    hand.pushed[1] = 1;
    hand.hold(0.5);
    CHECK(hand.verification.current() == 3);
}

TEST_CASE("the control chart's limits are mean plus and minus 2.66 mean moving ranges", "[core][controller]")
{
    // Worked by hand: 10, 12, 11, 13, 12 have mean 11.6 and moving ranges 2, 1, 2, 1, mean 1.5.
    const ControlChart inside = control_chart({10, 12, 11, 13, 12, 15});
    CHECK(inside.can_judge);
    CHECK(inside.mean == Approx(11.6));
    CHECK(inside.high == Approx(11.6 + 2.66 * 1.5));
    CHECK(inside.low == Approx(11.6 - 2.66 * 1.5));
    CHECK_FALSE(inside.out_of_control);
    CHECK(control_chart({10, 12, 11, 13, 12, 15.7}).out_of_control);
    CHECK(control_chart({10, 12, 11, 13, 12, 7.5}).out_of_control);
    CHECK_FALSE(control_chart({10, 12, 11, 30}).can_judge);            // three older values say nothing
    CHECK_FALSE(control_chart({5, 5, 5, 5, 5.1}, 0.2).out_of_control); // smaller than matters
    CHECK(control_chart({5, 5, 5, 5, 5.3}, 0.2).out_of_control);
}

TEST_CASE("false alarms of the control chart are rare and real shifts are seen", "[core][controller]")
{
    SeededRandom random(4);
    int alarms = 0, seen = 0;
    for (int round = 0; round < 1000; ++round) {
        std::vector<double> values;
        for (int i = 0; i < 20; ++i) values.push_back(random.normal());
        values.push_back(random.normal());
        alarms += control_chart(values).out_of_control;
        values.back() = 6 + random.normal();
        seen += control_chart(values).out_of_control;
    }
    CHECK(alarms < 40); // 0.27 % for known limits (normal distribution, 3 sigma); limits from 20 values are looser
    CHECK(seen > 950);
}

TEST_CASE("a centre that wanders is told as drift, a steady controller is not", "[core][controller]")
{
    SeededRandom random(9);
    std::vector<Calibration> history;
    for (int i = 0; i < 8; ++i) history.push_back(with_centre(0.002 * random.normal()));
    CHECK(drift_of(history).which.empty());
    history.push_back(with_centre(0.03));
    const Drift drift = drift_of(history);
    REQUIRE(drift.which.size() == 1);
    CHECK(drift.which[0] == std::pair{Function::Roll, DriftMeasure::Centre});
    CHECK(drift.words == "Controller has drifted: roll centre");
    history.back() = with_centre(0, 0.006);
    CHECK(drift_of(history).which.size() == 4); // jitter of all four
    CHECK(drift_of({with_centre(0.3)}).which.empty());
    CHECK(drift_of({}).words.empty());
}
