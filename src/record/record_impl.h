#pragma once

#include "record/chain/composer.h"
#include "record/chain/known_heads.h"
#include "record/chain/projection.h"
#include "record/file/database.h"
#include "record/file/presence.h"
#include "record/record.h"
#include "record/server/server_files.h"
#include "record/server/server_line.h"
#include "record/server/server_worker.h"
#include "record/server/waiting.h"

#include <atomic>
#include <chrono>
#include <mutex>
#include <set>
#include <unordered_set>

namespace bh {

/// What an entry says, in today's words.
[[nodiscard]] Entry as_read_today(Entry entry, const PersonKeys& keys);
[[nodiscard]] std::map<std::string, NotedTime> session_times_in(const Database& database);

/// What a Record is made of, for its own sources: record.cpp has what a record of either kind does, record_on_server.cpp what
/// only one on a server does.
class Record::Impl {
public:
    Impl(RecordPlace where, RecordOptions opts, StationKey station_key);

    // -- either ---------------------------------------------------------------------------------------------------------------
    /// Writes drafts after the newest entry. Where somebody was quicker they are made anew, unless they are to follow a certain
    /// one.
    /// `is_there`: asked once it is known after which entry it would come. What was sent before and answered by nobody may have
    /// been written until that very moment; after it, this batch is refused, since it does not follow the newest any more.
    std::vector<Entry> append(const std::vector<Draft>& drafts, std::optional<std::int64_t> after,
                              const std::function<bool()>& is_there = {},
                              const std::function<void(const std::string& hash)>& before_sending = {});
    [[nodiscard]] UnixTime now() const;
    [[nodiscard]] std::string new_id() const;
    void must_write() const; ///< throws StoreFailure where it is only read

    /// What was seen last is kept outside at most once a second: a file each time would take longer than the entry itself.
    void remember_soon(const Head& head);
    void remember();
    void remember_what_is_there();
    void know(const Entry& entry) const; ///< attempts are many, and none comes after another under its name

    [[nodiscard]] std::optional<std::string> shared_body(const std::string& name) const;
    [[nodiscard]] std::optional<JudgedAttempt> judged(const std::string& attempt_id) const;
    [[nodiscard]] std::vector<Entry> entries_after(std::int64_t seq);

    /// A file beside the record says that something was erased whose place is not emptied yet.
    [[nodiscard]] std::filesystem::path to_wipe() const { return file.string() + ".to-wipe"; }
    void mark_to_wipe() const;
    bool wiped() const;
    /// What an older record kept beside its entries. Called while the file is being brought up to date.
    void carry(const Database& db, int from_version, const std::vector<OlderNote>& notes) const;

    // -- on a server ----------------------------------------------------------------------------------------------------------
    void begin_as_station();
    void lose_server() const;
    void hand_over();                                                 ///< gestures that waited, oldest first
    [[nodiscard]] bool is_there(const WaitingGesture& gesture) const; ///< it was handed over, or arrived all the same
    void must_not_overtake(const WaitingGesture& gesture) const;      ///< throws MovedOn
    [[nodiscard]] std::optional<JudgedAttempt> waiting_attempt(const std::string& id) const; ///< one that waits
    std::vector<Entry> keep_for_worker(const std::vector<Draft>& drafts, std::optional<std::int64_t> after);
    void fetch(const std::string& name, bool log);

    /// What the server says: asked here, or for a window by its worker, where ServerAway is thrown too when it takes longer than
    /// a window waits. `ask`: T(Impl&), which may outlive the call there, and holds values.
    template <class T, class Ask>
    [[nodiscard]] T there(Ask ask) const
    {
        if (!worker) return ask(const_cast<Impl&>(*this));
        auto answer = worker->ask<T>([ask = std::move(ask)](Record& record) { return ask(*record.impl_); });
        if (!answer) throw ServerAway(message("the server does not answer at once"));
        return std::move(*answer);
    }
    /// The same; while the server is away, something else.
    template <class T, class Ask, class Otherwise>
    [[nodiscard]] T answered(Ask ask, Otherwise otherwise) const
    {
        if (away) return otherwise();
        try {
            return there<T>(std::move(ask));
        } catch (const ServerAway&) {
            if (!worker) lose_server(); // a worker tells by itself when it finds no server
            return otherwise();
        }
    }

    RecordPlace place;
    std::filesystem::path file; ///< or by what this station's things are found
    RecordOptions options;
    StationKey key;
    std::unique_ptr<Presence> presence; ///< none while it is only read, or on a server
    std::unique_ptr<Dialect> dialect;
    const Database& database;
    Attachments attachments;
    KnownHeads heads;
    WaitingEntries waiting;
    std::unique_ptr<ServerLine> line;
    std::unique_ptr<ServerWorker> worker; ///< of a window; otherwise whoever asks waits for the server
    std::function<void(const std::string&)> fetched;
    struct OnItsWay {
        std::mutex mutex;
        std::set<std::string> names;
    };
    std::shared_ptr<OnItsWay> on_its_way = std::make_shared<OnItsWay>(); ///< of what is fetched, which may outlive the call
    mutable std::mutex not_taken_mutex;
    std::vector<Message> not_taken;               ///< by the server, as the worker was told
    std::unique_ptr<ServerFiles> files;           ///< none in a file
    std::vector<Message> problems;                ///< at the opening
    std::vector<Message> waiting_problems;        ///< what the server did not take
    std::set<std::int64_t> handed_over;           ///< entries that were made of gestures here
    std::string first_hash;                       ///< by which the record is known; empty before its first entry
    std::optional<Entry> newest;                  ///< as it was written last from here; nothing: to be looked for
    mutable KeyBook last_keys;                    ///< as they were asked for last
    mutable Entry last_seen;                      ///< when its head was asked for
    std::string tried;                            ///< hash of the last entry that was sent
    bool key_is_entry = false;                    ///< known to be so
    std::unordered_set<std::string> known_shared; ///< names of shared bodies that are known to be entries
    mutable LatestEntries latest;                 ///< on a server, of what passed through here
    std::optional<Head> seen;                     ///< to be remembered
    std::chrono::steady_clock::time_point remembered_at{};
    int put_aside = 0;                      ///< files that a program which was ended had left
    mutable std::atomic<bool> away = false; ///< the server did not answer
};

} // namespace bh
