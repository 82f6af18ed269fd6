#include "record/copies/server_copy.h"

#include "record/chain/projection.h"
#include "record/file/failures.h"
#include "record/file/schema.h"
#include "record/record.h"
#include "record/server/server_files.h"

#include <nlohmann/json.hpp>
#include <set>
#include <stdlib.h>

namespace bh {

namespace {

/// What is not what its name says stays away, and is missed.
void put_here(const Database& server, const FileName& name, const Attachments& beside)
{
    std::string bytes = bytes_on(server, name);
    if (is_what_it_says(name, bytes)) beside.put(name, bytes);
}

/// Rows of attempts as the server has them, which verification compares with what the entries say.
void copy_attempts(const Database& server, const Database& to)
{
    QString columns;
    for (const char* name : AttemptColumns::names) columns += QLatin1String(name) + QStringLiteral(", ");
    columns.chop(2);
    QSqlQuery rows = server.run("SELECT " + columns + " FROM attempts ORDER BY entry");
    const QString places = QStringLiteral("?,").repeated(AttemptColumns::names.size()).chopped(1);
    const std::string insert = ("INSERT INTO attempts (" + columns + ") VALUES (" + places + ")").toStdString();
    while (rows.next()) {
        const auto v = [&](int i) { return rows.value(i); };
        const auto cuts =
            nlohmann::json::parse(v(24).toString().toStdString(), nullptr, false); // numbers, however they are written
        try {
            to.write(insert.c_str(), v(0), v(1), v(2), v(3), v(4), v(5), v(6), v(7), v(8), v(9), v(10), v(11), v(12), v(13),
                     v(14), v(15), v(16), v(17), v(18), v(19), v(20), v(21), v(22), v(23),
                     cuts.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace));
        } catch (const StoreFailure&) { // no number, or twice: it differs then from what the entries say
        }
    }
}

} // namespace

ServerCopy::ServerCopy(const Database& server, bool with_files)
{
    std::string pattern = (std::filesystem::temp_directory_path() / "bluehangar-XXXXXX").string();
    if (!::mkdtemp(pattern.data())) throw StoreFailure(message("no folder could be made in %1", pattern));
    folder_ = pattern;
    file_ = folder_ / "record.sqlite";
    try {
        const Database to(file_, false);
        to.run("PRAGMA synchronous = OFF"); // it is thrown away
        migrate_to(to, file_, Record::schema_version);
        Transaction all(to);
        const Patience much(server);
        const Transaction snapshot(server, Transaction::Kind::Read);
        QSqlQuery keys = server.run("SELECT person, key FROM person_keys");
        while (keys.next()) to.write("INSERT INTO person_keys VALUES (?,?)", keys.value(0), keys.value(1));
        QSqlQuery rows = server.run("SELECT * FROM entries ORDER BY seq");
        while (rows.next()) {
            const Entry entry = entry_from(rows);
            insert_entry(to, entry);
        }
        copy_attempts(server, to);
        QSqlQuery times = server.run("SELECT session_id, active_s, idle_s, at, signature FROM session_times");
        while (times.next())
            to.write("INSERT INTO session_times VALUES (?,?,?,?,?)", times.value(0), times.value(1), times.value(2),
                     times.value(3), times.value(4));
        all.commit();
        const Attachments beside(file_);
        if (with_files)
            for (const bool logs : {true, false})
                for (const FileName& name : files_on(server, logs)) put_here(server, name, beside);
    } catch (...) {
        std::error_code error;
        std::filesystem::remove_all(folder_, error);
        throw;
    }
}

ServerCopy::~ServerCopy()
{
    std::error_code error;
    std::filesystem::remove_all(folder_, error);
}

void check_server_files(const Database& server, const Attachments::Names& named, std::vector<Message>& problems,
                        std::vector<Message>& remarks)
{
    const Patience much(server);
    std::set<std::string> logs, sticks, young;
    for (const FileName& name : files_on(server, true)) logs.insert(name.hash());
    for (const FileName& name : files_on(server, false)) sticks.insert(name.text());
    QSqlQuery last_day = server.run("SELECT kind || ' ' || subject FROM entries WHERE kind IN ('attempt', 'session')"
                                    " AND at > (SELECT max(at) FROM entries) - 86400");
    while (last_day.next()) young.insert(last_day.value(0).toString().toStdString());
    int on_their_way = 0;
    const auto missing = [&](const auto& names, const std::set<std::string>& there, std::string_view what) {
        for (const auto& [name, who] : names) {
            if (there.contains(name) || named.of_erased.contains(name)) continue;
            if (young.contains(who))
                ++on_their_way;
            else
                problems.push_back(
                    message("%1: its %2 is not on the server, the station where it was made may have it", who, message(what)));
        }
    };
    missing(named.logs, logs, label("flight log"));
    missing(named.sticks, sticks, label("recording"));
    if (on_their_way > 0)
        remarks.push_back(message("%1 flight logs and recordings of the last day are not on the server yet", on_their_way));
    // Those that are named by their bytes are added up by the server itself.
    QSqlQuery changed = server.run(
        "SELECT a.hash || a.ending FROM attachments a LEFT JOIN LATERAL (SELECT string_agg(bytes, ''::bytea ORDER BY position) "
        "AS bytes"
        " FROM chunks WHERE hash = a.hash) c ON true WHERE NOT (a.kind = 'log' AND a.ending IN ('.flight.gz', '.csv.gz'))"
        " AND encode(sha256(coalesce(c.bytes, ''::bytea)), 'hex') <> a.hash");
    const auto not_as_written = [&](const std::string& name) {
        problems.push_back(message("%1 on the server is not what was written", name));
    };
    while (changed.next()) not_as_written(changed.value(0).toString().toStdString());
    for (const FileName& name : files_on(server, true)) // and older logs, by their text, here
        if (!name.is_by_content() && !is_what_it_says(name, bytes_on(server, name))) not_as_written(name.text());
    QSqlQuery left_out = server.run("SELECT count(*) FROM left_out");
    if (const int count = left_out.next() ? left_out.value(0).toInt() : 0; count > 0)
        remarks.push_back(
            message("%1 files with names that were none, or under names of others, were left out when the server was brought "
                    "up to date; their stations send them again",
                    count));
}

} // namespace bh
