#pragma once

#include "core/progress/practice_clock.h"
#include "school/school.h"

#include <string>

namespace bh {

/// The practice session that runs at a station: begun with the first flight, noted every 5 s so that a crash of the program
/// loses no more, and ended when nothing has moved for ten minutes (house). Times are seconds of any clock that does not jump.
class Practice {
public:
    explicit Practice(School& school) : school_(school) {}

    /// The pilot's session, started when there is none; empty when it could not be.
    std::string begin(const std::string& pilot_id, const std::string& controller_name, const std::string& guid, double now_s);
    void end();
    /// What the sticks do now. False when that has ended the session.
    bool update(double now_s, const Sticks& sticks, bool armed);
    [[nodiscard]] const std::string& session_id() const { return session_id_; } ///< empty while none runs
    [[nodiscard]] bool running() const { return !session_id_.empty(); }
    [[nodiscard]] const PracticeClock& clock() const { return clock_; }

    static constexpr double note_every_s = 5, ends_after_s = 600;

private:
    School& school_;
    std::string session_id_;
    PracticeClock clock_;
    double noted_at_s_ = 0, last_active_s_ = 0;
};

} // namespace bh
