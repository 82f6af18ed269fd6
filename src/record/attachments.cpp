#include "record/attachments.h"

#include "files/flights/flight_csv.h"
#include "files/flights/flight_pack.h"
#include "files/text/file_text.h"
#include "record/record.h"

#include <QByteArray>
#include <QCryptographicHash>
#include <algorithm>
#include <chrono>
#include <thread>
#include <zlib.h>

namespace bh {
namespace {

const std::string sticks_ending = ".csv.gz";
constexpr int gzip_window = 15 + 16; // zlib: largest window, gzip header

/// The kinds of file a log may be, by their endings. The hash of the older ones is that of their CSV text.
struct Form {
    const char* ending;
    bool packed, named_by_text;
};
constexpr Form packed_form{".pack.gz", true, false}, text_form{".text.gz", false, false};
constexpr Form forms[] = {packed_form, text_form, {".flight.gz", true, true}, {".csv.gz", false, true}};

const Form& form_of(const std::filesystem::path& path)
{
    for (const Form& form : forms)
        if (path.string().ends_with(form.ending)) return form;
    return text_form;
}

std::string sha256(std::string_view bytes)
{
    return QCryptographicHash::hash(QByteArrayView(bytes.data(), static_cast<qsizetype>(bytes.size())),
                                    QCryptographicHash::Sha256)
        .toHex()
        .toStdString();
}

std::string gzipped(const std::string& text)
{
    z_stream z{};
    if (deflateInit2(&z, 6, Z_DEFLATED, gzip_window, 8, Z_DEFAULT_STRATEGY) != Z_OK) throw StoreFailure(message("out of memory"));
    std::string out(deflateBound(&z, text.size()), '\0');
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(text.data()));
    z.avail_in = static_cast<uInt>(text.size());
    z.next_out = reinterpret_cast<Bytef*>(out.data());
    z.avail_out = static_cast<uInt>(out.size());
    deflate(&z, Z_FINISH);
    out.resize(z.total_out);
    deflateEnd(&z);
    return out;
}

/// Unpacks as much as the content itself declares and not a byte more: a small file that swells without end is refused at once.
Result<std::string> gunzipped(std::string_view gzip, bool packed)
{
    constexpr std::size_t most_text = 512u << 20, step = 1u << 18, beginning = 64;
    std::size_t most_bytes = packed ? beginning : most_text;
    z_stream z{};
    if (inflateInit2(&z, gzip_window) != Z_OK) return bad_input("out of memory");
    std::string out;
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(gzip.data()));
    z.avail_in = static_cast<uInt>(gzip.size());
    int status = Z_OK;
    while (status == Z_OK && out.size() < most_bytes) {
        const std::size_t have = out.size(), room = std::min(step, most_bytes - have);
        out.resize(have + room);
        z.next_out = reinterpret_cast<Bytef*>(out.data() + have);
        z.avail_out = static_cast<uInt>(room);
        status = inflate(&z, Z_NO_FLUSH);
        out.resize(out.size() - z.avail_out);
        if (packed && have == 0) most_bytes = flight_pack_size_at_most(out).value_or(0);
    }
    inflateEnd(&z);
    if (status == Z_OK && out.size() >= most_bytes)
        return bad_input(packed ? "unpacks to more than the flight that it declares, or to one of over 5,000,000 rows"
                                : "unpacks to more than 512 MB, expected one flight");
    if (status != Z_STREAM_END) return bad_input("is damaged or cut short");
    return out;
}

Result<FlightLog> log_in(const std::string& bytes, const std::filesystem::path& path)
{
    const auto content = gunzipped(bytes, form_of(path).packed);
    if (!content) return bad_input("%1: %2", path.string(), content.error().message);
    if (!form_of(path).packed) return parse_flight_csv(*content, path.filename().string());
    auto log = flight_unpack(*content);
    if (!log) return bad_input("%1: %2", path.string(), log.error().message);
    return log;
}

bool is_hash(const std::string& text)
{
    const auto hex = [](char c) { return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f'); };
    return text.size() == 64 && std::all_of(text.begin(), text.end(), hex);
}

/// How entries name a file.
std::string named_as(const std::filesystem::path& file, bool log)
{
    const std::string name = file.filename().string();
    return log ? name.substr(0, name.find('.')) : name;
}

/// What is wrong with bytes under a name; empty: nothing.
Message problem_with(const FileName& name, std::string_view bytes)
{
    if (name.is_older()) return {};
    if (name.is_by_content())
        return sha256(bytes) == name.hash() ? Message() : message("%1 is not what was written", name.text());
    const auto log = log_in(std::string(bytes), name.text());
    if (!log) return log.error().message;
    return sha256(flight_csv(*log)) == name.hash() ? Message() : message("%1 is not what was written", name.text());
}

/// In folders by the first two digits.
std::filesystem::path place(const std::filesystem::path& folder, const std::string& hash, const Form& form)
{
    return folder / hash.substr(0, 2) / (hash + form.ending);
}

} // namespace

std::optional<FileName> FileName::of(std::string_view text, bool log)
{
    const std::string name(text);
    const bool hashed = name.size() > 64 && is_hash(name.substr(0, 64));
    const auto known = [&](const std::string& ending) {
        return log ? std::any_of(std::begin(forms), std::end(forms), [&](const Form& f) { return ending == f.ending; })
                   : ending == sticks_ending;
    };
    if (hashed && known(name.substr(64))) return FileName(name, log, false);
    constexpr std::size_t longest_word = 150;
    const auto plain = [](char c) {
        return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || c == '_' || c == '-' || c == '.' ||
               c == ' ';
    };
    const bool word = !log && !hashed && !name.empty() && name.size() <= longest_word && name[0] != '.' && name[0] != '-' &&
                      name[0] != ' ' && std::all_of(name.begin(), name.end(), plain);
    return word ? std::optional(FileName(name, log, true)) : std::nullopt;
}

bool FileName::is_by_content() const { return !older_ && (!log_ || !form_of(text_).named_by_text); }

bool is_what_it_says(const FileName& name, std::string_view bytes) { return problem_with(name, bytes).empty(); }

Attachments::Attachments(const std::filesystem::path& record_file, std::filesystem::path flight_logs_also)
    : flight_logs_(record_file.string() + ".logs"), also_(std::move(flight_logs_also)), sticks_(record_file.string() + ".sticks"),
      left_over_(record_file.string() + ".left-over"), marks_(record_file.string() + ".to-send")
{
}

std::string Attachments::keep(const FlightLog& log) const
{
    const auto packed = flight_pack(log); // nothing where it would not come back to the last digit
    const std::string bytes = gzipped(packed ? *packed : flight_csv(log));
    const std::string hash = sha256(bytes);
    const std::filesystem::path path = place(flight_logs_, hash, packed ? packed_form : text_form);
    std::error_code error;
    if (std::filesystem::exists(path, error)) return hash;
    mark_to_send(path.filename()); // first: a mark without a file is no harm
    if (const auto made = make_own_folder(path.parent_path()); !made) throw StoreFailure(made.error().message);
    if (const auto written = write_whole(path, bytes, true); !written) throw StoreFailure(written.error().message);
    if (server_) server_->kept();
    return hash;
}

void Attachments::mark_to_send(const std::string& file_name) const
{
    if (!server_) return;
    if (const auto made = make_own_folder(marks_); !made) throw StoreFailure(made.error().message);
    if (const auto written = write_whole(marks_ / file_name, "", true); !written) throw StoreFailure(written.error().message);
}

std::filesystem::path Attachments::place_of(const FileName& file) const
{
    return file.is_log() ? flight_logs_ / file.hash().substr(0, 2) / file.text() : sticks_ / file.text();
}

std::vector<FileName> Attachments::to_send() const
{
    std::vector<FileName> files;
    std::error_code error;
    for (const auto& mark : std::filesystem::directory_iterator(marks_, error))
        for (const bool log : {true, false}) {
            const auto name = FileName::of(mark.path().filename().string(), log);
            if (name && name->is_by_content() && std::filesystem::exists(place_of(*name), error)) files.push_back(*name);
        }
    return files;
}

void Attachments::sent(const FileName& file) const
{
    std::error_code error;
    std::filesystem::remove(marks_ / file.text(), error);
}

void Attachments::put(const FileName& name, std::string_view bytes) const
{
    if (Message problem = problem_with(name, bytes); !problem.empty()) throw StoreFailure(std::move(problem));
    const std::filesystem::path path = place_of(name);
    if (const auto made = make_own_folder(path.parent_path()); !made) throw StoreFailure(made.error().message);
    if (const auto written = write_whole(path, bytes, true); !written) throw StoreFailure(written.error().message);
}

void Attachments::send_again(const std::set<std::string>& there, const std::set<std::string>& erased) const
{
    for (const bool log : {true, false}) {
        std::error_code error;
        std::vector<FileName> lost, gone;
        for (const auto& file : std::filesystem::recursive_directory_iterator(log ? flight_logs_ : sticks_, error)) {
            const auto name = FileName::of(file.path().filename().string(), log);
            if (!name || !name->is_by_content() || file.is_directory(error)) continue;
            if (erased.contains(name->hash()))
                gone.push_back(*name);
            else if (!there.contains(name->hash()))
                lost.push_back(*name);
        }
        for (const FileName& name : gone) std::filesystem::remove(place_of(name), error), sent(name);
        for (const FileName& name : lost) mark_to_send(name.text());
    }
}

std::optional<std::filesystem::path> Attachments::flight_log_file(const std::string& hash) const
{
    if (!is_hash(hash)) return std::nullopt;
    for (const std::filesystem::path& folder : {flight_logs_, also_}) {
        if (folder.empty()) continue;
        for (const Form& form : forms) {
            std::filesystem::path path = place(folder, hash, form);
            std::error_code error;
            if (std::filesystem::exists(path, error)) return path;
        }
    }
    return std::nullopt;
}

Result<Attachments::Found> Attachments::find(const std::string& hash) const
{
    if (!is_hash(hash)) return bad_input("'%1' names no flight log", hash.substr(0, 80));
    if (server_ && !flight_log_file(hash)) server_->fetch(hash, true);
    const auto path = flight_log_file(hash);
    if (!path && server_)
        return failure(Error::Code::NotFound, "this flight is not on the server yet: the station where it was flown has it");
    if (!path)
        return failure(Error::Code::NotFound, "%1: there is no such file", place(flight_logs_, hash, packed_form).string());
    auto file = FileBytes::open(*path);
    if (!file) return tl::unexpected(file.error());
    return Found{std::string(file->text()), *path};
}

Result<FlightLog> Attachments::flight_log(const std::string& hash) const
{
    const auto found = find(hash);
    if (!found) return tl::unexpected(found.error());
    const auto name = FileName::of(found->path.filename().string(), true);
    // Of what is named by its bytes these are looked at first: nothing else has to be made of them.
    if (name && name->is_by_content() && sha256(found->bytes) != hash)
        return bad_input("flight log %1 is not what was written", hash);
    auto log = log_in(found->bytes, found->path);
    if (log && name && !name->is_by_content() && sha256(flight_csv(*log)) != hash)
        return bad_input("flight log %1 is not what was written", hash);
    return log;
}

Result<std::filesystem::path> Attachments::stick_recording(const std::string& name) const
{
    const auto file = FileName::of(name, false);
    if (!file) return bad_input("'%1' names no stick recording of this record", name.substr(0, 80));
    std::error_code error;
    std::filesystem::path path = place_of(*file);
    if (!std::filesystem::exists(path, error)) {
        const auto second = also_.empty() ? also_ : std::filesystem::path(also_).replace_extension(".sticks") / name;
        if (!also_.empty() && std::filesystem::exists(second, error))
            path = second;
        else if (server_)
            server_->fetch(name, false);
    }
    if (!file->is_by_content() || !std::filesystem::exists(path, error)) return path;
    const auto bytes = FileBytes::open(path);
    if (!bytes) return tl::unexpected(bytes.error());
    if (!problem_with(*file, bytes->text()).empty()) return bad_input("%1: is not what was written", path.string());
    return path;
}

std::string Attachments::keep_stick_recording(const std::filesystem::path& whole) const
{
    const auto file = FileBytes::open(whole);
    if (!file) throw StoreFailure(file.error().message);
    const std::string name = sha256(file->text()) + sticks_ending;
    std::error_code error;
    if (whole == sticks_ / name) return name; // it was kept before, and then its session could not be
    std::filesystem::permissions(whole, std::filesystem::perms::owner_read | std::filesystem::perms::owner_write, error);
    if (const auto flushed = flush_file(whole); !flushed) throw StoreFailure(flushed.error().message);
    mark_to_send(name);
    std::filesystem::rename(whole, sticks_ / name, error);
    if (error) throw StoreFailure(message("%1: cannot be written: %2", (sticks_ / name).string(), error.message()));
    flush_folder(sticks_);
    if (server_) server_->kept();
    return name;
}

Message Attachments::problem_with_log(const std::string& hash) const
{
    const auto found = find(hash);
    if (!found) return found.error().message;
    const auto name = FileName::of(found->path.filename().string(), true);
    if (name && name->is_by_content()) // not unpacked, which takes longer
        return sha256(found->bytes) == hash ? Message() : message("flight log %1 is not what was written", hash);
    const auto log = flight_log(hash);
    return log ? Message() : log.error().message;
}

Message Attachments::problem_with_sticks(const std::string& name) const
{
    const auto path = stick_recording(name);
    if (!path) return path.error().message;
    const auto file = FileBytes::open(*path);
    return file ? Message() : file.error().message;
}

void Attachments::set_aside(const std::string& hash) const
{
    std::error_code error;
    const auto file = flight_log_file(hash);
    if (file && file->string().starts_with(flight_logs_.string()) && make_own_folder(left_over_))
        std::filesystem::rename(*file, left_over_ / file->filename(), error);
}

void Attachments::erase_log(const std::string& hash) const
{
    std::error_code error;
    for (const Form& form : forms)
        if (is_hash(hash)) std::filesystem::remove(place(flight_logs_, hash, form), error);
    if (server_ && is_hash(hash)) server_->erase(hash, true);
}

void Attachments::erase_sticks(const std::string& name) const
{
    std::error_code error;
    const auto file = FileName::of(name, false);
    if (!file) return;
    if (server_) server_->erase(name, false);
    std::filesystem::remove(place_of(*file), error); // never from the second folder
}

int Attachments::put_aside(const Names& named) const
{
    int moved = 0;
    for (const bool log : {true, false}) {
        std::error_code error;
        std::vector<std::filesystem::path> left; // moved when the walk through the folder is over
        for (const auto& entry : std::filesystem::recursive_directory_iterator(log ? flight_logs_ : sticks_, error)) {
            const bool known = (log ? named.logs : named.sticks).contains(named_as(entry.path(), log));
            const bool part = entry.path().extension() == ".part";
            if (!entry.is_directory(error) && (!known || part)) left.push_back(entry.path());
        }
        for (const std::filesystem::path& file : left) {
            if (!make_own_folder(left_over_)) return moved;
            std::filesystem::rename(file, left_over_ / file.filename(), error);
            moved += !error;
        }
    }
    return moved;
}

std::vector<Message> Attachments::problems(const Names& named, const std::function<Names()>& named_now,
                                           std::optional<std::filesystem::file_time_type> left_since, int* left_over) const
{
    std::vector<Message> problems;
    const auto was_erased = [&](const std::string& name, bool log) {
        std::error_code error;
        const auto sticks = log ? Result<std::filesystem::path>(std::filesystem::path()) : stick_recording(name);
        return named.of_erased.contains(name) &&
               (log ? !flight_log_file(name) : sticks && !std::filesystem::exists(*sticks, error));
    };
    for (const auto& [hash, who] : named.logs)
        if (Message problem = was_erased(hash, true) ? Message() : problem_with_log(hash); !problem.empty())
            problems.push_back(message("%1: %2", who, std::move(problem)));
    for (const auto& [name, who] : named.sticks)
        if (Message problem = was_erased(name, false) ? Message() : problem_with_sticks(name); !problem.empty())
            problems.push_back(message("%1: %2", who, std::move(problem)));
    using Clock = std::filesystem::file_time_type::clock;
    constexpr std::chrono::seconds soon{10};
    constexpr std::chrono::milliseconds pause{200};
    Names latest = named;
    auto read_at = Clock::time_point::min(); // of what is named: some time ago, as looking at it all takes a while
    for (const bool log : {true, false}) {
        const auto is_named = [&](const std::string& name) { return (log ? latest.logs : latest.sticks).contains(name); };
        std::error_code error;
        for (const auto& entry : std::filesystem::recursive_directory_iterator(log ? flight_logs_ : sticks_, error)) {
            std::error_code gone;
            const std::filesystem::path& file = entry.path();
            if (entry.is_directory(gone) || file.extension() == ".part") continue; // a part is being written, or was left
            const std::string name = named_as(file, log);
            const auto until = Clock::now() + soon;           // whatever its time says, which may be that of another clock
            while (!is_named(name) && Clock::now() < until) { // its entry was written since, or follows in a moment
                const auto written = std::filesystem::last_write_time(file, gone);
                if (gone || written + soon < read_at) break;
                if (read_at > Clock::time_point::min()) std::this_thread::sleep_for(pause);
                latest = named_now();
                read_at = Clock::now();
            }
            if (is_named(name) || !std::filesystem::exists(file, gone)) continue;
            if (left_since && left_over && std::filesystem::last_write_time(file, gone) >= *left_since && !gone)
                ++*left_over;
            else
                problems.push_back(message("%1: no entry names it", file.string()));
        }
    }
    return problems;
}

} // namespace bh
