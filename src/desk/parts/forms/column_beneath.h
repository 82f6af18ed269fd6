#pragma once

#include <QStyledItemDelegate>

class QTableView;

namespace bh::desk {

/// In a table too narrow to read one of its columns whole, that column's words stand under those of another one, which takes the
/// room, on as many lines as they need.
class ColumnBeneath : public QStyledItemDelegate {
    Q_OBJECT
public:
    /// The table's rows are as high as its vertical header says, of one line.
    ColumnBeneath(QTableView* table, int over, int beneath);
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    struct Place {
        QRect over, beneath;
    };
    void arrange();
    [[nodiscard]] Place wordsIn(const QRect& cell, const QModelIndex& index) const;
    QTableView* table_;
    int over_, beneath_, line_px_;
};

} // namespace bh::desk
