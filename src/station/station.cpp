#include "station/station.h"

#include "school/school.h"

#include <QDateTime>
#include <QFile>
#include <QSysInfo>
#include <QUuid>
#include <algorithm>
#include <cmath>

namespace bh {
namespace {

constexpr int poll_ms = 33;
constexpr double tend_every_s = 60;

} // namespace

Station::Station(School& school)
    : school_(school), name_(QSysInfo::machineHostName()),
      live_id_(QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString())
{
    room_.setOwn(live_id_);
    timer_.setInterval(poll_ms);
    connect(&timer_, &QTimer::timeout, this, &Station::poll);
    timer_.start();
    loadCalibration();
}

Station::~Station()
{
    hub_.set_listener(nullptr);
    endPractice();
}

void Station::choosePilot(const std::string& id)
{
    if (id == pilot_id_) return;
    endPractice();
    pilot_id_ = id;
    Q_EMIT pilotChosen();
}

std::vector<DeviceInfo> Station::devices() const
{
    std::vector<DeviceInfo> all = hub_.devices();
    all.push_back(SimulatedController::info());
    return all;
}

void Station::chooseDevice(int instance)
{
    const auto all = devices();
    const auto found = std::find_if(all.begin(), all.end(), [&](const DeviceInfo& d) { return d.instance == instance; });
    if (found == all.end() || found->instance == device_.instance) return;
    endPractice();
    chosen_by_hand_ = true;
    takeDevice(*found);
}

void Station::takeDevice(const DeviceInfo& device)
{
    device_ = device;
    present_ = true;
    input_.choose(device.instance);
    loadCalibration();
    Q_EMIT deviceChosen();
    Q_EMIT sticksMoved();
}

void Station::loadCalibration()
{
    const KeptCalibration* row = school_.calibration(device_.name, device_.guid);
    calibration_id_ = row ? row->id : std::string();
    verified_ = row ? row->verified_at > 0 : input_.simulated(); // what the simulated controller comes with is known to be right
    if (row) input_.calibrate_with(std::make_shared<const Calibration>(row->calibration));
    board_ = SwitchBoard(row ? row->calibration.switches : std::vector<SwitchCalibration>{});
}

int Station::stickModeNumber() const
{
    const Pilot* pilot = school_.pilot(pilot_id_);
    return pilot ? pilot->stick_mode : 2;
}

StickMode Station::stickMode() const { return stick_mode(stickModeNumber()); }

Station::Controller Station::controllerState() const
{
    return !present_              ? Controller::Unplugged
           : !input_.calibrated() ? Controller::Uncalibrated
           : !verified_           ? Controller::Unverified
                                  : Controller::Ready;
}

bool Station::keepCalibration(const Calibration& calibration)
{
    if (!calibration.usable() || school_.add_calibration(device_.name, device_.guid, calibration).empty()) return false;
    loadCalibration();
    Q_EMIT deviceChosen();
    return true;
}

std::optional<Mode> Station::switchedMode() const
{
    const SwitchCalibration* mode = switchFor(SwitchUse::Mode);
    const auto place = mode ? position_of(*mode, input_.switches()) : std::nullopt;
    return place && *place < mode->modes.size() ? std::optional(mode->modes[*place]) : std::nullopt;
}

std::optional<Calibration> Station::calibrationInUse() const
{
    const KeptCalibration* row = school_.calibration(device_.name, device_.guid);
    return row ? std::optional(row->calibration) : std::nullopt;
}

bool Station::keepSwitch(const SwitchCalibration& learned)
{
    const KeptCalibration* row = school_.calibration(device_.name, device_.guid);
    if (!row) return false;
    Calibration calibration = row->calibration;
    std::erase_if(calibration.switches,
                  [&](const SwitchCalibration& s) { return s.use == learned.use || s.source == learned.source; });
    calibration.switches.push_back(learned);
    return problem_of(calibration.switches).empty() && keepCalibration(calibration);
}

bool Station::forgetSwitch(SwitchUse use)
{
    const KeptCalibration* row = school_.calibration(device_.name, device_.guid);
    if (!row) return false;
    Calibration calibration = row->calibration;
    return std::erase_if(calibration.switches, [&](const SwitchCalibration& s) { return s.use == use; }) > 0 &&
           keepCalibration(calibration);
}

bool Station::verifyCalibration()
{
    if (calibration_id_.empty() || !school_.verify_calibration(calibration_id_)) return false;
    verified_ = true;
    Q_EMIT deviceChosen();
    return true;
}

std::string Station::beginPractice() { return practice_.begin(pilot_id_, device_.name, device_.guid, ControllerHub::now_s()); }

void Station::endPractice()
{
    if (!practice_.running()) return;
    practice_.end();
    Q_EMIT practiceTicked();
}

void Station::watchOutside(bool watch)
{
    if (watching_ == watch) return;
    watching_ = watch;
    // No longer watched: what ran is over, as if the sticks were used here from now on.
    if (!watch && outside_.state() == OutsidePractice::State::Running) {
        outside_.look(ControllerHub::now_s(), input_.sticks(), true);
        endOutside();
    }
    Q_EMIT outsideChanged();
}

void Station::lookOutside()
{
    using Watched = OutsidePractice::State;
    const Watched before = outside_.state();
    const bool here = armed_ || (used_here_ && used_here_());
    const Watched now = outside_.look(ControllerHub::now_s(), input_.sticks(), here || !present_);
    if (now == before) return;
    if (now == Watched::Running) {
        const QString stem = QDateTime::fromSecsSinceEpoch(school_.now()).toString(QStringLiteral("yyyy-MM-dd'T'HHmmss"));
        auto recorder = StickRecorder::create(school_.new_stick_recording(stem.toStdString()));
        if (recorder) {
            recorder_ = std::move(*recorder);
            hub_.set_listener([keep = recorder_](const DeviceSample& sample) { keep->add(sample); });
        }
    }
    if (now == Watched::Ended) endOutside();
    Q_EMIT outsideChanged();
}

void Station::endOutside()
{
    hub_.set_listener(nullptr);
    OutsideOffer offer;
    const double age_s = ControllerHub::now_s() - outside_.ended_s();
    offer.ended_at = school_.now() - static_cast<UnixTime>(std::lround(age_s));
    offer.started_at = offer.ended_at - static_cast<UnixTime>(std::lround(outside_.ended_s() - outside_.started_s()));
    offer.active_s = std::min(outside_.active_s(), outside_.ended_s() - outside_.started_s());
    offer.idle_s = outside_.idle_s();
    offer.device = device_;
    if (recorder_ && recorder_->finish() && recorder_->rows() > 0) offer.recording = recorder_->file();
    recorder_.reset();
    offer_ = offer;
}

bool Station::keepOutside(const std::string& simulator, Viewing viewing)
{
    if (!offer_ || pilot_id_.empty()) return false;
    Session session;
    session.pilot_id = pilot_id_;
    session.started_at = offer_->started_at;
    session.ended_at = std::max<UnixTime>(offer_->ended_at, offer_->started_at + 1);
    session.active_s = offer_->active_s;
    session.idle_s = offer_->idle_s;
    session.simulator = simulator;
    session.viewing = viewing;
    if (!school_.add_outside_session(session, offer_->device.name, offer_->device.guid, offer_->recording)) return false;
    offer_.reset();
    outside_.wait_again();
    Q_EMIT outsideChanged();
    return true;
}

void Station::discardOutside()
{
    if (!offer_) return;
    if (!offer_->recording.empty()) QFile::remove(QString::fromStdString(offer_->recording.string()));
    offer_.reset();
    outside_.wait_again();
    Q_EMIT outsideChanged();
}

void Station::poll()
{
    if (const auto changes = hub_.changes(); changes != seen_changes_) {
        seen_changes_ = changes;
        const auto plugged = hub_.devices();
        // The first real controller is taken into use by itself; after a choice by hand nothing changes by itself,
        // except that a controller that comes back is the one it was.
        const bool gone =
            device_.instance != SimulatedController::instance &&
            std::none_of(plugged.begin(), plugged.end(), [&](const DeviceInfo& d) { return d.instance == device_.instance; });
        present_ = !gone;
        const auto same = std::find_if(plugged.begin(), plugged.end(), [&](const DeviceInfo& d) {
            return gone && d.guid == device_.guid && d.name == device_.name;
        });
        if (same != plugged.end())
            takeDevice(*same); // practice goes on
        else if (!plugged.empty() && !chosen_by_hand_ && device_.instance == SimulatedController::instance) {
            endPractice();
            takeDevice(plugged.front());
        }
        Q_EMIT devicesChanged();
    }
    std::vector<int> counts = input_.counts();
    if (counts != seen_counts_) {
        seen_counts_ = std::move(counts);
        Q_EMIT sticksMoved();
    }
    if (!board_.switches().empty())
        for (const SwitchBoard::Moved& moved : board_.look(input_.switches())) Q_EMIT switchMoved(moved);
    if (watching_) lookOutside();
    const double now = ControllerHub::now_s();
    if (now - tended_at_s_ > tend_every_s) {
        tended_at_s_ = now;
        school_.close_abandoned_sessions(); // of windows that are gone
    }
    const bool outside_runs = watching_ && outside_.state() == OutsidePractice::State::Running;
    if (!practice_.running() && !outside_runs) return;
    const bool goes_on = practice_.update(now, input_.sticks(), armed_);
    if (!goes_on || now - ticked_at_s_ > 1) {
        ticked_at_s_ = now;
        Q_EMIT practiceTicked();
    }
}

} // namespace bh
