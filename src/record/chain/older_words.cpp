#include "record/chain/older_words.h"

#include "files/text/json_text.h"

#include <array>
#include <nlohmann/json.hpp>
#include <string_view>
#include <utility>

namespace bh {
namespace {

using OrderedJson = nlohmann::ordered_json;

struct Renamed {
    std::string_view was, is;
};
constexpr std::array<Renamed, 2> families{{{"gain-super", "gain-edge"}, {"percent-plus", "percent-end"}}};
constexpr std::array<Renamed, 2> parameters{{{"super", "edge"}, {"plus_percent", "end_percent"}}};

template <std::size_t N>
std::string_view todays(const std::array<Renamed, N>& renamed, std::string_view word)
{
    for (const Renamed& r : renamed)
        if (r.was == word) return r.is;
    return word;
}

/// Renames families where they are named ("family": …) and parameters where they are keys or a step's "parameter".
OrderedJson renamed(const OrderedJson& json)
{
    if (json.is_array()) {
        OrderedJson list = OrderedJson::array();
        for (const OrderedJson& item : json) list.push_back(renamed(item));
        return list;
    }
    if (!json.is_object()) return json;
    OrderedJson object = OrderedJson::object();
    for (const auto& [key, value] : json.items()) {
        OrderedJson& to = object[std::string(todays(parameters, key))];
        if (value.is_string() && key == "family")
            to = todays(families, value.get<std::string>());
        else if (value.is_string() && key == "parameter")
            to = todays(parameters, value.get<std::string>());
        else
            to = renamed(value);
    }
    return object;
}

bool speaks_of_them(const std::string& text)
{
    for (const auto word : {"gain-super", "percent-plus", "super\"", "super\\\"", "plus_percent"})
        if (text.find(word) != std::string::npos) return true;
    return false;
}

} // namespace

std::string in_todays_words(const std::string& kind, const std::string& body)
{
    const bool carries_rates = kind == "document" || kind == "setup" || kind == "simulator";
    if (!carries_rates || !speaks_of_them(body) || !is_shallow_json(body)) return body;
    OrderedJson json = OrderedJson::parse(body, nullptr, false);
    if (!json.is_object() || !json.contains("document")) return body;
    OrderedJson& document = json["document"];
    if (document.is_string()) { // a text of its own
        if (!is_shallow_json(document.get_ref<const std::string&>())) return body;
        const OrderedJson text = OrderedJson::parse(document.get<std::string>(), nullptr, false);
        if (text.is_discarded()) return body;
        document = renamed(text).dump();
    } else {
        document = renamed(document);
    }
    return json.dump();
}

} // namespace bh
