#include "core/standin/stand_in_controller.h"

#include "core/base/random.h"

#include <algorithm>

namespace bh {
namespace {

constexpr double push_length_s = 2.6;
constexpr double rest_length_s = 4;
constexpr double circles_length_s = 4;

/// Share of the way to the stop, 0…1, at a time into a push prompt.
double push(double t_s, bool returns)
{
    const double out = std::clamp((t_s - 0.4) / 0.25, 0.0, 1.0);
    const double back = returns ? std::clamp((t_s - 1.5) / 0.25, 0.0, 1.0) : 0.0;
    return out - back;
}

} // namespace

ControllerRecording stand_in_recording(const StandInController& c, std::uint64_t seed)
{
    SeededRandom random(seed);
    const double half = 0.5 * c.travel_share * (c.high_counts - c.low_counts);
    const double middle = 0.5 * (c.high_counts + c.low_counts);
    ControllerRecording recording;
    std::array<double, 4> place{c.throttle_sprung ? 0.0 : -1.0, 0, 0, 0}; // −1…1 in stick sense
    std::array<double, 4> came_from{1, 1, 1, 1};                          // which side it last returned from
    double t_s = 0;
    for (std::size_t p = 0; p < prompt_count; ++p) {
        const auto prompt = static_cast<Prompt>(p);
        const double length_s = prompt == Prompt::Rest      ? rest_length_s
                                : prompt == Prompt::Circles ? circles_length_s
                                                            : push_length_s;
        const std::array<double, 4> start = place;
        for (double into_s = 0; into_s < length_s; into_s += 1 / c.rate_hz, t_s += 1 / c.rate_hz) {
            std::array<double, 4> now = start;
            if (prompt == Prompt::Circles) {
                const double angle = 2 * std::numbers::pi * into_s / 2;
                const double size = std::min(1.0, std::min(into_s, length_s - into_s));
                for (std::size_t f = 1; f < 4; ++f) now[f] = size * std::sin(angle + static_cast<double>(f));
            } else if (prompt != Prompt::Rest) {
                const std::size_t f = (p - 1) / 2;
                const double target = (p - 1) % 2 == 0 ? 1 : -1;
                const bool returns = f != 0 || c.throttle_sprung;
                now[f] = start[f] + (target - start[f]) * push(into_s, returns);
                came_from[f] = target;
                if (!returns) place[f] = now[f];
            }
            std::vector<int> counts(static_cast<std::size_t>(c.axis_count), c.low_counts);
            for (std::size_t f = 0; f < 4; ++f) {
                const bool sprung = f != 0 || c.throttle_sprung;
                const double slack = sprung ? c.centre_offset_share + 0.5 * c.hysteresis_share * came_from[f] : 0;
                const double u = now[f] + slack * (1 - std::abs(now[f])) + c.jitter_share * random.normal();
                const double raw = middle + (c.inverted[f] ? -half : half) * u;
                counts[static_cast<std::size_t>(c.axes[f])] =
                    std::clamp(static_cast<int>(std::lround(raw)), c.low_counts, c.high_counts);
            }
            recording.append(t_s, counts, prompt);
        }
    }
    return recording;
}

std::vector<int> counts_of(const StandInController& c, const Sticks& sticks)
{
    const double half = 0.5 * c.travel_share * (c.high_counts - c.low_counts);
    const double middle = 0.5 * (c.high_counts + c.low_counts);
    const std::array<double, 4> place{2 * sticks.throttle - 1, sticks.yaw, sticks.pitch, sticks.roll};
    std::vector<int> counts(static_cast<std::size_t>(c.axis_count), c.low_counts);
    for (std::size_t f = 0; f < place.size(); ++f)
        counts[static_cast<std::size_t>(c.axes[f])] =
            static_cast<int>(std::lround(middle + (c.inverted[f] ? -half : half) * place[f]));
    return counts;
}

} // namespace bh
