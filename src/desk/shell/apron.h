#pragma once

#include <QFrame>

class QLabel;
class QPushButton;

namespace bh {
class School;
}

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

Q_SIGNALS:
    void nightToggled();

private:
    void refresh();
    [[nodiscard]] QString recordInWords() const;
    School& school_;
    Station& station_;
    QString recordName_;
    QString sentence_;
    QLabel* controller_;
    QLabel* practice_;
    QLabel* record_;
    QPushButton* outside_;
    QPushButton* undo_;
};

} // namespace bh::desk
