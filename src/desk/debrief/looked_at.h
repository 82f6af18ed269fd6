#pragma once

#include "core/debrief/coaching.h"
#include "core/drill/drill.h"

#include <QString>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace bh::desk {

/// The flight that a debrief is about, and what came of looking at it.
struct LookedAt {
    std::string pilot_id;
    std::string attempt_id; ///< empty: it is not kept, or is practice outside
    std::string session_id; ///< of practice outside
    std::shared_ptr<const FlightLog> log;
    Drill drill; ///< with the camera that it was flown with; a free flight's where there was none
    std::optional<Score> score;
    Debrief found;
    std::vector<Advice> advice;
    QString title;
};

} // namespace bh::desk
