#include "core/path/turn_faults.h"

namespace bh {
namespace {

constexpr double slowest_entry_mps = 3, slowest_mps = 2.5, most_lean_deg = 80, most_rocking = 0.5; // house, as all of these
constexpr double least_bank_share = 1.0 / 3, least_change_deg = 45, most_drift_deg = 25, most_end_drift_deg = 35;

} // namespace

bool can_be_judged(const Turn& turn, const std::vector<RockedTime>& rocked)
{
    return turn.entry_speed_mps >= slowest_entry_mps && turn.slowest_mps >= slowest_mps && turn.most_lean_deg <= most_lean_deg &&
           overlap_s(rocked, turn.start_s, turn.end_s) <= most_rocking * (turn.end_s - turn.start_s);
}

std::string_view turn_fault_key(TurnFault fault) { return fault == TurnFault::YawAlone ? "yaw_alone" : "roll_alone"; }

std::optional<TurnFault> fault_of(const Turn& turn, const std::vector<RockedTime>& rocked)
{
    if (!can_be_judged(turn, rocked)) return std::nullopt;
    const double side = turn.right() ? 1 : -1;
    const auto bank_share = turn.bank_share();
    if (side * turn.nose_change_deg >= least_change_deg &&
        ((bank_share && *bank_share < least_bank_share) || turn.drift_deg > most_drift_deg))
        return TurnFault::YawAlone;
    if (side * turn.way_change_deg >= least_change_deg &&
        (turn.drift_deg < -most_drift_deg || turn.end_drift_deg < -most_end_drift_deg))
        return TurnFault::RollAlone;
    return std::nullopt;
}

} // namespace bh
