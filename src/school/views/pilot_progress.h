#pragma once

#include "core/progress/drill_outlook.h"
#include "core/progress/practice_hours.h"
#include "school/school.h"

#include <optional>
#include <string>
#include <vector>

namespace bh {

/// A pilot's hours, and how they come in.
struct HoursOfPilot {
    double hours = 0, matched = 0, idle = 0;
    std::vector<double> weeks; ///< eight, the oldest first, the last one ends today
    Pace pace;                 ///< over the last four
    WeeksLeft to_low, to_comfortable;
    int short_weeks = 0; ///< the newest, below the house's hours a week
    struct Share {
        std::string of;
        double hours = 0;
    };
    std::vector<Share> by_simulator, by_mode, by_viewing; ///< the most first
};
[[nodiscard]] HoursOfPilot hours_of(const School& school, const std::string& pilot_id);

/// Every drill of the pilot's ladder that was flown, in its order, to look ahead from. Reads what attempts were judged by.
[[nodiscard]] std::vector<DrillTrials> trials_of(const School& school, const std::string& pilot_id);

/// The same, a few attempts at a time, for who cannot stand still while a thousand are read.
class TrialsInPieces {
public:
    TrialsInPieces(const School& school, std::string pilot_id) : school_(school), pilot_id_(std::move(pilot_id)) {}
    /// Reads on, at most so many attempts; false when nothing is left to be read.
    bool read(std::size_t most);
    [[nodiscard]] std::vector<DrillTrials> taken() { return std::move(taken_); }

private:
    const School& school_;
    std::string pilot_id_;
    std::size_t step_ = 0;              ///< of the ladder, that is being read
    std::vector<JudgedAttempt> judged_; ///< of its attempts, so far
    std::vector<DrillTrials> taken_;
};

/// The sickness questionnaire over time.
struct SicknessTrend {
    struct Point {
        UnixTime at = 0;
        double total = 0;
        bool before = false, goggles = false;
    };
    std::vector<Point> points;
    Message advice; ///< a sentence
};
[[nodiscard]] SicknessTrend sickness_of(const School& school, const std::string& pilot_id);

} // namespace bh
