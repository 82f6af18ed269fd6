#include "files/documents/drill_document.h"

#include "core/base/number_text.h"
#include "core/debrief/debrief.h"
#include "files/documents/conditions_document.h"
#include "files/text/json_in.h"
#include "files/text/json_parts.h"

#include <algorithm>

namespace bh {
namespace {

/// [along, to the right] or [along, to the right, height] in metres.
DrillPlace place_at(const JsonIn& in)
{
    const auto numbers = in.items();
    if (numbers.size() < 2 || numbers.size() > 3)
        in.fault("expected metres along and to the right, and a height where there is one");
    DrillPlace place{numbers[0].number(), numbers[1].number(), std::nullopt};
    if (numbers.size() == 3) place.height_m = numbers[2].number();
    return place;
}

/// A time within a drill: two hours at most, so that every phase comes to an end.
double seconds_at(const JsonIn& in)
{
    constexpr double longest_s = 7200;
    const double seconds = in.number();
    if (seconds > longest_s) in.fault("expected at most 7200 s, two hours");
    return seconds;
}
double seconds_at(const JsonIn& in, const char* key, double otherwise)
{
    return in.has(key) ? seconds_at(in.at(key)) : otherwise;
}

void read_way(const JsonIn& in, Goal& goal)
{
    for (const JsonIn& place : in.at("way_m").items()) goal.way.push_back(place_at(place));
    goal.within_m = in.number("within_m");
    goal.closed = in.truth("closed", false);
    if (in.has("laps")) goal.laps = in.at("laps").whole();
    goal.for_s = seconds_at(in, "for_s", 0);
}

void read_spin(const JsonIn& in, Goal& goal)
{
    const std::string spin = in.text("spin");
    static constexpr std::array spins{"roll_right", "roll_left", "flip_back", "flip_forward"};
    const auto found = std::find(spins.begin(), spins.end(), spin);
    if (found == spins.end()) in.at("spin").fault("expected roll_right, roll_left, flip_forward or flip_back, found '%1'", spin);
    goal.spin_about_roll = found - spins.begin() < 2;
    goal.spin_side = (found - spins.begin()) % 2 == 0 ? 1 : -1;
    goal.for_s = seconds_at(in, "for_s", 0);
}

void read_pull_through(const JsonIn& in, Goal& goal)
{
    const std::string side = in.text("pull_through");
    if (side != "right" && side != "left")
        in.at("pull_through").fault("expected right or left, the side of the half roll, found '%1'", side);
    goal.spin_side = side == "right" ? 1 : -1;
    goal.for_s = seconds_at(in, "for_s", 0);
}

void read_lean(const JsonIn& in, Goal& goal)
{
    goal.lean_deg = in.number("lean_deg");
    const std::string towards = in.text("towards");
    static constexpr std::array sides{"forward", "right", "back", "left"};
    const auto found = std::find(sides.begin(), sides.end(), towards);
    if (found == sides.end()) in.at("towards").fault("expected forward, right, back or left, found '%1'", towards);
    goal.lean_towards_deg = wrapped_deg(90.0 * static_cast<double>(found - sides.begin()));
    goal.for_s = seconds_at(in, "for_s", 0);
}

void read_chase(const JsonIn& in, Goal& goal)
{
    goal.for_s = seconds_at(in.at("chase_s"));
    LeadAircraft& q = goal.lead_aircraft;
    if (in.has("seed")) q.seed = static_cast<std::uint64_t>(in.at("seed").whole());
    for (auto [key, number] : {std::pair{"speed_mps", &q.speed_mps},
                               {"ahead_m", &q.ahead_m},
                               {"height_m", &q.height_m},
                               {"nearest_m", &q.nearest_m},
                               {"farthest_m", &q.farthest_m},
                               {"field_m", &q.field_m}})
        *number = in.number(key, *number);
}

/// The key that says what kind of goal it is, and how the rest is read. Where the key's number is a time it is how long.
struct GoalReading {
    const char* key;
    Goal::Kind kind;
    void (*read)(const JsonIn& in, Goal& goal);
};
void read_keeping(const JsonIn& in, Goal& goal) { goal.for_s = seconds_at(in, "for_s", 0); }
template <const auto& key>
void read_time(const JsonIn& in, Goal& goal)
{
    goal.for_s = seconds_at(in.at(key));
}
constexpr char stay_s[] = "stay_s", landed_s[] = "landed_s", recovered_s[] = "recovered_s", armed_s[] = "armed_s",
               disarmed_s[] = "disarmed_s", throttle_cut_s[] = "throttle_cut_s";
constexpr std::array<GoalReading, 15> goal_readings{{
    {"reach_within_m", Goal::Kind::ReachHeight,
     [](const JsonIn& in, Goal& goal) {
         goal.within_m = in.number("reach_within_m");
         read_keeping(in, goal);
     }},
    {stay_s, Goal::Kind::Stay, read_time<stay_s>},
    {"run_m", Goal::Kind::Run, [](const JsonIn& in, Goal& goal) { goal.distance_m = in.number("run_m"); }},
    {landed_s, Goal::Kind::Land, read_time<landed_s>},
    {"go_m", Goal::Kind::Go,
     [](const JsonIn& in, Goal& goal) {
         goal.place = place_at(in.at("go_m"));
         goal.within_m = in.number("within_m");
         read_keeping(in, goal);
     }},
    {"turn_deg", Goal::Kind::Turn,
     [](const JsonIn& in, Goal& goal) {
         goal.turn_deg = in.number("turn_deg");
         goal.within_deg = in.number("within_deg", goal.within_deg);
         read_keeping(in, goal);
     }},
    {"way_m", Goal::Kind::Way, read_way},
    {"lean_deg", Goal::Kind::Lean, read_lean},
    {"chase_s", Goal::Kind::Chase, read_chase},
    {"spin", Goal::Kind::Spin, read_spin},
    {"pull_through", Goal::Kind::PullThrough, read_pull_through},
    {recovered_s, Goal::Kind::Recover, read_time<recovered_s>},
    {armed_s, Goal::Kind::Arm, read_time<armed_s>},
    {disarmed_s, Goal::Kind::Disarm, read_time<disarmed_s>},
    {throttle_cut_s, Goal::Kind::CutThrottle, read_time<throttle_cut_s>},
}};

Goal goal_at(const JsonIn& in)
{
    const auto reading =
        std::find_if(goal_readings.begin(), goal_readings.end(), [&](const GoalReading& r) { return in.has(r.key); });
    if (reading == goal_readings.end()) {
        std::string keys;
        for (const GoalReading& r : goal_readings) keys += (keys.empty() ? "" : ", ") + std::string(r.key);
        in.fault("expected one of %1", keys);
    }
    Goal goal;
    goal.kind = reading->kind;
    reading->read(in, goal);
    in.only({"reach_within_m", "stay_s",      "run_m",      "landed_s",   "go_m",           "turn_deg", "way_m",
             "spin",           "recovered_s", "armed_s",    "disarmed_s", "throttle_cut_s", "lean_deg", "chase_s",
             "for_s",          "within_m",    "within_deg", "closed",     "laps",           "towards",  "seed",
             "speed_mps",      "ahead_m",     "height_m",   "nearest_m",  "farthest_m",     "field_m",  "pull_through"});
    return goal;
}

PhaseBounds bounds_at(const JsonIn& in)
{
    in.only({"lowest_m", "highest_m", "corridor_m", "fastest_mps"});
    PhaseBounds bounds;
    for (auto [key, limit] : {std::pair{"lowest_m", &bounds.lowest_m},
                              {"highest_m", &bounds.highest_m},
                              {"corridor_m", &bounds.corridor_m},
                              {"fastest_mps", &bounds.fastest_mps}})
        if (in.has(key)) *limit = in.number(key);
    return bounds;
}

StickAxis stick_at(const JsonIn& in)
{
    const auto axis = stick_axis_from_key(in.text());
    if (!axis) in.fault("expected throttle, yaw, pitch or roll, found '%1'", in.text());
    return *axis;
}

Phase phase_at(const JsonIn& in)
{
    Phase phase;
    phase.id = in.text("id");
    phase.instruction = in.text("instruction");
    phase.goal = goal_at(in.at("goal"));
    phase.height_m = in.number("height_m", 0);
    phase.window_m = in.number("window_m", 0);
    phase.speed_mps = in.number("speed_mps", 0);
    phase.time_limit_s = seconds_at(in, "time_limit_s", 60);
    if (in.has("touches_allowed")) phase.touches_allowed = in.at("touches_allowed").whole();
    if (in.has("bounds")) phase.bounds = bounds_at(in.at("bounds"));
    if (in.has("sticks"))
        for (const JsonIn& stick : in.at("sticks").items()) phase.sticks.push_back(stick_at(stick));
    if (in.has("mode")) phase.mode = mode_at(in.at("mode"));
    if (in.has("motors_out_above_m")) phase.motors_out_above_m = in.number("motors_out_above_m");
    if (in.has("upset")) {
        const JsonIn upset = in.at("upset");
        upset.only({"pitch_deg", "bank_deg"});
        phase.upset = {upset.number("pitch_deg", 0), upset.number("bank_deg", 0)};
    }
    phase.panic = in.truth("panic", false);
    phase.burst = in.truth("burst", false);
    phase.horizon = in.truth("horizon", false);
    if (in.has("asks"))
        for (const JsonIn& kind : in.at("asks").items()) {
            if (!finding_from_key(kind.text())) kind.fault("there is no finding '%1'", kind.text());
            phase.asks.push_back(kind.text());
        }
    in.only({"id", "instruction", "goal", "height_m", "window_m", "speed_mps", "time_limit_s", "touches_allowed", "bounds",
             "sticks", "mode", "motors_out_above_m", "upset", "panic", "burst", "horizon", "asks"});
    return phase;
}

/// The same phase the other way round: what was right is left.
Phase mirrored(Phase phase)
{
    phase.goal.place.across_m *= -1;
    for (DrillPlace& place : phase.goal.way) place.across_m *= -1;
    phase.goal.turn_deg *= -1;
    if (phase.goal.spin_about_roll) phase.goal.spin_side *= -1;
    phase.goal.lean_towards_deg *= -1;
    for (const auto& [right, left] : {std::pair<std::string, std::string>{"right", "left"}}) {
        std::string& words = phase.instruction;
        for (std::size_t at = 0; (at = words.find(right, at)) != std::string::npos; at += left.size())
            words.replace(at, right.size(), left);
    }
    return phase;
}

/// Phases in a list, of which an element may also be {"sides": [...]}, flown to the right as written and then to the left,
/// or {"times": N, "phases": [...]}. The copies' ids get "-right", "-left" or "-1", "-2", ….
void add_phases(const JsonIn& list, std::vector<Phase>& phases)
{
    constexpr std::size_t most_phases = 1000;
    for (const JsonIn& in : list.items()) {
        const auto copies = [&](const char* key, const std::string& ending, bool mirror, std::optional<Side> side) {
            std::vector<Phase> inner;
            add_phases(in.at(key), inner);
            for (Phase& phase : inner) {
                if (mirror) phase = mirrored(std::move(phase));
                phase.id += ending;
                if (side) phase.side = side;
                phases.push_back(std::move(phase));
            }
        };
        if (in.has("sides")) {
            in.only({"sides"});
            copies("sides", "-right", false, Side::Right);
            copies("sides", "-left", true, Side::Left);
        } else if (in.has("times")) {
            in.only({"times", "phases"});
            const int times = in.at("times").whole();
            if (times < 1 || times > 100) in.at("times").fault("expected 1 to 100");
            for (int i = 1; i <= times; ++i) copies("phases", "-" + whole_text(i), false, std::nullopt);
        } else {
            phases.push_back(phase_at(in));
        }
        if (phases.size() > most_phases) in.fault("expected at most 1000 phases in all");
    }
}

/// What criteria and faults have in common. A phase may be named without the endings of its copies: then it is about all of
/// them (of one side, when told).
void read_measuring(const JsonIn& in, const std::vector<Phase>& phases, std::optional<Side> side, Measuring& m)
{
    const auto measure = measure_from_key(in.text("measure"));
    if (!measure) in.at("measure").fault("there is no measure '%1'", in.text("measure"));
    m.measure = *measure;
    m.label = in.text("label");
    const auto unit = unit_from_key(in.text("unit"));
    if (!unit) in.at("unit").fault("expected share, m, m/s, s, ms, Hz, deg, count or a minute, found '%1'", in.text("unit"));
    if (unit != m.unit()) in.at("unit").slip("it is measured in '%1'", unit_key(m.unit()));
    m.advice = in.text("advice", "");
    if (in.has("height_m")) m.options.height_m = in.number("height_m");
    m.options.window_m = in.number("window_m", m.options.window_m);
    m.options.along_m = in.number("along_m", 0);
    m.options.line_turn_deg = (side == Side::Left ? -1 : 1) * in.number("line_turn_deg", 0);
    m.last_s = in.number("last_s", 0);
    if (in.has("over")) {
        static constexpr std::array overs{"whole", "worst", "mean", "best"};
        const auto over = std::find(overs.begin(), overs.end(), in.text("over"));
        if (over == overs.end()) in.at("over").fault("expected whole, worst, mean or best, found '%1'", in.text("over"));
        m.over = static_cast<Measuring::Over>(over - overs.begin());
    }
    if (in.has("axis")) m.options.axis = stick_at(in.at("axis"));
    if (!in.has("phases")) return;
    for (const JsonIn& named : in.at("phases").items()) {
        const std::string id = named.text();
        const std::size_t before = m.phases.size();
        for (const Phase& phase : phases)
            if ((phase.id == id || phase.id.starts_with(id + "-")) && (!side || phase.side == side)) m.phases.push_back(phase.id);
        if (m.phases.size() == before) m.phases.push_back(id); // told by checked()
    }
}

Criterion criterion_at(const JsonIn& in, const std::vector<Phase>& phases, std::optional<Side> side)
{
    Criterion c;
    read_measuring(in, phases, side, c);
    c.side = side;
    if (side) c.label += ", " + std::string(side_key(*side));
    c.must = in.truth("must", false);
    c.to_hold = in.truth("to_hold", false);
    if (c.must && c.to_hold) in.at("to_hold").slip("what must be met to pass is met to hold as well, leave one of them out");
    c.if_any = in.truth("if_any", false);
    c.common_practice = in.truth("common_practice", false);
    c.weight = in.number("weight", 1);
    c.fail = in.number("fail");
    c.pass = in.number("pass");
    c.merit = in.number("merit");
    if (in.has("below")) {
        const JsonIn below = in.at("below");
        below.only({"fail", "pass", "merit"});
        c.below = {below.number("fail"), below.number("pass"), below.number("merit")};
    }
    in.only({"measure",       "label",  "unit",           "advice", "must",   "to_hold",  "if_any",   "common_practice",
             "weight",        "fail",   "pass",           "merit",  "phases", "height_m", "window_m", "along_m",
             "line_turn_deg", "last_s", "yaw_share_band", "over",   "axis",   "below",    "sides"});
    return c;
}

/// With "sides" true there is one criterion for each side.
void add_criterion(const JsonIn& in, Drill& drill)
{
    if (!in.truth("sides", false)) return drill.criteria.push_back(criterion_at(in, drill.phases, std::nullopt));
    for (const Side side : {Side::Right, Side::Left}) drill.criteria.push_back(criterion_at(in, drill.phases, side));
}

Fault fault_at(const JsonIn& in, const std::vector<Phase>& phases)
{
    Fault fault;
    read_measuring(in, phases, std::nullopt, fault);
    fault.more_than = in.number("more_than");
    in.only({"measure", "label", "unit", "advice", "phases", "height_m", "window_m", "along_m", "line_turn_deg", "last_s",
             "yaw_share_band", "over", "axis", "more_than"});
    return fault;
}

FlightStart start_at(const JsonIn& in)
{
    in.only({"north_m", "east_m", "height_m", "heading_deg", "pitch_deg", "bank_deg"});
    FlightStart start;
    for (auto [key, number] : {std::pair{"north_m", &start.north_m},
                               {"east_m", &start.east_m},
                               {"height_m", &start.height_m},
                               {"heading_deg", &start.heading_deg},
                               {"pitch_deg", &start.pitch_deg},
                               {"bank_deg", &start.bank_deg}})
        *number = in.number(key, 0);
    return start;
}

void read_setup(const JsonIn& in, Drill& d)
{
    d.world = in.text("world", d.world);
    d.aircraft = in.text("aircraft", d.aircraft);
    d.modes.clear();
    for (const JsonIn& mode : in.at("modes").items()) d.modes.push_back(mode_at(mode));
    if (in.has("start")) d.start = start_at(in.at("start"));
    d.camera_tilt_deg = in.number("camera_tilt_deg", d.camera_tilt_deg);
    d.fov_deg = in.number("fov_deg", d.fov_deg);
    if (in.has("day")) d.day = conditions_at(in.at("day"));
    d.crash_disarms = in.truth("crash_disarms", true);
    d.begins_disarmed = in.truth("begins_disarmed", false);
    d.sticks_only = in.truth("sticks_only", false);
    d.on_real_aircraft = in.truth("on_real_aircraft", false);
    d.tilt_change_deg = in.number("tilt_change_deg", 0);
    d.sets_tilt = in.truth("sets_tilt", false);
    if (in.has("pilot_m")) d.pilot = place_at(in.at("pilot_m"));
    in.only({"world", "aircraft", "modes", "start", "camera_tilt_deg", "fov_deg", "day", "crash_disarms", "begins_disarmed",
             "sticks_only", "on_real_aircraft", "tilt_change_deg", "sets_tilt", "pilot_m"});
}

void read_disqualify(const JsonIn& in, Drill& d)
{
    in.only({"crash", "crashes_over", "panic"});
    if (!in.truth("crash", true)) d.crashes_allowed.reset();
    if (in.has("crashes_over")) d.crashes_allowed = in.at("crashes_over").whole();
    d.panic_disqualifies = in.truth("panic", true);
}

DrillRole role_at(const JsonIn& in)
{
    if (const auto role = drill_role_from_key(in.text())) return *role;
    std::string known;
    for (const DrillRoleFacts& facts : drill_roles()) known += (known.empty() ? "" : ", ") + std::string(facts.key);
    in.fault("expected one of %1, found '%2'", known, in.text());
}

Drill drill_at(const JsonIn& in)
{
    Drill d;
    d.id = in.text("id");
    d.name = in.text("name");
    d.version = in.at("version").whole();
    d.purpose = in.text("purpose", "");
    read_setup(in.at("setup"), d);
    if (in.has("flags_m"))
        for (const JsonIn& flag : in.at("flags_m").items()) d.flags.push_back(place_at(flag));
    if (in.has("gates"))
        for (const JsonIn& gate : in.at("gates").items()) d.gates.push_back(gate_at(gate));
    add_phases(in.at("phases"), d.phases);
    for (const JsonIn& criterion : in.at("criteria").items()) add_criterion(criterion, d);
    if (in.has("faults"))
        for (const JsonIn& fault : in.at("faults").items()) d.faults.push_back(fault_at(fault, d.phases));
    if (in.has("disqualify")) read_disqualify(in.at("disqualify"), d);
    d.least_minutes = in.number("least_minutes", 0);
    if (in.has("roles"))
        for (const JsonIn& role : in.at("roles").items()) d.roles.push_back(role_at(role));
    in.only({"format", "id", "name", "version", "purpose", "setup", "flags_m", "gates", "phases", "criteria", "faults",
             "disqualify", "least_minutes", "roles"});
    return d;
}

} // namespace

Result<Drill> parse_drill(std::string_view text, const std::string& file) { return parse_drill(text, file, nullptr); }

Result<Drill> parse_drill(std::string_view text, const std::string& file, std::vector<Message>* slips)
{
    auto drill = read_document<Drill>(
        text, file, "drill", [](const JsonIn& in) -> Result<Drill> { return drill_at(in); }, slips);
    return drill ? with_file(checked(std::move(*drill)), file) : drill;
}

} // namespace bh
