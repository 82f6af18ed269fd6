#include "desk/shell/window/menu.h"

#include "desk/parts/forms/command.h"
#include "desk/parts/forms/preferences.h"
#include "desk/record/record_window.h"
#include "desk/shell/acts/brought_file.h"
#include "desk/shell/acts/copying.h"
#include "desk/shell/start/start_page.h"
#include "desk/shell/window/about_window.h"
#include "desk/shell/window/command_list.h"
#include "desk/shell/window/keys_window.h"
#include "desk/shell/window/main_window.h"
#include "desk/shell/window/preferences_window.h"
#include "school/school.h"
#include "station/station.h"

#include <QApplication>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QStackedWidget>
#include <QWhatsThis>

namespace bh::desk {
namespace {

/// A window that stays until somebody closes it; one of a kind.
template <class Window, class... Args>
void showOne(QWidget& parent, Args&&... args)
{
    auto* window = parent.findChild<Window*>();
    if (!window) {
        window = new Window(std::forward<Args>(args)..., &parent);
        window->setAttribute(Qt::WA_DeleteOnClose);
    }
    window->show();
    window->raise();
    window->activateWindow();
}

} // namespace

Menu::Menu(MainWindow& window, School& school, Station& station)
    : QObject(&window), window_(window), school_(school), station_(station), bar_(window.menuBar())
{
    bar_->setObjectName(QStringLiteral("menu"));
    bar_->setAccessibleName(tr("Menu"));
    bar_->setNativeMenuBar(false);
    makeRecord(*bar_->addMenu(tr("&Record")));
    makeEdit(*bar_->addMenu(tr("&Edit")));
    makeView(*bar_->addMenu(tr("&View")));
    makePilot(*bar_->addMenu(tr("&Pilot")));
    QMenu* here = bar_->addMenu(tr("Th&is page"));
    connect(here, &QMenu::aboutToShow, this, [this, here] { fillHere(*here); });
    // Left alone, an action of a menu would work by key on every page.
    connect(
        here, &QMenu::aboutToHide, this, [here] { here->clear(); }, Qt::QueuedConnection);
    makeHelp(*bar_->addMenu(tr("&Help")));
    const auto show = [this] { bar_->setVisible(preferences().menuShown()); };
    connect(&preferences(), &Preferences::changed, this, show);
    show();
}

void Menu::makeRecord(QMenu& menu)
{
    menu.addAction(
        command(&window_, "record-open", tr("New or open …"), QKeySequence(QKeySequence::Open), [this] { openAnother(); }));
    QMenu* recent = menu.addMenu(tr("Open recent"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { fillRecent(*recent); });
    menu.addSeparator();
    menu.addAction(command(&window_, "record-backup", tr("Back up …"), {}, [this] { pressOnRecord("recordBackup"); }));
    menu.addAction(command(&window_, "record-export", tr("Export …"), {}, [this] { pressOnRecord("recordExport"); }));
    menu.addAction(command(&window_, "record-print", tr("This page on paper …"), QKeySequence(QKeySequence::Print),
                           [this] { printPage(); }));
    menu.addSeparator();
    menu.addAction(command(&window_, "record-all", tr("State, people, keeping, house"), QKeySequence(QStringLiteral("Ctrl+I")),
                           [this] { window_.showRecord(); }));
    menu.addAction(command(&window_, "quit", tr("Leave"), QKeySequence(QStringLiteral("Ctrl+Q")), [this] { window_.close(); }));
}

void Menu::makeEdit(QMenu& menu)
{
    menu.addAction(command(&window_, "undo", tr("Undo"), QKeySequence(QKeySequence::Undo), [this] { school_.undo(); }));
    menu.addAction(command(&window_, "redo", tr("Redo"), QKeySequence(QKeySequence::Redo), [this] { school_.redo(); }));
    menu.addSeparator();
    menu.addAction(command(&window_, "copy", tr("Copy the table"), QKeySequence(QKeySequence::Copy), [this] {
        if (!copyTable(QApplication::focusWidget()))
            window_.say(tr("Choose a table or a list first: it is copied with its heads."));
    }));
    menu.addAction(command(&window_, "copy-picture", tr("Copy this page as a picture"),
                           QKeySequence(QStringLiteral("Ctrl+Shift+C")), [this] {
                               copyPicture(*window_.findChild<QStackedWidget*>(QStringLiteral("pages"))->currentWidget());
                               window_.say(tr("The page is on the clipboard as a picture."));
                           }));
    menu.addSeparator();
    menu.addAction(command(&window_, "preferences", tr("Preferences …"), QKeySequence(QStringLiteral("Ctrl+,")),
                           [this] { showOne<PreferencesWindow>(window_); }));
    menu.addAction(command(&window_, "keys", tr("Keys …"), {}, [this] { showOne<KeysWindow>(window_, commands()); }));
}

void Menu::makeView(QMenu& menu)
{
    for (int i = 0; i < MainWindow::PageCount; ++i) {
        const auto page = static_cast<MainWindow::Page>(i);
        const QByteArray id = "page-" + MainWindow::helpPage(page).toLatin1();
        menu.addAction(command(&window_, id.constData(), MainWindow::pageName(page),
                               QKeySequence(QStringLiteral("Alt+%1").arg(i + 1)), [this, page] { window_.showPage(page); }));
    }
    menu.addSeparator();
    menu.addAction(command(&window_, "night", tr("Night or day"), QKeySequence(QStringLiteral("Ctrl+L")),
                           [this] { window_.toggleNight(); }));
    const auto larger = [](int by) { preferences().setTextPercent(preferences().textPercent() + by); };
    constexpr int step = 25;
    menu.addAction(
        command(&window_, "text-larger", tr("Larger text"), QKeySequence(QKeySequence::ZoomIn), [=] { larger(step); }));
    menu.addAction(
        command(&window_, "text-smaller", tr("Smaller text"), QKeySequence(QKeySequence::ZoomOut), [=] { larger(-step); }));
    menu.addAction(command(&window_, "full-screen", tr("Whole screen"), QKeySequence(QStringLiteral("Shift+F11")),
                           [this] { window_.setWindowState(window_.windowState() ^ Qt::WindowFullScreen); }));
    menu.addAction(command(&window_, "menu", tr("Hide or show this menu"), QKeySequence(QStringLiteral("Ctrl+M")),
                           [this] { preferences().setMenuShown(!preferences().menuShown()); }));
}

void Menu::makePilot(QMenu& menu)
{
    const auto focus = [this](const char* name) {
        auto* box = window_.findChild<QLineEdit*>(QLatin1String(name));
        box->setFocus(Qt::ShortcutFocusReason);
        box->selectAll();
    };
    menu.addAction(
        command(&window_, "pilot-find", tr("Find a pilot"), QKeySequence(QKeySequence::Find), [=] { focus("pilotFilter"); }));
    menu.addAction(command(&window_, "pilot-new", tr("New pilot"), QKeySequence(QStringLiteral("Ctrl+Shift+N")),
                           [=] { focus("newPilotName"); }));
    const auto step = [this](int by) {
        const auto& all = school_.pilots();
        const auto at = std::find_if(all.begin(), all.end(), [this](const Pilot& p) { return p.id == station_.pilotId(); });
        const auto next = (at == all.end() ? 0 : at - all.begin() + by);
        if (next >= 0 && next < static_cast<std::ptrdiff_t>(all.size()))
            station_.choosePilot(all[static_cast<std::size_t>(next)].id);
    };
    menu.addAction(
        command(&window_, "pilot-next", tr("Next pilot"), QKeySequence(QStringLiteral("Ctrl+Down")), [=] { step(1); }));
    menu.addAction(
        command(&window_, "pilot-before", tr("Pilot before"), QKeySequence(QStringLiteral("Ctrl+Up")), [=] { step(-1); }));
    menu.addSeparator();
    menu.addAction(command(&window_, "lock", tr("Lock or unlock the station"), QKeySequence(QStringLiteral("Ctrl+U")),
                           [this] { window_.toggleLock(); }));
}

void Menu::makeHelp(QMenu& menu)
{
    menu.addAction(command(&window_, "help", tr("About this page"), QKeySequence(QKeySequence::HelpContents),
                           [this] { window_.showHelp(); }));
    menu.addAction(command(&window_, "help-first-day", tr("A first day in ten minutes"), {},
                           [this] { window_.showHelp(QStringLiteral("first-day")); }));
    menu.addAction(command(&window_, "help-contents", tr("Handbook"), {}, [this] { window_.showHelp(QStringLiteral("index")); }));
    menu.addAction(command(&window_, "what-is-this", tr("What is this?"), QKeySequence(QKeySequence::WhatsThis),
                           [] { QWhatsThis::enterWhatsThisMode(); }));
    menu.addSeparator();
    menu.addAction(
        command(&window_, "commands", tr("All commands …"), QKeySequence(QStringLiteral("Ctrl+K")), [this] { listCommands(); }));
    menu.addAction(command(&window_, "about", tr("About Blue Hangar"), {}, [this] { showOne<AboutWindow>(window_); }));
}

void Menu::listCommands()
{
    const auto show_page = [this](const QString& name) {
        for (int i = 0; i < MainWindow::PageCount; ++i)
            if (MainWindow::pageKey(static_cast<MainWindow::Page>(i)) == name) window_.showPage(static_cast<MainWindow::Page>(i));
    };
    showOne<CommandList>(window_, commands(), school_, station_, show_page);
}

QList<QAction*> Menu::commands() const
{
    QList<QAction*> all;
    for (QAction* action : window_.findChildren<QAction*>())
        if (isCommand(action)) all << action;
    return all;
}

QList<QAction*> Menu::commandsHere() const
{
    QList<QAction*> here;
    for (QAction* action : commands())
        if (const auto* of = qobject_cast<QWidget*>(action->parent()); of && of->isVisible() && action->isEnabled())
            here << action;
    return here;
}

void Menu::fillHere(QMenu& menu)
{
    menu.clear();
    for (QAction* action : commandsHere())
        if (action->parent() != &window_) menu.addAction(action);
    if (menu.isEmpty()) menu.addAction(tr("Nothing but its buttons"))->setEnabled(false);
}

void Menu::fillRecent(QMenu& menu)
{
    menu.clear();
    for (const QString& place : preferences().recentRecords())
        menu.addAction(place, this, [place] { openInAWindowOfItsOwn(place); });
    if (menu.isEmpty()) menu.addAction(tr("None yet"))->setEnabled(false);
}

void Menu::openAnother()
{
    StartPage page({}, station_.name(), &window_);
    if (page.exec() == QDialog::Accepted) openInAWindowOfItsOwn(page.given());
}

/// The button of the page in sight that puts it on paper.
void Menu::printPage()
{
    for (QPushButton* button : window_.findChildren<QPushButton*>())
        if (button->objectName().endsWith(QLatin1String("Paper")) && button->isVisible() && button->isEnabled())
            return button->click();
    window_.say(tr("There is nothing to put on paper here: Debrief, First flight, Week, the set-up card and the log have it."));
}

void Menu::pressOnRecord(const char* name)
{
    window_.showRecord(RecordWindow::State);
    if (auto* button = window_.findChild<QPushButton*>(QLatin1String(name))) button->click();
}

} // namespace bh::desk
