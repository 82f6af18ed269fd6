#pragma once

#include "core/drill/drill.h"

#include <string>
#include <vector>

namespace bh {

/// What can be changed of a drill without writing its file: the limits of a criterion as it is written there (one for both
/// sides where it has sides).
struct CriterionLimits {
    std::string label;
    std::string unit;
    Limits limits;
    std::optional<Limits> below; ///< of a band
    double weight = 1;
    bool must = false;    ///< to pass
    bool to_hold = false; ///< not to pass, but to hold
};

/// Criteria of a drill document in their order. BadInput when it is none.
[[nodiscard]] Result<std::vector<CriterionLimits>> limits_of(const std::string& drill_text);
/// The document with the limits of one criterion changed and everything else as it was.
[[nodiscard]] Result<std::string> with_limits(const std::string& drill_text, std::size_t criterion,
                                              const CriterionLimits& limits);

/// The text of a drill or a curriculum with a version that none had before: one over its own and over `newest`. BadInput when it
/// is no document of that kind and id.
[[nodiscard]] Result<std::string> next_version(const std::string& text, const std::string& kind, const std::string& id,
                                               int newest);

} // namespace bh
