#include "desk/controller/range_edit.h"

#include "desk/parts/look/theme.h"

#include <QBoxLayout>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {
namespace {

/// Keeps three decimals and shows no more of them than a number needs.
class PlainSpinBox : public QDoubleSpinBox {
public:
    PlainSpinBox() { setDecimals(3); }
    [[nodiscard]] QString textFromValue(double value) const override { return locale().toString(value, 'g', 6); }
};

} // namespace

RangeEdit::RangeEdit(const QString& name, double low, double high, double step, QWidget* parent) : QWidget(parent)
{
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    const auto number = [&](const QString& which, const char* id, double least, double most) {
        auto* box = new PlainSpinBox;
        box->setObjectName(QLatin1String(id));
        box->setAccessibleName(tr("%1, %2").arg(name, which));
        box->setToolTip(tr("%1 of %2 that the simulator lets you set").arg(which, name));
        box->setButtonSymbols(QAbstractSpinBox::NoButtons);
        box->setKeyboardTracking(false);
        box->setRange(least, most);
        box->setSingleStep(step);
        box->setMinimumWidth(scaled(46));
        box->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        connect(box, &QDoubleSpinBox::valueChanged, this, &RangeEdit::edited);
        return box;
    };
    low_ = number(tr("lowest"), "low", low, high);
    high_ = number(tr("highest"), "high", low, high);
    step_ = number(tr("step"), "step", 0.001, high - low);
    layout->addWidget(low_, 1);
    layout->addWidget(new QLabel(tr("to")));
    layout->addWidget(high_, 1);
    layout->addWidget(new QLabel(tr("by")));
    layout->addWidget(step_, 1);
}

void RangeEdit::setRange(const SimulatorProfile::Range& range)
{
    for (const auto& [box, value] : {std::pair{low_, range.low}, {high_, range.high}, {step_, range.step}}) {
        const QSignalBlocker quiet(box);
        box->setValue(value);
    }
}

SimulatorProfile::Range RangeEdit::range() const
{
    return {std::min(low_->value(), high_->value()), std::max(low_->value(), high_->value()), step_->value()};
}

} // namespace bh::desk
