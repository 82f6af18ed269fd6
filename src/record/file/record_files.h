#pragma once

#include "core/base/result.h"

#include <filesystem>

namespace bh {

/// That no record lies at a place yet, nor what belongs beside one.
[[nodiscard]] Result<void> is_free_for_record(const std::filesystem::path& record);

/// Moves a record with what lies beside it; the file itself last, so that what it names is there when it is.
[[nodiscard]] Result<void> move_record(const std::filesystem::path& from, const std::filesystem::path& to);

/// A folder to work in, which goes with the object.
class Workplace {
public:
    explicit Workplace(std::filesystem::path folder);
    ~Workplace();
    Workplace(const Workplace&) = delete;
    Workplace& operator=(const Workplace&) = delete;
    [[nodiscard]] const std::filesystem::path& folder() const { return folder_; }

private:
    std::filesystem::path folder_;
};

} // namespace bh
