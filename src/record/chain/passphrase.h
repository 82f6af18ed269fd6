#pragma once

#include <string>

namespace bh {

/// What is kept of a passphrase, by which it is known again (Argon2id, RFC 9106, by libsodium, with a salt of its own). It takes
/// a quarter of a gigabyte and about a second, so that guessing from a stolen record is dear.
/// Throws std::bad_alloc where there is not so much memory.
[[nodiscard]] std::string kept_of_passphrase(const std::string& passphrase);
[[nodiscard]] bool is_passphrase(const std::string& passphrase, const std::string& kept);

inline constexpr std::size_t shortest_passphrase = 8; ///< letters; house, no source

} // namespace bh
