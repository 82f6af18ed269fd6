#include "record/database.h"

#include "record/record.h"

#include <QAtomicInteger>
#include <QSqlError>

namespace bh {

Database::Database(const std::filesystem::path& file, bool read_only)
{
    static QAtomicInteger<int> counter; // connection names must differ; nothing else hangs on it
    name_ = QStringLiteral("record-%1").arg(counter.fetchAndAddRelaxed(1));
    QSqlDatabase database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name_);
    database.setDatabaseName(QString::fromStdString(file.string()));
    database.setConnectOptions(read_only ? QStringLiteral("QSQLITE_OPEN_READONLY;QSQLITE_BUSY_TIMEOUT=5000")
                                         : QStringLiteral("QSQLITE_BUSY_TIMEOUT=5000"));
    if (!database.open()) {
        const std::string why = database.lastError().text().toStdString();
        database = {};
        QSqlDatabase::removeDatabase(name_);
        throw StoreFailure(why);
    }
}

Database::~Database()
{
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
    if (!good) throw StoreFailure(query.lastError().text().toStdString());
    return query;
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
