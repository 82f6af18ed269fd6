#include "files/documents.h"

#include "files/file_text.h"
#include "files/json_in.h"
#include "files/setup_documents.h"
#include "files/kit_documents.h"
#include "files/simulator_document.h"

#include <algorithm>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

template <class T>
Result<T> with_file(Result<T> checked, const std::string& file)
{
    if (!checked) return failure(checked.error().code, file + ": " + checked.error().message);
    return checked;
}

Mode mode_at(const JsonIn& in)
{
    const auto mode = mode_from_key(in.text());
    if (!mode) in.fault("expected acro, angle, horizon, hold or sport, found '" + in.text() + "'");
    return *mode;
}

/// [along, to the right] or [along, to the right, height] in metres.
DrillPlace place_at(const JsonIn& in)
{
    const auto numbers = in.items();
    if (numbers.size() < 2 || numbers.size() > 3) in.fault("expected metres along and to the right, and a height where there is one");
    DrillPlace place{numbers[0].number(), numbers[1].number(), std::nullopt};
    if (numbers.size() == 3) place.height_m = numbers[2].number();
    return place;
}

Goal goal_at(const JsonIn& in)
{
    Goal goal;
    if (in.has("reach_within_m")) {
        goal.kind = Goal::Kind::ReachHeight;
        goal.within_m = in.number("reach_within_m");
        goal.for_s = in.number("for_s", 0);
    } else if (in.has("stay_s")) {
        goal.kind = Goal::Kind::Stay;
        goal.for_s = in.number("stay_s");
    } else if (in.has("run_m")) {
        goal.kind = Goal::Kind::Run;
        goal.distance_m = in.number("run_m");
    } else if (in.has("landed_s")) {
        goal.kind = Goal::Kind::Land;
        goal.for_s = in.number("landed_s");
    } else if (in.has("go_m")) {
        goal.kind = Goal::Kind::Go;
        goal.place = place_at(in.at("go_m"));
        goal.within_m = in.number("within_m");
        goal.for_s = in.number("for_s", 0);
    } else if (in.has("turn_deg")) {
        goal.kind = Goal::Kind::Turn;
        goal.turn_deg = in.number("turn_deg");
        goal.within_deg = in.number("within_deg", goal.within_deg);
        goal.for_s = in.number("for_s", 0);
    } else if (in.has("way_m")) {
        goal.kind = Goal::Kind::Way;
        for (const JsonIn& place : in.at("way_m").items()) goal.way.push_back(place_at(place));
        goal.within_m = in.number("within_m");
        goal.closed = in.truth("closed", false);
        if (in.has("laps")) goal.laps = in.at("laps").whole();
    } else if (in.has("spin")) {
        goal.kind = Goal::Kind::Spin;
        const std::string spin = in.text("spin");
        static constexpr std::array spins{"roll_right", "roll_left", "flip_back", "flip_forward"};
        const auto found = std::find(spins.begin(), spins.end(), spin);
        if (found == spins.end()) in.at("spin").fault("expected roll_right, roll_left, flip_forward or flip_back, found '" + spin + "'");
        goal.spin_about_roll = found - spins.begin() < 2;
        goal.spin_side = (found - spins.begin()) % 2 == 0 ? 1 : -1;
        goal.for_s = in.number("for_s", 0);
    } else if (in.has("recovered_s")) {
        goal.kind = Goal::Kind::Recover;
        goal.for_s = in.number("recovered_s");
    } else {
        in.fault("expected one of reach_within_m, stay_s, run_m, landed_s, go_m, turn_deg, way_m, spin, recovered_s");
    }
    return goal;
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
    phase.time_limit_s = in.number("time_limit_s", 60);
    if (in.has("touches_allowed")) phase.touches_allowed = in.at("touches_allowed").whole();
    return phase;
}

/// The same phase the other way round: what was right is left.
Phase mirrored(Phase phase)
{
    phase.goal.place.across_m *= -1;
    for (DrillPlace& place : phase.goal.way) place.across_m *= -1;
    phase.goal.turn_deg *= -1;
    if (phase.goal.spin_about_roll) phase.goal.spin_side *= -1;
    for (const auto& [right, left] : {std::pair<std::string, std::string>{"right", "left"}}) {
        std::string& words = phase.instruction;
        for (std::size_t at = 0; (at = words.find(right, at)) != std::string::npos; at += left.size()) words.replace(at, right.size(), left);
    }
    return phase;
}

/// Phases in a list, of which an element may also be {"sides": [...]}, flown to the right as written and then to the left,
/// or {"times": N, "phases": [...]}. The copies' ids get "-right", "-left" or "-1", "-2", ….
void add_phases(const JsonIn& list, std::vector<Phase>& phases)
{
    for (const JsonIn& in : list.items()) {
        const auto copies = [&](const char* key, const std::string& ending, bool mirror, const std::string& side) {
            std::vector<Phase> inner;
            add_phases(in.at(key), inner);
            for (Phase& phase : inner) {
                if (mirror) phase = mirrored(std::move(phase));
                phase.id += ending;
                if (!side.empty()) phase.side = side;
                phases.push_back(std::move(phase));
            }
        };
        if (in.has("sides")) {
            copies("sides", "-right", false, "right");
            copies("sides", "-left", true, "left");
        } else if (in.has("times")) {
            const int times = in.at("times").whole();
            if (times < 1 || times > 100) in.at("times").fault("expected 1 to 100");
            for (int i = 1; i <= times; ++i) copies("phases", "-" + std::to_string(i), false, "");
        } else {
            phases.push_back(phase_at(in));
        }
    }
}

Criterion criterion_at(const JsonIn& in)
{
    Criterion c;
    const auto measure = measure_from_key(in.text("measure"));
    if (!measure) in.at("measure").fault("there is no measure '" + in.text("measure") + "'");
    c.measure = *measure;
    c.label = in.text("label");
    c.unit = in.text("unit");
    static constexpr std::array units{"share", "m", "m/s", "s", "Hz", "deg", "count"};
    if (std::find(units.begin(), units.end(), c.unit) == units.end())
        in.at("unit").fault("expected share, m, m/s, s, Hz, deg or count, found '" + c.unit + "'");
    c.advice = in.text("advice", "");
    c.must = in.truth("must", false);
    c.common_practice = in.truth("common_practice", false);
    c.weight = in.number("weight", 1);
    c.fail = in.number("fail");
    c.pass = in.number("pass");
    c.merit = in.number("merit");
    if (in.has("phases"))
        for (const JsonIn& id : in.at("phases").items()) c.phases.push_back(id.text());
    if (in.has("height_m")) c.options.height_m = in.number("height_m");
    c.options.window_m = in.number("window_m", c.options.window_m);
    c.options.along_m = in.number("along_m", 0);
    if (in.has("over")) {
        static constexpr std::array overs{"whole", "worst", "mean", "best"};
        const auto over = std::find(overs.begin(), overs.end(), in.text("over"));
        if (over == overs.end()) in.at("over").fault("expected whole, worst, mean or best, found '" + in.text("over") + "'");
        c.over = static_cast<Criterion::Over>(over - overs.begin());
    }
    if (in.has("axis")) {
        const auto axis = stick_axis_from_key(in.text("axis"));
        if (!axis) in.at("axis").fault("expected throttle, yaw, pitch or roll, found '" + in.text("axis") + "'");
        c.options.axis = *axis;
    }
    return c;
}

RateCurve curve_at(const JsonIn& in, const std::string& family, const JsonIn& whole)
{
    if (family == "centre-max")
        return CentreMaxCurve{in.number("centre_dps"), in.number("max_dps"), in.number("expo", 0)};
    if (family == "linear-expo") return LinearExpoCurve{in.number("max_dps"), in.number("expo", 0)};
    if (family == "gain-super") return GainSuperCurve{in.number("gain"), in.number("super"), in.number("expo", 0)};
    if (family == "gain-curve") return GainCurveCurve{in.number("gain"), in.number("super"), in.number("curve", 0)};
    if (family == "percent-plus")
        return PercentPlusCurve{in.number("rate_dps"), in.number("plus_percent", 0), in.number("expo_percent", 0)};
    if (family == "table") {
        TableCurve table;
        for (const JsonIn& point : in.at("points").items()) {
            const auto pair = point.items();
            if (pair.size() != 2) point.fault("expected a stick position and its rate in deg/s");
            table.stick.push_back(pair[0].number());
            table.rates_dps.push_back(pair[1].number());
        }
        return table;
    }
    whole.at("family").fault("expected centre-max, gain-super, gain-curve, percent-plus, linear-expo or table, found '" + family + "'");
}


template <class T>
Result<T> load(const std::filesystem::path& path, Result<T> (*parse)(std::string_view, const std::string&))
{
    const auto text = read_text(path);
    if (!text) return tl::unexpected(text.error());
    return parse(*text, path.filename().string());
}

/// All documents of a folder, by file name.
template <class T>
Result<std::vector<T>> load_all(const std::filesystem::path& folder, Result<T> (*parse)(std::string_view, const std::string&))
{
    std::vector<std::filesystem::path> paths;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error))
        if (entry.path().extension() == ".json") paths.push_back(entry.path());
    std::sort(paths.begin(), paths.end());
    std::vector<T> all;
    for (const auto& path : paths) {
        auto document = load(path, parse);
        if (!document) return tl::unexpected(document.error());
        all.push_back(std::move(*document));
    }
    return all;
}

} // namespace

namespace {

Gate gate_at(const JsonIn& g)
{
    Gate gate;
    gate.north_m = g.number("north_m"), gate.east_m = g.number("east_m"), gate.heading_deg = g.number("heading_deg");
    gate.width_m = g.number("width_m"), gate.height_m = g.number("height_m");
    gate.sill_m = g.number("sill_m", gate.sill_m), gate.frame_m = g.number("frame_m", gate.frame_m);
    return gate;
}

/// A criterion's phases may be named without the endings of their copies: then it is about all of them. With "sides" true
/// there is one criterion for each side.
void add_criterion(const JsonIn& in, Drill& drill)
{
    const auto phases_of = [&](const Criterion& written, const std::string& side) {
        std::vector<std::string> ids;
        for (const std::string& id : written.phases) {
            const std::size_t before = ids.size();
            for (const Phase& phase : drill.phases)
                if ((phase.id == id || phase.id.starts_with(id + "-")) && (side.empty() || phase.side == side)) ids.push_back(phase.id);
            if (ids.size() == before) ids.push_back(id); // told by checked()
        }
        return ids;
    };
    const Criterion written = criterion_at(in);
    if (!in.truth("sides", false)) {
        drill.criteria.push_back(written);
        drill.criteria.back().phases = phases_of(written, "");
        return;
    }
    for (const char* side : {"right", "left"}) {
        Criterion c = written;
        c.side = side;
        c.label += std::string(", ") + side;
        c.phases = phases_of(written, side);
        drill.criteria.push_back(std::move(c));
    }
}

} // namespace

Result<Drill> parse_drill(std::string_view text, const std::string& file)
{
    auto drill = read_document<Drill>(text, file, "drill", [&](const JsonIn& in) -> Result<Drill> {
        Drill d;
        d.id = in.text("id");
        d.name = in.text("name");
        d.version = in.at("version").whole();
        d.purpose = in.text("purpose", "");
        const JsonIn setup = in.at("setup");
        d.world = setup.text("world", d.world);
        d.aircraft = setup.text("aircraft", d.aircraft);
        d.modes.clear();
        for (const JsonIn& mode : setup.at("modes").items()) d.modes.push_back(mode_at(mode));
        if (setup.has("start")) {
            const JsonIn start = setup.at("start");
            d.start.north_m = start.number("north_m", 0);
            d.start.east_m = start.number("east_m", 0);
            d.start.height_m = start.number("height_m", 0);
            d.start.heading_deg = start.number("heading_deg", 0);
            d.start.pitch_deg = start.number("pitch_deg", 0);
            d.start.bank_deg = start.number("bank_deg", 0);
        }
        d.camera_tilt_deg = setup.number("camera_tilt_deg", d.camera_tilt_deg);
        d.fov_deg = setup.number("fov_deg", d.fov_deg);
        if (setup.has("day")) {
            auto day = parse_conditions(setup.at("day").value().dump(), file + ": /setup/day");
            if (!day) return tl::unexpected(day.error());
            d.day = *day;
        }
        if (in.has("flags_m"))
            for (const JsonIn& flag : in.at("flags_m").items()) d.flags.push_back(place_at(flag));
        if (in.has("gates"))
            for (const JsonIn& gate : in.at("gates").items()) d.gates.push_back(gate_at(gate));
        add_phases(in.at("phases"), d.phases);
        for (const JsonIn& criterion : in.at("criteria").items()) add_criterion(criterion, d);
        if (in.has("disqualify")) {
            d.crash_disqualifies = in.at("disqualify").truth("crash", true);
            d.panic_disqualifies = in.at("disqualify").truth("panic", true);
        }
        return d;
    });
    return drill ? with_file(checked(std::move(*drill)), file) : drill;
}

Result<World> parse_world(std::string_view text, const std::string& file)
{
    return read_document<World>(text, file, "world", [](const JsonIn& in) -> Result<World> {
        World world;
        world.id = in.text("id");
        world.name = in.text("name");
        world.half_size_m = in.number("half_size_m");
        if (!(world.half_size_m >= 10 && world.half_size_m <= 1000)) in.at("half_size_m").fault("expected 10 to 1000 m");
        const auto pillars = [&](const char* key, Pillar::Kind kind, double radius_m, double height_m) {
            if (!in.has(key)) return;
            for (const JsonIn& p : in.at(key).items())
                world.pillars.push_back({kind, p.number("north_m"), p.number("east_m"), p.number("radius_m", radius_m),
                                         p.number("height_m", height_m)});
        };
        pillars("flags", Pillar::Kind::Flag, 0.04, 2.5);
        pillars("poplars", Pillar::Kind::Poplar, 1.1, 8);
        pillars("posts", Pillar::Kind::Post, 0.15, 3);
        const auto blocks = [&](const char* key, Block::Kind kind) {
            if (!in.has(key)) return;
            for (const JsonIn& b : in.at(key).items())
                world.blocks.push_back({kind, b.number("south_m"), b.number("north_m"), b.number("west_m"),
                                        b.number("east_m"), b.number("height_m"), b.number("low_m", 0)});
        };
        blocks("banks", Block::Kind::Bank);
        blocks("sheds", Block::Kind::Shed);
        blocks("roofs", Block::Kind::Roof);
        if (in.has("gates"))
            for (const JsonIn& g : in.at("gates").items()) world.gates.push_back(gate_at(g));
        return world;
    });
}

Result<Airframe> parse_airframe(std::string_view text, const std::string& file)
{
    auto airframe = read_document<Airframe>(text, file, "aircraft", [](const JsonIn& in) -> Result<Airframe> {
        Airframe a;
        a.id = in.text("id");
        a.name = in.text("name");
        a.mass_kg = in.number("mass_kg");
        a.thrust_to_weight = in.number("thrust_to_weight");
        a.thrust_curve = in.number("thrust_curve");
        a.motor_lag_s = in.number("motor_lag_s");
        a.drag_area_m2 = in.number("drag_area_m2");
        a.rotor_drag_kgps = in.number("rotor_drag_kgps");
        a.rate_lag_s = in.number("rate_lag_s");
        a.max_angular_accel_dps2 = in.number("max_angular_accel_dps2");
        a.body_radius_m = in.number("body_radius_m");
        a.wheelbase_m = in.number("wheelbase_m", a.wheelbase_m);
        if (in.has("rotors")) a.rotors = in.at("rotors").whole();
        a.propeller_m = in.number("propeller_m", a.propeller_m);
        if (in.has("inertia_kgm2")) {
            const auto about = in.at("inertia_kgm2").items();
            if (about.size() != 3) in.at("inertia_kgm2").fault("expected three numbers: about the axes forward, right, down");
            a.inertia_kgm2 = Vec3(about[0].number(), about[1].number(), about[2].number());
        }
        a.battery_hover_s = in.number("battery_hover_s", a.battery_hover_s);
        a.battery_load_sag = in.number("battery_load_sag", a.battery_load_sag);
        a.battery_rest_sag = in.number("battery_rest_sag", a.battery_rest_sag);
        return a;
    });
    return airframe ? with_file(checked(std::move(*airframe)), file) : airframe;
}

Result<RateProfile> parse_rates(std::string_view text, const std::string& file)
{
    return read_document<RateProfile>(text, file, "rates", [&](const JsonIn& in) -> Result<RateProfile> {
        RateProfile profile;
        profile.name = in.text("name", "");
        const std::string family = in.text("family");
        for (auto [key, curve] : {std::pair{"roll", &profile.roll}, {"pitch", &profile.pitch}, {"yaw", &profile.yaw}}) {
            const JsonIn axis = in.at(key); // may have a family of its own
            auto good = checked(curve_at(axis, axis.text("family", family), axis.has("family") ? axis : in));
            if (!good) in.at(key).fault(good.error().message);
            *curve = *good;
        }
        return profile;
    });
}

Result<Curriculum> parse_curriculum(std::string_view text, const std::string& file)
{
    return read_document<Curriculum>(text, file, "curriculum", [](const JsonIn& in) -> Result<Curriculum> {
        Curriculum curriculum;
        curriculum.id = in.text("id");
        curriculum.name = in.text("name");
        curriculum.version = in.at("version").whole();
        for (const JsonIn& stage : in.at("stages").items()) {
            Curriculum::Stage s;
            s.name = stage.text("name");
            for (const JsonIn& id : stage.at("drills").items()) s.drills.push_back(id.text());
            if (s.drills.empty()) stage.at("drills").fault("expected at least one drill");
            curriculum.stages.push_back(std::move(s));
        }
        if (curriculum.stages.empty()) in.at("stages").fault("expected at least one stage");
        return curriculum;
    });
}

Json calibration_json(const Calibration& calibration)
{
    Json json;
    json["format"] = "bluehangar.calibration/1";
    for (Function function : all_functions) {
        const FunctionCalibration& f = calibration.of(function);
        Json& out = json["functions"][function_key(function)];
        if (f.axis < 0) { // nothing found may look like something found
            out = {{"axis", nullptr}, {"verdict", verdict_key(f.verdict)}, {"reason", f.reason}};
            continue;
        }
        out = {{"axis", f.axis},
               {"inverted", f.inverted},
               {"sprung", f.sprung},
               {"low_counts", f.low_counts},
               {"centre_counts", f.centre_counts},
               {"high_counts", f.high_counts},
               {"jitter_counts", f.jitter_counts},
               {"jitter_peak_counts", f.jitter_peak_counts},
               {"hysteresis_counts", f.sprung ? Json(f.hysteresis_counts) : Json(nullptr)},
               {"rest_after_high_counts", f.rest_after_high_counts},
               {"rest_after_low_counts", f.rest_after_low_counts},
               {"dead_band", f.dead_band},
               {"travel_share", f.travel_share},
               {"asymmetry", f.asymmetry},
               {"effective_bits", f.effective_bits},
               {"verdict", verdict_key(f.verdict)},
               {"reason", f.reason}};
    }
    for (const CrossTalk& c : calibration.cross_talk)
        json["cross_talk"][std::string(function_key(c.first)) + "->" + function_key(c.second)] = c.share;
    json["unused_axes"] = calibration.unused_axes;
    json["step_counts"] = calibration.step_counts;
    json["interval_ms"] = calibration.interval_ms;
    json["interval_p95_ms"] = calibration.interval_p95_ms;
    json["problems"] = calibration.problems;
    return json;
}

Result<Calibration> parse_calibration(std::string_view text, const std::string& file)
{
    return read_document<Calibration>(text, file, "calibration", [](const JsonIn& in) -> Result<Calibration> {
        Calibration calibration;
        for (Function function : all_functions) {
            const JsonIn f = in.at("functions").at(function_key(function));
            FunctionCalibration& out = calibration.of(function);
            out.reason = f.text("reason", "");
            const std::string verdict = f.text("verdict", "service");
            for (Verdict v : {Verdict::Good, Verdict::Usable, Verdict::Service})
                if (verdict == verdict_key(v)) out.verdict = v;
            if (f.at("axis").value().is_null()) continue;
            out.axis = f.at("axis").whole();
            if (out.axis < 0 || out.axis > 255) f.at("axis").fault("expected 0 to 255");
            out.inverted = f.truth("inverted", false);
            out.sprung = f.truth("sprung", false);
            out.low_counts = f.number("low_counts");
            out.centre_counts = f.number("centre_counts");
            out.high_counts = f.number("high_counts");
            if (out.low_counts == out.high_counts) f.at("high_counts").fault("expected another value than low_counts");
            out.jitter_counts = f.number("jitter_counts", 0);
            if (f.has("hysteresis_counts") && !f.at("hysteresis_counts").value().is_null())
                out.hysteresis_counts = f.number("hysteresis_counts");
            out.rest_after_high_counts = f.number("rest_after_high_counts", out.centre_counts);
            out.rest_after_low_counts = f.number("rest_after_low_counts", out.centre_counts);
            out.dead_band = f.number("dead_band", 0);
            out.travel_share = f.number("travel_share", 1);
            out.jitter_peak_counts = f.number("jitter_peak_counts", 0);
            out.asymmetry = f.number("asymmetry", 1);
            out.effective_bits = f.number("effective_bits", 0);
        }
        calibration.step_counts = in.has("step_counts") ? in.at("step_counts").whole() : 0;
        calibration.interval_ms = in.number("interval_ms", 0);
        calibration.interval_p95_ms = in.number("interval_p95_ms", calibration.interval_ms);
        if (in.has("problems"))
            for (const JsonIn& problem : in.at("problems").items()) calibration.problems.push_back(problem.text());
        return calibration;
    });
}

Json score_json(const Score& score)
{
    Json json;
    json["format"] = "bluehangar.score/1";
    json["drill"] = score.drill_id;
    json["drill_version"] = score.drill_version;
    json["score"] = score.score;
    json["passed"] = score.passed;
    json["flown_s"] = score.flown_s;
    json["criteria"] = Json::array();
    for (const CriterionScore& c : score.criteria)
        json["criteria"].push_back({{"measure", measure_key(c.criterion.measure)},
                                    {"label", c.criterion.label},
                                    {"unit", c.criterion.unit},
                                    {"must", c.criterion.must},
                                    {"weight", c.criterion.weight},
                                    {"fail", c.criterion.fail},
                                    {"pass", c.criterion.pass},
                                    {"merit", c.criterion.merit},
                                    {"value", c.value ? Json(*c.value) : Json(nullptr)},
                                    {"marks", c.marks},
                                    {"passed", c.passed()}});
    json["disqualified"] = score.disqualified;
    json["summary"] = score.summary;
    return json;
}

Result<DataFolder> DataFolder::find(const std::filesystem::path& program, const char* from_environment)
{
    namespace fs = std::filesystem;
    std::error_code ignored;
    const auto holds_data = [&](const fs::path& folder) { return fs::is_directory(folder / "drills", ignored); };
    if (from_environment && *from_environment) { // asked for by name: nothing else is taken instead
        if (holds_data(from_environment)) return DataFolder(fs::weakly_canonical(from_environment, ignored));
        return failure(Error::Code::NotFound, std::string("BLUEHANGAR_DATA is ") + from_environment + ", but there is no folder drills in it");
    }
    std::vector<fs::path> candidates;
    const fs::path folder = fs::absolute(program, ignored).parent_path();
    candidates.push_back(folder / ".." / "share" / "bluehangar");
    for (fs::path up = folder; up.has_relative_path(); up = up.parent_path()) candidates.push_back(up / "data");
    for (const fs::path& candidate : candidates)
        if (holds_data(candidate)) return DataFolder(fs::weakly_canonical(candidate, ignored));
    return failure(Error::Code::NotFound,
                   "the folder with the drills was not found; set BLUEHANGAR_DATA to the folder that holds drills/");
}

Result<Drill> DataFolder::drill(const std::string& id) const
{
    const auto path = root_ / "drills" / (id + ".json");
    if (id.find('/') != std::string::npos || !std::filesystem::exists(path))
        return failure(Error::Code::NotFound, "there is no drill '" + id + "'; `drill list` shows those there are");
    return load(path, parse_drill);
}

Result<std::vector<Drill>> DataFolder::drills() const { return load_all(root_ / "drills", parse_drill); }

Result<SimulatorProfile> DataFolder::simulator(const std::string& id_or_file) const
{
    const bool is_file = id_or_file.ends_with(".json");
    const auto path = place_of("simulators", id_or_file);
    if (!is_file && (id_or_file.find('/') != std::string::npos || !std::filesystem::exists(path)))
        return failure(Error::Code::NotFound, "there is no simulator '" + id_or_file + "' in the data folder; expected its id or a JSON file");
    return load(path, parse_simulator);
}

Result<std::vector<SimulatorProfile>> DataFolder::simulators() const { return load_all(root_ / "simulators", parse_simulator); }

Result<std::vector<KitList>> DataFolder::kit() const { return load(root_ / "kit" / "stations.json", parse_kit); }
Result<FaultTree> DataFolder::faults() const { return load(root_ / "kit" / "faults.json", parse_faults); }

Result<Curriculum> DataFolder::curriculum(const std::string& id) const
{
    return load(root_ / "curricula" / (id + ".json"), parse_curriculum);
}
std::filesystem::path DataFolder::place_of(const char* kind, const std::string& id_or_file) const
{
    return id_or_file.ends_with(".json") ? std::filesystem::path(id_or_file) : root_ / kind / (id_or_file + ".json");
}
Result<World> DataFolder::world(const std::string& id_or_file) const { return load(place_of("worlds", id_or_file), parse_world); }
Result<Airframe> DataFolder::airframe(const std::string& id_or_file) const { return load(place_of("aircraft", id_or_file), parse_airframe); }
Result<std::vector<Curriculum>> DataFolder::curricula() const { return load_all(root_ / "curricula", parse_curriculum); }
Result<std::vector<Airframe>> DataFolder::airframes() const { return load_all(root_ / "aircraft", parse_airframe); }

Result<FlightSetup> DataFolder::setup_for(const Drill& drill, const RateProfile& rates) const
{
    auto loaded_world = world(drill.world);
    if (!loaded_world) return tl::unexpected(loaded_world.error());
    auto loaded_airframe = airframe(drill.aircraft);
    if (!loaded_airframe) return tl::unexpected(loaded_airframe.error());
    FlightSetup setup;
    setup.world = std::move(*loaded_world);
    setup.airframe = std::move(*loaded_airframe);
    setup.rates = rates;
    setup.mode = drill.modes.front();
    setup.start = drill.start;
    setup.conditions = drill.day;
    return setup;
}

} // namespace bh
