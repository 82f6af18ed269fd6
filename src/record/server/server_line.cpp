#include "record/server/server_line.h"

#include "record/file/database.h"
#include "record/file/failures.h"

#include <chrono>
#include <memory>
#include <utility>

namespace bh {

ServerLine::ServerLine(std::string server, std::function<void(bool)> answers)
    : server_(std::move(server)), answers_(std::move(answers)), thread_([this] { run(); })
{
}

ServerLine::~ServerLine()
{
    {
        const std::scoped_lock lock(mutex_);
        closing_ = true;
    }
    wake_.notify_all();
    thread_.join();
}

void ServerLine::tell(std::string text)
{
    {
        const std::scoped_lock lock(mutex_);
        text_ = std::move(text);
    }
    wake_.notify_all();
}

void ServerLine::soon(const std::string& name, std::function<void(const Database&)> what)
{
    {
        const std::scoped_lock lock(mutex_);
        soon_[name] = std::move(what);
    }
    wake_.notify_all();
}

void ServerLine::doubt()
{
    const std::scoped_lock lock(mutex_);
    doubted_ = true;
}

void ServerLine::run()
{
    std::unique_ptr<Database> server; // made and used in this thread
    bool answered = true;             // whoever opened the record has just heard from it
    for (;;) {
        std::string text;
        std::map<std::string, std::function<void(const Database&)>> soon;
        {
            std::unique_lock lock(mutex_);
            wake_.wait_for(lock, std::chrono::milliseconds(ask_every_ms),
                           [this] { return closing_ || !text_.empty() || !soon_.empty(); });
            if (closing_) return;
            text = std::exchange(text_, {});
            soon = std::exchange(soon_, {});
            if (std::exchange(doubted_, false)) answered = false;
        }
        bool answer = true;
        try {
            if (!server) server = Database::on_server(server_);
            if (text.empty())
                server->run("SELECT 1");
            else
                server->write("SELECT pg_notify('hangar_live', ?)", text);
            for (const auto& [_, what] : soon) try {
                    what(*server);
                } catch (const ServerAway&) {
                    throw;
                } catch (const StoreFailure&) { // the server does not want it, and nothing hangs on it
                }
        } catch (const StoreFailure&) {
            server.reset();
            answer = false;
        }
        if (std::exchange(answered, answer) != answer || !answer) answers_(answer);
    }
}

} // namespace bh
