#include "core/path/smoothness.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <unsupported/Eigen/FFT>

namespace bh {
namespace {

bool nothing_moves(const std::vector<double>& speed)
{
    return speed.size() < 3 || std::all_of(speed.begin(), speed.end(), [](double v) { return v == 0; });
}

} // namespace

std::optional<double> sparc(const std::vector<double>& speed, double per_s)
{
    constexpr int pad_level = 4;
    constexpr double cutoff_hz = 10, threshold = 0.05;
    if (nothing_moves(speed) || !(per_s > 0)) return std::nullopt;
    const auto bins = static_cast<std::size_t>(1)
                      << (static_cast<int>(std::ceil(std::log2(static_cast<double>(speed.size())))) + pad_level);
    std::vector<double> padded(bins, 0.0);
    std::copy(speed.begin(), speed.end(), padded.begin());
    std::vector<std::complex<double>> spectrum;
    Eigen::FFT<double> fft;
    fft.SetFlag(Eigen::FFT<double>::HalfSpectrum);
    fft.fwd(spectrum, padded);

    const double step_hz = per_s / static_cast<double>(bins);
    std::vector<double> amplitude;
    double most = 0;
    for (const auto& bin : spectrum) most = std::max(most, std::norm(bin));
    if (!(most > 0)) return std::nullopt;
    for (std::size_t i = 0; i < spectrum.size() && static_cast<double>(i) * step_hz <= cutoff_hz; ++i)
        amplitude.push_back(std::sqrt(std::norm(spectrum[i]) / most)); // no overflow to fear: quicker than abs and hypot
    const auto loud = [](double a) { return a >= threshold; };
    const auto first = std::find_if(amplitude.begin(), amplitude.end(), loud);
    const auto last = std::find_if(amplitude.rbegin(), amplitude.rend(), loud).base(); // one past
    if (last - first < 2) return std::nullopt;
    const double band = static_cast<double>(last - first - 1);
    double length = 0;
    for (auto at = first; at + 1 != last; ++at) {
        const double rise = *(at + 1) - *at;
        length += std::sqrt(1 / (band * band) + rise * rise);
    }
    return -length;
}

std::optional<double> log_dimensionless_jerk(const std::vector<double>& speed, double per_s)
{
    if (nothing_moves(speed) || !(per_s > 0)) return std::nullopt;
    const double dt_s = 1 / per_s, duration_s = static_cast<double>(speed.size()) * dt_s;
    double peak = 0, jerk = 0;
    for (const double v : speed) peak = std::max(peak, std::abs(v));
    for (std::size_t i = 1; i + 1 < speed.size(); ++i) {
        const double second = (speed[i + 1] - 2 * speed[i] + speed[i - 1]) / (dt_s * dt_s);
        jerk += second * second * dt_s;
    }
    return -std::log(duration_s * duration_s * duration_s / (peak * peak) * jerk);
}

std::vector<double> stick_speed(const FlightLog& log, RowSpan span)
{
    std::vector<double> speed;
    for (std::size_t i = span.first + 1; i < std::min(span.last, log.size()); ++i)
        speed.push_back(std::hypot(log.stick_roll[i] - log.stick_roll[i - 1], log.stick_pitch[i] - log.stick_pitch[i - 1]) /
                        (log.t_s[i] - log.t_s[i - 1]));
    return speed;
}

double rows_per_second(const FlightLog& log, RowSpan span)
{
    span.last = std::min(span.last, log.size());
    return span.size() < 2 ? 0 : static_cast<double>(span.size() - 1) / (log.t_s[span.last - 1] - log.t_s[span.first]);
}

} // namespace bh
