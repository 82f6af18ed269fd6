#include "desk/drills/flight_painter.h"

#include "desk/theme.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <array>
#include <cmath>

namespace bh::desk {
namespace {

QColor colourOf(Paint paint)
{
    const Theme& t = theme();
    switch (paint) {
    case Paint::Sky: return t.sky;
    case Paint::SaltLight: return t.saltLight;
    case Paint::SaltDark: return t.saltDark;
    case Paint::GridFine: return t.gridFine;
    case Paint::GridCoarse: return t.gridCoarse;
    case Paint::BankGrass: return t.bank;
    case Paint::BankGrassShade: return t.bankShade;
    case Paint::PoplarLight: return t.poplar;
    case Paint::PoplarDark: return t.poplarShade;
    case Paint::FlagPole: return t.pole;
    case Paint::FlagCloth: return t.cloth;
    case Paint::Shed: return t.shed;
    case Paint::ShedShade: return t.shedShade;
    case Paint::GateFrame: return t.frame;
    case Paint::GateFrameShade: return t.frameShade;
    case Paint::Mark: return t.mark;
    }
    return t.ink;
}

/// Text on a plate, so that it can be read over any ground.
void plate(QPainter& p, const QRectF& box, const QString& text, Qt::Alignment alignment, const QFont& font, const QColor& ink)
{
    p.setFont(font);
    p.setPen(Qt::NoPen);
    QColor ground = theme().card;
    ground.setAlpha(215);
    p.setBrush(ground);
    p.drawRoundedRect(box, 3, 3);
    p.setPen(ink);
    p.drawText(box.adjusted(8, 0, -8, 0), alignment | Qt::AlignVCenter, text);
}

QString modeName(Mode mode)
{
    QString name = QString::fromUtf8(mode_key(mode).data());
    name[0] = name[0].toUpper();
    return name;
}

} // namespace

void FlightPainter::setDrill(const Drill& drill, const World& world)
{
    drill_ = drill;
    scene_ = scene_of(world);
    add_ring(scene_, drill.start.north_m, drill.start.east_m, 1.0);
    add_ring(scene_, drill.start.north_m, drill.start.east_m, 2.0);
    // A run gets frames to fly through, one every 15 m, as high as its window.
    const double c = std::cos(radians(drill.start.heading_deg));
    const double s = std::sin(radians(drill.start.heading_deg));
    for (const Phase& phase : drill.phases)
        if (phase.goal.kind == Goal::Kind::Run)
            for (double along = 15; along <= phase.goal.distance_m; along += 15)
                add_guide(scene_, drill.start.north_m + along * c, drill.start.east_m + along * s, drill.start.heading_deg,
                          std::max(0.3, phase.height_m - phase.window_m), phase.height_m + phase.window_m, 4);
    left_trail_.clear();
    right_trail_.clear();
    trail_time_s_ = 0;
}

void FlightPainter::paint(QPainter& p, QSize size, const FlightSnapshot& now)
{
    paintWorld(p, size, now);
    p.setRenderHint(QPainter::Antialiasing);
    paintHeightTape(p, size, now);
    paintSticks(p, size, now);
    paintWords(p, size, now);
}

void FlightPainter::paintWorld(QPainter& p, QSize size, const FlightSnapshot& now)
{
    const Camera camera = onboard_camera(now.state, drill_.camera_tilt_deg, drill_.fov_deg, size.width(), size.height());
    p.setRenderHint(QPainter::Antialiasing, false);
    p.fillRect(QRect(QPoint(0, 0), size), theme().sky);
    p.setPen(Qt::NoPen);
    std::array<QPointF, Shape::most_points> points;
    const auto draw = [&](const Shape& shape) {
        for (std::size_t i = 0; i < shape.count; ++i) points[i] = {shape.points[i].x, shape.points[i].y};
        if (shape.count == 2) {
            const bool near = shape.distance_m < 25;
            p.setPen(QPen(colourOf(shape.paint), shape.paint == Paint::Mark ? 2 : shape.paint == Paint::FlagPole && near ? 3 : 1));
            p.drawLine(points[0], points[1]);
            p.setPen(Qt::NoPen);
        } else {
            p.setBrush(colourOf(shape.paint));
            p.drawConvexPolygon(points.data(), shape.count);
        }
    };
    if (const Shape ground = ground_polygon(camera); ground.count >= 3) draw(ground);
    project(scene_, camera, shapes_);
    for (const Shape& shape : shapes_) draw(shape);
}

void FlightPainter::paintHeightTape(QPainter& p, QSize size, const FlightSnapshot& now) const
{
    const Theme& t = theme();
    const Phase& phase = drill_.phases[std::min(now.phase, drill_.phases.size() - 1)];
    const double height = now.state.height_m();
    const QRectF plateBox(14, 62, 46, size.height() - 62 - 132);
    const QRectF tape = plateBox.adjusted(0, 10, 0, -10);
    if (tape.height() < 80) return;
    const double shown_m = std::max(16.0, 2 * (phase.height_m + phase.window_m)); // bottom is the ground or below the aircraft
    const double bottom_m = std::max(0.0, height - 0.8 * shown_m);
    const auto y = [&](double m) { return tape.bottom() - (m - bottom_m) / shown_m * tape.height(); };
    QColor ground = t.card;
    ground.setAlpha(200);
    p.setPen(Qt::NoPen);
    p.setBrush(ground);
    p.drawRoundedRect(plateBox, 3, 3);
    p.save();
    p.setClipRect(plateBox);
    if (phase.window_m > 0) {
        QColor window = t.held;
        window.setAlpha(110);
        const QRectF box(tape.left(), y(phase.height_m + phase.window_m), tape.width(),
                         y(phase.height_m - phase.window_m) - y(phase.height_m + phase.window_m));
        p.setBrush(window);
        p.drawRect(box);
        p.setPen(QPen(t.held, 2));
        p.drawLine(QPointF(tape.left(), y(phase.height_m)), QPointF(tape.right(), y(phase.height_m)));
    }
    p.setFont(uiFont(8));
    const int each = shown_m > 40 ? 10 : shown_m > 24 ? 4 : 2;
    for (int m = static_cast<int>(bottom_m) / each * each; m <= bottom_m + shown_m; m += each) {
        p.setPen(QPen(t.soft, 1));
        p.drawLine(QPointF(tape.left(), y(m)), QPointF(tape.left() + 7, y(m)));
        p.drawText(QRectF(tape.left() + 9, y(m) - 8, 30, 16), Qt::AlignLeft | Qt::AlignVCenter, QString::number(m));
    }
    p.restore();
    const double at = std::clamp(y(height), tape.top(), tape.bottom());
    p.setPen(Qt::NoPen);
    p.setBrush(t.attention);
    p.drawPolygon(QPolygonF{QPointF(tape.right() - 8, at), QPointF(tape.right() + 4, at - 7), QPointF(tape.right() + 4, at + 7)});
    plate(p, QRectF(tape.right() + 4, at - 12, 66, 24), QStringLiteral("%1 m").arg(height, 0, 'f', 1), Qt::AlignRight, uiFont(11, true), t.ink);
}

void FlightPainter::paintSticks(QPainter& p, QSize size, const FlightSnapshot& now)
{
    const Theme& t = theme();
    const QPointF left(on_stick(now.sticks, mode_.left_across), on_stick(now.sticks, mode_.left_up));
    const QPointF right(on_stick(now.sticks, mode_.right_across), on_stick(now.sticks, mode_.right_up));
    const auto names = [](Function up, Function across) { return QStringLiteral("%1, %2").arg(QLatin1String(function_key(up)), QLatin1String(function_key(across))); };
    if (now.time_s < trail_time_s_) left_trail_.clear(), right_trail_.clear();
    if (now.time_s != trail_time_s_) {
        left_trail_.push_back(left);
        right_trail_.push_back(right);
        if (left_trail_.size() > 45) left_trail_.pop_front(), right_trail_.pop_front();
    }
    trail_time_s_ = now.time_s;
    const auto stick = [&](QPointF middle, QPointF at, const std::deque<QPointF>& trail, const QString& name) {
        const double reach = 42;
        QColor ground = t.card;
        ground.setAlpha(200);
        p.setPen(QPen(t.steel, 1));
        p.setBrush(ground);
        p.drawEllipse(middle, reach + 8, reach + 8);
        p.setPen(QPen(t.line, 1));
        p.drawLine(middle - QPointF(reach, 0), middle + QPointF(reach, 0));
        p.drawLine(middle - QPointF(0, reach), middle + QPointF(0, reach));
        QPainterPath path;
        for (std::size_t i = 0; i < trail.size(); ++i) {
            const QPointF place = middle + QPointF(trail[i].x(), -trail[i].y()) * reach;
            i == 0 ? path.moveTo(place) : path.lineTo(place);
        }
        p.setPen(QPen(t.attention, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
        p.setPen(QPen(t.ink, 2));
        p.setBrush(t.card);
        p.drawEllipse(middle + QPointF(at.x(), -at.y()) * reach, 6, 6);
        p.setPen(t.ink);
        p.setFont(uiFont(8));
        plate(p, QRectF(middle.x() - 52, middle.y() + reach + 12, 104, 18), name, Qt::AlignHCenter, uiFont(8), t.soft);
    };
    const double y = size.height() - 78;
    stick({size.width() / 2.0 - 64, y}, left, left_trail_, names(mode_.left_up, mode_.left_across));
    stick({size.width() / 2.0 + 64, y}, right, right_trail_, names(mode_.right_up, mode_.right_across));
}

void FlightPainter::paintWords(QPainter& p, QSize size, const FlightSnapshot& now) const
{
    const Theme& t = theme();
    const Phase& phase = drill_.phases[std::min(now.phase, drill_.phases.size() - 1)];
    QString words = QString::fromStdString(phase.instruction);
    QColor ink = t.ink;
    if (now.status == DrillRunner::Status::Finished) words = QStringLiteral("Done. The result is on the left.");
    else if (now.status == DrillRunner::Status::Disqualified) words = QStringLiteral("Over. The result is on the left; F5 flies it again.");
    else if (now.panic) words = QStringLiteral("Panic switch: stopped and hovering. F7 gives the sticks back."), ink = t.notMet;
    else if (now.no_controller) words = QStringLiteral("The controller is unplugged: the flight is held. Plug it in, then F8 goes on."), ink = t.notMet;
    else if (now.paused) words = QStringLiteral("Paused. F8 goes on.");
    else if (now.waiting_for_throttle) words = QStringLiteral("Throttle to the bottom to start the motors.");
    const QFont font = uiFont(13, true);
    const double width = std::min<double>(size.width() - 24, QFontMetricsF(font).horizontalAdvance(words) + 40);
    const QRectF box((size.width() - width) / 2, 12, width, 36);
    plate(p, box, words, Qt::AlignHCenter, font, ink);
    if (!now.waiting_for_throttle && now.phase_progress > 0) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.attention);
        p.drawRect(QRectF(box.left(), box.bottom() - 4, box.width() * std::min(1.0, now.phase_progress), 4));
    }
    const double speed = now.state.velocity_mps.head<2>().norm();
    const QString facts = QStringLiteral("%1 · %2 · %3 m/s · %4 s").arg(modeName(now.mode), now.armed ? QStringLiteral("armed") : QStringLiteral("motors off"))
                              .arg(speed, 0, 'f', 1).arg(now.time_s, 0, 'f', 0);
    plate(p, QRectF(size.width() - 252, size.height() - 40, 240, 26), facts, Qt::AlignRight, uiFont(10), t.ink);
}

} // namespace bh::desk
