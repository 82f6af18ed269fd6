#pragma once

#include "core/curves/rate_curve.h"

#include <QWidget>
#include <optional>
#include <vector>

class QCPItemLine;
class QCPItemTracer;
class QCustomPlot;
class QLabel;
class QCPPainter;

namespace bh::desk {

/// One axis of a rate profile: the curves over the stick with how the stick is used behind them, what they differ by below, and
/// where the stick is now. One of the curves has handles at its end and at its centre: dragged, or moved by the arrow
/// keys (up and down the end, left and right the centre; with Shift in small steps).
class CurvePlot : public QWidget {
    Q_OBJECT
public:
    struct Curves {
        RateCurve real, practised;
        std::optional<RateCurve> match;
        bool match_is_real = false;   ///< the match is to become the real aircraft's; otherwise the simulator's
        bool edits_practised = false; ///< which one has the handles
        std::vector<double> use;      ///< of the stick, shares in even bins; empty: not flown yet
        bool handles = true;          ///< there is something to drag
    };
    CurvePlot(const QString& axis, QWidget* parent = nullptr);
    void setCurves(Curves curves);
    void setStick(double size); ///< 0…1
    /// Draws both plots side by side on paper of its own, as for a picture.
    void paintOn(QCPPainter& painter, const QRect& place) const;
    [[nodiscard]] QString reading() const;

Q_SIGNALS:
    void edited(const bh::RateCurve& curve); ///< the drag or the key press is over

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    enum class Handle { None, End, Centre };
    void draw();
    void drawDifference();
    [[nodiscard]] const RateCurve& held() const
    {
        return dragged_ ? *dragged_ : curves_.edits_practised ? curves_.practised : curves_.real;
    }
    [[nodiscard]] Handle handleAt(const QPoint& place) const;
    void dragTo(const QPoint& place);
    bool key(int key, bool small);

    QString axis_;
    Curves curves_;
    double stick_ = 0;
    std::optional<RateCurve> dragged_; ///< not told yet
    Handle drags_ = Handle::None;
    QCustomPlot *plot_, *difference_;
    QLabel* reading_;
    QCPItemLine *cursor_ = nullptr, *differenceCursor_ = nullptr;
};

} // namespace bh::desk
