#include "desk/setup/way_back_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/way_back_words.h"
#include "school/school.h"
#include "school/views/setup_rules.h"

#include <QBoxLayout>
#include <QLabel>

namespace bh::desk {
WayBackPanel::WayBackPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    heading_ = new QLabel;
    heading_->setObjectName(QStringLiteral("wayBackHeading"));
    heading_->setFont(uiFont(text_points, true));
    heading_->setWordWrap(true);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("wayBackWords"));
    words_->setWordWrap(true);
    rate_ = numberBox("wayBackRate", tr("Rate that it leads to"), 300, 1000, 10, tr(" °/s"));
    rate_->setValue(350);
    explain(rate_, tr("Roll and pitch at full stick. 350 to 400 is where races are flown well (common practice)."));
    tilt_ = numberBox("wayBackTilt", tr("Camera tilt of the real aircraft"), 0, 60, 5, tr("°"));
    tilt_->setValue(30);
    goal_ = new QWidget;
    auto* goal = new QHBoxLayout(goal_);
    goal->setContentsMargins(0, 0, 0, 0);
    goal->setSpacing(8);
    goal->addWidget(new QLabel(tr("To full power and propellers, roll and pitch at")));
    goal->addWidget(rate_);
    goal->addWidget(new QLabel(tr("and the real aircraft's tilt of")));
    goal->addWidget(tilt_);
    goal->addStretch();
    rungs_ = readingTable("wayBackRungs", tr("Steps from the eased aircraft to the real one"),
                          {tr("Step"), tr("Where it stands"), tr("Taken"), tr("Rocking then")}, 0);
    explain(rungs_,
            {tr("One at a time: power at unchanged rates first, then propellers, then rates, then tilt (common practice)."),
             QString(), tr("When it was taken last."), tr("Share of the time with a stick rocking, in the flights before it.")});
    begin_ = namedButton(tr("Begin the way back"), "beginWayBack",
                         tr("A ladder from the set-up as it is now to the real aircraft, taken step by step; it can be undone"));
    setPrimary(begin_);
    step_ = namedButton(tr("Take the next step"), "stepForward", tr("Changes the set-up by this one step; it can be undone"));
    back_ = namedButton(tr("Half a step back"), "stepBack", tr("Takes half of the last step back; it can be undone"));
    end_ = namedButton(tr("End it here"), "endWayBack", tr("The set-up stays as it is; the steps stay on the record"));
    connect(begin_, &QPushButton::clicked, this, &WayBackPanel::begin);
    connect(end_, &QPushButton::clicked, this, &WayBackPanel::end);
    connect(step_, &QPushButton::clicked, this, [this] { step_on_way_back(school_, pilot_id_, true); });
    connect(back_, &QPushButton::clicked, this, [this] { step_on_way_back(school_, pilot_id_, false); });
    auto* foot = new QHBoxLayout;
    for (QPushButton* b : {begin_, step_, back_, end_}) foot->addWidget(b);
    foot->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(heading_);
    layout->addWidget(words_);
    layout->addWidget(goal_);
    layout->addWidget(rungs_, 1);
    layout->addLayout(foot);
    layout->addStretch();
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Setup, Kind::WayBack, Kind::Attempt, Kind::Aircraft}, pilot_id_)) refresh();
    });
}

void WayBackPanel::setPilot(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    refresh();
}

void WayBackPanel::begin()
{
    const auto& setup = school_.setup(pilot_id_);
    if (setup) school_.keep_way_back(pilot_id_, way_back_from(*setup, rate_->value(), tilt_->value(), school_.now()));
}

void WayBackPanel::end()
{
    if (!school_.file(pilot_id_).way_back) return;
    WayBack way = *school_.file(pilot_id_).way_back;
    way.ended = true;
    school_.keep_way_back(pilot_id_, way);
}

void WayBackPanel::showRungs(const WayBackStanding& standing)
{
    const WayBack& way = *school_.file(pilot_id_).way_back;
    rungs_->setRowCount(static_cast<int>(standing.rungs.size()));
    for (std::size_t i = 0; i < standing.rungs.size(); ++i) {
        const Rung& rung = standing.rungs[i];
        const RungTaken* taken = nullptr;
        for (const RungTaken& t : way.taken)
            if (t.rung.what == rung.what && t.rung.to > rung.from + 1e-9 && t.rung.to < rung.to + 1e-9) taken = &t;
        const bool next = standing.next && i == standing.climbed;
        QString state = i < standing.climbed ? tr("● taken") : next ? tr("○ next") : tr("later");
        if (next && standing.next->from > rung.from)
            state = tr("○ next, from %1").arg(easedValueInWords(rung.what, standing.next->from));
        if (taken && taken->back()) state += tr(" (half a step was taken back)");
        const QStringList cells{rungInWords(rung), state, taken ? dayInWords(taken->at) : QString(),
                                taken && taken->rocking_share ? tr("%1 %").arg(inPlaces(100 * *taken->rocking_share, 0))
                                                              : QString()};
        for (int column = 0; column < cells.size(); ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            if (!next && i >= standing.climbed) item->setForeground(theme().soft);
            rungs_->setItem(static_cast<int>(i), column, item);
        }
    }
}

void WayBackPanel::refresh()
{
    const auto standing = way_back_standing(school_, pilot_id_);
    const auto& setup = school_.setup(pilot_id_);
    goal_->setVisible(!standing);
    begin_->setVisible(!standing);
    begin_->setEnabled(setup.has_value());
    for (QPushButton* b : {step_, back_, end_}) b->setVisible(standing.has_value());
    rungs_->setVisible(standing.has_value());
    if (!standing) {
        heading_->setText(tr("No way back was begun."));
        words_->setText(
            !setup
                ? tr("The pilot has no set-up yet.")
                : tr("An aircraft that was made easy for a learner is given back its bite one step at a time: power at unchanged "
                     "rates first, then full propellers, then the rates, then the tilt. Each step is offered once the pilot "
                     "rocks less than 15 % of the time over five flights (house)."));
        return;
    }
    const WayBackEvidence evidence = way_back_evidence(school_, pilot_id_);
    const QString rocking = tr("%1 %").arg(inPlaces(100 * evidence.rocking_share, 0));
    const WayBackAdvice says = advice(*standing, evidence);
    heading_->setText(
        standing->next
            ? tr("Step %1 of %2: %3").arg(standing->climbed + 1).arg(standing->rungs.size()).arg(rungInWords(*standing->next))
            : tr("Through: the aircraft is set as the real one."));
    switch (says) {
    case WayBackAdvice::FlyMore:
        words_->setText(evidence.flights == 0
                            ? tr("No flight since the last step yet: %1 of them before the next one (house).")
                                  .arg(WayBackRules{}.flights_to_step)
                            : tr("%1 of %2 flights since the last step, rocking %3 of the time. Fly on before the next one.")
                                  .arg(evidence.flights)
                                  .arg(WayBackRules{}.flights_to_step)
                                  .arg(rocking));
        break;
    case WayBackAdvice::Step:
        words_->setText(tr("Offered: rocking %1 of the time over the last %2 flights, under 15 % (house).")
                            .arg(rocking)
                            .arg(evidence.flights));
        break;
    case WayBackAdvice::GoBack:
        words_->setText(tr("Rocking rose to %1 with the last step, 15 % is the most (house): half of it back, %2.")
                            .arg(rocking, rungInWords(*standing->back)));
        break;
    case WayBackAdvice::Stay:
        words_->setText(tr("Rocking %1 of the time, 15 % is the most (house): stay here until it is less.").arg(rocking));
        break;
    case WayBackAdvice::Through: words_->setText(tr("Every step is taken; rocking %1 of the time since.").arg(rocking)); break;
    }
    // The coordinator decides: advice only says which button is the obvious one.
    step_->setEnabled(standing->next.has_value());
    back_->setEnabled(standing->back.has_value());
    setPrimary(step_, says == WayBackAdvice::Step);
    setPrimary(back_, says == WayBackAdvice::GoBack);
    showRungs(*standing);
    constexpr int rung_px = 30, heads_px = 36;
    rungs_->setMaximumHeight(scaled(heads_px + rung_px * rungs_->rowCount()));
}

} // namespace bh::desk
