#pragma once

#include "record/chain/entry.h"
#include "record/chain/station_key.h"

#include <filesystem>
#include <optional>
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
    /// It changes what others share: where the server does not take it, it is given up, and whoever did it is told.
    bool shared = false;
    std::optional<std::int64_t> after; ///< what it changes was known up to that entry; it does not follow a newer one
    std::string refused;               ///< why it was given up; empty: it was not
    std::string overtaken_by;          ///< because that one had changed it meanwhile
};

/// A station's journal of what waits for its server, and of what is on its way there: a file for each gesture, in the order in
/// which they were done, flushed to the disk before the gesture counts as done.
class WaitingEntries {
public:
    explicit WaitingEntries(std::filesystem::path folder) : folder_(std::move(folder)) {}

    /// Whether entries of a kind only add, so that they can wait.
    [[nodiscard]] static bool may_wait(const Draft& draft);
    /// Under a name of its own, signed. `like`: its drafts, its time, and how it is to be handed over. Throws StoreFailure.
    WaitingGesture keep(WaitingGesture like, const std::string& nonce, const StationKey& key) const;
    /// Before it is sent: one more hash by which it is found there where no answer came. Throws StoreFailure.
    static void note_tried(WaitingGesture& gesture, const std::string& hash);
    /// In their order. What cannot be read stays where it is and is told of.
    [[nodiscard]] std::vector<WaitingGesture> all(std::vector<Message>* problems = nullptr) const;
    [[nodiscard]] int count() const;
    /// The server has it, or whoever did it was told that it never will.
    static void over(const WaitingGesture& gesture);
    /// It is given up. It stays until whoever did it was told.
    static void refuse(WaitingGesture& gesture, const Message& why, const std::string& overtaken_by = {});
    [[nodiscard]] std::vector<WaitingGesture> refused() const;

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
