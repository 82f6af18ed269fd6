#include "core/standin/crossover_pilot.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh {
namespace {

constexpr double row_s = 0.01;

double within(double value, double limit) { return std::clamp(value, -limit, limit); }

/// Towards a value with a first-order lag.
void lag(double& state, double to, double time_s) { state += (1 - std::exp(-row_s / time_s)) * (to - state); }

/// What one eye sees of one error: with noise that grows with what it usually is (Levison's remnant), and forgets itself in 0.2
/// s.
class Seen {
public:
    explicit Seen(double least) : least_(least) {}
    double of(double error, double remnant, SeededRandom& random)
    {
        constexpr double noise_s = 0.2, usual_s = 2;
        lag(square_, error * error, usual_s);
        const double keep = std::exp(-row_s / noise_s);
        noise_ = keep * noise_ + std::sqrt(1 - keep * keep) * random.normal();
        return error + std::hypot(remnant * std::sqrt(square_), least_) * noise_;
    }

private:
    double least_, square_ = 0, noise_ = 0;
};

class Hand {
public:
    Hand(const Drill& drill, const FlightSetup& setup, const CrossoverHand& hand, std::uint64_t seed)
        : drill_(drill), airframe_(setup.airframe), rates_(setup.rates), hand_(hand), random_(seed),
          attitude_per_s_(hand.gain * stability_edge(hand, setup.airframe.rate_lag_s).gain_per_s)
    {
        hover_ = hover_throttle(airframe_);
    }

    Sticks sticks(const FlightSample& now, std::size_t phase)
    {
        if (phase != phase_) begin(now, phase);
        late_.push_back(now);
        while (late_.size() > 1 && late_[1].t_s <= now.t_s - hand_.delay_s) late_.pop_front();
        if (!now.armed) return hands_ = {};
        answer(late_.front(), drill_.phases[phase_]);
        return hands_;
    }

private:
    void begin(const FlightSample& now, std::size_t phase)
    {
        const bool first = phase_ == SIZE_MAX;
        const Goal::Kind before = first ? Goal::Kind::Stay : drill_.phases[phase_].goal.kind;
        const bool moved = before == Goal::Kind::Run || before == Goal::Kind::Way || before == Goal::Kind::Go;
        if (first || moved) place_ = Vec2(now.north_m, now.east_m);
        if (moved) nose_deg_ = heading_deg(now.attitude());
        if (first) nose_deg_ = drill_.start.heading_deg;
        phase_ = phase;
        const Phase& p = drill_.phases[phase];
        // A place to stop at after laps is flown to along the way.
        closed_ = p.goal.kind == Goal::Kind::Go && before == Goal::Kind::Way && closed_;
        if (!closed_) {
            rail_ = p.goal.kind == Goal::Kind::Way ? rail_of(drill_, p, airframe_, 1) : std::vector<RailTie>{};
            rail_at_ = 0;
            closed_ = p.goal.closed;
        }
        if (p.goal.kind == Goal::Kind::Go) place_ = drill_.in_world(p.goal.place, p.height_m).head<2>();
    }

    /// Wanted acceleration over ground, north and east, m/s². The way's loops are as much slower than the attitude's as loops in
    /// a row have to be (a third, common practice of control).
    Vec2 wanted(const FlightSample& seen, const Phase& phase)
    {
        constexpr double most_mps2 = 5.5, gently_mps2 = 1.7, cruise_mps = 5;
        const double speed_per_s = std::min(0.8, attitude_per_s_ / 3), place_per_s2 = 0.5 * speed_per_s * speed_per_s;
        const Vec2 speed(seen.vn_mps, seen.ve_mps), at(seen.north_m, seen.east_m);
        Vec2 asked;
        nose_dps_ = 0;
        constexpr double near_m = 7;
        if (phase.goal.kind == Goal::Kind::Go && (place_ - at).norm() < near_m) rail_.clear();
        if (!rail_.empty()) {
            // Who sees later flies slower.
            constexpr double in_time_s = 0.25;
            const double meant = phase.speed_mps > 0 ? phase.speed_mps : cruise_mps;
            const double cruise = meant * std::min(1.0, in_time_s / hand_.delay_s);
            const double leads_s = std::min(1.2, hand_.delay_s + hand_.neuromuscular_s + 0.5 / attitude_per_s_); // it previews
            find_nearest(at, closed_);
            const RailTie there = ahead(cruise * 0.7, closed_);
            const Vec2 way = (there.place_m.head<2>() - at).normalized();
            Vec2 into_turn = Vec2::Zero(); // over the next second, as an eye takes in a curve
            constexpr int looks = 6;
            for (int k = 0; k < looks; ++k) {
                const RailTie tie = ahead(cruise * (leads_s - 0.5 + 1.0 * k / (looks - 1)), closed_);
                const double across = gravity_mps2 * std::tan(radians(tie.bank_deg)), heading = radians(tie.heading_deg);
                into_turn += across / looks * Vec2(-std::sin(heading), std::cos(heading));
            }
            constexpr double over_s = 0.8;
            const double nose_leads_s = hand_.delay_s + hand_.neuromuscular_s;
            const RailTie nose_from = ahead(cruise * (nose_leads_s - over_s / 2), closed_);
            const RailTie nose_to = ahead(cruise * (nose_leads_s + over_s / 2), closed_);
            nose_dps_ = wrapped_deg(nose_to.heading_deg - nose_from.heading_deg) / over_s;
            constexpr double has_way_mps = 1.5;
            nose_deg_ = speed.norm() > has_way_mps ? degrees(std::atan2(speed.y(), speed.x())) : there.heading_deg;
            asked = speed_per_s * (cruise * way - speed) + into_turn;
        } else if (phase.goal.kind == Goal::Kind::Run) {
            const double cruise = phase.speed_mps > 0 ? phase.speed_mps : cruise_mps, heading = radians(nose_deg_);
            asked = speed_per_s * (cruise * Vec2(std::cos(heading), std::sin(heading)) - speed);
        } else {
            constexpr double most_off_m = 6; // a far place is not flown to any faster
            Vec2 off = place_ - at;
            if (off.norm() > most_off_m) off *= most_off_m / off.norm();
            asked = place_per_s2 * (off - hand_.lead_s / speed_per_s * speed);
            if (asked.norm() > gently_mps2) asked *= gently_mps2 / asked.norm();
        }
        return asked.norm() > most_mps2 ? Vec2(asked * (most_mps2 / asked.norm())) : asked;
    }

    [[nodiscard]] std::size_t on(std::size_t i, std::size_t steps, bool closed) const
    {
        const std::size_t n = rail_.size() - 1;
        return closed ? (i + steps) % n : std::min(i + steps, n);
    }
    /// Looked for a few metres on, so that a way may cross itself.
    void find_nearest(const Vec2& at, bool closed)
    {
        const auto off = [&](std::size_t i) { return (rail_[i].place_m.head<2>() - at).norm(); };
        constexpr std::size_t looks_m = 6;
        for (std::size_t k = 1, from = rail_at_; k <= looks_m; ++k)
            if (off(on(from, k, closed)) < off(rail_at_)) rail_at_ = on(from, k, closed);
    }
    /// A place on the rail so far on, between its ties.
    [[nodiscard]] RailTie ahead(double metres, bool closed) const
    {
        const double whole = std::floor(std::max(0.0, metres)), share = std::max(0.0, metres) - whole;
        const RailTie &from = rail_[on(rail_at_, static_cast<std::size_t>(whole), closed)],
                      &to = rail_[on(rail_at_, static_cast<std::size_t>(whole) + 1, closed)];
        RailTie tie = from;
        tie.place_m += share * (to.place_m - from.place_m);
        tie.heading_deg = wrapped_deg(from.heading_deg + share * wrapped_deg(to.heading_deg - from.heading_deg));
        tie.bank_deg += share * (to.bank_deg - from.bank_deg);
        return tie;
    }

    void answer(const FlightSample& seen, const Phase& phase)
    {
        const Quat q = seen.attitude();
        const double nose = heading_deg(q), c = std::cos(radians(nose)), s = std::sin(radians(nose));
        const Vec2 a = wanted(seen, phase);
        const Vec3 up = q.conjugate() * -Vec3::UnitZ(); // in body axes
        const double forward = degrees(std::atan2(c * a.x() + s * a.y(), gravity_mps2)),
                     right = degrees(std::atan2(-s * a.x() + c * a.y(), gravity_mps2));
        const bool leaving_ground = seen.height_m < 0.2;
        const double pitch_error = leaving_ground ? 0 : forward + degrees(std::atan2(up.x(), -up.z())),
                     roll_error = leaving_ground ? 0 : right + degrees(std::atan2(up.y(), -up.z()));
        constexpr double most_dps = 80; // a hand that means to correct does not go farther (house)
        // The nose goes along the way, as fast as that turns, and back to it; what that asks of the body's other axes in a turn
        // is given with it (kinematics of a steady turn: p = −Ω·sinθ, q = Ω·sinφ·cosθ, r = Ω·cosφ·cosθ).
        constexpr double yaw_per_s = 1.2, most_yaw_dps = 120;
        const double turn_dps = within(nose_dps_ + yaw_per_s * wrapped_deg(nose_deg_ - nose), most_yaw_dps);
        const double bank = radians(bank_deg(q)), pitch = radians(pitch_deg(q));
        const double pitch_dps = attitude_per_s_ * pitch_seen_.of(pitch_error, hand_.remnant, random_) -
                                 turn_dps * std::sin(bank) * std::cos(pitch); // forward
        const double roll_dps = attitude_per_s_ * roll_seen_.of(roll_error, hand_.remnant, random_) - turn_dps * std::sin(pitch);
        lag(hands_.pitch, stick_for_rate(rates_.pitch, within(pitch_dps, most_dps)), hand_.neuromuscular_s);
        lag(hands_.roll, stick_for_rate(rates_.roll, within(roll_dps, most_dps)), hand_.neuromuscular_s);
        lag(hands_.yaw, stick_for_rate(rates_.yaw, turn_dps * std::cos(bank) * std::cos(pitch)), hand_.neuromuscular_s);
        // Height: a speed for the error, and thrust for what the speed lacks, by a loop of the same kind.
        constexpr double height_per_s = 0.5, most_climb_mps = 1.5, most_sink_mps = 1, trim_per_s = 0.02, steady = 0.35;
        const double lift_mps2 = (thrust_share_at(airframe_, hover_ + 0.01) - thrust_share_at(airframe_, hover_)) / 0.01 *
                                 airframe_.thrust_to_weight * gravity_mps2; // of the whole throttle, about the hover
        const double throttle_per_mps = steady * stability_edge(hand_, airframe_.motor_lag_s).gain_per_s / lift_mps2;
        const bool lands = phase.goal.kind == Goal::Kind::Land;
        const double climb = std::clamp(height_per_s * ((lands ? -1 : phase.height_m) - seen.height_m),
                                        lands ? -0.5 : -most_sink_mps, most_climb_mps);
        const double lacks = climb_seen_.of(climb - seen.climb_mps, hand_.remnant, random_);
        trim_ = within(trim_ + trim_per_s * lacks * row_s, 0.1);
        const double leaning = 1 / std::sqrt(std::cos(radians(std::min(60.0, lean_deg(q)))));
        const bool down = lands && seen.height_m < 0.03;
        lag(hands_.throttle, down ? 0 : std::clamp(hover_ * leaning + trim_ + throttle_per_mps * lacks, 0.0, 1.0),
            hand_.neuromuscular_s);
    }

    Drill drill_;
    Airframe airframe_;
    RateProfile rates_;
    CrossoverHand hand_;
    SeededRandom random_;
    double attitude_per_s_, hover_ = 0;
    std::deque<FlightSample> late_;
    std::size_t phase_ = SIZE_MAX, rail_at_ = 0;
    std::vector<RailTie> rail_;
    bool closed_ = false; ///< the rail
    Vec2 place_ = Vec2::Zero();
    double nose_deg_ = 0, nose_dps_ = 0, trim_ = 0;
    Seen pitch_seen_{0.7}, roll_seen_{0.7}, climb_seen_{0.05}; // degrees, m/s (house)
    Sticks hands_;
};

} // namespace

StabilityEdge stability_edge(const CrossoverHand& hand, double rate_lag_s)
{
    const auto phase = [&](double w) {
        return w * hand.delay_s + std::atan(w * hand.neuromuscular_s) + std::atan(w * rate_lag_s);
    };
    double low = 0, high = 100;
    for (int i = 0; i < 60; ++i) { // rises with the frequency: bisection
        const double middle = (low + high) / 2;
        (phase(middle) < std::numbers::pi / 2 ? low : high) = middle;
    }
    return {low, low * std::hypot(1, low * hand.neuromuscular_s) * std::hypot(1, low * rate_lag_s)};
}

Result<FlownDrill> fly_crossover(const Drill& drill, FlightSetup setup, const CrossoverHand& hand, std::uint64_t seed)
{
    setup.mode = Mode::Acro;
    Hand pilot(drill, setup, hand, seed);
    auto flight = Flight::create(std::move(setup));
    if (!flight) return tl::unexpected(flight.error());
    DrillRunner runner(drill);
    flight->arm();
    Sticks sticks;
    while (!runner.over()) {
        if (!flight->step(sticks)) continue;
        runner.follow(flight->log());
        intervene(runner, *flight);
        if (flight->crashed()) break;
        sticks = pilot.sticks(flight->log().sample(flight->log().size() - 1), runner.phase());
    }
    runner.end_of_log();
    return FlownDrill{flight->log(), score(runner, flight->log()), {}};
}

} // namespace bh
