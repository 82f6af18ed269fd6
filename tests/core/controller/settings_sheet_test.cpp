#include "core/controller/settings_sheet.h"

#include "core/base/random.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace bh;

namespace {

Calibration controller(std::array<int, 4> axes, unsigned inverted, int axis_count = 8)
{
    Calibration c;
    for (Function f : all_functions) {
        FunctionCalibration& x = c.of(f);
        x.axis = axes[static_cast<std::size_t>(f)];
        x.inverted = inverted >> static_cast<unsigned>(f) & 1;
        x.sprung = f != Function::Throttle;
        x.low_counts = x.inverted ? 2000 : 0;
        x.centre_counts = 1000;
        x.high_counts = x.inverted ? 0 : 2000;
        x.verdict = Verdict::Good;
    }
    (void)axis_count;
    return c;
}

/// All ways to put four functions on four of the first five axes.
std::vector<std::array<int, 4>> wirings()
{
    std::vector<std::array<int, 4>> all;
    std::array<int, 5> axes{0, 1, 2, 3, 4};
    do {
        const std::array<int, 4> four{axes[0], axes[1], axes[2], axes[3]};
        if (std::find(all.begin(), all.end(), four) == all.end()) all.push_back(four);
    } while (std::next_permutation(axes.begin(), axes.end()));
    return all;
}

/// Pushes each function to both ends and looks at what the simulator would do with its settings filled in from the sheet.
void obeys(const Calibration& c, const SimulatorProfile& s, const SettingsSheet& sheet)
{
    for (const SheetRow& row : sheet.rows)
        for (Function pushed : all_functions)
            for (double side : {-1.0, 1.0}) {
                Sticks sticks{0.5, 0, 0, 0};
                if (pushed == Function::Throttle) sticks.throttle = side > 0 ? 1 : 0;
                if (pushed == Function::Yaw) sticks.yaw = side;
                if (pushed == Function::Pitch) sticks.pitch = side;
                if (pushed == Function::Roll) sticks.roll = side;
                const double seen = reading_of(s, row, c, to_counts(c, sticks, 8));
                const bool upper_half = row.range == "upper half";
                const double at_rest = row.function != Function::Throttle ? 0 : upper_half ? 0 : 0.5;
                const double expected = pushed != row.function               ? at_rest
                                        : row.function == Function::Throttle ? (side > 0 ? 1 : 0)
                                                                             : side;
                if (std::abs(seen - expected) > 1e-9) {
                    CAPTURE(function_key(row.function), function_key(pushed), side, row.axis, row.invert, row.range);
                    CHECK(seen == Approx(expected).margin(1e-9));
                }
            }
}

} // namespace

TEST_CASE("the sheet makes every simulator obey every controller", "[core][sheet][slow]")
{
    // 120 wirings x 16 inversions x 16 expectations x 2 bases x 2 throttle ranges: all of them.
    long tried = 0;
    for (const auto& axes : wirings())
        for (unsigned inverted = 0; inverted < 16; ++inverted) {
            const Calibration c = controller(axes, inverted);
            for (unsigned expects = 0; expects < 16; ++expects)
                for (int base : {0, 1})
                    for (auto range : {SimulatorProfile::Throttle::Full, SimulatorProfile::Throttle::UpperHalf}) {
                        SimulatorProfile s;
                        s.axis_base = base;
                        s.throttle = range;
                        for (std::size_t f = 0; f < 4; ++f) s.rising_is_positive[f] = expects >> f & 1;
                        const auto sheet = settings_sheet(c, s);
                        if (!sheet) FAIL(sheet.error().english);
                        obeys(c, s, *sheet);
                        ++tried;
                    }
        }
    CHECK(tried == 120L * 16 * 16 * 2 * 2);
}

TEST_CASE("a worked example: axis numbers, ticks and range as a person would work them out", "[core][sheet]")
{
    // Controller: throttle on its first axis and falling upwards, yaw second, pitch third and falling forward, roll fourth.
    const Calibration c = controller({0, 1, 2, 3}, 0b0101);
    SimulatorProfile s;
    s.axis_base = 1;
    s.order = {Function::Roll, Function::Pitch, Function::Throttle, Function::Yaw};
    s.rising_is_positive[static_cast<std::size_t>(Function::Pitch)] = false; // wants rising counts for "back"
    s.throttle = SimulatorProfile::Throttle::Choice;
    const auto sheet = settings_sheet(c, s);
    REQUIRE(sheet);
    REQUIRE(sheet->rows.size() == 4);
    CHECK(sheet->rows[0].function == Function::Roll);
    CHECK(sheet->rows[0].axis == 4);
    CHECK_FALSE(sheet->rows[0].invert);
    CHECK(sheet->rows[1].axis == 3);
    CHECK_FALSE(sheet->rows[1].invert); // falls forward, and that is what it wants
    CHECK(sheet->rows[2].axis == 1);
    CHECK(sheet->rows[2].invert);
    CHECK(sheet->rows[2].range == "full");
    CHECK(sheet->rows[3].axis == 2);
    CHECK(sheet->rows[3].range == "both ways");
}

TEST_CASE("the notes warn of what has to be lived with", "[core][sheet]")
{
    const auto mentions = [](const SettingsSheet& sheet, const char* words) {
        return std::any_of(sheet.notes.begin(), sheet.notes.end(),
                           [&](const Message& n) { return n.english().find(words) != std::string::npos; });
    };
    SimulatorProfile s;
    s.throttle = SimulatorProfile::Throttle::UpperHalf;
    s.arming = SimulatorProfile::Arming::ByItself;
    s.mode_names[Mode::Acro] = "Expert";
    Calibration c = controller({0, 1, 2, 3}, 0);
    CHECK(mentions(*settings_sheet(c, s), "lower half does nothing"));
    CHECK(mentions(*settings_sheet(c, s), "arms by itself"));
    CHECK(mentions(*settings_sheet(c, s), "Acro mode is called \"Expert\""));
    c.of(Function::Throttle).sprung = true;
    CHECK_FALSE(mentions(*settings_sheet(c, s), "lower half does nothing"));
    s.throttle = SimulatorProfile::Throttle::Full;
    CHECK(mentions(*settings_sheet(c, s), "springs back to the middle"));
    c.problems.push_back("pitch: no axis moved");
    CHECK(settings_sheet(c, s).error().english.find("pitch: no axis moved") != std::string::npos);
}

TEST_CASE("an unknown simulator's convention is found from what it showed", "[core][sheet]")
{
    SeededRandom random(12);
    const auto all_wirings = wirings();
    for (int round = 0; round < 400; ++round) {
        const Calibration c = controller(all_wirings[static_cast<std::size_t>(random.uniform() * 120)],
                                         static_cast<unsigned>(random.uniform() * 16));
        SimulatorProfile truth;
        truth.axis_base = random.uniform() < 0.5 ? 0 : 1;
        for (std::size_t f = 0; f < 4; ++f) truth.rising_is_positive[f] = random.uniform() < 0.5;
        truth.throttle = random.uniform() < 0.5 ? SimulatorProfile::Throttle::Full : SimulatorProfile::Throttle::UpperHalf;
        SimulatorProfile guess; // the coordinator's first guess knows nothing
        Learnt learnt{guess, {}, {}, false};
        SettingsSheet sheet = *settings_sheet(c, guess);
        int looks = 0;
        std::vector<Observation> seen;
        // What the simulator shows when its settings stand as on the sheet: each function pushed, what answers is told.
        for (; looks < 3 && !learnt.settled; ++looks) {
            sheet = *settings_sheet(c, learnt.profile);
            seen.clear();
            for (Function pushed : all_functions) {
                Observation o;
                o.kind = Observation::Kind::Nothing;
                o.pushed = pushed;
                for (const SheetRow& row : sheet.rows) {
                    Sticks low{0.25, 0, 0, 0}, high{0.25, 0, 0, 0};
                    if (pushed == Function::Throttle) low.throttle = 0, high.throttle = 1;
                    if (pushed == Function::Yaw) high.yaw = 1;
                    if (pushed == Function::Pitch) high.pitch = 1;
                    if (pushed == Function::Roll) high.roll = 1;
                    const double before = reading_of(truth, row, c, to_counts(c, low, 8));
                    const double after = reading_of(truth, row, c, to_counts(c, high, 8));
                    if (std::abs(after - before) < 0.3) continue;
                    o.kind = Observation::Kind::Moved;
                    o.answered = row.function;
                    o.answered_positive = after > before;
                }
                seen.push_back(o);
            }
            Observation throttle;
            throttle.kind = Observation::Kind::Throttle;
            throttle.throttle_at_middle = truth.throttle == SimulatorProfile::Throttle::UpperHalf ? 0 : 0.5;
            seen.push_back(throttle);
            learnt = learn(learnt.profile, c, sheet, seen);
            INFO(learnt.conflict);
            REQUIRE(learnt.conflict.empty());
        }
        CAPTURE(round, looks);
        CHECK(learnt.settled);
        CHECK(learnt.profile.axis_base == truth.axis_base);
        CHECK(learnt.profile.throttle == truth.throttle);
        CHECK(learnt.profile.rising_is_positive == truth.rising_is_positive);
        CHECK(looks <= 3);
        obeys(c, truth, *settings_sheet(c, learnt.profile));
    }
}

TEST_CASE("observations that contradict each other change nothing", "[core][sheet]")
{
    const Calibration c = controller({0, 1, 2, 3}, 0);
    SimulatorProfile s;
    const SettingsSheet sheet = *settings_sheet(c, s);
    Observation forward{Observation::Kind::Moved, Function::Pitch, Function::Pitch, true};
    Observation back = forward;
    back.answered_positive = false;
    const Learnt learnt = learn(s, c, sheet, {forward, back});
    CHECK(learnt.conflict.english().find("pitch") != std::string::npos);
    CHECK(learnt.changed.empty());
    const Learnt bases = learn(s, c, sheet, {forward, {Observation::Kind::Moved, Function::Roll, Function::Yaw, true}});
    CHECK(bases.conflict.english().find("counting the axes") != std::string::npos);
    const Learnt one = learn(s, c, sheet, {back});
    CHECK(one.conflict.empty());
    CHECK_FALSE(one.settled);
    REQUIRE(one.changed.size() == 1);
    CHECK(one.changed[0] == "Pitch: rising counts are not forward there.");
}
