#pragma once

#include "core/rates/rate_match.h"

#include <QWidget>
#include <array>
#include <optional>
#include <vector>

class QCheckBox;
class QComboBox;
class QCPItemLine;
class QCustomPlot;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh::desk {

class RecordStore;
class Station;

/// Makes the simulator turn like the real aircraft: the aircraft's own curves, what the pilot practises on now, and the nearest
/// that the simulator can be set to, axis by axis.
class RatesPage : public QWidget {
    Q_OBJECT
public:
    RatesPage(RecordStore& store, Station& station, QWidget* parent = nullptr);
    /// The match as it stands, by axis (roll, pitch, yaw); nothing where it is locked or cannot be made.
    [[nodiscard]] const std::array<std::optional<RateMatch>, 3>& matches() const { return matches_; }

public Q_SLOTS:
    void apply();               ///< the pilot practises on the match from now on; undone like any edit
    /// The real aircraft's rates from a rates file (.json), or found from a flight log in acro (.csv); says what came of it. Undone
    /// like any edit.
    void readRates(const QString& file);
    bool saveTable(const QString& file) const; ///< a table of the curves (.csv), or the match as a rates file (.json)
    bool savePicture(const QString& file);

protected:
    void showEvent(QShowEvent*) override;

private:
    void build(); ///< when it is first looked at
    void refresh(); ///< at once when it is looked at, otherwise when it is next
    void rematch();
    void fillForm();
    void realEdited();
    void familyChosen();
    void showPlots();
    void showTable();
    void moveCursors();
    [[nodiscard]] RateProfile practised() const;
    void readStickUse();

    RecordStore& store_;
    Station& station_;
    bool filling_ = false, stale_ = true, ofPilot_ = true; ///< another pilot was chosen: the aircraft follows
    std::string useOf_; ///< pilot and newest attempt that use_ is from
    RateProfile real_;
    std::array<std::optional<RateMatch>, 3> matches_;
    std::array<std::vector<double>, 3> use_; ///< of the sticks, from the pilot's newest flights; empty: not flown yet
    QLabel *title_ = nullptr, *words_ = nullptr;
    QComboBox *aircraft_, *simulator_, *family_;
    QCheckBox *keepMax_, *keepCentre_, *byUse_, *lockYaw_;
    std::array<std::array<QDoubleSpinBox*, 3>, 3> boxes_{}; ///< [axis][parameter]
    std::array<QLabel*, 3> names_{};                        ///< of the parameters
    std::array<QCustomPlot*, 3> plots_{};
    std::array<QCPItemLine*, 3> cursors_{};
    std::array<QLabel*, 3> readings_{};
    QTableWidget* table_;
    QPushButton *read_, *apply_, *csv_, *png_;
};

} // namespace bh::desk
