#include "school/views/school_bill.h"

#include <map>
#include <set>

namespace bh {

Bill school_bill(const School& school, const std::string& pilot_id)
{
    std::vector<TakenCrash> crashes;
    int unknown = 0;
    std::set<std::string> controllers;
    std::map<std::string, bool> hard; ///< worlds
    const auto is_hard = [&](const Attempt& a) {
        const Drill* drill = school.drill(a.drill_id);
        const std::string world = !a.world.empty() ? a.world : drill ? drill->world : "";
        const auto [known, is_new] = hard.try_emplace(world, false);
        if (is_new && !world.empty())
            if (const auto loaded = school.data().world(world)) known->second = loaded->hard_ground;
        return known->second;
    };
    for (const auto& [id, file] : school.values().pilots) {
        if (!pilot_id.empty() && id != pilot_id) continue;
        for (const Session& s : file.sessions)
            if (!s.controller_id.empty()) controllers.insert(s.controller_id);
        for (const Attempt& a : file.attempts) {
            if (a.throttle_cuts_s.empty()) continue; // none was taken
            const FlightTally& tally = school.tally(a);
            if (!tally.crashes) {
                unknown += static_cast<int>(a.throttle_cuts_s.size());
                continue;
            }
            for (const Crash& crash : *tally.crashes) crashes.push_back({crash, is_hard(a)});
        }
    }
    const int stations = std::max<int>(1, static_cast<int>(controllers.size()));
    return bill_of(crashes, unknown, stations, stations, school.house());
}

} // namespace bh
