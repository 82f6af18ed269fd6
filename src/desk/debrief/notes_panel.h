#pragma once

#include <QWidget>
#include <string>

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace bh {
class School;
}

namespace bh::desk {

/// What coordinator and pilot wrote down about a flight, dated.
class NotesPanel : public QWidget {
    Q_OBJECT
public:
    explicit NotesPanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id, const std::string& attempt_id); ///< no attempt: it cannot be noted about

private:
    void add();
    School& school_;
    std::string pilot_id_, attempt_id_;
    QLabel* said_;
    QListWidget* list_;
    QComboBox* by_;
    QLineEdit* text_;
    QPushButton* add_;
};

} // namespace bh::desk
