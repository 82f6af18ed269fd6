#pragma once

#include "core/progress/surprises.h"
#include "school/values/marks.h"

#include <QMainWindow>

class QHBoxLayout;
class QStackedWidget;

namespace bh {
class Lock;
class RecordWatch;
class Station;
} // namespace bh

namespace bh::desk {

class StatusBar;
class BoardPage;
class ControllerPage;
class DebriefPage;
class DrillsPage;
class FirstFlightPage;
class SetupPage;
class KeyboardSticks;
class KitPage;
class Roster;
class ProgressPage;
class RatesPage;
class PageBar;
class PageBarButton;

/// The frame: the roster of pilots, the bar of pages, the page, and the status bar.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Page { Board, Kit, Controller, Setup, Rates, Drills, Debrief, Progress, FirstFlight, PageCount }; ///< the order of work
    MainWindow(School& school, Station& station, const QString& recordName);
    ~MainWindow() override;
    void showPage(Page page);
    void showBoard(const QString& section); ///< "today", "week" or "room"
    void watch(RecordWatch& watch);         ///< shows when the record was verified last, and what was wrong
    /// What a page is called on the page bar, and the handbook's page about it.
    [[nodiscard]] static QString pageName(Page page);
    [[nodiscard]] static QString pageKey(Page page);  ///< the same in every language
    [[nodiscard]] static QString helpPage(Page page); ///< of the handbook: "set-up"
    void showHelp(const QString& page = {});          ///< empty: of the page in sight
    void say(const QString& sentence);                ///< at the foot of the window
    /// The pilot and the page that were in sight when this record was last looked at here; from now on they are remembered.
    void goBackToLastTime();
    void showRecord(int section = 0); ///< all about the record, see RecordWindow::Section
    /// What a start finds to be settled: who may do what, on a record that nobody has used yet, and flights that were cut short.
    void askWhatIsOpen();
    [[nodiscard]] Lock& lock() { return *lock_; }
    [[nodiscard]] DrillsPage* drillsPage() { return drills_; }
    [[nodiscard]] DebriefPage* debriefPage() { return debrief_; }
    [[nodiscard]] SetupPage* setupPage() { return setup_; }
    [[nodiscard]] ProgressPage* progressPage() { return progress_; }
    [[nodiscard]] FirstFlightPage* firstFlightPage() { return firstFlight_; }
    [[nodiscard]] RatesPage* ratesPage() { return rates_; }
    [[nodiscard]] ControllerPage* controllerPage() { return controller_; }

public Q_SLOTS:
    void toggleNight();
    void toggleLock();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void connectPages();
    void layBeside(Page shown);
    void sayWhenTheClockIsWrong();
    void sayWhatCannotBeRead();
    void guard();
    void drawAnew();
    void showEvidence(const std::string& gate);
    void practise(Surprise surprise);
    void refreshMarks();
    void refreshTitle();
    [[nodiscard]] static QString ratesInWords(const RatesMark& mark);
    School& school_;
    Station& station_;
    Roster* roster_;
    PageBar* pageBar_;
    QStackedWidget* pages_;
    QHBoxLayout* pagesRow_; ///< the pages, and what stands beside them in a wide window
    QWidget* debriefAway_;  ///< keeps its place among the pages meanwhile
    PageBarButton* marks_[PageCount];
    BoardPage* board_;
    KitPage* kit_;
    ControllerPage* controller_;
    SetupPage* setup_;
    DrillsPage* drills_;
    DebriefPage* debrief_;
    ProgressPage* progress_;
    RatesPage* rates_;
    FirstFlightPage* firstFlight_;
    StatusBar* statusBar_;
    Lock* lock_;
    RecordWatch* recordWatch_ = nullptr;
    bool remembersPlace_ = false;
};

} // namespace bh::desk
