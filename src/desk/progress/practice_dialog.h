#pragma once

#include "school/session_import.h"

#include <QDialog>
#include <optional>
#include <string>

class QComboBox;
class QDateTimeEdit;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// The simulators to choose from, with "another program" first; `chosen` by its id.
void fillSimulators(QComboBox* box, const School& school, const std::string& chosen);
/// What a pilot looked at, with "screen or goggles?" first.
void fillViewings(QComboBox* box, Viewing chosen);

/// Practice that nobody measured here: entered by hand with a reason, or read from another program's table with its columns
/// named. Both are marked so on the record.
class PracticeDialog : public QDialog {
    Q_OBJECT
public:
    PracticeDialog(School& school, const std::string& pilot_id, QWidget* parent = nullptr);

public Q_SLOTS:
    void addByHand();
    void openTable(const QString& file);
    void addTable();

private:
    [[nodiscard]] QWidget* makeByHand();
    [[nodiscard]] QWidget* makeTable();
    void showTable();
    [[nodiscard]] PracticeColumns chosenColumns() const;

    School& school_;
    std::string pilot_id_;
    std::optional<PracticeTable> table_;
    std::string file_;
    QDateTimeEdit* started_;
    QDoubleSpinBox* minutes_;
    QComboBox *simulator_, *viewing_, *tableSimulator_;
    QLineEdit* reason_;
    QPushButton *add_, *addTable_;
    QLabel* said_;
    QComboBox *startedColumn_, *activeColumn_, *idleColumn_, *simulatorColumn_, *unit_;
    QTableWidget* preview_;
};

} // namespace bh::desk
