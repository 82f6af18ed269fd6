#include "desk/drills/flight_announcer.h"

#include "desk/parts/speech/voice.h"
#include "station/flight_under_way.h"

namespace bh::desk {

FlightAnnouncer::FlightAnnouncer(FlightUnderWay& flight, QObject* parent)
    : QObject(parent), flight_(flight), voice_(new Voice(this))
{
    connect(&flight, &FlightUnderWay::begun, this, [this] { caller_.begin(); });
    connect(&flight, &FlightUnderWay::followed, this, &FlightAnnouncer::look);
}

void FlightAnnouncer::look(const FlightSnapshot& now)
{
    constexpr double low_hz = 330, high_hz = 660;
    if (const auto words = caller_.look(flight_.loop()->drill(), now)) voice_->say(*words);
    if (caller_.side() != FlightCaller::Side::Inside)
        voice_->sound(caller_.side() == FlightCaller::Side::Above ? high_hz : low_hz);
}

} // namespace bh::desk
