#pragma once

#include "desk/parts/speech/spoken_view.h"

#include <QFrame>

class QLabel;
class QPushButton;

namespace bh {
class Lock;
class RecordWatch;
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// Both sticks, small.
class StickMiniature : public SpokenView {
    Q_OBJECT
public:
    explicit StickMiniature(Station& station, QWidget* parent = nullptr);
    [[nodiscard]] QString inWords() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Station& station_;
};

/// Bottom of the frame: controller, practice clock, state of the record, undo.
class StatusBar : public QFrame {
    Q_OBJECT
public:
    StatusBar(School& school, Station& station, const QString& recordName, QWidget* parent = nullptr);
    void say(const QString& sentence); ///< shown until the next one
    void watch(RecordWatch& watch);    ///< that looks after the record
    void watch(Lock& lock);            ///< that says who is here

Q_SIGNALS:
    void nightToggled();
    void recordAsked(); ///< all about it
    void lockAsked();   ///< to lock, to unlock, or to say who may

private:
    void refresh();
    [[nodiscard]] QString recordInWords() const;
    void showVerified();
    void showLock();
    School& school_;
    Station& station_;
    QString recordName_;
    QString sentence_;
    QLabel* controller_;
    QLabel* practice_;
    QPushButton* record_;
    QPushButton* lock_;
    QPushButton* outside_;
    QPushButton* undo_;
    QPushButton *verified_, *viewing_;
    RecordWatch* watch_ = nullptr;
    Lock* who_ = nullptr;
};

} // namespace bh::desk
