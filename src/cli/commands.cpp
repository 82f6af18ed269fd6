#include "cli/commands.h"

#include "cli/print.h"
#include "core/base/number_text.h"
#include "core/base/one_line.h"

#include "core/drill/demonstration.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/documents/calibration_document.h"
#include "files/documents/conditions_document.h"
#include "files/documents/debrief_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/score_document.h"
#include "files/documents/simulator_document.h"
#include "files/flights/flight_csv.h"
#include "files/tables/rates_csv.h"
#include "files/tables/recording_csv.h"
#include "files/tables/stick_csv.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <iostream>
#include <nlohmann/json.hpp>

namespace bh::cli {
namespace {

using Json = nlohmann::ordered_json;

/// A drill by its id, or from a file when the name ends in .json.
Result<Drill> find_drill(const DataFolder& data, const std::string& id)
{
    if (!id.ends_with(".json")) return data.drill(id);
    const auto text = read_text(id);
    if (!text) return tl::unexpected(text.error());
    return parse_drill(*text, id);
}

Result<Line> parse_line(const std::string& text)
{
    CsvCursor cursor(text);
    Line line;
    if (!cursor.number(line.north_m) || !cursor.next_field() || !cursor.number(line.east_m) || !cursor.next_field() ||
        !cursor.number(line.heading_deg) || !cursor.at_end() || !std::isfinite(line.north_m + line.east_m + line.heading_deg))
        return bad_input("--line: expected NORTH,EAST,HEADING in m and degrees, found '" + text + "'");
    return line;
}

Result<std::vector<Vec2>> parse_flags(const std::string& text)
{
    std::vector<Vec2> flags;
    for (std::size_t from = 0; from <= text.size();) {
        const std::size_t to = std::min(text.find(';', from), text.size());
        const std::string one = text.substr(from, to - from);
        CsvCursor cursor(one);
        Vec2 flag;
        if (!cursor.number(flag.x()) || !cursor.next_field() || !cursor.number(flag.y()) || !cursor.at_end() || !flag.allFinite())
            return bad_input("--flags: expected NORTH,EAST in m for each flag with ; between them, found '" + one + "'");
        flags.push_back(flag);
        from = to + 1;
    }
    return flags;
}

} // namespace

Result<int> calibrate_controller(const std::string& file)
{
    const auto recording = load_recording_csv(file);
    if (!recording) return tl::unexpected(recording.error());
    const auto calibration = calibrate(*recording);
    if (!calibration) return bad_input(file + ": " + calibration.error().english);
    print(calibration_json(*calibration));
    return calibration->usable() ? 0 : 1;
}

Result<int> settings_sheet(const DataFolder& data, const std::string& calibration_file, const std::string& simulator_name)
{
    const auto text = read_text(calibration_file);
    if (!text) return tl::unexpected(text.error());
    const auto calibration = parse_calibration(*text, calibration_file);
    if (!calibration) return tl::unexpected(calibration.error());
    const auto simulator = data.simulator(simulator_name);
    if (!simulator) return tl::unexpected(simulator.error());
    const auto sheet = bh::settings_sheet(*calibration, *simulator);
    if (!sheet) return bad_input(calibration_file + ": " + sheet.error().english);
    print(sheet_json(*sheet, *simulator));
    return 0;
}

Result<int> list_drills(const DataFolder& data)
{
    const auto drills = data.drills();
    if (!drills) return tl::unexpected(drills.error());
    for (const Drill& drill : *drills)
        std::printf("%-16s %-20s %s\n", one_line(drill.id).c_str(), one_line(drill.name).c_str(),
                    one_line(drill.purpose).c_str());
    return 0;
}

Result<int> show_drill(const DataFolder& data, const std::string& id)
{
    const auto drill = find_drill(data, id);
    if (!drill) return tl::unexpected(drill.error());
    std::printf("%s (%s, version %d)\n%s\n\nPhases\n", one_line(drill->name).c_str(), one_line(drill->id).c_str(), drill->version,
                drill->purpose.c_str());
    for (const Phase& phase : drill->phases)
        std::printf("  %-8s %s (within %s s)\n", phase.id.c_str(), phase.instruction.c_str(),
                    fixed(phase.time_limit_s, 0).c_str());
    std::printf("\nCriteria                        fail     pass    merit  unit\n");
    for (const Criterion& c : drill->criteria)
        std::printf("  %-24s %8s %8s %8s  %s%s%s\n", c.label.c_str(), to_digits(c.fail, 6).c_str(), to_digits(c.pass, 6).c_str(),
                    to_digits(c.merit, 6).c_str(), unit_key(c.unit()).data(), c.must ? ", must" : "",
                    c.common_practice ? ", common practice" : "");
    return 0;
}

Result<int> check_drill(const std::string& file)
{
    const auto text = read_text(file);
    if (!text) return tl::unexpected(text.error());
    std::vector<Message> slips;
    const auto drill = parse_drill(*text, file, &slips);
    if (!drill) return tl::unexpected(drill.error());
    for (const Message& slip : slips) std::printf("%s\n", slip.english().c_str());
    if (!slips.empty()) return 1;
    std::printf("%s: drill '%s', %zu phases, %zu criteria: good\n", file.c_str(), drill->id.c_str(), drill->phases.size(),
                drill->criteria.size());
    return 0;
}

namespace {

bool good_tilt(double tilt_deg) { return tilt_deg >= 0 && tilt_deg <= 60; }
constexpr auto tilt_expected = "--tilt: expected 0 to 60 degrees";

/// The drill, and for one of sticks alone the demonstration that they follow.
Result<Drill> find_drill_with(const DataFolder& data, const std::string& id, const std::string& demonstration)
{
    auto drill = find_drill(data, id);
    if (!drill || !drill->sticks_only) return drill;
    if (demonstration.empty()) return bad_input("drill " + id + " follows a demonstration: expected --demonstration FLIGHT.csv");
    auto log = load_flight_csv(demonstration);
    if (!log) return tl::unexpected(log.error());
    return shadowing(std::move(*drill), std::make_shared<const FlightLog>(std::move(*log)));
}

} // namespace

Result<int> score_drill(const DataFolder& data, const std::string& id, const std::string& flight,
                        const std::string& demonstration)
{
    const auto drill = find_drill_with(data, id, demonstration);
    if (!drill) return tl::unexpected(drill.error());
    const auto log = load_flight_csv(flight);
    if (!log) return tl::unexpected(log.error());
    const auto scored = score_log(*drill, *log);
    if (!scored) return bad_input(flight + ": " + scored.error().english);
    print(score_json(*scored));
    return scored->passed ? 0 : 1;
}

Result<int> debrief_flight(const DataFolder& data, const std::string& flight, const std::string& drill_id,
                           std::optional<double> tilt_deg)
{
    if (tilt_deg && !good_tilt(*tilt_deg)) return bad_input(tilt_expected);
    const auto rules = data.coaching();
    if (!rules) return tl::unexpected(rules.error());
    std::optional<Drill> drill;
    if (!drill_id.empty()) {
        auto found = find_drill(data, drill_id);
        if (!found) return tl::unexpected(found.error());
        if (tilt_deg) found->camera_tilt_deg = *tilt_deg;
        drill = std::move(*found);
    }
    const auto log = load_flight_csv(flight);
    if (!log) return tl::unexpected(log.error());
    const auto scored = drill && log->has_position ? score_log(*drill, *log) : bad_input("");
    const Score* score = scored ? &*scored : nullptr;
    const Debrief found = drill ? debrief(*log, *drill, score) : debrief(*log);
    print(debrief_json(found, advise(found, rules->rules, score)));
    return 0;
}

Result<int> fly_drill(const DataFolder& data, const Flying& flying)
{
    const auto& [id, skill, seed, out, fault_names, demonstration, rates_file, tilt_deg] = flying;
    auto drill = find_drill_with(data, id, demonstration);
    if (!drill) return tl::unexpected(drill.error());
    if (tilt_deg) {
        if (!good_tilt(*tilt_deg)) return bad_input(tilt_expected);
        drill->camera_tilt_deg = *tilt_deg;
    }
    const auto rates = rates_file.empty() ? Result<RateProfile>(RateProfile{}) : load_rates(rates_file);
    if (!rates) return tl::unexpected(rates.error());
    if (!(skill >= 0 && skill <= 1)) return bad_input("--skill: expected 0 to 1");
    const auto faults = stand_in_faults(fault_names);
    if (!faults) return bad_input("--fault: " + faults.error().english);
    const auto setup = data.setup_for(*drill, *rates);
    if (!setup) return tl::unexpected(setup.error());
    const auto flown = bh::fly_drill(*drill, *setup, skill, seed, *faults);
    if (!flown) return tl::unexpected(flown.error());
    if (!out.empty())
        if (const auto written = write_whole(out, flight_csv(flown->log)); !written) return tl::unexpected(written.error());
    print(score_json(flown->score));
    return flown->score.passed ? 0 : 1;
}

Result<int> check_world(const DataFolder& data, const std::string& id_or_file)
{
    const auto world = data.world(id_or_file);
    if (!world) return tl::unexpected(world.error());
    const std::vector<Message> problems = problems_of(*world);
    for (const Message& problem : problems) std::printf("%s: %s\n", id_or_file.c_str(), problem.english().c_str());
    if (problems.empty())
        std::printf("%s: world '%s', %zu pillars, %zu blocks, %zu gates: good\n", id_or_file.c_str(), world->id.c_str(),
                    world->pillars.size(), world->blocks.size(), world->gates.size());
    return problems.empty() ? 0 : 1;
}

Result<int> list_aircraft(const DataFolder& data)
{
    const auto all = data.airframes();
    if (!all) return tl::unexpected(all.error());
    for (const Airframe& a : *all) std::printf("%-16s %s\n", one_line(a.id).c_str(), one_line(a.name).c_str());
    return 0;
}

Result<int> simulate_flight(const DataFolder& data, const SimulateArguments& arguments)
{
    FlightSetup setup;
    const auto airframe = data.airframe(arguments.aircraft);
    if (!airframe) return tl::unexpected(airframe.error());
    const auto world = data.world(arguments.world);
    if (!world) return tl::unexpected(world.error());
    const auto mode = mode_from_key(arguments.mode);
    if (!mode) return bad_input("--mode: expected acro, angle, horizon, hold or sport, found '" + arguments.mode + "'");
    if (!(arguments.height_m >= 0 && arguments.height_m <= 500)) return bad_input("--height-m: expected 0 to 500");
    if (!(arguments.field_m >= lowest_field_m && arguments.field_m <= highest_field_m))
        return bad_input("--field-m: expected -400 to 20000");
    if (!good_tilt(arguments.tilt_deg)) return bad_input(tilt_expected);
    if (!arguments.rates.empty()) {
        const auto rates = load_rates(arguments.rates);
        if (!rates) return tl::unexpected(rates.error());
        setup.rates = *rates;
    }
    setup.airframe = *airframe;
    setup.world = *world;
    setup.mode = *mode;
    setup.start.height_m = arguments.height_m;
    setup.field_height_m = arguments.field_m;
    setup.conditions = arguments.day;
    if (!arguments.conditions_file.empty()) {
        const auto text = read_text(arguments.conditions_file);
        if (!text) return tl::unexpected(text.error());
        auto day = parse_conditions(*text, arguments.conditions_file);
        if (!day) return tl::unexpected(day.error());
        setup.conditions = *day;
    }
    for (const std::string& name : arguments.conditions) {
        bool* const switches[] = {&setup.conditions.gusts, &setup.conditions.ground_effect, &setup.conditions.prop_wash,
                                  &setup.conditions.battery_sag};
        const char* const names[] = {"gusts", "ground-effect", "prop-wash", "battery"};
        const auto found = std::find(std::begin(names), std::end(names), name);
        if (found == std::end(names))
            return bad_input("--with: expected gusts, ground-effect, prop-wash or battery, found '" + name + "'");
        *switches[found - std::begin(names)] = true;
    }
    const auto rows = load_stick_csv(arguments.sticks);
    if (!rows) return tl::unexpected(rows.error());
    constexpr double longest_s = 3600;
    if (rows->back().t_s - rows->front().t_s > longest_s)
        return bad_input(arguments.sticks + ": longer than an hour, expected at most 3600 s");
    setup.start.throttle = rows->front().sticks.throttle;
    auto flight = Flight::create(std::move(setup));
    if (!flight) return tl::unexpected(flight.error());
    for (std::size_t i = 0; i < rows->size(); ++i) {
        const double until_s = (i + 1 < rows->size() ? (*rows)[i + 1].t_s : (*rows)[i].t_s + Flight::step_s) - rows->front().t_s;
        while (flight->time_s() < until_s - Flight::step_s / 2) {
            flight->step((*rows)[i].sticks);
            if (!flight->armed()) (void)flight->arm(); // with the throttle at the bottom, as by hand
        }
    }
    if (!arguments.out.empty())
        if (const auto written = write_whole(arguments.out, flight_csv(flight->log())); !written)
            return tl::unexpected(written.error());
    const State& s = flight->state();
    print({{"flown_s", flight->time_s()},
           {"crashed", flight->crashed()},
           {"north_m", s.position_m.x()},
           {"east_m", s.position_m.y()},
           {"height_m", s.height_m()},
           {"speed_mps", s.velocity_mps.norm()},
           {"lean_deg", lean_deg(s.attitude)},
           {"battery_used", flight->day().battery_used()}});
    return 0;
}

Result<int> measure_flight(const MeasureArguments& arguments)
{
    std::vector<Measure> measures;
    for (const std::string& key : arguments.keys) {
        const auto known = measure_from_key(key);
        if (!known) return bad_input("--keys: there is no measure '" + key + "'");
        measures.push_back(*known);
    }
    MeasureOptions options;
    options.height_m = arguments.height_m;
    options.window_m = arguments.window_m.value_or(options.window_m);
    if (!arguments.line.empty()) {
        const auto line = parse_line(arguments.line);
        if (!line) return tl::unexpected(line.error());
        options.line = *line;
    }
    if (!arguments.flags.empty()) {
        const auto flags = parse_flags(arguments.flags);
        if (!flags) return tl::unexpected(flags.error());
        options.flags_m = *flags;
    }
    options.turn_deg = arguments.turn_deg;
    options.axis = stick_axis_from_key(arguments.axis);
    if (!options.axis && !arguments.axis.empty())
        return bad_input("--axis: expected throttle, yaw, pitch or roll, found '" + arguments.axis + "'");
    const auto log = load_flight_csv(arguments.flight);
    if (!log) return tl::unexpected(log.error());
    // Without --to the last row counts too; with it, rows up to and including that time.
    const RowSpan span = rows_between(*log, arguments.from_s.value_or(-1e300), arguments.to_s ? *arguments.to_s + 1e-9 : 1e300);
    if (span.size() == 0) return bad_input(arguments.flight + ": no rows between --from and --to");
    Json json;
    json["from_s"] = log->t_s[span.first];
    json["to_s"] = log->t_s[span.last - 1];
    for (const Measure what : measures) {
        const auto value = measure(*log, span, what, options);
        json["measures"][std::string(measure_key(what))] = value ? Json(*value) : Json(nullptr);
    }
    print(json);
    return 0;
}

Result<int> rate_curve(const std::string& file, int points)
{
    if (points < 2 || points > 1000000) return bad_input("--points: expected 2 to 1000000");
    const auto profile = load_rates(file);
    if (!profile) return tl::unexpected(profile.error());
    std::fputs(rates_csv(*profile, points).c_str(), stdout);
    return 0;
}

} // namespace bh::cli
