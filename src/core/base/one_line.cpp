#include "core/base/one_line.h"

#include <cstdint>
#include <cstdio>
#include <cstring>

namespace bh {
namespace {

struct Character {
    std::uint32_t code = 0;
    std::size_t bytes = 0; ///< 0: no character begins here
};

/// RFC 3629, section 4.
Character character_at(std::string_view text)
{
    const auto byte = [&](std::size_t i) {
        return i < text.size() ? static_cast<std::uint32_t>(static_cast<unsigned char>(text[i])) : 0U;
    };
    const auto follows = [&](std::size_t i) { return (byte(i) & 0xc0U) == 0x80U; };
    const std::uint32_t first = byte(0);
    if (first < 0x80) return {first, text.empty() ? 0U : 1U};
    if (first >= 0xc2 && first < 0xe0 && follows(1)) return {(first & 0x1fU) << 6 | (byte(1) & 0x3fU), 2};
    if (first >= 0xe0 && first < 0xf0 && follows(1) && follows(2)) {
        const std::uint32_t code = (first & 0x0fU) << 12 | (byte(1) & 0x3fU) << 6 | (byte(2) & 0x3fU);
        const bool surrogate = code >= 0xd800 && code < 0xe000;
        return code >= 0x800 && !surrogate ? Character{code, 3} : Character{};
    }
    if (first >= 0xf0 && first < 0xf5 && follows(1) && follows(2) && follows(3)) {
        const std::uint32_t code = (first & 0x07U) << 18 | (byte(1) & 0x3fU) << 12 | (byte(2) & 0x3fU) << 6 | (byte(3) & 0x3fU);
        return code >= 0x10000 && code < 0x110000 ? Character{code, 4} : Character{};
    }
    return {};
}

/// Control characters, ends of lines and paragraphs, and what turns or hides the direction of writing.
bool is_hidden(std::uint32_t code)
{
    const bool control = code < 0x20 || (code >= 0x7f && code < 0xa0);
    const bool separator = code == 0x2028 || code == 0x2029;
    const bool direction = code == 0x061c || code == 0x200e || code == 0x200f || (code >= 0x202a && code <= 0x202e) ||
                           (code >= 0x2066 && code <= 0x2069);
    return control || separator || direction || code == 0xfeff;
}

} // namespace

std::string one_line(std::string_view text)
{
    std::string line;
    while (!text.empty()) {
        const Character c = character_at(text);
        char escape[16] = "";
        if (c.bytes == 0)
            std::snprintf(escape, sizeof escape, "\\x%02x", static_cast<unsigned>(static_cast<unsigned char>(text[0])));
        else if (c.code == '\n' || c.code == '\t' || c.code == '\r')
            std::snprintf(escape, sizeof escape, "\\%c", c.code == '\n' ? 'n' : c.code == '\t' ? 't' : 'r');
        else if (is_hidden(c.code))
            std::snprintf(escape, sizeof escape, c.code < 0x80 ? "\\x%02x" : "\\u%04x", c.code);
        const std::size_t bytes = c.bytes == 0 ? 1 : c.bytes;
        line += escape[0] ? std::string_view(escape) : text.substr(0, bytes);
        text.remove_prefix(bytes);
    }
    return line;
}

bool is_utf8(std::string_view text)
{
    while (!text.empty()) {
        std::size_t plain = 0;
        constexpr std::uint64_t beyond_plain = 0x8080808080808080ULL;
        for (std::uint64_t eight = 0; plain + sizeof eight <= text.size(); plain += sizeof eight) {
            std::memcpy(&eight, text.data() + plain, sizeof eight);
            if (eight & beyond_plain) break;
        }
        while (plain < text.size() && static_cast<unsigned char>(text[plain]) < 0x80) ++plain;
        text.remove_prefix(plain);
        if (text.empty()) break;
        const Character c = character_at(text);
        if (c.bytes == 0) return false;
        text.remove_prefix(c.bytes);
    }
    return true;
}

} // namespace bh
