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

std::string in_words(const Broken& b)
{
    using Rule = Broken::Rule;
    const std::string phase = "\"" + b.phase + "\"", during = b.phase.empty() ? "" : " during " + phase;
    switch (b.rule) {
    case Rule::NeverArmed: return "The motors were never armed.";
    case Rule::EndedEarly: return "The flight ended" + during + ", before the drill was done.";
    case Rule::BrokenOff: return "Broken off" + during + ".";
    case Rule::Crashed: return "Crashed" + during + (b.limit > 0 ? ", once more than the drill allows." : ".");
    case Rule::Panic: return "The panic switch was used" + during + ": well caught, but not a pass.";
    case Rule::LeftField: return "Flew out of the field" + during + ".";
    case Rule::Touched:
        return "Touched something" + during + ", which allows " + value_in_words(b.limit, Unit::Count) + " touches.";
    case Rule::WrongMode:
        return "Flown in " + std::string(mode_key(b.flown)) + " mode" + during + ", which is for " +
               std::string(mode_key(b.meant)) + ".";
    case Rule::TooHigh: return "Over " + value_in_words(b.limit, Unit::Metres) + during + ".";
    case Rule::TooLow: return "Under " + value_in_words(b.limit, Unit::Metres) + during + ".";
    case Rule::TooFast: return "Faster than " + value_in_words(b.limit, Unit::MetresPerSecond) + during + ".";
    case Rule::OffLine: return "More than " + value_in_words(b.limit, Unit::Metres) + " off the line" + during + ".";
    case Rule::Stick:
        return "Used the " + std::string(stick_axis_key(b.stick)) + " stick" + during + ", which does not allow it.";
    case Rule::TimedOut: return phase + " was not done within " + value_in_words(b.limit, Unit::Seconds) + ".";
    }
    return {};
}

} // namespace bh
