#pragma once

#include "school/views/rate_rules.h"

#include <QString>
#include <optional>

namespace bh::desk {

/// What the parts of the Rates page work on.
struct RatesContext : MatchAnswer {
    QString aircraft, simulator;         ///< names
    std::optional<double> rocking_share; ///< of the pilot's newest flights
};

} // namespace bh::desk
