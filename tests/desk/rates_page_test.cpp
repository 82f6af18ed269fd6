// The Rates page: the real aircraft's rates typed, matched in a simulator's own steps, and practised on.
#include "desk/rates/rates_page.h"
#include "core/standin/stand_in_pilot.h"
#include "desk_fixture.h"
#include "files/flight_csv.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QTableWidget>
#include <QUndoStack>
#include <catch2/catch.hpp>
#include <fstream>

using namespace bh;
using namespace bh::desk;

namespace {

struct Rates {
    Desk desk{BH_DEMO};
    RatesPage* page = desk.window->ratesPage();
    Rates()
    {
        for (const PilotRow& p : desk.store->pilots())
            if (const auto own = desk.store->setup(p.id); own && own->real_aircraft == "real-school-avocet") desk.station->choosePilot(p.id);
        QTest::keyClick(&*desk.window, Qt::Key_7, Qt::AltModifier);
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
    [[nodiscard]] std::optional<TrainingSetup> own() const { return desk.store->setup(desk.station->pilotId()); }
};

} // namespace

TEST_CASE("the real aircraft's rates are matched on the simulator's own steps, and practised on", "[desk]")
{
    Rates r;
    CHECK(r.desk.find<QComboBox>("ratesAircraft")->currentText() == "School Avocet, 5-inch"); // the pilot's own comes first
    r.choose("ratesSimulator", "Mudlark");
    REQUIRE(r.page->matches()[0]);
    CHECK_FALSE(r.page->matches()[2]); // yaw is left alone until it is asked for
    CHECK(r.table()->item(8, 1)->text() == "left alone");
    const auto p = parameters_of(r.page->matches()[0]->rounded); // Mudlark: centre 10…500 by 5, max 100…1200 by 10, expo by 0.05
    CHECK(std::fmod(p[0] + 1e-9, 5) == Approx(0).margin(1e-6));
    CHECK(std::fmod(p[1] + 1e-9, 10) == Approx(0).margin(1e-6));
    CHECK(std::fmod(p[2] + 1e-9, 0.05) == Approx(0).margin(1e-6));
    CHECK(r.page->matches()[0]->rounded_difference.rms_dps < 5);
    r.desk.find<QCheckBox>("lockYaw")->setChecked(false);
    CHECK(r.page->matches()[2]);

    const RateProfile before = r.own()->rates;
    QTest::mouseClick(r.desk.find<QPushButton>("applyMatch"), Qt::LeftButton);
    CHECK(parameters_of(r.own()->rates.roll) == p);
    CHECK(r.table()->item(1, 7)->text() == r.table()->item(2, 7)->text()); // now is the match
    r.desk.store->undoStack()->undo();
    CHECK(parameters_of(r.own()->rates.roll) == parameters_of(before.roll));
}

TEST_CASE("the aircraft's rates are typed, kept, turned into other numbers, and undone", "[desk]")
{
    Rates r;
    const auto real = [&] { return *r.desk.store->ratesOf("real-school-avocet"); };
    const RateProfile before = real();
    CHECK(std::string(family_key(before.roll)) == "gain-super");
    r.desk.find<QDoubleSpinBox>("real-roll-0")->setValue(1.2);
    CHECK(parameters_of(real().roll)[0] == Approx(1.2));
    r.choose("ratesFamily", "centre, max, expo");
    CHECK(std::string(family_key(real().roll)) == "centre-max");
    CHECK(difference(real().roll, GainSuperCurve{1.2, 0.6, 0.1}).rms_dps < 6); // the same turn, as near as it comes
    r.desk.store->undoStack()->undo();
    r.desk.store->undoStack()->undo();
    CHECK(parameters_of(real().roll) == parameters_of(before.roll));
    CHECK(r.desk.find<QDoubleSpinBox>("real-roll-0")->value() == Approx(parameters_of(before.roll)[0]));
}

TEST_CASE("an aircraft whose rates nobody knows says so; the stick is followed; the curves are saved", "[desk]")
{
    Rates r;
    r.choose("ratesAircraft", "Dunlin, 3-inch for halls");
    CHECK(r.desk.text("ratesWords").contains("not known yet"));
    r.choose("ratesAircraft", "Curlew, with the survey camera");
    CHECK_FALSE(r.desk.text("ratesWords").contains("not known yet"));
    r.desk.station->input().simulated_controller().set(Function::Roll, 0.5);
    CHECK(r.desk.waitFor([&] { return r.desk.text("rateReading0").startsWith("at 50 %: real 116,"); })); // half of centre-max 150, 350, 0.2
    const QString file = r.desk.folder.filePath("rates.csv");
    REQUIRE(r.page->saveTable(file));
    QFile csv(file);
    REQUIRE(csv.open(QIODevice::ReadOnly));
    const auto lines = csv.readAll().split('\n');
    CHECK(lines.size() == 203);
    CHECK(lines[0].startsWith("stick,roll_real_dps,roll_now_dps,roll_match_dps,pitch_real_dps"));
    CHECK(lines[201].startsWith("1.00,350.000,"));
    CHECK(r.page->savePicture(r.desk.folder.filePath("rates.png")));
    CHECK_FALSE(r.page->saveTable("/nowhere/rates.csv"));
}

TEST_CASE("rates are read from a file and found from a flight log; a match is saved as a file; bad ones are told", "[desk]")
{
    Rates r;
    const auto real = [&] { return *r.desk.store->ratesOf("real-school-avocet"); };
    const RateProfile before = real();
    r.choose("ratesSimulator", "Mudlark");
    const QString json = r.desk.folder.filePath("match.json"), csv = r.desk.folder.filePath("flight.csv"), bad = r.desk.folder.filePath("bad.json");
    REQUIRE(r.page->saveTable(json));
    r.page->readRates(json);
    CHECK(parameters_of(real().roll) == parameters_of(r.page->matches()[0]->rounded)); // it is its own nearest
    r.desk.store->undoStack()->undo();
    CHECK(parameters_of(real().roll) == parameters_of(before.roll));

    // A flight of an aircraft whose rates are known here: 200, 600, 0.4.
    const Drill drill = *r.desk.store->drill("slalom");
    FlightSetup setup = *r.desk.store->data().setup_for(drill, RateProfile{"", CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{200, 600, 0.4}, CentreMaxCurve{200, 600, 0.4}});
    const auto flown = fly_drill(drill, setup, 0.7, 5);
    std::ofstream(csv.toStdString()) << flight_csv(flown->log);
    r.choose("ratesFamily", "centre, max, expo");
    r.page->readRates(csv);
    CHECK(r.desk.text("ratesWords").startsWith("Found from the flight"));
    CHECK(centre_slope_dps(real().roll) == Approx(200).margin(12));
    std::ofstream(bad.toStdString()) << "{\"format\": \"bluehangar.rates/1\"}";
    r.page->readRates(bad);
    CHECK(r.desk.text("ratesWords").startsWith("Nothing was changed: "));
    CHECK(r.desk.text("ratesWords").contains("expected a 'family' here"));
}
