#pragma once

#include "school/school.h"

namespace bh {

/// Corrections of what was logged. Each says why, and the record keeps what stood before.

/// A session as it should have been logged: when, how long, where, what was looked at. Its pilot stays (see give_session()).
/// BadInput for a reason that is missing, times that cannot be, or a session that is not there or still runs.
Result<void> correct_session(School& school, const Session& corrected, const std::string& why);
/// An attempt, or a session with its flights, that does not count any more. Undone like an edit.
Result<void> strike(School& school, const std::string& id, const std::string& why);
Result<void> count_again(School& school, const std::string& id, const std::string& why);
/// The session and its flights were another pilot's. Undone like an edit.
Result<void> give_session(School& school, const std::string& session_id, const std::string& pilot_id, const std::string& why);

} // namespace bh
