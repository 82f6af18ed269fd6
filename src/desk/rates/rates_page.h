#pragma once

#include "desk/rates/rates_context.h"
#include "desk/rates/stick_history.h"

#include <QWidget>
#include <array>
#include <optional>
#include <vector>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh::desk {

class AdvicePanel;
class CurvePlot;
class FeelPanel;
class KeyboardSticks;
class PlanPanel;
class RecordStore;
class Sections;
class Station;
class TimingPanel;

/// Makes the simulator turn like the real aircraft, or the other way round: both sides' curves and the nearest that the one that
/// changes can be set to, axis by axis; advice, a change plan in test flights, a stopwatch for unknown rates, and flights that
/// let the hand feel the difference.
class RatesPage : public QWidget {
    Q_OBJECT
public:
    RatesPage(RecordStore& store, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
    /// The match as it stands, by axis (roll, pitch, yaw); nothing where it is locked or cannot be made.
    [[nodiscard]] const std::array<std::optional<RateMatch>, 3>& matches() const { return context_.matches; }
    [[nodiscard]] const RatesContext& context() const { return context_; }
    [[nodiscard]] FeelPanel* feel() const { return feel_; } ///< null before it is looked at
    void showSection(int section);

public Q_SLOTS:
    void apply(); ///< the pilot practises on the match from now on, or the plan for the aircraft begins; undone like any edit
    /// The real aircraft's rates from a rates file (.json), or found from a flight log in acro (.csv); says what came of it.
    /// Undone like any edit.
    void readRates(const QString& file);
    bool saveTable(const QString& file) const; ///< a table of the curves (.csv), or the match as a rates file (.json)
    bool savePicture(const QString& file);     ///< PNG or SVG

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;

private:
    void build();   ///< when it is first looked at
    void refresh(); ///< at once when it is looked at, otherwise when it is next
    void rematch();
    void fillForm();
    void boxEdited();
    void keepEdited(const RateProfile& changed);
    void tellPanels();
    [[nodiscard]] bool editsPractised() const;
    [[nodiscard]] std::string whyBlocked() const;
    QWidget* buildMatch();
    void familyChosen();
    void showPlots();
    void showTable();
    void moveCursors();
    [[nodiscard]] RateProfile practised() const;
    void readStickUse();

    RecordStore& store_;
    Station& station_;
    bool filling_ = false, stale_ = true, ofPilot_ = true; ///< another pilot was chosen: the aircraft follows
    std::string useOf_;                                    ///< pilot and newest attempt that use_ is from
    RatesContext context_;
    StickHistory use_;
    QLabel *title_ = nullptr, *words_ = nullptr;
    QComboBox *aircraft_, *simulator_, *family_, *direction_, *edits_;
    QDoubleSpinBox* leastHours_;
    QWidget* leastHoursRow_;
    QCheckBox *keepMax_, *keepCentre_, *byUse_;
    std::array<QCheckBox*, 3> lock_{};                      ///< by axis
    std::array<std::array<QDoubleSpinBox*, 3>, 3> boxes_{}; ///< [axis][parameter]
    std::array<QLabel*, 3> names_{};                        ///< of the parameters
    std::array<CurvePlot*, 3> plots_{};
    QTableWidget* table_;
    QPushButton *read_, *apply_, *trial_, *csv_, *png_;
    Sections* sections_;
    AdvicePanel* advice_ = nullptr;
    PlanPanel* plan_ = nullptr;
    TimingPanel* timing_ = nullptr;
    FeelPanel* feel_ = nullptr;
    KeyboardSticks& keys_;
};

} // namespace bh::desk
