#include "desk/shell/window/keys_window.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/command.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"

#include <QBoxLayout>
#include <QHeaderView>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QTableWidget>

namespace bh::desk {
namespace {

QString plain(const QKeySequence& keys) { return keys.toString(QKeySequence::NativeText); }

} // namespace

KeysWindow::KeysWindow(const QList<QAction*>& commands, QWidget* parent) : QDialog(parent), commands_(commands)
{
    setObjectName(QStringLiteral("keysWindow"));
    setWindowTitle(tr("Keys"));
    resize(openingSize(*this, 640, 560));
    table_ = new QTableWidget(0, 4);
    table_->setHorizontalHeader(new HeadsOverCells(table_));
    table_->setObjectName(QStringLiteral("keysTable"));
    table_->setAccessibleName(tr("Commands and their keys"));
    table_->setHorizontalHeaderLabels({tr("Command"), tr("Where"), tr("Keys"), tr("Usually")});
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setTabKeyNavigation(false);
    edit_ = new QKeySequenceEdit;
    edit_->setObjectName(QStringLiteral("keysEdit"));
    edit_->setAccessibleName(tr("New keys"));
    keep_ = namedButton(tr("Take these"), "keysKeep", tr("From now on the chosen command has the keys beside"));
    none_ = namedButton(tr("No keys"), "keysNone", tr("The chosen command is reached by menu and name alone"));
    usual_ = namedButton(tr("As usual"), "keysUsual", tr("The keys that it came with"));
    said_ = new QLabel(tr("Choose a command, click into the box, and press its new keys."));
    said_->setObjectName(QStringLiteral("keysSaid"));
    said_->setWordWrap(true);
    auto* row = new QHBoxLayout;
    for (QWidget* w : std::initializer_list<QWidget*>{edit_, keep_, none_, usual_}) row->addWidget(w, w == edit_ ? 1 : 0);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(table_, 1);
    layout->addLayout(row);
    layout->addWidget(said_);
    connect(table_, &QTableWidget::itemSelectionChanged, this, &KeysWindow::choose);
    connect(keep_, &QPushButton::clicked, this, [this] { take(edit_->keySequence()); });
    connect(none_, &QPushButton::clicked, this, [this] { take({}); });
    connect(usual_, &QPushButton::clicked, this, [this] {
        if (const QAction* command = chosen()) take(usualKeys(command));
    });
    fill();
    table_->selectRow(0);
}

void KeysWindow::fill()
{
    table_->setRowCount(static_cast<int>(commands_.size()));
    for (int i = 0; i < table_->rowCount(); ++i) {
        const QAction* command = commands_[i];
        const QString where = pageInWords(command);
        const QString cells[] = {command->text().remove(QLatin1Char('&')), where.isEmpty() ? tr("everywhere") : where,
                                 plain(command->shortcut()), plain(usualKeys(command))};
        for (int c = 0; c < 4; ++c) table_->setItem(i, c, new QTableWidgetItem(cells[c]));
    }
    table_->resizeColumnsToContents();
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
}

QAction* KeysWindow::chosen() const
{
    const int row = table_->currentRow();
    return row < 0 || row >= commands_.size() ? nullptr : commands_[row];
}

void KeysWindow::choose()
{
    const QAction* command = chosen();
    for (QPushButton* button : {keep_, none_, usual_}) button->setEnabled(command);
    if (command) edit_->setKeySequence(command->shortcut());
}

void KeysWindow::take(const QKeySequence& keys)
{
    QAction* command = chosen();
    if (!command) return;
    const QString name = command->text().remove(QLatin1Char('&'));
    if (const QAction* other = changeKeys(commands_, command, keys))
        return said_->setText(
            tr("%1 is taken already, by \"%2\". Nothing was changed.").arg(plain(keys), other->text().remove(QLatin1Char('&'))));
    const int row = table_->currentRow();
    fill();
    table_->selectRow(row);
    said_->setText(keys.isEmpty() ? tr("\"%1\" has no keys now.").arg(name) : tr("\"%1\" is %2 now.").arg(name, plain(keys)));
}

} // namespace bh::desk
