#pragma once

#include "core/controller/grip_trial.h"
#include "desk/parts/speech/spoken_view.h"

#include <QTimer>
#include <QWidget>
#include <optional>

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// The ring of targets and the cursor that the stick drives.
class TappingView : public SpokenView {
    Q_OBJECT
public:
    explicit TappingView(QWidget* parent = nullptr);
    void show(const TappingRun* run, QPointF cursor);
    [[nodiscard]] QString inWords() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const TappingRun* run_ = nullptr;
    QPointF cursor_;
};

/// Grip trial: a tapping task with the right stick for each way to hold it, kept on the pilot, with an honest verdict.
class GripPanel : public QWidget {
    Q_OBJECT
public:
    GripPanel(School& school, Station& station, QWidget* parent = nullptr);
    void refresh();
    static constexpr double circle_share = 0.6; ///< radius of the targets' circle, share of the stick's travel
    static constexpr int targets = 11;

public Q_SLOTS:
    void startRound();
    void stopRound();

protected:
    void hideEvent(QHideEvent*) override { stopRound(); }

private:
    void look();
    School& school_;
    Station& station_;
    QLabel* words_;
    QComboBox* grip_;
    QPushButton *start_, *stop_;
    TappingView* view_;
    QTableWidget* table_;
    QLabel* verdict_;
    std::optional<TappingRun> run_;
    QTimer timer_;
};

} // namespace bh::desk
