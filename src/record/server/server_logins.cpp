#include "record/server/server_logins.h"

#include "files/text/file_text.h"
#include "files/text/json_text.h"

#include <nlohmann/json.hpp>

namespace bh {

namespace {

constexpr std::string_view superuser = " (superuser)";

Message level_in_words(int level)
{
    return level >= 3 ? message("a coordinator") : level >= 2 ? message("an instructor") : message("a station");
}

std::vector<std::string> names(const Database& server, const QString& sql)
{
    std::vector<std::string> all;
    QSqlQuery rows = server.run(sql);
    while (rows.next()) all.push_back(rows.value(0).toString().toStdString());
    return all;
}

const QString not_the_owner = QStringLiteral(" NOT r.rolsuper AND r.oid <> (SELECT datdba FROM pg_database WHERE datname = "
                                             "current_database()) AND r.rolname NOT LIKE 'pg\\_%'");

} // namespace

ServerLogins logins_on(const Database& server)
{
    ServerLogins logins;
    QSqlQuery rows = server.run("SELECT r.rolname, CASE WHEN pg_has_role(r.oid, 'hangar_coordinator', 'MEMBER') THEN 3"
                                " WHEN pg_has_role(r.oid, 'hangar_instructor', 'MEMBER') THEN 2 ELSE 0 END FROM pg_roles r"
                                " WHERE r.rolcanlogin AND pg_has_role(r.oid, 'hangar_station', 'MEMBER') AND" +
                                not_the_owner);
    while (rows.next()) logins[rows.value(0).toString().toStdString()] = rows.value(1).toInt();
    for (const std::string& login : names(server, "SELECT rolname FROM pg_roles WHERE rolsuper AND rolcanlogin"))
        logins[login + std::string(superuser)] = 3;
    return logins;
}

std::vector<Message> login_problems(const Database& server, const ServerLogins& logins, const KeyBook& book,
                                    const ServerLogins* seen)
{
    std::vector<Message> problems;
    for (const std::string& login :
         names(server, "SELECT r.rolname FROM pg_roles r WHERE pg_has_role(r.oid, (SELECT datdba FROM pg_database WHERE datname ="
                       " current_database()), 'MEMBER') AND" +
                           not_the_owner))
        problems.push_back(message("the login '%1' may do what the owner of the record may", login));
    for (const char* role : {"pg_write_all_data", "pg_write_server_files", "pg_execute_server_program"})
        for (const std::string& login :
             names(server, QStringLiteral("SELECT r.rolname FROM pg_roles r WHERE pg_has_role(r.oid, '%1', 'MEMBER') AND")
                                   .arg(QLatin1String(role)) +
                               not_the_owner))
            problems.push_back(message("the login '%1' may write past the program (%2)", login, role));
    ServerLogins before; // as far as anybody knows
    for (const KnownKey& key : book.keys())
        if (!key.login.empty() && key.stands) before[key.login] = std::max(before[key.login], key.login_may);
    if (seen)
        for (const auto& [login, level] : *seen)
            if (!before.contains(login)) before[login] = level;
    for (const auto& [login, level] : logins) {
        if (login.ends_with(superuser)) {
            if (seen && !seen->contains(login))
                problems.push_back(
                    message("the login '%1' is a superuser; it was none", login.substr(0, login.size() - superuser.size())));
            continue;
        }
        const auto known = before.find(login);
        if (known != before.end() && level > known->second)
            problems.push_back(message("the login '%1' may write what %2 may; it could what %3 could", login,
                                       level_in_words(level), level_in_words(known->second)));
        else if (known == before.end() && seen && level >= 3)
            problems.push_back(message("the login '%1' is new, and may write what a coordinator may", login));
    }
    return problems;
}

KnownLogins::KnownLogins(const std::filesystem::path& station_folder, const std::string& first_hash)
    : file_(station_folder / ("logins-" + first_hash.substr(0, 16) + ".json"))
{
    const auto text = read_text(file_);
    const auto json = text ? nlohmann::json::parse(*text, nullptr, false) : nlohmann::json();
    if (!json.is_object()) return;
    known_ = true;
    for (const auto& [login, level] : json.items())
        if (const auto whole = whole_in(level)) logins_[login] = *whole;
}

void KnownLogins::remember(const ServerLogins& logins) const noexcept
try {
    nlohmann::json json = nlohmann::json::object();
    for (const auto& [login, level] : logins) json[login] = level;
    if (make_own_folder(file_.parent_path())) static_cast<void>(write_whole(file_, json.dump() + "\n", true));
} catch (const std::exception&) { // out of memory: it is remembered the next time
}

} // namespace bh
