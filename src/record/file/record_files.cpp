#include "record/file/record_files.h"

#include "files/text/file_text.h"

namespace bh {
namespace {

constexpr const char* beside_last_the_file[] = {".logs", ".sticks", ""};

} // namespace

Result<void> is_free_for_record(const std::filesystem::path& record)
{
    if (auto possible = is_possible_path(record.string() + ".restoring"); !possible) return possible;
    std::error_code error;
    for (const char* beside : {"", ".logs", ".sticks", "-wal"})
        if (const std::filesystem::path taken = record.string() + beside; std::filesystem::exists(taken, error))
            return bad_input("%1: is there already, expected a place where there is no record", taken.string());
    return {};
}

Result<void> move_record(const std::filesystem::path& from, const std::filesystem::path& to)
{
    std::error_code error;
    for (const char* beside : beside_last_the_file) {
        if (!std::filesystem::exists(from.string() + beside, error)) continue;
        std::filesystem::rename(from.string() + beside, to.string() + beside, error);
        if (error) return bad_input("%1%2: cannot be written: %3", to.string(), beside, error.message());
    }
    flush_folder(to.parent_path());
    return {};
}

Workplace::Workplace(std::filesystem::path folder) : folder_(std::move(folder))
{
    std::error_code ignored;
    std::filesystem::remove_all(folder_, ignored);
}

Workplace::~Workplace()
{
    std::error_code ignored;
    std::filesystem::remove_all(folder_, ignored);
}

} // namespace bh
