#include "files/documents/simulator_document.h"

#include "core/base/number_text.h"
#include "core/curves/rate_families.h"
#include "files/text/json_in.h"

#include <algorithm>

namespace bh {
namespace {

using Throttle = SimulatorProfile::Throttle;
using Arming = SimulatorProfile::Arming;
using Json = nlohmann::ordered_json;

constexpr std::array all_throttles{Throttle::Full, Throttle::UpperHalf, Throttle::Choice};
constexpr std::array all_armings{Arming::ByItself, Arming::Switch, Arming::Sticks, Arming::Key};

/// The value of `all` whose key the text is; a fault that lists the keys otherwise.
template <class Values, class Key>
auto one_of(const JsonIn& in, const Values& all, Key key_of)
{
    std::string keys;
    for (auto value : all) {
        if (in.text() == key_of(value)) return value;
        keys += (keys.empty() ? "" : ", ") + std::string(key_of(value));
    }
    in.fault("expected one of %1, found '%2'", keys, in.text());
}

SimulatorProfile::Range range_at(const JsonIn& in)
{
    const auto numbers = in.items();
    if (numbers.size() != 3) in.fault("expected three numbers: lowest, highest, step");
    const SimulatorProfile::Range range{numbers[0].number(), numbers[1].number(), numbers[2].number()};
    if (range.low > range.high || range.step <= 0) in.fault("expected lowest, highest and a step above 0");
    return range;
}

/// The keys of the document that are not read here, as JSON text; empty when there are none.
std::string other_keys(const nlohmann::json& document)
{
    static constexpr std::array known{"format",      "id",          "name",      "axis_base", "axis_word",
                                      "invert_word", "order",       "rising_is", "throttle",  "arming",
                                      "modes",       "stick_modes", "rates",     "tilt_deg",  "fov_deg"};
    nlohmann::json others = document;
    for (const char* key : known) others.erase(key);
    return others.empty() ? std::string() : others.dump();
}

Json range_json(const SimulatorProfile::Range& range) { return Json::array({range.low, range.high, range.step}); }

} // namespace

const char* throttle_key(Throttle throttle)
{
    static constexpr std::array<const char*, 3> keys{"full", "upper_half", "choice"};
    return keys[static_cast<std::size_t>(throttle)];
}

const char* arming_key(Arming arming)
{
    static constexpr std::array<const char*, 4> keys{"by_itself", "switch", "sticks", "key"};
    return keys[static_cast<std::size_t>(arming)];
}

std::string_view side_word(Function function, bool positive)
{
    switch (function) {
    case Function::Throttle: return positive ? label("up") : label("down");
    case Function::Pitch: return positive ? label("forward") : label("back");
    default: return positive ? label("right") : label("left");
    }
}

Result<SimulatorProfile> parse_simulator(std::string_view text, const std::string& file)
{
    return read_document<SimulatorProfile>(text, file, "simulator", [](const JsonIn& in) -> Result<SimulatorProfile> {
        SimulatorProfile s;
        s.id = in.text("id");
        s.name = in.text("name");
        if (s.id.empty() || s.name.empty()) in.fault("expected an id and a name");
        s.axis_base = in.at("axis_base").whole();
        if (s.axis_base < 0 || s.axis_base > 100) in.at("axis_base").fault("expected 0 to 100");
        s.axis_word = in.text("axis_word", s.axis_word);
        s.invert_word = in.text("invert_word", s.invert_word);
        const auto order = in.at("order").items();
        if (order.size() != 4) in.at("order").fault("expected the four functions");
        for (std::size_t i = 0; i < 4; ++i) {
            s.order[i] = one_of(order[i], all_functions, function_key);
            if (std::find(s.order.begin(), s.order.begin() + static_cast<long>(i), s.order[i]) !=
                s.order.begin() + static_cast<long>(i))
                order[i].fault("stands there twice, expected each function once");
        }
        for (Function f : all_functions) {
            const JsonIn side = in.at("rising_is").at(function_key(f));
            s.rising_is_positive[static_cast<std::size_t>(f)] =
                one_of(side, std::array{true, false}, [f](bool positive) { return side_word(f, positive); });
        }
        s.throttle = one_of(in.at("throttle"), all_throttles, throttle_key);
        s.arming = one_of(in.at("arming").at("by"), all_armings, arming_key);
        s.arming_words = in.at("arming").text("words", "");
        if (in.has("modes"))
            for (const auto& [key, name] : in.at("modes").value().items()) {
                const auto mode = mode_from_key(key);
                if (!mode) in.at("modes").fault("expected acro, angle, horizon, hold or sport, found '%1'", key);
                s.mode_names[*mode] = in.at("modes").text(key.c_str());
            }
        if (in.has("stick_modes"))
            for (const auto& [key, name] : in.at("stick_modes").value().items()) {
                if (key.size() != 1 || key[0] < '1' || key[0] > '4')
                    in.at("stick_modes").fault("expected 1, 2, 3 or 4, found '%1'", key);
                s.stick_mode_names[key[0] - '0'] = in.at("stick_modes").text(key.c_str());
            }
        if (in.has("rates")) {
            const JsonIn rates = in.at("rates");
            const RateFamily family = one_of(rates.at("family"), rate_families(), [](const RateFamily& f) { return f.key; });
            s.rate_family = family.key;
            if (rates.has("limits"))
                for (const auto& [key, range] : rates.at("limits").value().items()) {
                    const JsonIn limit = rates.at("limits").at(key.c_str());
                    if (std::none_of(family.parameters.begin(), family.parameters.end(),
                                     [&key = key](const RateParameter& p) { return p.key == key; }))
                        limit.fault("the family %1 has no such parameter", s.rate_family);
                    s.rate_limits[key] = range_at(limit);
                }
        }
        if (in.has("tilt_deg")) s.tilt_deg = range_at(in.at("tilt_deg"));
        if (in.has("fov_deg")) s.fov_deg = range_at(in.at("fov_deg"));
        s.other_keys = other_keys(in.value());
        return s;
    });
}

Json simulator_json(const SimulatorProfile& s)
{
    Json json;
    json["format"] = "bluehangar.simulator/1";
    json["id"] = s.id;
    json["name"] = s.name;
    json["axis_base"] = s.axis_base;
    json["axis_word"] = s.axis_word;
    json["invert_word"] = s.invert_word;
    for (Function f : s.order) json["order"].push_back(function_key(f));
    for (Function f : all_functions)
        json["rising_is"][function_key(f)] = side_word(f, s.rising_is_positive[static_cast<std::size_t>(f)]);
    json["throttle"] = throttle_key(s.throttle);
    json["arming"] = {{"by", arming_key(s.arming)}, {"words", s.arming_words}};
    for (const auto& [mode, name] : s.mode_names) json["modes"][std::string(mode_key(mode))] = name;
    for (const auto& [mode, name] : s.stick_mode_names) json["stick_modes"][whole_text(mode)] = name;
    if (!s.rate_family.empty()) {
        json["rates"]["family"] = s.rate_family;
        for (const auto& [key, range] : s.rate_limits) json["rates"]["limits"][key] = range_json(range);
    }
    if (s.tilt_deg) json["tilt_deg"] = range_json(*s.tilt_deg);
    if (s.fov_deg) json["fov_deg"] = range_json(*s.fov_deg);
    if (!s.other_keys.empty()) json.update(Json::parse(s.other_keys));
    return json;
}

Json sheet_json(const SettingsSheet& sheet, const SimulatorProfile& simulator)
{
    Json json;
    json["format"] = "bluehangar.sheet/1";
    json["simulator"] = simulator.id;
    json["rows"] = Json::array();
    for (const SheetRow& row : sheet.rows)
        json["rows"].push_back(
            {{"function", function_key(row.function)}, {"axis", row.axis}, {"invert", row.invert}, {"range", row.range}});
    json["notes"] = sheet.notes;
    return json;
}

} // namespace bh
