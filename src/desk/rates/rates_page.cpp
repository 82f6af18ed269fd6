#include "desk/rates/rates_page.h"

#include "core/curves/rate_families.h"
#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/advice_panel.h"
#include "desk/rates/curve_plot.h"
#include "desk/rates/feel_panel.h"
#include "desk/rates/judge_panel.h"
#include "desk/rates/plan_panel.h"
#include "desk/rates/rate_form.h"
#include "desk/rates/rate_table.h"
#include "desk/rates/rates_files.h"
#include "desk/rates/timing_panel.h"
#include "desk/words/axis_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/utf8.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

enum Section { Match, AdviceOf, Plan, Time, Feel, Judge };
constexpr std::size_t yaw = 2;

QCheckBox* check(const QString& text, const QString& name, const QString& tip)
{
    auto* box = new QCheckBox(text);
    box->setObjectName(name);
    box->setToolTip(tip);
    return box;
}

QComboBox* combo(const char* name, const QString& spoken, const QString& tip)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setToolTip(tip);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(14);
    return box;
}

std::string chosenId(const QComboBox* box) { return box->currentData().toString().toStdString(); }

} // namespace

RatesPage::RatesPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), school_(school), station_(station), keys_(keys)
{
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Session, Kind::Attempt, Kind::Calibration, Kind::Simulator, Kind::Aircraft,
                         Kind::Setup, Kind::Rates, Kind::Match, Kind::Plan, Kind::Trial, Kind::Handling, Kind::Blind},
                        station_.pilotId()))
            refresh();
    });
    connect(&station_, &Station::pilotChosen, this, [this] {
        ofPilot_ = true;
        refresh();
    });
    connect(&station_, &Station::sticksMoved, this, &RatesPage::moveCursors);
    connect(&themeNews(), &ThemeNews::changed, this, &RatesPage::refresh);
}

void RatesPage::build()
{
    title_ = new QLabel;
    title_->setObjectName(QStringLiteral("ratesTitle"));
    title_->setFont(uiFont(head_points, true));
    title_->setWordWrap(true);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("ratesWords"));
    words_->setProperty("quiet", true);
    words_->setWordWrap(true);
    for (std::size_t axis = 0; axis < 3; ++axis) {
        plots_[axis] = new CurvePlot(axisName(axis));
        connect(plots_[axis], &CurvePlot::edited, this, [this, axis](const RateCurve& curve) {
            RateProfile changed = editsPractised() ? context_.practised : context_.real;
            curve_of(changed, static_cast<RateAxis>(axis)) = curve;
            keepEdited(changed);
        });
    }
    table_ = makeRateTable();
    auto* side = buildSide();
    sections_ = new Sections;
    auto* columns = new QHBoxLayout;
    columns->setSpacing(16);
    columns->addWidget(side);
    columns->addWidget(sections_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    auto* head = new QHBoxLayout;
    head->setSpacing(8);
    head->addWidget(title_, 1);
    layout->addLayout(head);
    layout->addWidget(
        new BeginCard(tr("How fast the real aircraft turns for each stick, and what to set in a simulator so that it "
                         "turns alike."),
                      school_, station_, {tr("Describe the real aircraft"), "page-set-up"},
                      [this] { return school_.real_aircraft().empty(); }));
    layout->addLayout(columns, 1);
    buildSections();
    for (QPushButton* button : sections_->buttons()) head->addWidget(button);
}

/// What is matched with what, and how.
void RatesPage::buildOptions()
{
    direction_ = combo("ratesDirection", tr("Which side changes"),
                       tr("Set the simulator like the aircraft; or bring the aircraft to what is practised; or first find and "
                          "practise here what feels "
                          "right, and only then change the aircraft"));
    direction_->addItems({tr("The simulator changes"), tr("The aircraft changes"), tr("Found here, then the aircraft")});
    connect(direction_, &QComboBox::activated, this, [this] { rematch(); });
    aircraft_ = combo("ratesAircraft", tr("Real aircraft"), tr("The school's real aircraft; they come from the Set-up page"));
    simulator_ = combo("ratesSimulator", tr("Simulator"), tr("Where the match is to be set; its own limits and steps count"));
    connect(aircraft_, &QComboBox::activated, this, &RatesPage::refresh);
    connect(simulator_, &QComboBox::activated, this, &RatesPage::rematch);
    keepMax_ = check(tr("keep the full-stick rate"), QStringLiteral("keepMax"),
                     tr("The rate at full stick exactly, as near as the simulator's steps come"));
    keepCentre_ = check(tr("keep the centre slope"), QStringLiteral("keepCentre"),
                        tr("The slope at the centred stick exactly, as near as the simulator's steps come"));
    byUse_ = check(tr("by the pilot's stick use"), QStringLiteral("byUse"),
                   tr("Where the pilot's sticks spend their time counts more; from the newest six flights, and the newest three "
                      "recordings of practice "
                      "outside. The bars behind the curves show it."));
    const QString lockTips[] = {tr("Roll stays as it is"), tr("Pitch stays as it is"),
                                tr("Yaw takes the least part in the feel of a flight, and a changed yaw turns every habit of the "
                                   "eyes: it stays unless it "
                                   "is asked for (common practice)")};
    for (std::size_t axis = 0; axis < 3; ++axis) {
        lock_[axis] = check(axisNameInside(axis), QStringLiteral("lock") + utf8(axis_labels[axis]), lockTips[axis]);
        lock_[axis]->setAccessibleName(tr("Leave %1 alone").arg(axisNameInside(axis)));
        lock_[axis]->setChecked(axis == yaw);
        connect(lock_[axis], &QCheckBox::toggled, this, &RatesPage::rematch);
    }
    for (QCheckBox* box : {keepMax_, keepCentre_, byUse_}) connect(box, &QCheckBox::toggled, this, &RatesPage::rematch);
    leastHours_ =
        numberBox("leastHours", tr("Hours on the practised rates before the aircraft changes"), 0, 50, 1, tr(" h first"));
    leastHours_->setValue(5);
    leastHours_->setToolTip(tr("So many hours have to be flown on the practised rates, and their handling ratings have to be "
                               "steady, before they go on the "
                               "aircraft (house)"));
    connect(leastHours_, &QDoubleSpinBox::valueChanged, this, &RatesPage::rematch);
}

void RatesPage::buildButtons()
{
    trial_ = namedButton(tr("Try these"), "tryRates", tr("Counts hours and handling ratings on the practised rates from now on"));
    apply_ = namedButton(
        tr("Practise on the match"), "applyMatch",
        tr("The pilot's drills here are flown with these rates from now on, and the set-up card carries them; it can be undone"));
    setPrimary(apply_);
    read_ = namedButton(tr("Read from a file"), "readRates",
                        tr("A rates file (.json), measured curves (.csv: stick, roll_dps, pitch_dps, yaw_dps), or a flight log "
                           "of the real aircraft in acro "
                           "(.csv), from which its rates are found"));
    csv_ =
        namedButton(tr("Save table"), "saveRateTable", tr("The curves as a table (.csv), or the match as a rates file (.json)"));
    png_ = namedButton(tr("Save picture"), "saveRatePicture", tr("The curves as PNG or SVG"));
    connect(trial_, &QPushButton::clicked, this, [this] { school_.keep_trial(station_.pilotId(), context_.practised); });
    connect(apply_, &QPushButton::clicked, this, &RatesPage::apply);
    connect(read_, &QPushButton::clicked, this, [this] {
        const QString file =
            QFileDialog::getOpenFileName(this, tr("Rates file or flight log"), {}, tr("Rates or flight log (*.json *.csv)"));
        if (!file.isEmpty()) readRates(file);
    });
    connect(csv_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Save the rates"), placeToWrite(QStringLiteral("rates.csv")));
        if (!file.isEmpty() && !saveTable(file)) words_->setText(tr("%1 could not be written.").arg(file));
    });
    connect(png_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Save the curves"), placeToWrite(QStringLiteral("rates.png")),
                                                          tr("Pictures (*.png *.svg)"));
        if (!file.isEmpty() && !savePicture(file)) words_->setText(tr("%1 could not be written.").arg(file));
    });
}

QWidget* RatesPage::buildSide()
{
    buildOptions();
    buildButtons();
    edits_ = combo("ratesEdits", tr("Whose rates are edited"),
                   tr("Whose numbers stand under the plots, and whose curve has the handles"));
    edits_->addItems({tr("real aircraft's rates"), tr("practised rates")});
    connect(edits_, &QComboBox::activated, this, [this] {
        showForm();
        showPlots();
    });
    form_ = new RateForm;
    connect(form_, &RateForm::edited, this, &RatesPage::keepEdited);

    auto* choices = new QWidget;
    auto* left = new QVBoxLayout(choices);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(4);
    left->addWidget(new QLabel(tr("Real aircraft")));
    left->addWidget(aircraft_);
    left->addWidget(new QLabel(tr("Simulator")));
    left->addWidget(simulator_);
    left->addWidget(direction_);
    auto* locks = new QHBoxLayout;
    locks->setSpacing(8);
    locks->addWidget(new QLabel(tr("Lock")));
    for (QCheckBox* box : lock_) locks->addWidget(box);
    locks->addStretch();
    left->addLayout(locks);
    for (QCheckBox* box : {keepMax_, keepCentre_, byUse_}) left->addWidget(box);
    leastHoursRow_ = new QWidget;
    auto* least = new QHBoxLayout(leastHoursRow_);
    least->setContentsMargins(0, 0, 0, 0);
    least->addWidget(leastHours_);
    least->addWidget(trial_);
    left->addWidget(leastHoursRow_);
    left->addSpacing(8);
    left->addWidget(new QLabel(tr("Numbers and handles of")));
    left->addWidget(edits_);
    left->addWidget(form_);
    left->addWidget(read_);
    left->addStretch();
    auto* scroll = new FormScroll; // beside a card that says what to begin with, and with large text
    scroll->setForm(choices);
    auto* side = new QWidget;
    side->setFixedWidth(scaled(236));
    auto* column = new QVBoxLayout(side);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(scroll, 1);
    column->addWidget(apply_);
    return side;
}

void RatesPage::buildSections()
{
    sections_->add(tr("Match"), QStringLiteral("sectionMatch"), [this] { return buildMatch(); });
    sections_->add(tr("Advice"), QStringLiteral("sectionAdvice"), [this] {
        advice_ = new AdvicePanel(school_);
        advice_->setContext(context_);
        connect(advice_, &AdvicePanel::planned, this, [this] { sections_->choose(Plan); });
        return advice_;
    });
    sections_->add(tr("Plan"), QStringLiteral("sectionPlan"), [this] {
        plan_ = new PlanPanel(school_);
        plan_->setContext(context_);
        connect(plan_, &PlanPanel::flyAsked, this, [this](const RateProfile& rates, const QString& what) {
            sections_->choose(Feel);
            feel_->fly(rates, what);
            if (feel_->loop()) plan_->stepFlown(); // nothing flies without a controller
        });
        return plan_;
    });
    sections_->add(tr("Time it"), QStringLiteral("sectionTime"), [this] {
        timing_ = new TimingPanel(school_);
        timing_->setContext(context_);
        return timing_;
    });
    sections_->add(tr("Feel it"), QStringLiteral("sectionFeel"), [this] {
        feel_ = new FeelPanel(school_, station_, keys_);
        feel_->setContext(context_);
        return feel_;
    });
    sections_->add(tr("Judge"), QStringLiteral("sectionJudge"), [this] {
        judge_ = new JudgePanel(school_);
        judge_->setContext(context_);
        return judge_;
    });
    connect(sections_, &Sections::chosen, this, [this](int section) {
        if (feel_ && section != Feel) feel_->land(); // nobody looks
        if (section == Time) timing_->setFocus();
        if (section == Feel) feel_->setFocus();
    });
}

QWidget* RatesPage::buildMatch()
{
    auto* legend = new QLabel(tr("Solid: real aircraft · dashed: practised · amber: match · bars: how the stick is used"));
    legend->setProperty("quiet", true);
    legend->setWordWrap(true);
    auto* plotsRow = new QHBoxLayout;
    plotsRow->setSpacing(8);
    for (std::size_t axis = 0; axis < plots_.size(); ++axis) {
        auto* ofAxis = new QVBoxLayout;
        ofAxis->setSpacing(4);
        ofAxis->addWidget(plots_[axis], 1);
        ofAxis->addWidget(form_->numbersOf(axis));
        plotsRow->addLayout(ofAxis, 1);
    }
    auto* foot = new QHBoxLayout;
    foot->addWidget(words_, 1);
    foot->addWidget(csv_);
    foot->addWidget(png_);
    auto* match = new QWidget;
    auto* column = new QVBoxLayout(match);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addWidget(legend);
    column->addLayout(plotsRow, 5);
    column->addWidget(table_, 4);
    column->addLayout(foot);
    return match;
}

void RatesPage::showSection(int section)
{
    if (!title_) build();
    sections_->choose(section);
}

void RatesPage::hideEvent(QHideEvent*)
{
    if (feel_) feel_->land(); // nobody looks
}

bool RatesPage::editsPractised() const { return edits_->currentIndex() == 1; }

void RatesPage::readStickUse()
{
    const auto& attempts = school_.attempts(station_.pilotId());
    const auto& sessions = school_.sessions(station_.pilotId());
    const std::string of =
        station_.pilotId() + (attempts.empty() ? "" : attempts.back().id) + (sessions.empty() ? "" : sessions.back().id);
    if (of != useOf_) use_ = stick_history(school_, station_.pilotId());
    useOf_ = of;
}

void RatesPage::showEvent(QShowEvent*)
{
    if (!title_) build(); // nobody waits for its plots when the program starts
    if (stale_) refresh();
}

void RatesPage::refresh()
{
    stale_ = !title_ || !isVisible();
    if (stale_) return;
    filling_ = true;
    fillSides();
    readStickUse();
    byUse_->setEnabled(!use_.shares[0].empty());
    ofPilot_ = false;
    filling_ = false;
    rematch();
    showForm();
}

/// The aircraft and simulators there are; another pilot's own are chosen.
void RatesPage::fillSides()
{
    const PilotFile& file = school_.file(station_.pilotId());
    const std::string aircraft = ofPilot_ && file.setup ? file.setup->real_aircraft : chosenId(aircraft_);
    const std::string simulator = ofPilot_ && file.match  ? file.match->simulator
                                  : ofPilot_ && file.plan ? file.plan->simulator
                                                          : chosenId(simulator_);
    aircraft_->clear();
    for (const Airframe& a : school_.real_aircraft()) aircraft_->addItem(asWords(a.name), QString::fromStdString(a.id));
    aircraft_->setCurrentIndex(std::max(aircraft_->count() ? 0 : -1, aircraft_->findData(QString::fromStdString(aircraft))));
    simulator_->clear();
    for (const SimulatorProfile& s : school_.simulators())
        if (rate_family(s.rate_family)) simulator_->addItem(asWords(s.name), QString::fromStdString(s.id));
    simulator_->setCurrentIndex(std::max(simulator_->count() ? 0 : -1, simulator_->findData(QString::fromStdString(simulator))));
}

void RatesPage::showForm()
{
    const bool there_is_one = editsPractised() ? school_.pilot(station_.pilotId()) != nullptr : context_.has_aircraft;
    read_->setEnabled(!editsPractised() && there_is_one);
    form_->show(editsPractised() ? context_.practised : context_.real,
                editsPractised() ? RateForm::Whose::Practised : RateForm::Whose::RealAircraft, there_is_one);
}

void RatesPage::keepEdited(const RateProfile& changed)
{
    if (!editsPractised()) {
        school_.keep_rates(context_.question.aircraft_id, changed);
        return;
    }
    TrainingSetup setup = school_.setup(station_.pilotId()).value_or(TrainingSetup{});
    setup.rates = changed;
    school_.keep_setup(station_.pilotId(), setup);
}

MatchQuestion RatesPage::question() const
{
    MatchQuestion q;
    q.pilot_id = station_.pilotId();
    q.aircraft_id = chosenId(aircraft_);
    q.simulator_id = chosenId(simulator_);
    q.direction = static_cast<MatchDirection>(direction_->currentIndex());
    for (std::size_t axis = 0; axis < 3; ++axis) q.locked[axis] = lock_[axis]->isChecked();
    q.keep_max = keepMax_->isChecked();
    q.keep_centre = keepCentre_->isChecked();
    if (byUse_->isChecked()) q.weights = use_.shares;
    q.least_hours = leastHours_->value();
    return q;
}

void RatesPage::rematch()
{
    if (filling_) return;
    static_cast<MatchAnswer&>(context_) = match_again(school_, question());
    context_.aircraft = aircraft_->currentText();
    context_.simulator = simulator_->currentText();
    context_.rocking_share = use_.rocking_share;
    const bool pilot = school_.pilot(station_.pilotId());
    const auto& trial = school_.file(station_.pilotId()).trial;
    leastHoursRow_->setVisible(context_.question.direction == MatchDirection::FoundHere);
    trial_->setEnabled(pilot && !(trial && trial->rates == context_.practised));
    apply_->setText(context_.aircraft_changes() ? tr("Plan the change") : tr("Practise on the match"));
    apply_->setEnabled(pilot && context_.possible());
    tellTitle();
    words_->setText(howItStands());
    showPlots();
    const Airframe* real = school_.real_aircraft(context_.question.aircraft_id);
    fillRateTable(*table_, context_, real ? *real : Airframe{});
    tellPanels();
}

void RatesPage::tellTitle()
{
    if (!context_.has_aircraft)
        return title_->setText(tr("Add the real aircraft on the Set-up page first; its rates are matched here."));
    if (!context_.has_simulator)
        return title_->setText(
            tr("No simulator lets its rates be set. Say on the Controller page, under Sheets, how yours does."));
    const CurveDifference now = difference(context_.real.roll, context_.practised.roll);
    const double then = context_.matches[0] ? context_.matches[0]->rounded_difference.rms_dps : now.rms_dps;
    title_->setText((context_.aircraft_changes() ? tr("%1 to the rates of %2: roll off %3 °/s, %4 then")
                                                 : tr("%1 in %2: roll off %3 °/s, %4 when matched"))
                        .arg(context_.aircraft, context_.simulator, inPlaces(now.rms_dps, 0), inPlaces(then, 1)));
}

QString RatesPage::howItStands() const
{
    if (!context_.has_aircraft) return {};
    const PilotFile& file = school_.file(station_.pilotId());
    const auto stale = school_.match_stale(station_.pilotId());
    QString said;
    if (context_.blocked)
        said = asWords(in_words(*context_.blocked));
    else if (!context_.real_known)
        said = tr("This aircraft's own rates are not known yet: type what it is set to, or find out under \"Time it\". Until "
                  "then a learner's rates stand in.");
    else if (!file.match)
        said = tr("Not matched yet. Hours count as on matched rates once the match is practised on.");
    else if (stale)
        said =
            tr("The match of %1 does not hold any more: %2.").arg(dayInWords(file.match_at), asWords(in_words(*stale)).toLower());
    else
        said = tr("Matched on %1; %2 h flown on matched rates so far.")
                   .arg(dayInWords(file.match_at))
                   .arg(inPlaces(school_.standing(station_.pilotId()).hours_matched, 1));
    if (context_.aircraft_changes())
        said += tr(" On the real aircraft: high, open ground, panic switch at hand, never over water or people.");
    return said;
}

void RatesPage::tellPanels()
{
    if (advice_) advice_->setContext(context_);
    if (plan_) plan_->setContext(context_);
    if (timing_) timing_->setContext(context_);
    if (feel_) feel_->setContext(context_);
    if (judge_) judge_->setContext(context_);
}

void RatesPage::showPlots()
{
    for (const RateAxis axis : rate_axes) {
        const auto i = static_cast<std::size_t>(axis);
        const auto& match = context_.matches[i];
        plots_[i]->setCurves({curve_of(context_.real, axis), curve_of(context_.practised, axis),
                              match ? std::optional(match->rounded) : std::nullopt, context_.aircraft_changes(), editsPractised(),
                              use_.shares[i]});
    }
    moveCursors();
}

void RatesPage::moveCursors()
{
    if (!title_ || !isVisible()) return;
    const Sticks sticks = station_.input().sticks();
    const double at[] = {std::abs(sticks.roll), std::abs(sticks.pitch), std::abs(sticks.yaw)};
    for (std::size_t axis = 0; axis < 3; ++axis) plots_[axis]->setStick(at[axis]);
}

void RatesPage::apply()
{
    if (!school_.pilot(station_.pilotId()) || !context_.possible()) return;
    if (context_.aircraft_changes()) { // never at once: in steps, each with a test flight
        sections_->choose(Plan);
        return plan_->begin();
    }
    TrainingSetup setup = school_.setup(context_.question.pilot_id).value_or(TrainingSetup{});
    setup.rates = context_.matched();
    setup.rates.name = (context_.simulator + QStringLiteral(" for ") + context_.aircraft).toStdString();
    if (setup.real_aircraft.empty()) setup.real_aircraft = context_.question.aircraft_id;
    school_.practise_on_match(context_.question.pilot_id, setup, match_to_keep(context_, setup.rates));
}

void RatesPage::readRates(const QString& file)
{
    const auto read = readRatesFile(file, context_.real, form_->family());
    if (!read) return words_->setText(tr("Nothing was changed: %1.").arg(asWords(read.error())));
    school_.keep_rates(context_.question.aircraft_id, read->rates);
    words_->setText(read->message);
}

bool RatesPage::saveTable(const QString& file) const { return saveRatesTable(file, context_); }
bool RatesPage::savePicture(const QString& file) { return saveRatesPicture(file, plots_, title_->text()); }

} // namespace bh::desk
