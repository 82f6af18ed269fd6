#pragma once

#include "core/curves/rate_curve.h"

#include <filesystem>
#include <string_view>

namespace bh {

/// Measured curves, "stick,roll_dps,pitch_dps,yaw_dps" with the stick rising to 1: tables of at most 50 points each, from the
/// half above the centre. BadInput with the place for anything else, also where a rate falls.
[[nodiscard]] Result<RateProfile> parse_rates_csv(std::string_view text, std::string_view file);
/// A rates file, JSON or, ending in .csv, measured curves.
[[nodiscard]] Result<RateProfile> load_rates(const std::filesystem::path& path);
/// What parse_rates_csv reads: the stick from -1 to 1 in even steps.
[[nodiscard]] std::string rates_csv(const RateProfile& profile, int points);

} // namespace bh
