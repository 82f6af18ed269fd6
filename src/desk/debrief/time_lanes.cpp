#include "desk/debrief/time_lanes.h"

#include "core/path/smoothness.h"
#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/flight_words.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int names_px = 96;
constexpr double value_step_s = 0.1;
constexpr int bars_px = 54, phases_px = 14, axis_px = 18, bar_px = 11;

const std::vector<double>& rate_column(const FlightLog& log, StickAxis axis)
{
    return axis == StickAxis::Roll ? log.p_dps : axis == StickAxis::Pitch ? log.q_dps : log.r_dps;
}

std::vector<double> times(std::vector<double> values, double factor)
{
    for (double& value : values) value *= factor;
    return values;
}

} // namespace

TimeLanes::TimeLanes(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("timeLanes"));
    setAccessibleName(tr("Flight over time"));
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(280);
    connect(&themeNews(), &ThemeNews::changed, this, [this] {
        makeLanes();
        update();
    });
}

void TimeLanes::setFound(const Debrief* found, std::vector<Window> windows)
{
    found_ = found;
    windows_ = std::move(windows);
    still_.forget();
    update();
}

void TimeLanes::setFlight(const FlightLog* log)
{
    log_ = log;
    found_ = nullptr;
    over_ = nullptr;
    windows_.clear();
    makeLanes();
    from_s_ = log_ && log_->size() > 1 ? log_->t_s.front() : 0;
    to_s_ = log_ && log_->size() > 1 ? log_->t_s.back() : 1;
    cursor_s_ = from_s_;
    update();
}

void TimeLanes::setOver(const FlightLog* other)
{
    over_ = log_ && other && other->size() == log_->size() ? other : nullptr;
    makeLanes();
    update();
}

void TimeLanes::makeLanes()
{
    lanes_.clear();
    still_.forget();
    if (!log_ || log_->size() < 2) return;
    const Theme& t = theme();
    const auto add = [&](const QString& name, const QString& unit, const auto& values_of,
                         std::optional<std::pair<double, double>> range, const QColor& colour, Qt::PenStyle style) {
        Lane lane{name, unit, MinMax(values_of(*log_)), over_ ? MinMax(values_of(*over_)) : MinMax(), 0, 1, colour, style};
        auto [low, high] = range ? *range : lane.values.of(0, lane.values.size());
        if (!range && over_) {
            const auto [other_low, other_high] = lane.over.of(0, lane.over.size());
            low = std::min(low, other_low), high = std::max(high, other_high);
        }
        lane.low = low, lane.high = std::max(high, low + 1);
        lanes_.push_back(std::move(lane));
    };
    if (log_->has_position) {
        const auto speed_of = [](const FlightLog& log) {
            std::vector<double> speed(log.size());
            for (std::size_t i = 0; i < log.size(); ++i) speed[i] = std::hypot(log.vn_mps[i], log.ve_mps[i]);
            return times(std::move(speed), shownSpeed(1).value);
        };
        add(
            tr("height"), shownLength(1).unit, [](const FlightLog& log) { return times(log.height_m, shownLength(1).value); },
            std::nullopt, t.ink, Qt::SolidLine);
        add(tr("speed"), shownSpeed(1).unit, speed_of, std::nullopt, t.ink, Qt::SolidLine);
    }
    const std::pair<double, double> whole{-1, 1};
    const auto stick = [](StickAxis axis) { return [axis](const FlightLog& log) { return stick_column(log, axis); }; };
    add(tr("throttle"), QString(), stick(StickAxis::Throttle), std::pair{0.0, 1.0}, t.throttle, Qt::SolidLine);
    add(tr("yaw"), QString(), stick(StickAxis::Yaw), whole, t.yaw, Qt::DotLine);
    add(tr("pitch"), QString(), stick(StickAxis::Pitch), whole, t.pitch, Qt::DashLine);
    add(tr("roll"), QString(), stick(StickAxis::Roll), whole, t.roll, Qt::SolidLine);
    const auto turns = [&](StickAxis axis) {
        const auto& rates = rate_column(*log_, axis);
        return std::any_of(rates.begin(), rates.end(), [](double rate_dps) { return rate_dps != 0; });
    };
    if (!log_->has_position && !turns(StickAxis::Roll) && !turns(StickAxis::Pitch) && !turns(StickAxis::Yaw))
        return; // sticks alone
    add(
        tr("%1 rate").arg(asWords(stick_axis_key(rate_))), tr("°/s"),
        [this](const FlightLog& log) { return rate_column(log, rate_); }, std::nullopt, t.steel, Qt::SolidLine);
}

void TimeLanes::setRateAxis(StickAxis axis)
{
    rate_ = axis;
    makeLanes();
    update();
}

void TimeLanes::setCursor(double t_s)
{
    if (!log_ || log_->size() < 2) return;
    cursor_s_ = std::clamp(t_s, log_->t_s.front(), log_->t_s.back());
    const double shown = to_s_ - from_s_;
    if (cursor_s_ < from_s_ || cursor_s_ > to_s_) { // the view goes along, a page at a time
        from_s_ = std::clamp(cursor_s_ - 0.1 * shown, log_->t_s.front(), std::max(log_->t_s.front(), log_->t_s.back() - shown));
        to_s_ = from_s_ + shown;
        Q_EMIT zoomed();
    }
    saysOtherwise();
    update();
}

std::optional<SpokenView::Value> TimeLanes::value() const
{
    if (!log_ || log_->size() < 2) return Value{0, 0, 0, 0};
    return Value{cursor_s_, log_->t_s.front(), log_->t_s.back(), value_step_s};
}

void TimeLanes::setValue(double t_s)
{
    setCursor(t_s);
    Q_EMIT cursorMoved(cursor_s_);
}

QString TimeLanes::inWords() const
{
    if (!log_ || lanes_.empty()) return tr("No flight is shown.");
    QStringList words{tr("%1 s of %2 s").arg(inPlaces(cursor_s_, 2)).arg(inPlaces(log_->t_s.back(), 2))};
    for (const Lane& lane : lanes_) words << lane.name + QLatin1Char(' ') + valueInWords(lane);
    for (const Finding& f : found_ ? found_->findings : std::vector<Finding>{})
        if (f.start_s <= cursor_s_ && cursor_s_ <= f.end_s) words << findingInWords(f);
    return words.join(QStringLiteral(", "));
}

void TimeLanes::zoomTo(double from_s, double to_s)
{
    if (!log_ || log_->size() < 2) return;
    const double first = log_->t_s.front(), last = log_->t_s.back();
    const double shown = std::clamp(to_s - from_s, std::min(least_s, last - first), last - first);
    from_s_ = std::clamp((from_s + to_s) / 2 - shown / 2, first, last - shown);
    to_s_ = from_s_ + shown;
    update();
    Q_EMIT zoomed();
}

void TimeLanes::zoom(double factor, double about_s)
{
    zoomTo(about_s - (about_s - from_s_) * factor, about_s + (to_s_ - about_s) * factor);
}

QRectF TimeLanes::field() const { return QRectF(rect()).adjusted(scaled(names_px), scaled(bars_px), -8, -scaled(axis_px)); }
double TimeLanes::x(double t_s) const { return field().left() + (t_s - from_s_) / (to_s_ - from_s_) * field().width(); }
double TimeLanes::timeAt(double px) const { return from_s_ + (px - field().left()) / field().width() * (to_s_ - from_s_); }

std::size_t TimeLanes::rowAt(double t_s) const
{
    const auto after = std::lower_bound(log_->t_s.begin(), log_->t_s.end(), t_s);
    return std::min(static_cast<std::size_t>(after - log_->t_s.begin()), log_->size() - 1);
}

void TimeLanes::paintLine(QPainter& p, const Lane& lane, const MinMax& values, const QRectF& box) const
{
    const auto y = [&](double v) {
        return box.bottom() - (std::clamp(v, lane.low, lane.high) - lane.low) / (lane.high - lane.low) * box.height();
    };
    const int width = static_cast<int>(box.width());
    constexpr double many_rows = 3; // a pixel: then it is a band from the least to the most, and lines of it would be slow
    if (static_cast<double>(rowAt(to_s_) - rowAt(from_s_)) > many_rows * width) {
        QVector<QLineF> strokes;
        strokes.reserve(width);
        std::optional<std::pair<double, double>> before;
        for (int px = 0; px < width; ++px) {
            const std::size_t first = rowAt(timeAt(box.left() + px)),
                              last = std::max(first + 1, rowAt(timeAt(box.left() + px + 1)));
            const auto [low, high] = values.of(first, last);
            const double from = before ? std::min(low, before->second) : low, to = before ? std::max(high, before->first) : high;
            strokes << QLineF(box.left() + px, y(to), box.left() + px, y(from) + 1);
            before = {low, high};
        }
        p.setRenderHint(QPainter::Antialiasing, false);
        p.setPen(QPen(p.pen().color(), 1));
        p.drawLines(strokes);
        p.setRenderHint(QPainter::Antialiasing);
        return;
    }
    QPolygonF line;
    line.reserve(2 * width);
    for (int px = 0; px < width; ++px) {
        const std::size_t first = rowAt(timeAt(box.left() + px)), last = std::max(first + 1, rowAt(timeAt(box.left() + px + 1)));
        const auto [low, high] = values.of(first, last);
        line << QPointF(box.left() + px, y(high));
        if (high > low) line << QPointF(box.left() + px, y(low));
    }
    p.drawPolyline(line);
}

/// What the drill asked for when. A name is whole or left out: a short part's may stand into the next one's place, whose own then
/// begins later.
void TimeLanes::paintPhases(QPainter& p, const QRectF& box) const
{
    constexpr double gap_px = 3;
    const Theme& t = theme();
    p.setFont(uiFont(small_points));
    std::vector<PhaseDebrief> seen;
    for (const PhaseDebrief& phase : found_->phases)
        if (phase.end_s >= from_s_ && phase.start_s <= to_s_) seen.push_back(phase);
    const auto width = [&p](const PhaseDebrief& phase) {
        return p.fontMetrics().horizontalAdvance(phaseInWords(phase.id)) + 2.0;
    };
    double free_px = box.left();
    for (std::size_t i = 0; i < seen.size(); ++i) {
        const double left = std::max(box.left(), x(seen[i].start_s)), right = std::min(box.right(), x(seen[i].end_s));
        p.setPen(QPen(t.line, 1));
        p.drawLine(QPointF(left, box.top() - scaled(phases_px)), QPointF(left, box.bottom()));
        double until = right; // or as far into the next part as that one can spare
        if (i + 1 < seen.size())
            until = std::max(right, std::min(box.right(), x(seen[i + 1].end_s)) - width(seen[i + 1]) - 2 * gap_px);
        const QRectF place(std::max(left + gap_px, free_px), box.top() - scaled(phases_px), width(seen[i]), scaled(phases_px));
        if (place.right() > until || place.left() > right) continue;
        p.setPen(t.soft);
        p.drawText(place, Qt::AlignLeft | Qt::AlignVCenter, phaseInWords(seen[i].id));
        free_px = place.right() + gap_px;
    }
}

void TimeLanes::paintLane(QPainter& p, const Lane& lane, const QRectF& box) const
{
    const Theme& t = theme();
    const auto y = [&](double v) { return box.bottom() - (v - lane.low) / (lane.high - lane.low) * box.height(); };
    p.setPen(QPen(t.line, 1));
    p.drawLine(QPointF(box.left(), box.bottom()), QPointF(box.right(), box.bottom()));
    if (lane.low < 0 && lane.high > 0) p.drawLine(QPointF(box.left(), y(0)), QPointF(box.right(), y(0)));
    if (over_) {
        p.setPen(QPen(t.attention, 1.2, Qt::DashLine));
        paintLine(p, lane, lane.over, box);
    }
    p.setPen(QPen(lane.colour, lane.style == Qt::SolidLine ? 1.3 : 1.6, lane.style));
    paintLine(p, lane, lane.values, box);
}

QString TimeLanes::valueInWords(const Lane& lane) const
{
    const double shown = lane.values.at(rowAt(cursor_s_)), least = lane.unit.isEmpty() ? 0.005 : 0.05;
    const double now = std::abs(shown) < least ? 0 : shown; // no "-0"
    return lane.unit.isEmpty() ? tr("%1 %").arg(inPlaces(100 * now, 0))
                               : QStringLiteral("%1 %2").arg(inPlaces(now, 1)).arg(lane.unit);
}

void TimeLanes::paintValue(QPainter& p, const Lane& lane, const QRectF& box) const
{
    p.setFont(uiFont(small_points));
    p.setPen(theme().ink);
    const QRectF names(0, box.top(), scaled(names_px) - 8, box.height());
    const bool room_for_two = names.height() >= 2 * p.fontMetrics().height() - 4;
    const QString value = (room_for_two ? QLatin1Char('\n') : QLatin1Char(' ')) + valueInWords(lane);
    const double beside = room_for_two ? 0 : p.fontMetrics().horizontalAdvance(value); // which is not to be cut
    const QString name = p.fontMetrics().elidedText(lane.name, Qt::ElideRight, static_cast<int>(names.width() - beside));
    p.drawText(names, Qt::AlignRight | Qt::AlignVCenter, name + value);
}

/// Faults above, what is good below them, each with its letter.
void TimeLanes::paintBars(QPainter& p, const QRectF& box) const
{
    const Theme& t = theme();
    p.setFont(uiFont(small_points, true));
    for (const Finding& f : found_->findings) {
        if (f.end_s < from_s_ || f.start_s > to_s_) continue;
        const double left = std::max(box.left(), x(f.start_s)),
                     right = std::min(box.right(), std::max(x(f.end_s), left + scaled(bar_px)));
        const QRectF bar(left, f.fault ? 3 : 5 + scaled(bar_px) + 4, right - left, scaled(bar_px) + 2);
        p.setPen(QPen(f.fault ? t.notMet : t.steel, 1.2));
        p.setBrush(f.fault ? QBrush(t.notMet, Qt::BDiagPattern) : Qt::NoBrush);
        p.drawRect(bar);
        p.fillRect(QRectF(bar.left(), bar.top(), scaled(bar_px), bar.height()), t.card);
        p.drawRect(QRectF(bar.left(), bar.top(), scaled(bar_px), bar.height()));
        p.setPen(f.fault ? t.notMet : t.ink);
        p.drawText(QRectF(bar.left(), bar.top(), scaled(bar_px), bar.height()), Qt::AlignCenter, findingLetter(f.kind));
    }
}

QRectF TimeLanes::boxOf(std::size_t lane) const
{
    const QRectF all = field();
    const double each = all.height() / static_cast<double>(lanes_.size());
    return {all.left(), all.top() + static_cast<double>(lane) * each + 4, all.width(), each - 8};
}

/// All but the cursor and the values at it.
void TimeLanes::paintStill(QPainter& p) const
{
    const Theme& t = theme();
    p.fillRect(rect(), t.card);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF all = field();
    for (const Window& w : windows_) {
        if (!log_->has_position || w.to_s < from_s_ || w.from_s > to_s_) continue;
        const Lane& height = lanes_.front();
        const QRectF box = boxOf(0);
        const auto y = [&](double m) {
            return box.bottom() - (std::clamp(m * shownLength(1).value, height.low, height.high) - height.low) /
                                      (height.high - height.low) * box.height();
        };
        QColor window = t.held;
        window.setAlpha(60);
        p.fillRect(QRectF(QPointF(std::max(all.left(), x(w.from_s)), y(w.high_m)),
                          QPointF(std::min(all.right(), x(w.to_s)), y(w.low_m))),
                   window);
    }
    for (std::size_t i = 0; i < lanes_.size(); ++i) paintLane(p, lanes_[i], boxOf(i));
    if (found_) {
        paintBars(p, all);
        paintPhases(p, all);
    }
    p.setFont(uiFont(small_points));
    const double shown = to_s_ - from_s_;
    double step = 0.1;
    for (const double nicer : {0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 60.0, 120.0, 300.0})
        if (shown / step > 10) step = nicer;
    for (double at = std::ceil(from_s_ / step) * step; at <= to_s_; at += step) {
        p.setPen(QPen(t.line, 1, Qt::DotLine));
        p.drawLine(QPointF(x(at), all.top()), QPointF(x(at), all.bottom()));
        p.setPen(t.soft);
        const QString time = tr("%1 s").arg(inPlaces(at, step < 1 ? 1 : 0));
        const double width_px = p.fontMetrics().horizontalAdvance(time) + 2;
        const double left = std::min(x(at) - width_px / 2, width() - width_px); // the last one is whole too
        p.drawText(QRectF(left, all.bottom() + 2, width_px, scaled(axis_px) - 2), Qt::AlignCenter, time);
    }
}

void TimeLanes::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    const Theme& t = theme();
    if (!log_ || lanes_.empty()) {
        p.fillRect(rect(), t.card);
        p.setPen(t.soft);
        p.setFont(uiFont(text_points));
        p.drawText(rect().adjusted(16, 0, -16, 0), Qt::AlignCenter | Qt::TextWordWrap,
                   tr("Choose a flight: its height, speed and sticks stand here on one time axis."));
        return paintFocus(p);
    }
    still_.draw(p, *this, {from_s_, to_s_}, [this](QPainter& onto) { paintStill(onto); });
    p.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < lanes_.size(); ++i) paintValue(p, lanes_[i], boxOf(i));
    p.setPen(QPen(t.attention, 1.5));
    p.drawLine(QPointF(x(cursor_s_), 0), QPointF(x(cursor_s_), field().bottom()));
    paintFocus(p);
}

void TimeLanes::mousePressEvent(QMouseEvent* event)
{
    if (!log_) return;
    dragged_px_ = event->position().x();
    dragged_from_s_ = from_s_;
    if (event->button() != Qt::LeftButton) return;
    const double at = timeAt(event->position().x());
    const double finding_bars_px = scaled(bars_px - phases_px);
    if (event->position().y() < finding_bars_px && found_) {
        const double bar_s = scaled(bar_px) / field().width() * (to_s_ - from_s_);
        const bool fault = event->position().y() < finding_bars_px / 2;
        for (std::size_t i = 0; i < found_->findings.size(); ++i) {
            const Finding& f = found_->findings[i];
            if (f.fault == fault && at >= f.start_s && at <= std::max(f.end_s, f.start_s + bar_s))
                return Q_EMIT findingClicked(static_cast<int>(i));
        }
    }
    setCursor(std::clamp(at, from_s_, to_s_));
    Q_EMIT cursorMoved(cursor_s_);
}

void TimeLanes::mouseMoveEvent(QMouseEvent* event)
{
    if (!log_) return;
    if (event->buttons() & Qt::LeftButton) {
        setCursor(std::clamp(timeAt(event->position().x()), from_s_, to_s_));
        Q_EMIT cursorMoved(cursor_s_);
    } else if (event->buttons() & Qt::RightButton) { // takes hold of the axis
        const double shown = to_s_ - from_s_, moved = (dragged_px_ - event->position().x()) / field().width() * shown;
        zoomTo(dragged_from_s_ + moved, dragged_from_s_ + moved + shown);
    }
}

void TimeLanes::wheelEvent(QWheelEvent* event)
{
    if (!log_) return;
    constexpr double per_notch = 0.8;
    const double notches = event->angleDelta().y() / 120.0, shown = to_s_ - from_s_;
    if (event->modifiers() & Qt::ShiftModifier)
        zoomTo(from_s_ - 0.1 * notches * shown, to_s_ - 0.1 * notches * shown);
    else
        zoom(std::pow(per_notch, notches), timeAt(event->position().x()));
    event->accept();
}

void TimeLanes::keyPressEvent(QKeyEvent* event)
{
    const double shown = to_s_ - from_s_;
    switch (event->key()) {
    case Qt::Key_Plus: return zoom(0.5, cursor_s_);
    case Qt::Key_Minus: return zoom(2, cursor_s_);
    case Qt::Key_Home: return log_ ? zoomTo(log_->t_s.front(), log_->t_s.back()) : void();
    case Qt::Key_PageUp: return zoomTo(from_s_ - 0.8 * shown, to_s_ - 0.8 * shown);
    case Qt::Key_PageDown: return zoomTo(from_s_ + 0.8 * shown, to_s_ + 0.8 * shown);
    default: QWidget::keyPressEvent(event);
    }
}

} // namespace bh::desk
