#include "cli/commands.h"

#include "record/record.h"
#include "school/demo_record.h"
#include "school/school.h"

#include <cstdio>
#include <filesystem>

namespace bh::cli {

Result<int> verify_record(const std::string& store)
{
    if (!std::filesystem::exists(store)) return failure(Error::Code::NotFound, store + ": there is no such record");
    const auto record = Record::open(store);
    if (!record) return tl::unexpected(record.error());
    const VerifyReport report = (*record)->verify();
    for (const std::string& problem : report.problems) std::printf("%s\n", problem.c_str());
    std::printf("%lld entries, %zu problems\n", static_cast<long long>(report.entries), report.problems.size());
    return report.problems.empty() ? 0 : 1;
}

Result<int> make_demo(const DataFolder& data, const std::string& out)
{
    const auto made = make_demo_record(data, out);
    if (!made) return tl::unexpected(made.error());
    auto record = Record::open(out);
    if (!record) return tl::unexpected(record.error());
    const School school(std::move(*record), data);
    std::size_t attempts = 0;
    for (const PilotRow& pilot : school.pilots()) attempts += school.attempts(pilot.id).size();
    std::printf("%s: %zu pilots, %zu attempts\n", out.c_str(), school.pilots().size(), attempts);
    return 0;
}

} // namespace bh::cli
