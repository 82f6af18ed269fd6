#pragma once

#include "core/debrief/debrief.h"
#include "core/debrief/min_max.h"
#include "desk/parts/flight/still_picture.h"
#include "desk/parts/speech/spoken_view.h"

#include <memory>
#include <optional>
#include <vector>

namespace bh::desk {

/// One time axis for a whole flight: what was found as bars, and below them height, speed, the four sticks and a body rate. Wheel
/// and keys zoom and pan from the whole flight to half a second.
class TimeLanes : public SpokenView {
    Q_OBJECT
public:
    explicit TimeLanes(QWidget* parent = nullptr);
    struct Window {
        double from_s, to_s, low_m, high_m; ///< a drill's height window while a phase lasts
    };
    /// It must outlive being shown; null: nothing. Nothing is found in it yet.
    void setFlight(const FlightLog* log);
    void setFound(const Debrief* found, std::vector<Window> windows); ///< in the same flight; it must outlive being shown
    /// Another flight, row by row of this one, drawn dashed behind it; null: none. It must outlive being shown.
    void setOver(const FlightLog* other);
    void setRateAxis(StickAxis axis);
    void setCursor(double t_s);
    [[nodiscard]] double cursor() const { return cursor_s_; }
    void zoomTo(double from_s, double to_s);
    void zoom(double factor, double about_s);
    [[nodiscard]] double from() const { return from_s_; }
    [[nodiscard]] double to() const { return to_s_; }
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] std::optional<Value> value() const override; ///< the cursor, in seconds
    void setValue(double t_s) override;
    static constexpr double least_s = 0.5;

Q_SIGNALS:
    void cursorMoved(double t_s);
    void findingClicked(int index); ///< into the debrief's findings
    void zoomed();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    struct Lane {
        QString name, unit;
        MinMax values;
        MinMax over; ///< of another flight; empty: there is none
        double low = 0, high = 1;
        QColor colour;
        Qt::PenStyle style = Qt::SolidLine;
    };
    void makeLanes();
    void paintLine(QPainter& p, const Lane& lane, const MinMax& values, const QRectF& box) const;
    void paintPhases(QPainter& p, const QRectF& box) const;
    void paintLane(QPainter& p, const Lane& lane, const QRectF& box) const;
    void paintBars(QPainter& p, const QRectF& box) const;
    void paintValue(QPainter& p, const Lane& lane, const QRectF& box) const;
    [[nodiscard]] QString valueInWords(const Lane& lane) const; ///< at the cursor
    void paintStill(QPainter& p) const;
    [[nodiscard]] QRectF boxOf(std::size_t lane) const;
    [[nodiscard]] QRectF field() const; ///< where time runs
    [[nodiscard]] double x(double t_s) const;
    [[nodiscard]] double timeAt(double px) const;
    [[nodiscard]] std::size_t rowAt(double t_s) const;

    const FlightLog* log_ = nullptr;
    const Debrief* found_ = nullptr;
    const FlightLog* over_ = nullptr;
    std::vector<Window> windows_;
    std::vector<Lane> lanes_;
    StickAxis rate_ = StickAxis::Roll;
    double from_s_ = 0, to_s_ = 1, cursor_s_ = 0;
    double dragged_from_s_ = 0, dragged_px_ = 0;
    StillPicture<std::pair<double, double>> still_; ///< of what lies between two times
};

} // namespace bh::desk
