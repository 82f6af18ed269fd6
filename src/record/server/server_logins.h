#pragma once

#include "record/chain/key_book.h"
#include "record/file/database.h"

#include <filesystem>
#include <map>
#include <string>
#include <vector>

namespace bh {

/// How much each login of a server may write: 0 a station's, 2 an instructor's, 3 a coordinator's. Whoever owns the database is
/// left out; superusers are marked as such.
using ServerLogins = std::map<std::string, int>;
[[nodiscard]] ServerLogins logins_on(const Database& server);

/// Who can do more than the program lets anybody, or more than before: logins that can act as the owner or write past the
/// program; that may more than when their station's key was brought in; or more than `seen`, by a station that looked before.
[[nodiscard]] std::vector<Message> login_problems(const Database& server, const ServerLogins& logins, const KeyBook& book,
                                                  const ServerLogins* seen);

/// What a station has seen of that, kept in its folder beside what it knows of heads.
class KnownLogins {
public:
    KnownLogins(const std::filesystem::path& station_folder, const std::string& first_hash);
    [[nodiscard]] const ServerLogins* seen() const { return known_ ? &logins_ : nullptr; } ///< null: it has not looked yet
    /// Where nothing is told of them; the first time whatever they are.
    void remember(const ServerLogins& logins) const noexcept;

private:
    std::filesystem::path file_;
    ServerLogins logins_;
    bool known_ = false;
};

} // namespace bh
