#pragma once

#include "core/base/result.h"
#include "core/debrief/coaching.h"
#include "core/drill/drill.h"

#include <QString>
#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace bh {
class School;
struct Attempt;
struct Session;
} // namespace bh

namespace bh::desk {

/// The flight that a debrief is about, and what came of looking at it.
struct LookedAt {
    std::string pilot_id;
    std::string attempt_id; ///< empty: it is not kept, or is practice outside
    std::string session_id; ///< of practice outside
    std::shared_ptr<const FlightLog> log;
    Drill drill;                ///< with the camera that it was flown with; a free flight's where there was none
    std::optional<Score> score; ///< as it was kept
    QString judged_by;          ///< a sentence where its drill has changed since; empty: it has not
    Debrief found;
    std::vector<Advice> advice;
    QString title;
};

/// A flight that was kept, with the score of the drill that it flew. An error where its log cannot be read.
[[nodiscard]] Result<LookedAt> keptFlight(const School& school, const Attempt& attempt);
/// The sticks of practice in another program. An error where its recording cannot be read.
[[nodiscard]] Result<LookedAt> practiceOutside(const School& school, const Session& session);
/// A flight of a file, that is kept nowhere.
[[nodiscard]] LookedAt flightOfFile(const QString& title, std::shared_ptr<const FlightLog> log);

/// A flight to choose, in a list.
struct FlightItem {
    std::int64_t at; ///< unix time
    QString words;
    QString key; ///< its attempt's id, or its session's as sessionKey() has it
};
/// Those of a pilot that have a log or a recording, the newest first.
[[nodiscard]] std::vector<FlightItem> flightItems(const School& school, const std::string& pilot_id);
[[nodiscard]] QString sessionKey(const std::string& session_id);
[[nodiscard]] std::optional<std::string> sessionOf(const QString& key); ///< none: it is an attempt's

} // namespace bh::desk
