#pragma once

#include <string>
#include <vector>

namespace bh {

/// Who may write entries of a kind: the least of station 0, pilot 1, instructor 2, coordinator 3 (see Role).
struct EntryRight {
    std::string kind;     ///< of the entry
    std::string document; ///< of texts: what the subject begins with; empty: any
    int least = 3;
};
using EntryRights = std::vector<EntryRight>;

} // namespace bh
