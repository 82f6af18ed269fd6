#pragma once

#include <QObject>
#include <vector>

class QTableView;

namespace bh::desk {

/// A table that is too narrow for all its columns leaves some out rather than cut what counts: those of `order` give way, one
/// after the other, until the rest shows its whole text; they come back when there is room. Which column takes the room that is
/// left is the table's own matter.
class ColumnsThatGive : public QObject {
    Q_OBJECT
public:
    ColumnsThatGive(QTableView* table, std::vector<int> order);
    void arrange();

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    void soon();
    QTableView* table_;
    std::vector<int> order_;
    std::vector<int> needs_px_; ///< of every column, to be read whole
    std::vector<int> heads_px_; ///< of each column's head, when it was last shown
    bool waits_ = false;
};

} // namespace bh::desk
