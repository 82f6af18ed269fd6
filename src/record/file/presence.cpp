#include "record/file/presence.h"

#include "files/text/file_text.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

namespace bh {

Presence::Presence(const std::filesystem::path& record) : folder_(record.parent_path())
{
    fd_ = ::open((record.string() + ".open").c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0600);
    if (fd_ < 0) return;
    if (::flock(fd_, LOCK_EX | LOCK_NB) != 0) {
        ::flock(fd_, LOCK_SH);
        return;
    }
    char word = 0;
    after_bad_end_ = ::pread(fd_, &word, 1, 0) == 1;
    if (!after_bad_end_) settle();
}

bool Presence::ended_badly(const std::filesystem::path& record)
{
    const int fd = ::open((record.string() + ".open").c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return false;
    char word = 0;
    const bool alone = ::flock(fd, LOCK_EX | LOCK_NB) == 0;
    const bool marked = ::pread(fd, &word, 1, 0) == 1;
    ::close(fd); // and the lock with it
    return alone && marked;
}

void Presence::settle()
{
    if (fd_ < 0) return;
    constexpr char word = '1';
    static_cast<void>(::pwrite(fd_, &word, 1, 0) == 1 && ::fsync(fd_) == 0); // a power cut is a bad end too
    flush_folder(folder_);
    ::flock(fd_, LOCK_SH);
    after_bad_end_ = false;
}

Presence::~Presence()
{
    if (fd_ < 0) return;
    if (::flock(fd_, LOCK_EX | LOCK_NB) == 0) static_cast<void>(::ftruncate(fd_, 0) == 0); // the last to go
    ::close(fd_);
}

} // namespace bh
