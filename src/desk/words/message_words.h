#pragma once

#include "core/base/message.h"
#include "core/base/result.h"

#include <QString>
#include <optional>
#include <string>
#include <string_view>

namespace bh::desk {

/// What core and files say, in the window's language and with its numbers.
[[nodiscard]] QString asWords(const Message& said);
/// A word or a text of the program, or of its data (a drill's name); one that nobody has translated stays as it is.
[[nodiscard]] QString asWords(std::string_view label);
[[nodiscard]] inline QString asWords(const std::string& label) { return asWords(std::string_view(label)); }
[[nodiscard]] inline QString asWords(const char* label) { return asWords(std::string_view(label)); }
[[nodiscard]] inline QString asWords(const Error& error) { return asWords(error.message); }

/// What is to be kept of a field that showed a text of the data in the window's language: what was written over it, or the text
/// as it was where nobody did, so that no translation gets into the data by itself.
[[nodiscard]] std::string asKept(const QString& field, const std::string& before);

/// A number with so many places behind the point, as the window's language writes it.
[[nodiscard]] QString inPlaces(double value, int places);
/// No more than so many digits, and no noughts at the end.
[[nodiscard]] QString inDigits(double value, int digits);
/// A number as somebody types it: with the language's own sign before the fraction, or with a point.
[[nodiscard]] std::optional<double> numberIn(const QString& typed);

} // namespace bh::desk
