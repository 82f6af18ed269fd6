#pragma once

#include "core/setup/way_back.h"

#include <QWidget>
#include <string>

class QDoubleSpinBox;
class QLabel;
class QPushButton;
class QTableWidget;

namespace bh {
class School;
}

namespace bh::desk {

/// The ladder from an aircraft that was made easy to the real one: one step at a time, offered while the pilot does not rock, and
/// half a step back when that rises.
class WayBackPanel : public QWidget {
    Q_OBJECT
public:
    explicit WayBackPanel(School& school, QWidget* parent = nullptr);
    void setPilot(const std::string& pilot_id);

private:
    void begin();
    void end();
    void refresh();
    void showRungs(const WayBackStanding& standing);

    School& school_;
    std::string pilot_id_;
    QLabel *heading_, *words_;
    QPushButton *begin_, *step_, *back_, *end_;
    QDoubleSpinBox *rate_, *tilt_;
    QWidget* goal_;
    QTableWidget* rungs_;
};

} // namespace bh::desk
