// Practice in another program: noticed, recorded and offered for the logbook.
#include "desk_fixture.h"
#include "virtual_joystick.h"

#include <QElapsedTimer>
#include <QTableView>
#include <catch2/catch.hpp>
#include <cmath>

using namespace bh;
using namespace bh::desk;

namespace {

struct Outside {
    Desk desk;
    VirtualJoystick joystick{4};
    bool here = false; // the focus is in the other program
    Outside()
    {
        desk.school->add_pilot({"", "Tomas Brede"});
        desk.station->choosePilot(desk.school->pilots()[0].id);
        desk.station->setUsedHere([this] { return here; });
        REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick.instance(); }));
        Calibration c = SimulatedController::factory_calibration();
        for (FunctionCalibration& f : c.functions) f.low_counts = -32000, f.centre_counts = 0, f.high_counts = 32000;
        REQUIRE(desk.station->keepCalibration(c));
        REQUIRE(desk.station->verifyCalibration());
        QTest::keyClick(&*desk.window, Qt::Key_8, Qt::AltModifier);
    }
    void fly(int ms)
    {
        for (int i = 0; i * 20 < ms; ++i) {
            joystick.set(2, static_cast<int>(20000 * std::sin(i * 0.1)));
            joystick.set(3, static_cast<int>(15000 * std::cos(i * 0.13)));
            QTest::qWait(20);
        }
    }
    [[nodiscard]] int recordings() const
    {
        const std::filesystem::path folder = desk.file.string() + ".sticks";
        return std::filesystem::exists(folder) ? static_cast<int>(std::distance(std::filesystem::directory_iterator(folder), {}))
                                               : 0;
    }
};

} // namespace

TEST_CASE("practice in another program is noticed, recorded, offered and kept", "[desk][outside]")
{
    Outside o;
    o.fly(500);
    CHECK_FALSE(o.desk.station->watchingOutside());
    CHECK(o.desk.school->sessions(o.desk.station->pilotId()).empty());
    QTest::mouseClick(o.desk.find<QPushButton>("watchOutside"), Qt::LeftButton);
    CHECK(o.desk.station->watchingOutside());
    CHECK_FALSE(o.desk.find<QPushButton>("keepOutside")->isVisible());
    QElapsedTimer clock;
    clock.start();
    o.fly(8000);
    CHECK(o.desk.station->outside().state() == OutsidePractice::State::Running);
    CHECK(o.desk.text("statusPractice").startsWith("Practice outside"));
    o.here = true; // back at the desk
    REQUIRE(o.desk.waitFor([&] { return o.desk.station->outsideOffer().has_value(); }));
    CHECK(o.desk.text("outsideOffer").contains("min active"));
    CHECK(o.desk.text("outsideOffer").contains("recorded"));
    CHECK(o.recordings() == 1);
    auto* keep = o.desk.find<QPushButton>("keepOutside");
    CHECK(keep->text() == "Keep for Tomas Brede");
    QTest::mouseClick(keep, Qt::LeftButton);
    const auto sessions = o.desk.school->sessions(o.desk.station->pilotId());
    REQUIRE(sessions.size() == 1);
    CHECK(sessions[0].active_s > 5);
    CHECK(sessions[0].active_s < 4 + static_cast<double>(clock.elapsed()) / 1000); // as long as it took, however busy the machine
    CHECK(std::filesystem::file_size(o.desk.file.string() + ".sticks/" + sessions[0].recording) > 500);
    o.desk.find<QPushButton>("sectionLog")->click();
    CHECK(o.desk.find<QTableView>("sessions")->model()->rowCount() == 1);
    CHECK_FALSE(keep->isVisible());
}

TEST_CASE("an offer that is discarded leaves nothing behind", "[desk][outside]")
{
    Outside o;
    o.desk.station->watchOutside(true);
    o.fly(7000);
    REQUIRE(o.desk.station->outside().state() == OutsidePractice::State::Running);
    o.desk.station->watchOutside(false); // no longer watched: what ran is over
    REQUIRE(o.desk.station->outsideOffer());
    CHECK(o.recordings() == 1);
    QTest::mouseClick(o.desk.find<QPushButton>("discardOutside"), Qt::LeftButton);
    CHECK_FALSE(o.desk.station->outsideOffer());
    CHECK(o.recordings() == 0);
    CHECK(o.desk.school->sessions(o.desk.station->pilotId()).empty());
}
