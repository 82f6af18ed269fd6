#pragma once

#include <QString>
#include <QStringList>

class QPagedPaintDevice;

namespace bh::desk {

/// Text on its way to a printed page.
[[nodiscard]] inline QString onPaper(const QString& words) { return words.toHtmlEscaped(); }
/// A table with its heads; cells are taken as they are, see onPaper(). Columns in `to_the_right` hold numbers.
[[nodiscard]] QString paperTable(const QStringList& heads, const QList<QStringList>& rows, const QList<int>& to_the_right = {});
/// A PDF of pages in A4, each with title and number at its foot. `body` is HTML as QTextDocument takes it. False when it could
/// not be written.
bool saveOnPaper(const QString& file, const QString& title, const QString& body);
/// The same onto any device that has pages, which startPaper() made A4 with our margins.
bool paintPaper(QPagedPaintDevice& device, const QString& title, const QString& body);
void startPaper(QPagedPaintDevice& device);

} // namespace bh::desk
