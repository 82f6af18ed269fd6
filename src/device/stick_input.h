#pragma once

#include "core/controller/calibration.h"
#include "device/controller_hub.h"

#include <array>
#include <atomic>
#include <memory>
#include <mutex>
#include <optional>
#include <vector>

namespace bh {

/// A controller without hardware: four axes that keyboard and mouse set. It gives raw counts like any other, so that it
/// can be calibrated, verified and flown by the same code.
class SimulatedController {
public:
    static constexpr int instance = -100;
    static constexpr int top_counts = 4000;
    static constexpr double interval_s = 0.004; ///< it counts as sampled at 250 Hz

    /// stick sense: throttle 0…1, the others −1…1.
    void set(Function function, double value);
    [[nodiscard]] double value(Function function) const;
    [[nodiscard]] std::vector<int> counts() const;
    [[nodiscard]] static DeviceInfo info();
    /// What a calibration of it would find; used until the pilot calibrates it.
    [[nodiscard]] static Calibration factory_calibration();

private:
    std::array<std::atomic<double>, 4> values_{};
};

/// The controller that is in use: which one, how it is calibrated, and where its sticks stand now. Thread-safe: the
/// flight reads it from its own thread while the desk chooses and calibrates.
class StickInput {
public:
    explicit StickInput(ControllerHub& hub) : hub_(hub) {}

    /// A device's instance, or SimulatedController::instance.
    void choose(int instance);
    [[nodiscard]] bool simulated() const { return simulated_; }
    [[nodiscard]] bool present() const;                                  ///< false when the chosen device has been unplugged
    void calibrate_with(std::shared_ptr<const Calibration> calibration); ///< null: not calibrated
    [[nodiscard]] bool calibrated() const;

    /// Calibrated sticks now. Without a device or a calibration: centred, throttle at the bottom.
    [[nodiscard]] Sticks sticks() const;
    /// Calibrated sticks since `after_s`, oldest first, with the times at which they were sampled; nothing when there is no
    /// controller. The simulated controller and one without a calibration give where they stand now.
    [[nodiscard]] std::optional<std::vector<TimedSticks>> sticks_after(double after_s) const;
    /// Raw counts now; empty without a device.
    [[nodiscard]] std::vector<int> counts() const;
    /// Raw buttons and axes now; empty without a device.
    [[nodiscard]] SwitchReading switches() const;
    /// Samples since the last call, for a recording. The simulated controller is sampled
    /// at its own interval, moving evenly to where it stands now. Used from one thread.
    [[nodiscard]] std::vector<DeviceSample> drain();

    SimulatedController& simulated_controller() { return simulated_controller_; }

private:
    ControllerHub& hub_;
    SimulatedController simulated_controller_;
    double drained_until_s_ = 0;
    std::vector<int> drained_counts_;
    std::atomic<bool> simulated_{true};
    mutable std::mutex mutex_;
    std::shared_ptr<const Calibration> calibration_ = std::make_shared<Calibration>(SimulatedController::factory_calibration());
};

} // namespace bh
