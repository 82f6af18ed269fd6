#pragma once

#include "core/base/message.h"

#include <condition_variable>
#include <functional>
#include <memory>
#include <mutex>
#include <thread>
#include <vector>

namespace bh {

class Record;

/// Hands over what a station's journal keeps, in a thread and with a connection of its own: whoever flies there, or looks at the
/// window, waits for nothing.
class HandOver {
public:
    /// `open`: a record of the same place and key, in that thread; null where the server does not answer. `done`: from that
    /// thread, after each time, with what the server did not take.
    HandOver(std::function<std::unique_ptr<Record>()> open, std::function<void(std::vector<Message> not_taken)> done);
    ~HandOver(); ///< ends after the gesture that is being handed over; the others are in the journal
    HandOver(const HandOver&) = delete;
    HandOver& operator=(const HandOver&) = delete;
    void wake(); ///< something was kept, or the server is back

private:
    void run();
    std::function<std::unique_ptr<Record>()> open_;
    std::function<void(std::vector<Message>)> done_;
    std::mutex mutex_;
    std::condition_variable wake_;
    bool woken_ = true, closing_ = false;
    std::thread thread_;
};

} // namespace bh
