#include "core/drill/drill_runner.h"
#include "core/drill/value_words.h"

#include <array>

namespace bh {
namespace {

constexpr std::array<std::string_view, 14> keys{"never_armed", "ended_early", "broken_off", "crashed",  "panic",
                                                "left_field",  "touched",     "wrong_mode", "too_high", "too_low",
                                                "too_fast",    "off_line",    "stick",      "timed_out"};
static_assert(keys.size() == static_cast<std::size_t>(Broken::Rule::TimedOut) + 1);

} // namespace

std::string_view rule_key(Broken::Rule rule) { return keys[static_cast<std::size_t>(rule)]; }

std::optional<Broken::Rule> rule_from_key(std::string_view key)
{
    for (std::size_t i = 0; i < keys.size(); ++i)
        if (keys[i] == key) return static_cast<Broken::Rule>(i);
    return std::nullopt;
}

Said in_words(const Broken& b)
{
    using Rule = Broken::Rule;
    const bool whole = b.phase.empty(); // of the flight, or of no phase
    const PhaseId phase{b.phase};
    const Said limit = value_in_words(b.limit, b.rule == Rule::Touched    ? Unit::Count
                                               : b.rule == Rule::TooFast  ? Unit::MetresPerSecond
                                               : b.rule == Rule::TimedOut ? Unit::Seconds
                                                                          : Unit::Metres);
    switch (b.rule) {
    case Rule::NeverArmed: return said("The motors were never armed.");
    case Rule::EndedEarly:
        return whole ? said("The flight ended, before the drill was done.")
                     : said("The flight ended during \"%1\", before the drill was done.", phase);
    case Rule::BrokenOff: return whole ? said("Broken off.") : said("Broken off during \"%1\".", phase);
    case Rule::Crashed:
        if (b.limit > 0)
            return whole ? said("Crashed, once more than the drill allows.")
                         : said("Crashed during \"%1\", once more than the drill allows.", phase);
        return whole ? said("Crashed.") : said("Crashed during \"%1\".", phase);
    case Rule::Panic:
        return whole ? said("The panic switch was used: well caught, but not a pass.")
                     : said("The panic switch was used during \"%1\": well caught, but not a pass.", phase);
    case Rule::LeftField: return whole ? said("Flew out of the field.") : said("Flew out of the field during \"%1\".", phase);
    case Rule::Touched: return said("Touched something during \"%1\", which allows %2 touches.", phase, limit);
    case Rule::WrongMode:
        return said("Flown in %1 mode during \"%2\", which is for %3.", said(mode_key(b.flown)), phase, said(mode_key(b.meant)));
    case Rule::TooHigh: return whole ? said("Over %1.", limit) : said("Over %1 during \"%2\".", limit, phase);
    case Rule::TooLow: return whole ? said("Under %1.", limit) : said("Under %1 during \"%2\".", limit, phase);
    case Rule::TooFast: return whole ? said("Faster than %1.", limit) : said("Faster than %1 during \"%2\".", limit, phase);
    case Rule::OffLine:
        return whole ? said("More than %1 off the line.", limit) : said("More than %1 off the line during \"%2\".", limit, phase);
    case Rule::Stick:
        return said("Used the %1 stick during \"%2\", which does not allow it.", said(stick_axis_key(b.stick)), phase);
    case Rule::TimedOut: return said("\"%1\" was not done within %2.", phase, limit);
    }
    return {};
}

} // namespace bh
