#pragma once

#include <optional>
#include <string>

namespace bh {

/// Name of another program of this user that has a joystick device open, nothing when there is none. Looks through the
/// open files that the kernel lists under `proc`; programs of other users cannot be seen.
[[nodiscard]] std::optional<std::string> program_holding_a_joystick(const std::string& proc = "/proc");

} // namespace bh
