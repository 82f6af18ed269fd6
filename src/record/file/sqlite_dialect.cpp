#include "record/file/dialect.h"

#include "record/chain/entry_rules.h"
#include "record/chain/projection.h"
#include "record/chain/seals.h"
#include "record/file/failures.h"
#include "record/record.h"

#include <chrono>
#include <thread>

namespace bh {

namespace {

class Sqlite : public Dialect {
public:
    Sqlite(const std::filesystem::path& file, bool read_only, const Carry& carry)
        : Dialect(std::make_unique<Database>(file, read_only)), file_(file)
    {
        const Database& db = database();
        if (read_only) {
            if (version_of(db) != Record::schema_version)
                throw StoreFailure(message("it is of another version, and to be read only it would have to be of this one"));
            return;
        }
        use_write_ahead_log();
        db.run("PRAGMA synchronous = FULL"); // a committed attempt survives a power cut too
        db.run("PRAGMA foreign_keys = ON");
        db.run("PRAGMA secure_delete = ON"); // what is erased is not left in a free page
        migrate_to(db, file, Record::schema_version, carry);
    }

    void write(const Batch& batch) const override
    {
        Transaction transaction(database());
        QSqlQuery newest = database().run("SELECT hash FROM entries ORDER BY seq DESC LIMIT 1");
        const std::string hash = newest.next() ? newest.value(0).toString().toStdString() : "";
        newest.finish();
        if (hash != batch.entries.front().previous_hash) throw MovedOn(message("another program wrote at the same moment"));
        insert_batch(database(), batch);
        transaction.commit();
    }

    void note_session_time(const std::string& session_id, const NotedTime& noted, const std::string& signature) const override
    {
        database().run("INSERT OR REPLACE INTO session_times VALUES (?,?,?,?,?)", session_id, noted.active_s, noted.idle_s,
                       noted.at, signature);
    }

    bool wipe() const override
    {
        database().run("PRAGMA busy_timeout = 0"); // whoever reads is not waited for: it is tried again
        bool done = false;
        try {
            QSqlQuery emptied = database().run("PRAGMA wal_checkpoint(TRUNCATE)"); // nor in the log beside the file
            done = emptied.next() && emptied.value(0).toInt() == 0;                // which tells in a row that it could not
        } catch (const StoreFailure&) {
        }
        database().run("PRAGMA busy_timeout = 5000");
        return done;
    }

    [[nodiscard]] std::vector<Message> quick_problems(const VerifyOptions& options) const override
    {
        return bh::quick_problems(database(), file_, options);
    }

private:
    /// Two programs that open a new file at once are in each other's way here, and SQLite does not wait by itself.
    void use_write_ahead_log() const
    {
        constexpr int tries = 100;
        for (int i = 1;; ++i) try {
                database().run("PRAGMA journal_mode = WAL");
                return;
            } catch (const StoreFailure&) {
                if (i == tries) throw;
                std::this_thread::sleep_for(std::chrono::milliseconds(20));
            }
    }

    std::filesystem::path file_;
};

} // namespace

std::unique_ptr<Dialect> sqlite_dialect(const std::filesystem::path& file, bool read_only, const Carry& carry)
{
    return std::make_unique<Sqlite>(file, read_only, carry);
}

namespace {

bool is_there(const Database& database, const std::string& kind, const std::string& subject)
{
    return !database.first("SELECT 1 FROM entries WHERE kind = ? AND subject = ? LIMIT 1", kind, subject).isEmpty();
}

/// What a server would not take, a file does not take either. Throws StoreFailure.
void must_be_taken(const Database& database, const Entry& entry)
{
    const CheckedEntry checked = check_entry(entry);
    if (checked.problem) throw StoreFailure(*checked.problem);
    if (comes_once(entry.kind) && is_there(database, entry.kind, entry.subject))
        throw StoreFailure(message("there is a \"%1\" of this name already", entry.kind));
    if (has_sealed_name(entry.kind) && is_there(database, "erased", entry.subject))
        throw StoreFailure(message("this one was erased"));
    for (const CheckedEntry::Named& named : checked.names)
        if (!is_there(database, named.kind, named.subject))
            throw StoreFailure(message("\"%1\" names a %2 that is not there", entry.kind, named.kind));
}

} // namespace

void insert_batch(const Database& database, const Batch& batch)
{
    for (const auto& [person, key] : batch.person_keys) database.run("INSERT INTO person_keys VALUES (?,?)", person, key);
    for (const Entry& entry : batch.entries) {
        must_be_taken(database, entry);
        insert_entry(database, entry);
        if (entry.kind == "erased") database.run("DELETE FROM person_keys WHERE person = ?", entry.subject); // both or neither
        add_attempt(database, entry);
    }
}

} // namespace bh
