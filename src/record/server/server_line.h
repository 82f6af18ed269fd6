#pragma once

#include <atomic>
#include <functional>
#include <map>
#include <mutex>
#include <string>
#include <thread>

namespace bh {

class Database;

/// Listens to the server, asks it every few seconds whether it is there, and tells it what stations see of each other while it
/// happens, which is kept nowhere. In a thread and on a connection of its own: a line that hangs keeps nobody waiting.
class ServerLine {
public:
    static constexpr int ask_every_ms = 2000;

    struct Listener {
        std::function<void()> written;                     ///< somebody wrote, or may have while nobody listened
        std::function<void(const std::string&)> told_live; ///< what stations tell of themselves
        std::function<void(bool)> answers;                 ///< the server begins or ends to answer
    };
    /// The listener is called from that thread.
    ServerLine(std::string server, Listener listener);
    ~ServerLine();
    ServerLine(const ServerLine&) = delete;
    ServerLine& operator=(const ServerLine&) = delete;

    /// Fewer than 8,000 bytes. While the line is busy the newest replaces what was to be told before.
    void tell(std::string text);
    /// Something to be done there when the line has time, where it does not matter that it is done; the newest of a name replaces
    /// what was to be done before.
    void soon(const std::string& name, std::function<void(const Database&)> what);
    /// Somebody else had no answer: it is told when there is one again.
    void doubt();

private:
    void run();
    void speak(const Database& server, bool ask);
    bool hear(const Database& server, int most_ms);
    void ring() const;
    std::string server_;
    Listener listener_;
    std::mutex mutex_;
    int bell_; ///< rung to end the waiting
    std::string text_;
    std::map<std::string, std::function<void(const Database&)>> soon_;
    std::atomic<bool> closing_ = false, doubted_ = false;
    std::thread thread_;
};

} // namespace bh
