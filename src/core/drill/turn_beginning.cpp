#include "core/drill/turn_beginning.h"

#include <algorithm>

namespace bh {

void judge_turn_beginning(Drill& drill, TurnBeginning chosen)
{
    if (chosen == TurnBeginning::NotJudged) return;
    const auto turns = std::find_if(drill.criteria.begin(), drill.criteria.end(),
                                    [](const Criterion& c) { return c.measure == Measure::TurnDriftDeg; });
    if (turns == drill.criteria.end()) return;
    Criterion lead;
    lead.measure = Measure::YawLeadMs;
    lead.if_any = true; // sticks that hardly moved tell nothing
    lead.common_practice = true;
    for (const Criterion& c : drill.criteria) // both sides' phases
        if (c.measure == Measure::TurnDriftDeg) lead.phases.insert(lead.phases.end(), c.phases.begin(), c.phases.end());
    if (chosen == TurnBeginning::YawFirst) {
        lead.label = label("Yaw a moment before roll");
        lead.advice = label("Begin the turn with a little yaw, and lean a moment later.");
        lead.fail = 600, lead.pass = 300, lead.merit = 200;
        lead.below = Limits{-300, 0, 50};
    } else {
        lead.label = label("Yaw and roll together");
        lead.advice = label("Move both sticks in the same moment.");
        lead.fail = 450, lead.pass = 150, lead.merit = 50;
        lead.below = Limits{-450, -150, -50};
    }
    drill.criteria.push_back(std::move(lead));
}

} // namespace bh
