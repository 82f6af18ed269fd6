#include "core/controller/switches.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdlib>

namespace bh {
namespace {

constexpr std::array<std::string_view, switch_use_count> use_keys{label("arm"), label("mode"), label("panic"), label("reset"),
                                                                  label("pause")};
constexpr int range_counts = 65535; // of a device's axis
constexpr int apart_counts = static_cast<int>(SwitchWatch::least_share * range_counts);
constexpr int still_counts = range_counts / 50; // an axis at rest trembles less

std::optional<int> value_of(const SwitchSource& source, const SwitchReading& reading)
{
    const auto i = static_cast<std::size_t>(source.index);
    if (source.kind == SwitchSource::Kind::Button)
        return i < reading.buttons.size() ? std::optional<int>(reading.buttons[i]) : std::nullopt;
    return i < reading.axes_counts.size() ? std::optional(reading.axes_counts[i]) : std::nullopt;
}

} // namespace

std::string_view switch_use_key(SwitchUse use) { return use_keys[static_cast<std::size_t>(use)]; }

std::optional<SwitchUse> switch_use_from_key(std::string_view key)
{
    const auto found = std::find(use_keys.begin(), use_keys.end(), key);
    return found == use_keys.end() ? std::nullopt : std::optional(static_cast<SwitchUse>(found - use_keys.begin()));
}

Message SwitchSource::words() const { return message(kind == Kind::Button ? label("button %1") : label("axis %1"), index + 1); }

std::optional<std::size_t> position_of(const SwitchCalibration& calibration, const SwitchReading& reading)
{
    const auto value = value_of(calibration.source, reading);
    if (!value || calibration.positions_counts.empty()) return std::nullopt;
    const auto& places = calibration.positions_counts;
    const auto nearest =
        std::min_element(places.begin(), places.end(), [&](int a, int b) { return std::abs(a - *value) < std::abs(b - *value); });
    return static_cast<std::size_t>(nearest - places.begin());
}

SwitchWatch::SwitchWatch(SwitchUse use, std::vector<int> stick_axes) : use_(use), stick_axes_(std::move(stick_axes)) {}

void SwitchWatch::follow(Follow& f, double t_s, int value)
{
    const bool button = f.source.kind == SwitchSource::Kind::Button;
    const int apart = button ? 1 : apart_counts;
    if (std::abs(value - f.last) > (button ? 0 : still_counts)) {
        f.last = value;
        f.since_s = t_s;
    }
    const bool at_rest = std::abs(value - f.places.front()) < apart;
    if (at_rest && !f.back && t_s > f.since_s && f.longest_away_s > 0) f.back = true;
    if (!at_rest) {
        f.back = false;
        f.longest_away_s = std::max(f.longest_away_s, t_s - f.since_s + 1e-9);
    }
    const bool counts_as_place = button ? value != f.places.front() : t_s - f.since_s >= place_s;
    const bool is_new = std::all_of(f.places.begin(), f.places.end(), [&](int p) { return std::abs(p - value) >= apart; });
    if (counts_as_place && is_new) f.places.push_back(value);
}

bool SwitchWatch::look(double t_s, const SwitchReading& reading)
{
    if (learned_) return true;
    if (first_) {
        first_ = false;
        for (std::size_t i = 0; i < reading.buttons.size(); ++i)
            follows_.push_back(
                {{SwitchSource::Kind::Button, static_cast<int>(i)}, reading.buttons[i], t_s, {reading.buttons[i]}});
        for (std::size_t i = 0; i < reading.axes_counts.size(); ++i)
            if (std::find(stick_axes_.begin(), stick_axes_.end(), static_cast<int>(i)) == stick_axes_.end())
                follows_.push_back(
                    {{SwitchSource::Kind::Axis, static_cast<int>(i)}, reading.axes_counts[i], t_s, {reading.axes_counts[i]}});
        return false;
    }
    for (Follow& f : follows_) {
        const auto value = value_of(f.source, reading);
        if (!value) continue;
        follow(f, t_s, *value);
        constexpr double settles_s = 0.4; // back in its place, and left there
        if (!f.back || f.places.size() < 2 || f.places.size() > 3 || t_s - f.since_s < settles_s) continue;
        SwitchCalibration found;
        found.use = use_;
        found.source = f.source;
        found.positions_counts = f.places;
        if (f.places.size() == 3) { // in the order of its travel, seen from the place of rest where that is an end
            std::sort(found.positions_counts.begin(), found.positions_counts.end());
            if (found.positions_counts.back() == f.places.front())
                std::reverse(found.positions_counts.begin(), found.positions_counts.end());
        }
        found.springs_back = f.source.kind == SwitchSource::Kind::Button && f.longest_away_s < button_s;
        if (use_ == SwitchUse::Mode) found.modes = usual_modes(found.positions_counts.size());
        learned_ = std::move(found);
        return true;
    }
    return false;
}

double SwitchWatch::progress() const
{
    if (learned_) return 1;
    double most = 0;
    for (const Follow& f : follows_) most = std::max(most, f.places.size() < 2 ? 0.0 : f.back ? 0.8 : 0.5);
    return most;
}

Message problem_of(const std::vector<SwitchCalibration>& switches)
{
    for (const SwitchCalibration& a : switches) {
        if (a.use == SwitchUse::Mode && a.modes.size() != a.positions_counts.size())
            return message("the mode switch has %1 places and %2 modes", a.positions_counts.size(), a.modes.size());
        for (const SwitchCalibration& b : switches)
            if (&a < &b && a.source == b.source)
                return message("%1 and %2 are both on %3", message(switch_use_key(a.use)), message(switch_use_key(b.use)),
                               a.source.words());
    }
    return {};
}

std::vector<bh::Mode> usual_modes(std::size_t positions)
{
    if (positions >= 3) return {bh::Mode::Acro, bh::Mode::Angle, bh::Mode::Hold};
    return {bh::Mode::Acro, bh::Mode::Angle};
}

const SwitchCalibration* SwitchBoard::of(SwitchUse use) const
{
    for (const SwitchCalibration& s : switches_)
        if (s.use == use) return &s;
    return nullptr;
}

std::vector<SwitchBoard::Moved> SwitchBoard::look(const SwitchReading& reading)
{
    std::vector<Moved> moved;
    for (std::size_t i = 0; i < switches_.size(); ++i) {
        const SwitchCalibration& s = switches_[i];
        const auto now = position_of(s, reading);
        const bool first = !at_[i].has_value();
        if (!now || now == at_[i]) continue;
        at_[i] = now;
        const bool says = s.use == SwitchUse::Mode || !first;
        if (!says) continue;
        Moved m{s.use, *now > 0, s.springs_back, std::nullopt};
        if (s.use == SwitchUse::Mode && *now < s.modes.size()) m.mode = s.modes[*now];
        moved.push_back(m);
    }
    return moved;
}

void SwitchChecks::look(const SwitchReading& reading)
{
    if (passed()) return;
    const SwitchCalibration& s = switches_[current_];
    const auto at = position_of(s, reading);
    if (!at) return;
    if (seen_.size() != s.positions_counts.size()) seen_.assign(s.positions_counts.size(), false);
    if (*at > 0) seen_[*at] = true;
    const bool all = std::all_of(seen_.begin() + 1, seen_.end(), [](bool seen) { return seen; });
    if (*at != 0 || !all) return;
    ++current_;
    seen_.clear();
}

} // namespace bh
