#pragma once

#include "desk/rates/rates_context.h"

#include <QString>
#include <array>

namespace bh::desk {

class CurvePlot;

/// Rates that were read from a file, with a sentence about where they are from.
struct RatesRead {
    RateProfile rates;
    QString message;
};

/// A rates file (.json), measured curves (.csv), or what a flight log in acro (.csv) shows in the numbers of `family`; axes that
/// the log says nothing about stay as they are `now`.
[[nodiscard]] Result<RatesRead> readRatesFile(const QString& file, const RateProfile& now, const std::string& family);
/// The three curves of each axis as a table (.csv), or the match as a rates file (.json). False when it could not be written.
[[nodiscard]] bool saveRatesTable(const QString& file, const RatesContext& context);
/// The plots side by side as PNG or SVG. False when it could not be written.
[[nodiscard]] bool saveRatesPicture(const QString& file, const std::array<CurvePlot*, 3>& plots, const QString& title);

} // namespace bh::desk
