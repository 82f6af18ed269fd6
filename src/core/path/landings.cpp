#include "core/path/landings.h"

#include "core/base/stats.h"
#include "core/path/contacts.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

bool crashes_at(const FlightLog& log, std::size_t row)
{
    constexpr double slack_s = 0.1;
    return std::any_of(log.events.begin(), log.events.end(), [&](const FlightLog::Event& e) {
        return e.event == FlightEvent::Crash && std::abs(log.t_s[e.row] - log.t_s[row]) <= slack_s;
    });
}

} // namespace

std::vector<Landing> find_landings(const FlightLog& log, RowSpan span)
{
    constexpr double together_s = 2; // house
    auto contacts = ground_contacts(log, span);
    std::erase_if(contacts, [&](std::size_t row) { return crashes_at(log, row); });
    std::vector<Landing> landings;
    for (std::size_t i = 0; i < contacts.size();) {
        std::size_t last = i;
        while (last + 1 < contacts.size() && log.t_s[contacts[last + 1]] - log.t_s[contacts[last]] <= together_s) ++last;
        const std::size_t row = contacts[i];
        landings.push_back({log.t_s[row], log.t_s[contacts[last]], row, sink_before_mps(log, row), static_cast<int>(last - i),
                            log.sample(row).ground_speed_mps()});
        i = last + 1;
    }
    return landings;
}

LandingAdvice landing_advice(const std::vector<Landing>& landings)
{
    constexpr double of_a_bounce_mps = 0.3, alike_mps = 0.15;
    std::vector<double> straight, rolling;
    for (const Landing& l : landings) (l.rolling() ? rolling : straight).push_back(l.sink_mps + of_a_bounce_mps * l.bounces);
    LandingAdvice advice;
    advice.straight = static_cast<int>(straight.size()), advice.rolling = static_cast<int>(rolling.size());
    if (std::min(advice.straight, advice.rolling) < landings_to_advise_by) {
        advice.words = message("Which landing suits is told from %1 of each: %2 straight down and %3 with some way on so far.",
                               landings_to_advise_by, advice.straight, advice.rolling);
        return advice;
    }
    const double down = median(straight), ahead = median(rolling);
    if (std::abs(down - ahead) >= alike_mps) advice.rolling_suits = ahead < down;
    const std::string_view form =
        !advice.rolling_suits
            ? label("Both landings go as well: %1 m/s straight down, %2 m/s with some way on (medians of %3 and %4, "
                    "bounces counted in).")
        : *advice.rolling_suits
            ? label("Landing with some way on suits better: %2 m/s against %1 m/s straight down (medians of %3 and %4, bounces "
                    "counted in).")
            : label("Landing straight down suits better: %1 m/s against %2 m/s with some way on (medians of %3 and %4, bounces "
                    "counted in).");
    advice.words = message(form, rounded(down, 1), rounded(ahead, 1), advice.straight, advice.rolling);
    return advice;
}

} // namespace bh
