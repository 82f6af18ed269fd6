#include "core/progress/weather_report.h"

#include "core/flight/atmosphere.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

namespace bh {
namespace {

constexpr double knot_mps = 1852.0 / 3600, kmh_mps = 1 / 3.6; // exact
constexpr double statute_mile_m = 1609.344, inch_hpa = 33.8639;
constexpr double ten_km_m = 10000;

bool digits(std::string_view text)
{
    return !text.empty() && std::all_of(text.begin(), text.end(), [](char c) { return c >= '0' && c <= '9'; });
}

std::optional<int> number(std::string_view text)
{
    int value = 0;
    if (!digits(text) || text.size() > 6) return std::nullopt;
    std::from_chars(text.data(), text.data() + text.size(), value);
    return value;
}

std::vector<std::string_view> words_of(std::string_view line)
{
    std::vector<std::string_view> words;
    for (std::size_t at = 0; at < line.size();) {
        const std::size_t begin = line.find_first_not_of(" \t\r\n=", at);
        if (begin == std::string_view::npos) break;
        const std::size_t end = std::min(line.find_first_of(" \t\r\n=", begin), line.size());
        words.push_back(line.substr(begin, end - begin));
        at = end;
    }
    return words;
}

/// "24004MPS", "05025G37KT", "VRB02KT", "00000KT", "P49MPS".
bool read_wind(std::string_view word, Weather& w)
{
    double unit = 0;
    for (const auto& [name, mps] : {std::pair<std::string_view, double>{"KT", knot_mps}, {"MPS", 1.0}, {"KMH", kmh_mps}})
        if (word.ends_with(name)) unit = mps, word.remove_suffix(name.size());
    if (unit == 0 || word.size() < 5) return false;
    const std::string_view from = word.substr(0, 3);
    std::string_view speeds = word.substr(3);
    const auto gust_at = speeds.find('G');
    const auto speed = [unit](std::string_view text) -> std::optional<double> {
        if (text.starts_with('P')) text.remove_prefix(1);
        const auto value = number(text);
        return value && text.size() >= 2 ? std::optional(*value * unit) : std::nullopt;
    };
    const auto mean = speed(speeds.substr(0, gust_at));
    if (!mean || (from != "VRB" && from != "///" && !digits(from))) return false;
    const auto gust = gust_at == std::string_view::npos ? std::nullopt : speed(speeds.substr(gust_at + 1));
    if (gust_at != std::string_view::npos && !gust) return false;
    if (!w.wind_mps || *mean > *w.wind_mps) {
        w.wind_mps = mean;
        if (const auto degrees = number(from)) w.wind_from_deg = *degrees;
    }
    if (gust) w.gust_mps = std::max(w.gust_mps.value_or(0), *gust);
    return true;
}

void put_visibility(Weather& w, double metres)
{
    w.visibility_m = std::min(w.visibility_m.value_or(ten_km_m), std::min(metres, ten_km_m));
}

/// "0600", "9999", "CAVOK", "1/2SM", "P6SM"; a whole number of miles may stand before a fraction as a word of its own.
bool read_visibility(std::string_view word, int miles_before, Weather& w)
{
    if (word == "CAVOK") return put_visibility(w, ten_km_m), true;
    if (word.size() == 4 && digits(word)) return put_visibility(w, *number(word) == 9999 ? ten_km_m : *number(word)), true;
    if (word.size() == 7 && word.ends_with("NDV") && digits(word.substr(0, 4)))
        return put_visibility(w, *number(word.substr(0, 4))), true;
    if (!word.ends_with("SM")) return false;
    word.remove_suffix(2);
    if (word.starts_with('P') || word.starts_with('M')) word.remove_prefix(1);
    const auto stroke = word.find('/');
    const auto above = number(word.substr(0, stroke));
    const auto below = stroke == std::string_view::npos ? std::optional(1) : number(word.substr(stroke + 1));
    if (!above || !below || *below == 0) return false;
    return put_visibility(w, (miles_before + static_cast<double>(*above) / *below) * statute_mile_m), true;
}

/// "17/16", "M03/M05".
bool read_temperature(std::string_view word, Weather& w)
{
    const auto stroke = word.find('/');
    if (stroke == std::string_view::npos) return false;
    std::string_view air = word.substr(0, stroke), dew = word.substr(stroke + 1);
    const bool below = air.starts_with('M');
    if (below) air.remove_prefix(1);
    if (dew.starts_with('M')) dew.remove_prefix(1);
    if (air.size() != 2 || !digits(air) || !(dew.empty() || dew == "//" || (dew.size() == 2 && digits(dew)))) return false;
    w.temperature_c = (below ? -1 : 1) * *number(air);
    return true;
}

bool read_pressure(std::string_view word, Weather& w)
{
    if (word.size() != 5 || !digits(word.substr(1))) return false;
    if (word[0] == 'Q') return w.pressure_hpa = *number(word.substr(1)), true;
    constexpr double hundredths = 100;
    if (word[0] == 'A') return w.pressure_hpa = *number(word.substr(1)) / hundredths * inch_hpa, true;
    return false;
}

/// "-RA", "+TSRA", "VCSH", "BCFG", …: pairs of letters of the table of present weather (code table 4678).
bool read_phenomena(std::string_view word, Weather& w)
{
    static constexpr std::array<std::string_view, 32> known{"MI", "BC", "PR", "DR", "BL", "SH", "TS", "FZ", "DZ", "RA", "SN",
                                                            "SG", "IC", "PL", "GR", "GS", "UP", "BR", "FG", "FU", "VA", "DU",
                                                            "SA", "HZ", "PO", "SQ", "FC", "SS", "DS", "VC", "RE", "PE"};
    static constexpr std::array<std::string_view, 9> wet{"DZ", "RA", "SN", "SG", "PL", "GR", "GS", "UP", "IC"};
    if (word.starts_with('+') || word.starts_with('-')) word.remove_prefix(1);
    if (word.empty() || word.size() % 2 != 0 || word.size() > 8) return false;
    Weather seen = w;
    for (std::size_t at = 0; at < word.size(); at += 2) {
        const std::string_view pair = word.substr(at, 2);
        if (std::find(known.begin(), known.end(), pair) == known.end()) return false;
        seen.thunder |= pair == "TS" || pair == "SQ" || pair == "FC";
        seen.wet |= std::find(wet.begin(), wet.end(), pair) != wet.end();
        seen.fog |= pair == "FG";
    }
    if (!word.starts_with("RE")) w = seen; // what was lately is over
    return true;
}

bool is_cloud(std::string_view word)
{
    for (const std::string_view start : {"FEW", "SCT", "BKN", "OVC", "VV", "NSC", "NCD", "SKC", "CLR", "NSW", "CAVOK"})
        if (word.starts_with(start)) return true;
    return false;
}

/// "BECMG", "TEMPO", "FM161230", "1606/1608", "TL1700", "AT1800", "PROB30", "R12/1000U", "180V240", "1200NE", …
bool tells_nothing_here(std::string_view word)
{
    if (word == "BECMG" || word == "TEMPO" || word == "AUTO" || word == "COR" || word == "NOSIG" || word == "NIL") return true;
    for (const std::string_view start : {"PROB", "FM", "TL", "AT"})
        if (word.starts_with(start) && digits(word.substr(start.size()))) return true;
    if (word.size() > 3 && word[0] == 'R' && word[1] >= '0' && word[1] <= '9' && word.find('/') != std::string_view::npos)
        return true;
    if (word.size() == 9 && word[4] == '/' && digits(word.substr(0, 4)) && digits(word.substr(5))) return true;
    if (word.size() == 7 && word[3] == 'V' && digits(word.substr(0, 3)) && digits(word.substr(4))) return true;
    if ((word.starts_with("TX") || word.starts_with("TN")) && word.find('/') != std::string_view::npos) return true;
    static constexpr std::array<std::string_view, 8> to{"N", "NE", "E", "SE", "S", "SW", "W", "NW"};
    return word.size() > 4 && digits(word.substr(0, 4)) && std::find(to.begin(), to.end(), word.substr(4)) != to.end();
}

/// Whose report it is, of when, and whether it is a forecast; how many words that took.
Result<std::size_t> read_head(const std::vector<std::string_view>& words, WeatherReport& report)
{
    static constexpr std::array<std::string_view, 5> in_front{"METAR", "SPECI", "TAF", "COR", "AMD"};
    std::size_t at = 0;
    for (; at < words.size() && std::find(in_front.begin(), in_front.end(), words[at]) != in_front.end(); ++at)
        report.forecast |= words[at] == "TAF";
    const auto is_time = [](std::string_view w) { return w.size() == 7 && w[6] == 'Z' && digits(w.substr(0, 6)); };
    if (at + 1 >= words.size() || words[at].size() != 4 || !is_time(words[at + 1]))
        return bad_input("a weather line: expected a place and a time in front, such as \"YUDO 221630Z\"");
    report.station = words[at];
    const std::string_view time = words[at + 1];
    report.day = *number(time.substr(0, 2)), report.hour = *number(time.substr(2, 2)), report.minute = *number(time.substr(4, 2));
    if (report.day < 1 || report.day > 31 || report.hour > 23 || report.minute > 59)
        return bad_input("a weather line: expected day, hour and minute, found \"%1\"", time);
    return at + 2;
}

} // namespace

Result<WeatherReport> parse_weather_report(std::string_view line)
{
    constexpr std::size_t longest = 4000;
    if (line.size() > longest) return bad_input("a weather line: expected one report, found a text of more than 4,000 letters");
    std::vector<std::string_view> words = words_of(line);
    WeatherReport report;
    const auto head = read_head(words, report);
    if (!head) return tl::unexpected(head.error());
    int miles = 0;
    for (std::size_t at = *head; at < words.size() && words[at] != "RMK"; ++at) {
        const std::string_view word = words[at];
        const bool miles_follow = at + 1 < words.size() && words[at + 1].ends_with("SM");
        if (word.size() == 1 && digits(word) && miles_follow) {
            miles = word[0] - '0';
            continue;
        }
        const bool known = read_wind(word, report.weather) || read_visibility(word, miles, report.weather) ||
                           read_temperature(word, report.weather) || read_pressure(word, report.weather) || is_cloud(word) ||
                           tells_nothing_here(word) || read_phenomena(word, report.weather);
        if (word.find("CB") != std::string_view::npos && is_cloud(word)) report.weather.thunder = true;
        if (!known) report.passed_over.emplace_back(word);
        miles = 0;
    }
    if (!report.weather.wind_mps)
        return bad_input("a weather line: expected a wind such as \"24004MPS\" or \"24008KT\", found none");
    return report;
}

double air_density_kgpm3(double sea_level_pressure_hpa, double field_m, double temperature_c)
{
    constexpr double gas_constant = 287.053, kelvin = 273.15, pascal_in_hpa = 100;
    const double ratio = standard_air(geopotential_height_m(field_m)).pressure_pa / standard_air(0).pressure_pa;
    return sea_level_pressure_hpa * pascal_in_hpa * ratio / (gas_constant * (temperature_c + kelvin));
}

} // namespace bh
