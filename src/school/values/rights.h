#pragma once

#include "core/logbook/logbook.h"
#include "record/chain/rights_of_entries.h"
#include "school/values/kinds.h"

#include <string_view>
#include <vector>

namespace bh {

/// What is done with a record that others rely on.
enum class Act : std::uint8_t {
    Fly,          ///< fly, and log practice in other programs
    CheckKit,     ///< tick the kit, calibrate a controller and verify it, try grips
    Rate,         ///< rate how the rates handle
    Remark,       ///< write down what was seen in a flight
    ScoreByEye,   ///< score what was flown elsewhere
    Advise,       ///< tell a pilot what to change, and whether it was followed
    SetUp,        ///< what a pilot practises on: set-up, rates, match, plan
    EditPilots,   ///< add and change pilots
    KeepMachines, ///< simulators, real aircraft and their rates
    Demonstrate,  ///< say which flight shows a drill
    OpenStages,   ///< open a stage by hand
    Correct,      ///< correct what was logged
    Prepare,      ///< the day of a first real flight, its briefing and its programme
    PlanWeek,     ///< who flies when, when pilots can come, and which bays there are
    EditLadder,   ///< change drills and curricula
    HouseRules,   ///< how long things are kept, and every other limit of the house
    Release,      ///< say that a pilot may fly a real aircraft
    KeepPeople,   ///< who may do what, and erasing people
};

struct Right {
    Act act;
    std::string_view words; ///< "opening a stage by hand"
    Role least;             ///< who may do it: this one, and those who may more
};
/// The whole table, in the order of Act. docs/record.md shows the same.
[[nodiscard]] const std::vector<Right>& rights();
[[nodiscard]] const Right& right_to(Act act);
[[nodiscard]] inline bool may(Role role, Act act) { return role >= right_to(act).least; }

/// What an entry of a kind is an act of.
[[nodiscard]] Act act_of(Kind kind);

/// The same for a server, by how kinds stand in the chain.
[[nodiscard]] EntryRights entry_rights();

/// "needs an instructor or a coordinator".
[[nodiscard]] std::string_view who_may(Role least);

} // namespace bh
