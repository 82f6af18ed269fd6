#include "desk/controller/controller_page.h"

#include "desk/controller/keyboard_sticks.h"
#include "desk/controller/prompt_list.h"
#include "desk/controller/stick_view.h"
#include "desk/record_store.h"
#include "desk/station.h"
#include "desk/theme.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QTimer>

namespace bh::desk {
namespace {

constexpr int sample_ms = 20;

QPointF hintFor(Prompt prompt, bool left)
{
    switch (prompt) {
    case Prompt::ThrottleUp: return left ? QPointF(0, 1) : QPointF();
    case Prompt::ThrottleDown: return left ? QPointF(0, -1) : QPointF();
    case Prompt::YawRight: return left ? QPointF(1, 0) : QPointF();
    case Prompt::YawLeft: return left ? QPointF(-1, 0) : QPointF();
    case Prompt::PitchForward: return left ? QPointF() : QPointF(0, 1);
    case Prompt::PitchBack: return left ? QPointF() : QPointF(0, -1);
    case Prompt::RollRight: return left ? QPointF() : QPointF(1, 0);
    case Prompt::RollLeft: return left ? QPointF() : QPointF(-1, 0);
    default: return {};
    }
}

QTableWidgetItem* cell(const QString& text, Qt::Alignment alignment = Qt::AlignRight | Qt::AlignVCenter)
{
    auto* item = new QTableWidgetItem(text);
    item->setTextAlignment(alignment);
    return item;
}

} // namespace

ControllerPage::ControllerPage(RecordStore& store, Station& station, KeyboardSticks& keys, QWidget* parent)
    : QWidget(parent), store_(store), station_(station)
{
    devices_ = new QComboBox;
    devices_->setObjectName(QStringLiteral("deviceChoice"));
    devices_->setAccessibleName(tr("Controller in use"));
    devices_->setMinimumWidth(230);
    start_ = new QPushButton(tr("Calibrate (F9)"));
    start_->setObjectName(QStringLiteral("startCalibration"));
    start_->setProperty("primary", true);
    cancel_ = new QPushButton(tr("Stop"));
    cancel_->setObjectName(QStringLiteral("cancelCalibration"));
    message_ = new QLabel;
    message_->setObjectName(QStringLiteral("controllerMessage"));
    message_->setWordWrap(true);
    message_->setFont(uiFont(12, true));
    message_->setMinimumHeight(44);
    left_ = new StickView(tr("Yaw"), tr("Throttle"));
    left_->setObjectName(QStringLiteral("leftStick"));
    right_ = new StickView(tr("Roll"), tr("Pitch"));
    right_->setObjectName(QStringLiteral("rightStick"));
    keys.watch(left_);
    keys.watch(right_);
    prompts_ = new PromptList;
    table_ = new QTableWidget(4, 8);
    table_->setObjectName(QStringLiteral("axisTable"));
    table_->setAccessibleName(tr("What the calibration found, by function"));
    table_->setHorizontalHeaderLabels({tr("Function"), tr("Axis"), tr("Low end"), tr("Centre"), tr("High end"), tr("Dead band"), tr("Verdict"), tr("Why, and what to do")});
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(27);
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setWordWrap(false);
    table_->setFixedHeight(27 * 4 + 38);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    table_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    table_->setTabKeyNavigation(false);
    const int widths[] = {84, 92, 78, 78, 78, 84, 84};
    for (int i = 0; i < 7; ++i) table_->setColumnWidth(i, widths[i]);
    foot_ = new QLabel;
    foot_->setObjectName(QStringLiteral("quiet"));
    foot_->setWordWrap(true);

    auto* top = new QHBoxLayout;
    top->addWidget(devices_);
    top->addWidget(start_);
    top->addWidget(cancel_);
    top->addStretch();
    auto* sticks = new QHBoxLayout;
    sticks->setSpacing(16);
    sticks->addWidget(left_, 1);
    sticks->addWidget(right_, 1);
    sticks->addWidget(prompts_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(8);
    layout->addLayout(top);
    layout->addWidget(message_);
    layout->addLayout(sticks, 1);
    layout->addWidget(table_);
    layout->addWidget(foot_);

    sampler_ = new QTimer(this);
    sampler_->setInterval(sample_ms);
    connect(sampler_, &QTimer::timeout, this, &ControllerPage::takeSamples);
    connect(start_, &QPushButton::clicked, this, &ControllerPage::startCalibration);
    connect(cancel_, &QPushButton::clicked, this, &ControllerPage::cancelCalibration);
    connect(new QShortcut(QKeySequence(Qt::Key_F9), this), &QShortcut::activated, this, &ControllerPage::startCalibration);
    connect(devices_, &QComboBox::activated, this, [this](int row) { station_.chooseDevice(devices_->itemData(row).toInt()); });
    connect(&station_, &Station::devicesChanged, this, &ControllerPage::refreshDevices);
    connect(&station_, &Station::deviceChosen, this, [this] {
        if (calibrating()) cancelCalibration();
        failed_.reset();
        refreshDevices();
    });
    connect(&station_, &Station::sticksMoved, this, [this] { if (isVisible()) refreshSticks(); });
    connect(left_, &StickView::dragged, this, [this](QPointF at) { dragged(true, at); });
    connect(right_, &StickView::dragged, this, [this](QPointF at) { dragged(false, at); });
    connect(left_, &StickView::released, this, [this] { station_.input().simulated_controller().set(Function::Yaw, 0); });
    connect(right_, &StickView::released, this, [this] {
        station_.input().simulated_controller().set(Function::Pitch, 0);
        station_.input().simulated_controller().set(Function::Roll, 0);
    });
    refreshDevices();
}

void ControllerPage::showEvent(QShowEvent*)
{
    left_->clearTrail();
    right_->clearTrail();
    refreshSticks();
    refreshResult();
}

void ControllerPage::dragged(bool left, QPointF at)
{
    SimulatedController& sticks = station_.input().simulated_controller();
    if (left) {
        sticks.set(Function::Yaw, at.x());
        sticks.set(Function::Throttle, 0.5 * (at.y() + 1));
    } else {
        sticks.set(Function::Roll, at.x());
        sticks.set(Function::Pitch, at.y());
    }
}

void ControllerPage::refreshDevices()
{
    const QSignalBlocker quiet(devices_);
    devices_->clear();
    for (const DeviceInfo& d : station_.devices()) {
        devices_->addItem(QString::fromStdString(d.name), d.instance);
        if (d.instance == station_.device().instance) devices_->setCurrentIndex(devices_->count() - 1);
    }
    if (!station_.devicePresent()) {
        devices_->insertItem(0, tr("%1 (unplugged)").arg(QString::fromStdString(station_.device().name)), station_.device().instance);
        devices_->setCurrentIndex(0);
        if (calibrating()) {
            cancelCalibration();
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
        left_->setPosition({s.yaw, 2 * s.throttle - 1});
        right_->setPosition({s.roll, s.pitch});
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
    failed_.reset();
    recording_ = {};
    rest_counts_.clear();
    prompt_ = 0;
    left_->clearTrail();
    right_->clearTrail();
    (void)station_.input().drain();
    watch_.emplace(Prompt::Rest, rest_counts_);
    nextPrompt();
    sampler_->start();
}

void ControllerPage::cancelCalibration()
{
    watch_.reset();
    sampler_->stop();
    left_->setHint({});
    right_->setHint({});
    refreshResult();
}

void ControllerPage::nextPrompt()
{
    const auto prompt = static_cast<Prompt>(prompt_);
    watch_.emplace(prompt, rest_counts_);
    left_->setHint(hintFor(prompt, true));
    right_->setHint(hintFor(prompt, false));
    prompts_->setProgress(static_cast<int>(prompt_), 0);
    say(tr("%1 of %2: %3.").arg(prompt_ + 1).arg(prompt_count).arg(PromptList::instruction(prompt)));
    cancel_->setVisible(true);
    start_->setVisible(false);
}

void ControllerPage::takeSamples()
{
    for (const DeviceSample& sample : station_.input().drain()) {
        if (!watch_) return;
        recording_.append(sample.t_s, sample.counts, static_cast<Prompt>(prompt_));
        const bool seen = watch_->add(sample.t_s, sample.counts);
        prompts_->setProgress(static_cast<int>(prompt_), watch_->progress());
        if (!seen) continue;
        if (prompt_ == 0) rest_counts_ = sample.counts;
        if (++prompt_ == prompt_count) return finish();
        nextPrompt();
        (void)watch_->add(sample.t_s, sample.counts); // the next motion starts where this one ended
    }
}

void ControllerPage::finish()
{
    cancelCalibration();
    const auto calibration = calibrate(recording_);
    if (!calibration) {
        say(tr("Not calibrated: %1.").arg(QString::fromStdString(calibration.error().message)));
    } else if (!calibration->usable()) {
        failed_ = *calibration;
        refreshResult();
    } else if (!station_.keepCalibration(*calibration)) { // a kept one is told through deviceChosen
        say(tr("The calibration could not be written to the record; the foot of the window says why. Nothing was changed."));
    }
}

void ControllerPage::refreshResult()
{
    if (calibrating()) return;
    cancel_->setVisible(false);
    start_->setVisible(true);
    prompts_->setProgress(-1, 0);
    const DeviceInfo device = station_.device();
    const auto row = store_.calibrationOf(device.name, device.guid);
    std::optional<Calibration> shown = failed_;
    if (!shown && row) shown = row->calibration;
    if (!shown && station_.input().simulated()) shown = SimulatedController::factory_calibration();

    if (!station_.devicePresent()) {
        say(tr("%1 is unplugged. Plug it in, or choose another controller.").arg(QString::fromStdString(device.name)));
    } else if (failed_) {
        say(tr("Not calibrated: %1.").arg(QString::fromStdString(failed_->problems.front())));
    } else if (row) {
        Verdict worst = Verdict::Good;
        for (const FunctionCalibration& f : row->calibration.functions) worst = std::max(worst, f.verdict);
        const QString when = QDateTime::fromSecsSinceEpoch(row->at).toString(QStringLiteral("d MMMM yyyy"));
        say(worst == Verdict::Good      ? tr("Calibrated on %1: all four functions are good. Next: Drills.").arg(when)
            : worst == Verdict::Usable ? tr("Calibrated on %1: usable. The table says what would make it better.").arg(when)
                                       : tr("Calibrated on %1: needs service. The table says where.").arg(when));
    } else if (station_.input().simulated()) {
        say(tr("Simulated controller. Drag the sticks, or click one and use the keys E D S F and I K J L, with Shift for full deflection."));
    } else {
        say(tr("Not calibrated yet. Press Calibrate and follow the list; it ticks itself as the sticks move."));
    }
    table_->setVisible(shown.has_value());
    foot_->setVisible(shown.has_value());
    if (!shown) return;
    const char* names[] = {"Throttle", "Yaw", "Pitch", "Roll"};
    for (int i = 0; i < 4; ++i) {
        const FunctionCalibration& f = shown->functions[static_cast<std::size_t>(i)];
        const Qt::Alignment left = Qt::AlignLeft | Qt::AlignVCenter;
        table_->setItem(i, 0, cell(tr(names[i]), left));
        const bool found = f.axis >= 0;
        table_->setItem(i, 1, cell(found ? tr("%1%2").arg(f.axis).arg(f.inverted ? tr(", inverted") : QString()) : tr("none"), left));
        const auto counts = [&](double value) { return cell(found ? QString::number(std::lround(value)) : QStringLiteral("–")); };
        table_->setItem(i, 2, counts(f.low_counts));
        table_->setItem(i, 3, counts(f.centre_counts));
        table_->setItem(i, 4, counts(f.high_counts));
        table_->setItem(i, 5, cell(found ? tr("%1 %").arg(100 * f.dead_band, 0, 'f', 1) : QStringLiteral("–")));
        auto* verdict = cell(f.verdict == Verdict::Good ? tr("● good") : f.verdict == Verdict::Usable ? tr("○ usable") : tr("▬ service"), left);
        verdict->setForeground(f.verdict == Verdict::Good ? theme().held : f.verdict == Verdict::Usable ? theme().attention : theme().notMet);
        table_->setItem(i, 6, verdict);
        auto* reason = cell(QString::fromStdString(f.reason), left);
        reason->setToolTip(reason->text());
        table_->setItem(i, 7, reason);
    }
    foot_->setText(tr("Ends, centre in raw counts of the device. Dead band = (hysteresis / 2 + 3 × jitter) / half travel, rounded up to 0.5 % (house rule). "
                      "Keep the real aircraft powered off while its controller is on the bench."));
}

} // namespace bh::desk
