#pragma once

#include "core/curves/rate_curve.h"

#include <QString>

namespace bh::desk {

/// A curve's settings in its own kind of numbers: "centre 190, max 930, expo 0.66".
[[nodiscard]] QString settingsInWords(const RateCurve& curve);

} // namespace bh::desk
