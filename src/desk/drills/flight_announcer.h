#pragma once

#include "desk/drills/flight_caller.h"

#include <QObject>

namespace bh {
class FlightUnderWay;
}

namespace bh::desk {

class Voice;

/// Says aloud what there is to hear of a flight, while it is flown.
class FlightAnnouncer : public QObject {
    Q_OBJECT
public:
    FlightAnnouncer(FlightUnderWay& flight, QObject* parent);
    [[nodiscard]] Voice& voice() { return *voice_; }

private:
    void look(const FlightSnapshot& now);
    FlightUnderWay& flight_;
    Voice* voice_;
    FlightCaller caller_;
};

} // namespace bh::desk
