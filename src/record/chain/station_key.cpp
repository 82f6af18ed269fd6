#include "record/chain/station_key.h"

#include "core/base/number_text.h"
#include "files/text/file_text.h"

#include <algorithm>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <sodium.h>
#include <sys/stat.h>
#include <unistd.h>
#include <vector>

namespace bh {
namespace {

constexpr std::size_t named_digits = 16;

bool sodium_ready()
{
    static const bool ready = sodium_init() >= 0; // once in a process, from any thread
    return ready;
}

std::string hex(const unsigned char* bytes, std::size_t size)
{
    std::string text(2 * size + 1, '\0');
    sodium_bin2hex(text.data(), text.size(), bytes, size);
    text.pop_back();
    return text;
}

bool from_hex(std::string_view text, unsigned char* bytes, std::size_t size)
{
    std::size_t read = 0;
    return text.size() == 2 * size && sodium_hex2bin(bytes, size, text.data(), text.size(), nullptr, &read, nullptr) == 0 &&
           read == size;
}

/// A new seed in a file that only its owner reads, unless another program was quicker.
Result<void> make_seed(const std::filesystem::path& file)
{
    std::array<unsigned char, crypto_sign_SEEDBYTES> seed{};
    randombytes_buf(seed.data(), seed.size());
    const std::string text = hex(seed.data(), seed.size()) + "\n";
    const std::filesystem::path part = file.string() + "." + whole_text(::getpid()) + ".part";
    const auto cannot = [&](const std::filesystem::path& which) {
        auto error = bad_input("%1: the station's key cannot be written: %2", which.string(), std::strerror(errno));
        ::unlink(part.c_str());
        return error;
    };
    const int fd = ::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0600);
    if (fd < 0) return cannot(part);
    const bool written = ::write(fd, text.data(), text.size()) == static_cast<ssize_t>(text.size()) && ::fsync(fd) == 0;
    ::close(fd);
    if (!written) return cannot(part);
    if (::link(part.c_str(), file.c_str()) != 0 && errno != EEXIST) return cannot(file);
    ::unlink(part.c_str());
    flush_folder(file.parent_path());
    return {};
}

} // namespace

Result<StationKey> StationKey::in(const std::filesystem::path& folder)
{
    if (!sodium_ready()) return bad_input("the library for signatures does not start");
    const std::filesystem::path file = folder / "key";
    std::error_code error;
    if (!std::filesystem::exists(file, error)) {
        if (const auto made = make_own_folder(folder); !made) return tl::unexpected(made.error());
        if (const auto made = make_seed(file); !made) return tl::unexpected(made.error());
    }
    const auto text = read_text(file);
    if (!text) return tl::unexpected(text.error());
    std::array<unsigned char, crypto_sign_SEEDBYTES> seed{};
    std::string_view digits = *text;
    while (!digits.empty() && digits.back() == '\n') digits.remove_suffix(1);
    if (!from_hex(digits, seed.data(), seed.size()))
        return bad_input("%1: is no station's key, expected 64 hex digits; restore it, or take it away for a new one",
                         file.string());
    ::chmod(file.c_str(), 0600); // whatever a copy has made of it
    return from_seed(seed);
}

StationKey StationKey::from_seed(const std::array<unsigned char, 32>& seed)
{
    static_assert(crypto_sign_SEEDBYTES == 32 && crypto_sign_SECRETKEYBYTES == 64);
    StationKey key;
    std::array<unsigned char, crypto_sign_PUBLICKEYBYTES> open{};
    if (sodium_ready()) crypto_sign_seed_keypair(open.data(), key.secret_.data(), seed.data());
    key.public_key_ = hex(open.data(), open.size());
    return key;
}

std::string StationKey::sign(std::string_view text) const
{
    std::array<unsigned char, crypto_sign_BYTES> signature{};
    crypto_sign_detached(signature.data(), nullptr, reinterpret_cast<const unsigned char*>(text.data()), text.size(),
                         secret_.data());
    constexpr std::size_t size = sodium_base64_ENCODED_LEN(crypto_sign_BYTES, sodium_base64_VARIANT_ORIGINAL);
    std::array<char, size> base64{};
    sodium_bin2base64(base64.data(), base64.size(), signature.data(), signature.size(), sodium_base64_VARIANT_ORIGINAL);
    return public_key_.substr(0, named_digits) + ":" + base64.data();
}

std::string_view key_named_in(std::string_view signature)
{
    return signature.size() > named_digits && signature[named_digits] == ':' ? signature.substr(0, named_digits)
                                                                             : std::string_view();
}

bool is_signed_by(std::string_view public_key, std::string_view text, std::string_view signature)
{
    std::array<unsigned char, crypto_sign_PUBLICKEYBYTES> key{};
    std::array<unsigned char, crypto_sign_BYTES> bytes{};
    std::size_t read = 0;
    if (!sodium_ready() || key_named_in(signature) != public_key.substr(0, named_digits)) return false;
    if (!from_hex(public_key, key.data(), key.size())) return false;
    const std::string_view base64 = signature.substr(named_digits + 1);
    if (sodium_base642bin(bytes.data(), bytes.size(), base64.data(), base64.size(), nullptr, &read, nullptr,
                          sodium_base64_VARIANT_ORIGINAL) != 0 ||
        read != bytes.size())
        return false;
    return crypto_sign_verify_detached(bytes.data(), reinterpret_cast<const unsigned char*>(text.data()), text.size(),
                                       key.data()) == 0;
}

bool is_public_key(std::string_view text)
{
    std::array<unsigned char, crypto_sign_PUBLICKEYBYTES> key{};
    return from_hex(text, key.data(), key.size());
}

std::filesystem::path usual_station_folder()
{
    const char* data = std::getenv("XDG_DATA_HOME");
    const char* home = std::getenv("HOME");
    const std::filesystem::path base =
        data && *data ? std::filesystem::path(data) : std::filesystem::path(home && *home ? home : ".") / ".local" / "share";
    return base / "bluehangar" / "station";
}

} // namespace bh
