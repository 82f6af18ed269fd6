#include "desk/shell/command_list.h"

#include "desk/parts/command.h"
#include "desk/parts/station.h"
#include "desk/words/utf8.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPointer>
#include <QPushButton>
#include <QTimer>

namespace bh::desk {

CommandList::CommandList(const QList<QAction*>& commands, School& school, Station& station, QWidget* window) : QDialog(window)
{
    setObjectName(QStringLiteral("commandList"));
    setWindowTitle(tr("All commands"));
    resize(520, 420);
    for (QAction* action : commands)
        rows_.push_back({action->text().remove(QLatin1Char('&')), action->shortcut().toString(QKeySequence::NativeText),
                         [action = QPointer<QAction>(action)] {
                             if (action) action->trigger();
                         }});
    for (QPushButton* button : window->findChildren<QPushButton*>()) {
        const QString words = button->accessibleName().isEmpty() ? button->text() : button->accessibleName();
        const bool known = std::any_of(rows_.begin(), rows_.end(), [&](const Row& r) { return words.startsWith(r.words); });
        if (button->isVisible() && button->isEnabled() && !words.isEmpty() && !known && button->window() == window)
            rows_.push_back({words, {}, [button = QPointer<QPushButton>(button)] {
                                 if (button) button->click();
                             }});
    }
    for (const PilotRow& pilot : school.pilots())
        rows_.push_back({tr("Pilot: %1").arg(utf8(pilot.name)), {}, [&station, id = pilot.id] { station.choosePilot(id); }});
    wanted_ = new QLineEdit;
    wanted_->setObjectName(QStringLiteral("commandWanted"));
    wanted_->setAccessibleName(tr("Command wanted"));
    wanted_->setPlaceholderText(tr("What is to be done? Type a part of it, Enter does it"));
    wanted_->installEventFilter(this);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("commandRows"));
    list_->setAccessibleName(tr("Commands"));
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(wanted_);
    layout->addWidget(list_, 1);
    connect(wanted_, &QLineEdit::textChanged, this, &CommandList::show);
    connect(wanted_, &QLineEdit::returnPressed, this, &CommandList::run);
    connect(list_, &QListWidget::itemActivated, this, &CommandList::run);
    show({});
}

/// Every word that was typed is somewhere in the row.
void CommandList::show(const QString& wanted)
{
    list_->clear();
    const QStringList parts = wanted.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const Row& row = rows_[i];
        if (!std::all_of(parts.begin(), parts.end(), [&](const QString& p) { return row.words.contains(p, Qt::CaseInsensitive); }))
            continue;
        auto* item = new QListWidgetItem(row.keys.isEmpty() ? row.words : QStringLiteral("%1\t%2").arg(row.words, row.keys), list_);
        item->setData(Qt::UserRole, static_cast<int>(i));
    }
    list_->setCurrentRow(0);
}

void CommandList::run()
{
    const QListWidgetItem* item = list_->currentItem();
    if (!item) return;
    const auto act = rows_[static_cast<std::size_t>(item->data(Qt::UserRole).toInt())].act;
    QWidget* window = parentWidget();
    close();
    window->activateWindow();
    QTimer::singleShot(0, window, act); // once this window has gone
}

/// The arrows walk through the list while the words are typed.
bool CommandList::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == wanted_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
        if (by != 0) {
            list_->setCurrentRow(std::clamp(list_->currentRow() + by, 0, std::max(0, list_->count() - 1)));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

} // namespace bh::desk
