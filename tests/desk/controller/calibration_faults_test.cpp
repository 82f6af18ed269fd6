// Controllers that cannot be calibrated as they are: through the page, in real time, from the virtual joystick.
#include "desk/controller/controller_page.h"
#include "desk_fixture.h"
#include "virtual_joystick.h"

#include <QComboBox>
#include <QTableWidget>
#include <catch2/catch.hpp>

using namespace bh;
using namespace bh::desk;

namespace {

struct BenchDesk {
    Desk desk;
    std::unique_ptr<VirtualJoystick> joystick = std::make_unique<VirtualJoystick>(4);
    std::array<int, 4> axis_of{0, 1, 2, 3}; ///< of throttle, yaw, pitch, roll
    std::array<double, 4> at{-1, 0, 0, 0};  ///< half travels
    int each_ms = 8;                        ///< the device reports this often
    int step_counts = 1;                    ///< and in these steps

    BenchDesk()
    {
        apply();
        REQUIRE(desk.waitFor([&] { return desk.station->device().instance == joystick->instance(); }));
        QTest::keyClick(&*desk.window, Qt::Key_3, Qt::AltModifier);
    }
    void wire(std::array<int, 4> axes)
    {
        axis_of = axes;
        apply();
        QTest::qWait(20);
    }
    void apply()
    {
        std::vector<int> counts(4, 0);
        for (std::size_t f = 0; f < 4; ++f)
            if (axis_of[f] >= 0) counts[static_cast<std::size_t>(axis_of[f])] += static_cast<int>(at[f] * 30000);
        for (int& count : counts) count = count / step_counts * step_counts;
        joystick->set(counts);
    }
    void move(std::size_t function, double to)
    {
        QTest::qWait(120); // a fast hand
        const double from = at[function];
        for (int i = 1; i <= 20; ++i) {
            at[function] = from + (to - from) * i / 20;
            apply();
            QTest::qWait(each_ms);
        }
    }
    [[nodiscard]] QString message() const { return desk.text("controllerMessage"); }
    bool until(const QString& start) const
    {
        return desk.waitFor([&] { return message().startsWith(start); }, 4000);
    }
    /// Does what the checklist asks for, to the end.
    void goThrough()
    {
        QTest::mouseClick(desk.find<QPushButton>("startCalibration"), Qt::LeftButton);
        REQUIRE(until("2 of 10"));
        move(0, 1);
        REQUIRE(until("3 of 10"));
        move(0, -1);
        REQUIRE(until("4 of 10"));
        int step = 4;
        for (std::size_t f = 1; f < 4; ++f)
            for (double end : {1.0, -1.0}) {
                move(f, end);
                QTest::qWait(250);
                move(f, 0);
                const bool next = until(QString("%1 of 10").arg(++step));
                CAPTURE(step, message().toStdString(), desk.station->input().counts());
                REQUIRE(next);
            }
        for (double angle = 0; angle < 6.6; angle += 0.3) {
            at = {std::cos(angle), std::sin(angle), std::sin(angle), std::cos(angle)};
            apply();
            QTest::qWait(std::max(20, each_ms));
        }
        at = {-1, 0, 0, 0};
        apply();
        REQUIRE(desk.waitFor([&] { return !message().contains("of 10"); }, 4000));
    }
};

} // namespace

TEST_CASE("a controller with two functions on one axis is not calibrated, and the page says which", "[desk][realtime]")
{
    BenchDesk b;
    b.wire({0, 1, 2, 2}); // pitch and roll both on axis 2
    b.goThrough();
    CHECK(b.message().startsWith("Not calibrated"));
    CHECK(b.message().contains("axis 2"));
    CHECK_FALSE(b.desk.station->input().calibrated());
    CHECK_FALSE(b.desk.school->calibration(b.desk.station->device().name, b.desk.station->device().guid));
    QTest::keyClick(&*b.desk.window, Qt::Key_6, Qt::AltModifier);
    CHECK_FALSE(b.desk.find<QPushButton>("start")->isEnabled());
}

TEST_CASE("a good controller is calibrated whatever its wiring, and can be calibrated again", "[desk][realtime]")
{
    BenchDesk b;
    b.wire({3, 0, 1, 2});
    b.goThrough();
    INFO(b.message().toStdString());
    REQUIRE(b.message().startsWith("Check 1 of 8"));
    auto* table = b.desk.find<QTableWidget>("axisTable");
    for (int f = 0; f < 4; ++f) CHECK(table->item(f, 1)->text() == QString::number(b.axis_of[static_cast<std::size_t>(f)]));
    CHECK(std::abs(table->item(0, 4)->text().toInt() - 30000) <= 1);
    CHECK(std::abs(table->item(0, 2)->text().toInt() + 30000) <= 1);

    SECTION("stopping a second one keeps the first")
    {
        QTest::mouseClick(b.desk.find<QPushButton>("cancelCalibration"), Qt::LeftButton);
        CHECK(b.message().startsWith("Calibrated, but not verified yet"));
        REQUIRE(b.desk.station->verifyCalibration());
        QTest::keyClick(&*b.desk.window, Qt::Key_F9);
        REQUIRE(b.until("1 of 10"));
        QTest::mouseClick(b.desk.find<QPushButton>("cancelCalibration"), Qt::LeftButton);
        CHECK(b.message().startsWith("Calibrated on"));
        CHECK(b.desk.station->controllerState() == Station::Controller::Ready);
    }
}

TEST_CASE("a dead axis is never ticked, and the page says what it may be", "[desk]")
{
    BenchDesk b;
    b.wire({0, -1, 2, 3});
    QTest::mouseClick(b.desk.find<QPushButton>("startCalibration"), Qt::LeftButton);
    REQUIRE(b.until("2 of 10"));
    b.move(0, 1);
    REQUIRE(b.until("3 of 10"));
    b.move(0, -1);
    REQUIRE(b.until("4 of 10"));
    b.move(1, 1);
    b.move(1, 0);
    REQUIRE(b.desk.waitFor([&] { return b.message().contains("Nothing has moved."); }, 10000));
    CHECK(b.message().startsWith("4 of 10"));
    CHECK(b.message().contains("axis is dead"));
    QTest::mouseClick(b.desk.find<QPushButton>("cancelCalibration"), Qt::LeftButton);
    CHECK_FALSE(b.desk.station->input().calibrated());
}

TEST_CASE("a device that reports 30 times a second, and one with 8 bits, are calibrated and named as what they are", "[desk]")
{
    BenchDesk b;
    SECTION("slow")
    {
        b.each_ms = 33;
        b.goThrough();
        const auto kept = b.desk.school->calibration(b.desk.station->device().name, b.desk.station->device().guid);
        REQUIRE(kept);
        CHECK(kept->calibration.interval_ms == Approx(33).margin(6));
        for (const FunctionCalibration& f : kept->calibration.functions) {
            CHECK(f.verdict == Verdict::Service);
            CHECK(f.reason.english().find("every 3") != std::string::npos);
        }
        CHECK(b.desk.find<QTableWidget>("axisTable")->item(3, 6)->text().contains("service"));
    }
    SECTION("coarse")
    {
        b.step_counts = 257;
        b.wire({0, 1, 2, 3});
        b.goThrough();
        const auto kept = b.desk.school->calibration(b.desk.station->device().name, b.desk.station->device().guid);
        REQUIRE(kept);
        CHECK(kept->calibration.step_counts == 257);
        CHECK(kept->calibration.of(Function::Roll).effective_bits == Approx(7.9).margin(0.1)); // log2(60000 / 257)
    }
}

TEST_CASE("pulling the plug half-way changes nothing and says so", "[desk]")
{
    BenchDesk b;
    QTest::mouseClick(b.desk.find<QPushButton>("startCalibration"), Qt::LeftButton);
    REQUIRE(b.until("2 of 10"));
    b.move(0, 1);
    b.joystick->unplug();
    REQUIRE(b.desk.waitFor([&] { return b.message().contains("unplugged"); }));
    CHECK_FALSE(b.desk.window->controllerPage()->calibrating());
    CHECK_FALSE(b.desk.school->calibration(b.desk.station->device().name, b.desk.station->device().guid));
    CHECK(b.desk.find<QComboBox>("deviceChoice")->currentText().contains("unplugged"));
    // Another controller is chosen by hand and works at once.
    auto* choice = b.desk.find<QComboBox>("deviceChoice");
    choice->setCurrentIndex(choice->count() - 1);
    Q_EMIT choice->activated(choice->count() - 1);
    CHECK(b.desk.station->input().simulated());
    CHECK(b.message().startsWith("Simulated controller"));
}

TEST_CASE("controllers come and go while the page is looked at", "[desk]")
{
    Desk desk;
    QTest::keyClick(&*desk.window, Qt::Key_3, Qt::AltModifier);
    auto* choice = desk.find<QComboBox>("deviceChoice");
    CHECK(choice->count() == 1);
    for (int round = 0; round < 5; ++round) {
        VirtualJoystick first(4);
        REQUIRE(desk.waitFor([&] { return choice->count() == 2; }));
        VirtualJoystick second(6);
        REQUIRE(desk.waitFor([&] { return choice->count() == 3; }));
        second.unplug();
        first.unplug();
        REQUIRE(desk.waitFor([&] { return !desk.station->devicePresent() || choice->count() == 1; }));
    }
}
