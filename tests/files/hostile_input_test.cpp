// Files as the world sends them: cut, mixed up, too long, of another program. Every one is read or refused in one
// sentence that names the file; none is half read and none brings the program down.
#include "core/base/number_text.h"
#include "core/base/random.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "files/data_folder.h"
#include "files/documents/airframe_document.h"
#include "files/documents/calibration_document.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/rates_document.h"
#include "files/documents/world_document.h"
#include "files/flights/flight_csv.h"
#include "files/tables/recording_csv.h"
#include "files/text/file_text.h"
#include "run_program.h"

using namespace bh;

namespace {

std::string mutated(std::string text, SeededRandom& random)
{
    const auto place = [&] { return static_cast<std::size_t>(random.uniform() * static_cast<double>(text.size())); };
    const int changes = 1 + static_cast<int>(4 * random.uniform());
    for (int i = 0; i < changes && !text.empty(); ++i) {
        const double kind = random.uniform();
        if (kind < 0.35)
            text[place()] = static_cast<char>(static_cast<int>(256 * random.uniform()));
        else if (kind < 0.5)
            text.erase(place(), static_cast<std::size_t>(40 * random.uniform()));
        else if (kind < 0.65)
            text.insert(place(), random.uniform() < 0.5 ? "\"" : ",");
        else if (kind < 0.75)
            text.insert(place(), random.uniform() < 0.5 ? "nan" : "1e999");
        else if (kind < 0.85)
            text.insert(place(), "\r\n");
        else if (kind < 0.95)
            text.insert(place(), text.substr(place(), 60));
        else
            text.resize(place());
    }
    return text;
}

/// One sentence that begins with the file's name.
void checkMessage(const std::string& message, const std::string& file)
{
    CAPTURE(message);
    CHECK(message.rfind(file + ":", 0) == 0);
    CHECK(message.find('\n') == std::string::npos);
    CHECK(message.size() < 400);
}

FlightLog someFlight()
{
    const DataFolder data(BH_DATA);
    const Drill drill = *data.drill("lift-settle");
    return fly_drill(drill, *data.setup_for(drill, RateProfile{}), 0.8, 2)->log;
}

} // namespace

TEST_CASE("flight logs with any mistake are read whole or refused in a sentence", "[files][hostile]")
{
    const FlightLog flight = someFlight();
    FlightLog few; // a short file, so that a mutation hits something that matters
    for (std::size_t i = 0; i < 30; ++i) few.append(flight.sample(i));
    const std::string text = flight_csv(few);
    SeededRandom random(99);
    int refused = 0;
    for (int round = 0; round < 3000; ++round) {
        const auto log = parse_flight_csv(mutated(text, random), "f.csv");
        if (!log) {
            ++refused;
            checkMessage(log.error().english, "f.csv");
            continue;
        }
        for (std::size_t i = 1; i < log->size(); ++i) CHECK(log->t_s[i] > log->t_s[i - 1]);
        CHECK(log->height_m.size() == log->size());
        CHECK(log->mode.size() == log->size());
        for (const auto& event : log->events) CHECK(event.row < log->size());
    }
    CHECK(refused > 1000);
}

TEST_CASE("a flight log comes back from its file bit by bit", "[files]")
{
    const FlightLog flight = someFlight();
    const auto back = parse_flight_csv(flight_csv(flight), "f.csv");
    REQUIRE(back);
    CHECK(back->t_s == flight.t_s);
    CHECK(back->qz == flight.qz);
    CHECK(back->r_dps == flight.r_dps);
    CHECK(back->stick_yaw == flight.stick_yaw);
    CHECK(back->armed == flight.armed);
    REQUIRE(back->events.size() == flight.events.size());
    for (std::size_t i = 0; i < flight.events.size(); ++i) CHECK(back->events[i].event == flight.events[i].event);
}

TEST_CASE("columns in another order, quoted names, unknown columns and CRLF change nothing", "[files]")
{
    const auto log = parse_flight_csv("stick_yaw,\"t_s\",note,throttle,stick_pitch,stick_roll\r\n"
                                      "0.5,0,\"a, \"\"quoted\"\" remark\",0.1,-1,0.25\r\n0.5,0.01,,0.2,-1,0.25\r\n",
                                      "f.csv");
    REQUIRE(log);
    CHECK(log->size() == 2);
    CHECK_FALSE(log->has_position);
    CHECK(log->throttle == std::vector<double>{0.1, 0.2});
    CHECK(log->stick_yaw[0] == 0.5);
    CHECK(log->stick_pitch[1] == -1);
    CHECK(log->stick_roll[1] == 0.25);
}

TEST_CASE("controller recordings with any mistake are read whole or refused in a sentence", "[files][hostile]")
{
    const ControllerRecording recording = stand_in_recording({}, 4);
    std::string text = "t_s,a0,a1,a2,a3,a4,a5,prompt\n";
    for (std::size_t i = 0; i < recording.samples(); i += 60) {
        text += fixed(recording.t_s[i], 6);
        for (const auto& axis : recording.axes_counts) text += "," + std::to_string(axis[i]);
        text += "," + std::string(prompt_key(recording.prompts[i])) + "\n";
    }
    SeededRandom random(7);
    int refused = 0;
    for (int round = 0; round < 2000; ++round) {
        const auto back = parse_recording_csv(mutated(text, random), "r.csv");
        if (!back) {
            ++refused;
            checkMessage(back.error().english, "r.csv");
            continue;
        }
        for (const auto& axis : back->axes_counts) CHECK(axis.size() == back->samples());
        (void)calibrate(*back); // whatever was read can be looked at
    }
    CHECK(refused > 300);
}

TEST_CASE("documents with any mistake are read whole or refused in a sentence", "[files][hostile]")
{
    SeededRandom random(13);
    for (const char* name :
         {"drills/lift-settle.json", "worlds/pan.json", "aircraft/five-inch.json", "curricula/first-steps.json"}) {
        const auto text = read_text(std::string(BH_DATA) + "/" + name);
        REQUIRE(text);
        for (int round = 0; round < 400; ++round) {
            const std::string broken = mutated(*text, random);
            const auto check = [&](const auto& result) {
                if (!result) checkMessage(result.error().english, "d.json");
            };
            check(parse_drill(broken, "d.json"));
            check(parse_world(broken, "d.json"));
            check(parse_airframe(broken, "d.json"));
            check(parse_curriculum(broken, "d.json"));
            check(parse_calibration(broken, "d.json"));
            check(parse_rates(broken, "d.json"));
        }
    }
}

TEST_CASE("a file is written whole or not at all", "[files]")
{
    const auto file = scratchFolder() / "whole.txt";
    REQUIRE(write_whole(file, "first"));
    REQUIRE(write_whole(file, "second, longer"));
    CHECK(*read_text(file) == "second, longer");
    const auto nowhere = write_whole(scratchFolder() / "no-such-folder" / "x.txt", "x");
    REQUIRE_FALSE(nowhere);
    CHECK(nowhere.error().english.find("no-such-folder") != std::string::npos);
    CHECK(std::distance(std::filesystem::directory_iterator(scratchFolder()), {}) >= 1);
    for (const auto& entry : std::filesystem::directory_iterator(scratchFolder()))
        CHECK(entry.path().filename().string().find("whole.txt.") == std::string::npos); // no leavings
}

TEST_CASE("files that are missing, folders or empty are named", "[files]")
{
    CHECK(load_flight_csv(scratchFolder() / "none.csv").error().english.find("none.csv") != std::string::npos);
    CHECK(load_flight_csv(scratchFolder()).error().english.find(scratchFolder().string()) != std::string::npos);
    CHECK(load_flight_csv(writeScratch("empty.csv", "")).error().english.find("empty.csv") != std::string::npos);
    CHECK(read_text(scratchFolder() / "none.json").error().english.find("none.json") != std::string::npos);
}

TEST_CASE("the data folder is found beside the program, above it, or where it is said to be", "[files]")
{
    namespace fs = std::filesystem;
    const auto root = scratchFolder() / "installed";
    fs::create_directories(root / "bin");
    fs::create_directories(root / "share" / "bluehangar" / "drills");
    CHECK(DataFolder::find(root / "bin" / "bluehangar", nullptr)->root() == fs::canonical(root / "share" / "bluehangar"));
    const auto tree = scratchFolder() / "tree";
    fs::create_directories(tree / "build" / "release" / "bin");
    fs::create_directories(tree / "data" / "drills");
    CHECK(DataFolder::find(tree / "build" / "release" / "bin" / "bluehangar", "")->root() == fs::canonical(tree / "data"));
    CHECK(DataFolder::find("/bluehangar", (tree / "data").c_str())->root() == fs::canonical(tree / "data"));
    CHECK(DataFolder::find(tree / "x", "/nowhere").error().english.find("/nowhere") != std::string::npos);
    CHECK_FALSE(DataFolder::find("/bluehangar", nullptr));
}

TEST_CASE("what a document says of itself stays in one line of the message, and shows what is hidden in it", "[files]")
{
    // Found by the fuzzing programs.
    const auto rates = parse_rates(R"({"format":"bluehangar.rates/1","name":"x","family":"a\nb\u202e","roll":{}})", "r.json");
    REQUIRE_FALSE(rates);
    checkMessage(rates.error().english, "r.json");
    CHECK(rates.error().english.find(R"(a\nb\u202e)") != std::string::npos);
    CHECK(bad_input("one\ntwo\x1b").value().english == R"(one\ntwo\x1b)");
}
