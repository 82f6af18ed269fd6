#pragma once

#include "core/controller/calibration.h"

#include <QWidget>
#include <optional>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh::desk {

class KeyboardSticks;
class RecordStore;
class Station;
class StickView;
class PromptList;

/// Live sticks, calibration by a checklist that ticks itself, and what was found per axis.
class ControllerPage : public QWidget {
    Q_OBJECT
public:
    ControllerPage(RecordStore& store, Station& station, KeyboardSticks& keys, QWidget* parent = nullptr);
    [[nodiscard]] bool calibrating() const { return watch_.has_value(); }

public Q_SLOTS:
    void startCalibration();
    void cancelCalibration();

protected:
    void showEvent(QShowEvent*) override;

private:
    void refreshDevices();
    void refreshSticks();
    void refreshResult();
    void takeSamples();
    void nextPrompt();
    void finish();
    void dragged(bool left, QPointF position);
    void say(const QString& sentence);

    RecordStore& store_;
    Station& station_;
    QComboBox* devices_;
    QPushButton* start_;
    QPushButton* cancel_;
    QLabel* message_;
    StickView* left_;
    StickView* right_;
    PromptList* prompts_;
    QTableWidget* table_;
    QLabel* foot_;
    std::optional<PromptWatch> watch_;
    std::size_t prompt_ = 0;
    std::vector<int> rest_counts_;
    ControllerRecording recording_;
    std::optional<Calibration> failed_; ///< last calibration that found problems, shown until the next one
    class QTimer* sampler_;
};

} // namespace bh::desk
