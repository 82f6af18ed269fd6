#pragma once

#include "record/chain/entry.h"
#include "record/chain/station_key.h"

#include <filesystem>
#include <string>
#include <vector>

namespace bh {

/// What one gesture adds, which waits for the server.
struct WaitingGesture {
    std::filesystem::path file;
    std::string name;      ///< SHA-256 of what it says: by it the server takes it once
    UnixTime at = 0;       ///< when it was done
    std::string station;   ///< public key of the one that did it
    std::string signature; ///< of the name, by that station
    std::vector<Draft> drafts;
    std::vector<std::string> tried; ///< hash of the last entry each time that it was sent: any of them may have arrived
    bool soon = false;              ///< it is handed over at once, by another thread; the server is not known to be away
};

/// A station's journal of what only adds, while its server is away: a file for each gesture, in the order in which they were
/// done, flushed to the disk before the gesture counts as done.
class WaitingEntries {
public:
    explicit WaitingEntries(std::filesystem::path folder) : folder_(std::move(folder)) {}

    /// Whether entries of a kind only add, so that they can wait.
    [[nodiscard]] static bool may_wait(const Draft& draft);
    /// Throws StoreFailure.
    WaitingGesture keep(const std::vector<Draft>& drafts, UnixTime at, const std::string& nonce, const StationKey& key,
                        const std::string& tried, bool soon = false) const;
    /// Before it is sent: one more hash by which it is found there where no answer came. Throws StoreFailure.
    static void note_tried(WaitingGesture& gesture, const std::string& hash);
    /// In their order. What cannot be read stays where it is and is told of.
    [[nodiscard]] std::vector<WaitingGesture> all(std::vector<Message>* problems = nullptr) const;
    [[nodiscard]] int count() const;
    /// The server has it.
    static void over(const WaitingGesture& gesture);

private:
    std::filesystem::path folder_;
};

/// The entry that comes before what was handed over late: when it was done, where, and signed by whom.
[[nodiscard]] Draft late_draft(const WaitingGesture& gesture);
/// What is wrong with such an entry; empty: nothing.
[[nodiscard]] std::string late_problem(const Entry& entry);
/// What a gesture's entries are while they wait: without a number and a hash.
[[nodiscard]] std::vector<Entry> as_entries(const WaitingGesture& gesture);

} // namespace bh
