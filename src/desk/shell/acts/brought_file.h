#pragma once

#include <QString>

namespace bh::desk {

class MainWindow;

/// What a file is that was dropped on the window, opened by a double click, or named on the command line: by what is in it.
enum class BroughtFile { Record, Rates, FlightLog, Table, Recording, Unknown };
[[nodiscard]] BroughtFile kindOfFile(const QString& file);

/// A record that is looked at beside this one.
void openInAWindowOfItsOwn(const QString& place);

/// Puts it where it belongs: a flight on Debrief, rates on Rates, a recording beside what is looked at, a record into a window of
/// its own. What it is not made for is said at the foot of the window.
void takeFile(MainWindow& window, const QString& file);

} // namespace bh::desk
