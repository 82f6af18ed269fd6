// One reader of the formats that come from outside, given whatever libFuzzer thinks of. It may read it or refuse it in one line;
// it may not crash, hang, or swell. JSON is changed value by value and CSV cell by cell most of the time, so that most inputs get
// past the parser. One program holds them all, as most of its making is what they share; BH_READER in the environment names the
// one that is meant, and without it the program lists them.
#include "core/base/one_line.h"
#include "core/progress/weather_report.h"
#include "files/airframe_document.h"
#include "files/calendar.h"
#include "files/calibration_document.h"
#include "files/coaching_document.h"
#include "files/conditions_document.h"
#include "files/curriculum_document.h"
#include "files/drill_document.h"
#include "files/first_flight_documents.h"
#include "files/flight_csv.h"
#include "files/flight_import.h"
#include "files/flight_pack.h"
#include "files/rates_csv.h"
#include "files/rates_document.h"
#include "files/recording_csv.h"
#include "files/setup_document.h"
#include "files/simulator_document.h"
#include "files/stick_csv.h"
#include "files/week_document.h"
#include "files/world_document.h"

#include <cstdint>
#include <cstdlib>
#include <cstring>
#include <fstream>
#include <iostream>
#include <nlohmann/json.hpp>
#include <random>
#include <string>
#include <unistd.h>
#include <utility>
#include <vector>

extern "C" std::size_t LLVMFuzzerMutate(std::uint8_t* data, std::size_t size, std::size_t most);

namespace {

using namespace bh;
using Json = nlohmann::json;

/// What a refusal has to be: one line.
template <class T>
void looked_at(const Result<T>& result)
{
    if (result) return;
    const std::string& message = result.error().message;
    if (message.empty() || message.size() > 4000 || message.find('\n') != std::string::npos) std::abort();
}

void read_airframe(std::string_view text) { looked_at(parse_airframe(text, "f")); }
void read_calibration(std::string_view text) { looked_at(parse_calibration(text, "f")); }
void read_conditions(std::string_view text) { looked_at(parse_conditions(text, "f")); }
void read_curriculum(std::string_view text) { looked_at(parse_curriculum(text, "f")); }
void read_drill(std::string_view text)
{
    std::vector<Said> slips;
    looked_at(parse_drill(text, "f", &slips));
}
void read_rates(std::string_view text) { looked_at(parse_rates(text, "f")); }
void read_setup(std::string_view text) { looked_at(parse_training_setup(text, "f")); }
void read_simulator(std::string_view text) { looked_at(parse_simulator(text, "f")); }
void read_world(std::string_view text) { looked_at(parse_world(text, "f")); }
void read_rates_csv(std::string_view text) { looked_at(parse_rates_csv(text, "f")); }
void read_recording_csv(std::string_view text) { looked_at(parse_recording_csv(text, "f")); }
void read_stick_csv(std::string_view text) { looked_at(parse_stick_csv(text, "f")); }
/// What was read is written and read again as the same flight.
void read_flight_csv(std::string_view text)
{
    const auto log = parse_flight_csv(text, "f");
    looked_at(log);
    if (!log) return;
    const auto again = parse_flight_csv(flight_csv(*log), "f");
    if (!again || again->size() != log->size()) std::abort();
}
/// Rules, and what the record keeps of a debrief.
void read_coaching(std::string_view text)
{
    looked_at(parse_coaching(text, "f"));
    looked_at(parse_advice(text, "f", "id"));
    looked_at(parse_flight_note(text, "f", "id"));
    looked_at(parse_session_video(text, "f"));
    looked_at(parse_mapping(text, "f"));
    looked_at(parse_tally(text));
}
/// Any program's table, read as it is guessed to be.
void read_flight_table(std::string_view text)
{
    static const std::string file = "/dev/shm/bh-fuzz-" + std::to_string(getpid()) + ".csv";
    std::ofstream(file, std::ios::binary) << text;
    const auto head = table_head(file);
    looked_at(head);
    if (!head) return;
    looked_at(import_flight(file, guessed_mapping(*head)));
    const auto again = parse_mapping(mapping_text(guessed_mapping(*head)), "f");
    if (!again) std::abort();
}
/// What is prepared for a first flight, and what is said about it.
void read_first_flight(std::string_view text)
{
    looked_at(parse_first_flight_plan(text, "f"));
    looked_at(parse_flight_day(text, "f"));
    looked_at(parse_release(text, "f", "r1"));
    looked_at(parse_after_flight(text, "f", "id"));
}
void read_weather(std::string_view text) { looked_at(parse_weather_report(text)); }
void read_week(std::string_view text)
{
    looked_at(parse_week(text, "f"));
    looked_at(parse_bays(text, "f"));
    looked_at(parse_availability(text, "f"));
    looked_at(parse_planned_week(text, "f"));
}
void read_available_csv(std::string_view text) { looked_at(read_availability_csv(text, "f")); }
void read_calendars(std::string_view text)
{
    looked_at(read_calendar(std::string(text), "f", 1'900'000'000, 1'900'600'000, "Europe/Berlin"));
}
void read_flight_pack(std::string_view text)
{
    static_cast<void>(flight_pack_size_at_most(text));
    looked_at(flight_unpack(text));
}

constexpr std::pair<std::string_view, void (*)(std::string_view)> readers[] = {
    {"airframe", read_airframe},
    {"available_csv", read_available_csv},
    {"calendars", read_calendars},
    {"calibration", read_calibration},
    {"coaching", read_coaching},
    {"conditions", read_conditions},
    {"curriculum", read_curriculum},
    {"drill", read_drill},
    {"first_flight", read_first_flight},
    {"flight_csv", read_flight_csv},
    {"flight_pack", read_flight_pack},
    {"flight_table", read_flight_table},
    {"rates", read_rates},
    {"rates_csv", read_rates_csv},
    {"recording_csv", read_recording_csv},
    {"setup", read_setup},
    {"simulator", read_simulator},
    {"stick_csv", read_stick_csv},
    {"weather", read_weather},
    {"week", read_week},
    {"world", read_world},
};
void (*reader)(std::string_view) = nullptr;

using Luck = std::minstd_rand;

template <class All>
auto& one_of(All& all, Luck& luck)
{
    return all[luck() % all.size()];
}

void collect(Json& value, std::vector<Json*>& all, int depth = 0)
{
    all.push_back(&value);
    if (value.is_structured() && depth < 60)
        for (Json& inner : value) collect(inner, all, depth + 1);
}

Json strange(Luck& luck)
{
    static const std::vector<Json> values{0,
                                          -1,
                                          1,
                                          0.5,
                                          -0.0,
                                          1e12,
                                          -1e12,
                                          1e13,
                                          1e308,
                                          2.5,
                                          100,
                                          7200,
                                          7201,
                                          1e-300,
                                          2147483647,
                                          9007199254740993,
                                          "",
                                          "a",
                                          "\n",
                                          "\u202e",
                                          "throttle",
                                          nullptr,
                                          true,
                                          false,
                                          Json::array(),
                                          Json::object(),
                                          Json::array({1, 2, 3}),
                                          Json{{"x", 1}}};
    return one_of(values, luck);
}

std::string changed_json(const std::string& text, Luck& luck)
{
    Json document = Json::parse(text, nullptr, false);
    if (document.is_discarded()) return {};
    for (unsigned times = 1 + luck() % 3; times > 0; --times) {
        std::vector<Json*> all;
        collect(document, all);
        Json& at = *one_of(all, luck);
        switch (luck() % 6) {
        case 0: at = strange(luck); break;
        case 1: at = Json(*one_of(all, luck)); break; // another part of it
        case 2:
            if (at.is_number()) at = at.get<double>() * (luck() % 2 ? -1 : 1000.0);
            break;
        case 3:
            if (at.is_array() && !at.empty()) at.push_back(Json(at[luck() % at.size()]));
            break;
        case 4:
            if (at.is_object() && !at.empty()) at.erase(std::next(at.begin(), static_cast<std::ptrdiff_t>(luck() % at.size())));
            break;
        default:
            if (at.is_object()) at["unknown"] = strange(luck);
        }
    }
    return document.dump(-1, ' ', false, Json::error_handler_t::replace);
}

std::string changed_csv(std::string text, Luck& luck)
{
    std::vector<std::size_t> cells{0};
    for (std::size_t i = 0; i < text.size(); ++i)
        if (text[i] == ',' || text[i] == '\n') cells.push_back(i + 1);
    static const std::vector<std::string> values{"0",    "-1",   "1",      "1e12",  "1e13", "nan",         "", "\"a,b\"", "\"",
                                                 "acro", "rest", "0.0001", "crash", "1e-9", "999999999999"};
    const std::size_t from = one_of(cells, luck);
    const std::size_t to = std::min(text.find_first_of(",\n", from), text.size());
    if (luck() % 4 == 0) { // a row again
        const std::size_t row = text.rfind('\n', from ? from - 1 : 0), end = text.find('\n', from);
        if (row != std::string::npos && end != std::string::npos) text.insert(end, text.substr(row, end - row));
        return text;
    }
    text.replace(from, to - from, one_of(values, luck));
    return text;
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int*, char***)
{
    const char* wanted = std::getenv("BH_READER");
    for (const auto& [name, read] : readers)
        if (wanted && name == wanted) reader = read;
    if (reader) return 0;
    for (const auto& [name, read] : readers) std::cout << name << '\n';
    std::cout.flush();
    std::_Exit(wanted ? 2 : 0);
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    reader(std::string_view(reinterpret_cast<const char*>(data), size));
    return 0;
}

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t most, unsigned seed)
{
    Luck luck(seed);
    if (luck() % 8 == 0) return LLVMFuzzerMutate(data, size, most); // bytes, now and then
    const std::string text(reinterpret_cast<const char*>(data), size);
    const std::string changed = text.starts_with('{') ? changed_json(text, luck) : changed_csv(text, luck);
    if (changed.empty() || changed.size() > most) return LLVMFuzzerMutate(data, size, most);
    std::memcpy(data, changed.data(), changed.size());
    return changed.size();
}
