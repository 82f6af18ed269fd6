#pragma once

#include "desk/parts/background.h"
#include "school/views/week_plan.h"

#include <QStringList>
#include <QWidget>
#include <memory>

class QBoxLayout;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace bh {
class Station;
}

namespace bh::desk {

class WeekGrid;

/// Who flies when: the week planned, moved by hand, locked, published, handed out; and whoever could not be placed, with the
/// reason.
class WeekPanel : public QWidget {
    Q_OBJECT
public:
    WeekPanel(School& school, Station& station, QWidget* parent = nullptr);
    [[nodiscard]] const std::string& week() const { return week_; }
    void showWeek(const std::string& week);
    void plan(); ///< in the background
    [[nodiscard]] bool planning() const { return planning_.running(); }
    void moveBlock(const PlannedBlock& from, const std::string& bay, const std::string& day, int start_min);
    [[nodiscard]] QString onPaperNow() const; ///< HTML, for the door

protected:
    void showEvent(QShowEvent*) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    [[nodiscard]] QLayout* makeHead();
    [[nodiscard]] QLayout* makeFoot();
    void go(int weeks);
    void refresh();
    void fill();
    void arrange();
    void say(const QString& words);
    void tell();
    void showWaiting();
    void keepPlan(const WeekAsked& asked, const WeekPlan& plan);
    void toggleLock();
    void removeBlock();
    void toggleClosed();
    void handOut();
    School& school_;
    Station& station_;
    std::string week_;
    Background planning_;
    QLabel *name_, *said_, *chosen_, *waitingTitle_, *waiting_;
    QPushButton *plan_, *stop_, *bays_, *publish_, *lock_, *remove_, *closed_;
    WeekGrid* grid_;
    QBoxLayout* body_;
    QStringList waitingLines_;
    bool stale_ = true;
};

} // namespace bh::desk
