#pragma once

#include "record/chain/station_key.h"

#include <array>
#include <optional>
#include <string>

namespace bh {

/// A person's own key to sign with, as the record keeps it: the secret part sealed with a passphrase (XSalsa20-Poly1305 with a
/// key of Argon2id, by libsodium), so that nobody signs for another, whoever has the file.
struct SealedKey {
    std::string public_key; ///< 64 hex digits
    std::string sealed;     ///< base64
};
/// A new one, at random or from a seed of 32 bytes, as the demo's. Throws std::bad_alloc where there is not so much memory.
[[nodiscard]] SealedKey new_signing_key(const std::string& passphrase,
                                        const std::optional<std::array<unsigned char, 32>>& seed = std::nullopt);
/// The same key sealed with another passphrase. BadInput for a wrong old one.
[[nodiscard]] Result<SealedKey> sealed_anew(const SealedKey& key, const std::string& passphrase,
                                            const std::string& new_passphrase);
/// BadInput for a wrong passphrase.
[[nodiscard]] Result<StationKey> opened(const SealedKey& key, const std::string& passphrase);

} // namespace bh
