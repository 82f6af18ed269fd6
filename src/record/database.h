#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>
#include <filesystem>
#include <initializer_list>
#include <string>

namespace bh {

inline QVariant bound(const std::string& text) { return QString::fromStdString(text); }
inline QVariant bound(const char* text) { return QString::fromUtf8(text); }
inline QVariant bound(double value) { return value; }
inline QVariant bound(int value) { return value; }
inline QVariant bound(std::int64_t value) { return QVariant::fromValue<qlonglong>(value); }
inline QVariant bound(bool value) { return value ? 1 : 0; }
inline QVariant bound(const QVariant& value) { return value; }

/// One connection to a database file. Failures throw StoreFailure with the database's own words.
class Database {
public:
    /// Opens for reading and writing, or for reading only. Throws StoreFailure.
    Database(const std::filesystem::path& file, bool read_only);
    ~Database();
    Database(const Database&) = delete;
    Database& operator=(const Database&) = delete;

    template <class... Values>
    QSqlQuery run(const QString& sql, const Values&... values) const
    {
        return run_bound(sql, {bound(values)...});
    }
    /// First column of the first row, as text; empty when there is none.
    [[nodiscard]] QString value(const QString& sql) const;

private:
    QSqlQuery run_bound(const QString& sql, std::initializer_list<QVariant> values) const;
    QString name_;
};

/// Rolls back unless committed.
class Transaction {
public:
    enum class Kind { Write, Read }; ///< reading: nothing changes under it while it lasts
    explicit Transaction(const Database& database, Kind kind = Kind::Write) : database_(database)
    {
        database_.run(kind == Kind::Write ? QStringLiteral("BEGIN IMMEDIATE") : QStringLiteral("BEGIN"));
    }
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    void commit()
    {
        database_.run("COMMIT");
        done_ = true;
    }

private:
    const Database& database_;
    bool done_ = false;
};

} // namespace bh
