#include "core/rates/stopwatch.h"

#include "core/stats.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

bool positive(double value) { return value > 0 && std::isfinite(value); }
tl::unexpected<Error> expected_more(const char* what) { return failure(Error::Code::OutOfRange, std::string(what) + ": expected more than 0"); }

} // namespace

Result<TimedRate> timed_rate(double turns, double seconds, double timing_sigma_s)
{
    if (!positive(turns)) return expected_more("turns");
    if (!positive(seconds)) return expected_more("seconds");
    if (!(timing_sigma_s >= 0) || !std::isfinite(timing_sigma_s)) return failure(Error::Code::OutOfRange, "sigma: expected 0 or more");
    const double rate = 360 * turns / seconds;
    return TimedRate{rate, rate * timing_sigma_s / seconds};
}

Result<TimedRate> timed_rate(double turns, const std::vector<double>& seconds)
{
    if (seconds.size() < 2) return failure(Error::Code::OutOfRange, "seconds: expected at least two timings");
    if (!std::all_of(seconds.begin(), seconds.end(), positive)) return expected_more("seconds");
    const double middle = mean(seconds);
    return timed_rate(turns, middle, sample_sd(seconds) / std::sqrt(static_cast<double>(seconds.size())));
}

Result<int> turns_needed(double rate_dps, double relative_error, double timing_sigma_s)
{
    if (!positive(rate_dps)) return expected_more("rate");
    if (!positive(relative_error)) return expected_more("relative error");
    if (!positive(timing_sigma_s)) return expected_more("sigma");
    return static_cast<int>(std::ceil(timing_sigma_s / relative_error * rate_dps / 360 - 1e-9));
}

} // namespace bh
