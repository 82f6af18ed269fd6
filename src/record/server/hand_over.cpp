#include "record/server/hand_over.h"

#include "record/record.h"

#include <chrono>

namespace bh {

HandOver::HandOver(std::function<std::unique_ptr<Record>()> open, std::function<void(std::vector<Message>)> done)
    : open_(std::move(open)), done_(std::move(done)), thread_([this] { run(); })
{
}

HandOver::~HandOver()
{
    {
        const std::scoped_lock lock(mutex_);
        closing_ = true;
    }
    wake_.notify_all();
    thread_.join();
}

void HandOver::wake()
{
    {
        const std::scoped_lock lock(mutex_);
        woken_ = true;
    }
    wake_.notify_all();
}

void HandOver::run()
{
    constexpr std::chrono::seconds again{3};
    std::unique_ptr<Record> record; // made and used in this thread
    for (bool all_done = true;;) {
        {
            std::unique_lock lock(mutex_);
            const auto asked = [this] { return woken_ || closing_; };
            if (all_done)
                wake_.wait(lock, asked);
            else
                wake_.wait_for(lock, again, asked);
            if (closing_) return;
            woken_ = false;
        }
        if (!record) record = open_(); // which hands over already
        all_done = record && record->reach_server();
        if (record) done_(record->waiting_problems());
    }
}

} // namespace bh
