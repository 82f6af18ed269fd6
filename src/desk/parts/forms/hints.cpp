#include "desk/parts/forms/hints.h"

#include "desk/parts/forms/preferences.h"

#include <QApplication>
#include <QComboBox>
#include <QFocusEvent>
#include <QHelpEvent>
#include <QLabel>
#include <QTableWidget>
#include <QToolTip>
#include <QWhatsThis>

namespace bh::desk {
namespace {

QString hintOfCell(const QTableWidget* table, int row, int column)
{
    const QTableWidgetItem* item = table->item(row, column);
    if (item && !item->toolTip().isEmpty()) return item->toolTip();
    const QTableWidgetItem* head = column >= 0 ? table->horizontalHeaderItem(column) : nullptr;
    return head ? head->toolTip() : QString();
}

void showHintOfCurrentCell(QTableWidget* table)
{
    const int row = std::max(0, table->currentRow()), column = std::max(0, table->currentColumn());
    const QRect cell = table->visualRect(table->model()->index(row, column));
    QToolTip::showText(table->viewport()->mapToGlobal(cell.bottomLeft()), hintOfCell(table, row, column), table);
}

bool byKeyboard(Qt::FocusReason reason)
{
    return reason == Qt::TabFocusReason || reason == Qt::BacktabFocusReason || reason == Qt::ShortcutFocusReason;
}

} // namespace

QString whatItIs(QWidget* widget, QPoint at)
{
    for (; widget; at = widget->mapToParent(at), widget = widget->parentWidget()) {
        if (auto* table = qobject_cast<QTableWidget*>(widget->parentWidget()); table && table->viewport() == widget)
            if (const QModelIndex cell = table->indexAt(at); !hintOfCell(table, cell.row(), cell.column()).isEmpty())
                return hintOfCell(table, cell.row(), cell.column());
        for (const QString& words :
             {widget->whatsThis(), widget->toolTip(), widget->accessibleDescription(), widget->accessibleName()})
            if (!words.isEmpty()) return words;
    }
    return {};
}

void explain(QWidget* widget, const QString& source)
{
    widget->setToolTip(source);
    widget->setAccessibleDescription(source);
    if (auto* label = qobject_cast<QLabel*>(widget)) label->setFocusPolicy(Qt::TabFocus);
}

void explain(QTableWidget* table, const QStringList& sources)
{
    for (int column = 0; column < sources.size() && column < table->columnCount(); ++column) {
        if (!table->horizontalHeaderItem(column)) table->setHorizontalHeaderItem(column, new QTableWidgetItem);
        table->horizontalHeaderItem(column)->setToolTip(sources[column]);
    }
}

Hints::Hints(QObject* parent) : QObject(parent) { qApp->installEventFilter(this); }

bool Hints::eventFilter(QObject* object, QEvent* event)
{
    switch (event->type()) {
    case QEvent::Polish: // names come from outside: what looks like markup is shown as it is written
        if (auto* label = qobject_cast<QLabel*>(object); label && label->textFormat() == Qt::AutoText)
            label->setTextFormat(Qt::PlainText);
        // On the bus a choice is called by what is chosen; what it is for stands in its description.
        if (auto* choice = qobject_cast<QComboBox*>(object); choice && choice->accessibleDescription().isEmpty())
            choice->setAccessibleDescription(choice->toolTip().isEmpty()
                                                 ? choice->accessibleName()
                                                 : choice->accessibleName() + QStringLiteral(": ") + choice->toolTip());
        break;
    case QEvent::ToolTip:
        if (auto* table = object->isWidgetType() ? qobject_cast<QTableWidget*>(object->parent()) : nullptr;
            table && table->viewport() == object) {
            const auto* help = static_cast<QHelpEvent*>(event);
            const QModelIndex at = table->indexAt(help->pos());
            QToolTip::showText(help->globalPos(), hintOfCell(table, at.row(), at.column()), table);
            return true;
        }
        break;
    case QEvent::QueryWhatsThis:
        if (auto* widget = qobject_cast<QWidget*>(object)) {
            event->setAccepted(!whatItIs(widget, static_cast<QHelpEvent*>(event)->pos()).isEmpty());
            return true;
        }
        break;
    case QEvent::WhatsThis:
        if (auto* widget = qobject_cast<QWidget*>(object)) {
            const auto* help = static_cast<QHelpEvent*>(event);
            const QString words = whatItIs(widget, help->pos());
            const QString keys = preferences()
                                     .keys(QStringLiteral("help"), QKeySequence(QKeySequence::HelpContents))
                                     .toString(QKeySequence::NativeText);
            const QString more = keys.isEmpty() ? tr("More in the handbook") : tr("More in the handbook: %1").arg(keys);
            QWhatsThis::showText(help->globalPos(),
                                 QStringLiteral("<p>%1</p><p><a href=\"handbook\">%2</a></p>")
                                     .arg(words.toHtmlEscaped().replace(QLatin1Char('\n'), QStringLiteral("<br>")), more),
                                 widget);
            return true;
        }
        break;
    case QEvent::WhatsThisClicked:
        QWhatsThis::hideText();
        Q_EMIT handbookAsked();
        return true;
    case QEvent::FocusIn:
        if (auto* widget = qobject_cast<QWidget*>(object); widget && byKeyboard(static_cast<QFocusEvent*>(event)->reason())) {
            if (auto* table = qobject_cast<QTableWidget*>(widget))
                showHintOfCurrentCell(table);
            else if (!widget->toolTip().isEmpty())
                QToolTip::showText(widget->mapToGlobal(QPoint(0, widget->height())), widget->toolTip(), widget);
        }
        break;
    case QEvent::KeyRelease:
        if (auto* table = qobject_cast<QTableWidget*>(object)) showHintOfCurrentCell(table);
        break;
    default: break;
    }
    return QObject::eventFilter(object, event);
}

} // namespace bh::desk
