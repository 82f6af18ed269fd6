#include "core/controller/calibration.h"

#include "core/base/stats.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <limits>
#include <set>

namespace bh {
namespace {

constexpr std::array<std::string_view, prompt_count> prompt_keys{"rest",      "throttle_up",   "throttle_down", "yaw_right",
                                                                 "yaw_left",  "pitch_forward", "pitch_back",    "roll_right",
                                                                 "roll_left", "circles"};

struct PromptPair {
    Prompt towards_high;
    Prompt towards_low;
};
PromptPair prompts_of(Function function)
{
    switch (function) {
    case Function::Throttle: return {Prompt::ThrottleUp, Prompt::ThrottleDown};
    case Function::Yaw: return {Prompt::YawRight, Prompt::YawLeft};
    case Function::Pitch: return {Prompt::PitchForward, Prompt::PitchBack};
    case Function::Roll: return {Prompt::RollRight, Prompt::RollLeft};
    }
    return {Prompt::Rest, Prompt::Rest};
}

/// Counts of one axis during one prompt, with times from the prompt's first sample.
struct Stretch {
    std::vector<double> t_s;
    std::vector<double> counts;
};

/// Smallest difference between two values that an axis took; 0 when it never changed.
int smallest_step(const std::vector<int>& axis)
{
    const auto [low, high] = std::minmax_element(axis.begin(), axis.end());
    constexpr long widest = 1 << 20; // more than any device's range: such numbers are nonsense, and need no table
    if (axis.empty() || static_cast<long>(*high) - *low > widest) return 0;
    std::vector<char> taken(static_cast<std::size_t>(static_cast<long>(*high) - *low) + 1); // a table is faster than sorting
    for (int count : axis) taken[static_cast<std::size_t>(static_cast<long>(count) - *low)] = 1;
    std::size_t step = 0;
    std::size_t last = 0; // the lowest value is taken
    for (std::size_t i = 1; i < taken.size(); ++i) {
        if (!taken[i]) continue;
        step = step == 0 ? i - last : std::min(step, i - last);
        last = i;
    }
    return static_cast<int>(step);
}

/// A recording with what is asked of it again and again worked out once.
struct Take {
    explicit Take(const ControllerRecording& from) : recording(from)
    {
        for (std::size_t i = 0; i < from.samples(); ++i) rows[static_cast<std::size_t>(from.prompts[i])].push_back(i);
        for (const auto& axis : from.axes_counts) steps.push_back(smallest_step(axis));
    }
    const ControllerRecording& recording;
    std::array<std::vector<std::size_t>, prompt_count> rows; ///< by prompt
    std::vector<int> steps;                                  ///< by axis, smallest_step
};

Stretch stretch(const Take& take, std::size_t axis, Prompt prompt)
{
    const auto& rows = take.rows[static_cast<std::size_t>(prompt)];
    Stretch part;
    part.t_s.reserve(rows.size());
    part.counts.reserve(rows.size());
    for (std::size_t i : rows) {
        part.t_s.push_back(take.recording.t_s[i] - take.recording.t_s[rows.front()]);
        part.counts.push_back(take.recording.axes_counts[axis][i]);
    }
    return part;
}

std::vector<double> from_time(const Stretch& part, double from_s)
{
    std::vector<double> kept;
    for (std::size_t i = 0; i < part.t_s.size(); ++i)
        if (part.t_s[i] >= from_s) kept.push_back(part.counts[i]);
    return kept;
}

/// The end stop: the middle of the samples close to the farthest place reached, so that neither a spike nor the way
/// there counts. "Close" is 2 % of the excursion.
double held_end(const Stretch& part, double rest, bool upwards)
{
    const double extreme = percentile(part.counts, upwards ? 0.995 : 0.005);
    const double margin = std::max(1.0, 0.02 * std::abs(extreme - rest));
    std::vector<double> near;
    for (double count : part.counts)
        if (std::abs(count - extreme) <= margin) near.push_back(count);
    return near.empty() ? extreme : median(near);
}

/// Where the axis came to rest by the end of the prompt: the mean over its last 0.25 s. A mean, because several
/// samples of a coarsely stepped axis tell its place better than any one of them.
double final_rest(const Stretch& part) { return mean(from_time(part, part.t_s.back() - 0.25)); }

/// The device's number range, guessed from what was seen: the smallest usual range that holds every value.
double device_range(const ControllerRecording& recording)
{
    int low = std::numeric_limits<int>::max();
    int high = std::numeric_limits<int>::min();
    for (const auto& axis : recording.axes_counts)
        for (int count : axis) {
            low = std::min(low, count);
            high = std::max(high, count);
        }
    if (low < 0) return high > 2048 || low < -2048 ? 65535 : 4095;
    for (double range : {255.0, 1023.0, 2047.0, 4095.0, 65535.0})
        if (high <= range) return range;
    return high - low;
}

/// The smallest step of any axis that moved.
int smallest_step(const Take& take)
{
    int step = 0;
    for (int here : take.steps)
        if (here > 0 && (step == 0 || here < step)) step = here;
    return step;
}

/// Times between the device's reports, ms. A recording may look at a device more often than it reports: counted are rows
/// in which a stick has clearly moved since the last change at all. Where too little moves that fast, all rows count.
std::vector<double> intervals_ms(const ControllerRecording& recording, double range)
{
    const double changed_by = 0.0015 * range; // more than jitter
    const double moved_by = 0.01 * range;
    constexpr double longest_s = 0.15; // a longer gap is a stick that stood still
    constexpr std::size_t enough = 12;
    std::vector<double> gaps, all;
    std::size_t last = 0;
    for (std::size_t i = 1; i < recording.samples(); ++i) {
        all.push_back(1000 * (recording.t_s[i] - recording.t_s[i - 1]));
        double change = 0;
        for (const std::vector<int>& axis : recording.axes_counts)
            change = std::max<double>(change, std::abs(axis[i] - axis[last]));
        if (change <= changed_by) continue;
        const double gap_s = recording.t_s[i] - recording.t_s[last];
        if (change > moved_by && gap_s < longest_s) gaps.push_back(1000 * gap_s);
        last = i;
    }
    if (gaps.size() < enough) gaps = std::move(all);
    if (gaps.empty()) gaps.push_back(0);
    return gaps;
}

/// Excursion of an axis during a prompt, signed, away from where it stood when the prompt began.
double excursion(const Stretch& part)
{
    if (part.counts.empty()) return 0;
    constexpr double start_s = 0.05; // nobody reacts to a prompt sooner
    std::vector<double> start;
    for (std::size_t i = 0; i < part.t_s.size() && part.t_s[i] < start_s; ++i) start.push_back(part.counts[i]);
    const double from = median(start);
    const double up = percentile(part.counts, 0.995) - from;
    const double down = from - percentile(part.counts, 0.005);
    return up >= down ? up : -down;
}

/// A stick passes through the places between its ends; a switch only jumps. True when at least four of ten equal
/// parts of the way were seen.
bool moves_like_a_stick(const Stretch& part)
{
    if (part.counts.empty()) return false;
    const auto [low, high] = std::minmax_element(part.counts.begin(), part.counts.end());
    std::set<int> parts_seen;
    for (double count : part.counts) parts_seen.insert(static_cast<int>(9.999 * (count - *low) / std::max(1.0, *high - *low)));
    return parts_seen.size() >= 4;
}

Rounded percent(double share, int decimals = 1) { return rounded(100 * share, decimals); }

/// House limits: good / usable / service. Every check that is not good adds its words; the worst one decides.
void judge(FunctionCalibration& f, Function function, double cross_talk, double interval_ms)
{
    const double half = std::max(1.0, 0.5 * std::abs(f.high_counts - f.low_counts));
    const double middle = 0.5 * (f.high_counts + f.low_counts);
    f.verdict = Verdict::Good;
    double worst = 0;
    const auto check = [&](double value, double good, double usable, const Message& words) {
        if (value <= good) return;
        const Verdict here = value <= usable ? Verdict::Usable : Verdict::Service;
        if (here > f.verdict || (here == f.verdict && value / usable > worst)) {
            f.verdict = here;
            worst = value / usable;
            f.reason = words;
        }
    };
    if (f.sprung) {
        const double offset = std::abs(f.centre_counts - middle) / half;
        check(offset, 0.01, 0.03,
              message("Centre is %1 % of half travel off the middle: trim or recalibrate it.", percent(offset)));
        const double gap = f.hysteresis_counts / half;
        check(gap, 0.006, 0.02, message("Comes back to two places %1 % apart: adjust the centring.", percent(gap)));
    }
    const double jitter = f.jitter_counts / half;
    check(jitter, 0.003, 0.01, message("Jitters by %1 % of half travel at rest: clean the gimbal.", percent(jitter, 2)));
    if (f.travel_share < 0.85) {
        f.verdict = std::max(f.verdict, Verdict::Usable);
        if (f.reason.empty())
            f.reason = message("Travel is only %1 % of the device's range: set its end points.", percent(f.travel_share, 0));
    }
    check(cross_talk, 0.02, 0.05,
          message("Moves by %1 % when its neighbour is pushed: check how the gimbal sits.", percent(cross_talk)));
    // Under 8.5 bits the steps can be felt, under 6 the aircraft jumps from one to the next (house).
    check(std::max(0.0, 10 - f.effective_bits), 1.5, 4,
          message("Moves in only %1 steps: look for a finer USB mode.", std::lround(std::exp2(f.effective_bits))));
    check(interval_ms, 8, 16, message("Samples come only every %1 ms: use a faster USB mode.", std::lround(interval_ms)));
    if (f.dead_band > 0.05) {
        f.verdict = Verdict::Service;
        f.reason = message("Needs a dead band of %1 %: have the gimbal serviced.", percent(f.dead_band));
    }
    if (function == Function::Throttle && f.sprung) {
        f.verdict = std::max(f.verdict, Verdict::Usable);
        f.reason =
            message("Springs back to the middle: in acro the aircraft climbs when it is let go. Loosen or remove the spring.");
    }
    if (f.reason.empty()) f.reason = message("Clean, centred and quiet.");
}

struct AxisFinding {
    int axis = -1;
    bool inverted = false;
    Message problem;
};

/// The axis whose excursion, relative to its own noise and to the device's range, is largest during the prompts.
AxisFinding find_axis(const Take& take, Function function, double range)
{
    const PromptPair pair = prompts_of(function);
    const std::string_view name = function_key(function);
    AxisFinding finding;
    double best = 0;
    double best_up = 0;
    double best_down = 0;
    bool seen_high = false;
    bool seen_low = false;
    for (std::size_t axis = 0; axis < take.recording.axes_counts.size(); ++axis) {
        const Stretch up = stretch(take, axis, pair.towards_high);
        const Stretch down = stretch(take, axis, pair.towards_low);
        seen_high = seen_high || !up.counts.empty();
        seen_low = seen_low || !down.counts.empty();
        const double up_by = excursion(up);
        const double down_by = excursion(down);
        // A throttle that already stands at the bottom need not move on "down"; the other functions move on both.
        const double evidence = function == Function::Throttle ? 0.5 * (std::abs(up_by) + std::abs(down_by))
                                                               : std::min(std::abs(up_by), std::abs(down_by));
        if (!moves_like_a_stick(std::abs(up_by) > std::abs(down_by) ? up : down)) continue;
        if (evidence > best) {
            best = evidence;
            best_up = up_by;
            best_down = down_by;
            finding.axis = static_cast<int>(axis);
        }
    }
    const std::string high_key(prompt_key(pair.towards_high));
    const std::string low_key(prompt_key(pair.towards_low));
    if (!seen_high || !seen_low) {
        finding.axis = -1;
        finding.problem = message("%1: the prompt %2 is missing; record it again", message(name), seen_high ? low_key : high_key);
    } else if (best < 0.15 * range) {
        finding.axis = -1;
        finding.problem =
            message("%1: no axis moved on %2 and %3; check the cable and the channel", message(name), high_key, low_key);
    } else if (std::abs(best_up) > 0.1 * range && std::abs(best_down) > 0.1 * range && (best_up > 0) == (best_down > 0)) {
        finding.problem =
            message("%1: %2 and %3 moved axis %4 the same way; record it again", message(name), high_key, low_key, finding.axis);
        finding.axis = -1;
    } else {
        finding.inverted = std::abs(best_up) > 0.1 * range ? best_up < 0 : best_down > 0;
    }
    return finding;
}

/// Nothing where it was not seen to come back from the stop.
std::optional<SpringReturn> spring_return(const Stretch& part, double end, double rest, double half_travel)
{
    constexpr double let_go = 0.9, home = 0.1;
    const auto out = [&](std::size_t i) { return (part.counts[i] - rest) / (end - rest); };
    std::size_t last_out = part.counts.size();
    for (std::size_t i = 0; i < part.counts.size(); ++i)
        if (out(i) >= let_go) last_out = i;
    if (last_out + 1 >= part.counts.size()) return std::nullopt;
    std::size_t back = part.counts.size();
    double farthest = 0;
    for (std::size_t i = part.counts.size(); i-- > last_out;) {
        if (std::abs(out(i)) > home) {
            back = i + 1;
            break;
        }
    }
    for (std::size_t i = last_out; i < part.counts.size(); ++i) farthest = std::max(farthest, -out(i));
    if (back >= part.counts.size()) return std::nullopt;
    return SpringReturn{part.t_s[back] - part.t_s[last_out], farthest * std::abs(end - rest) / std::max(1.0, half_travel)};
}

FunctionCalibration measure_axis(const Take& take, Function function, const AxisFinding& finding, double range)
{
    const auto axis = static_cast<std::size_t>(finding.axis);
    const PromptPair pair = prompts_of(function);
    const Stretch up = stretch(take, axis, pair.towards_high);
    const Stretch down = stretch(take, axis, pair.towards_low);
    const std::vector<double> rest = from_time(stretch(take, axis, Prompt::Rest), 0.5);

    FunctionCalibration f;
    f.axis = finding.axis;
    f.inverted = finding.inverted;
    const double rest_median = median(rest);
    f.high_counts = held_end(up, rest_median, !finding.inverted);
    f.low_counts = held_end(down, rest_median, finding.inverted);
    f.jitter_counts = sample_sd(rest);
    const auto [quietest, loudest] = std::minmax_element(rest.begin(), rest.end());
    f.jitter_peak_counts = *loudest - *quietest;
    f.rest_after_high_counts = final_rest(up);
    f.rest_after_low_counts = final_rest(down);
    const double middle = 0.5 * (f.high_counts + f.low_counts);
    const double travel = std::abs(f.high_counts - f.low_counts);
    // Sprung: let go after either push it stands near mid travel ("within 10 %" of the working formulas).
    f.sprung =
        std::abs(f.rest_after_high_counts - middle) < 0.1 * travel && std::abs(f.rest_after_low_counts - middle) < 0.1 * travel;
    f.centre_counts = middle;
    if (f.sprung) {
        f.centre_counts = 0.5 * (f.rest_after_high_counts + f.rest_after_low_counts);
        f.hysteresis_counts = std::abs(f.rest_after_high_counts - f.rest_after_low_counts);
    }
    if (f.sprung) {
        f.spring_after_high = spring_return(up, f.high_counts, f.rest_after_high_counts, 0.5 * travel);
        f.spring_after_low = spring_return(down, f.low_counts, f.rest_after_low_counts, 0.5 * travel);
    }
    f.travel_share = travel / range;
    if (const double below = std::abs(f.centre_counts - f.low_counts); below > 0)
        f.asymmetry = std::abs(f.high_counts - f.centre_counts) / below;
    if (const int step = take.steps[axis]; step > 0 && travel > 0) f.effective_bits = std::log2(travel / step);
    const double half = std::max(1.0, 0.5 * travel);
    const double band = (0.5 * f.hysteresis_counts + 3 * f.jitter_counts) / half;
    f.dead_band = std::ceil(band * 200 - 1e-9) / 200; // up to the next half per cent
    return f;
}

/// Slope of `second` over `first` while `first` was being pushed, in half travels and stick sense.
double cross_talk_share(const Take& take, const Calibration& calibration, Function first, Function second)
{
    const FunctionCalibration& a = calibration.of(first);
    const FunctionCalibration& b = calibration.of(second);
    const PromptPair pair = prompts_of(first);
    std::vector<double> x;
    std::vector<double> y;
    for (Prompt prompt : {pair.towards_high, pair.towards_low}) {
        const Stretch moved = stretch(take, static_cast<std::size_t>(a.axis), prompt);
        const Stretch other = stretch(take, static_cast<std::size_t>(b.axis), prompt);
        for (std::size_t i = 0; i < moved.counts.size(); ++i) {
            x.push_back((moved.counts[i] - a.centre_counts) / (0.5 * (a.high_counts - a.low_counts)));
            y.push_back((other.counts[i] - b.centre_counts) / (0.5 * (b.high_counts - b.low_counts)));
        }
    }
    return slope(x, y);
}

} // namespace

std::string_view prompt_key(Prompt prompt) { return prompt_keys[static_cast<std::size_t>(prompt)]; }

std::optional<Prompt> prompt_from_key(std::string_view key)
{
    const auto found = std::find(prompt_keys.begin(), prompt_keys.end(), key);
    if (found == prompt_keys.end()) return std::nullopt;
    return static_cast<Prompt>(found - prompt_keys.begin());
}

std::string_view function_key(Function function)
{
    static constexpr std::array<std::string_view, 4> keys{label("throttle"), label("yaw"), label("pitch"), label("roll")};
    return keys[static_cast<std::size_t>(function)];
}

const char* verdict_key(Verdict verdict)
{
    static constexpr std::array<const char*, 3> keys{"good", "usable", "service"};
    return keys[static_cast<std::size_t>(verdict)];
}

Result<Calibration> calibrate(const ControllerRecording& recording)
{
    if (recording.samples() == 0) return bad_input("the recording has no samples");
    if (recording.axes_counts.empty()) return bad_input("the recording has no axes");
    const Take take(recording);
    if (from_time(stretch(take, 0, Prompt::Rest), 0.5).size() < 10)
        return bad_input("the rest prompt is missing or shorter than half a second; leave the sticks alone first");

    Calibration calibration;
    const double range = device_range(recording);
    calibration.step_counts = smallest_step(take);
    const std::vector<double> gaps_ms = intervals_ms(recording, range);
    calibration.interval_ms = median(gaps_ms);
    calibration.interval_p95_ms = percentile(gaps_ms, 0.95);
    std::array<AxisFinding, 4> findings;
    for (Function function : all_functions) {
        AxisFinding& finding = findings[static_cast<std::size_t>(function)] = find_axis(take, function, range);
        if (!finding.problem.empty()) calibration.problems.push_back(finding.problem);
    }
    for (Function a : all_functions)
        for (Function b : all_functions) {
            const int axis = findings[static_cast<std::size_t>(a)].axis;
            if (a < b && axis >= 0 && axis == findings[static_cast<std::size_t>(b)].axis)
                calibration.problems.push_back(message("%1 and %2 both moved axis %3; record them again",
                                                       message(function_key(a)), message(function_key(b)), axis));
        }
    std::set<int> used;
    for (Function function : all_functions) {
        const AxisFinding& finding = findings[static_cast<std::size_t>(function)];
        if (finding.axis < 0) continue;
        used.insert(finding.axis);
        calibration.of(function) = measure_axis(take, function, finding, range);
    }
    for (int axis = 0; axis < static_cast<int>(recording.axes_counts.size()); ++axis)
        if (!used.contains(axis)) calibration.unused_axes.push_back(axis);

    std::array<double, 4> disturbed{};
    if (calibration.problems.empty())
        for (auto [first, second] : {std::pair{Function::Roll, Function::Pitch},
                                     {Function::Pitch, Function::Roll},
                                     {Function::Yaw, Function::Throttle},
                                     {Function::Throttle, Function::Yaw}}) {
            const double share = cross_talk_share(take, calibration, first, second);
            calibration.cross_talk.push_back({first, second, share});
            disturbed[static_cast<std::size_t>(second)] = std::abs(share);
        }
    for (Function function : all_functions) {
        FunctionCalibration& f = calibration.of(function);
        if (f.axis < 0)
            f.reason = message("Not found: see the problems.");
        else
            judge(f, function, disturbed[static_cast<std::size_t>(function)], calibration.interval_ms);
    }
    return calibration;
}

Message spring_in_words(const FunctionCalibration& f, Function function)
{
    if (!f.sprung || !f.spring_after_high || !f.spring_after_low) return {};
    constexpr double slack_s = 0.16, stiff_s = 0.035, swings = 0.25, weaker_ratio = 1.6, weaker_s = 0.025; // house
    const double high_s = f.spring_after_high->time_s, low_s = f.spring_after_low->time_s;
    if (std::max(high_s, low_s) > weaker_ratio * std::min(high_s, low_s) && std::abs(high_s - low_s) > weaker_s) {
        const bool from_high = high_s > low_s; // slow from there: the spring towards the other side is weak
        static constexpr std::array<std::array<std::string_view, 2>, 4> towards{
            {{label("the spring towards bottom is weaker"), label("the spring towards top is weaker")},
             {label("the spring towards left is weaker"), label("the spring towards right is weaker")},
             {label("the spring towards back is weaker"), label("the spring towards forward is weaker")},
             {label("the spring towards left is weaker"), label("the spring towards right is weaker")}}};
        return message(towards[static_cast<std::size_t>(function)][from_high ? 0 : 1]);
    }
    if (std::min(high_s, low_s) > slack_s || std::max(f.spring_after_high->overshoot, f.spring_after_low->overshoot) > swings)
        return message("slack");
    if (std::max(high_s, low_s) < stiff_s) return message("stiff");
    return {};
}

Sticks to_sticks(const Calibration& calibration, const std::vector<int>& counts)
{
    const auto centred = [&](Function function) {
        const FunctionCalibration& f = calibration.of(function);
        if (f.axis < 0 || static_cast<std::size_t>(f.axis) >= counts.size()) return 0.0;
        const double raw = counts[static_cast<std::size_t>(f.axis)];
        const bool above = (raw - f.centre_counts) * (f.high_counts - f.low_counts) >= 0;
        const double span = above ? f.high_counts - f.centre_counts : f.centre_counts - f.low_counts;
        const double u = span != 0 ? (raw - f.centre_counts) / span : 0.0;
        const double beyond = std::max(0.0, std::abs(u) - f.dead_band) / (1 - std::min(f.dead_band, 0.9));
        return std::copysign(std::min(beyond, 1.0), u);
    };
    Sticks sticks;
    sticks.yaw = centred(Function::Yaw);
    sticks.pitch = centred(Function::Pitch);
    sticks.roll = centred(Function::Roll);
    const FunctionCalibration& t = calibration.of(Function::Throttle);
    if (t.axis >= 0 && static_cast<std::size_t>(t.axis) < counts.size() && t.high_counts != t.low_counts)
        sticks.throttle =
            std::clamp((counts[static_cast<std::size_t>(t.axis)] - t.low_counts) / (t.high_counts - t.low_counts), 0.0, 1.0);
    return sticks;
}

std::vector<int> to_counts(const Calibration& calibration, const Sticks& sticks, std::size_t axes)
{
    std::vector<int> counts(axes, 0);
    const std::array<double, 4> wanted{2 * sticks.throttle - 1, sticks.yaw, sticks.pitch, sticks.roll};
    for (Function function : all_functions) {
        const FunctionCalibration& f = calibration.of(function);
        if (f.axis < 0 || static_cast<std::size_t>(f.axis) >= axes) continue;
        const double u = wanted[static_cast<std::size_t>(function)];
        const double centre = function == Function::Throttle ? 0.5 * (f.low_counts + f.high_counts) : f.centre_counts;
        const double end = u >= 0 ? f.high_counts : f.low_counts;
        counts[static_cast<std::size_t>(f.axis)] = static_cast<int>(std::lround(centre + std::abs(u) * (end - centre)));
    }
    return counts;
}

PromptWatch::PromptWatch(Prompt prompt, std::vector<int> rest_counts) : prompt_(prompt), rest_counts_(std::move(rest_counts)) {}

/// Devices report 8-bit to 16-bit numbers; what has been seen so far tells the scale.
double PromptWatch::range() const
{
    int extreme = 0;
    for (std::size_t i = 0; i < high_.size(); ++i) extreme = std::max({extreme, std::abs(low_[i]), std::abs(high_[i])});
    for (int count : rest_counts_) extreme = std::max(extreme, std::abs(count));
    const bool is_signed = std::any_of(low_.begin(), low_.end(), [](int low) { return low < -1; });
    if (is_signed || extreme > 4095) return 65535;
    for (double range : {255.0, 1023.0, 2047.0})
        if (extreme <= range) return range;
    return 4095;
}

bool PromptWatch::add(double t_s, const std::vector<int>& counts)
{
    if (first_) {
        low_ = high_ = start_counts_ = still_from_counts_ = counts;
        if (rest_counts_.size() != counts.size()) rest_counts_ = counts;
        still_since_s_ = t_s;
        axis_still_since_s_.assign(counts.size(), t_s);
        first_ = false;
    }
    const double scale = range();
    bool still = true;
    double moved = 0;
    int to_both_sides = 0;
    for (std::size_t i = 0; i < std::min(counts.size(), low_.size()); ++i) {
        low_[i] = std::min(low_[i], counts[i]);
        high_[i] = std::max(high_[i], counts[i]);
        if (std::abs(counts[i] - still_from_counts_[i]) >= 0.03 * scale) {
            still = false;
            still_from_counts_[i] = counts[i];
            axis_still_since_s_[i] = t_s;
        }
        moved = std::max(moved, std::max(high_[i] - start_counts_[i], start_counts_[i] - low_[i]) / scale);
        to_both_sides += high_[i] - low_[i] > 0.5 * scale;
    }
    if (!still) still_since_s_ = t_s;
    const double still_for_s = t_s - still_since_s_;
    if (prompt_ == Prompt::Rest) {
        progress_ = std::min(1.0, still_for_s / 2.0);
        return still_for_s >= 2.0;
    }
    if (prompt_ == Prompt::Circles) {
        progress_ = std::min(1.0, to_both_sides / 2.0);
        return to_both_sides >= 2 && still_for_s >= 0.6;
    }
    constexpr double enough = 0.3;
    const bool seen = moved >= enough;
    // Back is where it was at rest, or where it stood when the prompt began: a throttle without a spring may have been
    // left anywhere at rest, and stands somewhere else by the time the other stick is asked for. An axis that stays away
    // is no stick (a switch thrown meanwhile) when another one has gone out and come back since; nor is a switch that
    // goes back to where it was at rest: a stick that has returned stood at rest when the prompt began.
    constexpr double switch_s = 1.0;
    bool all_home = true, some_returned = false, others_quiet = true;
    for (std::size_t i = 0; i < counts.size(); ++i) {
        const bool home = std::min(std::abs(counts[i] - rest_counts_[i]), std::abs(counts[i] - start_counts_[i])) < 0.12 * scale;
        all_home = all_home && home;
        const bool began_at_rest = std::abs(start_counts_[i] - rest_counts_[i]) < 0.12 * scale;
        some_returned = some_returned || (home && began_at_rest &&
                                          std::max(high_[i] - start_counts_[i], start_counts_[i] - low_[i]) >= enough * scale);
        others_quiet = others_quiet && (home || t_s - axis_still_since_s_[i] >= switch_s);
    }
    const bool back = all_home || (some_returned && others_quiet);
    // A sprung stick held at its stop is still as well, so the prompt goes on until it has come back. A throttle without
    // a spring stays where it was put: it counts once it has stood there for longer than a stick is usually held.
    const bool throttle = prompt_ == Prompt::ThrottleUp || prompt_ == Prompt::ThrottleDown;
    const double wanted_s = back ? 0.4 : throttle ? 1.6 : std::numeric_limits<double>::infinity();
    progress_ = seen ? 0.6 + 0.4 * std::min(1.0, still_for_s / wanted_s) : 0.6 * moved / enough;
    return seen && still_for_s >= wanted_s;
}

} // namespace bh
