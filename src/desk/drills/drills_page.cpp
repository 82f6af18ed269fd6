#include "desk/drills/drills_page.h"

#include "core/drill/demonstration.h"
#include "core/drill/free_flight.h"
#include "desk/drills/ladder_editor.h"
#include "desk/drills/ladder_panel.h"
#include "desk/drills/score_card.h"
#include "desk/parts/buttons.h"
#include "desk/parts/command.h"
#include "desk/parts/criteria_panel.h"
#include "desk/parts/flight_start.h"
#include "desk/parts/flight_view.h"
#include "desk/parts/keyboard_sticks.h"
#include "desk/parts/sections.h"
#include "desk/parts/side_by_side.h"
#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "desk/parts/voice.h"
#include "desk/words/attempt_words.h"
#include "desk/words/said_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

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
    voice_ = new Voice(this);
    keys.watch(view_);
    makeButtons();
    QWidget* side = makeSide();
    auto* flying = new QWidget;
    auto* right = new QVBoxLayout(flying);
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(8);
    right->addLayout(makeSections());
    right->addWidget(sections_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 10, 12, 10);
    layout->addWidget(new SideBySide(QStringLiteral("drillsParts"), side, flying, 1, 12));
    bindKeys();
    timer_.setInterval(50);
    connect(&timer_, &QTimer::timeout, this, &DrillsPage::follow);
    connect(ladder_, &LadderPanel::drillChosen, this, &DrillsPage::drillChosen);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any(
                {Kind::Pilot, Kind::Attempt, Kind::Stage, Kind::Setup, Kind::Demonstration, Kind::Drill, Kind::Curriculum},
                station_.pilotId()))
            refreshPanel();
    });
    connect(&school_, &School::flight_kept, this, &DrillsPage::refreshPanel);
    connect(&station_, &Station::pilotChosen, this, [this] {
        land();
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
    start_->setProperty("primary", true);
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
    heading_->setFont(uiFont(13, true));
    heading_->setWordWrap(true);
    sentence_ = new QLabel;
    sentence_->setObjectName(QStringLiteral("resultSentence"));
    sentence_->setWordWrap(true);
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
    innerLayout->setContentsMargins(0, 0, 6, 0);
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
    keysRow->setSpacing(6);
    for (QPushButton* b : {start_, reset_, panic_, pause_, eye_, arm_}) keysRow->addWidget(b);
    keysRow->addStretch();
    flightLayout->addLayout(keysRow);
    flightLayout->addWidget(view_, 1);
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(6);
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
        if (section != 0 && flying()) loop_->set_paused(true); // nobody looks: the aircraft waits
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
    command(this, "drill-wide", tr("Wide: without the line-up"), QKeySequence(Qt::Key_F11), [this] { Q_EMIT wideToggled(); });
}

DrillsPage::~DrillsPage()
{
    journal_.reset(); // the flight under way is offered at the next start
    free_.reset();
    land();
}

void DrillsPage::hideEvent(QHideEvent*)
{
    if (flying()) loop_->set_paused(true); // nobody looks: the aircraft waits
}

const Drill* DrillsPage::drill() const { return block_ ? &*block_ : school_.drill(ladder_->chosen()); }

bool DrillsPage::readyToFly() const
{
    return !station_.pilotId().empty() && station_.controllerState() == Station::Controller::Ready;
}

bool DrillsPage::flying() const { return loop_ && !result_shown_; }

void DrillsPage::chooseDrill(const std::string& id) { ladder_->choose(id); }

/// Another drill, or the same again out of a free flight.
void DrillsPage::drillChosen()
{
    if (flying() && !free()) return;
    land();
    free_.reset();
    shownAttempt_.clear();
    block_.reset();
    if (const auto* block = school_.curriculum(station_.pilotId()).free_block(ladder_->chosen())) {
        block_ = free_flight(block->world.empty() ? "pan" : block->world, block->minutes);
        block_->name = stepInWords(school_, school_.curriculum(station_.pilotId()), block->id).toStdString();
        block_->purpose =
            "Fly as you like. It is kept with its crashes and throttle cuts, and counts as practice; nothing is scored.";
    }
    const Drill* d = drill();
    if (shownModesOf_ != ladder_->chosen()) {
        const QSignalBlocker quiet(mode_);
        mode_->clear();
        if (d)
            for (Mode m : d->modes) mode_->addItem(tr("%1 mode").arg(asWords(mode_key(m))), static_cast<int>(m));
        shownModesOf_ = ladder_->chosen();
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
    arm_->setEnabled(flying() && !demonstration_);
    keepShown_->setVisible(!shownAttempt_.empty() && school_.attempt(shownAttempt_)); // once it is safe on the record
    reset_->setEnabled(loop_ != nullptr);
    panic_->setEnabled(flying() && !demonstration_);
    pause_->setEnabled(flying());
    mode_->setDisabled(flying() || mode_->count() < 2 || of_phases([](const Phase& p) { return p.mode.has_value(); }));
    ladder_->setBusy(flying() && !free());
    day_->setDisabled(flying());
    for (QWidget* of_drills : std::initializer_list<QWidget*>{mode_, day_}) of_drills->setVisible(!free());
    if (loop_ || !d) return;
    heading_->setText(asWords(d->name));
    sentence_->setText(asWords(d->purpose));
    Score limits;
    for (const Criterion& c : d->criteria) limits.criteria.push_back({c, std::nullopt, 0});
    criteria_->setCriteria(criterion_rows(limits));
    view_->setInvitation(invitation(*d));
}

/// What to do before the drill can be flown, or how it is started.
QString DrillsPage::invitation(const Drill& d) const
{
    const PilotRow* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return tr("Add a pilot in the line-up first; the flight is kept on the pilot's record.");
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
    if (loop_) loop_->set_pace(pace * (demonstration_ ? speed_->currentData().toDouble() : 1));
}

void DrillsPage::start()
{
    if (flying()) {
        if (loop_->paused()) pause();
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
    if (arm_->isEnabled() && arm_->isVisibleTo(this)) loop_->press_arm();
}

/// The flight that shows how the chosen drill is flown: the one that was kept, otherwise one that the stand-in pilot flies now.
std::shared_ptr<const FlightLog> DrillsPage::demonstrationOf(const Drill& d) const
{
    if (const AttemptRow* kept = school_.demonstration(d.id))
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
    const AttemptRow* kept = shown_by == Shown::ByWhatIsKept ? school_.demonstration(d->id) : nullptr;
    if (!kept)
        return launch(*d, FlightLoop::StandIn{stand_in_skill, seed_, false,
                                              demonstrationByStandIn(*d, asChosen(TakeOff::Purpose::Demonstration))});
    replay(*d, kept->log_hash);
    const PilotRow* pilot = school_.pilot(kept->pilot_id);
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
    const Drill* sticks = school_.drill("shadow");
    if (flying() || !d || !sticks || !readyToFly()) return;
    const auto shown = demonstrationOf(*d);
    if (!shown) return;
    Drill follow = shadowing(*sticks, shown);
    follow.world = d->world, follow.aircraft = d->aircraft, follow.start = d->start, follow.flags = d->flags;
    follow.phases.front().instruction = QStringLiteral("Copy the sticks: %1.").arg(asWords(d->name)).toStdString();
    launch(follow, std::nullopt);
    if (loop_) attempt_.shadowed = d->id;
}

void DrillsPage::showSection(int section) { sections_->choose(section); }

void DrillsPage::nextEye() { view_->nextEye(); }

/// Prepares, starts and shows; false where the view says why not.
bool DrillsPage::takeOff(const Drill& d, const TakeOff& wanted, std::optional<FlightLoop::StandIn> stand_in)
{
    const auto flight = prepared(school_, d, wanted);
    auto started =
        flight ? startFlight(station_, *view_, *flight, d, stand_in) : Result<StartedFlight>(tl::unexpected(flight.error()));
    if (!started) {
        view_->setInvitation(tr("It cannot be flown: %1.").arg(asWords(started.error())));
        return false;
    }
    loop_ = std::move(started->loop);
    caller_.begin();
    setPace(pace_);
    result_shown_ = false;
    attempt_ = {};
    attempt_.pilot_id = station_.pilotId();
    attempt_.session_id = started->session_id;
    journalled_at_s_ = 0;
    attempt_.flight = flight->flown_with;
    const bool freely = wanted.purpose == TakeOff::Purpose::Free;
    if (freely) attempt_.world = d.world;
    if (freely || (wanted.purpose == TakeOff::Purpose::Drill && !d.sticks_only)) {
        attempt_.drill_id = d.id;
        attempt_.mode = flight->setup.mode;
        journal_ = school_.begin_journal(attempt_);
    }
    timer_.start();
    return true;
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
    land();
    free_.reset();
    shownAttempt_.clear();
    sections_->choose(0);
    const TakeOff wanted = asChosen(shown ? TakeOff::Purpose::Demonstration : TakeOff::Purpose::Drill);
    demonstration_ = shown;
    if (!takeOff(d, wanted, stand_in)) return;
    heading_->setText(shown ? tr("Demonstration") : tr("Live"));
    sentence_->setText(shown ? tr("The stand-in pilot flies. Nothing is kept.") : asWords(d.purpose));
    refreshPanel();
}

void DrillsPage::practiseAsStandIn(double skill, std::uint64_t seed)
{
    const Drill* d = flyingDrill();
    if (flying() || !d || station_.pilotId().empty()) return;
    land();
    free_.reset();
    const std::string session = station_.beginPractice();
    demonstration_ = false;
    if (session.empty() || !takeOff(*d, asChosen(TakeOff::Purpose::Drill), FlightLoop::StandIn{skill, seed})) return;
    attempt_.session_id = session;
    heading_->setText(tr("Live"));
    sentence_->setText(
        tr("The stand-in pilot practises for %1.").arg(QString::fromStdString(school_.file(station_.pilotId()).row.name)));
    refreshPanel();
}

void DrillsPage::flyFreely(const std::string& world, Mode mode, double minutes)
{
    land();
    free_.reset();
    if (!readyToFly()) return refreshPanel();
    free_ = {world, mode, minutes};
    demonstration_ = false;
    TakeOff wanted;
    wanted.purpose = TakeOff::Purpose::Free;
    wanted.pilot_id = station_.pilotId();
    wanted.mode = station_.switchedMode().value_or(mode);
    if (!takeOff(free_flight(world, minutes), wanted, std::nullopt)) return;
    heading_->setText(tr("Free flight: %1").arg(asWords(loop_->setup().world.name)));
    sentence_->setText(
        tr("%1. It is kept as practice, with crashes and throttle cuts, and nothing is scored. Choose a drill to go back to "
           "the ladder.")
            .arg(asWords(loop_->setup().airframe.name)));
    criteria_->setCriteria({});
    refreshPanel();
}

void DrillsPage::land()
{
    timer_.stop();
    view_->show(nullptr);
    station_.setFlying({});
    if (loop_ && flying() && free()) {
        const Mode mode = loop_->snapshot().mode;
        keepFreeFlight(loop_->break_off(), mode);
    }
    loop_.reset();
    if (journal_) std::exchange(journal_, nullptr)->over();
    station_.setArmed(false);
}

void DrillsPage::reset()
{
    if (!loop_) return;
    const bool again = flying() && !demonstration_;
    land();
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
    if (flying() && !demonstration_) loop_->set_panic(!loop_->panic());
}

/// The controller's own switches do what the keys do.
void DrillsPage::switchMoved(const SwitchBoard::Moved& moved)
{
    if (!isVisible() || demonstration_ || !loop_) return;
    const bool pressed = moved.springs_back && moved.on;
    switch (moved.use) {
    case SwitchUse::Arm:
        if (arm_->isEnabled() && (moved.springs_back ? moved.on : moved.on != loop_->snapshot().armed)) arm();
        break;
    case SwitchUse::Mode:
        if (flying() && moved.mode) loop_->set_mode(*moved.mode);
        break;
    case SwitchUse::Panic:
        if (pressed || (!moved.springs_back && flying() && moved.on != loop_->panic())) panic();
        break;
    case SwitchUse::Reset:
        if (moved.on) reset();
        break;
    case SwitchUse::Pause:
        if (pressed || (!moved.springs_back && flying() && moved.on != loop_->paused())) pause();
        break;
    }
}

void DrillsPage::pause()
{
    if (flying()) loop_->set_paused(!loop_->paused());
}

void DrillsPage::hold()
{
    if (flying() && !demonstration_) loop_->set_paused(true);
}

void DrillsPage::follow()
{
    if (!loop_) return;
    const FlightSnapshot now = loop_->snapshot();
    station_.setArmed(now.armed && !demonstration_ && !now.paused);
    if (downAndIn_.look(ControllerHub::now_s(), station_.input().sticks(), station_.stickMode()) && !now.armed) arm();
    if (now.score_so_far && !free()) criteria_->setCriteria(criterion_rows(*now.score_so_far));
    const QString follows = followsInWords(now);
    call(now);
    if (journal_ && now.time_s - journalled_at_s_ > journal_every_s) {
        journalled_at_s_ = now.time_s;
        journal_->add(loop_->take_new_rows());
    }
    auto flown = loop_->take_result();
    if (!flown && !follows.isEmpty()) sentence_->setText(follows);
    if (!flown) return;
    result_shown_ = true;
    timer_.stop();
    station_.setArmed(false);
    if (free() || loop_->drill().criteria.empty()) {
        heading_->setText(free() ? tr("The free flight is over") : tr("The demonstration is over"));
        if (free()) {
            sentence_->setText(asWords(free_flight_in_words(flown->score.flown_s, flown->score.throttle_cuts_s)));
            keepFreeFlight(std::move(*flown), now.mode);
        }
        return refreshPanel();
    }
    showResult(flown->score, follows);
    if (!demonstration_) keepFlight(std::move(*flown), now.mode);
    refreshPanel();
}

void DrillsPage::call(const FlightSnapshot& now)
{
    constexpr double low_hz = 330, high_hz = 660;
    if (const auto words = caller_.look(loop_->drill(), now)) voice_->say(*words);
    if (caller_.side() != FlightCaller::Side::Inside)
        voice_->sound(caller_.side() == FlightCaller::Side::Above ? high_hz : low_hz);
}

void DrillsPage::showResult(const Score& score, const QString& follows)
{
    heading_->setText(tr("%1: %2 of 100").arg(score.passed ? tr("Passed") : tr("Not passed")).arg(inPlaces(score.score, 0)));
    QStringList said{asWords(summary_of(score))};
    voice_->say(heading_->text() + QStringLiteral(". ") + said.front());
    for (std::size_t i = 1; i < std::min(most_faults_told, score.faults.size()); ++i)
        said << tr("Also: %1").arg(asWords(score.faults[i].in_words()));
    if (!follows.isEmpty()) said << follows;
    sentence_->setText(said.join(QLatin1Char('\n')));
    criteria_->setCriteria(criterion_rows(score));
}

/// One that hardly left the ground is not worth keeping.
void DrillsPage::keepFreeFlight(FlownDrill flown, Mode mode)
{
    constexpr double least_s = 5; // house
    if (flown.score.flown_s < least_s) return;
    JudgedAttempt row = without_score(judged_attempt(flown.score, mode));
    row.pilot_id = attempt_.pilot_id;
    row.session_id = attempt_.session_id;
    row.flight = attempt_.flight;
    row.world = attempt_.world;
    school_.keep_flight(std::move(row), std::make_shared<const FlightLog>(std::move(flown.log)), nullptr, std::move(journal_));
}

void DrillsPage::keepFlight(FlownDrill flown, Mode mode)
{
    const Drill& flew = loop_->drill();
    JudgedAttempt row = judged_attempt(flown.score, mode);
    row.pilot_id = attempt_.pilot_id;
    row.session_id = attempt_.session_id;
    row.shadowed = attempt_.shadowed;
    if (!flew.sticks_only) row.flight = attempt_.flight;
    shownDrill_ = flew.id;
    shownAttempt_ = school_.keep_flight(std::move(row), std::make_shared<const FlightLog>(std::move(flown.log)),
                                        flew.demonstration, std::move(journal_));
    if (flew.sticks_only) shownAttempt_.clear(); // sticks without a flight show nothing
}

} // namespace bh::desk
