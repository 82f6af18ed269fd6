#pragma once

#include <QAction>
#include <QDialog>
#include <functional>
#include <vector>

class QLineEdit;
class QTreeWidget;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// Every command by name: typed, chosen, done; one of another page brings that page into sight first. Pilots and the buttons that
/// are in sight are found too.
class CommandList : public QDialog {
    Q_OBJECT
public:
    /// `show_page` brings a page into sight, by the name of its widget without "page".
    CommandList(const QList<QAction*>& commands, School& school, Station& station, std::function<void(const QString&)> show_page,
                QWidget* window);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Row {
        QString words, place, keys;
        std::function<void()> act;
    };
    void list(const QString& wanted);
    void run();
    std::vector<Row> rows_;
    QLineEdit* wanted_;
    QTreeWidget* list_;
};

} // namespace bh::desk
