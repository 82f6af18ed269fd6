#include "school/flights/flight_keeper.h"

#include <exception>
#include <utility>

namespace bh {

FlightKeeper::FlightKeeper(Attachments attachments, std::function<void(Kept)> done)
    : attachments_(std::move(attachments)), done_(std::move(done)), thread_([this] { run(); })
{
}

FlightKeeper::~FlightKeeper()
{
    {
        const std::scoped_lock lock(mutex_);
        closing_ = true;
    }
    wake_.notify_one();
    thread_.join();
}

void FlightKeeper::keep(std::uint64_t ticket, std::vector<std::shared_ptr<const FlightLog>> logs,
                        std::function<std::string()> look)
{
    {
        const std::scoped_lock lock(mutex_);
        orders_.push({ticket, std::move(logs), std::move(look)});
    }
    wake_.notify_one();
}

FlightKeeper::Kept FlightKeeper::write(const Order& order) const
{
    Kept kept{order.ticket, {}, {}, {}};
    try {
        for (const auto& log : order.logs) kept.hashes.push_back(attachments_.keep(*log));
        if (order.look) kept.found = order.look();
    } catch (const std::exception& why) {
        kept.failure = why.what();
    }
    return kept;
}

void FlightKeeper::run()
{
    for (;;) {
        std::unique_lock lock(mutex_);
        wake_.wait(lock, [this] { return closing_ || !orders_.empty(); });
        if (orders_.empty()) return; // closing, and nothing is left to write
        const Order order = std::move(orders_.front());
        orders_.pop();
        lock.unlock();
        done_(write(order));
    }
}

} // namespace bh
