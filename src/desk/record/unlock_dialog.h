#pragma once

#include <QDialog>

class QComboBox;
class QLabel;
class QLineEdit;

namespace bh {
class Lock;
class School;
} // namespace bh

namespace bh::desk {

/// Asks who is there, and for the passphrase.
class UnlockDialog : public QDialog {
    Q_OBJECT
public:
    UnlockDialog(School& school, Lock& lock, QWidget* parent = nullptr);

private:
    void tryIt();
    Lock& lock_;
    QComboBox* who_;
    QLineEdit* passphrase_;
    QLabel* said_;
};

} // namespace bh::desk
