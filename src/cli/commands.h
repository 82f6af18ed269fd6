#pragma once

#include "core/base/result.h"
#include "files/data_folder.h"

#include <optional>
#include <string>
#include <vector>

/// One function per command of bluehangar-cli. Each prints its answer on stdout and returns 0 (done) or 1 (the answer
/// is "no"); an Error becomes one line on stderr and exit code 2.
namespace bh::cli {

struct MeasureArguments {
    std::string flight;
    std::vector<std::string> keys;
    std::optional<double> from_s, to_s, height_m, window_m;
    std::string line;    ///< "N,E,HEADING"
    std::string flags;   ///< "N,E;N,E;…"
    double turn_deg = 0; ///< that was asked for
    std::string axis;    ///< empty: the throttle's reversals, rocking of any
};

struct SimulateArguments {
    std::string sticks; ///< stick CSV
    std::string aircraft = "five-inch";
    std::string world = "pan";
    std::string mode = "acro";
    std::string out;                     ///< flight log CSV
    double height_m = 0;                 ///< it starts at; on the ground, motors off, where 0
    double field_m = 0;                  ///< above sea level
    std::string rates;                   ///< rates JSON; empty: a learner's
    double tilt_deg = 25;                ///< of the camera, which changes what is seen and not what is flown
    std::string conditions_file;         ///< JSON; empty: the day below
    std::vector<std::string> conditions; ///< of gusts, ground-effect, prop-wash, battery
    Conditions day;
};

struct MatchArguments {
    std::string target, family, axis, weights;
    double step_dps = 0, step_unit = 0; ///< 0: not on steps
    bool keep_max = false, keep_centre = false;
};

struct Flying {
    std::string drill;
    double skill = 0.9;
    std::uint64_t seed = 1;
    std::string out;
    std::vector<std::string> faults;
    std::string demonstration;
    std::string rates;              ///< rates JSON; empty: a learner's
    std::optional<double> tilt_deg; ///< of the camera; nothing: the drill's
};

struct VerticalArguments {
    std::string aircraft = "five-inch";
    double rate_mps = 0;
    bool down = false;
    double field_m = 0;
};

struct GustArguments {
    double wind_mps = 5, height_m = 10, airspeed_mps = 5, seconds = 60, rate_hz = 100;
    std::uint64_t seed = 1;
    std::string out; ///< CSV; empty: stdout
};

struct StopwatchArguments {
    double turns = 0;
    std::vector<double> seconds; ///< one timing, or several of as many turns
    double sigma_s = 0.1;
    std::optional<double> precision; ///< relative error that is wanted
};

struct ReadinessArguments {
    std::string store;
    std::string pilot; ///< by name; empty: all of them
    std::string at;    ///< a moment; empty: now
};

struct PlanArguments {
    std::string store, week;
    std::string ics;   ///< iCalendar of the same plan to write; empty: none
    bool kept = false; ///< the plan as people know it, instead of one that is made now
    double most_s = 60;
};

struct CurveArguments {
    std::string trials; ///< CSV trial,value
    std::optional<double> threshold;
    bool higher_is_better = false;
    double level = 0.8;
};

Result<int> calibrate_controller(const std::string& recording);
Result<int> settings_sheet(const DataFolder& data, const std::string& calibration, const std::string& simulator);
Result<int> list_drills(const DataFolder& data);
Result<int> show_drill(const DataFolder& data, const std::string& id);
Result<int> check_drill(const std::string& file);
Result<int> score_drill(const DataFolder& data, const std::string& id, const std::string& flight,
                        const std::string& demonstration);
/// What was found in a flight, and what to change. Without a drill it is judged by the tilt alone.
Result<int> debrief_flight(const DataFolder& data, const std::string& flight, const std::string& drill,
                           std::optional<double> tilt_deg);
Result<int> fly_drill(const DataFolder& data, const Flying& flying);
Result<int> measure_flight(const MeasureArguments& arguments);
Result<int> match_profile(const MatchArguments& arguments);
Result<int> rates_of_flight(const std::string& flight, const std::string& family);
Result<int> time_turns(const StopwatchArguments& arguments);
Result<int> rate_curve(const std::string& profile, int points);

/// Hover, climb or descent straight up or down: induced velocity, ideal power, throttle, depth in the rotors' own wake.
Result<int> vertical_flight(const DataFolder& data, const VerticalArguments& arguments);
/// Gusts as they pass at a fixed airspeed, as CSV.
Result<int> write_gusts(const GustArguments& arguments);
Result<int> score_pointing(const std::string& taps);

Result<int> check_world(const DataFolder& data, const std::string& id_or_file);
Result<int> list_aircraft(const DataFolder& data);
/// Flies a stick file with nobody at the sticks and prints how it ended.
Result<int> simulate_flight(const DataFolder& data, const SimulateArguments& arguments);

Result<int> move_record(const std::string& from, const std::string& to);
Result<int> verify_record(const std::string& store, const std::string& head, const std::string& trust);
Result<int> back_up_record(const std::string& store, const std::string& out);
Result<int> restore_record(const std::string& from, const std::string& store);
Result<int> export_whole_record(const std::string& store, const std::string& out);
Result<int> import_whole_record(const std::string& from, const std::string& store);
Result<int> print_head(const std::string& store, const std::string& out);
/// Who signs in a coordinator's name; both empty: this station does.
struct SigningArguments {
    std::string who, passphrase_file;
};
Result<int> let_in(const DataFolder& data, const std::string& store, const std::string& key, const SigningArguments& asked);
Result<int> mark_as_known(const DataFolder& data, const std::string& store, long long entry, const std::string& why,
                          const SigningArguments& asked);
Result<int> print_who_signs(const DataFolder& data, const std::string& store);
Result<int> confirm_logins(const std::string& store);
Result<int> print_keys(const std::string& store);
Result<int> make_demo(const DataFolder& data, const std::string& out);

/// Who flies when in a week of a record, as it would be planned now or as it is kept; 1 when somebody gets fewer blocks than
/// wanted.
Result<int> plan_of_record(const DataFolder& data, const PlanArguments& asked);
/// Who flies when, of a problem file; 1 when somebody gets fewer blocks than wanted.
Result<int> plan_problem(const std::string& file, double most_s);
Result<int> fit_practice_curve(const CurveArguments& asked);
Result<int> score_sickness(const std::string& answers);
/// Every gate of one pilot, or of all; 1 when not all are met.
Result<int> say_readiness(const DataFolder& data, const ReadinessArguments& asked);

} // namespace bh::cli
