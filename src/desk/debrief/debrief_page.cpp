#include "desk/debrief/debrief_page.h"

#include "core/drill/drill_runner.h"
#include "core/drill/free_flight.h"
#include "core/drill/value_words.h"
#include "desk/debrief/advised_panel.h"
#include "desk/debrief/compare_panel.h"
#include "desk/debrief/debrief_sheet.h"
#include "desk/debrief/findings_panel.h"
#include "desk/debrief/habits_panel.h"
#include "desk/debrief/import_dialog.h"
#include "desk/debrief/notes_panel.h"
#include "desk/debrief/plan_view.h"
#include "desk/debrief/replay_view.h"
#include "desk/debrief/rules_dialog.h"
#include "desk/debrief/time_lanes.h"
#include "desk/debrief/video_view.h"
#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/side_by_side.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "files/flights/flight_csv.h"
#include "school/views/coaching.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QKeyEvent>
#include <QLabel>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QTabBar>
#include <QTabWidget>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr int frame_ms = 16;

/// The pilot's next drill with its limits, for paper.
QStringList nextDrillInWords(const School& school, const std::string& pilot_id)
{
    const Drill* next = school.drill(school.standing(pilot_id).next_drill);
    if (!next) return {};
    constexpr std::size_t most = 4;
    QStringList lines{asWords(next->name)};
    for (std::size_t i = 0; i < std::min(most, next->criteria.size()); ++i) {
        const Criterion& c = next->criteria[i];
        lines << QObject::tr("%1: passed at %2, good at %3")
                     .arg(asWords(c.label), asWords(value_in_words(c.pass, c.unit())),
                          asWords(value_in_words(c.merit, c.unit())));
    }
    return lines;
}

} // namespace

DebriefPage::DebriefPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    plan_ = new PlanView;
    video_ = new VideoView;
    picture_ = new QStackedWidget;
    picture_->addWidget(plan_);
    picture_->addWidget(video_);
    replay_ = new ReplayView;
    lanes_ = new TimeLanes;
    makeTop();
    makePlaying();
    auto* top = new QHBoxLayout;
    for (QWidget* w : std::initializer_list<QWidget*>{flights_, open_, paper_}) top->addWidget(w);
    top->addWidget(said_, 1);
    auto* recording = new QHBoxLayout; // of practice outside
    for (QWidget* w : std::initializer_list<QWidget*>{beside_, offset_}) recording->addWidget(w);
    recording->addStretch();
    auto* pictures = new QHBoxLayout;
    pictures->setSpacing(8);
    pictures->addWidget(picture_, 2);
    pictures->addWidget(replay_, 3);
    auto* playing = new QHBoxLayout;
    for (QWidget* w : std::initializer_list<QWidget*>{play_, pace_, rate_, time_}) playing->addWidget(w);
    playing->addStretch();
    auto* flight = new QWidget;
    auto* left = new QVBoxLayout(flight);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(8);
    left->addLayout(recording);
    left->addLayout(pictures, 4);
    left->addWidget(lanes_, 5);
    left->addLayout(playing);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    begin_ = new BeginCard(tr("A flight again, second by second: what the sticks did, what was found in it, and the one thing to "
                              "change."),
                           school_, station_, {tr("Fly a drill"), "page-drills"},
                           [this] { return !looked_at_ && flights_->count() == 0; });
    layout->addLayout(top);
    layout->addWidget(begin_);
    layout->addWidget(new SideBySide(QStringLiteral("debriefParts"), flight, makeSide(), 6, 1), 1);
    timer_.setInterval(frame_ms);
    timer_.setTimerType(Qt::PreciseTimer);
    connect(&timer_, &QTimer::timeout, this, &DebriefPage::tick);
    connect(lanes_, &TimeLanes::cursorMoved, this, &DebriefPage::moveTo);
    connect(lanes_, &TimeLanes::findingClicked, this, &DebriefPage::goTo);
    connect(lanes_, &TimeLanes::zoomed, this, [this] { plan_->setTime(lanes_->cursor(), lanes_->from(), lanes_->to()); });
    connect(&station_, &Station::pilotChosen, this, [this] {
        forget();
        stale_ = true;
        if (isVisible()) fillFlights();
    });
    connect(&school_, &School::fetched, this, [this](const std::string& log_hash) {
        const Attempt* awaited = awaited_.empty() ? nullptr : school_.attempt(awaited_);
        if (awaited && awaited->log_hash == log_hash) look(awaited->id);
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        const std::string& pilot = station_.pilotId();
        if (changes.any({Kind::Advice, Kind::Note, Kind::Coaching, Kind::GripRound}, pilot) && isVisible()) {
            findings_->refresh();
            showTabNow();
        }
        if (!changes.any({Kind::Attempt, Kind::Session, Kind::Pilot, Kind::Drill}, pilot)) return;
        stale_ = true;
        if (isVisible()) fillFlights();
    });
}

void DebriefPage::makeTop()
{
    flights_ = new QComboBox;
    flights_->setObjectName(QStringLiteral("debriefFlights"));
    flights_->setAccessibleName(tr("Flight to look at"));
    flights_->setSizeAdjustPolicy(QComboBox::AdjustToContents); // and gives way down to its minimum
    flights_->setMinimumContentsLength(30);
    connect(flights_, &QComboBox::activated, this, [this](int row) {
        const QString key = flights_->itemData(row).toString();
        if (const auto session = sessionOf(key)) return lookOutside(*session);
        look(key.toStdString());
    });
    open_ = namedButton(tr("Open a log"), "debriefOpen", tr("A flight from a file: a flight log as CSV, or any program's table"));
    connect(open_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Flight log"), {}, tr("Tables (*.csv *.txt)"));
        if (!file.isEmpty()) import(file);
    });
    paper_ = namedButton(tr("On paper"), "debriefPaper", tr("A debrief sheet on one page, as PDF or PNG"));
    connect(paper_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Debrief sheet"), placeToWrite(tr("debrief.pdf")),
                                                          tr("Paper (*.pdf);;Picture (*.png)"));
        if (!file.isEmpty()) savePaper(file);
    });
    beside_ = namedButton(tr("Lay a recording beside"), "debriefBeside",
                          tr("A screen recording of this session, played with its sticks"));
    connect(beside_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Screen recording"), {},
                                                          tr("Recordings (*.mp4 *.mkv *.webm *.avi *.mov);;All files (*)"));
        if (!file.isEmpty()) layBeside(file);
    });
    offset_ = numberBox("debriefOffset", tr("Second of the session at which the recording begins"), -36000, 36000, 0.1, tr(" s"));
    offset_->setDecimals(2);
    offset_->setPrefix(tr("begins at "));
    offset_->setToolTip(tr("Nudged by < and > too, a tenth of a second; with Ctrl a second"));
    connect(offset_, &QDoubleSpinBox::valueChanged, this, [this](double seconds) {
        video_->setOffset(seconds);
        const auto& videos = school_.values().videos;
        if (!looked_at_ || !videos.contains(looked_at_->session_id)) return;
        SessionVideo video = videos.at(looked_at_->session_id);
        video.offset_s = seconds;
        school_.keep_video(looked_at_->session_id, video);
    });
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("debriefSaid"));
    said_->setTextFormat(Qt::PlainText);
}

void DebriefPage::makePlaying()
{
    play_ = namedButton(tr("Play (Space)"), "debriefPlay", tr("Plays from the cursor on, or pauses"));
    setPrimary(play_);
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
    time_->setMinimumWidth(scaled(120));
}

QWidget* DebriefPage::makeSide()
{
    title_ = partTitle();
    title_->setObjectName(QStringLiteral("debriefTitle"));
    title_->setTextFormat(Qt::PlainText);
    findings_ = new FindingsPanel(school_);
    compare_ = new ComparePanel(school_);
    advised_ = new AdvisedPanel(school_);
    habits_ = new HabitsPanel(school_);
    notes_ = new NotesPanel(school_);
    tabs_ = new QTabWidget;
    tabs_->setObjectName(QStringLiteral("debriefTabs"));
    tabs_->setDocumentMode(true);
    tabs_->setStyleSheet(QStringLiteral("QTabBar::tab { padding: 4px 7px; min-width: 0; }")); // five of them beside each other
    tabs_->tabBar()->setFont(uiFont(small_points));
    tabs_->addTab(findings_, tr("Found"));
    tabs_->addTab(compare_, tr("Compare"));
    tabs_->addTab(advised_, tr("Advised"));
    tabs_->addTab(habits_, tr("Habits"));
    tabs_->addTab(notes_, tr("Notes"));
    connect(tabs_, &QTabWidget::currentChanged, this, &DebriefPage::showTabNow);
    connect(findings_, &FindingsPanel::chosen, this, &DebriefPage::goTo);
    connect(compare_, &ComparePanel::compared, this, [this] {
        lanes_->setOver(compare_->over().get());
        plan_->setOver(compare_->over().get());
    });
    connect(compare_, &ComparePanel::chosen, this, [this](double at_s) { goAround(at_s, at_s); });
    connect(advised_, &AdvisedPanel::rulesWanted, this, [this] {
        auto* dialog = new RulesDialog(school_, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* side = new QWidget;
    side->setMinimumWidth(scaled(300));
    auto* layout = new QVBoxLayout(side);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(title_);
    layout->addWidget(tabs_, 1);
    return side;
}

void DebriefPage::showTab(Tab tab) { tabs_->setCurrentIndex(tab); }

/// Only what is seen is worked out.
void DebriefPage::showTabNow()
{
    const std::string pilot = looked_at_ ? looked_at_->pilot_id : station_.pilotId();
    if (tabs_->currentWidget() == advised_) advised_->show(pilot);
    if (tabs_->currentWidget() == habits_) habits_->show(pilot);
    if (tabs_->currentWidget() == notes_) notes_->show(pilot, looked_at_ ? looked_at_->attempt_id : std::string());
}

void DebriefPage::showEvent(QShowEvent*)
{
    if (stale_) fillFlights();
}

void DebriefPage::hideEvent(QHideEvent*) { timer_.stop(); }

/// The newest flights with a log, and practice outside with a recording; the newest one is looked at when none is.
void DebriefPage::fillFlights()
{
    stale_ = false;
    const QSignalBlocker quiet(flights_);
    flights_->clear();
    for (const FlightItem& item : flightItems(school_, station_.pilotId())) flights_->addItem(item.words, item.key);
    if (looked_at_) {
        const LookedAt& l = *looked_at_;
        flights_->setCurrentIndex(
            flights_->findData(l.session_id.empty() ? QString::fromStdString(l.attempt_id) : sessionKey(l.session_id)));
        return showTabNow();
    }
    for (int row = 0; row < flights_->count(); ++row)
        if (const QString key = flights_->itemData(row).toString(); !sessionOf(key)) return look(key.toStdString());
    if (flights_->count() > 0) return lookOutside(*sessionOf(flights_->itemData(0).toString()));
    showNothing(tr("No flight yet"), school_.pilot(station_.pilotId())
                                         ? tr("Fly a drill (Alt+6), or open a flight log from a file.")
                                         : tr("Choose a pilot on the left, or open a flight log from a file."));
}

DebriefPage::~DebriefPage() = default;

/// Whoever looks at the flight looks away before it goes.
void DebriefPage::forget()
{
    finder_.forget();
    timer_.stop();
    lanes_->setFlight(nullptr);
    plan_->setFlight(nullptr, {}, {});
    replay_->setFlight(nullptr, free_flight("pan"), {}, station_.stickMode());
    picture_->setCurrentWidget(plan_);
    video_->show(std::nullopt);
    compare_->show(nullptr);
    findings_->show(nullptr, {});
    time_->clear();
    looked_at_.reset();
}

void DebriefPage::showNothing(const QString& title, const QString& what)
{
    forget();
    begin_->refresh();
    title_->setText(title);
    findings_->show(nullptr, what);
    for (QWidget* w : std::initializer_list<QWidget*>{paper_, play_}) w->setEnabled(false);
    for (QWidget* w : std::initializer_list<QWidget*>{beside_, offset_}) w->setVisible(false);
    showTabNow();
}

void DebriefPage::look(const std::string& attempt_id)
{
    const Attempt* a = school_.attempt(attempt_id);
    if (!a) return;
    auto kept = keptFlight(school_, *a);
    title_->setToolTip(kept ? QString() : asWords(kept.error()));
    const bool comes = !kept && school_.is_being_fetched(a->log_hash);
    awaited_ = comes ? attempt_id : std::string();
    if (!kept)
        return title_->setText(comes                   ? tr("This flight is not here yet: it is fetched from the server …")
                               : school_.server_away() ? tr("This flight is not here, and the server is away.")
                                                       : tr("The log of this flight cannot be read."));
    const QSignalBlocker quiet(flights_);
    flights_->setCurrentIndex(flights_->findData(QString::fromStdString(attempt_id)));
    show(std::move(*kept));
}

void DebriefPage::lookOutside(const std::string& session_id)
{
    for (const Session& s : school_.sessions(station_.pilotId())) {
        if (s.id != session_id) continue;
        const QSignalBlocker quiet(flights_);
        flights_->setCurrentIndex(flights_->findData(sessionKey(session_id)));
        auto practice = practiceOutside(school_, s);
        if (practice) return show(std::move(*practice));
        return showNothing(tr("Practice outside, %1").arg(dayInWords(s.started_at)), asWords(practice.error()));
    }
}

bool DebriefPage::open(const QString& file)
{
    auto log = load_flight_csv(file.toStdString());
    if (!log) {
        title_->setText(asWords(log.error()));
        return false;
    }
    showFile(flightOfFile(QFileInfo(file).fileName(), std::make_shared<const FlightLog>(std::move(*log))));
    return true;
}

/// A flight that is not among those to choose from.
void DebriefPage::showFile(LookedAt flight)
{
    const QSignalBlocker quiet(flights_);
    flights_->setCurrentIndex(-1);
    show(std::move(flight));
}

void DebriefPage::import(const QString& file)
{
    if (const auto own = load_flight_csv(file.toStdString())) {
        open(file);
        return;
    }
    auto* dialog = new ImportDialog(school_, station_.pilotId(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &ImportDialog::done, this, [this, dialog] {
        if (!dialog->keptAs().empty()) return look(dialog->keptAs());
        showFile(flightOfFile(dialog->fileName(), dialog->flight()));
    });
    dialog->openTable(file);
    dialog->open();
}

void DebriefPage::layBeside(const QString& video)
{
    if (!looked_at_ || looked_at_->session_id.empty()) return;
    school_.keep_video(looked_at_->session_id, SessionVideo{QFileInfo(video).absoluteFilePath().toStdString(), 0});
    lookOutside(std::string(looked_at_->session_id));
}

void DebriefPage::show(LookedAt looked_at)
{
    forget();
    play_->setText(tr("Play (Space)"));
    looked_at_ = std::move(looked_at);
    begin_->refresh();
    showFlight();
    const LookedAt& l = *looked_at_;
    constexpr std::size_t at_once_rows = 60'000; // ten minutes at 100 rows a second
    if (l.log->size() <= at_once_rows) return showFound(bh::debrief(*l.log, l.drill, l.score ? &*l.score : nullptr));
    findings_->show(nullptr, tr("Looking through it …"));
    finder_.start(
        this,
        [log = l.log, drill = l.drill, score = l.score](const std::stop_token&) {
            return bh::debrief(*log, drill, score ? &*score : nullptr);
        },
        [this](Debrief found) { showFound(std::move(found)); });
}

/// Its way, its picture and its sticks.
void DebriefPage::showFlight()
{
    const LookedAt& l = *looked_at_;
    std::vector<Vec2> flags_m;
    for (const DrillPlace& flag : l.drill.flags) flags_m.emplace_back(l.drill.in_world(flag, 0).head<2>());
    lanes_->setFlight(l.log.get());
    const auto world = school_.data().world(l.drill.world);
    plan_->setFlight(l.log.get(), world ? *world : World{}, flags_m);
    if (const auto setup = school_.data().setup_for(l.drill, RateProfile{}))
        replay_->setFlight(l.log.get(), l.drill, *setup, station_.stickMode());
    replay_->setCamera(l.drill.camera_tilt_deg, l.drill.fov_deg);
    const bool outside = !l.session_id.empty();
    const auto& videos = school_.values().videos;
    const auto video = outside && videos.contains(l.session_id) ? std::optional(videos.at(l.session_id)) : std::nullopt;
    video_->show(video, school_.data().root());
    picture_->setCurrentWidget(outside ? static_cast<QWidget*>(video_) : plan_);
    beside_->setVisible(outside);
    offset_->setVisible(video.has_value());
    if (video) {
        const QSignalBlocker quiet(offset_);
        offset_->setValue(video->offset_s);
    }
    for (QWidget* w : std::initializer_list<QWidget*>{paper_, play_}) w->setEnabled(true);
    said_->setText(l.log->has_position ? l.judged_by
                   : outside           ? tr("Sticks alone")
                                       : tr("No positions: what sticks and attitude tell."));
    title_->setText(l.title);
    moveTo(l.log->t_s.front());
}

/// What was found in it, and what to change.
void DebriefPage::showFound(Debrief found)
{
    LookedAt& l = *looked_at_;
    l.found = std::move(found);
    if (l.pilot_id.empty()) {
        l.advice = advise(l.found, school_.coaching().rules, nullptr);
    } else {
        const Coached pilot = coached(school_, l.pilot_id, school_.attempt(l.attempt_id));
        l.advice = advise(l.found, school_.coaching().rules, l.score ? &*l.score : nullptr, &pilot);
    }
    std::vector<TimeLanes::Window> windows;
    for (const PhaseDebrief& span : l.found.phases)
        if (const Phase* phase = l.drill.phase(span.id); phase && phase->window_m > 0)
            windows.push_back({span.start_s, span.end_s, phase->height_m - phase->window_m, phase->height_m + phase->window_m});
    lanes_->setFound(&l.found, std::move(windows));
    plan_->setFound(&l.found);
    findings_->show(&l, {});
    compare_->show(&l);
    showTabNow();
}

bool DebriefPage::savePaper(const QString& file)
{
    if (!looked_at_) return false;
    SheetFacts facts;
    if (const Pilot* pilot = school_.pilot(looked_at_->pilot_id)) facts.pilot = QString::fromStdString(pilot->name);
    facts.date = dayInWords(school_.now());
    facts.looked_at = &*looked_at_;
    facts.next_drill = nextDrillInWords(school_, looked_at_->pilot_id);
    for (const FlightNote& note : school_.file(looked_at_->pilot_id).notes)
        if (note.attempt_id == looked_at_->attempt_id)
            facts.notes << QStringLiteral("%1: %2").arg(dayInWords(note.at), QString::fromStdString(note.text));
    const bool saved = saveDebriefSheet(file, facts);
    said_->setText(saved ? tr("Saved as %1").arg(QFileInfo(file).fileName()) : tr("%1 could not be written.").arg(file));
    return saved;
}

/// Zooms to two seconds around it, and plays it.
void DebriefPage::goTo(int finding)
{
    if (!looked_at_ || finding < 0 || finding >= static_cast<int>(looked_at_->found.findings.size())) return;
    const Finding& f = looked_at_->found.findings[static_cast<std::size_t>(finding)];
    goAround(f.start_s, f.end_s);
}

void DebriefPage::goAround(double from_s, double to_s)
{
    if (!looked_at_) return;
    constexpr double around_s = 1;
    lanes_->zoomTo(from_s - around_s, to_s + around_s);
    moveTo(std::max(looked_at_->log->t_s.front(), from_s - around_s));
    stops_at_s_ = to_s + around_s;
    clock_.restart();
    timer_.start();
    play_->setText(tr("Pause (Space)"));
}

void DebriefPage::play()
{
    if (!looked_at_) return;
    const FlightLog& log = *looked_at_->log;
    if (timer_.isActive()) {
        timer_.stop();
        video_->setTime(lanes_->cursor(), false, 1);
    } else {
        stops_at_s_.reset();
        if (lanes_->cursor() >= log.t_s.back()) moveTo(log.t_s.front());
        clock_.restart();
        timer_.start();
    }
    play_->setText(timer_.isActive() ? tr("Pause (Space)") : tr("Play (Space)"));
}

void DebriefPage::step(int rows)
{
    if (!looked_at_) return;
    const FlightLog& log = *looked_at_->log;
    const auto after = std::lower_bound(log.t_s.begin(), log.t_s.end(), lanes_->cursor());
    const auto row = std::clamp<std::ptrdiff_t>(after - log.t_s.begin() + rows, 0, static_cast<std::ptrdiff_t>(log.size()) - 1);
    moveTo(log.t_s[static_cast<std::size_t>(row)]);
}

void DebriefPage::tick()
{
    if (!looked_at_) return timer_.stop();
    const double last_s = looked_at_->log->t_s.back();
    const double passed_s = static_cast<double>(clock_.restart()) / 1000 * pace_->currentData().toDouble();
    const double to_s = std::min(lanes_->cursor() + passed_s, stops_at_s_.value_or(last_s));
    moveTo(to_s);
    if (to_s < std::min(stops_at_s_.value_or(last_s), last_s)) return;
    timer_.stop();
    video_->setTime(lanes_->cursor(), false, 1);
    play_->setText(tr("Play (Space)"));
}

void DebriefPage::moveTo(double t_s)
{
    lanes_->setCursor(t_s);
    plan_->setTime(lanes_->cursor(), lanes_->from(), lanes_->to());
    replay_->setTime(lanes_->cursor());
    video_->setTime(lanes_->cursor(), timer_.isActive(), pace_->currentData().toDouble());
    time_->setText(looked_at_ ? tr("%1 of %2 s").arg(inPlaces(lanes_->cursor(), 2)).arg(inPlaces(looked_at_->log->t_s.back(), 1))
                              : QString());
}

void DebriefPage::nudge(double seconds)
{
    if (offset_->isVisible()) offset_->setValue(offset_->value() + seconds);
}

void DebriefPage::keyPressEvent(QKeyEvent* event)
{
    const bool more = event->modifiers() & Qt::ShiftModifier;
    const double nudged_s = event->modifiers() & Qt::ControlModifier ? 1 : 0.1;
    switch (event->key()) {
    case Qt::Key_Space: return play();
    case Qt::Key_Left: return step(more ? -25 : -1);
    case Qt::Key_Right: return step(more ? 25 : 1);
    case Qt::Key_Less: return nudge(-nudged_s);
    case Qt::Key_Greater: return nudge(nudged_s);
    default: QWidget::keyPressEvent(event);
    }
}

} // namespace bh::desk
