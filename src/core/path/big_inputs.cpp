#include "core/path/big_inputs.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double big = 0.5, from_under_deg = 25, to_over_deg = 45, within_s = 1, begins_within_s = 0.5, least_turn_deg = 45;
constexpr double coasts_s = 0.3, runs_away_s = 3; // the lean goes on growing for a moment, the speed for longer

double lean_at(const FlightLog& log, std::size_t row) { return lean_deg({log.qw[row], log.qx[row], log.qy[row], log.qz[row]}); }

/// Whether the lean goes from under 25° to over 45° within a second in these rows.
bool throws_over(const FlightLog& log, RowSpan rows)
{
    double low_s = -1e300; // when it was under 25° last
    for (std::size_t i = rows.first; i < rows.last; ++i) {
        const double lean = lean_at(log, i);
        if (lean < from_under_deg) low_s = log.t_s[i];
        if (lean > to_over_deg && log.t_s[i] - low_s <= within_s) return true;
    }
    return false;
}

BigInput input_of(const FlightLog& log, StickAxis axis, RowSpan push, RowSpan span)
{
    BigInput input{axis, log.t_s[push.first], log.t_s[push.last - 1], 0, 0, 0};
    for (std::size_t i = push.first; i < push.last; ++i) input.peak = std::max(input.peak, std::abs(stick_column(log, axis)[i]));
    for (std::size_t i = push.first; i < span.last && log.t_s[i] <= input.end_s + runs_away_s; ++i) {
        if (log.t_s[i] <= input.end_s + coasts_s) input.lean_deg = std::max(input.lean_deg, lean_at(log, i));
        input.speed_mps = std::max(input.speed_mps, std::hypot(log.vn_mps[i], log.ve_mps[i]));
    }
    return input;
}

} // namespace

std::vector<BigInput> big_inputs_beside(const FlightLog& log, RowSpan span, const std::vector<Turn>& turns,
                                        const std::vector<Spin>& spins)
{
    std::vector<BigInput> found;
    for (const StickAxis axis : {StickAxis::Pitch, StickAxis::Roll}) {
        const std::vector<double>& stick = stick_column(log, axis);
        const auto pushed = [&](std::size_t i) { return log.mode[i] == Mode::Acro && log.armed[i] && std::abs(stick[i]) > big; };
        for (std::size_t i = span.first; i < span.last; ++i) {
            if (!pushed(i)) continue;
            RowSpan push{i, i + 1};
            while (push.last < span.last && pushed(push.last) && stick[push.last] * stick[i] > 0) ++push.last;
            i = push.last - 1;
            const std::size_t coasted = rows_between(log, log.t_s[i] + coasts_s, 1e300).first;
            if (!throws_over(log, {push.first, std::min(coasted, span.last)})) continue;
            const BigInput input = input_of(log, axis, push, span);
            const bool spins_then = std::any_of(spins.begin(), spins.end(), [&](const Spin& s) {
                return s.start_s <= input.end_s + coasts_s && s.end_s >= input.start_s;
            });
            const bool turns_then = std::any_of(turns.begin(), turns.end(), [&](const Turn& t) {
                return std::abs(t.nose_change_deg) >= least_turn_deg && t.start_s <= input.start_s + begins_within_s &&
                       t.end_s >= input.start_s;
            });
            if (!spins_then && !turns_then) found.push_back(input);
        }
    }
    std::sort(found.begin(), found.end(), [](const BigInput& a, const BigInput& b) { return a.start_s < b.start_s; });
    return found;
}

std::vector<BigInput> find_big_inputs(const FlightLog& log, RowSpan span)
{
    return big_inputs_beside(log, span, find_turns(log, span), find_spins(log, span));
}

} // namespace bh
