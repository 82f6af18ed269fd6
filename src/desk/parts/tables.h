#pragma once

#include <QHeaderView>
#include <QString>
#include <QStringList>
#include <QTableWidget>

namespace bh::desk {

/// A table to be read, not edited: no grid, no row numbers, as wide as its content except for the column that takes the rest.
inline QTableWidget* readingTable(const char* name, const QString& spoken, const QStringList& heads, int takes_the_rest)
{
    auto* table = new QTableWidget(0, static_cast<int>(heads.size()));
    table->setObjectName(QLatin1String(name));
    table->setAccessibleName(spoken);
    table->setHorizontalHeaderLabels(heads);
    table->verticalHeader()->hide();
    table->setShowGrid(false);
    table->setSelectionMode(QAbstractItemView::NoSelection);
    table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table->setFocusPolicy(Qt::TabFocus);
    table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table->horizontalHeader()->setSectionResizeMode(takes_the_rest, QHeaderView::Stretch);
    return table;
}

} // namespace bh::desk
