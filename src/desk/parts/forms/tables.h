#pragma once

#include <QHeaderView>
#include <QString>
#include <QStringList>
#include <QStyleOptionHeader>
#include <QStyledItemDelegate>
#include <QTableWidget>

namespace bh::desk {

/// Heads stand as the cells under them do: words at the left, figures at the right.
class HeadsOverCells : public QHeaderView {
public:
    explicit HeadsOverCells(QWidget* parent) : QHeaderView(Qt::Horizontal, parent) { setSectionsClickable(true); }

protected:
    void initStyleOptionForIndex(QStyleOptionHeader* option, int column) const override
    {
        QHeaderView::initStyleOptionForIndex(option, column);
        const QVariant below = model()->index(0, column).data(Qt::TextAlignmentRole);
        option->textAlignment =
            below.isValid() && below.toInt() != 0 ? Qt::Alignment(below.toInt()) : Qt::AlignLeft | Qt::AlignVCenter;
    }
};

/// Lines that wrap keep some air to those of the next row, where rows are as high as their cells.
class AiryCells : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        constexpr int air_px = 8;
        return QStyledItemDelegate::sizeHint(option, index) + QSize(0, air_px);
    }
};

/// A table to be read, not edited: no grid, no row numbers, as wide as its content except for the column that takes the rest.
inline QTableWidget* readingTable(const char* name, const QString& spoken, const QStringList& heads, int takes_the_rest)
{
    auto* table = new QTableWidget(0, static_cast<int>(heads.size()));
    table->setHorizontalHeader(new HeadsOverCells(table));
    table->setItemDelegate(new AiryCells(table));
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
