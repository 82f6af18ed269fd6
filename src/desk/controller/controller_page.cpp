#include "desk/controller/controller_page.h"

#include "core/controller/drift.h"
#include "desk/controller/check_list.h"
#include "desk/controller/grip_panel.h"
#include "desk/controller/history_panel.h"
#include "desk/controller/sheet_panel.h"
#include "desk/controller/stick_view.h"
#include "desk/controller/switch_panel.h"
#include "desk/parts/flight/keyboard_sticks.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/words/controller_words.h"
#include "desk/words/message_words.h"
#include "desk/words/switch_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QTimer>
#include <limits>

namespace bh::desk {
namespace {

constexpr int sample_ms = 20;
constexpr double moved_share = 0.6; // of a prompt's progress: the stick has been pushed far enough
constexpr double patience_s = 8;    // by then a stick that was asked for has long been moved

QString instruction(Prompt prompt)
{
    switch (prompt) {
    case Prompt::Rest: return QObject::tr("Let go of both sticks");
    case Prompt::ThrottleUp: return QObject::tr("Throttle to the top, hold it there");
    case Prompt::ThrottleDown: return QObject::tr("Throttle to the bottom, hold it there");
    case Prompt::YawRight: return QObject::tr("Yaw right to the stop, let go");
    case Prompt::YawLeft: return QObject::tr("Yaw left to the stop, let go");
    case Prompt::PitchForward: return QObject::tr("Pitch forward to the stop, let go");
    case Prompt::PitchBack: return QObject::tr("Pitch back to the stop, let go");
    case Prompt::RollRight: return QObject::tr("Roll right to the stop, let go");
    case Prompt::RollLeft: return QObject::tr("Roll left to the stop, let go");
    case Prompt::Circles: return QObject::tr("Circle both sticks, let go");
    }
    return {};
}

/// Where a prompt sends a stick: right and up positive, (0, 0) for the stick that is not asked.
QPointF hintFor(Prompt prompt, bool left, const StickMode& mode)
{
    if (prompt == Prompt::Rest || prompt == Prompt::Circles) return {};
    const int n = static_cast<int>(prompt) - 1; // two prompts a function, towards its high end first
    const auto function = static_cast<Function>(n / 2);
    const double side = n % 2 == 0 ? 1 : -1;
    if (mode.on_left(function) != left) return {};
    return mode.upright(function) ? QPointF(0, side) : QPointF(side, 0);
}

/// How its springs bring it back from either side.
QString springNumbers(const FunctionCalibration& f)
{
    if (!f.spring_after_high || !f.spring_after_low) return {};
    return QObject::
        tr("\nLet go, it is back after %1 ms from the high side and %2 ms from the low side, and swings past by %3 % and %4 %.")
            .arg(inPlaces(1000 * f.spring_after_high->time_s, 0))
            .arg(inPlaces(1000 * f.spring_after_low->time_s, 0))
            .arg(inPlaces(100 * f.spring_after_high->overshoot, 0))
            .arg(inPlaces(100 * f.spring_after_low->overshoot, 0));
}

QTableWidgetItem* cell(const QString& text, Qt::Alignment alignment = Qt::AlignRight | Qt::AlignVCenter)
{
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment(alignment);
    return item;
}

} // namespace

ControllerPage::ControllerPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    devices_ = new QComboBox;
    devices_->setObjectName(QStringLiteral("deviceChoice"));
    devices_->setAccessibleName(tr("Controller in use"));
    devices_->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    start_ = new QPushButton;
    start_->setObjectName(QStringLiteral("startCalibration"));
    setPrimary(start_);
    cancel_ = new QPushButton(tr("Stop"));
    cancel_->setObjectName(QStringLiteral("cancelCalibration"));
    message_ = new QLabel;
    message_->setObjectName(QStringLiteral("controllerMessage"));
    message_->setWordWrap(true);
    message_->setFont(uiFont(head_points, true));
    message_->setMinimumHeight(scaled(44));
    explain(message_, tr("The day is that of the newest calibration on the record; it holds for 60 days (house limit). The "
                         "verdict is the worst of the four functions'."));
    left_ = new StickView;
    left_->setObjectName(QStringLiteral("leftStick"));
    right_ = new StickView;
    right_->setObjectName(QStringLiteral("rightStick"));
    for (StickView* stick : {left_, right_})
        explain(stick, tr("Share of the way from the centre to the end that the calibration found, with its dead band taken out: "
                          "−100 to 100 %. "
                          "The dashed ring is full travel; the hours of the clock face name directions."));
    keys.watch(left_);
    keys.watch(right_);
    list_ = new CheckList(tr("Calibration checklist"));
    verify_ = new QPushButton;
    verify_->setObjectName(QStringLiteral("startVerification"));
    makeModes();
    makeTable();
    foot_ = new QLabel;
    foot_->setObjectName(QStringLiteral("quiet"));
    foot_->setWordWrap(true);
    explain(foot_, tr("Time between two changes of the device's report while the sticks move: the median, and what 95 % of the "
                      "gaps stay under. "
                      "Up to 8 ms is good, up to 16 ms usable (house limits)."));

    auto* top = new QHBoxLayout;
    top->addWidget(devices_);
    top->addWidget(start_);
    top->addWidget(verify_);
    top->addWidget(cancel_);
    top->addStretch();
    auto* bench = new QWidget;
    makeSections(*top, bench);
    layOutBench(bench);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addWidget(sections_, 1);

    sampler_ = new QTimer(this);
    sampler_->setInterval(sample_ms);
    connect(sampler_, &QTimer::timeout, this, &ControllerPage::takeSamples);
    connectAll();
    QStringList steps;
    for (std::size_t i = 0; i < prompt_count; ++i) steps << instruction(static_cast<Prompt>(i));
    list_->setSteps(steps);
    refreshMode();
    refreshDevices();
}

void ControllerPage::makeSections(QHBoxLayout& top, QWidget* bench)
{
    sections_ = new Sections;
    top.addWidget(sections_->add(tr("Bench"), QStringLiteral("sectionBench"), [bench] { return bench; }));
    top.addWidget(sections_->add(tr("History"), QStringLiteral("sectionHistory"),
                                 [this] { return history_ = new HistoryPanel(school_, station_); }));
    top.addWidget(sections_->add(tr("Sheets"), QStringLiteral("sectionSheets"),
                                 [this] { return sheets_ = new SheetPanel(school_, station_); }));
    top.addWidget(
        sections_->add(tr("Grip"), QStringLiteral("sectionGrip"), [this] { return grip_ = new GripPanel(school_, station_); }));
    top.addWidget(sections_->add(tr("Switches"), QStringLiteral("sectionSwitches"),
                                 [this] { return switches_ = new SwitchPanel(station_); }));
    connect(sections_, &Sections::chosen, this, [this](int section) {
        if (section == Switches)
            switches_->refresh();
        else if (switches_)
            switches_->stop();
        if (section == History) history_->refresh();
        if (section == Sheets) sheets_->refresh();
        if (section == Grip) grip_->refresh();
    });
}

void ControllerPage::layOutBench(QWidget* bench)
{
    auto* sticks = new QHBoxLayout;
    sticks->setSpacing(16);
    sticks->addWidget(left_, 1);
    sticks->addWidget(right_, 1);
    sticks->addWidget(list_, 1);
    auto* benchLayout = new QVBoxLayout(bench);
    benchLayout->setContentsMargins(0, 0, 0, 0);
    benchLayout->setSpacing(8);
    auto* says = new QHBoxLayout;
    says->addWidget(message_, 1);
    says->addWidget(modes_);
    benchLayout->addLayout(says);
    benchLayout->addLayout(sticks, 1);
    benchLayout->addWidget(table_);
    benchLayout->addWidget(foot_);
}

void ControllerPage::makeModes()
{
    modes_ = new QComboBox;
    modes_->setObjectName(QStringLiteral("stickMode"));
    modes_->setAccessibleName(tr("Stick mode of the chosen pilot"));
    modes_->setToolTip(tr("Which stick carries which function. Mode 2 is the commonest. Kept on the chosen pilot."));
    for (int mode = 1; mode <= 4; ++mode) {
        const StickMode m = stick_mode(mode);
        modes_->addItem(tr("Mode %1").arg(mode), mode);
        modes_->setItemData(mode - 1,
                            tr("%1 and %2 on the left stick").arg(functionName(m.left_up), asWords(function_key(m.left_across))),
                            Qt::ToolTipRole);
    }
}

void ControllerPage::makeTable()
{
    table_ = new QTableWidget(4, 8);
    table_->setObjectName(QStringLiteral("axisTable"));
    table_->setAccessibleName(tr("What the calibration found, by function"));
    table_->setHorizontalHeaderLabels({tr("Function"), tr("Axis"), tr("Low end"), tr("Centre"), tr("High end"), tr("Dead band"),
                                       tr("Verdict"), tr("Why, and what to do")});
    explain(
        table_,
        {tr("Which of the aircraft's four functions."),
         tr("The device's axis that moved on this function's prompts, counted from 0; inverted when its counts fall towards up, "
            "right or forward."),
         tr("Raw count at the bottom, left or back stop: the middle of the samples within 2 % of the farthest place reached (0.5 "
            "and 99.5 percentiles)."),
         tr("Raw count at rest: the middle of where it came to rest from either side; for a throttle without a spring the middle "
            "of its travel."),
         tr("Raw count at the top, right or forward stop."),
         tr("(Hysteresis / 2 + 3 x jitter) / half travel, rounded up to 0.5 %; over 5 % the gimbal needs service (house rule)."),
         tr("Worst of: centre 1 and 3 % off, jitter 0.3 and 1 %, centring 0.6 and 2 %, travel 85 % of the range, cross-talk 2 "
            "and 5 %, samples 8 and 16 ms apart (house limits for good and usable)."),
         tr("The check that decided the verdict, and what to do about it.")});
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(scaled(27));
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setWordWrap(false);
    table_->setFixedHeight(scaled(27 * 4 + 38));
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table_->setTabKeyNavigation(false);
    const int widths[] = {84, 92, 78, 78, 78, 84, 84};
    for (int i = 0; i < 7; ++i) table_->setColumnWidth(i, scaled(widths[i]));
}

void ControllerPage::connectAll()
{
    standsFor(start_, command(this, "calibrate", tr("Calibrate"), QKeySequence(Qt::Key_F9), [this] { startCalibration(); }));
    connect(cancel_, &QPushButton::clicked, this, &ControllerPage::cancel);
    verifying_ = command(this, "verify-controller", tr("Verify"), QKeySequence(Qt::Key_F10), [this] { startVerification(); });
    standsFor(verify_, verifying_);
    connect(modes_, &QComboBox::activated, this, [this](int row) {
        const Pilot* pilot = school_.pilot(station_.pilotId());
        if (!pilot) return;
        Pilot edited = *pilot;
        edited.stick_mode = modes_->itemData(row).toInt();
        school_.edit_pilot(edited);
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot}, station_.pilotId())) refreshMode();
    });
    connect(&station_, &Station::pilotChosen, this, &ControllerPage::refreshMode);
    connect(devices_, &QComboBox::activated, this, [this](int row) { station_.chooseDevice(devices_->itemData(row).toInt()); });
    connect(&station_, &Station::devicesChanged, this, &ControllerPage::refreshDevices);
    connect(&station_, &Station::deviceChosen, this, [this] {
        if (busy()) cancel();
        failed_.reset();
        refreshDevices();
    });
    connect(&station_, &Station::sticksMoved, this, [this] {
        if (isVisible()) refreshSticks();
    });
    for (StickView* stick : {left_, right_}) {
        connect(stick, &StickView::dragged, this, [this, stick](QPointF at) { dragged(stick == left_, at); });
        connect(stick, &StickView::released, this, [this, stick] { released(stick == left_); });
    }
}

void ControllerPage::showEvent(QShowEvent*)
{
    left_->clearTrail();
    right_->clearTrail();
    refreshSticks();
    refreshResult();
}

void ControllerPage::showSection(Section section) { sections_->choose(section); }

void ControllerPage::refreshMode()
{
    const int number = station_.stickModeNumber();
    const QSignalBlocker quiet(modes_);
    modes_->setCurrentIndex(number - 1);
    modes_->setEnabled(!station_.pilotId().empty() && !busy());
    const StickMode m = station_.stickMode();
    left_->setFunctions(functionName(m.left_across), functionName(m.left_up));
    right_->setFunctions(functionName(m.right_across), functionName(m.right_up));
    refreshSticks();
}

void ControllerPage::dragged(bool left, QPointF at)
{
    const StickMode m = station_.stickMode();
    const auto set = [this](Function f, double value) {
        station_.input().simulated_controller().set(f, f == Function::Throttle ? 0.5 * (value + 1) : value);
    };
    set(left ? m.left_across : m.right_across, at.x());
    set(left ? m.left_up : m.right_up, at.y());
}

void ControllerPage::released(bool left)
{
    const StickMode m = station_.stickMode();
    for (Function f : {left ? m.left_across : m.right_across, left ? m.left_up : m.right_up})
        if (f != Function::Throttle) station_.input().simulated_controller().set(f, 0); // the throttle has no spring
}

void ControllerPage::refreshDevices()
{
    const QSignalBlocker quiet(devices_);
    devices_->clear();
    for (const DeviceInfo& d : station_.devices()) {
        devices_->addItem(asWords(d.name), d.instance);
        if (d.instance == station_.device().instance) devices_->setCurrentIndex(devices_->count() - 1);
    }
    if (!station_.devicePresent()) {
        devices_->insertItem(0, tr("%1 (unplugged)").arg(asWords(station_.device().name)), station_.device().instance);
        devices_->setCurrentIndex(0);
        if (busy()) {
            cancel();
            say(tr("The controller was unplugged: nothing was changed. Plug it in and start again."));
        }
    }
    left_->setDraggable(station_.input().simulated());
    right_->setDraggable(station_.input().simulated());
    start_->setEnabled(station_.devicePresent());
    refreshResult();
}

void ControllerPage::refreshSticks()
{
    const Sticks s = station_.input().sticks();
    if (station_.input().calibrated()) {
        const StickMode m = station_.stickMode();
        left_->setPosition({on_stick(s, m.left_across), on_stick(s, m.left_up)});
        right_->setPosition({on_stick(s, m.right_across), on_stick(s, m.right_up)});
        return;
    }
    // Not calibrated: the first four axes as they come, so that something moves when a stick is moved.
    const std::vector<int> counts = station_.input().counts();
    const auto raw = [&](std::size_t axis) { return axis < counts.size() ? counts[axis] / 32768.0 : 0.0; };
    left_->setPosition({raw(0), -raw(1)});
    right_->setPosition({raw(2), -raw(3)});
}

void ControllerPage::say(const QString& sentence)
{
    message_->setText(sentence);
    message_->setAccessibleName(sentence);
}

void ControllerPage::startCalibration()
{
    if (!station_.devicePresent()) return;
    if (busy()) cancel();
    showSection(Bench);
    QStringList steps;
    for (std::size_t i = 0; i < prompt_count; ++i) steps << instruction(static_cast<Prompt>(i));
    list_->setSteps(steps);
    failed_.reset();
    recording_ = {};
    rest_counts_.clear();
    prompt_ = 0;
    left_->clearTrail();
    right_->clearTrail();
    (void)station_.input().drain();
    watch_.emplace(Prompt::Rest, rest_counts_);
    prompt_since_s_ = ControllerHub::now_s();
    nextPrompt();
    sampler_->start();
}

void ControllerPage::startVerification()
{
    if (!station_.input().calibrated() || !station_.devicePresent()) return;
    if (busy()) cancel();
    showSection(Bench);
    verification_.emplace(station_.stickModeNumber());
    QStringList steps;
    for (const VerificationCheck& check : verification_->checks()) steps << asWords(check.words());
    for (const SwitchCalibration& s : station_.switches())
        steps << tr("%1: %2").arg(switchName(s.use), asWords(s.source.words()));
    list_->setSteps(steps);
    showCheck();
    sampler_->start();
}

void ControllerPage::showCheck()
{
    const auto& checks = verification_->checks();
    const std::size_t current = std::min(verification_->current(), checks.size() - 1);
    const VerificationCheck& check = checks[current];
    const QPointF way = check.hour == 12  ? QPointF(0, 1)
                        : check.hour == 6 ? QPointF(0, -1)
                        : check.hour == 3 ? QPointF(1, 0)
                                          : QPointF(-1, 0);
    left_->setHint(check.left ? way : QPointF());
    right_->setHint(check.left ? QPointF() : way);
    list_->setProgress(static_cast<int>(current), 0);
    const bool failed = verification_->state() == Verification::State::Failed;
    list_->setFailed(failed);
    say(failed ? tr("Not verified. %1").arg(asWords(verification_->trouble()))
               : tr("Check %1 of %2: %3, and back.").arg(current + 1).arg(checks.size()).arg(asWords(small(check.words()))));
    verifying_->setText(failed ? tr("Try again") : tr("Verify"));
    start_->setVisible(failed);
    verify_->setVisible(failed);
    cancel_->setVisible(true);
    modes_->setEnabled(false);
}

void ControllerPage::lookAtCheck()
{
    const std::size_t before = verification_->current();
    const Verification::State state_before = verification_->state();
    verification_->look(ControllerHub::now_s(), station_.input().sticks());
    if (verification_->state() == Verification::State::Passed && !station_.switches().empty()) {
        verification_.reset();
        switchChecks_.emplace(station_.switches());
        left_->setHint({});
        right_->setHint({});
        return showSwitchCheck();
    }
    if (verification_->state() == Verification::State::Passed) {
        cancel();
        if (!station_.input().simulated() || school_.calibration(station_.device().name, station_.device().guid)) {
            if (!station_.verifyCalibration())
                say(tr("The check could not be written to the record; the foot of the window says why."));
        } else {
            say(tr("All eight checks hold. Next: Drills."));
        }
        return;
    }
    if (verification_->current() != before || verification_->state() != state_before) showCheck();
}

void ControllerPage::showSwitchCheck()
{
    const auto sticks = Verification(station_.stickModeNumber()).checks().size();
    const SwitchCalibration& s = switchChecks_->switches()[switchChecks_->current()];
    list_->setProgress(static_cast<int>(sticks + switchChecks_->current()), 0);
    say(tr("Check %1 of %2: %3, %4: through its places, and back.")
            .arg(sticks + switchChecks_->current() + 1)
            .arg(sticks + switchChecks_->switches().size())
            .arg(switchName(s.use), asWords(s.source.words())));
}

void ControllerPage::lookAtSwitches()
{
    const std::size_t before = switchChecks_->current();
    switchChecks_->look(station_.input().switches());
    if (switchChecks_->passed()) {
        cancel();
        if (!station_.verifyCalibration())
            say(tr("The check could not be written to the record; the foot of the window says why."));
    } else if (switchChecks_->current() != before) {
        showSwitchCheck();
    }
}

void ControllerPage::cancel()
{
    switchChecks_.reset();
    watch_.reset();
    verification_.reset();
    list_->setFailed(false);
    sampler_->stop();
    left_->setHint({});
    right_->setHint({});
    refreshResult();
}

void ControllerPage::nextPrompt()
{
    const auto prompt = static_cast<Prompt>(prompt_);
    watch_.emplace(prompt, rest_counts_);
    left_->setHint(hintFor(prompt, true, station_.stickMode()));
    right_->setHint(hintFor(prompt, false, station_.stickMode()));
    list_->setProgress(static_cast<int>(prompt_), 0);
    say(tr("%1 of %2: %3.").arg(prompt_ + 1).arg(prompt_count).arg(instruction(prompt)));
    cancel_->setVisible(true);
    start_->setVisible(false);
    verify_->setVisible(false);
    modes_->setEnabled(false);
}

void ControllerPage::takeSamples()
{
    if (verification_) return lookAtCheck();
    if (switchChecks_) return lookAtSwitches();
    for (const DeviceSample& sample : station_.input().drain()) {
        if (!watch_) return;
        recording_.append(sample.t_s, sample.counts, static_cast<Prompt>(prompt_));
        const bool seen = watch_->add(sample.t_s, sample.counts);
        list_->setProgress(static_cast<int>(prompt_), watch_->progress());
        if (!seen && sample.t_s - prompt_since_s_ > patience_s) remind();
        if (!seen) continue;
        if (prompt_ == 0) rest_counts_ = sample.counts;
        prompt_since_s_ = sample.t_s;
        if (++prompt_ == prompt_count) return finish();
        nextPrompt();
        (void)watch_->add(sample.t_s, sample.counts); // the next motion starts where this one ended
    }
}

void ControllerPage::remind()
{
    prompt_since_s_ = std::numeric_limits<double>::infinity(); // once is enough
    const auto prompt = static_cast<Prompt>(prompt_);
    say(tr("%1 of %2: %3. %4")
            .arg(prompt_ + 1)
            .arg(prompt_count)
            .arg(instruction(prompt))
            .arg(prompt == Prompt::Rest
                     ? tr("Something does not keep still: a stick that trembles by more than 3 % needs service.")
                 : watch_->progress() >= moved_share ? tr("It moved but has not come back to rest: let go of it.")
                                                     : tr("Nothing has moved. If the stick is at its stop, its axis is dead or "
                                                          "not sent: press Stop, and see the fault finder on Kit (Alt+2).")));
}

void ControllerPage::finish()
{
    cancel();
    const auto calibration = calibrate(recording_);
    if (!calibration) {
        say(tr("Not calibrated: %1.").arg(asWords(calibration.error())));
    } else if (!calibration->usable()) {
        failed_ = *calibration;
        refreshResult();
    } else if (station_.keepCalibration(*calibration)) {
        startVerification(); // it counts only when it has been seen to hold
    } else {
        say(tr("The calibration could not be written to the record; the foot of the window says why. Nothing was changed."));
    }
}

void ControllerPage::refreshResult()
{
    if (busy()) return;
    cancel_->setVisible(false);
    start_->setVisible(true);
    verify_->setVisible(true);
    verifying_->setText(tr("Verify"));
    verify_->setEnabled(station_.devicePresent() && station_.input().calibrated());
    modes_->setEnabled(!station_.pilotId().empty());
    list_->setProgress(-1, 0);
    const DeviceInfo device = station_.device();
    const auto row = school_.calibration(device.name, device.guid);
    std::optional<Calibration> shown = failed_;
    if (!shown && row) shown = row->calibration;
    if (!shown && station_.input().simulated()) shown = SimulatedController::factory_calibration();

    if (!station_.devicePresent()) {
        say(tr("%1 is unplugged. Plug it in, or choose another controller.").arg(asWords(device.name)));
    } else if (failed_) {
        say(tr("Not calibrated: %1.").arg(asWords(failed_->problems.front())));
    } else if (row && row->verified_at == 0) {
        say(tr("Calibrated, but not verified yet. Press Verify and do what the list asks; a calibration counts only when it has "
               "been seen to hold."));
    } else if (row) {
        Verdict worst = Verdict::Good;
        for (const FunctionCalibration& f : row->calibration.functions) worst = std::max(worst, f.verdict);
        const QString when = dayInWords(row->at);
        say(worst == Verdict::Good     ? tr("Calibrated on %1: all four functions are good. Next: Drills.").arg(when)
            : worst == Verdict::Usable ? tr("Calibrated on %1: usable. The table says what would make it better.").arg(when)
                                       : tr("Calibrated on %1: needs service. The table says where.").arg(when));
    } else if (station_.input().simulated()) {
        say(tr("Simulated controller. Drag the sticks, or click one and use the keys E D S F and I K J L, with Shift for full "
               "deflection."));
    } else {
        say(tr("Not calibrated yet. Press Calibrate and follow the list; it ticks itself as the sticks move."));
    }
    table_->setVisible(shown.has_value());
    foot_->setVisible(shown.has_value());
    if (!shown) return;
    for (int i = 0; i < 4; ++i) {
        const FunctionCalibration& f = shown->functions[static_cast<std::size_t>(i)];
        const Qt::Alignment left = Qt::AlignLeft | Qt::AlignVCenter;
        table_->setItem(i, 0, cell(functionName(static_cast<Function>(i)), left));
        const bool found = f.axis >= 0;
        table_->setItem(i, 1,
                        cell(found ? tr("%1%2").arg(f.axis).arg(f.inverted ? tr(", inverted") : QString()) : tr("none"), left));
        const auto counts = [&](double value) { return cell(found ? QString::number(std::lround(value)) : QStringLiteral("–")); };
        table_->setItem(i, 2, counts(f.low_counts));
        table_->setItem(i, 3, counts(f.centre_counts));
        table_->setItem(i, 4, counts(f.high_counts));
        table_->setItem(i, 5, cell(found ? tr("%1 %").arg(inPlaces(100 * f.dead_band, 1)) : QStringLiteral("–")));
        auto* verdict = cell(f.verdict == Verdict::Good     ? tr("● good")
                             : f.verdict == Verdict::Usable ? tr("○ usable")
                                                            : tr("▬ service"),
                             left);
        verdict->setForeground(f.verdict == Verdict::Good     ? theme().held
                               : f.verdict == Verdict::Usable ? theme().caution
                                                              : theme().notMet);
        table_->setItem(i, 6, verdict);
        const QString spring = asWords(spring_in_words(f, static_cast<Function>(i)));
        auto* reason = cell(
            spring.isEmpty() ? asWords(f.reason) : tr("%1 Spring: %2, the pilot's choice.").arg(asWords(f.reason), spring), left);
        reason->setToolTip(tr("%1\nJitter %2 counts, %3 from end to end. Centring %4 counts. Travel %5 % of the range, %6 bits. "
                              "High side %7 times the low side.%8")
                               .arg(reason->text())
                               .arg(inPlaces(f.jitter_counts, 1))
                               .arg(inPlaces(f.jitter_peak_counts, 0))
                               .arg(inPlaces(f.hysteresis_counts, 1))
                               .arg(inPlaces(100 * f.travel_share, 0))
                               .arg(inPlaces(f.effective_bits, 1))
                               .arg(inPlaces(f.asymmetry, 3))
                               .arg(springNumbers(f)));
        table_->setItem(i, 7, reason);
    }
    foot_->setText(tr("Ends and centre in raw counts of the device; the column heads say how each number is found. Samples every "
                      "%1 ms, 95 % of them within %2 ms. "
                      "Keep the real aircraft powered off while its controller is on the bench.")
                       .arg(inPlaces(shown->interval_ms, 1))
                       .arg(inPlaces(shown->interval_p95_ms, 1)));
}

} // namespace bh::desk
