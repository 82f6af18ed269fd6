#include "desk/rates/curve_plot.h"

#include "core/curves/curve_handles.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/look/plot_look.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>
#include <functional>
#include <qcustomplot.h>

namespace bh::desk {
namespace {

constexpr double centre_handle_stick = 0.3; // where the line of the centre's slope is taken hold of
constexpr int near_px = 14;

const QVector<double>& sticks()
{
    static const QVector<double> x = [] {
        QVector<double> all;
        for (int i = 0; i <= 100; ++i) all << i / 100.0;
        return all;
    }();
    return x;
}

QCPGraph* addCurve(QCustomPlot& plot, const std::function<double(double)>& y_of, const QPen& pen)
{
    QVector<double> y;
    for (const double x : sticks()) y << y_of(x);
    QCPGraph* graph = plot.addGraph();
    graph->setData(sticks(), y, true);
    graph->setPen(pen);
    return graph;
}

void addHandle(QCustomPlot& plot, double x, double y, const QColor& colour)
{
    auto* handle = new QCPItemTracer(&plot);
    handle->setStyle(QCPItemTracer::tsSquare);
    handle->setSize(9);
    handle->setPen(QPen(colour, 1.5));
    handle->setBrush(theme().paper);
    handle->setClipToAxisRect(false);
    handle->position->setCoords(x, y);
}

} // namespace

CurvePlot::CurvePlot(const QString& axis, QWidget* parent)
    : QWidget(parent), axis_(axis), plot_(new QCustomPlot), difference_(new QCustomPlot), reading_(new QLabel)
{
    plot_->setObjectName(QStringLiteral("ratePlot") + axis);
    reading_->setObjectName(QStringLiteral("rateReading") + axis);
    plot_->setAccessibleName(tr("%1 rate over the stick").arg(axis));
    plot_->setMinimumHeight(130);
    plot_->setFocusPolicy(Qt::StrongFocus);
    plot_->installEventFilter(this);
    explain(plot_, tr("Deg/s over the stick. Solid: the real aircraft. Dashed: what the pilot practises on. Amber: the match. "
                      "Bars: where the pilot's stick spends its time. The upright line follows the live stick. "
                      "The squares are dragged, or moved with the arrow keys: up and down the end, left and right the centre, "
                      "with Shift in small steps."));
    difference_->setAccessibleName(tr("What the %1 curves differ by").arg(axis));
    difference_->setFixedHeight(scaled(90));
    difference_->setFocusPolicy(Qt::TabFocus);
    explain(difference_, tr("°/s that the other side is off the one that stays: dashed as it is, amber when matched."));
    reading_->setFont(uiFont(small_points));
    reading_->setWordWrap(true);
    reading_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    reading_->setMinimumHeight(2 * QFontMetrics(reading_->font()).lineSpacing()); // it does not push while the stick moves
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(plot_, 1);
    column->addWidget(difference_);
    column->addWidget(reading_);
}

void CurvePlot::setCurves(Curves curves)
{
    curves_ = std::move(curves);
    dragged_.reset();
    drags_ = Handle::None;
    draw();
}

void CurvePlot::draw()
{
    const Theme& t = theme();
    plot_->clearItems();
    startPlot(*plot_);
    const RateCurve& real = curves_.edits_practised ? curves_.real : held();
    const RateCurve& practised = curves_.edits_practised ? held() : curves_.practised;
    const double top =
        1.08 * std::max({rate_dps(real, 1), rate_dps(practised, 1), curves_.match ? rate_dps(*curves_.match, 1) : 0.0, 100.0});
    if (!curves_.use.empty()) {
        auto* bars = new QCPBars(plot_->xAxis, plot_->yAxis);
        const double most = *std::max_element(curves_.use.begin(), curves_.use.end()),
                     bins = static_cast<double>(curves_.use.size());
        QVector<double> at, size;
        for (std::size_t i = 0; i < curves_.use.size(); ++i)
            at << (static_cast<double>(i) + 0.5) / bins, size << 0.3 * top * curves_.use[i] / std::max(most, 1e-12);
        bars->setWidth(0.9 / bins);
        bars->setData(at, size, true);
        QColor light = t.steel;
        light.setAlpha(70);
        bars->setBrush(light);
        bars->setPen(Qt::NoPen);
    }
    addCurve(
        *plot_, [&](double x) { return rate_dps(practised, x); }, QPen(t.steel, 2, Qt::DashLine));
    addCurve(
        *plot_, [&](double x) { return rate_dps(real, x); }, QPen(t.ink, 2));
    if (curves_.match)
        addCurve(
            *plot_, [&](double x) { return rate_dps(*curves_.match, x); }, QPen(t.attention, 2));
    plot_->xAxis->setRange(0, 1);
    plot_->yAxis->setRange(0, top);
    plot_->xAxis->setTickLabels(false);
    plot_->yAxis->setLabel(QStringLiteral("°/s"));
    const double slope = centre_slope_dps(held());
    auto* along = new QCPItemLine(plot_);
    along->setPen(QPen(curves_.edits_practised ? t.steel : t.ink, 1, Qt::DotLine));
    along->start->setCoords(0, 0);
    along->end->setCoords(centre_handle_stick, slope * centre_handle_stick);
    if (curves_.handles) {
        addHandle(*plot_, centre_handle_stick, slope * centre_handle_stick, curves_.edits_practised ? t.steel : t.ink);
        addHandle(*plot_, 1, rate_dps(held(), 1), curves_.edits_practised ? t.steel : t.ink);
    }
    cursor_ = new QCPItemLine(plot_);
    cursor_->setPen(QPen(t.notMet, 1));
    drawDifference();
    setStick(stick_);
}

void CurvePlot::drawDifference()
{
    const Theme& t = theme();
    difference_->clearItems();
    startPlot(*difference_);
    const RateCurve& real = curves_.edits_practised ? curves_.real : held();
    const RateCurve& practised = curves_.edits_practised ? held() : curves_.practised;
    const RateCurve& stays = curves_.match_is_real ? practised : real;
    const RateCurve& changes = curves_.match_is_real ? real : practised;
    double most = 5;
    const auto off = [&](const RateCurve& c) {
        return [&](double x) {
            const double d = rate_dps(c, x) - rate_dps(stays, x);
            most = std::max(most, std::abs(d));
            return d;
        };
    };
    addCurve(*difference_, off(changes), QPen(t.steel, 1.5, Qt::DashLine));
    if (curves_.match) addCurve(*difference_, off(*curves_.match), QPen(t.attention, 2));
    difference_->xAxis->setRange(0, 1);
    difference_->yAxis->setRange(-1.15 * most, 1.15 * most);
    difference_->yAxis->ticker()->setTickStepStrategy(QCPAxisTicker::tssMeetTickCount);
    difference_->yAxis->ticker()->setTickCount(2);
    difference_->xAxis->setLabel(tr("%1 stick").arg(axis_));
    difference_->yAxis->setLabel(tr("off, °/s"));
    differenceCursor_ = new QCPItemLine(difference_);
    differenceCursor_->setPen(QPen(t.notMet, 1));
    // Both plots begin at the same place, so that one stands under the other.
    for (QCustomPlot* p : {plot_, difference_}) {
        p->axisRect()->setAutoMargins(QCP::msTop | QCP::msBottom | QCP::msRight);
        p->axisRect()->setMargins(QMargins(58, 6, 10, 4));
    }
}

QString CurvePlot::reading() const
{
    const auto rate = [&](const RateCurve& c) { return inPlaces(rate_dps(c, stick_), 0); };
    return tr("at %1 %: real %2, own %3, match %4\u00a0°/s")
        .arg(inPlaces(100 * stick_, 0))
        .arg(rate(curves_.real), rate(curves_.practised), curves_.match ? rate(*curves_.match) : QStringLiteral("–"));
}

void CurvePlot::setStick(double size)
{
    stick_ = size;
    if (!cursor_) return;
    for (auto [line, low] : {std::pair{cursor_, 0.0}, {differenceCursor_, -1e5}}) {
        line->start->setCoords(size, low);
        line->end->setCoords(size, 1e5);
    }
    reading_->setText(reading());
    plot_->replot(QCustomPlot::rpQueuedReplot);
    difference_->replot(QCustomPlot::rpQueuedReplot);
}

void CurvePlot::paintOn(QCPPainter& painter, const QRect& place) const
{
    const int below = place.height() / 4;
    painter.save();
    painter.translate(place.topLeft());
    plot_->toPainter(&painter, place.width(), place.height() - below);
    painter.translate(0, place.height() - below);
    difference_->toPainter(&painter, place.width(), below);
    painter.restore();
}

CurvePlot::Handle CurvePlot::handleAt(const QPoint& place) const
{
    const auto near = [&](double x, double y) {
        const QPoint at(static_cast<int>(plot_->xAxis->coordToPixel(x)), static_cast<int>(plot_->yAxis->coordToPixel(y)));
        return (at - place).manhattanLength() < near_px;
    };
    if (near(1, rate_dps(held(), 1))) return Handle::End;
    if (near(centre_handle_stick, centre_slope_dps(held()) * centre_handle_stick)) return Handle::Centre;
    return Handle::None;
}

void CurvePlot::dragTo(const QPoint& place)
{
    const double rate = std::round(plot_->yAxis->pixelToCoord(place.y()));
    dragged_ = drags_ == Handle::End ? with_end(held(), rate) : with_centre(held(), std::round(rate / centre_handle_stick));
    const QCPRange range = plot_->yAxis->range(); // the paper stays where it is under the hand
    draw();
    plot_->yAxis->setRange(range.lower, std::max(range.upper, 1.08 * rate_dps(held(), 1)));
}

bool CurvePlot::key(int key, bool small)
{
    const double step = small ? 1 : 10;
    const double end = rate_dps(held(), 1), centre = centre_slope_dps(held());
    switch (key) {
    case Qt::Key_Up: Q_EMIT edited(with_end(held(), end + step)); return true;
    case Qt::Key_Down: Q_EMIT edited(with_end(held(), end - step)); return true;
    case Qt::Key_Right: Q_EMIT edited(with_centre(held(), centre + step)); return true;
    case Qt::Key_Left: Q_EMIT edited(with_centre(held(), centre - step)); return true;
    default: return false;
    }
}

bool CurvePlot::eventFilter(QObject* object, QEvent* event)
{
    if (object != plot_) return QWidget::eventFilter(object, event);
    if (event->type() == QEvent::KeyPress) {
        const auto* pressed = static_cast<QKeyEvent*>(event);
        if (key(pressed->key(), pressed->modifiers() & Qt::ShiftModifier)) return true;
    } else if (event->type() == QEvent::MouseButtonPress) {
        drags_ = handleAt(static_cast<QMouseEvent*>(event)->pos());
        if (drags_ != Handle::None) return true;
    } else if (event->type() == QEvent::MouseMove) {
        const QPoint at = static_cast<QMouseEvent*>(event)->pos();
        if (drags_ != Handle::None) return dragTo(at), true;
        plot_->setCursor(handleAt(at) == Handle::None ? Qt::ArrowCursor : Qt::SizeVerCursor);
    } else if (event->type() == QEvent::MouseButtonRelease && drags_ != Handle::None) {
        drags_ = Handle::None;
        if (dragged_) Q_EMIT edited(RateCurve(*dragged_));
        return true;
    }
    return QWidget::eventFilter(object, event);
}

} // namespace bh::desk
