#include "record/file/openable.h"

#include "files/text/file_text.h"
#include "record/file/database.h"
#include "record/file/failures.h"
#include "record/file/schema.h"
#include "record/record.h"

#include <fcntl.h>
#include <fstream>
#include <sys/stat.h>
#include <unistd.h>

namespace bh {
namespace {

/// Flight logs beside a record that has nothing in it, or is not there, tell that there was more.
Result<void> has_not_lost_itself(const std::filesystem::path& file)
{
    std::error_code error;
    const bool there = std::filesystem::exists(file, error);
    if (there && std::filesystem::file_size(file, error) > 0) return {};
    const std::filesystem::path logs = file.string() + ".logs";
    if (!std::filesystem::is_directory(logs, error) || std::filesystem::is_empty(logs, error)) return {};
    return bad_input("%1%2, but flight logs of a record lie beside it in %3; restore a copy of the record, or take the logs away "
                     "to begin a new one",
                     file.string(), (there ? ": is empty" : ": is not there"), logs.filename().string());
}

/// Refuses what is not a record.
Result<void> inspect(const Database& database, const std::filesystem::path& file)
{
    const int version = database.value("PRAGMA user_version").toInt();
    const bool empty = database.value("SELECT count(*) FROM sqlite_master") == "0"; // another program is about to fill it
    if (database.value("PRAGMA application_id").toInt() != record_application_id && !empty)
        return bad_input("%1: is a database, but not a training record; it was left as it is", file.string());
    if (version > Record::schema_version)
        return failure(Error::Code::Unsupported,
                       "%1: was written by a newer version (%2, this one knows up to %3); it was left as it is", file.string(),
                       version, Record::schema_version);
    if (const QString check = database.value("PRAGMA quick_check"); check != "ok")
        return bad_input("%1: is damaged (%2); it was left as it is, restore a copy", file.string(),
                         check.simplified().left(120).toStdString());
    return {};
}

Result<void> inspect(const std::filesystem::path& file, bool may_write)
{
    std::ifstream in(file, std::ios::binary);
    char head[16] = {};
    in.read(head, sizeof head);
    if (!in && in.gcount() < static_cast<std::streamsize>(sizeof head))
        return bad_input("%1: is not a training record; it was left as it is", file.string());
    if (std::string_view(head, 15) != "SQLite format 3")
        return bad_input("%1: is not a training record; it was left as it is", file.string());
    try {
        return inspect(Database(file, true), file);
    } catch (const StoreFailure& why) {
        // What a program that was killed in the middle of making it had begun is taken back first, and that is a change.
        if (may_write) try {
                return inspect(Database(file, false), file);
            } catch (const StoreFailure&) {
            }
        return bad_input("%1: cannot be read as a training record: %2; it was left as it is", file.string(), why.message());
    }
}

} // namespace

Result<void> may_be_opened(const std::filesystem::path& file, bool read_only)
{
    if (auto possible = is_possible_path(file); !possible) return possible;
    std::error_code error;
    if (std::filesystem::is_directory(file, error))
        return bad_input("%1: is a folder, expected a training record", file.string());
    if (std::filesystem::exists(file, error) && !std::filesystem::is_regular_file(file, error))
        return bad_input("%1: is not a file, expected a training record", file.string());
    if (auto whole = has_not_lost_itself(file); !whole) return whole;
    if (std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0) return inspect(file, !read_only);
    if (read_only) return failure(Error::Code::NotFound, "%1: there is no such record", file.string());
    return {};
}

void make_own_file(const std::filesystem::path& file)
{
    const int fd = ::open(file.c_str(), O_WRONLY | O_CREAT | O_CLOEXEC | O_NONBLOCK, S_IRUSR | S_IWUSR);
    if (fd < 0) return;
    ::fchmod(fd, S_IRUSR | S_IWUSR);
    ::close(fd);
}

} // namespace bh
