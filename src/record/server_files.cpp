#include "record/server_files.h"

#include "files/file_text.h"
#include "record/failures.h"

#include <chrono>

namespace bh {

namespace {

/// Logs lie in folders ".logs/ab/HASH.ending", recordings in ".sticks".
bool is_log(const std::filesystem::path& file) { return !file.parent_path().string().ends_with(".sticks"); }

/// The name of the file on the server; empty: there is none that is whole.
std::string name_on(const Database& server, const std::string& name, bool log)
{
    QSqlQuery q = log ? server.run("SELECT name FROM attachments WHERE whole AND kind = 'log' AND name > ? AND name < ?",
                                   name + ".", name + "/")
                      : server.run("SELECT name FROM attachments WHERE whole AND kind = 'sticks' AND name = ?", name);
    return q.next() ? q.value(0).toString().toStdString() : "";
}

} // namespace

ServerFiles::ServerFiles(std::string server, Attachments beside)
    : server_(std::move(server)), beside_(std::move(beside)), thread_([this] { run(); })
{
}

ServerFiles::~ServerFiles()
{
    closing_ = true;
    wake();
    thread_.join();
}

void ServerFiles::hold_back(bool hold)
{
    hold_ = hold;
    if (!hold) wake();
}

void ServerFiles::wake()
{
    {
        const std::scoped_lock lock(mutex_);
        woken_ = true;
    }
    wake_.notify_all();
}

bool ServerFiles::finish(int most_ms)
{
    const auto until = std::chrono::steady_clock::now() + std::chrono::milliseconds(most_ms);
    while (!beside_.to_send().empty() && std::chrono::steady_clock::now() < until) {
        wake();
        std::this_thread::sleep_for(std::chrono::milliseconds(20));
    }
    return beside_.to_send().empty();
}

bool ServerFiles::send_all(std::unique_ptr<Database>& server)
{
    try {
        for (const auto& file : beside_.to_send()) {
            if (closing_ || hold_) return true;
            if (!server) server = Database::on_server(server_);
            send_file(*server, file);
            beside_.sent(file);
        }
        return true;
    } catch (const StoreFailure&) {
        server.reset(); // tried again in a while
        return false;
    }
}

void ServerFiles::run()
{
    std::unique_ptr<Database> server; // made and used in this thread
    while (!closing_) {
        const bool done = send_all(server);
        std::unique_lock lock(mutex_);
        const auto asked = [this] { return woken_ || closing_; };
        if (done && (hold_ || beside_.to_send().empty()))
            wake_.wait(lock, asked);
        else
            wake_.wait_for(lock, std::chrono::milliseconds(again_after_ms), [this] { return closing_.load(); });
        woken_ = false;
    }
}

void send_file(const Database& server, const std::filesystem::path& file)
{
    const auto bytes = FileBytes::open(file);
    if (!bytes) throw StoreFailure(bytes.error().said);
    send_bytes(server, file.filename().string(), is_log(file), bytes->text());
}

void send_bytes(const Database& server, const std::string& file_name, bool log, std::string_view bytes)
{
    int position = 0;
    for (std::size_t at = 0; at < bytes.size() || position == 0; at += ServerFiles::chunk_bytes) {
        const std::string_view chunk = bytes.substr(at, ServerFiles::chunk_bytes);
        server.write("SELECT put_chunk(?,?,?,?,?)", file_name, log ? "log" : "sticks", static_cast<std::int64_t>(bytes.size()),
                     position++, QByteArray(chunk.data(), static_cast<qsizetype>(chunk.size())));
    }
}

std::string bytes_on(const Database& server, const std::string& file_name)
{
    QSqlQuery chunks = server.run("SELECT bytes FROM chunks WHERE name = ? ORDER BY position", file_name);
    std::string bytes;
    while (chunks.next()) bytes += chunks.value(0).toByteArray().toStdString();
    return bytes;
}

void fetch_file(const Database& server, const std::string& name, bool log, const Attachments& beside)
{
    if (const std::string file = name_on(server, name, log); !file.empty()) beside.put(file, log, bytes_on(server, file));
}

void erase_file(const Database& server, const std::string& name, bool log)
{
    if (const std::string file = name_on(server, name, log); !file.empty()) server.run("SELECT erase_attachment(?)", file);
}

std::vector<std::string> files_on(const Database& server, bool logs)
{
    std::vector<std::string> names;
    QSqlQuery q = server.run("SELECT name FROM attachments WHERE whole AND kind = ? ORDER BY name", logs ? "log" : "sticks");
    while (q.next()) names.push_back(q.value(0).toString().toStdString());
    return names;
}

} // namespace bh
