#pragma once

#include "core/base/result.h"
#include "core/flight/flight_log.h"

#include <filesystem>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace bh {

/// How a file beside a record, or on a server, is called: 64 hex digits and an ending that is known, or a plain word by which
/// records before version 9 knew a recording. Nothing else becomes a path.
class FileName {
public:
    [[nodiscard]] static std::optional<FileName> of(std::string_view text, bool log);
    [[nodiscard]] bool is_log() const { return log_; }
    [[nodiscard]] const std::string& text() const { return text_; }
    [[nodiscard]] std::string hash() const { return is_older() ? std::string() : text_.substr(0, 64); } ///< empty: an older word
    [[nodiscard]] std::string ending() const { return is_older() ? std::string() : text_.substr(64); }
    [[nodiscard]] bool is_older() const { return older_; }
    /// The hash is that of the bytes; of older flight logs it is that of their CSV text.
    [[nodiscard]] bool is_by_content() const;

private:
    FileName(std::string text, bool log, bool older) : text_(std::move(text)), log_(log), older_(older) {}
    std::string text_;
    bool log_, older_;
};

/// Whether bytes are those of a name; of an older word nobody can tell.
[[nodiscard]] bool is_what_it_says(const FileName& name, std::string_view bytes);

/// What lies beside a record, in folders of its own: flight logs, compressed and named by a hash, and stick recordings.
///
/// A flight log is packed (see flight_pack), or written as CSV where it cannot be packed without loss, then gzip-compressed, and
/// named by the SHA-256 of the bytes that are stored: the same log again leaves one file. Logs of records before version 9 are
/// named by the SHA-256 of their CSV text and are read as they are.
class Attachments {
public:
    /// Beside the record's file; flight logs are looked for in a second folder too, "….logs", and stick recordings in "….sticks".
    explicit Attachments(const std::filesystem::path& record_file, std::filesystem::path flight_logs_also = {});

    /// How a server that has them too is asked, from the thread of the record alone.
    struct Server {
        std::function<void(const std::string& name, bool log)> fetch; ///< puts it here where the server has it
        std::function<void(const std::string& name, bool log)> erase;
        std::function<void()> kept; ///< something is to be sent; from any thread
    };
    /// From now on what lies here is a station's own copy: what is missing is asked for, and what is kept is marked to be sent.
    void use_server(Server server) { server_ = std::make_shared<const Server>(std::move(server)); }
    /// Files that are marked so, and what takes a mark away.
    [[nodiscard]] std::vector<FileName> to_send() const;
    void sent(const FileName& file) const;
    [[nodiscard]] std::filesystem::path place_of(const FileName& file) const;
    /// Puts a file here that came from elsewhere. Throws StoreFailure, also where the bytes are not what the name says.
    void put(const FileName& name, std::string_view bytes) const;
    /// Marks what lies here and the server does not have, as when it was thrown away there; deletes what was erased there.
    void send_again(const std::set<std::string>& there, const std::set<std::string>& erased) const;

    /// Written once, flushed to the disk, and then named; returns the hash. Throws StoreFailure. May be called from any thread.
    std::string keep(const FlightLog& log) const;
    [[nodiscard]] Result<FlightLog> flight_log(const std::string& hash) const;
    [[nodiscard]] std::optional<std::filesystem::path> flight_log_file(const std::string& hash) const; ///< nothing: not there
    [[nodiscard]] const std::filesystem::path& second_folder() const { return also_; }                 ///< empty: none
    /// Where a recording of sticks lies, which is what its name says. One whose name leaves the folder is none.
    [[nodiscard]] Result<std::filesystem::path> stick_recording(const std::string& name) const;
    /// Where one is written while it is not yet known what will be in it.
    [[nodiscard]] std::filesystem::path new_stick_recording(const std::string& stem) const { return sticks_ / (stem + ".part"); }
    /// Gives a recording that is whole the name that it has on the record, the SHA-256 of its bytes, and flushes it to the disk.
    /// Throws StoreFailure.
    std::string keep_stick_recording(const std::filesystem::path& whole) const;

    /// What entries name of what lies here, each with who names it.
    struct Names {
        std::map<std::string, std::string> logs, sticks;
        std::set<std::string> of_erased; ///< of both, what a person's who was erased: it may be gone
    };
    /// What is missing, is not what was written, lies elsewhere, or is named by nobody; a line each. What was written in the last
    /// seconds may yet be named: `named_now` tells.
    /// What is younger than `left_since` was left by a program that was ended, and is counted in `left_over` instead.
    [[nodiscard]] std::vector<Message> problems(const Names& named, const std::function<Names()>& named_now,
                                                std::optional<std::filesystem::file_time_type> left_since = {},
                                                int* left_over = nullptr) const;
    /// Puts what nobody names, and half-written files, into a folder of their own beside the record, "….left-over": what a
    /// program that was ended had not come to say. Returns how many. Only while nobody else writes.
    int put_aside(const Names& named) const;
    void set_aside(const std::string& hash) const; ///< one flight log, which no entry names
    void erase_log(const std::string& hash) const;
    void erase_sticks(const std::string& name) const;

private:
    struct Found {
        std::string bytes; ///< as they are stored
        std::filesystem::path path;
    };
    [[nodiscard]] Result<Found> find(const std::string& hash) const;
    [[nodiscard]] Message problem_with_log(const std::string& hash) const;
    [[nodiscard]] Message problem_with_sticks(const std::string& name) const;
    void mark_to_send(const std::string& file_name) const;
    std::filesystem::path flight_logs_, also_, sticks_, left_over_, marks_;
    std::shared_ptr<const Server> server_;
};

} // namespace bh
