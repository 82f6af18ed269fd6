#pragma once

#include <QDoubleSpinBox>

namespace bh::desk {

/// A box for a number with its unit, that tells a value once it has been typed.
inline QDoubleSpinBox* numberBox(const char* name, const QString& spoken, double low, double high, double step,
                                 const QString& unit)
{
    auto* box = new QDoubleSpinBox;
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(spoken);
    box->setRange(low, high);
    box->setSingleStep(step);
    box->setDecimals(0);
    box->setSuffix(unit);
    box->setKeyboardTracking(false);
    box->setFocusPolicy(Qt::StrongFocus);
    return box;
}

} // namespace bh::desk
