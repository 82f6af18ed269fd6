#include "core/debrief/debrief.h"

#include "core/base/message.h"
#include "core/base/stats.h"
#include "core/path/big_inputs.h"
#include "core/path/brakes.h"
#include "core/path/contacts.h"
#include "core/path/corners.h"
#include "core/path/held_pushes.h"
#include "core/path/landings.h"
#include "core/path/leans.h"
#include "core/path/rocking.h"
#include "core/path/smoothness.h"
#include "core/path/spins.h"
#include "core/path/stretches.h"
#include "core/path/throttle_cuts.h"
#include "core/path/throttle_habits.h"
#include "core/path/turn_faults.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

Side side_of(double right_positive) { return right_positive >= 0 ? Side::Right : Side::Left; }

/// The weight of a fault (house): within its kind's band, always more the more there was of it, half of the way at `half`.
double weighed(FindingKind kind, double more, double half)
{
    const auto [from, under] = facts_of(kind).weight;
    return from + (under - from) * std::max(0.0, more) / (std::max(0.0, more) + half);
}

/// There the sticks are speeds, and the aircraft turns by itself.
bool flies_itself(const FlightLog& log, const Turn& turn)
{
    const Mode mode = log.mode[turn.rows.first + turn.rows.size() / 2];
    return mode == Mode::Hold || mode == Mode::Sport;
}

/// What the finders of a flown stretch have in common.
struct Seen {
    std::vector<Rocking> rocking;
    std::vector<RockedTime> rocked;
    std::vector<Spin> spins;
    std::vector<Turn> turns;
    std::vector<StirredCorner> corners; ///< only where they are a fault
};

/// Rocking that stays within stirred corners is told as that, and not twice; a single corner keeps its rocking.
void tell_apart(Seen& seen)
{
    if (!is_over_control(seen.corners, seen.turns.size())) seen.corners.clear();
    const auto in_corner = [](const Rocking& r, const StirredCorner& c) {
        return r.axis == StickAxis::Roll && r.start_s >= c.turn_start_s - before_turn_s && r.end_s <= c.turn_end_s + after_turn_s;
    };
    if (seen.corners.size() == 1) {
        if (std::any_of(seen.rocking.begin(), seen.rocking.end(),
                        [&](const Rocking& r) { return in_corner(r, seen.corners[0]); }))
            seen.corners.clear();
        return;
    }
    std::erase_if(seen.rocking, [&](const Rocking& r) {
        return std::any_of(seen.corners.begin(), seen.corners.end(), [&](const StirredCorner& c) { return in_corner(r, c); });
    });
}

Seen seen_in(const FlightLog& log, RowSpan span, const DebriefOptions& options)
{
    Seen seen;
    seen.rocking = find_rocking(log, span);
    seen.rocked = rocked_times(log, span, std::nullopt);
    seen.spins = find_spins(log, span);
    seen.turns = find_turns(log, span, options.flags_m);
    seen.corners = find_stirred_corners(log, span, seen.turns);
    tell_apart(seen);
    return seen;
}

void add_rocking(const FlightLog& log, const Seen& seen, std::vector<Finding>& found)
{
    const double flight_s = std::max(log.duration_s(), 1.0);
    for (const Rocking& r : seen.rocking) {
        const double share = (r.end_s - r.start_s) / flight_s, cycles = r.frequency_hz * (r.end_s - r.start_s);
        found.push_back({FindingKind::Rocking,
                         r.axis,
                         std::nullopt,
                         r.start_s,
                         r.end_s,
                         true,
                         weighed(FindingKind::Rocking, r.amplitude * cycles + 10 * share, 6),
                         {{"frequency_hz", r.frequency_hz},
                          {"amplitude", r.amplitude},
                          {"cycles", cycles},
                          {"pace", r.slow ? std::string_view("slow") : std::string_view("quick")}}});
    }
}

void add_over_control(const Seen& seen, std::vector<Finding>& found)
{
    if (seen.corners.empty()) return;
    const StirredCorner& worst =
        *std::max_element(seen.corners.begin(), seen.corners.end(), [](const StirredCorner& a, const StirredCorner& b) {
            return a.swings * a.bank_swing_deg < b.swings * b.bank_swing_deg;
        });
    std::vector<TimeSpan> corners;
    for (const StirredCorner& c : seen.corners) corners.push_back({c.start_s, c.end_s});
    const auto more = static_cast<double>(corners.size()) * worst.bank_swing_deg / 10;
    found.push_back({FindingKind::OverControl,
                     StickAxis::Roll,
                     std::nullopt,
                     worst.start_s,
                     worst.end_s,
                     true,
                     weighed(FindingKind::OverControl, more, 6),
                     {{"swings", static_cast<double>(worst.swings)},
                      {"bank_swing_deg", worst.bank_swing_deg},
                      {"corners", std::move(corners)}}});
}

std::optional<Side> side_pushed(const FlightLog& log, StickAxis axis, double start_s, double end_s)
{
    const RowSpan rows = rows_between(log, start_s, end_s);
    if (axis != StickAxis::Roll || rows.size() == 0) return std::nullopt;
    return side_of(log.stick_roll[rows.first + rows.size() / 2]);
}

void add_pushes(const FlightLog& log, RowSpan span, const Seen& seen, std::vector<Finding>& found)
{
    for (const HeldPush& p : find_held_pushes(log, span))
        found.push_back({FindingKind::HeldPush,
                         p.axis,
                         side_pushed(log, p.axis, p.start_s, p.end_s),
                         p.start_s,
                         p.end_s,
                         true,
                         weighed(FindingKind::HeldPush, p.lean_deg - 45, 20),
                         {{"lean_deg", p.lean_deg}}});
    for (const BigInput& i : big_inputs_beside(log, span, seen.turns, seen.spins))
        found.push_back({FindingKind::BigInput,
                         i.axis,
                         side_pushed(log, i.axis, i.start_s, i.end_s),
                         i.start_s,
                         i.end_s,
                         true,
                         weighed(FindingKind::BigInput, i.lean_deg - 45, 20),
                         {{"peak", i.peak}, {"lean_deg", i.lean_deg}, {"speed_mps", i.speed_mps}}});
}

void add_spins(const FlightLog& log, RowSpan span, const Seen& seen, std::vector<Finding>& found)
{
    for (const Spin& s : seen.spins) {
        const double exit_deg = exit_error_deg(log, s);
        const auto settled = settled_s(log, s);
        const bool fault = exit_deg > debrief_limits::spin_exit_deg;
        Finding f{FindingKind::Spin,
                  s.about == Spin::About::Roll ? StickAxis::Roll : StickAxis::Pitch,
                  std::nullopt,
                  s.start_s,
                  s.end_s,
                  fault,
                  fault ? weighed(FindingKind::Spin, exit_deg, 40) : 0,
                  {{"turned_deg", s.turned_deg},
                   {"peak_dps", s.peak_dps},
                   {"height_change_m", s.height_change_m},
                   {"exit_deg", exit_deg},
                   {"settled_s", {}}}};
        if (settled) f.numbers.back().value = *settled;
        found.push_back(std::move(f));
    }
    for (const BankLeftOver& b : banks_left_over_after(log, span, seen.turns, seen.spins))
        found.push_back({FindingKind::BankLeftOver,
                         StickAxis::Roll,
                         side_of(b.bank_deg),
                         b.start_s,
                         b.end_s,
                         true,
                         weighed(FindingKind::BankLeftOver, std::abs(b.bank_deg), 25),
                         {{"bank_deg", b.bank_deg}}});
}

void add_turns(const FlightLog& log, const Seen& seen, std::vector<Finding>& found)
{
    for (const Turn& t : seen.turns) {
        const auto wrong = flies_itself(log, t) ? std::nullopt : fault_of(t, seen.rocked);
        Finding f{FindingKind::Turn,
                  StickAxis::Yaw,
                  t.side(),
                  t.start_s,
                  t.end_s,
                  wrong.has_value(),
                  wrong ? weighed(FindingKind::Turn, std::abs(t.drift_deg), 25) : 0,
                  {{"heading_change_deg", t.heading_change_deg},
                   {"entry_mps", t.entry_speed_mps},
                   {"radius_m", t.radius_m},
                   {"yaw_lead_ms", {}},
                   {"yaw_share", t.yaw_share},
                   {"yaw_share_asked", t.yaw_share_asked},
                   {"bank_share", {}},
                   {"drift_deg", t.drift_deg},
                   {"end_drift_deg", t.end_drift_deg},
                   {"horizon_error_deg", t.horizon_error_deg},
                   {"height_change_m", t.height_change_m},
                   {"throttle_sd", t.throttle_sd},
                   {turn_fault_number, {}}}};
        if (t.yaw_lead_s) f.numbers[3].value = 1000 * *t.yaw_lead_s;
        if (const auto share = t.bank_share()) f.numbers[6].value = *share;
        if (wrong) f.numbers.back().value = turn_fault_key(*wrong);
        found.push_back(std::move(f));
    }
}

void add_of_attitude(const FlightLog& log, RowSpan span, const DebriefOptions& options, std::vector<Finding>& found)
{
    const Seen seen = seen_in(log, span, options);
    add_rocking(log, seen, found);
    add_over_control(seen, found);
    add_pushes(log, span, seen, found);
    add_spins(log, span, seen, found);
    add_turns(log, seen, found);
}

/// What needs positions.
void add_of_place(const FlightLog& log, RowSpan span, std::vector<Finding>& found)
{
    for (const Brake& b : find_brakes(log, span)) {
        const bool fault = b.height_gain_m > ballooning_m;
        found.push_back({FindingKind::Brake,
                         StickAxis::Pitch,
                         std::nullopt,
                         b.start_s,
                         b.end_s,
                         fault,
                         fault ? weighed(FindingKind::Brake, b.height_gain_m, 3) : 0,
                         {{"entry_mps", b.entry_speed_mps},
                          {"height_gain_m", b.height_gain_m},
                          {"distance_m", b.stop_m},
                          {"throttle_first", b.throttle_first}}});
    }
    const std::vector<ThrottleHeld> chopped = find_chopped_throttle(log, span);
    for (const SinkInLean& s : find_sinks_in_lean(log, span)) {
        const auto same = [&s](const ThrottleHeld& h) { return h.start_s < s.end_s && h.end_s > s.start_s; };
        if (std::any_of(chopped.begin(), chopped.end(), same)) continue; // a chopped throttle sinks: told once
        found.push_back({FindingKind::SinkInLean,
                         StickAxis::Throttle,
                         std::nullopt,
                         s.start_s,
                         s.end_s,
                         true,
                         weighed(FindingKind::SinkInLean, s.sink_m, 2),
                         {{"sink_m", s.sink_m}}});
    }
    for (const ThrottleHeld& h : chopped)
        found.push_back({FindingKind::ChoppedThrottle,
                         StickAxis::Throttle,
                         std::nullopt,
                         h.start_s,
                         h.end_s,
                         true,
                         weighed(FindingKind::ChoppedThrottle, h.end_s - h.start_s, 2),
                         {}});
    for (const ThrottleHeld& h : find_full_throttle_take_offs(log, span))
        found.push_back({FindingKind::FullThrottleTakeOff,
                         StickAxis::Throttle,
                         std::nullopt,
                         h.start_s,
                         h.end_s,
                         true,
                         weighed(FindingKind::FullThrottleTakeOff, h.end_s - h.start_s, 2),
                         {}});
}

/// A fall after a planted failure is no landing of the pilot's.
bool motors_had_failed(const FlightLog& log, std::size_t row)
{
    bool failed = false;
    for (const FlightLog::Event& e : log.events) {
        if (e.row > row) break;
        if (e.event == FlightEvent::MotorsOut) failed = true;
        if (e.event == FlightEvent::Arm || e.event == FlightEvent::Reset) failed = false;
    }
    return failed;
}

void add_landings(const FlightLog& log, RowSpan span, std::vector<Finding>& found)
{
    for (const Landing& l : find_landings(log, span)) {
        const double bounces = l.bounces;
        const bool fault = !motors_had_failed(log, l.row) &&
                           (l.sink_mps > debrief_limits::landing_sink_mps || bounces > debrief_limits::landing_bounces);
        found.push_back({FindingKind::Landing,
                         StickAxis::Throttle,
                         std::nullopt,
                         l.start_s,
                         l.end_s,
                         fault,
                         fault ? weighed(FindingKind::Landing, l.sink_mps + bounces, 2) : 0,
                         {{"sink_mps", l.sink_mps}, {"bounces", bounces}}});
    }
}

void add_throttle_cuts(const FlightLog& log, std::vector<Finding>& found)
{
    for (const ThrottleCut& cut : find_throttle_cuts(log, {0, log.size()})) {
        const bool fault = cut.seconds() > debrief_limits::throttle_cut_s;
        found.push_back({FindingKind::ThrottleCut,
                         StickAxis::Throttle,
                         std::nullopt,
                         cut.start_s,
                         cut.end_s,
                         fault,
                         fault ? weighed(FindingKind::ThrottleCut, cut.seconds(), 3) : 0,
                         {{"seconds", cut.seconds()}}});
    }
}

SideDebrief turns_to(Side side, const std::vector<Finding>& found)
{
    constexpr double slowest_mps = 3; // as can_be_judged()
    SideDebrief turns;
    std::vector<double> shares, radii, heights, leads;
    for (const Finding& f : found) {
        if (f.kind != FindingKind::Turn || f.side != side || f.number("entry_mps").value_or(0) <= slowest_mps) continue;
        ++turns.turns, turns.at_fault += f.fault;
        shares.push_back(f.number("yaw_share").value_or(0));
        radii.push_back(f.number("radius_m").value_or(0));
        heights.push_back(std::abs(f.number("height_change_m").value_or(0)));
        if (const auto lead = f.number("yaw_lead_ms")) leads.push_back(*lead);
    }
    if (turns.turns > 0) turns.yaw_share = mean(shares), turns.radius_m = mean(radii), turns.height_change_m = mean(heights);
    if (!leads.empty()) turns.yaw_lead_ms = mean(leads);
    return turns;
}

/// Over minutes, each by itself, and their mean: a spectrum of a whole long flight says little of it and takes long. The arc
/// is that of what is below 10 Hz, which 25 rows a second show.
void add_smoothness(const FlightLog& log, StickStatistics& s)
{
    constexpr double minute_s = 60, rows_a_second = 25;
    const double per_s = rows_per_second(log, {0, log.size()});
    const auto every = static_cast<std::size_t>(std::max(1.0, std::floor(per_s / rows_a_second)));
    std::vector<double> speed;
    for (std::size_t i = every; i < log.size(); i += every)
        speed.push_back(
            std::hypot(log.stick_roll[i] - log.stick_roll[i - every], log.stick_pitch[i] - log.stick_pitch[i - every]) /
            std::max(1e-6, log.t_s[i] - log.t_s[i - every]));
    const double each_per_s = per_s / static_cast<double>(every);
    const auto pieces = static_cast<std::size_t>(std::max(1.0, std::ceil(log.duration_s() / minute_s)));
    std::vector<double> arcs, jerks;
    for (std::size_t piece = 0; piece < pieces; ++piece) {
        const auto from = speed.begin() + static_cast<std::ptrdiff_t>(piece * speed.size() / pieces),
                   to = speed.begin() + static_cast<std::ptrdiff_t>((piece + 1) * speed.size() / pieces);
        const std::vector<double> part(from, to);
        if (const auto arc = sparc(part, each_per_s)) arcs.push_back(*arc);
        if (const auto jerk = log_dimensionless_jerk(part, each_per_s)) jerks.push_back(*jerk);
    }
    if (!arcs.empty()) s.sparc = mean(arcs);
    if (!jerks.empty()) s.ldlj = mean(jerks);
}

StickStatistics statistics_of(const FlightLog& log)
{
    StickStatistics s;
    const RowSpan all{0, log.size()};
    const double duration_s = log.duration_s();
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll}) {
        const double travel = axis == StickAxis::Throttle ? 1 : 2;
        auto& r = s.reversals[static_cast<std::size_t>(axis)];
        r.count = static_cast<int>(turning_points(stick_column(log, axis), all, 0.06 * travel).size());
        if (duration_s > 0) r.rate_hz = r.count / duration_s;
    }
    const auto cell = [](double from_low_0_to_1) {
        return std::min(StickStatistics::cells - 1,
                        static_cast<std::size_t>(std::clamp(from_low_0_to_1, 0.0, 1.0) * StickStatistics::cells));
    };
    std::vector<double> flown;
    double off = 0;
    const double one = 1 / static_cast<double>(std::max<std::size_t>(log.size(), 1));
    for (std::size_t i = 0; i < log.size(); ++i) {
        s.yaw_throttle[cell(log.throttle[i])][cell((log.stick_yaw[i] + 1) / 2)] += one;
        s.roll_pitch[cell((log.stick_pitch[i] + 1) / 2)][cell((log.stick_roll[i] + 1) / 2)] += one;
        constexpr double rests = 0.1;
        off += std::abs(log.stick_yaw[i]) < rests && std::abs(log.stick_pitch[i]) < rests && std::abs(log.stick_roll[i]) < rests;
        if (log.armed[i] && (!log.has_position || log.height_m[i] > on_ground_m)) flown.push_back(log.throttle[i]);
    }
    s.hands_off_share = off * one;
    if (flown.size() > 2) s.throttle_band = {mean(flown), sample_sd(flown), percentile(flown, 0.1), percentile(flown, 0.9)};
    add_smoothness(log, s);
    return s;
}

} // namespace

std::optional<double> Finding::number(std::string_view key) const
{
    for (const FindingNumber& n : numbers)
        if (n.key == key)
            if (const double* value = std::get_if<double>(&n.value)) return *value;
    return std::nullopt;
}

std::optional<std::string_view> Finding::word(std::string_view key) const
{
    for (const FindingNumber& n : numbers)
        if (n.key == key)
            if (const std::string_view* word = std::get_if<std::string_view>(&n.value)) return *word;
    return std::nullopt;
}

std::vector<const Finding*> Debrief::faults() const
{
    std::vector<const Finding*> all;
    for (const Finding& f : findings)
        if (f.fault) all.push_back(&f);
    std::stable_sort(all.begin(), all.end(), [](const Finding* a, const Finding* b) { return a->weight > b->weight; });
    return all;
}

Debrief debrief(const FlightLog& log, const DebriefOptions& options)
{
    Debrief d;
    d.duration_s = log.duration_s();
    d.has_position = log.has_position;
    if (log.size() < 2) return d;
    for (const RowSpan& flown : flown_stretches(log, {0, log.size()})) {
        add_of_attitude(log, flown, options, d.findings);
        if (!log.has_position) continue;
        add_of_place(log, flown, d.findings);
        add_landings(log, flown, d.findings);
    }
    add_throttle_cuts(log, d.findings);
    std::stable_sort(d.findings.begin(), d.findings.end(),
                     [](const Finding& a, const Finding& b) { return a.start_s < b.start_s; });
    d.statistics = statistics_of(log);
    d.left = turns_to(Side::Left, d.findings);
    d.right = turns_to(Side::Right, d.findings);
    return d;
}

} // namespace bh
