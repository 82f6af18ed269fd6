#include "reference.h"
#include "run_program.h"

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

} // namespace

TEST_CASE("controller calibrate agrees with the reference recordings", "[cli]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        const Answer a = run("controller calibrate " + std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>());
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

TEST_CASE("controller sheet: what a simulator has to be told, for every recording and every simulator that ships", "[cli]")
{
    for (const auto& row : referenceRows("controllers.json")) {
        const std::string calibration = writeScratch("calibration.json",
            run("controller calibrate " + std::string(BH_REFERENCE) + "/" + row["inputs"]["file"].get<std::string>()).out);
        for (const char* simulator : {"mudlark", "saltwind", "dyke-runner", "tern-school", "loft-hopper", "nine-gates"}) {
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
                const bool falls = row["expected"][f]["counts_at_plus_one"]["value"] < row["expected"][f]["counts_at_minus_one"]["value"];
                const std::string side = profile["rising_is"][f];
                const bool rising_is_positive = side == "up" || side == "right" || side == "forward";
                CHECK(line["invert"] == (falls == rising_is_positive));
            }
        }
    }
    CHECK(has(badInput("controller sheet --calibration /nowhere.json --simulator mudlark"), "/nowhere.json"));
    CHECK(has(badInput("controller sheet --calibration " + writeScratch("c.json", "{}") + " --simulator mudlark"), "c.json: /format"));
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
    CHECK(has(badInput("drill check " + writeScratch("d.json", R"({"format":"bluehangar.drill/1","id":"x"})")), "/: expected a 'name' here"));
}

TEST_CASE("measure gives known answers of a reference flight", "[cli]")
{
    const Answer a = run("measure " BH_REFERENCE "/logs/hover_sine.csv --keys height_in_window,height_rms_m,throttle_cut_s --from 8 --to 38 --height-m 10 --window-m 2.5");
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
    const std::string profile = writeScratch("r.json", R"({"format":"bluehangar.rates/1","name":"x","family":"linear-expo","roll":{"max_dps":700,"expo":0.4},"pitch":{"max_dps":700,"expo":0},"yaw":{"max_dps":300,"expo":0}})");
    const Answer a = run("rates curve --profile " + profile + " --points 5");
    CHECK(a.exit == 0);
    CHECK(has(a.out, "stick,roll_dps,pitch_dps,yaw_dps\n-1.000000,-700.0000,-700.0000,-300.0000\n-0.500000,-245.0000"));
    CHECK(has(badInput("rates curve --profile " + profile + " --points 1"), "--points"));
}

TEST_CASE("record verify says whether a record is as it was written", "[cli]")
{
    const auto copy = scratchFolder() / "copy.sqlite";
    std::filesystem::copy_file(BH_DEMO, copy, std::filesystem::copy_options::overwrite_existing);
    std::filesystem::create_directory_symlink(std::string(BH_DEMO) + ".logs", copy.string() + ".logs");
    const Answer a = run("record verify --store " + copy.string());
    CHECK(a.exit == 0);
    CHECK(has(a.out, " 0 problems"));
    std::filesystem::remove(copy.string() + ".logs"); // every flight log is gone now
    CHECK(run("record verify --store " + copy.string()).exit == 1);
    CHECK(has(badInput("record verify --store " + writeScratch("no.sqlite", "this is not a training record at all")), "is not a training record"));
    CHECK(has(badInput("record verify --store /nowhere/at/all"), "there is no such record"));
}

TEST_CASE("bad input gets one line and exit code 2", "[cli]")
{
    const std::string head = "t_s,throttle,stick_roll,stick_pitch,stick_yaw,north_m,east_m,height_m,mode,armed\n";
    const std::string score = "drill score --drill hover-window ";
    CHECK(has(badInput(score + "/no/such/file.csv"), "cannot be opened"));
    CHECK(has(badInput(score + writeScratch("empty.csv", "")), "is empty"));
    CHECK(has(badInput(score + writeScratch("columns.csv", "a,b\n1,2\n")), "there is no column t_s"));
    CHECK(has(badInput(score + writeScratch("nan.csv", head + "0,nan,0,0,0,0,0,0,acro,1\n")), "line 2"));
    CHECK(has(badInput(score + writeScratch("back.csv", head + "1,0,0,0,0,0,0,0,acro,1\n0,0,0,0,0,0,0,0,acro,1\n")), "line 3, column t_s"));
    CHECK(run(score + writeScratch("one.csv", head + "0,0,0,0,0,0,0,0,acro,1\n")).exit == 1); // one row: a flight that ended at once
    CHECK(has(badInput(score + writeScratch("off.csv", head + "0,0,0,0,0,0,0,0,acro,0\n")), "never armed"));
    const std::string huge = writeScratch("huge.csv", "x");
    std::filesystem::resize_file(huge, 2ull << 30);
    CHECK(has(badInput(score + huge), "line 1"));
    CHECK(has(badInput("controller calibrate " + huge), "line 1"));
    CHECK(has(badInput("controller calibrate " + writeScratch("norest.csv", "t_s,a0,prompt\n0,1,circles\n")), "rest prompt"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys charm"), "there is no measure 'charm'"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys speed_mps --line 1,2"), "--line"));
    CHECK(has(badInput("measure " BH_REFERENCE "/logs/slalom.csv --keys speed_mps --from 900"), "no rows"));
    CHECK(has(badInput("drill fly --drill hover-window --skill 3"), "--skill"));
    CHECK(has(badInput("drill fly --drill hover-window --skill 0.9 --out /nowhere/f.csv"), "/nowhere/f.csv"));
    badInput("dance");
    badInput("");
}
