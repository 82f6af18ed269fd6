#pragma once

#include <QAction>
#include <QDialog>

class QKeySequenceEdit;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh::desk {

/// All keys on one sheet; a chosen command is given others, unless they are taken.
class KeysWindow : public QDialog {
    Q_OBJECT
public:
    KeysWindow(const QList<QAction*>& commands, QWidget* parent);

private:
    void fill();
    void choose();
    void take(const QKeySequence& keys);
    [[nodiscard]] QAction* chosen() const;
    QList<QAction*> commands_;
    QTableWidget* table_;
    QKeySequenceEdit* edit_;
    QPushButton *keep_, *none_, *usual_;
    QLabel* said_;
};

} // namespace bh::desk
