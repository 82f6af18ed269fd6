#pragma once

#include "core/base/message.h"
#include "core/flight/dynamics.h"
#include "core/flight/wind.h"

#include <cstdint>
#include <string>

namespace bh {

inline constexpr double most_wind_mps = 40;
/// Heights above sea level of fields to fly from: as far as the standard atmosphere is told here.
inline constexpr double lowest_field_m = -400, highest_field_m = 20000;

/// What a real day does to a flight. Everything is off at first, and each is switched on its own.
struct Conditions {
    double wind_mps = 0;        ///< at 20 ft (6.1 m) above ground
    double wind_from_deg = 270; ///< where it comes from, clockwise from north
    bool gusts = false;         ///< Dryden turbulence of that wind
    bool ground_effect = false;
    bool hard_ground = false; ///< below, which throws the wash back; otherwise grass, which damps it
    bool prop_wash = false;
    bool battery_sag = false;
    double bent_propeller = 0; ///< share of its thrust that one rotor (front right) has lost, 0…0.5
    double warmer_k = 0;       ///< than the standard day at that height
    std::uint64_t seed = 1;    ///< of everything that is left to chance
};

/// The conditions themselves, or an OutOfRange error naming the first that cannot be.
[[nodiscard]] Result<Conditions> checked(Conditions conditions);

/// What is switched on, in words: "wind 4 m/s, gusts, prop wash". Empty in still standard air.
[[nodiscard]] Message in_words(const Conditions& conditions);

/// Follows a flight and says for each step what the day does to it. Same conditions, seed and flight, same answers.
///
/// Ground effect: Cheeseman and Bennett (1955) with the rotors taken as one disc of their joint area (house), unsteady by
/// some 20 % of its size over grass and 40 % over hard ground, which also throws the wash back within two diameters of that disc
/// (common practice; the amounts house), less the faster the aircraft moves over ground. Prop wash: thrust loss of up to 15 % and
/// shaking with the depth in the own wake (see wake_depth; amounts house). Battery: thrust falls with the load and with the
/// charge used, which goes with thrust to the power of 1.5 (momentum theory). Bent propeller: less thrust, a vibration, and a
/// twist that the rate loop trims away within some 0.3 s (house), so that it shows when the throttle moves.
class Day {
public:
    Day(const Conditions& conditions, const Airframe& airframe, double field_height_m);
    /// Of the step of `dt_s` that begins with this state.
    Surroundings step(const State& state, double dt_s);
    [[nodiscard]] double battery_used() const { return battery_used_; } ///< 0…1
    [[nodiscard]] const Vec3& wind_mps() const { return wind_; }        ///< world, as last met

private:
    Vec3 shake(double dt_s);

    Conditions conditions_;
    Airframe airframe_;
    double density_kgpm3_;
    Gusts gusts_;
    SeededRandom random_;
    Vec3 wind_ = Vec3::Zero();
    Vec3 shaking_ = Vec3::Zero(); ///< slow enough to be felt, of unit size about each axis
    double unsteady_ = 0;         ///< of the ground effect, of unit size
    Vec3 trimmed_ = Vec3::Zero(); ///< twist that the rate loop has taken up
    double battery_used_ = 0;
    long steps_ = 0;
};

} // namespace bh
