// The reference recordings, played into SDL's virtual joystick in real time and calibrated by the page's own checklist.
#include "desk/controller/controller_page.h"
#include "desk_fixture.h"
#include "files/tables/recording_csv.h"
#include "reference.h"
#include "virtual_joystick.h"

#include <QElapsedTimer>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

TEST_CASE("the reference controllers are calibrated through the page as through the command line", "[desk][realtime]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        CAPTURE(row["id"].get<std::string>());
        const auto recording = load_recording_csv(std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
        REQUIRE(recording);
        // A run in which this process was held up is no fair play of the recording: it is made again.
        constexpr double held_up_ms = 120;
        std::optional<KeptCalibration> kept;
        for (int run = 0; run < 4 && !kept; ++run) {
            Desk desk;
            VirtualJoystick joystick(static_cast<int>(recording->axes_counts.size()));
            const auto put = [&](std::size_t i) {
                for (std::size_t axis = 0; axis < recording->axes_counts.size(); ++axis)
                    joystick.set(static_cast<int>(axis), recording->axes_counts[axis][i]);
            };
            put(0);
            REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick.instance(); }));
            QTest::keyClick(&*desk.window, Qt::Key_3, Qt::AltModifier);
            QTest::keyClick(&*desk.window, Qt::Key_F9);
            QElapsedTimer clock;
            clock.start();
            double late_ms = 0; // on a busy machine the recording is stretched, never hurried
            for (std::size_t i = 0; i < recording->samples(); ++i) {
                put(i);
                const double due_ms = 1000 * recording->t_s[i];
                while (static_cast<double>(clock.elapsed()) - late_ms < due_ms) QTest::qWait(1);
                late_ms += std::max(0.0, static_cast<double>(clock.elapsed()) - late_ms - due_ms - 5);
            }
            desk.waitFor([&] { return !desk.text("controllerMessage").contains("of 10"); }); // the last sticks come to rest
            INFO(desk.text("controllerMessage").toStdString() << ", held up for " << late_ms << " ms in run " << run);
            if (const KeptCalibration* found = desk.school->calibration(desk.station->device().name, desk.station->device().guid))
                kept = *found;
            if (kept)
                CHECK(desk.window->controllerPage()->verifying());
            else if (late_ms < held_up_ms)
                FAIL_CHECK("not calibrated, and nothing held it up");
        }
        REQUIRE(kept);
        for (Function f : all_functions) {
            const auto& expected = row["expected"][function_key(f)];
            const FunctionCalibration& got = kept->calibration.of(f);
            CAPTURE(function_key(f));
            CHECK(got.axis == expected["axis"]["value"].get<int>());
            CHECK(got.sprung == expected["spring_centred"]["value"].get<bool>());
            CHECK(meets(expected["counts_at_plus_one"], got.high_counts));
            CHECK(meets(expected["counts_at_minus_one"], got.low_counts));
            CHECK(meets(expected["rest_sd"], got.jitter_counts));
        }
    }
}
