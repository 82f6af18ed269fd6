#pragma once

#include "record/copies/verify.h"
#include "record/file/daily_copies.h"
#include "school/school.h"

#include <filesystem>
#include <string>
#include <vector>

namespace bh {

/// What is done with a school's record as a whole. All but the last three may take long, have connections of their own and may be
/// called from another thread, once the flights that were handed over are kept.
class RecordCare {
public:
    explicit RecordCare(const School& school);

    [[nodiscard]] VerifyReport verify() const;
    [[nodiscard]] Result<VerifyReport> back_up(const std::filesystem::path& to) const;
    [[nodiscard]] Result<Head> export_whole(const std::filesystem::path& to) const;
    [[nodiscard]] static Result<VerifyReport> restore(const std::filesystem::path& backup, const std::filesystem::path& to);
    [[nodiscard]] static Result<VerifyReport> bring_in(const std::filesystem::path& folder, const std::filesystem::path& to);

    [[nodiscard]] std::vector<DailyCopy> daily_copies() const; ///< newest first
    [[nodiscard]] std::size_t files_on_their_way() const;      ///< to the server
    enum class Comparison { Same, Shorter, Another };
    /// Whether the record has grown from a head that was typed or read back.
    [[nodiscard]] Comparison compare(const Head& with) const;

private:
    const Record& record_;
};

} // namespace bh
