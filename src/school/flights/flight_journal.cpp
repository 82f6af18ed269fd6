#include "school/flights/flight_journal.h"

#include "files/flights/flight_csv.h"
#include "files/text/file_text.h"
#include "record/chain/bodies.h"

#include <algorithm>
#include <fcntl.h>
#include <map>
#include <nlohmann/json.hpp>
#include <sys/file.h>
#include <unistd.h>

namespace bh {
namespace {

constexpr const char* format = "bluehangar.under-way/1";

std::filesystem::path folder_beside(const std::filesystem::path& record) { return record.string() + ".under-way"; }

std::string first_line(const JudgedAttempt& attempt)
{
    const Draft draft = draft_of(attempt);
    nlohmann::json shared = nlohmann::json::object();
    for (const std::string& body : draft.shared) shared[shared_name(body)] = body;
    return nlohmann::json{{"format", format}, {"id", draft.subject}, {"attempt", draft.body}, {"shared", shared}}.dump() + "\n";
}

std::optional<JudgedAttempt> attempt_of(const std::string& line)
{
    const auto json = nlohmann::json::parse(line, nullptr, false);
    if (!json.is_object() || json.value("format", "") != format || !json.contains("shared")) return std::nullopt;
    Entry entry;
    entry.kind = "attempt";
    entry.subject = json.value("id", "");
    entry.body = json.value("attempt", "");
    auto attempt = attempt_in(entry, [&](const std::string& name) -> std::optional<std::string> {
        const auto& shared = json["shared"];
        if (!shared.is_object() || !shared.contains(name) || !shared[name].is_string()) return std::nullopt;
        return shared[name].get<std::string>();
    });
    return attempt ? std::optional(std::move(*attempt)) : std::nullopt;
}

/// Without the row that was being written.
std::optional<CutShort> read_journal(const std::filesystem::path& file)
{
    const auto bytes = FileBytes::open(file);
    if (!bytes) return std::nullopt;
    const std::string_view text = bytes->text();
    const std::size_t line_end = text.find('\n'), last = text.rfind('\n');
    if (line_end == std::string_view::npos || last == line_end) return std::nullopt;
    auto attempt = attempt_of(std::string(text.substr(0, line_end)));
    if (!attempt) return std::nullopt;
    auto log = parse_flight_csv(text.substr(line_end + 1, last - line_end), file.string());
    if (!log) return std::nullopt;
    return CutShort{file, std::move(*attempt), std::move(*log)};
}

} // namespace

std::unique_ptr<FlightJournal> FlightJournal::begin(const std::filesystem::path& record, const JudgedAttempt& attempt,
                                                    UnixTime at, const std::string& id)
{
    const std::filesystem::path folder = folder_beside(record), file = folder / (id + ".flight");
    if (!make_own_folder(folder)) return nullptr;
    const int fd = ::open(file.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_APPEND | O_CLOEXEC, 0600);
    if (fd < 0) return nullptr;
    std::unique_ptr<FlightJournal> journal(new FlightJournal(file, fd));
    if (::flock(fd, LOCK_EX | LOCK_NB) != 0) return nullptr;
    JudgedAttempt dated = attempt;
    dated.at = at;
    journal->write(first_line(dated));
    return journal;
}

FlightJournal::~FlightJournal()
{
    if (fd_ >= 0) ::close(fd_);
}

void FlightJournal::write(std::string_view text)
{
    while (fd_ >= 0 && !text.empty()) {
        const ssize_t written = ::write(fd_, text.data(), text.size());
        if (written <= 0) return; // a full disk: the flight goes on
        text.remove_prefix(static_cast<std::size_t>(written));
    }
}

void FlightJournal::add(const FlightLog& rows)
{
    if (rows.size() == 0) return;
    const std::string text = flight_csv(rows);
    write(has_header_ ? std::string_view(text).substr(text.find('\n') + 1) : std::string_view(text));
    has_header_ = true;
}

void FlightJournal::over()
{
    std::error_code error;
    std::filesystem::remove(file_, error);
    if (fd_ >= 0) ::close(fd_);
    fd_ = -1;
}

std::vector<CutShort> flights_cut_short(const std::filesystem::path& record)
{
    std::vector<CutShort> found;
    std::error_code error;
    std::vector<std::filesystem::path> files;
    for (const auto& entry : std::filesystem::directory_iterator(folder_beside(record), error))
        if (entry.path().extension() == ".flight") files.push_back(entry.path());
    for (const std::filesystem::path& file : files) {
        const int fd = ::open(file.c_str(), O_RDONLY | O_CLOEXEC);
        const bool alive = fd < 0 || ::flock(fd, LOCK_EX | LOCK_NB) != 0;
        if (fd >= 0) ::close(fd);
        if (alive) continue;
        if (auto flight = read_journal(file))
            found.push_back(std::move(*flight));
        else
            std::filesystem::remove(file, error);
    }
    std::sort(found.begin(), found.end(), [](const CutShort& a, const CutShort& b) { return a.attempt.at < b.attempt.at; });
    return found;
}

void forget(const CutShort& flight)
{
    std::error_code error;
    std::filesystem::remove(flight.file, error);
}

} // namespace bh
