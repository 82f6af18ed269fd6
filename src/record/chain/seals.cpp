#include "record/chain/seals.h"

#include "files/text/json_text.h"

#include <algorithm>
#include <array>
#include <nlohmann/json.hpp>
#include <sodium.h>
#include <vector>

namespace bh {
namespace {

using Json = nlohmann::json;
using Bytes = std::vector<unsigned char>;
constexpr int base64 = sodium_base64_VARIANT_ORIGINAL;

Bytes bytes_of(std::string_view text) { return {text.begin(), text.end()}; }

std::optional<Bytes> key_bytes(const std::string& key)
{
    Bytes bytes(crypto_secretbox_KEYBYTES);
    std::size_t read = 0;
    if (key.size() != 2 * bytes.size() ||
        sodium_hex2bin(bytes.data(), bytes.size(), key.data(), key.size(), nullptr, &read, nullptr) != 0 || read != bytes.size())
        return std::nullopt;
    return bytes;
}

/// In base64: a nonce made of key and words, so that the same comes out each time, and what it seals.
std::string sealed(const std::string& words, const Bytes& key)
{
    Bytes all(crypto_secretbox_NONCEBYTES + crypto_secretbox_MACBYTES + words.size());
    const Bytes plain = bytes_of(words);
    crypto_generichash(all.data(), crypto_secretbox_NONCEBYTES, plain.data(), plain.size(), key.data(), key.size());
    crypto_secretbox_easy(all.data() + crypto_secretbox_NONCEBYTES, plain.data(), plain.size(), all.data(), key.data());
    std::string text(sodium_base64_encoded_len(all.size(), base64), '\0');
    sodium_bin2base64(text.data(), text.size(), all.data(), all.size(), base64);
    text.pop_back(); // its closing 0
    return text;
}

std::optional<std::string> opened(const std::string& text, const Bytes& key)
{
    Bytes all(text.size());
    std::size_t size = 0;
    constexpr std::size_t beside = crypto_secretbox_NONCEBYTES + crypto_secretbox_MACBYTES;
    if (sodium_base642bin(all.data(), all.size(), text.data(), text.size(), nullptr, &size, nullptr, base64) != 0 ||
        size < beside)
        return std::nullopt;
    Bytes plain(size - beside);
    if (crypto_secretbox_open_easy(plain.data(), all.data() + crypto_secretbox_NONCEBYTES, size - crypto_secretbox_NONCEBYTES,
                                   all.data(), key.data()) != 0)
        return std::nullopt;
    return std::string(plain.begin(), plain.end());
}

Json parsed(const std::string& body) { return is_shallow_json(body) ? Json::parse(body, nullptr, false) : Json(); }

bool is_seal(const Json& body)
{
    const auto name = body.is_object() ? body.find("name") : body.end();
    return name != body.end() && name->is_object() && name->contains("sealed") && (*name)["sealed"].is_string();
}

} // namespace

std::string new_person_key(const std::optional<std::string>& of_text)
{
    Bytes key(crypto_secretbox_KEYBYTES);
    if (of_text) {
        const Bytes text = bytes_of(*of_text);
        crypto_generichash(key.data(), key.size(), text.data(), text.size(), nullptr, 0);
    } else {
        randombytes_buf(key.data(), key.size());
    }
    std::string hex(2 * key.size() + 1, '\0');
    sodium_bin2hex(hex.data(), hex.size(), key.data(), key.size());
    hex.pop_back();
    return hex;
}

bool has_sealed_name(std::string_view kind) { return kind == "pilot" || kind == "person"; }

std::string with_sealed_name(const std::string& body, const std::string& key)
{
    const auto bytes = key_bytes(key);
    Json json = parsed(body);
    if (!bytes || !json.is_object() || !json.contains("name") || !json["name"].is_string()) return body;
    json["name"] = {{"sealed", sealed(json["name"].get<std::string>(), *bytes)}};
    return json.dump();
}

std::string with_open_name(const std::string& body, const std::string& key)
{
    Json json = parsed(body);
    if (!is_seal(json)) return body;
    const auto bytes = key_bytes(key);
    const auto name = bytes ? opened(json["name"]["sealed"].get<std::string>(), *bytes) : std::nullopt;
    json["name"] = name.value_or(std::string(erased_name));
    return json.dump();
}

bool name_is_sealed(const std::string& body) { return is_seal(parsed(body)); }

} // namespace bh
