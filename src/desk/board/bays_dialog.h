#pragma once

#include "core/plan/school_week.h"

#include <QDialog>
#include <array>
#include <string>

class QCheckBox;
class QDoubleSpinBox;
class QLabel;
class QTableWidget;
class QTimeEdit;

namespace bh {
class School;
}

namespace bh::desk {

/// From when to when on each day of a week; with a second stretch where one is asked for.
class HoursForm : public QWidget {
    Q_OBJECT
public:
    explicit HoursForm(bool with_coordinator, QWidget* parent = nullptr);
    void show(const std::vector<WeeklyHours>& hours);
    [[nodiscard]] std::vector<WeeklyHours> hours() const;

private:
    struct Day {
        QCheckBox *open, *coordinator;
        QTimeEdit *from, *to, *coordinator_from, *coordinator_to;
    };
    std::array<Day, 7> days_{};
};

/// Which bays a school has, what is in them, and when it is open.
class BaysDialog : public QDialog {
    Q_OBJECT
public:
    explicit BaysDialog(School& school, QWidget* parent = nullptr);

private:
    void keep();
    School& school_;
    QTableWidget* bays_;
    HoursForm* hours_;
    QLabel* said_;
};

/// When one pilot can come, and how many hours a week are wanted.
class AvailabilityDialog : public QDialog {
    Q_OBJECT
public:
    AvailabilityDialog(School& school, const std::string& pilot_id, QWidget* parent = nullptr);
    void takeFile(const QString& file); ///< a calendar (.ics) or a table (.csv): adds what it says

private:
    void keep();
    School& school_;
    std::string pilot_id_;
    QDoubleSpinBox* wanted_;
    HoursForm* hours_;
    std::vector<DatedHours> on_; ///< from a file
    QLabel* said_;
};

} // namespace bh::desk
