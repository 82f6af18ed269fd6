#include "desk/parts/forms/columns_that_give.h"

#include <QEvent>
#include <QHeaderView>
#include <QTableView>
#include <algorithm>

namespace bh::desk {

ColumnsThatGive::ColumnsThatGive(QTableView* table, std::vector<int> order)
    : QObject(table), table_(table), order_(std::move(order))
{
    table_->viewport()->installEventFilter(this);
    table_->installEventFilter(this);
    const QAbstractItemModel* model = table_->model();
    connect(model, &QAbstractItemModel::dataChanged, this, &ColumnsThatGive::soon);
    connect(model, &QAbstractItemModel::rowsInserted, this, &ColumnsThatGive::soon);
    connect(model, &QAbstractItemModel::rowsRemoved, this, &ColumnsThatGive::soon);
    connect(model, &QAbstractItemModel::modelReset, this, &ColumnsThatGive::soon);
}

bool ColumnsThatGive::eventFilter(QObject* object, QEvent* event)
{
    if (event->type() == QEvent::Resize) arrange();
    if (event->type() == QEvent::Show || event->type() == QEvent::StyleChange || event->type() == QEvent::FontChange) soon();
    return QObject::eventFilter(object, event);
}

/// Many cells that are filled one after the other are measured once.
void ColumnsThatGive::soon()
{
    if (waits_) return;
    waits_ = true;
    QMetaObject::invokeMethod(
        this,
        [this] {
            waits_ = false;
            arrange();
        },
        Qt::QueuedConnection);
}

void ColumnsThatGive::arrange()
{
    const QHeaderView* head = table_->horizontalHeader();
    const QAbstractItemView* cells = table_; // where the hint of a column can be asked for
    needs_px_.resize(static_cast<std::size_t>(head->count()));
    heads_px_.resize(needs_px_.size());
    int all_px = 0;
    for (int c = 0; c < head->count(); ++c) {
        int& px = needs_px_[static_cast<std::size_t>(c)];
        const bool fixed =
            head->sectionResizeMode(c) == QHeaderView::Interactive && !(head->stretchLastSection() && c == head->count() - 1);
        int& head_px = heads_px_[static_cast<std::size_t>(c)]; // one that has given way tells no more how long its head is
        if (!table_->isColumnHidden(c)) head_px = head->sectionSizeHint(c);
        if (!fixed)
            px = std::max(cells->sizeHintForColumn(c), head_px);
        else if (!table_->isColumnHidden(c))
            px = head->sectionSize(c); // one that has given way comes back as wide as it was
        all_px += px;
    }
    for (const int c : order_) {
        const bool gives = all_px > table_->viewport()->width();
        if (gives) all_px -= needs_px_[static_cast<std::size_t>(c)];
        if (table_->isColumnHidden(c) != gives) table_->setColumnHidden(c, gives);
    }
}

} // namespace bh::desk
