#pragma once

#include "school/flights/flight_journal.h"

#include <QDialog>

class QVBoxLayout;

namespace bh {
class School;
}

namespace bh::desk {

/// Flights that were under way when the program ended, each to be kept or let go. What is not decided is asked at the next start.
class CutShortDialog : public QDialog {
    Q_OBJECT
public:
    CutShortDialog(School& school, std::vector<CutShort> flights, QWidget* parent = nullptr);

private:
    void add(QVBoxLayout* to, std::size_t which);
    School& school_;
    std::vector<CutShort> flights_;
    std::size_t open_ = 0; ///< not decided yet
};

} // namespace bh::desk
