#pragma once

#include "core/progress/flight_day.h"
#include "core/progress/release.h"
#include "core/progress/surprises.h"

#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What is read aloud before arming, and what is flown then, as it ships.
struct FirstFlightPlan {
    struct Item {
        std::string id, text, why;
        int battery = 0; ///< of the programme, from 1
    };
    std::vector<Item> briefing, programme;
    [[nodiscard]] int packs() const; ///< that the programme takes
};
[[nodiscard]] Result<FirstFlightPlan> parse_first_flight_plan(std::string_view text, const std::string& file);

/// "bluehangar.flight-day/1"
[[nodiscard]] std::string flight_day_text(const FlightDay& day);
[[nodiscard]] Result<FlightDay> parse_flight_day(std::string_view text, const std::string& file);

/// "bluehangar.release/1"
[[nodiscard]] std::string release_text(const Release& release);
[[nodiscard]] Result<Release> parse_release(std::string_view text, const std::string& file, const std::string& id);
/// What is signed of one: everything but its signature and whether it was withdrawn.
[[nodiscard]] std::string text_to_sign(const Release& release);
/// What is signed when it is withdrawn.
[[nodiscard]] std::string withdrawal_to_sign(const Release& release);

/// "bluehangar.after-flight/1"
[[nodiscard]] std::string after_flight_text(const AfterFlight& after);
[[nodiscard]] Result<AfterFlight> parse_after_flight(std::string_view text, const std::string& file, const std::string& id);

} // namespace bh
