#pragma once

#include "core/flight/modes.h"
#include "core/flight/world.h"
#include "files/text/json_in.h"

/// Parts that several kinds of documents have.
namespace bh {

[[nodiscard]] Mode mode_at(const JsonIn& in);
[[nodiscard]] Gate gate_at(const JsonIn& in);

} // namespace bh
