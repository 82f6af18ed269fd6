#include "record/server/server_line.h"

#include "record/file/database.h"
#include "record/file/failures.h"

#include <algorithm>
#include <chrono>
#include <memory>
#include <sys/eventfd.h>
#include <unistd.h>
#include <utility>

namespace bh {

ServerLine::ServerLine(std::string server, Listener listener)
    : server_(std::move(server)), listener_(std::move(listener)), bell_(::eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      thread_([this] { run(); })
{
}

ServerLine::~ServerLine()
{
    closing_ = true;
    ring();
    thread_.join();
    ::close(bell_);
}

void ServerLine::ring() const
{
    const std::uint64_t one = 1;
    static_cast<void>(!::write(bell_, &one, sizeof one)); // full: it rings already
}

void ServerLine::tell(std::string text)
{
    {
        const std::scoped_lock lock(mutex_);
        text_ = std::move(text);
    }
    ring();
}

void ServerLine::soon(const std::string& name, std::function<void(const Database&)> what)
{
    {
        const std::scoped_lock lock(mutex_);
        soon_[name] = std::move(what);
    }
    ring();
}

void ServerLine::doubt() { doubted_ = true; }

/// What there is to be said; and whether it is there, where it is time to ask.
void ServerLine::speak(const Database& server, bool ask)
{
    std::string text;
    std::map<std::string, std::function<void(const Database&)>> soon;
    {
        const std::scoped_lock lock(mutex_);
        text = std::exchange(text_, {});
        soon = std::exchange(soon_, {});
    }
    if (!text.empty())
        server.write("SELECT pg_notify('hangar_live', ?)", text);
    else if (ask)
        server.run("SELECT 1");
    for (const auto& [_, what] : soon) try {
            what(server);
        } catch (const ServerAway&) {
            throw;
        } catch (const StoreFailure&) { // the server does not want it, and nothing hangs on it
        }
}

/// What was told within so long; true: somebody wrote.
bool ServerLine::hear(const Database& server, int most_ms)
{
    bool written = false;
    for (const Database::Notice& notice : server.wait_for_notices(bell_, most_ms))
        if (notice.channel == "hangar_entries")
            written = true;
        else if (listener_.told_live)
            listener_.told_live(notice.told);
    return written;
}

void ServerLine::run()
{
    using Clock = std::chrono::steady_clock;
    constexpr std::chrono::milliseconds ask_every(ask_every_ms);
    std::unique_ptr<Database> server; // made and used in this thread
    bool answered = true;             // whoever opened the record has just heard from it
    Clock::time_point asked{};
    while (!closing_) {
        bool answer = true, written = false;
        try {
            if (!server) {
                server = Database::on_server(server_);
                server->run_script(QStringLiteral("LISTEN hangar_entries; LISTEN hangar_live"));
                written = true; // nobody listened until now
            }
            const bool time_to_ask = Clock::now() - asked >= ask_every;
            if (time_to_ask) asked = Clock::now();
            speak(*server, time_to_ask);
            const auto left = std::chrono::duration_cast<std::chrono::milliseconds>(asked + ask_every - Clock::now());
            written = hear(*server, written ? 0 : std::max(0, static_cast<int>(left.count()) + 1)) || written;
        } catch (const StoreFailure&) {
            server.reset();
            answer = written = false;
        }
        if (doubted_.exchange(false)) answered = false;
        const bool news = std::exchange(answered, answer) != answer || !answer;
        if (news && listener_.answers) listener_.answers(answer);
        if (written && listener_.written) listener_.written();
        if (!answer) Database::wait_for_bell(bell_, ask_every_ms);
    }
}

} // namespace bh
