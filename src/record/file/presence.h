#pragma once

#include <filesystem>

namespace bh {

/// A mark beside a record that a program has it open for writing: a lock that the system takes away when the program ends,
/// however it ends, and a word in it that only a good end takes away.
class Presence {
public:
    /// Waits while another program is clearing up. What cannot be made or locked is passed over: then nobody is known to be
    /// alone.
    explicit Presence(const std::filesystem::path& record);
    ~Presence();
    Presence(const Presence&) = delete;
    Presence& operator=(const Presence&) = delete;

    /// Nobody else has it open, and who had it last was ended before it could close it: what it left can be cleared up. Until
    /// settle() nobody else gets in.
    [[nodiscard]] bool after_a_bad_end() const { return after_bad_end_; }
    /// Whether a program that had it open was ended, and nobody has it open now.
    [[nodiscard]] static bool ended_badly(const std::filesystem::path& record);
    void settle();

private:
    std::filesystem::path folder_;
    int fd_ = -1;
    bool after_bad_end_ = false;
};

} // namespace bh
