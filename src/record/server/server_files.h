#pragma once

#include "record/attachments.h"
#include "record/file/database.h"

#include <atomic>
#include <condition_variable>
#include <mutex>
#include <string>
#include <thread>

namespace bh {

/// Sends what this station has kept beside the record to the server, in a thread and on a connection of its own: each file once,
/// by its name, in chunks. What could not be sent stays marked and is tried again. At its beginning it looks for what the server
/// lacks of what lies here, and takes away what was erased there.
class ServerFiles {
public:
    static constexpr int chunk_bytes = 256 * 1024, again_after_ms = 3000;
    static constexpr std::size_t largest_bytes = 256u << 20;

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
    void compare(const Database& server) const;
    std::string server_;
    Attachments beside_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::atomic<bool> closing_ = false, hold_ = false;
    bool woken_ = true, compared_ = false;
    std::thread thread_;
};

/// What the server says of a file that was sent.
enum class Sent : std::uint8_t { Whole, Other, Erased };

/// Sends one file, to be hashed there before it counts. Throws StoreFailure.
Sent send_bytes(const Database& server, const FileName& name, std::string_view bytes);
/// Puts one there with the login that owns the server, also under an older name. Throws StoreFailure.
void put_as_owner(const Database& server, const FileName& name, std::string_view bytes);
/// Those of a file that the server has whole.
[[nodiscard]] std::string bytes_on(const Database& server, const FileName& name);
/// Puts a file beside the record where the server has it: a flight log by its hash, a recording by its name. Throws StoreFailure,
/// also where it is not what its name says.
void fetch_file(const Database& server, const std::string& name, bool log, const Attachments& beside);
void erase_file(const Database& server, const std::string& name, bool log);
/// What the server has, of either kind.
[[nodiscard]] std::vector<FileName> files_on(const Database& server, bool logs);

} // namespace bh
