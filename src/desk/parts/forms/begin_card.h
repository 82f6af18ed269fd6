#pragma once

#include <QFrame>
#include <functional>

class QLabel;
class QPushButton;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// On a page that has nothing to show yet: what it will show, and the one button that begins it. Hidden where there is something.
class BeginCard : public QFrame {
    Q_OBJECT
public:
    /// What comes first, where it is not a pilot: the words on the button, and the id of the command that they stand for.
    struct First {
        QString words;
        QByteArray command;
    };
    /// `shows`: a sentence about the page, which is empty where no pilot is chosen.
    BeginCard(const QString& shows, School& school, Station& station);
    /// The same of a page that can be empty for a pilot too; it says when.
    BeginCard(const QString& shows, School& school, Station& station, First first, std::function<bool()> empty);
    void refresh(); ///< done by itself when the record changes or another pilot is chosen

private:
    School& school_;
    Station& station_;
    First first_;
    std::function<bool()> empty_;
    QByteArray command_;
    QPushButton* begin_ = nullptr;
};

} // namespace bh::desk
