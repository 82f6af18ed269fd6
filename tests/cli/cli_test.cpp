#include "core/base/number_text.h"
#include "record/file/database.h"
#include "reference.h"
#include "run_program.h"

#include <cmath>
#include <fstream>
#include <functional>
#include <set>
#include <sstream>
#include <sys/stat.h>

namespace {

Answer run(const std::string& arguments) { return runProgram(std::string(BH_CLI) + " " + arguments); }

/// Exit 2, exactly one line on stderr, nothing on stdout; returns the line.
std::string badInput(const std::string& arguments)
{
    const Answer a = run(arguments);
    CAPTURE(arguments, a.err);
    CHECK(a.exit == 2);
    CHECK(a.out.empty());
    CHECK(std::count(a.err.begin(), a.err.end(), '\n') == 1);
    return a.err;
}

/// An aircraft with a straight throttle that lifts four times its weight.
nlohmann::json plainAirframe(double mass_kg, double drag_area_m2)
{
    return {{"format", "bluehangar.aircraft/1"},
            {"id", "test"},
            {"name", "Test"},
            {"mass_kg", mass_kg},
            {"thrust_to_weight", 4},
            {"thrust_curve", 0},
            {"motor_lag_s", 0.04},
            {"drag_area_m2", drag_area_m2},
            {"rotor_drag_kgps", 0},
            {"rate_lag_s", 0.03},
            {"max_angular_accel_dps2", 9000},
            {"body_radius_m", 0.1}};
}

} // namespace

TEST_CASE("controller calibrate agrees with the reference recordings", "[cli]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        const Answer a =
            run("controller calibrate " + std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
        REQUIRE(a.exit == 0);
        const auto json = nlohmann::json::parse(a.out);
        CHECK(json["format"] == "bluehangar.calibration/1");
        CHECK(json["problems"].empty());
        for (const char* f : {"throttle", "yaw", "pitch", "roll"}) {
            CHECK(json["functions"][f]["axis"] == row["expected"][f]["axis"]["value"]);
            CHECK(json["functions"][f]["sprung"] == row["expected"][f]["spring_centred"]["value"]);
            CHECK(meets(row["expected"][f]["counts_at_plus_one"], json["functions"][f]["high_counts"]));
            CHECK(meets(row["expected"][f]["counts_at_minus_one"], json["functions"][f]["low_counts"]));
            CHECK(meets(row["expected"][f]["rest_sd"], json["functions"][f]["jitter_counts"]));
        }
    }
}

TEST_CASE("flight simulate flies a stick file with nobody at the sticks", "[cli]")
{
    // A fall with drag: the closed form of reference/physics.json, through the whole program.
    const std::string rows = "t_s,roll,pitch,yaw,throttle,note\n0,0,0,0,0,\"a, b\"\n5,0,0,0,0,\n";
    const std::string sticks = writeScratch("sticks.csv", rows);
    const std::string log = sticks + ".flight.csv";
    const Answer fall = run("flight simulate --sticks " + sticks + " --height-m 200 --mode acro --out " + log);
    REQUIRE(fall.exit == 0);
    const auto end = nlohmann::json::parse(fall.out);
    CHECK(end["flown_s"].get<double>() == Approx(5.001));
    CHECK(end["height_m"].get<double>() < 120); // spins down within the motors' lag
    CHECK(end["height_m"].get<double>() > 200 - 0.5 * 9.81 * 25);
    CHECK(run("measure " + log + " --keys crashes").exit == 0);
    // The same seed gives the same flight, another one another.
    const std::string held = writeScratch("held.csv", "t_s,throttle,yaw,pitch,roll\n0,0.5,0,0,0\n20,0.5,0,0,0\n");
    const std::string day = "flight simulate --sticks " + held +
                            " --height-m 10 --mode hold --aircraft tiny-indoor --wind-mps 3 --with "
                            "gusts,ground-effect,prop-wash,battery --bent-propeller 0.1 --warmer-k 12 --field-m 800 --seed ";
    const Answer one = run(day + "1");
    REQUIRE(one.exit == 0);
    CHECK(one.out == run(day + "1").out);
    CHECK(one.out != run(day + "2").out);
    const auto hovered = nlohmann::json::parse(one.out);
    CHECK_FALSE(hovered["crashed"].get<bool>());
    CHECK(hovered["height_m"].get<double>() == Approx(10).margin(1));
    CHECK(hovered["battery_used"].get<double>() > 0.03);
    CHECK(run("flight aircraft").out.find("seven-inch") != std::string::npos);

    const auto with = [&](const char* text) { return badInput("flight simulate --sticks " + writeScratch("bad.csv", text)); };
    CHECK(with("").find("bad.csv: the file is empty") != std::string::npos);
    CHECK(with("t_s,throttle,yaw,pitch\n").find("line 1, column stick_roll: expected once") != std::string::npos);
    CHECK(with("t_s,throttle,yaw,pitch,roll\n").find("has a header but no rows") != std::string::npos);
    CHECK(with("t_s,throttle,yaw,pitch,roll\n0,1.5,0,0,0\n").find("line 2, column throttle: expected a number of 0 to 1") !=
          std::string::npos);
    CHECK(with("t_s,throttle,yaw,pitch,roll\n0,0.5,0,nan,0\n").find("line 2, column stick_pitch") != std::string::npos);
    CHECK(
        with("t_s,throttle,yaw,pitch,roll\n0,0.5,0,0,0\n0,0.5,0,0,0\n").find("line 3, column t_s: has to rise from row to row") !=
        std::string::npos);
    CHECK(with("t_s,throttle,yaw,pitch,roll\n0,0.5,0,0\n").find("line 2, column roll: is missing") != std::string::npos);
    const std::string good = "flight simulate --sticks " + held;
    // Other rates turn it faster: half roll stick for a quarter of a second.
    const std::string rolled =
        writeScratch("rolled.csv", "t_s,throttle,yaw,pitch,roll\n0,0.35,0,0,0\n0.5,0.35,0,0,0.5\n0.75,0.35,0,0,0\n");
    const std::string fast = writeScratch("fast.json", R"({"format":"bluehangar.rates/1","name":"Fast","family":"linear-expo",)"
                                                       R"("roll":{"max_dps":300,"expo":0},"pitch":{"max_dps":300,"expo":0},)"
                                                       R"("yaw":{"max_dps":300,"expo":0}})");
    const auto leant = [&](const std::string& more) {
        return nlohmann::json::parse(run("flight simulate --start-height-m 100 --sticks " + rolled + more).out)["lean_deg"]
            .get<double>();
    };
    CHECK(leant(" --rates " + fast + " --tilt 30") == Approx(150 * 0.25).margin(5)); // less the lag of the rate loop
    CHECK(leant("") < 32);
    CHECK(badInput(good + " --tilt 95").find("--tilt: expected 0 to 60") != std::string::npos);
    CHECK(badInput(good + " --rates /nowhere.json").find("/nowhere.json") != std::string::npos);
    CHECK(badInput("drill fly --drill slalom --tilt -3").find("--tilt: expected 0 to 60") != std::string::npos);
    CHECK(badInput(good + " --mode rocket").find("--mode: expected acro") != std::string::npos);
    CHECK(badInput(good + " --with snow").find("found 'snow'") != std::string::npos);
    CHECK(badInput(good + " --wind-mps 99").find("wind_mps must lie in 0 to 40") != std::string::npos);
    CHECK(badInput(good + " --aircraft zeppelin").find("zeppelin") != std::string::npos);
    CHECK(badInput("flight simulate --sticks /nowhere.csv").find("/nowhere.csv") != std::string::npos);
}

TEST_CASE("flight simulate meets the closed forms of falling and of level flight", "[cli]")
{
    const auto flown = [](const nlohmann::json& airframe, const std::string& sticks, const std::string& more) {
        const std::string a = writeScratch("airframe.json", airframe.dump()), s = writeScratch("closed.csv", sticks);
        const Answer answer =
            run("flight simulate --airframe " + a + " --sticks " + s + " --start-height-m 400 --mode angle " + more);
        CAPTURE(answer.err);
        REQUIRE(answer.exit == 0);
        return nlohmann::json::parse(answer.out);
    };
    const auto airframe = [](const nlohmann::json& row) { return plainAirframe(input(row, "mass"), input(row, "drag_area")); };
    int rows = 0;
    for (const auto& row : referenceRows("physics.json")) {
        const bool fall = row["kind"] == "free_fall", level = row["kind"] == "tilted_level_flight";
        if ((!fall && !level) || input(row, "density") != 1.225) continue; // sea level in standard air
        ++rows;
        CAPTURE(row["id"].get<std::string>());
        if (fall) {
            const double time_s = input(row, "time");
            // The last row is flown for one step of 1 ms more.
            const auto end = flown(
                airframe(row),
                "t_s,throttle,stick_roll,stick_pitch,stick_yaw\n0,0,0,0,0\n" + bh::fixed(time_s - 0.001, 6) + ",0,0,0,0\n", "");
            CHECK(meets(row["expected"]["speed"], end["speed_mps"].get<double>()));
            CHECK(meets(row["expected"]["distance"], 400 - end["height_m"].get<double>()));
        } else {
            const double tilt = input(row, "tilt"), weight_n = input(row, "mass") * 9.80665;
            const std::string held = bh::fixed(row["expected"]["thrust"]["value"].get<double>() / (4 * weight_n), 6) + ",0," +
                                     bh::fixed(tilt / 45, 6) + ",0\n";
            const auto end = flown(airframe(row), "t_s,throttle,stick_roll,stick_pitch,stick_yaw\n0," + held + "60," + held, "");
            CHECK(end["lean_deg"].get<double>() == Approx(tilt).margin(0.01));
            CHECK(end["speed_mps"].get<double>() ==
                  Approx(row["expected"]["speed"]["value"].get<double>()).epsilon(0.005)); // what 60 s bring it to
        }
    }
    CHECK(rows == 6);

    // A day from a file is the day of the options.
    const std::string held =
        writeScratch("held.csv", "t_s,throttle,stick_roll,stick_pitch,stick_yaw\n0,0.5,0,0,0\n5,0.5,0,0,0\n");
    const std::string day =
        writeScratch("day.json", R"({"format":"bluehangar.conditions/1","wind_mps":5,"wind_from_deg":90,"gusts":true,"seed":3})");
    const std::string simulate = "flight simulate --sticks " + held + " --start-height-m 20 --mode angle ";
    const Answer from_file = run(simulate + "--conditions " + day);
    REQUIRE(from_file.exit == 0);
    CHECK(from_file.out == run(simulate + "--wind-mps 5 --wind-from-deg 90 --with gusts --seed 3").out);
    CHECK(badInput(simulate + "--conditions " +
                   writeScratch("bad.json", R"({"format":"bluehangar.conditions/1","wind_mps":"much"})"))
              .find("/wind_mps") != std::string::npos);
    CHECK(badInput(simulate + "--conditions /nowhere.json").find("/nowhere.json") != std::string::npos);
}

TEST_CASE("measure takes flags and a turn, and a drill of two sides is flown and scored from its file", "[cli]")
{
    const std::string slalom = std::string(BH_REFERENCE) + "/logs/slalom.csv";
    const Answer a =
        run("measure " + slalom +
            " --keys flag_distance_m,turned_deg,turn_error_deg --flags '24,0;37,0;50,0;63,0;76,0;89,0' --turn-deg 90");
    REQUIRE(a.exit == 0);
    const auto measures = nlohmann::json::parse(a.out)["measures"];
    CHECK(measures["flag_distance_m"].get<double>() == Approx(10.0 / 6).margin(0.05)); // mean of the reference's closest passes
    CHECK(measures["turn_error_deg"].get<double>() == Approx(std::abs(measures["turned_deg"].get<double>() - 90)));
    CHECK(badInput("measure " + slalom + " --keys flag_distance_m --flags '24,0;37'").find("found '37'") != std::string::npos);
    const std::string flight = writeScratch("eight.csv", "");
    const Answer flown = run("drill fly --drill figure-eight --skill 0.95 --seed 4 --out " + flight);
    REQUIRE(flown.exit == 0);
    const Answer scored = run("drill score --drill figure-eight " + flight);
    CHECK(scored.out == flown.out);
}

TEST_CASE("world check passes what ships and says what is wrong with a world", "[cli]")
{
    for (const char* id : {"pan", "bank", "loft", "mill", "circuit"}) {
        const Answer a = run(std::string("world check ") + id);
        CAPTURE(id, a.out, a.err);
        CHECK(a.exit == 0);
        CHECK(a.out.find("good") != std::string::npos);
    }
    CHECK(run("world check circuit").out.find("9 gates") != std::string::npos);
    CHECK(run("world check mill").out.find("6 gates") != std::string::npos);
    const std::string blocked = writeScratch("w.json", R"({"format":"bluehangar.world/1","id":"w","name":"W","half_size_m":50,
        "gates":[{"north_m":10,"east_m":0,"heading_deg":0,"width_m":2,"height_m":2}],
        "sheds":[{"south_m":9,"north_m":12,"west_m":-2,"east_m":2,"height_m":3}]})");
    const Answer no = run("world check " + blocked);
    CHECK(no.exit == 1);
    CHECK(no.out.find("gate 1 is blocked") != std::string::npos);
    CHECK(badInput("world check nowhere").find("nowhere") != std::string::npos);
    CHECK(
        badInput("world check " +
                 writeScratch("g.json",
                              R"({"format":"bluehangar.world/1","id":"w","name":"W","half_size_m":50,"gates":[{"north_m":1}]})"))
            .find("/gates/0: expected a 'east_m' here") != std::string::npos);
}

TEST_CASE("controller sheet: what a simulator has to be told, for every recording and every simulator that ships", "[cli]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        const std::string calibration = writeScratch(
            "calibration.json",
            run("controller calibrate " + std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>()).out);
        for (const char* simulator : {"mudlark", "saltwind", "dyke-runner", "tern-school", "samphire", "nine-gates"}) {
            const Answer a = run("controller sheet --calibration " + calibration + " --simulator " + simulator);
            REQUIRE(a.exit == 0);
            const auto profile = nlohmann::json::parse(slurp(std::string(BH_DATA) + "/simulators/" + simulator + ".json"));
            const auto sheet = nlohmann::json::parse(a.out);
            REQUIRE(sheet["rows"].size() == 4);
            for (std::size_t i = 0; i < 4; ++i) {
                const auto& line = sheet["rows"][i];
                const std::string f = line["function"];
                CAPTURE(simulator, f);
                CHECK(f == profile["order"][i]);
                // From the truth of the recording and the simulator's own words, not from the program's tables.
                CHECK(line["axis"] == row["expected"][f]["axis"]["value"].get<int>() + profile["axis_base"].get<int>());
                const bool falls =
                    row["expected"][f]["counts_at_plus_one"]["value"] < row["expected"][f]["counts_at_minus_one"]["value"];
                const std::string side = profile["rising_is"][f];
                const bool rising_is_positive = side == "up" || side == "right" || side == "forward";
                CHECK(line["invert"] == (falls == rising_is_positive));
            }
        }
    }
    CHECK(has(badInput("controller sheet --calibration /nowhere.json --simulator mudlark"), "/nowhere.json"));
    CHECK(has(badInput("controller sheet --calibration " + writeScratch("c.json", "{}") + " --simulator mudlark"),
              "c.json: /format"));
}

TEST_CASE("drill fly: skill decides, the seed repeats, the log scores the same again", "[cli]")
{
    const std::string a = (scratchFolder() / "a.csv").string();
    const std::string b = (scratchFolder() / "b.csv").string();
    const Answer good = run("drill fly --drill hover-window --skill 0.9 --seed 5 --out " + a);
    CHECK(good.exit == 0);
    CHECK(run("drill fly --drill hover-window --skill 0.9 --seed 5 --out " + b).out == good.out);
    CHECK(slurp(a) == slurp(b));
    CHECK(run("drill fly --drill hover-window --skill 0.1 --seed 5").exit == 1);
    const Answer again = run("drill score --drill hover-window " + a);
    CHECK(again.exit == 0);
    CHECK(again.out == good.out);
    CHECK(nlohmann::json::parse(good.out)["criteria"].size() == 4);
}

TEST_CASE("drill list, show and check", "[cli]")
{
    CHECK(has(run("drill list").out, "straight-run"));
    CHECK(has(run("drill show lift-settle").out, "Sink at touchdown"));
    CHECK(run("drill check " BH_DATA "/drills/lift-settle.json").exit == 0);
    CHECK(has(badInput("drill show nothing"), "there is no drill 'nothing'"));
    CHECK(has(badInput("drill check " + writeScratch("d.json", R"({"format":"bluehangar.drill/1","id":"x"})")),
              "/: expected a 'name' here"));
}

TEST_CASE("measure gives known answers of a reference flight", "[cli]")
{
    const Answer a = run(
        "measure " BH_REFERENCE
        "/logs/hover_sine.csv --keys height_in_window,height_rms_m,throttle_cut_s --from 8 --to 38 --height-m 10 --window-m 2.5");
    REQUIRE(a.exit == 0);
    const auto m = nlohmann::json::parse(a.out)["measures"];
    for (const auto& row : referenceRows("flight_logs.json"))
        if (row["kind"] == "hover_sine") {
            CHECK(meets(row["expected"]["height_rms_m"], m["height_rms_m"]));
            CHECK(meets(row["expected"]["share_within_2p5_m"], m["height_in_window"]));
        }
    CHECK(m["throttle_cut_s"].is_null());
}

TEST_CASE("rates curve prints the curve", "[cli]")
{
    const std::string profile = writeScratch(
        "r.json",
        R"({"format":"bluehangar.rates/1","name":"x","family":"linear-expo","roll":{"max_dps":700,"expo":0.4},"pitch":{"max_dps":700,"expo":0},"yaw":{"max_dps":300,"expo":0}})");
    const Answer a = run("rates curve --profile " + profile + " --points 5");
    CHECK(a.exit == 0);
    CHECK(has(a.out, "stick,roll_dps,pitch_dps,yaw_dps\n-1.000000,-700.0000,-700.0000,-300.0000\n-0.500000,-245.0000"));
    CHECK(has(badInput("rates curve --profile " + profile + " --points 1"), "--points"));
}

TEST_CASE("rates match finds the nearest curve, on the steps asked for", "[cli]")
{
    const std::string target = writeScratch(
        "t.json",
        R"({"format":"bluehangar.rates/1","name":"x","family":"gain-edge","roll":{"gain":1,"edge":0.7},"pitch":{"gain":1,"edge":0.7},"yaw":{"gain":0.9,"edge":0.5}})");
    const Answer a = run("rates match --target " + target + " --family centre-max --step-dps 10 --step-unit 0.01 --axis roll");
    REQUIRE(a.exit == 0);
    CHECK(a.err.empty()); // no word of the library's
    const auto json = nlohmann::json::parse(a.out);
    CHECK(json["axes"].size() == 1);
    CHECK(json["axes"]["roll"]["rms_dps"].get<double>() <= 1.4404711); // limit of rate_fits.json, cf001
    CHECK(std::fmod(json["axes"]["roll"]["params"]["max_dps"].get<double>(), 10) == 0);
    const std::string weights = writeScratch("w.csv", "stick_low,stick_high,weight\n0,0.5,3\n0.5,1,1\n");
    CHECK(run("rates match --target " + target + " --family percent-end --weights " + weights).exit == 0);
    CHECK(has(badInput("rates match --target " + target + " --family best"), "--family: expected centre-max"));
    CHECK(has(badInput("rates match --target " + target + " --family centre-max --axis rudder"),
              "--axis: expected roll, pitch or yaw"));
    CHECK(has(badInput("rates match --target " + target + " --family centre-max --weights " +
                       writeScratch("u.csv", "stick_low,stick_high,weight\n0,0.3,3\n")),
              "even bins"));
    CHECK(has(badInput("rates match --target " + target + " --family centre-max --weights " +
                       writeScratch("n.csv", "stick_low,stick_high,weight\n0,1,nan\n")),
              "line 2"));
    CHECK(has(
        badInput("rates match --target " +
                 writeScratch("y.json", R"({"format":"bluehangar.rates/1","family":"gain-edge","roll":{"gain":1,"edge":0.7}})") +
                 " --family centre-max"),
        "expected a 'pitch' here"));
}

TEST_CASE("rates stopwatch gives a rate and its error", "[cli]")
{
    const auto json = nlohmann::json::parse(run("rates stopwatch --turns 5 --seconds 5.14 --sigma 0.15").out);
    CHECK(json["rate_dps"].get<double>() == Approx(350.1945525)); // stopwatch.json, sw001
    CHECK(json["standard_error_dps"].get<double>() == Approx(10.21968539));
    CHECK(has(badInput("rates stopwatch --turns 5 --seconds 0"), "seconds: expected more than 0"));
    // Three timings of as many turns: their mean, and the error that their spread tells (stopwatch.json has the sums).
    const auto three = nlohmann::json::parse(run("rates stopwatch --turns 5 --seconds 5.1,5.0,5.2 --precision 0.01").out);
    CHECK(three["rate_dps"].get<double>() == Approx(360 * 5 / 5.1).epsilon(0.001));
    CHECK(three["standard_error_dps"].get<double>() == Approx(360 * 5 / 5.1 * (0.1 / std::sqrt(3)) / 5.1).epsilon(0.01));
    // An error of 0.1 s in the time of n turns at 353 °/s is 1 % from 0.1/0.01 · 353/360 = 9.8 turns on.
    CHECK(three["turns_needed"] == 10);
    CHECK(has(badInput("rates stopwatch --turns 5 --seconds 5 --precision 0"), "--precision"));
}

TEST_CASE("flight hover, climb and descend agree with momentum theory", "[cli]")
{
    const auto answered = [](const nlohmann::json& row, const std::string& what) {
        nlohmann::json airframe = plainAirframe(input(row, "mass"), 0.01);
        airframe["propeller_m"] = input(row, "rotor_diameter");
        airframe["rotors"] = input(row, "rotors");
        const Answer a = run("flight " + what + " --airframe " + writeScratch("vertical.json", airframe.dump()));
        CAPTURE(a.err);
        REQUIRE(a.exit == 0);
        return nlohmann::json::parse(a.out);
    };
    int rows = 0;
    for (const auto& row : referenceRows("physics.json")) {
        if (row["kind"] != "hover" || input(row, "geopotential_height") != 0) continue;
        ++rows;
        const auto hover = answered(row, "hover");
        CHECK(meets(row["expected"]["induced_velocity"], hover["induced_mps"].get<double>()));
        CHECK(meets(row["expected"]["ideal_power"], hover["power_w"].get<double>()));
        CHECK(hover["throttle"].get<double>() == Approx(0.25)); // a straight throttle, four times the weight
        CHECK(hover["wash_depth"] == 0);
        // Climbing: (V + vi)·vi is what it is in hover (momentum theory), and the power is thrust times the flow.
        const double hover_mps = hover["induced_mps"], thrust_n = hover["thrust_n"];
        const auto climb = answered(row, "climb --rate-mps 3");
        const double induced_mps = climb["induced_mps"];
        CHECK((3 + induced_mps) * induced_mps == Approx(hover_mps * hover_mps));
        CHECK(climb["power_w"].get<double>() == Approx(thrust_n * (3 + induced_mps)));
        const auto sink = answered(row, "descend --rate-mps " + bh::fixed(1.18 * hover_mps, 6));
        CHECK(sink["wash_depth"].get<double>() > 0.95); // the worst
        CHECK(answered(row, "descend --rate-mps 60")["wash_depth"] == 0);
    }
    CHECK(rows >= 3);
    CHECK(nlohmann::json::parse(run("flight hover --field-m 20000").out)["throttle"].is_null()); // cannot carry itself
    CHECK(has(badInput("flight hover --field-m 30000"), "--field-m: expected -400 to 20000"));
    CHECK(has(badInput("flight climb --rate-mps -2"), "--rate-mps: expected 0 to 100"));
}

TEST_CASE("flight gusts have the size that the wind asks for, and come again with their seed", "[cli]")
{
    const std::string asked = "flight gusts --wind-mps 8 --height-m 20 --airspeed-mps 12 --seconds 1500 --rate-hz 20 --seed ";
    const Answer a = run(asked + "4");
    REQUIRE(a.exit == 0);
    std::istringstream lines(a.out);
    std::string line;
    std::getline(lines, line);
    CHECK(line == "t_s,along_mps,right_mps,up_mps");
    double squares = 0, rows = 0;
    while (std::getline(lines, line)) {
        const double up = *bh::number_of(line.substr(line.rfind(',') + 1));
        squares += up * up, ++rows;
    }
    CHECK(rows == 30001);
    CHECK(std::sqrt(squares / rows) == Approx(0.8).epsilon(0.1)); // σw = 0.1·W20, MIL-F-8785C
    CHECK(run(asked + "4").out == a.out);
    CHECK(has(badInput("flight gusts --wind-mps 50"), "--wind-mps: expected 0 to 40"));
}

TEST_CASE("controller grip scores a pointing task as the reference does", "[cli]")
{
    const Answer a = run("controller grip " + std::string(BH_REFERENCE) + "/pointing/one_axis.csv");
    REQUIRE(a.exit == 0);
    const auto json = nlohmann::json::parse(a.out);
    int checked = 0;
    for (const auto& row : referenceRows("pointing.json")) {
        if (row["kind"] != "condition" || row["inputs"]["file"] != "pointing/one_axis.csv") continue;
        for (const auto& c : json["conditions"]) {
            if (c["participant"] != row["inputs"]["participant"] || c["nominal_distance_deg"] != input(row, "nominal_distance") ||
                c["nominal_width_deg"] != input(row, "nominal_width"))
                continue;
            ++checked;
            for (const char* key : {"effective_distance", "effective_width", "effective_id", "mean_time", "throughput"})
                CHECK(meets(row["expected"][key], c[key].get<double>()));
        }
    }
    CHECK(checked >= 4);
    CHECK(has(badInput("controller grip " + writeScratch("taps.csv", "participant,time_s\np,1\n")), "nominal_distance_deg"));
}

TEST_CASE("rates from-log reads what a flight was set to", "[cli]")
{
    const std::string flown = (scratchFolder() / "slalom.csv").string();
    REQUIRE(run("drill fly --drill slalom --skill 0.7 --seed 3 --out " + flown).exit >= 0);
    const Answer a = run("rates from-log " + flown + " --family centre-max");
    REQUIRE(a.exit == 0);
    const auto roll = nlohmann::json::parse(a.out)["axes"]["roll"];
    CHECK(roll["params"]["centre_dps"].get<double>() == Approx(150).margin(8)); // a learner's rates: 150, 350, 0.2
    CHECK(roll["lag_ms"].get<double>() == Approx(30).margin(8));
    CHECK(roll["intervals_95"]["centre_dps"][0].get<double>() < roll["intervals_95"]["centre_dps"][1].get<double>());
    CHECK(has(badInput("rates from-log " + flown + " --family best"), "--family: expected centre-max"));
    CHECK(has(badInput("rates from-log " +
                       writeScratch("short.csv", "t_s,throttle,stick_roll,stick_pitch,stick_yaw,p_dps,q_dps,r_dps,mode,armed\n0,"
                                                 "0,0,0,0,0,0,0,acro,1\n0.01,0,0,0,0,0,0,0,acro,1\n") +
                       " --family centre-max"),
              "rows of acro"));
}

TEST_CASE("drills are checked for slips, flown with habits, and shadowed", "[cli]")
{
    std::ifstream in(std::string(BH_DATA) + "/drills/arm-safe.json");
    auto drill = nlohmann::json::parse(in);
    drill["phases"][0]["time_limt_s"] = 9;
    const Answer slip = run("drill check " + writeScratch("slip.json", drill.dump()));
    CHECK(slip.exit == 1);
    CHECK(has(slip.out, "/phases/0: there is no 'time_limt_s' here"));
    const Answer lame = run("drill fly --drill arm-safe --skill 0.95 --seed 3 --fault no-throttle-cut");
    CHECK(lame.exit == 1);
    CHECK(nlohmann::json::parse(lame.out)["throttle_cuts_s"][0].get<double>() > 3);
    CHECK(run("drill fly --drill arm-safe --skill 0.95 --seed 3").exit == 0);
    CHECK(has(badInput("drill fly --drill arm-safe --fault whistling"), "--fault: expected rocking"));
    CHECK(has(badInput("drill fly --drill shadow"), "expected --demonstration FLIGHT.csv"));
    const std::string shown = (scratchFolder() / "shown.csv").string(), copy = (scratchFolder() / "copy.csv").string();
    REQUIRE(run("drill fly --drill lift-settle --skill 0.95 --seed 2 --out " + shown).exit == 0);
    const Answer followed = run("drill fly --drill shadow --skill 0.95 --seed 2 --demonstration " + shown + " --out " + copy);
    CHECK(followed.exit == 0);
    const Answer again = run("drill score --drill shadow --demonstration " + shown + " " + copy);
    CHECK(again.out == followed.out); // read from the file it scores the same
}

TEST_CASE("record verify says whether a record is as it was written", "[cli]")
{
    const auto copy = scratchFolder() / "copy.sqlite";
    std::filesystem::copy_file(BH_DEMO, copy, std::filesystem::copy_options::overwrite_existing);
    for (const char* beside : {".logs", ".sticks"})
        std::filesystem::create_directory_symlink(std::string(BH_DEMO) + beside, copy.string() + beside);
    const Answer a = run("record verify --store " + copy.string());
    INFO(a.out + a.err);
    CHECK(a.exit == 0);
    CHECK(has(a.out, " 0 problems"));
    std::filesystem::remove(copy.string() + ".logs"); // every flight log is gone now
    CHECK(run("record verify --store " + copy.string()).exit == 1);
    CHECK(has(badInput("record verify --store " + writeScratch("no.sqlite", "this is not a training record at all")),
              "is not a training record"));
    CHECK(has(badInput("record verify --store /nowhere/at/all"), "there is no such record"));
}

TEST_CASE("a practice curve and the sickness questionnaire are worked out from a shell", "[cli]")
{
    std::string marks = "trial,value\n";
    for (int i = 1; i <= 20; ++i) marks += std::to_string(i) + "," + bh::fixed(90 - 60 * std::exp(-0.2 * i), 6) + "\n";
    const std::string file = writeScratch("marks.csv", marks);
    const auto curve = nlohmann::json::parse(run("progress curve " + file + " --threshold 88 --higher-is-better").out);
    CHECK(curve["preferred"] == "exponential");
    CHECK(curve["exponential"]["b"].get<double>() == Approx(0.2).epsilon(0.001));
    CHECK(curve["exponential"]["c"].get<double>() == Approx(90).epsilon(0.001));
    CHECK(curve["forecast"]["trial"] == 18); // ln(30)/0.2 = 17.01
    CHECK(curve["plateau"] == false);
    const auto none = nlohmann::json::parse(run("progress curve " + file + " --higher-is-better").out);
    CHECK(none["forecast"]["trial"].is_null());
    const auto few = nlohmann::json::parse(
        run("progress curve " + writeScratch("few.csv", "trial,value\n1,9\n2,8\n3,7\n4,6\n") + " --threshold 5").out);
    CHECK(few["forecast"]["trial"].is_null());
    CHECK(has(few["note"].get<std::string>(), "fewer than five"));
    CHECK(has(badInput("progress curve " + writeScratch("down.csv", "trial,value\n2,9\n1,8\n3,7\n")), "line 3"));
    CHECK(has(badInput("progress curve " + file + " --threshold 5 --level 1.5"), "--level"));
    const auto sick = nlohmann::json::parse(run("sickness 1,0,0,0,0,0,0,2,0,0,0,0,0,0,0,0").out);
    CHECK(sick["nausea"].get<double>() == Approx(3 * 9.54));
    CHECK(sick["disorientation"].get<double>() == Approx(2 * 13.92));
    CHECK(sick["total"].get<double>() == Approx(6 * 3.74)); // 3 + 1 + 2
    CHECK(has(badInput("sickness 1,2,3"), "expected 16 answers, found 3"));
    CHECK(has(badInput("sickness 4,0,0,0,0,0,0,0,0,0,0,0,0,0,0,0"), "General discomfort"));
    CHECK(has(badInput("sickness 0,0.5,0,0,0,0,0,0,0,0,0,0,0,0,0,0"), "answer 2"));
}

TEST_CASE("readiness says gate by gate what is missing, and writes nothing", "[cli]")
{
    const auto copy = scratchFolder() / "ready.sqlite";
    std::filesystem::copy_file(BH_DEMO, copy, std::filesystem::copy_options::overwrite_existing);
    const auto written = std::filesystem::last_write_time(copy);
    const std::string store = " --store " + copy.string() + " --at 2031-06-12T15:20:00Z";
    const Answer one = run("readiness" + store + " --pilot 'Nell Harker'");
    CHECK(one.exit == 1); // nobody has been briefed
    const auto nell = nlohmann::json::parse(one.out);
    REQUIRE(nell["gates"].size() == 16);
    std::map<std::string, std::string> states;
    for (const auto& g : nell["gates"]) {
        states[g["gate"]] = g["state"];
        CHECK(g.contains("by"));
        CHECK_FALSE(g["evidence"].get<std::string>().empty());
    }
    CHECK(states["stages"] == "met");
    CHECK(states["real-setup"] == "not yet");
    CHECK(states["briefing"] == "not yet");
    CHECK(nell["ready"] == false);
    const auto all = nlohmann::json::parse(run("readiness" + store).out);
    CHECK(all["pilots"].size() == 11);
    bool dated = false;
    for (const auto& pilot : all["pilots"])
        for (const auto& g : pilot["gates"]) dated = dated || (g["by"].is_string() && g["by"].get<std::string>() > "2031-06-12");
    CHECK(dated); // hours of somebody who practises
    CHECK(std::filesystem::last_write_time(copy) == written);
    // Somebody whose every gate is met: the answer is yes.
    const Answer greta = run("readiness" + store + " --pilot 'Greta Holm'");
    CHECK(greta.exit == 0);
    CHECK(nlohmann::json::parse(greta.out)["ready"] == true);
    CHECK(has(badInput("readiness" + store + " --pilot Nobody"), "there is no pilot 'Nobody'"));
    CHECK(has(badInput("readiness --store " + copy.string() + " --at soon"), "--at"));
    CHECK(has(badInput("readiness --store /nowhere/at/all"), "no such record"));
}

TEST_CASE("readiness at a moment is the record as it stood then", "[cli]")
{
    const auto copy = scratchFolder() / "then.sqlite";
    std::filesystem::copy_file(BH_DEMO, copy, std::filesystem::copy_options::overwrite_existing);
    const std::string now = run("readiness --store " + copy.string() + " --at 2031-06-12T15:20:00Z").out;
    for (const char* day : {"2031-03-20", "2031-04-14", "2031-05-19", "2031-06-05"}) {
        const std::string moment = std::string(day) + "T12:00:00Z";
        // The same file with all that was written later taken out: nothing later can count there.
        const auto cut = scratchFolder() / ("cut-" + std::string(day) + ".sqlite");
        std::filesystem::copy_file(BH_DEMO, cut, std::filesystem::copy_options::overwrite_existing);
        {
            const bh::Database file(cut, false);
            const std::string later =
                " > CAST(strftime('%s', '" + moment.substr(0, 10) + " " + moment.substr(11, 8) + "') AS INTEGER)";
            file.run("PRAGMA foreign_keys = OFF");
            file.run("DROP TRIGGER entries_are_kept");
            file.run(
                QString::fromStdString("DELETE FROM attempts WHERE entry IN (SELECT seq FROM entries WHERE at" + later + ")"));
            file.run(QString::fromStdString("DELETE FROM entries WHERE at" + later));
        }
        const std::string of_all = run("readiness --store " + copy.string() + " --at " + moment).out;
        CAPTURE(day);
        REQUIRE_FALSE(of_all.empty());
        CHECK(of_all == run("readiness --store " + cut.string() + " --at " + moment).out);
        CHECK(of_all != now);
    }
}

TEST_CASE("no option of any command takes what is no finite number", "[cli]")
{
    int tried = 0;
    const std::function<void(const std::string&)> look = [&](const std::string& command) {
        std::istringstream help(run(command + " --help").out);
        bool commands = false;
        for (std::string line; std::getline(help, line);) {
            std::istringstream words(line);
            std::string first, second;
            words >> first >> second;
            if (line.starts_with("Subcommands")) commands = true;
            if (commands && line.starts_with("  ") && line.size() > 2 && line[2] != ' ') look(command + " " + first);
            if (!first.starts_with("--") || (second != "FLOAT" && second != "INT" && second != "UINT")) continue;
            for (const char* wild : {"nan", "inf", "-inf", "1e400"}) {
                const std::string option = first.substr(0, first.find(','));
                CHECK(has(badInput(command + " " + option + "=" + wild), option.substr(2).c_str()));
                ++tried;
            }
        }
    };
    look("");
    CHECK(tried > 100);
}

TEST_CASE("bad input gets one line and exit code 2", "[cli]")
{
    const std::string head = "t_s,throttle,stick_roll,stick_pitch,stick_yaw,north_m,east_m,height_m,mode,armed\n";
    const std::string score = "drill score --drill hover-window ";
    CHECK(has(badInput(score + "/no/such/file.csv"), "cannot be opened"));
    CHECK(has(badInput(score + writeScratch("empty.csv", "")), "is empty"));
    CHECK(has(badInput(score + writeScratch("columns.csv", "a,b\n1,2\n")), "there is no column t_s"));
    CHECK(has(badInput(score + writeScratch("nan.csv", head + "0,nan,0,0,0,0,0,0,acro,1\n")), "line 2"));
    CHECK(has(badInput(score + writeScratch("back.csv", head + "1,0,0,0,0,0,0,0,acro,1\n0,0,0,0,0,0,0,0,acro,1\n")),
              "line 3, column t_s"));
    CHECK(has(badInput(score + writeScratch("one.csv", head + "0,0,0,0,0,0,0,0,acro,1\n")), "one.csv"));
    CHECK(
        has(badInput(score + writeScratch("off.csv", head + "0,0,0,0,0,0,0,0,acro,0\n1,0,0,0,0,0,0,0,acro,0\n")), "never armed"));
    const std::string huge = writeScratch("huge.csv", "x");
    std::filesystem::resize_file(huge, 2ull << 30);
    CHECK(has(badInput(score + huge), "larger than 1.5 GB"));
    CHECK(has(badInput("controller calibrate " + huge), "larger than 1.5 GB"));
    CHECK(has(badInput("controller calibrate " + writeScratch("norest.csv", "t_s,a0,prompt\n0,1,circles\n")), "rest prompt"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys charm"), "there is no measure 'charm'"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys speed_mps --line 1,2"), "--line"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys speed_mps --from 900"), "no rows"));
    CHECK(has(badInput("drill fly --drill hover-window --skill 3"), "--skill"));
    CHECK(has(badInput("drill fly --drill hover-window --skill 0.9 --out /nowhere/f.csv"), "/nowhere/f.csv"));
    badInput("dance");
    badInput("");
}

TEST_CASE("a slip in the words of a command is named, with what was expected there", "[cli]")
{
    CHECK(has(badInput(""), "a command is expected: controller, progress, "));
    CHECK(has(badInput("rtes curve"), "'rtes' is no command, expected controller, progress, "));
    CHECK(has(badInput("rates"), "a command of 'rates' is expected: curve, match, from-log or stopwatch"));
    CHECK(has(badInput("rates crve --profile x"), "'crve' is no command of 'rates', expected curve, match, "));
    CHECK(has(badInput("rates stopwatch --turns 3"), "--seconds is required"));
    CHECK(has(badInput("rates stopwatch --turns 3 --seconds 2 --sgma 1"), "'--sgma' is nothing that 'stopwatch' takes"));
    CHECK(has(badInput("drill list all"), "'all' is nothing that 'list' takes"));
    CHECK(has(badInput("rates stopwatch --turns three --seconds 2"), "--turns = three: is no number that it takes"));
}

TEST_CASE("hostile input is refused in one line by every reader", "[cli]")
{
    const std::string rows = "t_s,throttle,stick_roll,stick_pitch,stick_yaw\n0,0,0,0,0\n";
    const auto nested = [](const char* open, const char* shut, int times) {
        std::string text = R"({"format":"bluehangar.rates/1","unknown":)";
        for (int i = 0; i < times; ++i) text += open;
        text += "1";
        for (int i = 0; i < times; ++i) text += shut;
        return text + "}";
    };
    for (const auto& [open, shut] : {std::pair{"[", "]"}, {R"({"a":)", "}"}}) {
        const std::string deep = writeScratch("deep.json", nested(open, shut, 80'000));
        for (const char* reader : {"rates curve --profile ", "drill check ", "rates match --family linear-expo --target ",
                                   "controller sheet --simulator two-stick --calibration "})
            CHECK(has(badInput(reader + deep), "nested deeper than 100"));
    }
    CHECK_FALSE(has(badInput("rates curve --profile " + writeScratch("d.json", nested("[", "]", 99))), "nested")); // and read
    for (const char* reader :
         {"measure --keys reversal_rate_hz ", "controller calibrate ", "controller grip ", "drill score --drill hover-window "}) {
        CAPTURE(reader);
        CHECK(has(badInput(reader + writeScratch("latin.csv", rows + "1,0,0,0,0\n\xff\n")), "no text in UTF-8"));
        CHECK(has(badInput(reader + writeScratch("wide.csv", std::string(2'000'000, 'a') + "\n0\n")), "longer than 64 kB"));
        CHECK(has(badInput(reader + std::string(BH_REFERENCE)), "is not a file"));
        CHECK(has(badInput(reader + std::string("/dev/zero")), "is not a file"));
    }
    const std::string pipe = (scratchFolder() / "pipe").string();
    REQUIRE(mkfifo(pipe.c_str(), 0600) == 0);
    for (const char* reader :
         {"measure --keys reversal_rate_hz ", "rates curve --profile ", "record verify --store ", "record head --store "})
        CHECK(has(badInput(reader + pipe), "is not a file")); // and nobody waits for what will never come
    CHECK(has(badInput("measure --keys reversal_rate_hz " + writeScratch("one.csv", rows)), "one row only"));
    CHECK(has(badInput("measure --keys reversal_rate_hz " + writeScratch("far.csv", rows + "1,1e13,0,0,0\n")),
              "line 3, column throttle: expected a number, found '1e13'"));
    auto drill = nlohmann::json::parse(std::ifstream(BH_DATA "/drills/lift-settle.json"));
    for (const char* place : {"/phases/0/time_limit_s", "/phases/1/goal/stay_s"}) {
        auto endless = drill;
        endless[nlohmann::json::json_pointer(place)] = 10'000'000;
        CHECK(has(badInput("drill check " + writeScratch("long.json", endless.dump())),
                  (std::string(place) + ": expected at most 7200 s").c_str()));
    }
    auto wild = drill;
    wild["unknown"] = 1e13;
    CHECK(has(badInput("drill check " + writeScratch("wild.json", wild.dump())), "/unknown: expected a number not beyond"));
    CHECK(has(badInput("rates curve --profile " BH_DATA "/none.json --points 1000001"), "--points"));
    CHECK(has(badInput("rates stopwatch --turns 1e300 --seconds 3"), "--turns: expected a number not beyond"));
    CHECK(has(badInput("drill fly --drill hover-window --skill 1 --seed 99999999999999999999"),
              "--seed: expected a whole number of 64 bits"));
    CHECK(has(badInput("drill show 'a\nb\x1b[31m\xe2\x80\xae'"), R"('a\nb\x1b[31m\u202e')"));
}

TEST_CASE("a week is planned from a problem file, and from a record", "[cli]")
{
    const std::string problem = R"({"format":"bluehangar.week/1","slots":[{"day":"2031-02-10","start":"09:00","end":"09:30"}],
        "bays":[{"name":"Bay 1"}],"pilots":[{"name":"A","wanted_blocks":1,"available":[0],"priority":1},
        {"name":"B","wanted_blocks":1,"available":[0]}]})";
    const Answer one = run("plan --problem " + writeScratch("week.json", problem));
    CHECK(one.exit == 1);
    const auto plan = nlohmann::json::parse(one.out);
    CHECK(plan["status"] == "optimal");
    CHECK(plan["objective"] == std::vector{1, 0, 1, 1, 0});
    CHECK(plan["gap"] == 0);
    REQUIRE(plan["blocks"].size() == 1);
    CHECK(plan["blocks"][0]["pilot"] == "A");
    CHECK(plan["blocks"][0]["bay"] == "Bay 1");
    CHECK(plan["blocks"][0]["slot"] == 0);
    REQUIRE(plan["unplaced"].size() == 1);
    CHECK(plan["unplaced"][0]["pilot"] == "B");
    CHECK(plan["unplaced"][0]["hours_short"] == 0.5);
    CHECK_FALSE(plan["unplaced"][0]["because"].empty());
    const auto ics = scratchFolder() / "week.ics";
    const Answer week = run("plan --store " + std::string(BH_DEMO) + " --week 2031-W25 --ics " + ics.string());
    CHECK(week.exit == 1); // somebody can come too seldom
    CHECK(nlohmann::json::parse(week.out)["slots"].size() == 60);
    // What is printed is what is written, block by block; with --kept it is the week that is on the record.
    const auto printed = [](const nlohmann::json& of) {
        std::multiset<std::string> all;
        const auto add = [&](const nlohmann::json& pilot, const nlohmann::json& bay, const std::string& day) {
            all.insert(pilot.get<std::string>() + ", " + bay.get<std::string>() + ", " + day);
        };
        for (const auto& b : of["blocks"]) add(b["pilot"], b["bay"], of["slots"][b["slot"].get<std::size_t>()]["day"]);
        for (const auto& b : of.value("locked", nlohmann::json::array())) add(b["pilot"], b["bay"], b["day"]);
        return all;
    };
    const auto written = [&] {
        std::multiset<std::string> all;
        std::istringstream lines(slurp(ics));
        std::string day, pilot;
        for (std::string line; std::getline(lines, line);) {
            if (!line.empty() && line.back() == '\r') line.pop_back();
            const auto value = [&](const char* key) { return line.starts_with(key) ? line.substr(line.find(':') + 1) : ""; };
            if (const auto at = value("DTSTART"); !at.empty())
                day = at.substr(0, 4) + "-" + at.substr(4, 2) + "-" + at.substr(6, 2);
            if (const auto who = value("SUMMARY"); !who.empty()) pilot = who.substr(0, who.find(':'));
            if (const auto bay = value("LOCATION"); !bay.empty()) all.insert(pilot + ", " + bay + ", " + day);
        }
        return all;
    };
    const auto planned = nlohmann::json::parse(week.out);
    CHECK(planned["blocks"].size() > 20);
    CHECK(written() == printed(planned));
    for (const char* known : {"2031-W24", "2031-W25"}) {
        const auto kept = nlohmann::json::parse(
            run("plan --store " + std::string(BH_DEMO) + " --week " + known + " --kept --ics " + ics.string()).out);
        CAPTURE(known);
        CHECK(kept["status"] == "kept");
        CHECK(written() == printed(kept));
    }
    CHECK(has(badInput("plan --store " + std::string(BH_DEMO) + " --week 2031-W99"), "expected a week"));
    CHECK(has(badInput("plan --problem " + writeScratch("week.json", "{}")), "week.json"));
    CHECK(has(badInput("plan"), "--problem"));
}
