#pragma once

#include "core/logbook/logbook.h"
#include "record/chain/entry.h"
#include "record/chain/rights_of_entries.h"
#include "record/copies/verify.h"
#include "record/file/database.h"
#include "record/file/schema.h"

#include <map>
#include <memory>
#include <string>
#include <vector>

namespace bh {

/// Entries that are to follow the newest, as one: all of them or none.
struct Batch {
    std::vector<Entry> entries;
    std::map<std::string, std::string> person_keys; ///< of people who are new
};

/// What the two databases do differently that a record can lie in. Everything else is the same words to either.
class Dialect {
public:
    virtual ~Dialect() = default;

    [[nodiscard]] const Database& database() const { return *database_; }

    /// Writes a batch whose first entry names the newest one that there is. MovedOn: it does so no more; nothing was written.
    virtual void write(const Batch& batch) const = 0;
    virtual void note_session_time(const std::string& session_id, const NotedTime& noted, const std::string& signature) const = 0;
    /// What nobody shall read any more is not left where the database keeps what it has written. False: somebody reads, and it
    /// is to be tried again. A server's own copies are out of reach from here.
    [[nodiscard]] virtual bool wipe() const { return true; }
    /// Rows of attempts as they were written: that of an id, all without one; of entries until then.
    [[nodiscard]] std::vector<Attempt> attempts(const std::string& id = {}, std::optional<UnixTime> until = {}) const;
    /// What is wrong at a quick look; a line each.
    [[nodiscard]] virtual std::vector<Message> quick_problems(const VerifyOptions& options) const = 0;

protected:
    explicit Dialect(std::unique_ptr<Database> database) : database_(std::move(database)) {}

private:
    std::unique_ptr<Database> database_;
};

/// A file: opened, and unless it is only read, brought up to date. Throws StoreFailure.
[[nodiscard]] std::unique_ptr<Dialect> sqlite_dialect(const std::filesystem::path& file, bool read_only, const Carry& carry);
/// A server: its record is made, or brought up to date, where this login owns the database. Throws StoreFailure.
[[nodiscard]] std::unique_ptr<Dialect> postgres_dialect(const std::string& server, bool read_only, const EntryRights& rights,
                                                        const std::filesystem::path& beside);

/// Adds a batch to a file's tables, inside a transaction.
void insert_batch(const Database& database, const Batch& batch);
/// The batch as the server's one function takes it.
[[nodiscard]] std::string batch_text(const Batch& batch);
/// Rows for the server's table of attempts, of a record that is moved there with the owner's login.
[[nodiscard]] std::string attempt_rows(const std::vector<Entry>& entries);
} // namespace bh
