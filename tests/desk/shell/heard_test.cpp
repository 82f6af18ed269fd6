// What is heard and spoken: painted views say in words what they show, a flight's phases and window can be followed by ear, and
// where the keyboard is can always be seen.
#include "core/flight/geometry.h"
#include "core/standin/stand_in_pilot.h"
#include "desk/controller/stick_view.h"
#include "desk/debrief/debrief_page.h"
#include "desk/debrief/time_lanes.h"
#include "desk/drills/flight_caller.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/speech/spoken_view.h"
#include "desk/parts/speech/voice.h"
#include "desk/setup/tilt_view.h"
#include "desk/words/language.h"
#include "desk_fixture.h"
#include "files/data_folder.h"

#include <QAccessible>
#include <QFile>
#include <QScrollArea>
#include <QSignalSpy>
#include <cstdint>

using namespace bh;
using namespace bh::desk;

namespace {

QString spoken(QWidget* view)
{
    QAccessibleInterface* seen = QAccessible::queryAccessibleInterface(view);
    REQUIRE(seen);
    return seen->text(QAccessible::Description);
}

FlightSnapshot hovering(double height_m)
{
    FlightSnapshot now;
    now.armed = true;
    now.waiting_for_throttle = false;
    now.status = DrillRunner::Status::Running;
    now.state.position_m = {0, 0, -height_m};
    return now;
}

/// The chosen pilot flies, so that there is something to look at.
void flyOne(Desk& desk)
{
    const Drill drill = *desk.school->drill("straight-run");
    const FlownDrill flown = *fly_drill(drill, *desk.school->data().setup_for(drill, RateProfile{}), 0.9, 3, {});
    JudgedAttempt attempt = judged_attempt(flown.score, Mode::Acro);
    attempt.pilot_id = desk.station->pilotId();
    attempt.session_id = desk.school->start_session(attempt.pilot_id, "Simulated controller", "simulated");
    REQUIRE(!desk.school->add_attempt(std::move(attempt), &flown.log).empty());
}

/// Brings what lies in a scrolled part into sight.
void bringIntoSight(QWidget* widget)
{
    for (QWidget* w = widget->parentWidget(); w; w = w->parentWidget())
        if (auto* area = qobject_cast<QScrollArea*>(w)) area->ensureWidgetVisible(widget);
}

struct QuietAfter {
    ~QuietAfter()
    {
        preferences().setSpeaks(false);
        preferences().setSounds(false);
        preferences().setLessMotion(false);
    }
};

} // namespace

TEST_CASE("painted views say what they show, in every section of every page", "[desk][heard]")
{
    Desk desk(BH_DEMO);
    flyOne(desk);
    std::set<std::string> kinds;
    const auto listen = [&] {
        QTest::qWait(30);
        for (auto* view : desk.window->findChildren<SpokenView*>()) {
            if (!view->isVisible()) continue;
            CAPTURE(view->metaObject()->className());
            kinds.insert(view->metaObject()->className());
            CHECK_FALSE(view->accessibleName().isEmpty());
            if (view->objectName() != "criteria") CHECK_FALSE(view->inWords().isEmpty()); // nothing is judged yet
            CHECK(spoken(view).toStdString() == view->inWords().toStdString());           // over the bus the same
        }
    };
    for (int page = 0; page < MainWindow::PageCount; ++page) {
        CAPTURE(page);
        desk.window->showPage(static_cast<MainWindow::Page>(page));
        listen();
        for (auto* sections : desk.window->findChildren<Sections*>())
            for (int s = 0; sections->isVisible() && s < sections->count(); ++s) {
                sections->choose(s);
                listen();
            }
    }
    for (const char* kind :
         {"StickView", "StickMiniature", "FlightView", "PlanView", "TimeLanes", "ReplayView", "TiltView", "CurveGrid"}) {
        CAPTURE(kind);
        CHECK(kinds.count(std::string("bh::desk::") + kind) == 1);
    }
}

TEST_CASE("a stick says where it stands, and again when it moves, twice a second at most", "[desk][heard]")
{
    StickView stick;
    stick.setFunctions("Yaw", "Throttle");
    stick.show();
    stick.setPosition({0, 0});
    CHECK(stick.inWords() == "Throttle centred, Yaw centred");
    stick.setPosition({-0.25, 0.5});
    CHECK(stick.inWords() == "Throttle 50 % up, Yaw 25 % left");

    QSignalSpy told(&stick, &SpokenView::toldAnew);
    for (int i = 0; i < 60; ++i) {
        stick.setPosition({i / 60.0, 0});
        QTest::qWait(10);
    }
    CHECK(told.count() >= 1);
    CHECK(told.count() <= 4);
    QTest::qWait(600); // what was not told yet
    told.clear();
    QTest::qWait(700);
    CHECK(told.isEmpty()); // it rests
}

TEST_CASE("the tilt and the cursor of a debrief are values that can be set without a mouse", "[desk][heard]")
{
    Desk desk(BH_DEMO);
    desk.window->showPage(MainWindow::Setup);
    auto* tilt = desk.find<TiltView>("tiltView");
    auto* seen = QAccessible::queryAccessibleInterface(tilt);
    REQUIRE(seen->valueInterface());
    CHECK(seen->role() == QAccessible::Slider);
    const double wanted = tilt->tilt_deg() > 20 ? 15 : 30;
    seen->valueInterface()->setCurrentValue(wanted);
    CHECK(tilt->tilt_deg() == wanted);
    CHECK(seen->valueInterface()->currentValue().toDouble() == wanted);
    CHECK(seen->text(QAccessible::Description).startsWith(QString::number(wanted) + "°"));

    flyOne(desk);
    desk.window->showPage(MainWindow::Debrief);
    auto* lanes = desk.find<TimeLanes>("timeLanes");
    REQUIRE(desk.waitFor([&] { return lanes->to() > 2; }));
    auto* time = QAccessible::queryAccessibleInterface(lanes)->valueInterface();
    REQUIRE(time);
    const double middle = (time->minimumValue().toDouble() + time->maximumValue().toDouble()) / 2;
    QSignalSpy moved(lanes, &TimeLanes::cursorMoved);
    time->setCurrentValue(middle);
    CHECK(lanes->cursor() == Approx(middle));
    CHECK(moved.count() == 1); // the pictures go along
    CHECK(spoken(lanes).contains(QString::number(middle, 'f', 2) + " s of"));
}

TEST_CASE("a flight is followed by ear: each part once, and the side on which its window is left", "[desk][heard]")
{
    const DataFolder data(BH_DATA);
    Drill drill = *data.drill("hover-window");
    const auto held = drill.phases.begin() + 1;
    REQUIRE(held->window_m > 0);
    FlightCaller caller;
    FlightSnapshot now = hovering(0);
    CHECK(caller.look(drill, now) == QString::fromStdString(drill.phases[0].instruction));
    CHECK_FALSE(caller.look(drill, now)); // once
    now.phase = static_cast<std::size_t>(held - drill.phases.begin());
    now.state.position_m.z() = 0;
    CHECK(caller.look(drill, now).has_value());
    CHECK(caller.side() == FlightCaller::Side::Inside); // on the way there is not outside
    const auto at = [&](double height_m) {
        now.state.position_m.z() = -height_m;
        (void)caller.look(drill, now);
        return caller.side();
    };
    CHECK(at(held->height_m) == FlightCaller::Side::Inside);
    CHECK(at(held->height_m + held->window_m + 0.1) == FlightCaller::Side::Above);
    CHECK(at(held->height_m - held->window_m - 0.1) == FlightCaller::Side::Below);
    CHECK(at(held->height_m) == FlightCaller::Side::Inside);
    now.paused = true;
    CHECK(caller.look(drill, now) == QString("Paused. F8 goes on."));
    CHECK(at(held->height_m + held->window_m + 1) == FlightCaller::Side::Inside); // silent while it is held
    now.paused = false;
    now.crashed = now.wants_throttle_cut = true;
    CHECK(caller.look(drill, now) == QString("Crashed: throttle to the bottom."));
    CHECK(caller.side() == FlightCaller::Side::Inside);
}

TEST_CASE("nothing is heard before it is wanted; then the system's speech gets the words", "[desk][heard]")
{
    const QuietAfter after;
    QTemporaryDir folder;
    const QString heard = folder.filePath("heard");
    QFile speech(folder.filePath("spd-say")); // stands in for the system's command
    REQUIRE(speech.open(QIODevice::WriteOnly));
    speech.write("#!/bin/sh\nprintf '%s\\n' \"$@\" > '" + heard.toUtf8() + ".new' && mv '" + heard.toUtf8() + ".new' '" +
                 heard.toUtf8() + "'\n");
    speech.setPermissions(QFile::ReadOwner | QFile::ExeOwner);
    speech.close();
    const QByteArray path = qgetenv("PATH");
    qputenv("PATH", folder.path().toUtf8() + ':' + path);
    Voice voice;
    QSignalSpy said(&voice, &Voice::said), sounded(&voice, &Voice::sounded);
    voice.say("Hover at 1.5 m.");
    voice.sound(440);
    CHECK(said.isEmpty());
    CHECK(sounded.isEmpty());
    preferences().setSounds(true);
    for (int i = 0; i < 5; ++i) voice.sound(440); // asked for at every look
    CHECK(sounded.count() == 1);
    preferences().setSpeaks(true);
    CHECK(Voice::canSpeak());
    const auto spoken_in = [&](const char* language) {
        QFile::remove(heard);
        speak(*qApp, language);
        voice.say("-5 m, then hover.");
        CHECK(QTest::qWaitFor([&] { return QFile::exists(heard); }));
        speak(*qApp, "en");
        QFile words(heard);
        REQUIRE(words.open(QIODevice::ReadOnly));
        return words.readAll();
    };
    CHECK(spoken_in("en").endsWith("--\n-5 m, then hover.\n")); // words that begin with a dash are words
    CHECK(spoken_in("en").contains("--language\nen\n"));
    CHECK(spoken_in("de").contains("--language\nde\n")); // no English tongue for German words
    qputenv("PATH", path);
}

TEST_CASE("words are handed over one after the other, the newest of those that wait, and once more where they were refused",
          "[desk][heard]")
{
    const QuietAfter after;
    const QTemporaryDir folder;
    const QString heard = folder.filePath("heard");
    QFile speech(folder.filePath("spd-say")); // refuses its first words, and takes its time
    REQUIRE(speech.open(QIODevice::WriteOnly));
    speech.write("#!/bin/sh\ncd '" + folder.path().toUtf8() +
                 "'\nsleep 0.2\n[ -e begun ] || { touch begun; exit 1; }\nfor last; do :; done\necho \"$last\" >> heard\n");
    speech.setPermissions(QFile::ReadOwner | QFile::ExeOwner);
    speech.close();
    const QByteArray path = qgetenv("PATH");
    qputenv("PATH", folder.path().toUtf8() + ':' + path);
    preferences().setSpeaks(true);
    Voice voice;
    const auto all = [&] {
        QFile file(heard);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    };
    voice.say("Climb.");
    CHECK(QTest::qWaitFor([&] { return all() == "Climb.\n"; }));
    for (const char* words : {"Hover.", "Turn.", "Land."}) voice.say(words);
    CHECK(QTest::qWaitFor([&] { return all() == "Climb.\nHover.\nLand.\n"; }));
    qputenv("PATH", path);
}

TEST_CASE("the tone is a quiet sine without a click", "[desk][heard]")
{
    constexpr int rate_hz = 44100;
    constexpr double seconds = 0.5, tone_hz = 440;
    const QByteArray bytes = toneSamples(tone_hz, seconds, rate_hz);
    const auto* sample = reinterpret_cast<const std::int16_t*>(bytes.constData());
    const auto count = static_cast<std::size_t>(bytes.size()) / sizeof *sample;
    REQUIRE(count == static_cast<std::size_t>(seconds * rate_hz));
    int rises = 0, loudest = 0, farthest = 0;
    for (std::size_t i = 1; i < count; ++i) {
        rises += sample[i - 1] < 0 && sample[i] >= 0;
        loudest = std::max(loudest, std::abs(int(sample[i])));
        farthest = std::max(farthest, std::abs(sample[i] - sample[i - 1]));
    }
    CHECK(rises == Approx(tone_hz * seconds).margin(1));
    CHECK(20 * std::log10(loudest / 32767.0) == Approx(-24).margin(0.1)); // decibels under full scale
    CHECK(sample[0] == 0);
    CHECK(std::abs(sample[count - 1]) < 20);
    CHECK(farthest < loudest * 2 * M_PI * tone_hz / rate_hz * 1.1); // no step steeper than the sine's own
}

TEST_CASE("less motion leaves no trails", "[desk][heard]")
{
    const QuietAfter after;
    const auto trailed = [](bool less) {
        preferences().setLessMotion(less);
        StickView stick;
        stick.resize(260, 290);
        stick.setFunctions("Yaw", "Throttle");
        for (int i = 0; i <= 40; ++i) stick.setPosition({i / 40.0, 0});
        const QImage moved = stick.grab().toImage();
        stick.clearTrail();
        stick.setPosition({0.999, 0});
        const QImage there = stick.grab().toImage();
        int other = 0;
        for (int x = 0; x < moved.width() * 6 / 10; ++x) // left of where it stands now
            for (int y = 0; y < moved.height(); ++y) other += moved.pixel(x, y) != there.pixel(x, y);
        return other;
    };
    CHECK(trailed(false) > 20);
    CHECK(trailed(true) == 0);
}

TEST_CASE("where the keyboard is can be seen, whatever has it", "[desk][heard]")
{
    Desk desk(BH_DEMO);
    std::set<std::string> unseen;
    for (int page = 0; page < MainWindow::PageCount; ++page) {
        desk.window->showPage(static_cast<MainWindow::Page>(page));
        QTest::qWait(30);
        for (QWidget* widget : desk.window->findChildren<QWidget*>()) {
            const bool own =
                !qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) && !qobject_cast<QComboBox*>(widget->parentWidget());
            if (!own || !widget->isVisible() || !widget->isEnabled() || !(widget->focusPolicy() & Qt::TabFocus)) continue;
            if (widget->objectName().startsWith("qt_") || widget->width() < 4) continue;
            bringIntoSight(widget);
            widget->clearFocus();
            desk.find<QWidget>("pages")->setFocus(Qt::OtherFocusReason);
            const auto picture = [&] {
                return desk.window->grab(QRect(widget->mapTo(&*desk.window, QPoint()), widget->size())).toImage();
            };
            const QImage without = picture();
            widget->setFocus(Qt::TabFocusReason);
            if (!widget->hasFocus() && !(widget->focusProxy() && widget->focusProxy()->hasFocus())) continue; // gives it away
            QTest::qWait(1);
            if (picture() == without)
                unseen.insert(std::string(widget->metaObject()->className()) + " " + widget->objectName().toStdString());
        }
    }
    for (const std::string& widget : unseen) {
        CAPTURE(widget);
        CHECK(widget.empty());
    }
}
