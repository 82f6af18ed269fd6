#include "record/chain/signing_key.h"

#include <algorithm>
#include <array>
#include <new>
#include <optional>
#include <sodium.h>

namespace bh {
namespace {

constexpr std::size_t seed_size = crypto_sign_SEEDBYTES;
constexpr std::size_t sealed_size = crypto_pwhash_SALTBYTES + crypto_secretbox_NONCEBYTES + crypto_secretbox_MACBYTES + seed_size;
using Seed = std::array<unsigned char, seed_size>;
using Sealed = std::array<unsigned char, sealed_size>; ///< salt, nonce, box

std::array<unsigned char, crypto_secretbox_KEYBYTES> key_of(const std::string& passphrase, const unsigned char* salt)
{
    std::array<unsigned char, crypto_secretbox_KEYBYTES> key{};
    if (sodium_init() < 0 ||
        crypto_pwhash(key.data(), key.size(), passphrase.data(), passphrase.size(), salt, crypto_pwhash_OPSLIMIT_MODERATE,
                      crypto_pwhash_MEMLIMIT_MODERATE, crypto_pwhash_ALG_ARGON2ID13) != 0)
        throw std::bad_alloc();
    return key;
}

SealedKey seal(const Seed& seed, const std::string& passphrase, bool from_seed)
{
    Sealed sealed{};
    unsigned char *salt = sealed.data(), *nonce = salt + crypto_pwhash_SALTBYTES, *box = nonce + crypto_secretbox_NONCEBYTES;
    const std::size_t open_part = crypto_pwhash_SALTBYTES + crypto_secretbox_NONCEBYTES;
    if (from_seed) // so that the demo comes out the same each time
        crypto_generichash(salt, open_part, seed.data(), seed.size(), nullptr, 0);
    else
        randombytes_buf(salt, open_part);
    auto key = key_of(passphrase, salt);
    crypto_secretbox_easy(box, seed.data(), seed.size(), nonce, key.data());
    sodium_memzero(key.data(), key.size());
    std::array<char, sodium_base64_ENCODED_LEN(sealed_size, sodium_base64_VARIANT_ORIGINAL)> text{};
    sodium_bin2base64(text.data(), text.size(), sealed.data(), sealed.size(), sodium_base64_VARIANT_ORIGINAL);
    return {StationKey::from_seed(seed).public_key(), text.data()};
}

Result<Seed> seed_in(const SealedKey& key, const std::string& passphrase)
{
    Sealed sealed{};
    std::size_t read = 0;
    if (sodium_init() < 0 ||
        sodium_base642bin(sealed.data(), sealed.size(), key.sealed.data(), key.sealed.size(), nullptr, &read, nullptr,
                          sodium_base64_VARIANT_ORIGINAL) != 0 ||
        read != sealed.size())
        return bad_input("the key to sign with cannot be read");
    const unsigned char *salt = sealed.data(), *nonce = salt + crypto_pwhash_SALTBYTES,
                        *box = nonce + crypto_secretbox_NONCEBYTES;
    auto by = key_of(passphrase, salt);
    Seed seed{};
    const bool right = crypto_secretbox_open_easy(seed.data(), box, crypto_secretbox_MACBYTES + seed_size, nonce, by.data()) == 0;
    sodium_memzero(by.data(), by.size());
    if (!right) return bad_input("this is not the passphrase of that key");
    return seed;
}

} // namespace

SealedKey new_signing_key(const std::string& passphrase, const std::optional<std::array<unsigned char, 32>>& seed)
{
    if (sodium_init() < 0) throw std::bad_alloc();
    Seed own{};
    if (seed)
        own = *seed;
    else
        randombytes_buf(own.data(), own.size());
    return seal(own, passphrase, seed.has_value());
}

Result<SealedKey> sealed_anew(const SealedKey& key, const std::string& passphrase, const std::string& new_passphrase)
{
    const auto seed = seed_in(key, passphrase);
    if (!seed) return tl::unexpected(seed.error());
    return seal(*seed, new_passphrase, false);
}

Result<StationKey> opened(const SealedKey& key, const std::string& passphrase)
{
    const auto seed = seed_in(key, passphrase);
    if (!seed) return tl::unexpected(seed.error());
    StationKey opened = StationKey::from_seed(*seed);
    if (opened.public_key() != key.public_key) return bad_input("the key to sign with is not the one that it says it is");
    return opened;
}

} // namespace bh
