#include "desk/shell/window/command_list.h"

#include "desk/parts/forms/command.h"
#include "desk/parts/look/theme.h"
#include "desk/words/utf8.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>
#include <QTimer>
#include <QTreeWidget>

namespace bh::desk {

CommandList::CommandList(const QList<QAction*>& commands, School& school, Station& station,
                         std::function<void(const QString&)> show_page, QWidget* window)
    : QDialog(window)
{
    setObjectName(QStringLiteral("commandList"));
    setWindowTitle(tr("All commands"));
    resize(openingSize(*this, 520, 420));
    for (QAction* action : commands)
        rows_.push_back({action->text().remove(QLatin1Char('&')), pageInWords(action),
                         action->shortcut().toString(QKeySequence::NativeText),
                         [action = QPointer<QAction>(action), page = pageOf(action), show_page] {
                             if (!action) return;
                             if (!page.isEmpty()) show_page(page);
                             action->trigger();
                         }});
    for (QPushButton* button : window->findChildren<QPushButton*>()) {
        const QString words = button->accessibleName().isEmpty() ? button->text() : button->accessibleName();
        const bool known = std::any_of(rows_.begin(), rows_.end(), [&](const Row& r) { return words.startsWith(r.words); });
        if (button->isVisible() && button->isEnabled() && !words.isEmpty() && !known && button->window() == window)
            rows_.push_back({words, tr("this page"), {}, [button = QPointer<QPushButton>(button)] {
                                 if (button) button->click();
                             }});
    }
    for (const Pilot& pilot : school.pilots())
        rows_.push_back({utf8(pilot.name), tr("pilot"), {}, [&station, id = pilot.id] { station.choosePilot(id); }});
    wanted_ = new QLineEdit;
    wanted_->setObjectName(QStringLiteral("commandWanted"));
    wanted_->setAccessibleName(tr("Command wanted"));
    wanted_->setPlaceholderText(tr("What is to be done? Type a part of it, Enter does it"));
    wanted_->installEventFilter(this);
    list_ = new QTreeWidget;
    list_->setColumnCount(3);
    list_->setHeaderHidden(true);
    list_->setRootIsDecorated(false);
    list_->setUniformRowHeights(true);
    list_->setObjectName(QStringLiteral("commandRows"));
    list_->setAccessibleName(tr("Commands"));
    list_->header()->setStretchLastSection(false);
    list_->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    list_->header()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    list_->header()->setSectionResizeMode(2, QHeaderView::ResizeToContents);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(wanted_);
    layout->addWidget(list_, 1);
    connect(wanted_, &QLineEdit::textChanged, this, &CommandList::list);
    connect(wanted_, &QLineEdit::returnPressed, this, &CommandList::run);
    connect(list_, &QTreeWidget::itemActivated, this, &CommandList::run);
    list({});
}

/// Every word that was typed is somewhere in the row.
void CommandList::list(const QString& wanted)
{
    list_->clear();
    const QStringList parts = wanted.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const Row& row = rows_[i];
        if (!std::all_of(parts.begin(), parts.end(),
                         [&](const QString& p) { return row.words.contains(p, Qt::CaseInsensitive); }))
            continue;
        auto* item = new QTreeWidgetItem(list_, {row.words, row.place, row.keys});
        item->setTextAlignment(2, Qt::AlignRight);
        item->setForeground(1, theme().soft);
        item->setData(0, Qt::UserRole, static_cast<int>(i));
    }
    if (list_->topLevelItemCount() == 0) new QTreeWidgetItem(list_, {tr("Nothing here is called so."), {}, {}});
    list_->setCurrentItem(list_->topLevelItem(0));
}

void CommandList::run()
{
    const QTreeWidgetItem* item = list_->currentItem();
    if (!item || !item->data(0, Qt::UserRole).isValid()) return;
    const auto act = rows_[static_cast<std::size_t>(item->data(0, Qt::UserRole).toInt())].act;
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
        if (key == Qt::Key_Escape) {
            reject(); // whatever else the key means in the window behind
            return true;
        }
        const int by = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
        if (by != 0) {
            const int row = list_->indexOfTopLevelItem(list_->currentItem()) + by;
            if (row >= 0 && row < list_->topLevelItemCount()) list_->setCurrentItem(list_->topLevelItem(row));
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

} // namespace bh::desk
