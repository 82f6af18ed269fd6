#pragma once

#include "desk/parts/background.h"

#include "desk/debrief/looked_at.h"

#include <QElapsedTimer>
#include <QTimer>
#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QStackedWidget;
class QTabWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class AdvisedPanel;
class BeginCard;
class ComparePanel;
class FindingsPanel;
class HabitsPanel;
class ImportDialog;
class NotesPanel;
class PlanView;
class ReplayView;
class TimeLanes;
class VideoView;

/// From any flight to the one thing to change: its sticks, its way and its picture on one cursor, what was found in it, and what
/// to change. Plays from a quarter to four times its pace. Practice in other programs is looked at by its sticks, beside a screen
/// recording where there is one.
class DebriefPage : public QWidget {
    Q_OBJECT
public:
    DebriefPage(School& school, Station& station, QWidget* parent = nullptr);
    ~DebriefPage() override;
    void look(const std::string& attempt_id);        ///< at a flight that was kept
    void lookOutside(const std::string& session_id); ///< at practice in another program
    bool open(const QString& file);                  ///< a flight log CSV; false, and said, where it cannot be read
    void import(const QString& file);                ///< any table: asks which column is what
    bool savePaper(const QString& file);             ///< PDF or PNG
    void layBeside(const QString& video);            ///< a screen recording, beside the session that is looked at
    [[nodiscard]] const LookedAt* lookedAt() const { return looked_at_ ? &*looked_at_ : nullptr; }
    [[nodiscard]] const Debrief* debrief() const { return looked_at_ ? &looked_at_->found : nullptr; }
    [[nodiscard]] bool playing() const { return timer_.isActive(); }
    enum Tab { Found, Compare, Advised, Habits, Notes };
    void showTab(Tab tab);

public Q_SLOTS:
    void play(); ///< or pause
    void step(int rows);

protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void makeTop();
    void makePlaying();
    [[nodiscard]] QWidget* makeSide();
    void fillFlights();
    void show(LookedAt looked_at);
    void showFile(LookedAt flight);
    void showFlight();
    void showFound(Debrief found);
    void showNothing(const QString& title, const QString& what);
    void forget();
    void showTabNow();
    void goTo(int finding);
    void goAround(double from_s, double to_s);
    void moveTo(double t_s);
    void tick();
    void nudge(double seconds);

    School& school_;
    Station& station_;
    std::optional<LookedAt> looked_at_;
    std::string awaited_; ///< an attempt whose log is on its way here
    QComboBox *flights_, *pace_, *rate_;
    QPushButton *open_, *play_, *paper_, *beside_;
    QDoubleSpinBox* offset_;
    QLabel *title_, *time_, *said_;
    PlanView* plan_;
    VideoView* video_;
    QStackedWidget* picture_; ///< from above, or the screen recording
    ReplayView* replay_;
    TimeLanes* lanes_;
    BeginCard* begin_;
    QTabWidget* tabs_;
    FindingsPanel* findings_;
    ComparePanel* compare_;
    AdvisedPanel* advised_;
    HabitsPanel* habits_;
    NotesPanel* notes_;
    Background finder_; ///< looks through a long flight beside the window
    QTimer timer_;
    QElapsedTimer clock_;
    std::optional<double> stops_at_s_;
    bool stale_ = true;
};

} // namespace bh::desk
