#pragma once

#include <cstdint>

namespace bh {

/// Whole seconds since 1970-01-01 UTC.
using UnixTime = std::int64_t;
constexpr UnixTime last_unix_time = 253402300799; ///< the last second of 9999: beyond it calendars end
[[nodiscard]] constexpr bool is_possible(UnixTime time) { return time >= 0 && time <= last_unix_time; }

} // namespace bh
