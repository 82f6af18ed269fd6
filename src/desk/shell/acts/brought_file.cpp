#include "desk/shell/acts/brought_file.h"

#include "desk/debrief/debrief_page.h"
#include "desk/rates/rates_page.h"
#include "desk/shell/window/main_window.h"

#include <QApplication>
#include <QFile>
#include <QFileInfo>
#include <QProcess>

namespace bh::desk {

BroughtFile kindOfFile(const QString& file)
{
    QFile in(file);
    if (!in.open(QIODevice::ReadOnly)) return BroughtFile::Unknown;
    constexpr int enough = 512;
    const QByteArray begin = in.read(enough);
    // SQLite's header, and its application id at byte 68 (the file format's description, sqlite.org/fileformat2.html).
    if (begin.startsWith("SQLite format 3")) return begin.mid(68, 4) == "BHar" ? BroughtFile::Record : BroughtFile::Unknown;
    const QByteArray close = QByteArray(begin).replace(' ', "").replace('\n', "");
    if (close.contains("\"format\":\"bluehangar.rates/")) return BroughtFile::Rates;
    if (close.startsWith('{')) return BroughtFile::Unknown;
    const QString ending = QFileInfo(file).suffix().toLower();
    if (ending == QLatin1String("webm") || ending == QLatin1String("mp4") || ending == QLatin1String("mkv") ||
        ending == QLatin1String("mov"))
        return BroughtFile::Recording;
    if (begin.startsWith("t_s,")) return BroughtFile::FlightLog;
    const bool text = !begin.contains('\0') && (begin.contains(',') || begin.contains(';') || begin.contains('\t'));
    return text && !begin.isEmpty() ? BroughtFile::Table : BroughtFile::Unknown;
}

void openInAWindowOfItsOwn(const QString& place)
{
    QProcess::startDetached(QApplication::applicationFilePath(), {QStringLiteral("--store"), place});
}

void takeFile(MainWindow& window, const QString& file)
{
    switch (kindOfFile(file)) {
    case BroughtFile::Record: return openInAWindowOfItsOwn(file);
    case BroughtFile::Rates: window.showPage(MainWindow::Rates); return window.ratesPage()->readRates(file);
    case BroughtFile::FlightLog:
        window.showPage(MainWindow::Debrief);
        window.debriefPage()->open(file);
        return;
    case BroughtFile::Table: window.showPage(MainWindow::Debrief); return window.debriefPage()->import(file);
    case BroughtFile::Recording: window.showPage(MainWindow::Debrief); return window.debriefPage()->layBeside(file);
    case BroughtFile::Unknown: break;
    }
    window.say(QObject::tr("%1: expected a record, a flight log, a table of a flight, rates, or a recording of a screen.")
                   .arg(QFileInfo(file).fileName()));
}

} // namespace bh::desk
