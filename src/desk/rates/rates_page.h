#pragma once

#include "desk/rates/rates_context.h"

#include <QWidget>
#include <array>
#include <optional>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class Station;
}

namespace bh::desk {

class AdvicePanel;
class CurvePlot;
class FeelPanel;
class JudgePanel;
class KeyboardSticks;
class PlanPanel;
class RateForm;
class Sections;
class TimingPanel;

/// Makes the simulator turn like the real aircraft, or the other way round: both sides' curves and the nearest that the one that
/// changes can be set to, axis by axis; advice, a change plan in test flights, a stopwatch for unknown rates, and flights that
/// let the hand feel the difference.
class RatesPage : public QWidget {
    Q_OBJECT
public:
    RatesPage(School& school, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
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
    void build(); ///< when it is first looked at
    [[nodiscard]] QWidget* buildSide();
    void buildOptions();
    void buildButtons();
    void buildSections();
    [[nodiscard]] QWidget* buildMatch();
    void refresh(); ///< at once when it is looked at, otherwise when it is next
    void fillSides();
    void showForm();
    void rematch();
    [[nodiscard]] MatchQuestion question() const;
    void keepEdited(const RateProfile& changed);
    void tellPanels();
    void tellTitle();
    [[nodiscard]] QString howItStands() const;
    [[nodiscard]] bool editsPractised() const;
    void showPlots();
    void moveCursors();
    void readStickUse();

    School& school_;
    Station& station_;
    KeyboardSticks& keys_;
    bool filling_ = false, stale_ = true, ofPilot_ = true; ///< another pilot was chosen: the aircraft follows
    std::string useOf_;                                    ///< pilot, newest attempt and session that use_ is from
    RatesContext context_;
    StickHistory use_;
    QLabel *title_ = nullptr, *words_ = nullptr;
    QComboBox *aircraft_ = nullptr, *simulator_ = nullptr, *direction_ = nullptr, *edits_ = nullptr;
    RateForm* form_ = nullptr;
    QDoubleSpinBox* leastHours_ = nullptr;
    QWidget* leastHoursRow_ = nullptr;
    QCheckBox *keepMax_ = nullptr, *keepCentre_ = nullptr, *byUse_ = nullptr;
    std::array<QCheckBox*, 3> lock_{}; ///< by axis
    std::array<CurvePlot*, 3> plots_{};
    QTableWidget* table_ = nullptr;
    QPushButton *read_ = nullptr, *apply_ = nullptr, *trial_ = nullptr, *csv_ = nullptr, *png_ = nullptr;
    Sections* sections_ = nullptr;
    AdvicePanel* advice_ = nullptr;
    PlanPanel* plan_ = nullptr;
    TimingPanel* timing_ = nullptr;
    FeelPanel* feel_ = nullptr;
    JudgePanel* judge_ = nullptr;
};

} // namespace bh::desk
