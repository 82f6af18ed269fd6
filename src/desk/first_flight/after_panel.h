#pragma once

#include "core/progress/surprises.h"

#include <QWidget>
#include <array>
#include <string>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;
class QVBoxLayout;

namespace bh {
class School;
}

namespace bh::desk {

/// After a first flight: what surprised, how it went, what broke; what to practise for it next; and what surprised everybody who
/// has flown, against what they had practised.
class AfterPanel : public QWidget {
    Q_OBJECT
public:
    explicit AfterPanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id);

Q_SIGNALS:
    void practiceAsked(bh::Surprise surprise); ///< the condition, drill or change that helps

private:
    void keep();
    void refresh();
    void showRemedies();
    School& school_;
    std::string pilot_id_;
    std::array<QCheckBox*, surprise_count> surprised_{};
    QSpinBox* packs_;
    QLineEdit *went_, *broke_;
    QPushButton* keep_;
    QLabel* told_;
    QVBoxLayout* remedies_;
    QTableWidget* everybody_;
};

} // namespace bh::desk
