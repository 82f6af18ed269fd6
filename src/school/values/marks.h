#pragma once

#include "core/rates/kept_match.h"
#include "school/school.h"

#include <optional>
#include <string>

namespace bh {

/// How the pages of the working order stand for the chosen pilot; the desk puts it in words. Nothing: there is nothing to do.
enum class Done : std::uint8_t { Nothing, Due, Done };

struct BoardMark {
    Done state = Done::Done;
    int need_a_look = 0; ///< pilots
};
[[nodiscard]] BoardMark board_mark(const School& school);

[[nodiscard]] Done setup_mark(const School& school, const std::string& pilot_id);

/// Due until every stage is held.
[[nodiscard]] Done drills_mark(const School& school, const std::string& pilot_id);

struct RatesMark {
    enum class Why : std::uint8_t { NoSetup, RealUnknown, Stale, Near, Apart };
    Done state = Done::Nothing;
    Why why = Why::NoSetup;
    std::optional<Stale> stale;
};
/// Done while the pilot practises on rates within 15 °/s (root mean square, house) of the real aircraft's, and a match, where
/// there is one, holds.
[[nodiscard]] RatesMark rates_mark(const School& school, const std::string& pilot_id);

/// Done when there was practice within the last seven days (house).
/// Due: every gate is met, and nobody has decided yet. Done: released, or back from it.
[[nodiscard]] Done first_flight_mark(const School& school, const std::string& pilot_id);
[[nodiscard]] Done progress_mark(const School& school, const std::string& pilot_id);

} // namespace bh
