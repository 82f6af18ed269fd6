#pragma once

#include "core/controller/calibration.h"
#include "core/controller/verification.h"

#include <QWidget>
#include <optional>
#include <vector>

class QAction;
class QComboBox;
class QHBoxLayout;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class KeyboardSticks;
class StickView;
class CheckList;
class GripPanel;
class HistoryPanel;
class Sections;
class SheetPanel;
class SwitchPanel;

/// Live sticks, calibration and verification by checklists that tick themselves, what was found per axis, the history of
/// the controller, the settings sheets that follow, and the grip trial.
class ControllerPage : public QWidget {
    Q_OBJECT
public:
    ControllerPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
    enum Section { Bench, History, Sheets, Grip, Switches };
    void showSection(Section section);
    [[nodiscard]] bool calibrating() const { return watch_.has_value(); }
    [[nodiscard]] bool verifying() const { return verification_.has_value() || switchChecks_.has_value(); }

public Q_SLOTS:
    void startCalibration();  ///< F9
    void startVerification(); ///< F10
    void cancel();

protected:
    void showEvent(QShowEvent*) override;

private:
    void makeSections(QHBoxLayout& top, QWidget* bench);
    void layOutBench(QWidget* bench);
    void makeModes();
    void makeTable();
    void connectAll();
    void refreshDevices();
    void refreshSticks();
    void refreshResult();
    void takeSamples();
    void nextPrompt();
    void remind(); ///< says what to do when nothing has happened for long
    void finish();
    void refreshMode();
    void showCheck();
    void lookAtCheck();
    void showSwitchCheck();
    void lookAtSwitches();
    void dragged(bool left, QPointF position);
    void released(bool left);
    [[nodiscard]] bool busy() const { return calibrating() || verifying(); }
    void say(const QString& sentence);

    School& school_;
    Station& station_;
    QComboBox* devices_;
    QPushButton* start_;
    QPushButton* cancel_;
    QLabel* message_;
    StickView* left_;
    StickView* right_;
    CheckList* list_;
    QPushButton* verify_;
    QAction* verifying_; ///< what that button does
    QComboBox* modes_;
    Sections* sections_;
    HistoryPanel* history_ = nullptr; ///< this and the next two once they have been looked at
    SheetPanel* sheets_ = nullptr;
    GripPanel* grip_ = nullptr;
    SwitchPanel* switches_ = nullptr;
    QTableWidget* table_;
    QLabel* foot_;
    std::optional<PromptWatch> watch_;
    std::optional<Verification> verification_;
    std::optional<SwitchChecks> switchChecks_; ///< after the sticks
    std::size_t prompt_ = 0;
    double prompt_since_s_ = 0;
    std::vector<int> rest_counts_;
    ControllerRecording recording_;
    std::optional<Calibration> failed_; ///< last calibration that found problems, shown until the next one
    class QTimer* sampler_;
};

} // namespace bh::desk
