#include "record/copies/moving.h"

#include "files/text/file_text.h"
#include "record/chain/composer.h"
#include "record/chain/projection.h"
#include "record/chain/station_key.h"
#include "record/file/dialect.h"
#include "record/file/failures.h"
#include "record/file/record_files.h"
#include "record/record.h"
#include "record/server/postgres_schema.h"
#include "record/server/server_files.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <set>

namespace bh {
namespace {

namespace fs = std::filesystem;

constexpr int at_once = 500; ///< entries

/// It was asked to stop.
class Stopped : public StoreFailure {
public:
    Stopped() : StoreFailure(bh::message("it was stopped; the same command takes it up where it stands")) {}
};

/// Where the record goes: opened, with as much there as was written before.
class Destination {
public:
    virtual ~Destination() = default;
    [[nodiscard]] virtual const Database& database() const = 0;
    virtual void write(const std::vector<Entry>& entries) = 0;
    [[nodiscard]] virtual bool has_file(const FileName& name) const = 0;
    virtual void put_file(const FileName& name, std::string_view bytes) = 0;
    virtual void begin(const Head& head) = 0; ///< says that it is not whole yet
    virtual void end() = 0;                   ///< it is
};

class ToServer : public Destination {
public:
    ToServer(const std::string& server, const EntryRights& rights) : server_(Database::on_server(server))
    {
        if (!owns_server(*server_))
            throw StoreFailure(message("a record is moved to a server with the login that owns the database"));
        prepare_server(*server_, rights);
    }
    [[nodiscard]] const Database& database() const override { return *server_; }
    void begin(const Head& head) override
    {
        const bool moving = !server_->value("SELECT value FROM state WHERE key = 'moving'").isEmpty();
        if (!moving && server_->value("SELECT count(*) FROM entries") != QLatin1String("0"))
            throw StoreFailure(message("there is a record on it already"));
        server_->run("INSERT INTO state VALUES ('moving', ?) ON CONFLICT (key) DO UPDATE SET value = excluded.value",
                     in_words(head));
    }
    void write(const std::vector<Entry>& entries) override
    {
        nlohmann::json rows = nlohmann::json::array();
        for (const Entry& e : entries)
            rows.push_back({{"seq", e.seq},
                            {"at", e.at},
                            {"who", e.who},
                            {"kind", e.kind},
                            {"subject", e.subject},
                            {"supersedes", e.supersedes > 0 ? nlohmann::json(e.supersedes) : nlohmann::json()},
                            {"why", e.why},
                            {"body", e.body},
                            {"previous_hash", e.previous_hash},
                            {"hash", e.hash},
                            {"signature", e.signature}});
        Transaction all(*server_);
        server_->write("INSERT INTO entries SELECT * FROM jsonb_populate_recordset(NULL::entries, ?::jsonb)", rows.dump());
        server_->write("INSERT INTO attempts SELECT * FROM jsonb_populate_recordset(NULL::attempts, ?::jsonb)",
                       attempt_rows(entries));
        all.commit();
    }
    [[nodiscard]] bool has_file(const FileName& name) const override
    {
        auto& there = there_[name.is_log()];
        if (there.empty())
            for (const FileName& known : files_on(*server_, name.is_log())) there.insert(known.text());
        return there.contains(name.text());
    }
    void put_file(const FileName& name, std::string_view bytes) override { put_as_owner(*server_, name, bytes); }
    void end() override { server_->run("DELETE FROM state WHERE key = 'moving'"); }

private:
    std::unique_ptr<Database> server_;
    mutable std::set<std::string> there_[2];
};

/// Beside the place where it is to lie, until it is whole.
class ToFile : public Destination {
public:
    explicit ToFile(const fs::path& file) : file_(file), making_(file.string() + ".moving"), beside_(making_)
    {
        if (const auto free = is_free_for_record(file); !free) throw StoreFailure(free.error().message);
        if (const auto made = make_own_folder(file.parent_path()); !made) throw StoreFailure(made.error().message);
        database_ = std::make_unique<Database>(making_, false);
        database_->run("PRAGMA synchronous = NORMAL");
        migrate_to(*database_, making_, Record::schema_version);
    }
    [[nodiscard]] const Database& database() const override { return *database_; }
    void begin(const Head&) override {} // its name says it
    void write(const std::vector<Entry>& entries) override
    {
        Transaction all(*database_);
        for (const Entry& entry : entries) {
            insert_entry(*database_, entry);
            static_cast<void>(add_attempt_as_understood(*database_, entry)); // what came so is kept so
        }
        all.commit();
    }
    [[nodiscard]] bool has_file(const FileName& name) const override
    {
        std::error_code error;
        return fs::exists(beside_.place_of(name), error);
    }
    void put_file(const FileName& name, std::string_view bytes) override { beside_.put(name, bytes); }
    void end() override
    {
        database_->run("PRAGMA wal_checkpoint(TRUNCATE)");
        database_.reset();
        std::error_code error;
        fs::permissions(making_, fs::perms::owner_read | fs::perms::owner_write, error);
        if (const auto moved = move_record(making_, file_); !moved) throw StoreFailure(moved.error().message);
    }

private:
    fs::path file_, making_;
    Attachments beside_;
    std::unique_ptr<Database> database_;
};

/// Where it comes from.
struct Source {
    std::unique_ptr<Database> database;
    Attachments beside; ///< of a file
    bool server;
};

Source opened_source(const RecordPlace& from)
{
    if (from.on_server()) {
        Source source{Database::on_server(from.server), Attachments({}), true};
        if (servers_version(*source.database) == 0) throw StoreFailure(message("there is no record on this server"));
        return source;
    }
    std::error_code error;
    if (!fs::exists(from.file, error)) throw StoreFailure(message("there is no such record"));
    if (!fs::is_regular_file(from.file, error)) throw StoreFailure(message("it is not a file, expected a training record"));
    Source source{std::make_unique<Database>(from.file, true), Attachments(from.file), false};
    if (version_of(*source.database) != Record::schema_version)
        throw StoreFailure(message("it is of another version: open it once with this program, which brings it up to date"));
    return source;
}

std::vector<Entry> next_entries(const Database& from, std::int64_t after)
{
    std::vector<Entry> entries;
    QSqlQuery rows = from.run(QStringLiteral("SELECT * FROM entries WHERE seq > ? ORDER BY seq LIMIT %1").arg(at_once), after);
    while (rows.next()) entries.push_back(entry_from(rows));
    return entries;
}

/// Names of what is attached, as files.
std::vector<FileName> files_of(const Source& source, bool logs)
{
    if (source.server) return files_on(*source.database, logs);
    std::vector<FileName> names;
    const auto named = names_in(*source.database, QStringLiteral("main"), Record::schema_version);
    std::error_code error;
    for (const auto& [name, _] : logs ? named.logs : named.sticks) {
        const auto log = logs ? source.beside.flight_log_file(name) : std::nullopt;
        const auto file = FileName::of(logs ? log ? log->filename().string() : std::string() : name, logs);
        if (file && fs::exists(source.beside.place_of(*file), error))
            names.push_back(*file); // verification says of what is missing
    }
    return names;
}

std::string bytes_of(const Source& source, const FileName& name)
{
    if (source.server) return bytes_on(*source.database, name);
    const auto file = FileBytes::open(source.beside.place_of(name));
    if (!file) throw StoreFailure(file.error().message);
    return std::string(file->text());
}

/// The keys to names, and how far running sessions have come: as they are there, and no more.
void copy_keys_and_times(const Database& from, const Database& to)
{
    Transaction all(to);
    to.run("DELETE FROM person_keys");
    to.run("DELETE FROM session_times");
    QSqlQuery keys = from.run("SELECT person, key FROM person_keys");
    while (keys.next()) to.write("INSERT INTO person_keys VALUES (?,?)", keys.value(0), keys.value(1));
    QSqlQuery times = from.run("SELECT session_id, active_s, idle_s, at, signature FROM session_times");
    while (times.next())
        to.write("INSERT INTO session_times VALUES (?,?,?,?,?)", times.value(0), times.value(1), times.value(2), times.value(3),
                 times.value(4));
    all.commit();
}

Head head_in(const Database& database)
{
    const Entry newest = tail_in(database);
    return {newest.seq, newest.hash};
}

void move_all(const RecordPlace& from, Destination& to, const MoveOptions& options)
{
    const Source source = opened_source(from);
    const Head whole = head_in(*source.database);
    to.begin(whole);
    Head there = head_in(to.database());
    if (there.count > 0) { // taken up again: of the same record?
        QSqlQuery same = source.database->run("SELECT hash FROM entries WHERE seq = ?", there.count);
        if (!same.next() || same.value(0).toString().toStdString() != there.hash)
            throw StoreFailure(message("another record was being moved there"));
    }
    const std::vector<FileName> files[2]{files_of(source, false), files_of(source, true)};
    const auto all = whole.count + static_cast<std::int64_t>(files[0].size() + files[1].size());
    std::int64_t done = there.count;
    const auto tell = [&] {
        if (options.go_on && !options.go_on(done, all)) throw Stopped();
    };
    copy_keys_and_times(*source.database, to.database()); // first: names are read with them
    for (auto entries = next_entries(*source.database, there.count); !entries.empty();
         entries = next_entries(*source.database, entries.back().seq)) {
        to.write(entries);
        done += static_cast<std::int64_t>(entries.size());
        tell();
    }
    for (const bool log : {false, true})
        for (const FileName& name : files[log]) {
            ++done;
            if (to.has_file(name)) continue;
            to.put_file(name, bytes_of(source, name));
            tell();
        }
    copy_keys_and_times(*source.database, to.database());
    if (!(head_in(*source.database) == head_in(to.database())))
        throw StoreFailure(message("somebody wrote to it meanwhile; the same command takes up what came since"));
    to.end();
}

} // namespace

Result<VerifyReport> move_house(const RecordPlace& from, const RecordPlace& to, const MoveOptions& options)
{
    try {
        if (to.on_server()) {
            ToServer destination(to.server, options.rights);
            move_all(from, destination, options);
        } else {
            ToFile destination(to.file);
            move_all(from, destination, options);
        }
    } catch (const StoreFailure& why) {
        return bad_input("%1 to %2: not moved: %3", from.in_words(), to.in_words(), why.message());
    }
    VerifyOptions verifying;
    verifying.also_stand = own_key(usual_station_folder());
    return verify_record(to, verifying);
}

} // namespace bh
