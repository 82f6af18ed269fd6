#include "desk/setup/tilt_view.h"

#include "core/setup/training_setup.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace bh::desk {

TiltView::TiltView(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("tiltView"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(320, scaled(140));
    setCursor(Qt::SizeVerCursor);
    setAccessibleName(tr("Camera tilt, seen from the side"));
    setToolTip(tr("Drag the aircraft's nose, or use the arrow keys: the tilt follows. Speed and throttle are those of level "
                  "flight with the horizon centred, "
                  "from thrust, drag and weight of this aircraft (the flight's own equations)."));
}

void TiltView::show(double tilt_deg, double fov_deg, const Airframe& flown, const TiltEffect& effect)
{
    tilt_deg_ = tilt_deg;
    fov_deg_ = fov_deg;
    flown_ = flown;
    effect_ = effect;
    saysOtherwise();
    update();
}

QString TiltView::inWords() const
{
    return tr("%1°: flies level at %2 with %3 % throttle")
        .arg(inPlaces(tilt_deg_, 0))
        .arg(speedInWords(effect_.level.speed_mps))
        .arg(inPlaces(100 * effect_.level.throttle, 0));
}

std::optional<SpokenView::Value> TiltView::value() const
{
    using namespace setup_limits;
    return Value{tilt_deg_, tilt_low_deg, tilt_high_deg, 1};
}

void TiltView::setValue(double tilt_deg)
{
    ask(tilt_deg);
    Q_EMIT settled();
}

QPointF TiltView::middle() const { return {0.46 * width(), 0.5 * height()}; }

double TiltView::angleAt(QPointF place) const
{
    const QPointF off = place - middle();
    return degrees(std::atan2(off.y(), off.x()));
}

void TiltView::ask(double tilt_deg)
{
    using namespace setup_limits;
    const double wanted = std::clamp(std::round(tilt_deg), tilt_low_deg, tilt_high_deg);
    if (wanted == tilt_deg_) return;
    Q_EMIT dragged(wanted);
}

void TiltView::mousePressEvent(QMouseEvent* event)
{
    dragging_ = true;
    grabbed_deg_ = wrapped_deg(angleAt(event->position()) - tilt_deg_);
    setFocus();
}

void TiltView::mouseMoveEvent(QMouseEvent* event)
{
    if (dragging_) ask(wrapped_deg(angleAt(event->position()) - grabbed_deg_));
}

void TiltView::mouseReleaseEvent(QMouseEvent*)
{
    dragging_ = false;
    Q_EMIT settled();
}

void TiltView::keyPressEvent(QKeyEvent* event)
{
    const int key = event->key();
    const double step = key == Qt::Key_Up || key == Qt::Key_Right    ? 1
                        : key == Qt::Key_Down || key == Qt::Key_Left ? -1
                        : key == Qt::Key_PageUp                      ? 5
                        : key == Qt::Key_PageDown                    ? -5
                                                                     : 0;
    if (step == 0) return QWidget::keyPressEvent(event);
    ask(tilt_deg_ + step);
    Q_EMIT settled();
}

double TiltView::saidFoot() { return 8 + scaled(24 + 44); }

void TiltView::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), t.card);
    p.setPen(QPen(hasFocus() ? t.attention : t.line, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    const QPointF at = middle();
    const double unit = std::min(width() / 4.2, height() / 2.4); // half an aircraft

    // What the camera sees, from its lens forward: its middle is the horizon.
    const double lean = radians(tilt_deg_);
    const QPointF along(std::cos(lean), std::sin(lean)), up(std::sin(lean), -std::cos(lean));
    const QPointF lens = at + along * 0.78 * unit + up * 0.16 * unit;
    const double half = std::atan(std::tan(radians(fov_deg_ / 2)) * 10 / 16); // of a picture of 16 to 10
    QColor seen = t.sky;
    seen.setAlpha(t.night ? 150 : 110);
    const double far = width() - lens.x() + 20;
    p.save();
    p.setClipRect(rect().adjusted(1, 1, -1, -1));
    p.setPen(Qt::NoPen);
    p.setBrush(seen);
    p.drawPolygon(QPolygonF{lens, lens + QPointF(far, -far * std::tan(half)), lens + QPointF(far, far * std::tan(half))});
    p.setPen(QPen(t.ink, 1, Qt::DashLine));
    p.drawLine(lens, QPointF(width(), lens.y()));
    p.restore();
    p.setFont(uiFont(small_points));
    p.setPen(t.soft);
    p.drawText(QRectF(width() - scaled(160), lens.y() - scaled(17) - 1, scaled(160) - 6, scaled(16)), Qt::AlignRight,
               tr("horizon, picture's middle"));

    paintAircraft(p, at, unit);
    paintForces(p, at, unit);
    p.setPen(t.ink);
    p.setFont(uiFont(head_points, true));
    p.drawText(QRectF(12, 8, width() - 24, scaled(24)), Qt::AlignLeft, tr("%1° tilt").arg(inPlaces(tilt_deg_, 0)));
    p.setFont(uiFont(text_points));
    p.setPen(effect_.level.possible ? t.ink : t.notMet);
    p.drawText(QRectF(12, 8 + scaled(24), width() - 24, saidFoot() - 8 - scaled(24)), Qt::AlignLeft, // the arrows keep the foot
               effect_.level.possible ? tr("level at %1\n%2 % throttle")
                                            .arg(speedInWords(effect_.level.speed_mps))
                                            .arg(inPlaces(100 * effect_.level.throttle, 0))
                                      : tr("full throttle\ndoes not carry it"));
}

void TiltView::paintAircraft(QPainter& p, QPointF at, double unit) const
{
    const Theme& t = theme();
    // The aircraft: arm, body, two rotors in view, camera.
    p.save();
    p.translate(at);
    p.rotate(tilt_deg_);
    p.setPen(QPen(t.ink, 5, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(-0.85 * unit, 0), QPointF(0.85 * unit, 0));
    p.setPen(QPen(t.steel, 2));
    const double disc = std::clamp(flown_.propeller_m / flown_.wheelbase_m, 0.35, 0.85) * 0.85 * unit;
    for (const double hub : {-0.72 * unit, 0.72 * unit}) {
        p.drawLine(QPointF(hub, 0), QPointF(hub, -0.14 * unit));
        p.drawLine(QPointF(hub - disc / 2, -0.14 * unit), QPointF(hub + disc / 2, -0.14 * unit));
    }
    p.setPen(Qt::NoPen);
    p.setBrush(t.night ? t.chromeSoft : t.chrome);
    p.drawRoundedRect(QRectF(-0.42 * unit, -0.1 * unit, 0.84 * unit, 0.2 * unit), 4, 4);
    p.setBrush(t.attention);
    p.translate(0.62 * unit, -0.12 * unit);
    p.rotate(-tilt_deg_); // tipped up against the airframe: level
    p.drawRoundedRect(QRectF(-0.1 * unit, -0.09 * unit, 0.24 * unit, 0.18 * unit), 2, 2);
    p.restore();
}

void TiltView::paintForces(QPainter& p, QPointF at, double unit) const
{
    const Theme& t = theme();
    const double lean = radians(tilt_deg_);
    const QPointF up(std::sin(lean), -std::cos(lean));
    // Forces, to one scale: thrust, weight, drag.
    const double weight_n = flown_.mass_kg * gravity_mps2;
    const double px_per_n = 0.62 * unit / weight_n;
    const auto arrow = [&](QPointF from, QPointF way, double newton, const QColor& colour, const QString& words,
                           Qt::PenStyle style) {
        const double length = std::min(newton * px_per_n, 1.6 * unit);
        const QPointF tip = from + way * length, side(-way.y(), way.x());
        p.setPen(QPen(colour, 2, style));
        p.drawLine(from, tip);
        p.setPen(Qt::NoPen);
        p.setBrush(colour);
        p.drawPolygon(QPolygonF{tip + way * 9, tip + side * 5, tip - side * 5});
        p.setPen(colour);
        p.setFont(uiFont(small_points, true));
        const bool level = way.x() < -0.7; // words below a level arrow, beyond an upright one
        const double wide = scaled(120);
        QPointF middle =
            level ? tip + QPointF(-wide / 2 + 16, scaled(12)) : QPointF(tip.x() + way.x() * 16, tip.y() + way.y() * scaled(16));
        if (level) middle.ry() = std::max(middle.y(), saidFoot() + scaled(9)); // beneath what is said above
        p.drawText(QRectF(middle.x() - wide / 2, middle.y() - scaled(9), wide, scaled(18)),
                   (level ? Qt::AlignRight : Qt::AlignHCenter) | Qt::AlignVCenter, words);
    };
    arrow(at, up, effect_.level.thrust_n, t.held, tr("thrust"), Qt::SolidLine);
    arrow(at, QPointF(0, 1), weight_n, t.steel, tr("weight"), Qt::SolidLine);
    arrow(at - QPointF(0.3 * unit, 0), QPointF(-1, 0), weight_n * std::tan(lean), t.yaw, tilt_deg_ >= 8 ? tr("drag") : QString(),
          Qt::DashLine);
}

} // namespace bh::desk
