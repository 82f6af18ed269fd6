#include "record/server_copy.h"

#include "record/failures.h"
#include "record/projection.h"
#include "record/record.h"
#include "record/schema.h"
#include "record/server_files.h"

#include <nlohmann/json.hpp>
#include <set>
#include <stdlib.h>

namespace bh {

namespace {

/// Rows of attempts as the server has them, which verification compares with what the entries say.
void copy_attempts(const Database& server, const Database& to)
{
    QString columns;
    for (const char* name : AttemptColumns::names) columns += QLatin1String(name) + QStringLiteral(", ");
    QSqlQuery rows = server.run("SELECT " + columns + "cuts FROM attempts ORDER BY entry");
    const QString places = QStringLiteral("?,").repeated(AttemptColumns::names.size()).chopped(1);
    const std::string insert = ("INSERT INTO attempts (" + columns.chopped(2) + ") VALUES (" + places + ")").toStdString();
    while (rows.next()) {
        const auto v = [&](int i) { return rows.value(i); };
        to.write(insert.c_str(), v(0), v(1), v(2), v(3), v(4), v(5), v(6), v(7), v(8), v(9), v(10), v(11), v(12), v(13), v(14),
                 v(15), v(16), v(17), v(18), v(19), v(20), v(21), v(22), v(23));
        const auto cuts = nlohmann::json::parse(rows.value(24).toString().toStdString(), nullptr, false);
        int position = 0;
        if (cuts.is_array())
            for (const auto& cut : cuts)
                to.write("INSERT INTO throttle_cuts VALUES (?,?,?)", v(0), position++,
                         cut.is_number() ? cut.get<double>() : -1.0);
    }
}

} // namespace

ServerCopy::ServerCopy(const Database& server, bool with_files)
{
    std::string pattern = (std::filesystem::temp_directory_path() / "bluehangar-XXXXXX").string();
    if (!::mkdtemp(pattern.data())) throw StoreFailure(said("no folder could be made in %1", pattern));
    folder_ = pattern;
    file_ = folder_ / "record.sqlite";
    try {
        const Database to(file_, false);
        to.run("PRAGMA synchronous = OFF"); // it is thrown away
        migrate_to(to, file_, Record::schema_version);
        Transaction all(to);
        const Transaction snapshot(server, Transaction::Kind::Read);
        QSqlQuery keys = server.run("SELECT person, key FROM person_keys");
        while (keys.next()) to.write("INSERT INTO person_keys VALUES (?,?)", keys.value(0), keys.value(1));
        QSqlQuery rows = server.run("SELECT * FROM entries ORDER BY seq");
        bool understood = true; // where it is not, verification finds why
        while (rows.next()) {
            const Entry entry = entry_from(rows);
            insert_entry(to, entry);
            try {
                if (understood && entry.kind != "attempt") apply_entry(to, entry, Record::schema_version);
            } catch (const StoreFailure&) {
                understood = false;
            }
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
                for (const std::string& name : files_on(server, logs))
                    fetch_file(server, logs ? name.substr(0, name.find('.')) : name, logs, beside);
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

void check_server_files(const Database& server, const Attachments::Names& named, std::vector<Said>& problems,
                        std::vector<Said>& remarks)
{
    std::set<std::string> logs, sticks, young;
    for (const std::string& name : files_on(server, true)) logs.insert(name.substr(0, name.find('.')));
    for (const std::string& name : files_on(server, false)) sticks.insert(name);
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
                    said("%1: its %2 is not on the server, the station where it was made may have it", who, said(what)));
        }
    };
    missing(named.logs, logs, label("flight log"));
    missing(named.sticks, sticks, label("recording"));
    if (on_their_way > 0)
        remarks.push_back(said("%1 flight logs and recordings of the last day are not on the server yet", on_their_way));
    // Those that are named by their bytes; the server adds them up itself. Older logs are looked at where they are read.
    QSqlQuery changed = server.run(
        "SELECT name FROM (SELECT c.name, encode(sha256(string_agg(c.bytes, ''::bytea ORDER BY c.position)), 'hex') AS digest"
        " FROM chunks c JOIN attachments a USING (name) WHERE a.whole AND"
        " (c.name LIKE '%.pack.gz' OR c.name LIKE '%.text.gz' OR (a.kind = 'sticks' AND length(c.name) = 71)) GROUP BY c.name) f"
        " WHERE digest <> left(name, 64)");
    while (changed.next())
        problems.push_back(said("%1 on the server is not what was written", changed.value(0).toString().toStdString()));
}

} // namespace bh
