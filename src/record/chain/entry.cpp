#include "record/chain/entry.h"

#include "core/base/number_text.h"
#include "core/base/one_line.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdio>
#include <nlohmann/json.hpp>
#include <sodium.h>

namespace bh {

namespace {

/// A text as JSON writes it, without escaping what need not be.
void append_json(std::string& to, std::string_view text)
{
    if (!is_utf8(text)) { // what a damaged file may hold
        to += nlohmann::json(text).dump(-1, ' ', false, nlohmann::json::error_handler_t::replace);
        return;
    }
    to += '"';
    for (std::size_t begin = 0, i = 0; i <= text.size(); ++i) {
        const bool end = i == text.size();
        const char c = end ? '"' : text[i];
        if (c != '"' && c != '\\' && static_cast<unsigned char>(c) >= 0x20) continue;
        to.append(text, begin, i - begin);
        begin = i + 1;
        if (end) break;
        constexpr std::string_view short_form = "\"\\\b\f\n\r\t", letters = "\"\\bfnrt";
        if (const std::size_t known = short_form.find(c); known != std::string_view::npos) {
            to += '\\';
            to += letters[known];
        } else {
            char escape[8];
            std::snprintf(escape, sizeof escape, "\\u%04x", static_cast<unsigned>(static_cast<unsigned char>(c)));
            to += escape;
        }
    }
    to += '"';
}

} // namespace

std::string sha256_hex(std::string_view text)
{
    std::array<unsigned char, crypto_hash_sha256_BYTES> hash{};
    crypto_hash_sha256(hash.data(), reinterpret_cast<const unsigned char*>(text.data()), text.size());
    std::array<char, 2 * crypto_hash_sha256_BYTES + 1> hex{};
    return sodium_bin2hex(hex.data(), hex.size(), hash.data(), hash.size());
}

std::string hashed_text(const Entry& e)
{
    std::string text;
    text.reserve(e.body.size() + e.body.size() / 8 + 512);
    text += '[';
    append_json(text, e.previous_hash);
    text += ',' + whole_text(e.seq) + ',' + whole_text(e.at) + ',';
    for (const std::string* part : {&e.who, &e.kind, &e.subject}) append_json(text, *part), text += ',';
    text += whole_text(e.supersedes) + ',';
    append_json(text, e.why);
    text += ',';
    append_json(text, e.body);
    text += ']';
    return text;
}

std::string entry_hash(const Entry& e) { return sha256_hex(hashed_text(e)); }

std::string shared_name(std::string_view body) { return sha256_hex(body).substr(0, 32); }

std::string in_words(const Head& head) { return whole_text(head.count) + ":" + head.hash; }

std::optional<Head> parse_head(std::string_view text)
{
    Head head;
    const char* end = text.data() + text.size();
    const auto [after, problem] = std::from_chars(text.data(), end, head.count);
    if (problem != std::errc() || after == end || *after != ':' || head.count < 0) return std::nullopt;
    head.hash = std::string(after + 1, end);
    const auto digit = [](char c) { return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f'); };
    const bool is_hash =
        head.count == 0 ? head.hash.empty() : head.hash.size() == 64 && std::all_of(head.hash.begin(), head.hash.end(), digit);
    return is_hash ? std::optional(head) : std::nullopt;
}

std::optional<Head> typed_head(std::string_view text)
{
    std::string plain;
    for (const char c : text)
        if (c != ' ' && c != '\n' && c != '\r' && c != '\t') plain += c >= 'A' && c <= 'F' ? static_cast<char>(c - 'A' + 'a') : c;
    constexpr std::size_t fewest = 12, all = 64; // 48 bits: nobody finds another entry that begins so by trying for a while
    const std::size_t colon = plain.find(':');
    if (colon == std::string::npos) return std::nullopt;
    const std::size_t digits = plain.size() - colon - 1;
    if (digits < fewest || digits > all) return parse_head(plain);
    auto head = parse_head(plain + std::string(all - digits, '0'));
    if (head && head->count > 0) head->hash.resize(digits);
    return head;
}

} // namespace bh
