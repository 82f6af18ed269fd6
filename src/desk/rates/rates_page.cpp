#include "desk/rates/rates_page.h"

#include "core/curves/rate_families.h"
#include "core/rates/handling.h"
#include "core/rates/turn_numbers.h"
#include "desk/parts/hints.h"
#include "desk/parts/number_box.h"
#include "desk/parts/record_store.h"
#include "desk/parts/sections.h"
#include "desk/parts/station.h"
#include "desk/parts/tables.h"
#include "desk/parts/theme.h"
#include "desk/rates/advice_panel.h"
#include "desk/rates/curve_plot.h"
#include "desk/rates/feel_panel.h"
#include "desk/rates/plan_panel.h"
#include "desk/rates/rates_files.h"
#include "desk/rates/timing_panel.h"
#include "desk/words/rate_words.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSignalBlocker>
#include <QUndoStack>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr std::array axisNames{"Roll", "Pitch", "Yaw"};
enum Section { Match, Advice, Plan, Time, Feel };
constexpr std::size_t yaw = 2;

const RateCurve& axisOf(const RateProfile& p, std::size_t axis) { return curve_of(p, static_cast<RateAxis>(axis)); }
RateCurve& axisOf(RateProfile& p, std::size_t axis) { return curve_of(p, static_cast<RateAxis>(axis)); }

QCheckBox* check(const QString& text, const char* name, const QString& tip)
{
    auto* box = new QCheckBox(text);
    box->setObjectName(QLatin1String(name));
    box->setToolTip(tip);
    return box;
}

QString dayInWords(UnixTime at)
{
    return QLocale(QLocale::English).toString(QDateTime::fromSecsSinceEpoch(at).date(), QStringLiteral("d MMM yyyy"));
}

} // namespace

RatesPage::RatesPage(RecordStore& store, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), store_(store), station_(station), keys_(keys)
{
    connect(&store_, &RecordStore::changed, this, &RatesPage::refresh);
    connect(&station_, &Station::pilotChosen, this, [this] {
        ofPilot_ = true;
        refresh();
    });
    connect(&station_, &Station::sticksMoved, this, &RatesPage::moveCursors);
}

void RatesPage::build()
{
    title_ = new QLabel;
    title_->setObjectName(QStringLiteral("ratesTitle"));
    title_->setFont(uiFont(13, true));
    title_->setWordWrap(true);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("ratesWords"));
    words_->setProperty("quiet", true);
    words_->setWordWrap(true);
    const auto combo = [](const char* name, const QString& spoken, const QString& tip) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(spoken);
        box->setToolTip(tip);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(14);
        return box;
    };
    direction_ = combo("ratesDirection", tr("Which side changes"),
                       tr("Set the simulator like the aircraft; or bring the aircraft to what is practised; or first find and "
                          "practise here what feels right, and only then change the aircraft"));
    direction_->addItems({tr("The simulator changes"), tr("The aircraft changes"), tr("Found here, then the aircraft")});
    connect(direction_, &QComboBox::activated, this, [this] { rematch(); });
    edits_ = combo("ratesEdits", tr("Whose rates are edited"), tr("Whose numbers stand below, and whose curve has the handles"));
    edits_->addItems({tr("real aircraft's rates"), tr("practised rates")});
    connect(edits_, &QComboBox::activated, this, [this] {
        filling_ = true;
        fillForm();
        filling_ = false;
        showPlots();
    });
    aircraft_ = combo("ratesAircraft", tr("Real aircraft"), tr("The school's real aircraft; they come from the Set-up page"));
    simulator_ = combo("ratesSimulator", tr("Simulator"), tr("Where the match is to be set; its own limits and steps count"));
    family_ = combo("ratesFamily", tr("How these rates are given"), tr("The kind of numbers in which these rates are given"));
    for (const RateFamily& f : rate_families()) {
        QStringList names;
        for (const RateParameter& p : f.parameters) names << QString::fromUtf8(p.name.data());
        family_->addItem(names.join(QStringLiteral(", ")), QLatin1String(f.key.data()));
    }
    connect(aircraft_, &QComboBox::activated, this, &RatesPage::refresh);
    connect(simulator_, &QComboBox::activated, this, &RatesPage::rematch);
    connect(family_, &QComboBox::activated, this, &RatesPage::familyChosen);

    auto* form = new QGridLayout;
    form->setVerticalSpacing(4);
    form->setHorizontalSpacing(6);
    for (std::size_t k = 0; k < 3; ++k) {
        names_[k] = new QLabel;
        form->addWidget(names_[k], 0, static_cast<int>(k) + 1);
    }
    for (std::size_t axis = 0; axis < 3; ++axis) {
        form->addWidget(new QLabel(tr(axisNames[axis])), static_cast<int>(axis) + 1, 0);
        for (std::size_t k = 0; k < 3; ++k) {
            auto* box = new QDoubleSpinBox;
            box->setObjectName(QStringLiteral("real-%1-%2").arg(QString::fromLatin1(axisNames[axis]).toLower()).arg(k));
            box->setButtonSymbols(QAbstractSpinBox::NoButtons);
            box->setKeyboardTracking(false);
            boxes_[axis][k] = box;
            form->addWidget(box, static_cast<int>(axis) + 1, static_cast<int>(k) + 1);
            connect(box, &QDoubleSpinBox::valueChanged, this, &RatesPage::boxEdited);
        }
    }
    keepMax_ = check(tr("keep the max"), "keepMax", tr("The rate at full stick exactly, as near as the simulator's steps come"));
    keepCentre_ = check(tr("keep the centre"), "keepCentre",
                        tr("The slope at the centred stick exactly, as near as the simulator's steps come"));
    byUse_ = check(tr("by the pilot's stick use"), "byUse",
                   tr("Where the pilot's sticks spend their time counts more; from the newest six flights, and the newest three "
                      "recordings of practice outside. The bars behind the curves show it."));
    const QString lockTips[] = {tr("Roll stays as it is"), tr("Pitch stays as it is"),
                                tr("Yaw takes the least part in the feel of a flight, and a changed yaw turns every habit of the "
                                   "eyes: it stays unless it is asked for (common practice)")};
    for (std::size_t axis = 0; axis < 3; ++axis) {
        lock_[axis] =
            check(tr(axisNames[axis]).toLower(), QByteArray("lock").append(axisNames[axis]).constData(), lockTips[axis]);
        lock_[axis]->setAccessibleName(tr("Leave %1 alone").arg(tr(axisNames[axis]).toLower()));
        lock_[axis]->setChecked(axis == yaw);
        connect(lock_[axis], &QCheckBox::toggled, this, &RatesPage::rematch);
    }
    for (QCheckBox* box : {keepMax_, keepCentre_, byUse_}) connect(box, &QCheckBox::toggled, this, &RatesPage::rematch);

    for (std::size_t axis = 0; axis < 3; ++axis) {
        plots_[axis] = new CurvePlot(tr(axisNames[axis]));
        connect(plots_[axis], &CurvePlot::edited, this, [this, axis](const RateCurve& curve) {
            RateProfile changed = editsPractised() ? context_.practised : context_.real;
            axisOf(changed, axis) = curve;
            keepEdited(changed);
        });
    }
    table_ = readingTable(
        "rateTable", tr("The curves in numbers"),
        {tr("Curve"), tr("Set to"), tr("Max"), tr("Centre"), tr("Half"), tr("Turn, s"), tr("Flip, m"), tr("Off")}, 1);
    table_->setMinimumHeight(110);
    table_->setMaximumHeight(9 * 21 + 46);
    explain(table_, {tr("Whose curve."), tr("The settings, in that side's own numbers."), tr("°/s at full stick."),
                     tr("Slope at the centred stick, °/s per unit of stick."), tr("°/s at half stick."),
                     tr("A full turn from rest: 360 over the max, and what winding up and the rate lag of the aircraft cost."),
                     tr("Lost in a full turn without power: ½·g·t² (common practice, a rough guide)."),
                     tr("°/s: root mean square of the difference from the real aircraft over the stick, weighted as chosen.")});
    leastHours_ =
        numberBox("leastHours", tr("Hours on the practised rates before the aircraft changes"), 0, 50, 1, tr(" h first"));
    leastHours_->setValue(5);
    leastHours_->setToolTip(tr("So many hours have to be flown on the practised rates, and their handling ratings have to be "
                               "steady, before they go on the aircraft (house)"));
    connect(leastHours_, &QDoubleSpinBox::valueChanged, this, &RatesPage::rematch);
    trial_ = new QPushButton(tr("Try these"));
    trial_->setObjectName(QStringLiteral("tryRates"));
    trial_->setToolTip(tr("Counts hours and handling ratings on the practised rates from now on"));
    connect(trial_, &QPushButton::clicked, this, [this] { store_.keepRatesTrial(station_.pilotId(), context_.practised); });
    apply_ = new QPushButton(tr("Practise on the match"));
    apply_->setObjectName(QStringLiteral("applyMatch"));
    apply_->setProperty("primary", true);
    apply_->setToolTip(
        tr("The pilot's drills here are flown with these rates from now on, and the set-up card carries them; it can be undone"));
    read_ = new QPushButton(tr("Read from a file"));
    read_->setObjectName(QStringLiteral("readRates"));
    read_->setToolTip(tr("A rates file (.json), measured curves (.csv: stick, roll_dps, pitch_dps, yaw_dps), or a flight log of "
                         "the real aircraft in acro (.csv), from which its rates are found"));
    connect(read_, &QPushButton::clicked, this, [this] {
        if (const QString file =
                QFileDialog::getOpenFileName(this, tr("Rates file or flight log"), {}, tr("Rates or flight log (*.json *.csv)"));
            !file.isEmpty())
            readRates(file);
    });
    csv_ = new QPushButton(tr("Save table"));
    csv_->setToolTip(tr("The curves as a table (.csv), or the match as a rates file (.json)"));
    csv_->setObjectName(QStringLiteral("saveRateTable"));
    png_ = new QPushButton(tr("Save picture"));
    png_->setObjectName(QStringLiteral("saveRatePicture"));
    connect(apply_, &QPushButton::clicked, this, &RatesPage::apply);
    connect(csv_, &QPushButton::clicked, this, [this] {
        if (const QString file = QFileDialog::getSaveFileName(this, tr("Save the rates"), QStringLiteral("rates.csv"));
            !file.isEmpty() && !saveTable(file))
            words_->setText(tr("%1 could not be written.").arg(file));
    });
    connect(png_, &QPushButton::clicked, this, [this] {
        if (const QString file = QFileDialog::getSaveFileName(this, tr("Save the curves"), QStringLiteral("rates.png"),
                                                              tr("Pictures (*.png *.svg)"));
            !file.isEmpty() && !savePicture(file))
            words_->setText(tr("%1 could not be written.").arg(file));
    });

    auto* left = new QVBoxLayout;
    left->setSpacing(5);
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
    left->addSpacing(6);
    left->addWidget(new QLabel(tr("Numbers and handles of")));
    left->addWidget(edits_);
    left->addWidget(family_);
    left->addLayout(form);
    left->addWidget(read_);
    left->addStretch();
    left->addWidget(apply_);
    auto* leftBox = new QWidget;
    leftBox->setLayout(left);
    left->setContentsMargins(0, 0, 0, 0);
    leftBox->setFixedWidth(236);

    sections_ = new Sections;
    auto* head = new QHBoxLayout;
    head->setSpacing(6);
    head->addWidget(title_, 1);
    head->addWidget(sections_->add(tr("Match"), QStringLiteral("sectionMatch"), [this] { return buildMatch(); }));
    head->addWidget(sections_->add(tr("Advice"), QStringLiteral("sectionAdvice"), [this] {
        advice_ = new AdvicePanel(store_);
        advice_->setContext(context_);
        return advice_;
    }));
    head->addWidget(sections_->add(tr("Plan"), QStringLiteral("sectionPlan"), [this] {
        plan_ = new PlanPanel(store_);
        plan_->setContext(context_);
        connect(plan_, &PlanPanel::flyAsked, this, [this](const RateProfile& rates, const QString& what) {
            sections_->choose(Feel);
            feel_->fly(rates, what);
            if (feel_->loop()) plan_->stepFlown(); // nothing flies without a controller
        });
        return plan_;
    }));
    head->addWidget(sections_->add(tr("Time it"), QStringLiteral("sectionTime"), [this] {
        timing_ = new TimingPanel(store_);
        timing_->setContext(context_);
        return timing_;
    }));
    head->addWidget(sections_->add(tr("Feel it"), QStringLiteral("sectionFeel"), [this] {
        feel_ = new FeelPanel(store_, station_, keys_);
        feel_->setContext(context_);
        return feel_;
    }));
    connect(sections_, &Sections::chosen, this, [this](int section) {
        if (feel_ && section != Feel) feel_->land(); // nobody looks
        if (section == Time) timing_->setFocus();
        if (section == Feel) feel_->setFocus();
    });
    auto* columns = new QHBoxLayout;
    columns->setSpacing(16);
    columns->addWidget(leftBox);
    columns->addWidget(sections_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(10);
    layout->addLayout(head);
    layout->addLayout(columns, 1);
}

QWidget* RatesPage::buildMatch()
{
    auto* legend = new QLabel(tr("Solid: real aircraft · dashed: practised · amber: match · bars: how the stick is used"));
    legend->setProperty("quiet", true);
    legend->setWordWrap(true);
    auto* plotsRow = new QHBoxLayout;
    plotsRow->setSpacing(10);
    for (CurvePlot* plot : plots_) plotsRow->addWidget(plot, 1);
    auto* foot = new QHBoxLayout;
    foot->addWidget(words_, 1);
    foot->addWidget(csv_);
    foot->addWidget(png_);
    auto* match = new QWidget;
    auto* column = new QVBoxLayout(match);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addWidget(legend);
    column->addLayout(plotsRow, 3);
    column->addWidget(table_, 2);
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

/// Why the practised rates may not go on the aircraft yet, where they have to be found here first.
std::string RatesPage::whyBlocked() const
{
    if (context_.direction != MatchDirection::FoundHere) return {};
    const auto trial = store_.ratesTrial(station_.pilotId());
    if (!trial || !(trial->rates == context_.practised))
        return "First find what feels right: edit the practised rates, fly, and then press \"Try these\".";
    double active_s = 0;
    for (const SessionRow& s : store_.sessions(station_.pilotId()))
        if (s.started_at >= trial->at) active_s += s.active_s;
    std::vector<int> ratings;
    for (const HandlingNote& n : store_.handling(station_.pilotId()))
        if (n.at >= trial->at && n.rates == trial->rates) ratings.push_back(n.rating);
    return why_not_on_aircraft(active_s / 3600, leastHours_->value(), ratings);
}

RateProfile RatesPage::practised() const
{
    const auto own = store_.setup(station_.pilotId());
    return own ? own->rates : RateProfile{};
}

void RatesPage::readStickUse()
{
    const auto attempts = store_.attempts(station_.pilotId());
    const auto sessions = store_.sessions(station_.pilotId());
    const std::string of =
        station_.pilotId() + (attempts.empty() ? "" : attempts.back().id) + (sessions.empty() ? "" : sessions.back().id);
    if (of != useOf_) use_ = stickHistory(store_, station_.pilotId());
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
    const auto own = store_.setup(station_.pilotId());
    const QString chosen = ofPilot_ && own ? QString::fromStdString(own->real_aircraft) : aircraft_->currentData().toString(),
                  simulator = simulator_->currentData().toString();
    aircraft_->clear();
    for (const Airframe& a : store_.realAircraft())
        aircraft_->addItem(QString::fromStdString(a.name), QString::fromStdString(a.id));
    aircraft_->setCurrentIndex(std::max(aircraft_->count() ? 0 : -1, aircraft_->findData(chosen)));
    simulator_->clear();
    for (const SimulatorProfile& s : store_.simulators())
        if (rate_family(s.rate_family)) simulator_->addItem(QString::fromStdString(s.name), QString::fromStdString(s.id));
    const auto matched = ofPilot_ ? store_.match(station_.pilotId()) : std::nullopt;
    const auto plan = ofPilot_ ? store_.ratePlan(station_.pilotId()) : std::nullopt;
    const QString of_pilot = matched ? QString::fromStdString(matched->simulator)
                             : plan  ? QString::fromStdString(plan->simulator)
                                     : simulator;
    simulator_->setCurrentIndex(std::max(simulator_->count() ? 0 : -1, simulator_->findData(of_pilot)));
    const auto kept = store_.ratesOf(aircraft_->currentData().toString().toStdString());
    context_.real = kept.value_or(RateProfile{});
    context_.practised = practised();
    readStickUse();
    byUse_->setEnabled(!use_.shares[0].empty());
    ofPilot_ = false;
    fillForm();
    filling_ = false;
    rematch();
}

void RatesPage::fillForm()
{
    const RateProfile& edited = editsPractised() ? context_.practised : context_.real;
    const RateFamily* family = rate_family(family_key(edited.roll));
    family_->setCurrentIndex(family_->findData(QLatin1String(family_key(edited.roll))));
    const bool there_is_one = editsPractised() ? store_.pilot(station_.pilotId()) != nullptr : aircraft_->currentIndex() >= 0;
    read_->setEnabled(!editsPractised() && there_is_one);
    family_->setEnabled(there_is_one);
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const auto values = parameters_of(axisOf(edited, axis));
        for (std::size_t k = 0; k < 3; ++k) {
            const bool there = family && k < family->parameters.size() && k < values.size();
            boxes_[axis][k]->setVisible(there);
            boxes_[axis][k]->setEnabled(there_is_one);
            if (axis == 0) names_[k]->setVisible(there);
            if (!there) continue;
            const RateParameter& p = family->parameters[k];
            if (axis == 0) names_[k]->setText(QString::fromUtf8(p.name.data()));
            QDoubleSpinBox* box = boxes_[axis][k];
            box->setRange(p.low, p.high);
            box->setDecimals(p.step < 1 ? 2 : 0);
            const QSignalBlocker quiet(box); // told only when somebody edits
            box->setSingleStep(p.step < 1 ? 0.05 : 10);
            box->setAccessibleName((editsPractised() ? tr("%1 of the practised %2") : tr("%1 of the real aircraft's %2"))
                                       .arg(QString::fromUtf8(p.name.data()), tr(axisNames[axis])));
            box->setValue(values[k]);
        }
    }
}

/// The same curves in another kind of numbers, as near as it comes.
void RatesPage::familyChosen()
{
    const std::string family = family_->currentData().toString().toStdString();
    RateProfile changed = editsPractised() ? context_.practised : context_.real;
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (const auto same = match_rates(axisOf(changed, axis), family)) axisOf(changed, axis) = same->rounded;
    changed.limits.clear(); // they were of other numbers
    keepEdited(changed);
}

void RatesPage::boxEdited()
{
    if (filling_) return;
    RateProfile changed = editsPractised() ? context_.practised : context_.real;
    for (std::size_t axis = 0; axis < 3; ++axis) {
        std::vector<double> values = parameters_of(axisOf(changed, axis));
        for (std::size_t k = 0; k < values.size(); ++k)
            if (std::abs(boxes_[axis][k]->value() - values[k]) > 0.006)
                values[k] = boxes_[axis][k]->value(); // not what the box has only rounded
        axisOf(changed, axis) = curve_with(family_key(axisOf(changed, axis)), values);
    }
    keepEdited(changed);
}

void RatesPage::keepEdited(const RateProfile& changed)
{
    if (!editsPractised()) {
        if (aircraft_->currentIndex() >= 0) store_.keepRates(aircraft_->currentData().toString().toStdString(), changed);
        return;
    }
    if (!store_.pilot(station_.pilotId())) return;
    TrainingSetup setup = store_.setup(station_.pilotId()).value_or(TrainingSetup{});
    setup.rates = changed;
    store_.keepSetup(station_.pilotId(), setup);
}

void RatesPage::rematch()
{
    if (filling_) return;
    const std::string simulator_id = simulator_->currentData().toString().toStdString();
    const SimulatorProfile* simulator = store_.simulator(simulator_id);
    context_.pilot_id = station_.pilotId();
    context_.aircraft_id = aircraft_->currentData().toString().toStdString();
    context_.simulator_id = simulator_id;
    context_.aircraft = aircraft_->currentText();
    context_.simulator = simulator_->currentText();
    context_.direction = static_cast<MatchDirection>(direction_->currentIndex());
    for (std::size_t axis = 0; axis < 3; ++axis) context_.locked[axis] = lock_[axis]->isChecked();
    context_.rocking_share = use_.rocking_share;
    context_.matches = {};
    context_.blocked = whyBlocked();
    leastHoursRow_->setVisible(context_.direction == MatchDirection::FoundHere);
    const auto trial = store_.ratesTrial(station_.pilotId());
    trial_->setEnabled(store_.pilot(station_.pilotId()) && !(trial && trial->rates == context_.practised));
    const bool ready = simulator && aircraft_->currentIndex() >= 0;
    // The side that changes is set in its own kind of numbers: the simulator's as its profile says, the aircraft's as they are
    // given.
    const RateFamily* family = context_.aircraft_changes() ? rate_family(family_key(context_.real.roll))
                               : simulator                 ? rate_family(simulator->rate_family)
                                                           : nullptr;
    context_.family = family ? family->key : "";
    context_.ranges.clear();
    if (context_.aircraft_changes() && family) {
        context_.ranges = context_.real.limits; // where the aircraft has its own
        if (context_.ranges.size() != family->parameters.size()) {
            context_.ranges.clear();
            for (const RateParameter& p : family->parameters) context_.ranges.push_back({p.low, p.high, p.step});
        }
    } else if (simulator)
        context_.ranges = RecordStore::rateRanges(*simulator);
    const RateProfile& target = context_.aircraft_changes() ? context_.practised : context_.real;
    if (ready && family)
        for (std::size_t axis = 0; axis < 3; ++axis) {
            if (context_.locked[axis]) continue;
            MatchOptions options;
            options.keep_max = keepMax_->isChecked();
            options.keep_centre = keepCentre_->isChecked();
            if (byUse_->isChecked()) options.weights = use_.shares[axis];
            options.ranges = context_.ranges;
            if (auto match = match_rates(axisOf(target, axis), context_.family, options))
                context_.matches[axis] = std::move(*match);
        }
    const PilotRow* pilot = store_.pilot(station_.pilotId());
    apply_->setText(context_.aircraft_changes() ? tr("Plan the change") : tr("Practise on the match"));
    apply_->setEnabled(ready && pilot && context_.blocked.empty());
    if (aircraft_->currentIndex() < 0)
        title_->setText(tr("Add the real aircraft on the Set-up page first; its rates are matched here."));
    else if (!simulator)
        title_->setText(tr("No simulator lets its rates be set. Say on the Controller page, under Sheets, how yours does."));
    else {
        const CurveDifference now = difference(context_.real.roll, context_.practised.roll);
        const double then = context_.matches[0] ? context_.matches[0]->rounded_difference.rms_dps : now.rms_dps;
        title_->setText((context_.aircraft_changes() ? tr("%1 to the rates of %2: roll off %3 °/s, %4 then")
                                                     : tr("%1 in %2: roll off %3 °/s, %4 when matched"))
                            .arg(aircraft_->currentText(), simulator_->currentText(), QString::number(now.rms_dps, 'f', 0),
                                 QString::number(then, 'f', 1)));
    }
    UnixTime at = 0;
    const auto kept = pilot ? store_.match(pilot->id, &at) : std::nullopt;
    const std::string stale = pilot ? store_.matchStale(pilot->id) : "";
    QString said;
    if (aircraft_->currentIndex() < 0)
        said.clear();
    else if (!context_.blocked.empty())
        said = QString::fromStdString(context_.blocked);
    else if (!store_.ratesOf(context_.aircraft_id))
        said = tr("This aircraft's own rates are not known yet: type what it is set to, or find out under \"Time it\". Until "
                  "then a learner's rates stand in.");
    else if (!kept)
        said = tr("Not matched yet. Hours count as on matched rates once the match is practised on.");
    else if (!stale.empty())
        said = tr("The match of %1 does not hold any more: %2.").arg(dayInWords(at), QString::fromStdString(stale).toLower());
    else
        said = tr("Matched on %1; %2 h flown on matched rates so far.")
                   .arg(dayInWords(at))
                   .arg(store_.standing(pilot->id).hours_matched, 0, 'f', 1);
    if (context_.aircraft_changes())
        said += tr(" On the real aircraft: high, open ground, panic switch at hand, never over water or people.");
    words_->setText(said);
    showPlots();
    showTable();
    tellPanels();
}

void RatesPage::tellPanels()
{
    if (advice_) advice_->setContext(context_);
    if (plan_) plan_->setContext(context_);
    if (timing_) timing_->setContext(context_);
    if (feel_) feel_->setContext(context_);
}

void RatesPage::showPlots()
{
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const auto& match = context_.matches[axis];
        plots_[axis]->setCurves({axisOf(context_.real, axis), axisOf(context_.practised, axis),
                                 match ? std::optional(match->rounded) : std::nullopt, context_.aircraft_changes(),
                                 editsPractised(), use_.shares[axis]});
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

void RatesPage::showTable()
{
    const RateProfile& now = context_.practised;
    const RateProfile& target = context_.aircraft_changes() ? context_.practised : context_.real;
    const std::size_t stays = context_.aircraft_changes() ? 1 : 0; // the row that the others are off from
    const Airframe* real = store_.realAircraft(aircraft_->currentData().toString().toStdString());
    const Airframe airframe = real ? *real : Airframe{};
    table_->setRowCount(9);
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const std::vector<double> weights = byUse_->isChecked() ? use_.shares[axis] : std::vector<double>{};
        const std::optional<RateCurve> curves[] = {axisOf(context_.real, axis), axisOf(now, axis),
                                                   context_.matches[axis] ? std::optional(context_.matches[axis]->rounded)
                                                                          : std::nullopt};
        const QString names[] = {tr("real"), tr("practised"), tr("match")};
        for (std::size_t k = 0; k < 3; ++k) {
            const int row = static_cast<int>(3 * axis + k);
            QStringList cells{tr("%1, %2").arg(tr(axisNames[axis]), names[k])};
            if (curves[k]) {
                const TurnNumbers n = turn_numbers(*curves[k], airframe);
                cells << settingsInWords(*curves[k]);
                for (const auto& [value, digits] : {std::pair{n.max_dps, 0},
                                                    {n.centre_dps, 0},
                                                    {n.half_stick_dps, 0},
                                                    {n.full_turn_s, 2},
                                                    {n.flip_height_m, 1}})
                    cells << QString::number(value, 'f', digits);
                cells << (k == stays ? QString()
                                     : QString::number(difference(axisOf(target, axis), *curves[k], weights).rms_dps, 'f', 1));
            } else {
                cells << (context_.locked[axis] ? tr("left alone") : tr("no match"));
                while (cells.size() < table_->columnCount()) cells << QString();
            }
            for (int column = 0; column < table_->columnCount(); ++column) {
                auto* item = new QTableWidgetItem(cells[column]);
                item->setFont(uiFont(9.5, k == 2));
                if (column == 1) item->setToolTip(cells[column]);
                if (column > 1) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
                table_->setItem(row, column, item);
            }
            table_->setRowHeight(row, 21);
        }
    }
}

void RatesPage::apply()
{
    if (!store_.pilot(station_.pilotId()) || !context_.blocked.empty()) return;
    if (context_.aircraft_changes()) { // never at once: in steps, each with a test flight
        sections_->choose(Plan);
        return plan_->begin();
    }
    const RatesContext was = context_; // writing reads everything anew
    TrainingSetup setup = store_.setup(was.pilot_id).value_or(TrainingSetup{});
    setup.rates = was.matched();
    setup.rates.name = (was.simulator + QStringLiteral(" for ") + was.aircraft).toStdString();
    if (setup.real_aircraft.empty()) setup.real_aircraft = was.aircraft_id;
    store_.undoStack()->beginMacro(tr("practise on the match"));
    const bool known = store_.ratesOf(was.aircraft_id).has_value(); // a learner's rates that stand in are no match
    if (store_.keepSetup(was.pilot_id, setup) && known)
        store_.keepMatch(was.pilot_id, {was.aircraft_id, was.simulator_id, was.real, setup.rates, was.family, was.ranges});
    store_.undoStack()->endMacro();
}

void RatesPage::readRates(const QString& file)
{
    const auto read = readRatesFile(file, context_.real, family_->currentData().toString().toStdString());
    if (!read) return words_->setText(tr("Nothing was changed: %1.").arg(QString::fromStdString(read.error().message)));
    store_.keepRates(context_.aircraft_id, read->rates);
    words_->setText(read->said);
}

bool RatesPage::saveTable(const QString& file) const { return saveRatesTable(file, context_); }
bool RatesPage::savePicture(const QString& file) { return saveRatesPicture(file, plots_, title_->text()); }

} // namespace bh::desk
