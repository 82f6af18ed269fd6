#include "record/chain/passphrase.h"

#include <array>
#include <new>
#include <sodium.h>

namespace bh {

std::string kept_of_passphrase(const std::string& passphrase)
{
    std::array<char, crypto_pwhash_STRBYTES> kept{};
    if (sodium_init() < 0 ||
        crypto_pwhash_str_alg(kept.data(), passphrase.data(), passphrase.size(), crypto_pwhash_OPSLIMIT_MODERATE,
                              crypto_pwhash_MEMLIMIT_MODERATE, crypto_pwhash_ALG_ARGON2ID13) != 0)
        throw std::bad_alloc();
    return kept.data();
}

bool is_passphrase(const std::string& passphrase, const std::string& kept)
{
    return sodium_init() >= 0 && kept.size() < crypto_pwhash_STRBYTES &&
           crypto_pwhash_str_verify(kept.c_str(), passphrase.data(), passphrase.size()) == 0;
}

} // namespace bh
