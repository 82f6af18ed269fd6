// The menu, commands by name, keys that can be changed, and what is preferred at a computer.
#include "desk/controller/controller_page.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/rates_page.h"
#include "desk/words/time_words.h"
#include "desk/words/unit_words.h"
#include "desk_fixture.h"

#include <QAction>
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QFile>
#include <QKeySequenceEdit>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QPointer>
#include <QStandardPaths>
#include <QTableWidget>
#include <QTreeWidget>
#include <QWhatsThis>

using namespace bh;
using namespace bh::desk;

namespace {

struct AsBefore { // preferences are the program's, not a window's
    ~AsBefore()
    {
        preferences().setMenuShown(true);
        preferences().setFeetAndKnots(false);
        preferences().setSystemDates(false);
        preferences().setTextPercent(100);
        preferences().setFolder({});
        preferences().setLook(Preferences::Look::Day);
        applyTheme(*qApp, false);
    }
};

template <class Window>
Window* opened(const Desk& desk, const char* command, const char* window)
{
    desk.find<QAction>(QLatin1String(command))->trigger();
    auto* found = desk.window->findChild<Window*>(QLatin1String(window));
    REQUIRE(found);
    REQUIRE(QTest::qWaitForWindowExposed(found));
    return found;
}

void pick(QWidget* in, const char* box, int data)
{
    auto* combo = in->findChild<QComboBox*>(QLatin1String(box));
    REQUIRE(combo);
    combo->setCurrentIndex(combo->findData(data));
    Q_EMIT combo->activated(combo->currentIndex());
}

QStringList rowsOf(const QTreeWidget* list)
{
    QStringList rows;
    for (int i = 0; i < list->topLevelItemCount(); ++i) rows << list->topLevelItem(i)->text(0);
    return rows;
}

} // namespace

TEST_CASE("the menu holds what people look for there; hidden, its keys go on working, and that is remembered", "[desk][menu]")
{
    const AsBefore after;
    Desk desk(BH_DEMO);
    QStringList heads;
    for (const QAction* head : desk.window->menuBar()->actions()) heads << head->text().remove('&');
    CHECK(heads == QStringList{"Record", "Edit", "View", "Pilot", "This page", "Help"});
    QTest::keyClick(&*desk.window, Qt::Key_M, Qt::ControlModifier);
    CHECK_FALSE(desk.window->menuBar()->isVisible());
    QTest::keyClick(&*desk.window, Qt::Key_5, Qt::AltModifier);
    CHECK(desk.window->ratesPage()->isVisible());
    desk.close();
    desk.open();
    CHECK_FALSE(desk.window->menuBar()->isVisible());
    QTest::keyClick(&*desk.window, Qt::Key_M, Qt::ControlModifier);
    CHECK(desk.window->menuBar()->isVisible());
}

TEST_CASE("what a page does stands in the menu while the page is shown, and works by key only there", "[desk][menu]")
{
    Desk desk(BH_DEMO);
    QMenu* here = nullptr;
    for (QAction* head : desk.window->menuBar()->actions())
        if (head->text().remove('&') == "This page") here = head->menu();
    REQUIRE(here);
    const auto words = [&] {
        Q_EMIT here->aboutToShow();
        QStringList all;
        for (const QAction* action : here->actions()) all << action->text();
        Q_EMIT here->aboutToHide();
        QTest::qWait(10);
        return all;
    };
    desk.window->showPage(MainWindow::Controller);
    CHECK(words() == QStringList{"Calibrate", "Verify"});
    desk.window->showPage(MainWindow::Drills);
    CHECK(words().contains("Panic"));
    CHECK_FALSE(words().contains("Calibrate"));
    desk.window->showPage(MainWindow::Kit);
    const QString before = desk.text("controllerMessage");
    QTest::keyClick(&*desk.window, Qt::Key_F9);
    CHECK(desk.text("controllerMessage") == before); // nobody calibrates from the Kit page
}

TEST_CASE("every command is found by a part of its name and done, on whatever page it is", "[desk][menu]")
{
    Desk desk(BH_DEMO);
    auto* list = opened<QDialog>(desk, "commands", "commandList");
    auto* wanted = list->findChild<QLineEdit*>("commandWanted");
    auto* rows = list->findChild<QTreeWidget*>("commandRows");
    QTest::keyClicks(wanted, "tansley");
    CHECK(rowsOf(rows).last() == "Maud Tansley"); // beside the buttons in sight that name her
    CHECK(rowsOf(rows).filter("Tansley").size() == rowsOf(rows).size());
    wanted->clear();
    QTest::keyClicks(wanted, "calib");
    REQUIRE(rowsOf(rows).contains("Calibrate"));
    CHECK(rows->topLevelItem(0)->text(1) == "Controller");
    CHECK(rows->topLevelItem(0)->text(2) == "F9");
    QTest::keyClick(wanted, Qt::Key_Return);
    REQUIRE(desk.waitFor([&] { return desk.window->controllerPage()->isVisible(); }));
    CHECK(desk.waitFor([&] { return desk.text("controllerMessage").contains("of 10"); }));

    list = opened<QDialog>(desk, "commands", "commandList");
    QTest::keyClicks(list->findChild<QLineEdit*>("commandWanted"), "no such thing");
    CHECK(rowsOf(list->findChild<QTreeWidget*>("commandRows")) == QStringList{"Nothing here is called so."});
}

TEST_CASE("Escape closes the list of all commands, from the words and from the rows, and does nothing behind it", "[desk][menu]")
{
    Desk desk(BH_DEMO);
    desk.window->showPage(MainWindow::Drills);
    for (const char* part : {"commandWanted", "commandRows"}) {
        QPointer<QDialog> list = opened<QDialog>(desk, "commands", "commandList");
        REQUIRE(QTest::qWaitForWindowExposed(list));
        list->findChild<QWidget*>(part)->setFocus();
        QTest::keyClick(list->windowHandle(), Qt::Key_Escape);
        INFO(part);
        CHECK(desk.waitFor([&] { return !list || !list->isVisible(); }));
        CHECK(desk.window->drillsPage()->isVisible());
    }
}

TEST_CASE("keys are changed on one sheet, kept, and never stand for two things at once", "[desk][menu]")
{
    const AsBefore after;
    {
        Desk desk(BH_DEMO);
        auto* sheet = opened<QDialog>(desk, "keys", "keysWindow");
        auto* table = sheet->findChild<QTableWidget*>("keysTable");
        const auto choose = [&](const char* id) {
            const QString words = desk.find<QAction>(QLatin1String(id))->text();
            for (int row = 0; row < table->rowCount(); ++row)
                if (table->item(row, 0)->text() == words) return table->selectRow(row);
            FAIL(id);
        };
        const auto take = [&](const QKeySequence& keys) {
            sheet->findChild<QKeySequenceEdit*>("keysEdit")->setKeySequence(keys);
            sheet->findChild<QPushButton*>("keysKeep")->click();
            return sheet->findChild<QLabel*>("keysSaid")->text();
        };
        choose("night");
        CHECK(take(QKeySequence("Ctrl+U")).contains("taken already, by \"Lock or unlock the station\""));
        CHECK(desk.find<QAction>("night")->shortcut() == QKeySequence("Ctrl+L"));
        CHECK(take(QKeySequence("F7")).contains("taken already, by \"Panic\"")); // it would work on that page too
        CHECK(take(QKeySequence("Ctrl+Shift+L")) == "\"Night or day\" is Ctrl+Shift+L now.");
        choose("drill-pause");
        CHECK(take(QKeySequence("F10")).contains("taken already, by \"Arm\""));
        CHECK(take(QKeySequence("F12")).contains("is F12 now"));
        CHECK(desk.text("pause") == "Pause (F12)"); // the button says so too
        choose("calibrate");
        CHECK(take(QKeySequence("F7")).contains("is F7 now")); // on a page of its own
        sheet->findChild<QPushButton*>("keysUsual")->click();
        CHECK(desk.find<QAction>("calibrate")->shortcut() == QKeySequence("F9"));
        choose("drill-pause");
        sheet->findChild<QPushButton*>("keysUsual")->click();
    }
    Desk again(BH_DEMO);
    const bool night = theme().night;
    QTest::keyClick(&*again.window, Qt::Key_L, Qt::ControlModifier);
    CHECK(theme().night == night);
    QTest::keyClick(&*again.window, Qt::Key_L, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(theme().night != night);
    auto* command = again.find<QAction>("night");
    CHECK_FALSE(changeKeys({command}, command, usualKeys(command)));
}

TEST_CASE("no two keys of one place are the same as the program comes", "[desk][menu]")
{
    Desk desk(BH_DEMO);
    for (int page = 0; page < MainWindow::PageCount; ++page) desk.window->showPage(static_cast<MainWindow::Page>(page));
    QList<QAction*> all;
    for (QAction* action : desk.window->findChildren<QAction*>())
        if (isCommand(action)) all << action;
    CHECK(all.size() > 30);
    std::set<QString> ids;
    for (QAction* action : all) {
        CAPTURE(action->objectName().toStdString());
        CHECK(ids.insert(action->objectName()).second);
        CHECK_FALSE(changeKeys(all, action, action->shortcut()));
    }
}

TEST_CASE("what is preferred holds at once: colours, size of text, units, days, menu", "[desk][menu]")
{
    const AsBefore after;
    Desk desk(BH_DEMO);
    auto* window = opened<QDialog>(desk, "preferences", "preferencesWindow");
    pick(window, "preferLook", static_cast<int>(Preferences::Look::Night));
    CHECK(theme().night);
    const double usual = uiFont(10).pointSizeF();
    pick(window, "preferText", 200);
    CHECK(uiFont(10).pointSizeF() == Approx(2 * usual));
    CHECK(qApp->font().pointSizeF() == Approx(20));
    pick(window, "preferText", 100);
    // 0.3048 m and 1852 m/h: ISO 80000-3. 100 ft is 30.48 m, 10 kn are 5.144 m/s.
    CHECK(valueInWords(30.48, Unit::Metres) == "30.5 m");
    pick(window, "preferSampling", 250);
    CHECK(preferences().samplingHz() == 250);
    pick(window, "preferSampling", 500);
    for (const auto& [box, holds] : {std::pair{"preferSpeech", &Preferences::speaks},
                                     {"preferTone", &Preferences::sounds},
                                     {"preferMotion", &Preferences::lessMotion}}) {
        auto* tick = window->findChild<QCheckBox*>(QLatin1String(box));
        REQUIRE(tick);
        CHECK_FALSE((preferences().*holds)()); // off by default
        tick->setChecked(true);
        CHECK((preferences().*holds)());
        tick->setChecked(false);
    }
    pick(window, "preferUnits", 1);
    CHECK(valueInWords(30.48, Unit::Metres) == "100.0 ft");
    CHECK(valueInWords(5.144444, Unit::MetresPerSecond) == "10.0 kn");
    CHECK(valueInWords(0.5, Unit::Share) == "50 %");
    pick(window, "preferUnits", 0);
    const qint64 june = QDateTime({2031, 6, 12}, {12, 0}).toSecsSinceEpoch();
    CHECK(dayInWords(june) == "12 Jun 2031");
    pick(window, "preferDays", 1);
    CHECK(dayInWords(june) == QLocale::system().toString(QDate(2031, 6, 12), QLocale::ShortFormat));
    window->findChild<QCheckBox*>("preferMenu")->setChecked(false);
    CHECK_FALSE(desk.window->menuBar()->isVisible());
    auto* folder = window->findChild<QLineEdit*>("preferFolder");
    folder->setText("/home/desk/papers");
    Q_EMIT folder->editingFinished();
    CHECK(placeToWrite("a.pdf") == "/home/desk/papers/a.pdf");
}

TEST_CASE("where the record is, and how the station is called, are kept; what an older version kept is still known",
          "[desk][menu]")
{
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation);
    REQUIRE(QDir().mkpath(folder));
    QFile older(folder + "/record");
    REQUIRE(older.open(QIODevice::WriteOnly));
    older.write("postgresql://bay2@hangar-server/school\n");
    older.close();
    CHECK(preferences().chosenRecord() == "postgresql://bay2@hangar-server/school");
    preferences().setChosenRecord("/records/school.sqlite");
    CHECK(preferences().chosenRecord() == "/records/school.sqlite");
    CHECK(preferences().stationName().isEmpty());
    preferences().setStationName("Bay 2");
    CHECK(preferences().stationName() == "Bay 2");
    older.remove();
    preferences().setChosenRecord({});
    preferences().setStationName({});
}

TEST_CASE("only what is in sight is drawn anew when something else is preferred", "[desk][menu]")
{
    const AsBefore after;
    int drawn = 0, told = 0;
    const QObject here;
    QObject::connect(&preferences(), &Preferences::lookChanged, &here, [&] { ++drawn; });
    QObject::connect(&preferences(), &Preferences::changed, &here, [&] { ++told; });
    preferences().setFolder("/papers");
    preferences().setMenuShown(false);
    CHECK(told == 2);
    CHECK(drawn == 0);
    preferences().setTextPercent(125);
    preferences().setTextPercent(125); // so it was
    preferences().setFeetAndKnots(true);
    CHECK(drawn == 2);
    CHECK(told == 4);
}

TEST_CASE("records that were opened are remembered, the newest first and each once", "[desk][menu]")
{
    for (int i = 0; i < 12; ++i) preferences().noteRecord(QString("/records/%1.sqlite").arg(i));
    preferences().noteRecord("/records/9.sqlite");
    const QStringList recent = preferences().recentRecords();
    CHECK(recent.size() == 8);
    CHECK(recent.first() == "/records/9.sqlite");
    CHECK(recent.count("/records/9.sqlite") == 1);
}

TEST_CASE("asked what something is, every control says it, and where to read more", "[desk][menu]")
{
    Desk desk(BH_DEMO);
    for (int page = 0; page < MainWindow::PageCount; ++page) {
        desk.window->showPage(static_cast<MainWindow::Page>(page));
        QTest::qWait(20);
        for (QAbstractButton* button : desk.window->findChildren<QAbstractButton*>()) {
            if (!button->isVisible() || !button->focusPolicy()) continue;
            CAPTURE(page, button->objectName().toStdString(), button->text().toStdString());
            // Its own words, and not those of whatever is around it.
            CHECK(!(button->toolTip() + button->accessibleDescription() + button->accessibleName() + button->text()).isEmpty());
            QHelpEvent may(QEvent::QueryWhatsThis, QPoint(2, 2), button->mapToGlobal(QPoint(2, 2)));
            QApplication::sendEvent(button, &may);
            CHECK(may.isAccepted() == !whatItIs(button, QPoint(2, 2)).isEmpty());
        }
    }
    QWidget nothing; // of which nothing is known
    CHECK(whatItIs(&nothing, QPoint()).isEmpty());
    CHECK(whatItIs(desk.find<QPushButton>("night"), QPoint(2, 2)).startsWith("Dark colours"));
    QHelpEvent ask(QEvent::WhatsThis, QPoint(2, 2), desk.window->mapToGlobal(QPoint(2, 2)));
    QApplication::sendEvent(desk.find<QPushButton>("night"), &ask);
    bool said = false;
    for (QWidget* top : QApplication::topLevelWidgets()) said = said || (top->isVisible() && top->inherits("QWhatsThat"));
    CHECK(said);
    QWhatsThisClickedEvent link("handbook");
    QApplication::sendEvent(desk.find<QPushButton>("night"), &link);
    auto* handbook = desk.window->findChild<QWidget*>("helpWindow");
    REQUIRE(handbook);
    CHECK(handbook->isVisible());
}
