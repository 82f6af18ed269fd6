#pragma once

#include "core/controller/settings_sheet.h"
#include "desk/parts/forms/form_scroll.h"

#include <array>
#include <map>
#include <string>

class QCheckBox;
class QComboBox;
class QGridLayout;
class QLineEdit;
class QSpinBox;

namespace bh::desk {

class RangeEdit;

/// The conventions of one simulator as a form; every change is told at once.
class SimulatorEditor : public FormScroll {
    Q_OBJECT
public:
    explicit SimulatorEditor(QWidget* parent = nullptr);
    void show(const SimulatorProfile& simulator);

Q_SIGNALS:
    void edited(const bh::SimulatorProfile& simulator);

private:
    struct OptionalRange { ///< a setting that a simulator has or has not
        QCheckBox* has;
        RangeEdit* range;
    };
    void tell();
    void showRateLimits();
    QLineEdit* words(const QString& label, const char* name, const QString& tip);
    QComboBox* choice(const QString& label, const QString& name, const QString& tip);
    OptionalRange setting(const QString& label, const char* name, double low, double high, double step);
    void field(const QString& label, QWidget* widget, const QString& name, const QString& tip);
    void heading(const QString& text);
    [[nodiscard]] SimulatorProfile asEdited() const;

    SimulatorProfile shown_;
    bool filling_ = false;
    QGridLayout* form_;
    QSpinBox* base_;
    QLineEdit *axisWord_, *invertWord_, *armingWords_;
    QComboBox *order_, *throttle_, *arming_, *family_;
    std::array<QComboBox*, 4> rising_{};
    std::map<Mode, QLineEdit*> modes_;
    std::map<int, QLineEdit*> stickModes_;
    QGridLayout* limits_;
    std::map<std::string, RangeEdit*> limitOf_; ///< by the shown family's parameter
    OptionalRange tilt_{}, fov_{};
};

} // namespace bh::desk
