#include "core/controller/verification.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

constexpr double reached_share = 0.9;
constexpr double away_share = 0.5; // a stick this far out has gone somewhere
constexpr double still = 0.25;     // the other stick; a thumb is never quite quiet
constexpr double within_deg = 25;
constexpr double for_s = 0.3;
constexpr double stuck_for_s = 3;
constexpr double wrong_for_s = 0.6; // long enough for a stick on its way round

double apart_deg(double a, double b)
{
    const double d = std::fmod(std::abs(a - b), 360);
    return std::min(d, 360 - d);
}

double wanted_deg(const VerificationCheck& check) { return check.hour * 30 % 360; }

Message trouble_in_words(const VerificationCheck& check, bool other_answers, const StickPlace& seen)
{
    const int hour = (static_cast<int>(std::lround(seen.hour_deg() / 30)) + 11) % 12 + 1;
    const std::string_view asked =
        check.left ? label("Asked for the left stick at %1 o'clock") : label("Asked for the right stick at %1 o'clock");
    const std::string_view went = check.left == other_answers ? label("but the right stick went to %1 o'clock")
                                                              : label("but the left stick went to %1 o'clock");
    const Message so = message("%1, %2", message(asked, check.hour), message(went, hour));
    if (other_answers) return message("%1: the sticks are the other way round, or the stick mode is another one.", so);
    if (apart_deg(seen.hour_deg(), wanted_deg(check)) > 135)
        return message("%1: %2 is reversed; calibrate again.", so, message(function_key(check.function)));
    return message("%1: its two directions are exchanged, or the wrong way was pushed; try again.", so);
}

} // namespace

Message VerificationCheck::words() const
{
    return message(left ? label("Left stick to %1 o'clock") : label("Right stick to %1 o'clock"), hour);
}

Verification::Verification(int stick_mode_number) : mode_(stick_mode(stick_mode_number))
{
    for (bool left : {true, false})
        for (int hour : {12, 6, 3, 9}) {
            const Function up = left ? mode_.left_up : mode_.right_up;
            const Function across = left ? mode_.left_across : mode_.right_across;
            const bool upright = hour == 12 || hour == 6;
            checks_.push_back({left, hour, upright ? up : across, hour == 12 || hour == 3 ? 1.0 : -1.0});
        }
}

Verification::State Verification::state() const
{
    return failed_ ? State::Failed : current_ == checks_.size() ? State::Passed : State::Running;
}

void Verification::again()
{
    failed_ = false;
    trouble_ = {};
    begin_check();
}

void Verification::begin_check()
{
    must_centre_ = true;
    came_from_elsewhere_ = false;
    started_at_.reset();
    right_since_s_ = wrong_since_s_ = stuck_since_s_ = -1;
}

void Verification::fail(Message trouble)
{
    failed_ = true;
    trouble_ = std::move(trouble);
}

/// Where a stick stands. An unsprung throttle stands at the bottom most of the time: it counts as being away_share only when it
/// is asked for.
StickPlace Verification::place(const Sticks& sticks, bool left) const
{
    const VerificationCheck& check = checks_[current_];
    const Function up = left ? mode_.left_up : mode_.right_up;
    StickPlace p{on_stick(sticks, left ? mode_.left_across : mode_.right_across), on_stick(sticks, up)};
    if (up == Function::Throttle && !(check.left == left && check.function == Function::Throttle)) p.up = 0;
    return p;
}

void Verification::look(double t_s, const Sticks& sticks)
{
    if (state() != State::Running) return;
    const VerificationCheck& check = checks_[current_];
    const StickPlace asked = place(sticks, check.left), other = place(sticks, !check.left);
    // After an upright check the throttle may stay where it is; everything else comes back to the middle first.
    if (must_centre_) {
        const double out = check.function == Function::Throttle ? std::abs(asked.across) : asked.out();
        if (std::max(out, other.out()) < still) must_centre_ = false;
        return;
    }
    const double towards = check.sign * (check.hour == 12 || check.hour == 6 ? asked.up : asked.across);
    if (!started_at_) started_at_ = towards;
    came_from_elsewhere_ = came_from_elsewhere_ || towards < away_share;
    if (!came_from_elsewhere_) {
        if (stuck_since_s_ < 0) stuck_since_s_ = t_s;
        if (t_s - stuck_since_s_ > stuck_for_s)
            fail(message("%1 If it does not, %2 is reversed; calibrate again.",
                         message(check.left ? label("The left stick already stands at %1 o'clock.")
                                            : label("The right stick already stands at %1 o'clock."),
                                 check.hour),
                         message(function_key(check.function))));
        return;
    }
    const bool right =
        asked.out() >= reached_share && apart_deg(asked.hour_deg(), wanted_deg(check)) <= within_deg && other.out() <= still;
    right_since_s_ = right ? (right_since_s_ < 0 ? t_s : right_since_s_) : -1;
    if (right && t_s - right_since_s_ >= for_s) {
        ++current_;
        begin_check();
        return;
    }
    look_for_trouble(t_s, asked, other, towards);
}

/// Wrong: the other stick answers, or this one stands at another hour. The throttle at the bottom before it is pushed up is no
/// mistake, nor is it at the top before it is pulled down.
void Verification::look_for_trouble(double t_s, const StickPlace& asked, const StickPlace& other, double towards)
{
    const VerificationCheck& check = checks_[current_];
    const bool throttle_waits = check.function == Function::Throttle && std::abs(asked.across) < away_share;
    const bool other_answers = other.out() >= away_share && (asked.out() < away_share || throttle_waits);
    const bool elsewhere = asked.out() >= away_share && apart_deg(asked.hour_deg(), wanted_deg(check)) > 45 && !throttle_waits;
    const bool throttle_goes_back = check.function == Function::Throttle && towards < *started_at_ - away_share;
    const bool wrong = other_answers || elsewhere || throttle_goes_back;
    wrong_since_s_ = wrong ? (wrong_since_s_ < 0 ? t_s : wrong_since_s_) : -1;
    if (wrong && t_s - wrong_since_s_ >= wrong_for_s) fail(trouble_in_words(check, other_answers, other_answers ? other : asked));
}

} // namespace bh
