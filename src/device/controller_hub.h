#pragma once

#include <algorithm>
#include <atomic>
#include <cstdint>
#include <deque>
#include <functional>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <thread>
#include <vector>

namespace bh {

/// A controller as the system shows it. `instance` is unique for as long as it stays plugged in.
struct DeviceInfo {
    int instance = 0;
    std::string name;
    std::string guid; ///< the same for devices of the same model
    int axes = 0;
    int buttons = 0; ///< hats count as four each
};

/// Raw counts at a moment. Times are seconds of a steady clock, the same for all samples of a hub.
struct DeviceSample {
    double t_s = 0;
    std::vector<int> counts;
    std::vector<std::uint8_t> buttons{}; ///< 0 or 1; after them four for each hat: up, right, down, left
};

/// Watches the system's controllers through SDL from a thread of its own: which there are (hot plug) and, for the one
/// chosen, its axes, 500 times a second unless another rate is set. All functions may be called from any thread; none of them
/// waits for a device.
class ControllerHub {
public:
    static constexpr int usual_rate_hz = 500;

    ControllerHub();
    ~ControllerHub();
    ControllerHub(const ControllerHub&) = delete;
    ControllerHub& operator=(const ControllerHub&) = delete;

    [[nodiscard]] std::vector<DeviceInfo> devices() const;
    /// Goes up with every device that comes or goes; cheap to ask often.
    [[nodiscard]] std::uint64_t changes() const { return changes_.load(std::memory_order_acquire); }

    /// How often the chosen device is looked at, 100…1000 times a second.
    void set_rate(int rate_hz) { rate_hz_.store(std::clamp(rate_hz, 100, 1000), std::memory_order_relaxed); }
    /// Which device to sample; an instance that is not there (any more) is sampled as soon as it is.
    void choose(int instance);
    /// The chosen device's newest sample; nothing when it is unplugged.
    [[nodiscard]] std::optional<DeviceSample> latest() const;
    /// Its samples of the last moments that are newer than `after_s`, oldest first; nothing when it is unplugged.
    [[nodiscard]] std::vector<DeviceSample> samples_after(double after_s) const;
    /// Hands over all samples of the chosen device since the last call, oldest first, at most about ten seconds.
    [[nodiscard]] std::vector<DeviceSample> drain();
    /// Mean time between the device's last reports, ms, as seen while a stick moved; 0 when not known yet. A device cannot
    /// be asked how often it reports, it shows only in how often its counts change.
    [[nodiscard]] double report_interval_ms() const;
    /// Called from the hub's thread with every sample of the chosen device, until it is set to nothing; must be quick.
    void set_listener(std::function<void(const DeviceSample&)> listener);
    /// What SDL said if it could not be started; empty otherwise.
    [[nodiscard]] std::string trouble() const;
    /// Seconds of the steady clock that samples carry.
    [[nodiscard]] static double now_s();

private:
    struct Devices;
    void run();
    void note_change(const DeviceSample& sample);

    mutable std::mutex mutex_;
    std::vector<DeviceInfo> devices_;
    std::optional<DeviceSample> latest_;
    std::vector<DeviceSample> recent_;
    std::deque<DeviceSample> trail_; ///< the newest ones, for samples_after
    std::string trouble_;
    std::function<void(const DeviceSample&)> listener_;
    DeviceSample last_change_;
    double report_interval_s_ = 0; ///< running mean
    int chosen_ = -1;
    std::atomic<std::uint64_t> changes_{0};
    std::atomic<int> rate_hz_{usual_rate_hz};
    std::atomic<bool> stop_{false};
    std::thread thread_;
};

} // namespace bh
