#pragma once

#include <optional>
#include <string>
#include <string_view>

namespace bh {

/// Names of people stand sealed in their entries (XSalsa20-Poly1305 by libsodium), each with a key of that person's own, which
/// lies in the record's file but in no entry. Where the key is destroyed nobody can read the name any more, and the chain of
/// entries still holds. 64 hex digits: random, or made of a text where the record has to come out the same each time.
[[nodiscard]] std::string new_person_key(const std::optional<std::string>& of_text = std::nullopt);

/// Kinds of entries whose body has a name that is sealed.
[[nodiscard]] bool has_sealed_name(std::string_view kind);
/// The body with its name sealed; as it was where it has none, or no key is given.
[[nodiscard]] std::string with_sealed_name(const std::string& body, const std::string& key);
/// The body with its name in the clear; `erased_name` where it is sealed and the key is not the right one.
[[nodiscard]] std::string with_open_name(const std::string& body, const std::string& key);
[[nodiscard]] bool name_is_sealed(const std::string& body);

inline constexpr std::string_view erased_name = "(erased)";

} // namespace bh
