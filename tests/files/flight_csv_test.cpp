#include "files/flights/flight_csv.h"
#include "files/tables/recording_csv.h"

#include <catch2/catch.hpp>
#include <filesystem>
#include <fstream>

using namespace bh;

namespace {

const std::string head = "t_s,throttle,stick_roll,stick_pitch,stick_yaw,north_m,east_m,height_m,mode,armed\n";

std::string messageFor(const std::string& text)
{
    const auto log = parse_flight_csv(text, "f.csv");
    REQUIRE_FALSE(log);
    return log.error().english;
}

} // namespace

TEST_CASE("a flight log comes back from its file as it was", "[files]")
{
    FlightLog log;
    for (int i = 0; i < 500; ++i) {
        FlightSample s;
        s.t_s = i * 0.01;
        s.north_m = std::sin(i * 0.1) * 33.3333;
        s.height_m = i * 0.0123;
        s.qw = std::cos(i * 0.01);
        s.qx = std::sin(i * 0.01);
        s.p_dps = -i * 1.237;
        s.sticks = {0.5, -0.33333, 0.1, std::sin(i * 0.3)};
        s.mode = i < 200 ? Mode::Acro : Mode::Hold;
        s.armed = i > 10;
        log.append(as_logged(s));
    }
    log.events = {{3, FlightEvent::Arm}, {200, FlightEvent::Panic}, {200, FlightEvent::Touch}};
    const auto back = parse_flight_csv(flight_csv(log), "back");
    REQUIRE(back);
    CHECK(back->north_m == log.north_m);
    CHECK(back->qx == log.qx);
    CHECK(back->p_dps == log.p_dps);
    CHECK(back->stick_roll == log.stick_roll);
    CHECK(back->mode == log.mode);
    CHECK(back->armed == log.armed);
    REQUIRE(back->events.size() == 3);
    CHECK(back->events[2].row == 200);
    CHECK(back->events[2].event == FlightEvent::Touch);
}

TEST_CASE("columns may come in any order, with others among them, quoted, CRLF, with a byte order mark", "[files]")
{
    const auto log = parse_flight_csv("\xEF\xBB\xBFstick_yaw,note,throttle,\"stick_pitch\",stick_roll,t_s,mode\r\n"
                                      "0.1,\"a, \"\"b\"\"\",0.2,0.3,0.4,0.0,rate\r\n\r\n0.1,x,0.2,0.3,0.4,0.5,level\r\n",
                                      "f.csv");
    REQUIRE(log);
    CHECK(log->size() == 2);
    CHECK(log->stick_roll[1] == 0.4);
    CHECK(log->mode[0] == Mode::Acro);
    CHECK(log->mode[1] == Mode::Angle);
    CHECK(log->armed[0] == 1); // no column: armed throughout
    CHECK_FALSE(log->has_position);
}

TEST_CASE("bad flight logs get one sentence with place and expectation", "[files]")
{
    CHECK(messageFor("") == "f.csv: the file is empty, expected a header row with column names");
    CHECK(messageFor(head) == "f.csv: has a header but no rows, expected at least two");
    CHECK(messageFor("t_s,height_m\n0,1\n") == "f.csv: line 1: there is no column throttle, a flight log needs it");
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,abc,acro,1\n") == "f.csv: line 2, column height_m: expected a number, found 'abc'");
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,nan,acro,1\n").find("line 2, column height_m: expected a number, found 'nan'") !=
          std::string::npos);
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,1,acro,1\n0,0.4,0,0,0,0,0,1,acro,1\n") ==
          "f.csv: line 3, column t_s: times must rise from row to row");
    CHECK(messageFor(head + "0,0.4,0,0\n").find("line 2, column stick_yaw: is missing") != std::string::npos);
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,1,acro,1,7\n").find("more fields") != std::string::npos);
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,1,loop,1\n").find("expected acro, angle, horizon, hold or sport, found 'loop'") !=
          std::string::npos);
    CHECK(messageFor(head + "0,0.4,0,0,0,0,0,1,acro,yes\n").find("expected 0 or 1") != std::string::npos);
    CHECK(messageFor("t_s,t_s,throttle,stick_roll,stick_pitch,stick_yaw\n").find("stands there twice") != std::string::npos);
    CHECK(messageFor(std::string(100000, 'x')).find("longer than 64 kB") != std::string::npos);
    // A name in quotes may hold a line's end: that makes the header no shorter, nor its bytes text.
    std::string many = "t_s,throttle,stick_roll,stick_pitch,stick_yaw,\"a\nb\"";
    for (int i = 0; many.size() < 379'000; ++i) many += ",c" + std::to_string(i);
    CHECK(messageFor(many + "\n0,0,0,0,0\n").find("longer than 64 kB") != std::string::npos);
    CHECK(messageFor("t_s,\"a\n" + std::string(70'000, 'b') + "\"\n").find("longer than 64 kB") != std::string::npos);
    CHECK(messageFor("t_s,\"a\n\x01\"\n").find("no text") != std::string::npos);
    CHECK(messageFor(std::string("\x01\x02", 2) + "\n1,2\n").find("bytes that are no text") != std::string::npos);
}

TEST_CASE("a 2 GB file of nonsense is refused at once", "[files]")
{
    const auto path = std::filesystem::temp_directory_path() / "bh-huge.csv";
    std::ofstream(path) << 'x';
    std::filesystem::resize_file(path, 2ull << 30); // sparse: takes no room
    const auto log = load_flight_csv(path);
    std::filesystem::remove(path);
    REQUIRE_FALSE(log);
    CHECK(log.error().english.find("larger than 1.5 GB") != std::string::npos);
    CHECK(load_flight_csv(path).error().code == Error::Code::NotFound);
    CHECK_FALSE(load_flight_csv(std::filesystem::temp_directory_path())); // a folder
}

TEST_CASE("bad controller recordings get one sentence", "[files]")
{
    const auto message = [](const std::string& text) { return parse_recording_csv(text, "r.csv").error().english; };
    CHECK(message("t_s,a0\n0,1\n").find("needs the columns t_s, a0, a1, … and prompt") != std::string::npos);
    CHECK(message("t_s,a0,a2,prompt\n0,1,2,rest\n").find("column a1") != std::string::npos);
    CHECK(message("t_s,a0,prompt\n0,1,wiggle\n").find("found 'wiggle'") != std::string::npos);
    CHECK(message("t_s,a0,prompt\n0,nan,rest\n").find("line 2, column a0") != std::string::npos);
    CHECK(message("t_s,a0,prompt\n1,1,rest\n0.5,1,rest\n").find("line 3, column t_s") != std::string::npos);
    CHECK(message("t_s,a0,prompt\n").find("no rows") != std::string::npos);
    const auto recording = parse_recording_csv("prompt,a1,t_s,a0\nrest,5,0,7\n", "r.csv");
    REQUIRE(recording);
    CHECK(recording->axes_counts[0][0] == 7);
    CHECK(parse_recording_csv(recording_csv(*recording), "again")->axes_counts == recording->axes_counts);
}
