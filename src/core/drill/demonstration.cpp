#include "core/drill/demonstration.h"

#include "core/drill/drill_runner.h"

#include <algorithm>

namespace bh {

Drill shadowing(Drill drill, std::shared_ptr<const FlightLog> demonstration)
{
    drill.phases.front().goal.for_s = std::max(1.0, demonstration->duration_s());
    drill.phases.front().time_limit_s = drill.phases.front().goal.for_s + 5;
    drill.demonstration = std::move(demonstration);
    return drill;
}

Drill replay_of(const Drill& drill, std::shared_ptr<const FlightLog> demonstration)
{
    DrillRunner runner(drill);
    runner.follow(*demonstration);
    Drill replay = drill;
    replay.phases.clear();
    replay.criteria.clear();
    const auto stay = [&](Phase phase, double for_s) {
        phase.goal = Goal{.kind = Goal::Kind::Stay, .for_s = std::max(for_s, 0.01)};
        phase.time_limit_s = phase.goal.for_s + 5;
        phase.bounds = {};
        phase.sticks.clear();
        phase.mode.reset(), phase.motors_out_above_m.reset(), phase.upset.reset();
        replay.phases.push_back(std::move(phase));
    };
    double begun_s = demonstration->t_s.front();
    for (std::size_t i = 0; i < runner.spans().size(); ++i) {
        const bool last = i + 1 == runner.spans().size();
        const double until_s = last ? demonstration->t_s.back() : demonstration->t_s[runner.spans()[i + 1].rows.first];
        stay(drill.phases[runner.spans()[i].phase], until_s - begun_s);
        begun_s = until_s;
    }
    if (replay.phases.empty()) stay(drill.phases.front(), demonstration->duration_s());
    replay.begins_disarmed = replay.sticks_only = true;
    replay.crashes_allowed.reset();
    replay.panic_disqualifies = false;
    replay.demonstration = std::move(demonstration);
    return replay;
}

} // namespace bh
