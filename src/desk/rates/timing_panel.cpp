#include "desk/rates/timing_panel.h"

#include "core/curves/rate_families.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <cmath>

namespace bh::desk {

TimingPanel::TimingPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    setFocusPolicy(Qt::StrongFocus);
    axis_ = new QComboBox;
    axis_->setObjectName(QStringLiteral("timedAxis"));
    axis_->setAccessibleName(tr("Axis that is timed"));
    axis_->addItems({tr("Roll"), tr("Pitch"), tr("Yaw")});
    stick_ = numberBox("timedStick", tr("How far the stick is held"), 5, 100, 5, tr(" % stick"));
    stick_->setValue(100);
    turns_ = numberBox("timedTurns", tr("Turns counted"), 1, 100, 1, tr(" turns"));
    turns_->setValue(10);
    seconds_ = numberBox("timedSeconds", tr("Time they took"), 0, 600, 0.1, tr(" s"));
    seconds_->setDecimals(2);
    run_ = tabButton({}, "stopwatch", tr("Starts the stopwatch, and stops it"));
    setPrimary(run_);
    key_ = command(this, "stopwatch", tr("Start"), QKeySequence(Qt::Key_Space), [this] { startOrStop(); });
    key_->setShortcutContext(Qt::WidgetWithChildrenShortcut); // everywhere here, also from a box with a number
    standsFor(run_, key_);
    add_ = namedButton(tr("Add"), "addTiming", tr("Keeps this timing for the fit"));
    remove_ = namedButton(tr("Remove the last"), "removeTiming", tr("Takes the last timing away again"));
    take_ = namedButton(tr("Take over"), "takeTimed", tr("As the real aircraft's rates of this axis; it can be undone"));
    clock_ = new QLabel(tr("%1 s").arg(inPlaces(0, 1)));
    clock_->setObjectName(QStringLiteral("stopwatchTime"));
    clock_->setFont(uiFont(22, true));
    clock_->setMinimumWidth(scaled(130));
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("timingWords"));
    words_->setWordWrap(true);
    table_ = readingTable("timings", tr("Timings"), {tr("Stick"), tr("Turns"), tr("Seconds"), tr("°/s"), tr("Error, °/s")}, 4);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->setMaximumHeight(scaled(190));
    explain(table_, {tr("How far it was held."), tr("Whole turns that were counted."), tr("By the stopwatch."),
                     tr("360 times the turns over the seconds."),
                     tr("Standard error, from 0.1 s of a hand's timing (house); more turns make it smaller.")});
    connect(add_, &QPushButton::clicked, this, &TimingPanel::addTiming);
    connect(remove_, &QPushButton::clicked, this, &TimingPanel::removeLast);
    connect(take_, &QPushButton::clicked, this, &TimingPanel::takeOver);
    connect(axis_, &QComboBox::activated, this, [this] {
        timings_.clear();
        refresh();
    });
    for (QDoubleSpinBox* box : {stick_, turns_, seconds_})
        box->installEventFilter(this); // a box keeps its letters from shortcuts
    for (QDoubleSpinBox* box : {stick_, turns_, seconds_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &TimingPanel::refresh);
    ticks_.setInterval(100);
    connect(&ticks_, &QTimer::timeout, this,
            [this] { clock_->setText(tr("%1 s").arg(inPlaces(static_cast<double>(watch_.elapsed()) / 1000, 1))); });

    auto* how = new QLabel(tr("Hold the stick still at one place and let the aircraft turn, high up and far from people. Start "
                              "the stopwatch at a mark, count whole turns, stop it at the same mark. "
                              "Full stick first, then half, then a third if you can."));
    how->setWordWrap(true);
    auto* held = new QHBoxLayout;
    held->setSpacing(8);
    for (QWidget* w : std::initializer_list<QWidget*>{axis_, stick_, turns_, seconds_, add_}) held->addWidget(w);
    held->addStretch();
    auto* clock = new QHBoxLayout;
    clock->setSpacing(8);
    clock->addWidget(clock_);
    clock->addWidget(run_);
    clock->addStretch();
    auto* foot = new QHBoxLayout;
    foot->setSpacing(8);
    foot->addWidget(take_);
    foot->addWidget(remove_);
    foot->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 8, 8); // within the mark of the keyboard's place
    column->setSpacing(8);
    column->addWidget(how);
    column->addLayout(clock);
    column->addLayout(held);
    column->addWidget(table_);
    column->addWidget(words_);
    column->addLayout(foot);
    column->addStretch();
    refresh();
}

void TimingPanel::setContext(const RatesContext& context)
{
    if (context.question.aircraft_id != context_.question.aircraft_id) timings_.clear();
    context_ = context;
    refresh();
}

bool TimingPanel::eventFilter(QObject* object, QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {
        const auto* pressed = static_cast<QKeyEvent*>(event);
        if (pressed->key() == Qt::Key_Space && !pressed->isAutoRepeat()) return startOrStop(), true;
    }
    return QWidget::eventFilter(object, event);
}

void TimingPanel::startOrStop()
{
    if (!watch_.isValid()) {
        watch_.start();
        ticks_.start();
        key_->setText(tr("Stop"));
        return;
    }
    const double seconds = static_cast<double>(watch_.elapsed()) / 1000;
    watch_.invalidate();
    ticks_.stop();
    key_->setText(tr("Start"));
    clock_->setText(tr("%1 s").arg(inPlaces(seconds, 2)));
    seconds_->setValue(seconds);
}

void TimingPanel::addTiming()
{
    if (!(seconds_->value() > 0)) return;
    timings_.push_back({stick_->value() / 100, turns_->value(), seconds_->value()});
    seconds_->setValue(0);
    refresh();
    setFocus();
}

void TimingPanel::removeLast()
{
    if (!timings_.empty()) timings_.pop_back();
    refresh();
}

void TimingPanel::takeOver()
{
    if (!found_) return;
    RateProfile rates = context_.real;
    curve_of(rates, static_cast<RateAxis>(axis_->currentIndex())) = found_->curve;
    if (school_.keep_rates(context_.question.aircraft_id, rates)) timings_.clear();
    refresh();
}

void TimingPanel::refresh()
{
    add_->setEnabled(seconds_->value() > 0);
    remove_->setEnabled(!timings_.empty());
    table_->setRowCount(static_cast<int>(timings_.size()));
    std::vector<TimedStick> sticks;
    for (std::size_t i = 0; i < timings_.size(); ++i) {
        const Timing& t = timings_[i];
        const auto rate = timed_rate(t.turns, t.seconds);
        if (!rate) continue;
        sticks.push_back({t.stick, *rate});
        const QStringList cells{tr("%1 %").arg(inPlaces(100 * t.stick, 0)), inPlaces(t.turns, 0), inPlaces(t.seconds, 2),
                                inPlaces(rate->rate_dps, 0), inPlaces(rate->standard_error_dps, 1)};
        for (int column = 0; column < cells.size(); ++column)
            table_->setItem(static_cast<int>(i), column, new QTableWidgetItem(cells[column]));
    }
    found_.reset();
    const std::string family = family_key(curve_of(context_.real, static_cast<RateAxis>(axis_->currentIndex())));
    if (sticks.size() >= 2) {
        const auto fitted = rates_from_timings(sticks, rate_family(family) ? family : "centre-max");
        if (fitted)
            found_ = *fitted;
        else
            words_->setText(tr("No curve yet: %1.").arg(asWords(fitted.error())));
    } else if (sticks.size() == 1) {
        words_->setText(
            tr("%1 °/s at %2 % stick, give or take %3. Time another position: two give a curve, three its bend as well.")
                .arg(inPlaces(sticks[0].rate.rate_dps, 0))
                .arg(inPlaces(100 * sticks[0].stick, 0))
                .arg(inPlaces(1.96 * sticks[0].rate.standard_error_dps, 0)));
    } else {
        words_->setText(context_.question.aircraft_id.empty() ? tr("Add the real aircraft on the Set-up page first.")
                                                              : tr("Nothing timed yet for %1.").arg(context_.aircraft));
    }
    if (found_) {
        const RateFamily& f = *rate_family(family_key(found_->curve));
        QStringList parts;
        for (std::size_t k = 0; k < found_->low.size(); ++k) {
            const QString name = asWords(f.parameters[k].name);
            parts << (found_->assumed[k] ? tr("%1 taken as 0, two positions say nothing about it").arg(name)
                                         : tr("%1 %2 (%3 to %4)")
                                               .arg(name)
                                               .arg(inDigits(parameters_of(found_->curve)[k], 4))
                                               .arg(inDigits(found_->low[k], 4))
                                               .arg(inDigits(found_->high[k], 4)));
        }
        words_->setText(tr("95 of 100 times between: %1.").arg(parts.join(QStringLiteral(", "))));
    }
    take_->setEnabled(found_ && !context_.question.aircraft_id.empty());
}

} // namespace bh::desk
