#include "record/server/server_worker.h"

#include "record/record.h"

#include <utility>

namespace bh {

ServerWorker::ServerWorker(std::function<std::unique_ptr<Record>()> open, std::function<void(Record&, bool)> handed_over)
    : open_(std::move(open)), handed_over_(std::move(handed_over)), thread_([this] { run(); })
{
}

ServerWorker::~ServerWorker()
{
    {
        const std::scoped_lock lock(mutex_);
        closing_ = true;
    }
    wake_.notify_all();
    thread_.join();
}

void ServerWorker::wake()
{
    {
        const std::scoped_lock lock(mutex_);
        woken_ = true;
    }
    wake_.notify_all();
}

void ServerWorker::later(std::function<void(Record*)> what)
{
    {
        const std::scoped_lock lock(mutex_);
        asked_.push_back(std::move(what));
    }
    wake_.notify_all();
}

void ServerWorker::run()
{
    constexpr std::chrono::seconds again{3};
    std::unique_ptr<Record> record; // made and used in this thread
    for (bool all_done = false, first = true;; first = false) {
        std::vector<std::function<void(Record*)>> asked;
        bool woken = false;
        {
            std::unique_lock lock(mutex_);
            const auto wanted = [this] { return woken_ || closing_ || !asked_.empty(); };
            if (all_done)
                wake_.wait(lock, wanted);
            else if (!first)
                wake_.wait_for(lock, again, wanted);
            if (closing_) return;
            woken = std::exchange(woken_, false) || !all_done;
            asked = std::exchange(asked_, {});
        }
        if (!record) record = open_();
        for (const auto& what : asked) what(record.get()); // whoever asks waits; what is handed over waits for nobody
        overdue_ = false;
        if (!woken) continue;
        all_done = record && record->reach_server();
        if (record) handed_over_(*record, all_done);
    }
}

} // namespace bh
