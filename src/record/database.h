#pragma once

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>
#include <filesystem>
#include <initializer_list>
#include <map>
#include <memory>
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
    /// One in memory, beside which files can be attached.
    static std::unique_ptr<Database> in_memory();
    ~Database();
    Database(const Database&) = delete;
    Database& operator=(const Database&) = delete;

    template <class... Values>
    QSqlQuery run(const QString& sql, const Values&... values) const
    {
        return run_bound(sql, {bound(values)...});
    }
    /// The same for a statement that returns no rows and is run many times: it is prepared once.
    template <class... Values>
    void write(const char* sql, const Values&... values) const
    {
        write_bound(sql, {bound(values)...});
    }
    /// First column of the first row, as text; empty when there is none.
    [[nodiscard]] QString value(const QString& sql) const;

private:
    Database(const QString& name, const QString& options);
    QSqlQuery run_bound(const QString& sql, std::initializer_list<QVariant> values) const;
    void write_bound(const char* sql, std::initializer_list<QVariant> values) const;
    QString name_;
    mutable std::map<std::string, QSqlQuery, std::less<>> prepared_;
};

/// A file for SQLite's ATTACH, to be read only. `at_rest`: nobody writes to it, and nothing is left beside it.
[[nodiscard]] std::string read_only_uri(const std::filesystem::path& file, bool at_rest);

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
