#include "record/file/dialect.h"

#include "record/chain/projection.h"
#include "record/file/failures.h"
#include "record/record.h"

#include <chrono>
#include <thread>
#include <unordered_map>

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

    [[nodiscard]] std::vector<AttemptRow> attempts(const std::string& id) const override
    {
        const QString which = id.empty() ? QString() : QStringLiteral("WHERE id = ?");
        const auto asked = [&](const QString& sql) { return id.empty() ? database().run(sql) : database().run(sql, id); };
        QSqlQuery q = asked("SELECT " + QString::fromLatin1(attempt_list) + " FROM attempts " + which +
                            " ORDER BY rowid"); // as they were written, without sorting
        std::vector<AttemptRow> rows;
        while (q.next()) rows.push_back(attempt_from(q));
        q.finish();
        QSqlQuery cuts = asked("SELECT attempt_id, seconds FROM throttle_cuts WHERE attempt_id IN (SELECT id FROM attempts " +
                               which + ") ORDER BY attempt_id, position");
        std::unordered_map<std::string, std::vector<double>> of_attempt;
        while (cuts.next()) of_attempt[cuts.value(0).toString().toStdString()].push_back(cuts.value(1).toDouble());
        for (AttemptRow& a : rows)
            if (const auto found = of_attempt.find(a.id); found != of_attempt.end()) a.throttle_cuts_s = found->second;
        return rows;
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

void insert_batch(const Database& database, const Batch& batch)
{
    for (const auto& [person, key] : batch.person_keys) database.run("INSERT INTO person_keys VALUES (?,?)", person, key);
    for (const Entry& entry : batch.entries) {
        insert_entry(database, entry);
        if (entry.kind == "erased") database.run("DELETE FROM person_keys WHERE person = ?", entry.subject); // both or neither
        apply_entry(database, entry, Record::schema_version);
    }
}

AttemptRow attempt_from(const QSqlQuery& q)
{
    const auto text = [&q](int column) { return q.value(column).toString().toStdString(); };
    AttemptRow a;
    a.id = text(0);
    a.pilot_id = text(1);
    a.session_id = text(2);
    a.drill_id = text(3);
    a.drill_version = q.value(4).toInt();
    a.at = q.value(5).toLongLong();
    a.mode = mode_from_key(text(6)).value_or(Mode::Acro);
    a.score = q.value(7).toDouble();
    a.passed = q.value(8).toBool();
    a.flown_s = q.value(9).toDouble();
    a.log_hash = text(10);
    a.curriculum = text(11);
    a.curriculum_version = q.value(12).toInt();
    const std::string observed = text(13);
    a.observed = !observed.empty();
    a.demonstration = text(14);
    if (!q.value(15).isNull()) a.left_minus_right = q.value(15).toDouble();
    a.simulator = text(16);
    if (q.value(17).toBool()) a.in_words = {text(18), text(19), observed};
    a.holds = q.value(20).toBool();
    a.world = text(21);
    a.found = text(22);
    return a;
}

} // namespace bh
