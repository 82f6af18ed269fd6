#pragma once

#include "core/flight/modes.h"
#include "core/setup/training_setup.h"

#include <QTimer>
#include <QWidget>
#include <string>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSlider;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class AircraftForm;
class CandidateList;
class DayPanel;
class Sections;
class TiltView;
class WayBackPanel;

/// How a pilot's practice is set up: the real aircraft beside the simulated ones, camera, power, rates, and what a real
/// day does. What is changed is kept on the pilot's record a moment later and can be undone.
class SetupPage : public QWidget {
    Q_OBJECT
public:
    SetupPage(School& school, Station& station, QWidget* parent = nullptr);
    void keep();        ///< what was edited, now
    void showDay();     ///< the section with the real day's switches
    void showWayBack(); ///< the section with the ladder to the real aircraft

Q_SIGNALS:
    void flyAsked(const std::string& world, Mode mode);
    void cardAsked();

protected:
    void hideEvent(QHideEvent*) override;

private:
    QLayout* makeFoot();
    void makeFigures();
    void connectCamera();
    QWidget* makeAircraftPart();
    QWidget* makeCameraPart();
    void load();    ///< the chosen pilot's set-up from the record
    void refresh(); ///< everything that follows from the set-up
    void change();  ///< the set-up was edited: show it, keep it soon
    void addAircraft();
    [[nodiscard]] const Airframe& simulated() const;
    void showAircraft();
    void showSettings();
    void showWhatCanBeSet();
    void showFigures();
    void showWarnings();

    School& school_;
    Station& station_;
    TrainingSetup setup_;
    bool edited_ = false; ///< not kept yet
    bool filling_ = false;
    std::string editing_; ///< pilot whose set-up is shown
    QTimer soon_;
    Sections* sections_;
    QLabel *state_, *warnings_, *figuresHead_;
    QComboBox *real_, *world_, *mode_;
    QLineEdit* newName_;
    AircraftForm* form_;
    QLabel* rankingHead_;
    CandidateList* candidates_;
    TiltView* tilt_;
    QDoubleSpinBox *tiltBox_, *fov_, *rollRate_, *yawRate_;
    QSlider *propeller_, *power_;
    QLabel *propellerWords_, *powerWords_;
    QTableWidget* figures_;
    DayPanel* day_;
    WayBackPanel* wayBack_;
    QPushButton *fly_, *card_;
};

} // namespace bh::desk
