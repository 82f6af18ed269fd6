#pragma once

#include "desk/parts/flight/flight_painter.h"
#include "desk/parts/speech/spoken_view.h"
#include "school/views/room.h"

#include <QElapsedTimer>
#include <QTimer>
#include <optional>

namespace bh {
class School;
}

namespace bh::desk {

/// A flight at another station, as it is told. Between what was told last and before it the aircraft is moved evenly, so that
/// what is seen is one telling behind.
class WatchView : public SpokenView {
    Q_OBJECT
public:
    explicit WatchView(const School& school, QWidget* parent = nullptr);
    void take(const StationNow& now); ///< what was told
    void clear();
    void nextEye();
    [[nodiscard]] QString inWords() const override;
    /// Where the aircraft is seen now; nothing while none flies.
    [[nodiscard]] std::optional<FlightSample> seen() const;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    [[nodiscard]] bool setUp(const StationNow& now);
    const School& school_;
    FlightPainter painter_;
    std::string set_up_for_;
    std::optional<StationNow> last_, before_;
    QElapsedTimer since_last_;
    double between_ms_ = 0;
    QTimer timer_;
};

} // namespace bh::desk
