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
class Station;
} // namespace bh

namespace bh::desk {

/// The chosen pilot's way through the drills: each with its stage, whether it is locked, open, due again or held, best and
/// last score, trend and what is missing; the next best one is marked. A locked stage can be opened with a reason.
class LadderPanel : public QWidget {
    Q_OBJECT
public:
    LadderPanel(School& school, Station& station, QWidget* parent = nullptr);
    [[nodiscard]] std::string chosen() const; ///< id of a drill, empty when there is none
    void choose(const std::string& id);
    void chooseNext();                 ///< the pilot's next best drill
    [[nodiscard]] bool locked() const; ///< the chosen drill's stage is
    void setBusy(bool busy);           ///< something flies: nothing is changed meanwhile

Q_SIGNALS:
    void drillChosen(); ///< another one, or clicked again

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    void refresh();
    void fitHeight();
    void refreshOpening();

    School& school_;
    Station& station_;
    QComboBox* curriculum_;
    QListWidget* list_;
    QWidget* opening_;
    QLabel* openingWords_;
    QLineEdit* reason_;
    QPushButton* open_;
    QLabel* habit_;
    bool busy_ = false;
};

} // namespace bh::desk
