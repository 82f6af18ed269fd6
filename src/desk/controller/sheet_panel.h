#pragma once

#include "core/controller/settings_sheet.h"

#include <QPointer>
#include <QWidget>
#include <optional>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class CardWindow;
class LearnForm;
class Sections;
class SimulatorEditor;
struct CardFacts;

/// Settings sheets: what has to be set in each simulator for the controller in use, what the simulator's conventions are,
/// and how an unknown one is learnt from what it showed.
class SheetPanel : public QWidget {
    Q_OBJECT
public:
    SheetPanel(School& school, Station& station, QWidget* parent = nullptr);
    void refresh();
    void chooseSimulator(const std::string& id);
    [[nodiscard]] QStringList setupOnCard() const; ///< what the pilot's set-up adds to the card

public Q_SLOTS:
    void holdBeside();
    bool saveAsPdf(const QString& file); ///< asks for a place when the name is empty

private:
    QLayout* makeSheet();
    [[nodiscard]] const SimulatorProfile* simulator() const;
    void showSimulator();
    void addSimulator();
    void learnFromSeen();
    [[nodiscard]] std::optional<CardFacts> facts() const;
    [[nodiscard]] std::optional<Calibration> calibration() const;

    School& school_;
    Station& station_;
    QListWidget* list_;
    QLineEdit* newName_;
    QLabel* title_;
    QTableWidget* sheet_;
    QLabel* notes_;
    QPushButton *beside_, *pdf_;
    QLabel* saved_;
    Sections* sides_;
    SimulatorEditor* editor_;
    LearnForm* learn_;
    QPointer<CardWindow> card_;
    bool filling_ = false;
};

} // namespace bh::desk
