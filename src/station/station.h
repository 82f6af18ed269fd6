#pragma once

#include "core/controller/stick_mode.h"
#include "core/controller/switches.h"
#include "core/progress/outside_practice.h"
#include "device/flight_loop.h"
#include "device/stick_input.h"
#include "device/stick_recorder.h"
#include "school/views/practice.h"
#include "school/views/room.h"

#include <QObject>
#include <QTimer>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>

namespace bh {

/// The place where one pilot sits: the chosen pilot, the controller in use, and the practice session that runs.
class Station : public QObject {
    Q_OBJECT
public:
    explicit Station(School& school);
    ~Station() override;

    /// How people call this place, and by what other stations tell it apart.
    void setName(const QString& name) { name_ = name; }
    [[nodiscard]] const QString& name() const { return name_; }
    [[nodiscard]] const std::string& liveId() const { return live_id_; }
    [[nodiscard]] const Room& room() const { return room_; } ///< the other stations
    /// What flies here now, for those who look on; null: nothing. Whoever starts a flight says so before and after.
    struct Flying {
        const FlightLoop* loop = nullptr;
        std::string drill_id, world;
        double camera_tilt_deg = 25, fov_deg = 120;
        bool stand_in = false;
    };
    void setFlying(Flying flying) { flying_ = std::move(flying); }
    [[nodiscard]] const Flying& flying() const { return flying_; }

    [[nodiscard]] const std::string& pilotId() const { return pilot_id_; }
    void choosePilot(const std::string& id); ///< ends the running session of another pilot

    [[nodiscard]] std::vector<DeviceInfo> devices() const; ///< plugged in, and the simulated controller last
    [[nodiscard]] DeviceInfo device() const { return device_; }
    void chooseDevice(int instance);
    /// Which function lies on which stick for the chosen pilot.
    [[nodiscard]] StickMode stickMode() const;
    [[nodiscard]] int stickModeNumber() const;
    [[nodiscard]] StickInput& input() { return input_; }
    [[nodiscard]] double sampleInterval_ms() const { return hub_.report_interval_ms(); } ///< 0: not known yet
    [[nodiscard]] bool devicePresent() const { return present_; }
    enum class Controller {
        Unplugged,
        Uncalibrated,
        Unverified, ///< calibrated, but not yet checked on the sticks
        Ready
    };
    [[nodiscard]] Controller controllerState() const;
    /// The controller's own switches, as they were learned with its calibration; empty for the simulated one.
    [[nodiscard]] const std::vector<SwitchCalibration>& switches() const { return board_.switches(); }
    [[nodiscard]] const SwitchCalibration* switchFor(SwitchUse use) const { return board_.of(use); }
    /// Where the mode switch stands; nothing without one.
    [[nodiscard]] std::optional<Mode> switchedMode() const;
    [[nodiscard]] std::optional<Calibration> calibrationInUse() const; ///< on the record
    /// Adds a learned switch to the calibration in use, instead of another of that use; to be verified again.
    bool keepSwitch(const SwitchCalibration& learned);
    bool forgetSwitch(SwitchUse use);
    /// Takes a new calibration of the device in use onto the record and to the sticks, to be verified.
    bool keepCalibration(const Calibration& calibration);
    /// The calibration in use was checked on the sticks: from now on it counts.
    bool verifyCalibration();

    /// Session of the chosen pilot, started when there is none; empty when it could not be.
    std::string beginPractice();
    void endPractice();
    void setArmed(bool armed) { armed_ = armed; }
    [[nodiscard]] const PracticeClock& practice() const { return practice_.clock(); }
    [[nodiscard]] const std::string& sessionId() const { return practice_.session_id(); } ///< empty while none runs
    [[nodiscard]] bool practising() const { return practice_.running(); }

    /// Practice in another program: while it is watched, it begins and ends by itself, the sticks are recorded beside the
    /// record, and what was practised is offered for the logbook.
    struct OutsideOffer {
        UnixTime started_at = 0, ended_at = 0;
        double active_s = 0, idle_s = 0;
        DeviceInfo device;
        std::filesystem::path recording; ///< of the sticks; empty when it could not be written
    };
    void watchOutside(bool watch);
    [[nodiscard]] bool watchingOutside() const { return watching_; }
    [[nodiscard]] const OutsidePractice& outside() const { return outside_; }
    [[nodiscard]] const std::optional<OutsideOffer>& outsideOffer() const { return offer_; }
    /// Onto the chosen pilot's record; the simulator's id, empty: not said.
    bool keepOutside(const std::string& simulator, Viewing viewing = Viewing::NotSaid);
    void discardOutside(); ///< and its recording
    /// How often the controller is looked at, 100 to 1000 times a second.
    void setSampling(int rate_hz) { hub_.set_rate(rate_hz); }
    /// Whether this program uses the sticks now, as long as nothing is armed here: never, unless told.
    void setUsedHere(std::function<bool()> used_here) { used_here_ = std::move(used_here); }

Q_SIGNALS:
    void outsideChanged();
    void pilotChosen();
    void devicesChanged();
    void deviceChosen();
    void switchMoved(const bh::SwitchBoard::Moved& moved);
    void sticksMoved();    ///< at most 30 times a second, only when something moved
    void practiceTicked(); ///< once a second while a session runs

private:
    void poll();
    void takeDevice(const DeviceInfo& device);
    void loadCalibration();
    void lookOutside();
    void endOutside();
    School& school_;
    QString name_;
    std::string live_id_;
    Room room_{school_};
    Flying flying_;
    ControllerHub hub_;
    StickInput input_{hub_};
    DeviceInfo device_ = SimulatedController::info();
    bool present_ = true;
    std::string calibration_id_; ///< of the calibration in use; empty for the simulated controller's own
    bool verified_ = true;
    SwitchBoard board_;
    bool chosen_by_hand_ = false;
    std::string pilot_id_;
    Practice practice_{school_};
    bool armed_ = false;
    bool watching_ = false;
    OutsidePractice outside_;
    std::shared_ptr<StickRecorder> recorder_;
    std::optional<OutsideOffer> offer_;
    std::function<bool()> used_here_;
    double tended_at_s_ = 0;
    double ticked_at_s_ = 0;
    std::uint64_t seen_changes_ = 0;
    std::vector<int> seen_counts_;
    QTimer timer_;
};

} // namespace bh
