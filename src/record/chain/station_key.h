#pragma once

#include "core/base/result.h"

#include <array>
#include <filesystem>
#include <string>
#include <string_view>

namespace bh {

/// The key with which a station signs what it writes (Ed25519, RFC 8032, by libsodium). It is made at the first start and lies in
/// a file of its own, outside the record, which only its owner can read.
class StationKey {
public:
    /// The key in a folder, made where there is none yet. Two programs that start at once get the same one.
    static Result<StationKey> in(const std::filesystem::path& folder);
    /// From a seed of 32 bytes, for the demo record, whose key is no secret.
    static StationKey from_seed(const std::array<unsigned char, 32>& seed);

    [[nodiscard]] const std::string& public_key() const { return public_key_; } ///< 64 hex digits
    /// "FIRST 16 DIGITS OF THE KEY:SIGNATURE IN BASE64".
    [[nodiscard]] std::string sign(std::string_view text) const;

private:
    std::string public_key_;
    std::array<unsigned char, 64> secret_{};
};

/// Whether a signature as sign() writes it is that of a text by this key.
[[nodiscard]] bool is_signed_by(std::string_view public_key, std::string_view text, std::string_view signature);
/// The digits of the key that a signature names; empty where it is none.
[[nodiscard]] std::string_view key_named_in(std::string_view signature);
[[nodiscard]] bool is_public_key(std::string_view text);

/// Where a station's key and what it has seen are kept: $XDG_DATA_HOME/bluehangar/station, or ~/.local/share/….
[[nodiscard]] std::filesystem::path usual_station_folder();

} // namespace bh
