#include "school/views/pilot_export.h"

#include "core/base/number_text.h"
#include "files/documents/setup_document.h"
#include "files/text/csv_text.h"
#include "record/chain/bodies.h"

#include <QDateTime>
#include <algorithm>
#include <cstdio>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

std::string utc(UnixTime at) { return QDateTime::fromSecsSinceEpoch(at, Qt::UTC).toString(Qt::ISODate).toStdString(); }

std::string with_places(double value, int places) { return english(rounded(value, places)); }

std::string yes(bool is) { return is ? "1" : "0"; }

/// Those that count and those that were struck out, by time.
template <class Row>
std::vector<Row> all_rows(const std::vector<Row>& counting, const std::vector<Row>& struck, UnixTime Row::*at)
{
    std::vector<Row> all = counting;
    all.insert(all.end(), struck.begin(), struck.end());
    std::stable_sort(all.begin(), all.end(), [at](const Row& a, const Row& b) { return a.*at < b.*at; });
    return all;
}

std::string struck_because(const School& school, const std::string& id, const std::string& session = {})
{
    std::string why = school.values().text(Kind::Struck, id);
    return why.empty() && !session.empty() ? school.values().text(Kind::Struck, session) : why;
}

/// A text of the record as JSON, so that it can be read; the text itself where it is none.
Json as_json(const std::string& text)
{
    Json json = Json::parse(text, nullptr, false);
    return json.is_discarded() ? Json(text) : json;
}

template <class Row, class Text>
Json list_of(const std::vector<Row>& rows, Text text)
{
    Json list = Json::array();
    for (const Row& row : rows) list.push_back(as_json(text(row)));
    return list;
}

} // namespace

std::string sessions_csv(const School& school, const std::string& pilot_id)
{
    const PilotFile& file = school.file(pilot_id);
    std::string csv =
        csv_row({"started_utc", "active_s", "idle_s", "flights", "simulator", "viewing", "matched", "by_hand", "struck_out"});
    for (const Session& s : all_rows(file.sessions, file.struck_sessions, &Session::started_at)) {
        const auto flights =
            std::count_if(file.attempts.begin(), file.attempts.end(), [&](const Attempt& a) { return a.session_id == s.id; });
        csv += csv_row({utc(s.started_at), with_places(s.active_s, 0), with_places(s.idle_s, 0), whole_text(flights), s.simulator,
                        std::string(viewing_key(s.viewing)), yes(s.matched), s.by_hand, struck_because(school, s.id)});
    }
    return csv;
}

std::string attempts_csv(const School& school, const std::string& pilot_id)
{
    const PilotFile& file = school.file(pilot_id);
    std::string csv =
        csv_row({"at_utc", "drill", "mode", "score", "passed", "holds", "flown_s", "what_decided_it", "struck_out"});
    for (const Attempt& a : all_rows(file.attempts, file.struck_attempts, &Attempt::at))
        csv += csv_row({utc(a.at), a.drill_id, std::string(mode_key(a.mode)), a.free() ? "" : with_places(a.score, 1),
                        a.free() ? "" : yes(a.passed), a.free() ? "" : yes(a.holds), with_places(a.flown_s, 1),
                        school.summary(a).english(), struck_because(school, a.id, a.session_id)});
    return csv;
}

std::string pilot_json(const School& school, const std::string& pilot_id)
{
    const PilotFile& file = school.file(pilot_id);
    Json attempts = Json::array();
    for (const Attempt& a : all_rows(file.attempts, file.struck_attempts, &Attempt::at)) {
        Json json = as_json(draft_of(school.judged(a.id)).body);
        json["id"] = a.id;
        if (const std::string why = struck_because(school, a.id, a.session_id); !why.empty()) json["struck_out"] = why;
        attempts.push_back(std::move(json));
    }
    Json sessions = Json::array();
    for (const Session& s : all_rows(file.sessions, file.struck_sessions, &Session::started_at)) {
        Json json = as_json(body_of(s));
        json["id"] = s.id;
        if (const std::string why = struck_because(school, s.id); !why.empty()) json["struck_out"] = why;
        sessions.push_back(std::move(json));
    }
    Json json{{"format", "bluehangar.pilot/1"},
              {"pilot", as_json(body_of(file.row))},
              {"sessions", std::move(sessions)},
              {"attempts", std::move(attempts)},
              {"notes", list_of(file.notes, flight_note_text)},
              {"advice", list_of(file.advice, advice_text)},
              {"sickness", list_of(file.sickness, sickness_text)},
              {"releases", list_of(file.releases, release_text)},
              {"after_flight", list_of(file.after_flight, after_flight_text)}};
    if (file.setup) json["setup"] = as_json(training_setup_json(*file.setup).dump());
    for (const auto& [key, kind] : {std::pair("match", Kind::Match), std::pair("flight_day", Kind::FlightDay)})
        if (const std::string text = school.values().text(kind, pilot_id); !text.empty()) json[key] = as_json(text);
    return json.dump(2) + "\n";
}

} // namespace bh
