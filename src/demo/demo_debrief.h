#pragma once

#include "core/base/random.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_habits.h"
#include "files/text/json_in.h"
#include "school/school.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// What the demo's coordinator told a pilot, a flight that was read from another program, and an hour there with its sticks
/// recorded. Days are counted from the demo's day, negative.
struct DemoDebriefs {
    struct Advised {
        std::string rule;
        int day = 0;
        bool followed = false, helps = false;
    };
    struct Elsewhere {
        std::string file, drill,
            simulator; ///< a simulator: its sticks were recorded there; none: the flight was read from a file
        int day = 0;
        double skill = 0.8;
        std::uint64_t seed = 1;
        bool positions = true;
        StandInFaults habits;
        std::string video; ///< below the data folder
        double video_from_s = 0;
    };
    std::vector<Advised> advised;
    std::vector<Elsewhere> elsewhere;
};

/// Faults named in a list of the demo's people.
[[nodiscard]] StandInFaults demo_habits(const JsonIn& names);
[[nodiscard]] DemoDebriefs demo_debriefs(const JsonIn& pilot);

/// Tells one pilot of the demo what is due, and knows which habits are left.
class DemoCoach {
public:
    DemoCoach(const DemoDebriefs& plan, const StandInFaults& habits, std::uint64_t seed)
        : plan_(plan), habits_(habits), random_(seed)
    {
    }
    /// Before a session: what was told last time is followed from now on, and what is due is told.
    void before_session(School& school, const std::string& pilot_id, double day);
    Result<void> elsewhere(School& school, const std::string& pilot_id, double day, const KnownController& row,
                           const StandInController& controller);
    [[nodiscard]] StandInFaults habits_now(); ///< in the next flight

private:
    const DemoDebriefs& plan_;
    StandInFaults habits_;
    SeededRandom random_;
    std::size_t told_ = 0, been_ = 0;
    std::string to_follow_; ///< id of the advice that is followed from the next session on
    bool helped_ = false;
};

} // namespace bh
