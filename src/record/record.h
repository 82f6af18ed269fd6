#pragma once

#include "core/base/result.h"
#include "core/logbook/logbook.h"
#include "record/attachments.h"
#include "record/chain/entry.h"
#include "record/chain/key_book.h"
#include "record/chain/rights_of_entries.h"
#include "record/chain/station_key.h"
#include "record/copies/verify.h"
#include "record/file/failures.h"
#include "record/place.h"

#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace bh {

struct RecordOptions {
    std::function<UnixTime()> clock;     ///< "now"; the system's when empty
    std::function<std::string()> new_id; ///< random when empty; the demo record's maker passes a seeded one
    std::string who = "coordinator";
    std::filesystem::path read_logs_also_from; ///< a second folder to look for flight logs in (demo copies)
    std::filesystem::path station_folder;      ///< with the station's key and what it saw last; the usual one when empty
    std::optional<StationKey> key;             ///< instead of the folder's
    int newest_looked_at = 200;                ///< entries that are looked at when it is opened
    bool remember_heads = true;                ///< a record that is thrown away need not be known again
    /// Of a window, on a server: once somebody listens, whatever is written goes into the station's journal, and another thread
    /// hands it over and asks what is asked. Nothing waits for the server longer than ServerWorker::window_waits.
    bool journal_first = false;
    bool hands_over_only = false; ///< it is that thread's
    bool read_only = false;       ///< nothing is written, neither to it nor beside it; of this version only
    /// As it stood then: of what was written later nothing is known, and that moment is now. Read only.
    std::optional<UnixTime> as_of;
    EntryRights rights; ///< who may write what, which a server is told by the login that owns it
};

/// What a station signs of it.
[[nodiscard]] std::string noted_time_text(const std::string& session_id, const NotedTime& noted);
/// The same as a station with decimal commas once signed it.
[[nodiscard]] std::string noted_time_text_with_commas(const std::string& session_id, const NotedTime& noted);

/// The training record: one SQLite file, with what is attached to it in folders beside it; or, for several stations, a database
/// on a PostgreSQL server, with a station's own copies of what is attached in a place of its own. Everything is written as an
/// entry that is never changed afterwards and carries the SHA-256 of the one before; the tables that are read from are made from
/// the entries in the same transaction and can be made again from them. The station that writes an entry signs its hash; a
/// station's public key is an entry before the first that it signs. What entries mean is for those above (see School). Used from
/// one thread.
class Record {
public:
    static constexpr int schema_version = 15;

    /// Opens, creating or migrating as needed. A file that is no record, is damaged or was written by a newer version
    /// is refused with a sentence and left as it is. Before a migration a copy of the file is kept beside it.
    static Result<std::unique_ptr<Record>> open(const RecordPlace& place, RecordOptions options = {});
    ~Record();
    Record(const Record&) = delete;
    Record& operator=(const Record&) = delete;

    [[nodiscard]] const RecordPlace& place() const;
    [[nodiscard]] const std::filesystem::path& file() const; ///< of a record on a server: by what this station's things are found
    [[nodiscard]] UnixTime now() const;
    [[nodiscard]] std::string new_id() const;
    [[nodiscard]] const Attachments& attachments() const;
    /// What was wrong with it when it was opened, by a quick look; a line each.
    [[nodiscard]] const std::vector<Message>& problems_at_opening() const;
    /// How many files beside it, which a program that was ended had left, were put into "….left-over" then.
    [[nodiscard]] int put_aside_at_opening() const;
    [[nodiscard]] Head head() const; ///< while a server is away, as it was seen last

    /// Appends entries and makes the tables from them, all in one transaction; returns them as they stand in the chain.
    /// StoreFailure when it could not be done, and then nothing was. An entry of the station's key comes first where the record
    /// does not have it, and one that says so where the clock was set back.
    /// `after`: they are to follow that entry and no other, MovedOn where one came since. ServerAway: nothing is known to be
    /// written; but what only adds waits then in this station's journal until reach_server(), and is returned with the number 0.
    /// In a window everything is: what was changed after `after` by somebody else is refused later, see take_refused().
    std::vector<Entry> append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after = std::nullopt);

    // -- on a server ----------------------------------------------------------------------------------------------------------
    [[nodiscard]] bool server_away() const; ///< it did not answer when it was last asked
    /// Looks for the server where it was away, and hands over what waits, each once. False: it is still away. What the server
    /// does not take stays in the journal and is among waiting_problems().
    bool reach_server();
    [[nodiscard]] int waiting() const; ///< gestures that wait for the server
    [[nodiscard]] std::vector<Message> waiting_problems() const;
    /// What waits here from before, as entries without a number.
    [[nodiscard]] std::vector<Entry> waiting_entries() const;
    struct Refused {
        std::vector<Entry> entries; ///< without a number
        Message why;
        std::string overtaken_by; ///< who had changed it meanwhile; empty: that is not why
    };
    /// What a window wrote and the server did not take, of what others share: it is given up, and told of here once.
    [[nodiscard]] std::vector<Refused> take_refused();
    /// Called from threads of their own.
    struct Listener {
        std::function<void()> written;                     ///< somebody wrote, or may have
        std::function<void(const std::string&)> told_live; ///< what stations tell of themselves while it happens
        std::function<void(bool)> answers;                 ///< the server begins or ends to
        std::function<void(bool reached)> handed_over;     ///< of a window: what waited was handed over, or it is away
        std::function<void(const std::string&)> fetched;   ///< of a window: see is_being_fetched()
    };
    void listen(Listener listener);
    /// Does something with the record, beside a window where it is a window's, and otherwise at once. Null: it does not answer.
    void later(std::function<void(Record*)> what);
    /// A file beside the record is on its way from the server, for longer than a window waits.
    [[nodiscard]] bool is_being_fetched(const std::string& name) const;
    void tell_live(std::string text);       ///< see ServerLine
    void take_as_away();                    ///< somebody noticed that the server does not answer
    void hold_files_back(bool hold);        ///< flight logs and recordings are sent to the server when nobody flies
    bool finish_sending(int most_ms) const; ///< waits for them; false: some are left

    /// Destroys the key to a person's name, and says so in an entry: nobody can read the name in this file any more, and the
    /// chain holds. Returns how many older entries have the name in the clear, as it was written before names were sealed.
    int erase_person(const std::string& id, const std::string& why, const std::string& who = {});

    /// Whose keys stand, see KeyBook.
    [[nodiscard]] KeyBook keys() const;
    [[nodiscard]] const std::string& own_key() const; ///< this station's, public
    /// Countersigns a key, with a coordinator's or with this station's own. BadInput where the one that signs does not stand.
    Result<void> countersign(const std::string& public_key, const StationKey* with = nullptr, const std::string& who = {});
    /// Marks an entry that is not as it should be as known, see verify_record(). BadInput without a reason, for an entry that is
    /// not there, and where the key may not.
    Result<void> mark_as_known(std::int64_t seq, const std::string& why, const StationKey* with = nullptr,
                               const std::string& who = {});
    [[nodiscard]] std::optional<std::string> hash_of(std::int64_t seq) const; ///< of an entry; nothing: there is none
    /// Whether the newest entry of a kind and subject was written by this station.
    [[nodiscard]] bool wrote(const std::string& kind, const std::string& subject) const;

    /// Whether what was erased is gone from the file and from the log beside it. It is tried again with each call, at each
    /// opening and with each entry: while another program reads it cannot be done.
    [[nodiscard]] bool erased_for_good() const;

    /// Everything that came after an entry, in order, in today's words.
    [[nodiscard]] std::vector<Entry> entries_after(std::int64_t seq) const;
    /// The whole record in one moment: every entry but the attempts, which are many and come as rows, as they were written; and
    /// how far that reaches.
    struct Snapshot {
        std::vector<Entry> entries;
        std::vector<Attempt> attempts;
        std::int64_t seq = 0;
    };
    [[nodiscard]] Snapshot snapshot() const;
    /// Nothing: there is none of that id.
    [[nodiscard]] std::optional<JudgedAttempt> judged(const std::string& attempt_id) const;

    /// Keeps how far a running session has come, for the case that its end is never written. No entry.
    void note_session_time(const std::string& session_id, double active_s, double idle_s);
    [[nodiscard]] std::map<std::string, NotedTime> noted_session_times() const;
    [[nodiscard]] std::string note(const std::string& key) const; ///< small facts about the record itself, which are entries
    void set_note(const std::string& key, const std::string& value);

    /// See verify_record(). What cannot be read at all is a problem too.
    [[nodiscard]] VerifyReport verify() const;

private:
    class Impl;
    explicit Record(std::unique_ptr<Impl> impl);
    std::unique_ptr<Impl> impl_;
};

} // namespace bh
