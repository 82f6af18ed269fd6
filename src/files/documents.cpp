#include "files/documents.h"

#include "core/rates/rate_families.h"
#include "files/file_text.h"
#include "files/json_in.h"
#include "files/json_parts.h"
#include "files/setup_documents.h"
#include "files/kit_documents.h"
#include "files/simulator_document.h"

#include <algorithm>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

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


/// {"centre_dps": [lowest, highest, step], …}; the family's own where a parameter is not named.
std::vector<ParameterRange> limits_at(const JsonIn& in, const std::string& family)
{
    std::vector<ParameterRange> limits;
    const RateFamily* known = rate_family(family);
    if (!known) in.fault("a table has no parameters to be limited");
    for (const RateParameter& p : known->parameters) {
        const std::string key(p.key);
        limits.push_back({p.low, p.high, p.step});
        if (!in.has(key.c_str())) continue;
        const auto numbers = in.at(key.c_str()).items();
        if (numbers.size() != 3) in.at(key.c_str()).fault("expected lowest, highest and step");
        limits.back() = {numbers[0].number(), numbers[1].number(), numbers[2].number()};
        if (!(limits.back().low < limits.back().high) || !(limits.back().step > 0)) in.at(key.c_str()).fault("expected lowest under highest, and a step above 0");
    }
    return limits;
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
        if (in.has("limits")) profile.limits = limits_at(in.at("limits"), family);
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
    for (const CriterionScore& c : score.criteria) {
        Json one{{"measure", measure_key(c.criterion.measure)}, {"label", c.criterion.label}, {"unit", c.criterion.unit}, {"must", c.criterion.must},
                 {"weight", c.criterion.weight}, {"fail", c.criterion.fail}, {"pass", c.criterion.pass}, {"merit", c.criterion.merit},
                 {"value", c.value ? Json(*c.value) : Json(nullptr)}, {"marks", c.marks}, {"passed", c.passed()}};
        if (const auto& below = c.criterion.below) one["below"] = {{"fail", below->fail}, {"pass", below->pass}, {"merit", below->merit}};
        if (c.span) one["from_s"] = c.span->from_s, one["to_s"] = c.span->to_s;
        json["criteria"].push_back(std::move(one));
    }
    json["faults"] = Json::array();
    for (const FaultFound& f : score.faults) {
        Json one{{"measure", measure_key(f.fault.measure)}, {"label", f.fault.label}, {"unit", f.fault.unit}, {"more_than", f.fault.more_than},
                 {"value", f.value}, {"advice", f.fault.advice}};
        if (f.span) one["from_s"] = f.span->from_s, one["to_s"] = f.span->to_s;
        json["faults"].push_back(std::move(one));
    }
    json["throttle_cuts_s"] = score.throttle_cuts_s;
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

Result<std::string> DataFolder::text(const char* kind, const std::string& id) const
{
    return read_text(place_of(kind, id));
}

Result<std::string> next_version(const std::string& text, const std::string& kind, const std::string& id)
{
    const auto good = parse_document(text, id, kind);
    if (!good) return tl::unexpected(good.error());
    if (good->value("id", "") != id) return bad_input(id + ": /id: expected '" + id + "'");
    Json document = Json::parse(text);
    document["version"] = good->value("version", 0) + 1;
    return document.dump(1);
}

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
    setup.crash_disarms = drill.crash_disarms;
    return setup;
}

} // namespace bh
