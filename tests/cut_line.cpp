#include "cut_line.h"

#include <array>
#include <cstring>
#include <poll.h>
#include <stdexcept>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>
#include <vector>

namespace {

constexpr const char* socket_name = ".s.PGSQL.5432";

sockaddr_un address_of(const std::filesystem::path& folder)
{
    sockaddr_un address{};
    address.sun_family = AF_UNIX;
    std::strncpy(address.sun_path, (folder / socket_name).c_str(), sizeof address.sun_path - 1);
    return address;
}

int connected_to(const std::filesystem::path& folder)
{
    const int fd = ::socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
    const sockaddr_un address = address_of(folder);
    if (::connect(fd, reinterpret_cast<const sockaddr*>(&address), sizeof address) == 0) return fd;
    ::close(fd);
    return -1;
}

struct Pair {
    int station = -1, server = -1;
};

} // namespace

CutLine::CutLine(const std::filesystem::path& server_folder) : server_folder_(server_folder)
{
    std::string pattern = "/tmp/bh-line-XXXXXX";
    if (!::mkdtemp(pattern.data()) || ::pipe(bell_) != 0) throw std::runtime_error("no line could be made");
    folder_ = pattern;
    listener_ = ::socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0);
    const sockaddr_un address = address_of(folder_);
    if (::bind(listener_, reinterpret_cast<const sockaddr*>(&address), sizeof address) != 0 || ::listen(listener_, 32) != 0)
        throw std::runtime_error("no line could be made");
    thread_ = std::thread([this] { run(); });
}

CutLine::~CutLine()
{
    closing_ = true;
    static_cast<void>(::write(bell_[1], "x", 1));
    thread_.join();
    ::close(listener_);
    for (const int end : bell_) ::close(end);
    std::error_code error;
    std::filesystem::remove_all(folder_, error);
}

std::string CutLine::through(std::string address) const
{
    const std::string host = "host=" + server_folder_.string();
    return address.replace(address.find(host), host.size(), "host=" + folder_.string());
}

void CutLine::cut()
{
    {
        const std::scoped_lock lock(mutex_);
        is_cut_ = true;
    }
    const int asked = ++cuts_asked_;
    static_cast<void>(::write(bell_[1], "x", 1));
    while (cuts_seen_ < asked) std::this_thread::yield(); // every line is closed when this returns
}

void CutLine::cut_after(long bytes)
{
    const std::scoped_lock lock(mutex_);
    left_ = bytes;
}

void CutLine::mend()
{
    const std::scoped_lock lock(mutex_);
    left_ = -1;
    is_cut_ = false;
}

bool CutLine::is_cut() const
{
    const std::scoped_lock lock(mutex_);
    return is_cut_;
}

void CutLine::run()
{
    std::vector<Pair> pairs;
    const auto close_all = [&] {
        for (const Pair& pair : pairs) ::close(pair.station), ::close(pair.server);
        pairs.clear();
    };
    std::array<char, 1 << 16> bytes{};
    while (!closing_) {
        const int asked = cuts_asked_;
        if (is_cut()) close_all();
        cuts_seen_ = asked;
        std::vector<pollfd> ends{{bell_[0], POLLIN, 0}, {listener_, POLLIN, 0}};
        for (const Pair& pair : pairs) ends.push_back({pair.station, POLLIN, 0}), ends.push_back({pair.server, POLLIN, 0});
        if (::poll(ends.data(), ends.size(), 1000) <= 0) continue;
        if (ends[0].revents) static_cast<void>(::read(bell_[0], bytes.data(), 16));
        for (std::size_t i = 0; i < pairs.size(); ++i) {
            bool over = false;
            for (const bool up : {true, false}) {
                const pollfd& from = ends[2 + 2 * i + (up ? 0 : 1)];
                if (!from.revents || over) continue;
                ssize_t n = ::read(from.fd, bytes.data(), bytes.size());
                const int to = up ? pairs[i].server : pairs[i].station;
                if (n > 0) {
                    const std::scoped_lock lock(mutex_);
                    if (left_ >= 0 && n >= left_) n = left_, is_cut_ = true; // the rest is never heard
                    if (left_ >= 0) left_ -= n;
                }
                for (ssize_t at = 0; at < n;) {
                    const ssize_t sent = ::send(to, bytes.data() + at, static_cast<std::size_t>(n - at), MSG_NOSIGNAL);
                    if (sent <= 0) break;
                    at += sent;
                }
                over = n <= 0 || is_cut();
            }
            if (over) ::close(pairs[i].station), ::close(pairs[i].server), pairs[i] = {};
        }
        std::erase_if(pairs, [](const Pair& pair) { return pair.station < 0; });
        if (ends[1].revents) {
            const int station = ::accept4(listener_, nullptr, nullptr, SOCK_CLOEXEC);
            const int server = is_cut() ? -1 : connected_to(server_folder_);
            if (server < 0)
                ::close(station);
            else
                pairs.push_back({station, server});
        }
    }
    close_all();
}
