#include "desk/shell/main_window.h"

#include "desk/board/board_page.h"
#include "desk/controller/controller_page.h"
#include "desk/drills/drills_page.h"
#include "desk/kit/kit_page.h"
#include "desk/logbook/logbook_page.h"
#include "desk/parts/hints.h"
#include "desk/parts/keyboard_sticks.h"
#include "desk/parts/record_store.h"
#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "desk/rates/rates_page.h"
#include "desk/setup/setup_page.h"
#include "desk/shell/apron.h"
#include "desk/shell/line_up.h"
#include "desk/shell/taxiway.h"

#include <QApplication>
#include <QBoxLayout>
#include <QShortcut>
#include <QStackedWidget>
#include <QUndoStack>
#include <algorithm>

namespace bh::desk {

MainWindow::MainWindow(RecordStore& store, Station& station, const QString& recordName) : store_(store), station_(station)
{
    setWindowTitle(tr("Blue Hangar"));
    setMinimumSize(1000, 640);
    resize(1280, 800);
    lineUp_ = new LineUp(store_, station_);
    taxiway_ = new Taxiway;
    auto* keys = new KeyboardSticks(station_.input(), this);
    board_ = new BoardPage(store_, station_);
    kit_ = new KitPage(store_, station_);
    controller_ = new ControllerPage(store_, station_, *keys);
    setup_ = new SetupPage(store_, station_);
    drills_ = new DrillsPage(store_, station_, *keys);
    logbook_ = new LogbookPage(store_, station_);
    rates_ = new RatesPage(store_, station_, *keys);
    apron_ = new Apron(store_, station_, recordName);
    pages_ = new QStackedWidget;
    pages_->setObjectName(QStringLiteral("pages"));
    const std::pair<const char*, QWidget*> pages[] = {{"Board", board_},  {"Kit", kit_},       {"Controller", controller_},
                                                      {"Set-up", setup_}, {"Drills", drills_}, {"Logbook", logbook_},
                                                      {"Rates", rates_}};
    for (int i = 0; i < PageCount; ++i) {
        marks_[i] = taxiway_->addPage(tr(pages[i].first));
        pages[i].second->setObjectName(QLatin1String("page") + QLatin1String(pages[i].first));
        pages_->addWidget(pages[i].second);
    }
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(taxiway_);
    right->addWidget(pages_, 1);
    auto* upper = new QHBoxLayout;
    upper->setSpacing(0);
    upper->addWidget(lineUp_);
    upper->addLayout(right, 1);
    auto* centre = new QWidget;
    auto* layout = new QVBoxLayout(centre);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(upper, 1);
    layout->addWidget(apron_);
    setCentralWidget(centre);

    connect(taxiway_, &Taxiway::chosen, this, [this](int page) { showPage(static_cast<Page>(page)); });
    connect(board_, &BoardPage::goTo, this, [this](PilotStanding::Go place) {
        if (place == PilotStanding::Go::Controller) showPage(Controller);
        if (place == PilotStanding::Go::Drills) showPage(Drills);
        if (place == PilotStanding::Go::Rates) showPage(Rates);
    });
    connect(setup_, &SetupPage::cardAsked, this, [this] {
        showPage(Controller);
        controller_->showSection(ControllerPage::Sheets);
    });
    connect(setup_, &SetupPage::flyAsked, this, [this](const std::string& world, Mode mode) {
        showPage(Drills);
        drills_->flyFreely(world, mode);
    });
    connect(drills_, &DrillsPage::wideToggled, this, [this] { lineUp_->setVisible(!lineUp_->isVisible()); });
    connect(apron_, &Apron::nightToggled, this, &MainWindow::toggleNight);
    connect(new QShortcut(QKeySequence(QStringLiteral("Ctrl+L")), this), &QShortcut::activated, this, &MainWindow::toggleNight);
    connect(new QShortcut(QKeySequence::Undo, this), &QShortcut::activated, store_.undoStack(), &QUndoStack::undo);
    connect(new QShortcut(QKeySequence::Redo, this), &QShortcut::activated, store_.undoStack(), &QUndoStack::redo);
    connect(kit_, &KitPage::progressChanged, this, &MainWindow::refreshMarks);
    connect(&store_, &RecordStore::changed, this, &MainWindow::refreshMarks);
    connect(&station_, &Station::pilotChosen, this, &MainWindow::refreshMarks);
    connect(&station_, &Station::deviceChosen, this, &MainWindow::refreshMarks);
    new Hints(this);
    showPage(Board);
    refreshMarks();
}

MainWindow::~MainWindow() { setup_->keep(); } // while every page still stands

void MainWindow::showPage(Page page)
{
    if (page != Drills) lineUp_->setVisible(true);
    pages_->setCurrentIndex(page);
    taxiway_->setCurrent(page);
}

void MainWindow::toggleNight()
{
    applyTheme(*qApp, !theme().night);
    Q_EMIT store_.changed(); // colours that pages keep are asked for again
    update();
}

void MainWindow::refreshMarks()
{
    int need = 0;
    for (const PilotRow& p : store_.pilots()) need += store_.standing(p.id).needs_attention;
    marks_[Board]->setMark(need > 0 ? StateMark::Due : StateMark::Done,
                           need > 0 ? tr("%1 pilots need a look").arg(need) : tr("Nobody needs a look"));
    const auto [ticked, items] = kit_->progress();
    marks_[Kit]->setMark(items == 0        ? StateMark::None
                         : ticked == items ? StateMark::Done
                                           : StateMark::Due,
                         items == 0 ? tr("No pilot chosen") : tr("%1 of %2 ticked").arg(ticked).arg(items));
    const bool ready = station_.controllerState() == Station::Controller::Ready;
    marks_[Controller]->setMark(ready ? StateMark::Done : StateMark::Due,
                                ready ? tr("The controller in use is calibrated and verified")
                                      : tr("The controller in use is not ready"));
    const bool set_up = store_.setupAt(station_.pilotId()).has_value();
    marks_[Setup]->setMark(station_.pilotId().empty() ? StateMark::None
                           : set_up                   ? StateMark::Done
                                                      : StateMark::Due,
                           set_up ? tr("The aircraft is set up") : tr("No real aircraft, camera and power chosen yet"));
    const PilotStanding& s = store_.standing(station_.pilotId());
    const bool all_held =
        !s.stages.empty() && std::all_of(s.stages.begin(), s.stages.end(), [](StageState x) { return x == StageState::Held; });
    const bool pilot = !station_.pilotId().empty();
    marks_[Drills]->setMark(!pilot     ? StateMark::None
                            : all_held ? StateMark::Done
                                       : StateMark::Due,
                            !pilot     ? tr("No pilot chosen")
                            : all_held ? tr("Every stage is held")
                                       : tr("Next: %1").arg(QString::fromStdString(s.next_reason)));
    const auto own = store_.setup(station_.pilotId());
    const std::string stale = store_.matchStale(station_.pilotId());
    const auto real = own ? store_.ratesOf(own->real_aircraft) : std::nullopt;
    constexpr double near_dps = 15; // house: less is not felt
    const bool near = real && difference(real->roll, own->rates.roll).rms_dps <= near_dps &&
                      difference(real->pitch, own->rates.pitch).rms_dps <= near_dps;
    marks_[Rates]->setMark(!pilot || !own          ? StateMark::None
                           : near && stale.empty() ? StateMark::Done
                                                   : StateMark::Due,
                           !pilot || !own   ? tr("No aircraft chosen on the Set-up page")
                           : !real          ? tr("The real aircraft's rates are not known yet")
                           : !stale.empty() ? QString::fromStdString(stale)
                           : near           ? tr("Practised on the real aircraft's rates")
                                            : tr("Practice rates differ from the real aircraft's"));
    const bool recent = s.last_practice_day && store_.today() - *s.last_practice_day <= 7;
    marks_[Logbook]->setMark(recent ? StateMark::Done : StateMark::None,
                             recent ? tr("Practised within the last 7 days") : tr("No practice within the last 7 days"));
}

} // namespace bh::desk
