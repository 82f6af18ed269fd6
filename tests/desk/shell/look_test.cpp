// What can be checked of the look without comparing pixels: contrast, room, keyboard, names for screen readers, and that
// the flight view shows what it is given.
#include "desk/controller/controller_page.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/flight/flight_painter.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/setup/setup_page.h"
#include "desk/shell/start/pseudo_language.h"
#include "desk_fixture.h"
#include "every_view.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QFontMetricsF>
#include <QImage>
#include <QLineEdit>
#include <QPainter>
#include <QRegularExpression>
#include <QScrollArea>
#include <QStackedWidget>
#include <QTableWidget>
#include <QToolTip>
#include <catch2/catch.hpp>
#include <cmath>
#include <functional>
#include <set>

using namespace bh;
using namespace bh::desk;

namespace {

/// Relative luminance and contrast ratio as defined by WCAG 2.1 (W3C Recommendation, 5 June 2018).
double luminance(const QColor& colour)
{
    const auto linear = [](double c) { return c <= 0.03928 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) + 0.0722 * linear(colour.blueF());
}
double contrast(const QColor& a, const QColor& b)
{
    const double brighter = std::max(luminance(a), luminance(b));
    const double darker = std::min(luminance(a), luminance(b));
    return (brighter + 0.05) / (darker + 0.05);
}

struct NightAfter {
    ~NightAfter()
    {
        preferences().setTextPercent(100);
        applyTheme(*qApp, false);
    }
};

struct Picture {
    QImage image{640, 400, QImage::Format_RGB32};
    FlightSnapshot now;
    FlightPainter painter;
    Drill drill;
    explicit Picture(const char* id = "lift-settle")
    {
        const DataFolder data(BH_DATA);
        drill = *data.drill(id);
        painter.setDrill(drill, *data.setup_for(drill, RateProfile{}));
        now.state.position_m.z() = -5;
        now.armed = true;
        now.waiting_for_throttle = false;
        now.status = DrillRunner::Status::Running;
    }
    QImage& draw()
    {
        QPainter p(&image);
        painter.paint(p, image.size(), now);
        return image;
    }
    /// Share of a row's pixels (between the height tape and the plates at the right) that are sky.
    [[nodiscard]] double skyInRow(int y) const
    {
        int sky = 0;
        const int from = 150, to = image.width() - 260;
        for (int x = from; x < to; ++x) sky += image.pixelColor(x, y) == theme().sky;
        return sky / double(to - from);
    }
};

} // namespace

TEST_CASE("text can be read against its ground by day and by night", "[desk][look]")
{
    const NightAfter after;
    CHECK(contrast(Qt::black, Qt::white) == Approx(21)); // the standard's own limit
    for (const bool night : {false, true}) {
        applyTheme(*qApp, night);
        const Theme& t = theme();
        CAPTURE(night);
        for (const QColor& ground : {t.paper, t.card}) {
            CHECK(contrast(t.ink, ground) >= 7);                                                           // AAA
            CHECK(contrast(t.soft, ground) >= 4.5);                                                        // AA, text
            for (const QColor& mark : {t.held, t.notMet, t.attention}) CHECK(contrast(mark, ground) >= 3); // AA, marks
        }
        CHECK(contrast(t.held, t.card) >= 4.5); // as words these two stand on cards only
        CHECK(contrast(t.notMet, t.card) >= 4.5);
        for (const QColor& ground : {t.paper, t.card}) {
            CHECK(contrast(t.caution, ground) >= 4.5);
            for (const QColor& line : {t.roll, t.pitch, t.yaw, t.throttle, t.steel}) CHECK(contrast(line, ground) >= 3);
        }
        CHECK(contrast(t.ink, t.select) >= 4.5);
        CHECK(contrast(Qt::white, t.button) >= 4.5);
        CHECK(contrast(t.onChrome, t.field) >= 4.5);
        for (const QColor& line : {t.chromeSoft, t.attention}) CHECK(contrast(line, t.chrome) >= 3);
        CHECK(contrast(t.onChrome, t.chrome) >= 7);
        CHECK(contrast(t.chromeSoft, t.chrome) >= 4.5);
    }
}

TEST_CASE("night and day change every page and come back", "[desk][look]")
{
    const NightAfter after;
    Desk desk(BH_DEMO);
    const auto average = [&] {
        const QImage shot = desk.window->grab().toImage().scaled(1, 1, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
        return shot.pixelColor(0, 0).lightnessF();
    };
    for (int page = 0; page < MainWindow::PageCount; ++page) {
        desk.window->showPage(static_cast<MainWindow::Page>(page));
        QTest::qWait(30);
        const double day = average();
        QTest::keyClick(&*desk.window, Qt::Key_L, Qt::ControlModifier);
        QTest::qWait(30);
        CAPTURE(page);
        CHECK(theme().night);
        CHECK(average() < 0.5 * day);
        QTest::mouseClick(desk.find<QPushButton>("night"), Qt::LeftButton);
        QTest::qWait(30);
        CHECK_FALSE(theme().night);
        CHECK(average() == Approx(day).margin(0.02));
    }
}

TEST_CASE("the night theme repaints without claiming that the record changed", "[desk][look]")
{
    const NightAfter after;
    Desk desk(BH_DEMO);
    int changes = 0;
    QObject::connect(desk.school.get(), &School::changed, desk.window.get(), [&](const Changes&) { ++changes; });
    const QString saved = desk.text("statusRecord");
    QTest::keyClick(&*desk.window, Qt::Key_L, Qt::ControlModifier);
    QTest::qWait(30);
    CHECK(theme().night);
    CHECK(changes == 0);
    CHECK(desk.text("statusRecord") == saved);
}

TEST_CASE("the plate beside the height tape is wide enough for three figures", "[desk][look]")
{
    const QRectF least(0, 0, 66, 24);
    const QFont font = uiFont(11, true);
    for (const char* reading : {"3.2 m", "140.0 m", "-1234.5 m"}) {
        CAPTURE(reading);
        const QRectF plate = FlightPainter::plateFor(least, reading, font);
        CHECK(plate.width() >= QFontMetricsF(font).horizontalAdvance(reading));
        CHECK(plate.topLeft() == least.topLeft());
    }
    CHECK(FlightPainter::plateFor(least, "3.2 m", font).width() >= 66);
}

TEST_CASE("everything that can be used has a name and is reached by the keyboard", "[desk][look]")
{
    Desk desk(BH_DEMO);
    inEveryView(desk, [&] {
        for (QWidget* widget : desk.window->findChildren<QWidget*>()) {
            const bool used = qobject_cast<QAbstractButton*>(widget) || qobject_cast<QLineEdit*>(widget) ||
                              qobject_cast<QComboBox*>(widget) || qobject_cast<QAbstractSpinBox*>(widget) ||
                              qobject_cast<QAbstractItemView*>(widget);
            if (!used || !widget->isVisible() || widget->objectName().startsWith("qt_")) continue;
            if (qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) || qobject_cast<QLineEdit*>(widget->parentWidget()) ||
                qobject_cast<QAbstractItemView*>(widget->parentWidget()))
                continue; // parts of a control that has its own name
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            const QString name = widget->accessibleName().isEmpty() && button ? button->text() : widget->accessibleName();
            CAPTURE(widget->metaObject()->className(), widget->objectName().toStdString());
            CHECK_FALSE(name.isEmpty());
            if (widget->isEnabled()) CHECK((widget->focusPolicy() & Qt::TabFocus) != 0);
        }
    });
}

TEST_CASE("all controls keep their room in windows of every size, and with large text", "[desk][look]")
{
    struct Seen {
        QSize size;
        int text_percent;
    };
    const Seen seen = GENERATE(Seen{{1100, 700}, 100}, Seen{{1920, 1080}, 100}, Seen{{3840, 2160}, 100}, Seen{{1600, 1000}, 150},
                               Seen{{1920, 1200}, 200});
    CAPTURE(seen.size.width(), seen.text_percent);
    const NightAfter after;
    preferences().setTextPercent(seen.text_percent);
    applyTheme(*qApp, false);
    Desk desk(BH_DEMO);
    if (const double factor = qEnvironmentVariable("QT_SCALE_FACTOR").toDouble(); factor > 0)
        CHECK(desk.window->devicePixelRatioF() == factor); // as this is run for screens of more dots to the inch
    desk.window->resize(seen.size);
    inEveryView(desk, [&] {
        REQUIRE(desk.window->size() == seen.size);
        checkRoom(desk);
    });
}

TEST_CASE("a page is set in no more than three sizes and two weights of type", "[desk][look]")
{
    Desk desk(BH_DEMO);
    inEveryView(desk, [&] {
        std::map<double, QString> sizes;
        std::map<int, QString> weights;
        for (const QWidget* w : desk.find<QWidget>("pages")->findChildren<QWidget*>()) {
            const bool words = qobject_cast<const QLabel*>(w) || qobject_cast<const QAbstractButton*>(w) ||
                               qobject_cast<const QAbstractItemView*>(w) || qobject_cast<const QComboBox*>(w);
            if (!words || !w->isVisible() || (w->property("text").isValid() && w->property("text").toString().isEmpty()))
                continue;
            sizes[w->font().pointSizeF()] = w->objectName() + ' ' + w->property("text").toString();
            weights[w->font().weight()] = w->objectName();
        }
        for (const auto& [size, where] : sizes) UNSCOPED_INFO(size << ": " << where.toStdString());
        CHECK(sizes.size() <= 3);
        CHECK(weights.size() <= 2);
    });
}

TEST_CASE("words that are two fifths longer keep their room, from left to right and from right to left", "[desk][look]")
{
    CHECK(PseudoLanguage::longer("%1 of %2 items, %n left & gone") == "%1 oóf %2 iíteéms, %n leéft & goóneé");
    const bool to_the_left = GENERATE(false, true);
    CAPTURE(to_the_left);
    struct Language {
        PseudoLanguage words;
        explicit Language(bool right_to_left)
        {
            QApplication::installTranslator(&words);
            QApplication::setLayoutDirection(right_to_left ? Qt::RightToLeft : Qt::LeftToRight);
        }
        ~Language()
        {
            QApplication::removeTranslator(&words);
            QApplication::setLayoutDirection(Qt::LeftToRight);
        }
    } const language(to_the_left);
    Desk desk(BH_DEMO);
    desk.window->resize(1280, 800);
    CHECK(desk.text("night") == PseudoLanguage::longer("Night"));
    inEveryView(desk, [&] { checkRoom(desk); });
}

TEST_CASE("every number on the Kit and Controller pages says where it comes from, on hover and by keyboard", "[desk][look]")
{
    Desk desk(BH_DEMO);
    desk.station->keepCalibration(SimulatedController::factory_calibration());
    const QRegularExpression number(QStringLiteral("\\d"));
    int labels = 0, tables = 0;
    inEveryView(desk, [&] {
        QWidget* page = desk.window->findChild<QStackedWidget*>("pages")->currentWidget();
        if (page->objectName() != "pageKit" && page->objectName() != "pageController") return;
        for (const QLabel* label : page->findChildren<QLabel*>()) {
            if (!label->isVisible() || !label->text().contains(number) || label->inherits("QTipLabel")) continue;
            CAPTURE(label->text().toStdString());
            CHECK_FALSE(label->toolTip().isEmpty());
            ++labels;
        }
        for (QTableWidget* table : page->findChildren<QTableWidget*>()) {
            if (!table->isVisible()) continue;
            for (int column = 0; column < table->columnCount(); ++column)
                CHECK_FALSE(table->horizontalHeaderItem(column)->toolTip().isEmpty());
            QToolTip::hideText();
            table->clearFocus();
            table->setCurrentCell(0, 0); // it may have been seen beside another part
            table->setFocus(Qt::TabFocusReason);
            CHECK(desk.waitFor([&] { return QToolTip::text() == table->horizontalHeaderItem(0)->toolTip(); }));
            QTest::keyClick(table, Qt::Key_Right);
            CHECK(desk.waitFor([&] { return QToolTip::text() == table->horizontalHeaderItem(1)->toolTip(); }));
            ++tables;
        }
    });
    CHECK(labels >= 6);
    CHECK(tables == 4);
    desk.window->showPage(MainWindow::Kit);
    auto* summary = desk.find<QLabel>("kitSummary");
    desk.find<QComboBox>("kitKind")->setFocus(Qt::OtherFocusReason);
    QToolTip::hideText();
    summary->setFocus(Qt::TabFocusReason);
    CHECK(desk.waitFor([&] { return QToolTip::text() == summary->toolTip(); }));
    // A mouse click on a control is no question.
    QToolTip::hideText();
    CHECK(desk.waitFor([] { return !QToolTip::isVisible(); }));
    desk.find<QComboBox>("kitKind")->setFocus(Qt::MouseFocusReason);
    QTest::qWait(50);
    CHECK_FALSE(QToolTip::isVisible());
}

TEST_CASE("the horizon lies where the attitude puts it, and the picture answers to height and roll", "[desk][look]")
{
    Picture level;
    level.drill.camera_tilt_deg = 0;
    level.painter.setDrill(level.drill, *DataFolder(BH_DATA).setup_for(level.drill, RateProfile{}));
    level.draw();
    CHECK(level.skyInRow(150) > 0.6); // above the middle: sky, with the instruction's plate far up
    CHECK(level.skyInRow(260) == 0);  // below: ground
    // Tipped up by the usual tilt the horizon sinks: sky reaches below the middle.
    Picture tilted;
    tilted.draw();
    CHECK(tilted.skyInRow(210) > 0.6);
    // Upside down the ground is above.
    level.now.state.attitude = Quat(Eigen::AngleAxisd(std::numbers::pi, Vec3::UnitX()));
    level.draw();
    CHECK(level.skyInRow(150) == 0);
}

TEST_CASE("the flight view shows more than one thing, in every state of a flight", "[desk][look]")
{
    for (const char* id : {"lift-settle", "hover-window", "straight-run"}) {
        Picture picture(id);
        const auto colours = [&] {
            std::set<QRgb> seen;
            const QImage& image = picture.draw();
            for (int y = 0; y < image.height(); y += 2)
                for (int x = 0; x < image.width(); x += 2) seen.insert(image.pixel(x, y));
            return seen.size();
        };
        CAPTURE(id);
        CHECK(colours() > 30);
        const QImage flying = picture.draw().copy();
        // Each state says something else at the top.
        const QRect top(0, 0, 640, 60);
        std::vector<QImage> tops{flying.copy(top)};
        const auto differs = [&] {
            const QImage now = picture.draw().copy(top);
            for (const QImage& before : tops)
                if (now == before) return false;
            tops.push_back(now);
            return true;
        };
        picture.now.paused = true;
        CHECK(differs());
        picture.now.no_controller = true;
        CHECK(differs());
        picture.now.paused = picture.now.no_controller = false;
        picture.now.panic = true;
        CHECK(differs());
        picture.now.panic = false;
        picture.now.waiting_for_throttle = true;
        CHECK(differs());
        picture.now.waiting_for_throttle = false;
        picture.now.status = DrillRunner::Status::Finished;
        CHECK(differs());
        picture.now.status = DrillRunner::Status::Disqualified;
        CHECK(differs());
    }
}
