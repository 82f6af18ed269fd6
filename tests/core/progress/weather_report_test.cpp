// Weather lines against the worked examples of ICAO Annex 3 (appendices 3 and 5; from memory), and air density against the table
// of ISO 2533.
#include "core/progress/weather_report.h"

#include <catch2/catch.hpp>

using namespace bh;

TEST_CASE("a METAR of ICAO Annex 3 is read", "[core][progress][weather]")
{
    const auto r =
        parse_weather_report("METAR YUDO 221630Z 24004MPS 0600 R12/1000U DZ FG SCT010 OVC020 17/16 Q1018 BECMG TL1700 0800 "
                             "FG BECMG AT1800 9999 NSW=");
    REQUIRE(r);
    CHECK(r->station == "YUDO");
    CHECK(r->day == 22);
    CHECK(r->hour == 16);
    CHECK(r->minute == 30);
    CHECK_FALSE(r->forecast);
    CHECK(r->weather.wind_mps == 4.0);
    CHECK(r->weather.wind_from_deg == 240.0);
    CHECK_FALSE(r->weather.gust_mps);
    CHECK(r->weather.visibility_m == 600.0);
    CHECK(r->weather.temperature_c == 17.0);
    CHECK(r->weather.pressure_hpa == 1018.0);
    CHECK(r->weather.fog);
    CHECK(r->weather.wet); // drizzle
    CHECK(r->passed_over.empty());
}

TEST_CASE("a SPECI with gusts, thunder and a visibility by direction is read", "[core][progress][weather]")
{
    const auto r = parse_weather_report("SPECI YUDO 151115Z 05025G37KT 3000 1200NE +TSRA BKN005CB 25/22 Q1008");
    REQUIRE(r);
    CHECK(*r->weather.wind_mps == Approx(25 * 1852.0 / 3600));
    CHECK(*r->weather.gust_mps == Approx(37 * 1852.0 / 3600));
    CHECK(r->weather.visibility_m == 3000.0);
    CHECK(r->weather.thunder);
    CHECK(r->passed_over.empty());
}

TEST_CASE("of a TAF the worst of its parts is taken", "[core][progress][weather]")
{
    const auto r = parse_weather_report("TAF YUDO 151800Z 1600/1618 13005MPS 9000 BKN020 BECMG 1606/1608 SCT015CB BKN020 TEMPO "
                                        "1608/1612 17006G12MPS 1000 TSRA SCT010CB BKN020 FM161230 15004MPS 9999 BKN020");
    REQUIRE(r);
    CHECK(r->forecast);
    CHECK(r->weather.wind_mps == 6.0);
    CHECK(r->weather.gust_mps == 12.0);
    CHECK(r->weather.visibility_m == 1000.0);
    CHECK(r->weather.thunder);
    CHECK_FALSE(r->weather.temperature_c);
    CHECK(r->passed_over.empty());
}

TEST_CASE("miles, inches, frost, calm and what is not understood", "[core][progress][weather]")
{
    const auto r = parse_weather_report("KABC 121755Z AUTO 00000KT 1 1/2SM -SN M03/M05 A2992 XYZZY RMK AO2 WIND 99099KT");
    REQUIRE(r);
    CHECK(r->weather.wind_mps == 0.0);
    CHECK(*r->weather.visibility_m == Approx(1.5 * 1609.344));
    CHECK(r->weather.temperature_c == -3.0);
    CHECK(*r->weather.pressure_hpa == Approx(1013.2).margin(0.05)); // 29.92 inches of mercury
    CHECK(r->weather.wet);
    CHECK(r->passed_over == std::vector<std::string>{"XYZZY"});
    CHECK(parse_weather_report("LSQY 010000Z VRB02KT CAVOK 20/10 Q1020")->weather.visibility_m == 10000.0);
    CHECK(parse_weather_report("LSQY 010000Z VRB02KT P6SM")->weather.visibility_m == Approx(6 * 1609.344));
    CHECK_FALSE(parse_weather_report("LSQY 010000Z 27004KT 9999 REDZ 12/08 Q1000")->weather.wet); // it is over
}

TEST_CASE("what is no weather line gets a sentence", "[core][progress][weather]")
{
    for (const char* line : {"", "fine today", "METAR", "METAR YUDO", "METAR YUDO 2216Z 24004MPS", "METAR YUDO 321630Z 24004MPS",
                             "METAR YUDO 222560Z 24004MPS"}) {
        CAPTURE(line);
        const auto r = parse_weather_report(line);
        REQUIRE_FALSE(r);
        CHECK(r.error().english.find("expected") != std::string::npos);
    }
    const auto no_wind = parse_weather_report("METAR YUDO 221630Z 9999 17/16 Q1018");
    REQUIRE_FALSE(no_wind);
    CHECK(no_wind.error().english.find("wind") != std::string::npos);
    CHECK_FALSE(parse_weather_report(std::string(5000, 'A')));
}

TEST_CASE("density of the day's air", "[core][progress][weather]")
{
    CHECK(air_density_kgpm3(1013.25, 0, 15) == Approx(1.2250).margin(0.0001));     // ISO 2533, table 1
    CHECK(air_density_kgpm3(1013.25, 1000, 8.5) == Approx(1.1117).margin(0.0003)); // the same, 1,000 m
    CHECK(air_density_kgpm3(1013.25, 0, 35) < air_density_kgpm3(1013.25, 0, 15));
    CHECK(air_density_kgpm3(990, 0, 15) < air_density_kgpm3(1013.25, 0, 15));
}
