#include "desk/setup/setup_page.h"

#include "core/flight/atmosphere.h"
#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/forms/side_by_side.h"
#include "desk/parts/look/theme.h"
#include "desk/setup/aircraft_form.h"
#include "desk/setup/candidate_list.h"
#include "desk/setup/day_panel.h"
#include "desk/setup/tilt_view.h"
#include "desk/setup/way_back_panel.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"
#include "school/values/ids.h"
#include "school/views/setup_rules.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QFormLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QStyle>
#include <QTableWidget>
#include <algorithm>
#include <array>

namespace bh::desk {
namespace {

constexpr int day_section = 1, way_back_section = 2; // in the order in which they are made
constexpr int figure_px = 22;                        // a line of the table
constexpr int keep_after_ms = 400;                   // a slider on its way is one edit

QSlider* slider(const char* name, const QString& spoken, double low, double high)
{
    auto* s = new QSlider(Qt::Horizontal);
    s->setObjectName(QLatin1String(name));
    s->setAccessibleName(spoken);
    s->setRange(static_cast<int>(std::lround(100 * low)), static_cast<int>(std::lround(100 * high)));
    s->setPageStep(5);
    return s;
}

QTableWidgetItem* figureCell(const QString& text, bool right)
{
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment((right ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    return item;
}

} // namespace

SetupPage::SetupPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    using namespace setup_limits;
    state_ = new QLabel;
    state_->setObjectName(QStringLiteral("setupState"));
    state_->setFont(uiFont(head_points, true));
    state_->setWordWrap(true);
    card_ = new QPushButton(tr("Settings and card"));
    card_->setObjectName(QStringLiteral("toCard"));
    card_->setToolTip(tr("The settings sheets on the Controller page; the set-up card there carries this set-up too"));
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->addWidget(state_, 1);
    day_ = new DayPanel;
    auto* dayScroll = new FormScroll;
    dayScroll->setForm(day_);
    auto* aircraft = makeAircraftPart();
    aircraft->setMinimumWidth(scaled(330));
    auto* camera = new FormScroll; // a small window does not hold all of it
    camera->setForm(makeCameraPart());
    auto* main = new SideBySide(QStringLiteral("setupParts"), aircraft, camera, 1, 4);
    top->addWidget(sections_->add(tr("Aircraft and camera"), QStringLiteral("sectionAircraft"), [main] { return main; }));
    dayScroll->setParent(sections_);
    dayScroll->hide();
    top->addWidget(sections_->add(tr("Real day"), QStringLiteral("sectionDay"), [dayScroll] { return dayScroll; }));
    wayBack_ = new WayBackPanel(school_);
    auto* way = new FormScroll;
    way->setForm(wayBack_);
    way->setParent(sections_);
    way->hide();
    top->addWidget(sections_->add(tr("Way back"), QStringLiteral("sectionWayBack"), [way] { return way; }));
    top->addWidget(card_);

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addWidget(
        new BeginCard(tr("The real aircraft that is to be flown one day, the practice aircraft nearest to it, and what "
                         "to set."),
                      school_, station_));
    layout->addWidget(sections_, 1);
    layout->addLayout(makeFoot());

    soon_.setSingleShot(true);
    soon_.setInterval(keep_after_ms);
    connect(&soon_, &QTimer::timeout, this, &SetupPage::keep);
    connect(day_, &DayPanel::edited, this, [this] {
        setup_.day = day_->day();
        change();
    });
    // There the next step is one of the way's own.
    connect(sections_, &Sections::chosen, this, [this](int section) { setPrimary(fly_, section != way_back_section); });
    connect(fly_, &QPushButton::clicked, this, [this] {
        keep();
        Q_EMIT flyAsked(world_->currentData().toString().toStdString(), static_cast<Mode>(mode_->currentData().toInt()));
    });
    connect(card_, &QPushButton::clicked, this, [this] {
        keep();
        Q_EMIT cardAsked();
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Setup, Kind::WayBack, Kind::Aircraft, Kind::Attempt, Kind::Stage, Kind::Curriculum},
                        station_.pilotId())) {
            if (!edited_) load();
        }
    });
    connect(&station_, &Station::pilotChosen, this, [this] {
        keep();
        load();
    });
    load();
}

QLayout* SetupPage::makeFoot()
{
    world_ = new QComboBox;
    world_->setObjectName(QStringLiteral("tryWorld"));
    world_->setAccessibleName(tr("World to fly in"));
    for (const World& world : school_.worlds()) world_->addItem(asWords(world.name), QString::fromStdString(world.id));
    mode_ = new QComboBox;
    mode_->setObjectName(QStringLiteral("tryMode"));
    mode_->setAccessibleName(tr("Flight mode"));
    for (const auto& [mode, words] : {std::pair{Mode::Acro, tr("acro mode")},
                                      {Mode::Angle, tr("angle mode")},
                                      {Mode::Horizon, tr("horizon mode")},
                                      {Mode::Hold, tr("position-hold")},
                                      {Mode::Sport, tr("position-hold, sport")}})
        mode_->addItem(words, static_cast<int>(mode));
    fly_ = new QPushButton(tr("Fly it as set"));
    fly_->setObjectName(QStringLiteral("flyIt"));
    setPrimary(fly_);
    fly_->setToolTip(tr("A free flight in the built-in world with this aircraft, camera, rates and day; the time counts as "
                        "practice, nothing is scored"));
    auto* foot = new QHBoxLayout;
    foot->addWidget(new QLabel(tr("Free flight in")));
    foot->addWidget(world_);
    foot->addWidget(mode_);
    foot->addWidget(fly_);
    foot->addStretch();
    return foot;
}

void SetupPage::showDay() { sections_->choose(day_section); }

void SetupPage::showWayBack() { sections_->choose(way_back_section); }

void SetupPage::hideEvent(QHideEvent*) { keep(); }

QWidget* SetupPage::makeAircraftPart()
{
    real_ = new QComboBox;
    real_->setObjectName(QStringLiteral("realAircraft"));
    real_->setAccessibleName(tr("The pilot's real aircraft"));
    newName_ = new QLineEdit;
    newName_->setObjectName(QStringLiteral("newAircraft"));
    newName_->setPlaceholderText(tr("New real aircraft's name"));
    newName_->setAccessibleName(tr("Name of a new real aircraft"));
    form_ = new AircraftForm;
    rankingHead_ = partTitle(QString());
    candidates_ = new CandidateList;
    auto* part = new QWidget;
    auto* layout = new QVBoxLayout(part);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("Real aircraft")));
    layout->addWidget(real_);
    auto* add =
        namedButton(tr("Add"), "addAircraft", tr("A real aircraft of this name, as the one that is shown; then its own numbers"));
    connect(add, &QPushButton::clicked, this, &SetupPage::addAircraft);
    auto* adding = new QHBoxLayout;
    adding->setSpacing(8);
    adding->addWidget(newName_, 1);
    adding->addWidget(add);
    layout->addLayout(adding);
    layout->addWidget(form_);
    layout->addWidget(rankingHead_);
    layout->addWidget(candidates_, 1);
    connect(newName_, &QLineEdit::returnPressed, this, &SetupPage::addAircraft);
    connect(real_, &QComboBox::activated, this, [this](int row) {
        setup_.real_aircraft = real_->itemData(row).toString().toStdString();
        change();
    });
    connect(form_, &AircraftForm::edited, this, [this](const Airframe& edited) {
        keep();
        school_.keep_aircraft(edited);
    });
    connect(candidates_, &CandidateList::picked, this, [this](const std::string& id) {
        setup_.simulated_aircraft = id;
        change();
    });
    return part;
}

QWidget* SetupPage::makeCameraPart()
{
    using namespace setup_limits;
    tilt_ = new TiltView;
    tiltBox_ = numberBox("cameraTilt", tr("Camera tilt"), tilt_low_deg, tilt_high_deg, 1, tr("°"));
    explain(tiltBox_, tr("Against the airframe, upwards. Learners 20–30°, tiny indoor craft 15°, 45–55° only for fast flying "
                         "(common practice)."));
    fov_ = numberBox("fieldOfView", tr("Field of view"), fov_low_deg, fov_high_deg, 5, tr("°"));
    explain(fov_, tr("Horizontal angle of the picture; 110–120° is usual (common practice)."));
    rollRate_ = numberBox("rollRate", tr("Roll and pitch at full stick"), 100, 1200, 10, tr(" °/s"));
    yawRate_ = numberBox("yawRate", tr("Yaw at full stick"), 60, 1000, 10, tr(" °/s"));
    for (QDoubleSpinBox* box : {tiltBox_, fov_, rollRate_, yawRate_}) box->setFixedWidth(scaled(96));
    propeller_ = slider("propeller", tr("Propeller size"), propeller_low, propeller_high);
    power_ = slider("power", tr("Propeller power"), power_low, power_high);
    propellerWords_ = new QLabel;
    explain(propellerWords_, tr("Diameter against the aircraft's own; at the same speed of rotation thrust goes with its fourth "
                                "power (common text)."));
    powerWords_ = new QLabel;
    explain(powerWords_, tr("Share of full power; thrust goes with power to 2/3 (momentum theory). Learners at low tilt: about "
                            "80 % (common practice)."));
    makeFigures();
    warnings_ = new QLabel;
    warnings_->setObjectName(QStringLiteral("setupWarnings"));
    warnings_->setWordWrap(true);
    explain(warnings_, tr("Touchy: more than 0.45 m/s² per 1 % of throttle for a learner, 0.9 otherwise (house). A pilot is a "
                          "learner until every stage is held."));

    auto* settings = new QFormLayout;
    settings->setVerticalSpacing(4);
    settings->addRow(tr("Camera tilt"), tiltBox_);
    settings->addRow(tr("Field of view"), fov_);
    settings->addRow(tr("Roll, pitch"), rollRate_);
    settings->addRow(tr("Yaw"), yawRate_);
    auto* detuning = new QVBoxLayout;
    detuning->setSpacing(4);
    detuning->addWidget(propellerWords_);
    detuning->addWidget(propeller_);
    detuning->addSpacing(8);
    detuning->addWidget(powerWords_);
    detuning->addWidget(power_);
    detuning->addStretch();
    auto* row = new QHBoxLayout;
    row->setSpacing(16);
    row->addLayout(settings);
    row->addLayout(detuning, 1);
    auto* part = new QWidget;
    auto* layout = new QVBoxLayout(part);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(tilt_, 1);
    layout->addLayout(row);
    layout->addWidget(warnings_); // above the figures: it must not need scrolling
    layout->addWidget(figures_);

    connectCamera();
    return part;
}

void SetupPage::makeFigures()
{
    figures_ = new QTableWidget(0, 3);
    figures_->setObjectName(QStringLiteral("figures"));
    figures_->setAccessibleName(tr("What the set-up does"));
    figures_->verticalHeader()->hide();
    figures_->verticalHeader()->setDefaultSectionSize(scaled(figure_px));
    figures_->setHorizontalHeaderLabels({tr("At this tilt"), tr("As it comes"), tr("As set")});
    figures_->horizontalHeader()->setDefaultAlignment(Qt::AlignRight | Qt::AlignVCenter);
    figures_->horizontalHeaderItem(0)->setTextAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    figures_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    figures_->setColumnWidth(1, scaled(104));
    figures_->setColumnWidth(2, scaled(104));
    figures_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    figures_->setSelectionMode(QAbstractItemView::NoSelection);
    figures_->setTabKeyNavigation(false);
    figures_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    figures_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    figures_->setFixedHeight(scaled(8 * figure_px + 34));
    explain(figures_,
            {tr("Level flight with the horizon centred, sea-level standard air (ISO 2533) or as warm as the day is set."),
             tr("The simulated aircraft with its own propellers at full power."),
             tr("With the propellers and the power set above, from the flight's own equations.")});
}

void SetupPage::connectCamera()
{
    connect(tilt_, &TiltView::dragged, this, [this](double tilt) {
        setup_.camera_tilt_deg = tilt;
        change();
    });
    const auto follow = [this](QDoubleSpinBox* box, auto set) {
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, set](double value) {
            set(value);
            change();
        });
    };
    follow(tiltBox_, [this](double v) { setup_.camera_tilt_deg = v; });
    follow(fov_, [this](double v) { setup_.fov_deg = v; });
    follow(rollRate_, [this](double v) { setup_ = with_full_stick(setup_, RateAxes::RollAndPitch, v); });
    follow(yawRate_, [this](double v) { setup_ = with_full_stick(setup_, RateAxes::Yaw, v); });
    connect(propeller_, &QSlider::valueChanged, this, [this](int percent) {
        setup_.propeller_ratio = percent / 100.0;
        change();
    });
    connect(power_, &QSlider::valueChanged, this, [this](int percent) {
        setup_.power_share = percent / 100.0;
        change();
    });
}

const Airframe& SetupPage::simulated() const
{
    static const Airframe plain;
    const Airframe* chosen = school_.simulated_aircraft(setup_.simulated_aircraft);
    return chosen ? *chosen : plain;
}

void SetupPage::load()
{
    editing_ = station_.pilotId();
    setup_ = school_.setup(editing_).value_or(TrainingSetup{});
    edited_ = false;
    refresh();
}

void SetupPage::change()
{
    if (filling_) return;
    edited_ = true;
    soon_.start();
    refresh();
}

void SetupPage::keep()
{
    soon_.stop();
    if (!edited_ || editing_.empty()) return;
    edited_ = false;
    school_.keep_setup(editing_, setup_);
}

void SetupPage::addAircraft()
{
    Airframe added;
    added.name = newName_->text().simplified().toStdString();
    if (added.name.empty() || editing_.empty()) return;
    added.id = id_from_name("real-", added.name, [this](const std::string& id) { return school_.real_aircraft(id) != nullptr; });
    if (!school_.keep_aircraft(added)) return;
    newName_->clear();
    setup_.real_aircraft = added.id;
    change();
    keep();
}

/// Full stick of a measured table is what was measured.
void SetupPage::showWhatCanBeSet()
{
    const QString measured = tr("These rates are measured points, which are not set; the Rates page says them in other numbers.");
    for (const auto& [box, axes] : {std::pair{rollRate_, RateAxes::RollAndPitch}, {yawRate_, RateAxes::Yaw}}) {
        const bool can = full_stick_can_be_set(setup_, axes);
        box->setEnabled(can && school_.pilot(editing_));
        if (can)
            explain(box, axes == RateAxes::Yaw ? tr("Learners about 300 °/s (common practice).")
                                               : tr("Learners about 350 °/s, down to 250 while they rock (common practice). The "
                                                    "centre's slope goes along in proportion."));
        else
            explain(box, measured);
    }
}

void SetupPage::refresh()
{
    filling_ = true;
    const Pilot* pilot = school_.pilot(editing_);
    for (QWidget* w : std::initializer_list<QWidget*>{real_, newName_, form_, candidates_, tilt_, tiltBox_, fov_, rollRate_,
                                                      yawRate_, propeller_, power_, day_, fly_, card_})
        w->setEnabled(pilot);
    const UnixTime at = school_.file(editing_).setup_at;
    state_->setText(!pilot ? tr("Add a pilot on the left first; the set-up is kept on the pilot's record.")
                    : !at  ? tr("%1 has no set-up yet: choose the real aircraft, then the nearest simulated one.")
                                .arg(QString::fromStdString(pilot->name))
                          : tr("%1's set-up of %2").arg(QString::fromStdString(pilot->name), dayInWords(at)));
    showAircraft();
    showSettings();
    showFigures();
    showWarnings();
    day_->show(setup_.day);
    wayBack_->setPilot(editing_);
    filling_ = false;
}

void SetupPage::showAircraft()
{
    real_->clear();
    real_->addItem(tr("not chosen"), QString());
    for (const Airframe& a : school_.real_aircraft()) real_->addItem(asWords(a.name), QString::fromStdString(a.id));
    real_->setCurrentIndex(std::max(0, real_->findData(QString::fromStdString(setup_.real_aircraft))));
    const Airframe* real = school_.real_aircraft(setup_.real_aircraft);
    form_->setVisible(real);
    if (real) form_->show(*real);
    rankingHead_->setText(real ? tr("Simulated aircraft, the nearest first") : tr("Simulated aircraft"));
    std::vector<Candidate> ranked;
    if (real)
        ranked = nearest_aircraft(*real, school_.simulated_aircraft(), rate_dps(setup_.rates.roll, 1));
    else
        for (const Airframe& a : school_.simulated_aircraft()) ranked.push_back({a.id, 0, {}});
    candidates_->show(ranked, school_.simulated_aircraft(), setup_.simulated_aircraft, real);
}

void SetupPage::showSettings()
{
    const std::pair<QDoubleSpinBox*, double> boxes[] = {{tiltBox_, setup_.camera_tilt_deg},
                                                        {fov_, setup_.fov_deg},
                                                        {rollRate_, rate_dps(setup_.rates.roll, 1)},
                                                        {yawRate_, rate_dps(setup_.rates.yaw, 1)}};
    for (const auto& [box, value] : boxes) box->setValue(value);
    showWhatCanBeSet();
    propeller_->setValue(static_cast<int>(std::lround(100 * setup_.propeller_ratio)));
    power_->setValue(static_cast<int>(std::lround(100 * setup_.power_share)));
    propellerWords_->setText(tr("Propellers: %1 % of %2 mm")
                                 .arg(inPlaces(100 * setup_.propeller_ratio, 0))
                                 .arg(inPlaces(1000 * simulated().propeller_m, 0)));
    powerWords_->setText(tr("Propeller power: %1 %").arg(inPlaces(100 * setup_.power_share, 0)));
}

/// Before and after: the aircraft as it comes, and as it is set.
void SetupPage::showFigures()
{
    const double density = standard_air(0, setup_.day.warmer_k).density_kgpm3;
    const Airframe& plain = simulated();
    const Airframe flown = detuned(plain, setup_.propeller_ratio, setup_.power_share);
    const TiltEffect before = tilt_effect(plain, setup_.camera_tilt_deg, density),
                     now = tilt_effect(flown, setup_.camera_tilt_deg, density);
    const double roll = rate_dps(setup_.rates.roll, 1);
    tilt_->show(setup_.camera_tilt_deg, setup_.fov_deg, flown, now);
    const struct {
        QString what, unit;
        double before, now;
        int decimals;
    } rows[] = {
        {tr("Speed, horizon centred"), tr("m/s"), before.level.speed_mps, now.level.speed_mps, 1},
        {tr("Throttle for that"), tr("%"), 100 * before.level.throttle, 100 * now.level.throttle, 0},
        {tr("Hover throttle"), tr("%"), 100 * hover_throttle(plain), 100 * hover_throttle(flown), 0},
        {tr("Thrust / weight"), QString(), plain.thrust_to_weight, flown.thrust_to_weight, 1},
        {tr("Height per 1 % throttle, hover"), tr("m/s²"), before.at_hover.vertical_mps2, now.at_hover.vertical_mps2, 2},
        {tr("Height per 1 % throttle, this tilt"), tr("m/s²"), before.at_level.vertical_mps2, now.at_level.vertical_mps2, 2},
        {tr("Speed per 1 % throttle, this tilt"), tr("m/s²"), before.at_level.forward_mps2, now.at_level.forward_mps2, 2},
        {tr("Full roll at full stick"), tr("s"), flip_s(plain, roll), flip_s(flown, roll), 2},
    };
    figures_->setRowCount(static_cast<int>(std::size(rows)));
    int i = 0;
    for (const auto& r : rows) {
        figures_->setItem(i, 0, figureCell(r.what, false));
        figures_->setItem(i, 1,
                          figureCell(QStringLiteral("%1 %2").arg(inPlaces(r.before, r.decimals)).arg(r.unit).trimmed(), true));
        figures_->setItem(i++, 2,
                          figureCell(QStringLiteral("%1 %2").arg(inPlaces(r.now, r.decimals)).arg(r.unit).trimmed(), true));
    }
}

void SetupPage::showWarnings()
{
    QStringList words;
    for (const Message& w : warnings_of(school_, editing_, setup_)) words << asWords(w);
    warnings_->setText(!words.isEmpty()                ? words.join(QLatin1Char('\n'))
                       : is_learner(school_, editing_) ? tr("Nothing to warn of for a learner.")
                                                       : tr("Nothing to warn of."));
    warnings_->setProperty("caution", !words.isEmpty());
    warnings_->style()->unpolish(warnings_);
    warnings_->style()->polish(warnings_);
}

} // namespace bh::desk
