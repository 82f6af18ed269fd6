#pragma once

#include "school/school.h"

#include <QString>

namespace bh::desk {

/// What a flight was flown with: aircraft, and what the day did; empty where there is nothing to say. Made from the codes on the
/// record; entries that are older than those say it in their own words.
[[nodiscard]] QString flownWithInWords(const School& school, const JudgedAttempt& attempt);
/// Where an attempt was flown under somebody's eyes.
[[nodiscard]] QString simulatorInWords(const School& school, const Attempt& attempt);
/// "Passed: 86 of 100", and where something keeps it from counting towards holding the drill, that beside it.
[[nodiscard]] QString verdictInWords(const Score& score);
/// A step of a curriculum: a drill's name, or "Free flight, 20 min" with its world.
[[nodiscard]] QString stepInWords(const School& school, const Curriculum& curriculum, const std::string& step);
/// What was flown: a drill's name, or a free flight.
[[nodiscard]] QString flownInWords(const School& school, const Attempt& attempt);
/// What an edit is about, as in "undo the …".
[[nodiscard]] QString editInWords(const School& school, const Edit& edit);

} // namespace bh::desk
