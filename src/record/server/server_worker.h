#pragma once

#include "core/base/message.h"
#include "record/file/failures.h"

#include <QCoreApplication>
#include <QEventLoop>
#include <atomic>
#include <chrono>
#include <condition_variable>
#include <functional>
#include <future>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <thread>
#include <vector>

namespace bh {

class Record;

/// Speaks with the server for a window, in a thread and with a connection of its own: hands over what the station's journal
/// keeps, and asks what the window wants to know. Whoever flies there, or looks at the window, waits for nothing.
class ServerWorker {
public:
    /// As long as a window waits for an answer (house: three pictures of a flight at 60 Hz). What comes later is not taken, but
    /// what was to be done is done.
    static constexpr std::chrono::milliseconds window_waits{50};

    /// `open`: a record of the same place and key, in that thread; null where the server does not answer. `handed_over`: from
    /// that thread, after each time; false: the server is away, and some may wait still.
    ServerWorker(std::function<std::unique_ptr<Record>()> open, std::function<void(Record&, bool reached)> handed_over);
    ~ServerWorker(); ///< ends after the gesture that is being handed over; the others are in the journal
    ServerWorker(const ServerWorker&) = delete;
    ServerWorker& operator=(const ServerWorker&) = delete;

    void wake(); ///< something was kept, or the server is back
    /// Does something there as soon as it can; with null where the server does not answer.
    void later(std::function<void(Record*)> what);

    /// What it says, or nothing where that takes longer than a window waits. While an answer is overdue nothing is waited for at
    /// all. `what` may outlive the call: it holds values. Throws what it throws, ServerAway where the server does not answer.
    template <class T, class What>
    std::optional<T> ask(What what)
    {
        auto answer = begin<T>(std::move(what));
        if (overdue_ || answer.wait_for(window_waits) != std::future_status::ready) {
            overdue_ = true;
            if (answer.wait_for(std::chrono::seconds(0)) != std::future_status::ready) return std::nullopt;
        }
        return answer.get();
    }

    /// The same until it has answered, while the window is painted and takes no keys.
    template <class T, class What>
    T ask_patiently(What what)
    {
        auto answer = begin<T>(std::move(what));
        while (answer.wait_for(std::chrono::milliseconds(5)) != std::future_status::ready)
            QCoreApplication::processEvents(QEventLoop::ExcludeUserInputEvents);
        return answer.get();
    }

private:
    template <class T, class What>
    std::future<T> begin(What what)
    {
        auto promise = std::make_shared<std::promise<T>>();
        auto answer = promise->get_future();
        later([promise, what = std::move(what)](Record* record) mutable {
            try {
                if (!record) throw ServerAway(message("the server does not answer"));
                promise->set_value(what(*record));
            } catch (...) {
                promise->set_exception(std::current_exception());
            }
        });
        return answer;
    }
    void run();
    std::function<std::unique_ptr<Record>()> open_;
    std::function<void(Record&, bool)> handed_over_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::vector<std::function<void(Record*)>> asked_;
    bool woken_ = true, closing_ = false;
    std::atomic<bool> overdue_ = false;
    std::thread thread_;
};

} // namespace bh
