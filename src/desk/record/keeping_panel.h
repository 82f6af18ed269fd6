#pragma once

#include <QWidget>
#include <string>

class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace bh {
class Lock;
class School;
} // namespace bh

namespace bh::desk {

/// Pilots who have left: for how long their names are kept, who is beyond that, and erasing them.
class KeepingPanel : public QWidget {
    Q_OBJECT
public:
    KeepingPanel(School& school, Lock& lock, QWidget* parent = nullptr);

    void handOut(const QString& file); ///< everything about the chosen pilot

private:
    void refresh();
    void erase();
    [[nodiscard]] std::string chosen() const;
    School& school_;
    QSpinBox* months_;
    QLabel* state_;
    QLabel* said_;
    QTableWidget* archived_;
    QLineEdit* why_;
    QPushButton* erase_;
    QPushButton *back_, *give_;
};

} // namespace bh::desk
