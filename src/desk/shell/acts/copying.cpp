#include "desk/shell/acts/copying.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QClipboard>
#include <QHeaderView>
#include <QTableView>
#include <set>

namespace bh::desk {
namespace {

QString cell(QVariant value)
{
    return value.toString().replace(QLatin1Char('\n'), QLatin1Char(' ')).replace(QLatin1Char('\t'), QLatin1Char(' '));
}

} // namespace

bool copyTable(QWidget* focus)
{
    auto* view = qobject_cast<QAbstractItemView*>(focus);
    if (!view || !view->model()) return false;
    const QAbstractItemModel& model = *view->model();
    auto* table = qobject_cast<QTableView*>(view);
    std::vector<int> columns;
    for (int c = 0; c < model.columnCount(); ++c) columns.push_back(c); // those too that gave way in a narrow window
    std::set<int> rows;
    for (const QModelIndex& index : view->selectionModel()->selectedIndexes()) rows.insert(index.row());
    if (rows.size() < 2 && table)
        for (int r = 0; r < model.rowCount(); ++r) rows.insert(r); // one row is chosen in most tables at all times
    QStringList lines;
    if (table) {
        QStringList heads;
        for (const int c : columns) heads << cell(model.headerData(c, Qt::Horizontal));
        lines << heads.join(QLatin1Char('\t'));
    }
    for (const int r : rows) {
        QStringList cells;
        for (const int c : columns) cells << cell(model.index(r, c).data());
        lines << cells.join(QLatin1Char('\t'));
    }
    QApplication::clipboard()->setText(lines.join(QLatin1Char('\n')));
    return !rows.empty();
}

void copyPicture(QWidget& page) { QApplication::clipboard()->setPixmap(page.grab()); }

} // namespace bh::desk
