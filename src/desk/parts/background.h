#pragma once

#include <QCoreApplication>
#include <QPointer>
#include <QThreadPool>
#include <memory>
#include <stop_token>
#include <utility>

namespace bh::desk {

/// Work beside the window, one piece at a time for its owner: handed to a pool with a stop, and what came of it is delivered in
/// the window's thread, if the owner still lives and has not asked for something else meanwhile. It is stopped when its owner
/// goes. The work is given values, and knows nothing of the window.
class Background {
public:
    Background() = default;
    Background(const Background&) = delete;
    Background& operator=(const Background&) = delete;
    ~Background() { forget(); }

    /// Instead of what was asked before. `work`: Result(std::stop_token), in another thread. `done`: void(Result), in the
    /// window's.
    template <class Work, class Done>
    void start(QObject* owner, Work work, Done done)
    {
        forget();
        task_ = std::make_shared<Task>();
        const auto task = task_;
        QThreadPool::globalInstance()->start(
            [this, task, owner = QPointer<QObject>(owner), work = std::move(work), done = std::move(done)]() mutable {
                auto result = std::make_shared<decltype(work(std::stop_token()))>(work(task->stop.get_token()));
                QMetaObject::invokeMethod(
                    qApp,
                    [this, task, owner, result, done = std::move(done)]() mutable {
                        if (!owner || task->forgotten) return; // then this has gone, too
                        task_.reset();
                        done(std::move(*result));
                    },
                    Qt::QueuedConnection);
            });
    }
    void stop() ///< what came of it so far is delivered
    {
        if (task_) task_->stop.request_stop();
    }
    void forget() ///< it is stopped, and nothing is delivered
    {
        stop();
        if (task_) std::exchange(task_, nullptr)->forgotten = true;
    }
    [[nodiscard]] bool running() const { return task_ != nullptr; }

    /// From within the work: something for the window on the way, as how far it is.
    template <class Tell>
    static void tell(const QPointer<QObject>& owner, Tell tell)
    {
        QMetaObject::invokeMethod(
            qApp,
            [owner, tell = std::move(tell)] {
                if (owner) tell();
            },
            Qt::QueuedConnection);
    }

private:
    struct Task {
        std::stop_source stop;
        bool forgotten = false; ///< of the window's thread alone
    };
    std::shared_ptr<Task> task_;
};

} // namespace bh::desk
