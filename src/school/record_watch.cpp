#include "school/record_watch.h"

#include <QDateTime>

namespace bh {

RecordWatch::RecordWatch(std::filesystem::path record, VerifyOptions options, std::function<bool()> busy)
    : record_(std::move(record)), options_(std::move(options)), busy_(std::move(busy))
{
    timer_.setSingleShot(true);
    connect(&timer_, &QTimer::timeout, this, [this] {
        if (busy_())
            timer_.start(busy_ask_ms);
        else
            verify_now();
    });
    timer_.start(first_after_ms);
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
    thread_ = std::thread([this] {
        VerifyReport report;
        if (auto verified = verify_record(record_, options_))
            report = std::move(*verified);
        else
            report.problems.push_back(verified.error().message);
        QMetaObject::invokeMethod(
            this, [this, report = std::move(report)] { ended(report); }, Qt::QueuedConnection);
    });
    Q_EMIT changed();
}

void RecordWatch::ended(VerifyReport report)
{
    running_ = false;
    report_ = std::move(report);
    verified_at_ = QDateTime::currentSecsSinceEpoch();
    timer_.start(again_after_ms);
    Q_EMIT changed();
}

} // namespace bh
