#include "record/file/daily_copies.h"

#include "files/text/file_text.h"
#include "record/attachments.h"
#include "record/chain/projection.h"
#include "record/chain/station_key.h"
#include "record/file/database.h"
#include "record/file/record_files.h"
#include "record/file/schema.h"
#include "record/record.h"

#include <algorithm>

namespace bh {
namespace {

namespace fs = std::filesystem;
constexpr const char *copy_name = "record.sqlite", *head_name = "head";

bool is_day(const std::string& name)
{
    return name.size() == 10 && name.find_first_not_of("0123456789-") == std::string::npos && name[4] == '-' && name[7] == '-';
}

Result<void> link_or_copy(const fs::path& from, const fs::path& to)
{
    if (const auto made = make_own_folder(to.parent_path()); !made) return made;
    std::error_code error;
    fs::create_hard_link(from, to, error);
    if (error) fs::copy_file(from, to, error);
    if (error) return bad_input("%1: cannot be written: %2", to.string(), error.message());
    return {};
}

/// What is not there stays missing: verification of the record says so.
Result<void> link_attachments(const Attachments& from, const Attachments::Names& named, const fs::path& copy)
{
    for (const auto& [hash, who] : named.logs)
        if (const auto file = from.flight_log_file(hash))
            if (const auto done = link_or_copy(*file, fs::path(copy.string() + ".logs") / hash.substr(0, 2) / file->filename());
                !done)
                return done;
    for (const auto& [name, who] : named.sticks) {
        const auto file = from.stick_recording(name);
        std::error_code error;
        if (!file || !fs::is_regular_file(*file, error)) continue;
        if (const auto done = link_or_copy(*file, fs::path(copy.string() + ".sticks") / name); !done) return done;
    }
    return {};
}

} // namespace

fs::path daily_copies_of(const fs::path& record) { return record.string() + ".copies"; }

Result<bool> keep_copy_of_day(const fs::path& record, const std::string& day, int most, const fs::path& read_logs_also_from)
{
    const fs::path all = daily_copies_of(record), of_day = all / day;
    std::error_code error;
    if (fs::exists(of_day, error)) return false;
    const Workplace work(of_day.string() + ".making");
    if (const auto made = make_own_folder(work.folder()); !made) return tl::unexpected(made.error());
    const fs::path copy = work.folder() / copy_name;
    try {
        const Database database(record, true);
        database.run("VACUUM INTO ?", copy.string());
        fs::permissions(copy, fs::perms::owner_read | fs::perms::owner_write, error);
        const Database snapshot(copy, true);
        const auto named = names_in(snapshot, "main", version_of(snapshot));
        if (const auto done = link_attachments(Attachments(record, read_logs_also_from), named, copy); !done)
            return tl::unexpected(done.error());
    } catch (const StoreFailure& why) {
        return bad_input("%1: the day's copy cannot be made: %2", of_day.string(), why.message());
    }
    VerifyOptions options;
    options.also_stand = own_key(usual_station_folder());
    options.attachments = false; // they are the files that were verified beside the record
    const auto report = verify_record(copy, options);
    if (!report) return tl::unexpected(report.error());
    if (!report->problems.empty())
        return bad_input("%1: the day's copy is not right: %2", of_day.string(), report->problems.front());
    if (const auto noted = write_whole(work.folder() / head_name, in_words(report->head) + "\n", true); !noted)
        return tl::unexpected(noted.error());
    if (const auto flushed = flush_file(copy); !flushed) return tl::unexpected(flushed.error());
    fs::rename(work.folder(), of_day, error);
    if (error) return bad_input("%1: cannot be written: %2", of_day.string(), error.message());
    flush_folder(all);
    const auto copies = copies_of_days(record);
    for (std::size_t i = static_cast<std::size_t>(std::max(1, most)); i < copies.size(); ++i)
        fs::remove_all(all / copies[i].day, error);
    return true;
}

std::vector<DailyCopy> copies_of_days(const fs::path& record)
{
    std::vector<DailyCopy> copies;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(daily_copies_of(record), error)) {
        const std::string day = entry.path().filename().string();
        if (!is_day(day)) continue;
        std::string head = read_text(entry.path() / head_name).value_or("");
        while (!head.empty() && head.back() == '\n') head.pop_back();
        copies.push_back({day, entry.path() / copy_name, std::move(head)});
    }
    std::sort(copies.begin(), copies.end(), [](const DailyCopy& a, const DailyCopy& b) { return a.day > b.day; });
    return copies;
}

} // namespace bh
