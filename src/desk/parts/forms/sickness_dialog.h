#pragma once

#include <QDialog>
#include <string>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// The sixteen questions, answered in a minute by the keys 0 to 3: each answers its line and goes on to the next.
class SicknessDialog : public QDialog {
    Q_OBJECT
public:
    SicknessDialog(School& school, const std::string& pilot_id, QWidget* parent = nullptr);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void answer(int value);
    void say();
    void keep();
    School& school_;
    std::string pilot_id_;
    std::vector<int> answers_; ///< −1: not answered yet
    QTableWidget* questions_;
    QComboBox *when_, *viewing_;
    QLabel *said_, *before_;
    QPushButton* keep_;
};

} // namespace bh::desk
