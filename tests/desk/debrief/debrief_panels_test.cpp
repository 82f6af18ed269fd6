// The Debrief page's parts: telling advice and what became of it, comparing, habits, notes, paper, tables of other programs, and
// practice outside beside a recording of the screen.
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/debrief_sheet.h"
#include "desk/debrief/import_dialog.h"
#include "desk/debrief/rules_dialog.h"
#include "desk/debrief/time_lanes.h"
#include "desk/debrief/video_view.h"
#include "desk/parts/speech/spoken_view.h"
#include "desk_fixture.h"
#include "files/tables/stick_recording.h"
#include "school/views/coaching.h"

#include <QBuffer>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QSignalSpy>
#include <QSvgGenerator>
#include <QTableWidget>

using namespace bh;
using namespace bh::desk;

namespace {

struct Debriefs {
    Desk desk;
    std::string pilot, session;
    DebriefPage* page = nullptr;
    Debriefs()
    {
        pilot = desk.school->add_pilot({"", "Jonah Wickett"});
        session = desk.school->start_session(pilot, "Simulated controller", "simulated");
        desk.station->choosePilot(pilot);
        page = desk.window->findChild<DebriefPage*>();
        REQUIRE(page);
    }
    std::string fly(const std::string& who, double skill, std::uint64_t seed, bool rocking = false, bool ballooning = false)
    {
        const Drill drill = *desk.school->drill("run-stop");
        StandInFaults faults;
        faults.rocking = rocking, faults.ballooning = ballooning;
        const auto flown = fly_drill(drill, *desk.school->data().setup_for(drill, RateProfile{}), skill, seed, faults);
        JudgedAttempt attempt = judged_attempt(flown->score, Mode::Acro);
        attempt.pilot_id = who, attempt.session_id = session;
        attempt.at = desk.school->now() - 10000 + 60 * ++flown_;
        return desk.school->add_attempt(std::move(attempt), &flown->log);
    }
    int flown_ = 0;
    void open(DebriefPage::Tab tab = DebriefPage::Found) const
    {
        QTest::keyClick(&*desk.window, Qt::Key_7, Qt::AltModifier);
        REQUIRE(page->isVisible());
        page->showTab(tab);
    }
    void click(const QString& name) const { QTest::mouseClick(desk.find<QPushButton>(name), Qt::LeftButton); }
};

/// Practice in another program, its sticks as a stand-in moved them.
std::string practiseOutside(const Debriefs& d)
{
    const StandInController controller;
    School& school = *d.desk.school;
    const auto calibration = calibrate(stand_in_recording(controller, 1));
    REQUIRE(calibration);
    school.verify_calibration(school.add_calibration("Station 1 controller", "sq-01", *calibration));
    const Drill drill = *school.drill("straight-run");
    StandInFaults faults;
    faults.rocking = true;
    const auto flown = fly_drill(drill, *school.data().setup_for(drill, RateProfile{}), 0.9, 3, faults);
    StickRecording recording;
    for (std::size_t i = 0; i < flown->log.size(); i += 4) {
        recording.t_s.push_back(flown->log.t_s[i]);
        recording.counts.push_back(counts_of(
            controller, {flown->log.throttle[i], flown->log.stick_yaw[i], flown->log.stick_pitch[i], flown->log.stick_roll[i]}));
    }
    const auto file = school.new_stick_recording("test");
    REQUIRE(write_stick_recording(file, recording));
    Session session;
    session.pilot_id = d.pilot;
    session.started_at = school.now() - 3600, session.ended_at = session.started_at + 60;
    session.active_s = 60;
    session.simulator = "mudlark";
    REQUIRE(school.add_outside_session(session, "Station 1 controller", "sq-01", file));
    return school.sessions(d.pilot).front().id; // it began before the one here
}

} // namespace

TEST_CASE("advice is told with a click, ticked when it is followed, and put aside", "[desk][debrief]")
{
    Debriefs d;
    for (std::uint64_t seed = 1; seed < 4; ++seed) d.fly(d.pilot, 0.9, seed, true);
    d.open();
    d.click("tellAdvice1");
    REQUIRE(d.desk.school->file(d.pilot).advice.size() == 1);
    const GivenAdvice& given = d.desk.school->file(d.pilot).advice[0];
    CHECK(given.rule == "rocking");
    CHECK(given.evidence.find("in 3 of the last 3 flights") != std::string::npos);
    CHECK(given.attempt_id == d.desk.school->attempts(d.pilot).back().id);
    CHECK_FALSE(d.desk.find<QPushButton>("tellAdvice1")->isEnabled());
    CHECK(d.desk.text("tellAdvice1").startsWith("Told on"));
    d.page->showTab(DebriefPage::Advised);
    CHECK(d.desk.text("adviceEffect").contains("3 before, 0 since"));
    d.desk.find<QCheckBox>("adviceFollowed")->click();
    REQUIRE(d.desk.waitFor([&] { return d.desk.school->file(d.pilot).advice[0].followed_at > 0; }));
    d.flown_ = 1000; // later
    for (std::uint64_t seed = 5; seed < 8; ++seed) d.fly(d.pilot, 0.9, seed);
    REQUIRE(d.desk.waitFor([&] { return d.desk.text("adviceEffect").startsWith("helped"); }));
    CHECK(d.desk.text("adviceEffect").endsWith("3 and 3 flights"));
    d.click("adviceAside");
    REQUIRE(d.desk.waitFor([&] { return d.desk.school->file(d.pilot).advice[0].closed; }));
    QTest::keyClick(&*d.desk.window, Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(d.desk.waitFor([&] { return !d.desk.school->file(d.pilot).advice[0].closed; }));
}

TEST_CASE("a flight is laid over another's, whose name can be hidden, and told apart in words", "[desk][debrief]")
{
    Debriefs d;
    const std::string other = d.desk.school->add_pilot({"", "Nell Harker"});
    d.fly(other, 0.95, 11);
    d.fly(d.pilot, 0.9, 12);
    d.fly(d.pilot, 0.9, 13, false, true);
    d.open(DebriefPage::Compare);
    auto* with = d.desk.find<QComboBox>("compareWith");
    REQUIRE(with->count() == 3);
    CHECK(with->itemText(1).startsWith("the one before"));
    CHECK(with->itemText(2).startsWith("pilot A"));
    d.desk.find<QCheckBox>("compareHide")->setChecked(false);
    CHECK(with->itemText(2).startsWith("Nell Harker"));
    with->setCurrentIndex(2);
    Q_EMIT with->activated(2);
    auto* list = d.desk.find<QListWidget>("differences");
    REQUIRE(list->count() > 0);
    CHECK(list->item(0)->text().contains("brakes"));
    CHECK(list->item(0)->text().contains("gains"));
    CHECK(d.desk.text("compareBent").contains("m apart in the mean"));
    auto* lanes = d.desk.find<TimeLanes>("timeLanes");
    Q_EMIT list->itemClicked(list->item(0));
    CHECK(lanes->to() - lanes->from() < 10);
    CHECK(lanes->from() <= list->item(0)->data(Qt::UserRole).toDouble());
    d.desk.school->keep_demonstration("run-stop", d.desk.school->attempts(other).front().id);
    d.page->look(d.desk.school->attempts(d.pilot).back().id);
    CHECK(with->itemText(1).startsWith("demonstration"));
}

TEST_CASE("habits are read over flights, beside the grip; the Board leads here", "[desk][debrief]")
{
    Debriefs d;
    d.open(DebriefPage::Habits);
    CHECK(d.desk.text("habitsSaid").startsWith("No flights yet"));
    for (std::uint64_t seed = 1; seed < 5; ++seed) d.fly(d.pilot, 0.9, seed, true);
    REQUIRE(d.desk.waitFor([&] { return d.desk.text("habitsSaid").startsWith("1 strong"); }));
    CHECK(d.desk.text("habitsGrip").contains("never measured"));
    GripRound round;
    round.pilot_id = d.pilot, round.throughput_bps = 3.25, round.at = d.desk.school->now();
    d.desk.school->add_grip_round(round);
    d.page->showTab(DebriefPage::Found), d.page->showTab(DebriefPage::Habits);
    CHECK(d.desk.text("habitsGrip").contains("3.25 bit/s"));
    CHECK(d.desk.find<SpokenView>("habits")->inWords().contains("Rocking"));
    // With a controller that is good, the habit is what is most pressing.
    const auto calibration = calibrate(stand_in_recording({}, 1));
    d.desk.school->verify_calibration(d.desk.school->add_calibration("Station 1 controller", "sq-01", *calibration));
    QTest::keyClick(&*d.desk.window, Qt::Key_1, Qt::AltModifier);
    REQUIRE(d.desk.waitFor([&] { return d.desk.window->findChild<QPushButton*>("go-Jonah Wickett") != nullptr; }));
    CHECK(d.desk.text("go-Jonah Wickett") == "To the debrief");
    d.click("go-Jonah Wickett");
    REQUIRE(d.desk.waitFor([&] { return d.page->isVisible(); }));
    CHECK(d.desk.find<QWidget>("habits")->isVisible());
}

TEST_CASE("notes stay with the flight, and go on the sheet with track, sticks, advice and the next drill", "[desk][debrief]")
{
    Debriefs d;
    d.fly(d.pilot, 0.9, 3, false, true);
    d.open(DebriefPage::Notes);
    auto* text = d.desk.find<QLineEdit>("noteText");
    CHECK_FALSE(d.desk.find<QPushButton>("noteAdd")->isEnabled());
    QTest::keyClicks(text, "Looked at the post, not at the line.");
    QTest::keyClick(text, Qt::Key_Return);
    d.desk.find<QComboBox>("noteBy")->setCurrentIndex(1);
    QTest::keyClicks(text, "It felt fast.");
    d.click("noteAdd");
    auto* list = d.desk.find<QListWidget>("flightNotes");
    REQUIRE(list->count() == 2);
    CHECK(list->item(0)->text().contains("Coordinator: Looked", Qt::CaseInsensitive));
    CHECK(list->item(1)->text().contains("pilot: It felt fast."));
    const QString pdf = d.desk.folder.filePath("sheet.pdf"), png = d.desk.folder.filePath("sheet.png");
    REQUIRE(d.page->savePaper(pdf));
    REQUIRE(d.page->savePaper(png));
    CHECK_FALSE(d.page->savePaper("/nowhere/at/all.pdf"));
    CHECK(QImage(png).height() > QImage(png).width()); // upright
    QFile file(pdf);
    REQUIRE(file.open(QIODevice::ReadOnly));
    const QByteArray bytes = file.readAll();
    CHECK(bytes.startsWith("%PDF-"));
    CHECK(bytes.count("/Type /Page\n") == 1); // one page
    // What stands on it, as text.
    SheetFacts facts;
    facts.pilot = "Jonah Wickett", facts.date = "27 Nov 2026", facts.looked_at = d.page->lookedAt();
    facts.next_drill = {"Slalom", "Flags passed: passed at 6, good at 8"};
    facts.notes = {"It felt fast."};
    QBuffer drawn;
    QSvgGenerator svg;
    svg.setOutputDevice(&drawn);
    svg.setSize({1000, 1400});
    QPainter painter(&svg);
    paintDebriefSheet(painter, QRectF(0, 0, 1000, 1400), facts);
    painter.end();
    const QString words = QString::fromUtf8(drawn.data());
    for (const char* stands : {"Jonah Wickett: Run and stop", "printed 27 Nov 2026", "Sticks from", "Lower the throttle",
                               "To change", "Next: Slalom", "good at 8", "It felt fast.", "north is up"}) {
        CAPTURE(stands);
        CHECK(words.contains(stands));
    }
}

TEST_CASE("another program's table is mapped, looked at, kept, and known again by its heads", "[desk][debrief]")
{
    Debriefs d;
    const QString file = d.desk.folder.filePath("club.csv");
    QFile out(file);
    REQUIRE(out.open(QIODevice::WriteOnly));
    out.write("time (ms),alt [ft],thr,ail,ele,rud\n");
    for (int i = 0; i < 400; ++i)
        out.write(
            QStringLiteral("%1,10,1400,%2,1500,1500\n").arg(20 * i).arg(1500 + 200 * std::sin(0.2 * i), 0, 'f', 0).toUtf8());
    out.close();
    const auto kept = [&] { return d.desk.school->attempts(d.pilot).size(); };
    d.open();
    {
        ImportDialog dialog(*d.desk.school, d.pilot);
        REQUIRE(dialog.openTable(file));
        const auto box = [&](const char* name) { return dialog.findChild<QComboBox*>(name); };
        CHECK(box("import_throttle")->currentText() == "thr");
        CHECK(box("importUnit_height")->currentText() == "ft");
        CHECK(dialog.findChild<QLabel*>("importUnknown")->text().startsWith("Places are not known"));
        // Its elevator is the other way round: said here, and known the next time.
        auto* turned = dialog.findChild<QCheckBox*>("importTurned_pitch_stick");
        turned->click();
        QSignalSpy done(&dialog, &ImportDialog::done);
        QTest::mouseClick(dialog.findChild<QPushButton*>("importLook"), Qt::LeftButton);
        REQUIRE(d.desk.waitFor([&] { return done.count() == 1; }));
        CHECK(kept() == 0); // looked at, not kept
        CHECK(dialog.flight()->size() == 400);
    }
    ImportDialog dialog(*d.desk.school, d.pilot);
    REQUIRE(dialog.openTable(file));
    CHECK(dialog.findChild<QCheckBox*>("importTurned_pitch_stick")->isChecked());
    CHECK(dialog.findChild<QLabel*>("importSaid")->text().startsWith("A table with these heads was read before"));
    dialog.findChild<QComboBox*>("import_throttle")->setCurrentIndex(0);
    QTest::mouseClick(dialog.findChild<QPushButton*>("importKeep"), Qt::LeftButton);
    REQUIRE(d.desk.waitFor([&] { return dialog.findChild<QPushButton*>("importKeep")->isEnabled(); }));
    CHECK(dialog.findChild<QLabel*>("importSaid")->text().contains("say which column is the Throttle"));
    CHECK(kept() == 0);
    dialog.findChild<QComboBox*>("import_throttle")->setCurrentText("thr");
    QTest::mouseClick(dialog.findChild<QPushButton*>("importKeep"), Qt::LeftButton);
    REQUIRE(d.desk.waitFor([&] { return kept() == 1 && d.page->debrief(); }));
    CHECK_FALSE(d.page->debrief()->has_position);
    CHECK(d.desk.text("debriefAdvice").startsWith("Half the movement on")); // its roll stick goes to and fro
}

TEST_CASE("rules are edited as a new version, with how often each helped beside them", "[desk][debrief]")
{
    Debriefs d;
    RulesDialog dialog(*d.desk.school);
    auto* table = dialog.findChild<QTableWidget*>();
    REQUIRE(table->rowCount() == static_cast<int>(d.desk.school->coaching().rules.size()));
    const int version = d.desk.school->coaching().version;
    table->setCurrentCell(3, 1); // rates of 350
    auto* change = dialog.findChild<QLineEdit*>("ruleChange");
    change->setText("Rates of 300 °/s.");
    QTest::mouseClick(dialog.findChild<QPushButton*>("ruleKeep"), Qt::LeftButton);
    CHECK(d.desk.school->coaching().version == version + 1);
    CHECK(d.desk.school->coaching().rules[3].change == "Rates of 300 °/s.");
    CHECK(dialog.findChild<QLabel*>("rulesSaid")->text().contains(QString::number(version + 1)));
    change->setText("  ");
    QTest::mouseClick(dialog.findChild<QPushButton*>("ruleKeep"), Qt::LeftButton);
    CHECK(d.desk.school->coaching().version == version + 1);
    CHECK(dialog.findChild<QLabel*>("rulesSaid")->text() == "Say what is to be changed.");
}

TEST_CASE("practice outside is read by its sticks, with a recording of the screen on the same cursor", "[desk][debrief]")
{
    Debriefs d;
    const std::string session = practiseOutside(d);
    d.open();
    d.page->lookOutside(session);
    CAPTURE(d.desk.text("debriefWhy").toStdString(), d.desk.text("debriefTitle").toStdString());
    REQUIRE(d.page->debrief());
    CHECK_FALSE(d.page->debrief()->has_position);
    CHECK(d.desk.text("debriefAdvice").startsWith("Half the movement on"));
    auto* video = d.desk.find<VideoView>("videoView");
    REQUIRE(video->isVisible());
    d.page->layBeside("/nowhere/evening.webm");
    CHECK(video->message().contains("/nowhere/evening.webm is not there any more"));
    const QString none = d.desk.folder.filePath("no-recording.webm");
    QFile text(none);
    REQUIRE(text.open(QIODevice::WriteOnly));
    text.write("a letter");
    text.close();
    d.page->layBeside(none);
    REQUIRE(d.desk.waitFor([&] { return video->message().contains("no-recording.webm cannot be played here"); }));
    CHECK(video->message().count('\n') == 0);
    d.page->layBeside(QStringLiteral(BH_DATA "/demo/outside.webm"));
    CHECK(video->message().isEmpty());
    auto* lanes = d.desk.find<TimeLanes>("timeLanes");
    lanes->setCursor(6);
    Q_EMIT lanes->cursorMoved(6);
    const bool there = d.desk.waitFor([&] { return video->hasPicture() && std::abs(video->pictureAt() - 6) < 0.2; }, 15000);
    CAPTURE(video->message().toStdString(), video->hasPicture(), video->pictureAt());
    REQUIRE(there);
    // It began two and a half seconds into the session: nudged there by keys, kept with the session.
    for (int i = 0; i < 2; ++i) QTest::keyClick(d.page, Qt::Key_Greater, Qt::ControlModifier);
    for (int i = 0; i < 5; ++i) QTest::keyClick(d.page, Qt::Key_Greater);
    CHECK(d.desk.find<QDoubleSpinBox>("debriefOffset")->value() == Approx(2.5));
    REQUIRE(d.desk.waitFor([&] { return std::abs(video->pictureAt() - 3.5) < 0.2; }, 15000));
    CHECK(d.desk.school->values().videos.at(session).offset_s == Approx(2.5));
    // Both play together.
    QTest::keyClick(d.page, Qt::Key_Space);
    REQUIRE(d.desk.waitFor([&] { return lanes->cursor() > 8; }, 15000));
    CHECK(video->pictureAt() == Approx(lanes->cursor() - 2.5).margin(0.6));
    QTest::keyClick(d.page, Qt::Key_Space);
}
