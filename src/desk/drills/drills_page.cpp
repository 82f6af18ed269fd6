#include "desk/drills/drills_page.h"

#include "core/setup/camera_tilt.h"
#include "desk/controller/keyboard_sticks.h"
#include "desk/drills/criteria_panel.h"
#include "desk/drills/flight_view.h"
#include "desk/record_store.h"
#include "desk/station.h"
#include "desk/theme.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <QSignalBlocker>
#include <QStyledItemDelegate>
#include <algorithm>

namespace bh::desk {
namespace {

enum LadderRole { DrillIdRole = Qt::UserRole + 1, StateRole, DetailRole };

/// State mark, name and what is missing.
class LadderDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {180, 46}; }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        const QRect box = option.rect;
        p->save();
        if (option.state & QStyle::State_Selected) {
            p->fillRect(box, option.palette.color(QPalette::AlternateBase));
            p->fillRect(QRect(box.left(), box.top(), 4, box.height()), t.attention);
        }
        const auto state = static_cast<DrillState>(index.data(StateRole).toInt());
        const bool held = state == DrillState::Held;
        paintMark(*p, QRectF(box.left() + 12, box.top() + 10, 12, 12),
                  held                          ? StateMark::Done
                  : state == DrillState::Tried ? StateMark::Partly
                  : state == DrillState::Due   ? StateMark::Due
                                               : StateMark::None,
                  held ? t.held : state == DrillState::Untried ? t.steel : t.attention);
        const QRect words = box.adjusted(34, 5, -6, -4);
        p->setFont(uiFont(10, true));
        p->setPen(t.ink);
        p->drawText(words, Qt::AlignLeft | Qt::AlignTop, p->fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(), Qt::ElideRight, words.width()));
        p->setFont(uiFont(8.5));
        p->setPen(t.soft);
        p->drawText(words, Qt::AlignLeft | Qt::AlignBottom,
                    p->fontMetrics().elidedText(index.data(DetailRole).toString(), Qt::ElideRight, words.width()));
        p->restore();
    }
};

/// A flight without goals, for twenty minutes.
Drill freeFlight(const std::string& world)
{
    Drill d;
    d.id = "free-flight";
    d.name = "Free flight";
    d.world = world;
    d.modes = {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport};
    Phase fly;
    fly.id = "fly";
    fly.instruction = "Free flight. F6 begins again.";
    fly.goal = {Goal::Kind::Stay, 1200, 1, 0};
    fly.time_limit_s = 1e6;
    d.phases = {fly};
    d.crashes_allowed.reset();
    d.panic_disqualifies = false;
    return d;
}

QPushButton* button(const QString& text, const char* name, const QString& tip)
{
    auto* b = new QPushButton(text);
    b->setObjectName(QLatin1String(name));
    b->setToolTip(tip);
    b->setFocusPolicy(Qt::TabFocus); // a click leaves the focus, and so the keys, in the flight view
    return b;
}

} // namespace

DrillsPage::DrillsPage(RecordStore& store, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), store_(store), station_(station)
{
    ladder_ = new QListWidget;
    ladder_->setObjectName(QStringLiteral("ladder"));
    ladder_->setAccessibleName(tr("Ladder of drills"));
    ladder_->setItemDelegate(new LadderDelegate(ladder_));
    ladder_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    heading_ = new QLabel;
    heading_->setObjectName(QStringLiteral("resultHeading"));
    heading_->setFont(uiFont(13, true));
    heading_->setWordWrap(true);
    sentence_ = new QLabel;
    sentence_->setObjectName(QStringLiteral("resultSentence"));
    sentence_->setWordWrap(true);
    criteria_ = new CriteriaPanel;
    view_ = new FlightView;
    keys.watch(view_);

    start_ = button(tr("Start (F5)"), "start", tr("Start the drill for the chosen pilot"));
    start_->setProperty("primary", true);
    reset_ = button(tr("Reset (F6)"), "reset", tr("Back to the start; a flight that is not over is not kept"));
    panic_ = button(tr("Panic (F7)"), "panic", tr("Stop and hover from any attitude; the drill is then not passed"));
    pause_ = button(tr("Pause (F8)"), "pause", tr("Hold the flight still, and go on"));
    eye_ = button(tr("View (F9)"), "eye", tr("From the aircraft, from behind it, or from the pilot's place on the ground"));
    watch_ = button(tr("Watch it"), "demonstrate", tr("The stand-in pilot flies the drill; nothing is kept"));
    mode_ = new QComboBox;
    mode_->setObjectName(QStringLiteral("flightMode"));
    mode_->setAccessibleName(tr("Flight mode"));
    mode_->setFocusPolicy(Qt::TabFocus);
    day_ = new QCheckBox(tr("real day"));
    day_->setObjectName(QStringLiteral("realDay"));
    day_->setFocusPolicy(Qt::TabFocus);
    day_->setToolTip(tr("Fly with the wind and whatever else is switched on under \"Real day\" on the Set-up page; the attempt says so"));

    curriculum_ = new QComboBox;
    curriculum_->setObjectName(QStringLiteral("curriculum"));
    curriculum_->setAccessibleName(tr("The pilot's curriculum"));
    curriculum_->setFocusPolicy(Qt::TabFocus);
    curriculum_->setToolTip(tr("The way through the drills. What was flown counts in every one of them; the change can be undone."));
    for (const Curriculum& c : store_.curricula()) curriculum_->addItem(QString::fromStdString(c.name), QString::fromStdString(c.id));
    connect(curriculum_, &QComboBox::activated, this, [this](int row) {
        const PilotRow* pilot = store_.pilot(station_.pilotId());
        if (!pilot) return;
        PilotRow edited = *pilot;
        edited.curriculum = curriculum_->itemData(row).toString().toStdString();
        store_.editPilot(edited);
    });

    auto* side = new QWidget;
    auto* sideLayout = new QVBoxLayout(side);
    sideLayout->setContentsMargins(0, 0, 0, 0);
    sideLayout->setSpacing(8);
    sideLayout->addWidget(curriculum_);
    sideLayout->addWidget(ladder_);
    sideLayout->addWidget(heading_);
    sideLayout->addWidget(sentence_);
    auto* how = new QHBoxLayout;
    how->addWidget(mode_, 1);
    how->addWidget(day_);
    sideLayout->addLayout(how);
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
    sideLayout->addWidget(scroll, 1);
    side->setFixedWidth(250);

    auto* keysRow = new QHBoxLayout;
    keysRow->setSpacing(6);
    for (QPushButton* b : {start_, reset_, panic_, pause_, eye_}) keysRow->addWidget(b);
    keysRow->addStretch();
    keysRow->addWidget(watch_);
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    right->addLayout(keysRow);
    right->addWidget(view_, 1);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 10, 12, 10);
    layout->setSpacing(12);
    layout->addWidget(side);
    layout->addLayout(right, 1);

    const auto key = [this](Qt::Key k, void (DrillsPage::*action)()) {
        connect(new QShortcut(QKeySequence(k), this), &QShortcut::activated, this, action);
    };
    key(Qt::Key_F5, &DrillsPage::start);
    key(Qt::Key_F6, &DrillsPage::reset);
    key(Qt::Key_F7, &DrillsPage::panic);
    key(Qt::Key_F8, &DrillsPage::pause);
    key(Qt::Key_F9, &DrillsPage::nextEye);
    connect(new QShortcut(QKeySequence(Qt::Key_F11), this), &QShortcut::activated, this, &DrillsPage::wideToggled);
    connect(start_, &QPushButton::clicked, this, &DrillsPage::start);
    connect(reset_, &QPushButton::clicked, this, &DrillsPage::reset);
    connect(panic_, &QPushButton::clicked, this, &DrillsPage::panic);
    connect(pause_, &QPushButton::clicked, this, &DrillsPage::pause);
    connect(eye_, &QPushButton::clicked, this, &DrillsPage::nextEye);
    connect(watch_, &QPushButton::clicked, this, &DrillsPage::demonstrate);
    connect(ladder_, &QListWidget::currentRowChanged, this, [this] {
        if (!flying() || free()) land(), free_.reset();
        const QSignalBlocker quiet(mode_);
        mode_->clear();
        if (const Drill* d = drill())
            for (Mode m : d->modes) mode_->addItem(tr("%1 mode").arg(QString::fromUtf8(mode_key(m).data())), static_cast<int>(m));
        mode_->setEnabled(mode_->count() > 1);
        refreshPanel();
    });
    connect(ladder_, &QListWidget::itemClicked, this, [this] { // out of a free flight, also to the drill that was chosen before
        if (free()) land(), free_.reset(), refreshPanel();
    });
    timer_.setInterval(50);
    connect(&timer_, &QTimer::timeout, this, &DrillsPage::follow);
    connect(&store_, &RecordStore::changed, this, &DrillsPage::refreshLadder);
    connect(&station_, &Station::pilotChosen, this, [this] {
        land();
        free_.reset();
        refreshLadder();
        chooseDrill(store_.standing(station_.pilotId()).next_drill);
        refreshPanel();
    });
    connect(&station_, &Station::deviceChosen, this, &DrillsPage::refreshPanel);
    connect(&station_, &Station::devicesChanged, this, &DrillsPage::refreshPanel);
    refreshLadder();
    chooseDrill(store_.standing(station_.pilotId()).next_drill);
    if (ladder_->currentRow() < 0) ladder_->setCurrentRow(0);
    refreshPanel();
}

DrillsPage::~DrillsPage() { land(); }

void DrillsPage::hideEvent(QHideEvent*)
{
    if (flying()) loop_->set_paused(true); // nobody looks: the aircraft waits
}

const Drill* DrillsPage::drill() const
{
    const QListWidgetItem* item = ladder_->currentItem();
    return item ? store_.drill(item->data(DrillIdRole).toString().toStdString()) : nullptr;
}

bool DrillsPage::readyToFly() const
{
    return !station_.pilotId().empty() && station_.controllerState() == Station::Controller::Ready;
}

bool DrillsPage::flying() const { return loop_ && !result_shown_; }

void DrillsPage::chooseDrill(const std::string& id)
{
    if (flying()) return;
    for (int row = 0; row < ladder_->count(); ++row)
        if (ladder_->item(row)->data(DrillIdRole).toString().toStdString() == id) ladder_->setCurrentRow(row);
}

void DrillsPage::refreshLadder()
{
    curriculum_->setCurrentIndex(curriculum_->findData(QString::fromStdString(store_.curriculum(station_.pilotId()).id)));
    curriculum_->setEnabled(!station_.pilotId().empty() && !flying());
    const QListWidgetItem* before = ladder_->currentItem();
    const std::string chosen = before ? before->data(DrillIdRole).toString().toStdString() : std::string();
    std::vector<std::string> ids;
    for (const Curriculum::Stage& stage : store_.curriculum(station_.pilotId()).stages) ids.insert(ids.end(), stage.drills.begin(), stage.drills.end());
    bool same = ladder_->count() == static_cast<int>(ids.size());
    for (int row = 0; same && row < ladder_->count(); ++row)
        same = ladder_->item(row)->data(DrillIdRole).toString().toStdString() == ids[static_cast<std::size_t>(row)];
    if (!same) {
        const QSignalBlocker quiet(ladder_);
        ladder_->clear();
        for (const std::string& id : ids) {
            auto* item = new QListWidgetItem(ladder_);
            item->setData(DrillIdRole, QString::fromStdString(id));
        }
        ladder_->setFixedHeight(46 * std::min<int>(5, static_cast<int>(ids.size())) + 4); // a longer one scrolls
    }
    for (std::size_t i = 0; i < ids.size(); ++i) {
        QListWidgetItem* item = ladder_->item(static_cast<int>(i));
        const Drill* d = store_.drill(ids[i]);
        const DrillStanding s = store_.drillStanding(station_.pilotId(), ids[i]);
        item->setText(QString::fromStdString(d ? d->name : ids[i]));
        item->setData(StateRole, static_cast<int>(s.state));
        QString detail = QString::fromStdString(s.next);
        if (s.best) detail = tr("best %1, last %2 · %3").arg(*s.best, 0, 'f', 0).arg(*s.last, 0, 'f', 0).arg(detail);
        item->setData(DetailRole, detail);
        item->setToolTip(detail);
    }
    if (!same && !flying()) { // another curriculum: the same drill when it is there, otherwise what comes next
        chooseDrill(chosen);
        if (ladder_->currentRow() < 0) chooseDrill(store_.standing(station_.pilotId()).next_drill);
        if (ladder_->currentRow() < 0) ladder_->setCurrentRow(0);
        refreshPanel();
    }
}

void DrillsPage::refreshPanel()
{
    const Drill* d = drill();
    start_->setEnabled(d && readyToFly() && !flying());
    watch_->setEnabled(d && !flying());
    reset_->setEnabled(loop_ != nullptr);
    panic_->setEnabled(flying() && !demonstration_);
    pause_->setEnabled(flying());
    mode_->setDisabled(flying() || mode_->count() < 2);
    ladder_->setDisabled(flying() && !free());
    day_->setDisabled(flying());
    for (QWidget* of_drills : std::initializer_list<QWidget*>{mode_, day_}) of_drills->setVisible(!free());
    if (loop_ || !d) return;

    heading_->setText(QString::fromStdString(d->name));
    sentence_->setText(QString::fromStdString(d->purpose));
    Score limits;
    for (const Criterion& c : d->criteria) limits.criteria.push_back({c, std::nullopt, 0});
    criteria_->setCriteria(attempt_row(limits, d->modes.front()).criteria);
    const PilotRow* pilot = store_.pilot(station_.pilotId());
    const Station::Controller controller = station_.controllerState();
    view_->setInvitation(!pilot                             ? tr("Add a pilot in the line-up first; the flight is kept on the pilot's record.")
                         : controller == Station::Controller::Unplugged    ? tr("The controller is unplugged. Plug it in, or choose another on the Controller page.")
                         : controller == Station::Controller::Uncalibrated ? tr("This controller is not calibrated yet. Calibrate it on the Controller page, then come back.")
                         : controller == Station::Controller::Unverified   ? tr("This controller's calibration has not been verified. Check it on the Controller page, then come back.")
                                                                           : tr("%1 flies \"%2\".\n\nThrottle to the bottom, then F5 starts.\nF6 back to the start · F7 panic switch · F8 pause · F9 view · F11 wide")
                                                                .arg(QString::fromStdString(pilot->name), QString::fromStdString(d->name)));
}

void DrillsPage::setPace(double pace)
{
    pace_ = pace;
    if (loop_) loop_->set_pace(pace);
}

void DrillsPage::start()
{
    if (flying()) {
        if (loop_->paused()) pause();
        return;
    }
    launch(false);
}

void DrillsPage::demonstrate()
{
    if (!flying()) launch(true);
}

void DrillsPage::nextEye() { view_->nextEye(); }

Result<FlightSetup> DrillsPage::setupFor(const Drill& d, bool demonstration) const
{
    const std::optional<TrainingSetup> own = store_.setup(station_.pilotId());
    auto setup = store_.data().setup_for(d, own ? own->rates : RateProfile{});
    if (!setup || !own || demonstration) return setup; // a demonstration is flown as the drill is meant
    if (const Airframe* simulated = store_.simulatedAircraft(own->simulated_aircraft)) setup->airframe = detuned(*simulated, own->propeller_ratio, own->power_share);
    if (free() || day_->isChecked()) setup->conditions = own->day;
    setup->conditions.seed = store_.attempts(station_.pilotId()).size() + 1; // no two gusts alike
    return setup;
}

bool DrillsPage::takeOff(const Drill& d, FlightSetup setup, std::optional<FlightLoop::StandIn> stand_in)
{
    if (!stand_in) setup.steps_per_row = 4; // 250 rows a second of what a hand does
    auto flight = Flight::create(std::move(setup));
    if (!flight) {
        view_->setInvitation(tr("The drill cannot be flown: %1.").arg(QString::fromStdString(flight.error().message)));
        return false;
    }
    result_shown_ = false;
    if (!stand_in) {
        session_id_ = station_.beginPractice();
        if (session_id_.empty()) return false;
    }
    const auto sticks = [&input = station_.input()](double after_s) { return input.sticks_after(after_s); };
    loop_ = std::make_unique<FlightLoop>(std::move(*flight), d, sticks, stand_in);
    loop_->set_pace(pace_);
    view_->setStickMode(station_.stickMode());
    view_->show(loop_.get());
    if (const auto own = store_.setup(station_.pilotId())) view_->setCamera(own->camera_tilt_deg, own->fov_deg);
    view_->setFocus();
    timer_.start();
    return true;
}

void DrillsPage::launch(bool demonstration)
{
    const Drill* d = drill();
    if (!d || (!demonstration && !readyToFly())) return;
    land();
    free_.reset();
    auto setup = setupFor(*d, demonstration);
    if (!setup) return view_->setInvitation(tr("The drill cannot be flown: %1.").arg(QString::fromStdString(setup.error().message)));
    if (mode_->currentIndex() >= 0) setup->mode = static_cast<Mode>(mode_->currentData().toInt());
    demonstration_ = demonstration;
    flown_with_ = setup->airframe.id == d->aircraft && !store_.setup(station_.pilotId()) ? "" : setup->airframe.name;
    if (const std::string day = in_words(setup->conditions); !day.empty()) flown_with_ += (flown_with_.empty() ? "" : "; ") + day;
    if (!takeOff(*d, std::move(*setup), demonstration ? std::optional(FlightLoop::StandIn{0.97, seed_}) : std::nullopt)) return;
    heading_->setText(demonstration ? tr("Demonstration") : tr("Live"));
    sentence_->setText(demonstration ? tr("The stand-in pilot flies. Nothing is kept.") : QString::fromStdString(d->purpose));
    refreshPanel();
}

void DrillsPage::flyFreely(const std::string& world, Mode mode)
{
    land();
    free_.reset();
    if (!readyToFly()) return refreshPanel();
    free_ = {world, mode};
    demonstration_ = false;
    const Drill d = freeFlight(world);
    auto setup = setupFor(d, false);
    if (!setup) return view_->setInvitation(tr("The world cannot be flown: %1.").arg(QString::fromStdString(setup.error().message)));
    setup->mode = mode;
    if (!takeOff(d, std::move(*setup), std::nullopt)) return;
    heading_->setText(tr("Free flight: %1").arg(QString::fromStdString(loop_->setup().world.name)));
    sentence_->setText(tr("%1. The time counts as practice; nothing is scored. Choose a drill to go back to the ladder.").arg(QString::fromStdString(loop_->setup().airframe.name)));
    criteria_->setCriteria({});
    refreshPanel();
}

void DrillsPage::land()
{
    timer_.stop();
    view_->show(nullptr);
    loop_.reset();
    station_.setArmed(false);
}

void DrillsPage::reset()
{
    if (!loop_) return;
    const bool again = flying() && !demonstration_;
    land();
    if (again && free()) {
        const auto [world, mode] = *free_; // a copy: it begins afresh
        flyFreely(world, mode);
    } else if (again) launch(false);
    else refreshPanel();
}

void DrillsPage::panic()
{
    if (flying() && !demonstration_) loop_->set_panic(!loop_->panic());
}

void DrillsPage::pause()
{
    if (flying()) loop_->set_paused(!loop_->paused());
}

void DrillsPage::follow()
{
    if (!loop_) return;
    const FlightSnapshot now = loop_->snapshot();
    station_.setArmed(now.armed && !demonstration_ && !now.paused);
    if (now.score_so_far && !free()) criteria_->setCriteria(attempt_row(*now.score_so_far, now.mode).criteria);
    auto flown = loop_->take_result();
    if (!flown) return;
    result_shown_ = true;
    timer_.stop();
    station_.setArmed(false);
    if (free()) {
        heading_->setText(tr("The free flight is over"));
        return refreshPanel();
    }
    const Score& score = flown->score;
    heading_->setText(tr("%1: %2 of 100").arg(score.passed ? tr("Passed") : tr("Not passed")).arg(score.score, 0, 'f', 0));
    sentence_->setText(QString::fromStdString(score.summary));
    AttemptRow row = attempt_row(score, now.mode);
    criteria_->setCriteria(row.criteria);
    if (!demonstration_) {
        row.pilot_id = station_.pilotId();
        row.session_id = session_id_;
        row.flown_with = flown_with_;
        store_.addAttempt(std::move(row), flown->log);
    }
    refreshPanel();
}

} // namespace bh::desk
