#pragma once

#include <condition_variable>
#include <functional>
#include <map>
#include <mutex>
#include <string>
#include <thread>

namespace bh {

class Database;

/// Asks the server every few seconds whether it is there, and tells it what stations see of each other while it happens, which is
/// kept nowhere. In a thread and on a connection of its own: a line that hangs keeps nobody waiting.
class ServerLine {
public:
    static constexpr int ask_every_ms = 2000;

    /// `answers` is called from that thread when it begins or ends to.
    ServerLine(std::string server, std::function<void(bool)> answers);
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
    std::string server_;
    std::function<void(bool)> answers_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::string text_;
    std::map<std::string, std::function<void(const Database&)>> soon_;
    bool closing_ = false, doubted_ = false;
    std::thread thread_;
};

} // namespace bh
