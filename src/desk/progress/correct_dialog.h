#pragma once

#include "core/logbook/logbook.h"

#include <QDialog>
#include <string>

class QComboBox;
class QDateTimeEdit;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;

namespace bh {
class School;
}

namespace bh::desk {

/// Corrects a session that was logged: when, how long, where, by whom. A reason is asked for, and the record keeps what stood
/// before.
class CorrectDialog : public QDialog {
    Q_OBJECT
public:
    CorrectDialog(School& school, const Session& session, QWidget* parent = nullptr);

private:
    void keep();
    School& school_;
    Session session_;
    QDateTimeEdit* started_;
    QDoubleSpinBox *active_, *idle_;
    QComboBox *simulator_, *viewing_, *pilot_;
    QLineEdit* reason_;
    QLabel* said_;
};

} // namespace bh::desk
