// Preloaded into a program that writes a record: ends it at its Nth change of a file, and remembers what was on the disk for sure
// by then, so that a power cut can be acted out. For kill_test.cpp.
//
//   BH_POWER_ROOT    the folder that is watched
//   BH_POWER_SHADOW  where what is safe is remembered: contents of files that were flushed (by inode and time of birth), and
//                    listings of folders that were flushed
//   BH_POWER_AT      the program is killed before that change; 0: never
//   BH_POWER_HALF    or, where that change is a write, in the middle of it: half of the bytes are there
//   BH_POWER_COUNT   a file that holds, at the end, how many changes there were
#include <atomic>
#include <csignal>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <dirent.h>
#include <dlfcn.h>
#include <fcntl.h>
#include <mutex>
#include <string>
#include <sys/stat.h>
#include <sys/uio.h>
#include <unistd.h>

namespace {

std::atomic<long> changes{0};
thread_local bool inside = false; // the shim's own work is not watched
std::mutex shadow_mutex;

const char* setting(const char* name)
{
    const char* value = std::getenv(name);
    return value ? value : "";
}
const std::string& root()
{
    static const std::string folder = setting("BH_POWER_ROOT");
    return folder;
}

template <class F>
F real(const char* name)
{
    return reinterpret_cast<F>(dlsym(RTLD_NEXT, name));
}

std::string path_of(int fd)
{
    char link[64], path[4096];
    std::snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    const ssize_t n = readlink(link, path, sizeof path);
    return n > 0 ? std::string(path, static_cast<std::size_t>(n)) : std::string();
}
bool watched(const std::string& path) { return !inside && !root().empty() && path.compare(0, root().size(), root()) == 0; }
bool watched(const char* path) { return !inside && !root().empty() && std::strncmp(path, root().c_str(), root().size()) == 0; }

struct Inside {
    Inside() { inside = true; }
    ~Inside() { inside = false; }
};

[[noreturn]] void die()
{
    kill(getpid(), SIGKILL);
    for (;;) pause();
}

/// One change of a file is about to happen: is it the one?
bool is_the_one()
{
    static const long at = std::atol(setting("BH_POWER_AT"));
    return ++changes == at;
}
void change()
{
    if (is_the_one()) die();
}
/// The same of a write; `half` writes half of it.
template <class Half>
void change_by_writing(Half half)
{
    static const bool in_the_middle = *setting("BH_POWER_HALF") != '\0';
    if (!is_the_one()) return;
    if (in_the_middle) half();
    die();
}

/// A file's name in the shadow: its number, and when it was born, as numbers are given again.
std::string identity(const struct statx& s)
{
    return std::to_string(s.stx_ino) + "." + std::to_string(s.stx_btime.tv_sec) + "." + std::to_string(s.stx_btime.tv_nsec);
}
bool look(int at, const char* path, int flags, struct statx& s)
{
    return statx(at, path, flags, STATX_INO | STATX_BTIME | STATX_TYPE, &s) == 0;
}

void put(const std::string& to, const std::string& bytes)
{
    const std::string part = to + ".part";
    const int fd = open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0600);
    for (std::size_t at = 0; fd >= 0 && at < bytes.size();) {
        const ssize_t n = write(fd, bytes.data() + at, bytes.size() - at);
        if (n <= 0) break;
        at += static_cast<std::size_t>(n);
    }
    if (fd >= 0) close(fd);
    rename(part.c_str(), to.c_str());
}

/// What was flushed is safe: a file's bytes, or which files a folder has.
void remember(int fd)
{
    const Inside mine;
    const std::scoped_lock lock(shadow_mutex);
    struct statx s {};
    if (!look(fd, "", AT_EMPTY_PATH, s)) return;
    std::string bytes;
    if (S_ISDIR(s.stx_mode)) {
        const std::string folder = path_of(fd);
        DIR* dir = opendir(folder.c_str());
        while (dirent* entry = dir ? readdir(dir) : nullptr) {
            const std::string name = entry->d_name;
            struct statx of {};
            if (name == "." || name == ".." || !look(AT_FDCWD, (folder + "/" + name).c_str(), AT_SYMLINK_NOFOLLOW, of)) continue;
            bytes += (S_ISDIR(of.stx_mode) ? "d " : "f ") + identity(of) + " " + name + "\n";
        }
        if (dir) closedir(dir);
    } else {
        const int in = open(path_of(fd).c_str(), O_RDONLY | O_CLOEXEC);
        char buffer[1 << 16];
        for (ssize_t n; in >= 0 && (n = read(in, buffer, sizeof buffer)) > 0;) bytes.append(buffer, static_cast<std::size_t>(n));
        if (in >= 0) close(in);
    }
    put(setting("BH_POWER_SHADOW") + ("/" + identity(s)), bytes);
}

int flushed(const char* how, int fd)
{
    const bool ours = watched(path_of(fd));
    if (ours) change();
    const int result = real<int (*)(int)>(how)(fd);
    if (ours && result == 0) remember(fd);
    return result;
}

struct AtEnd {
    ~AtEnd()
    {
        const Inside mine;
        if (const std::string file = setting("BH_POWER_COUNT"); !file.empty()) put(file, std::to_string(changes.load()));
    }
} at_end;

} // namespace

extern "C" {

int fsync(int fd) { return flushed("fsync", fd); }
int fdatasync(int fd) { return flushed("fdatasync", fd); }

ssize_t write(int fd, const void* bytes, std::size_t size)
{
    const auto write_some = [&](std::size_t some) {
        return real<ssize_t (*)(int, const void*, std::size_t)>("write")(fd, bytes, some);
    };
    if (fd > 2 && watched(path_of(fd))) change_by_writing([&] { static_cast<void>(write_some(size / 2)); });
    return write_some(size);
}
ssize_t writev(int fd, const struct iovec* parts, int count)
{
    if (fd > 2 && watched(path_of(fd))) change();
    return real<ssize_t (*)(int, const struct iovec*, int)>("writev")(fd, parts, count);
}
ssize_t pwrite64(int fd, const void* bytes, std::size_t size, off64_t at)
{
    const auto write_some = [&](std::size_t some) {
        return real<ssize_t (*)(int, const void*, std::size_t, off64_t)>("pwrite64")(fd, bytes, some, at);
    };
    if (watched(path_of(fd))) change_by_writing([&] { static_cast<void>(write_some(size / 2)); });
    return write_some(size);
}
ssize_t pwrite(int fd, const void* bytes, std::size_t size, off_t at)
{
    const auto write_some = [&](std::size_t some) {
        return real<ssize_t (*)(int, const void*, std::size_t, off_t)>("pwrite")(fd, bytes, some, at);
    };
    if (watched(path_of(fd))) change_by_writing([&] { static_cast<void>(write_some(size / 2)); });
    return write_some(size);
}
int ftruncate(int fd, off_t size)
{
    if (watched(path_of(fd))) change();
    return real<int (*)(int, off_t)>("ftruncate")(fd, size);
}
int ftruncate64(int fd, off64_t size)
{
    if (watched(path_of(fd))) change();
    return real<int (*)(int, off64_t)>("ftruncate64")(fd, size);
}
int rename(const char* from, const char* to)
{
    if (watched(to)) change();
    return real<int (*)(const char*, const char*)>("rename")(from, to);
}
int unlink(const char* path)
{
    if (watched(path)) change();
    return real<int (*)(const char*)>("unlink")(path);
}
int link(const char* from, const char* to)
{
    if (watched(to)) change();
    return real<int (*)(const char*, const char*)>("link")(from, to);
}
int mkdir(const char* path, mode_t mode)
{
    if (watched(path)) change();
    return real<int (*)(const char*, mode_t)>("mkdir")(path, mode);
}
int open(const char* path, int flags, ...)
{
    va_list more;
    va_start(more, flags);
    const mode_t mode = (flags & O_CREAT) != 0 ? va_arg(more, mode_t) : 0;
    va_end(more);
    if ((flags & O_CREAT) != 0 && watched(path)) change();
    return real<int (*)(const char*, int, mode_t)>("open")(path, flags, mode);
}
int open64(const char* path, int flags, ...)
{
    va_list more;
    va_start(more, flags);
    const mode_t mode = (flags & O_CREAT) != 0 ? va_arg(more, mode_t) : 0;
    va_end(more);
    if ((flags & O_CREAT) != 0 && watched(path)) change();
    return real<int (*)(const char*, int, mode_t)>("open64")(path, flags, mode);
}

} // extern "C"
