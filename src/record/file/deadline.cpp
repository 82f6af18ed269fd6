#include "record/file/deadline.h"

#include <chrono>
#include <condition_variable>
#include <libpq-fe.h>
#include <map>
#include <mutex>
#include <sys/socket.h>
#include <thread>

namespace bh {

namespace {

using Clock = std::chrono::steady_clock;

/// One thread for all lines of the program, made with the first; it sleeps until the earliest end.
class Watch {
public:
    static Watch& of_program()
    {
        static Watch watch;
        return watch;
    }
    unsigned long begin(int socket, Clock::time_point until)
    {
        const std::scoped_lock lock(mutex_);
        lines_[++newest_] = {socket, until};
        changed_.notify_one();
        return newest_;
    }
    /// Under the lock: a socket that was let go is not shut by us, whoever has its number then.
    void end(unsigned long number)
    {
        const std::scoped_lock lock(mutex_);
        lines_.erase(number);
    }

private:
    struct Line {
        int socket;
        Clock::time_point until;
    };

    Watch() : thread_([this] { run(); }) {}
    ~Watch()
    {
        {
            const std::scoped_lock lock(mutex_);
            closing_ = true;
        }
        changed_.notify_one();
        thread_.join();
    }

    void run()
    {
        std::unique_lock lock(mutex_);
        while (!closing_) {
            auto earliest = Clock::time_point::max();
            for (auto line = lines_.begin(); line != lines_.end();)
                if (line->second.until <= Clock::now()) {
                    ::shutdown(line->second.socket, SHUT_RDWR);
                    line = lines_.erase(line);
                } else {
                    earliest = std::min(earliest, line->second.until);
                    ++line;
                }
            if (earliest == Clock::time_point::max())
                changed_.wait(lock);
            else
                changed_.wait_until(lock, earliest);
        }
    }

    std::mutex mutex_;
    std::condition_variable changed_;
    std::map<unsigned long, Line> lines_;
    unsigned long newest_ = 0;
    bool closing_ = false;
    std::thread thread_;
};

} // namespace

Deadline::Deadline(pg_conn* line, int most_ms)
{
    const int socket = line ? PQsocket(line) : -1;
    if (socket >= 0) number_ = Watch::of_program().begin(socket, Clock::now() + std::chrono::milliseconds(most_ms));
}

Deadline::~Deadline()
{
    if (number_ > 0) Watch::of_program().end(number_);
}

} // namespace bh
