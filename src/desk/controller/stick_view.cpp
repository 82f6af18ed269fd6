#include "desk/controller/stick_view.h"

#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bh::desk {

StickView::StickView(QWidget* parent) : SpokenView(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setSizePolicy(policy);
}

void StickView::setFunctions(const QString& across, const QString& up)
{
    across_ = across;
    up_ = up;
    setAccessibleName(tr("Stick: %1 and %2").arg(up, across));
    update();
}

void StickView::setPosition(QPointF position)
{
    if (position == position_ && !trail_.empty()) return;
    position_ = position;
    trail_.push_back(position);
    while (trail_.size() > (preferences().lessMotion() ? 1U : 400U)) trail_.pop_front();
    saysOtherwise();
    update();
}

QString StickView::inWords() const
{
    const auto message = [](double position, const QString& one, const QString& other) {
        const double percent = std::round(100 * std::abs(position));
        return percent == 0 ? tr("centred") : tr("%1 % %2").arg(inPlaces(percent, 0)).arg(position > 0 ? one : other);
    };
    return tr("%1 %2, %3 %4")
        .arg(up_, message(position_.y(), tr("up"), tr("down")), across_, message(position_.x(), tr("right"), tr("left")));
}

void StickView::setHint(QPointF direction)
{
    if (hint_ == direction) return;
    hint_ = direction;
    update();
}

void StickView::setDraggable(bool draggable)
{
    draggable_ = draggable;
    setCursor(draggable ? Qt::OpenHandCursor : Qt::ArrowCursor);
}

void StickView::clearTrail()
{
    trail_.clear();
    update();
}

QRectF StickView::face() const
{
    const double size = std::min(width() - 16.0, height() - 8.0 - scaled(36));
    return {(width() - size) / 2, scaled(22) + 4.0, size, size};
}

void StickView::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF box = face();
    const QPointF middle = box.center();
    const double radius = box.width() / 2;
    const double reach = radius * 0.74;

    p.setPen(t.ink);
    p.setFont(uiFont(text_points, true));
    p.drawText(QRectF(0, 2, width(), scaled(22)), Qt::AlignHCenter | Qt::AlignVCenter,
               QStringLiteral("%1 ↕   %2 ↔").arg(up_, across_));
    p.setPen(QPen(t.line, 1));
    p.setBrush(t.card);
    p.drawEllipse(box);
    p.setPen(QPen(t.line, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(middle, reach, reach);
    p.drawLine(middle - QPointF(reach, 0), middle + QPointF(reach, 0));
    p.drawLine(middle - QPointF(0, reach), middle + QPointF(0, reach));
    p.setFont(uiFont(small_points));
    for (int hour = 1; hour <= 12; ++hour) {
        const double angle = hour * std::numbers::pi / 6;
        const QPointF along(std::sin(angle), -std::cos(angle));
        p.setPen(QPen(t.soft, hour % 3 == 0 ? 2 : 1));
        p.drawLine(middle + along * (radius - 5), middle + along * (radius - 1));
        if (hour % 3 != 0) continue;
        const QPointF at = middle + along * (radius - scaled(15));
        p.drawText(QRectF(at.x() - scaled(12), at.y() - scaled(9), scaled(24), scaled(18)), Qt::AlignCenter,
                   QString::number(hour));
    }
    if (!hint_.isNull()) {
        const QPointF tip = middle + QPointF(hint_.x(), -hint_.y()) * reach;
        const QPointF side(hint_.y(), hint_.x());
        p.setPen(QPen(t.attention, 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(middle + (tip - middle) * 0.25, tip);
        p.drawLine(tip, tip - (tip - middle) * 0.16 + side * 8);
        p.drawLine(tip, tip - (tip - middle) * 0.16 - side * 8);
    }
    if (trail_.size() > 1) {
        QPainterPath path;
        for (std::size_t i = 0; i < trail_.size(); ++i) {
            const QPointF at = middle + QPointF(trail_[i].x(), -trail_[i].y()) * reach;
            i == 0 ? path.moveTo(at) : path.lineTo(at);
        }
        p.setPen(QPen(t.chromeSoft, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
    }
    const QPointF knob = middle + QPointF(position_.x(), -position_.y()) * reach;
    p.setPen(QPen(t.night ? t.onChrome : t.chrome, 3));
    p.setBrush(t.card);
    p.drawEllipse(knob, 11, 11);
    p.setBrush(t.night ? t.onChrome : t.chrome);
    p.drawEllipse(knob, 2.5, 2.5);
    p.setPen(t.soft);
    p.setFont(uiFont(small_points));
    const auto percent = [](double share) {
        return QString::number(std::lround(100 * share)).replace(QLatin1Char('-'), QChar(0x2212));
    };
    p.drawText(QRectF(0, box.bottom() + 1, width(), scaled(18)), Qt::AlignCenter,
               QStringLiteral("↕ %1 %    ↔ %2 %").arg(percent(position_.y()), percent(position_.x())));
    if (hasFocus()) {
        p.setPen(QPen(t.attention, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void StickView::dragTo(QPointF place)
{
    const QRectF box = face();
    const double reach = box.width() / 2 * 0.74;
    const QPointF off = (place - box.center()) / reach;
    Q_EMIT dragged({std::clamp(off.x(), -1.0, 1.0), std::clamp(-off.y(), -1.0, 1.0)});
}

void StickView::mousePressEvent(QMouseEvent* event)
{
    if (draggable_ && event->button() == Qt::LeftButton) dragTo(event->position());
}
void StickView::mouseMoveEvent(QMouseEvent* event)
{
    if (draggable_ && (event->buttons() & Qt::LeftButton)) dragTo(event->position());
}
void StickView::mouseReleaseEvent(QMouseEvent* event)
{
    if (draggable_ && event->button() == Qt::LeftButton) Q_EMIT released();
}

} // namespace bh::desk
