#include "files/text/json_text.h"

#include "core/base/number_text.h"
#include "core/base/one_line.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace bh {
namespace {

std::int64_t line_at(std::string_view text, std::size_t byte)
{
    const std::string_view upto = text.substr(0, std::min(text.size(), byte));
    return 1 + std::count(upto.begin(), upto.end(), '\n');
}

/// Where the text is nested too deep; its end where it is not.
std::size_t too_deep_at(std::string_view text)
{
    constexpr int deepest = 100;
    int depth = 0;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\') ++i;
            quoted = c != '"';
        } else if (c == '"') {
            quoted = true;
        } else if (c == '[' || c == '{') {
            if (++depth > deepest) return i;
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return text.size();
}

bool is_sober(const nlohmann::json& value)
{
    constexpr double beyond_all = 1e12;
    return !value.is_number() || std::abs(value.get<double>()) <= beyond_all; // false for one that is not finite
}

/// The place of a number that no document needs, as "/phases/1/for_s".
std::optional<std::string> wild_number(const nlohmann::json& document)
{
    struct Place {
        const nlohmann::json* value;
        std::string path;
    };
    std::vector<Place> left{{&document, ""}};
    while (!left.empty()) {
        const Place here = std::move(left.back());
        left.pop_back();
        if (!is_sober(*here.value)) return here.path;
        if (!here.value->is_structured()) continue;
        const bool list = here.value->is_array();
        std::size_t at = 0;
        for (const auto& [key, value] : here.value->items()) {
            if (value.is_structured() || !is_sober(value))
                left.push_back({&value, here.path + "/" + (list ? whole_text(at) : key)});
            ++at;
        }
    }
    return std::nullopt;
}

} // namespace

bool is_shallow_json(std::string_view text) { return too_deep_at(text) == text.size(); }

Result<nlohmann::json> checked_json(std::string_view text)
{
    if (!is_utf8(text)) return bad_input("holds bytes that are no text in UTF-8");
    if (const std::size_t deep = too_deep_at(text); deep < text.size())
        return bad_input("line %1: is nested deeper than 100, expected a document", line_at(text, deep));
    try {
        return nlohmann::json::parse(text);
    } catch (const nlohmann::json::parse_error& error) {
        return bad_input("line %1: is no valid JSON here", line_at(text, error.byte > 0 ? error.byte - 1 : 0));
    } catch (const nlohmann::json::out_of_range&) {
        return bad_input("holds a number too large for any computer's arithmetic, expected finite numbers");
    }
}

Result<nlohmann::json> checked_document(std::string_view text)
{
    auto document = checked_json(text);
    if (!document) return document;
    if (const auto place = wild_number(*document)) return bad_input("%1: expected a number not beyond 1000000000000", *place);
    return document;
}

} // namespace bh
