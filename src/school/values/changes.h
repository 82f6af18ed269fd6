#pragma once

#include "school/values/kinds.h"

#include <algorithm>
#include <initializer_list>
#include <string>
#include <vector>

namespace bh {

/// What one entry changed.
struct Change {
    Kind kind = Kind::Pilot;
    std::string subject;
    std::string pilot; ///< whom it is about; empty: nobody, or everybody
};

/// What entries changed, for those who show it.
class Changes {
public:
    void add(Change change) { all_.push_back(std::move(change)); }
    [[nodiscard]] bool empty() const { return all_.empty(); }
    [[nodiscard]] const std::vector<Change>& all() const { return all_; }
    /// Something of these kinds changed, of this pilot or of everybody; an empty pilot stands for anybody.
    [[nodiscard]] bool any(std::initializer_list<Kind> kinds, const std::string& pilot = {}) const
    {
        return std::any_of(all_.begin(), all_.end(), [&](const Change& c) {
            return std::find(kinds.begin(), kinds.end(), c.kind) != kinds.end() &&
                   (pilot.empty() || c.pilot.empty() || c.pilot == pilot);
        });
    }
    /// What pilots stand by may have changed: their marks on the Board and the roster.
    [[nodiscard]] bool move_standings() const
    {
        using enum Kind;
        return any({Pilot,   Attempt,   Session,  Calibration, Verification, Stage,    Setup,     Match,
                    Rates,   Simulator, Aircraft, Drill,       Curriculum,   Sickness, HouseRule, Struck,
                    FlownBy, FlightDay, Release,  AfterFlight, Advice,       Erased});
    }

private:
    std::vector<Change> all_;
};

} // namespace bh
