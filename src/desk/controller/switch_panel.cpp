#include "desk/controller/switch_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/switch_words.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QSignalBlocker>

namespace bh::desk {
namespace {

constexpr int look_ms = 15;

QString whatFor(SwitchUse use)
{
    switch (use) {
    case SwitchUse::Arm: return QObject::tr("Starts and stops the motors where that is the pilot's");
    case SwitchUse::Mode: return QObject::tr("Changes the flight mode in the air; the log says when");
    case SwitchUse::Panic: return QObject::tr("Stops and hovers from any attitude");
    case SwitchUse::Reset: return QObject::tr("Back to the start");
    case SwitchUse::Pause: return QObject::tr("Holds the flight still");
    }
    return {};
}

} // namespace

SwitchPanel::SwitchPanel(Station& station, QWidget* parent) : QWidget(parent), station_(station)
{
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("switchSaid"));
    said_->setFont(uiFont(text_points, true));
    said_->setWordWrap(true);
    said_->setMinimumHeight(scaled(44));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(8);
    int column = 0;
    for (const QString& head : {tr("For"), tr("On the controller"), tr("Now"), QString(), QString(), tr("What it does")}) {
        auto* label = new QLabel(head);
        label->setProperty("quiet", true);
        grid->addWidget(label, 0, column++);
    }
    for (std::size_t i = 0; i < switch_use_count; ++i) {
        const auto use = static_cast<SwitchUse>(i);
        const QByteArray key(switch_use_key(use).data());
        Row& row = rows_[i];
        row.where = new QLabel;
        row.where->setObjectName(QStringLiteral("switchWhere-") + QString::fromLatin1(key));
        row.where->setMinimumWidth(scaled(190));
        row.now = new QLabel;
        row.now->setObjectName(QStringLiteral("switchNow-") + QString::fromLatin1(key));
        row.now->setMinimumWidth(scaled(90));
        row.learn =
            namedButton(tr("Learn"), ("switchLearn-" + key).constData(), tr("Then move it through all its places and back"));
        row.forget = namedButton(tr("Forget"), ("switchForget-" + key).constData(), tr("The keys of the window remain"));
        auto* name = new QLabel(switchName(use));
        name->setFont(uiFont(text_points, true));
        auto* does = new QLabel(whatFor(use));
        does->setProperty("quiet", true);
        does->setWordWrap(true);
        const int line = static_cast<int>(i) + 1;
        for (const auto& [at, widget] :
             {std::pair<int, QWidget*>{0, name}, {1, row.where}, {2, row.now}, {3, row.learn}, {4, row.forget}, {5, does}})
            grid->addWidget(widget, line, at);
        connect(row.learn, &QPushButton::clicked, this, [this, use] { learning() && learns_ == use ? stop() : learn(use); });
        connect(row.forget, &QPushButton::clicked, this, [this, use] { station_.forgetSwitch(use); });
    }
    grid->setColumnStretch(5, 1);
    modesRow_ = new QWidget;
    auto* modes = new QHBoxLayout(modesRow_);
    modes->setContentsMargins(0, 0, 0, 0);
    modes->addWidget(new QLabel(tr("Its places are")));
    for (std::size_t place = 0; place < modes_.size(); ++place) {
        QComboBox*& box = modes_[place];
        box = new QComboBox;
        box->setObjectName(QStringLiteral("switchMode%1").arg(place));
        box->setAccessibleName(tr("Flight mode of place %1").arg(place + 1));
        for (const Mode mode : {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport})
            box->addItem(asWords(mode_key(mode)), static_cast<int>(mode));
        modes->addWidget(box);
        connect(box, &QComboBox::activated, this, &SwitchPanel::modesChosen);
    }
    modes->addStretch();
    auto* keys =
        new QLabel(tr("The window's keys go on working. Both sticks down and in for half a second start the motors too, and two "
                      "seconds at the bottom of the throttle after a landing stop them, where they are the pilot's to start."));
    keys->setProperty("quiet", true);
    keys->setWordWrap(true);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(said_);
    layout->addLayout(grid);
    layout->addWidget(modesRow_);
    layout->addWidget(keys);
    layout->addStretch();
    timer_.setInterval(look_ms);
    connect(&timer_, &QTimer::timeout, this, &SwitchPanel::look);
    connect(&station_, &Station::deviceChosen, this, [this] {
        stop();
        refresh();
    });
    connect(&station_, &Station::switchMoved, this, &SwitchPanel::showNow);
    refresh();
}

QString SwitchPanel::placeInWords(const SwitchCalibration& s, std::size_t place) const
{
    if (place < s.modes.size()) return asWords(mode_key(s.modes[place]));
    return place == 0 ? tr("off") : tr("on");
}

void SwitchPanel::showNow()
{
    const SwitchReading reading = station_.input().switches();
    for (std::size_t i = 0; i < switch_use_count; ++i) {
        const SwitchCalibration* s = station_.switchFor(static_cast<SwitchUse>(i));
        const auto place = s ? position_of(*s, reading) : std::nullopt;
        rows_[i].now->setText(place ? placeInWords(*s, *place) : QStringLiteral("–"));
    }
}

void SwitchPanel::refresh()
{
    const bool simulated = station_.input().simulated(), calibrated = station_.input().calibrated();
    for (std::size_t i = 0; i < switch_use_count; ++i) {
        const SwitchCalibration* s = station_.switchFor(static_cast<SwitchUse>(i));
        rows_[i].where->setText(s ? switchInWords(*s) : tr("the window's key"));
        rows_[i].learn->setEnabled(!simulated && calibrated && station_.devicePresent());
        rows_[i].learn->setText(tr("Learn"));
        rows_[i].forget->setEnabled(s != nullptr);
    }
    const SwitchCalibration* mode = station_.switchFor(SwitchUse::Mode);
    modesRow_->setVisible(mode);
    if (mode)
        for (std::size_t place = 0; place < modes_.size(); ++place) {
            const QSignalBlocker quiet(modes_[place]);
            modes_[place]->setVisible(place < mode->modes.size());
            if (place < mode->modes.size())
                modes_[place]->setCurrentIndex(modes_[place]->findData(static_cast<int>(mode->modes[place])));
        }
    showNow();
    if (learning()) return;
    said_->setText(simulated     ? tr("The simulated controller has no switches: the window's keys stand for them.")
                   : !calibrated ? tr("Calibrate the sticks first; the switches are kept with that calibration.")
                   : station_.switches().empty()
                       ? tr("Nothing is learned yet. Press Learn beside what a switch is for, then move it.")
                   : station_.controllerState() == Station::Controller::Unverified
                       ? tr("Learned, but not verified yet. Press Verify: the switches are checked with the sticks.")
                       : tr("Learned and verified with the sticks."));
}

void SwitchPanel::learn(SwitchUse use)
{
    std::vector<int> sticks;
    if (const auto calibration = station_.calibrationInUse())
        for (const FunctionCalibration& f : calibration->functions) sticks.push_back(f.axis);
    learns_ = use;
    watch_.emplace(use, sticks);
    refresh();
    rows_[static_cast<std::size_t>(use)].learn->setText(tr("Stop"));
    said_->setText(
        tr("%1: move the switch through all its places, a moment in each, and back to where it rests. A button: press it "
           "and let go.")
            .arg(switchName(use)));
    timer_.start();
}

void SwitchPanel::stop()
{
    timer_.stop();
    watch_.reset();
    refresh();
}

void SwitchPanel::look()
{
    if (!watch_ || !watch_->look(ControllerHub::now_s(), station_.input().switches())) return;
    const SwitchCalibration found = *watch_->learned();
    timer_.stop();
    watch_.reset();
    if (station_.keepSwitch(found)) return refresh();
    refresh();
    said_->setText(tr("It could not be kept."));
}

void SwitchPanel::modesChosen()
{
    const SwitchCalibration* mode = station_.switchFor(SwitchUse::Mode);
    if (!mode) return;
    SwitchCalibration changed = *mode;
    for (std::size_t place = 0; place < changed.modes.size(); ++place)
        changed.modes[place] = static_cast<Mode>(modes_[place]->currentData().toInt());
    station_.keepSwitch(changed);
}

} // namespace bh::desk
