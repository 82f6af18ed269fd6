#pragma once

#include <QObject>

class QAction;
class QMenu;
class QMenuBar;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

class MainWindow;

/// The menu bar, and every command of the whole window behind it: their keys work whether the bar is shown or not.
class Menu : public QObject {
    Q_OBJECT
public:
    Menu(MainWindow& window, School& school, Station& station);
    /// Of the whole window, and of every page that has been shown so far.
    [[nodiscard]] QList<QAction*> commands() const;
    /// Those that work on what is shown now.
    [[nodiscard]] QList<QAction*> commandsHere() const;

private:
    void makeRecord(QMenu& menu);
    void makeEdit(QMenu& menu);
    void makeView(QMenu& menu);
    void makePilot(QMenu& menu);
    void makeHelp(QMenu& menu);
    void fillHere(QMenu& menu);
    void fillRecent(QMenu& menu);
    void listCommands();
    void openAnother();
    void printPage();
    void pressOnRecord(const char* button);
    MainWindow& window_;
    School& school_;
    Station& station_;
    QMenuBar* bar_;
};

} // namespace bh::desk
