#include "desk/parts/paper/paper.h"

#include "desk/parts/look/theme.h"

#include <QAbstractTextDocumentLayout>
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

void startPaper(QPagedPaintDevice& device)
{
    device.setPageSize(QPageSize(QPageSize::A4));
    device.setPageMargins(QMarginsF(16, 14, 16, 14), QPageLayout::Millimeter);
}

bool paintPaper(QPagedPaintDevice& device, const QString& title, const QString& body)
{
    QPainter painter;
    if (!painter.begin(&device)) return false;
    const double foot = 0.35 * device.logicalDpiY();
    QTextDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDefaultFont(uiFont(small_points));
    document.setDefaultStyleSheet(QStringLiteral("h1 { font-size: 15pt; } h2 { font-size: 11pt; } th { color: #444444; } "
                                                 ".quiet { color: #444444; }"));
    document.setDocumentMargin(0);
    const QSizeF page(device.width(), device.height() - foot);
    document.setPageSize(page);
    document.setHtml(QStringLiteral("<h1>%1</h1>").arg(onPaper(title)) + body);
    for (int number = 0; number < document.pageCount(); ++number) {
        if (number > 0) device.newPage();
        painter.save();
        painter.translate(0, -number * page.height());
        QAbstractTextDocumentLayout::PaintContext context;
        context.clip = QRectF(0, number * page.height(), page.width(), page.height());
        context.palette.setColor(QPalette::Text, Qt::black); // whatever the theme of the window is
        painter.setClipRect(context.clip);
        document.documentLayout()->draw(&painter, context);
        painter.restore();
        painter.setFont(uiFont(small_points));
        painter.setPen(QColor("#444444"));
        painter.drawText(QRectF(0, page.height(), page.width(), foot), Qt::AlignBottom | Qt::AlignLeft, title);
        painter.drawText(QRectF(0, page.height(), page.width(), foot), Qt::AlignBottom | Qt::AlignRight,
                         QObject::tr("%1 of %2").arg(number + 1).arg(document.pageCount()));
    }
    return painter.end();
}

bool saveOnPaper(const QString& file, const QString& title, const QString& body)
{
    QPdfWriter writer(file);
    startPaper(writer);
    constexpr int dots_an_inch = 300;
    writer.setResolution(dots_an_inch);
    writer.setTitle(title);
    return paintPaper(writer, title, body) && QFileInfo(file).size() > 0;
}

} // namespace bh::desk
