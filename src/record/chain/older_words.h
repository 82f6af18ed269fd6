#pragma once

#include <string>

namespace bh {

/// Two families of rates and some of their parameters had other words until version 9 of the record. Entries are never changed:
/// what was written before is read in today's words, and matches made then still hold.
[[nodiscard]] std::string in_todays_words(const std::string& kind, const std::string& body);

} // namespace bh
