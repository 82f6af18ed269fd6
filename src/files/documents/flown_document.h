#pragma once

#include "core/setup/flown_with.h"
#include "files/text/json_in.h"

namespace bh {

/// What a flight was flown with, as a part of another document.
[[nodiscard]] nlohmann::ordered_json flown_with_json(const FlownWith& flown);
[[nodiscard]] FlownWith flown_with_at(const JsonIn& in);

} // namespace bh
