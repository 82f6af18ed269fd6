#pragma once

#include <cstdint>
#include <string>
#include <vector>

namespace bh {

/// A coordinator's word that a pilot may fly a real aircraft: for which one, where and until when, with what was known then. It
/// is advice that somebody answers for; the law decides who may fly what.
struct Release {
    struct Gate {
        std::string id, name, state, evidence;
        std::string overridden; ///< why it does not stand in the way; empty: it was met
        bool operator==(const Gate&) const = default;
    };
    std::string id, pilot_id;
    std::string aircraft; ///< its name
    std::string rates;    ///< those on the aircraft, in words
    std::string site;
    std::int64_t at = 0;        ///< seconds since 1970
    std::int64_t until_day = 0; ///< the last one, days since 1970-01-01
    std::vector<Gate> gates;
    std::vector<std::string> limits; ///< of the house, that were not as usual, in words
    std::string head;                ///< of the record before it, COUNT:HASH
    std::string signer;              ///< the person's id
    std::string key;                 ///< public, 64 hex digits
    std::string signature;           ///< of all of the above
    std::string withdrawn;           ///< why it holds no more; empty: it holds
    /// Who said so, with a signature of that (see withdrawal_to_sign()); empty in records from before withdrawals were signed.
    struct Withdrawal {
        std::int64_t at = 0;
        std::string by, key, signature;
        bool operator==(const Withdrawal&) const = default;
    };
    Withdrawal withdrawal{};
    bool operator==(const Release&) const = default;
};

} // namespace bh
