#include "desk/shell/start/demo.h"

#include "demo/demo_record.h"

#include <QApplication>
#include <QEventLoop>
#include <QProgressDialog>
#include <QStandardPaths>
#include <QThread>
#include <memory>

namespace bh::desk {
namespace {

namespace fs = std::filesystem;

/// On a thread of its own, while the window goes on.
Result<void> flown(const DataFolder& data, const fs::path& record)
{
    Result<void> made;
    const std::unique_ptr<QThread> flying(QThread::create([&] { made = make_demo_record(data, record); }));
    QEventLoop wait;
    QObject::connect(flying.get(), &QThread::finished, &wait, &QEventLoop::quit);
    flying->start();
    wait.exec(QEventLoop::ExcludeUserInputEvents);
    flying->wait();
    return made;
}

} // namespace

Result<fs::path> demoRecord(const DataFolder& data, bool quiet)
{
    const fs::path beside = fs::path(QApplication::applicationDirPath().toStdString()) / ".." / "demo" / "record.sqlite";
    std::error_code error;
    if (fs::exists(beside, error)) return beside;
    const fs::path cache = QStandardPaths::writableLocation(QStandardPaths::CacheLocation).toStdString();
    const fs::path kept = cache / ("demo-" + QApplication::applicationVersion().toStdString());
    if (fs::exists(kept / "record.sqlite", error)) return kept / "record.sqlite";
    QProgressDialog word(QObject::tr("Flying the demo school's flights. This takes half a minute, once."), {}, 0, 0);
    word.setWindowTitle(QObject::tr("Blue Hangar"));
    word.setMinimumDuration(0);
    if (!quiet) word.show();
    const fs::path part = cache / "demo.part";
    fs::remove_all(part, error);
    fs::create_directories(part, error);
    if (error) return bad_input("%1: no folder for the demo record: %2", cache.string(), error.message());
    if (const auto made = flown(data, part / "record.sqlite"); !made) return tl::unexpected(made.error());
    fs::remove_all(kept, error);
    fs::rename(part, kept, error);
    if (error) return bad_input("%1: the demo record could not be kept there: %2", kept.string(), error.message());
    return kept / "record.sqlite";
}

} // namespace bh::desk
