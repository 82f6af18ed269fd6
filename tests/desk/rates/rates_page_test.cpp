// The Rates page: the real aircraft's rates typed, matched in a simulator's own steps, and practised on.
#include "core/standin/stand_in_pilot.h"
#include "desk/controller/sheet_panel.h"
#include "desk/rates/feel_panel.h"
#include "desk/rates/rates_page.h"
#include "desk/rates/timing_panel.h"
#include "desk_fixture.h"
#include "device/stick_recorder.h"
#include "files/flights/flight_csv.h"
#include "files/tables/rates_csv.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <QElapsedTimer>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QTableWidget>
#include <QUndoStack>
#include <catch2/catch.hpp>
#include <fstream>
#include <qcustomplot.h>

using namespace bh;
using namespace bh::desk;

namespace {

struct Rates {
    Desk desk{BH_DEMO};
    RatesPage* page = desk.window->ratesPage();
    explicit Rates(const char* pilot = "Tomas Brede")
    {
        for (const Pilot& p : desk.school->pilots())
            if (p.name == pilot) desk.station->choosePilot(p.id);
        QTest::keyClick(&*desk.window, Qt::Key_5, Qt::AltModifier);
        QTest::qWait(50); // built when it is first looked at
    }
    void choose(const char* combo, const QString& text)
    {
        auto* box = desk.find<QComboBox>(combo);
        const int row = box->findText(text);
        REQUIRE(row >= 0);
        box->setCurrentIndex(row);
        Q_EMIT box->activated(row);
    }
    QTableWidget* table() { return desk.find<QTableWidget>("rateTable"); }
    [[nodiscard]] const std::string& pilot() const { return desk.station->pilotId(); }
    void click(const char* button) { QTest::mouseClick(desk.find<QPushButton>(button), Qt::LeftButton); }
    /// Answers the handling questions, one number for each.
    void answer(std::initializer_list<int> answers)
    {
        for (const int a : answers) click(QStringLiteral("answer%1").arg(a).toLatin1().constData());
    }
    [[nodiscard]] std::optional<TrainingSetup> own() const { return desk.school->setup(desk.station->pilotId()); }
};

} // namespace

TEST_CASE("the real aircraft's rates are matched on the simulator's own steps, and practised on", "[desk]")
{
    Rates r;
    CHECK(r.desk.find<QComboBox>("ratesAircraft")->currentText() == "School Avocet, 5-inch"); // the pilot's own comes first
    r.choose("ratesSimulator", "Mudlark");
    REQUIRE(r.page->matches()[0]);
    CHECK_FALSE(r.page->matches()[2]); // yaw is left alone until it is asked for
    CHECK(r.table()->item(8, 7)->text() == "left alone");
    const auto p = parameters_of(r.page->matches()[0]->rounded); // Mudlark: centre 10…500 by 5, max 100…1200 by 10, expo by 0.05
    CHECK(std::fmod(p[0] + 1e-9, 5) == Approx(0).margin(1e-6));
    CHECK(std::fmod(p[1] + 1e-9, 10) == Approx(0).margin(1e-6));
    CHECK(std::fmod(p[2] + 1e-9, 0.05) == Approx(0).margin(1e-6));
    CHECK(r.page->matches()[0]->rounded_difference.rms_dps < 5);
    r.desk.find<QCheckBox>("lockYaw")->setChecked(false);
    CHECK(r.page->matches()[2]);
    r.desk.find<QCheckBox>("lockPitch")->setChecked(true);
    CHECK_FALSE(r.page->matches()[1]);
    CHECK(r.page->context().matched().pitch == r.own()->rates.pitch); // any axis can be left alone
    r.desk.find<QCheckBox>("lockPitch")->setChecked(false);

    const RateProfile before = r.own()->rates;
    QTest::mouseClick(r.desk.find<QPushButton>("applyMatch"), Qt::LeftButton);
    CHECK(parameters_of(r.own()->rates.roll) == p);
    CHECK(r.table()->item(1, 7)->text() == r.table()->item(2, 7)->text()); // practised is the match
    REQUIRE(r.desk.school->match(r.pilot()));                              // dated, and it holds
    CHECK_FALSE(r.desk.school->match_stale(r.pilot()));
    CHECK(r.desk.text("ratesWords").startsWith("Matched on 12 Jun 2031"));
    r.desk.school->undo();
    CHECK_FALSE(r.desk.school->match(r.pilot()));
    CHECK(parameters_of(r.own()->rates.roll) == parameters_of(before.roll));
}

TEST_CASE("the aircraft's rates are typed, kept, turned into other numbers, and undone", "[desk]")
{
    Rates r;
    const auto real = [&] { return *r.desk.school->rates_of("real-school-avocet"); };
    const RateProfile before = real();
    CHECK(std::string(family_key(before.roll)) == "gain-edge");
    r.desk.find<QDoubleSpinBox>("real-roll-0")->setValue(1.2);
    CHECK(parameters_of(real().roll)[0] == Approx(1.2));
    r.choose("ratesFamily", "slope and full stick");
    CHECK(std::string(family_key(real().roll)) == "centre-max");
    CHECK(difference(real().roll, GainEdgeCurve{1.2, 0.6, 0.1}).rms_dps < 6); // the same turn, as near as it comes
    r.desk.school->undo();
    r.desk.school->undo();
    CHECK(parameters_of(real().roll) == parameters_of(before.roll));
    CHECK(r.desk.find<QDoubleSpinBox>("real-roll-0")->value() == Approx(parameters_of(before.roll)[0]));
}

TEST_CASE("each axis is edited in its own kind of numbers and range; the others stay to the last bit", "[desk]")
{
    Rates r;
    RateProfile mixed = *r.desk.school->rates_of("real-school-avocet");
    mixed.roll = CentreMaxCurve{150, 350, 0.2};
    mixed.pitch = GainEdgeCurve{2.5, 0.95, 0.1}; // beyond what roll's boxes hold, or far below it
    mixed.yaw = TableCurve{{0.5, 1}, {60, 200}};
    mixed.limits.clear();
    REQUIRE(r.desk.school->keep_rates("real-school-avocet", mixed));
    const auto kept = [&] { return *r.desk.school->rates_of("real-school-avocet"); };
    CHECK(r.desk.find<QDoubleSpinBox>("real-pitch-0")->value() == Approx(2.5));
    CHECK(r.desk.find<QDoubleSpinBox>("real-pitch-1")->value() == Approx(0.95));
    CHECK_FALSE(r.desk.find<QDoubleSpinBox>("real-yaw-0")->isVisible()); // nothing of a measured table is set
    r.desk.find<QDoubleSpinBox>("real-roll-1")->setValue(400);
    CHECK(parameters_of(kept().roll) == std::vector<double>{150, 400, 0.2});
    CHECK(kept().pitch == mixed.pitch);
    CHECK(kept().yaw == mixed.yaw);
    r.desk.find<QDoubleSpinBox>("real-pitch-0")->setValue(2.4);
    CHECK(parameters_of(kept().pitch) == std::vector<double>{2.4, 0.95, 0.1});
    CHECK(parameters_of(kept().roll) == std::vector<double>{150, 400, 0.2});
    CHECK(kept().yaw == mixed.yaw);
    // A curve on the table's axis: another kind of number is asked of all, and then yaw has boxes.
    r.choose("ratesFamily", "slope and full stick");
    CHECK(r.desk.find<QDoubleSpinBox>("real-yaw-0")->isVisible());
    CHECK(rate_dps(kept().yaw, 1) == Approx(200).margin(5));
}

TEST_CASE("an aircraft whose rates nobody knows says so; the stick is followed; the curves are saved", "[desk]")
{
    Rates r;
    Airframe newcomer = *r.desk.school->real_aircraft("real-dunlin");
    newcomer.id = "real-newcomer", newcomer.name = "Newcomer";
    REQUIRE(r.desk.school->keep_aircraft(newcomer));
    r.choose("ratesAircraft", "Newcomer");
    CHECK(r.desk.text("ratesWords").contains("not known yet"));
    r.choose("ratesAircraft", "Curlew, with the survey camera");
    CHECK_FALSE(r.desk.text("ratesWords").contains("not known yet"));
    r.desk.station->input().simulated_controller().set(Function::Roll, 0.5);
    CHECK(r.desk.waitFor(
        [&] { return r.desk.text("rateReadingRoll").startsWith("at 50 %: real 116,"); })); // half of centre-max 150, 350, 0.2
    const QString file = r.desk.folder.filePath("rates.csv");
    REQUIRE(r.page->saveTable(file));
    QFile csv(file);
    REQUIRE(csv.open(QIODevice::ReadOnly));
    const auto lines = csv.readAll().split('\n');
    CHECK(lines.size() == 203);
    CHECK(lines[0].startsWith("stick,roll_real_dps,roll_practised_dps,roll_match_dps,pitch_real_dps"));
    CHECK(lines[201].startsWith("1.00,350.000,"));
    CHECK(r.page->savePicture(r.desk.folder.filePath("rates.png")));
    REQUIRE(r.page->savePicture(r.desk.folder.filePath("rates.svg")));
    QFile svg(r.desk.folder.filePath("rates.svg"));
    REQUIRE(svg.open(QIODevice::ReadOnly));
    const QByteArray drawn = svg.readAll();
    CHECK(drawn.contains("<svg"));
    CHECK(drawn.count("<polyline") + drawn.count("<path") > 12); // three axes with their curves, as lines and not as a picture
    CHECK_FALSE(drawn.contains("<image"));
    CHECK_FALSE(r.page->saveTable("/nowhere/rates.csv"));
}

TEST_CASE("rates are read from a file and found from a flight log; a match is saved as a file; bad ones are told", "[desk]")
{
    Rates r;
    const auto real = [&] { return *r.desk.school->rates_of("real-school-avocet"); };
    const RateProfile before = real();
    r.choose("ratesSimulator", "Mudlark");
    const QString json = r.desk.folder.filePath("match.json"), csv = r.desk.folder.filePath("flight.csv"),
                  bad = r.desk.folder.filePath("bad.json");
    REQUIRE(r.page->saveTable(json));
    r.page->readRates(json);
    CHECK(parameters_of(real().roll) == parameters_of(r.page->matches()[0]->rounded)); // it is its own nearest
    r.desk.school->undo();
    CHECK(parameters_of(real().roll) == parameters_of(before.roll));

    // Measured curves.
    const QString curves = r.desk.folder.filePath("curves.csv");
    std::ofstream(curves.toStdString()) << rates_csv(
        {"", CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{150, 400, 0.2}}, 201);
    r.page->readRates(curves);
    CHECK(std::string(family_key(real().roll)) == "table");
    CHECK(rate_dps(real().roll, 0.5) == Approx(rate_dps(CentreMaxCurve{200, 600, 0.4}, 0.5)).margin(0.5));
    REQUIRE(r.page->matches()[0]);
    CHECK(r.page->matches()[0]->rounded_difference.rms_dps < 8);
    CHECK(r.table()->item(0, 7)->text() == "measured points");
    r.desk.school->undo();

    // A flight of an aircraft whose rates are known here: 200, 600, 0.4.
    const Drill drill = *r.desk.school->drill("slalom");
    FlightSetup setup = *r.desk.school->data().setup_for(
        drill, RateProfile{"", CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{200, 600, 0.4}});
    const auto flown = fly_drill(drill, setup, 0.7, 5);
    std::ofstream(csv.toStdString()) << flight_csv(flown->log);
    r.choose("ratesFamily", "slope and full stick");
    r.page->readRates(csv);
    CHECK(r.desk.text("ratesWords").startsWith("Found from the flight"));
    CHECK(centre_slope_dps(real().roll) == Approx(200).margin(12));
    std::ofstream(bad.toStdString()) << "{\"format\": \"bluehangar.rates/1\"}";
    r.page->readRates(bad);
    CHECK(r.desk.text("ratesWords").startsWith("Nothing was changed: "));
    CHECK(r.desk.text("ratesWords").contains("expected a 'family' here"));
}

TEST_CASE("the end and the centre of a curve are moved by keys and by dragging, of either side, and undone", "[desk]")
{
    Rates r;
    r.choose("ratesFamily", "slope and full stick");
    const auto real = [&] { return *r.desk.school->rates_of("real-school-avocet"); };
    auto* plot = r.desk.find<QCustomPlot>("ratePlotRoll");
    const double end = rate_dps(real().roll, 1), centre = centre_slope_dps(real().roll);
    QTest::keyClick(plot, Qt::Key_Up);
    CHECK(rate_dps(real().roll, 1) == Approx(end + 10));
    QTest::keyClick(plot, Qt::Key_Left, Qt::ShiftModifier);
    CHECK(centre_slope_dps(real().roll) == Approx(centre - 1));
    CHECK(rate_dps(real().roll, 1) == Approx(end + 10)); // the other handle stays
    r.desk.school->undo();
    r.desk.school->undo();
    CHECK(rate_dps(real().roll, 1) == Approx(end));

    r.choose("ratesEdits", "practised rates");
    plot->replot();
    const RateProfile before = r.own()->rates, aircraft = real();
    const auto at = [&](double x, double y) {
        return QPoint(static_cast<int>(plot->xAxis->coordToPixel(x)), static_cast<int>(plot->yAxis->coordToPixel(y)));
    };
    const double practised_end = rate_dps(before.roll, 1), wanted = practised_end - 120;
    QTest::mousePress(plot, Qt::LeftButton, {}, at(1, practised_end));
    QTest::mouseMove(plot, at(1, wanted));
    CHECK(r.own()->rates == before); // not before the hand lets go
    QTest::mouseRelease(plot, Qt::LeftButton, {}, at(1, wanted));
    CHECK(rate_dps(r.own()->rates.roll, 1) == Approx(wanted).margin(6)); // to a pixel
    CHECK(real() == aircraft);
    r.desk.school->undo();
    CHECK(r.own()->rates == before);
}

TEST_CASE(
    "a plan for the aircraft: cautions read, a step rated, a bad one half-way back, the rest on the record, and then matched",
    "[desk]")
{
    Rates r("Nell Harker");
    r.choose("ratesDirection", "The aircraft changes");
    r.choose("ratesEdits", "practised rates");
    r.desk.find<QDoubleSpinBox>("real-roll-1")->setValue(560);
    r.desk.find<QDoubleSpinBox>("real-pitch-1")->setValue(560);
    CHECK(r.desk.find<QPushButton>("applyMatch")->text() == "Plan the change");
    CHECK(r.desk.school->match_stale(r.pilot()) == Stale::PractisedRates);
    const RateProfile target = r.page->context().matched();
    CHECK(std::string(family_key(target.roll)) == "gain-edge"); // in the aircraft's own numbers
    r.click("applyMatch");
    REQUIRE(r.desk.school->file(r.pilot()).plan);
    CHECK(r.desk.text("planHeading").startsWith("Step 1 of about"));
    CHECK(r.desk.text("planCautions").contains("never over people"));
    CHECK_FALSE(r.desk.find<QPushButton>("answer0")->isEnabled()); // not before the cautions are read
    QTest::keyClicks(r.desk.find<QLineEdit>("decidedBy"), "M. Sorrel");
    const RateProfile before = *r.desk.school->rates_of("real-school-avocet");
    r.desk.find<QCheckBox>("cautionsRead")->setChecked(true);
    CHECK_FALSE(r.desk.find<QPushButton>("answer0")->isEnabled()); // nor before it was flown
    r.desk.find<QCheckBox>("flownOutside")->setChecked(true);
    r.answer({0, 1, 0}); // in control, but not well enough: 7
    auto plan = r.desk.school->file(r.pilot()).plan;
    REQUIRE(plan->plan.flown.size() == 1);
    CHECK(plan->plan.flown[0].rating == 7);
    CHECK(plan->decisions[0].by == "M. Sorrel");
    CHECK(plan->decisions[0].outside);
    CHECK(plan->decisions[0].cautions_read);
    const RateStep& step = plan->plan.flown[0].step;
    const auto value = [&] { return parameters_of(r.desk.school->rates_of("real-school-avocet")->roll)[step.parameter]; };
    CHECK(value() == Approx((step.from + step.to) / 2).margin(0.006)); // half-way back, to the parameter's step
    CHECK_FALSE(r.desk.find<QCheckBox>("cautionsRead")->isChecked());  // for every step anew
    r.desk.school->undo();
    CHECK(*r.desk.school->rates_of("real-school-avocet") == before);
    CHECK(r.desk.school->file(r.pilot()).plan->plan.flown.empty());
    r.choose("ratesAircraft",
             "Curlew, with the survey camera"); // another one is looked at meanwhile: the plan stays with its own
    int tries = 0;
    for (; tries < 40 && r.desk.find<QCheckBox>("cautionsRead")->isVisible(); ++tries) {
        r.desk.find<QCheckBox>("cautionsRead")->setChecked(true);
        r.desk.find<QCheckBox>("flownOutside")->setChecked(true);
        r.answer({0, 0, 0, 1});
    }
    CAPTURE(tries, r.desk.text("handlingQuestion").toStdString(), r.desk.text("planHeading").toStdString(),
            r.desk.text("planWords").toStdString());
    CHECK(r.desk.text("planHeading").startsWith("The plan is through"));
    CHECK(r.desk.school->rates_of("real-school-avocet")->roll == target.roll);
    CHECK_FALSE(r.desk.school->match_stale(r.pilot()));
    CHECK(r.desk.school->match(r.pilot())->real.roll == target.roll);
    CHECK(r.desk.school->match(r.pilot())->aircraft == "real-school-avocet");
}

TEST_CASE("a step of a plan is test-flown with one key, on the rates that it asks for", "[desk]")
{
    Rates r; // in the middle of a plan
    r.click("sectionPlan");
    REQUIRE(r.desk.text("planHeading").startsWith("Step 2 of about"));
    QTest::qWait(50);
    QTest::keyClick(&*r.desk.window, Qt::Key_F5);
    REQUIRE(r.page->feel());
    REQUIRE(r.page->feel()->loop());
    const RateProfile& flown = r.page->feel()->loop()->setup().rates;
    const auto standing = standing_of(r.desk.school->file(r.pilot()).plan->plan);
    CHECK(flown == with_parameter(standing->now, *standing->next, standing->next->to));
    CHECK_FALSE(flown == r.own()->rates);
    CHECK(r.desk.text("feelWords").contains("from 500 to 450"));
    r.click("sectionMatch"); // nobody looks any more
    CHECK_FALSE(r.page->feel()->loop());
    r.click("sectionPlan");
    CHECK(r.desk.find<QPushButton>("answer0")->isEnabled()); // it was flown here: now it can be rated
}

TEST_CASE("a plan that ends after the side that was to stay has changed makes no match", "[desk]")
{
    Rates r; // in the middle of a plan for the simulator
    r.desk.find<QDoubleSpinBox>("real-roll-0")->setValue(1.3);
    r.click("sectionPlan");
    QTest::qWait(50);
    for (int i = 0; i < 40 && r.desk.find<QCheckBox>("flownOutside")->isVisible(); ++i) {
        r.desk.find<QCheckBox>("flownOutside")->setChecked(true);
        r.answer({0, 0, 0, 1});
    }
    CHECK(r.desk.text("planHeading").startsWith("The plan is through"));
    CHECK_FALSE(r.desk.school->match(r.pilot()));
}

TEST_CASE("recordings of practice outside count for how the sticks are used", "[desk]")
{
    Rates r;
    const auto known = r.desk.school->controllers();
    const auto controller = std::find_if(known.begin(), known.end(), [&](const KnownController& c) {
        return r.desk.school->calibration(c.name, c.guid) && c.name == "Station 1 controller";
    });
    REQUIRE(controller != known.end());
    const Calibration calibration = r.desk.school->calibration(controller->name, controller->guid)->calibration;
    const auto folder = r.desk.school->file_name() + ".sticks";
    QDir().mkpath(folder);
    auto recorder = StickRecorder::create((folder + "/outside.csv.gz").toStdString());
    REQUIRE(recorder);
    for (int i = 0; i < 500; ++i) { // ten seconds about half roll, then ten about a third
        Sticks s;
        s.roll = i < 250 ? 0.2 + 0.6 * (i % 2) : 0.6 * (i % 2);
        DeviceSample sample;
        sample.t_s = 0.04 * i;
        sample.counts = to_counts(calibration, s, 6);
        (*recorder)->add(sample);
    }
    const std::size_t rows = (*recorder)->rows();
    REQUIRE((*recorder)->finish());
    Session session;
    session.pilot_id = r.pilot(), session.started_at = r.desk.school->now() - 600, session.ended_at = r.desk.school->now() - 10,
    session.active_s = 500;
    session.recording = "outside.csv.gz";
    REQUIRE(r.desk.school->add_outside_session(session, controller->name, controller->guid));
    const auto sticks = r.desk.school->outside_sticks(r.desk.school->sessions(r.pilot()).back());
    REQUIRE(rows > 400);
    REQUIRE(sticks.size() > 750); // some 20 s, 50 times a second, less what the clock rounds
    double mean = 0;
    for (const Sticks& s : sticks) mean += std::abs(s.roll) / static_cast<double>(sticks.size());
    CHECK(mean == Approx((0.5 + 0.3) / 2).margin(0.02));
    CHECK(r.desk.find<QCheckBox>("byUse")->isEnabled());
}

TEST_CASE("what is found here goes on the aircraft only after enough hours and steady ratings", "[desk]")
{
    Rates r;
    r.choose("ratesDirection", "Found here, then the aircraft");
    CHECK_FALSE(r.desk.find<QPushButton>("applyMatch")->isEnabled());
    CHECK(r.desk.text("ratesWords").startsWith("First find what feels right"));
    r.click("tryRates");
    CHECK(r.desk.text("ratesWords").startsWith("Not on the aircraft yet: 0.0 of 5 hours"));
    const std::string session = r.desk.school->start_session(r.pilot(), "Simulated controller", "simulated");
    r.desk.school->end_session(session, 5.2 * 3600, 0);
    CHECK(r.desk.text("ratesWords").contains("ratings are not steady"));
    r.click("sectionFeel");
    for (int i = 0; i < 3; ++i) {
        CHECK(r.page->context().blocked);
        r.click("feelRate");
        r.answer({0, 0, 0, 1}); // 2
    }
    CHECK(r.desk.school->file(r.pilot()).handling.size() == 3);
    CHECK_FALSE(r.page->context().blocked);
    CHECK(r.desk.find<QPushButton>("applyMatch")->isEnabled());
    r.desk.find<QDoubleSpinBox>("leastHours")->setValue(8);
    CHECK_FALSE(r.desk.find<QPushButton>("applyMatch")->isEnabled());
    r.desk.find<QDoubleSpinBox>("leastHours")->setValue(5);
    r.choose("ratesEdits", "practised rates");
    r.desk.find<QDoubleSpinBox>("real-roll-0")->setValue(190); // other rates: it begins anew
    CHECK(r.desk.text("ratesWords").startsWith("First find what feels right"));
}

TEST_CASE("a match goes stale when one of its sides changes: hours are counted, the Board and the card say so", "[desk]")
{
    Rates r("Nell Harker");
    auto* sheets = r.desk.window->findChild<SheetPanel*>();
    if (!sheets) {
        QTest::keyClick(&*r.desk.window, Qt::Key_3, Qt::AltModifier);
        r.click("sectionSheets");
        sheets = r.desk.window->findChild<SheetPanel*>();
        QTest::keyClick(&*r.desk.window, Qt::Key_5, Qt::AltModifier);
    }
    REQUIRE(sheets);
    auto* simulators = sheets->findChild<QListWidget*>();
    REQUIRE(simulators);
    simulators->setCurrentItem(simulators->findItems("Mudlark", Qt::MatchExactly).front());
    const auto card = [&] { return sheets->setupOnCard().join('\n'); };
    CHECK(card().contains(
        "Rates, matched on 16 May 2031 with School Avocet, 5-inch\nRoll and pitch: centre slope 140, full-stick rate 450, "
        "bend 0.4\nYaw: centre slope 140, full-stick rate 300, bend 0.2"));
    const double hours = r.desk.school->standing(r.pilot()).hours_matched;
    CHECK(hours > 5);
    const auto fly = [&] {
        const std::string session = r.desk.school->start_session(r.pilot(), "Simulated controller", "simulated");
        r.desk.school->end_session(session, 3600, 0);
    };
    fly();
    CHECK(r.desk.school->standing(r.pilot()).hours_matched == Approx(hours + 1));
    CHECK_FALSE(r.desk.school->standing(r.pilot()).needs_attention);
    r.desk.find<QDoubleSpinBox>("real-roll-0")->setValue(1.1);
    CHECK(r.desk.school->standing(r.pilot()).attention == "Aircraft's rates changed since the match");
    CHECK(r.desk.school->standing(r.pilot()).go == PilotStanding::Go::Rates);
    CHECK(r.desk.text("ratesWords").contains("does not hold any more: aircraft's rates changed since the match"));
    CHECK(card().contains("Rates practised; the match of 16 May 2031 does not hold any more"));
    fly();
    CHECK(r.desk.school->standing(r.pilot()).hours_matched == Approx(hours + 1)); // not on matched rates
    r.desk.school->undo();
    CHECK_FALSE(r.desk.school->match_stale(r.pilot()));
}

TEST_CASE("rates nobody knows are timed with the space bar at three places of the stick, and taken over", "[desk]")
{
    Rates r;
    r.choose("ratesFamily", "slope and full stick");
    r.click("sectionTime");
    auto* panel = r.desk.window->findChild<TimingPanel*>();
    REQUIRE(panel);
    QElapsedTimer before, between; // whatever the machine does in the meantime
    before.start();
    QTest::keyClick(panel, Qt::Key_Space);
    between.start();
    QTest::qWait(320);
    const double least_s = static_cast<double>(between.elapsed()) / 1000;
    QTest::keyClick(panel, Qt::Key_Space);
    const double timed_s = r.desk.find<QDoubleSpinBox>("timedSeconds")->value();
    CHECK(timed_s >= least_s - 0.006);                                         // to a hundredth
    QTest::keyClick(r.desk.find<QDoubleSpinBox>("timedTurns"), Qt::Key_Space); // also while a number is typed
    CHECK(r.desk.find<QPushButton>("stopwatch")->text().startsWith("Stop"));
    QTest::keyClick(r.desk.find<QDoubleSpinBox>("timedTurns"), Qt::Key_Space);
    CHECK(timed_s <= static_cast<double>(before.elapsed()) / 1000 + 0.006);
    // Turns of an aircraft set to 200, 600, 0.4, timed to a hundredth.
    const RateCurve truth = CentreMaxCurve{200, 600, 0.4};
    for (const auto& [stick, turns] : {std::pair{1.0, 20.0}, {0.6, 12.0}, {0.3, 6.0}}) {
        r.desk.find<QDoubleSpinBox>("timedStick")->setValue(100 * stick);
        r.desk.find<QDoubleSpinBox>("timedTurns")->setValue(turns);
        r.desk.find<QDoubleSpinBox>("timedSeconds")->setValue(360 * turns / rate_dps(truth, stick));
        r.click("addTiming");
    }
    REQUIRE(panel->found());
    CHECK(r.desk.text("timingWords").startsWith("95 of 100 times between: centre"));
    CHECK(difference(panel->found()->curve, truth).worst_dps < 8);
    r.click("takeTimed");
    CHECK(difference(r.desk.school->rates_of("real-school-avocet")->roll, truth).worst_dps < 8);
    r.desk.school->undo();
    CHECK(difference(r.desk.school->rates_of("real-school-avocet")->roll, truth).worst_dps > 50);
}

TEST_CASE("advice begins with common practice, and is reckoned from planned flips", "[desk]")
{
    Rates r;
    const Drill drill = *r.desk.school->drill("hover-window");
    const auto rocking = fly_drill(drill, *r.desk.school->data().setup_for(drill, RateProfile{}), 0.9, 21, {.rocking = true});
    JudgedAttempt row = judged_attempt(rocking->score, Mode::Acro);
    row.pilot_id = r.pilot();
    row.session_id = r.desk.school->start_session(r.pilot(), "Simulated controller", "simulated");
    for (int flight = 0; flight < 5; ++flight) // more than the calm ones before
        REQUIRE_FALSE(r.desk.school->add_attempt(row, &rocking->log).empty());
    r.click("sectionAdvice");
    CHECK(r.desk.text("rateAdvice").contains("Slower"));
    CHECK(r.desk.text("rateAdvice").contains("of the newest flights, over 15 %"));
    r.desk.find<QDoubleSpinBox>("flipHeight")->setValue(3);
    CHECK(r.desk.text("rateAdvice").contains("A fall of 3.0 m takes"));
    CHECK(r.desk.text("rateAdvice").contains("Both do not go together yet"));
    // The other section says the same of the same pilot.
    r.click("sectionJudge");
    CHECK(r.desk.text("judgeWords").startsWith("Slower: go down to"));
    // Towards a purpose it goes in steps, and a locked axis stays: nothing jumps.
    r.click("sectionAdvice");
    const RateProfile before = r.own()->rates;
    r.click("band-freestyle");
    CHECK(r.own()->rates == before);
    const auto& plan = r.desk.school->file(r.pilot()).plan;
    REQUIRE(plan);
    CHECK(plan->plan.locked == std::array<bool, 3>{false, false, true});
    CHECK(rate_dps(plan->plan.to.roll, 1) == Approx(800).margin(5));
    CHECK(rate_dps(plan->plan.to.yaw, 1) == Approx(rate_dps(before.yaw, 1)).margin(1));
    CHECK(standing_of(plan->plan)->left.size() > 2);
    CHECK(r.desk.text("bandSaid").contains("Steps from what is practised now"));
}

TEST_CASE("both curves are felt in one flight, and a blind test says whether they can be told apart", "[desk][realtime]")
{
    Rates r;
    r.click("sectionFeel");
    FeelPanel* feel = r.page->feel();
    REQUIRE(feel);
    auto& sticks = r.desk.station->input().simulated_controller();
    sticks.set(Function::Throttle, 0);
    QTest::keyClick(&*r.desk.window, Qt::Key_F5);
    REQUIRE(feel->loop());
    CHECK(r.desk.text("feelWords") == "In the hand now: real aircraft.");
    REQUIRE(r.desk.waitFor([&] { return feel->loop()->snapshot().armed; }));
    sticks.set(Function::Throttle, 1);
    REQUIRE(r.desk.waitFor([&] { return feel->loop()->snapshot().state.height_m() > 15; }));
    const auto turns_at = [&] {
        double fastest = 0;
        sticks.set(Function::Roll, 1);
        REQUIRE(r.desk.waitFor([&] { // a fraction of a second is enough
            const double now = degrees(feel->loop()->snapshot().state.rates_radps.x());
            const bool settled = now > 100 && std::abs(now - fastest) < 1;
            fastest = now;
            return settled;
        }));
        return fastest;
    };
    CHECK(turns_at() == Approx(rate_dps(r.page->context().real.roll, 1)).epsilon(0.05));
    r.click("feelToB");
    QTest::qWait(150);
    CHECK(turns_at() == Approx(rate_dps(r.page->context().practised.roll, 1)).epsilon(0.05));
    sticks.set(Function::Roll, 0);

    feel->setSeed(41);
    r.click("feelBlind");
    REQUIRE(feel->blindTest());
    CHECK(r.desk.text("feelWords").startsWith("Trial 1 of 8"));
    CHECK_FALSE(r.desk.text("feelWords").contains("real aircraft")); // nothing is given away
    for (int trial = 0; trial < 8; ++trial) {
        r.click("feelToX");
        r.click(feel->blindTest()->x_is_b(trial) == (trial != 3) ? "feelIsB" : "feelIsA"); // one wrong
    }
    CHECK(r.desk.text("feelVerdict").startsWith("7 of 8 right"));
    CHECK(r.desk.text("feelVerdict").contains("p = 0.035"));
    CHECK(r.desk.text("feelVerdict").contains("can be felt"));
    REQUIRE(r.desk.school->file(r.pilot()).blind_tests.size() == 1);
    CHECK(r.desk.school->file(r.pilot()).blind_tests[0].right == 7);
    CHECK_FALSE(feel->loop());
}
