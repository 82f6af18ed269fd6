#pragma once

#include <QVariant>
#include <initializer_list>
#include <optional>
#include <string>

struct pg_conn;

namespace bh {

/// What a server said against a statement. Without a code: nothing, the line is cut.
struct ServerRefusal {
    QString code;  ///< five letters, see "PostgreSQL Error Codes" in its manual
    QString words; ///< as they came
};

/// A statement that a server prepares once for a connection and runs many times. Values go beside it: Qt's driver
/// writes them into the text of an EXECUTE, which the server then reads anew each time.
class ServerStatement {
public:
    /// The connection is the driver's and lasts longer. `sql` has a ? for each value.
    ServerStatement(pg_conn* line, const QString& sql);

    /// `first`: where the first value of the answer goes.
    [[nodiscard]] std::optional<ServerRefusal> run(std::initializer_list<QVariant> values, std::string* first = nullptr);

private:
    pg_conn* line_;
    std::string sql_, name_; ///< named once it is prepared
};

} // namespace bh
