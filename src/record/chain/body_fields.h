#pragma once

#include <span>
#include <string_view>

namespace bh {

/// A field of an entry's body, as this program writes it: by these a server refuses what the program would not write. Shapes are
/// those that the server's body_problem() knows, see postgres_step_2.cpp.
struct BodyField {
    std::string_view kind;  ///< of the entry
    std::string_view name;  ///< empty: a kind without fields
    std::string_view shape; ///< "text", "number", "time", …
    bool needed = true;
};
[[nodiscard]] std::span<const BodyField> body_fields();

} // namespace bh
