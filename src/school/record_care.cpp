#include "school/record_care.h"

#include "record/copies/backup.h"
#include "record/copies/exchange.h"

namespace bh {

RecordCare::RecordCare(const School& school) : record_(school.record()) {}

VerifyReport RecordCare::verify() const { return record_.verify(); }

Result<VerifyReport> RecordCare::back_up(const std::filesystem::path& to) const
{
    return bh::back_up(record_.place(), to, record_.attachments().second_folder());
}

Result<Head> RecordCare::export_whole(const std::filesystem::path& to) const
{
    return export_record(record_.place(), to, record_.attachments().second_folder());
}

Result<VerifyReport> RecordCare::restore(const std::filesystem::path& backup, const std::filesystem::path& to)
{
    return bh::restore(backup, to);
}

Result<VerifyReport> RecordCare::bring_in(const std::filesystem::path& folder, const std::filesystem::path& to)
{
    return import_record(folder, to);
}

std::vector<DailyCopy> RecordCare::daily_copies() const { return copies_of_days(record_.file()); }

std::size_t RecordCare::files_on_their_way() const { return record_.attachments().to_send().size(); }

RecordCare::Comparison RecordCare::compare(const Head& with) const
{
    const auto there = record_.hash_of(with.count);
    if (!there) return Comparison::Shorter;
    return there->starts_with(with.hash) ? Comparison::Same : Comparison::Another;
}

} // namespace bh
