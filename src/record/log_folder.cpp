#include "record/log_folder.h"

#include "files/file_text.h"
#include "files/flight_csv.h"
#include "files/flight_pack.h"
#include "record/record.h"

#include <QByteArray>
#include <QCryptographicHash>
#include <zlib.h>

namespace bh {
namespace {

constexpr const char* packed_ending = ".flight.gz";
constexpr const char* text_ending = ".csv.gz"; // logs of earlier versions, and those that cannot be packed
constexpr int gzip_window = 15 + 16;           // zlib: largest window, gzip header

std::string sha256(const std::string& text)
{
    return QCryptographicHash::hash(QByteArray::fromStdString(text), QCryptographicHash::Sha256).toHex().toStdString();
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

} // namespace

std::filesystem::path LogFolder::place(const std::string& hash, const char* ending) const
{
    return folder_ / hash.substr(0, 2) / (hash + ending);
}

std::string LogFolder::keep(const FlightLog& log) const
{
    const std::string text = flight_csv(log);
    const std::string hash = sha256(text);
    std::error_code error;
    for (const char* ending : {packed_ending, text_ending})
        if (std::filesystem::exists(place(hash, ending), error)) return hash;
    // Packed, unless the log would not come back from that to the last digit.
    auto packed = flight_pack(log);
    if (packed) {
        const auto back = flight_unpack(*packed);
        if (!back || flight_csv(*back) != text) packed.reset();
    }
    const std::filesystem::path path = place(hash, packed ? packed_ending : text_ending);
    std::filesystem::create_directories(path.parent_path(), error);
    if (error) throw StoreFailure(path.parent_path().string() + ": cannot be made: " + error.message());
    if (const auto written = write_whole(path, gzipped(packed ? *packed : text)); !written)
        throw StoreFailure(written.error().message);
    return hash;
}

Result<LogFolder::Found> LogFolder::find(const std::string& hash) const
{
    for (const LogFolder& folder : {*this, LogFolder(also_)}) {
        if (folder.folder_.empty()) continue;
        for (const char* ending : {packed_ending, text_ending}) {
            const std::filesystem::path path = folder.place(hash, ending);
            std::error_code error;
            if (!std::filesystem::exists(path, error)) continue;
            auto file = MappedFile::open(path);
            if (!file) return tl::unexpected(file.error());
            auto bytes = gunzipped(file->text());
            if (!bytes) return bad_input(path.string() + ": " + bytes.error().message);
            return Found{std::move(*bytes), path.string(), ending == packed_ending};
        }
    }
    return failure(Error::Code::NotFound, place(hash, packed_ending).string() + ": there is no such file");
}

Result<FlightLog> LogFolder::load(const std::string& hash) const
{
    const auto found = find(hash);
    if (!found) return tl::unexpected(found.error());
    if (!found->packed) return parse_flight_csv(found->bytes, "flight log " + hash.substr(0, 12));
    auto log = flight_unpack(found->bytes);
    if (!log) return bad_input(found->path + ": " + log.error().message);
    return log;
}

std::string LogFolder::problem_with(const std::string& hash) const
{
    auto found = find(hash);
    if (!found) return found.error().message;
    if (found->packed) {
        const auto log = flight_unpack(found->bytes);
        if (!log) return found->path + ": " + log.error().message;
        found->bytes = flight_csv(*log);
    }
    return sha256(found->bytes) == hash ? "" : "flight log " + hash + " is not what was written";
}

} // namespace bh
