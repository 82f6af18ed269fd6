// The second language: nothing is left in the first one, everything has its room, numbers and days are its own, and files stay as
// they are.
#include "core/progress/standing.h"
#include "desk/board/bays_dialog.h"
#include "desk/debrief/import_dialog.h"
#include "desk/debrief/rules_dialog.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sickness_dialog.h"
#include "desk/parts/look/theme.h"
#include "desk/progress/correct_dialog.h"
#include "desk/progress/practice_dialog.h"
#include "desk/record/record_window.h"
#include "desk/record/unlock_dialog.h"
#include "desk/shell/acts/tour.h"
#include "desk/shell/start/first_start.h"
#include "desk/shell/window/about_window.h"
#include "desk/shell/window/help_window.h"
#include "desk/shell/window/keys_window.h"
#include "desk/shell/window/preferences_window.h"
#include "desk/words/flight_words.h"
#include "desk/words/language.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "every_view.h"
#include "files/data_folder.h"
#include "written_texts.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QComboBox>
#include <QFile>
#include <QGroupBox>
#include <QHeaderView>
#include <QRegularExpression>
#include <QSet>
#include <QTableWidget>
#include <QTextBrowser>
#include <QTranslator>
#include <QXmlStreamReader>
#include <set>

using namespace bh;
using namespace bh::desk;

namespace {

/// Is asked for what no other translator has words for; to be there before those.
class AskedLast : public QTranslator {
public:
    AskedLast() { QCoreApplication::installTranslator(this); }
    [[nodiscard]] bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* text, const char*, int) const override
    {
        static const QRegularExpression word("[A-Za-z]{4}"); // units and signs are alike everywhere
        const QString asked = QString::fromUtf8(text);
        const bool inParts = QLatin1String(context) == QLatin1String("phase") && asked.contains('-'); // they are asked next
        if (!inParts && asked.contains(word) && !own_.contains(asked) &&
            QLatin1String(context) != QLatin1String("QGuiApplication"))
            asked_.insert(asked);
        return {};
    }
    [[nodiscard]] const std::set<QString>& asked() const { return asked_; }

private:
    /// What the demo school calls its aircraft and controllers, and the simulators themselves.
    const QSet<QString> own_{"Curlew, with the survey camera",
                             "Dunlin, 3-inch for halls",
                             "School Avocet, 5-inch",
                             "Dyke Runner",
                             "Samphire",
                             "Mudlark",
                             "Nine Gates",
                             "Saltwind",
                             "Tern School",
                             "Loan gamepad",
                             "Station 1 controller",
                             "Station 2 controller",
                             "Station 3 controller"};
    mutable std::set<QString> asked_;
};

/// The German that is spoken until the end of a test.
struct German {
    AskedLast without; ///< what it has no words for
    German() { speak(*qApp, "de"); }
    ~German() { speak(*qApp, "en"); }
};

/// Every text that has another form in German.
std::set<QString> englishOnly()
{
    QFile file(QStringLiteral(BH_LANGUAGES "/bluehangar_de.ts"));
    REQUIRE(file.open(QIODevice::ReadOnly));
    std::set<QString> all, alike;
    QXmlStreamReader xml(&file);
    QString source;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement()) continue;
        if (xml.name() == QLatin1String("source")) source = xml.readElementText();
        if (xml.name() == QLatin1String("translation") || xml.name() == QLatin1String("numerusform")) {
            const QString german = xml.readElementText(QXmlStreamReader::IncludeChildElements);
            (german.trimmed() == source.trimmed() ? alike : all).insert(source.trimmed());
        }
    }
    for (const QString& text : alike) all.erase(text);
    CHECK(all.size() > 3000);
    return all;
}

/// What can be read on a widget: its words, its cells, its choices, its tip and its name.
QStringList wordsOn(const QWidget& widget)
{
    QStringList words{widget.toolTip(), widget.accessibleName()};
    if (const auto* label = qobject_cast<const QLabel*>(&widget)) words << label->text();
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget)) words << button->text();
    if (const auto* box = qobject_cast<const QGroupBox*>(&widget)) words << box->title();
    if (const auto* box = qobject_cast<const QComboBox*>(&widget))
        for (int i = 0; i < box->count(); ++i) words << box->itemText(i);
    if (const auto* view = qobject_cast<const QAbstractItemView*>(&widget); view && view->model()) {
        const QAbstractItemModel& model = *view->model();
        for (int c = 0; c < model.columnCount(); ++c)
            for (int r = -1; r < std::min(model.rowCount(), 200); ++r)
                for (const int role : {int(Qt::DisplayRole), int(Qt::ToolTipRole)})
                    words << (r < 0 ? model.headerData(c, Qt::Horizontal, role) : model.index(r, c).data(role)).toString();
    }
    return words;
}

void collectEnglish(const QWidget& window, const std::set<QString>& english, std::set<QString>& left)
{
    for (const QWidget* widget : window.findChildren<QWidget*>())
        for (const QString& words : wordsOn(*widget))
            for (const QString& line : words.split('\n'))
                if (const QString text = line.trimmed().remove('&'); english.count(text) || english.count(words.trimmed()))
                    left.insert(
                        QStringLiteral("%1, on %2 %3").arg(text, widget->metaObject()->className(), widget->objectName()));
}

} // namespace

TEST_CASE("what the core says is said in German, with its numbers, counts and days", "[desk][language]")
{
    const German german;
    CHECK(spokenLanguage() == "de");
    CHECK(asWords(message("%1 of %2 h, %3 h a week over four weeks", rounded(12.34, 1), rounded(20, 0), rounded(1.5, 1))) ==
          "12,3 von 20 h, 1,5 h je Woche über vier Wochen");
    CHECK(asWords(message_of(1, "No practice for %n day", "No practice for %n days")) == "Seit 1 Tag nicht geübt");
    CHECK(asWords(message_of(17, "No practice for %n day", "No practice for %n days")) == "Seit 17 Tagen nicht geübt");
    CHECK(asWords(message("Next: %1, %2", message("Height window"), message("not flown yet"))) ==
          "Als Nächstes: Höhenfenster, noch nicht geflogen");
    CHECK(asWords(capital(message("held"))) == "Sitzt");
    CHECK(asWords(small(message("Drift"))) == "Abdrift"); // a noun keeps its capital
    CHECK(asWords("Iris Quayle") == "Iris Quayle");
    CHECK(asWords(message("%1 failed %2 times or more in a row", "100%2", 5)).startsWith("100%2 5-mal")); // a value is no form
    CHECK(asWords(bad_input("%1: line %2: %3", "a.csv", 3, message("times must rise from row to row")).value())
              .startsWith("a.csv: Zeile 3"));
    CHECK(inPlaces(1234.5, 1) == "1234,5");
    CHECK(shortDate(QDate(2031, 3, 4)) == "4. März");
    CHECK(message("%1 of %2 h, %3 h a week over four weeks", rounded(12.34, 1), rounded(20, 0), rounded(1.5, 1)) ==
          "12.3 of 20 h, 1.5 h a week over four weeks"); // files and the command line have it so in every language
}

TEST_CASE("the parts of a drill have names in each language, also of drills of one's own", "[desk][language]")
{
    CHECK(phaseInWords("climb") == "climb");
    CHECK(phaseInWords("lean-forward") == "lean forward");
    CHECK(phaseInWords("brake-2") == "brake 2");
    const German german;
    CHECK(phaseInWords("climb") == "steigen");
    CHECK(phaseInWords("hold") == "halten"); // and not the flight mode, which is called hold there too
    CHECK(phaseInWords("lean-forward") == "nach vorn neigen");
    CHECK(phaseInWords("brake-2") == "bremsen 2");
    CHECK(phaseInWords("lobe-right-2") == "Schleife rechts 2");
    CHECK(phaseInWords("my-own-part") == "my own part");
    const auto drills = DataFolder(BH_DATA).drills();
    REQUIRE(drills);
    for (const Drill& drill : *drills)
        for (const Phase& phase : drill.phases) {
            CAPTURE(drill.id, phase.id);
            CHECK_FALSE(phaseInWords(phase.id).contains('-'));
        }
}

TEST_CASE("English has its own plurals, and begins labels small inside a sentence", "[desk][language]")
{
    speak(*qApp, "en");
    CHECK(asWords(message_of(1, "No practice for %n day", "No practice for %n days")) == "No practice for 1 day");
    CHECK(asWords(message_of(2, "No practice for %n day", "No practice for %n days")) == "No practice for 2 days");
    CHECK(asWords(small(message("Drift"))) == "drift");
    CHECK(asWords(message("%1 %", significant(2.50, 3))) == "2.5 %");
    speak(*qApp, "fr"); // not spoken: the system's, or English
    CHECK((spokenLanguage() == "en" || QLocale::system().language() == QLocale::German));
    speak(*qApp, "en");
}

TEST_CASE("no word of the window is left in English, and every one has its room", "[desk][language]")
{
    const German german;
    std::set<QString> english = englishOnly(), left;
    english.erase("Record"); // what this window's record is called here
    Desk desk(BH_DEMO);
    desk.window->resize(1100, 700);
    inEveryView(desk, [&] {
        checkRoom(desk);
        collectEnglish(*desk.window, english, left);
    });
    desk.window->showRecord();
    const PreferencesWindow preferences(nullptr);
    collectEnglish(preferences, english, left);
    for (const QWidget* window : QApplication::topLevelWidgets()) collectEnglish(*window, english, left);
    for (const QString& words : left) UNSCOPED_INFO(words.toStdString());
    for (const QString& words : german.without.asked()) UNSCOPED_INFO("not said in German: " + words.toStdString());
    CHECK(german.without.asked().empty());
    CHECK(left.empty());
}

TEST_CASE("a text that is shortened, over an edge or over another one is heard", "[desk][language][whole]")
{
    QWidget window;
    window.resize(300, 100);
    auto* button = new QPushButton("Print …", &window);
    button->setGeometry(0, 0, 120, 30);
    window.show();
    CHECK(writtenOn(window).size() == 1);
    CHECK(cutOn(window).isEmpty());
    button->resize(30, 30);
    CHECK(cutOn(window).size() == 1);
    button->resize(120, 30);
    auto* over = new QLabel("These words", &window);
    over->setGeometry(0, 4, 120, 20);
    over->show();
    CHECK(cutOn(window).size() == 1);
    over->setGeometry(0, 60, 120, 6);
    CHECK(cutOn(window).size() == 1);
    delete over;
    QTableWidget table(1, 1, &window);
    table.setItem(0, 0, new QTableWidgetItem("one word after the other"));
    table.setGeometry(130, 0, 160, 100);
    table.setColumnWidth(0, 60);
    table.show();
    CHECK(cutOn(window).join(' ').contains(QChar(0x2026)));
}

TEST_CASE("no text is cut in the smallest window, nor at twice its size in a usual one", "[desk][language][whole]")
{
    struct Seen {
        QString language;
        QSize window;
        int text_percent;
    };
    const Seen seen = GENERATE(Seen{"en", {1100, 700}, 100}, Seen{"de", {1100, 700}, 100}, Seen{"en", {1920, 1080}, 200},
                               Seen{"de", {1920, 1080}, 200});
    CAPTURE(seen.language.toStdString(), seen.text_percent);
    const AskedLast without;
    speak(*qApp, seen.language);
    preferences().setTextPercent(seen.text_percent);
    applyTheme(*qApp, false);
    std::set<QString> cut;
    {
        Desk desk(BH_DEMO);
        const auto look = [&](const QString& name, QWidget& shown) {
            const auto cut_here = [&] { // lines of text twice as high may stand closer to each other than they would like
                return seen.text_percent == 100 ? cutOn(shown) : cutOn(shown).filter(QRegularExpression("^(?!too low)"));
            };
            if (QTest::qWaitFor([&] { return cut_here().isEmpty(); }, 500)) return; // a layout may need a second round
            for (const QString& words : cut_here()) cut.insert(name + ": " + words);
        };
        if (spokenLanguage() == "de" && seen.text_percent == 100)
            walkTour(*desk.window, *desk.school, *desk.station, seen.window, look);
        desk.window->resize(seen.window);
        for (const Pilot& pilot : desk.school->pilots()) {
            desk.station->choosePilot(pilot.id);
            inEveryView(
                desk, [&] { look(QString::fromStdString(pilot.name), *desk.window); }, 20);
        }
        desk.window->showPage(MainWindow::Drills);
        for (const Drill& drill : desk.school->drills()) {
            desk.window->drillsPage()->chooseDrill(drill.id);
            QTest::qWait(20);
            look(QString::fromStdString(drill.id), *desk.window);
        }
        desk.window->showRecord(RecordWindow::State);
        auto* record = desk.window->findChild<QDialog*>("recordWindow");
        record->resize(record->size() * seen.text_percent / 100); // as it opens on a screen of that size
        inEveryPart(*record, {}, [&] { look("record", *record); });
        const Desk begun; // before anything is known
        begun.window->resize(seen.window);
        inEveryView(
            begun, [&] { look("empty", *begun.window); }, 20);
    }
    speak(*qApp, "en");
    preferences().setTextPercent(100);
    applyTheme(*qApp, false);
    for (const QString& words : cut) UNSCOPED_INFO(words.toStdString());
    CHECK(cut.empty());
    if (seen.language != "de") return;
    for (const QString& words : without.asked()) UNSCOPED_INFO("not said in German: " + words.toStdString());
    CHECK(without.asked().empty());
}

TEST_CASE("what a step of the rate plan sets is read whole in the smallest window, in the longer language too",
          "[desk][language]")
{
    const German german;
    Desk desk(BH_DEMO);
    desk.window->resize(1100, 700);
    for (const Pilot& p : desk.school->pilots())
        if (p.name == "Tomas Brede") desk.station->choosePilot(p.id);
    desk.window->showPage(MainWindow::Rates);
    QTest::qWait(50);
    desk.find<QPushButton>("sectionPlan")->click();
    const auto* steps = desk.find<QTableWidget>("planSteps");
    REQUIRE(steps->rowCount() > 1);
    const QAbstractItemView* cells = steps;
    CHECK(desk.waitFor([&] { return steps->columnWidth(0) >= cells->sizeHintForColumn(0); }));
    CHECK_FALSE(steps->isColumnHidden(1)); // by how much it changes goes last
}

TEST_CASE("every dialog speaks German and has its room", "[desk][language]")
{
    const German german;
    std::set<QString> english = englishOnly(), left;
    english.erase("Record");
    Desk desk(BH_DEMO);
    School& school = *desk.school;
    for (const Pilot& p : school.pilots())
        if (p.name == "Nell Harker") desk.station->choosePilot(p.id);
    const std::string& pilot = desk.station->pilotId();
    auto* record = desk.window.get();
    for (const char* head : {"armed", "mode", "rate", "throttle"}) english.erase(head); // as the table's own heads are called
    auto* import = new ImportDialog(school, pilot, record);
    import->openTable(QStringLiteral(BH_REFERENCE "/logs/slalom.csv"));
    QList<QAction*> commands;
    for (QAction* action : desk.window->findChildren<QAction*>())
        if (isCommand(action)) commands << action;
    const QList<QWidget*> dialogs{new BaysDialog(school, record),
                                  new AvailabilityDialog(school, pilot, record),
                                  new PracticeDialog(school, pilot, record),
                                  new CorrectDialog(school, school.sessions(pilot).front(), record),
                                  new RulesDialog(school, record),
                                  import,
                                  new SicknessDialog(school, pilot, record),
                                  new UnlockDialog(school, desk.window->lock(), record),
                                  new FirstStart(DataFolder(BH_DATA), record),
                                  new PreferencesWindow(record),
                                  new KeysWindow(commands, record),
                                  new AboutWindow(record)};
    for (QWidget* dialog : dialogs) {
        CAPTURE(dialog->metaObject()->className());
        dialog->show();
        QTest::qWait(50);
        checkRoom(*dialog);
        if (QWidget* field = dialog->focusWidget()) field->clearFocus(); // what is selected is painted in parts
        const QStringList cut = cutOn(*dialog);
        CAPTURE(cut.join('\n').toStdString());
        CHECK(cut.isEmpty());
        collectEnglish(*dialog, english, left);
        if (const QString folder = qEnvironmentVariable("BH_PICTURES"); !folder.isEmpty()) // to be looked at
            dialog->grab().save(QStringLiteral("%1/%2.png").arg(folder, dialog->metaObject()->className()).remove("bh::desk::"));
        dialog->hide();
    }
    for (const QString& words : left) UNSCOPED_INFO(words.toStdString());
    for (const QString& words : german.without.asked()) UNSCOPED_INFO("not said in German: " + words.toStdString());
    CHECK(german.without.asked().empty());
    CHECK(left.empty());
}

TEST_CASE("the handbook is read in the spoken language", "[desk][language]")
{
    const German german;
    Desk desk(BH_DEMO);
    desk.window->showHelp("drills");
    CHECK(desk.find<QTextBrowser>("helpPage")->toPlainText().startsWith(QString::fromUtf8("Übungen")));
    desk.window->showHelp("limits#gates"); // of another language: the page from its top
    CHECK(desk.find<QTextBrowser>("helpPage")->toPlainText().startsWith("Grenzwerte des Hauses"));
}

TEST_CASE("the language is chosen in the preferences", "[desk][language]")
{
    const PreferencesWindow window(nullptr);
    auto* language = window.findChild<QComboBox*>("preferLanguage");
    REQUIRE(language);
    CHECK(language->findText("Deutsch") > 0);
    language->setCurrentIndex(language->findText("Deutsch"));
    Q_EMIT language->activated(language->currentIndex());
    CHECK(preferences().language() == "de");
    language->setCurrentIndex(0);
    Q_EMIT language->activated(0);
    CHECK(preferences().language().isEmpty());
}
