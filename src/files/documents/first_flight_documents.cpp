#include "files/documents/first_flight_documents.h"

#include "files/text/json_in.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

FirstFlightPlan::Item item_at(const JsonIn& in, bool of_programme)
{
    in.only({"id", "text", "why", "battery"});
    FirstFlightPlan::Item item{in.text("id"), in.text("text"), in.text("why", ""), 0};
    constexpr int most_batteries = 20;
    if (of_programme) {
        item.battery = in.at("battery").whole();
        if (item.battery < 1 || item.battery > most_batteries) in.at("battery").fault("expected 1 to 20");
    }
    return item;
}

void put(Json& json, const char* key, const std::optional<double>& value)
{
    if (value) json[key] = *value;
}

std::optional<double> get(const JsonIn& in, const char* key)
{
    return in.has(key) ? std::optional(in.number(key)) : std::nullopt;
}

Json weather_json(const Weather& w)
{
    Json json = Json::object();
    put(json, "wind_mps", w.wind_mps);
    put(json, "wind_from_deg", w.wind_from_deg);
    put(json, "gust_mps", w.gust_mps);
    put(json, "visibility_m", w.visibility_m);
    put(json, "temperature_c", w.temperature_c);
    put(json, "pressure_hpa", w.pressure_hpa);
    for (const auto& [key, told] : {std::pair("thunder", w.thunder), std::pair("wet", w.wet), std::pair("fog", w.fog)})
        if (told) json[key] = true;
    return json;
}

Weather weather_at(const JsonIn& in)
{
    Weather w;
    w.wind_mps = get(in, "wind_mps");
    w.wind_from_deg = get(in, "wind_from_deg");
    w.gust_mps = get(in, "gust_mps");
    w.visibility_m = get(in, "visibility_m");
    w.temperature_c = get(in, "temperature_c");
    w.pressure_hpa = get(in, "pressure_hpa");
    w.thunder = in.truth("thunder", false), w.wet = in.truth("wet", false), w.fog = in.truth("fog", false);
    return w;
}

Json ticks_json(const std::map<std::string, Tick>& ticks)
{
    Json json = Json::object();
    for (const auto& [item, tick] : ticks)
        json[item] = {{"pilot", tick.by_pilot}, {"coordinator", tick.by_coordinator}, {"note", tick.note}};
    return json;
}

std::map<std::string, Tick> ticks_at(const JsonIn& in)
{
    std::map<std::string, Tick> ticks;
    if (!in.value().is_object()) in.fault("expected an object of ticks");
    for (const auto& [item, _] : in.value().items()) {
        const JsonIn tick = in.at(item.c_str());
        ticks[item] = {tick.truth("pilot", false), tick.truth("coordinator", false), tick.text("note", "")};
    }
    return ticks;
}

std::int64_t whole_at(const JsonIn& in, const char* key) { return static_cast<std::int64_t>(std::floor(in.number(key))); }

Json signed_part(const Release& r)
{
    Json gates = Json::array();
    for (const Release::Gate& g : r.gates)
        gates.push_back(
            {{"gate", g.id}, {"name", g.name}, {"state", g.state}, {"evidence", g.evidence}, {"overridden", g.overridden}});
    return Json{{"format", "bluehangar.release/1"},
                {"id", r.id},
                {"pilot_id", r.pilot_id},
                {"aircraft", r.aircraft},
                {"rates", r.rates},
                {"site", r.site},
                {"at", r.at},
                {"until_day", r.until_day},
                {"gates", std::move(gates)},
                {"limits", r.limits},
                {"head", r.head},
                {"signer", r.signer},
                {"key", r.key}};
}

} // namespace

int FirstFlightPlan::packs() const
{
    int packs = 0;
    for (const Item& item : programme) packs = std::max(packs, item.battery);
    return packs;
}

Result<FirstFlightPlan> parse_first_flight_plan(std::string_view text, const std::string& file)
{
    return read_document<FirstFlightPlan>(text, file, "first-flight-plan", [](const JsonIn& in) -> Result<FirstFlightPlan> {
        FirstFlightPlan plan;
        for (const JsonIn& item : in.at("briefing").items()) plan.briefing.push_back(item_at(item, false));
        for (const JsonIn& item : in.at("programme").items()) plan.programme.push_back(item_at(item, true));
        if (plan.briefing.empty()) in.at("briefing").fault("expected a point at least");
        return plan;
    });
}

std::string flight_day_text(const FlightDay& day)
{
    const FlyingSite& s = day.site;
    return Json{{"format", "bluehangar.flight-day/1"},
                {"site",
                 {{"name", s.name},
                  {"ground", ground_key(s.ground)},
                  {"room_m", s.room_m},
                  {"field_m", s.field_m},
                  {"people", s.people},
                  {"water", s.water},
                  {"masts", s.masts},
                  {"spotter", s.spotter},
                  {"permission", s.permission}}},
                {"report", day.report},
                {"weather", weather_json(day.weather)},
                {"packs", day.packs},
                {"cells", day.cells},
                {"briefing", ticks_json(day.briefing)},
                {"programme", ticks_json(day.programme)}}
        .dump();
}

Result<FlightDay> parse_flight_day(std::string_view text, const std::string& file)
{
    return read_document<FlightDay>(text, file, "flight-day", [](const JsonIn& in) -> Result<FlightDay> {
        FlightDay day;
        const JsonIn site = in.at("site");
        const auto ground = ground_from_key(site.text("ground"));
        if (!ground) site.at("ground").fault("expected grass, tall weeds, sand, gravel, asphalt, concrete or not said");
        day.site = {site.text("name"),           *ground,
                    site.number("room_m"),       site.number("field_m"),
                    site.truth("people", false), site.truth("water", false),
                    site.truth("masts", false),  site.text("spotter", ""),
                    site.text("permission", "")};
        day.report = in.text("report", "");
        day.weather = weather_at(in.at("weather"));
        day.packs = in.at("packs").whole();
        day.cells = in.at("cells").whole();
        day.briefing = ticks_at(in.at("briefing"));
        day.programme = ticks_at(in.at("programme"));
        return day;
    });
}

std::string text_to_sign(const Release& release) { return signed_part(release).dump(); }

std::string release_text(const Release& release)
{
    Json json = signed_part(release);
    json["signature"] = release.signature;
    json["withdrawn"] = release.withdrawn;
    if (const Release::Withdrawal& w = release.withdrawal; !w.signature.empty())
        json["withdrawal"] = {{"at", w.at}, {"by", w.by}, {"key", w.key}, {"signature", w.signature}};
    return json.dump();
}

std::string withdrawal_to_sign(const Release& release)
{
    return "withdraw:" +
           Json{release.id, release.signature, release.withdrawal.at, release.withdrawal.by, release.withdrawn}.dump();
}

Result<Release> parse_release(std::string_view text, const std::string& file, const std::string& id)
{
    return read_document<Release>(text, file, "release", [&](const JsonIn& in) -> Result<Release> {
        if (in.text("id") != id) in.at("id").fault("expected '%1'", id);
        Release r;
        r.id = id;
        r.pilot_id = in.text("pilot_id");
        r.aircraft = in.text("aircraft"), r.rates = in.text("rates"), r.site = in.text("site");
        r.at = whole_at(in, "at"), r.until_day = whole_at(in, "until_day");
        for (const JsonIn& g : in.at("gates").items())
            r.gates.push_back({g.text("gate"), g.text("name"), g.text("state"), g.text("evidence"), g.text("overridden", "")});
        for (const JsonIn& limit : in.at("limits").items()) r.limits.push_back(limit.text());
        r.head = in.text("head"), r.signer = in.text("signer"), r.key = in.text("key");
        r.signature = in.text("signature"), r.withdrawn = in.text("withdrawn", "");
        if (in.has("withdrawal")) {
            const JsonIn w = in.at("withdrawal");
            r.withdrawal = {whole_at(w, "at"), w.text("by"), w.text("key"), w.text("signature")};
        }
        return r;
    });
}

std::string after_flight_text(const AfterFlight& a)
{
    Json surprised = Json::array();
    for (const Surprise s : a.surprised) surprised.push_back(surprise_key(s));
    return Json{{"format", "bluehangar.after-flight/1"},
                {"pilot_id", a.pilot_id},
                {"at", a.at},
                {"surprised", std::move(surprised)},
                {"packs", a.packs},
                {"went", a.went},
                {"broke", a.broke},
                {"next", a.next}}
        .dump();
}

Result<AfterFlight> parse_after_flight(std::string_view text, const std::string& file, const std::string& id)
{
    return read_document<AfterFlight>(text, file, "after-flight", [&](const JsonIn& in) -> Result<AfterFlight> {
        AfterFlight a;
        a.id = id;
        a.pilot_id = in.text("pilot_id");
        a.at = whole_at(in, "at");
        for (const JsonIn& word : in.at("surprised").items()) {
            const auto surprise = surprise_from_key(word.text());
            if (!surprise) word.fault("expected wind, bent propeller, ground effect, wash, rates, sight or nerves");
            a.surprised.push_back(*surprise);
        }
        a.packs = in.at("packs").whole();
        a.went = in.text("went", ""), a.broke = in.text("broke", ""), a.next = in.text("next", "");
        return a;
    });
}

} // namespace bh
