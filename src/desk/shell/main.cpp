#include "core/base/number_text.h"
#include "core/base/one_line.h"
#include "desk/drills/drills_page.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/shell/acts/brought_file.h"
#include "desk/shell/acts/tour.h"
#include "desk/shell/acts/trouble.h"
#include "desk/shell/start/demo.h"
#include "desk/shell/start/first_start.h"
#include "desk/shell/start/one_window.h"
#include "desk/shell/start/pseudo_language.h"
#include "desk/shell/start/start_page.h"
#include "desk/shell/window/main_window.h"
#include "desk/words/language.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "record/file/daily_copies.h"
#include "record/server/waiting.h"
#include "school/record_watch.h"
#include "school/school.h"
#include "school/values/rights.h"
#include "station/demonstrating_hand.h"
#include "station/live_teller.h"
#include "station/station.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QElapsedTimer>
#include <QFile>
#include <QMessageBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTimer>
#include <atomic>
#include <chrono>
#include <clocale>
#include <csignal>
#include <cstdio>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

namespace {

using namespace bh;

UnixTime systemNow()
{
    return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
}

/// Seconds since this process was started, from the kernel's books.
double processAge_s()
{
    std::ifstream stat("/proc/self/stat");
    std::string skipped;
    std::getline(stat, skipped, ')');
    for (int field = 3; field < 22; ++field) stat >> skipped;
    double start_ticks = 0;
    stat >> start_ticks;
    double uptime_s = 0;
    std::ifstream("/proc/uptime") >> uptime_s;
    return uptime_s - start_ticks / static_cast<double>(sysconf(_SC_CLK_TCK));
}

long residentKb()
{
    long pages = 0;
    long resident = 0;
    std::ifstream("/proc/self/statm") >> pages >> resident;
    return resident * (sysconf(_SC_PAGESIZE) / 1024);
}

/// Idles for ten seconds and prints what the desk cost: for bench/, not for users.
void measureIdle(double usable_s)
{
    QTimer::singleShot(2000, [usable_s] {
        const std::clock_t before = std::clock();
        auto* timer = new QElapsedTimer;
        timer->start();
        QTimer::singleShot(10000, [=] {
            const double cpu_s = static_cast<double>(std::clock() - before) / CLOCKS_PER_SEC;
            std::printf("usable after %s ms, idle %s %% of one core, resident %s MB\n", fixed(1000 * usable_s, 0).c_str(),
                        fixed(100 * cpu_s / (static_cast<double>(timer->elapsed()) / 1000), 2).c_str(),
                        fixed(static_cast<double>(residentKb()) / 1024, 0).c_str());
            delete timer;
            QApplication::quit();
        });
    });
}

int complain(const QString& sentence)
{
    std::fprintf(stderr, "bluehangar: %s\n", qPrintable(QString::fromStdString(one_line(sentence.toStdString()))));
    return 2;
}

/// What was asked for on the command line.
struct Asked {
    QString tour;
    QSize tour_size{1280, 800};
    bool measure = false;
    bool is_demo = false;
    bool quiet = false; ///< nobody is there to read a window
    RecordPlace place;
    QString name, station_name;
    QString file;      ///< to be looked at in the window
    QString section;   ///< of the Board
    QString picture;   ///< to be saved before it closes by itself
    int after_s = 0;   ///< 0: when somebody closes it
    int stand_in = -1; ///< which pilot's place it takes; -1: nobody's
    RecordOptions options;
    std::unique_ptr<desk::FirstStart> begun; ///< what was answered before there was a record
};

/// The demo, opened in a copy of its own.
Result<void> useDemo(Asked& asked, const DataFolder& data, const QTemporaryDir& folder)
{
    const auto original = desk::demoRecord(data, asked.quiet);
    if (!original) return tl::unexpected(original.error());
    asked.place = std::filesystem::path(folder.path().toStdString()) / "record.sqlite";
    std::error_code error;
    std::filesystem::copy_file(*original, asked.place.file, error);
    if (error) return bad_input("%1: the demo record could not be copied: %2", original->string(), error.message());
    asked.options.read_logs_also_from = original->string() + ".logs";
    asked.options.remember_heads = false; // it is thrown away
    asked.is_demo = true;
    asked.name = QObject::tr("Demo record");
    return {};
}

/// Where the school's record is; false: whoever was asked closed the question.
bool choosePlace(Asked& asked)
{
    const QString usual = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/record.sqlite");
    desk::StartPage page(usual, desk::stationName());
    if (page.exec() != QDialog::Accepted) return false;
    desk::keepChosenPlace(page.given());
    desk::keepStationName(page.stationName());
    asked.place = page.given().toStdString();
    asked.station_name = page.stationName();
    return true;
}

/// Before there is a record: begun here, elsewhere already, or only looked at. False: closed, or its trouble was told.
bool firstStart(Asked& asked, const DataFolder& data, const QTemporaryDir& demo_folder)
{
    using Choice = desk::FirstStart::Choice;
    auto start = std::make_unique<desk::FirstStart>(data);
    if (start->exec() != QDialog::Accepted) return false;
    if (start->choice() == Choice::Elsewhere) return choosePlace(asked);
    if (start->choice() == Choice::Demo) {
        const auto made = useDemo(asked, data, demo_folder);
        if (!made) QMessageBox::critical(nullptr, QStringLiteral("Blue Hangar"), desk::asWords(made.error()));
        return made.has_value();
    }
    asked.begun = std::move(start);
    return true;
}

/// Without a word on the command line: what was chosen before, or the usual file; where neither is there yet, somebody is asked.
bool usualPlace(Asked& asked, const DataFolder& data, const QTemporaryDir& demo_folder)
{
    const QString chosen = desk::chosenPlace();
    const auto usual =
        std::filesystem::path(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation).toStdString()) / "record.sqlite";
    std::error_code error;
    asked.place = chosen.isEmpty() ? RecordPlace(usual) : RecordPlace(chosen.toStdString());
    return asked.quiet || !chosen.isEmpty() || std::filesystem::exists(usual, error) || firstStart(asked, data, demo_folder);
}

int waitingFor(const RecordPlace& place)
{
    return place.on_server() ? WaitingEntries(beside(place, usual_station_folder()).string() + ".waiting").count() : 0;
}

/// The system's word to end, as at log out, closes the window in good order.
void leaveWhenAsked()
{
    static std::atomic<bool> asked_to_leave = false;
    std::signal(SIGTERM, [](int) { asked_to_leave = true; });
    auto* look = new QTimer(qApp);
    constexpr int look_ms = 200;
    QObject::connect(look, &QTimer::timeout, qApp, [] {
        if (asked_to_leave) QApplication::quit();
    });
    look->start(look_ms);
}

/// The record, or nothing where whoever was asked about its trouble closed it.
std::unique_ptr<Record> opened(Asked& asked, int& exit)
{
    using desk::Trouble;
    for (;;) {
        auto record = Record::open(asked.place, asked.options);
        QStringList problems;
        if (!record) problems << desk::asWords(record.error());
        if (record)
            for (const Message& problem : (*record)->problems_at_opening()) problems << desk::asWords(problem);
        if (problems.isEmpty() || (record && (asked.quiet || asked.options.read_only))) return std::move(*record);
        if (!record) exit = complain(problems.front());
        if (asked.quiet) return nullptr;
        RecordOptions reading = asked.options;
        reading.read_only = true;
        unsigned ways = asked.place.on_server() ? Trouble::MayTryAgain | Trouble::MayChoose : Trouble::MayRestore;
        if (record) ways |= Trouble::MayGoOn;
        if (!asked.options.read_only && Record::open(asked.place, reading)) ways |= Trouble::MayReadOnly;
        if (const int waiting = waitingFor(asked.place); waiting > 0)
            problems << QObject::tr("%1 entries wait at this station for the server and are safe").arg(waiting);
        Trouble trouble(QString::fromStdString(asked.place.in_words()), problems, ways);
        const Trouble::Choice choice = trouble.ask();
        if (choice == Trouble::Choice::GoOn) return std::move(*record);
        if (choice == Trouble::Choice::Close) return nullptr;
        if (choice == Trouble::Choice::ReadOnly) asked.options.read_only = true;
        if (choice == Trouble::Choice::Restored) asked.place = std::filesystem::path(trouble.restoredTo().toStdString());
        if (choice == Trouble::Choice::Other && !choosePlace(asked)) return nullptr;
    }
}

int work(Asked& asked, const DataFolder& data)
{
    auto offset = std::make_shared<UnixTime>(0); // the demo is looked at on its own day
    asked.options.clock = [offset] { return systemNow() + *offset; };
    int exit = 0;
    asked.options.rights = entry_rights();
    asked.options.journal_first = true; // nobody who flies waits for a server
    desk::OneWindow one(beside(asked.place, usual_station_folder()));
    if (asked.tour.isEmpty() && !asked.measure && !asked.options.read_only) {
        const auto found = one.look();
        if (found == desk::OneWindow::Found::Raised) {
            std::printf("bluehangar: this record is open already, its window was asked to come forward\n");
            return 0;
        }
        asked.options.read_only = found == desk::OneWindow::Found::Silent;
    }
    auto record = opened(asked, exit);
    if (!record) return exit;
    // In the demo alone: whoever may write a note of that name elsewhere does not move everybody's clock.
    if (const auto demo_now = asked.is_demo ? whole_number_of(record->note("demo_now")) : std::nullopt) {
        *offset = *demo_now - systemNow();
        asked.name += QObject::tr(" of %1").arg(desk::dayInWords(record->now()));
    }
    if (asked.options.read_only) asked.name += QObject::tr(", read only");
    if (const std::string again = asked.place.found_again_by(); asked.options.remember_heads && !again.empty())
        desk::preferences().noteRecord(QString::fromStdString(again));
    School school(std::move(record), data);
    Station station(school);
    if (!asked.station_name.isEmpty()) station.setName(asked.station_name);
    const LiveTeller teller(school, station);
    desk::MainWindow window(school, station, asked.name);
    one.answer_with(window);
    if (asked.begun)
        if (const auto kept = asked.begun->keepOn(school, window.lock()); !kept) window.say(desk::asWords(kept.error()));
    window.show();
    if (!asked.quiet && asked.options.remember_heads) window.goBackToLastTime();
    if (!asked.section.isEmpty()) window.showBoard(asked.section);
    if (!asked.file.isEmpty()) takeFile(window, asked.file);
    if (!asked.tour.isEmpty()) return desk::saveTour(window, school, station, asked.tour, asked.tour_size);
    VerifyOptions whole;
    if (asked.options.remember_heads) whole.station_folder = usual_station_folder();
    whole.read_logs_also_from = asked.options.read_logs_also_from;
    RecordWatch watch(asked.place, whole, [&station] { return station.practising(); });
    if (asked.options.remember_heads && !asked.options.read_only && !asked.place.on_server())
        watch.keep_copies(daily_copies_kept);
    window.watch(watch);
    if (!asked.measure && !asked.options.read_only && asked.stand_in < 0) window.askWhatIsOpen();
    std::unique_ptr<DemonstratingHand> stand_in;
    if (asked.stand_in >= 0)
        stand_in = std::make_unique<DemonstratingHand>(
            school, station, asked.stand_in,
            DemonstratingHand::Acts{
                [&window] { return window.drillsPage()->flying(); }, [&window] { window.showPage(desk::MainWindow::Drills); },
                [&window](double skill, std::uint64_t seed) { window.drillsPage()->practiseAsStandIn(skill, seed); }});
    leaveWhenAsked();
    if (asked.after_s > 0)
        QTimer::singleShot(1000 * asked.after_s, &window, [&] {
            if (!asked.picture.isEmpty()) window.grab().save(asked.picture);
            QApplication::quit();
        });
    QApplication::processEvents();
    if (asked.measure) measureIdle(processAge_s());
    return QApplication::exec();
}

} // namespace

/// Of "1280x800"; empty for anything else.
static QSize sizeIn(const QString& words)
{
    const QStringList parts = words.split(QLatin1Char('x'));
    return parts.size() == 2 ? QSize(parts[0].toInt(), parts[1].toInt()) : QSize();
}

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("WAYLAND_DISPLAY") &&
        qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    ::umask(S_IRWXG | S_IRWXO); // what is written is its owner's
    desk::Application application(argc, argv);
    // Numbers in files and on the record are the same everywhere; words for people go through QLocale.
    std::setlocale(LC_NUMERIC, "C");
    QApplication::setApplicationName(QStringLiteral("bluehangar"));
    QApplication::setApplicationVersion(QStringLiteral(BH_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("The desk for coordinating simulator training of drone pilots."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption storeOption("store", "Training record to open: a file, postgresql://…, or service=NAME.", "RECORD");
    const QCommandLineOption stationOption("station", "How people call this station.", "NAME");
    const QCommandLineOption standInOption("stand-in", "The stand-in pilot sits here for the school's N-th pilot, and practises.",
                                           "N");
    const QCommandLineOption pictureOption("picture", "Save a picture of the window before it closes by itself.", "FILE");
    const QCommandLineOption afterOption("after", "Close by itself after so many seconds.", "SECONDS");
    const QCommandLineOption pageOption("section", "Open with this section of the Board: today, week or room.", "NAME");
    const QCommandLineOption demoOption("demo", "Open a fresh copy of the demo record.");
    const QCommandLineOption tourOption("tour", "Save a picture of each main view and exit.", "DIR");
    const QCommandLineOption sizeOption("tour-size", "Of the tour's window.", "WIDTHxHEIGHT", "1280x800");
    const QCommandLineOption languageOption("language", "Speak this language, whatever the system's: en or de.", "TAG");
    const QCommandLineOption pseudoOption("pseudo", "Longer words, from right to left: shows where a language has no room.");
    const QCommandLineOption measureOption("measure", "Print start time, idle load and memory, and exit.");
    const QCommandLineOption nightOption("night", "Start in dark colours.");
    const QCommandLineOption readOnlyOption("read-only", "Look at the record without writing to it.");
    parser.addOptions({storeOption, demoOption, tourOption, sizeOption, languageOption, pseudoOption, measureOption, nightOption,
                       readOnlyOption, stationOption, standInOption, pageOption, pictureOption, afterOption});
    parser.addPositionalArgument(
        QStringLiteral("file"),
        QStringLiteral("A record, as with --store; or a flight log, a table, rates or a recording, to look at."),
        QStringLiteral("[FILE]"));
    parser.process(application);
    desk::speak(application, parser.isSet(languageOption) ? parser.value(languageOption) : desk::preferences().language());
    if (parser.isSet(pseudoOption)) desk::PseudoLanguage::speak(application);
    desk::applyTheme(application, parser.isSet(nightOption) || desk::nightPreferred());
    const QTemporaryDir demoFolder;
    Asked asked;
    asked.tour = parser.value(tourOption);
    asked.tour_size = sizeIn(parser.value(sizeOption));
    if (asked.tour_size.isEmpty()) return complain(QObject::tr("--tour-size: expected a width and a height such as 1280x800."));
    asked.measure = parser.isSet(measureOption);
    asked.quiet = parser.isSet(tourOption) || asked.measure || QApplication::platformName() == QLatin1String("offscreen");
    asked.name = QObject::tr("Record");
    asked.options.read_only = parser.isSet(readOnlyOption);
    const auto data = DataFolder::find(QApplication::applicationFilePath().toStdString(), std::getenv("BLUEHANGAR_DATA"));
    const QString brought = parser.positionalArguments().value(0);
    const bool brings_record =
        !brought.isEmpty() && (!QFile::exists(brought) || desk::kindOfFile(brought) == desk::BroughtFile::Record);
    if (!brings_record) asked.file = brought;
    Result<void> found;
    if (parser.isSet(demoOption)) {
        if (data) found = useDemo(asked, *data, demoFolder);
    } else if (parser.isSet(storeOption))
        asked.place = parser.value(storeOption).toStdString();
    else if (brings_record)
        asked.place = brought.toStdString();
    else if (data && !usualPlace(asked, *data, demoFolder))
        return 0;
    asked.station_name = parser.isSet(stationOption) ? parser.value(stationOption) : desk::stationName();
    if (parser.isSet(standInOption)) asked.stand_in = std::max(0, parser.value(standInOption).toInt() - 1);
    asked.section = parser.value(pageOption);
    asked.picture = parser.value(pictureOption);
    asked.after_s = parser.value(afterOption).toInt();
    if (!data || !found) {
        const Error& why = data ? found.error() : data.error();
        if (!asked.quiet) QMessageBox::critical(nullptr, QStringLiteral("Blue Hangar"), desk::asWords(why));
        return complain(QString::fromStdString(why.english)); // the terminal has it in English
    }
    try {
        return work(asked, *data);
    } catch (const std::exception& why) { // what no sentence was thought of for
        const QString sentence = QString::fromStdString(asked.place.in_words() + ": " + why.what());
        if (!asked.quiet)
            static_cast<void>(
                desk::Trouble(QString::fromStdString(asked.place.in_words()), {sentence}, desk::Trouble::MayRestore).ask());
        return complain(sentence);
    }
}
