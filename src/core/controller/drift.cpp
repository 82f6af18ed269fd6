#include "core/controller/drift.h"

#include "core/base/stats.h"

#include <algorithm>
#include <cmath>

namespace bh {

std::string_view drift_measure_name(DriftMeasure measure)
{
    static constexpr std::array<std::string_view, 4> names{label("centre"), label("jitter"), label("centring"), label("travel")};
    return names[static_cast<std::size_t>(measure)];
}

double drift_value(const FunctionCalibration& f, DriftMeasure measure)
{
    const double half = std::max(1.0, 0.5 * std::abs(f.high_counts - f.low_counts));
    const double direction = f.high_counts >= f.low_counts ? 1 : -1;
    switch (measure) {
    case DriftMeasure::Centre: return direction * (f.centre_counts - 0.5 * (f.high_counts + f.low_counts)) / half;
    case DriftMeasure::Jitter: return f.jitter_counts / half;
    case DriftMeasure::Hysteresis: return f.hysteresis_counts / half;
    case DriftMeasure::Travel: return f.travel_share;
    }
    return 0;
}

ControlChart control_chart(std::vector<double> values, double floor)
{
    constexpr std::size_t fewest = 4;
    ControlChart chart;
    chart.values = std::move(values);
    if (chart.values.size() < fewest + 1) return chart;
    const std::vector<double> before(chart.values.begin(), chart.values.end() - 1);
    std::vector<double> moves;
    for (std::size_t i = 1; i < before.size(); ++i) moves.push_back(std::abs(before[i] - before[i - 1]));
    chart.can_judge = true;
    chart.mean = mean(before);
    const double reach = std::max(floor, 2.66 * mean(moves));
    chart.low = chart.mean - reach;
    chart.high = chart.mean + reach;
    chart.out_of_control = chart.values.back() < chart.low || chart.values.back() > chart.high;
    return chart;
}

ControlChart drift_chart(const std::vector<Calibration>& history, Function function, DriftMeasure measure)
{
    // A third of the limit between good and usable: a change smaller than this never matters (house).
    static constexpr std::array<double, 4> floors{0.003, 0.001, 0.002, 0.01};
    std::vector<double> values;
    for (const Calibration& c : history)
        if (c.of(function).axis >= 0) values.push_back(drift_value(c.of(function), measure));
    return control_chart(std::move(values), floors[static_cast<std::size_t>(measure)]);
}

Drift drift_of(const std::vector<Calibration>& history)
{
    Drift drift;
    std::vector<Message> all;
    for (DriftMeasure m : all_drift_measures) {
        std::vector<Message> functions; // "yaw, pitch"
        for (Function f : all_functions) {
            if (f == Function::Throttle && m == DriftMeasure::Centre && !history.empty() && !history.back().of(f).sprung)
                continue;
            if (!drift_chart(history, f, m).out_of_control) continue;
            functions.emplace_back(function_key(f));
            drift.which.emplace_back(f, m);
        }
        if (!functions.empty()) all.push_back(message("%1 %2", joined(functions, ", "), message(drift_measure_name(m))));
    }
    if (!all.empty()) drift.words = message("Controller has drifted: %1", joined(all, "; "));
    return drift;
}

} // namespace bh
