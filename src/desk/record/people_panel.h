#pragma once

#include <QWidget>
#include <string>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace bh {
class Lock;
class School;
} // namespace bh

namespace bh::desk {

/// Coordinators and instructors, who unlock the station with a passphrase, and what each role may do.
class PeoplePanel : public QWidget {
    Q_OBJECT
public:
    PeoplePanel(School& school, Lock& lock, QWidget* parent = nullptr);

private:
    void refresh();
    void add();
    void changePassphrase();
    void retire();
    void say(const QString& words);
    [[nodiscard]] std::string chosen() const;
    School& school_;
    Lock& lock_;
    QLabel* state_;
    QLabel* said_;
    QTableWidget* people_;
    QLineEdit* name_;
    QComboBox* role_;
    QLineEdit* passphrase_;
    QLineEdit* again_;
    QPushButton* add_;
    QPushButton* change_;
    QPushButton* retire_;
    QPushButton* none_;
};

} // namespace bh::desk
