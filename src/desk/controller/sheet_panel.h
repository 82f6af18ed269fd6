#pragma once

#include "core/controller/settings_sheet.h"

#include <QPointer>
#include <QWidget>
#include <array>
#include <optional>

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace bh::desk {

class CardWindow;
class RecordStore;
class Station;
struct CardFacts;

/// Settings sheets: what has to be set in each simulator for the controller in use, what the simulator's conventions are,
/// and how an unknown one is learnt from what it showed.
class SheetPanel : public QWidget {
    Q_OBJECT
public:
    SheetPanel(RecordStore& store, Station& station, QWidget* parent = nullptr);
    void refresh();
    void chooseSimulator(const std::string& id);

public Q_SLOTS:
    void holdBeside();
    bool saveAsPdf(const QString& file); ///< asks for a place when the name is empty

private:
    [[nodiscard]] const SimulatorProfile* simulator() const;
    void showSimulator();
    void keepEdits();
    void addSimulator();
    void learnFromSeen();
    [[nodiscard]] std::optional<CardFacts> facts() const;
    [[nodiscard]] std::optional<Calibration> calibration() const;

    RecordStore& store_;
    Station& station_;
    QListWidget* list_;
    QLineEdit* newName_;
    QLabel* title_;
    QTableWidget* sheet_;
    QLabel* notes_;
    QPushButton *beside_, *pdf_;
    QSpinBox* base_;
    QComboBox* throttle_;
    QComboBox* arming_;
    std::array<QComboBox*, 4> rising_{};
    std::array<QComboBox*, 4> seen_{};
    QComboBox* middle_;
    QPushButton* learn_;
    QLabel* learnt_;
    QPointer<CardWindow> card_;
    bool filling_ = false;
};

} // namespace bh::desk
