#include "desk/debrief/replay_view.h"

#include "core/drill/drill_runner.h"
#include "desk/parts/look/theme.h"
#include "desk/words/flight_words.h"
#include "desk/words/message_words.h"

#include <QPainter>
#include <algorithm>

namespace bh::desk {
namespace {

std::size_t row_before(const FlightLog& log, double t_s)
{
    const auto after = std::lower_bound(log.t_s.begin(), log.t_s.end(), t_s);
    return std::min(static_cast<std::size_t>(after - log.t_s.begin()), log.size() - 1);
}

/// Both sticks, large, with where they were in the last second.
void paint_sticks_alone(QPainter& p, const QRectF& area, const FlightLog& log, std::size_t now, const StickMode& mode)
{
    const Theme& t = theme();
    constexpr double trail_s = 1;
    const double side = std::min(area.height() - 36, area.width() / 2 - 30);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(uiFont(small_points));
    for (const bool left : {true, false}) {
        const Function across = left ? mode.left_across : mode.right_across, up = left ? mode.left_up : mode.right_up;
        const QRectF box(area.center().x() + (left ? -side - 10 : 10), area.center().y() - side / 2 - 8, side, side);
        const auto place = [&](std::size_t row) {
            const Sticks s = log.sample(row).sticks;
            return QPointF(box.center().x() + on_stick(s, across) * side / 2, box.center().y() - on_stick(s, up) * side / 2);
        };
        p.setPen(QPen(t.line, 1.2));
        p.setBrush(t.paper);
        p.drawRoundedRect(box, 6, 6);
        p.drawLine(QPointF(box.center().x(), box.top()), QPointF(box.center().x(), box.bottom()));
        p.drawLine(QPointF(box.left(), box.center().y()), QPointF(box.right(), box.center().y()));
        QPolygonF trail;
        for (std::size_t row = row_before(log, log.t_s[now] - trail_s); row <= now; ++row) trail << place(row);
        p.setPen(QPen(t.steel, 2));
        p.setBrush(Qt::NoBrush);
        p.drawPolyline(trail);
        p.setPen(QPen(t.ink, 1.5));
        p.setBrush(t.attention);
        p.drawEllipse(place(now), 7, 7);
        p.setPen(t.soft);
        p.drawText(QRectF(box.left(), box.bottom() + 3, side, 16), Qt::AlignCenter,
                   QStringLiteral("%1, %2").arg(asWords(function_key(up)), asWords(function_key(across))));
    }
}

} // namespace

ReplayView::ReplayView(QWidget* parent) : SpokenView(parent), mode_(stick_mode(2))
{
    setObjectName(QStringLiteral("replayView"));
    setAccessibleName(tr("The flight at the cursor"));
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumSize(280, 160);
    painter_.setPlain(true);
}

void ReplayView::setFlight(const FlightLog* log, const Drill& drill, const FlightSetup& setup, const StickMode& mode)
{
    log_ = log && log->size() > 1 ? log : nullptr;
    mode_ = mode;
    painter_.setDrill(drill, setup);
    painter_.setStickMode(mode);
    update();
}

void ReplayView::setTime(double t_s)
{
    time_s_ = t_s;
    saysOtherwise();
    update();
}

QString ReplayView::inWords() const
{
    if (!log_ || log_->size() == 0) return tr("No flight is shown.");
    const FlightSample now = log_->sample(row_before(*log_, time_s_));
    const QString sticks = sticksInWords(now.sticks);
    return log_->has_position ? placeInWords(now) + QStringLiteral("; ") + sticks : sticks;
}

void ReplayView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    if (!log_ || !log_->has_position) {
        p.fillRect(rect(), theme().card);
        p.setPen(theme().line);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
        if (log_) paint_sticks_alone(p, QRectF(rect()), *log_, row_before(*log_, time_s_), mode_);
        return;
    }
    const FlightSample s = log_->sample(row_before(*log_, time_s_));
    FlightSnapshot now;
    now.state.position_m = Vec3(s.north_m, s.east_m, -s.height_m);
    now.state.velocity_mps = Vec3(s.vn_mps, s.ve_mps, -s.climb_mps);
    now.state.attitude = s.attitude().normalized();
    now.sticks = s.sticks;
    now.time_s = s.t_s;
    now.armed = s.armed;
    now.mode = s.mode;
    now.waiting_for_throttle = false;
    now.status = DrillRunner::Status::Running;
    painter_.paint(p, size(), now);
}

} // namespace bh::desk
