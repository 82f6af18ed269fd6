#pragma once

#include "core/base/result.h"
#include "core/controller/calibration.h"
#include "core/curves/rate_curve.h"
#include "core/flight/modes.h"

#include <array>
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace bh {

/// How a simulator reads controllers and what its settings look like: everything that decides what has to be set there.
struct SimulatorProfile {
    enum class Throttle {
        Full,      ///< the whole way is 0…100 %
        UpperHalf, ///< only the upper half counts, the middle is 0 %
        Choice     ///< a setting chooses between the two
    };
    enum class Arming {
        ByItself, ///< as soon as the flight starts
        Switch,   ///< a switch on the controller
        Sticks,   ///< both sticks down and in
        Key       ///< a key of the computer
    };
    struct Range {
        double low = 0, high = 0, step = 1;
    };

    std::string id;
    std::string name;
    int axis_base = 1;                  ///< the number it gives to a device's first axis
    std::string axis_word = "Axis";     ///< what it calls an axis in its settings
    std::string invert_word = "Invert"; ///< what it calls turning an axis round
    std::array<Function, 4> order{Function::Throttle, Function::Yaw, Function::Pitch, Function::Roll}; ///< of its settings
    std::array<bool, 4> rising_is_positive{true, true, true, true}; ///< per Function: rising counts are up/right/forward
    Throttle throttle = Throttle::Full;
    Arming arming = Arming::Switch;
    std::string arming_words;                    ///< in its own words, where there is something to add
    std::map<Mode, std::string> mode_names;      ///< what it calls the flight modes it has
    std::map<int, std::string> stick_mode_names; ///< what it calls stick modes 1…4, where it asks for one
    std::string rate_family;                     ///< neutral key, empty when its rates cannot be set
    std::map<std::string, Range> rate_limits;    ///< by the family's parameter
    std::optional<Range> tilt_deg, fov_deg;      ///< empty when fixed
    std::string other_keys; ///< what else its document holds, as JSON text: not understood here, not lost either
};

/// One function's line in a simulator's controller settings.
struct SheetRow {
    Function function;
    int axis = 0;           ///< as that simulator counts
    bool invert = false;    ///< to be ticked
    std::string_view range; ///< "full" or "upper half" for the throttle, "both ways" for the others
};

struct SettingsSheet {
    std::vector<SheetRow> rows; ///< in that simulator's order
    std::vector<Message> notes; ///< arming, modes, camera, rates and what has to be lived with, one sentence each
};

/// What has to be set in a simulator for a controller. The arithmetic: axis number = device axis + base; "invert" is
/// ticked when the controller's counts rise the other way than the simulator expects; the throttle's range is the upper
/// half only when the simulator knows no other. With a pilot's stick mode (1…4; 0 for none) the notes say what to choose
/// where the simulator asks for one. BadInput when the calibration is not usable.
[[nodiscard]] Result<SettingsSheet> settings_sheet(const Calibration& calibration, const SimulatorProfile& simulator,
                                                   int stick_mode = 0);

/// Where a simulator would put the aircraft's command for a stick: what the sheet has to bring about. For tests and for
/// the learn mode: −1…1, throttle 0…1.
[[nodiscard]] double reading_of(const SimulatorProfile& simulator, const SheetRow& row, const Calibration& calibration,
                                const std::vector<int>& counts);

/// What the coordinator saw an unknown simulator do after its settings had been filled in from a sheet.
struct Observation {
    enum class Kind {
        Moved,   ///< one function was pushed to its positive side, and the aircraft answered
        Nothing, ///< the push had no effect
        Throttle ///< with the throttle stick in the middle the simulator's throttle stood at `throttle_at_middle`
    };
    Kind kind = Kind::Moved;
    Function pushed = Function::Pitch; ///< to its positive side: up, right, forward
    Function answered = Function::Pitch;
    bool answered_positive = true;   ///< up, right, forward
    double throttle_at_middle = 0.5; ///< 0…1, for Kind::Throttle
};

struct Learnt {
    SimulatorProfile profile;
    std::vector<Message> changed; ///< what follows from the observations, one sentence each
    Message conflict;             ///< non-empty when they contradict each other; the profile is then unchanged
    bool settled = false;         ///< every function has been seen to answer, and the throttle's range is known
};

/// Finds a simulator's convention from what it showed. `shown` is the sheet whose settings were in force.
[[nodiscard]] Learnt learn(const SimulatorProfile& profile, const Calibration& calibration, const SettingsSheet& shown,
                           const std::vector<Observation>& seen);

/// How a simulator lets its family's parameters be set: its own limits and steps, the family's where it has none.
[[nodiscard]] std::vector<ParameterRange> ranges_in(const SimulatorProfile& simulator);

} // namespace bh
