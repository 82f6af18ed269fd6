#include "device/other_programs.h"

#include "core/base/number_text.h"

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <unistd.h>

namespace bh {

std::optional<std::string> program_holding_a_joystick(const std::string& proc)
{
    namespace fs = std::filesystem;
    std::error_code ignored;
    const std::string self = whole_text(getpid());
    for (const fs::directory_entry& process :
         fs::directory_iterator(proc, fs::directory_options::skip_permission_denied, ignored)) {
        const std::string pid = process.path().filename();
        if (pid == self || !std::all_of(pid.begin(), pid.end(), [](char c) { return c >= '0' && c <= '9'; })) continue;
        std::error_code closed; // a process may end while it is looked at
        for (const fs::directory_entry& file :
             fs::directory_iterator(process.path() / "fd", fs::directory_options::skip_permission_denied, closed)) {
            const std::string target = fs::read_symlink(file.path(), closed).string();
            if (target.rfind("/dev/input/js", 0) != 0) continue;
            std::string name;
            std::getline(std::ifstream(process.path() / "comm"), name);
            return name.empty() ? pid : name;
        }
    }
    return std::nullopt;
}

} // namespace bh
