#pragma once

#include "record/attachments.h"
#include "record/chain/entry.h"
#include "record/file/database.h"

#include <array>
#include <functional>
#include <optional>
#include <string>

namespace bh {

[[nodiscard]] Entry entry_from(const QSqlQuery& row); ///< of SELECT * FROM entries
/// The same columns, long texts as the bytes that they are: to read many.
inline constexpr const char* entry_columns_in_bytes =
    "seq, at, who, kind, subject, supersedes, why, CAST(body AS BLOB), CAST(previous_hash AS BLOB), CAST(hash AS BLOB), "
    "CAST(signature AS BLOB)";

/// The key to a person's name; empty: there is none any more.
using PersonKeys = std::function<std::string(const std::string& person)>;
[[nodiscard]] PersonKeys person_keys_in(const Database& database);     ///< looked up one by one
[[nodiscard]] PersonKeys all_person_keys_in(const Database& database); ///< read at once, for many
/// An entry's body in today's words, with a person's name in the clear.
[[nodiscard]] std::string body_to_read(const Entry& entry, const PersonKeys& keys);

/// What an attempt's entry says in the columns of the table of attempts, the same in a file and on a server: what is asked about
/// many attempts is read from there, and everything else from the entries.
struct AttemptColumns {
    static constexpr std::array names{"id",
                                      "pilot_id",
                                      "session_id",
                                      "drill_id",
                                      "drill_version",
                                      "at",
                                      "mode",
                                      "score",
                                      "passed",
                                      "flown_s",
                                      "summary",
                                      "log_hash",
                                      "entry",
                                      "flown_with",
                                      "curriculum",
                                      "curriculum_version",
                                      "observed",
                                      "demonstration",
                                      "left_minus_right",
                                      "simulator",
                                      "in_words",
                                      "holds",
                                      "world",
                                      "found",
                                      "cuts"};
    std::array<QVariant, names.size()> values;
};
/// Throws StoreFailure where it cannot be understood.
[[nodiscard]] AttemptColumns attempt_columns(const Entry& entry);

/// Adds an entry as it stands.
void insert_entry(const Database& database, const Entry& entry);

/// Adds an attempt to the table of attempts, and passes over whatever else it is. Throws StoreFailure.
void add_attempt(const Database& database, const Entry& entry);
/// The same of one that may not be understood, which is in no table then: why not.
std::optional<Message> add_attempt_as_understood(const Database& database, const Entry& entry);

/// Empties the table of attempts and fills it again from all entries.
void remake_attempts(const Database& database);

/// The table of attempts is not the same in another database, attached under a name.
[[nodiscard]] bool attempts_differ(const Database& database, const QString& other);

/// What entries name of what lies beside the record, in a database of a version, attached under a name.
[[nodiscard]] Attachments::Names names_in(const Database& database, const QString& of, int version);

} // namespace bh
