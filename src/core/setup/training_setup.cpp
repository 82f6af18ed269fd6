#include "core/setup/training_setup.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

} // namespace

Result<TrainingSetup> checked(TrainingSetup s)
{
    using namespace setup_limits;
    const struct {
        const char* name;
        double value, low, high;
    } settings[] = {{"camera_tilt_deg", s.camera_tilt_deg, tilt_low_deg, tilt_high_deg},
                    {"fov_deg", s.fov_deg, fov_low_deg, fov_high_deg},
                    {"propeller_ratio", s.propeller_ratio, propeller_low, propeller_high},
                    {"power_share", s.power_share, power_low, power_high}};
    for (const auto& setting : settings)
        if (!(setting.value >= setting.low && setting.value <= setting.high))
            return failure(Error::Code::OutOfRange, "%1: expected %2 to %3, found %4", setting.name, significant(setting.low, 6),
                           significant(setting.high, 6), significant(setting.value, 6));
    if (const auto day = checked(s.day); !day) return tl::unexpected(day.error());
    for (const RateCurve* curve : {&s.rates.roll, &s.rates.pitch, &s.rates.yaw})
        if (const auto good = checked(*curve); !good) return tl::unexpected(good.error());
    return s;
}

double touchy_mps2(bool learner) { return learner ? 0.45 : 0.9; }

std::vector<Message> setup_warnings(const TrainingSetup& setup, const Airframe& simulated, const SetupEvidence& pilot,
                                    double density_kgpm3)
{
    constexpr double least_reserve = 1.6, learner_speed_mps = 16, quick_rate_dps = 400; // the first two house
    constexpr double usual_tilt_deg = 30, retreat_tilt_deg = 20;                        // common practice, no source
    const bool learner = pilot.learner, rocks = pilot.rocking_share.value_or(0) > rocks_above;
    std::vector<Message> warnings;
    const double tilt = setup.camera_tilt_deg;
    const Airframe flown = detuned(simulated, setup.propeller_ratio, setup.power_share);
    const TiltEffect effect = tilt_effect(flown, tilt, density_kgpm3);
    if (!effect.level.possible) {
        warnings.push_back(message(
            "With the horizon centred at %1° full throttle does not carry it: it sinks. Lower the camera or give it more power.",
            rounded(tilt, 0)));
    } else if (flown.thrust_to_weight < least_reserve) {
        warnings.push_back(
            message("Full thrust is only %1 times its weight: little is left to stop a descent. Give it more power.",
                    rounded(flown.thrust_to_weight, 1)));
    }
    const double limit = touchy_mps2(learner), gained = effect.at_level.vertical_mps2;
    if (gained > limit) {
        Message remedy = message("smaller propellers help");
        for (int percent = static_cast<int>(std::ceil(100 * setup.power_share / 5)) * 5 - 5; percent >= 50; percent -= 5) {
            const double then =
                touchiness(detuned(simulated, setup.propeller_ratio, percent / 100.0), tilt, density_kgpm3).vertical_mps2;
            if (then > limit) continue;
            remedy = message("%1 % power brings %2", percent, rounded(then, 2));
            break;
        }
        warnings.push_back(learner ? message("At %1° this aircraft gains %2 m/s² per 1 % of throttle: touchy for a learner; %3.",
                                             rounded(tilt, 0), rounded(gained, 2), remedy)
                                   : message("At %1° this aircraft gains %2 m/s² per 1 % of throttle: touchy; %3.",
                                             rounded(tilt, 0), rounded(gained, 2), remedy));
    }
    if (learner && effect.level.possible && effect.level.speed_mps > learner_speed_mps &&
        (tilt > usual_tilt_deg || (rocks && tilt > retreat_tilt_deg))) {
        double slower = tilt;
        while (slower > 15 && level_flight(flown, slower, density_kgpm3).speed_mps > learner_speed_mps) slower -= 5;
        warnings.push_back(message("With the horizon centred it flies at %1 m/s: fast for a learner. At %2° it would be %3 m/s.",
                                   rounded(effect.level.speed_mps, 0), rounded(slower, 0),
                                   rounded(level_flight(flown, slower, density_kgpm3).speed_mps, 0)));
    }
    const double roll_dps = std::max(rate_dps(setup.rates.roll, 1), rate_dps(setup.rates.pitch, 1));
    if (rocks && roll_dps >= quick_rate_dps)
        warnings.push_back(
            message("It rocks %1 % of the time at %2 °/s: 350, then about 250, holds the hand steadier. Where flips are to end "
                    "before the ground it is about 680. Both are common practice; the next flights decide.",
                    rounded(100 * *pilot.rocking_share, 0), rounded(roll_dps, 0)));
    else if (rocks && learner && roll_dps > 300)
        warnings.push_back(message("It rocks %1 % of the time: about 250 °/s is the next step down (common practice).",
                                   rounded(100 * *pilot.rocking_share, 0)));
    return warnings;
}

} // namespace bh
