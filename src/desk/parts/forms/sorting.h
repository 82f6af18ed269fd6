#pragma once

#include "desk/parts/forms/preferences.h"

#include <QHeaderView>
#include <QTableView>

namespace bh::desk {

/// Sorted by the column that was clicked last time, under the table's own name; a third click takes the sorting off again.
inline void rememberSorting(QTableView* table)
{
    const QString key = table->objectName() + QStringLiteral("Sorting");
    QHeaderView* head = table->horizontalHeader();
    head->setSortIndicatorClearable(true);
    const QList<QByteArray> last = preferences().placeOf(key).split(' ');
    if (last.size() == 2 && last[0].toInt() < head->count())
        table->sortByColumn(last[0].toInt(), static_cast<Qt::SortOrder>(last[1].toInt()));
    QObject::connect(head, &QHeaderView::sortIndicatorChanged, table, [key](int column, Qt::SortOrder order) {
        preferences().keepPlace(key, QByteArray::number(column) + ' ' + QByteArray::number(order));
    });
}

} // namespace bh::desk
