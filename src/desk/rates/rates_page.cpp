#include "desk/rates/rates_page.h"

#include "core/rates/rate_families.h"
#include "core/rates/rates_from_log.h"
#include "core/rates/turn_numbers.h"
#include "desk/frame/hints.h"
#include "desk/plot_look.h"
#include "desk/record_store.h"
#include "desk/station.h"
#include "desk/theme.h"
#include "files/file_text.h"
#include "files/flight_csv.h"
#include "files/setup_documents.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSaveFile>
#include <QSignalBlocker>
#include <QTableWidget>
#include <algorithm>
#include <qcustomplot.h>

namespace bh::desk {
namespace {

constexpr std::array axisNames{"Roll", "Pitch", "Yaw"};
constexpr std::size_t yaw = 2, use_bins = 20, newest_flights = 6;

const RateCurve& axisOf(const RateProfile& p, std::size_t axis) { return axis == 0 ? p.roll : axis == 1 ? p.pitch : p.yaw; }
RateCurve& axisOf(RateProfile& p, std::size_t axis) { return axis == 0 ? p.roll : axis == 1 ? p.pitch : p.yaw; }

QCheckBox* check(const QString& text, const char* name, const QString& tip)
{
    auto* box = new QCheckBox(text);
    box->setObjectName(QLatin1String(name));
    box->setToolTip(tip);
    return box;
}

/// "centre 190, max 930, expo 0.66"
QString settings(const RateCurve& curve)
{
    const RateFamily* family = rate_family(family_key(curve));
    if (!family) return QObject::tr("measured points");
    QStringList parts;
    const auto values = parameters_of(curve);
    for (std::size_t i = 0; i < values.size(); ++i)
        parts << QStringLiteral("%1 %2").arg(QString::fromUtf8(family->parameters[i].name.data())).arg(values[i], 0, 'g', 6);
    return parts.join(QStringLiteral(", "));
}

} // namespace

RatesPage::RatesPage(RecordStore& store, Station& station, QWidget* parent) : QWidget(parent), store_(store), station_(station)
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
    aircraft_ = combo("ratesAircraft", tr("Real aircraft"), tr("The school's real aircraft; they come from the Set-up page"));
    simulator_ = combo("ratesSimulator", tr("Simulator"), tr("Where the match is to be set; its own limits and steps count"));
    family_ = combo("ratesFamily", tr("How the aircraft's rates are given"), tr("The kind of numbers in which the aircraft's rates are given"));
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
            connect(box, &QDoubleSpinBox::valueChanged, this, &RatesPage::realEdited);
        }
    }
    keepMax_ = check(tr("keep the max"), "keepMax", tr("The rate at full stick exactly, as near as the simulator's steps come"));
    keepCentre_ = check(tr("keep the centre"), "keepCentre", tr("The slope at the centred stick exactly, as near as the simulator's steps come"));
    byUse_ = check(tr("by the pilot's stick use"), "byUse", tr("Where the pilot's sticks spend their time counts more; from the newest six flights. The bars behind the curves show it."));
    lockYaw_ = check(tr("leave yaw alone"), "lockYaw", tr("Yaw takes the least part in the feel of a flight, and a changed yaw turns every habit of the eyes: it stays unless it is asked for (common practice)"));
    lockYaw_->setChecked(true);
    for (QCheckBox* box : {keepMax_, keepCentre_, byUse_, lockYaw_}) connect(box, &QCheckBox::toggled, this, &RatesPage::rematch);

    auto* plotsRow = new QHBoxLayout;
    plotsRow->setSpacing(10);
    for (std::size_t axis = 0; axis < 3; ++axis) {
        plots_[axis] = new QCustomPlot;
        plots_[axis]->setObjectName(QStringLiteral("ratePlot%1").arg(axis));
        plots_[axis]->setAccessibleName(tr("%1 rate over the stick").arg(tr(axisNames[axis])));
        plots_[axis]->setMinimumHeight(150);
        plots_[axis]->setFocusPolicy(Qt::TabFocus);
        explain(plots_[axis], tr("Deg/s over the stick. Solid: the real aircraft. Dashed: what the pilot practises on now. Amber: the match. Bars: where the pilot's stick spends its time. The upright line follows the live stick."));
        readings_[axis] = new QLabel;
        readings_[axis]->setObjectName(QStringLiteral("rateReading%1").arg(axis));
        readings_[axis]->setFont(uiFont(9));
        auto* column = new QVBoxLayout;
        column->setSpacing(2);
        column->addWidget(plots_[axis], 1);
        column->addWidget(readings_[axis]);
        plotsRow->addLayout(column, 1);
    }
    table_ = new QTableWidget(0, 8);
    table_->setObjectName(QStringLiteral("rateTable"));
    table_->setAccessibleName(tr("The curves in numbers"));
    table_->setFocusPolicy(Qt::TabFocus);
    table_->setHorizontalHeaderLabels({tr("Curve"), tr("Set to"), tr("Max"), tr("Centre"), tr("Half"), tr("Turn, s"), tr("Flip, m"), tr("Off")});
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setShowGrid(false);
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
    explain(table_, {tr("Whose curve."), tr("The settings, in that side's own numbers."), tr("°/s at full stick."), tr("Slope at the centred stick, °/s per unit of stick."), tr("°/s at half stick."),
                     tr("A full turn from rest: 360 over the max, and what winding up and the rate lag of the aircraft cost."), tr("Lost in a full turn without power: ½·g·t² (common practice, a rough guide)."),
                     tr("°/s: root mean square of the difference from the real aircraft over the stick, weighted as chosen.")});
    apply_ = new QPushButton(tr("Practise on the match"));
    apply_->setObjectName(QStringLiteral("applyMatch"));
    apply_->setProperty("primary", true);
    apply_->setToolTip(tr("The pilot's drills here are flown with these rates from now on, and the set-up card carries them; it can be undone"));
    read_ = new QPushButton(tr("Read from a file"));
    read_->setObjectName(QStringLiteral("readRates"));
    read_->setToolTip(tr("A rates file (.json), or a flight log of the real aircraft in acro (.csv), from which its rates are found"));
    connect(read_, &QPushButton::clicked, this, [this] {
        if (const QString file = QFileDialog::getOpenFileName(this, tr("Rates file or flight log"), {}, tr("Rates or flight log (*.json *.csv)")); !file.isEmpty()) readRates(file);
    });
    csv_ = new QPushButton(tr("Save table"));
    csv_->setToolTip(tr("The curves as a table (.csv), or the match as a rates file (.json)"));
    csv_->setObjectName(QStringLiteral("saveRateTable"));
    png_ = new QPushButton(tr("Save picture"));
    png_->setObjectName(QStringLiteral("saveRatePicture"));
    connect(apply_, &QPushButton::clicked, this, &RatesPage::apply);
    connect(csv_, &QPushButton::clicked, this, [this] {
        if (const QString file = QFileDialog::getSaveFileName(this, tr("Save the rates"), QStringLiteral("rates.csv")); !file.isEmpty() && !saveTable(file)) words_->setText(tr("%1 could not be written.").arg(file));
    });
    connect(png_, &QPushButton::clicked, this, [this] {
        if (const QString file = QFileDialog::getSaveFileName(this, tr("Save the curves"), QStringLiteral("rates.png")); !file.isEmpty() && !savePicture(file)) words_->setText(tr("%1 could not be written.").arg(file));
    });

    auto* left = new QVBoxLayout;
    left->setSpacing(6);
    left->addWidget(new QLabel(tr("Real aircraft")));
    left->addWidget(aircraft_);
    left->addWidget(new QLabel(tr("Its rates are given as")));
    left->addWidget(family_);
    left->addLayout(form);
    left->addWidget(read_);
    left->addSpacing(6);
    left->addWidget(new QLabel(tr("Match them in")));
    left->addWidget(simulator_);
    for (QCheckBox* box : {lockYaw_, keepMax_, keepCentre_, byUse_}) left->addWidget(box);
    left->addStretch();
    left->addWidget(apply_);
    auto* leftBox = new QWidget;
    leftBox->setLayout(left);
    left->setContentsMargins(0, 0, 0, 0);
    leftBox->setFixedWidth(230);
    auto* legend = new QLabel(tr("Solid: the real aircraft · dashed: practised on now · amber: the match · bars: where the pilot's stick is · upright: the stick now"));
    legend->setProperty("quiet", true);
    legend->setWordWrap(true);
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    right->addWidget(legend);
    right->addLayout(plotsRow, 3);
    right->addWidget(table_, 4);
    auto* foot = new QHBoxLayout;
    foot->addWidget(words_, 1);
    foot->addWidget(csv_);
    foot->addWidget(png_);
    right->addLayout(foot);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(16);
    columns->addWidget(leftBox);
    columns->addLayout(right, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(10);
    layout->addWidget(title_);
    layout->addLayout(columns, 1);
}

RateProfile RatesPage::practised() const
{
    const auto own = store_.setup(station_.pilotId());
    return own ? own->rates : RateProfile{};
}

/// How the sticks are used, from the pilot's newest flights.
void RatesPage::readStickUse()
{
    const auto attempts = store_.attempts(station_.pilotId());
    const std::string of = station_.pilotId() + (attempts.empty() ? "" : attempts.back().id);
    if (of == useOf_) return;
    useOf_ = of;
    std::array<std::vector<double>, 3> sticks;
    std::size_t flights = 0;
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights < newest_flights; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty()) continue;
        const auto log = store_.flightLog(a->log_hash);
        if (!log) continue;
        for (std::size_t axis = 0; axis < 3; ++axis) {
            const auto& column = axis == 0 ? log->stick_roll : axis == 1 ? log->stick_pitch : log->stick_yaw;
            sticks[axis].insert(sticks[axis].end(), column.begin(), column.end());
        }
        ++flights;
    }
    for (std::size_t axis = 0; axis < 3; ++axis) use_[axis] = sticks[axis].empty() ? std::vector<double>{} : stick_use(sticks[axis], use_bins);
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
    const QString chosen = ofPilot_ && own ? QString::fromStdString(own->real_aircraft) : aircraft_->currentData().toString(), simulator = simulator_->currentData().toString();
    aircraft_->clear();
    for (const Airframe& a : store_.realAircraft()) aircraft_->addItem(QString::fromStdString(a.name), QString::fromStdString(a.id));
    aircraft_->setCurrentIndex(std::max(aircraft_->count() ? 0 : -1, aircraft_->findData(chosen)));
    simulator_->clear();
    for (const SimulatorProfile& s : store_.simulators())
        if (rate_family(s.rate_family)) simulator_->addItem(QString::fromStdString(s.name), QString::fromStdString(s.id));
    simulator_->setCurrentIndex(std::max(simulator_->count() ? 0 : -1, simulator_->findData(simulator)));
    const auto kept = store_.ratesOf(aircraft_->currentData().toString().toStdString());
    real_ = kept.value_or(RateProfile{});
    readStickUse();
    byUse_->setEnabled(!use_[0].empty());
    ofPilot_ = false;
    fillForm();
    filling_ = false;
    rematch();
}

void RatesPage::fillForm()
{
    const RateFamily* family = rate_family(family_key(real_.roll));
    family_->setCurrentIndex(family_->findData(QLatin1String(family_key(real_.roll))));
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const auto values = parameters_of(axisOf(real_, axis));
        for (std::size_t k = 0; k < 3; ++k) {
            const bool there = family && k < family->parameters.size() && k < values.size();
            boxes_[axis][k]->setVisible(there);
            boxes_[axis][k]->setEnabled(aircraft_->currentIndex() >= 0);
            if (axis == 0) names_[k]->setVisible(there);
            if (!there) continue;
            const RateParameter& p = family->parameters[k];
            if (axis == 0) names_[k]->setText(QString::fromUtf8(p.name.data()));
            QDoubleSpinBox* box = boxes_[axis][k];
            box->setRange(p.low, p.high);
            box->setDecimals(p.step < 1 ? 2 : 0);
            box->setSingleStep(p.step < 1 ? 0.05 : 10);
            box->setAccessibleName(tr("%1 of the real aircraft's %2").arg(QString::fromUtf8(p.name.data()), tr(axisNames[axis])));
            box->setValue(values[k]);
        }
    }
}

/// The same curves in another kind of numbers, as near as it comes.
void RatesPage::familyChosen()
{
    const std::string family = family_->currentData().toString().toStdString();
    RateProfile changed = real_;
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (const auto same = match_rates(axisOf(real_, axis), family)) axisOf(changed, axis) = same->rounded;
    store_.keepRates(aircraft_->currentData().toString().toStdString(), changed);
}

void RatesPage::realEdited()
{
    if (filling_ || aircraft_->currentIndex() < 0) return;
    RateProfile changed = real_;
    for (std::size_t axis = 0; axis < 3; ++axis) {
        std::vector<double> values = parameters_of(axisOf(real_, axis));
        for (std::size_t k = 0; k < values.size(); ++k) values[k] = boxes_[axis][k]->value();
        axisOf(changed, axis) = curve_with(family_key(axisOf(real_, axis)), values);
    }
    store_.keepRates(aircraft_->currentData().toString().toStdString(), changed);
}

void RatesPage::rematch()
{
    if (filling_) return;
    matches_ = {};
    const auto& all = store_.simulators();
    const auto found = std::find_if(all.begin(), all.end(), [&](const SimulatorProfile& s) { return s.id == simulator_->currentData().toString().toStdString(); });
    const SimulatorProfile* simulator = found == all.end() ? nullptr : &*found;
    const bool ready = simulator && aircraft_->currentIndex() >= 0;
    if (ready)
        for (std::size_t axis = 0; axis < 3; ++axis) {
            if (axis == yaw && lockYaw_->isChecked()) continue;
            MatchOptions options;
            options.keep_max = keepMax_->isChecked();
            options.keep_centre = keepCentre_->isChecked();
            if (byUse_->isChecked()) options.weights = use_[axis];
            for (const RateParameter& p : rate_family(simulator->rate_family)->parameters) {
                const auto limit = simulator->rate_limits.find(std::string(p.key));
                options.ranges.push_back(limit == simulator->rate_limits.end() ? ParameterRange{p.low, p.high, p.step} : ParameterRange{limit->second.low, limit->second.high, limit->second.step});
            }
            if (auto match = match_rates(axisOf(real_, axis), simulator->rate_family, options)) matches_[axis] = std::move(*match);
        }
    const PilotRow* pilot = store_.pilot(station_.pilotId());
    apply_->setEnabled(ready && pilot);
    if (aircraft_->currentIndex() < 0) title_->setText(tr("Add the real aircraft on the Set-up page first; its rates are matched here."));
    else if (!simulator) title_->setText(tr("No simulator lets its rates be set. Say on the Controller page, under Sheets, how yours does."));
    else {
        const CurveDifference now = difference(axisOf(real_, 0), axisOf(practised(), 0)), then = matches_[0] ? matches_[0]->rounded_difference : now;
        title_->setText(tr("%1 in %2: roll is off by %3 °/s now, by %4 °/s when matched.").arg(aircraft_->currentText(), simulator_->currentText()).arg(now.rms_dps, 0, 'f', 0).arg(then.rms_dps, 0, 'f', 1));
    }
    words_->setText(store_.ratesOf(aircraft_->currentData().toString().toStdString())
                        ? tr("Change one thing at a time, with a flight after each. On the real aircraft: high, open ground, panic switch at hand, never over water or people.")
                        : tr("This aircraft's own rates are not known yet: type what it is set to. Until then a learner's rates stand in."));
    showPlots();
    showTable();
}

void RatesPage::showPlots()
{
    const Theme& t = theme();
    const RateProfile now = practised();
    for (std::size_t axis = 0; axis < 3; ++axis) {
        QCustomPlot& plot = *plots_[axis];
        plot.clearItems();
        startPlot(plot);
        const QVector<double> sticks = [] {
            QVector<double> x;
            for (int i = 0; i <= 100; ++i) x << i / 100.0;
            return x;
        }();
        const auto curve = [&](const RateCurve& c, const QPen& pen) {
            QVector<double> y;
            for (const double x : sticks) y << rate_dps(c, x);
            QCPGraph* graph = plot.addGraph();
            graph->setData(sticks, y, true);
            graph->setPen(pen);
        };
        const double top = 1.05 * std::max({rate_dps(axisOf(real_, axis), 1), rate_dps(axisOf(now, axis), 1), matches_[axis] ? rate_dps(matches_[axis]->rounded, 1) : 0.0, 100.0});
        if (!use_[axis].empty()) {
            auto* bars = new QCPBars(plot.xAxis, plot.yAxis);
            const double most = *std::max_element(use_[axis].begin(), use_[axis].end());
            QVector<double> at, size;
            for (std::size_t i = 0; i < use_[axis].size(); ++i) at << (static_cast<double>(i) + 0.5) / use_bins, size << 0.3 * top * use_[axis][i] / most;
            bars->setWidth(0.9 / use_bins);
            bars->setData(at, size, true);
            QColor light = t.steel;
            light.setAlpha(70);
            bars->setBrush(light);
            bars->setPen(Qt::NoPen);
        }
        curve(axisOf(now, axis), QPen(t.steel, 2, Qt::DashLine));
        curve(axisOf(real_, axis), QPen(t.ink, 2));
        if (matches_[axis]) curve(matches_[axis]->rounded, QPen(t.attention, 2));
        plot.xAxis->setRange(0, 1);
        plot.yAxis->setRange(0, top);
        plot.xAxis->setLabel(tr("%1 stick").arg(tr(axisNames[axis])));
        plot.yAxis->setLabel(QStringLiteral("°/s"));
        cursors_[axis] = new QCPItemLine(&plot);
        cursors_[axis]->setPen(QPen(t.notMet, 1));
    }
    moveCursors();
}

void RatesPage::moveCursors()
{
    if (!cursors_[0] || !isVisible()) return;
    const Sticks sticks = station_.input().sticks();
    const RateProfile now = practised();
    const double at[] = {std::abs(sticks.roll), std::abs(sticks.pitch), std::abs(sticks.yaw)};
    for (std::size_t axis = 0; axis < 3; ++axis) {
        cursors_[axis]->start->setCoords(at[axis], 0);
        cursors_[axis]->end->setCoords(at[axis], 1e5);
        const auto rate = [&](const RateCurve& c) { return QString::number(rate_dps(c, at[axis]), 'f', 0); };
        readings_[axis]->setText(tr("at %1 %: real %2, now %3, match %4 °/s").arg(100 * at[axis], 0, 'f', 0).arg(rate(axisOf(real_, axis)), rate(axisOf(now, axis)), matches_[axis] ? rate(matches_[axis]->rounded) : QStringLiteral("–")));
        plots_[axis]->replot(QCustomPlot::rpQueuedReplot);
    }
}

void RatesPage::showTable()
{
    const RateProfile now = practised();
    const Airframe* real = store_.realAircraft(aircraft_->currentData().toString().toStdString());
    const Airframe airframe = real ? *real : Airframe{};
    table_->setRowCount(9);
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const std::vector<double> weights = byUse_->isChecked() ? use_[axis] : std::vector<double>{};
        const std::optional<RateCurve> curves[] = {axisOf(real_, axis), axisOf(now, axis), matches_[axis] ? std::optional(matches_[axis]->rounded) : std::nullopt};
        const QString names[] = {tr("real"), tr("now"), tr("match")};
        for (std::size_t k = 0; k < 3; ++k) {
            const int row = static_cast<int>(3 * axis + k);
            QStringList cells{tr("%1, %2").arg(tr(axisNames[axis]), names[k])};
            if (curves[k]) {
                const TurnNumbers n = turn_numbers(*curves[k], airframe);
                cells << settings(*curves[k]);
                for (const auto& [value, digits] : {std::pair{n.max_dps, 0}, {n.centre_dps, 0}, {n.half_stick_dps, 0}, {n.full_turn_s, 2}, {n.flip_height_m, 1}}) cells << QString::number(value, 'f', digits);
                cells << (k == 0 ? QString() : QString::number(difference(axisOf(real_, axis), *curves[k], weights).rms_dps, 'f', 1));
            } else {
                cells << (axis == yaw && lockYaw_->isChecked() ? tr("left alone") : tr("no match"));
                while (cells.size() < table_->columnCount()) cells << QString();
            }
            for (int column = 0; column < table_->columnCount(); ++column) {
                auto* item = new QTableWidgetItem(cells[column]);
                item->setFont(uiFont(9.5, k == 2));
                if (column > 1) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
                table_->setItem(row, column, item);
            }
            table_->setRowHeight(row, 24);
        }
    }
}

void RatesPage::apply()
{
    if (!store_.pilot(station_.pilotId())) return;
    TrainingSetup setup = store_.setup(station_.pilotId()).value_or(TrainingSetup{});
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (matches_[axis]) axisOf(setup.rates, axis) = matches_[axis]->rounded;
    setup.rates.name = simulator_->currentText().toStdString() + " for " + aircraft_->currentText().toStdString();
    if (setup.real_aircraft.empty()) setup.real_aircraft = aircraft_->currentData().toString().toStdString();
    store_.keepSetup(station_.pilotId(), setup);
}

void RatesPage::readRates(const QString& file)
{
    const std::string aircraft = aircraft_->currentData().toString().toStdString(), path = file.toStdString();
    const auto sorry = [&](const std::string& why) { words_->setText(tr("Nothing was changed: %1.").arg(QString::fromStdString(why))); };
    if (file.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
        const auto text = read_text(path);
        const auto rates = text ? parse_rates(*text, path) : Result<RateProfile>(tl::unexpected(text.error()));
        if (!rates) return sorry(rates.error().message);
        store_.keepRates(aircraft, *rates);
        return words_->setText(tr("Read from %1.").arg(file));
    }
    const auto log = load_flight_csv(path);
    if (!log) return sorry(log.error().message);
    RateProfile found = real_;
    QStringList said;
    std::string why;
    for (std::size_t axis = 0; axis < 3; ++axis) {
        const StickAxis sticks[] = {StickAxis::Roll, StickAxis::Pitch, StickAxis::Yaw};
        const auto flown = rates_from_log(*log, sticks[axis], family_->currentData().toString().toStdString());
        if (!flown) {
            why = flown.error().message;
            said << tr("%1 unknown").arg(tr(axisNames[axis]));
            continue;
        }
        axisOf(found, axis) = flown->curve;
        const RateFamily* family = rate_family(family_key(flown->curve));
        QStringList parts;
        for (std::size_t k = 0; k < flown->low.size(); ++k)
            parts << tr("%1 %2 to %3").arg(QString::fromUtf8(family->parameters[k].name.data())).arg(flown->low[k], 0, 'g', 4).arg(flown->high[k], 0, 'g', 4);
        said << tr("%1 %2 (lag %3 ms)").arg(tr(axisNames[axis]), parts.join(QStringLiteral(", "))).arg(1000 * flown->lag_s, 0, 'f', 0);
    }
    if (!why.empty() && said.filter(QStringLiteral("lag")).isEmpty()) return sorry(path + ": " + why);
    store_.keepRates(aircraft, found);
    words_->setText(tr("Found from the flight, 95 of 100 times between: %1.").arg(said.join(QStringLiteral("; "))));
}

bool RatesPage::saveTable(const QString& file) const
{
    QSaveFile out(file);
    if (!out.open(QIODevice::WriteOnly)) return false;
    if (file.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
        RateProfile match = practised();
        match.name = simulator_->currentText().toStdString() + " for " + aircraft_->currentText().toStdString();
        for (std::size_t axis = 0; axis < 3; ++axis)
            if (matches_[axis]) axisOf(match, axis) = matches_[axis]->rounded;
        const std::string text = rates_json(match).dump(1);
        return out.write(text.data(), static_cast<qint64>(text.size())) == static_cast<qint64>(text.size()) && out.commit();
    }
    QByteArray text = "stick";
    const RateProfile now = practised();
    for (const char* axis : axisNames)
        for (const char* whose : {"real", "now", "match"}) text += QByteArray(",") + QByteArray(axis).toLower() + '_' + whose + "_dps";
    text += '\n';
    for (int i = 0; i <= 200; ++i) {
        const double x = -1 + i / 100.0;
        text += QByteArray::number(x, 'f', 2);
        for (std::size_t axis = 0; axis < 3; ++axis)
            for (const RateCurve& c : {axisOf(real_, axis), axisOf(now, axis), matches_[axis] ? matches_[axis]->rounded : axisOf(now, axis)}) text += ',' + QByteArray::number(rate_dps(c, x), 'f', 3);
        text += '\n';
    }
    return out.write(text) == text.size() && out.commit();
}

bool RatesPage::savePicture(const QString& file)
{
    QPixmap picture(3 * 460, 340);
    QPainter p(&picture);
    for (std::size_t axis = 0; axis < 3; ++axis) p.drawPixmap(static_cast<int>(axis) * 460, 0, plots_[axis]->toPixmap(460, 340));
    p.end();
    return picture.save(file);
}

} // namespace bh::desk
