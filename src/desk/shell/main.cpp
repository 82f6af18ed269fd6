#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "desk/shell/main_window.h"
#include "desk/shell/tour.h"
#include "school/school.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QElapsedTimer>
#include <QMessageBox>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTimer>
#include <chrono>
#include <cstdio>
#include <fstream>
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
            std::printf("usable after %.0f ms, idle %.2f %% of one core, resident %.0f MB\n", 1000 * usable_s,
                        100 * cpu_s / (static_cast<double>(timer->elapsed()) / 1000), static_cast<double>(residentKb()) / 1024);
            delete timer;
            QApplication::quit();
        });
    });
}

int complain(const QString& sentence, bool with_window)
{
    std::fprintf(stderr, "bluehangar: %s\n", qPrintable(sentence));
    if (with_window) QMessageBox::critical(nullptr, QStringLiteral("Blue Hangar"), sentence);
    return 2;
}

} // namespace

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("DISPLAY") && qEnvironmentVariableIsEmpty("WAYLAND_DISPLAY") &&
        qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("bluehangar"));
    QApplication::setApplicationVersion(QStringLiteral("0.1.0"));
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("The desk for coordinating simulator training of drone pilots."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption storeOption("store", "Training record to open.", "FILE");
    const QCommandLineOption demoOption("demo", "Open a fresh copy of the demo record.");
    const QCommandLineOption tourOption("tour", "Save a picture of each main view and exit.", "DIR");
    const QCommandLineOption measureOption("measure", "Print start time, idle load and memory, and exit.");
    const QCommandLineOption nightOption("night", "Start in dark colours.");
    parser.addOptions({storeOption, demoOption, tourOption, measureOption, nightOption});
    parser.process(application);
    desk::applyTheme(application, parser.isSet(nightOption));
    const bool quiet =
        parser.isSet(tourOption) || parser.isSet(measureOption) || QApplication::platformName() == QLatin1String("offscreen");

    const auto data = DataFolder::find(QApplication::applicationFilePath().toStdString(), std::getenv("BLUEHANGAR_DATA"));
    if (!data) return complain(QString::fromStdString(data.error().message), !quiet);

    const QTemporaryDir demoFolder;
    RecordOptions options;
    std::filesystem::path file;
    QString name = QObject::tr("Record");
    if (parser.isSet(demoOption)) {
        const auto original =
            std::filesystem::path(QApplication::applicationDirPath().toStdString()) / ".." / "demo" / "record.sqlite";
        file = std::filesystem::path(demoFolder.path().toStdString()) / "record.sqlite";
        std::error_code error;
        std::filesystem::copy_file(original, file, error);
        if (error)
            return complain(QObject::tr("The demo record was not found beside the program; `./hangar build` makes it."), !quiet);
        options.read_logs_also_from = original.string() + ".logs";
        options.remember_heads = false; // it is thrown away
        name = QObject::tr("Demo record");
    } else if (parser.isSet(storeOption)) {
        file = parser.value(storeOption).toStdString();
    } else {
        file = std::filesystem::path(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation).toStdString()) /
               "record.sqlite";
    }
    auto offset = std::make_shared<UnixTime>(0); // the demo is looked at on its own day
    options.clock = [offset] { return systemNow() + *offset; };
    auto record = Record::open(file, options);
    if (!record) return complain(QString::fromStdString(record.error().message), !quiet);
    if (const std::string demo_now = (*record)->note("demo_now"); !demo_now.empty()) {
        *offset = std::stoll(demo_now) - systemNow();
        name += QObject::tr(" of %1").arg(QDateTime::fromSecsSinceEpoch((*record)->now()).toString(QStringLiteral("d MMM yyyy")));
    }
    School school(std::move(*record), *data);
    desk::Station station(school);
    desk::MainWindow window(school, station, name);
    window.show();
    if (parser.isSet(tourOption)) return desk::walkTour(window, school, station, parser.value(tourOption));
    QApplication::processEvents();
    if (parser.isSet(measureOption)) measureIdle(processAge_s());
    return QApplication::exec();
}
