#include "record/database.h"

#include "record/record.h"

#include <QAtomicInteger>
#include <QSqlError>

namespace bh {

namespace {

const QString waits = QStringLiteral("QSQLITE_BUSY_TIMEOUT=5000");

/// What went wrong, in words: SQLite's own for what hardly happens.
std::string in_words(const QSqlError& error)
{
    switch (error.nativeErrorCode().toInt() & 0xff) { // see "Result and Error Codes" in SQLite's documentation
    case 5:
    case 6: return "another program has held it locked for over 5 s";
    case 8: return "the file or its folder may not be written to";
    case 10: return "the disk cannot be read or written to, it may be full";
    case 11: return "the file is damaged";
    case 13: return "the disk is full";
    case 14: return "the file cannot be opened: it, or its folder, is not there or may not be used";
    case 26: return "the file is no database";
    default: return error.text().toStdString();
    }
}

} // namespace

Database::Database(const QString& name, const QString& options)
{
    static QAtomicInteger<int> counter; // connection names must differ; nothing else hangs on it
    name_ = QStringLiteral("record-%1").arg(counter.fetchAndAddRelaxed(1));
    QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
    database.setDatabaseName(name);
    database.setConnectOptions(options);
    if (!database.open()) {
        const std::string why = in_words(database.lastError());
        database = {};
        QSqlDatabase::removeDatabase(name_);
        throw StoreFailure(why);
    }
}

Database::Database(const std::filesystem::path& file, bool read_only)
    : Database(QString::fromStdString(file.string()), read_only ? QStringLiteral("QSQLITE_OPEN_READONLY;") + waits : waits)
{
}

std::unique_ptr<Database> Database::in_memory()
{
    return std::unique_ptr<Database>(new Database(QStringLiteral(":memory:"), QStringLiteral("QSQLITE_OPEN_URI;") + waits));
}

Database::~Database()
{
    prepared_.clear();
    QSqlDatabase::database(name_, false).close();
    QSqlDatabase::removeDatabase(name_);
}

QSqlQuery Database::run_bound(const QString& sql, std::initializer_list<QVariant> values) const
{
    QSqlQuery query(QSqlDatabase::database(name_, false));
    query.setForwardOnly(true);
    bool good = query.prepare(sql);
    for (const QVariant& value : values) query.addBindValue(value);
    good = good && query.exec();
    if (!good) throw StoreFailure(in_words(query.lastError()));
    return query;
}

void Database::write_bound(const char* sql, std::initializer_list<QVariant> values) const
{
    auto known = prepared_.find(std::string_view(sql));
    if (known == prepared_.end()) {
        QSqlQuery query(QSqlDatabase::database(name_, false));
        query.setForwardOnly(true);
        if (!query.prepare(QString::fromUtf8(sql))) throw StoreFailure(in_words(query.lastError()));
        known = prepared_.emplace(sql, std::move(query)).first;
    }
    QSqlQuery& query = known->second;
    int at = 0;
    for (const QVariant& value : values) query.bindValue(at++, value);
    const bool good = query.exec();
    const std::string why = good ? std::string() : in_words(query.lastError());
    query.finish();
    if (!good) throw StoreFailure(why);
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

Transaction::~Transaction()
{
    if (done_) return;
    try {
        database_.run("ROLLBACK");
    } catch (const StoreFailure&) { // the database has already rolled back by itself
    }
}

} // namespace bh
