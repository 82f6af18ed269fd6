#include "record/chain/known_heads.h"

#include "files/text/file_text.h"

#include <QCryptographicHash>
#include <nlohmann/json.hpp>

namespace bh {
namespace {

using Json = nlohmann::json;

std::string place_of(const std::filesystem::path& record)
{
    std::error_code error;
    const auto canonical = std::filesystem::weakly_canonical(std::filesystem::absolute(record, error), error);
    return error ? record.string() : canonical.string();
}

struct Seen {
    std::string place;
    Head head;
};
std::optional<Seen> read_seen(const std::filesystem::path& file)
{
    const auto text = read_text(file);
    if (!text) return std::nullopt;
    const Json json = Json::parse(*text, nullptr, false);
    if (!json.is_object() || !json.contains("record") || !json.contains("head")) return std::nullopt;
    const auto head = json["head"].is_string() ? parse_head(json["head"].get<std::string>()) : std::nullopt;
    if (!head || !json["record"].is_string()) return std::nullopt;
    return Seen{json["record"].get<std::string>(), *head};
}

constexpr std::size_t digits = 16;

} // namespace

std::filesystem::path KnownHeads::file_of(const std::string& first_hash, const std::filesystem::path& record) const
{
    const auto place = QCryptographicHash::hash(QByteArray::fromStdString(place_of(record)), QCryptographicHash::Sha256);
    return folder_ / (first_hash.substr(0, digits) + "-" + place.toHex().toStdString().substr(0, digits) + ".json");
}

std::optional<Head> KnownHeads::seen(const std::string& first_hash, const std::filesystem::path& record) const
{
    if (const auto here = read_seen(file_of(first_hash, record))) return here->head;
    std::optional<Head> newest;
    std::error_code error;
    for (const auto& file : std::filesystem::directory_iterator(folder_, error)) {
        if (!file.path().filename().string().starts_with(first_hash.substr(0, digits))) continue;
        const auto elsewhere = read_seen(file.path());
        std::error_code gone;
        if (!elsewhere || std::filesystem::exists(elsewhere->place, gone)) continue;
        if (!newest || elsewhere->head.count > newest->count) newest = elsewhere->head;
    }
    return newest;
}

void KnownHeads::remember(const std::string& first_hash, const std::filesystem::path& record, const Head& head) const noexcept
try {
    if (first_hash.empty() || !make_own_folder(folder_)) return;
    const Json json{{"record", place_of(record)}, {"head", in_words(head)}};
    // Not flushed: after a power cut it may tell of an older head, and the record may always have grown.
    (void)replace_quickly(file_of(first_hash, record), json.dump() + "\n");
} catch (const std::exception&) { // out of memory: the next append will keep it
}

} // namespace bh
