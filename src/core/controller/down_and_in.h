#pragma once

#include "core/controller/stick_mode.h"

namespace bh {

/// Both sticks pulled down and towards each other: how some controllers arm (common practice). Told once, when they have been
/// held there for half a second; again only after they have left.
class SticksDownAndIn {
public:
    static constexpr double held_s = 0.5, corner = 0.85; ///< house
    /// One look; times rise.
    bool look(double t_s, const Sticks& sticks, const StickMode& mode)
    {
        const auto at = [&](Function f) { return on_stick(sticks, f); };
        const bool there = at(mode.left_up) < -corner && at(mode.left_across) > corner && at(mode.right_up) < -corner &&
                           at(mode.right_across) < -corner;
        if (!there) {
            since_s_ = -1;
            told_ = false;
            return false;
        }
        if (since_s_ < 0) since_s_ = t_s;
        if (told_ || t_s - since_s_ < held_s) return false;
        told_ = true;
        return true;
    }

private:
    double since_s_ = -1;
    bool told_ = false;
};

} // namespace bh
