#pragma once

#include "core/logbook/logbook.h"

#include <QFrame>
#include <string>

class QComboBox;
class QLabel;
class QPushButton;

namespace bh {
class School;
class Station;
} // namespace bh

namespace bh::desk {

/// Practice in another program that has ended, to be kept or not. Seen only while there is such a thing.
class OutsideOffer : public QFrame {
    Q_OBJECT
public:
    OutsideOffer(School& school, Station& station, QWidget* parent = nullptr);

private:
    void refresh();
    School& school_;
    Station& station_;
    QLabel* words_;
    QPushButton* keep_;
    QComboBox *simulator_, *viewing_;
    std::string of_;
    UnixTime at_ = 0;
};

} // namespace bh::desk
