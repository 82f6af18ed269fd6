#pragma once

#include "core/flight/flight_log.h"
#include "record/attachments.h"

#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <queue>
#include <string>
#include <thread>
#include <vector>

namespace bh {

/// Writes flight logs beside the record in a thread of its own, in the order in which they came.
class FlightKeeper {
public:
    struct Kept {
        std::uint64_t ticket = 0;
        std::vector<std::string> hashes; ///< of the logs, in their order
        std::string failure;             ///< empty: every log is safe on the disk
        std::string found;               ///< what `look` said
    };
    /// `done` is called from the keeper's thread, once for each ticket.
    FlightKeeper(Attachments attachments, std::function<void(Kept)> done);
    /// Waits until everything that was handed over is written.
    ~FlightKeeper();
    FlightKeeper(const FlightKeeper&) = delete;
    FlightKeeper& operator=(const FlightKeeper&) = delete;

    /// `look` is called in the keeper's thread, once the logs are safe.
    void keep(std::uint64_t ticket, std::vector<std::shared_ptr<const FlightLog>> logs, std::function<std::string()> look = {});

private:
    struct Order {
        std::uint64_t ticket;
        std::vector<std::shared_ptr<const FlightLog>> logs;
        std::function<std::string()> look;
    };
    void run();
    [[nodiscard]] Kept write(const Order& order) const;

    Attachments attachments_;
    std::function<void(Kept)> done_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::queue<Order> orders_;
    bool closing_ = false;
    std::thread thread_;
};

} // namespace bh
