#include "core/controller/settings_sheet.h"

#include "core/curves/rate_families.h"

#include <algorithm>
#include <cmath>
#include <sstream>

namespace bh {
namespace {

std::size_t index(Function f) { return static_cast<std::size_t>(f); }

bool must_invert(const Calibration& calibration, const SimulatorProfile& simulator, Function f)
{
    const bool rises = !calibration.of(f).inverted;
    return rises != simulator.rising_is_positive[index(f)];
}

std::string_view positive_side(Function f)
{
    switch (f) {
    case Function::Throttle: return label("up");
    case Function::Pitch: return label("forward");
    default: return label("right");
    }
}

/// "Camera tilt: 15 to 50° in steps of 5."
Message note_of(std::string_view form, const SimulatorProfile::Range& range)
{
    return message(form, significant(range.low, 6), significant(range.high, 6), significant(range.step, 6));
}

/// "gain 0.1 to 2.5 in steps of 0.05; edge …", in the family's order; empty when there is nothing to say.
Message rate_words(const SimulatorProfile& simulator)
{
    const RateFamily* family = rate_family(simulator.rate_family);
    if (!family) return {};
    std::vector<Message> parts;
    for (const RateParameter& p : family->parameters) {
        const auto limit = simulator.rate_limits.find(std::string(p.key));
        if (limit == simulator.rate_limits.end()) {
            parts.emplace_back(p.name);
            continue;
        }
        const auto& [low, high, step] = limit->second;
        parts.push_back(message("%1 %2 to %3%4 in steps of %5", message(p.name), significant(low, 6), significant(high, 6),
                                p.unit.empty() ? "" : " " + std::string(p.unit), significant(step, 6)));
    }
    return joined(parts, "; ");
}

void add_notes(SettingsSheet& sheet, const Calibration& calibration, const SimulatorProfile& simulator)
{
    const bool sprung = calibration.of(Function::Throttle).sprung;
    using Range = SimulatorProfile::Throttle;
    if (simulator.throttle == Range::UpperHalf && !sprung)
        sheet.notes.emplace_back(label("The throttle's lower half does nothing there: the motors begin at mid travel."));
    if (simulator.throttle != Range::UpperHalf && sprung)
        sheet.notes.emplace_back(
            label("The throttle springs back to the middle, which is half power there: hold it down before arming."));
    switch (simulator.arming) {
    case SimulatorProfile::Arming::ByItself:
        sheet.notes.emplace_back(label("It arms by itself: throttle to the bottom before the flight starts."));
        break;
    case SimulatorProfile::Arming::Switch:
        sheet.notes.emplace_back(label("It arms by a switch: assign one, throttle to the bottom first."));
        break;
    case SimulatorProfile::Arming::Sticks:
        sheet.notes.emplace_back(label("It arms with both sticks down and in, held for a moment."));
        break;
    case SimulatorProfile::Arming::Key:
        sheet.notes.emplace_back(label("It arms by a key of the computer, throttle to the bottom first."));
        break;
    }
    if (!simulator.arming_words.empty())
        sheet.notes.back() = message("%1 %2", sheet.notes.back(), message(simulator.arming_words));
    for (const auto& [mode, name] : simulator.mode_names)
        sheet.notes.push_back(message("%1 mode is called \"%2\" there.",
                                      capital(mode == Mode::Hold ? message("position-hold") : message(mode_key(mode))), name));
    if (simulator.tilt_deg) sheet.notes.push_back(note_of(label("Camera tilt: %1 to %2° in steps of %3."), *simulator.tilt_deg));
    if (simulator.fov_deg) sheet.notes.push_back(note_of(label("Field of view: %1 to %2° in steps of %3."), *simulator.fov_deg));
    if (const Message rates = rate_words(simulator); !rates.empty()) sheet.notes.push_back(message("Rates: %1.", rates));
}

} // namespace

Result<SettingsSheet> settings_sheet(const Calibration& calibration, const SimulatorProfile& simulator, int stick_mode)
{
    if (!calibration.usable())
        return bad_input("the calibration has problems (%1), expected one without", calibration.problems.front());
    SettingsSheet sheet;
    for (Function f : simulator.order) {
        if (calibration.of(f).axis < 0) return bad_input("the calibration has no axis for %1", function_key(f));
        SheetRow row{f, calibration.of(f).axis + simulator.axis_base, must_invert(calibration, simulator, f), label("both ways")};
        if (f == Function::Throttle)
            row.range = simulator.throttle == SimulatorProfile::Throttle::UpperHalf ? label("upper half") : label("full");
        sheet.rows.push_back(row);
    }
    if (const auto name = simulator.stick_mode_names.find(stick_mode); name != simulator.stick_mode_names.end())
        sheet.notes.push_back(message("Stick mode: choose \"%1\", mode %2.", name->second, stick_mode));
    add_notes(sheet, calibration, simulator);
    return sheet;
}

double reading_of(const SimulatorProfile& simulator, const SheetRow& row, const Calibration& calibration,
                  const std::vector<int>& counts)
{
    const int axis = row.axis - simulator.axis_base;
    if (axis < 0 || static_cast<std::size_t>(axis) >= counts.size()) return 0;
    // A simulator knows nothing of calibrations: it sees how far the axis stands from the middle of its travel.
    double low = 0, high = 1;
    for (Function f : all_functions)
        if (calibration.of(f).axis == axis)
            low = std::min(calibration.of(f).low_counts, calibration.of(f).high_counts),
            high = std::max(calibration.of(f).low_counts, calibration.of(f).high_counts);
    double u = 2 * (counts[static_cast<std::size_t>(axis)] - low) / (high - low) - 1;
    if (simulator.rising_is_positive[index(row.function)] == row.invert) u = -u;
    if (row.function != Function::Throttle) return std::clamp(u, -1.0, 1.0);
    return std::clamp(row.range == "upper half" ? u : 0.5 * (u + 1), 0.0, 1.0);
}

Learnt learn(const SimulatorProfile& profile, const Calibration& calibration, const SettingsSheet& shown,
             const std::vector<Observation>& seen)
{
    Learnt learnt{profile, {}, {}, false};
    std::optional<int> base;
    std::array<std::optional<bool>, 4> rising;
    std::optional<SimulatorProfile::Throttle> throttle;
    const auto row_of = [&](Function f) {
        return std::find_if(shown.rows.begin(), shown.rows.end(), [f](const SheetRow& r) { return r.function == f; });
    };
    const auto say = [](auto& slot, auto value) { // false when it contradicts what was concluded before
        const bool fits = !slot || *slot == value;
        slot = value;
        return fits;
    };
    for (const Observation& o : seen) {
        if (o.kind == Observation::Kind::Throttle) {
            using Range = SimulatorProfile::Throttle;
            const bool upper_half = o.throttle_at_middle < 0.25; // whichever way round it is
            if (!say(throttle, upper_half ? Range::UpperHalf : profile.throttle == Range::Choice ? Range::Choice : Range::Full))
                learnt.conflict = message("The throttle was seen with two different ranges: look again.");
            continue;
        }
        if (o.kind == Observation::Kind::Nothing) continue; // an axis number that no axis has; another push tells the base
        const auto row = row_of(o.answered);
        if (row == shown.rows.end()) continue;
        // The settings' line `answered` holds a number; the axis that moved is the pushed function's.
        if (!say(base, row->axis - calibration.of(o.pushed).axis))
            learnt.conflict = message(
                "Two pushes point to different ways of counting the axes: check that the settings stand as on the sheet.");
        // Rising counts of that axis, turned round where ticked, gave the side that was seen.
        const bool rises = !calibration.of(o.pushed).inverted;
        const bool positive_when_rising = (rises != row->invert) == o.answered_positive;
        if (!say(rising[index(o.answered)], positive_when_rising))
            learnt.conflict =
                message("Two pushes show different directions for %1: look again.", message(function_key(o.answered)));
    }
    if (!learnt.conflict.empty()) return learnt;
    if (base && *base != profile.axis_base) {
        learnt.profile.axis_base = *base;
        learnt.changed.push_back(message("It counts axes from %1.", *base));
    }
    for (Function f : all_functions)
        if (const auto r = rising[index(f)]; r && *r != profile.rising_is_positive[index(f)]) {
            learnt.profile.rising_is_positive[index(f)] = *r;
            learnt.changed.push_back(
                message(*r ? label("%1: rising counts are %2 there.") : label("%1: rising counts are not %2 there."),
                        capital(function_key(f)), message(positive_side(f))));
        }
    if (throttle && *throttle != profile.throttle) {
        learnt.profile.throttle = *throttle;
        learnt.changed.emplace_back(*throttle == SimulatorProfile::Throttle::UpperHalf
                                        ? label("Only the throttle's upper half counts.")
                                        : label("The throttle's whole way counts."));
    }
    learnt.settled =
        throttle.has_value() && std::all_of(rising.begin(), rising.end(), [](const auto& r) { return r.has_value(); });
    return learnt;
}

std::vector<ParameterRange> ranges_in(const SimulatorProfile& simulator)
{
    std::vector<ParameterRange> ranges;
    const RateFamily* family = rate_family(simulator.rate_family);
    if (!family) return ranges;
    for (const RateParameter& p : family->parameters) {
        const auto limit = simulator.rate_limits.find(std::string(p.key));
        const bool own = limit != simulator.rate_limits.end();
        ranges.push_back(own ? ParameterRange{limit->second.low, limit->second.high, limit->second.step}
                             : ParameterRange{p.low, p.high, p.step});
    }
    return ranges;
}

} // namespace bh
