#include "files/documents/calibration_document.h"

#include "files/text/json_in.h"

#include <algorithm>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

/// {"yaw->throttle": 0.01, …}
void read_cross_talk(const JsonIn& in, Calibration& calibration)
{
    for (const auto& [pair, share] : in.value().items()) {
        const auto arrow = pair.find("->");
        const auto named = [&](std::string_view key) {
            return std::find_if(all_functions.begin(), all_functions.end(), [&](Function f) { return key == function_key(f); });
        };
        const auto first = named(std::string_view(pair).substr(0, arrow));
        const auto second = arrow == std::string::npos ? all_functions.end() : named(std::string_view(pair).substr(arrow + 2));
        if (first == all_functions.end() || second == all_functions.end())
            in.fault("expected two functions such as yaw->throttle, found '%1'", pair);
        calibration.cross_talk.push_back({*first, *second, in.number(pair.c_str())});
    }
}

Json spring_json(const std::optional<SpringReturn>& spring)
{
    return spring ? Json{{"return_ms", 1000 * spring->time_s}, {"overshoot", spring->overshoot}} : Json(nullptr);
}

Json springs_json(const FunctionCalibration& f, Function function)
{
    if (!f.spring_after_high && !f.spring_after_low) return nullptr;
    return {{"after_high", spring_json(f.spring_after_high)},
            {"after_low", spring_json(f.spring_after_low)},
            {"words", spring_in_words(f, function)}};
}

std::optional<SpringReturn> spring_at(const JsonIn& in, const char* side)
{
    if (!in.has(side) || in.at(side).value().is_null()) return std::nullopt;
    return SpringReturn{in.at(side).number("return_ms") / 1000, in.at(side).number("overshoot", 0)};
}

Json switches_json(const std::vector<SwitchCalibration>& switches)
{
    Json all = Json::array();
    for (const SwitchCalibration& s : switches) {
        Json one{{"use", switch_use_key(s.use)},
                 {"on", s.source.kind == SwitchSource::Kind::Button ? "button" : "axis"},
                 {"index", s.source.index},
                 {"positions_counts", s.positions_counts},
                 {"springs_back", s.springs_back}};
        for (const Mode mode : s.modes) one["modes"].push_back(mode_key(mode));
        all.push_back(std::move(one));
    }
    return all;
}

SwitchCalibration switch_at(const JsonIn& in)
{
    SwitchCalibration s;
    const auto use = switch_use_from_key(in.text("use"));
    if (!use) in.at("use").fault("expected arm, mode, panic, reset or pause, found '%1'", in.text("use"));
    s.use = *use;
    const std::string on = in.text("on");
    if (on != "button" && on != "axis") in.at("on").fault("expected button or axis, found '%1'", on);
    s.source.kind = on == "button" ? SwitchSource::Kind::Button : SwitchSource::Kind::Axis;
    s.source.index = in.at("index").whole();
    if (s.source.index < 0 || s.source.index > 255) in.at("index").fault("expected 0 to 255");
    for (const JsonIn& place : in.at("positions_counts").items()) s.positions_counts.push_back(place.whole());
    if (s.positions_counts.size() < 2 || s.positions_counts.size() > 3)
        in.at("positions_counts").fault("expected two or three places");
    s.springs_back = in.truth("springs_back", false);
    if (in.has("modes"))
        for (const JsonIn& key : in.at("modes").items()) {
            const auto mode = mode_from_key(key.text());
            if (!mode) key.fault("expected acro, angle, horizon, hold or sport, found '%1'", key.text());
            s.modes.push_back(*mode);
        }
    return s;
}

} // namespace

Json calibration_json(const Calibration& calibration)
{
    Json json;
    json["format"] = "bluehangar.calibration/1";
    for (Function function : all_functions) {
        const FunctionCalibration& f = calibration.of(function);
        Json& out = json["functions"][function_key(function)];
        if (f.axis < 0) { // nothing found may look like something found
            out = {{"axis", nullptr}, {"verdict", verdict_key(f.verdict)}, {"reason", f.reason}};
            continue;
        }
        out = {{"axis", f.axis},
               {"inverted", f.inverted},
               {"sprung", f.sprung},
               {"low_counts", f.low_counts},
               {"centre_counts", f.centre_counts},
               {"high_counts", f.high_counts},
               {"jitter_counts", f.jitter_counts},
               {"jitter_peak_counts", f.jitter_peak_counts},
               {"hysteresis_counts", f.sprung ? Json(f.hysteresis_counts) : Json(nullptr)},
               {"rest_after_high_counts", f.rest_after_high_counts},
               {"rest_after_low_counts", f.rest_after_low_counts},
               {"springs", springs_json(f, function)},
               {"dead_band", f.dead_band},
               {"travel_share", f.travel_share},
               {"asymmetry", f.asymmetry},
               {"effective_bits", f.effective_bits},
               {"verdict", verdict_key(f.verdict)},
               {"reason", f.reason}};
    }
    for (const CrossTalk& c : calibration.cross_talk)
        json["cross_talk"][std::string(function_key(c.first)) + "->" + std::string(function_key(c.second))] = c.share;
    json["unused_axes"] = calibration.unused_axes;
    json["step_counts"] = calibration.step_counts;
    json["interval_ms"] = calibration.interval_ms;
    json["interval_p95_ms"] = calibration.interval_p95_ms;
    json["problems"] = calibration.problems;
    if (!calibration.switches.empty()) json["switches"] = switches_json(calibration.switches);
    return json;
}

Result<Calibration> parse_calibration(std::string_view text, const std::string& file)
{
    return read_document<Calibration>(text, file, "calibration", [](const JsonIn& in) -> Result<Calibration> {
        Calibration calibration;
        for (Function function : all_functions) {
            const JsonIn f = in.at("functions").at(function_key(function));
            FunctionCalibration& out = calibration.of(function);
            out.reason = f.text("reason", "");
            const std::string verdict = f.text("verdict", "service");
            for (Verdict v : {Verdict::Good, Verdict::Usable, Verdict::Service})
                if (verdict == verdict_key(v)) out.verdict = v;
            if (f.at("axis").value().is_null()) continue;
            out.axis = f.at("axis").whole();
            if (out.axis < 0 || out.axis > 255) f.at("axis").fault("expected 0 to 255");
            out.inverted = f.truth("inverted", false);
            out.sprung = f.truth("sprung", false);
            out.low_counts = f.number("low_counts");
            out.centre_counts = f.number("centre_counts");
            out.high_counts = f.number("high_counts");
            if (out.low_counts == out.high_counts) f.at("high_counts").fault("expected another value than low_counts");
            out.jitter_counts = f.number("jitter_counts", 0);
            if (f.has("hysteresis_counts") && !f.at("hysteresis_counts").value().is_null())
                out.hysteresis_counts = f.number("hysteresis_counts");
            out.rest_after_high_counts = f.number("rest_after_high_counts", out.centre_counts);
            out.rest_after_low_counts = f.number("rest_after_low_counts", out.centre_counts);
            if (f.has("springs") && f.at("springs").value().is_object()) {
                out.spring_after_high = spring_at(f.at("springs"), "after_high");
                out.spring_after_low = spring_at(f.at("springs"), "after_low");
            }
            out.dead_band = f.number("dead_band", 0);
            out.travel_share = f.number("travel_share", 1);
            out.jitter_peak_counts = f.number("jitter_peak_counts", 0);
            out.asymmetry = f.number("asymmetry", 1);
            out.effective_bits = f.number("effective_bits", 0);
        }
        if (in.has("cross_talk")) read_cross_talk(in.at("cross_talk"), calibration);
        if (in.has("unused_axes"))
            for (const JsonIn& axis : in.at("unused_axes").items()) calibration.unused_axes.push_back(axis.whole());
        calibration.step_counts = in.has("step_counts") ? in.at("step_counts").whole() : 0;
        calibration.interval_ms = in.number("interval_ms", 0);
        calibration.interval_p95_ms = in.number("interval_p95_ms", calibration.interval_ms);
        if (in.has("problems"))
            for (const JsonIn& problem : in.at("problems").items()) calibration.problems.emplace_back(problem.text());
        if (in.has("switches"))
            for (const JsonIn& one : in.at("switches").items()) calibration.switches.push_back(switch_at(one));
        if (const Message problem = problem_of(calibration.switches); !problem.empty()) in.at("switches").fault(problem);
        return calibration;
    });
}

} // namespace bh
