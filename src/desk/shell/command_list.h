#pragma once

#include <QAction>
#include <QDialog>
#include <functional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace bh {
class School;
}

namespace bh::desk {

class Station;

/// Every command by name: typed, chosen, done. Pilots and the buttons that are in sight are found too.
class CommandList : public QDialog {
    Q_OBJECT
public:
    CommandList(const QList<QAction*>& commands, School& school, Station& station, QWidget* window);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    struct Row {
        QString words, keys;
        std::function<void()> act;
    };
    void show(const QString& wanted);
    void run();
    std::vector<Row> rows_;
    QLineEdit* wanted_;
    QListWidget* list_;
};

} // namespace bh::desk
