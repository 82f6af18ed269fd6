#include "desk/parts/flight/keyboard_sticks.h"

#include <QKeyEvent>
#include <QWidget>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int tick_ms = 10;
constexpr double tick_s = tick_ms / 1000.0;
constexpr double stick_per_s = 4;      // how fast a key moves a stick
constexpr double throttle_per_s = 0.4; // a height has to be found with it

bool isStickKey(int key)
{
    return key == Qt::Key_E || key == Qt::Key_D || key == Qt::Key_S || key == Qt::Key_F || key == Qt::Key_I || key == Qt::Key_K ||
           key == Qt::Key_J || key == Qt::Key_L;
}

} // namespace

KeyboardSticks::KeyboardSticks(StickInput& input, QObject* parent) : QObject(parent), input_(input)
{
    timer_.setInterval(tick_ms);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &KeyboardSticks::tick);
}

void KeyboardSticks::watch(QWidget* widget) { widget->installEventFilter(this); }

bool KeyboardSticks::eventFilter(QObject*, QEvent* event)
{
    if (event->type() == QEvent::FocusOut) {
        held_.clear();
        return false;
    }
    if (!input_.simulated() || (event->type() != QEvent::KeyPress && event->type() != QEvent::KeyRelease)) return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    full_ = key->modifiers().testFlag(Qt::ShiftModifier);
    if (!isStickKey(key->key()) || (key->modifiers() & ~(Qt::ShiftModifier | Qt::KeypadModifier))) return false;
    if (key->isAutoRepeat()) return true;
    if (event->type() == QEvent::KeyPress)
        held_.insert(key->key());
    else
        held_.remove(key->key());
    timer_.start();
    return true;
}

void KeyboardSticks::tick()
{
    SimulatedController& sticks = input_.simulated_controller();
    const auto asked = [this](int plus, int minus) { return (held_.contains(plus) ? 1 : 0) - (held_.contains(minus) ? 1 : 0); };
    bool moving = !held_.isEmpty();
    const auto follow = [&](Function function, int direction) {
        const double target = direction * (full_ ? 1.0 : 0.5);
        const double now = sticks.value(function);
        const double next = now + std::clamp(target - now, -stick_per_s * tick_s, stick_per_s * tick_s);
        sticks.set(function, next);
        moving = moving || std::abs(next) > 1e-9;
    };
    sticks.set(Function::Throttle,
               sticks.value(Function::Throttle) + asked(Qt::Key_E, Qt::Key_D) * throttle_per_s * (full_ ? 2 : 1) * tick_s);
    follow(Function::Yaw, asked(Qt::Key_F, Qt::Key_S));
    follow(Function::Pitch, asked(Qt::Key_I, Qt::Key_K));
    follow(Function::Roll, asked(Qt::Key_L, Qt::Key_J));
    if (!moving) timer_.stop();
}

} // namespace bh::desk
