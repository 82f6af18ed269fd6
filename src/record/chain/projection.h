#pragma once

#include "record/attachments.h"
#include "record/chain/entry.h"
#include "record/file/database.h"

#include <array>
#include <cstdint>
#include <functional>
#include <optional>
#include <string>
#include <vector>

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

/// What an attempt's entry says in the columns of its table, in this order; and its throttle cuts.
struct AttemptColumns {
    static constexpr std::array<const char*, 24> names{"id",
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
                                                       "found"};
    std::array<QVariant, 24> values;
    std::vector<double> throttle_cuts_s;
};
/// Throws StoreFailure where it cannot be understood.
[[nodiscard]] AttemptColumns attempt_columns(const Entry& entry);

/// Adds an entry as it stands.
void insert_entry(const Database& database, const Entry& entry);

/// Writes what an entry says into the tables that are read from. Kinds whose tables a version lacks are passed over.
void apply_entry(const Database& database, const Entry& entry, int version);

/// The same, or why it cannot be understood: then nothing of it is in the tables, and whoever reads the record goes on.
std::optional<Message> apply_as_understood(const Database& database, const Entry& entry, int version);

/// Empties those tables and fills them again from all entries.
void remake_tables(const Database& database, int version);

/// Names of those tables that are not the same in another database, attached under a name.
[[nodiscard]] std::vector<std::string> tables_that_differ(const Database& database, const QString& other);

/// What entries name of what lies beside the record, by those tables of a version, in a database attached under a name.
[[nodiscard]] Attachments::Names names_in(const Database& database, const QString& of, int version);

} // namespace bh
