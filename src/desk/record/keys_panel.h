#pragma once

#include <QPointer>
#include <QWidget>
#include <string>

class QLabel;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace bh {
class Lock;
class RecordWatch;
class School;
} // namespace bh

namespace bh::desk {

/// Whose keys sign this record, since when, and who let them in; an entry that is marked as known; a head from paper, compared.
class KeysPanel : public QWidget {
    Q_OBJECT
public:
    KeysPanel(School& school, Lock& lock, RecordWatch* watch, QWidget* parent = nullptr);

private:
    void refresh();
    void letIn();
    void mark();
    void compare();
    void say(const QString& words);
    [[nodiscard]] std::string chosen() const;
    [[nodiscard]] std::string takePassphrase();
    School& school_;
    Lock& lock_;
    QPointer<RecordWatch> watch_;
    QTableWidget* keys_;
    QPushButton *let_in_, *mark_;
    QSpinBox* entry_;
    QLineEdit *why_, *head_, *passphrase_;
    QLabel* said_;
};

} // namespace bh::desk
