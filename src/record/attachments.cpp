#include "record/attachments.h"

#include "files/file_text.h"
#include "files/flight_csv.h"
#include "files/flight_pack.h"
#include "record/record.h"

#include <QByteArray>
#include <QCryptographicHash>
#include <algorithm>
#include <zlib.h>

namespace bh {
namespace {

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
    if (deflateInit2(&z, 6, Z_DEFLATED, gzip_window, 8, Z_DEFAULT_STRATEGY) != Z_OK) throw StoreFailure("out of memory");
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

Result<std::string> gunzipped(std::string_view packed)
{
    constexpr std::size_t most_bytes = 1u << 30;
    z_stream z{};
    if (inflateInit2(&z, gzip_window) != Z_OK) return bad_input("out of memory");
    std::string out;
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(packed.data()));
    z.avail_in = static_cast<uInt>(packed.size());
    int status = Z_OK;
    while (status == Z_OK && out.size() < most_bytes) {
        const std::size_t have = out.size();
        out.resize(have + (1u << 20));
        z.next_out = reinterpret_cast<Bytef*>(out.data() + have);
        z.avail_out = 1u << 20;
        status = inflate(&z, Z_NO_FLUSH);
        out.resize(out.size() - z.avail_out);
    }
    inflateEnd(&z);
    if (status != Z_STREAM_END) return bad_input("is damaged or cut short");
    return out;
}

Result<FlightLog> log_in(const std::string& bytes, const std::filesystem::path& path)
{
    const auto content = gunzipped(bytes);
    if (!content) return bad_input(path.string() + ": " + content.error().message);
    if (!form_of(path).packed) return parse_flight_csv(*content, path.filename().string());
    auto log = flight_unpack(*content);
    if (!log) return bad_input(path.string() + ": " + log.error().message);
    return log;
}

/// In folders by the first two digits.
std::filesystem::path place(const std::filesystem::path& folder, const std::string& hash, const Form& form)
{
    return folder / hash.substr(0, 2) / (hash + form.ending);
}

} // namespace

Attachments::Attachments(const std::filesystem::path& record_file, std::filesystem::path flight_logs_also)
    : flight_logs_(record_file.string() + ".logs"), also_(std::move(flight_logs_also)), sticks_(record_file.string() + ".sticks")
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
    std::filesystem::create_directories(path.parent_path(), error);
    if (error) throw StoreFailure(path.parent_path().string() + ": cannot be made: " + error.message());
    if (const auto written = write_whole(path, bytes); !written) throw StoreFailure(written.error().message);
    return hash;
}

Result<Attachments::Found> Attachments::find(const std::string& hash) const
{
    const auto hex = [](char c) { return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'f'); };
    if (hash.size() != 64 || !std::all_of(hash.begin(), hash.end(), hex))
        return bad_input("'" + hash.substr(0, 80) + "' names no flight log");
    for (const std::filesystem::path& folder : {flight_logs_, also_}) {
        if (folder.empty()) continue;
        for (const Form& form : forms) {
            const std::filesystem::path path = place(folder, hash, form);
            std::error_code error;
            if (!std::filesystem::exists(path, error)) continue;
            auto file = MappedFile::open(path);
            if (!file) return tl::unexpected(file.error());
            return Found{std::string(file->text()), path};
        }
    }
    return failure(Error::Code::NotFound, place(flight_logs_, hash, packed_form).string() + ": there is no such file");
}

Result<FlightLog> Attachments::flight_log(const std::string& hash) const
{
    const auto found = find(hash);
    if (!found) return tl::unexpected(found.error());
    return log_in(found->bytes, found->path);
}

std::string Attachments::problem_with(const std::string& hash) const
{
    const auto found = find(hash);
    if (!found) return found.error().message;
    const auto log = log_in(found->bytes, found->path);
    if (!log) return log.error().message;
    const bool as_written = sha256(form_of(found->path).named_by_text ? flight_csv(*log) : found->bytes) == hash;
    return as_written ? "" : "flight log " + hash + " is not what was written";
}

} // namespace bh
