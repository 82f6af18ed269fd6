#include "store/log_folder.h"

#include "files/file_text.h"
#include "files/flight_csv.h"
#include "store/record.h"

#include <QByteArray>
#include <QCryptographicHash>
#include <zlib.h>

namespace bh {
namespace {

constexpr int gzip_window = 15 + 16; // zlib: largest window, gzip header

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

std::filesystem::path LogFolder::place(const std::string& hash) const { return folder_ / hash.substr(0, 2) / (hash + ".csv.gz"); }

std::string LogFolder::keep(const FlightLog& log) const
{
    const std::string text = flight_csv(log);
    const std::string hash = sha256(text);
    const std::filesystem::path path = place(hash);
    std::error_code error;
    if (std::filesystem::exists(path, error)) return hash;
    std::filesystem::create_directories(path.parent_path(), error);
    if (error) throw StoreFailure(path.parent_path().string() + ": cannot be made: " + error.message());
    if (const auto written = write_whole(path, gzipped(text)); !written) throw StoreFailure(written.error().message);
    return hash;
}

Result<std::string> LogFolder::text_of(const std::string& hash) const
{
    std::filesystem::path path = place(hash);
    std::error_code error;
    if (!std::filesystem::exists(path, error) && !also_.empty()) path = LogFolder(also_).place(hash);
    auto file = MappedFile::open(path);
    if (!file) return tl::unexpected(file.error());
    auto text = gunzipped(file->text());
    if (!text) return bad_input(path.string() + ": " + text.error().message);
    return text;
}

Result<FlightLog> LogFolder::load(const std::string& hash) const
{
    const auto text = text_of(hash);
    if (!text) return tl::unexpected(text.error());
    return parse_flight_csv(*text, "flight log " + hash.substr(0, 12));
}

std::string LogFolder::problem_with(const std::string& hash) const
{
    const auto text = text_of(hash);
    if (!text) return text.error().message;
    return sha256(*text) == hash ? "" : "flight log " + hash + " is not what was written";
}

} // namespace bh
