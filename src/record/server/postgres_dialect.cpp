#include "record/file/dialect.h"

#include "core/base/number_text.h"
#include "record/chain/bodies.h"
#include "record/chain/projection.h"
#include "record/file/failures.h"
#include "record/server/postgres_schema.h"

#include <nlohmann/json.hpp>

namespace bh {

namespace {

using Json = nlohmann::json;

class Postgres : public Dialect {
public:
    Postgres(const std::string& server, bool read_only, const EntryRights& rights, std::filesystem::path beside)
        : Dialect(Database::on_server(server)), beside_(std::move(beside))
    {
        const Patience opening(database(), Patience::opening_ms);
        const int version = servers_version(database());
        if (version > servers_schema_version)
            throw StoreFailure(message("it was written by a newer version (%1, this one knows up to %2); it was left as it is",
                                       version, servers_schema_version));
        if (!read_only && owns_server(database())) {
            prepare_server(database(), rights);
        } else if (version == 0) {
            throw StoreFailure(
                message("there is no record on this server yet: whoever looks after it opens it once with the login that "
                        "owns the database, or moves a record there"));
        } else if (version < servers_schema_version) {
            throw StoreFailure(
                message("the record on this server is of an older version: whoever looks after it opens it once with the "
                        "login that owns the database"));
        }
        if (!database().value("SELECT value FROM state WHERE key = 'moving'").isEmpty())
            throw StoreFailure(message("a record is being moved to this server, take it up again with `record move`"));
    }

    void write(const Batch& batch) const override
    {
        // The server verifies each signature, which takes it some milliseconds.
        constexpr int each_ms = 20;
        const Patience some(database(), Deadline::exchange_ms + each_ms * static_cast<int>(batch.entries.size()));
        database().write("SELECT append_entries(?::jsonb)", batch_text(batch));
    }

    void note_session_time(const std::string& session_id, const NotedTime& noted, const std::string& signature) const override
    {
        database().write("SELECT note_session_time(?,?,?,?,?)", session_id, exact(noted.active_s), exact(noted.idle_s), noted.at,
                         signature); // as it was signed
    }

    [[nodiscard]] std::vector<Message> quick_problems(const VerifyOptions& options) const override
    {
        std::vector<Message> problems = server_schema_problems(database());
        for (Message& problem : newest_entries_problems(database(), beside_, options)) problems.push_back(std::move(problem));
        return problems;
    }

private:
    std::filesystem::path beside_;
};

Json json_of(const QVariant& value)
{
    if (value.isNull()) return nullptr;
    if (value.typeId() == QMetaType::QString) return value.toString().toStdString();
    if (value.typeId() == QMetaType::Double) return value.toDouble();
    return value.toLongLong();
}

} // namespace

std::unique_ptr<Dialect> postgres_dialect(const std::string& server, bool read_only, const EntryRights& rights,
                                          const std::filesystem::path& beside)
{
    return std::make_unique<Postgres>(server, read_only, rights, beside);
}

std::string batch_text(const Batch& batch)
{
    Json entries = Json::array();
    for (const Entry& e : batch.entries)
        entries.push_back({{"at", e.at},
                           {"who", e.who},
                           {"kind", e.kind},
                           {"subject", e.subject},
                           {"supersedes", e.supersedes},
                           {"why", e.why},
                           {"body", e.body},
                           {"signature", e.signature}});
    const Entry& first = batch.entries.front();
    return Json{{"follows", first.seq - 1},
                {"previous", first.previous_hash},
                {"entries", std::move(entries)},
                {"keys", batch.person_keys}}
        .dump(-1, ' ', false, Json::error_handler_t::replace);
}

std::string attempt_rows(const std::vector<Entry>& entries)
{
    Json rows = Json::array();
    for (const Entry& entry : entries) {
        if (entry.kind != "attempt" || !attempt_row_in(entry)) continue; // one that cannot be understood is in no table
        const AttemptColumns columns = attempt_columns(entry);
        Json row = Json::object();
        for (std::size_t i = 0; i < columns.values.size(); ++i) row[AttemptColumns::names[i]] = json_of(columns.values[i]);
        rows.push_back(std::move(row));
    }
    return rows.dump(-1, ' ', false, Json::error_handler_t::replace);
}

} // namespace bh
