#include "cli/commands.h"

#include "core/base/one_line.h"
#include "files/file_text.h"
#include "record/backup.h"
#include "record/exchange.h"
#include "record/moving.h"
#include "record/record.h"
#include "school/demo_record.h"
#include "school/rights.h"
#include "school/school.h"

#include <csignal>
#include <cstdio>
#include <filesystem>

namespace bh::cli {

namespace {

volatile std::sig_atomic_t move_stopped = 0;

/// Public keys: a file with one in each line (what `record keys` prints), or the keys themselves with commas between.
Result<std::vector<std::string>> keys_in(const std::string& given)
{
    std::error_code error;
    std::string text = given;
    const bool is_file = std::filesystem::exists(given, error);
    if (is_file) {
        const auto read = read_text(given);
        if (!read) return tl::unexpected(read.error());
        text = *read;
    }
    std::vector<std::string> keys;
    std::string word;
    for (const char c : text + "\n") {
        if (c != ',' && c != '\n' && c != ' ' && c != '\r' && c != '\t') {
            word += c;
        } else if (!word.empty()) {
            if (!is_public_key(word))
                return bad_input((is_file ? given + ": " : "--trust: ") + "expected public keys of 64 hex digits, found '" +
                                 word.substr(0, 80) + "'");
            keys.push_back(std::move(word)), word.clear();
        }
    }
    if (keys.empty()) return bad_input(given + ": holds no public key");
    return keys;
}

int told(const VerifyReport& report)
{
    for (const Said& problem : report.problems) std::printf("%s\n", one_line(problem.english()).c_str());
    std::printf("%lld entries, %zu problems\n", static_cast<long long>(report.entries), report.problems.size());
    return report.problems.empty() ? 0 : 1;
}

} // namespace

Result<int> verify_record(const std::string& store, const std::string& head, const std::string& trust)
{
    VerifyOptions options;
    if (!head.empty()) {
        options.head = parse_head(head);
        if (!options.head) return bad_input("--head: expected COUNT:HASH as `record head` prints it, found '" + head + "'");
    }
    if (!trust.empty()) {
        auto keys = keys_in(trust);
        if (!keys) return tl::unexpected(keys.error());
        options.trusted_keys = std::move(*keys);
    }
    options.station_folder = usual_station_folder();
    const auto report = bh::verify_record(store, options);
    if (!report) return tl::unexpected(report.error());
    for (const Said& remark : report->remarks) std::fprintf(stderr, "%s\n", one_line(remark.english()).c_str());
    return told(*report);
}

Result<int> move_record(const std::string& from, const std::string& to)
{
    MoveOptions options;
    options.rights = entry_rights();
    std::signal(SIGINT, [](int) { move_stopped = 1; }); // it can be taken up again
    std::int64_t last = -1;
    options.go_on = [&](std::int64_t done, std::int64_t of) {
        if (const std::int64_t percent = of > 0 ? 100 * done / of : 100; percent / 10 != last / 10 || last < 0)
            std::fprintf(stderr, "%lld of %lld\n", static_cast<long long>(done), static_cast<long long>(of)), last = percent;
        return move_stopped == 0;
    };
    const auto report = move_house(from, to, options);
    if (!report) return tl::unexpected(report.error());
    for (const Said& remark : report->remarks) std::fprintf(stderr, "%s\n", one_line(remark.english()).c_str());
    std::printf("%s\n", in_words(report->head).c_str());
    return told(*report);
}

Result<int> back_up_record(const std::string& store, const std::string& out)
{
    const auto report = back_up(store, out);
    if (!report) return tl::unexpected(report.error());
    return told(*report);
}

Result<int> restore_record(const std::string& from, const std::string& store)
{
    const auto report = restore(from, store);
    if (!report) return tl::unexpected(report.error());
    return told(*report);
}

Result<int> export_whole_record(const std::string& store, const std::string& out)
{
    VerifyOptions options;
    options.station_folder = usual_station_folder();
    const auto report = bh::verify_record(store, options); // what leaves the house is looked at first
    if (!report) return tl::unexpected(report.error());
    const auto head = export_record(store, out);
    if (!head) return tl::unexpected(head.error());
    for (const Said& problem : report->problems) std::fprintf(stderr, "%s\n", one_line(problem.english()).c_str());
    std::printf("%s\n", in_words(*head).c_str());
    return report->problems.empty() ? 0 : 1;
}

Result<int> import_whole_record(const std::string& from, const std::string& store)
{
    const auto report = import_record(from, store);
    if (!report) return tl::unexpected(report.error());
    return told(*report);
}

Result<int> print_head(const std::string& store)
{
    const auto head = head_of(store);
    if (!head) return tl::unexpected(head.error());
    std::printf("%s\n", in_words(*head).c_str());
    return 0;
}

Result<int> print_keys(const std::string& store)
{
    const auto keys = station_keys_of(store);
    if (!keys) return tl::unexpected(keys.error());
    for (const std::string& key : *keys) std::printf("%s\n", key.c_str());
    return 0;
}

Result<int> make_demo(const DataFolder& data, const std::string& out)
{
    const auto made = make_demo_record(data, out);
    if (!made) return tl::unexpected(made.error());
    RecordOptions looking;
    looking.remember_heads = false;
    auto record = Record::open(out, looking);
    if (!record) return tl::unexpected(record.error());
    const School school(std::move(*record), data);
    std::size_t attempts = 0;
    for (const PilotRow& pilot : school.pilots()) attempts += school.attempts(pilot.id).size();
    std::printf("%s: %zu pilots, %zu attempts\n", out.c_str(), school.pilots().size(), attempts);
    return 0;
}

} // namespace bh::cli
