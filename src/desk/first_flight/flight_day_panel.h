#pragma once

#include "core/progress/flight_day.h"

#include <QWidget>
#include <string>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QSpinBox;

namespace bh {
class School;
}

namespace bh::desk {

/// The day of a first flight: the site and the weather, judged against the house's limits, the worst thing first; and what to fly
/// with.
class FlightDayPanel : public QWidget {
    Q_OBJECT
public:
    explicit FlightDayPanel(School& school, QWidget* parent = nullptr);
    void show(const std::string& pilot_id);

private:
    void makeFields();
    [[nodiscard]] QWidget* makeForm();
    void readReport();
    void keep();
    void refresh();
    [[nodiscard]] FlightDay asTyped() const;
    School& school_;
    std::string pilot_id_;
    QLabel *judged_, *plan_, *said_;
    QLineEdit *name_, *spotter_, *permission_, *report_;
    QComboBox* ground_;
    QDoubleSpinBox *room_, *field_, *wind_, *gust_, *visibility_, *temperature_, *pressure_;
    QCheckBox *people_, *water_, *masts_, *wet_, *thunder_, *fog_;
    QSpinBox *packs_, *cells_;
};

} // namespace bh::desk
