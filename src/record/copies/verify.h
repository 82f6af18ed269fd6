#pragma once

#include "core/base/result.h"
#include "record/chain/entry.h"
#include "record/place.h"

#include <filesystem>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bh {

class Database;

struct VerifyReport {
    std::int64_t entries = 0;
    Head head;
    std::vector<Message> problems; ///< a line each; empty: the record is as it was written
    std::vector<Message> known;   ///< entries that are not as they should be and that a coordinator marked as known: by whom, why
    std::vector<Message> remarks; ///< what could not be looked at, and since when entries are signed
};

struct VerifyOptions {
    std::optional<Head> head{};              ///< that the record is to have grown from
    std::vector<std::string> trusted_keys{}; ///< public keys; none: those among the entries
    /// With what this station saw last, which is compared and remembered anew, and its key, which it trusts itself; empty:
    /// neither.
    std::filesystem::path station_folder{};
    std::filesystem::path read_logs_also_from{}; ///< see RecordOptions
    std::vector<std::string> also_stand{};       ///< keys that the looker trusts whatever the entries say, see own_key()
    bool remember = true;                        ///< what was seen now is what is compared the next time
    bool attachments = true;                     ///< flight logs and stick recordings too
    int newest = 200;                            ///< entries that a quick look follows
};

/// The whole of a record, read in one snapshot and never written to, whoever writes to it meanwhile: that the file's schema is
/// the one that this version makes, the chain of entries, their signatures and times; that the tables, made anew from the entries
/// in a database of its own, are those in the file; what was seen of it before; and that what lies beside it is what entries
/// name. An older record is compared with the schema of its version, and its tables are not.
/// A record on a server is copied in one moment into a file that is thrown away, and that is looked at; what is attached is
/// looked at where it lies.
[[nodiscard]] Result<VerifyReport> verify_record(const RecordPlace& place, const VerifyOptions& options = {});

/// The quick part of it, of a record that is open: schema, newest entries, and what this station saw last.
[[nodiscard]] std::vector<Message> quick_problems(const Database& database, const std::filesystem::path& file,
                                                  const VerifyOptions& options);

/// Whether nothing can be read with such a problem: a table is not there, or is another one. Others are told, and nothing worse.
[[nodiscard]] bool keeps_from_reading(const Message& problem);

/// Of that the newest entries, and what this station saw last.
[[nodiscard]] std::vector<Message> newest_entries_problems(const Database& database, const std::filesystem::path& beside,
                                                           const VerifyOptions& options);

/// A station's own public key, where it has one yet: what it signed itself it need not be told of.
[[nodiscard]] std::vector<std::string> own_key(const std::filesystem::path& station_folder);

/// The newest entry, of a record that is only read. Zero and no hash where there is none yet.
[[nodiscard]] Result<Head> head_of(const RecordPlace& place);
/// The same, compared with what a station saw last, and remembered.
struct HeadThere {
    Head head;
    std::optional<Message> lost{}; ///< why it is less than what was seen, or another
};
[[nodiscard]] Result<HeadThere> head_of(const RecordPlace& place, const std::filesystem::path& station_folder);
/// Who may write what on a server, which from now on is as it should be for this station.
[[nodiscard]] Result<std::map<std::string, int>> take_logins_as_they_are(const RecordPlace& place,
                                                                         const std::filesystem::path& station_folder);
/// The public keys among the entries, in their order.
[[nodiscard]] Result<std::vector<std::string>> station_keys_of(const RecordPlace& place);

} // namespace bh
