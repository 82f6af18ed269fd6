#include "desk/rates/plan_panel.h"

#include "core/curves/rate_families.h"
#include "core/rates/handling.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/handling_form.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QLabel>
#include <QLineEdit>
#include <QUndoStack>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr int step_row_px = 26;

} // namespace

PlanPanel::PlanPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    heading_ = new QLabel;
    heading_->setObjectName(QStringLiteral("planHeading"));
    heading_->setFont(uiFont(text_points, true));
    heading_->setWordWrap(true);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("planWords"));
    words_->setWordWrap(true);
    begin_ = namedButton(tr("Begin the plan"), "beginPlan", tr("From the rates as they are now to the match, step by step"));
    setPrimary(begin_);
    kind_ = new QComboBox;
    kind_->setObjectName(QStringLiteral("planKind"));
    kind_->setAccessibleName(tr("How the plan goes"));
    kind_->addItems({tr("Centre slope, then full-stick rate, then bend"), tr("Full-stick rate alone, in steps of 15 %"),
                     tr("Full-stick rate alone, in one jump")});
    kind_->setToolTip(tr("One parameter at a time to the match; or the rate at full stick alone, as some do it (both common "
                         "practice). A locked yaw stays as it is."));
    max_ = numberBox("planMax", tr("Full-stick rate that it leads to"), 100, 1200, 10, tr(" °/s"));
    connect(kind_, &QComboBox::currentIndexChanged, this, &PlanPanel::refresh);
    end_ =
        namedButton(tr("End it here"), "endPlan", tr("The rates stay as the last step left them; the plan stays on the record"));
    fly_ = namedButton({}, "flyStep", tr("A test flight in the built-in flight with the rates of this step"));
    standsFor(fly_, command(this, "plan-fly", tr("Fly this step here"), QKeySequence(Qt::Key_F5), [this] { testFlight(); }));
    read_ = new QCheckBox(tr("Read, and kept to"));
    read_->setObjectName(QStringLiteral("cautionsRead"));
    outside_ = new QCheckBox(tr("flown elsewhere"));
    outside_->setObjectName(QStringLiteral("flownOutside"));
    outside_->setToolTip(tr("The test flight was flown in the simulator or on the aircraft itself, not in the built-in flight"));
    by_ = new QLineEdit;
    by_->setObjectName(QStringLiteral("decidedBy"));
    by_->setPlaceholderText(tr("Decided by"));
    by_->setAccessibleName(tr("Who decides"));
    by_->setMaximumWidth(scaled(200));
    cautions_ = new QLabel(tr("New rates on a real aircraft: fly high over open ground, the panic switch at hand, never over "
                              "water, never over people."));
    cautions_->setObjectName(QStringLiteral("planCautions"));
    cautions_->setWordWrap(true);
    form_ = new HandlingForm;
    connect(form_, &HandlingForm::rated, this, &PlanPanel::rate);
    steps_ = readingTable("planSteps", tr("Steps of the plan"),
                          {tr("Step"), tr("Most, °/s"), tr("Rating"), tr("Left at"), tr("Flown"), tr("Decided")}, 0);
    enum Column { Step, Most, Rating, LeftAt, Flown, Decided };
    new ColumnsThatGive(steps_, {Flown, Decided, LeftAt, Rating, Most}); // what is to be set stays whole
    explain(steps_, {tr("One parameter of one axis, or of roll and pitch together."),
                     tr("By how much the rate changes where it changes most; at most 15 % of the rate at full stick (house)."),
                     tr("1 is as good as one could wish, 10 lost control: handling scale of NASA TN D-5153 (1969), in other "
                        "words. From 7 the step goes half-way back (house)."),
                     tr("What the parameter was left at."), tr("Here: in the built-in flight."), tr("When, and by whom.")});
    connect(begin_, &QPushButton::clicked, this, &PlanPanel::begin);
    connect(end_, &QPushButton::clicked, this, &PlanPanel::end);
    connect(read_, &QCheckBox::toggled, this, [this] { form_->setAllowed(mayRate()); });
    connect(outside_, &QCheckBox::toggled, this, [this] { form_->setAllowed(mayRate()); });

    step_ = new QWidget;
    auto* step = new QVBoxLayout(step_);
    step->setContentsMargins(0, 0, 0, 0);
    step->setSpacing(8);
    step->addWidget(cautions_);
    step->addWidget(read_);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    for (QWidget* w : std::initializer_list<QWidget*>{fly_, outside_, by_}) row->addWidget(w);
    row->addStretch();
    step->addLayout(row);
    step->addWidget(form_);
    auto* foot = new QHBoxLayout;
    foot->addWidget(kind_);
    foot->addWidget(max_);
    foot->addWidget(begin_);
    foot->addWidget(end_);
    foot->addStretch();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(heading_);
    column->addWidget(words_);
    column->addWidget(step_);
    column->addWidget(steps_, 100);
    column->addLayout(foot);
    column->addStretch(1);
}

void PlanPanel::setContext(const RatesContext& context)
{
    const bool other = !(context.target() == context_.target()) || context.question.pilot_id != context_.question.pilot_id;
    context_ = context;
    if (other) max_->setValue(rate_dps(context_.target().roll, 1));
    refresh();
}

void PlanPanel::begin()
{
    const bool one_jump = kind_->currentIndex() == 2;
    const auto plan = kind_->currentIndex() == 0 ? plan_to_match(context_) : plan_of_max(context_, max_->value(), one_jump);
    if (!plan) return words_->setText(asWords(plan.error()));
    flownHere_ = false;
    if (school_.keep_plan(context_.question.pilot_id, *plan)) refresh();
}

void PlanPanel::end()
{
    if (!plan_) return;
    KeptPlan plan = *plan_;
    plan.ended = true;
    school_.keep_plan(context_.question.pilot_id, plan);
    refresh();
}

void PlanPanel::testFlight()
{
    if (!standing_ || !standing_->next) return;
    Q_EMIT flyAsked(with_parameter(standing_->now, *standing_->next, standing_->next->to), inWords(*standing_->next));
}

void PlanPanel::stepFlown()
{
    outside_->setChecked(false);
    flownHere_ = true;
    form_->setAllowed(mayRate());
}

bool PlanPanel::mayRate() const
{
    return plan_ && (flownHere_ || outside_->isChecked()) && (!plan_->on_aircraft || read_->isChecked());
}

void PlanPanel::rate(int rating)
{
    if (!standing_ || !standing_->next || !mayRate()) return;
    KeptPlan plan = *plan_;
    plan.plan.flown.push_back({*standing_->next, rating});
    plan.decisions.push_back(
        {school_.now(), by_->text().trimmed().toStdString(), outside_->isChecked(), plan.on_aircraft && read_->isChecked()});
    const auto after = standing_of(plan.plan);
    if (!after) return words_->setText(asWords(after.error()));
    read_->setChecked(false);
    outside_->setChecked(false);
    flownHere_ = false;
    const std::string pilot = context_.question.pilot_id;
    // Through: from now on both sides are matched.
    const auto match = after->next ? std::nullopt : match_of_plan(school_, pilot, plan, after->now);
    school_.keep_plan_step(pilot, plan, after->now, match);
    if (!plan.on_aircraft)
        school_.add_handling(pilot, {0, rating, plan.decisions.back().by, after->now}); // happened, and is never undone
}

QString PlanPanel::inWords(const RateStep& step) const
{
    const RateFamily* family = rate_family(family_key(curve_of(plan_->plan.from, step.axes.front())));
    static const QString names[] = {tr("Roll"), tr("Pitch"), tr("Yaw")};
    const QString axes = step.axes.size() == 2 ? tr("Roll and pitch") : names[static_cast<std::size_t>(step.axes.front())];
    return tr("%1: %2 from %3 to %4")
        .arg(axes, family ? asWords(family->parameters[step.parameter].name) : QString())
        .arg(inDigits(step.from, 5))
        .arg(inDigits(step.to, 5));
}

void PlanPanel::showSteps()
{
    const std::size_t flown = plan_ ? plan_->plan.flown.size() : 0;
    steps_->setRowCount(static_cast<int>(flown));
    RateProfile now = plan_ ? plan_->plan.from : RateProfile{};
    for (std::size_t i = 0; i < flown; ++i) {
        const RatedStep& rated = plan_->plan.flown[i];
        ChangePlan upto = plan_->plan;
        upto.flown.resize(i + 1);
        const auto after = standing_of(upto);
        const KeptPlan::Decision d = i < plan_->decisions.size() ? plan_->decisions[i] : KeptPlan::Decision{};
        const double left =
            after ? parameters_of(curve_of(after->now, rated.step.axes.front()))[rated.step.parameter] : rated.step.to;
        const QString when = d.at ? shortDate(QDateTime::fromSecsSinceEpoch(d.at).date()) : QString();
        const QStringList cells{inWords(rated.step),
                                inPlaces(rated.step.worst_dps, 0),
                                QString::number(rated.rating),
                                inDigits(left, 5),
                                d.outside ? tr("elsewhere") : tr("here"),
                                d.by.empty() ? when : tr("%1, %2").arg(when, QString::fromStdString(d.by))};
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            if (column == 2) item->setToolTip(asWords(handling_words(rated.rating)));
            steps_->setItem(static_cast<int>(i), column, item);
        }
        steps_->setRowHeight(static_cast<int>(i), scaled(step_row_px));
    }
    const std::size_t left = plan_ && standing_ && !plan_->ended ? standing_->left.size() : 0;
    steps_->setRowCount(static_cast<int>(flown + left));
    for (std::size_t i = 0; i < left; ++i) {
        const RateStep& step = standing_->left[i];
        const QStringList cells{inWords(step), inPlaces(step.worst_dps, 0), i == 0 ? tr("next") : tr("later"), {}, {}, {}};
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            item->setForeground(theme().soft);
            steps_->setItem(static_cast<int>(flown + i), column, item);
        }
        steps_->setRowHeight(static_cast<int>(flown + i), scaled(step_row_px));
    }
    constexpr int head_px = 36;
    steps_->setMaximumHeight(scaled(head_px + step_row_px * static_cast<int>(std::max<std::size_t>(flown + left, 2))));
    steps_->setVisible(flown + left > 0);
}

void PlanPanel::refresh()
{
    plan_ = school_.file(context_.question.pilot_id).plan;
    standing_.reset();
    if (plan_)
        if (auto standing = standing_of(plan_->plan)) standing_ = std::move(*standing);
    const bool open = plan_ && standing_ && standing_->next && !plan_->ended;
    if (context_.question.pilot_id != of_) of_ = context_.question.pilot_id, flownHere_ = false;
    step_->setVisible(open);
    end_->setVisible(open);
    for (QWidget* w : std::initializer_list<QWidget*>{begin_, kind_}) w->setVisible(!open);
    const bool of_max = kind_->currentIndex() > 0;
    max_->setVisible(!open && of_max);
    const bool differs = of_max || !(context_.changing() == context_.matched());
    begin_->setEnabled(!context_.question.pilot_id.empty() && !context_.question.aircraft_id.empty() && differs &&
                       !context_.blocked);
    const QString side = context_.aircraft_changes() ? context_.aircraft : tr("the practised rates");
    if (open) {
        const SimulatorProfile* simulator = school_.simulator(plan_->simulator);
        const Airframe* aircraft = school_.real_aircraft(plan_->aircraft);
        const std::string name =
            plan_->on_aircraft ? (aircraft ? aircraft->name : plan_->aircraft) : (simulator ? simulator->name : plan_->simulator);
        heading_->setText(tr("Step %1 of about %2: %3")
                              .arg(plan_->plan.flown.size() + 1)
                              .arg(plan_->plan.flown.size() + standing_->left.size())
                              .arg(inWords(*standing_->next)));
        words_->setText(tr("On %1. At most %2 °/s of change anywhere on the stick. Fly it here, or tick that it was flown "
                           "elsewhere; then answer.")
                            .arg(QString::fromStdString(name))
                            .arg(inPlaces(standing_->next->worst_dps, 0)));
        cautions_->setVisible(plan_->on_aircraft);
        read_->setVisible(plan_->on_aircraft);
        form_->setAllowed(mayRate());
    } else {
        heading_->setText(plan_ && plan_->ended ? tr("The plan was ended after %1 steps.").arg(plan_->plan.flown.size())
                          : plan_               ? tr("The plan is through: %1 steps.").arg(plan_->plan.flown.size())
                                                : tr("No plan yet."));
        words_->setText(context_.blocked ? asWords(in_words(*context_.blocked))
                        : of_max
                            ? tr("Only the rate at full stick of %1 changes, with a test flight and a rating after each step; "
                                 "centre and expo stay.")
                                  .arg(side)
                        : differs ? tr("A plan takes %1 from now to the match, one parameter at a time, with a test flight and a "
                                       "rating after each.")
                                        .arg(side)
                                  : tr("Nothing to change: %1 are as the match says.")
                                        .arg(context_.aircraft_changes() ? tr("the aircraft's rates") : side));
        form_->restart();
    }
    showSteps();
}

} // namespace bh::desk
