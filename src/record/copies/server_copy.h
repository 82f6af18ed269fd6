#pragma once

#include "record/attachments.h"
#include "record/file/database.h"
#include "record/file/failures.h"

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

namespace bh {

/// A record on a server, as it stood in one moment, in a file of its own that goes with this. As it is, not as it should be.
class ServerCopy {
public:
    /// `with_files`: and what is attached, beside it. Throws StoreFailure.
    explicit ServerCopy(const Database& server, bool with_files = false);
    ~ServerCopy();
    ServerCopy(const ServerCopy&) = delete;
    ServerCopy& operator=(const ServerCopy&) = delete;
    [[nodiscard]] const std::filesystem::path& file() const { return file_; }

private:
    std::filesystem::path folder_, file_;
};

/// What is done with a whole copy, as if the record lay in a file.
template <class Do>
auto with_copy_of(const RecordPlace& place, Do what) -> decltype(what(std::filesystem::path()))
{
    try {
        const auto server = Database::on_server(place.server);
        const ServerCopy copy(*server, true);
        return what(copy.file());
    } catch (const StoreFailure& why) {
        return bad_input("%1: cannot be read as a training record: %2", place.in_words(), why.what());
    }
}

/// What is missing on the server of what entries name, or is not what was written; a line each. What was flown in the last day
/// may yet be held back by its station: that is a remark.
void check_server_files(const Database& server, const Attachments::Names& named, std::vector<Message>& problems,
                        std::vector<Message>& remarks);

} // namespace bh
