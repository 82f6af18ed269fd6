#include "core/drill/drill_runner.h"
#include "core/drill/value_words.h"

#include <array>

namespace bh {
namespace {

constexpr std::array<std::string_view, 15> keys{"never_armed", "ended_early", "broken_off", "crashed",   "panic",
                                                "left_field",  "touched",     "wrong_mode", "too_high",  "too_low",
                                                "too_fast",    "off_line",    "stick",      "timed_out", "too_rough"};
static_assert(keys.size() == static_cast<std::size_t>(RuleViolation::Rule::TooRough) + 1);

Message rough_in_words(bool whole, const PhaseId& phase, const Message& share)
{
    return whole ? message("Rocking for %1 of the flight: that is not a pass. Half the movement, then let it settle.", share)
                 : message("Rocking for %1 of \"%2\": that is not a pass. Half the movement, then let it settle.", share, phase);
}

} // namespace

std::string_view rule_key(RuleViolation::Rule rule) { return keys[static_cast<std::size_t>(rule)]; }

std::optional<RuleViolation::Rule> rule_from_key(std::string_view key)
{
    for (std::size_t i = 0; i < keys.size(); ++i)
        if (keys[i] == key) return static_cast<RuleViolation::Rule>(i);
    return std::nullopt;
}

Message in_words(const RuleViolation& b)
{
    using Rule = RuleViolation::Rule;
    const bool whole = b.phase.empty(); // of the flight, or of no phase
    const PhaseId phase{b.phase};
    const Message limit = value_in_words(b.limit, b.rule == Rule::Touched    ? Unit::Count
                                                  : b.rule == Rule::TooFast  ? Unit::MetresPerSecond
                                                  : b.rule == Rule::TimedOut ? Unit::Seconds
                                                  : b.rule == Rule::TooRough ? Unit::Share
                                                                             : Unit::Metres);
    switch (b.rule) {
    case Rule::NeverArmed: return message("The motors were never armed.");
    case Rule::EndedEarly:
        return whole ? message("The flight ended, before the drill was done.")
                     : message("The flight ended during \"%1\", before the drill was done.", phase);
    case Rule::BrokenOff: return whole ? message("Broken off.") : message("Broken off during \"%1\".", phase);
    case Rule::Crashed:
        if (b.limit > 0)
            return whole ? message("Crashed, once more than the drill allows.")
                         : message("Crashed during \"%1\", once more than the drill allows.", phase);
        return whole ? message("Crashed.") : message("Crashed during \"%1\".", phase);
    case Rule::Panic:
        return whole ? message("The panic switch was used: well caught, but not a pass.")
                     : message("The panic switch was used during \"%1\": well caught, but not a pass.", phase);
    case Rule::LeftField:
        return whole ? message("Flew out of the field.") : message("Flew out of the field during \"%1\".", phase);
    case Rule::Touched: return message("Touched something during \"%1\", which allows %2 touches.", phase, limit);
    case Rule::WrongMode:
        return message("Flown in %1 mode during \"%2\", which is for %3.", message(mode_key(b.flown)), phase,
                       message(mode_key(b.meant)));
    case Rule::TooHigh: return whole ? message("Over %1.", limit) : message("Over %1 during \"%2\".", limit, phase);
    case Rule::TooLow: return whole ? message("Under %1.", limit) : message("Under %1 during \"%2\".", limit, phase);
    case Rule::TooFast: return whole ? message("Faster than %1.", limit) : message("Faster than %1 during \"%2\".", limit, phase);
    case Rule::OffLine:
        return whole ? message("More than %1 off the line.", limit)
                     : message("More than %1 off the line during \"%2\".", limit, phase);
    case Rule::Stick:
        return message("Used the %1 stick during \"%2\", which does not allow it.", message(stick_axis_key(b.stick)), phase);
    case Rule::TimedOut: return message("\"%1\" was not done within %2.", phase, limit);
    case Rule::TooRough: return rough_in_words(whole, phase, limit);
    }
    return {};
}

} // namespace bh
