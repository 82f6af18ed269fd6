#pragma once

#include "core/base/message.h"
#include "record/chain/entry.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// What a record takes of entries, the same in a file and on a server, where the function that writes has these rules in its own
/// words (see postgres_step_2.cpp). Which login may write what is the server's alone.
struct CheckedEntry {
    std::optional<Message> problem; ///< nothing: it is as this program writes it
    struct Named {
        std::string kind, subject;
    };
    std::vector<Named> names; ///< entries that have to be there before it
};
[[nodiscard]] CheckedEntry check_entry(const Entry& entry);

/// Kinds of which a subject has one entry and never another.
[[nodiscard]] bool comes_once(const std::string& kind);

/// Why an entry, of this version or of an older one, cannot be understood by whoever reads the record; nothing: it can.
[[nodiscard]] std::optional<Message> not_understood(const Entry& entry);

/// What an entry that can be understood names of others.
[[nodiscard]] std::vector<CheckedEntry::Named> named_in(const Entry& entry);

} // namespace bh
