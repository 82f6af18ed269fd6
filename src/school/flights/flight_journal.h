#pragma once

#include "core/flight/flight_log.h"
#include "core/logbook/logbook.h"

#include <filesystem>
#include <memory>
#include <string>
#include <vector>

namespace bh {

/// A flight under way, written down beside the record as it is flown, so that a program that is ended loses a second of it: a
/// file in the folder "RECORD.under-way" whose first line says what is flown, as JSON, and whose rest is the flight log as CSV.
/// It is locked while its program lives.
class FlightJournal {
public:
    /// Null where it cannot be written: a flight is not kept from being flown by that.
    static std::unique_ptr<FlightJournal> begin(const std::filesystem::path& record, const JudgedAttempt& attempt, UnixTime at,
                                                const std::string& id);
    ~FlightJournal(); ///< leaves the file where it is, for the next start
    FlightJournal(const FlightJournal&) = delete;
    FlightJournal& operator=(const FlightJournal&) = delete;

    /// What was flown since the last call; handed to the system at once.
    void add(const FlightLog& rows);
    /// The flight is safe, or nobody wants it: the file goes.
    void over();

private:
    FlightJournal(std::filesystem::path file, int fd) : file_(std::move(file)), fd_(fd) {}
    void write(std::string_view text);
    std::filesystem::path file_;
    int fd_ = -1;
    bool has_header_ = false;
};

/// A flight that a program's end has cut short.
struct CutShort {
    std::filesystem::path file;
    JudgedAttempt attempt; ///< who flew what, on what, and when; not judged
    FlightLog log;
};
/// Those beside a record whose program is gone, oldest first. A journal without a whole row is taken away.
[[nodiscard]] std::vector<CutShort> flights_cut_short(const std::filesystem::path& record);
/// It was kept, or nobody wants it.
void forget(const CutShort& flight);

} // namespace bh
