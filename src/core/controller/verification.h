#pragma once

#include "core/base/message.h"
#include "core/controller/stick_mode.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// One check on a clock face: "right stick to 12 o'clock".
struct VerificationCheck {
    bool left = false;
    int hour = 12; ///< 12, 3, 6 or 9
    Function function = Function::Pitch;
    double sign = 1;                     ///< the side of the function that the hour stands for
    [[nodiscard]] Message words() const; ///< "Right stick to 12 o'clock"
};

/// Where a stick stands, −1…1 across and up.
struct StickPlace {
    double across = 0, up = 0;
    [[nodiscard]] double out() const { return std::max(std::abs(across), std::abs(up)); }
    [[nodiscard]] double hour_deg() const { return std::fmod(std::atan2(across, up) * 180 / std::numbers::pi + 360, 360); }
};

/// Leads through the eight checks of a calibration, both sticks to 12, 3, 6 and 9 o'clock, and judges what is seen
/// live. A check is met when its stick stands within 25° of the hour with at least 90 % deflection for 0.3 s while the
/// other stick keeps still (house). A stick that goes somewhere else is named with what that means.
class Verification {
public:
    explicit Verification(int stick_mode_number);

    enum class State { Running, Passed, Failed };
    /// One look at the calibrated sticks. Times rise.
    void look(double t_s, const Sticks& sticks);
    [[nodiscard]] State state() const;
    [[nodiscard]] const std::vector<VerificationCheck>& checks() const { return checks_; }
    [[nodiscard]] std::size_t current() const { return current_; } ///< the check that is on; checks().size() when done
    /// What was seen against what was asked: empty while nothing is wrong, otherwise a sentence ("The right stick went
    /// to 6 o'clock: pitch is reversed.").
    [[nodiscard]] const Message& trouble() const { return trouble_; }
    /// Gives a failed check another try.
    void again();

private:
    [[nodiscard]] StickPlace place(const Sticks& sticks, bool left) const;
    void look_for_trouble(double t_s, const StickPlace& asked, const StickPlace& other, double towards);
    void begin_check();
    void fail(Message trouble);
    StickMode mode_;
    std::vector<VerificationCheck> checks_;
    std::size_t current_ = 0;
    double right_since_s_ = -1;
    double wrong_since_s_ = -1;
    bool came_from_elsewhere_ = false; ///< a stick that already stands where it is asked for has shown nothing
    std::optional<double> started_at_; ///< how far towards the asked side the stick stood when the check began
    double stuck_since_s_ = -1;
    bool must_centre_ = false; ///< between two checks the sticks come back first
    bool failed_ = false;
    Message trouble_;
};

} // namespace bh
