#pragma once

#include "desk/parts/speech/spoken_view.h"

#include <QPointF>
#include <deque>

namespace bh::desk {

/// One stick on a clock face with the trail of where it has been. Shows what it is given; with the simulated controller
/// the mouse takes hold of it and `dragged` says where to.
class StickView : public SpokenView {
    Q_OBJECT
public:
    explicit StickView(QWidget* parent = nullptr);
    /// Names of the two directions, e.g. "Yaw" and "Throttle".
    void setFunctions(const QString& across, const QString& up);
    /// −1…1 each, right and up positive.
    void setPosition(QPointF position);
    void setHint(QPointF direction); ///< arrow towards where it is to be moved; (0, 0) for none
    void setDraggable(bool draggable);
    void clearTrail();
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] QSize sizeHint() const override { return {260, 290}; }
    [[nodiscard]] QSize minimumSizeHint() const override { return {150, 176}; }

Q_SIGNALS:
    void dragged(QPointF position);
    void released();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    [[nodiscard]] QRectF face() const;
    void dragTo(QPointF place);
    QString across_, up_;
    QPointF position_;
    QPointF hint_;
    std::deque<QPointF> trail_;
    bool draggable_ = false;
};

} // namespace bh::desk
