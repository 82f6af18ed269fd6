#include "desk/rates/stick_history.h"

#include "core/path/rocking.h"
#include "core/rates/turn_numbers.h"
#include "desk/parts/record_store.h"

namespace bh::desk {

StickHistory stickHistory(const RecordStore& store, const std::string& pilot_id)
{
    constexpr std::size_t bins = 20, newest_flights = 6, newest_outside = 3;
    const auto attempts = store.attempts(pilot_id);
    const auto sessions = store.sessions(pilot_id);
    std::array<std::vector<double>, 3> sticks;
    double rocked_s = 0, flown_s = 0;
    std::size_t flights = 0;
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights < newest_flights; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty()) continue;
        const auto log = store.flightLog(a->log_hash);
        if (!log) continue;
        const std::vector<double>* columns[] = {&log->stick_roll, &log->stick_pitch, &log->stick_yaw};
        for (std::size_t axis = 0; axis < 3; ++axis)
            sticks[axis].insert(sticks[axis].end(), columns[axis]->begin(), columns[axis]->end());
        rocked_s += log->duration_s() * rocking_share(*log, {0, log->size()}, std::nullopt);
        flown_s += log->duration_s();
        ++flights;
    }
    std::size_t outside = 0;
    for (auto session = sessions.rbegin(); session != sessions.rend() && outside < newest_outside; ++session) {
        const auto recorded = store.outsideSticks(*session);
        if (recorded.empty()) continue;
        for (const Sticks& s : recorded) sticks[0].push_back(s.roll), sticks[1].push_back(s.pitch), sticks[2].push_back(s.yaw);
        ++outside;
    }
    StickHistory history;
    if (flown_s > 0) history.rocking_share = rocked_s / flown_s;
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (!sticks[axis].empty()) history.shares[axis] = stick_use(sticks[axis], bins);
    return history;
}

} // namespace bh::desk
