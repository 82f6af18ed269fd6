#include "private_server.h"

#include <array>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <iostream>
#include <sstream>
#include <stdexcept>
#include <unistd.h>
#include <utility>

namespace {

namespace fs = std::filesystem;

/// The newest version's programs; empty: not installed.
fs::path programs()
{
    fs::path newest;
    std::error_code error;
    for (const auto& version : fs::directory_iterator("/usr/lib/postgresql", error))
        if (fs::exists(version.path() / "bin" / "initdb") &&
            (newest.empty() || std::atoi(version.path().filename().c_str()) > std::atoi(newest.parent_path().filename().c_str())))
            newest = version.path() / "bin";
    return newest;
}

/// As PostgreSQL wants it: never as root. Returns what was said.
std::string run(const std::string& command)
{
    const std::string as = ::geteuid() == 0 ? "runuser -u postgres -- " : "";
    FILE* pipe = ::popen(("cd / && " + as + command + " 2>&1").c_str(), "r");
    if (!pipe) throw std::runtime_error(command + " could not be run");
    std::string said;
    std::array<char, 4096> part{};
    while (const std::size_t n = std::fread(part.data(), 1, part.size(), pipe)) said.append(part.data(), n);
    if (::pclose(pipe) != 0) throw std::runtime_error(command + ": " + said);
    return said;
}

std::string quoted(const std::string& text)
{
    std::string out = "'";
    for (const char c : text) out += c == '\'' ? std::string("'\\''") : std::string(1, c);
    return out + "'";
}

} // namespace

PrivateServer* PrivateServer::of_this_program()
{
    static const bool installed = !programs().empty();
    static bool told = false;
    if (!installed) {
        if (!std::exchange(told, true)) std::cerr << "skipped on a server: PostgreSQL is not installed (package postgresql)\n";
        return nullptr;
    }
    static PrivateServer server;
    return &server;
}

PrivateServer::PrivateServer(bool safe) : safe_(safe)
{
    std::string pattern = "/tmp/bh-server-XXXXXX"; // a socket's path must be short
    if (!::mkdtemp(pattern.data())) throw std::runtime_error("no folder for a server");
    folder_ = pattern;
    if (::geteuid() == 0) {
        fs::permissions(folder_, fs::perms(0755));
        if (std::system(("chown postgres " + folder_.string()).c_str()) != 0) throw std::runtime_error("no user postgres");
    }
    run((programs() / "initdb").string() + " -D " + (folder_ / "data").string() +
        " -U desk -A trust -E UTF8 --locale=C.UTF-8 -N >/dev/null");
    start();
    sql("postgres", "CREATE ROLE keeper LOGIN CREATEROLE");
}

PrivateServer::~PrivateServer()
{
    try {
        stop();
    } catch (const std::exception&) { // stopped by the test
    }
    std::error_code error;
    fs::remove_all(folder_, error);
}

void PrivateServer::start() const
{
    run((programs() / "pg_ctl").string() + " -D " + (folder_ / "data").string() + " -w -l " + (folder_ / "log").string() +
        " -o \"-c listen_addresses='' -c unix_socket_directories='" + folder_.string() +
        "' -c unix_socket_permissions=0777 -c fsync=" + (safe_ ? "on" : "off") + " -c max_connections=150\" start >/dev/null");
}

void PrivateServer::make_logins() const
{
    for (const auto& [login, role] : {std::pair{"bay", " IN ROLE hangar_station"},
                                      {"other", " IN ROLE hangar_station"},
                                      {"third", " IN ROLE hangar_station"},
                                      {"coach", " IN ROLE hangar_instructor"},
                                      {"lead", " IN ROLE hangar_coordinator"},
                                      {"guest", ""}})
        sql("postgres", std::string("DO $$ BEGIN IF NOT EXISTS (SELECT FROM pg_roles WHERE rolname = '") + login +
                            "') THEN CREATE ROLE " + login + " LOGIN" + role + "; END IF; END $$");
}

void PrivateServer::ask_password_of(const std::string& login) const
{
    const fs::path file = folder_ / "data" / "pg_hba.conf";
    std::stringstream before;
    before << std::ifstream(file).rdbuf();
    std::ofstream(file) << "local all " << login << " scram-sha-256\n" << before.str();
    sql("postgres", "SELECT pg_reload_conf()");
}

void PrivateServer::signal_all(int signal) const
{
    std::ifstream file(folder_ / "data" / "postmaster.pid");
    std::string pid;
    file >> pid;
    run("sh -c 'kill -" + std::to_string(signal) + " " + pid + " $(pgrep -P " + pid + ")'");
}

void PrivateServer::stop() const
{
    run((programs() / "pg_ctl").string() + " -D " + (folder_ / "data").string() + " -m immediate -w stop >/dev/null");
}

std::string PrivateServer::new_database()
{
    const std::string name = "school" + std::to_string(++databases_);
    sql("postgres", "CREATE DATABASE " + name + " OWNER keeper");
    return address(name);
}

std::string PrivateServer::address(const std::string& database, const std::string& login) const
{
    return "postgresql://" + login + "@/" + database + "?host=" + folder_.string();
}

std::string PrivateServer::sql(const std::string& database, const std::string& statements) const
{
    return run((programs() / "psql").string() + " -X -q -A -t -v ON_ERROR_STOP=1 -h " + folder_.string() + " -U desk -d " +
               database + " -c " + quoted(statements));
}

std::string PrivateServer::database_in(const std::string& address)
{
    const auto from = address.find("@/") + 2;
    return address.substr(from, address.find('?') - from);
}
