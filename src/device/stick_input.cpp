#include "device/stick_input.h"

#include "core/controller/simulated.h"

#include <algorithm>
#include <cmath>

namespace bh {

void SimulatedController::set(Function function, double value)
{
    const double low = function == Function::Throttle ? 0.0 : -1.0;
    values_[static_cast<std::size_t>(function)] = std::clamp(value, low, 1.0);
}

double SimulatedController::value(Function function) const { return values_[static_cast<std::size_t>(function)]; }

std::vector<int> SimulatedController::counts() const
{
    return to_counts(factory_calibration(), {values_[0], values_[1], values_[2], values_[3]}, 4);
}

DeviceInfo SimulatedController::info()
{
    return {instance, std::string(simulated_controller_name), simulated_controller_guid, 4, 0};
}

Calibration SimulatedController::factory_calibration()
{
    Calibration calibration;
    for (Function function : all_functions) {
        FunctionCalibration& f = calibration.of(function);
        f.axis = static_cast<int>(function);
        f.sprung = function != Function::Throttle;
        f.low_counts = 0;
        f.centre_counts = top_counts / 2.0;
        f.high_counts = top_counts;
        f.travel_share = 1;
        f.verdict = Verdict::Good;
        f.reason = "Clean, centred and quiet.";
        f.effective_bits = std::log2(top_counts);
    }
    calibration.step_counts = 1;
    calibration.interval_ms = calibration.interval_p95_ms = 1000 * interval_s;
    return calibration;
}

void StickInput::choose(int instance)
{
    simulated_ = instance == SimulatedController::instance;
    hub_.choose(simulated_ ? -1 : instance);
    calibrate_with(simulated_ ? std::make_shared<Calibration>(SimulatedController::factory_calibration()) : nullptr);
}

bool StickInput::present() const { return simulated_ || hub_.latest().has_value(); }

void StickInput::calibrate_with(std::shared_ptr<const Calibration> calibration)
{
    const std::scoped_lock lock(mutex_);
    calibration_ = std::move(calibration);
}

bool StickInput::calibrated() const
{
    const std::scoped_lock lock(mutex_);
    return calibration_ != nullptr;
}

Sticks StickInput::sticks() const
{
    std::shared_ptr<const Calibration> calibration;
    {
        const std::scoped_lock lock(mutex_);
        calibration = calibration_;
    }
    const std::vector<int> now = counts();
    return calibration && !now.empty() ? to_sticks(*calibration, now) : Sticks{};
}

std::optional<std::vector<TimedSticks>> StickInput::sticks_after(double after_s) const
{
    if (!present()) return std::nullopt;
    std::shared_ptr<const Calibration> calibration;
    {
        const std::scoped_lock lock(mutex_);
        calibration = calibration_;
    }
    if (simulated_ || !calibration) return std::vector{TimedSticks{ControllerHub::now_s(), sticks()}};
    std::vector<TimedSticks> timed;
    for (const DeviceSample& s : hub_.samples_after(after_s)) timed.push_back({s.t_s, to_sticks(*calibration, s.counts)});
    return timed;
}

std::vector<int> StickInput::counts() const
{
    if (simulated_) return simulated_controller_.counts();
    const auto sample = hub_.latest();
    return sample ? sample->counts : std::vector<int>{};
}

SwitchReading StickInput::switches() const
{
    if (simulated_) return {};
    const auto sample = hub_.latest();
    return sample ? SwitchReading{sample->counts, sample->buttons} : SwitchReading{};
}

std::vector<DeviceSample> StickInput::drain()
{
    if (!simulated_) return hub_.drain();
    const double now_s = ControllerHub::now_s();
    const std::vector<int> counts = simulated_controller_.counts();
    std::vector<DeviceSample> samples;
    constexpr double longest_s = 0.1; // a pause between two calls is not filled up
    drained_until_s_ = std::max(drained_until_s_, now_s - longest_s);
    // Mouse and keys move it in jumps; a stick goes through the places between, evenly since the last call.
    if (drained_counts_.size() != counts.size()) drained_counts_ = counts;
    const double from_s = drained_until_s_;
    while (drained_until_s_ + SimulatedController::interval_s <= now_s) {
        drained_until_s_ += SimulatedController::interval_s;
        const double share = (drained_until_s_ - from_s) / (now_s - from_s);
        std::vector<int> between = drained_counts_;
        for (std::size_t i = 0; i < between.size(); ++i)
            between[i] += static_cast<int>(std::lround(share * (counts[i] - drained_counts_[i])));
        samples.push_back({drained_until_s_, std::move(between)});
    }
    if (!samples.empty()) drained_counts_ = samples.back().counts;
    return samples;
}

} // namespace bh
