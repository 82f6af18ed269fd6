#pragma once

#include "record/attachments.h"
#include "record/database.h"

#include <atomic>
#include <condition_variable>
#include <mutex>
#include <string>
#include <thread>

namespace bh {

/// Sends what this station has kept beside the record to the server, in a thread and on a connection of its own: each file once,
/// by its name, in chunks. What could not be sent stays marked and is tried again.
class ServerFiles {
public:
    static constexpr int chunk_bytes = 256 * 1024, again_after_ms = 3000;

    ServerFiles(std::string server, Attachments beside);
    ~ServerFiles(); ///< ends after the chunk that is being sent
    ServerFiles(const ServerFiles&) = delete;
    ServerFiles& operator=(const ServerFiles&) = delete;

    void hold_back(bool hold); ///< until nobody flies
    void wake();               ///< something was kept
    /// Waits until nothing is marked any more, or for so long.
    bool finish(int most_ms);

private:
    void run();
    bool send_all(std::unique_ptr<Database>& server);
    std::string server_;
    Attachments beside_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::atomic<bool> closing_ = false, hold_ = false;
    bool woken_ = true;
    std::thread thread_;
};

/// Sends one file. Throws StoreFailure.
void send_file(const Database& server, const std::filesystem::path& file);
void send_bytes(const Database& server, const std::string& file_name, bool log, std::string_view bytes);
/// Those of a file that the server has whole, by its file name.
[[nodiscard]] std::string bytes_on(const Database& server, const std::string& file_name);
/// Puts a file beside the record where the server has it: a flight log by its hash, a recording by its name.
void fetch_file(const Database& server, const std::string& name, bool log, const Attachments& beside);
void erase_file(const Database& server, const std::string& name, bool log);
/// What the server has: file names of either kind.
[[nodiscard]] std::vector<std::string> files_on(const Database& server, bool logs);

} // namespace bh
