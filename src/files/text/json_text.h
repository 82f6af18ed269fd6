#pragma once

#include "core/base/result.h"
#include "files/text/message_json.h"

#include <nlohmann/json.hpp>
#include <string_view>

namespace bh {

/// Text as JSON. Refused, with the line: what is no UTF-8, what is nested deeper than 100, what is no JSON. The message names no
/// file.
[[nodiscard]] Result<nlohmann::json> checked_json(std::string_view text);
/// The same, and every number is finite and not beyond 10^12, as a document's are.
[[nodiscard]] Result<nlohmann::json> checked_document(std::string_view text);
/// Whether lists and objects stand in each other no deeper than 100, so that whoever walks through them gets to an end.
[[nodiscard]] bool is_shallow_json(std::string_view text);

} // namespace bh
