#pragma once

#include "core/base/result.h"

#include <array>
#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// What a station can find out about its controller by itself.
enum class Detected {
    DevicePresent, ///< a controller is plugged in and seen
    AxesMoving,    ///< at least one axis has moved within the last seconds
    FastEnough,    ///< samples come at least every 16 ms
    HeldByAnother  ///< another program has the device open
};
inline constexpr std::array<Detected, 4> all_detected{Detected::DevicePresent, Detected::AxesMoving, Detected::FastEnough,
                                                      Detected::HeldByAnother};
[[nodiscard]] const char* detected_key(Detected what); ///< "device_present", …

/// What is known now; what is missing has to be asked.
using DetectedFacts = std::map<Detected, bool>;

/// One thing to do or to look at before a pilot sits down.
struct KitItem {
    std::string id;
    std::string text;
    std::string caution;            ///< shown with the item; empty for most
    std::optional<Detected> detect; ///< ticks itself when this is so
    bool each_session = false;      ///< must be true at every start, and is asked again then
};

/// How long ticks hold. An item of each session: until a session has ended since, and for half a day at most (house). Any other:
/// for so many days (house rule).
struct TickRules {
    std::int64_t last_session_ended_at = 0; ///< the pilot's; seconds since 1970; 0: none
    int others_hold_days = 60;
};
inline constexpr int kit_days_usual = 60; ///< house, no source
/// Whether a tick made at a time still says that the item is so.
[[nodiscard]] bool tick_holds(const KitItem& item, std::int64_t ticked_at, std::int64_t now, const TickRules& rules);

/// A kind of station and its items, in the order of connection and power.
struct KitList {
    std::string id;
    std::string name;
    std::vector<KitItem> items;
};

/// One question of the fault finder. `yes` and `no` name the next question or an ending.
struct FaultQuestion {
    std::string id;
    std::string ask;
    std::optional<Detected> detect; ///< answers itself when the station knows
    std::string yes, no;
};
struct FaultEnding {
    std::string id;
    std::string say; ///< what to do
};
struct FaultTree {
    std::string start;
    std::vector<FaultQuestion> questions;
    std::vector<FaultEnding> endings;
};

/// The tree itself when every way through it ends, every name exists and nothing stands aside; BadInput that names the
/// question otherwise.
[[nodiscard]] Result<FaultTree> checked(FaultTree tree);

/// Goes through a checked tree: asks one question at a time and answers by itself what the station knows.
class FaultFinder {
public:
    explicit FaultFinder(FaultTree tree);

    struct Step {
        std::string question; ///< as asked
        bool yes = false;
        bool by_itself = false;
    };
    /// From the start, with what is known now.
    void start(const DetectedFacts& facts);
    void answer(bool yes, const DetectedFacts& facts);
    /// Takes the last answer that a person gave back.
    void back(const DetectedFacts& facts);

    [[nodiscard]] const FaultQuestion* question() const; ///< null at an ending
    [[nodiscard]] const FaultEnding* ending() const;     ///< null while there is something to ask
    [[nodiscard]] const std::vector<Step>& steps() const { return steps_; }

private:
    void go(const std::string& id, const DetectedFacts& facts);
    FaultTree tree_;
    std::string at_;
    std::vector<Step> steps_;
    std::vector<std::string> asked_; ///< ids of the questions of steps_
};

} // namespace bh
