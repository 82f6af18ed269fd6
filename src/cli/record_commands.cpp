#include "cli/commands.h"

#include "core/base/one_line.h"
#include "demo/demo_record.h"
#include "files/text/csv_text.h"
#include "files/text/file_text.h"
#include "record/chain/signing_key.h"
#include "record/copies/backup.h"
#include "record/copies/exchange.h"
#include "record/copies/moving.h"
#include "record/record.h"
#include "school/school.h"
#include "school/values/rights.h"

#include <QDateTime>
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

/// A coordinator's key, opened with a passphrase that is the first line of a file; nothing where none was asked for.
Result<std::optional<StationKey>> key_of(const School& school, const SigningArguments& asked)
{
    if (asked.who.empty()) return std::optional<StationKey>();
    for (const Person& p : school.people()) {
        if ((p.name != asked.who && p.id != asked.who) || p.key.empty()) continue;
        auto passphrase = read_text(asked.passphrase_file);
        if (!passphrase) return tl::unexpected(passphrase.error());
        auto key = opened({p.key, p.sealed_key}, passphrase->substr(0, passphrase->find('\n')));
        if (!key) return tl::unexpected(key.error());
        return std::optional(std::move(*key));
    }
    return bad_input("--who: there is no coordinator '%1' with a key to sign with", asked.who);
}

/// Opens the record to write to it, in the name of whoever signs.
Result<std::unique_ptr<School>> opened_school(const DataFolder& data, const std::string& store, const SigningArguments& asked)
{
    if (asked.who.empty() != asked.passphrase_file.empty()) return bad_input("--who and --passphrase-file belong together");
    RecordOptions options;
    options.rights = entry_rights();
    auto record = Record::open(store, options);
    if (!record) return tl::unexpected(record.error());
    auto school = std::make_unique<School>(std::move(*record), data);
    for (const Person& p : school->people())
        if (p.name == asked.who || p.id == asked.who) school->act_as(p.id, p.role);
    return school;
}

int told(const VerifyReport& report)
{
    for (const Message& known : report.known) std::printf("%s\n", one_line(known.english()).c_str());
    if (!report.known.empty()) std::printf("%zu known\n", report.known.size());
    for (const Message& problem : report.problems) std::printf("%s\n", one_line(problem.english()).c_str());
    std::printf("%lld entries, %zu problems\n", static_cast<long long>(report.entries), report.problems.size());
    return report.problems.empty() ? 0 : 1;
}

} // namespace

Result<int> verify_record(const std::string& store, const std::string& head, const std::string& trust)
{
    VerifyOptions options;
    if (!head.empty()) {
        std::error_code error;
        const bool is_file = std::filesystem::is_regular_file(head, error);
        options.head = typed_head(is_file ? read_text(head).value_or("") : head);
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
    for (const Message& remark : report->remarks) std::fprintf(stderr, "%s\n", one_line(remark.english()).c_str());
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
    for (const Message& remark : report->remarks) std::fprintf(stderr, "%s\n", one_line(remark.english()).c_str());
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
    for (const Message& problem : report->problems) std::fprintf(stderr, "%s\n", one_line(problem.english()).c_str());
    std::printf("%s\n", in_words(*head).c_str());
    return report->problems.empty() ? 0 : 1;
}

Result<int> import_whole_record(const std::string& from, const std::string& store)
{
    const auto report = import_record(from, store);
    if (!report) return tl::unexpected(report.error());
    return told(*report);
}

Result<int> print_head(const std::string& store, const std::string& out)
{
    const auto head = head_of(store, usual_station_folder());
    if (!head) return tl::unexpected(head.error());
    if (head->lost) std::fprintf(stderr, "%s\n", one_line(head->lost->english()).c_str());
    if (!out.empty())
        if (const auto written = write_whole(out, in_words(head->head) + "\n"); !written) return tl::unexpected(written.error());
    std::printf("%s\n", in_words(head->head).c_str());
    return head->lost ? 1 : 0;
}

Result<int> let_in(const DataFolder& data, const std::string& store, const std::string& key, const SigningArguments& asked)
{
    const auto school = opened_school(data, store, asked);
    if (!school) return tl::unexpected(school.error());
    const auto with = key_of(**school, asked);
    if (!with) return tl::unexpected(with.error());
    std::vector<std::string> keys;
    const KeyBook book = (*school)->keys();
    for (const KnownKey& known : book.keys()) // all that wait, or the one that begins so
        if (!known.stands && (key == "all" || known.public_key.starts_with(key))) keys.push_back(known.public_key);
    if (keys.empty() && is_public_key(key) && !book.stands(key)) keys.push_back(key); // before it comes
    if (keys.empty() && key != "all")
        return bad_input("--key: no key of this record that waits to be let in begins with '" + key + "'");
    for (const std::string& one : keys) {
        if (const auto done = (*school)->let_in(one, *with ? &**with : nullptr); !done) return tl::unexpected(done.error());
        std::printf("%s\n", one.c_str());
    }
    return 0;
}

Result<int> mark_as_known(const DataFolder& data, const std::string& store, long long entry, const std::string& why,
                          const SigningArguments& asked)
{
    const auto school = opened_school(data, store, asked);
    if (!school) return tl::unexpected(school.error());
    const auto with = key_of(**school, asked);
    if (!with) return tl::unexpected(with.error());
    if (const auto done = (*school)->mark_as_known(entry, why, *with ? &**with : nullptr); !done)
        return tl::unexpected(done.error());
    std::printf("entry %lld is marked as known\n", entry);
    return 0;
}

Result<int> print_who_signs(const DataFolder& data, const std::string& store)
{
    RecordOptions options;
    options.read_only = true;
    auto record = Record::open(store, options);
    if (!record) return tl::unexpected(record.error());
    const School school(std::move(*record), data);
    std::printf("public_key,of,since_utc,stands,countersigned_by\n");
    const KeyBook book = school.keys();
    for (const KnownKey& key : book.keys()) {
        const std::string of = !key.person.empty() ? school.who_is(key.person)
                               : key.login.empty() ? "a station"
                                                   : "station " + key.login;
        const std::string since = QDateTime::fromSecsSinceEpoch(key.since, Qt::UTC).toString(Qt::ISODate).toStdString();
        const std::string by = !key.stands ? "nobody" : key.countersigned.empty() ? "the record's beginning" : key.countersigned;
        std::printf("%s,%s,%s,%s,%s\n", key.public_key.c_str(), csv_field(of).c_str(), since.c_str(), key.stands ? "yes" : "no",
                    by.c_str());
    }
    return 0;
}

Result<int> confirm_logins(const std::string& store)
{
    const auto logins = take_logins_as_they_are(store, usual_station_folder());
    if (!logins) return tl::unexpected(logins.error());
    std::printf("login,may_write\n");
    for (const auto& [login, level] : *logins)
        std::printf("%s,%s\n", csv_field(login).c_str(), level >= 3 ? "coordinator" : level >= 2 ? "instructor" : "station");
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
    for (const Pilot& pilot : school.pilots()) attempts += school.attempts(pilot.id).size();
    std::printf("%s: %zu pilots, %zu attempts\n", out.c_str(), school.pilots().size(), attempts);
    return 0;
}

} // namespace bh::cli
