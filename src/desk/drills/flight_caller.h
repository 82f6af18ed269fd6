#pragma once

#include "core/drill/drill.h"
#include "device/flight_loop.h"

#include <QString>
#include <optional>

namespace bh::desk {

/// What is to be heard of a flight: its phases and marks as words, and on which side its height window is left. Looked at as
/// often as one likes; says each thing once.
class FlightCaller {
public:
    enum class Side { Inside, Below, Above };
    /// What is new to say; nothing while all goes on as it was.
    [[nodiscard]] std::optional<QString> look(const Drill& drill, const FlightSnapshot& now);
    /// Where it is against the phase's height window, once it has been inside.
    [[nodiscard]] Side side() const { return side_; }
    void begin() { *this = FlightCaller(); }

private:
    QString said_;
    std::size_t phase_ = 0;
    bool was_inside_ = false;
    Side side_ = Side::Inside;
};

} // namespace bh::desk
