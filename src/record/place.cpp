#include "record/place.h"

#include "core/base/one_line.h"
#include "record/chain/entry.h"

#include <cstdlib>
#include <libpq-fe.h>
#include <map>
#include <memory>

namespace bh {

RecordPlace::RecordPlace(const std::string& given)
{
    if (given.starts_with("postgresql://") || given.starts_with("postgres://") || given.starts_with("service="))
        server = given;
    else
        file = given;
}

std::string RecordPlace::in_words() const
{
    if (!on_server()) return file.string();
    const auto address = server_address(server);
    return address ? address->in_words : std::string("a server");
}

std::string RecordPlace::found_again_by() const
{
    std::error_code error;
    if (!on_server()) return std::filesystem::absolute(file, error).lexically_normal().string();
    const auto address = server_address(server);
    return address && address->password.empty() ? server : std::string();
}

Result<ServerAddress> server_address(const std::string& server)
{
    char* why = nullptr;
    const std::unique_ptr<PQconninfoOption, void (*)(PQconninfoOption*)> options(PQconninfoParse(server.c_str(), &why),
                                                                                 &PQconninfoFree);
    if (!options) {
        const std::string words = one_line(why ? why : "it cannot be read");
        PQfreemem(why);
        return bad_input("the server's address: %1, expected postgresql://USER@HOST/DATABASE or service=NAME", words);
    }
    // A line that was cut is known in seconds (common practice, no source); an address may say otherwise.
    std::map<std::string, std::string> given{{"application_name", "bluehangar"}, {"connect_timeout", "2"},
                                             {"keepalives_idle", "5"},           {"keepalives_interval", "2"},
                                             {"keepalives_count", "3"},          {"tcp_user_timeout", "4000"}};
    for (const PQconninfoOption* option = options.get(); option->keyword; ++option)
        if (option->val) given[option->keyword] = option->val;
    ServerAddress address;
    const auto value = [&](const char* key) { return given.contains(key) ? given[key] : std::string(); };
    address.password = value("password");
    given.erase("password");
    for (const auto& [key, text] : given) {
        // The driver makes a blank of every semicolon, which no name here needs.
        if (text.find(';') != std::string::npos) return bad_input("the server's address: %1 may hold no semicolon", key);
        address.parameters += key + "='";
        for (const char c : text) {
            if (c == '\'' || c == '\\') address.parameters += '\\';
            address.parameters += c;
        }
        address.parameters += "' ";
    }
    if (server.starts_with("service=")) {
        address.in_words = "the server of service " + value("service");
    } else {
        address.in_words = "postgresql://" + (value("user").empty() ? "" : value("user") + "@") +
                           (value("host").starts_with('/') ? std::string() : value("host")) + "/" + value("dbname");
    }
    return address;
}

std::filesystem::path beside(const RecordPlace& place, const std::filesystem::path& station_folder)
{
    if (!place.on_server()) return place.file;
    const auto address = server_address(place.server);
    return station_folder / "servers" / shared_name(address ? address->parameters : place.server).substr(0, 16) / "record";
}

} // namespace bh
