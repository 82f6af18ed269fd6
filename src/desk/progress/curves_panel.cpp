#include "desk/progress/curves_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/unit_words.h"
#include "school/views/pilot_progress.h"
#include "station/station.h"

#include <QApplication>
#include <QBoxLayout>
#include <QDate>
#include <QKeyEvent>
#include <QLabel>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPointer>
#include <QScrollArea>
#include <QThreadPool>
#include <QTimer>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int least_cell_px = 232, cell_height_px = 172, gap_px = 10;

QColor curveInk() { return theme().night ? QColor("#7FA9D6") : theme().chrome; }

/// What a cell plots.
struct Plotted {
    const Trials* trials = nullptr;
    const PracticeCurve* curve = nullptr;
    const PracticeForecast* forecast = nullptr;
    double limit = 0, low = 0, high = 100;
};

Plotted plotted(const DrillOutlook& o, bool leading)
{
    Plotted p;
    if (!leading) {
        p.trials = &o.marks, p.curve = o.curve ? &*o.curve : nullptr, p.forecast = o.pass ? &*o.pass : nullptr;
        p.limit = marks_to_pass;
        return p;
    }
    if (!o.leading) return p;
    p.trials = &o.leading->trials, p.curve = o.leading_curve ? &*o.leading_curve : nullptr;
    p.forecast = o.leading_pass ? &*o.leading_pass : nullptr;
    p.limit = o.leading->limit;
    const auto [least, most] = std::minmax_element(p.trials->value.begin(), p.trials->value.end());
    p.low = std::min({0.0, *least, p.limit});
    p.high = std::max({*most, p.limit * 1.2, p.low + 1e-6});
    return p;
}

QString lawInWords(const PracticeCurve& curve)
{
    return curve.preferred == PracticeLaw::Power         ? QObject::tr("a power law fits better")
           : curve.preferred == PracticeLaw::Exponential ? QObject::tr("an exponential fits better")
                                                         : QObject::tr("a power law and an exponential fit alike");
}

QString trialWords(const PracticeForecast& f)
{
    const auto number = [](const std::optional<double>& t) { return t ? inPlaces(*t, 0) : QObject::tr("never"); };
    if (f.trial) return QObject::tr("at attempt %1 (80 %: %2 to %3)").arg(number(f.trial), number(f.low), number(f.high));
    // A plateau, or a curve that ends short of it: others that go with the attempts as well may get there.
    return f.low ? QObject::tr("at no attempt that could be named (80 %: %1 to %2)").arg(number(f.low), number(f.high))
                 : QObject::tr("never, at this rate");
}

} // namespace

CurveGrid::CurveGrid(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("curveGrid"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Practice curves, one for each drill"));
}

void CurveGrid::show(std::vector<DrillOutlook> outlooks, std::int64_t today)
{
    outlooks_ = std::move(outlooks);
    today_ = today;
    const auto to_look_at =
        std::find_if(outlooks_.begin(), outlooks_.end(), [](const DrillOutlook& o) { return o.state != DrillState::Held; });
    chosen_ = to_look_at == outlooks_.end() ? 0 : static_cast<int>(to_look_at - outlooks_.begin());
    updateGeometry();
    setMinimumHeight(sizeHint().height());
    update();
    Q_EMIT chosenChanged();
}

void CurveGrid::setLeading(bool leading)
{
    leading_ = leading;
    update();
    Q_EMIT chosenChanged();
}

const DrillOutlook* CurveGrid::chosen() const
{
    return outlooks_.empty() ? nullptr : &outlooks_[static_cast<std::size_t>(chosen_)];
}

QString CurveGrid::inWords() const
{
    return chosen() ? tr("%1: %2").arg(asWords(chosen()->name), asWords(chosen()->words)) : tr("No practice curve yet.");
}

void CurveGrid::choose(int index)
{
    if (outlooks_.empty()) return;
    chosen_ = std::clamp(index, 0, count() - 1);
    saysOtherwise();
    update();
    Q_EMIT chosenChanged();
}

/// As many as there is room for, and no more than there are: a few plots in a wide window are large ones.
int CurveGrid::columns() const
{
    const int fit = std::max(1, (width() + gap_px) / (scaled(least_cell_px) + gap_px));
    return std::min(fit, std::max(3, count()));
}

int CurveGrid::cellWidth() const { return (width() - (columns() - 1) * gap_px) / columns(); }

int CurveGrid::rows() const { return std::max(1, (count() + columns() - 1) / columns()); }

int CurveGrid::leastCellHeight() const
{
    constexpr int tallest_px = 320;
    return std::clamp(cellWidth() * 2 / 3, scaled(cell_height_px), std::max(tallest_px, scaled(cell_height_px)));
}

/// A few plots in a high window are high ones, up to a square.
int CurveGrid::cellHeight() const { return std::max(leastCellHeight(), std::min(cellWidth(), height() / rows() - gap_px)); }

QRect CurveGrid::cell(int index) const
{
    const int across = columns(), wide = cellWidth(), high = cellHeight();
    return {index % across * (wide + gap_px), index / across * (high + gap_px), wide, high};
}

QSize CurveGrid::sizeHint() const { return {4 * least_cell_px, rows() * (leastCellHeight() + gap_px)}; }

void CurveGrid::resizeEvent(QResizeEvent*) { setMinimumHeight(sizeHint().height()); }

void CurveGrid::mousePressEvent(QMouseEvent* event)
{
    for (int i = 0; i < count(); ++i)
        if (cell(i).contains(event->pos())) choose(i);
}

void CurveGrid::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Left: return choose(chosen_ - 1);
    case Qt::Key_Right: return choose(chosen_ + 1);
    case Qt::Key_Up: return choose(chosen_ - columns());
    case Qt::Key_Down: return choose(chosen_ + columns());
    default: QWidget::keyPressEvent(event);
    }
}

void CurveGrid::paintEvent(QPaintEvent* event)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (outlooks_.empty()) paintFocus(p);
    for (int i = 0; i < count(); ++i) {
        const QRect box = cell(i);
        if (!box.intersects(event->rect())) continue;
        paintCell(p, box, outlooks_[static_cast<std::size_t>(i)]);
        if (i != chosen_) continue;
        p.setPen(QPen(hasFocus() ? theme().attention : theme().line, hasFocus() ? 2 : 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(box).adjusted(1, 1, -1, -1), 4, 4);
    }
}

void CurveGrid::paintPlot(QPainter& p, const QRectF& plot, const DrillOutlook& o) const
{
    const Theme& t = theme();
    const Plotted shown = plotted(o, leading_);
    if (!shown.trials) {
        p.setPen(t.soft);
        p.drawText(plot, Qt::AlignCenter | Qt::TextWordWrap, tr("Too few attempts in which one thing was measured"));
        return;
    }
    const double last = shown.trials->trial.empty() ? 1 : shown.trials->trial.back();
    double until = last;
    if (shown.forecast && shown.forecast->trial && o.state != DrillState::Held)
        until = std::max(last, std::min(shown.forecast->high.value_or(2 * last), 2.5 * last));
    until = std::max(until, 5.0);
    const auto at = [&](double trial, double value) {
        return QPointF(plot.left() + (trial - 1) / (until - 1) * plot.width(),
                       plot.bottom() -
                           (std::clamp(value, shown.low, shown.high) - shown.low) / (shown.high - shown.low) * plot.height());
    };
    p.setPen(QPen(t.line, 1));
    p.drawLine(plot.bottomLeft(), plot.bottomRight());
    p.drawLine(plot.bottomLeft(), plot.topLeft());
    const double limit_y = at(1, shown.limit).y();
    p.setPen(QPen(t.attention, 1.2, Qt::DashLine));
    p.drawLine(QPointF(plot.left(), limit_y), QPointF(plot.right(), limit_y));
    p.setPen(t.soft);
    const QString limit = leading_ && o.leading ? valueInWords(shown.limit, o.leading->unit) : QStringLiteral("60");
    p.drawText(QRectF(plot.left() - scaled(42), limit_y - scaled(8), scaled(39), scaled(16)), Qt::AlignRight | Qt::AlignVCenter,
               limit);
    p.drawText(QRectF(plot.left(), plot.bottom() + 1, plot.width(), scaled(14)), Qt::AlignRight,
               tr("attempt %1").arg(inPlaces(until, 0)));
    p.drawText(QRectF(plot.left(), plot.bottom() + 1, plot.width(), scaled(14)), Qt::AlignLeft, QStringLiteral("1"));
    if (shown.forecast && shown.forecast->low && o.state != DrillState::Held) { // where it may meet the line
        const double from = std::clamp(*shown.forecast->low, 1.0, until);
        const double to = std::clamp(shown.forecast->high.value_or(until), from, until);
        const QRectF band(QPointF(at(from, shown.limit).x(), limit_y - 4), QPointF(at(to, shown.limit).x() + 1, limit_y + 4));
        p.fillRect(band, QBrush(t.attention, Qt::BDiagPattern));
    }
    if (shown.curve) {
        const auto line = [&](double from, double to) {
            QPainterPath path(at(from, shown.curve->at(from, shown.trials->higher_is_better)));
            constexpr int steps = 40;
            for (int i = 1; i <= steps; ++i) {
                const double trial = from + (to - from) * i / steps;
                path.lineTo(at(trial, shown.curve->at(trial, shown.trials->higher_is_better)));
            }
            return path;
        };
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(curveInk(), 1.8));
        p.drawPath(line(1, last));
        if (until > last) p.setPen(QPen(curveInk(), 1.4, Qt::DotLine)), p.drawPath(line(last, until));
    }
    for (std::size_t i = 0; i < shown.trials->trial.size(); ++i) {
        const double value = shown.trials->value[i];
        const bool enough = shown.trials->higher_is_better ? value >= shown.limit : value <= shown.limit;
        p.setPen(QPen(enough ? t.held : t.steel, 1.2));
        p.setBrush(enough ? QBrush(t.held) : QBrush(Qt::NoBrush));
        p.drawEllipse(at(shown.trials->trial[i], value), 2.6, 2.6);
    }
}

void CurveGrid::paintCell(QPainter& p, const QRect& box, const DrillOutlook& o) const
{
    const Theme& t = theme();
    p.setPen(Qt::NoPen);
    p.setBrush(t.card);
    p.drawRoundedRect(box, 4, 4);
    p.setFont(uiFont(text_points, true));
    p.setPen(t.ink);
    const QRect title(box.left() + 10, box.top() + 6, box.width() - 34, scaled(18));
    p.drawText(title, Qt::AlignLeft | Qt::AlignVCenter,
               p.fontMetrics().elidedText(asWords(o.name), Qt::ElideRight, title.width()));
    paintMark(p, QRectF(box.right() - 20, box.top() + scaled(9), 11, 11),
              o.state == DrillState::Held  ? StateMark::Done
              : o.state == DrillState::Due ? StateMark::Due
                                           : StateMark::Partly,
              o.state == DrillState::Held ? t.held : t.attention);
    p.setFont(uiFont(small_points));
    paintPlot(
        p, QRectF(box.left() + scaled(44), box.top() + scaled(30), box.width() - scaled(44) - 12, box.height() - scaled(86)), o);
    p.setPen(o.no_progress() ? t.caution : t.soft);
    QString words = asWords(o.words);
    if (o.progress != Progress::There)
        ; // a date would promise what is not seen
    else if (o.pass_day)
        words += tr(", about %1").arg(calendarDay(*o.pass_day));
    else if (o.hold_day && o.state != DrillState::Held)
        words += tr(", %1").arg(calendarDay(*o.hold_day));
    p.drawText(QRect(box.left() + 10, box.bottom() - scaled(37), box.width() - 20, scaled(34)),
               Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
}

CurvesPanel::CurvesPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("curvesSummary"));
    summary_->setWordWrap(true);
    marks_ = namedButton(tr("Marks"), "curvesMarks", tr("Marks of 100, attempt by attempt; 60 pass"));
    leading_ = namedButton(tr("Leading measure"), "curvesLeading",
                           tr("What weighs most of what a pass needs, attempt by attempt, with its limit"));
    for (QPushButton* b : {marks_, leading_}) b->setCheckable(true), b->setAutoExclusive(true), leaveRoomForBold(b);
    marks_->setChecked(true);
    grid_ = new CurveGrid;
    scroll_ = new QScrollArea;
    scroll_->setWidget(grid_);
    scroll_->setWidgetResizable(true);
    scroll_->setFrameShape(QFrame::NoFrame);
    scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    detail_ = new QLabel;
    detail_->setObjectName(QStringLiteral("curveDetail"));
    detail_->setWordWrap(true);
    detail_->setMinimumHeight(scaled(44));
    detail_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* head = new QHBoxLayout;
    head->setSpacing(8);
    head->addWidget(summary_, 1);
    head->addWidget(marks_);
    head->addWidget(leading_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(head);
    layout->addWidget(scroll_, 1);
    layout->addWidget(detail_);
    connect(leading_, &QPushButton::toggled, grid_, &CurveGrid::setLeading);
    connect(grid_, &CurveGrid::chosenChanged, this, &CurvesPanel::tell);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Attempt, Kind::Drill, Kind::Curriculum, Kind::HouseRule, Kind::Struck, Kind::FlownBy},
                        station_.pilotId()))
            refresh();
    });
    connect(&station_, &Station::pilotChosen, this, &CurvesPanel::refresh);
    connect(&themeNews(), &ThemeNews::changed, grid_, qOverload<>(&QWidget::update));
}

void CurvesPanel::showEvent(QShowEvent*)
{
    if (stale_) compute();
}

void CurvesPanel::refresh()
{
    stale_ = true;
    if (isVisible()) compute();
}

/// What was flown is gathered here; the fits, which take a while, are made in another thread.
void CurvesPanel::compute()
{
    stale_ = false;
    const int asked = ++asked_;
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (pilot && !school_.attempts(pilot->id).empty()) {
        working_ = true;
        summary_->setText(tr("Looking ahead …"));
        constexpr int after_the_page_ms = 40; // which is seen first
        QTimer::singleShot(after_the_page_ms, this,
                           [this, asked] { gather(asked, std::make_shared<TrialsInPieces>(school_, station_.pilotId())); });
        return;
    }
    lookAhead(asked, {});
}

/// What was measured in a thousand attempts is read a few at a time: the window goes on meanwhile.
void CurvesPanel::gather(int asked, const std::shared_ptr<TrialsInPieces>& pieces)
{
    if (asked_ != asked) return; // another question was asked meanwhile
    if (!isVisible()) {          // nobody waits for it; it begins anew when somebody looks
        stale_ = true, working_ = false;
        return;
    }
    constexpr std::size_t at_once = 20;
    if (!pieces->read(at_once)) return lookAhead(asked, pieces->taken());
    QTimer::singleShot(0, this, [this, asked, pieces] { gather(asked, pieces); });
}

void CurvesPanel::lookAhead(int asked, std::vector<DrillTrials> trials)
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (trials.empty()) {
        working_ = false;
        grid_->show({}, school_.today());
        for (QWidget* w : std::initializer_list<QWidget*>{scroll_, detail_, marks_, leading_}) w->hide();
        summary_->setText(pilot ? tr("A curve for each drill is drawn here once it has been flown.") : QString());
        return;
    }
    for (QWidget* w : std::initializer_list<QWidget*>{scroll_, detail_, marks_, leading_}) w->show();
    looking_ahead_.start(
        this,
        [trials = std::move(trials), today = school_.today(), house = school_.house()](const std::stop_token& stop) {
            std::vector<DrillOutlook> outlooks;
            for (const DrillTrials& of : trials)
                if (!stop.stop_requested()) outlooks.push_back(drill_outlook(of, today, house));
            return outlooks;
        },
        [this, asked, today = school_.today()](std::vector<DrillOutlook> outlooks) {
            if (asked_ != asked) return; // another question was asked meanwhile
            working_ = false;
            grid_->show(std::move(outlooks), today);
            const auto stuck = grid_->count();
            summary_->setText(
                tr("%1 drills flown. Dots are attempts, filled where they were enough; the line is the practice curve, the "
                   "hatching where it meets what a pass needs (80 %).")
                    .arg(stuck));
        });
}

void CurvesPanel::tell()
{
    const DrillOutlook* o = grid_->chosen();
    if (!o) return detail_->clear();
    QStringList parts;
    if (!o->curve || o->marks.trial.size() < least_trials_for_forecast) {
        parts << tr("%1: %2.").arg(asWords(o->name), asWords(o->words));
    } else {
        parts << tr("%1: %2 over %3 attempts.").arg(asWords(o->name), lawInWords(*o->curve)).arg(o->marks.trial.size());
        const auto flown = static_cast<double>(o->marks.trial.size());
        const auto worth_it = [&](const std::optional<PracticeForecast>& f) {
            return o->state != DrillState::Held && f && (!f->trial || f->tells_after(flown));
        };
        if (worth_it(o->pass)) parts << tr("Marks reach 60 %1.").arg(trialWords(*o->pass));
        if (o->leading && worth_it(o->leading_pass))
            parts << tr("%1 reaches %2 %3.")
                         .arg(asWords(o->leading->label), valueInWords(o->leading->limit, o->leading->unit),
                              trialWords(*o->leading_pass));
        if (o->pass_day && o->progress == Progress::There)
            parts << tr("At the present pace passed about %1%2.")
                         .arg(calendarDay(*o->pass_day),
                              o->pass_low_day && o->pass_high_day
                                  ? tr(" (%1 to %2)").arg(calendarDay(*o->pass_low_day), calendarDay(*o->pass_high_day))
                                  : QString());
        if (o->hold_day && o->state != DrillState::Held && o->progress == Progress::There)
            parts << tr("Held %1 at the soonest.").arg(calendarDay(*o->hold_day));
        if (o->no_progress())
            parts << tr(
                "No progress: over the last 8 attempts the slope may be nought and is not what is usual, and their mean is "
                "short of a pass.");
        else if (o->progress == Progress::NotSure)
            parts << tr("Not sure yet whether it rises: over the last 8 attempts the slope may be nought, or as large as usual.");
    }
    detail_->setText(parts.join(QLatin1Char(' ')));
}

} // namespace bh::desk
