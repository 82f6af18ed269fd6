#pragma once

#include "core/progress/standing.h"

#include <QMainWindow>

class QStackedWidget;

namespace bh::desk {

class Apron;
class BoardPage;
class ControllerPage;
class DrillsPage;
class KeyboardSticks;
class LineUp;
class LogbookPage;
class RecordStore;
class Station;
class Taxiway;
class TaxiwayButton;

/// The frame: line-up, taxiway, the page, apron.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    enum Page { Board, Controller, Drills, Logbook };
    MainWindow(RecordStore& store, Station& station, const QString& recordName);
    void showPage(Page page);
    [[nodiscard]] DrillsPage* drillsPage() { return drills_; }
    [[nodiscard]] ControllerPage* controllerPage() { return controller_; }

public Q_SLOTS:
    void toggleNight();

private:
    void refreshMarks();
    RecordStore& store_;
    Station& station_;
    LineUp* lineUp_;
    Taxiway* taxiway_;
    QStackedWidget* pages_;
    TaxiwayButton* marks_[4];
    BoardPage* board_;
    ControllerPage* controller_;
    DrillsPage* drills_;
    LogbookPage* logbook_;
    Apron* apron_;
};

} // namespace bh::desk
