#pragma once

#include "record/chain/station_key.h"

#include <QPointer>
#include <QWidget>
#include <optional>
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
    /// With which key: that of whoever unlocked, of a coordinator by passphrase, or, nothing, this station's own.
    [[nodiscard]] Result<std::optional<StationKey>> signer();
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
