#pragma once

#include "core/base/result.h"
#include "school/views/beginning.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;
class QRadioButton;

namespace bh {
class DataFolder;
class Lock;
} // namespace bh

namespace bh::desk {

/// Before there is a record: what the school is called, by which school of teaching it teaches, and whether a passphrase guards
/// what is shared. Or the record is somewhere else already, or somebody only wants to look.
class FirstStart : public QDialog {
    Q_OBJECT
public:
    enum class Choice { Begin, Elsewhere, Demo };
    FirstStart(const DataFolder& documents, QWidget* parent = nullptr);
    [[nodiscard]] Choice choice() const { return choice_; }
    /// Puts the answers on the record that was begun.
    [[nodiscard]] Result<void> keepOn(School& school, Lock& lock) const;

private:
    void choose(Choice choice);
    [[nodiscard]] QLayout* makeQuestions(const DataFolder& documents);
    QLineEdit *name_, *person_, *passphrase_, *again_;
    QComboBox* teaching_;
    QRadioButton *open_, *guarded_;
    QLabel* said_;
    Choice choice_ = Choice::Begin;
};

} // namespace bh::desk
