#include "record/server/server_files.h"

#include "files/text/file_text.h"
#include "record/file/failures.h"

#include "record/chain/entry.h"

#include <chrono>
#include <set>

namespace bh {

namespace {

/// The name of a file on the server, as entries name it: a log by its hash, a recording by its name. Nothing: none is whole.
std::optional<FileName> name_on(const Database& server, const std::string& name, bool log)
{
    if (const auto given = FileName::of(log ? name + ".pack.gz" : name, log); !given) return std::nullopt;
    QSqlQuery q = log ? server.run("SELECT hash || ending FROM attachments WHERE kind = 'log' AND hash = ?", name)
                      : server.run("SELECT 1 FROM attachments LEFT JOIN older_names USING (hash) WHERE kind = 'sticks'"
                                   " AND (hash || ending = ? OR name = ?)",
                                   name, name);
    if (!q.next()) return std::nullopt;
    return FileName::of(log ? q.value(0).toString().toStdString() : name, log);
}

/// "?" stands for a file's hash.
constexpr const char* hash_of_name = "coalesce((SELECT hash FROM older_names WHERE name = ?), ?)";

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
        if (!compared_ && !hold_) {
            if (!server) server = Database::on_server(server_);
            compare(*server);
            compared_ = true;
        }
        for (const auto& file : beside_.to_send()) {
            if (closing_ || hold_) return true;
            if (!server) server = Database::on_server(server_);
            const auto bytes = FileBytes::open(beside_.place_of(file));
            if (!bytes) throw StoreFailure(bytes.error().message);
            const Sent became = send_bytes(*server, file, bytes->text());
            if (became == Sent::Erased) beside_.send_again({}, {file.hash()});
            beside_.sent(file); // what is not what its name says is found when it is looked at here
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

void ServerFiles::compare(const Database& server) const
{
    std::set<std::string> there, erased;
    for (const bool log : {true, false})
        for (const FileName& name : files_on(server, log)) there.insert(name.hash());
    QSqlQuery rows = server.run("SELECT hash FROM erased_files");
    while (rows.next()) erased.insert(rows.value(0).toString().toStdString());
    beside_.send_again(there, erased);
}

Sent send_bytes(const Database& server, const FileName& name, std::string_view bytes)
{
    int position = 0;
    for (std::size_t at = 0; at < bytes.size() || position == 0; at += ServerFiles::chunk_bytes) {
        const std::string_view chunk = bytes.substr(at, ServerFiles::chunk_bytes);
        const std::string said_by_it = server.answer("SELECT put_chunk(?,?,?,?,?,?)", name.hash(), name.ending(),
                                                     name.is_log() ? "log" : "sticks", static_cast<std::int64_t>(bytes.size()),
                                                     position++, QByteArray(chunk.data(), static_cast<qsizetype>(chunk.size())));
        if (said_by_it == "erased") return Sent::Erased;
        if (said_by_it == "other") return Sent::Other;
        if (said_by_it == "whole") return Sent::Whole;
    }
    throw StoreFailure(message("%1 was sent, and did not arrive whole", name.text()));
}

void put_as_owner(const Database& server, const FileName& name, std::string_view bytes)
{
    const std::string hash = name.is_older() ? sha256_hex(bytes) : name.hash();
    Transaction all(server);
    server.run("INSERT INTO attachments VALUES (?,?,?,?) ON CONFLICT DO NOTHING", hash,
               name.is_older() ? ".csv.gz" : name.ending(), name.is_log() ? "log" : "sticks",
               static_cast<std::int64_t>(bytes.size()));
    if (name.is_older()) server.run("INSERT INTO older_names VALUES (?,?) ON CONFLICT DO NOTHING", name.text(), hash);
    int position = 0;
    for (std::size_t at = 0; at < bytes.size(); at += ServerFiles::chunk_bytes) {
        const std::string_view chunk = bytes.substr(at, ServerFiles::chunk_bytes);
        server.write("INSERT INTO chunks VALUES (?,?,?) ON CONFLICT DO NOTHING", hash, position++,
                     QByteArray(chunk.data(), static_cast<qsizetype>(chunk.size())));
    }
    all.commit();
}

std::string bytes_on(const Database& server, const FileName& name)
{
    const std::string key = name.is_older() ? name.text() : name.hash();
    std::string bytes;
    for (int position = 0; bytes.size() <= ServerFiles::largest_bytes; ++position) { // one by one: each is an exchange of its own
        QSqlQuery chunk = server.run(
            QStringLiteral("SELECT bytes FROM chunks WHERE hash = %1 AND position = ?").arg(hash_of_name), key, key, position);
        if (!chunk.next()) return bytes;
        bytes += chunk.value(0).toByteArray().toStdString();
    }
    throw StoreFailure(message("%1 on the server is larger than 256 MB", name.text()));
}

void fetch_file(const Database& server, const std::string& name, bool log, const Attachments& beside)
{
    if (const auto file = name_on(server, name, log)) beside.put(*file, bytes_on(server, *file));
}

void erase_file(const Database& server, const std::string& name, bool log)
{
    if (name_on(server, name, log))
        server.run("SELECT erase_attachment(?)",
                   log || FileName::of(name, log)->is_older() ? name : FileName::of(name, log)->hash());
}

std::vector<FileName> files_on(const Database& server, bool logs)
{
    std::vector<FileName> names;
    QSqlQuery q = server.run(
        "SELECT coalesce(name, hash || ending) FROM attachments LEFT JOIN older_names USING (hash) WHERE kind = ? ORDER BY 1",
        logs ? "log" : "sticks");
    while (q.next())
        if (auto name = FileName::of(q.value(0).toString().toStdString(), logs)) names.push_back(std::move(*name));
    return names;
}

} // namespace bh
