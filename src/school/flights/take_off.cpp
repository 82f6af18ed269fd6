#include "school/flights/take_off.h"

#include "core/setup/camera_tilt.h"

#include <algorithm>

namespace bh {

Result<PreparedFlight> prepared(const School& school, const Drill& drill, const TakeOff& take_off)
{
    using Purpose = TakeOff::Purpose;
    const auto& own = school.setup(take_off.pilot_id);
    auto setup = school.data().setup_for(drill, take_off.rates ? *take_off.rates : own ? own->rates : RateProfile{});
    if (!setup) return tl::unexpected(setup.error());
    PreparedFlight flight{std::move(*setup), {}, drill.camera_tilt_deg, drill.fov_deg};
    if (take_off.mode && !drill.sticks_only) flight.setup.mode = *take_off.mode;
    if (own) {
        if (!drill.sets_tilt) flight.camera_tilt_deg = std::max(0.0, own->camera_tilt_deg + drill.tilt_change_deg);
        flight.fov_deg = own->fov_deg;
    }
    FlownWith& with = flight.flown_with;
    const bool by_hand = take_off.purpose != Purpose::Demonstration;
    if (by_hand) {
        const bool on_real = take_off.purpose == Purpose::Test || drill.on_real_aircraft;
        const std::string real_id = take_off.purpose == Purpose::Test ? take_off.real_aircraft : own ? own->real_aircraft : "";
        const Airframe* real = on_real ? school.real_aircraft(real_id) : nullptr;
        const Airframe* simulated =
            own && take_off.purpose != Purpose::Test ? school.simulated_aircraft(own->simulated_aircraft) : nullptr;
        if (real) {
            flight.setup.airframe = *real;
        } else if (simulated) {
            with.propeller_ratio = own->propeller_ratio;
            with.power_share = own->power_share;
            flight.setup.airframe = detuned(*simulated, own->propeller_ratio, own->power_share);
        }
        if (own && (take_off.purpose == Purpose::Free || (take_off.purpose == Purpose::Drill && take_off.real_day)))
            flight.setup.conditions = own->day;
        if (own) flight.setup.conditions.seed = school.attempts(take_off.pilot_id).size() + 1; // no two gusts alike
        flight.setup.steps_per_row = 4; // 250 rows a second of what a hand does
    }
    with.aircraft = flight.setup.airframe.id;
    with.camera_tilt_deg = flight.camera_tilt_deg;
    with.fov_deg = flight.fov_deg;
    with.rates = flight.setup.rates;
    with.conditions = over_its_ground(flight.setup).conditions;
    return flight;
}

} // namespace bh
