#include "clock_watch.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <ctime>

namespace {

constexpr std::chrono::milliseconds between_looks{50};
constexpr double spun_s = 0.001; ///< of a processor, each time: 2 % of one

double own_time_s()
{
    timespec now{};
    clock_gettime(CLOCK_THREAD_CPUTIME_ID, &now);
    return static_cast<double>(now.tv_sec) + 1e-9 * static_cast<double>(now.tv_nsec);
}

double since_s(std::chrono::steady_clock::time_point from)
{
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - from).count();
}

} // namespace

ClockWatch::ClockWatch()
{
    thread_ = std::thread([this] {
        while (!over_) {
            const auto asleep = std::chrono::steady_clock::now();
            std::this_thread::sleep_for(between_looks);
            const double late_s = since_s(asleep) - std::chrono::duration<double>(between_looks).count();
            const auto awake = std::chrono::steady_clock::now();
            const double from_s = own_time_s();
            while (own_time_s() - from_s < spun_s) {
            }
            wanted_s_ = wanted_s_ + spun_s;
            took_s_ = took_s_ + since_s(awake);
            worst_late_s_ = std::max(worst_late_s_.load(), late_s);
        }
    });
}

ClockWatch::~ClockWatch()
{
    over_ = true;
    thread_.join();
}

std::optional<std::string> ClockWatch::too_slow() const
{
    constexpr double half_as_long_again = 1.5, longest_late_s = 0.25; // a hand's movement takes about that long
    const double stretched = wanted_s_ > 0 ? took_s_ / wanted_s_ : 1;
    if (stretched < half_as_long_again && worst_late_s_ < longest_late_s) return std::nullopt;
    char words[200];
    std::snprintf(words, sizeof words, "what wants a processor for 1 ms took %d %% longer, and a thread woke up to %d ms late",
                  static_cast<int>(100 * (stretched - 1)), static_cast<int>(1000 * worst_late_s_));
    return words;
}
