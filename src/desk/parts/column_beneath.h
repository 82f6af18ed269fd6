#pragma once

#include <QStyledItemDelegate>

class QTableView;

namespace bh::desk {

/// In a table too narrow to read one of its columns, that column's words stand under those of another one, which takes the room.
class ColumnBeneath : public QStyledItemDelegate {
    Q_OBJECT
public:
    /// `least_px`: below that the column goes beneath. The table's rows are as high as its vertical header says, of one line.
    ColumnBeneath(QTableView* table, int over, int beneath, int least_px);
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    void arrange();
    QTableView* table_;
    int over_, beneath_, least_px_, line_px_;
};

} // namespace bh::desk
