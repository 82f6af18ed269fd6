#include "files/file_text.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <sys/mman.h>
#include <sys/stat.h>
#include <unistd.h>
#include <utility>

namespace bh {
namespace {

tl::unexpected<Error> cannot(const std::filesystem::path& path, const char* what)
{
    return failure(errno == ENOENT ? Error::Code::NotFound : Error::Code::BadInput,
                   path.string() + ": " + what + ": " + std::strerror(errno));
}

} // namespace

Result<MappedFile> MappedFile::open(const std::filesystem::path& path)
{
    const int fd = ::open(path.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return cannot(path, "cannot be opened");
    struct stat info {};
    if (::fstat(fd, &info) != 0 || !S_ISREG(info.st_mode)) {
        ::close(fd);
        return bad_input(path.string() + ": is not a file, expected a text file");
    }
    const auto size = static_cast<std::size_t>(info.st_size);
    if (size == 0) {
        ::close(fd);
        return MappedFile(nullptr, 0);
    }
    void* data = ::mmap(nullptr, size, PROT_READ, MAP_PRIVATE, fd, 0);
    ::close(fd);
    if (data == MAP_FAILED) return cannot(path, "cannot be read");
    ::madvise(data, size, MADV_SEQUENTIAL);
    return MappedFile(static_cast<const char*>(data), size);
}

MappedFile::MappedFile(MappedFile&& other) noexcept
    : data_(std::exchange(other.data_, nullptr)), size_(std::exchange(other.size_, 0))
{
}

MappedFile::~MappedFile()
{
    if (data_) ::munmap(const_cast<char*>(data_), size_);
}

Result<std::string> read_text(const std::filesystem::path& path)
{
    constexpr std::size_t most_bytes = 64u << 20;
    auto file = MappedFile::open(path);
    if (!file) return tl::unexpected(file.error());
    if (file->text().size() > most_bytes) return bad_input(path.string() + ": is larger than 64 MB, expected a small document");
    return std::string(file->text());
}

namespace {

Result<void> write_beside(const std::filesystem::path& path, std::string_view content, bool own, bool flush)
{
    const std::filesystem::path part = path.string() + "." + std::to_string(::getpid()) + ".part";
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
    if (std::filesystem::is_directory(folder, error)) return {};
    if (folder.has_parent_path() && folder.parent_path() != folder)
        if (const auto made = make_own_folder(folder.parent_path()); !made) return made;
    if (::mkdir(folder.c_str(), 0700) != 0 && errno != EEXIST) return cannot(folder, "cannot be made");
    flush_folder(folder.parent_path());
    return {};
}

void flush_folder(const std::filesystem::path& folder) noexcept
{
    const int fd = ::open(folder.empty() ? "." : folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC);
    if (fd < 0) return;
    ::fsync(fd);
    ::close(fd);
}

} // namespace bh
