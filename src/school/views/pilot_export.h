#pragma once

#include "school/school.h"

#include <string>

namespace bh {

/// A pilot's sessions as CSV: started_utc, active_s, idle_s, flights, simulator, viewing, matched, by_hand, struck_out.
[[nodiscard]] std::string sessions_csv(const School& school, const std::string& pilot_id);
/// A pilot's attempts as CSV: at_utc, drill, mode, score, passed, holds, flown_s, what decided it, struck_out.
[[nodiscard]] std::string attempts_csv(const School& school, const std::string& pilot_id);

/// Everything that the record holds about one pilot, as that pilot may ask for it ("bluehangar.pilot/1"): who, sessions, attempts
/// with their criteria, notes, advice, sickness, set-up, match, releases, what surprised, and which flight logs there are.
[[nodiscard]] std::string pilot_json(const School& school, const std::string& pilot_id);

} // namespace bh
