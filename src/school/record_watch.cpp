#include "school/record_watch.h"

#include "record/file/daily_copies.h"

#include <QDateTime>
#include <QRandomGenerator>

namespace bh {

RecordWatch::RecordWatch(RecordPlace record, VerifyOptions options, std::function<bool()> busy)
    : record_(std::move(record)), options_(std::move(options)), busy_(std::move(busy))
{
    timer_.setSingleShot(true);
    connect(&timer_, &QTimer::timeout, this, [this] {
        if (busy_())
            timer_.start(busy_ask_ms);
        else
            verify_now();
    });
    timer_.start(first_after_ms + (record_.on_server() ? QRandomGenerator::global()->bounded(apart_on_server_ms) : 0));
}

RecordWatch::~RecordWatch()
{
    if (thread_.joinable()) thread_.join();
}

void RecordWatch::verify_now()
{
    if (running_) return;
    if (thread_.joinable()) thread_.join();
    running_ = true;
    const std::string day = QDate::currentDate().toString(Qt::ISODate).toStdString();
    thread_ = std::thread([this, day, copies = copies_] {
        VerifyReport report;
        QString trouble;
        if (auto verified = verify_record(record_, options_))
            report = std::move(*verified);
        else
            report.problems.push_back(verified.error().english);
        if (copies > 0 && report.problems.empty())
            if (const auto kept = keep_copy_of_day(record_.file, day, copies, options_.read_logs_also_from); !kept)
                trouble = QString::fromStdString(kept.error().english);
        QMetaObject::invokeMethod(
            this, [this, report = std::move(report), trouble] { ended(report, trouble); }, Qt::QueuedConnection);
    });
    Q_EMIT changed();
}

void RecordWatch::ended(VerifyReport report, QString copy_trouble)
{
    running_ = false;
    copy_trouble_ = std::move(copy_trouble);
    report_ = std::move(report);
    verified_at_ = QDateTime::currentSecsSinceEpoch();
    timer_.start(record_.on_server() ? again_on_server_ms : again_after_ms);
    Q_EMIT changed();
}

} // namespace bh
