#pragma once

#include <QPointer>
#include <QWidget>

class QLabel;
class QTableWidget;

namespace bh {
class RecordWatch;
class School;
} // namespace bh

namespace bh::desk {

/// Where the record lies, what its head is, when it was verified, and its copies: made, put back, handed out.
class StatePanel : public QWidget {
    Q_OBJECT
public:
    StatePanel(School& school, RecordWatch* watch, QWidget* parent = nullptr);

    void bringIn(const QString& from, const QString& to); ///< an exported folder, into a new record

private:
    [[nodiscard]] QStringList serverFacts() const;
    void refresh();
    void backUp();
    void restoreBackup();
    void exportWhole();
    void importWhole();
    void say(const QString& words);
    /// Verifies the record first, and asks where something is wrong with it.
    [[nodiscard]] bool mayLeave();
    School& school_;
    QPointer<RecordWatch> watch_; ///< goes before the window does
    QLabel* facts_;
    QLabel* said_;
    QLabel* no_copies_;
    QTableWidget* copies_;
};

} // namespace bh::desk
