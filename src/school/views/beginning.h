#pragma once

#include "school/school.h"

#include <string>
#include <vector>

namespace bh {

/// The way of a new school to its first score, in the order in which it is gone.
enum class BeginStep : std::uint8_t { Pilot, Kit, Controller, Setup, Rates, Drill };

struct BeginLine {
    BeginStep step = BeginStep::Pilot;
    bool done = false;
};

/// What the desk knows beside the record.
struct BeginFacts {
    int kit_ticked = 0, kit_items = 0; ///< of the chosen pilot's list
    bool controller_ready = false;
};

/// Empty as soon as anybody has flown a drill here: the school has begun.
[[nodiscard]] std::vector<BeginLine> beginning(const School& school, const std::string& pilot_id, const BeginFacts& facts);

/// The rates step can wait: hours until then count as practice, not as hours on matched rates. A rule of the house, so that it
/// can be undone and no station asks again.
bool put_off_rates(School& school);

/// What a school says of itself before its first pilot.
struct NewSchool {
    std::string name;
    std::string curriculum; ///< id, for every pilot who is added
};
/// Keeps it as rules of the house. False: it was refused, and `failed` was told.
bool begin_school(School& school, const NewSchool& answers);
[[nodiscard]] std::string school_name(const School& school);      ///< empty: it has none
[[nodiscard]] std::string usual_curriculum(const School& school); ///< id

} // namespace bh
