#pragma once

#include <atomic>
#include <filesystem>
#include <mutex>
#include <string>
#include <thread>

/// The line between a station and a server's socket, which can be cut: at once, or after so many bytes either way, in the middle
/// of whatever is being said. While it is cut nobody gets through.
class CutLine {
public:
    explicit CutLine(const std::filesystem::path& server_folder);
    ~CutLine();
    CutLine(const CutLine&) = delete;
    CutLine& operator=(const CutLine&) = delete;

    /// Of the server seen through the line.
    [[nodiscard]] std::string through(std::string address) const;
    void cut();
    void cut_after(long bytes);
    void mend();

private:
    void run();
    std::filesystem::path folder_, server_folder_;
    int listener_ = -1, bell_[2] = {-1, -1};
    [[nodiscard]] bool is_cut() const;
    std::atomic<bool> closing_ = false;
    mutable std::mutex mutex_;
    bool is_cut_ = false;
    long left_ = -1; ///< bytes until it is cut; negative: it is not going to be
    std::atomic<int> cuts_seen_ = 0, cuts_asked_ = 0;
    std::thread thread_;
};
