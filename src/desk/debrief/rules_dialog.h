#pragma once

#include "files/documents/coaching_document.h"

#include <QDialog>
#include <string>

class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// The coaching rules with how often each helped over all pilots; words and limits can be changed, with a version.
class RulesDialog : public QDialog {
    Q_OBJECT
public:
    explicit RulesDialog(School& school, QWidget* parent = nullptr);

private:
    void fill();
    void choose(int row);
    void keep();
    School& school_;
    std::string rule_;
    QLabel *head_, *said_, *target_name_ = nullptr;
    QTableWidget* table_;
    QLineEdit *cause_, *change_;
    QSpinBox *at_least_, *flights_, *of_;
    QDoubleSpinBox *target_, *gain_, *improves_;
    QPushButton* keep_;
};

} // namespace bh::desk
