#include "desk/debrief/plan_view.h"

#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/flight_words.h"
#include "desk/words/shown_units.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

namespace bh::desk {

PlanView::PlanView(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("planView"));
    setAccessibleName(tr("Flight from above, north is up"));
    setMinimumSize(220, 160);
}

void PlanView::setFound(const Debrief* found)
{
    found_ = found;
    still_.forget();
    update();
}

void PlanView::setFlight(const FlightLog* log, const World& world, const std::vector<Vec2>& flags_m)
{
    log_ = log && log->has_position && log->size() > 1 ? log : nullptr;
    sticks_alone_ = log && !log_;
    found_ = nullptr;
    over_ = nullptr;
    still_.forget();
    world_ = world;
    flags_m_ = flags_m;
    if (log_) {
        const auto [south, north] = std::minmax_element(log_->north_m.begin(), log_->north_m.end());
        const auto [west, east] = std::minmax_element(log_->east_m.begin(), log_->east_m.end());
        middle_north_m_ = (*south + *north) / 2, middle_east_m_ = (*west + *east) / 2;
        constexpr double around = 1.25, least_m = 20;
        across_m_ = std::max(least_m, around * std::max(*north - *south, *east - *west));
    }
    update();
}

void PlanView::setOver(const FlightLog* other)
{
    still_.forget();
    over_ = log_ && other && other->has_position && other->size() == log_->size() ? other : nullptr;
    update();
}

void PlanView::setTime(double cursor_s, double from_s, double to_s)
{
    cursor_s_ = cursor_s, from_s_ = from_s, to_s_ = to_s;
    saysOtherwise();
    update();
}

QPointF PlanView::at(double north_m, double east_m) const
{
    const double px_per_m = std::min(width(), height()) / across_m_;
    return {width() / 2.0 + (east_m - middle_east_m_) * px_per_m, height() / 2.0 - (north_m - middle_north_m_) * px_per_m};
}

QString PlanView::inWords() const
{
    if (!log_ || log_->size() == 0) return tr("No flight is shown.");
    const std::size_t row = rowAt(cursor_s_);
    return tr("%1 north of the start, %2 east of it; %3")
        .arg(lengthInWords(log_->north_m[row] - log_->north_m.front()), lengthInWords(log_->east_m[row] - log_->east_m.front()),
             placeInWords(log_->sample(row)));
}

std::size_t PlanView::rowAt(double t_s) const
{
    const auto after = std::lower_bound(log_->t_s.begin(), log_->t_s.end(), t_s);
    return std::min(static_cast<std::size_t>(after - log_->t_s.begin()), log_->size() - 1);
}

void PlanView::paintWorld(QPainter& p) const
{
    const Theme& t = theme();
    for (const Block& b : world_.blocks) {
        const bool roof = b.kind == Block::Kind::Roof;
        p.setPen(QPen(roof ? t.steel : t.line, 1, roof ? Qt::DashLine : Qt::SolidLine));
        QColor ground = b.kind == Block::Kind::Bank ? t.bank : t.shed;
        ground.setAlpha(roof ? 30 : 130);
        p.setBrush(ground);
        p.drawRect(QRectF(at(b.north_m, b.west_m), at(b.south_m, b.east_m)));
    }
    const double px_per_m = std::min(width(), height()) / across_m_;
    for (const Pillar& pillar : world_.pillars) {
        const QPointF place = at(pillar.north_m, pillar.east_m);
        p.setPen(Qt::NoPen);
        p.setBrush(pillar.kind == Pillar::Kind::Flag ? t.cloth : pillar.kind == Pillar::Kind::Poplar ? t.poplar : t.shedShade);
        const double radius = std::max(2.0, pillar.radius_m * px_per_m);
        pillar.kind == Pillar::Kind::Post ? p.drawRect(QRectF(place - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius)))
                                          : p.drawEllipse(place, radius, radius);
    }
    p.setBrush(t.cloth);
    for (const Vec2& flag : flags_m_) p.drawEllipse(at(flag.x(), flag.y()), 3, 3);
    p.setPen(QPen(t.frame, 2));
    for (const Gate& g : world_.gates) {
        const double n = -std::sin(radians(g.heading_deg)) * g.width_m / 2, e = std::cos(radians(g.heading_deg)) * g.width_m / 2;
        p.drawLine(at(g.north_m + n, g.east_m + e), at(g.north_m - n, g.east_m - e));
    }
}

/// The way is told by shapes: a triangle where it begins, rings where it touched, a cross where it crashed, letters of faults.
void PlanView::paintWay(QPainter& p) const
{
    const Theme& t = theme();
    const auto line = [&](const FlightLog& log, std::size_t first, std::size_t last) {
        const std::size_t every = std::max<std::size_t>(1, (last - first) / 2000);
        QPolygonF way;
        for (std::size_t i = first; i < last; i += every) way << at(log.north_m[i], log.east_m[i]);
        p.drawPolyline(way);
    };
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.steel, 1));
    line(*log_, 0, log_->size());
    if (over_) {
        p.setPen(QPen(t.attention, 1.4, Qt::DashLine));
        line(*over_, rowAt(from_s_), rowAt(to_s_) + 1);
    }
    p.setPen(QPen(t.ink, 2));
    line(*log_, rowAt(from_s_), rowAt(to_s_) + 1);
    const QPointF start = at(log_->north_m.front(), log_->east_m.front());
    p.setBrush(t.card);
    p.drawPolygon(QPolygonF{start + QPointF(0, -6), start + QPointF(5, 4), start + QPointF(-5, 4)});
    p.setBrush(Qt::NoBrush);
    for (const FlightLog::Event& e : log_->events) {
        if (e.row >= log_->size()) continue;
        const QPointF place = at(log_->north_m[e.row], log_->east_m[e.row]);
        if (e.event == FlightEvent::Touch) p.setPen(QPen(t.attention, 1.5)), p.drawEllipse(place, 5, 5);
        if (e.event != FlightEvent::Crash) continue;
        p.setPen(QPen(t.notMet, 2.5));
        p.drawLine(place - QPointF(6, 6), place + QPointF(6, 6));
        p.drawLine(place - QPointF(6, -6), place + QPointF(6, -6));
    }
    p.setFont(uiFont(small_points, true));
    for (const Finding& f : found_ ? found_->findings : std::vector<Finding>{}) {
        if (!f.fault || f.end_s < from_s_ || f.start_s > to_s_) continue;
        const std::size_t row = rowAt((f.start_s + f.end_s) / 2);
        const QRectF box(at(log_->north_m[row], log_->east_m[row]) + QPointF(6, -4 - scaled(14)), QSizeF(scaled(14), scaled(14)));
        p.setPen(QPen(t.notMet, 1));
        p.setBrush(t.card);
        p.drawRect(box);
        p.drawText(box, Qt::AlignCenter, findingLetter(f.kind));
    }
}

/// Where it is now, and the other one.
void PlanView::paintNow(QPainter& p) const
{
    const Theme& t = theme();
    const std::size_t now = rowAt(cursor_s_);
    if (over_) { // where the other one was at this place in its flight
        p.setPen(QPen(t.attention, 2, Qt::DotLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at(over_->north_m[now], over_->east_m[now]), 7, 7);
    }
    const double nose = radians(heading_deg({log_->qw[now], log_->qx[now], log_->qy[now], log_->qz[now]}));
    const QPointF here = at(log_->north_m[now], log_->east_m[now]), ahead(std::sin(nose), -std::cos(nose)),
                  right(std::cos(nose), std::sin(nose));
    p.setPen(QPen(t.ink, 1.5));
    p.setBrush(t.attention);
    p.drawPolygon(QPolygonF{here + 11 * ahead, here - 6 * ahead + 6 * right, here - 6 * ahead - 6 * right});
}

void PlanView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    const Theme& t = theme();
    p.fillRect(rect(), t.card);
    p.setPen(t.line);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    if (!log_) {
        p.setPen(t.soft);
        p.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                   sticks_alone_ ? tr("No positions in this flight: only the sticks are told of.") : tr("The way from above."));
        return;
    }
    still_.draw(p, *this, {from_s_, to_s_}, [this](QPainter& onto) { paintStill(onto); });
    p.setRenderHint(QPainter::Antialiasing);
    p.setClipRect(rect().adjusted(1, 1, -1, -1));
    paintNow(p);
}

/// All that stays while the cursor moves.
void PlanView::paintStill(QPainter& p) const
{
    const Theme& t = theme();
    p.fillRect(rect(), t.card);
    p.setPen(t.line);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    p.setRenderHint(QPainter::Antialiasing);
    p.setClipRect(rect().adjusted(1, 1, -1, -1));
    paintWorld(p);
    paintWay(p);
    p.setPen(t.soft);
    p.setFont(uiFont(small_points));
    p.drawText(rect().adjusted(6, 4, -6, -4), Qt::AlignTop | Qt::AlignLeft, tr("N ↑"));
    double bar_m = 5; // a scale of a round length, about a fifth of the picture
    for (const double nicer : {10.0, 20.0, 50.0, 100.0})
        if (nicer < 0.3 * across_m_) bar_m = nicer;
    const double bar_px = bar_m * std::min(width(), height()) / across_m_;
    const QPointF foot(8, height() - 8);
    p.setPen(QPen(t.ink, 2));
    p.drawLine(foot, foot + QPointF(bar_px, 0));
    p.drawText(QRectF(foot.x(), foot.y() - 4 - scaled(14), scaled(80), scaled(14)), Qt::AlignLeft, tr("%1 m").arg(bar_m));
}

} // namespace bh::desk
