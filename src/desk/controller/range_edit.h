#pragma once

#include "core/controller/settings_sheet.h"

#include <QWidget>

class QDoubleSpinBox;

namespace bh::desk {

/// Lowest, highest and step of a setting, side by side.
class RangeEdit : public QWidget {
    Q_OBJECT
public:
    /// `name` is what a screen reader calls it; `low` and `high` are as far as any setting of the kind goes.
    RangeEdit(const QString& name, double low, double high, double step, QWidget* parent = nullptr);
    void setRange(const SimulatorProfile::Range& range);
    [[nodiscard]] SimulatorProfile::Range range() const; ///< lowest and highest in order

Q_SIGNALS:
    void edited();

private:
    QDoubleSpinBox *low_, *high_, *step_;
};

} // namespace bh::desk
