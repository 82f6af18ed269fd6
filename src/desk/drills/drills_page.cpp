#include "desk/drills/drills_page.h"

#include "core/drill/demonstration.h"
#include "core/drill/free_flight.h"
#include "desk/drills/flight_announcer.h"
#include "desk/drills/ladder_editor.h"
#include "desk/drills/ladder_panel.h"
#include "desk/drills/score_card.h"
#include "desk/parts/flight/flight_view.h"
#include "desk/parts/flight/keyboard_sticks.h"
#include "desk/parts/flight/show_flight.h"
#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/criteria_panel.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/forms/side_by_side.h"
#include "desk/parts/look/theme.h"
#include "desk/parts/speech/voice.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"
#include "station/flight_under_way.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr double stand_in_skill = 0.97; // of a demonstration
/// "throttle 93 %, 0.20 s behind": one line for each axis that the demonstration moves.
QString followsInWords(const FlightSnapshot& now)
{
    QStringList lines;
    for (const StickAxis axis : {StickAxis::Throttle, StickAxis::Yaw, StickAxis::Pitch, StickAxis::Roll})
        if (const auto& f = now.follows[static_cast<std::size_t>(axis)])
            lines << (f->correlation < 0.3 ? QObject::tr("%1 does not follow").arg(asWords(stick_axis_key(axis)))
                                           : QObject::tr("%1 %2 %, %3 s behind")
                                                 .arg(asWords(stick_axis_key(axis)))
                                                 .arg(inPlaces(100 * f->correlation, 0))
                                                 .arg(inPlaces(f->lag_s, 2)));
    return lines.join(QLatin1Char('\n'));
}

} // namespace

DrillsPage::DrillsPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    ladder_ = new LadderPanel(school_, station_);
    view_ = new FlightView;
    flight_ = new FlightUnderWay(school_, station_, this);
    announcer_ = new FlightAnnouncer(*flight_, this);
    keys.watch(view_);
    makeButtons();
    QWidget* side = makeSide();
    auto* flying = new QWidget;
    auto* right = new QVBoxLayout(flying);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(8);
    right->addLayout(makeSections());
    right->addWidget(
        new BeginCard(tr("Drills that are flown here, or scored by eye, against limits: one after the other, until each "
                         "is held."),
                      school_, station_));
    right->addWidget(sections_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->addWidget(new SideBySide(QStringLiteral("drillsParts"), side, flying, 1, 12));
    bindKeys();
    connect(flight_, &FlightUnderWay::begun, view_,
            [this](FlightLoop* loop, const PreparedFlight& prepared) { showFlight(*view_, station_, loop, prepared); });
    connect(flight_, &FlightUnderWay::landed, view_, [view = view_] { view->show(nullptr); });
    connect(flight_, &FlightUnderWay::followed, this, &DrillsPage::follow);
    connect(flight_, &FlightUnderWay::sticksDownAndIn, this, &DrillsPage::arm);
    connect(flight_, &FlightUnderWay::isOver, this, &DrillsPage::flightOver);
    connect(ladder_, &LadderPanel::drillChosen, this, &DrillsPage::drillChosen);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any(
                {Kind::Pilot, Kind::Attempt, Kind::Stage, Kind::Setup, Kind::Demonstration, Kind::Drill, Kind::Curriculum},
                station_.pilotId()))
            refreshPanel();
    });
    connect(&school_, &School::flight_kept, this, &DrillsPage::refreshPanel);
    connect(&station_, &Station::pilotChosen, this, [this] {
        flight_->land();
        free_.reset();
        ladder_->setBusy(false);
        ladder_->chooseNext();
        drillChosen();
    });
    connect(&station_, &Station::switchMoved, this, &DrillsPage::switchMoved);
    connect(&station_, &Station::deviceChosen, this, &DrillsPage::refreshPanel);
    connect(&station_, &Station::devicesChanged, this, &DrillsPage::refreshPanel);
    ladder_->chooseNext();
    drillChosen();
}

void DrillsPage::makeButtons()
{
    start_ = tabButton({}, "start", tr("Start the drill for the chosen pilot"));
    setPrimary(start_);
    reset_ = tabButton({}, "reset", tr("Back to the start; a flight that is not over is not kept"));
    panic_ = tabButton({}, "panic", tr("Stop and hover from any attitude; the drill is then not passed"));
    pause_ = tabButton({}, "pause", tr("Hold the flight still, and go on"));
    eye_ = tabButton({}, "eye", tr("From the aircraft, from behind it, or from the pilot's place on the ground"));
    arm_ =
        tabButton({}, "arm",
                  tr("Start or stop the motors, where the drill leaves that to the pilot; the throttle has to be at the bottom"));
    watch_ =
        tabButton(tr("Watch"), "demonstrate",
                  tr("The demonstration that was kept plays with its sticks; without one the stand-in pilot flies the drill"));
    shadow_ =
        tabButton(tr("Shadow"), "shadow",
                  tr("The demonstration plays and the pilot's sticks follow it; nothing flies, and likeness and lag are scored"));
    keepShown_ = tabButton(tr("Keep as demonstration"), "keepDemonstration",
                           tr("From now on this flight shows how the drill is flown; it can be undone"));
    speed_ = new QComboBox;
    speed_->setObjectName(QStringLiteral("demonstrationSpeed"));
    speed_->setAccessibleName(tr("Speed of demonstrations"));
    speed_->setToolTip(tr("How fast demonstrations are shown; the dots on their sticks are the next second"));
    speed_->setFocusPolicy(Qt::TabFocus);
    for (const auto& [words, share] : {std::pair{tr("full speed"), 1.0}, {tr("½ speed"), 0.5}, {tr("¼ speed"), 0.25}})
        speed_->addItem(words, share);
    connect(speed_, &QComboBox::currentIndexChanged, this, [this] { setPace(pace_); });
    connect(watch_, &QPushButton::clicked, this, [this] { demonstrate(); });
    connect(shadow_, &QPushButton::clicked, this, &DrillsPage::shadow);
    connect(keepShown_, &QPushButton::clicked, this, [this] {
        if (school_.keep_demonstration(shownDrill_, shownAttempt_)) shownAttempt_.clear();
        refreshPanel();
    });
    mode_ = new QComboBox;
    mode_->setObjectName(QStringLiteral("flightMode"));
    mode_->setAccessibleName(tr("Flight mode"));
    mode_->setFocusPolicy(Qt::TabFocus);
    day_ = new QCheckBox(tr("real day"));
    day_->setObjectName(QStringLiteral("realDay"));
    day_->setFocusPolicy(Qt::TabFocus);
    day_->setToolTip(
        tr("Fly with the wind and whatever else is switched on under \"Real day\" on the Set-up page; the attempt says so"));
}

/// The ladder, what is flown, and its criteria.
QWidget* DrillsPage::makeSide()
{
    heading_ = new QLabel;
    heading_->setObjectName(QStringLiteral("resultHeading"));
    heading_->setFont(uiFont(head_points, true));
    heading_->setWordWrap(true);
    sentence_ = new QLabel;
    sentence_->setObjectName(QStringLiteral("resultSentence"));
    sentence_->setWordWrap(true);
    ratesNote_ = new QLabel;
    ratesNote_->setObjectName(QStringLiteral("ratesNote"));
    ratesNote_->setWordWrap(true);
    criteria_ = new CriteriaPanel;
    auto* side = new QWidget;
    auto* layout = new QVBoxLayout(side);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(ladder_, 2);
    layout->addWidget(heading_);
    layout->addWidget(sentence_);
    layout->addWidget(keepShown_, 0, Qt::AlignLeft);
    auto* how = new QHBoxLayout;
    how->addWidget(mode_, 1);
    how->addWidget(day_);
    layout->addLayout(how);
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inner = new QWidget;
    auto* innerLayout = new QVBoxLayout(inner);
    innerLayout->setContentsMargins(0, 0, 8, 0);
    innerLayout->addWidget(ratesNote_);
    innerLayout->addWidget(criteria_);
    innerLayout->addStretch();
    scroll->setWidget(inner);
    layout->addWidget(scroll, 3);
    side->setMinimumWidth(scaled(250));
    return side;
}

/// Flying, scoring by eye, changing limits and stages; returns the row of their buttons.
QHBoxLayout* DrillsPage::makeSections()
{
    auto* flight = new QWidget;
    auto* flightLayout = new QVBoxLayout(flight);
    flightLayout->setContentsMargins(0, 0, 0, 0);
    flightLayout->setSpacing(8);
    auto* keysRow = new QHBoxLayout;
    keysRow->setSpacing(8);
    for (QPushButton* b : {start_, reset_, panic_, pause_, eye_, arm_}) keysRow->addWidget(b);
    keysRow->addStretch();
    flightLayout->addLayout(keysRow);
    flightLayout->addWidget(view_, 1);
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    for (QWidget* w : std::initializer_list<QWidget*>{watch_, speed_, shadow_}) top->addWidget(w);
    top->addStretch();
    top->addWidget(sections_->add(tr("Fly"), QStringLiteral("sectionFly"), [flight] { return flight; }));
    top->addWidget(sections_->add(tr("By eye"), QStringLiteral("sectionByEye"), [this] {
        card_ = new ScoreCard(school_, station_);
        card_->setDrill(drill());
        return card_;
    }));
    top->addWidget(sections_->add(tr("Change"), QStringLiteral("sectionChange"), [this] {
        editor_ = new LadderEditor(school_, station_);
        editor_->setDrill(ladder_->chosen());
        return editor_;
    }));
    connect(sections_, &Sections::chosen, this, [this](int section) {
        if (section != 0 && flying()) loop()->set_paused(true); // nobody looks: the aircraft waits
        if (section == 1) card_->setFocus();
    });
    return top;
}

void DrillsPage::bindKeys()
{
    const struct {
        Qt::Key key;
        const char* id;
        QString words;
        QPushButton* button;
        void (DrillsPage::*action)();
    } keys[] = {{Qt::Key_F5, "drill-start", tr("Start"), start_, &DrillsPage::start},
                {Qt::Key_F6, "drill-reset", tr("Reset"), reset_, &DrillsPage::reset},
                {Qt::Key_F7, "drill-panic", tr("Panic"), panic_, &DrillsPage::panic},
                {Qt::Key_F8, "drill-pause", tr("Pause"), pause_, &DrillsPage::pause},
                {Qt::Key_F9, "drill-view", tr("View"), eye_, &DrillsPage::nextEye},
                {Qt::Key_F10, "drill-arm", tr("Arm"), arm_, &DrillsPage::arm}};
    for (const auto& [key, id, words, button, action] : keys)
        standsFor(button, command(this, id, words, QKeySequence(key), [this, act = action] { (this->*act)(); }));
    command(this, "drill-wide", tr("Wide: without the list of pilots"), QKeySequence(Qt::Key_F11),
            [this] { Q_EMIT wideToggled(); });
}

DrillsPage::~DrillsPage() { delete flight_; } // before the view that it is shown in

void DrillsPage::hideEvent(QHideEvent*)
{
    if (flying()) loop()->set_paused(true); // nobody looks: the aircraft waits
}

const Drill* DrillsPage::drill() const { return block_ ? &*block_ : school_.drill(ladder_->chosen()); }

bool DrillsPage::readyToFly() const
{
    return !station_.pilotId().empty() && station_.controllerState() == Station::Controller::Ready;
}

FlightLoop* DrillsPage::loop() { return flight_->loop(); }

bool DrillsPage::flying() const { return flight_->flying(); }

void DrillsPage::chooseDrill(const std::string& id) { ladder_->choose(id); }

/// Another drill, or the same again out of a free flight.
void DrillsPage::drillChosen()
{
    if (flying() && !free()) return;
    flight_->land();
    free_.reset();
    shownAttempt_.clear();
    block_.reset();
    if (const auto* block = school_.curriculum(station_.pilotId()).free_block(ladder_->chosen())) {
        block_ = free_flight(block->world.empty() ? "pan" : block->world, block->minutes);
        block_->name = stepInWords(school_, school_.curriculum(station_.pilotId()), block->id).toStdString();
        block_->purpose =
            tr("Fly as you like. It is kept with its crashes and throttle cuts, and counts as practice; nothing is scored.")
                .toStdString();
    }
    const Drill* d = drill();
    const Curriculum& curriculum = school_.curriculum(station_.pilotId());
    if (const auto shown = std::pair(curriculum.id, ladder_->chosen()); shownModesOf_ != shown) {
        const QSignalBlocker quiet(mode_);
        mode_->clear();
        if (d)
            for (Mode m : d->modes) mode_->addItem(tr("%1 mode").arg(asWords(mode_key(m))), static_cast<int>(m));
        const auto of_stage = curriculum.mode_of(ladder_->chosen()); // where the drill can be flown in it
        const int at = of_stage ? mode_->findData(static_cast<int>(*of_stage)) : -1;
        if (at >= 0) mode_->setCurrentIndex(at);
        shownModesOf_ = shown;
    }
    if (card_) card_->setDrill(d);
    if (editor_) editor_->setDrill(ladder_->chosen());
    refreshPanel();
}

void DrillsPage::refreshPanel()
{
    const Drill* d = drill();
    const auto of_phases = [&](auto what) { return d && std::any_of(d->phases.begin(), d->phases.end(), what); };
    const bool arms = free() || (d && d->arming_by_pilot());
    start_->setEnabled(d && readyToFly() && !flying() && !ladder_->locked());
    watch_->setEnabled(d && !block_ && !flying());
    shadow_->setEnabled(d && !block_ && readyToFly() && !flying());
    arm_->setVisible(arms);
    arm_->setEnabled(flying() && !flight_->shown());
    keepShown_->setVisible(!shownAttempt_.empty() && school_.attempt(shownAttempt_)); // once it is safe on the record
    reset_->setEnabled(flight_->loop());
    panic_->setEnabled(flying() && !flight_->shown());
    pause_->setEnabled(flying());
    mode_->setDisabled(flying() || mode_->count() < 2 || of_phases([](const Phase& p) { return p.mode.has_value(); }));
    ladder_->setBusy(flying() && !free());
    day_->setDisabled(flying());
    ratesNote_->setText(ratesNote());
    ratesNote_->setVisible(!flying() && !ratesNote_->text().isEmpty());
    for (QWidget* of_drills : std::initializer_list<QWidget*>{mode_, day_}) of_drills->setVisible(!free());
    if (flight_->loop() || !d) return;
    heading_->setText(asWords(d->name));
    sentence_->setText(asWords(d->purpose));
    Score limits;
    for (const Criterion& c : d->criteria) limits.criteria.push_back({c, std::nullopt, 0});
    criteria_->setCriteria(judged_criteria(limits));
    view_->setInvitation(invitation(*d));
}

/// What to do before the drill can be flown, or how it is started.
QString DrillsPage::invitation(const Drill& d) const
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return tr("Add a pilot on the left first; the flight is kept on the pilot's record.");
    switch (station_.controllerState()) {
    case Station::Controller::Unplugged:
        return tr("The controller is unplugged. Plug it in, or choose another on the Controller page.");
    case Station::Controller::Uncalibrated:
        return tr("This controller is not calibrated yet. Calibrate it on the Controller page, then come back.");
    case Station::Controller::Unverified:
        return tr("This controller's calibration has not been verified. Check it on the Controller page, then come back.");
    case Station::Controller::Ready: break;
    }
    const QString name = asWords(d.name);
    if (ladder_->locked())
        return tr("\"%1\" is locked. Fly the stage before it, or open it on the left with a reason. It can be watched and "
                  "shadowed now.")
            .arg(name);
    const auto key = [this](const char* id) {
        return findChild<QAction*>(QLatin1String(id))->shortcut().toString(QKeySequence::NativeText);
    };
    return tr("%1 flies \"%2\".\n\nThrottle to the bottom, then %3 starts.\n%4 back to the start · %5 panic switch · %6 pause · "
              "%7 view · %8 wide")
        .arg(QString::fromStdString(pilot->name), name, key("drill-start"), key("drill-reset"), key("drill-panic"),
             key("drill-pause"), key("drill-view"), key("drill-wide"));
}

void DrillsPage::setPace(double pace)
{
    pace_ = pace;
    flight_->setPace(pace * (flight_->shown() ? speed_->currentData().toDouble() : 1));
}

void DrillsPage::start()
{
    if (flying()) {
        if (loop()->paused()) pause();
        return;
    }
    if (block_) {
        if (!ladder_->locked())
            flyFreely(block_->world, static_cast<Mode>(mode_->currentData().toInt()), block_->phases.front().goal.for_s / 60);
        return;
    }
    if (const Drill* d = drill(); d && !d->sticks_only)
        launch(*d, std::nullopt);
    else
        shadow();
}

void DrillsPage::arm()
{
    if (arm_->isEnabled() && arm_->isVisibleTo(this)) loop()->press_arm();
}

/// The flight that shows how the chosen drill is flown: the one that was kept, otherwise one that the stand-in pilot flies now.
std::shared_ptr<const FlightLog> DrillsPage::demonstrationOf(const Drill& d) const
{
    if (const Attempt* kept = school_.demonstration(d.id))
        if (auto log = school_.flight_log(kept->log_hash)) return std::make_shared<const FlightLog>(std::move(*log));
    TakeOff shown;
    shown.purpose = TakeOff::Purpose::Demonstration;
    shown.pilot_id = station_.pilotId();
    return demonstrationByStandIn(d, shown);
}

/// The same seed flies the same, as it will be seen.
std::shared_ptr<const FlightLog> DrillsPage::demonstrationByStandIn(const Drill& d, const TakeOff& shown) const
{
    const auto flight = prepared(school_, d, shown);
    const auto flown =
        flight ? fly_drill(d, flight->setup, stand_in_skill, seed_) : Result<FlownDrill>(tl::unexpected(flight.error()));
    return flown ? std::make_shared<const FlightLog>(std::move(flown->log)) : nullptr;
}

/// For a drill of sticks alone, one of the ladder that flies.
const Drill* DrillsPage::flyingDrill() const
{
    const Drill* d = drill();
    if (d && !d->sticks_only) return d;
    for (const LadderStep& step : school_.standing(station_.pilotId()).ladder)
        if (const Drill* other = school_.drill(step.drill_id); other && !other->sticks_only && !step.locked) d = other;
    return d && !d->sticks_only ? d : nullptr;
}

void DrillsPage::demonstrate(Shown shown_by)
{
    const Drill* d = flyingDrill();
    if (flying() || !d) return;
    const Attempt* kept = shown_by == Shown::ByWhatIsKept ? school_.demonstration(d->id) : nullptr;
    if (!kept)
        return launch(*d, FlightLoop::StandIn{stand_in_skill, seed_, false,
                                              demonstrationByStandIn(*d, asChosen(TakeOff::Purpose::Demonstration))});
    replay(*d, kept->log_hash);
    const Pilot* pilot = school_.pilot(kept->pilot_id);
    sentence_->setText(tr("%1's flight of %2, %3 of 100, with its sticks.")
                           .arg(pilot ? QString::fromStdString(pilot->name) : tr("A pilot"), dayInWords(kept->at))
                           .arg(inPlaces(kept->score, 0)));
}

/// The flight itself, with its sticks.
void DrillsPage::replay(const Drill& d, const std::string& log_hash)
{
    auto log = school_.flight_log(log_hash);
    if (!log) return view_->setInvitation(tr("It cannot be shown: %1.").arg(asWords(log.error())));
    launch(replay_of(d, std::make_shared<const FlightLog>(std::move(*log))), FlightLoop::StandIn{0, 0, true});
}

void DrillsPage::shadow()
{
    const Drill* d = flyingDrill();
    const Drill* sticks = school_.drill_with(DrillRole::Shadow, station_.pilotId());
    if (flying() || !d || !sticks || !readyToFly()) return;
    const auto shown = demonstrationOf(*d);
    if (!shown) return;
    Drill follow = shadowing(*sticks, shown);
    follow.world = d->world, follow.aircraft = d->aircraft, follow.start = d->start, follow.flags = d->flags;
    follow.phases.front().instruction = tr("Copy the sticks: %1.").arg(asWords(d->name)).toStdString();
    launch(follow, std::nullopt);
    flight_->setShadowed(d->id);
}

void DrillsPage::showSection(int section) { sections_->choose(section); }

void DrillsPage::nextEye() { view_->nextEye(); }

/// Starts it and shows it; false where the view says why not.
bool DrillsPage::takeOff(const Drill& d, const TakeOff& wanted, std::optional<FlightLoop::StandIn> stand_in)
{
    const auto begun = flight_->begin(d, wanted, stand_in);
    if (!begun) view_->setInvitation(tr("It cannot be flown: %1.").arg(asWords(begun.error())));
    setPace(pace_);
    return begun.has_value();
}

/// Why hours that are flown now will not count as on matched rates; said before they are flown, and once.
QString DrillsPage::ratesNote() const
{
    if (station_.pilotId().empty()) return {};
    const RatesMark mark = rates_mark(school_, station_.pilotId());
    if (mark.state == Done::Done || preferences().wasSaid(ratesNoteName(mark))) return {};
    return tr("Hours flown now count as practice, not as hours on matched rates: %1. Match them first on the Rates page (Alt+5), "
              "or fly.")
        .arg(mark.why == RatesMark::Why::NoSetup       ? tr("no aircraft is chosen yet")
             : mark.why == RatesMark::Why::RealUnknown ? tr("the real aircraft's rates are not known yet")
             : mark.why == RatesMark::Why::Stale       ? tr("the match does not hold any more")
                                                       : tr("what is practised on is not the aircraft's"));
}

/// For each pilot and each reason.
QString DrillsPage::ratesNoteName(const RatesMark& mark) const
{
    return QStringLiteral("rates-%1-%2").arg(QString::fromStdString(station_.pilotId())).arg(static_cast<int>(mark.why));
}

/// For the pilot, in the mode and on the day that are chosen.
TakeOff DrillsPage::asChosen(TakeOff::Purpose purpose) const
{
    TakeOff wanted;
    wanted.purpose = purpose;
    wanted.pilot_id = station_.pilotId();
    wanted.real_day = day_->isChecked();
    if (mode_->currentIndex() >= 0) wanted.mode = static_cast<Mode>(mode_->currentData().toInt());
    const auto switched = station_.switchedMode(); // the hand that holds the controller decides, where the drill allows it
    const Drill* d = drill();
    if (switched && purpose == TakeOff::Purpose::Drill && d &&
        std::find(d->modes.begin(), d->modes.end(), *switched) != d->modes.end())
        wanted.mode = switched;
    return wanted;
}

void DrillsPage::launch(const Drill& d, std::optional<FlightLoop::StandIn> stand_in)
{
    const bool shown = stand_in.has_value();
    if (!shown && (!readyToFly() || (ladder_->locked() && !d.sticks_only))) return;
    if (!shown && !ratesNote().isEmpty()) preferences().noteSaid(ratesNoteName(rates_mark(school_, station_.pilotId())));
    flight_->land();
    free_.reset();
    shownAttempt_.clear();
    sections_->choose(0);
    if (!takeOff(d, asChosen(shown ? TakeOff::Purpose::Demonstration : TakeOff::Purpose::Drill), stand_in)) return;
    heading_->setText(shown ? tr("Demonstration") : tr("Live"));
    sentence_->setText(shown ? tr("The stand-in pilot flies. Nothing is kept.") : asWords(d.purpose));
    refreshPanel();
}

void DrillsPage::practiseAsStandIn(double skill, std::uint64_t seed)
{
    const Drill* d = flyingDrill();
    if (flying() || !d || station_.pilotId().empty()) return;
    flight_->land();
    free_.reset();
    const std::string session = station_.beginPractice();
    if (session.empty() || !takeOff(*d, asChosen(TakeOff::Purpose::Drill), FlightLoop::StandIn{skill, seed})) return;
    flight_->setSession(session);
    heading_->setText(tr("Live"));
    sentence_->setText(
        tr("The stand-in pilot practises for %1.").arg(QString::fromStdString(school_.file(station_.pilotId()).row.name)));
    refreshPanel();
}

void DrillsPage::flyFreely(const std::string& world, Mode mode, double minutes)
{
    flight_->land();
    free_.reset();
    if (!readyToFly()) return refreshPanel();
    free_ = {world, mode, minutes};
    TakeOff wanted;
    wanted.purpose = TakeOff::Purpose::Free;
    wanted.pilot_id = station_.pilotId();
    wanted.mode = station_.switchedMode().value_or(mode);
    if (!takeOff(free_flight(world, minutes), wanted, std::nullopt)) return;
    heading_->setText(tr("Free flight: %1").arg(asWords(loop()->setup().world.name)));
    sentence_->setText(
        tr("%1. It is kept as practice, with crashes and throttle cuts, and nothing is scored. Choose a drill to go back to "
           "the ladder.")
            .arg(asWords(loop()->setup().airframe.name)));
    criteria_->setCriteria({});
    refreshPanel();
}

void DrillsPage::reset()
{
    if (!loop()) return;
    const bool again = flying() && !flight_->shown();
    flight_->land();
    if (again && free()) {
        const auto [world, mode, minutes] = *free_; // a copy: it begins afresh
        flyFreely(world, mode, minutes);
    } else if (again)
        start();
    else
        refreshPanel();
}

void DrillsPage::panic()
{
    if (flying() && !flight_->shown()) loop()->set_panic(!loop()->panic());
}

/// The controller's own switches do what the keys do.
void DrillsPage::switchMoved(const SwitchBoard::Moved& moved)
{
    if (!isVisible() || flight_->shown() || !loop()) return;
    const bool pressed = moved.springs_back && moved.on;
    switch (moved.use) {
    case SwitchUse::Arm:
        if (arm_->isEnabled() && (moved.springs_back ? moved.on : moved.on != loop()->snapshot().armed)) arm();
        break;
    case SwitchUse::Mode:
        if (flying() && moved.mode) loop()->set_mode(*moved.mode);
        break;
    case SwitchUse::Panic:
        if (pressed || (!moved.springs_back && flying() && moved.on != loop()->panic())) panic();
        break;
    case SwitchUse::Reset:
        if (moved.on) reset();
        break;
    case SwitchUse::Pause:
        if (pressed || (!moved.springs_back && flying() && moved.on != loop()->paused())) pause();
        break;
    }
}

void DrillsPage::pause()
{
    if (flying()) loop()->set_paused(!loop()->paused());
}

void DrillsPage::hold()
{
    if (flying() && !flight_->shown()) loop()->set_paused(true);
}

void DrillsPage::follow(const FlightSnapshot& now)
{
    if (now.score_so_far && !free()) criteria_->setCriteria(judged_criteria(*now.score_so_far));
    follows_ = followsInWords(now);
    if (flying() && !follows_.isEmpty()) sentence_->setText(follows_);
}

void DrillsPage::flightOver()
{
    const Drill& flew = loop()->drill();
    if (free()) {
        heading_->setText(tr("The free flight is over"));
        const Score& score = flight_->flown().score;
        sentence_->setText(asWords(free_flight_in_words(score.flown_s, score.throttle_cuts_s)));
    } else if (flew.criteria.empty())
        heading_->setText(tr("The demonstration is over"));
    else
        showResult(flight_->flown().score);
    shownDrill_ = flew.id;
    shownAttempt_ = flight_->keep();
    refreshPanel();
}

void DrillsPage::showResult(const Score& score)
{
    heading_->setText(verdictInWords(score));
    QStringList said{asWords(summary_of(score))};
    announcer_->voice().say(heading_->text() + QStringLiteral(". ") + said.front());
    for (std::size_t i = 1; i < std::min(most_faults_told, score.faults.size()); ++i)
        said << tr("Also: %1").arg(asWords(score.faults[i].in_words()));
    if (!follows_.isEmpty()) said << follows_;
    sentence_->setText(said.join(QLatin1Char('\n')));
    criteria_->setCriteria(judged_criteria(score));
}

} // namespace bh::desk
