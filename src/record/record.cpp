#include "record/record.h"

#include "record/bodies.h"
#include "record/database.h"
#include "record/older_words.h"
#include "record/projection.h"
#include "record/schema.h"

#include <QUuid>
#include <chrono>
#include <fstream>
#include <unordered_map>

namespace bh {
namespace {

/// Refuses what is not a record, without touching it.
Result<void> inspect(const std::filesystem::path& file)
{
    std::ifstream in(file, std::ios::binary);
    char head[16] = {};
    in.read(head, sizeof head);
    if (!in && in.gcount() < static_cast<std::streamsize>(sizeof head))
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    if (std::string_view(head, 15) != "SQLite format 3")
        return bad_input(file.string() + ": is not a training record; it was left as it is");
    try {
        const Database database(file, true);
        const int version = database.value("PRAGMA user_version").toInt();
        if (database.value("PRAGMA application_id").toInt() != record_application_id)
            return bad_input(file.string() + ": is a database, but not a training record; it was left as it is");
        if (version > Record::schema_version)
            return failure(Error::Code::Unsupported, file.string() + ": was written by a newer version (" +
                                                         std::to_string(version) + ", this one knows up to " +
                                                         std::to_string(Record::schema_version) + "); it was left as it is");
        if (const QString check = database.value("PRAGMA quick_check"); check != "ok")
            return bad_input(file.string() + ": is damaged (" + check.simplified().left(120).toStdString() +
                             "); it was left as it is, restore a copy");
    } catch (const StoreFailure& why) {
        return bad_input(file.string() + ": is damaged or cannot be read (" + why.what() + "); it was left as it is");
    }
    return {};
}

std::string text(const QSqlQuery& q, int column) { return q.value(column).toString().toStdString(); }

Entry as_read_today(Entry entry)
{
    entry.body = in_todays_words(entry.kind, entry.body);
    return entry;
}

AttemptRow attempt_from(const QSqlQuery& q)
{
    AttemptRow a;
    a.id = text(q, 0);
    a.pilot_id = text(q, 1);
    a.session_id = text(q, 2);
    a.drill_id = text(q, 3);
    a.drill_version = q.value(4).toInt();
    a.at = q.value(5).toLongLong();
    a.mode = mode_from_key(text(q, 6)).value_or(Mode::Acro);
    a.score = q.value(7).toDouble();
    a.passed = q.value(8).toBool();
    a.flown_s = q.value(9).toDouble();
    a.log_hash = text(q, 10);
    a.curriculum = text(q, 11);
    a.curriculum_version = q.value(12).toInt();
    const std::string observed = text(q, 13);
    a.observed = !observed.empty();
    a.demonstration = text(q, 14);
    if (!q.value(15).isNull()) a.left_minus_right = q.value(15).toDouble();
    a.simulator = text(q, 16);
    if (q.value(17).toBool()) a.in_words = {text(q, 18), text(q, 19), observed};
    a.holds = q.value(20).toBool();
    return a;
}

} // namespace

class Record::Impl {
public:
    Impl(std::filesystem::path path, RecordOptions opts)
        : file(std::move(path)), options(std::move(opts)), database(file, false), attachments(file, options.read_logs_also_from)
    {
        database.run("PRAGMA journal_mode = WAL");
        database.run("PRAGMA synchronous = FULL"); // a committed attempt survives a power cut too
        database.run("PRAGMA foreign_keys = ON");
        migrate(database, file);
    }

    [[nodiscard]] UnixTime now() const
    {
        if (options.clock) return options.clock();
        return std::chrono::duration_cast<std::chrono::seconds>(std::chrono::system_clock::now().time_since_epoch()).count();
    }

    /// The newest entry; one of number 0 before the first.
    [[nodiscard]] Entry tail() const
    {
        Entry last;
        QSqlQuery q = database.run("SELECT seq, hash FROM entries ORDER BY seq DESC LIMIT 1");
        if (q.next()) last.seq = q.value(0).toLongLong(), last.hash = text(q, 1);
        return last;
    }

    /// Appends an entry after `last` and applies it, inside a transaction.
    [[nodiscard]] Entry append(const Draft& draft, const Entry& last) const
    {
        Entry entry;
        entry.seq = last.seq + 1;
        entry.previous_hash = last.hash;
        entry.at = now();
        entry.who = options.who;
        entry.kind = draft.kind;
        entry.subject = draft.subject;
        QSqlQuery before = database.run("SELECT max(seq) FROM entries WHERE kind = ? AND subject = ?", draft.kind, draft.subject);
        if (before.next()) entry.supersedes = before.value(0).toLongLong();
        before.finish();
        entry.why = draft.why;
        entry.body = draft.body;
        entry.hash = entry_hash(entry);
        database.run("INSERT INTO entries VALUES (?,?,?,?,?,?,?,?,?,?)", entry.seq, entry.at, entry.who, entry.kind,
                     entry.subject, entry.supersedes > 0 ? bound(entry.supersedes) : QVariant(), entry.why, entry.body,
                     entry.previous_hash, entry.hash);
        apply_entry(database, entry, schema_version);
        return entry;
    }

    /// As they were written: those that a WHERE clause names, all without one.
    template <class... Values>
    [[nodiscard]] std::vector<AttemptRow> attempts(const char* where = "", const Values&... values) const
    {
        const QString which = QString::fromUtf8(where);
        QSqlQuery q = database.run(
            "SELECT id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, log_hash, curriculum,"
            " curriculum_version, observed, demonstration, left_minus_right, simulator, in_words, summary, flown_with, holds"
            " FROM attempts " +
                which + " ORDER BY rowid", // as they were written, without sorting
            values...);
        std::vector<AttemptRow> rows;
        while (q.next()) rows.push_back(attempt_from(q));
        q.finish();
        QSqlQuery cuts =
            database.run("SELECT attempt_id, seconds FROM throttle_cuts WHERE attempt_id IN (SELECT id FROM attempts " + which +
                             ") ORDER BY attempt_id, position",
                         values...);
        std::unordered_map<std::string, std::vector<double>> of_attempt;
        while (cuts.next()) of_attempt[text(cuts, 0)].push_back(cuts.value(1).toDouble());
        for (AttemptRow& a : rows)
            if (const auto found = of_attempt.find(a.id); found != of_attempt.end()) a.throttle_cuts_s = found->second;
        return rows;
    }

    [[nodiscard]] std::vector<CriterionRow> criteria(const std::string& attempt_id) const
    {
        QSqlQuery q = database.run(
            "SELECT label, unit, value, fail, pass, merit, marks, must, below_fail, below_pass, below_merit, from_s, to_s,"
            " measure, side, weight, if_any, to_hold FROM criteria WHERE attempt_id = ? ORDER BY position",
            attempt_id);
        std::vector<CriterionRow> rows;
        while (q.next()) {
            const auto number = [&](int column) { return q.value(column).toDouble(); };
            CriterionRow c;
            c.label = text(q, 0);
            c.unit = unit_from_key(text(q, 1)).value_or(Unit::Count);
            if (!q.value(2).isNull()) c.value = number(2);
            c.fail = number(3), c.pass = number(4), c.merit = number(5), c.marks = number(6);
            c.must = q.value(7).toBool();
            if (!q.value(8).isNull()) c.below = Limits{number(8), number(9), number(10)};
            if (!q.value(11).isNull()) c.span = TimeSpan{number(11), number(12)};
            c.measure = measure_from_key(text(q, 13));
            c.side = side_from_key(text(q, 14));
            c.weight = number(15);
            c.if_any = q.value(16).toBool();
            c.to_hold = q.value(17).toBool();
            rows.push_back(std::move(c));
        }
        return rows;
    }

    std::filesystem::path file;
    RecordOptions options;
    Database database;
    Attachments attachments;
};

Record::Record(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
Record::~Record() = default;

Result<std::unique_ptr<Record>> Record::open(const std::filesystem::path& file, RecordOptions options)
{
    std::error_code error;
    if (std::filesystem::exists(file, error) && std::filesystem::file_size(file, error) > 0)
        if (const auto good = inspect(file); !good) return tl::unexpected(good.error());
    if (file.has_parent_path()) std::filesystem::create_directories(file.parent_path(), error);
    try {
        return std::unique_ptr<Record>(new Record(std::make_unique<Impl>(file, std::move(options))));
    } catch (const StoreFailure& why) {
        return bad_input(file.string() + ": cannot be opened as a training record: " + why.what());
    }
}

const std::filesystem::path& Record::file() const { return impl_->file; }
UnixTime Record::now() const { return impl_->now(); }

std::string Record::new_id() const
{
    return impl_->options.new_id ? impl_->options.new_id() : QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
}
const Attachments& Record::attachments() const { return impl_->attachments; }

std::vector<Entry> Record::append(const std::vector<Draft>& drafts)
{
    Transaction transaction(impl_->database);
    std::vector<Entry> entries;
    // Another process may have written since: the chain goes on from what is there now, under the write lock.
    Entry last = impl_->tail();
    for (const Draft& draft : drafts) entries.push_back(last = impl_->append(draft, last));
    transaction.commit();
    return entries;
}

std::vector<Entry> Record::entries_after(std::int64_t seq) const
{
    std::vector<Entry> entries;
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE seq > ? ORDER BY seq", seq);
    while (rows.next()) entries.push_back(as_read_today(entry_from(rows)));
    return entries;
}

Record::Snapshot Record::snapshot() const
{
    const Transaction unchanged(impl_->database, Transaction::Kind::Read); // others may write meanwhile
    Snapshot all;
    all.seq = impl_->tail().seq;
    // In two ranges, which the index by kind finds without reading all the attempts.
    QSqlQuery rows = impl_->database.run("SELECT * FROM entries WHERE kind < 'attempt' OR kind > 'attempt' ORDER BY seq");
    while (rows.next()) all.entries.push_back(as_read_today(entry_from(rows)));
    rows.finish();
    all.attempts = impl_->attempts();
    return all;
}

std::optional<JudgedAttempt> Record::judged(const std::string& attempt_id) const
{
    const auto found = impl_->attempts("WHERE id = ?", attempt_id);
    if (found.empty()) return std::nullopt;
    JudgedAttempt attempt{found.front()};
    QSqlQuery details = impl_->database.run("SELECT details FROM attempts WHERE id = ?", attempt_id);
    if (details.next()) read_details(text(details, 0), attempt);
    attempt.criteria = impl_->criteria(attempt_id);
    return attempt;
}

void Record::note_session_time(const std::string& session_id, double active_s, double idle_s)
{
    impl_->database.run("INSERT OR REPLACE INTO session_times VALUES (?,?,?,?)", session_id, active_s, idle_s, now());
}

std::map<std::string, NotedTime> Record::noted_session_times() const
{
    std::map<std::string, NotedTime> times;
    QSqlQuery q = impl_->database.run("SELECT session_id, active_s, idle_s, at FROM session_times");
    while (q.next()) times[text(q, 0)] = {q.value(1).toDouble(), q.value(2).toDouble(), q.value(3).toLongLong()};
    return times;
}

std::string Record::note(const std::string& key) const
{
    QSqlQuery q = impl_->database.run("SELECT value FROM notes WHERE key = ?", key);
    return q.next() ? text(q, 0) : "";
}

void Record::set_note(const std::string& key, const std::string& value)
{
    impl_->database.run("INSERT OR REPLACE INTO notes VALUES (?,?)", key, value);
}

VerifyReport Record::verify() const
{
    VerifyReport report;
    const Database& db = impl_->database;
    std::string previous;
    std::int64_t expected_seq = 1;
    QSqlQuery rows = db.run("SELECT * FROM entries ORDER BY seq");
    while (rows.next()) {
        const Entry entry = entry_from(rows);
        const std::string at = "entry " + std::to_string(entry.seq);
        if (entry.seq != expected_seq) report.problems.push_back("entry " + std::to_string(expected_seq) + " is missing");
        if (entry.previous_hash != previous) report.problems.push_back(at + " does not follow the one before it");
        if (entry_hash(entry) != entry.hash)
            report.problems.push_back(at + " (" + entry.kind + ") was changed after it was written");
        previous = entry.hash;
        expected_seq = entry.seq + 1;
        ++report.entries;
    }
    rows.finish();
    if (report.problems.empty()) { // the tables can only be compared when the entries can be trusted
        const std::string now = tables_digest(db, schema_version);
        const Transaction rolled_back(db);
        db.run("PRAGMA defer_foreign_keys = ON");
        remake_tables(db, schema_version);
        if (tables_digest(db, schema_version) != now) report.problems.emplace_back("the tables differ from what the entries say");
    }
    for (const AttemptRow& attempt : impl_->attempts())
        for (const std::string& hash : {attempt.log_hash, attempt.demonstration}) {
            if (hash.empty()) continue; // scored by eye, or no demonstration shadowed
            if (const std::string problem = impl_->attachments.problem_with(hash); !problem.empty())
                report.problems.push_back("attempt " + attempt.id + ": " + problem);
        }
    return report;
}

} // namespace bh
