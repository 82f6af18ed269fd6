#pragma once

#include "record/file/deadline.h"
#include "record/place.h"
#include "record/server/server_statement.h"

#include <QSqlDatabase>
#include <QSqlQuery>
#include <QVariant>
#include <filesystem>
#include <initializer_list>
#include <map>
#include <memory>
#include <string>
#include <vector>

class QSqlError;

namespace bh {

inline QVariant bound(const std::string& text) { return QString::fromStdString(text); }
inline QVariant bound(const char* text) { return QString::fromUtf8(text); }
inline QVariant bound(double value) { return value; }
inline QVariant bound(int value) { return value; }
inline QVariant bound(std::int64_t value) { return QVariant::fromValue<qlonglong>(value); }
inline QVariant bound(bool value) { return value ? 1 : 0; }
inline QVariant bound(const QByteArray& value) { return value; }
inline QVariant bound(const QVariant& value) { return value; }

/// One connection to a database, for one thread. Failures throw StoreFailure with the database's own words; ServerAway where a
/// server does not answer, and MovedOn where it says that somebody was quicker.
class Database {
public:
    enum class Kind { Sqlite, Postgres };

    /// Opens a file for reading and writing, or for reading only. Throws StoreFailure.
    Database(const std::filesystem::path& file, bool read_only);
    /// One in memory, beside which files can be attached.
    static std::unique_ptr<Database> in_memory();
    /// On a server. Throws StoreFailure, ServerAway where nobody answers.
    static std::unique_ptr<Database> on_server(const std::string& server);
    ~Database();
    Database(const Database&) = delete;
    Database& operator=(const Database&) = delete;

    [[nodiscard]] Kind kind() const { return kind_; }
    /// Connects anew where the line is cut. Throws ServerAway.
    void connect_again() const;
    struct Notice {
        std::string channel, told;
    };
    /// What was told on the channels of the server that this connection listens to (LISTEN), in its order; waits for it, at most
    /// so long and until a bell (an eventfd) is rung. Throws ServerAway.
    [[nodiscard]] std::vector<Notice> wait_for_notices(int bell, int most_ms) const;
    static void wait_for_bell(int bell, int most_ms);

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
    /// The first row of a statement that is run many times, prepared once; empty where there is none.
    template <class... Values>
    QVariantList first(const char* sql, const Values&... values) const
    {
        return first_bound(sql, {bound(values)...});
    }
    /// On a server: the first value of a statement's answer, which is prepared once; empty where there is none.
    template <class... Values>
    std::string answer(const char* sql, const Values&... values) const
    {
        return write_on_server(sql, {bound(values)...});
    }
    /// Several statements without values.
    void run_script(const QString& sql) const;
    /// First column of the first row, as text; empty when there is none.
    [[nodiscard]] QString value(const QString& sql) const;

private:
    Database(Kind kind, const QString& name, const QString& options, const QString& password = {});
    QSqlQuery run_bound(const QString& sql, std::initializer_list<QVariant> values) const;
    QVariantList first_bound(const char* sql, std::initializer_list<QVariant> values) const;
    QSqlQuery& prepared(const char* sql, std::initializer_list<QVariant> values) const;
    void write_bound(const char* sql, std::initializer_list<QVariant> values) const;
    void prepare_line() const;
    std::string write_on_server(const char* sql, std::initializer_list<QVariant> values) const;
    [[nodiscard]] Deadline in_time() const;
    [[noreturn]] void fail(const QSqlError& error) const;
    Kind kind_;
    QString name_;
    friend class Patience;
    mutable int most_ms_ = Deadline::exchange_ms;
    mutable std::map<std::string, QSqlQuery, std::less<>> prepared_;
    mutable std::map<std::string, ServerStatement, std::less<>> written_; ///< on a server
};

/// While it lasts, each exchange with a server may take longer: much is read at once, and nobody waits for it with a stick in
/// the hand.
class Patience {
public:
    static constexpr int much_ms = 60'000;    ///< a school's whole record over a slow line (house)
    static constexpr int opening_ms = 10'000; ///< nobody flies yet, and a server that is busy is no server that is away (house)
    explicit Patience(const Database& database, int most_ms = much_ms) : database_(database), before_ms_(database.most_ms_)
    {
        database.most_ms_ = most_ms;
    }
    ~Patience() { database_.most_ms_ = before_ms_; }
    Patience(const Patience&) = delete;
    Patience& operator=(const Patience&) = delete;

private:
    const Database& database_;
    int before_ms_;
};

/// A file for SQLite's ATTACH, to be read only. `at_rest`: nobody writes to it, and nothing is left beside it.
[[nodiscard]] std::string read_only_uri(const std::filesystem::path& file, bool at_rest);

/// Rolls back unless committed.
class Transaction {
public:
    enum class Kind { Write, Read }; ///< reading: nothing changes under it while it lasts
    explicit Transaction(const Database& database, Kind kind = Kind::Write);
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
