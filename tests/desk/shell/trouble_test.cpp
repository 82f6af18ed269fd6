// A record that is not as it should be: what the window says, what can be done, and that nothing ends the program.
#include "desk_fixture.h"

#include "desk/shell/acts/trouble.h"
#include "record/file/database.h"
#include "school/record_watch.h"

#include <QClipboard>
#include <QPlainTextEdit>
#include <QTimer>

using namespace bh;
using desk::Trouble;

namespace {

/// Presses a button of the trouble that is asked about, once it is shown.
Trouble::Choice answered(Trouble& trouble, const char* button)
{
    QTimer::singleShot(100, &trouble, [&trouble, button] {
        auto* pressed = trouble.findChild<QPushButton*>(QLatin1String(button));
        REQUIRE(pressed);
        QTest::mouseClick(pressed, Qt::LeftButton);
    });
    return trouble.ask();
}

} // namespace

TEST_CASE("a record's trouble is said in words that can be copied, with what can be done", "[desk][trouble]")
{
    Trouble doubts("/place/record.sqlite", {"one thing", "another <b>thing</b>"}, Trouble::MayGoOn | Trouble::MayReadOnly);
    auto* words = doubts.findChild<QPlainTextEdit*>("troubleWords");
    REQUIRE(words);
    CHECK(words->toPlainText() == "one thing\nanother <b>thing</b>"); // as it is written, markup and all
    doubts.show();
    QTest::mouseClick(doubts.findChild<QPushButton*>("troubleCopy"), Qt::LeftButton);
    CHECK(QGuiApplication::clipboard()->text() == words->toPlainText());
    CHECK_FALSE(doubts.findChild<QPushButton*>("troubleRestore"));
    CHECK(answered(doubts, "troubleGoOn") == Trouble::Choice::GoOn);
    CHECK(answered(doubts, "troubleReadOnly") == Trouble::Choice::ReadOnly);
    CHECK(answered(doubts, "troubleClose") == Trouble::Choice::Close);
    Trouble shut("/place/record.sqlite", {"gone"}, 0);
    CHECK_FALSE(shut.findChild<QPushButton*>("troubleGoOn"));
    CHECK_FALSE(shut.findChild<QPushButton*>("troubleReadOnly"));
}

TEST_CASE("the strip says when the record was verified, and how much is wrong with it", "[desk][trouble]")
{
    Desk desk;
    const std::string pilot = desk.school->add_pilot({"", "Iris Quayle"});
    VerifyOptions options;
    options.station_folder = desk.file.parent_path() / "station";
    bool busy = true;
    RecordWatch watch(desk.file, options, [&busy] { return busy; });
    desk.window->watch(watch);
    auto* shown = desk.find<QPushButton>("verified");
    CHECK(shown->text() == "Verify");
    QTest::mouseClick(shown, Qt::LeftButton);
    REQUIRE(desk.waitFor([&] { return watch.report().has_value(); }));
    CHECK(watch.report()->problems.empty());
    CHECK(watch.report()->entries == 2);
    CHECK(shown->text().startsWith("Verified "));
    // The window has it open all the time; somebody else changes a table.
    Database(desk.file, false).run("UPDATE person_keys SET key = ?", std::string(64, '0'));
    watch.verify_now();
    REQUIRE(desk.waitFor([&] { return !watch.report()->problems.empty(); }));
    CHECK(shown->text() == "1 problem");
    QTest::mouseClick(shown, Qt::LeftButton);
    auto* trouble = desk.window->findChild<Trouble*>();
    REQUIRE(trouble);
    CHECK(trouble->findChild<QPlainTextEdit*>("troubleWords")->toPlainText() ==
          QString::fromStdString("the key to the name of " + pilot + " does not open it"));
    trouble->close();
}

TEST_CASE("a record that is only looked at is not written to, and says so", "[desk][trouble]")
{
    QTemporaryDir folder;
    const std::filesystem::path file = std::filesystem::path(folder.path().toStdString()) / "record.sqlite";
    std::filesystem::copy_file(BH_DEMO, file);
    RecordOptions options;
    options.read_only = true;
    auto record = Record::open(file, options);
    REQUIRE(record);
    const Head before = (*record)->head();
    School school(std::move(*record), DataFolder(BH_DATA));
    QString said;
    QObject::connect(&school, &School::failed,
                     [&](const Message& sentence) { said = QString::fromStdString(sentence.english()); });
    CHECK(school.pilots().size() == 11);
    CHECK(school.add_pilot({"", "Wilf Dunnock"}).empty());
    CHECK(said.contains("read only"));
    CHECK(*head_of(file) == before);
    std::vector<std::string> beside;
    for (const auto& entry : std::filesystem::directory_iterator(file.parent_path())) beside.push_back(entry.path().filename());
    for (const std::string& name : beside) CHECK(name.find(".open") == std::string::npos); // no mark is left either
}

TEST_CASE("what is thrown while an event is handled is told in a window that stays", "[desk][trouble]")
{
    Desk desk;
    auto* button = new QPushButton(desk.window.get());
    QObject::connect(button, &QPushButton::clicked, [] { throw StoreFailure("the disk is full"); });
    REQUIRE(dynamic_cast<desk::Application*>(qApp));
    QTimer::singleShot(0, button, [button] { QTest::mouseClick(button, Qt::LeftButton); });
    QWidget* told = nullptr;
    REQUIRE(desk.waitFor([&] {
        for (QWidget* window : QApplication::topLevelWidgets())
            if (window->objectName() == "troubleTold" && window->isVisible()) told = window;
        return told != nullptr;
    }));
    CHECK(told->findChild<QPlainTextEdit*>("troubleWords")->toPlainText() == "the disk is full");
    CHECK(desk.window->isVisible());
    told->close();
    delete button;
}
