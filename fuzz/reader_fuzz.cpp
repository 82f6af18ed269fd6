// One reader of the formats that come from outside, given whatever libFuzzer thinks of. It may read it or refuse it in one line;
// it may not crash, hang, or swell. JSON is changed value by value and CSV cell by cell most of the time, so that most inputs get
// past the parser. One program holds them all, as most of its making is what they share; BH_READER in the environment names the
// one that is meant, and without it the program lists them.
#include "core/base/one_line.h"
#include "core/progress/weather_report.h"
#include "files/documents/airframe_document.h"
#include "files/documents/calibration_document.h"
#include "files/documents/coaching_document.h"
#include "files/documents/conditions_document.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/first_flight_documents.h"
#include "files/documents/kit_documents.h"
#include "files/documents/match_documents.h"
#include "files/documents/rates_document.h"
#include "files/documents/setup_document.h"
#include "files/documents/sickness_document.h"
#include "files/documents/simulator_document.h"
#include "files/documents/week_document.h"
#include "files/documents/world_document.h"
#include "files/flights/flight_csv.h"
#include "files/flights/flight_import.h"
#include "files/flights/flight_pack.h"
#include "files/tables/calendar.h"
#include "files/tables/pointing_csv.h"
#include "files/tables/rates_csv.h"
#include "files/tables/recording_csv.h"
#include "files/tables/stick_csv.h"
#include "files/tables/stick_recording.h"
#include "record/attachments.h"
#include "record/chain/bodies.h"
#include "record/chain/key_book.h"
#include "record/chain/seals.h"
#include "record/copies/backup.h"
#include "record/copies/exchange.h"
#include "record/server/waiting.h"
#include "school/session_import.h"
#include "school/views/room.h"

#include <QCoreApplication>
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
    const std::string& message = result.error().english;
    if (message.empty() || message.size() > 4000 || message.find('\n') != std::string::npos) std::abort();
}

void read_airframe(std::string_view text) { looked_at(parse_airframe(text, "f")); }
void read_calibration(std::string_view text) { looked_at(parse_calibration(text, "f")); }
void read_conditions(std::string_view text) { looked_at(parse_conditions(text, "f")); }
void read_curriculum(std::string_view text) { looked_at(parse_curriculum(text, "f")); }
void read_drill(std::string_view text)
{
    std::vector<Message> slips;
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
/// In memory, as what it says has to lie in a file.
std::string in_a_file(std::string_view text, const char* ending)
{
    const std::string file = "/dev/shm/bh-fuzz-" + std::to_string(getpid()) + ending;
    std::ofstream(file, std::ios::binary) << text;
    return file;
}
void read_kit(std::string_view text)
{
    looked_at(parse_kit(text, "f"));
    looked_at(parse_faults(text, "f"));
}
void read_match(std::string_view text) { looked_at(parse_match(text, "f")); }
void read_trial(std::string_view text) { looked_at(parse_trial(text, "f")); }
void read_plan(std::string_view text) { looked_at(parse_plan(text, "f")); }
void read_handling(std::string_view text) { looked_at(parse_handling(text, "f")); }
void read_blind(std::string_view text) { looked_at(parse_blind(text, "f")); }
void read_way_back(std::string_view text) { looked_at(parse_way_back(text, "f")); }
void read_sickness(std::string_view text) { looked_at(parse_sickness(text, "f", "id")); }
void read_pointing(std::string_view text) { looked_at(load_pointing_csv(in_a_file(text, ".csv"))); }
void read_stick_recording(std::string_view text) { looked_at(load_stick_recording(in_a_file(text, ".csv.gz"))); }
void read_practice(std::string_view text) { looked_at(read_practice_table(text, "f")); }
void read_station_now(std::string_view text) { looked_at(station_now_in(std::string(text))); }
/// What an entry's body may be, of each kind; and what is made of it where keys and names are followed.
void read_bodies(std::string_view text)
{
    Entry e;
    e.seq = 7, e.at = 1'900'000'000, e.subject = "s", e.hash = std::string(64, 'a');
    e.body = text;
    const auto shared = [&](const std::string&) { return std::optional(e.body); };
    looked_at(pilot_in(e)), looked_at(person_in(e)), looked_at(controller_in(e)), looked_at(calibration_in(e)),
        looked_at(kit_tick_in(e));
    looked_at(grip_round_in(e)), looked_at(session_in(e)), looked_at(attempt_row_in(e)), looked_at(attempt_in(e, shared)),
        looked_at(stage_in(e));
    looked_at(verified_calibration_in(e)), looked_at(demonstrating_attempt_in(e)), looked_at(document_in(e)),
        looked_at(text_in(e));
    looked_at(station_key_in(e)), looked_at(admission_in(e)), looked_at(repair_in(e)), looked_at(note_in(e));
    static_cast<void>(late_problem(e));
    static_cast<void>(with_open_name(e.body, std::string(64, 'a')));
    static_cast<void>(with_sealed_name(e.body, std::string(64, 'a')));
    KeyBook book;
    for (const char* kind : {"key", "standing", "person", "admitted", "key"}) {
        e.kind = kind, ++e.seq;
        static_cast<void>(book.add(e));
    }
}
/// A station's journal, one gesture of it.
void read_waiting(std::string_view text)
{
    static const std::filesystem::path folder = "/dev/shm/bh-fuzz-" + std::to_string(getpid()) + ".waiting";
    std::filesystem::create_directories(folder);
    std::ofstream(folder / "00000001.waiting.json", std::ios::binary) << text;
    std::vector<Message> problems;
    for (const WaitingGesture& gesture : WaitingEntries(folder).all(&problems)) static_cast<void>(as_entries(gesture));
    for (const Message& p : problems) looked_at(Result<void>(tl::unexpected(Error{Error::Code::BadInput, p})));
}
/// A flight log beside the record, gzip and all.
void read_attached(std::string_view text)
{
    static const std::string record = "/dev/shm/bh-fuzz-" + std::to_string(getpid());
    static const Attachments beside(record);
    for (const char* ending : {".flight.gz", ".csv.gz"}) // their hash is that of what is in them, so that they are unpacked first
        if (const auto name = FileName::of(std::string(64, 'a') + ending, true)) {
            const auto file = beside.place_of(*name);
            std::filesystem::create_directories(file.parent_path());
            std::ofstream(file, std::ios::binary) << text;
            looked_at(beside.flight_log(std::string(64, 'a')));
            std::filesystem::remove(file);
        }
}
/// An export, and a backup, of which nothing is left behind when they are refused.
void read_record_json(std::string_view text)
{
    static const std::filesystem::path folder = "/dev/shm/bh-fuzz-" + std::to_string(getpid()) + ".exported";
    std::filesystem::create_directories(folder);
    std::ofstream(folder / "record.json", std::ios::binary) << text;
    const auto record = folder.string() + ".sqlite";
    looked_at(import_record(folder, record));
    for (const char* beside : {"", ".logs", ".sticks", "-wal", "-shm"}) std::filesystem::remove_all(record + beside);
}
void read_backup(std::string_view text)
{
    const std::string file = in_a_file(text, ".tar.gz"), record = file + ".sqlite";
    looked_at(restore(file, record));
    for (const char* beside : {"", ".logs", ".sticks", "-wal", "-shm"}) std::filesystem::remove_all(record + beside);
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
    {"attached", read_attached},
    {"available_csv", read_available_csv},
    {"backup", read_backup},
    {"blind", read_blind},
    {"bodies", read_bodies},
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
    {"handling", read_handling},
    {"kit", read_kit},
    {"match", read_match},
    {"plan", read_plan},
    {"pointing", read_pointing},
    {"practice", read_practice},
    {"rates", read_rates},
    {"record_json", read_record_json},
    {"rates_csv", read_rates_csv},
    {"recording_csv", read_recording_csv},
    {"setup", read_setup},
    {"sickness", read_sickness},
    {"simulator", read_simulator},
    {"station_now", read_station_now},
    {"stick_csv", read_stick_csv},
    {"stick_recording", read_stick_recording},
    {"trial", read_trial},
    {"waiting", read_waiting},
    {"way_back", read_way_back},
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
    if (reader) {
        static int argc = 1;
        static char name[] = "fuzz_readers";
        static char* argv[] = {name, nullptr};
        static QCoreApplication qt(argc, argv); // the record needs its plug-ins
        return 0;
    }
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
