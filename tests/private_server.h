#pragma once

#include <filesystem>
#include <optional>
#include <string>

/// A PostgreSQL server of the test's own: in a temporary folder, on a socket there, without a network. It is started when it is
/// first asked for and ends with the program.
class PrivateServer {
public:
    /// The one of this program; null, and said once, where PostgreSQL is not installed.
    static PrivateServer* of_this_program();
    /// Another one. `safe`: what is committed is on the disk, as it has to be where it matters. Throws std::runtime_error where
    /// it does not start.
    explicit PrivateServer(bool safe = false);
    ~PrivateServer();
    PrivateServer(const PrivateServer&) = delete;
    PrivateServer& operator=(const PrivateServer&) = delete;

    /// A new empty database that belongs to the login "keeper", who is no superuser.
    [[nodiscard]] std::string new_database();
    /// "postgresql://LOGIN@/DATABASE?host=FOLDER".
    [[nodiscard]] std::string address(const std::string& database, const std::string& login = "keeper") const;
    /// As the superuser. Throws std::runtime_error.
    std::string sql(const std::string& database, const std::string& statements) const;
    /// The usual logins, once there is a record on it: "bay", "other" and "third" of stations, "coach" of an instructor's, "lead"
    /// of a coordinator's, and "guest" that may nothing.
    void make_logins() const;
    /// From now on a login is asked for its password (SCRAM-SHA-256).
    void ask_password_of(const std::string& login) const;
    /// To the server and all its children, as somebody's SIGSTOP.
    void signal_all(int signal) const;
    void stop() const;
    void start() const;
    [[nodiscard]] const std::filesystem::path& folder() const { return folder_; }
    /// The name of the database in an address.
    [[nodiscard]] static std::string database_in(const std::string& address);

private:
    std::filesystem::path folder_;
    bool safe_;
    int databases_ = 0;
};
