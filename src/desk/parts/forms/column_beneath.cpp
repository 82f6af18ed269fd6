#include "desk/parts/forms/column_beneath.h"

#include "desk/parts/forms/wrapped.h"
#include "desk/parts/look/theme.h"

#include <QApplication>
#include <QEvent>
#include <QHeaderView>
#include <QPainter>
#include <QTableView>
#include <algorithm>
#include <utility>

namespace bh::desk {

ColumnBeneath::ColumnBeneath(QTableView* table, int over, int beneath)
    : QStyledItemDelegate(table), table_(table), over_(over), beneath_(beneath),
      line_px_(table->verticalHeader()->defaultSectionSize())
{
    table_->setItemDelegateForColumn(over, this);
    table_->viewport()->installEventFilter(this);
    // Not at each cell that is filled, but where that made another column wider.
    connect(table_->horizontalHeader(), &QHeaderView::sectionResized, this, &ColumnBeneath::arrange, Qt::QueuedConnection);
}

bool ColumnBeneath::eventFilter(QObject* object, QEvent* event)
{
    if (object == table_->viewport() && event->type() == QEvent::Resize) arrange();
    return QStyledItemDelegate::eventFilter(object, event);
}

void ColumnBeneath::arrange()
{
    const QAbstractItemView* cells = table_; // where the hint of a column can be asked for
    QHeaderView* heads = table_->horizontalHeader();
    int rest_px = table_->viewport()->width() - std::max(cells->sizeHintForColumn(over_), heads->sectionSizeHint(over_));
    for (int column = 0; column < heads->count(); ++column)
        if (column != over_ && column != beneath_) rest_px -= heads->sectionSize(column);
    const bool goes = rest_px < cells->sizeHintForColumn(beneath_);
    if (goes == table_->isColumnHidden(beneath_)) {
        if (goes) table_->resizeRowsToContents(); // words wrap elsewhere in another width
        return;
    }
    table_->setColumnHidden(beneath_, goes);
    heads->setSectionResizeMode(over_, goes ? QHeaderView::Stretch : QHeaderView::ResizeToContents);
    QHeaderView* rows = table_->verticalHeader();
    rows->setSectionResizeMode(goes ? QHeaderView::ResizeToContents : QHeaderView::Fixed);
    for (int row = 0; !goes && row < rows->count(); ++row) rows->resizeSection(row, line_px_);
}

ColumnBeneath::Place ColumnBeneath::wordsIn(const QRect& cell, const QModelIndex& index) const
{
    const int margin = table_->style()->pixelMetric(QStyle::PM_FocusFrameHMargin, nullptr, table_) + 1;
    const int width = cell.width() - 2 * margin, left = cell.left() + margin;
    const QRect over = wrapped(table_->font(), index.data().toString(), {left, cell.top() + 4}, width);
    const QString beneath = index.siblingAtColumn(beneath_).data().toString();
    return {over, wrapped(uiFont(small_points), beneath, {left, over.bottom() + 3}, width)};
}

QSize ColumnBeneath::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    if (!table_->isColumnHidden(beneath_)) return QStyledItemDelegate::sizeHint(option, index);
    const QRect cell(0, 0, table_->columnWidth(over_), line_px_);
    return {QStyledItemDelegate::sizeHint(option, index).width(), wordsIn(cell, index).beneath.bottom() + 5};
}

void ColumnBeneath::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    if (!table_->isColumnHidden(beneath_)) return QStyledItemDelegate::paint(painter, option, index);
    QStyleOptionViewItem cell = option;
    initStyleOption(&cell, index);
    const QString name = std::exchange(cell.text, {});
    const QStyle* style = table_->style();
    style->drawControl(QStyle::CE_ItemViewItem, &cell, painter, table_);
    const Place place = wordsIn(cell.rect, index);
    painter->save();
    painter->setPen(index.data(Qt::ForegroundRole).isValid() ? index.data(Qt::ForegroundRole).value<QBrush>().color()
                                                             : theme().ink);
    painter->setFont(cell.font);
    painter->drawText(place.over, Qt::TextWordWrap, name);
    painter->setFont(uiFont(small_points));
    painter->setPen(theme().soft);
    painter->drawText(place.beneath, Qt::TextWordWrap, index.siblingAtColumn(beneath_).data().toString());
    painter->restore();
}

} // namespace bh::desk
