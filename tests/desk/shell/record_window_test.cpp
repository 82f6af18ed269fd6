// The record's own window: copies, people, erasing; the lock; and flights that were cut short.
#include "desk/drills/drills_page.h"
#include "desk/parts/paper/head_on_paper.h"
#include "desk/record/keeping_panel.h"
#include "desk/record/record_window.h"
#include "desk/record/state_panel.h"
#include "desk_fixture.h"
#include "flying.h"
#include "record/copies/exchange.h"
#include "record/file/daily_copies.h"
#include "school/lock.h"
#include "school/record_watch.h"

#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QProcess>
#include <QSpinBox>
#include <QTableWidget>
#include <QTimer>

using namespace bh;
using namespace bh::desk;

namespace {

template <class Widget = QPushButton>
Widget* in(const QWidget* window, const char* name)
{
    auto* widget = window->findChild<Widget*>(QLatin1String(name));
    CAPTURE(name);
    REQUIRE(widget);
    return widget;
}

void press(const QWidget* window, const char* name) { QTest::mouseClick(in(window, name), Qt::LeftButton); }
void type(const QWidget* window, const char* name, const char* words)
{
    in<QLineEdit>(window, name)->setText(QString::fromUtf8(words));
}

/// Answers the next question with a button.
void answer(QMessageBox::StandardButton with)
{
    QTimer::singleShot(100, [with] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        REQUIRE(box);
        QTest::mouseClick(box->button(with), Qt::LeftButton);
    });
}

} // namespace

TEST_CASE("a first start asks once who may do what; a minute later a passphrase guards the rest", "[desk][lock]")
{
    Desk desk;
    CHECK(desk.text("statusLock") == "No lock");
    desk.window->askWhatIsOpen();
    auto* window = desk.find<RecordWindow>("recordWindow");
    type(window, "personName", "Edda Marl");
    type(window, "personPassphrase", "three salt herons");
    type(window, "personPassphraseAgain", "three salt heron");
    press(window, "personAdd");
    CHECK(in<QLabel>(window, "peopleSaid")->text().contains("not the same"));
    type(window, "personPassphraseAgain", "three salt herons");
    press(window, "personAdd");
    CHECK(in<QTableWidget>(window, "people")->item(0, 0)->text() == "Edda Marl");
    CHECK(in<QTableWidget>(window, "rights")->rowCount() == static_cast<int>(rights().size()));
    CHECK(desk.text("statusLock") == "Edda Marl"); // who has set it up has unlocked it
    press(window, "recordClose");
    const std::string pilot = desk.school->add_pilot({"", "Iris Quayle"});
    press(desk.window.get(), "statusLock");
    CHECK(desk.text("statusLock") == "Locked");
    CHECK(desk.school->add_pilot({"", "Somebody"}).empty());
    CHECK(desk.text("statusRecord").contains("adding and changing pilots needs an instructor or a coordinator"));
    QTest::keyClick(desk.window.get(), Qt::Key_U, Qt::ControlModifier);
    auto* unlock = desk.find<QDialog>("unlock");
    type(unlock, "unlockPassphrase", "wrong");
    press(unlock, "unlockNow");
    CHECK(in<QLabel>(unlock, "unlockSaid")->text().contains("not the passphrase of Edda Marl"));
    type(unlock, "unlockPassphrase", "three salt herons");
    press(unlock, "unlockNow");
    CHECK(desk.text("statusLock") == "Edda Marl");
    CHECK_FALSE(desk.school->add_pilot({"", "Wilf Dunnock"}).empty());
    // It does not ask again.
    desk.close();
    desk.open();
    desk.window->askWhatIsOpen();
    CHECK_FALSE(desk.window->findChild<RecordWindow*>());
    CHECK(desk.text("statusLock") == "Locked");
}

TEST_CASE("a school that wants no passphrases says so once", "[desk][lock]")
{
    Desk desk;
    desk.window->askWhatIsOpen();
    press(desk.find<RecordWindow>("recordWindow"), "personNone");
    CHECK_FALSE(desk.find<QPushButton>("statusLock")->isVisible());
    desk.close();
    desk.open();
    desk.window->askWhatIsOpen();
    CHECK_FALSE(desk.window->findChild<RecordWindow*>());
    CHECK_FALSE(desk.find<QPushButton>("statusLock")->isVisible());
    CHECK_FALSE(desk.school->add_pilot({"", "Iris Quayle"}).empty());
}

TEST_CASE("the record's window tells its state; a good record is copied once a day", "[desk][record]")
{
    Desk desk;
    desk.school->add_pilot({"", "Iris Quayle"});
    VerifyOptions options;
    options.station_folder = desk.file.parent_path() / "station";
    RecordWatch watch(desk.file, options, [] { return true; });
    watch.keep_copies(daily_copies_kept);
    desk.window->watch(watch);
    press(desk.window.get(), "statusRecord");
    auto* window = desk.find<RecordWindow>("recordWindow");
    CHECK(in<QLabel>(window, "recordFacts")->text().contains("Not verified since the start"));
    press(window, "recordVerify");
    REQUIRE(desk.waitFor([&] { return watch.report().has_value(); }));
    CHECK(in<QLabel>(window, "recordFacts")->text().contains("nothing wrong"));
    auto* copies = in<QTableWidget>(window, "recordCopies");
    REQUIRE(copies->rowCount() == 1);
    CHECK(copies->item(0, 0)->text() == QDate::currentDate().toString(Qt::ISODate));
    CHECK(std::filesystem::exists(copies->item(0, 2)->text().toStdString()));
    press(window, "recordCopyHead");
    CHECK(QApplication::clipboard()->text().toStdString() == in_words(desk.school->record().head()));
    press(window, "recordVerify");
    REQUIRE(desk.waitFor([&] { return !watch.running(); }));
    CHECK(copies_of_days(desk.file).size() == 1);
}

TEST_CASE("the record's window backs up, restores and exports, and outlives the watch", "[desk][record]")
{
    Desk desk;
    desk.school->add_pilot({"", "Iris Quayle"});
    std::optional<RecordWatch> watch(std::in_place, desk.file, VerifyOptions{}, [] { return true; });
    desk.window->watch(*watch);
    press(desk.window.get(), "statusRecord");
    auto* window = desk.find<RecordWindow>("recordWindow");
    const auto name = [](const QString& file) {
        QTimer::singleShot(200, [file] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            REQUIRE(dialog);
            dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"))->setText(file);
            QMetaObject::invokeMethod(dialog, "accept");
        });
    };
    const QString backup = desk.folder.filePath("b.tar.gz"), restored = desk.folder.filePath("restored.sqlite");
    name(backup);
    press(window, "recordBackup");
    CHECK(in<QLabel>(window, "recordSaid")->text().contains("nothing wrong"));
    CHECK(QFile::exists(backup));
    name(backup);
    QTimer::singleShot(700, [name, restored] { name(restored); });
    press(window, "recordRestore");
    CHECK(in<QLabel>(window, "recordSaid")->text().startsWith("Restored to"));
    CHECK(*head_of(restored.toStdString()) == desk.school->record().head());
    name(desk.folder.filePath("out"));
    press(window, "recordExport");
    CHECK(in<QLabel>(window, "recordSaid")->text().startsWith("Exported to"));
    CHECK(QFile::exists(desk.folder.filePath("out/record.json")));
    watch.reset();
    desk.school->add_pilot({"", "Wilf Dunnock"}); // and the window still tells what there is
    CHECK(in<QLabel>(window, "recordFacts")->text().contains("Nobody verifies"));
}

TEST_CASE("a pilot who has left is erased after a question, and is seen nowhere any more", "[desk][record]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Iris Quayle"}), other = desk.school->add_pilot({"", "Wilf Dunnock"});
    desk.station->choosePilot(pilot);
    press(desk.window.get(), "pilotLeft");
    CHECK(desk.school->pilots().size() == 1);
    CHECK(desk.station->pilotId() == other); // the next one is chosen
    desk.school->undo();
    CHECK(desk.school->pilots().size() == 2);
    desk.station->choosePilot(pilot);
    press(desk.window.get(), "pilotLeft");
    press(desk.window.get(), "statusRecord");
    auto* window = desk.find<RecordWindow>("recordWindow");
    press(window, "sectionKeeping");
    auto* archived = in<QTableWidget>(window, "archived");
    REQUIRE(archived->rowCount() == 1);
    archived->selectRow(0);
    press(window, "pilotBack");
    CHECK(desk.school->pilot(pilot) != nullptr);
    CHECK(archived->rowCount() == 0);
    desk.station->choosePilot(pilot);
    press(desk.window.get(), "pilotLeft");
    REQUIRE(archived->rowCount() == 1);
    CHECK(archived->item(0, 2)->text() == "over: to be erased"); // never practised
    CHECK_FALSE(in(window, "erase")->isEnabled());
    archived->selectRow(0);
    press(window, "erase");
    CHECK(in<QLabel>(window, "keepingSaid")->text() == "Say why first.");
    type(window, "eraseWhy", "asked for it");
    answer(QMessageBox::No);
    press(window, "erase");
    CHECK(desk.school->file(pilot).row.name == "Iris Quayle");
    answer(QMessageBox::Yes);
    press(window, "erase");
    CHECK(archived->rowCount() == 0);
    CHECK(desk.school->file(pilot).row.name == "(erased)");
    CHECK(in<QLabel>(window, "keepingSaid")->text().contains("Copies and backups"));
    CHECK(desk.school->record().verify().problems.empty());
}

TEST_CASE("a flight under way when the program ends is offered at the next start, and scored as far as it went",
          "[desk][journal]")
{
    Flying f;
    f.takeOff();
    f.sticks().set(Function::Throttle, 0.45);
    const std::filesystem::path folder = f.desk.file.string() + ".under-way";
    const auto written = [&] {
        std::uintmax_t bytes = 0;
        for (const auto& entry : std::filesystem::directory_iterator(folder)) bytes += entry.file_size();
        return bytes;
    };
    REQUIRE(f.desk.waitFor([&] { return f.now().time_s > 2.2; }, 8000));
    CHECK(written() > 40'000); // a second at 250 rows is some 25 kB
    f.desk.close();
    f.desk.open();
    f.desk.window->askWhatIsOpen();
    auto* dialog = f.desk.find<QDialog>("cutShort");
    press(dialog, "cutShortKeep");
    REQUIRE(f.desk.keptAttempts().size() == 1);
    const Attempt& kept = f.desk.keptAttempts()[0];
    CHECK_FALSE(kept.passed);
    CHECK(f.desk.school->flight_log(kept.log_hash)->duration_s() > 1.2); // no more than a second is missing
    CHECK(f.desk.school->cut_short().empty());
    CHECK(in(dialog, "cutShortLater")->text() == "Close");
}

TEST_CASE("an exported record comes in as a new one, and what a pilot asks for is handed out", "[desk][record]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Maud Tansley"});
    REQUIRE_FALSE(desk.school->start_session(pilot, "Station 1", "guid").empty());
    const QString folder = desk.folder.filePath(QStringLiteral("out"));
    REQUIRE(export_record(desk.file, folder.toStdString()));
    desk.window->showRecord(RecordWindow::State);
    auto* window = desk.find<RecordWindow>("recordWindow");
    auto* state = window->findChild<StatePanel*>();
    REQUIRE(state);
    const QString to = desk.folder.filePath(QStringLiteral("again.sqlite"));
    state->bringIn(folder, to);
    CHECK(in<QLabel>(window, "recordSaid")->text().contains("nothing wrong"));
    CHECK(head_of(to.toStdString())->hash == desk.school->record().head().hash);
    state->bringIn(folder, to); // there is one already
    CHECK_FALSE(in<QLabel>(window, "recordSaid")->text().contains("nothing wrong"));

    Pilot left = *desk.school->pilot(pilot);
    left.archived = true;
    REQUIRE(desk.school->edit_pilot(left));
    window->showSection(RecordWindow::Keeping);
    auto* keeping = window->findChild<KeepingPanel*>();
    REQUIRE(keeping);
    CHECK_FALSE(in(window, "pilotData")->isEnabled());
    in<QTableWidget>(window, "archived")->selectRow(0);
    CHECK(in(window, "pilotData")->isEnabled());
    const QString file = desk.folder.filePath(QStringLiteral("maud.json"));
    keeping->handOut(file);
    CHECK(in<QLabel>(window, "keepingSaid")->text().contains("without the name"));
    QFile json(file);
    REQUIRE(json.open(QIODevice::ReadOnly));
    CHECK(json.readAll().contains("Maud Tansley"));
}

TEST_CASE("a session says whether the pilot looks at a screen or into goggles", "[desk][progress]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Maud Tansley"});
    desk.station->choosePilot(pilot);
    auto* viewing = desk.find<QPushButton>("sessionViewing");
    CHECK_FALSE(viewing->isVisible());
    REQUIRE_FALSE(desk.station->beginPractice().empty());
    Q_EMIT desk.station->practiceTicked();
    REQUIRE(viewing->isVisible());
    CHECK(viewing->text() == "screen or goggles?");
    viewing->click();
    CHECK(desk.school->sessions(pilot).back().viewing == Viewing::Screen);
    viewing->click();
    CHECK(viewing->text() == "in goggles");
    desk.station->endPractice();
    CHECK(desk.school->sessions(pilot).back().viewing == Viewing::Goggles); // also once it has ended
    REQUIRE_FALSE(desk.station->beginPractice().empty());
    CHECK(desk.school->sessions(pilot).back().viewing == Viewing::Goggles); // as the last time
}

TEST_CASE("a new station is let in, an entry marked as known, and a head from paper compared", "[desk][record]")
{
    Desk desk;
    desk.school->add_pilot({"", "Iris Quayle"});
    RecordWindow window(*desk.school, desk.window->lock(), nullptr);
    window.showSection(RecordWindow::Keys);
    auto* keys = in<QTableWidget>(&window, "keys");
    CHECK(keys->rowCount() == 1);
    CHECK(keys->item(0, 0)->text() == "this station");
    CHECK(keys->item(0, 3)->text() == "the record's beginning");
    CHECK_FALSE(in(&window, "keyLetIn")->isEnabled());
    // Another computer writes to the same file.
    const StationKey other = StationKey::from_seed({5});
    {
        RecordOptions options;
        options.key = other;
        options.remember_heads = false;
        auto there = Record::open(desk.school->record().place(), options);
        REQUIRE(there);
        (*there)->set_note("here", "too");
    }
    desk.school->add_pilot({"", "Oren Pell"}); // and its news come with the next entry
    REQUIRE(keys->rowCount() == 2);
    CHECK(keys->item(0, 3)->text().startsWith("nobody yet"));
    CHECK(desk.school->record().verify().problems.size() == 1);
    keys->selectRow(0);
    type(&window, "keysPassphrase", "of nobody here");
    press(&window, "keyLetIn");
    CHECK(in<QLabel>(&window, "keysSaid")->text().contains("not the passphrase of a coordinator"));
    press(&window, "keyLetIn"); // with this station's own key, which stands
    CHECK(in<QLabel>(&window, "keysSaid")->text() == "Let in.");
    CHECK(desk.school->record().verify().problems.empty());

    in<QSpinBox>(&window, "knownEntry")->setValue(2);
    press(&window, "keyMark");
    CHECK(in<QLabel>(&window, "keysSaid")->text().contains("a reason is missing"));
    type(&window, "knownWhy", "typed by hand");
    press(&window, "keyMark");
    CHECK(in<QLabel>(&window, "keysSaid")->text() == "Entry 2 is marked as known.");

    const Head head = desk.school->record().head();
    const auto compared = [&](const std::string& typed) {
        type(&window, "headToCompare", typed.c_str());
        press(&window, "headCompare");
        return in<QLabel>(&window, "keysSaid")->text();
    };
    CHECK(compared(in_words(head).substr(0, 16)).startsWith("It is the same"));
    CHECK(compared(std::to_string(head.count) + ":" + std::string(12, '0')).contains("is another one"));
    CHECK(compared(std::to_string(head.count + 5) + ":" + head.hash).contains("has fewer than"));
    CHECK(compared("what?").startsWith("Expected how many"));
}

TEST_CASE("the square on a release's paper is read back by a program that is not ours", "[desk][record]")
{
    const Head head{2221, sha256_hex("any")};
    const QString html = headOnPaper(head);
    const QByteArray png = QByteArray::fromBase64(html.section("base64,", 1).section('"', 0, 0).toLatin1());
    QTemporaryDir folder;
    const QString file = folder.filePath("square.png");
    REQUIRE(QImage::fromData(png).save(file));
    QProcess reader; // zbar's
    reader.start("zbarimg", {"--quiet", "--raw", file});
    REQUIRE(reader.waitForFinished());
    CHECK(reader.readAllStandardOutput().trimmed().toStdString() == in_words(head));
}
