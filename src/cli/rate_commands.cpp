#include "cli/commands.h"
#include "cli/print.h"
#include "core/base/number_text.h"
#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"
#include "core/rates/rates_from_log.h"
#include "files/flights/flight_csv.h"
#include "files/tables/rates_csv.h"
#include "files/text/csv.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <iostream>
#include <nlohmann/json.hpp>

namespace bh::cli {
namespace {

using Json = nlohmann::ordered_json;

/// stick_low,stick_high,weight rows: even bins over |stick| from 0 to 1.
Result<std::vector<double>> read_weights(const std::string& file)
{
    const auto text = read_text(file);
    if (!text) return tl::unexpected(text.error());
    CsvCursor csv(*text);
    const auto at = [&] { return file + ": line " + whole_text(csv.line()) + ": "; };
    for (const char* column : {"stick_low", "stick_high", "weight"})
        if (csv.text() != column || (std::string_view(column) != "weight" && !csv.next_field()))
            return bad_input(at() + "expected the columns stick_low,stick_high,weight");
    if (!csv.next_line()) return bad_input(at() + "expected three columns");
    std::vector<double> weights;
    std::vector<std::pair<double, double>> bins;
    while (!csv.at_end()) {
        double low = 0, high = 0, weight = 0;
        if (!csv.number(low) || !csv.next_field() || !csv.number(high) || !csv.next_field() || !csv.number(weight))
            return bad_input(at() + "expected three numbers, found '" + csv.glimpse() + "'");
        if (!(weight >= 0) || !std::isfinite(weight)) return bad_input(at() + "expected a weight of 0 or more");
        bins.emplace_back(low, high);
        weights.push_back(weight);
        if (!csv.next_line()) return bad_input(at() + "expected three columns");
    }
    if (bins.empty()) return bad_input(file + ": expected at least one bin");
    for (std::size_t i = 0; i < bins.size(); ++i) {
        const auto n = static_cast<double>(bins.size()), k = static_cast<double>(i);
        if (std::abs(bins[i].first - k / n) > 1e-6 || std::abs(bins[i].second - (k + 1) / n) > 1e-6)
            return bad_input(file + ": line " + whole_text(i + 2) + ": expected even bins from 0 to 1");
    }
    return weights;
}

Json axis_json(const RateCurve& curve, const CurveDifference& off, const std::string& family)
{
    Json params;
    const auto values = parameters_of(curve);
    for (std::size_t i = 0; i < values.size(); ++i) params[std::string(rate_family(family)->parameters[i].key)] = values[i];
    return {{"params", params},
            {"rms_dps", off.rms_dps},
            {"worst_dps", off.worst_dps},
            {"worst_stick", off.worst_stick},
            {"centre_dps", centre_slope_dps(curve)},
            {"max_dps", rate_dps(curve, 1)},
            {"roll_s", full_turn_s(curve)}};
}

} // namespace

Result<int> match_profile(const MatchArguments& arguments)
{
    const auto profile = load_rates(arguments.target);
    if (!profile) return tl::unexpected(profile.error());
    const RateFamily* family = rate_family(arguments.family);
    MatchOptions options;
    options.keep_max = arguments.keep_max;
    options.keep_centre = arguments.keep_centre;
    if (!arguments.weights.empty()) {
        const auto weights = read_weights(arguments.weights);
        if (!weights) return tl::unexpected(weights.error());
        options.weights = *weights;
    }
    const bool stepped = arguments.step_dps > 0 || arguments.step_unit > 0;
    if (arguments.step_dps < 0 || arguments.step_unit < 0) return bad_input("--step-dps, --step-unit: expected more than 0");
    if (family)
        for (const RateParameter& p : family->parameters) {
            const double step = p.unit == "°/s" ? arguments.step_dps : arguments.step_unit * (p.unit == "%" ? 100 : 1);
            options.ranges.push_back({p.low, p.high, step > 0 ? step : p.step});
        }
    if (!arguments.axis.empty() && arguments.axis != "roll" && arguments.axis != "pitch" && arguments.axis != "yaw")
        return bad_input("--axis: expected roll, pitch or yaw, found '" + arguments.axis + "'");
    Json out;
    out["family"] = arguments.family;
    for (const auto& [name, curve] :
         {std::pair<std::string, const RateCurve*>{"roll", &profile->roll}, {"pitch", &profile->pitch}, {"yaw", &profile->yaw}}) {
        if (!arguments.axis.empty() && arguments.axis != name) continue;
        const auto match = match_rates(*curve, arguments.family, options);
        if (!match) return bad_input("--family: " + match.error().english);
        out["axes"][name] = stepped ? axis_json(match->rounded, match->rounded_difference, arguments.family)
                                    : axis_json(match->curve, match->difference, arguments.family);
    }
    std::cout << out.dump(1) << '\n';
    return 0;
}

Result<int> rates_of_flight(const std::string& flight, const std::string& family)
{
    const auto log = load_flight_csv(flight);
    if (!log) return tl::unexpected(log.error());
    if (!rate_family(family)) return bad_input("--family: expected " + rate_family_names() + ", found '" + family + "'");
    Json out;
    out["family"] = family;
    std::string why;
    for (const StickAxis axis : {StickAxis::Roll, StickAxis::Pitch, StickAxis::Yaw}) {
        const std::string name(stick_axis_key(axis));
        const auto found = rates_from_log(*log, axis, family);
        if (!found) {
            why = found.error().english;
            out["axes"][name] = {{"unknown", why}};
            continue;
        }
        Json params, intervals;
        const auto values = parameters_of(found->curve);
        for (std::size_t i = 0; i < values.size(); ++i) {
            const std::string key(rate_family(family)->parameters[i].key);
            params[key] = values[i];
            intervals[key] = {found->low[i], found->high[i]};
        }
        Json curve = Json::array();
        for (const CurveInterval& at : found->interval)
            curve.push_back({{"stick", at.stick}, {"rate_dps", at.rate_dps}, {"low_dps", at.low_dps}, {"high_dps", at.high_dps}});
        out["axes"][name] = {{"params", params},
                             {"intervals_95", intervals},
                             {"flown_to_stick", found->flown_to_stick},
                             {"known", known_in_words(*found).english()},
                             {"curve_95", curve},
                             {"delay_ms", 1000 * found->delay_s},
                             {"lag_ms", 1000 * found->lag_s},
                             {"rms_dps", found->rms_dps},
                             {"rows", found->rows},
                             {"ended", found->ended}};
        why.clear();
    }
    const bool none =
        std::all_of(out["axes"].begin(), out["axes"].end(), [](const Json& axis) { return axis.contains("unknown"); });
    if (none) return bad_input(flight + ": " + why);
    std::cout << out.dump(1) << '\n';
    return 0;
}

} // namespace bh::cli
