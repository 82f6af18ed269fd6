#include "desk/parts/column_beneath.h"

#include "desk/parts/theme.h"

#include <QApplication>
#include <QEvent>
#include <QHeaderView>
#include <QPainter>
#include <QTableView>
#include <algorithm>
#include <utility>

namespace bh::desk {

ColumnBeneath::ColumnBeneath(QTableView* table, int over, int beneath, int least_px)
    : QStyledItemDelegate(table), table_(table), over_(over), beneath_(beneath), least_px_(least_px),
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
    const bool goes = rest_px < scaled(least_px_);
    if (goes == table_->isColumnHidden(beneath_)) return;
    table_->setColumnHidden(beneath_, goes);
    heads->setSectionResizeMode(over_, goes ? QHeaderView::Stretch : QHeaderView::ResizeToContents);
    table_->verticalHeader()->setDefaultSectionSize(goes ? line_px_ + line_px_ * 2 / 3 : line_px_);
}

void ColumnBeneath::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const
{
    if (!table_->isColumnHidden(beneath_)) return QStyledItemDelegate::paint(painter, option, index);
    QStyleOptionViewItem cell = option;
    initStyleOption(&cell, index);
    const QString name = std::exchange(cell.text, {});
    const QStyle* style = table_->style();
    style->drawControl(QStyle::CE_ItemViewItem, &cell, painter, table_);
    const int margin = style->pixelMetric(QStyle::PM_FocusFrameHMargin, &cell, table_) + 1;
    const QRect words = cell.rect.adjusted(margin, 4, -margin, -4);
    painter->save();
    painter->setPen(index.data(Qt::ForegroundRole).isValid() ? index.data(Qt::ForegroundRole).value<QBrush>().color()
                                                             : theme().ink);
    painter->setFont(cell.font);
    const auto line = [&](const QString& text, Qt::Alignment where) {
        const QString fits = painter->fontMetrics().elidedText(text, Qt::ElideRight, words.width());
        painter->drawText(words, static_cast<int>(where | Qt::AlignLeft | Qt::TextSingleLine), fits);
    };
    line(name, Qt::AlignTop);
    painter->setFont(uiFont(small_points));
    painter->setPen(theme().soft);
    line(index.siblingAtColumn(beneath_).data().toString(), Qt::AlignBottom);
    painter->restore();
}

} // namespace bh::desk
