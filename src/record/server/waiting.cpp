#include "record/server/waiting.h"

#include "core/base/number_text.h"
#include "files/text/file_text.h"
#include "files/text/json_text.h"
#include "record/file/failures.h"

#include <algorithm>
#include <array>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

using Json = nlohmann::json;

constexpr const char* waiting_ending = ".waiting.json";
constexpr const char* refused_ending = ".refused.json";

/// What the name is made of.
Json content_of(const WaitingGesture& gesture, const std::string& nonce)
{
    Json drafts = Json::array();
    for (const Draft& d : gesture.drafts)
        drafts.push_back(
            {{"kind", d.kind}, {"subject", d.subject}, {"body", d.body}, {"why", d.why}, {"who", d.who}, {"shared", d.shared}});
    return {{"at", gesture.at}, {"nonce", nonce}, {"drafts", std::move(drafts)}};
}

Result<WaitingGesture> gesture_in(const std::string& text, const std::filesystem::path& file)
{
    const auto refuse = [&](const char* why) {
        return bad_input("%1: %2, expected what waits for the server", file.string(), why);
    };
    const Json json = Json::parse(text, nullptr, false);
    if (!json.is_object()) return refuse("is no JSON object");
    try {
        WaitingGesture gesture;
        gesture.file = file;
        const Json& content = json.at("content");
        gesture.name = sha256_hex(content.dump());
        if (gesture.name != json.at("name").get<std::string>()) return refuse("is not what was written");
        const auto at = whole_in<UnixTime>(content.at("at"));
        if (!at) return refuse("/content/at is no time");
        gesture.at = *at;
        gesture.station = json.at("station").get<std::string>();
        gesture.signature = json.at("signature").get<std::string>();
        if (json.at("tried").is_array()) gesture.tried = json["tried"].get<std::vector<std::string>>();
        if (json["tried"].is_string() && !json["tried"].empty()) gesture.tried = {json["tried"].get<std::string>()}; // as it was
        std::erase(gesture.tried, "");
        gesture.soon = json.value("soon", false);
        gesture.shared = json.value("shared", false);
        gesture.refused = json.value("refused", std::string());
        gesture.overtaken_by = json.value("overtaken_by", std::string());
        if (json.contains("after") && !(gesture.after = whole_in<std::int64_t>(json["after"])))
            return refuse("/after is no entry's number");
        for (const Json& d : content.at("drafts"))
            gesture.drafts.push_back({d.at("kind").get<std::string>(), d.at("subject").get<std::string>(),
                                      d.at("body").get<std::string>(), d.at("why").get<std::string>(),
                                      d.at("shared").get<std::vector<std::string>>(), d.at("who").get<std::string>()});
        return gesture;
    } catch (const Json::exception& why) {
        return refuse(why.what());
    }
}

std::vector<std::filesystem::path> files_in(const std::filesystem::path& folder, std::string_view ending = waiting_ending)
{
    std::vector<std::filesystem::path> files;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error))
        if (entry.path().string().ends_with(ending)) files.push_back(entry.path());
    std::sort(files.begin(), files.end());
    return files;
}

Result<WaitingGesture> read_gesture(const std::filesystem::path& file)
{
    const auto text = read_text(file.string());
    return text ? gesture_in(*text, file) : Result<WaitingGesture>(tl::unexpected(text.error()));
}

/// Writes a gesture's file again with another value of one key.
void change(const std::filesystem::path& file, const char* key, const Json& value)
{
    const auto text = read_text(file);
    Json whole = text ? Json::parse(*text, nullptr, false) : Json();
    if (!whole.is_object()) throw StoreFailure(message("%1: cannot be read", file.string()));
    whole[key] = value;
    if (const auto written = write_whole(file, whole.dump(), true); !written) throw StoreFailure(written.error().message);
}

} // namespace

bool WaitingEntries::may_wait(const Draft& draft)
{
    constexpr std::array<std::string_view, 3> kinds{"session", "attempt", "controller"};
    constexpr std::array<std::string_view, 3> texts{"handling/", "blind/", "sickness/"}; // each under an id of its own
    if (draft.kind == "document")
        return std::any_of(texts.begin(), texts.end(), [&](auto text) { return draft.subject.starts_with(text); });
    return std::find(kinds.begin(), kinds.end(), draft.kind) != kinds.end();
}

WaitingGesture WaitingEntries::keep(WaitingGesture gesture, const std::string& nonce, const StationKey& key) const
{
    const Json content = content_of(gesture, nonce);
    gesture.name = sha256_hex(content.dump());
    gesture.station = key.public_key();
    gesture.signature = key.sign(gesture.name);
    if (const auto made = make_own_folder(folder_); !made) throw StoreFailure(made.error().message);
    const auto before = files_in(folder_);
    const std::string last = before.empty() ? "" : before.back().filename().string(); // whatever else lies there
    const long long number = whole_number_of(last.substr(0, last.find('.'))).value_or(0) + 1;
    std::string digits = whole_text(number);
    digits.insert(0, digits.size() < 8 ? 8 - digits.size() : 0, '0');
    gesture.file = folder_ / (digits + waiting_ending);
    Json whole{{"format", "bluehangar.waiting/1"},
               {"name", gesture.name},
               {"station", gesture.station},
               {"signature", gesture.signature},
               {"tried", gesture.tried},
               {"soon", gesture.soon},
               {"content", content}};
    if (gesture.shared) whole["shared"] = true;
    if (gesture.after) whole["after"] = *gesture.after;
    if (const auto written = write_whole(gesture.file, whole.dump(), true); !written) throw StoreFailure(written.error().message);
    return gesture;
}

void WaitingEntries::note_tried(WaitingGesture& gesture, const std::string& hash)
{
    if (std::find(gesture.tried.begin(), gesture.tried.end(), hash) != gesture.tried.end()) return;
    gesture.tried.push_back(hash);
    change(gesture.file, "tried", gesture.tried);
}

std::vector<WaitingGesture> WaitingEntries::all(std::vector<Message>* problems) const
{
    std::vector<WaitingGesture> gestures;
    for (const auto& file : files_in(folder_)) {
        auto gesture = read_gesture(file);
        if (gesture)
            gestures.push_back(std::move(*gesture));
        else if (problems)
            problems->push_back(gesture.error().message);
    }
    return gestures;
}

std::vector<WaitingGesture> WaitingEntries::refused() const
{
    std::vector<WaitingGesture> gestures;
    for (const auto& file : files_in(folder_, refused_ending))
        if (auto gesture = read_gesture(file)) gestures.push_back(std::move(*gesture));
    return gestures;
}

void WaitingEntries::refuse(WaitingGesture& gesture, const Message& why, const std::string& overtaken_by)
{
    gesture.refused = why.english();
    change(gesture.file, "overtaken_by", gesture.overtaken_by = overtaken_by);
    change(gesture.file, "refused", gesture.refused);
    std::string name = gesture.file.string();
    name.resize(name.size() - std::string_view(waiting_ending).size());
    const std::filesystem::path aside = name + "-" + gesture.name.substr(0, 8) + refused_ending; // numbers are given again
    std::error_code error;
    std::filesystem::rename(gesture.file, aside, error);
    if (error) throw StoreFailure(message("%1: cannot be renamed", gesture.file.string()));
    gesture.file = aside;
}

int WaitingEntries::count() const { return static_cast<int>(files_in(folder_).size()); }

void WaitingEntries::over(const WaitingGesture& gesture)
{
    std::error_code error;
    std::filesystem::remove(gesture.file, error); // where it stays, the server says the next time that it has it
}

Draft late_draft(const WaitingGesture& gesture)
{
    const Json body{
        {"at", gesture.at}, {"station", gesture.station}, {"signature", gesture.signature}, {"entries", gesture.drafts.size()}};
    return {"late", gesture.name, body.dump(), "the server was away", {}, gesture.drafts.front().who};
}

std::string late_problem(const Entry& entry)
{
    const Json body = Json::parse(entry.body, nullptr, false);
    if (!body.is_object() || !body.contains("station") || !body["station"].is_string() || !body.contains("signature") ||
        !body["signature"].is_string())
        return "says nothing of when and where it was done";
    return is_signed_by(body["station"].get<std::string>(), entry.subject, body["signature"].get<std::string>())
               ? ""
               : "does not carry the signature of the station where it was done";
}

std::vector<Entry> as_entries(const WaitingGesture& gesture)
{
    std::vector<Entry> entries;
    for (const Draft& d : gesture.drafts) {
        Entry e;
        e.at = gesture.at;
        e.who = d.who;
        e.kind = d.kind;
        e.subject = d.subject;
        e.why = d.why;
        e.body = d.body;
        entries.push_back(std::move(e));
    }
    return entries;
}

} // namespace bh
