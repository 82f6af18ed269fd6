#pragma once

#include "core/progress/flight_day.h"
#include "files/documents/first_flight_documents.h"

#include <QWidget>
#include <functional>
#include <map>
#include <string>
#include <vector>

class QCheckBox;
class QGridLayout;
class QLabel;
class QLineEdit;

namespace bh {
class School;
}

namespace bh::desk {

/// Points that are read aloud and ticked: by the pilot and by the coordinator, or, of a programme that is flown, once, with a
/// note. As good in a window as small as a telephone.
class TickList : public QWidget {
    Q_OBJECT
public:
    enum class Of { Briefing, Programme };
    TickList(School& school, Of of, QWidget* parent = nullptr);
    void show(const std::string& pilot_id); ///< whose it is; empty: nobody's

private:
    struct Line {
        QCheckBox *pilot = nullptr, *coordinator = nullptr;
        QLineEdit* note = nullptr;
        QLabel* known = nullptr; ///< what the record knows of it
    };
    void addLine(const FirstFlightPlan::Item& item, QGridLayout* grid);
    void refresh();
    void change(const std::string& item, const std::function<void(Tick&)>& how);
    School& school_;
    Of of_;
    std::string pilot_id_;
    std::map<std::string, Line> lines_;
};

} // namespace bh::desk
