#include "school/values/text_change.h"

#include "files/text/json_text.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

namespace bh {

namespace {

constexpr std::size_t longest_value = 60, most_differences = 3;

Message shown(const std::string& value)
{
    if (value.empty() || value == "null") return message("nothing");
    return value.size() <= longest_value ? message("%1", value) : message("%1…", value.substr(0, longest_value - 1));
}

/// Every value of a text by its path; of a text that is no JSON object, itself.
nlohmann::json values_in(const std::string& text)
{
    const auto json = is_shallow_json(text) ? nlohmann::json::parse(text, nullptr, false) : nlohmann::json();
    return json.is_object() ? json.flatten() : nlohmann::json{{"", text}};
}

} // namespace

Message difference_in_words(const std::string& there, const std::string& here)
{
    if (there.empty() || here.empty()) return message("%1 is there, %2 here", shown(there), shown(here));
    const auto a = values_in(there), b = values_in(here);
    std::set<std::string> paths;
    for (const auto& [path, _] : a.items()) paths.insert(path);
    for (const auto& [path, _] : b.items()) paths.insert(path);
    std::vector<Message> parts;
    std::size_t differences = 0;
    for (const std::string& path : paths) {
        const auto value = [&](const nlohmann::json& of) {
            if (!of.contains(path)) return message("nothing");
            return shown(of[path].is_string() ? of[path].get<std::string>() : of[path].dump());
        };
        if (a.contains(path) && b.contains(path) && a[path] == b[path]) continue;
        if (++differences > most_differences) continue;
        std::string name = path.empty() ? "" : path.substr(1);
        std::replace(name.begin(), name.end(), '/', '.');
        const Message both = message("%1 is there, %2 here", value(a), value(b));
        parts.push_back(name.empty() ? both : message("%1: %2", name, both));
    }
    const Message words = joined(parts, "; ");
    return differences > most_differences ? message("%1; and %2 more", words, differences - most_differences) : words;
}

} // namespace bh
