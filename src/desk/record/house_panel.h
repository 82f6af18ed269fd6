#pragma once

#include <QWidget>
#include <string>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// Every limit that is the house's or common practice, on one page: what it is, what it usually is and why, who changed it and
/// when. Changed with a reason, undone, printed.
class HousePanel : public QWidget {
    Q_OBJECT
public:
    explicit HousePanel(School& school, QWidget* parent = nullptr);
    [[nodiscard]] QString onPaperNow() const; ///< HTML, see saveOnPaper()

Q_SIGNALS:
    void marksAsked();    ///< to be changed, where drills are edited
    void coachingAsked(); ///< to be changed, where coaching rules are edited

private:
    enum Column { Rule, Now, Usual, Why, Changed, ColumnCount };
    void refresh();
    void choose();
    void keep(double value);
    [[nodiscard]] double wanted() const; ///< what the chosen rule is to be
    void addLimits();
    void addMarks();
    void addCoaching();
    void addRow(const QStringList& cells, const QString& group, const QString& id);
    [[nodiscard]] std::string chosen() const; ///< id of a limit; empty: none, or not one that is changed here
    School& school_;
    QLabel *about_, *said_;
    QComboBox *group_, *choice_;
    QTableWidget* rules_;
    QDoubleSpinBox* value_;
    QLineEdit* reason_;
    QPushButton *keep_, *usual_, *marks_, *coaching_;
};

} // namespace bh::desk
