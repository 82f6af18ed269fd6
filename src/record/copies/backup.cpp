#include "record/copies/backup.h"

#include "files/text/file_text.h"
#include "files/text/json_in.h"
#include "record/attachments.h"
#include "record/chain/projection.h"
#include "record/chain/station_key.h"
#include "record/copies/server_copy.h"
#include "record/file/database.h"
#include "record/file/record_files.h"
#include "record/file/schema.h"
#include "record/record.h"

#include <archive.h>
#include <archive_entry.h>
#include <fstream>
#include <memory>
#include <nlohmann/json.hpp>
#include <set>

namespace bh {
namespace {

namespace fs = std::filesystem;

using Writer = std::unique_ptr<archive, decltype(&archive_write_free)>;
using Reader = std::unique_ptr<archive, decltype(&archive_read_free)>;

std::string words_of(archive* a)
{
    const char* words = archive_error_string(a);
    return words ? words : "unknown trouble";
}

Result<void> put(archive* out, const std::string& name, std::string_view bytes)
{
    const std::unique_ptr<archive_entry, decltype(&archive_entry_free)> entry(archive_entry_new(), &archive_entry_free);
    archive_entry_set_pathname(entry.get(), name.c_str());
    archive_entry_set_size(entry.get(), static_cast<la_int64_t>(bytes.size()));
    archive_entry_set_filetype(entry.get(), AE_IFREG);
    archive_entry_set_perm(entry.get(), 0600);
    if (archive_write_header(out, entry.get()) != ARCHIVE_OK ||
        archive_write_data(out, bytes.data(), bytes.size()) != static_cast<la_ssize_t>(bytes.size()))
        return bad_input(words_of(out));
    return {};
}

Result<void> put_file(archive* out, const std::string& name, const fs::path& file)
{
    const auto bytes = FileBytes::open(file);
    if (!bytes) return tl::unexpected(bytes.error());
    return put(out, name, bytes->text());
}

constexpr const char* manifest_name = "manifest.json";
constexpr const char* record_name = "record.sqlite";
constexpr const char* keys_name = "keys.txt";

/// Where a part of a backup goes, below the folder of a record that is called record.sqlite. Nothing for what is no part.
std::optional<fs::path> place_of(const std::string& name)
{
    if (name == manifest_name || name == record_name || name == keys_name) return fs::path(name);
    const auto plain = [](char c) {
        return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '.' || c == '-' || c == '_';
    };
    const fs::path path(name);
    std::vector<std::string> steps;
    for (const fs::path& step : path) steps.push_back(step.string());
    const bool sober = std::all_of(steps.begin(), steps.end(), [&](const std::string& step) {
        return !step.empty() && step != "." && step != ".." && std::all_of(step.begin(), step.end(), plain);
    });
    if (!sober || path.is_absolute()) return std::nullopt;
    if (steps.size() == 3 && steps[0] == "logs" && steps[1].size() == 2)
        return fs::path(std::string(record_name) + ".logs") / steps[1] / steps[2];
    if (steps.size() == 2 && steps[0] == "sticks") return fs::path(std::string(record_name) + ".sticks") / steps[1];
    return std::nullopt;
}

/// Writes every file that the record names, and says of those that are not there.
Result<void> put_attachments(archive* out, const Attachments& beside, const Attachments::Names& named)
{
    for (const auto& [hash, who] : named.logs)
        if (const auto file = beside.flight_log_file(hash))
            if (const auto done = put_file(out, "logs/" + hash.substr(0, 2) + "/" + file->filename().string(), *file); !done)
                return done;
    for (const auto& [name, who] : named.sticks) {
        const auto file = beside.stick_recording(name);
        std::error_code error;
        if (!file || !fs::is_regular_file(*file, error)) continue; // verification says so
        if (const auto done = put_file(out, "sticks/" + name, *file); !done) return done;
    }
    return {};
}

Result<void> unpack(const fs::path& backup, const fs::path& folder)
{
    const Reader in(archive_read_new(), &archive_read_free);
    archive_read_support_format_tar(in.get());
    archive_read_support_filter_gzip(in.get());
    constexpr std::size_t block = 1 << 16;
    const auto no_backup = [&](const Message& why) {
        return bad_input("%1: is no backup of a record: %2", backup.string(), why);
    };
    if (archive_read_open_filename(in.get(), backup.c_str(), block) != ARCHIVE_OK) return no_backup(words_of(in.get()));
    archive_entry* entry = nullptr;
    int status = ARCHIVE_OK;
    constexpr la_int64_t most_bytes = la_int64_t{10} << 30;
    la_int64_t all_bytes = 0;
    std::set<fs::path> seen;
    while ((status = archive_read_next_header(in.get(), &entry)) == ARCHIVE_OK) {
        const char* name = archive_entry_pathname(entry);
        const auto place = name ? place_of(name) : std::nullopt;
        if (!place || archive_entry_filetype(entry) != AE_IFREG || archive_entry_hardlink(entry))
            return no_backup(message("it holds '%1'", (name ? name : "")));
        if (!seen.insert(*place).second) return no_backup(message("it holds '%1' twice", name));
        if (const auto made = make_own_folder((folder / *place).parent_path()); !made) return made;
        std::ofstream out(folder / *place, std::ios::binary | std::ios::trunc);
        const void* bytes = nullptr;
        std::size_t size = 0;
        la_int64_t offset = 0, written = 0;
        while ((status = archive_read_data_block(in.get(), &bytes, &size, &offset)) == ARCHIVE_OK) {
            if (offset != written) return no_backup("a part of it has holes");
            if ((all_bytes += static_cast<la_int64_t>(size)) > most_bytes) return no_backup("it holds more than 10 GB");
            out.write(static_cast<const char*>(bytes), static_cast<std::streamsize>(size));
            written += static_cast<la_int64_t>(size);
        }
        out.close();
        if (status != ARCHIVE_EOF) return no_backup(words_of(in.get()));
        if (!out) return bad_input("%1: cannot be written", (folder / *place).string());
        fs::permissions(folder / *place, fs::perms::owner_read | fs::perms::owner_write);
        if (const auto flushed = flush_file(folder / *place); !flushed) return flushed;
    }
    if (status != ARCHIVE_EOF) return no_backup(words_of(in.get()));
    return {};
}

/// Every file beside the record is one that its entries name.
Result<void> holds_nothing_else(const fs::path& folder, const fs::path& backup)
try {
    const Database record(folder / record_name, true);
    const auto named = names_in(record, "main", version_of(record));
    for (const bool log : {true, false}) {
        std::error_code error;
        for (const auto& file :
             fs::recursive_directory_iterator(folder / (std::string(record_name) + (log ? ".logs" : ".sticks")), error)) {
            if (file.is_directory(error)) continue;
            const std::string name = file.path().filename().string();
            if (!(log ? named.logs.contains(name.substr(0, name.find('.'))) : named.sticks.contains(name)))
                return bad_input("%1: holds '%2', which no entry of the record in it names", backup.string(), name);
        }
    }
    return {};
} catch (const StoreFailure& why) {
    return bad_input("%1: the record in it cannot be read: %2", backup.string(), why.message());
}

/// Unpacks into a folder and verifies what is there.
Result<VerifyReport> unpacked_and_verified(const fs::path& backup, const fs::path& folder)
{
    if (const auto done = unpack(backup, folder); !done) return tl::unexpected(done.error());
    const auto manifest = read_text(folder / manifest_name);
    if (!manifest) return bad_input("%1: is no backup of a record: there is no %2", backup.string(), manifest_name);
    const auto head = read_document<std::optional<Head>>(*manifest, backup.string(), "backup",
                                                         [](const JsonIn& in) -> Result<std::optional<Head>> {
                                                             const auto noted = parse_head(in.text("head"));
                                                             if (!noted) in.at("head").fault("expected COUNT:HASH");
                                                             return noted;
                                                         });
    if (!head) return tl::unexpected(head.error());
    const auto there = head_of(folder / record_name);
    if (!there) return tl::unexpected(there.error());
    if (!(*there == **head)) return bad_input("%1: the head that it names is not that of the record in it", backup.string());
    if (const auto whole = holds_nothing_else(folder, backup); !whole) return tl::unexpected(whole.error());
    VerifyOptions options;
    options.head = **head;
    options.also_stand = own_key(usual_station_folder());
    return verify_record(folder / record_name, options);
}

} // namespace

Result<VerifyReport> back_up(const RecordPlace& place, const fs::path& to, const fs::path& read_logs_also_from)
{
    if (place.on_server()) return with_copy_of(place, [&](const fs::path& copy) { return back_up(copy, to); });
    const fs::path& record = place.file;
    std::error_code error;
    if (fs::exists(to, error)) return bad_input("%1: is there already, a backup is not written over it", to.string());
    if (const auto is_one = head_of(record); !is_one) return tl::unexpected(is_one.error());
    const Workplace work(to.string() + ".making");
    if (const auto made = make_own_folder(work.folder()); !made) return tl::unexpected(made.error());
    const fs::path copy = work.folder() / record_name, part = work.folder() / "backup.part";
    try {
        const Database database(record, true);
        database.run("VACUUM INTO ?", copy.string());
        const Database snapshot(copy, true);
        const auto head = head_of(copy);
        if (!head) return tl::unexpected(head.error());
        const Writer out(archive_write_new(), &archive_write_free);
        archive_write_set_format_pax_restricted(out.get());
        archive_write_add_filter_gzip(out.get());
        if (archive_write_open_filename(out.get(), part.c_str()) != ARCHIVE_OK)
            return bad_input("%1: %2", part.string(), words_of(out.get()));
        const nlohmann::json manifest{
            {"format", "bluehangar.backup/1"}, {"head", in_words(*head)}, {"version", version_of(snapshot)}};
        std::string keys;
        for (const std::string& key : station_keys_of(copy).value_or(std::vector<std::string>{})) keys += key + "\n";
        for (const auto& done : {put(out.get(), manifest_name, manifest.dump(1) + "\n"), put(out.get(), keys_name, keys),
                                 put_file(out.get(), record_name, copy),
                                 put_attachments(out.get(), Attachments(record, read_logs_also_from),
                                                 names_in(snapshot, "main", version_of(snapshot)))})
            if (!done) return bad_input("%1: the backup cannot be written: %2", to.string(), done.error().message);
        if (archive_write_close(out.get()) != ARCHIVE_OK)
            return bad_input("%1: the backup cannot be written: %2", to.string(), words_of(out.get()));
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be backed up: %2", record.string(), why.message());
    }
    const Workplace look(to.string() + ".looking");
    const auto report = unpacked_and_verified(part, look.folder());
    if (!report) return bad_input("%1: the backup cannot be read back: %2", to.string(), report.error().message);
    fs::permissions(part, fs::perms::owner_read | fs::perms::owner_write, error);
    if (const auto flushed = flush_file(part); !flushed) return tl::unexpected(flushed.error());
    fs::rename(part, to, error);
    if (error) return bad_input("%1: cannot be written: %2", to.string(), error.message());
    flush_folder(to.parent_path());
    return report;
}

Result<VerifyReport> restore(const fs::path& backup, const fs::path& record)
{
    if (const auto free = is_free_for_record(record); !free) return tl::unexpected(free.error());
    std::error_code error;
    const auto status = fs::status(backup, error);
    if (!fs::exists(status)) return failure(Error::Code::NotFound, "%1: there is no such backup", backup.string());
    if (!fs::is_regular_file(status)) return bad_input("%1: is not a file, expected a backup", backup.string());
    const Workplace work(record.string() + ".restoring");
    auto report = unpacked_and_verified(backup, work.folder());
    if (!report) return report;
    if (const auto moved = move_record(work.folder() / record_name, record); !moved) return tl::unexpected(moved.error());
    return report;
}

} // namespace bh
