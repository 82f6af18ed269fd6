#pragma once

#include "device/stick_input.h"

#include <QObject>
#include <QSet>
#include <QTimer>

namespace bh::desk {

/// Moves the simulated controller's sticks from the keyboard while one of the watched widgets has the focus: E and D
/// throttle, S and F yaw, I and K pitch, J and L roll; half deflection, with Shift full. Released sticks come back, the
/// throttle stays.
class KeyboardSticks : public QObject {
    Q_OBJECT
public:
    explicit KeyboardSticks(StickInput& input, QObject* parent = nullptr);
    void watch(QWidget* widget);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void tick();
    StickInput& input_;
    QSet<int> held_;
    bool full_ = false;
    QTimer timer_;
};

} // namespace bh::desk
