#include "core/standin/stand_in_pilot.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr double tick_s = 0.01; // a row of the log at its usual 100 a second

double limited(double value, double limit) { return std::clamp(value, -limit, limit); }

} // namespace

struct StandInPilot::Target {
    double vn_mps = 0, ve_mps = 0;
    double height_m = 0;
    double most_climb_mps = 1.5, most_sink_mps = 1.2;
    bool throttle_off = false;
};

StandInPilot::StandInPilot(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed)
    : drill_(drill), airframe_(setup.airframe), rates_(setup.rates), angle_(setup.angle),
      clumsiness_(1 - std::clamp(skill, 0.0, 1.0)), random_(seed)
{
    throttle_misjudged_ = 0.06 * clumsiness_ * random_.normal();
}

/// A slowly wandering error: first-order noise with the given standard deviation.
double StandInPilot::wander(double& state, double sd, double time_constant_s)
{
    const double keep = std::exp(-tick_s / time_constant_s);
    state = keep * state + std::sqrt(1 - keep * keep) * sd * random_.normal();
    return state;
}

StandInPilot::Target StandInPilot::target_for(const FlightSample& seen, const Phase& phase) const
{
    Target target;
    target.height_m = phase.height_m;
    const double heading = radians(drill_.start.heading_deg);
    const double c = std::cos(heading);
    const double s = std::sin(heading);
    const double dn = phase_start_.north_m - seen.north_m;
    const double de = phase_start_.east_m - seen.east_m;
    double along = 0.5 * (c * dn + s * de);
    double across = 0.5 * (-s * dn + c * de);
    if (phase.goal.kind == Goal::Kind::Run) along = phase.speed_mps > 0 ? phase.speed_mps : 5;
    const double most = 1.5 + 0.8 * clumsiness_;
    if (phase.goal.kind != Goal::Kind::Run) along = limited(along, most);
    across = limited(across, most);
    target.vn_mps = c * along - s * across;
    target.ve_mps = s * along + c * across;
    if (phase.goal.kind == Goal::Kind::Land) {
        target.height_m = -1; // go on down until the ground is there
        target.most_sink_mps = seen.height_m > 1.2 ? 0.9 + 1.2 * clumsiness_ : 0.35 + 1.6 * clumsiness_ * clumsiness_;
        target.throttle_off = seen.height_m < 0.03;
    }
    return target;
}

Sticks StandInPilot::fly(const FlightSample& now, std::size_t phase_index)
{
    const Phase& phase = drill_.phases[std::min(phase_index, drill_.phases.size() - 1)];
    if (phase_index != phase_) {
        // Holds the place where the drill began, until a run has carried it away from there.
        const bool after_run = phase_ < drill_.phases.size() && drill_.phases[phase_].goal.kind == Goal::Kind::Run;
        if (phase_ == SIZE_MAX || after_run) phase_start_ = now;
        phase_ = phase_index;
    }
    memory_.push_back(now);
    const double delay_s = 0.05 + 0.20 * clumsiness_;
    while (memory_.size() > 1 && memory_[1].t_s <= now.t_s - delay_s) memory_.pop_front();
    const FlightSample& seen = memory_.front();

    if (!now.armed || now.t_s < 0.4) {
        hands_ = asked_ = {};
        return hands_;
    }
    const double north_error = wander(north_wander_, 0.25 * clumsiness_, 1.5);
    const double east_error = wander(east_wander_, 0.25 * clumsiness_, 1.5);
    const double climb_error = wander(climb_wander_, 0.6 * clumsiness_, 1.2);

    // A clumsy pilot decides less often, and now and then does not look at the height at all.
    if (now.t_s >= next_look_s_) {
        const double interval_s = 0.02 + 0.16 * clumsiness_;
        next_look_s_ = now.t_s + interval_s;
        const double look_away_per_s = 0.48 * clumsiness_ * clumsiness_;
        if (random_.uniform() < look_away_per_s * interval_s)
            looks_away_until_s_ = now.t_s + 1 + 2.5 * clumsiness_;

        const Target target = target_for(seen, phase);
        const Quat q = seen.attitude();
        const double lean = std::min(lean_deg(q), 60.0);
        const double nose = heading_deg(q);

        // Where to lean: a speed error asks for an acceleration, that for an angle.
        const double over = 1 + 1.0 * clumsiness_; // over-control
        const double an = limited(1.1 * over * (target.vn_mps - seen.vn_mps + north_error), 3.2);
        const double ae = limited(1.1 * over * (target.ve_mps - seen.ve_mps + east_error), 3.2);
        const double c = std::cos(radians(nose));
        const double s = std::sin(radians(nose));
        const double forward_deg = degrees(std::atan2(c * an + s * ae, gravity_mps2));
        const double right_deg = degrees(std::atan2(-s * an + c * ae, gravity_mps2));
        const Vec3 up = q.conjugate() * Vec3(0, 0, -1); // in body axes
        const double leaning_forward_deg = degrees(std::atan2(up.x(), -up.z())) * -1;
        const double leaning_right_deg = degrees(std::atan2(up.y(), -up.z())) * -1;
        if (seen.mode == Mode::Angle) {
            asked_.pitch = limited(forward_deg / angle_.limit_deg, 1);
            asked_.roll = limited(right_deg / angle_.limit_deg, 1);
        } else {
            const double per_s = 3.2 * over;
            asked_.pitch = stick_for_rate(rates_.pitch, limited(per_s * (forward_deg - leaning_forward_deg), 220));
            asked_.roll = stick_for_rate(rates_.roll, limited(per_s * (right_deg - leaning_right_deg), 220));
        }
        const double turn_deg = wrapped_deg(drill_.start.heading_deg - nose);
        asked_.yaw = stick_for_rate(rates_.yaw, limited(1.6 * turn_deg, 90));

        if (now.t_s >= looks_away_until_s_) {
            climb_asked_mps_ = std::clamp(0.9 * (target.height_m - seen.height_m), -target.most_sink_mps,
                                          target.most_climb_mps * (1 + 0.5 * clumsiness_));
            const double error = climb_asked_mps_ - seen.climb_mps + climb_error;
            throttle_trim_ = limited(throttle_trim_ + 0.04 * error * interval_s, 0.15);
            const double hover = hover_throttle(airframe_) / std::sqrt(std::cos(radians(lean)));
            asked_.throttle = std::clamp(hover + throttle_misjudged_ + throttle_trim_ + 0.055 * over * error, 0.0, 1.0);
        }
        if (target.throttle_off) {
            asked_ = {};
            looks_away_until_s_ = 0;
        }
    }

    const double follow = 1 - std::exp(-tick_s / 0.05); // the hands' own lag
    const double shake = 0.004 + 0.02 * clumsiness_;
    hands_.roll += follow * (asked_.roll - hands_.roll);
    hands_.pitch += follow * (asked_.pitch - hands_.pitch);
    hands_.yaw += follow * (asked_.yaw - hands_.yaw);
    hands_.throttle += follow * (asked_.throttle - hands_.throttle);
    Sticks out = hands_;
    out.roll = limited(out.roll + wander(tremor_roll_, shake, 0.08), 1);
    out.pitch = limited(out.pitch + wander(tremor_pitch_, shake, 0.08), 1);
    out.yaw = limited(out.yaw + wander(tremor_yaw_, 0.5 * shake, 0.08), 1);
    out.throttle = std::clamp(out.throttle + 0.5 * wander(tremor_throttle_, shake, 0.08), 0.0, 1.0);
    if (asked_.throttle <= 0 && hands_.throttle < 0.06) out.throttle = 0; // the stop holds the hand still
    return out;
}

Result<FlownDrill> fly_drill(const Drill& drill, const FlightSetup& setup, double skill, std::uint64_t seed)
{
    Result<Flight> made = Flight::create(setup);
    if (!made) return tl::unexpected(made.error());
    Flight& flight = *made;
    StandInPilot pilot(drill, setup, skill, seed);
    DrillRunner runner(drill);
    flight.arm();
    Sticks sticks;
    while (!runner.over()) {
        if (!flight.step(sticks)) continue;
        runner.follow(flight.log());
        sticks = pilot.fly(flight.log().sample(flight.log().size() - 1), runner.phase());
    }
    return FlownDrill{flight.log(), score(runner, flight.log())};
}

} // namespace bh
