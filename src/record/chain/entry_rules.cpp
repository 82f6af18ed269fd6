#include "record/chain/entry_rules.h"

#include "files/text/json_text.h"
#include "record/chain/bodies.h"
#include "record/chain/body_fields.h"
#include "record/chain/older_words.h"
#include "record/chain/seals.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <nlohmann/json.hpp>
#include <string_view>

namespace bh {
namespace {

using Json = nlohmann::json;

constexpr double largest_number = 1e12;
constexpr double last_time_s = 253'402'300'799; // the end of the year 9999
constexpr std::size_t deepest = 100;

bool is_hex_64(const std::string& text)
{
    return text.size() == 64 && text.find_first_not_of("0123456789abcdef") == std::string::npos;
}

bool is_whole(const Json& value) { return value.is_number() && std::trunc(value.get<double>()) == value.get<double>(); }

/// The shapes of body_fields().
bool has_shape(const Json& value, std::string_view shape)
{
    if (shape == "text") return value.is_string();
    if (shape == "number") return value.is_number();
    if (shape == "whole number") return is_whole(value);
    if (shape == "time") return is_whole(value) && value.get<double>() >= 0 && value.get<double>() <= last_time_s;
    if (shape == "truth") return value.is_boolean();
    if (shape == "list") return value.is_array();
    if (shape == "object") return value.is_object();
    if (shape == "object or nothing") return value.is_object() || value.is_null();
    if (shape == "text or nothing") return value.is_string() || value.is_null();
    if (shape == "object or list") return value.is_structured();
    if (shape == "sealed name") return value.is_object() && value.contains("sealed") && value["sealed"].is_string();
    if (shape == "key") return value.is_string() && is_hex_64(value.get<std::string>());
    if (shape == "hash") return value.is_string() && (value.get_ref<const std::string&>().empty() || is_hex_64(value));
    if (shape == "nought") return is_whole(value) && value.get<double>() >= 0; // in a file its first key says what was before it
    return false;
}

std::optional<Message> fields_problem(const std::string& kind, const Json& says)
{
    bool known = false;
    std::size_t found = 0;
    for (const BodyField& f : body_fields()) {
        if (f.kind != kind) continue;
        known = true;
        if (f.name.empty()) continue;
        const auto value = says.find(f.name);
        if (value == says.end() && f.needed) return message("has no \"%1\"", std::string(f.name));
        if (value == says.end()) continue;
        ++found;
        if (!has_shape(*value, f.shape)) return message("has a \"%1\" that is no %2", std::string(f.name), std::string(f.shape));
    }
    if (!known) return message("is of a kind that is not known here");
    return found == says.size() ? std::nullopt : std::optional(message("has something that none has"));
}

bool has_space_between_values(std::string_view body)
{
    bool in_text = false;
    for (std::size_t i = 0; i < body.size(); ++i) {
        if (in_text && body[i] == '\\')
            ++i;
        else if (body[i] == '"')
            in_text = !in_text;
        else if (!in_text && (body[i] == ' ' || (body[i] >= '\t' && body[i] <= '\r')))
            return true;
    }
    return false;
}

/// Whatever it holds, however deep.
std::optional<Message> values_problem(const Json& value, std::size_t depth = 0)
{
    if (depth >= deepest) return message("is nested deeper than 100");
    if (value.is_number() && std::abs(value.get<double>()) > largest_number) return message("holds a number beyond 10^12");
    if (value.is_string() && value.get_ref<const std::string&>().find('\0') != std::string::npos)
        return message("holds a character that no text has");
    if (value.is_structured())
        for (const auto& [key, inner] : value.items()) {
            if (value.is_object() && key.find('\0') != std::string::npos) return message("holds a character that no text has");
            if (auto problem = values_problem(inner, depth + 1)) return problem;
        }
    return std::nullopt;
}

std::optional<Message> meaning_problem(const Entry& e, const Json& says)
{
    if (e.kind == "document" && e.subject != says["kind"].get<std::string>() + "/" + says["id"].get<std::string>())
        return message("is another document than its subject says");
    if ((e.kind == "key" || e.kind == "admitted") && e.subject != says["public_key"].get<std::string>())
        return message("is another key than its subject says");
    if (e.kind == "session") {
        constexpr double day_s = 86'400;
        const double active_s = says["active_s"], idle_s = says["idle_s"];
        if (!(active_s >= 0 && idle_s >= 0 && active_s + idle_s <= day_s))
            return message("says more than 24 hours of practice, or less than none");
    }
    if (e.kind == "attempt" && !(says["score"].get<double>() >= 0 && says["score"].get<double>() <= 100))
        return message("has a score beyond 0 to 100");
    if (e.kind == "shared" && e.subject != shared_name(e.body)) return message("is not what it is named by");
    return std::nullopt;
}

/// The body as JSON, or why it is none; keys of its own that come twice are counted.
std::optional<Message> read_body(const std::string& body, Json& says)
{
    if (!is_shallow_json(body)) return message("is nested deeper than 100");
    std::size_t keys = 0;
    says = Json::parse(
        body,
        [&keys](int depth, Json::parse_event_t event, Json&) {
            keys += event == Json::parse_event_t::key && depth == 1 ? 1U : 0U;
            return true;
        },
        false);
    if (!says.is_object()) return message("is no object");
    if (keys != says.size()) return message("says something twice");
    return std::nullopt;
}

std::optional<Message> length_problem(const Entry& e)
{
    constexpr std::size_t longest_who = 200, longest_subject = 500, longest_why = 4000, longest_body = 4'194'304;
    if (e.who.size() > longest_who || e.subject.size() > longest_subject || e.why.size() > longest_why ||
        e.body.size() > longest_body)
        return message("is too long: at most 4 MB of body, 4000 bytes of reason");
    return std::nullopt;
}

struct Link {
    std::string_view kind, field, to;
};
constexpr std::array links{Link{"session", "pilot_id", "pilot"},
                           Link{"session", "controller_id", "controller"},
                           Link{"attempt", "pilot_id", "pilot"},
                           Link{"attempt", "session_id", "session"},
                           Link{"calibration", "controller_id", "controller"},
                           Link{"verification", "calibration_id", "calibration"},
                           Link{"kit", "pilot_id", "pilot"},
                           Link{"grip_round", "pilot_id", "pilot"},
                           Link{"stage", "pilot_id", "pilot"},
                           Link{"demonstration", "attempt_id", "attempt"}};

bool has_links(const std::string& kind)
{
    return std::any_of(links.begin(), links.end(), [&](const Link& l) { return l.kind == kind; });
}

std::vector<CheckedEntry::Named> names_in_body(const std::string& kind, const Json& says)
{
    std::vector<CheckedEntry::Named> names;
    for (const Link& l : links) {
        if (l.kind != kind) continue;
        const auto value = says.find(l.field);
        if (value == says.end() || !value->is_string() || value->get_ref<const std::string&>().empty()) continue;
        names.push_back({std::string(l.to), value->get<std::string>()});
    }
    return names;
}

} // namespace

CheckedEntry check_entry(const Entry& entry)
{
    Json says;
    const auto problem = [&]() -> std::optional<Message> {
        if (auto why = length_problem(entry)) return why;
        if (auto why = read_body(entry.body, says)) return why;
        if (auto why = fields_problem(entry.kind, says)) return why;
        if (has_space_between_values(entry.body)) return message("has white space between its values");
        if (auto why = values_problem(says)) return why;
        return meaning_problem(entry, says);
    }();
    if (problem) return {message("\"%1\" is not as this program writes it: it %2", entry.kind.substr(0, 40), *problem), {}};
    return {std::nullopt, names_in_body(entry.kind, says)};
}

bool comes_once(const std::string& kind)
{
    constexpr std::array<std::string_view, 9> kinds{"attempt", "controller", "calibration", "grip_round", "verification",
                                                    "shared",  "key",        "late",        "erased"};
    return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
}

std::optional<Message> not_understood(const Entry& entry)
{
    const auto why = [](const auto& read) { return read ? std::nullopt : std::optional(read.error().message); };
    const std::string& kind = entry.kind;
    if (kind == "attempt") return why(attempt_row_in(entry));
    if (kind == "shared" && entry.subject != shared_name(entry.body)) return message("is not what it is named by");
    if (!is_shallow_json(entry.body)) return message("is nested deeper than 100");
    if (!Json::accept(entry.body)) return message("is no JSON");
    // In today's words; whoever it is: what is sealed is not looked into.
    Entry open = entry;
    open.body = has_sealed_name(kind) ? with_open_name(entry.body, {}) : in_todays_words(kind, entry.body);
    if (kind == "pilot") return why(pilot_in(open));
    if (kind == "person") return why(person_in(open));
    if (kind == "session") return why(session_in(open));
    if (kind == "kit") return why(kit_tick_in(open));
    if (kind == "controller") return why(controller_in(open));
    if (kind == "calibration") return why(calibration_in(open));
    if (kind == "verification") return why(verified_calibration_in(open));
    if (kind == "grip_round") return why(grip_round_in(open));
    if (kind == "stage") return why(stage_in(open));
    if (kind == "demonstration") return why(demonstrating_attempt_in(open));
    if (kind == "document") return why(text_in(open));
    if (kind == "simulator" || kind == "aircraft" || kind == "setup") return why(document_in(open));
    if (kind == "note") return why(note_in(open));
    return std::nullopt;
}

std::vector<CheckedEntry::Named> named_in(const Entry& entry)
{
    if (!has_links(entry.kind)) return {};
    const Json says = is_shallow_json(entry.body) ? Json::parse(entry.body, nullptr, false) : Json();
    return says.is_object() ? names_in_body(entry.kind, says) : std::vector<CheckedEntry::Named>{};
}

} // namespace bh
