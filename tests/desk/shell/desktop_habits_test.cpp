// What people expect of any program on a desktop: files that are dropped on it, tables on the clipboard, the place where one was,
// and a screen that stays lit while somebody flies.
#include "core/base/result.h"
#include "desk/debrief/debrief_page.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/parts/speech/stay_awake.h"
#include "desk/shell/acts/brought_file.h"
#include "desk/shell/acts/copying.h"
#include "desk_fixture.h"

#include <QAction>
#include <QClipboard>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVirtualObject>
#include <QDropEvent>
#include <QMimeData>
#include <QProcess>
#include <QTableView>
#include <QThread>
#include <QUrl>
#include <atomic>

using namespace bh;
using namespace bh::desk;

namespace {

void write(const QString& file, const QByteArray& bytes)
{
    QFile out(file);
    REQUIRE(out.open(QIODevice::WriteOnly));
    out.write(bytes);
}

/// A desktop that notes who wants the screen lit.
class Desktop : public QDBusVirtualObject {
public:
    std::atomic<int> asked = 0, taken_back = 0, others = 0;
    [[nodiscard]] QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& message, const QDBusConnection& bus) override
    {
        if (message.member() == "Inhibit") {
            ++asked;
            return bus.send(message.createReply(QVariant(7U)));
        }
        if (message.member() == "UnInhibit" && message.arguments() == QVariantList{7U})
            ++taken_back;
        else
            ++others;
        return bus.send(message.createReply());
    }
};

} // namespace

TEST_CASE("a file is known by what is in it", "[desk][habits]")
{
    const QTemporaryDir folder;
    const auto kind = [&](const char* name, const QByteArray& bytes) {
        write(folder.filePath(name), bytes);
        return kindOfFile(folder.filePath(name));
    };
    CHECK(kindOfFile(BH_DEMO) == BroughtFile::Record);
    CHECK(kind("other.sqlite", QByteArray("SQLite format 3").leftJustified(100, '\0')) == BroughtFile::Unknown);
    CHECK(kind("a.json", "{\n  \"format\": \"bluehangar.rates/1\"}") == BroughtFile::Rates);
    CHECK(kind("b.json", "{\"format\": \"somebody.else/1\"}") == BroughtFile::Unknown);
    CHECK(kindOfFile(QStringLiteral(BH_REFERENCE "/logs/brake_gain.csv")) == BroughtFile::FlightLog);
    CHECK(kind("c.csv", "time;lat;lon\n1;2;3\n") == BroughtFile::Table);
    CHECK(kindOfFile(QStringLiteral(BH_DATA "/demo/outside.webm")) == BroughtFile::Recording);
    CHECK(kind("d.bin", QByteArray("\0\1,\2", 4)) == BroughtFile::Unknown);
    CHECK(kindOfFile(folder.filePath("not there")) == BroughtFile::Unknown);
}

TEST_CASE("a flight log that is dropped on the window is looked at; what is not understood is said", "[desk][habits]")
{
    Desk desk(BH_DEMO);
    const auto drop = [&](const QString& file) {
        QMimeData dropped;
        dropped.setUrls({QUrl::fromLocalFile(file)});
        QDragEnterEvent enter(QPoint(400, 400), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&*desk.window, &enter);
        CHECK(enter.isAccepted());
        QDropEvent event(QPointF(400, 400), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&*desk.window, &event);
    };
    drop(QStringLiteral(BH_REFERENCE "/logs/brake_gain.csv"));
    CHECK(desk.window->debriefPage()->isVisible());
    REQUIRE(desk.waitFor([&] { return desk.window->debriefPage()->debrief() != nullptr; }));
    const QTemporaryDir folder;
    write(folder.filePath("letter.txt"), "Dear all");
    drop(folder.filePath("letter.txt"));
    CHECK(desk.text("statusRecord").startsWith("letter.txt: expected a record, a flight log"));
}

TEST_CASE("a paper that is dragged onto another program's window arrives there as a file", "[desk][habits]")
{
    if (QGuiApplication::platformName() != "xcb") {
        WARN("skipped: nothing is dragged from program to program without a display");
        return;
    }
    QTemporaryDir taken;
    QProcess other; // a file manager's part in it
    other.start(BH_DROP_FOLDER, {taken.path()});
    REQUIRE(other.waitForReadyRead());
    const QList<QByteArray> there = other.readLine().simplified().split(' '); // where on the screen it takes files
    REQUIRE(there.size() == 2);

    auto paper = std::make_unique<PaperWindow>("door.pdf", "The week", "<p>Bay 1: Nell Harker, 09:00</p>", nullptr);
    paper->show();
    paper->move(500, 50);
    REQUIRE(QTest::qWaitForWindowExposed(paper.get()));
    auto* out = paper->findChild<QPushButton*>("paperDrag");
    const QPoint from = out->mapToGlobal(out->rect().center());
    const auto at = [](int x, int y) { return QStringList{"mousemove", QString::number(x), QString::number(y), "sleep", "0.2"}; };
    const int x = there[0].toInt(), y = there[1].toInt();
    QProcess hand; // a mouse of the display's own: while something is dragged, nothing else is listened to
    hand.start("xdotool", at(from.x(), from.y()) + QStringList{"mousedown", "1"} + at(from.x() - 40, from.y()) + at(x + 5, y) +
                              at(x, y) + QStringList{"mouseup", "1"});
    REQUIRE(hand.waitForStarted());
    const QString file = taken.filePath("door.pdf");
    CHECK(QTest::qWaitFor([&] { return QFile::exists(file); }, 10'000));
    paper.reset();
    CHECK(QTest::qWaitFor([&] { return other.canReadLine(); }));
    CHECK(other.readLine() == "dropped as copy\n");
    other.write("read\n"); // once more, as a letter would that is sent later
    CHECK(other.waitForFinished());
    QFile read(taken.filePath("later-door.pdf"));
    REQUIRE(read.open(QIODevice::ReadOnly));
    CHECK(read.readAll().startsWith("%PDF-"));
    CHECK(QTest::qWaitFor([&] { return hand.state() == QProcess::NotRunning; }));
    CHECK(hand.exitCode() == 0);
}

TEST_CASE("two papers of one name that are dragged out are two files", "[desk][habits]")
{
    PaperWindow first("week.pdf", "This week", "<p>Nell Harker</p>", nullptr);
    const QString file = first.asFile();
    QFile before(file);
    REQUIRE(before.open(QIODevice::ReadOnly));
    const QByteArray bytes = before.readAll();
    PaperWindow second("week.pdf", "Next week", "<p>Nell Harker, Iris Quayle and Jonah Wickett</p>", nullptr);
    CHECK(second.asFile() != file);
    CHECK(second.asFile().endsWith("/week.pdf"));
    QFile after(file);
    REQUIRE(after.open(QIODevice::ReadOnly));
    CHECK(after.readAll() == bytes); // the one in the letter is still this week's
}

TEST_CASE("a table goes to the clipboard with its heads, and a page as a picture", "[desk][habits]")
{
    Desk desk(BH_DEMO);
    QTableView* board = nullptr;
    for (auto* table : desk.window->findChildren<QTableView*>())
        if (table->isVisible()) board = table;
    REQUIRE(board);
    board->setFocus();
    REQUIRE(copyTable(board));
    const QStringList lines = QApplication::clipboard()->text().split('\n');
    REQUIRE(lines.size() == board->model()->rowCount() + 1);
    CHECK(lines[0].split('\t').first() == "Pilot");
    CHECK(lines[1].split('\t').size() == lines[0].split('\t').size());
    CHECK(lines.filter("Greta Holm").size() == 1);
    CHECK_FALSE(copyTable(desk.window.get()));
    desk.find<QAction>("copy-picture")->trigger();
    CHECK(QApplication::clipboard()->image().width() > 900);
}

TEST_CASE("the window comes back with the pilot and the page that one left", "[desk][habits]")
{
    Desk desk(BH_DEMO);
    desk.window->goBackToLastTime(); // nothing yet
    const std::string pilot = desk.school->pilots()[3].id;
    desk.station->choosePilot(pilot);
    desk.window->showPage(MainWindow::Rates);
    desk.window->resize(1333, 777);
    desk.window->close();
    desk.close();
    desk.open();
    CHECK(desk.window->size() == QSize(1333, 777));
    desk.window->goBackToLastTime();
    CHECK(desk.station->pilotId() == pilot);
    CHECK(desk.find<QAbstractButton>("pageRates")->isChecked());
    preferences().keepPlace("main", {});
    // A window that was not told to remember, as the demo's, leaves nothing.
    Desk other(BH_DEMO);
    other.window->showPage(MainWindow::Kit);
    other.window->close();
    other.close();
    other.open();
    other.window->goBackToLastTime();
    CHECK(other.find<QAbstractButton>("pageBoard")->isChecked());
    preferences().keepPlace("main", {});
}

TEST_CASE("the desktop is asked to stay awake while somebody practises, and for nothing else", "[desk][habits]")
{
    QProcess daemon;
    daemon.start("dbus-daemon", {"--session", "--nofork", "--print-address"});
    if (!daemon.waitForStarted()) {
        WARN("skipped: dbus-daemon is not installed (package dbus)");
        return;
    }
    REQUIRE(daemon.waitForReadyRead(5000));
    const QString address = QString::fromUtf8(daemon.readLine()).trimmed();
    Desktop desktop;
    QThread listening;
    desktop.moveToThread(&listening);
    listening.start();
    {
        QDBusConnection service = QDBusConnection::connectToBus(address, "desktop");
        REQUIRE(service.registerService("org.freedesktop.ScreenSaver"));
        REQUIRE(service.registerVirtualObject("/ScreenSaver", &desktop));
        Desk desk;
        desk.station->choosePilot(desk.school->add_pilot({"", "Nell Harker"}));
        const QDBusConnection ours = QDBusConnection::connectToBus(address, "ours");
        {
            StayAwake awake(*desk.station, nullptr, [&] { return ours; });
            QTest::qWait(1200);
            CHECK(desktop.asked == 0);
            desk.station->beginPractice();
            REQUIRE(desk.waitFor([&] { return desktop.asked == 1; }));
            QTest::qWait(1500);
            CHECK(desktop.asked == 1); // once
            CHECK(desktop.taken_back == 0);
            QSignalSpy dark(&awake, &StayAwake::wentDark);
            const auto screen = [&](bool goes_dark) {
                QDBusMessage told = QDBusMessage::createSignal("/ScreenSaver", "org.freedesktop.ScreenSaver", "ActiveChanged");
                told.setArguments({goes_dark});
                service.send(told);
            };
            screen(true); // somebody locks it by hand
            REQUIRE(desk.waitFor([&] { return dark.count() == 1; }));
            screen(false);
            QTest::qWait(100);
            CHECK(dark.count() == 1);
            desk.station->endPractice();
            REQUIRE(desk.waitFor([&] { return desktop.taken_back == 1; }));
            CHECK_FALSE(awake.asked());
        }
        CHECK(desktop.others == 0);
        service.unregisterObject("/ScreenSaver");
    }
    QDBusConnection::disconnectFromBus("ours");
    QDBusConnection::disconnectFromBus("desktop");
    listening.quit();
    listening.wait();
    daemon.kill();
    daemon.waitForFinished();
}
