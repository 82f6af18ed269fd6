// Tables of other programs: what is guessed, units and signs, what cannot be known, and what is refused with its place.
#include "core/base/number_text.h"
#include "files/flights/flight_import.h"

#include <Eigen/Geometry>
#include <catch2/catch.hpp>
#include <filesystem>
#include <fstream>
#include <unistd.h>

using namespace bh;

namespace {

struct Table {
    std::filesystem::path file = std::filesystem::temp_directory_path() / ("bh-import-" + std::to_string(getpid()) + ".csv");
    explicit Table(const std::string& text) { std::ofstream(file, std::ios::binary) << text; }
    ~Table() { std::filesystem::remove(file); }
    [[nodiscard]] FlightMapping guessed() const { return guessed_mapping(*table_head(file)); }
    [[nodiscard]] FlightLog log() const
    {
        auto read = import_flight(file, guessed());
        if (!read) FAIL(read.error().english);
        return std::move(*read);
    }
    [[nodiscard]] std::string refused(const FlightMapping& mapping) const
    {
        const auto read = import_flight(file, mapping);
        REQUIRE_FALSE(read);
        const std::string& said = read.error().english;
        REQUIRE(said.rfind(file.string(), 0) == 0);
        return said.substr(file.string().size());
    }
    [[nodiscard]] std::string refused() const { return refused(guessed()); }
};

const std::string sticks = "t,throttle,roll_stick,pitch_stick,yaw_stick";

} // namespace

TEST_CASE("columns, units and the separator are guessed from heads and values", "[files][import]")
{
    const Table table("Time (ms);Alt [ft];Lat;Lon;Thr;Ail;Ele;Rud;Roll;Pitch;Yaw;gyro_x;gyro_y;gyro_z;note\n"
                      "1000;10;45.0;7.0;1400;1500;1750;1250;0.1;0.0;-1.5;1.0;0.1;0.1;a\n"
                      "1020;20;45.001;7.001;2000;2000;1000;1500;0.1;0.02;1.5;2.0;0.1;0.1;b\n");
    const FlightMapping m = table.guessed();
    CHECK(m.separator == ';');
    CHECK(m.of(FlightValue::Time).unit == "ms");
    CHECK(m.of(FlightValue::Height).unit == "ft");
    CHECK(m.of(FlightValue::RollStick).column == 5);
    CHECK(m.of(FlightValue::Pitch).unit == "rad"); // as its neighbours are, though it may be either itself
    CHECK(m.of(FlightValue::YawRate).unit == "rad/s");
    CHECK(m.of(FlightValue::North).column == -1);
    const FlightLog log = table.log();
    REQUIRE(log.size() == 2);
    CHECK(log.has_position);
    CHECK(log.t_s[0] == 0); // the time begins with the flight
    CHECK(log.t_s[1] == Approx(0.02));
    CHECK(log.height_m[0] == Approx(3.048)); // the international foot
    CHECK(log.throttle[0] == Approx(0.4));
    CHECK(log.stick_pitch[0] == Approx(0.5));
    CHECK(log.stick_yaw[0] == Approx(-0.5));
    CHECK(log.stick_roll[1] == Approx(1));
    CHECK(log.p_dps[1] == Approx(114.59).margin(0.01));
    // A degree at 45° north is 111,131.7 m of latitude and 78,846.8 m of longitude (tables of the WGS 84 ellipsoid, from memory).
    CHECK(log.north_m[1] - log.north_m[0] == Approx(111.1317).margin(0.002));
    CHECK(log.east_m[1] - log.east_m[0] == Approx(78.8468).margin(0.002));
}

TEST_CASE("angles turn the aircraft in the order that is said", "[files][import]")
{
    const Table table(sticks + ",roll,pitch,yaw\n0,0.4,0,0,0,30,-20,200\n0.02,0.4,0,0,0,30,-20,200\n");
    for (const std::string_view order : rotation_orders()) {
        FlightMapping m = table.guessed();
        m.rotation = order;
        const auto log = import_flight(table.file, m);
        REQUIRE(log);
        // As rotation matrices of a general library, multiplied by hand.
        Eigen::Matrix3d turned = Eigen::Matrix3d::Identity();
        std::string rest(order);
        for (std::string one; !rest.empty(); turned *= Eigen::AngleAxisd((one == "yaw"     ? 200
                                                                          : one == "pitch" ? -20
                                                                                           : 30) *
                                                                             M_PI / 180,
                                                                         one == "yaw"     ? Eigen::Vector3d::UnitZ()
                                                                         : one == "pitch" ? Eigen::Vector3d::UnitY()
                                                                                          : Eigen::Vector3d::UnitX())
                                                           .toRotationMatrix()) {
            one = rest.substr(0, rest.find(' '));
            rest.erase(0, one.size() + 1);
        }
        const Eigen::Quaterniond q(log->qw[0], log->qx[0], log->qy[0], log->qz[0]);
        CAPTURE(std::string(order));
        CHECK((q.toRotationMatrix() - turned).norm() < 1e-4);
    }
    CHECK(rotation_orders().size() == 6);
}

TEST_CASE("speeds come from places and body rates from attitudes where the table has none", "[files][import]")
{
    std::string text = sticks + ",north,east,height,roll,pitch,yaw\n";
    for (int i = 0; i < 50; ++i)
        text += fixed(0.02 * i, 6) + ",0.4,0,0,0," + fixed(0.1 * i, 6) + ",0," + fixed(5 - 0.02 * i, 6) + "," +
                fixed(1.8 * i, 6) + ",0,0\n";
    const FlightLog log = Table(text).log();
    CHECK(log.vn_mps[20] == Approx(5));
    CHECK(log.climb_mps[20] == Approx(-1));
    CHECK(log.p_dps[20] == Approx(90).margin(0.1)); // 1.8° in 0.02 s
    CHECK(log.q_dps[20] == Approx(0).margin(0.1));
}

TEST_CASE("signs are turned, an empty field keeps what was, and rows without a time have a pace", "[files][import]")
{
    const Table table("throttle,roll_stick,pitch_stick,yaw_stick,armed,mode\n50,-100,0,0,0,acro\n,100,0,0,1,angle\n60,,0,0,,\n");
    FlightMapping m = table.guessed();
    CHECK(m.of(FlightValue::RollStick).unit == "-100 to 100");
    m.of(FlightValue::RollStick).turned = true;
    m.rows_per_s = 50;
    const auto log = import_flight(table.file, m);
    REQUIRE(log);
    CHECK(log->stick_roll == std::vector<double>{1, -1, -1});
    CHECK(log->throttle == std::vector<double>{0.5, 0.5, 0.6});
    CHECK(log->t_s[2] == Approx(0.04));
    CHECK(log->mode[2] == Mode::Angle);
    CHECK(log->armed[0] == false);
    CHECK(log->armed[2] == true);
    CHECK_FALSE(log->has_position);
    const auto unknown = not_known(m);
    REQUIRE(unknown.size() == 3);
    CHECK(unknown[0].form.rfind("Places are not known", 0) == 0);
    const auto again = parse_mapping(mapping_text(m), "record");
    REQUIRE(again);
    CHECK(again->of(FlightValue::RollStick).turned);
    CHECK(again->rows_per_s == 50);
    CHECK(mapping_text(*again) == mapping_text(m));
    CHECK_FALSE(parse_mapping(R"({"format":"bluehangar.columns/1","rotation":"up down"})", "record"));
}

TEST_CASE("a table that cannot be a flight is refused with its place", "[files][import]")
{
    CHECK(Table(sticks + "\n0,0.4,0,0,0\n0.02,x,0,0,0\n").refused() == ": line 3, column throttle: expected a number, found 'x'");
    CHECK(Table(sticks + "\n1,0.4,0,0,0\n0.5,0.4,0,0,0\n").refused() == ": line 3, column t: times must rise from row to row");
    CHECK(Table("t,throttle,roll_stick\n0,0.4,0\n1,0.4,0\n").refused() ==
          ": say which column is the Pitch stick: a flight without sticks tells nothing");
    CHECK_THAT(Table(sticks + ",armed\n0,0.4,0,0,0,maybe\n1,0.4,0,0,0,1\n").refused(), Catch::Contains("expected 0 or 1"));
    CHECK_THAT(Table(sticks + ",mode\n0,0.4,0,0,0,warp\n1,0.4,0,0,0,acro\n").refused(), Catch::Contains("expected acro, angle"));
    FlightMapping beyond = Table(sticks + "\n0,0,0,0,0\n1,0,0,0,0\n").guessed();
    beyond.of(FlightValue::Height).column = 9;
    CHECK_THAT(Table(sticks + "\n0,0,0,0,0\n1,0,0,0,0\n").refused(beyond), Catch::Contains("does not have"));
    for (const auto& [text, said] : std::initializer_list<std::pair<std::string, const char*>>{
             {"", "is empty"},
             {sticks + "\n", "no rows"},
             {sticks + "\n0,0.4,0,0\n1,0.4,0,0\n", "has 4 fields, the header has 5"}}) {
        const auto head = table_head(Table(text).file);
        CHECK_FALSE(head);
    }
    CHECK_FALSE(table_head("/nowhere/at/all.csv"));
    // A fault far into a table, past the first piece that is read, has its own line.
    std::string large = sticks + "\n";
    long rows = 0;
    for (; large.size() < (5u << 20); ++rows) large += fixed(0.001 * static_cast<double>(rows), 6) + ",0.4,0,0,0\n";
    CHECK(Table(large + "1e9,0.4,0,0,here\n").refused() ==
          ": line " + std::to_string(rows + 2) + ", column yaw_stick: expected a number, found 'here'");
}

TEST_CASE("reading says how far it is, and stops when asked", "[files][import]")
{
    std::string large = sticks + "\n";
    for (int i = 0; large.size() < (13u << 20); ++i) large += fixed(0.001 * i, 6) + ",0.41234,0.1,0.2,0.3\n";
    const Table table(large);
    std::vector<double> shares;
    const auto whole = import_flight(table.file, table.guessed(), [&](double share) { return shares.push_back(share), true; });
    REQUIRE(whole);
    REQUIRE(shares.size() >= 4);
    CHECK(std::is_sorted(shares.begin(), shares.end()));
    CHECK(shares.back() == Approx(1));
    int asked = 0;
    const auto stopped = import_flight(table.file, table.guessed(), [&](double) { return ++asked < 2; });
    REQUIRE_FALSE(stopped);
    CHECK(stopped.error().code == Error::Code::Unsupported);
    CHECK(asked == 2); // and not a piece more
}
