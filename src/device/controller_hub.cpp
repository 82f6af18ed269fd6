#include "device/controller_hub.h"

#include "core/base/one_line.h"

#include <SDL.h>
#include <algorithm>
#include <chrono>
#include <cstdlib>
#include <map>
#include <utility>

namespace bh {
namespace {

using Clock = std::chrono::steady_clock;
constexpr std::size_t most_recent = 5000;
constexpr std::size_t trail_samples = 128;                    // a quarter of a second
constexpr auto idle_interval = std::chrono::milliseconds(50); // nothing plugged in: only look for what comes

std::string guid_text(SDL_Joystick* joystick)
{
    char text[33];
    SDL_JoystickGetGUIDString(SDL_JoystickGetGUID(joystick), text, sizeof text);
    return text;
}

std::vector<std::uint8_t> buttons_of(SDL_Joystick* joystick)
{
    std::vector<std::uint8_t> buttons;
    for (int b = 0; b < SDL_JoystickNumButtons(joystick); ++b) buttons.push_back(SDL_JoystickGetButton(joystick, b));
    for (int h = 0; h < SDL_JoystickNumHats(joystick); ++h)
        for (const int side : {SDL_HAT_UP, SDL_HAT_RIGHT, SDL_HAT_DOWN, SDL_HAT_LEFT})
            buttons.push_back((SDL_JoystickGetHat(joystick, h) & side) != 0);
    return buttons;
}

} // namespace

/// The devices that are open, by instance. Lives in the hub's thread only.
struct ControllerHub::Devices {
    std::map<int, SDL_Joystick*> open;

    /// Opens what is new and closes what has gone; true when anything changed.
    bool refresh()
    {
        bool changed = false;
        for (auto it = open.begin(); it != open.end();) {
            if (SDL_JoystickGetAttached(it->second)) {
                ++it;
                continue;
            }
            SDL_JoystickClose(it->second);
            it = open.erase(it);
            changed = true;
        }
        for (int index = 0; index < SDL_NumJoysticks(); ++index) {
            const int instance = SDL_JoystickGetDeviceInstanceID(index);
            if (instance < 0 || open.contains(instance)) continue;
            if (SDL_Joystick* joystick = SDL_JoystickOpen(index)) {
                open[instance] = joystick;
                changed = true;
            }
        }
        return changed;
    }
    ~Devices()
    {
        for (const auto& [instance, joystick] : open) SDL_JoystickClose(joystick);
    }
};

ControllerHub::ControllerHub() : thread_([this] { run(); }) {}

ControllerHub::~ControllerHub()
{
    stop_ = true;
    thread_.join();
}

double ControllerHub::now_s() { return std::chrono::duration<double>(Clock::now().time_since_epoch()).count(); }

void ControllerHub::run()
{
    SDL_SetHint(SDL_HINT_JOYSTICK_ALLOW_BACKGROUND_EVENTS, "1");
    SDL_SetHint(SDL_HINT_NO_SIGNAL_HANDLERS, "1");
    if (SDL_InitSubSystem(SDL_INIT_JOYSTICK) != 0) {
        const std::scoped_lock lock(mutex_);
        trouble_ = SDL_GetError();
        return;
    }
    SDL_JoystickEventState(SDL_IGNORE); // the axes are read directly, a queue of events would only fill up
    {
        Devices devices;
        auto next = Clock::now();
        while (!stop_) {
            SDL_JoystickUpdate();
            const bool changed = devices.refresh();
            {
                const std::scoped_lock lock(mutex_);
                if (changed) {
                    devices_.clear();
                    for (const auto& [instance, joystick] : devices.open) {
                        const char* name = SDL_JoystickName(joystick); // whatever the device says of itself
                        devices_.push_back({instance, name ? one_line(name) : "Controller", guid_text(joystick),
                                            SDL_JoystickNumAxes(joystick),
                                            SDL_JoystickNumButtons(joystick) + 4 * SDL_JoystickNumHats(joystick)});
                    }
                    changes_.fetch_add(1, std::memory_order_release);
                }
                const auto chosen = devices.open.find(chosen_);
                if (chosen == devices.open.end()) {
                    latest_.reset();
                    trail_.clear();
                } else {
                    DeviceSample sample{now_s(), {}};
                    for (int axis = 0; axis < SDL_JoystickNumAxes(chosen->second); ++axis)
                        sample.counts.push_back(SDL_JoystickGetAxis(chosen->second, axis));
                    sample.buttons = buttons_of(chosen->second);
                    note_change(sample);
                    if (listener_) listener_(sample);
                    if (recent_.size() >= most_recent) recent_.erase(recent_.begin(), recent_.begin() + most_recent / 2);
                    recent_.push_back(sample);
                    trail_.push_back(sample);
                    if (trail_.size() > trail_samples) trail_.pop_front();
                    latest_ = std::move(sample);
                }
            }
            next += devices.open.empty() ? std::chrono::duration_cast<Clock::duration>(idle_interval)
                                         : std::chrono::duration_cast<Clock::duration>(
                                               std::chrono::duration<double>(1.0 / rate_hz_.load(std::memory_order_relaxed)));
            next = std::max(next, Clock::now() - std::chrono::milliseconds(20)); // after a stall: no burst to catch up
            std::this_thread::sleep_until(next);
        }
    }
    SDL_QuitSubSystem(SDL_INIT_JOYSTICK);
}

void ControllerHub::note_change(const DeviceSample& sample)
{
    constexpr int moves_by_counts = 150; // more than a resting axis jitters by, less than a report of a moving one
    constexpr double longest_s = 0.15;   // a longer gap is a stick that stood still
    constexpr double weight = 1 / 16.0;
    int moved = last_change_.counts.size() == sample.counts.size() ? 0 : moves_by_counts;
    for (std::size_t i = 0; moved < moves_by_counts && i < sample.counts.size(); ++i)
        moved = std::max(moved, std::abs(sample.counts[i] - last_change_.counts[i]));
    if (moved < moves_by_counts) return;
    if (const double gap_s = sample.t_s - last_change_.t_s; gap_s < longest_s)
        report_interval_s_ = report_interval_s_ > 0 ? report_interval_s_ + weight * (gap_s - report_interval_s_) : gap_s;
    last_change_ = sample;
}

void ControllerHub::set_listener(std::function<void(const DeviceSample&)> listener)
{
    const std::scoped_lock lock(mutex_);
    listener_ = std::move(listener);
}

double ControllerHub::report_interval_ms() const
{
    const std::scoped_lock lock(mutex_);
    return 1000 * report_interval_s_;
}

std::vector<DeviceInfo> ControllerHub::devices() const
{
    const std::scoped_lock lock(mutex_);
    return devices_;
}

void ControllerHub::choose(int instance)
{
    const std::scoped_lock lock(mutex_);
    if (chosen_ == instance) return;
    chosen_ = instance;
    latest_.reset();
    recent_.clear();
    trail_.clear();
    last_change_ = {};
    report_interval_s_ = 0;
}

std::optional<DeviceSample> ControllerHub::latest() const
{
    const std::scoped_lock lock(mutex_);
    return latest_;
}

std::vector<DeviceSample> ControllerHub::samples_after(double after_s) const
{
    const std::scoped_lock lock(mutex_);
    const auto first =
        std::partition_point(trail_.begin(), trail_.end(), [&](const DeviceSample& s) { return s.t_s <= after_s; });
    return {first, trail_.end()};
}

std::vector<DeviceSample> ControllerHub::drain()
{
    const std::scoped_lock lock(mutex_);
    return std::exchange(recent_, {});
}

std::string ControllerHub::trouble() const
{
    const std::scoped_lock lock(mutex_);
    return trouble_;
}

} // namespace bh
