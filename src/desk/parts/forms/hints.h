#pragma once

#include <QObject>
#include <QString>

class QLabel;
class QTableWidget;
class QWidget;

namespace bh::desk {

/// Says where a widget's numbers come from: on hover, on keyboard focus (a label then takes it) and to a screen reader.
void explain(QWidget* widget, const QString& source);
/// The same for a table, one source per column; a cell with a tool tip of its own keeps it.
void explain(QTableWidget* table, const QStringList& sources);

/// What is known of a widget, or of the nearest one around it that something is known of; `at` is within it.
[[nodiscard]] QString whatItIs(QWidget* widget, QPoint at);

/// Shows tool tips on keyboard focus as well as on hover, those of a table's heads on its cells, and both when somebody asks what
/// something is. One for the window.
class Hints : public QObject {
    Q_OBJECT
public:
    explicit Hints(QObject* parent);

Q_SIGNALS:
    void handbookAsked(); ///< by the link under what a thing is

protected:
    bool eventFilter(QObject* object, QEvent* event) override;
};

} // namespace bh::desk
