#pragma once

#include "desk/parts/background.h"

#include "files/flights/flight_import.h"

#include <QDialog>
#include <memory>
#include <optional>

class QCheckBox;
class QComboBox;
class QDateTimeEdit;
class QDoubleSpinBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// A flight from another program's table: which column is what, in which unit and with which sign, shown on the first rows, and
/// known again by the heads. Read beside the window, which can be stopped.
class ImportDialog : public QDialog {
    Q_OBJECT
public:
    ImportDialog(School& school, const std::string& pilot_id, QWidget* parent = nullptr);
    ~ImportDialog() override;
    bool openTable(const QString& file); ///< false, and said, where it is none
    /// What was read, to be looked at; null before.
    [[nodiscard]] std::shared_ptr<const FlightLog> flight() const { return flight_; }
    [[nodiscard]] std::string keptAs() const { return kept_as_; } ///< attempt; empty: it is only looked at
    [[nodiscard]] QString fileName() const;
    [[nodiscard]] bool reading() const { return reader_.running(); }

public Q_SLOTS:
    void read(bool keep);
    void stop();
    void reject() override;

Q_SIGNALS:
    void done();

private:
    [[nodiscard]] QWidget* makeValues();
    void showMapping();
    void say();
    [[nodiscard]] FlightMapping mapping() const;
    void finished(Result<FlightLog> log, bool keep);
    struct Row {
        QComboBox *column, *unit;
        QCheckBox* turned;
        QLabel* first; ///< what the first row becomes
    };
    School& school_;
    std::string pilot_id_;
    QString file_;
    std::optional<TableHead> head_;
    std::vector<Row> rows_;
    QComboBox* rotation_;
    QDoubleSpinBox* per_s_;
    QDateTimeEdit* when_;
    QTableWidget* preview_;
    QLabel *said_, *unknown_;
    QProgressBar* progress_;
    QPushButton *look_, *keep_, *stop_;
    Background reader_;
    std::shared_ptr<const FlightLog> flight_;
    std::string kept_as_;
};

} // namespace bh::desk
