#include "desk/debrief/habits_panel.h"

#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"
#include "school/views/coaching.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QHelpEvent>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int each_px = 74, words_px = 32;

QString trendInWords(const Habit& habit)
{
    if (!habit.trend) return {};
    if (habit.trend->high < 0) return QObject::tr("falling");
    if (habit.trend->low > 0) return QObject::tr("rising");
    return QObject::tr("no clear trend");
}

} // namespace

HabitsView::HabitsView(const School& school, QWidget* parent) : SpokenView(parent), school_(school)
{
    setObjectName(QStringLiteral("habits"));
    setMouseTracking(true);
}

QSize HabitsView::minimumSizeHint() const { return {200, std::max(1, static_cast<int>(habits_.size())) * scaled(each_px)}; }

void HabitsView::show(std::vector<Habit> habits)
{
    habits_ = std::move(habits);
    setAccessibleName(tr("Habits over the last flights"));
    setMinimumHeight(minimumSizeHint().height());
    saysOtherwise();
    update();
}

QString HabitsView::inWords() const
{
    QStringList spoken;
    for (const Habit& h : habits_) spoken << story(h);
    return spoken.join(QLatin1Char('\n'));
}

QString HabitsView::story(const Habit& h) const
{
    QString words = tr("%1: at fault in %2 of %3 flights").arg(findingName(h.kind)).arg(h.at_fault).arg(h.flights);
    if (h.trend && std::isfinite(h.trend->low))
        words += tr(", %1 (%2 a flight, 95 % between %3 and %4)")
                     .arg(trendInWords(h))
                     .arg(inPlaces(h.trend->slope, 2))
                     .arg(inPlaces(h.trend->low, 2))
                     .arg(inPlaces(h.trend->high, 2));
    const auto list = [&](const std::map<std::string, Habit::Share>& shares, const auto& named) {
        QStringList parts;
        for (const auto& [key, share] : shares)
            if (share.at_fault > 0) parts << tr("%1 %2 of %3").arg(named(key)).arg(share.at_fault).arg(share.flights);
        return parts.join(QStringLiteral(", "));
    };
    const auto drill_name = [this](const std::string& id) {
        const Drill* drill = school_.drill(id);
        return asWords(drill ? drill->name : id);
    };
    words += tr(". By mode: %1. By drill: %2.")
                 .arg(list(h.by_mode, [](const std::string& mode) { return asWords(mode); }), list(h.by_drill, drill_name));
    if (h.sides[0].seen + h.sides[1].seen > 0)
        words += tr(" To the left %1 of %2, to the right %3 of %4.")
                     .arg(h.sides[0].faults)
                     .arg(h.sides[0].seen)
                     .arg(h.sides[1].faults)
                     .arg(h.sides[1].seen);
    return words;
}

bool HabitsView::event(QEvent* event)
{
    if (event->type() == QEvent::ToolTip) {
        auto* help = static_cast<QHelpEvent*>(event);
        const auto row = static_cast<std::size_t>(std::max(0, help->pos().y() / scaled(each_px)));
        QToolTip::showText(help->globalPos(), row < habits_.size() ? story(habits_[row]) : QString(), this);
        return true;
    }
    return QWidget::event(event);
}

void HabitsView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = theme();
    for (std::size_t i = 0; i < habits_.size(); ++i) {
        const Habit& h = habits_[i];
        const double top = static_cast<double>(i) * scaled(each_px);
        p.setFont(uiFont(text_points, h.strong()));
        p.setPen(h.strong() ? t.notMet : t.ink);
        const QRectF head(0, top, width(), scaled(16)), below(0, top + scaled(16), width(), scaled(14));
        const QString name = tr("%1 %2  %3 of %4")
                                 .arg(findingLetter(h.kind), findingName(h.kind))
                                 .arg(h.at_fault_lately())
                                 .arg(h.flights_lately());
        p.drawText(head, Qt::AlignLeft | Qt::AlignVCenter, name);
        const int free_px = width() - p.fontMetrics().horizontalAdvance(name) - scaled(8);
        p.setFont(uiFont(small_points));
        p.setPen(t.soft);
        const QString trend = trendInWords(h);
        p.drawText(p.fontMetrics().horizontalAdvance(trend) < free_px ? head : below, Qt::AlignRight | Qt::AlignVCenter, trend);
        const HabitMeasure measure = habit_measure(h.kind);
        double most = 0;
        for (const auto& v : h.values) most = std::max(most, v.value_or(0));
        const QString unit = asWords(measure.unit);
        p.drawText(below, Qt::AlignLeft | Qt::AlignVCenter,
                   tr("%1, up to %2 %3").arg(asWords(measure.words)).arg(inPlaces(most, most < 10 ? 1 : 0)).arg(unit));
        const QRectF box(0, top + scaled(words_px), width(), scaled(each_px) - scaled(words_px) - 12);
        const double step = box.width() / static_cast<double>(std::max<std::size_t>(1, h.values.size()));
        p.setPen(QPen(t.line, 1));
        p.drawLine(box.bottomLeft(), box.bottomRight());
        for (std::size_t k = 0; k < h.values.size(); ++k) {
            const QRectF place(box.left() + static_cast<double>(k) * step + 1, box.top(), std::max(2.0, step - 2), box.height());
            if (!h.values[k]) { // it says nothing of it
                p.setPen(QPen(t.line, 1, Qt::DotLine));
                p.drawLine(QPointF(place.center().x(), place.bottom() - 4), QPointF(place.center().x(), place.bottom()));
                continue;
            }
            const double high = most > 0 ? *h.values[k] / most * place.height() : 0;
            const QRectF bar(place.left(), place.bottom() - std::max(high, 1.5), place.width(), std::max(high, 1.5));
            p.setPen(QPen(h.faults[k] ? t.notMet : t.steel, 1));
            p.setBrush(h.faults[k] ? QBrush(t.notMet, Qt::BDiagPattern) : QBrush(Qt::NoBrush));
            p.drawRect(bar);
        }
    }
}

HabitsPanel::HabitsPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    over_ = new QComboBox;
    over_->setObjectName(QStringLiteral("habitsOver"));
    over_->setAccessibleName(tr("Over how many flights"));
    for (const int flights : {12, 24, 48}) over_->addItem(tr("the last %1 flights").arg(flights), flights);
    connect(over_, &QComboBox::activated, this, [this] { show(pilot_id_); });
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("habitsSaid"));
    said_->setWordWrap(true);
    grip_ = new QLabel;
    grip_->setObjectName(QStringLiteral("habitsGrip"));
    grip_->setWordWrap(true);
    view_ = new HabitsView(school_);
    auto* scroll = new QScrollArea;
    scroll->setWidget(view_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(over_);
    layout->addWidget(said_);
    layout->addWidget(scroll, 1);
    layout->addWidget(grip_);
}

void HabitsPanel::show(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    auto found = habits_of(school_, pilot_id, static_cast<std::size_t>(over_->currentData().toInt()));
    const auto strong = std::count_if(found.begin(), found.end(), [](const Habit& h) { return h.strong(); });
    if (flights_of(school_, pilot_id, 1).empty())
        said_->setText(tr("No flights yet: what is seen again and again stands here then."));
    else if (found.empty())
        said_->setText(tr("No fault in these flights."));
    else
        said_->setText(
            strong > 0
                ? tr("%1 strong: at fault in three of the last five flights or more. The newest flight is at right.").arg(strong)
                : tr("None is strong: at fault in fewer than three of the last five flights. The newest flight is at right."));
    // The grip beside rocking: which grip does best at the tapping task, and how much rocks.
    QString words;
    std::map<Grip, std::vector<double>> by_grip;
    for (const GripRound& r : school_.grip_rounds(pilot_id)) by_grip[r.grip].push_back(r.throughput_bps);
    for (const auto& [grip, rounds] : by_grip)
        words += tr("%1%2 %3 bit/s (%4 rounds)")
                     .arg(words.isEmpty() ? QString() : QStringLiteral(", "), asWords(grip_key(grip)))
                     .arg(inPlaces(mean(rounds), 2))
                     .arg(rounds.size());
    const auto rocking = std::find_if(found.begin(), found.end(), [](const Habit& h) { return h.kind == FindingKind::Rocking; });
    if (rocking != found.end())
        grip_->setText(
            words.isEmpty()
                ? tr("Grip was never measured: a grip trial (Controller) would tell whether it is the grip that rocks.")
                : tr("Grip beside the rocking: %1.").arg(words));
    grip_->setVisible(rocking != found.end());
    view_->show(std::move(found));
}

} // namespace bh::desk
