#include "desk/parts/paper.h"

#include "desk/parts/preferences.h"
#include "desk/parts/theme.h"

#include <QAbstractTextDocumentLayout>
#include <QFileDialog>
#include <QFileInfo>
#include <QPainter>
#include <QPdfWriter>
#include <QTextDocument>

namespace bh::desk {

QString paperTable(const QStringList& heads, const QList<QStringList>& rows, const QList<int>& to_the_right)
{
    const auto cell = [&](const char* tag, int column, const QString& words) {
        const char* side = to_the_right.contains(column) ? "right" : "left";
        return QStringLiteral("<%1 align=\"%2\">%3</%1>").arg(QLatin1String(tag), QLatin1String(side), words);
    };
    QString html = QStringLiteral("<table width=\"100%\" cellspacing=\"0\" cellpadding=\"3\"><thead><tr>");
    for (int i = 0; i < heads.size(); ++i) html += cell("th", i, heads[i]);
    html += QStringLiteral("</tr></thead>");
    for (const QStringList& row : rows) {
        html += QStringLiteral("<tr>");
        for (int i = 0; i < row.size(); ++i) html += cell("td", i, row[i]);
        html += QStringLiteral("</tr>");
    }
    return html + QStringLiteral("</table>");
}

bool saveOnPaper(const QString& file, const QString& title, const QString& body)
{
    QPdfWriter writer(file);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(QMarginsF(16, 14, 16, 14), QPageLayout::Millimeter);
    constexpr int dots_an_inch = 300;
    writer.setResolution(dots_an_inch);
    writer.setTitle(title);
    QPainter painter;
    if (!painter.begin(&writer)) return false;
    const double foot = 0.35 * dots_an_inch;
    QTextDocument document;
    document.documentLayout()->setPaintDevice(&writer);
    document.setDefaultFont(uiFont(9));
    document.setDefaultStyleSheet(QStringLiteral("h1 { font-size: 15pt; } h2 { font-size: 11pt; } th { color: #444444; } "
                                                 ".quiet { color: #444444; }"));
    document.setDocumentMargin(0);
    const QSizeF page(writer.width(), writer.height() - foot);
    document.setPageSize(page);
    document.setHtml(QStringLiteral("<h1>%1</h1>").arg(onPaper(title)) + body);
    for (int number = 0; number < document.pageCount(); ++number) {
        if (number > 0) writer.newPage();
        painter.save();
        painter.translate(0, -number * page.height());
        QAbstractTextDocumentLayout::PaintContext context;
        context.clip = QRectF(0, number * page.height(), page.width(), page.height());
        context.palette.setColor(QPalette::Text, Qt::black); // whatever the theme of the window is
        painter.setClipRect(context.clip);
        document.documentLayout()->draw(&painter, context);
        painter.restore();
        painter.setFont(uiFont(8));
        painter.setPen(QColor("#444444"));
        painter.drawText(QRectF(0, page.height(), page.width(), foot), Qt::AlignBottom | Qt::AlignLeft, title);
        painter.drawText(QRectF(0, page.height(), page.width(), foot), Qt::AlignBottom | Qt::AlignRight,
                         QObject::tr("%1 of %2").arg(number + 1).arg(document.pageCount()));
    }
    return painter.end() && QFileInfo(file).size() > 0;
}

QString askAndSaveOnPaper(QWidget* parent, const QString& name, const QString& title, const QString& body)
{
    const QString file = QFileDialog::getSaveFileName(parent, title, placeToWrite(name), QObject::tr("PDF (*.pdf)"));
    if (file.isEmpty()) return {};
    return saveOnPaper(file, title, body) ? QObject::tr("Written: %1").arg(file)
                                          : QObject::tr("%1 could not be written: is there such a folder?").arg(file);
}

} // namespace bh::desk
