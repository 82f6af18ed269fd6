#include "desk/debrief/debrief_page.h"

#include "core/drill/drill_runner.h"
#include "core/drill/free_flight.h"
#include "desk/debrief/plan_view.h"
#include "desk/debrief/time_lanes.h"
#include "desk/parts/buttons.h"
#include "desk/parts/part_title.h"
#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "desk/words/attempt_words.h"
#include "desk/words/time_words.h"
#include "files/flight_csv.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QFileInfo>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int frame_ms = 16;
constexpr std::size_t flights_shown = 200;

/// What stands in a finding's row: what it is, and its first numbers.
QString inWords(const Finding& f)
{
    QString words = findingName(f.kind);
    if (f.kind == FindingKind::Rocking || f.kind == FindingKind::HeldPush || f.kind == FindingKind::Spin)
        words += QStringLiteral(", ") + QLatin1String(stick_axis_key(f.axis).data());
    if (f.side) words += QStringLiteral(", ") + QLatin1String(side_key(*f.side).data());
    const auto number = [&](const char* key, const QString& text, int decimals) {
        if (const auto value = f.number(key)) words += QStringLiteral(" · ") + text.arg(std::abs(*value), 0, 'f', decimals);
    };
    number("frequency_hz", QObject::tr("%1 Hz"), 1);
    number("cycles", QObject::tr("%1 cycles"), 0);
    number("lean_deg", QObject::tr("lean %1°"), 0);
    number("heading_change_deg", QObject::tr("%1°"), 0);
    number("yaw_share", QObject::tr("yaw share %1"), 2);
    number("entry_mps", QObject::tr("from %1 m/s"), 1);
    number("height_gain_m", QObject::tr("gained %1 m"), 1);
    number("turned_deg", QObject::tr("%1°"), 0);
    number("exit_deg", QObject::tr("%1° off level"), 0);
    number("bank_deg", QObject::tr("%1°"), 0);
    number("sink_m", QObject::tr("%1 m lost"), 1);
    number("sink_mps", QObject::tr("%1 m/s"), 1);
    number("bounces", QObject::tr("%1 bounces"), 0);
    number("seconds", QObject::tr("%1 s"), 1);
    return words;
}

} // namespace

ReplayView::ReplayView(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("replayView"));
    setAccessibleName(tr("The flight at the cursor"));
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumSize(280, 160);
    painter_.setPlain(true);
}

void ReplayView::setFlight(const FlightLog* log, const Drill& drill, const FlightSetup& setup, const StickMode& mode)
{
    log_ = log && log->has_position && log->size() > 1 ? log : nullptr;
    painter_.setDrill(drill, setup);
    painter_.setStickMode(mode);
    update();
}

void ReplayView::setTime(double t_s)
{
    time_s_ = t_s;
    update();
}

void ReplayView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    if (!log_) {
        p.fillRect(rect(), theme().card);
        p.setPen(theme().line);
        p.drawRect(rect().adjusted(0, 0, -1, -1));
        return;
    }
    const auto after = std::lower_bound(log_->t_s.begin(), log_->t_s.end(), time_s_);
    const FlightSample s = log_->sample(std::min(static_cast<std::size_t>(after - log_->t_s.begin()), log_->size() - 1));
    FlightSnapshot now;
    now.state.position_m = Vec3(s.north_m, s.east_m, -s.height_m);
    now.state.velocity_mps = Vec3(s.vn_mps, s.ve_mps, -s.climb_mps);
    now.state.attitude = s.attitude().normalized();
    now.sticks = s.sticks;
    now.time_s = s.t_s;
    now.armed = s.armed;
    now.mode = s.mode;
    now.waiting_for_throttle = false;
    now.status = DrillRunner::Status::Running;
    painter_.paint(p, size(), now);
}

DebriefPage::DebriefPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    if (auto rules = school_.data().coaching()) rules_ = std::move(*rules);
    plan_ = new PlanView;
    replay_ = new ReplayView;
    lanes_ = new TimeLanes;
    makeTop();
    auto* top = new QHBoxLayout;
    for (QWidget* w : std::initializer_list<QWidget*>{flights_, open_, play_, pace_, rate_, time_}) top->addWidget(w);
    top->addStretch();
    auto* pictures = new QHBoxLayout;
    pictures->setSpacing(8);
    pictures->addWidget(plan_, 2);
    pictures->addWidget(replay_, 3);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addLayout(pictures, 4);
    left->addWidget(lanes_, 5);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(12);
    columns->addLayout(left, 1);
    columns->addWidget(makeFindings());
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 10, 12, 10);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addLayout(columns, 1);
    timer_.setInterval(frame_ms);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &DebriefPage::tick);
    connect(lanes_, &TimeLanes::cursorMoved, this, &DebriefPage::moveTo);
    connect(lanes_, &TimeLanes::findingClicked, this, &DebriefPage::goTo);
    connect(lanes_, &TimeLanes::zoomed, this, [this] { plan_->setTime(lanes_->cursor(), lanes_->from(), lanes_->to()); });
    connect(&station_, &Station::pilotChosen, this, [this] {
        shown_.clear();
        stale_ = true;
        if (isVisible()) fillFlights();
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (!changes.any({Kind::Attempt, Kind::Pilot, Kind::Drill}, station_.pilotId())) return;
        stale_ = true;
        if (isVisible()) fillFlights();
    });
}

void DebriefPage::makeTop()
{
    flights_ = new QComboBox;
    flights_->setObjectName(QStringLiteral("debriefFlights"));
    flights_->setAccessibleName(tr("Flight to look at"));
    flights_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    flights_->setMinimumContentsLength(30);
    connect(flights_, &QComboBox::activated, this, [this](int row) { look(flights_->itemData(row).toString().toStdString()); });
    open_ = namedButton(tr("Open a log"), "debriefOpen", tr("A flight log as CSV from a file; nothing is kept"));
    connect(open_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Flight log"), {}, tr("Flight logs (*.csv)"));
        if (!file.isEmpty()) open(file);
    });
    play_ = namedButton(tr("Play (Space)"), "debriefPlay", tr("Plays from the cursor on, or pauses"));
    play_->setProperty("primary", true);
    play_->setFocusPolicy(Qt::TabFocus);
    connect(play_, &QPushButton::clicked, this, &DebriefPage::play);
    pace_ = new QComboBox;
    pace_->setObjectName(QStringLiteral("debriefPace"));
    pace_->setAccessibleName(tr("Pace"));
    pace_->setFocusPolicy(Qt::TabFocus);
    for (const auto& [words, pace] :
         {std::pair{tr("¼ pace"), 0.25}, {tr("½ pace"), 0.5}, {tr("full pace"), 1.0}, {tr("2 ×"), 2.0}, {tr("4 ×"), 4.0}})
        pace_->addItem(words, pace);
    pace_->setCurrentIndex(2);
    rate_ = new QComboBox;
    rate_->setObjectName(QStringLiteral("debriefRate"));
    rate_->setAccessibleName(tr("Body rate shown"));
    rate_->setFocusPolicy(Qt::TabFocus);
    for (const auto& [words, axis] :
         {std::pair{tr("roll rate"), StickAxis::Roll}, {tr("pitch rate"), StickAxis::Pitch}, {tr("yaw rate"), StickAxis::Yaw}})
        rate_->addItem(words, static_cast<int>(axis));
    connect(rate_, &QComboBox::currentIndexChanged, this,
            [this] { lanes_->setRateAxis(static_cast<StickAxis>(rate_->currentData().toInt())); });
    time_ = new QLabel;
    time_->setObjectName(QStringLiteral("debriefTime"));
    time_->setMinimumWidth(120);
}

QWidget* DebriefPage::makeFindings()
{
    title_ = partTitle();
    title_->setObjectName(QStringLiteral("debriefTitle"));
    first_ = new QLabel;
    first_->setObjectName(QStringLiteral("debriefAdvice"));
    first_->setFont(uiFont(11, true));
    first_->setWordWrap(true);
    why_ = new QLabel;
    why_->setObjectName(QStringLiteral("debriefWhy"));
    why_->setWordWrap(true);
    others_ = new QLabel;
    others_->setObjectName(QStringLiteral("debriefMoreAdvice"));
    others_->setProperty("quiet", true);
    others_->setWordWrap(true);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("findings"));
    list_->setAccessibleName(tr("What was found, the weightiest first"));
    list_->setWordWrap(true);
    connect(list_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) { goTo(item->data(Qt::UserRole).toInt()); });
    connect(list_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) { goTo(item->data(Qt::UserRole).toInt()); });
    auto* side = new QWidget;
    side->setFixedWidth(266);
    auto* layout = new QVBoxLayout(side);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(title_);
    layout->addWidget(first_);
    layout->addWidget(why_);
    layout->addWidget(others_);
    layout->addWidget(partTitle(tr("Found")));
    layout->addWidget(list_, 1);
    return side;
}

void DebriefPage::showEvent(QShowEvent*)
{
    if (stale_) fillFlights();
}

void DebriefPage::hideEvent(QHideEvent*) { timer_.stop(); }

/// The newest flights with a log; the newest one is looked at when none is.
void DebriefPage::fillFlights()
{
    stale_ = false;
    const QSignalBlocker quiet(flights_);
    flights_->clear();
    const auto& attempts = school_.attempts(station_.pilotId());
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights_->count() < static_cast<int>(flights_shown); ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty()) continue;
        const QString when = QDateTime::fromSecsSinceEpoch(a->at).toString(QStringLiteral("d MMM HH:mm"));
        flights_->addItem(a->free() ? tr("%1 · %2").arg(when, flownInWords(school_, *a))
                                    : tr("%1 · %2, %3").arg(when, flownInWords(school_, *a)).arg(a->score, 0, 'f', 0),
                          QString::fromStdString(a->id));
    }
    const int row = flights_->findData(QString::fromStdString(shown_));
    if (!shown_.empty() && row >= 0) return flights_->setCurrentIndex(row);
    if (flights_->count() > 0) return look(flights_->itemData(0).toString().toStdString());
    log_.reset(), found_.reset();
    lanes_->setFlight(nullptr, nullptr, {});
    plan_->setFlight(nullptr, nullptr, {}, {});
    replay_->setFlight(nullptr, free_flight("pan"), {}, station_.stickMode());
    list_->clear();
    others_->clear();
    why_->clear();
    time_->clear();
    title_->setText(tr("No flight yet"));
    first_->setText(school_.pilot(station_.pilotId()) ? tr("Fly a drill (Alt+5), or open a flight log from a file.")
                                                      : tr("Choose a pilot in the line-up, or open a flight log from a file."));
}

void DebriefPage::look(const std::string& attempt_id)
{
    const AttemptRow* a = school_.attempt(attempt_id);
    if (!a) return;
    auto log = school_.flight_log(a->log_hash);
    title_->setToolTip(log ? QString() : QString::fromStdString(log.error().message));
    if (!log) return title_->setText(tr("The log of this flight cannot be read."));
    shown_ = attempt_id;
    const QSignalBlocker quiet(flights_);
    flights_->setCurrentIndex(flights_->findData(QString::fromStdString(attempt_id)));
    const JudgedAttempt judged = school_.judged(attempt_id);
    const Drill* known = a->free() ? nullptr : school_.drill(a->drill_id);
    const Drill drill = known ? *known : free_flight(a->world.empty() ? "pan" : a->world);
    const double tilt = judged.flight ? judged.flight->camera_tilt_deg : drill.camera_tilt_deg;
    const double fov = judged.flight && judged.flight->fov_deg > 0 ? judged.flight->fov_deg : drill.fov_deg;
    const auto score = known ? score_log(drill, *log) : Result<Score>(tl::unexpected(Error{}));
    title_->setText(tr("%1, %2").arg(flownInWords(school_, *a), dayInWords(a->at)));
    show(std::make_shared<const FlightLog>(std::move(*log)), drill, tilt, fov, score ? &*score : nullptr);
}

bool DebriefPage::open(const QString& file)
{
    auto log = load_flight_csv(file.toStdString());
    if (!log) {
        title_->setText(QString::fromStdString(log.error().message));
        return false;
    }
    shown_.clear();
    flights_->setCurrentIndex(-1);
    const Drill drill = free_flight("pan");
    title_->setText(QFileInfo(file).fileName());
    show(std::make_shared<const FlightLog>(std::move(*log)), drill, drill.camera_tilt_deg, drill.fov_deg, nullptr);
    return true;
}

void DebriefPage::show(std::shared_ptr<const FlightLog> log, const Drill& drill, double tilt_deg, double fov_deg,
                       const Score* score)
{
    timer_.stop();
    log_ = std::move(log);
    DebriefOptions options = debrief_options(drill);
    options.camera_tilt_deg = tilt_deg;
    found_ = bh::debrief(*log_, options);
    advice_ = advise(*found_, rules_, score);
    std::vector<TimeLanes::Window> windows;
    DrillRunner runner(drill);
    if (log_->has_position) runner.follow(*log_);
    for (const PhaseSpan& span : runner.spans())
        if (const Phase& phase = drill.phases[span.phase]; phase.window_m > 0 && span.rows.size() > 0)
            windows.push_back({log_->t_s[span.rows.first], log_->t_s[span.rows.last - 1], phase.height_m - phase.window_m,
                               phase.height_m + phase.window_m});
    lanes_->setFlight(log_.get(), &*found_, std::move(windows));
    const auto world = school_.data().world(drill.world);
    plan_->setFlight(log_.get(), &*found_, world ? *world : World{}, options.flags_m);
    if (const auto setup = school_.data().setup_for(drill, RateProfile{}))
        replay_->setFlight(log_.get(), drill, *setup, station_.stickMode());
    replay_->setCamera(tilt_deg, fov_deg);
    showFindings();
    moveTo(log_->size() > 0 ? log_->t_s.front() : 0);
}

void DebriefPage::showFindings()
{
    list_->clear();
    const auto add = [&](const Finding& f) {
        auto* item =
            new QListWidgetItem(tr("%1  %2 s  %3").arg(findingLetter(f.kind)).arg(f.start_s, 0, 'f', 1).arg(inWords(f)), list_);
        item->setData(Qt::UserRole, static_cast<int>(&f - found_->findings.data()));
        item->setForeground(f.fault ? theme().notMet : theme().ink);
        item->setToolTip(f.fault ? tr("A fault: click to see it") : tr("As it should be: click to see it"));
    };
    const auto faults = found_->faults();
    for (const Finding* f : faults) add(*f);
    for (const Finding& f : found_->findings)
        if (!f.fault) add(f);
    QStringList more;
    for (std::size_t i = 1; i < advice_.size(); ++i) more << tr("Then: %1").arg(QString::fromStdString(advice_[i].change));
    others_->setText(more.join(QLatin1Char('\n')));
    others_->setVisible(!more.isEmpty());
    why_->setVisible(!advice_.empty());
    if (advice_.empty())
        return first_->setText(found_->findings.empty() ? tr("Nothing was found in it.")
                                                        : tr("No fault was found: fly the next drill."));
    const Advice& a = advice_.front();
    first_->setText(QString::fromStdString(a.change));
    QString why = tr("%1 Seen %2.").arg(QString::fromStdString(a.cause), QString::fromStdString(a.evidence));
    if (a.expected_marks && *a.expected_marks >= 1) why += tr(" About %1 marks are to be had.").arg(*a.expected_marks, 0, 'f', 0);
    why_->setText(why);
}

/// Zooms to two seconds around it, and plays it.
void DebriefPage::goTo(int finding)
{
    if (!found_ || finding < 0 || finding >= static_cast<int>(found_->findings.size())) return;
    const Finding& f = found_->findings[static_cast<std::size_t>(finding)];
    constexpr double around_s = 1;
    lanes_->zoomTo(f.start_s - around_s, f.end_s + around_s);
    moveTo(std::max(log_->t_s.front(), f.start_s - around_s));
    stops_at_s_ = f.end_s + around_s;
    clock_.restart();
    timer_.start();
    play_->setText(tr("Pause (Space)"));
}

void DebriefPage::play()
{
    if (!log_ || log_->size() < 2) return;
    if (timer_.isActive()) {
        timer_.stop();
    } else {
        stops_at_s_.reset();
        if (lanes_->cursor() >= log_->t_s.back()) moveTo(log_->t_s.front());
        clock_.restart();
        timer_.start();
    }
    play_->setText(timer_.isActive() ? tr("Pause (Space)") : tr("Play (Space)"));
}

void DebriefPage::step(int rows)
{
    if (!log_ || log_->size() < 2) return;
    const auto after = std::lower_bound(log_->t_s.begin(), log_->t_s.end(), lanes_->cursor());
    const auto row =
        std::clamp<std::ptrdiff_t>(after - log_->t_s.begin() + rows, 0, static_cast<std::ptrdiff_t>(log_->size()) - 1);
    moveTo(log_->t_s[static_cast<std::size_t>(row)]);
}

void DebriefPage::tick()
{
    const double passed_s = static_cast<double>(clock_.restart()) / 1000 * pace_->currentData().toDouble();
    const double to_s = std::min(lanes_->cursor() + passed_s, stops_at_s_.value_or(log_->t_s.back()));
    moveTo(to_s);
    if (to_s < std::min(stops_at_s_.value_or(log_->t_s.back()), log_->t_s.back())) return;
    timer_.stop();
    play_->setText(tr("Play (Space)"));
}

void DebriefPage::moveTo(double t_s)
{
    lanes_->setCursor(t_s);
    plan_->setTime(lanes_->cursor(), lanes_->from(), lanes_->to());
    replay_->setTime(lanes_->cursor());
    time_->setText(log_ && log_->size() > 1 ? tr("%1 of %2 s").arg(lanes_->cursor(), 0, 'f', 2).arg(log_->t_s.back(), 0, 'f', 1)
                                            : QString());
}

void DebriefPage::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Space: return play();
    case Qt::Key_Left: return step(event->modifiers() & Qt::ShiftModifier ? -25 : -1);
    case Qt::Key_Right: return step(event->modifiers() & Qt::ShiftModifier ? 25 : 1);
    default: QWidget::keyPressEvent(event);
    }
}

} // namespace bh::desk
