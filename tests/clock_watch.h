#pragma once

#include <atomic>
#include <optional>
#include <string>
#include <thread>

/// Looks at the machine's own clock while tests run: whether a thread that wants a little of a processor gets it. What has to
/// keep time with a hand cannot be judged where it does not.
class ClockWatch {
public:
    ClockWatch();
    ~ClockWatch();
    ClockWatch(const ClockWatch&) = delete;
    ClockWatch& operator=(const ClockWatch&) = delete;
    /// Why this machine was too slow so far, in words; nothing where it was not.
    [[nodiscard]] std::optional<std::string> too_slow() const;

private:
    std::atomic<double> wanted_s_ = 0, took_s_ = 0, worst_late_s_ = 0;
    std::atomic<bool> over_ = false;
    std::thread thread_;
};
