#include "record/file/database.h"

#include "record/file/failures.h"

#include <QAtomicInteger>
#include <QRegularExpression>
#include <QSqlDriver>
#include <QSqlError>
#include <QSqlRecord>
#include <array>
#include <libpq-fe.h>
#include <poll.h>
#include <unistd.h>

namespace bh {

namespace {

const QString waits = QStringLiteral("QSQLITE_BUSY_TIMEOUT=5000");

/// What went wrong, in words: SQLite's own for what hardly happens.
Message in_words(const QSqlError& error)
{
    switch (error.nativeErrorCode().toInt() & 0xff) { // see "Result and Error Codes" in SQLite's documentation
    case 5:
    case 6: return message("another program has held it locked for over 5 s");
    case 8: return message("the file or its folder may not be written to");
    case 10: return message("the disk cannot be read or written to, it may be full");
    case 11: return message("the file is damaged");
    case 13: return message("the disk is full");
    case 14: return message("the file cannot be opened: it, or its folder, is not there or may not be used");
    case 26: return message("the file is no database");
    default: return Message(error.text().toStdString());
    }
}

/// What a server said, in its first line and without the driver's own words.
Message servers_words(const QString& said_by_it)
{
    QString words = said_by_it.section(QLatin1Char('\n'), 0, 0).trimmed();
    words.remove(QRegularExpression(QStringLiteral("^(FATAL|ERROR): +")));
    words.remove(QRegularExpression(QStringLiteral(" *\\([0-9A-Z]{5}\\)$")));
    return words.isEmpty() ? message("the server does not answer") : Message(words.toStdString());
}

[[noreturn]] void fail_on_server(const QString& code, const Message& words)
{
    if (code == QLatin1String("HG001")) throw MovedOn(message("another station wrote at the same moment"));
    if (code == QLatin1String("HG004")) throw OutOfDate(words);
    // Somebody holds the lock for longer than anybody may be kept waiting, or the server worked at it for too long.
    if (code == QLatin1String("55P03") || code == QLatin1String("57014"))
        throw ServerAway(message("the server is busy, or another program holds it"));
    // No answer, a broken connection (class 08), and a server that is shutting down or starting (class 57P).
    if (code.isEmpty() || code.startsWith(QLatin1String("08")) || code.startsWith(QLatin1String("57P"))) throw ServerAway(words);
    throw StoreFailure(words);
}

/// The connection that Qt's driver holds; nullptr while there is none.
PGconn* line_of(const QSqlDatabase& database)
{
    const QVariant handle = database.driver()->handle();
    const std::string_view type = handle.typeName(); // "PGconn*" in Qt's words, resolved in those of libpq
    return type == "PGconn*" || type == "pg_conn*" ? *static_cast<PGconn* const*>(handle.constData()) : nullptr;
}

} // namespace

Database::Database(Kind kind, const QString& name, const QString& options, const QString& password) : kind_(kind)
{
    static QAtomicInteger<int> counter; // connection names must differ; nothing else hangs on it
    name_ = QStringLiteral("record-%1").arg(counter.fetchAndAddRelaxed(1));
    const bool file = kind == Kind::Sqlite;
    QSqlDatabase database = QSqlDatabase::addDatabase(file ? QStringLiteral("QSQLITE") : QStringLiteral("QPSQL"), name_);
    if (!database.isValid()) {
        database = {};
        QSqlDatabase::removeDatabase(name_);
        throw StoreFailure(
            message("this computer cannot speak with a PostgreSQL server yet: install the package libqt6sql6-psql"));
    }
    if (!name.isEmpty()) database.setDatabaseName(name);
    if (!password.isEmpty()) database.setPassword(password);
    database.setConnectOptions(options);
    if (!database.open()) {
        const QSqlError error = database.lastError();
        database = {};
        QSqlDatabase::removeDatabase(name_);
        if (file) throw StoreFailure(in_words(error));
        throw ServerAway(servers_words(error.databaseText()));
    }
}

Database::Database(const std::filesystem::path& file, bool read_only)
    : Database(Kind::Sqlite, QString::fromStdString(file.string()),
               read_only ? QStringLiteral("QSQLITE_OPEN_READONLY;") + waits : waits)
{
}

std::unique_ptr<Database> Database::in_memory()
{
    return std::unique_ptr<Database>(
        new Database(Kind::Sqlite, QStringLiteral(":memory:"), QStringLiteral("QSQLITE_OPEN_URI;") + waits));
}

std::unique_ptr<Database> Database::on_server(const std::string& server)
{
    const auto address = server_address(server);
    if (!address) throw StoreFailure(address.error().message);
    auto database = std::unique_ptr<Database>(
        new Database(Kind::Postgres, {}, QString::fromStdString(address->parameters), QString::fromStdString(address->password)));
    database->prepare_line();
    return database;
}

void Database::prepare_line() const
{
    run_script(QStringLiteral("SET search_path TO hangar, pg_temp; SET client_min_messages TO warning; SET TIME ZONE 'UTC'"));
}

void Database::connect_again() const
{
    prepared_.clear();
    written_.clear();
    QSqlDatabase database = QSqlDatabase::database(name_, false);
    database.close();
    if (!database.open()) throw ServerAway(servers_words(database.lastError().databaseText()));
    prepare_line();
}

std::vector<Database::Notice> Database::wait_for_notices(int bell, int most_ms) const
{
    PGconn* line = line_of(QSqlDatabase::database(name_, false));
    if (line == nullptr) throw ServerAway(message("the server does not answer"));
    std::vector<Notice> notices;
    const auto take = [&] { // what came with an answer too
        for (PGnotify* told = nullptr; (told = PQnotifies(line)) != nullptr; PQfreemem(told))
            notices.push_back({told->relname, told->extra});
        return !notices.empty();
    };
    if (take()) return notices;
    std::array<pollfd, 2> ends{{{bell, POLLIN, 0}, {PQsocket(line), POLLIN, 0}}};
    ::poll(ends.data(), ends.size(), most_ms);
    if (ends[0].revents != 0) wait_for_bell(bell, 0);
    if (ends[1].revents != 0 && PQconsumeInput(line) == 0) throw ServerAway(message("the server does not answer"));
    take();
    return notices;
}

void Database::wait_for_bell(int bell, int most_ms)
{
    pollfd end{bell, POLLIN, 0};
    std::uint64_t rung = 0;
    if (::poll(&end, 1, most_ms) > 0) static_cast<void>(!::read(bell, &rung, sizeof rung));
}

Deadline Database::in_time() const
{
    return Deadline(kind_ == Kind::Postgres ? line_of(QSqlDatabase::database(name_, false)) : nullptr, most_ms_);
}

void Database::run_script(const QString& sql) const
{
    const Deadline limit = in_time();
    QSqlQuery query(QSqlDatabase::database(name_, false));
    query.setForwardOnly(true);
    if (!query.exec(sql)) fail(query.lastError());
}

void Database::fail(const QSqlError& error) const
{
    if (kind_ == Kind::Sqlite) throw StoreFailure(in_words(error));
    fail_on_server(error.nativeErrorCode(), servers_words(error.databaseText()));
}

Database::~Database()
{
    prepared_.clear();
    written_.clear();
    QSqlDatabase::database(name_, false).close();
    QSqlDatabase::removeDatabase(name_);
}

QSqlQuery Database::run_bound(const QString& sql, std::initializer_list<QVariant> values) const
{
    QSqlQuery query(QSqlDatabase::database(name_, false));
    // A server sends its rows at once: while they came one by one no other statement could be run beside it.
    query.setForwardOnly(kind_ == Kind::Sqlite);
    const Deadline limit = in_time();
    bool good = true;
    if (kind_ == Kind::Postgres && values.size() == 0) {
        good = query.exec(sql); // one way to the server and back, not three
    } else {
        good = query.prepare(sql);
        for (const QVariant& value : values) query.addBindValue(value);
        good = good && query.exec();
    }
    if (!good) fail(query.lastError());
    return query;
}

/// With its values, run.
QSqlQuery& Database::prepared(const char* sql, std::initializer_list<QVariant> values) const
{
    const Deadline limit = in_time();
    auto known = prepared_.find(std::string_view(sql));
    if (known == prepared_.end()) {
        QSqlQuery query(QSqlDatabase::database(name_, false));
        query.setForwardOnly(kind_ == Kind::Sqlite);
        if (!query.prepare(QString::fromUtf8(sql))) fail(query.lastError());
        known = prepared_.emplace(sql, std::move(query)).first;
    }
    QSqlQuery& query = known->second;
    int at = 0;
    for (const QVariant& value : values) query.bindValue(at++, value);
    if (query.exec()) return query;
    const QSqlError error = query.lastError();
    query.finish();
    fail(error);
}

void Database::write_bound(const char* sql, std::initializer_list<QVariant> values) const
{
    if (kind_ == Kind::Postgres)
        write_on_server(sql, values);
    else
        prepared(sql, values).finish();
}

std::string Database::write_on_server(const char* sql, std::initializer_list<QVariant> values) const
{
    const QSqlDatabase database = QSqlDatabase::database(name_, false);
    PGconn* line = line_of(database);
    if (line == nullptr) throw ServerAway(message("the server does not answer"));
    auto known = written_.find(std::string_view(sql));
    if (known == written_.end()) known = written_.emplace(sql, ServerStatement(line, QString::fromUtf8(sql))).first;
    std::string answer;
    std::optional<ServerRefusal> refused;
    {
        const Deadline limit(line, most_ms_);
        refused = known->second.run(values, &answer);
    }
    if (refused) fail_on_server(refused->code, servers_words(refused->words));
    return answer;
}

QVariantList Database::first_bound(const char* sql, std::initializer_list<QVariant> values) const
{
    QSqlQuery& query = prepared(sql, values);
    QVariantList row;
    if (query.next())
        for (int column = 0; column < query.record().count(); ++column) row << query.value(column);
    query.finish();
    return row;
}

std::string read_only_uri(const std::filesystem::path& file, bool at_rest)
{
    std::string uri = "file:";
    for (const char c : file.string()) { // what would end the path or begin an escape
        if (c == '%' || c == '?' || c == '#') {
            constexpr char digits[] = "0123456789ABCDEF";
            uri += {'%', digits[static_cast<unsigned char>(c) >> 4], digits[static_cast<unsigned char>(c) & 15]};
        } else {
            uri += c;
        }
    }
    return uri + (at_rest ? "?mode=ro&immutable=1" : "?mode=ro");
}

QString Database::value(const QString& sql) const
{
    QSqlQuery query = run(sql);
    return query.next() ? query.value(0).toString() : QString();
}

Transaction::Transaction(const Database& database, Kind kind) : database_(database)
{
    const bool reads = kind == Kind::Read;
    if (database.kind() == Database::Kind::Sqlite)
        database_.run(reads ? QStringLiteral("BEGIN") : QStringLiteral("BEGIN IMMEDIATE"));
    else
        database_.run(reads ? QStringLiteral("BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY") : QStringLiteral("BEGIN"));
}

Transaction::~Transaction()
{
    if (done_) return;
    try {
        database_.run("ROLLBACK");
    } catch (const StoreFailure&) { // the database has already rolled back by itself
    }
}

} // namespace bh
