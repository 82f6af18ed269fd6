#include "cli/commands.h"
#include "core/base/number_text.h"
#include "school/views/first_flight.h"

#include "cli/print.h"
#include "core/progress/practice_curve.h"
#include "core/progress/sickness.h"
#include "files/text/csv.h"
#include "files/text/csv_table.h"
#include "files/text/file_text.h"
#include "school/views/readiness_facts.h"

#include <QDateTime>
#include <array>
#include <cmath>
#include <nlohmann/json.hpp>

namespace bh::cli {
namespace {

using Json = nlohmann::ordered_json;

Json json_of(const PracticeFit& f)
{
    return {{"a", f.a}, {"b", f.b}, {"c", f.c}, {"sse", f.sse}, {"aicc", f.aicc ? Json(*f.aicc) : Json(nullptr)}};
}

Json json_of(const std::optional<double>& trial) { return trial ? Json(static_cast<std::int64_t>(*trial)) : Json(nullptr); }

const char* name_of(PracticeLaw law)
{
    return law == PracticeLaw::Power ? "power" : law == PracticeLaw::Exponential ? "exponential" : "either";
}

} // namespace

Result<int> fit_practice_curve(const CurveArguments& asked)
{
    const auto text = read_text(asked.trials);
    if (!text) return tl::unexpected(text.error());
    constexpr double most_trial = 1e6, most_value = 1e12;
    const std::array columns{CsvColumn{"trial", "trial", 1, most_trial}, CsvColumn{"value", "value", -most_value, most_value}};
    const auto rows = read_csv_table(*text, asked.trials, columns);
    if (!rows) return tl::unexpected(rows.error());
    if (!(asked.level > 0 && asked.level < 1)) return bad_input("--level: expected a share between 0 and 1");
    Trials trials;
    trials.higher_is_better = asked.higher_is_better;
    for (const auto& row : *rows) trials.trial.push_back(row[0]), trials.value.push_back(row[1]);
    const auto curve = practice_curve(trials);
    if (!curve) return bad_input(asked.trials + ": " + curve.error().english);
    const auto forecast = asked.threshold ? practice_forecast(trials, *curve, *asked.threshold, asked.level) : std::nullopt;
    const PracticeForecast said = forecast.value_or(PracticeForecast{});
    Json json{{"preferred", name_of(curve->preferred)},
              {"power", json_of(curve->power)},
              {"exponential", json_of(curve->exponential)},
              {"plateau", asked.threshold && on_a_plateau(trials, *asked.threshold)},
              {"forecast", {{"trial", json_of(said.trial)}, {"low", json_of(said.low)}, {"high", json_of(said.high)}}}};
    if (asked.threshold && trials.trial.size() < least_trials_for_forecast)
        json["note"] = "nothing is forecast from fewer than five attempts";
    print(json);
    return 0;
}

Result<int> score_sickness(const std::string& answers)
{
    std::vector<int> numbers;
    CsvCursor cursor(answers);
    do {
        double answer = 0;
        if (!cursor.number(answer) || answer != std::floor(answer) || std::abs(answer) > 1e6)
            return bad_input("sickness: answer " + whole_text(numbers.size() + 1) + ": expected a whole number from 0 to 3");
        numbers.push_back(static_cast<int>(answer));
    } while (cursor.next_field());
    if (!cursor.at_end()) return bad_input("sickness: expected one line of 16 answers");
    const auto score = sickness_score(numbers);
    if (!score) return bad_input("sickness: " + score.error().english);
    print(Json{{"nausea", score->nausea},
               {"oculomotor", score->oculomotor},
               {"disorientation", score->disorientation},
               {"total", score->total}});
    return 0;
}

namespace {

/// The newest release: by whose key, since when that is known, and who let it in.
Json release_json(const School& school, const std::string& pilot_id)
{
    const Release* release = newest_release(school, pilot_id);
    if (!release) return nullptr;
    const auto moment = [](UnixTime at) {
        return QDateTime::fromSecsSinceEpoch(at, Qt::UTC).toString(Qt::ISODate).toStdString();
    };
    const KeyBook book = school.keys();
    const KnownKey* key = book.find(release->key);
    Json json{{"signed_by", school.who_is(release->signer)},
              {"at", moment(release->at)},
              {"until", QDate(1970, 1, 1).addDays(release->until_day).toString(Qt::ISODate).toStdString()},
              {"holds", holds(school, *release) && key && key->stands && is_signed(*release)},
              {"key", release->key}};
    json["key_known_since"] = key ? Json(moment(key->since)) : Json(nullptr);
    json["key_let_in_by"] = key ? Json(let_in_by(school, *key).english()) : Json(nullptr);
    if (!release->withdrawn.empty()) json["withdrawn"] = release->withdrawn;
    return json;
}

} // namespace

Result<int> say_readiness(const DataFolder& data, const ReadinessArguments& asked)
{
    RecordOptions options;
    options.read_only = true;
    if (!asked.at.empty()) {
        const QDateTime at = QDateTime::fromString(QString::fromStdString(asked.at), Qt::ISODate);
        if (!at.isValid()) return bad_input("--at: expected a moment such as 2031-06-12T15:20:00Z, found '" + asked.at + "'");
        options.as_of = at.toSecsSinceEpoch();
    }
    auto record = Record::open(asked.store, options);
    if (!record) return tl::unexpected(record.error());
    const School school(std::move(*record), data);
    Json pilots = Json::array();
    bool ready = true;
    for (const Pilot& pilot : school.pilots()) {
        if (!asked.pilot.empty() && pilot.name != asked.pilot) continue;
        const auto gates = gates_of(school, pilot.id);
        Json list = Json::array();
        for (const ReadinessGate& g : gates) {
            const QString by = g.by_day ? QDate(1970, 1, 1).addDays(*g.by_day).toString(Qt::ISODate) : QString();
            list.push_back({{"gate", g.id},
                            {"state", gate_state_key(g.state)},
                            {"by", by.isEmpty() ? Json(nullptr) : Json(by.toStdString())},
                            {"evidence", g.evidence.english()}});
        }
        ready = ready && all_met(gates);
        pilots.push_back({{"pilot", pilot.name},
                          {"ready", all_met(gates)},
                          {"gates", std::move(list)},
                          {"release", release_json(school, pilot.id)}});
    }
    if (!asked.pilot.empty() && pilots.empty()) return bad_input(asked.store + ": there is no pilot '" + asked.pilot + "'");
    if (!asked.pilot.empty())
        print(pilots.front());
    else
        print(Json{{"pilots", std::move(pilots)}});
    return ready ? 0 : 1;
}

} // namespace bh::cli
