#pragma once

#include "core/controller/switches.h"
#include "device/flight_loop.h"
#include "school/flights/take_off.h"
#include "school/values/marks.h"

#include <QWidget>
#include <memory>
#include <optional>
#include <string>

class QCheckBox;
class QComboBox;
class QHBoxLayout;
class QLabel;
class QPushButton;

namespace bh {
class School;
class Station;
class FlightUnderWay;
} // namespace bh

namespace bh::desk {

class FlightAnnouncer;
class CriteriaPanel;
class FlightView;
class KeyboardSticks;
class LadderEditor;
class LadderPanel;
class ScoreCard;
class Sections;

/// The ladder, the flight view and the limits: a drill is flown, watched and scored here.
class DrillsPage : public QWidget {
    Q_OBJECT
public:
    DrillsPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
    ~DrillsPage() override;
    void chooseDrill(const std::string& id);
    /// A flight without a drill in a world, with the pilot's set-up: it is kept without a score.
    void flyFreely(const std::string& world, Mode mode, double minutes = 20);
    enum class Shown { ByWhatIsKept, ByStandIn };
    /// Plays the demonstration that was kept; without one, or when asked for, the stand-in pilot flies.
    void demonstrate(Shown shown_by = Shown::ByWhatIsKept);
    void showSection(int section);     ///< flying, scoring by eye, changing limits and stages
    [[nodiscard]] FlightLoop* loop();  ///< null: nothing flies here
    [[nodiscard]] bool flying() const; ///< and the result is not shown yet
    /// The stand-in flies the chosen drill in the pilot's place, and it is kept: to show a school at work.
    void practiseAsStandIn(double skill, std::uint64_t seed);
    /// Times the flight's pace; 1 is real time (tests and the tour hurry).
    void setPace(double pace);
    void setPilotSeed(std::uint64_t seed) { seed_ = seed; }

public Q_SLOTS:
    void start();   ///< F5
    void reset();   ///< F6
    void panic();   ///< F7
    void pause();   ///< F8
    void hold();    ///< pauses, and stays so
    void nextEye(); ///< F9
    void arm();     ///< F10
    void shadow();

Q_SIGNALS:
    void wideToggled(); ///< F11: room for the flight view

protected:
    void hideEvent(QHideEvent*) override;

private:
    void drillChosen();
    void refreshPanel();
    void follow(const FlightSnapshot& now);
    void flightOver();
    void launch(const Drill& drill, std::optional<FlightLoop::StandIn> stand_in);
    [[nodiscard]] std::shared_ptr<const FlightLog> demonstrationOf(const Drill& drill) const; ///< null: it cannot be flown
    [[nodiscard]] std::shared_ptr<const FlightLog> demonstrationByStandIn(const Drill& drill, const TakeOff& shown) const;
    [[nodiscard]] TakeOff asChosen(TakeOff::Purpose purpose) const;
    [[nodiscard]] const Drill* flyingDrill() const;
    bool takeOff(const Drill& drill, const TakeOff& wanted, std::optional<FlightLoop::StandIn> stand_in);
    void showResult(const Score& score);
    void replay(const Drill& drill, const std::string& log_hash);
    void makeButtons();
    [[nodiscard]] QWidget* makeSide();
    [[nodiscard]] QHBoxLayout* makeSections();
    void bindKeys();
    void switchMoved(const SwitchBoard::Moved& moved);
    [[nodiscard]] QString invitation(const Drill& drill) const;
    [[nodiscard]] QString ratesNote() const;
    [[nodiscard]] QString ratesNoteName(const RatesMark& mark) const; ///< under which it is kept that it was said
    [[nodiscard]] bool free() const { return free_.has_value(); }
    [[nodiscard]] bool readyToFly() const; ///< a pilot is chosen, and a calibrated controller is there
    [[nodiscard]] const Drill* drill() const;

    School& school_;
    Station& station_;
    LadderPanel* ladder_;
    Sections* sections_;
    ScoreCard* card_ = nullptr; ///< made when it is first looked at
    LadderEditor* editor_ = nullptr;
    QLabel* heading_;
    QLabel* sentence_;
    QLabel* ratesNote_;
    CriteriaPanel* criteria_;
    FlightView* view_;
    FlightUnderWay* flight_;
    FlightAnnouncer* announcer_;
    QString follows_; ///< how the sticks follow a demonstration, in words; empty where they follow none
    QPushButton *start_, *reset_, *panic_, *pause_, *eye_, *arm_, *watch_, *shadow_, *keepShown_;
    QComboBox* speed_;
    QComboBox* mode_;
    std::pair<std::string, std::string> shownModesOf_; ///< ids of curriculum and drill
    std::string shownAttempt_, shownDrill_;            ///< of the result that can be kept as a demonstration
    QCheckBox* day_;
    struct Free {
        std::string world;
        Mode mode;
        double minutes;
    };
    std::optional<Free> free_;   ///< the free flight under way
    std::optional<Drill> block_; ///< a curriculum's free block, where the ladder stands on one
    double pace_ = 1;
    std::uint64_t seed_ = 1;
};

} // namespace bh::desk
