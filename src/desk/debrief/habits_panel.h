#pragma once

#include "core/debrief/habits.h"
#include "desk/parts/speech/spoken_view.h"

#include <QWidget>
#include <string>

class QComboBox;
class QLabel;

namespace bh {
class School;
}

namespace bh::desk {

/// Small multiples: one for each kind of finding, flight by flight, the newest at right; hatched where it was at fault.
class HabitsView : public SpokenView {
    Q_OBJECT
public:
    explicit HabitsView(const School& school, QWidget* parent = nullptr);
    void show(std::vector<Habit> habits);
    [[nodiscard]] QString inWords() const override;
    [[nodiscard]] const std::vector<Habit>& shown() const { return habits_; }
    [[nodiscard]] QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent* event) override; ///< a habit's whole story, where the mouse rests

private:
    [[nodiscard]] QString story(const Habit& habit) const;
    const School& school_;
    std::vector<Habit> habits_;
};

/// A pilot's habits over the last flights, with the grip beside rocking.
class HabitsPanel : public QWidget {
    Q_OBJECT
public:
    explicit HabitsPanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id);
    [[nodiscard]] const std::vector<Habit>& habits() const { return view_->shown(); }

private:
    School& school_;
    std::string pilot_id_;
    QComboBox* over_;
    QLabel *said_, *grip_;
    HabitsView* view_;
};

} // namespace bh::desk
