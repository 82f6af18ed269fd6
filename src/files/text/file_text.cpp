#include "files/text/file_text.h"

#include "core/base/number_text.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <new>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace bh {
namespace {

tl::unexpected<Error> cannot(const std::filesystem::path& path, const char* what)
{
    return failure(errno == ENOENT ? Error::Code::NotFound : Error::Code::BadInput, "%1: %2: %3", path.string(), what,
                   std::strerror(errno));
}

} // namespace

Result<FileBytes> FileBytes::open(const std::filesystem::path& path)
{
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK); // a pipe would wait for somebody to write
    if (fd < 0) return cannot(path, "cannot be opened");
    struct stat info {};
    if (::fstat(fd, &info) != 0 || !S_ISREG(info.st_mode)) {
        ::close(fd);
        return bad_input("%1: is not a file, expected a text file", path.string());
    }
    constexpr std::size_t most_bytes = std::size_t{3} << 29; // room for the longest flight, as CSV
    const auto size = static_cast<std::size_t>(info.st_size);
    if (size > most_bytes) {
        ::close(fd);
        return bad_input("%1: is larger than 1.5 GB, expected one flight or a document", path.string());
    }
    std::unique_ptr<char[]> data(new (std::nothrow) char[size + 1]);
    if (!data) {
        ::close(fd);
        return bad_input("%1: is larger than this computer's memory", path.string());
    }
    std::size_t have = 0;
    for (ssize_t got = 1; have < size && got > 0;) {
        got = ::read(fd, data.get() + have, size - have);
        if (got < 0 && errno == EINTR)
            got = 1;
        else if (got < 0) {
            auto error = cannot(path, "cannot be read");
            ::close(fd);
            return error;
        } else
            have += static_cast<std::size_t>(got);
    }
    ::close(fd);
    if (have < size) return bad_input("%1: was cut short while it was read, try again when it is whole", path.string());
    return FileBytes(std::move(data), size);
}

Result<std::string> read_text(const std::filesystem::path& path)
{
    constexpr std::size_t most_bytes = 64u << 20;
    auto file = FileBytes::open(path);
    if (!file) return tl::unexpected(file.error());
    if (file->text().size() > most_bytes) return bad_input("%1: is larger than 64 MB, expected a small document", path.string());
    return std::string(file->text());
}

namespace {

Result<void> write_beside(const std::filesystem::path& path, std::string_view content, bool own, bool flush)
{
    const std::filesystem::path part = path.string() + "." + whole_text(::getpid()) + ".part";
    const int fd = ::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, own ? 0600 : 0644);
    if (fd < 0) return cannot(part, "cannot be written");
    while (!content.empty()) {
        const ssize_t written = ::write(fd, content.data(), content.size());
        if (written < 0 && errno == EINTR) continue;
        if (written <= 0) {
            auto error = cannot(part, "cannot be written");
            ::close(fd);
            ::unlink(part.c_str());
            return error;
        }
        content.remove_prefix(static_cast<std::size_t>(written));
    }
    const bool flushed = !flush || ::fsync(fd) == 0;
    ::close(fd);
    if (!flushed || ::rename(part.c_str(), path.c_str()) != 0) {
        auto error = cannot(path, "cannot be written");
        ::unlink(part.c_str());
        return error;
    }
    if (flush) flush_folder(path.parent_path());
    return {};
}

} // namespace

Result<void> write_whole(const std::filesystem::path& path, std::string_view content, bool own)
{
    return write_beside(path, content, own, true);
}

Result<void> replace_quickly(const std::filesystem::path& path, std::string_view content)
{
    return write_beside(path, content, true, false);
}

Result<void> flush_file(const std::filesystem::path& path)
{
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return cannot(path, "cannot be opened");
    const bool flushed = ::fsync(fd) == 0;
    ::close(fd);
    if (!flushed) return cannot(path, "cannot be written to the disk");
    return {};
}

Result<void> make_own_folder(const std::filesystem::path& folder)
{
    std::error_code error;
    if (folder.empty() || std::filesystem::is_directory(folder, error)) return {}; // a name alone lies where we are
    if (folder.has_parent_path() && folder.parent_path() != folder)
        if (const auto made = make_own_folder(folder.parent_path()); !made) return made;
    if (::mkdir(folder.c_str(), 0700) != 0 && errno != EEXIST) return cannot(folder, "cannot be made");
    flush_folder(folder.parent_path());
    return {};
}

Result<void> is_possible_path(const std::filesystem::path& path)
{
    std::error_code error;
    static_cast<void>(std::filesystem::status(path, error));
    if (error != std::errc::filename_too_long && error != std::errc::too_many_symbolic_link_levels) return {};
    constexpr std::size_t shown = 60;
    return bad_input("%1…: is no path that this computer can have: %2", path.string().substr(0, shown), error.message());
}

void flush_folder(const std::filesystem::path& folder) noexcept
{
    const int fd = ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (fd < 0) return;
    ::fsync(fd);
    ::close(fd);
}

} // namespace bh
