#pragma once

#include <QFrame>

class QLabel;
class QPushButton;

namespace bh {
class RecordWatch;
class School;
} // namespace bh

namespace bh::desk {

class Station;

/// Both sticks, small.
class StickMiniature : public QWidget {
    Q_OBJECT
public:
    explicit StickMiniature(Station& station, QWidget* parent = nullptr);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    Station& station_;
};

/// Bottom of the frame: controller, practice clock, state of the record, undo.
class Apron : public QFrame {
    Q_OBJECT
public:
    Apron(School& school, Station& station, const QString& recordName, QWidget* parent = nullptr);
    void say(const QString& sentence); ///< shown until the next one
    void watch(RecordWatch& watch);    ///< that looks after the record

Q_SIGNALS:
    void nightToggled();

private:
    void refresh();
    [[nodiscard]] QString recordInWords() const;
    void showVerified();
    School& school_;
    Station& station_;
    QString recordName_;
    QString sentence_;
    QLabel* controller_;
    QLabel* practice_;
    QLabel* record_;
    QPushButton* outside_;
    QPushButton* undo_;
    QPushButton* verified_;
    RecordWatch* watch_ = nullptr;
};

} // namespace bh::desk
