#include "cli/commands.h"
#include "core/base/number_text.h"
#include "core/base/one_line.h"
#include "core/standin/stand_in_habits.h"

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <algorithm>
#include <charconv>
#include <clocale>
#include <cmath>
#include <cstdint>
#include <cstdlib>
#include <filesystem>
#include <functional>
#include <iostream>
#include <optional>
#include <string_view>

namespace {

/// A number on the command line that nothing here measures: not finite, beyond 10^12, or a seed of more than 64 bits.
std::optional<std::string> wild_number(std::string_view option, std::string_view given)
{
    if (const auto equals = given.find('='); given.starts_with("--") && equals != std::string_view::npos)
        return wild_number(given.substr(0, equals), given.substr(equals + 1));
    const std::string_view digits = given.substr(given.starts_with('-') ? 1 : 0);
    if (digits.empty() || (digits[0] != '.' && (digits[0] < '0' || digits[0] > '9'))) return std::nullopt; // a name, perhaps
    double value = 0;
    const char* const end = given.data() + given.size();
    const auto [after, status] = std::from_chars(given.data(), end, value);
    if (after != end || status == std::errc::invalid_argument) return std::nullopt;
    constexpr double largest = 1e12;
    if (status == std::errc() && std::abs(value) <= largest) return std::nullopt;
    std::uint64_t whole = 0;
    const bool seed = option == "--seed";
    if (seed && std::from_chars(given.data(), end, whole).ec == std::errc()) return std::nullopt;
    return bh::one_line(option) + ": expected " + (seed ? "a whole number of 64 bits" : "a number not beyond 1000000000000") +
           ", found '" + bh::one_line(given.substr(0, 40)) + "'";
}

/// The one door of all numbers: whatever an option is for, no "nan" and no "inf" comes in by it.
void take_finite_numbers_only(CLI::App& command)
{
    const CLI::Validator finite(
        [](const std::string& given) {
            const auto number = bh::number_of(given.substr(given.starts_with('+') ? 1 : 0));
            return !number || std::isfinite(*number) ? std::string()
                                                     : "expected a finite number, found '" + given.substr(0, 40) + "'";
        },
        "");
    for (CLI::Option* option : command.get_options())
        if (const std::string type = option->get_type_name();
            type.starts_with("FLOAT") || type.starts_with("INT") || type.starts_with("UINT"))
            option->check(finite);
    for (CLI::App* sub : command.get_subcommands({})) take_finite_numbers_only(*sub);
}

std::string join(const std::vector<std::string>& words)
{
    std::string all;
    for (std::size_t i = 0; i < words.size(); ++i) all += (i == 0 ? "" : i + 1 == words.size() ? " or " : ", ") + words[i];
    return all;
}

/// What is wrong with the words given, in one line. What stands where a command was expected is named, with those that there are.
std::string usage_problem(const CLI::App& app, const CLI::ParseError& error)
{
    const CLI::App* command = &app;
    while (!command->get_subcommands().empty()) command = command->get_subcommands().front();
    std::vector<std::string> expected;
    for (const CLI::App* sub : command->get_subcommands([](const CLI::App*) { return true; }))
        expected.push_back(sub->get_name());
    const auto is_word = [](const std::string& given) { return !given.starts_with('-'); };
    const std::vector<std::string> left = app.remaining(true); // what nothing here takes
    if (expected.empty()) {                                    // a whole command, and something is wrong with what it was given
        const auto option = std::find_if_not(left.begin(), left.end(), is_word);
        const std::string_view words = error.what(), before_a_number = "Could not convert: ";
        if (words.starts_with(before_a_number))
            return std::string(words.substr(before_a_number.size())) + ": is no number that it takes; --help shows what there is";
        if (left.empty()) return std::string(words) + "; --help shows what there is";
        return "'" + (option == left.end() ? left.front() : *option) + "' is nothing that '" + command->get_name() +
               "' takes; --help shows what there is";
    }
    const auto word = std::find_if(left.begin(), left.end(), is_word);
    const std::string of = command == &app ? "" : " of '" + command->get_name() + "'";
    if (word == left.end()) return "a command" + of + " is expected: " + join(expected);
    return "'" + *word + "' is no command" + of + ", expected " + join(expected);
}

} // namespace

int main(int argc, char** argv)
{
    using namespace bh;
    CLI::App app{"Blue Hangar from a shell: the same computation as on the desk. Exit 0 done, 1 the answer is no, 2 bad input."};
    app.require_subcommand(1);
    app.set_version_flag("--version", "bluehangar-cli " BH_VERSION);

    std::function<Result<int>()> chosen;
    const auto with_data = [&](auto command) -> std::function<Result<int>()> {
        return [&, command]() -> Result<int> {
            std::error_code error; // by the kernel's word: a name that was found along PATH tells no folder
            auto program = std::filesystem::read_symlink("/proc/self/exe", error);
            if (error) program = argv[0];
            const auto data = DataFolder::find(program, std::getenv("BLUEHANGAR_DATA"));
            if (!data) return tl::unexpected(data.error());
            return command(*data);
        };
    };
    std::string file, id, out, profile;
    cli::Flying flying;
    cli::MatchArguments matching;
    cli::StopwatchArguments timing;
    cli::VerticalArguments vertical;
    cli::GustArguments gusting;
    int points = 2001;
    cli::MeasureArguments measuring;
    cli::CurveArguments curving;
    cli::ReadinessArguments gates;
    cli::PlanArguments planning;

    auto* controller = app.add_subcommand("controller", "Controllers")->require_subcommand(1);
    auto* calibrate = controller->add_subcommand("calibrate", "Work out a calibration from a recording with prompts");
    calibrate->add_option("recording", file, "Recording CSV: t_s,a0,a1,...,prompt")->required();
    calibrate->callback([&] { chosen = [&] { return cli::calibrate_controller(file); }; });

    auto* sheet = controller->add_subcommand("sheet", "What to set in a simulator for a calibrated controller");
    sheet->add_option("--calibration", file, "Calibration JSON")->required();
    sheet->add_option("--simulator", id, "Simulator JSON, or the id of one that ships")->required();
    sheet->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::settings_sheet(d, file, id); }); });

    auto* grip = controller->add_subcommand("grip", "Throughput of a pointing task, per condition and in the mean");
    grip->add_option("taps", file,
                     "CSV participant,nominal_distance_deg,nominal_width_deg,trial,start_deg,target_deg,end_deg,time_s")
        ->required();
    grip->callback([&] { chosen = [&] { return cli::score_pointing(file); }; });

    auto* progress = app.add_subcommand("progress", "Practice over many attempts")->require_subcommand(1);
    auto* practice =
        progress->add_subcommand("curve", "The practice curve through values of many attempts, and when a limit is met");
    practice->add_option("trials", curving.trials, "CSV trial,value")->required();
    practice->add_option("--threshold", curving.threshold, "The value to be met: at or below it");
    practice->add_flag("--higher-is-better", curving.higher_is_better, "Values are marks: at or above the threshold");
    practice->add_option("--level", curving.level, "Of the forecast's interval, 0 to 1");
    practice->callback([&] { chosen = [&] { return cli::fit_practice_curve(curving); }; });
    auto* sickness = app.add_subcommand("sickness", "Scores of the simulator sickness questionnaire");
    sickness->add_option("answers", id, "16 answers from 0 (none) to 3 (severe), with commas between them")->required();
    sickness->callback([&] { chosen = [&] { return cli::score_sickness(id); }; });

    auto* ready =
        app.add_subcommand("readiness", "What stands between a pilot and a first real flight; exit 1 when not all is met");
    ready->add_option("--store", gates.store, "Training record")->required();
    ready->add_option("--pilot", gates.pilot, "One pilot by name; otherwise all");
    ready->add_option("--at", gates.at, "As of a moment, such as 2031-06-12T15:20:00Z");
    ready->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::say_readiness(d, gates); }); });

    auto* plan = app.add_subcommand("plan", "Who flies when; exit 1 when somebody cannot be placed");
    auto* problem = plan->add_option("--problem", file, "Slots, bays, pilots and what was published, as JSON");
    auto* plan_store = plan->add_option("--store", planning.store, "Training record")->excludes(problem);
    auto* plan_week = plan->add_option("--week", planning.week, "Such as 2031-W07")->needs(plan_store);
    plan_store->needs(plan_week);
    plan->add_option("--ics", planning.ics, "iCalendar of the plan that is printed to write")->needs(plan_store);
    plan->add_flag("--kept", planning.kept, "The week as it is kept, instead of planned now")->needs(plan_store);
    plan->add_option("--seconds", planning.most_s, "The most that it may take");
    plan->callback([&] {
        if (file.empty() && planning.store.empty()) throw CLI::RequiredError("--problem, or --store and --week");
        chosen = file.empty() ? with_data([&](const DataFolder& d) { return cli::plan_of_record(d, planning); })
                              : std::function<Result<int>()>([&] { return cli::plan_problem(file, planning.most_s); });
    });

    auto* drill = app.add_subcommand("drill", "Drills")->require_subcommand(1);
    drill->add_subcommand("list", "All drills")->callback([&] { chosen = with_data(cli::list_drills); });
    auto* show = drill->add_subcommand("show", "One drill with its limits");
    show->add_option("id", id)->required();
    show->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::show_drill(d, id); }); });
    auto* check = drill->add_subcommand("check", "Check a drill file");
    check->add_option("file", file)->required();
    check->callback([&] { chosen = [&] { return cli::check_drill(file); }; });
    auto* score = drill->add_subcommand("score", "Score a flight log");
    score->add_option("--drill", id, "Drill id or drill file")->required();
    score->add_option("flight", file, "Flight log CSV")->required();
    score->add_option("--demonstration", flying.demonstration, "Flight log CSV that a drill of sticks alone follows");
    score->callback(
        [&] { chosen = with_data([&](const DataFolder& d) { return cli::score_drill(d, id, file, flying.demonstration); }); });
    auto* fly = drill->add_subcommand("fly", "Let the stand-in pilot fly a drill");
    fly->add_option("--drill", flying.drill, "Drill id or drill file")->required();
    fly->add_option("--skill", flying.skill, "0 to 1");
    fly->add_option("--seed", flying.seed, "The same seed flies the same flight");
    fly->add_option("--out", flying.out, "Flight log CSV to write");
    fly->add_option("--fault", flying.faults, "Habits to plant, separated by commas: " + stand_in_habit_names())->delimiter(',');
    fly->add_option("--demonstration", flying.demonstration, "Flight log CSV that a drill of sticks alone follows");
    fly->add_option("--rates", flying.rates, "Rates JSON, instead of a learner's");
    fly->add_option("--tilt", flying.tilt_deg, "Camera tilt in degrees, instead of the drill's; turns are judged by it");
    fly->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::fly_drill(d, flying); }); });

    auto* debriefing = app.add_subcommand("debrief", "What was found in a flight, and what to change");
    debriefing->add_option("flight", file, "Flight log CSV")->required();
    debriefing->add_option("--drill", id, "Drill id or drill file that was flown");
    debriefing->add_option("--tilt", flying.tilt_deg, "Camera tilt in degrees; turns are judged by it");
    debriefing->callback(
        [&] { chosen = with_data([&](const DataFolder& d) { return cli::debrief_flight(d, file, id, flying.tilt_deg); }); });

    auto* measure = app.add_subcommand("measure", "Measures over a span of a flight log");
    measure->add_option("flight", measuring.flight, "Flight log CSV")->required();
    measure->add_option("--keys", measuring.keys, "Measures, separated by commas")->required()->delimiter(',');
    measure->add_option("--from", measuring.from_s, "Start, s");
    measure->add_option("--to", measuring.to_s, "End, s");
    measure->add_option("--height-m", measuring.height_m, "Height to measure against, m");
    measure->add_option("--window-m", measuring.window_m, "Half height of the window, m");
    measure->add_option("--line", measuring.line, "Place and line: NORTH,EAST,HEADING");
    measure->add_option("--flags", measuring.flags, "Flags to fly round: NORTH,EAST;NORTH,EAST;…");
    measure->add_option("--turn-deg", measuring.turn_deg, "The turn that was asked for, right positive");
    measure->add_option("--axis", measuring.axis, "Stick for reversal_rate_hz");
    measure->callback([&] { chosen = [&] { return cli::measure_flight(measuring); }; });

    auto* rates = app.add_subcommand("rates", "Rate curves")->require_subcommand(1);
    auto* curve = rates->add_subcommand("curve", "Rates over the stick as CSV");
    curve->add_option("--profile", profile, "Rates JSON")->required();
    curve->add_option("--points", points, "Number of points");
    curve->callback([&] { chosen = [&] { return cli::rate_curve(profile, points); }; });
    auto* match = rates->add_subcommand("match", "The nearest curves of another family");
    match->add_option("--target", matching.target, "Rates JSON")->required();
    match->add_option("--family", matching.family, "centre-max, gain-edge, gain-curve, percent-end or linear-expo")->required();
    match->add_option("--axis", matching.axis, "Only this one");
    match->add_option("--weights", matching.weights, "How the stick is used: CSV stick_low,stick_high,weight");
    match->add_option("--step-dps", matching.step_dps, "Step of settings in deg/s");
    match->add_option("--step-unit", matching.step_unit, "Step of the others (of 1; of 100 for percent)");
    match->add_flag("--keep-max", matching.keep_max, "The rate at full stick exactly");
    match->add_flag("--keep-centre", matching.keep_centre, "The slope at the centre exactly");
    match->callback([&] { chosen = [&] { return cli::match_profile(matching); }; });
    auto* flown = rates->add_subcommand("from-log", "What an aircraft's rates are set to, from a flight in acro");
    flown->add_option("flight", file, "Flight log CSV")->required();
    flown->add_option("--family", matching.family, "centre-max, gain-edge, gain-curve, percent-end or linear-expo")->required();
    flown->callback([&] { chosen = [&] { return cli::rates_of_flight(file, matching.family); }; });
    auto* watch = rates->add_subcommand("stopwatch", "The rate of turns counted and timed");
    watch->add_option("--turns", timing.turns, "Whole turns at a held stick")->required();
    watch->add_option("--seconds", timing.seconds, "Time for all of them; several timings separated by commas")
        ->required()
        ->delimiter(',');
    watch->add_option("--sigma", timing.sigma_s, "Error of the timing, s");
    watch->add_option("--precision", timing.precision, "Relative error that is wanted, 0.01: how many turns that takes");
    watch->callback([&] { chosen = [&] { return cli::time_turns(timing); }; });

    auto* world = app.add_subcommand("world", "Worlds")->require_subcommand(1);
    auto* world_check = world->add_subcommand("check", "Check a world: bounds, sizes, openings that can be flown, a free start");
    world_check->add_option("world", id, "World JSON, or the id of one that ships")->required();
    world_check->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::check_world(d, id); }); });

    cli::SimulateArguments simulating;
    auto* flight = app.add_subcommand("flight", "The built-in flight")->require_subcommand(1);
    flight->add_subcommand("aircraft", "All aircraft")->callback([&] { chosen = with_data(cli::list_aircraft); });
    auto* simulate = flight->add_subcommand("simulate", "Fly a stick file with nobody at the sticks");
    simulate
        ->add_option("--sticks", simulating.sticks,
                     "Stick CSV: t_s,throttle,stick_roll,stick_pitch,stick_yaw; each row is held to the next")
        ->required();
    simulate->add_option("--out", simulating.out, "Flight log CSV to write");
    simulate->add_option("--airframe,--aircraft", simulating.aircraft, "Aircraft JSON, or the id of one that ships");
    simulate->add_option("--world", simulating.world, "Id of the world");
    simulate->add_option("--mode", simulating.mode, "acro, angle, horizon, hold or sport");
    simulate->add_option("--start-height-m,--height-m", simulating.height_m,
                         "Height it starts at, hovering; 0 is on the ground, armed when the throttle is at the bottom");
    simulate->add_option("--rates", simulating.rates, "Rates JSON, instead of a learner's");
    simulate->add_option("--tilt", simulating.tilt_deg, "Camera tilt in degrees; it changes what is seen, not what is flown");
    simulate->add_option("--field-m", simulating.field_m, "Height of the field above sea level");
    auto* day_file =
        simulate->add_option("--conditions", simulating.conditions_file, "Conditions JSON, instead of the options below");
    simulate->add_option("--with", simulating.conditions, "gusts,ground-effect,prop-wash,battery")
        ->delimiter(',')
        ->excludes(day_file);
    simulate->add_option("--wind-mps", simulating.day.wind_mps, "Wind at 20 ft")->excludes(day_file);
    simulate->add_option("--wind-from-deg", simulating.day.wind_from_deg, "Where it comes from")->excludes(day_file);
    simulate->add_option("--bent-propeller", simulating.day.bent_propeller, "Share of its thrust that one rotor has lost")
        ->excludes(day_file);
    simulate->add_option("--warmer-k", simulating.day.warmer_k, "Than the standard day")->excludes(day_file);
    simulate->add_option("--seed", simulating.day.seed, "Of gusts, shaking and vibration");
    simulate->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::simulate_flight(d, simulating); }); });

    for (const auto& [name, words] :
         {std::pair{"hover", "Standing in the air"}, {"climb", "Straight up"}, {"descend", "Straight down"}}) {
        auto* way =
            flight->add_subcommand(name, std::string(words) + ": induced velocity, power, throttle, depth in its own wake");
        way->add_option("--airframe,--aircraft", vertical.aircraft, "Aircraft JSON, or the id of one that ships");
        if (std::string_view(name) != "hover") way->add_option("--rate-mps", vertical.rate_mps, "How fast")->required();
        way->add_option("--field-m", vertical.field_m, "Height of the field above sea level");
        way->callback([&, down = std::string_view(name) == "descend"] {
            vertical.down = down;
            chosen = with_data([&](const DataFolder& d) { return cli::vertical_flight(d, vertical); });
        });
    }
    auto* gusts = flight->add_subcommand("gusts", "Gusts as they pass at a fixed airspeed, as CSV");
    gusts->add_option("--wind-mps", gusting.wind_mps, "Wind at 20 ft");
    gusts->add_option("--height-m", gusting.height_m, "Height above ground");
    gusts->add_option("--airspeed-mps", gusting.airspeed_mps, "At least 1 is taken");
    gusts->add_option("--seconds", gusting.seconds, "How long");
    gusts->add_option("--rate-hz", gusting.rate_hz, "Rows a second");
    gusts->add_option("--seed", gusting.seed, "The same seed gives the same gusts");
    gusts->add_option("--out", gusting.out, "CSV to write, instead of stdout");
    gusts->callback([&] { chosen = [&] { return cli::write_gusts(gusting); }; });

    auto* record = app.add_subcommand("record", "The training record")->require_subcommand(1);
    auto* verify = record->add_subcommand("verify", "Check the chain of entries, the tables and the flight logs");
    std::string head, trust;
    verify->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    verify->add_option(
        "--head", head,
        "COUNT:HASH that it is to have grown from, as `record head` printed it (12 digits are enough), or a file with it");
    verify->add_option("--trust", trust, "Public keys: a file as `record keys` printed it, or the keys with commas between");
    verify->callback([&] { chosen = [&] { return cli::verify_record(file, head, trust); }; });
    auto* newest = record->add_subcommand("head", "Print COUNT:HASH of the newest entry");
    newest->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    newest->add_option("--out", out, "File to keep it in, elsewhere");
    newest->callback([&] { chosen = [&] { return cli::print_head(file, out); }; });
    cli::SigningArguments signing;
    const auto asks_for_signature = [&](CLI::App* command) {
        command->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
        command->add_option("--who", signing.who, "The coordinator in whose name, by name or id; this station's key without");
        command->add_option("--passphrase-file", signing.passphrase_file,
                            "File whose first line is the coordinator's passphrase");
    };
    std::string key_to_admit, why;
    long long entry_to_mark = 0;
    auto* admitted = record->add_subcommand("admit", "Let a new station's, or another coordinator's, key in: countersign it");
    asks_for_signature(admitted);
    admitted->add_option("--key", key_to_admit, "The public key, its first digits, or all for every one that waits")->required();
    admitted->callback(
        [&] { chosen = with_data([&](const DataFolder& d) { return cli::let_in(d, file, key_to_admit, signing); }); });
    auto* repaired = record->add_subcommand("repair", "Mark an entry that is not as it should be as known, with a reason");
    asks_for_signature(repaired);
    repaired->add_option("--entry", entry_to_mark, "Its number")->required();
    repaired->add_option("--why", why, "The reason: what happened")->required();
    repaired->callback([&] {
        chosen = with_data([&](const DataFolder& d) { return cli::mark_as_known(d, file, entry_to_mark, why, signing); });
    });
    auto* signers =
        record->add_subcommand("signers", "Print whose keys are on the record, since when, and who let them in, as CSV");
    signers->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    signers->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::print_who_signs(d, file); }); });
    auto* logins =
        record->add_subcommand("logins", "Take a server's logins, and what each may write, as they should be, and print them");
    logins->add_option("--store", file, "postgresql://…, or service=NAME")->required();
    logins->callback([&] { chosen = [&] { return cli::confirm_logins(file); }; });
    auto* keys = record->add_subcommand("keys", "Print the public keys of the stations that signed it, a line each");
    keys->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    keys->callback([&] { chosen = [&] { return cli::print_keys(file); }; });
    auto* backup =
        record->add_subcommand("backup", "Copy the record with all that lies beside it into one file, while it is in use");
    backup->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    backup->add_option("--out", out, "File to write; none is there yet")->required();
    backup->callback([&] { chosen = [&] { return cli::back_up_record(file, out); }; });
    std::string from;
    auto* restored = record->add_subcommand("restore", "Put a backup where there is no record, and verify it");
    restored->add_option("--from,backup", from, "Backup file")->required();
    restored->add_option("--store", file, "Record file to write; none is there yet")->required();
    restored->callback([&] { chosen = [&] { return cli::restore_record(from, file); }; });
    auto* exported =
        record->add_subcommand("export", "Write the whole record as open JSON and CSV into a new folder, and print its head");
    exported->add_option("--store", file, "Record file, postgresql://…, or service=NAME")->required();
    exported->add_option("--out", out, "Folder to make")->required();
    exported->callback([&] { chosen = [&] { return cli::export_whole_record(file, out); }; });
    auto* imported = record->add_subcommand("import", "Make a record with the same head of an exported folder");
    imported->add_option("--from,folder", from, "Folder that was exported")->required();
    imported->add_option("--store", file, "Record file to write; none is there yet")->required();
    imported->callback([&] { chosen = [&] { return cli::import_whole_record(from, file); }; });
    std::string to;
    auto* move =
        record->add_subcommand("move", "Copy a whole record from a file to a server, or back, and verify it there; what was "
                                       "stopped is taken up");
    move->add_option("--from", from, "Record file, postgresql://…, or service=NAME")->required();
    move->add_option("--to", to, "Where no record is yet, likewise")->required();
    move->callback([&] { chosen = [&] { return cli::move_record(from, to); }; });
    auto* demo = record->add_subcommand("demo", "Make the demo record of Sallow Quay");
    demo->add_option("--out", out, "Record file to write")->required();
    demo->callback([&] { chosen = with_data([&](const DataFolder& d) { return cli::make_demo(d, out); }); });

    take_finite_numbers_only(app);
    for (int i = 1; i < argc; ++i)
        if (const auto wild = wild_number(i > 1 ? argv[i - 1] : "", argv[i])) {
            std::cerr << "bluehangar-cli: " << *wild << '\n';
            return 2;
        }
    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& asked_for_help) {
        return app.exit(asked_for_help);
    } catch (const CLI::ParseError& error) {
        std::cerr << "bluehangar-cli: " << bh::one_line(usage_problem(app, error)) << '\n';
        return 2;
    }
    const QCoreApplication qt(argc, argv); // the record needs its plug-ins
    std::setlocale(LC_NUMERIC, "C");       // which takes the user's locale: numbers are the same bytes everywhere
    const auto result = chosen();
    if (!result) {
        std::cerr << "bluehangar-cli: " << bh::one_line(result.error().english) << '\n';
        return 2;
    }
    return *result;
}
