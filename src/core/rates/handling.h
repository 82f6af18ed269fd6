#pragma once

#include "core/base/message.h"

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// An answer of the handling questions: leads to another question, or ends in a rating.
struct HandlingAnswer {
    std::string_view words;
    int rating = 0;       ///< 1…10; 0: goes on
    std::size_t next = 0; ///< question
};
struct HandlingQuestion {
    std::string_view words;
    std::span<const HandlingAnswer> answers;
};

/// The way from "did you stay in control" to a rating of 1 (as good as one could wish) to 10 (lost control): the decision
/// tree of the handling qualities rating scale of Cooper and Harper, NASA TN D-5153 (1969), in words of our own. It begins with
/// the first question.
[[nodiscard]] std::span<const HandlingQuestion> handling_questions();

/// What a rating says, in a few words. For 1…10.
[[nodiscard]] std::string_view handling_words(int rating);

/// Whether ratings on the same rates, in time order, have settled: the last three are 4 or better and within one of each
/// other (house).
[[nodiscard]] bool handling_steady(const std::vector<int>& ratings);

/// Why rates that were found in the simulator may not go on the aircraft yet.
struct NotOnAircraft {
    enum class Why : std::uint8_t {
        NotTried, ///< nobody has said from when on they are tried
        Hours,    ///< too few on them
        Ratings   ///< have not settled
    };
    Why why = Why::NotTried;
    double hours = 0, least_hours = 0; ///< flown on them, and wanted
    std::size_t ratings = 0;
};
/// From the hours flown on rates that are tried, and their ratings in time order; nothing when they may go on the aircraft.
[[nodiscard]] std::optional<NotOnAircraft> why_not_on_aircraft(double hours, double least_hours, const std::vector<int>& ratings);
[[nodiscard]] Message in_words(const NotOnAircraft& why); ///< a sentence

} // namespace bh
