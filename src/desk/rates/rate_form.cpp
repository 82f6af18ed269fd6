#include "desk/rates/rate_form.h"

#include "core/curves/rate_axis.h"
#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"
#include "desk/words/axis_words.h"
#include "desk/words/message_words.h"
#include "desk/words/utf8.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QSignalBlocker>

namespace bh::desk {
namespace {

RateCurve& axisOf(RateProfile& p, std::size_t axis) { return curve_of(p, static_cast<RateAxis>(axis)); }

} // namespace

RateForm::RateForm(QWidget* parent) : QWidget(parent)
{
    family_ = new QComboBox;
    family_->setObjectName(QStringLiteral("ratesFamily"));
    family_->setAccessibleName(tr("How these rates are given"));
    family_->setToolTip(tr("The kind of numbers in which these rates are given"));
    family_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    family_->setMinimumContentsLength(14);
    for (const RateFamily& f : rate_families()) family_->addItem(asWords(f.name), utf8(f.key));
    connect(family_, &QComboBox::activated, this, &RateForm::familyChosen);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(family_);
    for (std::size_t axis = 0; axis < 3; ++axis) makeRow(axis);
}

void RateForm::makeRow(std::size_t axis)
{
    rows_[axis] = new QWidget(this);
    auto* grid = new QGridLayout(rows_[axis]);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setVerticalSpacing(0);
    grid->setHorizontalSpacing(8);
    measured_[axis] = new QLabel(tr("measured points"));
    measured_[axis]->setProperty("quiet", true);
    grid->addWidget(measured_[axis], 0, 0, 1, 2);
    grid->setColumnStretch(1, 1);
    for (std::size_t k = 0; k < 3; ++k) {
        const int at = static_cast<int>(k);
        heads_[axis][k] = new QLabel;
        heads_[axis][k]->setProperty("quiet", true);
        grid->addWidget(heads_[axis][k], at, 0);
        auto* box = boxes_[axis][k] = new QDoubleSpinBox;
        box->setObjectName(QStringLiteral("real-%1-%2").arg(utf8(axis_labels[axis]).toLower()).arg(k));
        box->setButtonSymbols(QAbstractSpinBox::NoButtons);
        box->setKeyboardTracking(false);
        grid->addWidget(box, at, 1);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, axis, k](double value) { boxEdited(axis, k, value); });
    }
}

std::string RateForm::family() const { return family_->currentData().toString().toStdString(); }

void RateForm::show(const RateProfile& rates, Whose whose, bool editable)
{
    rates_ = rates;
    whose_ = whose;
    editable_ = editable;
    family_->setEnabled(editable);
    family_->setCurrentIndex(family_->findData(QLatin1String(family_key(rates.roll))));
    for (std::size_t axis = 0; axis < 3; ++axis) showAxis(axis);
}

/// Each axis in its own kind of numbers, with that kind's ranges: what is shown is what stands.
void RateForm::showAxis(std::size_t axis)
{
    const RateFamily* family = rate_family(family_key(curve_of(rates_, static_cast<RateAxis>(axis))));
    const auto values = parameters_of(curve_of(rates_, static_cast<RateAxis>(axis)));
    measured_[axis]->setVisible(!family);
    for (std::size_t k = 0; k < 3; ++k) {
        QDoubleSpinBox* box = boxes_[axis][k];
        const bool there = family && k < values.size();
        box->setVisible(there);
        heads_[axis][k]->setVisible(there);
        box->setEnabled(editable_);
        if (!there) continue;
        const RateParameter& p = family->parameters[k];
        heads_[axis][k]->setText(asWords(p.name));
        const QSignalBlocker quiet(box); // told only when somebody edits
        box->setDecimals(p.step < 1 ? 2 : 0);
        box->setRange(p.low, p.high);
        box->setSingleStep(p.step < 1 ? 0.05 : 10);
        box->setToolTip(asWords(p.name) + (p.unit.empty() ? QString() : QStringLiteral(", ") + asWords(p.unit)));
        box->setAccessibleName((whose_ == Whose::Practised ? tr("%1 of the practised %2") : tr("%1 of the real aircraft's %2"))
                                   .arg(asWords(p.name), axisName(axis)));
        box->setValue(values[k]);
    }
}

void RateForm::boxEdited(std::size_t axis, std::size_t parameter, double value)
{
    RateProfile changed = rates_;
    RateCurve& curve = axisOf(changed, axis);
    std::vector<double> values = parameters_of(curve);
    if (parameter >= values.size()) return;
    values[parameter] = value;
    if (const auto edited_curve = curve_with(family_key(curve), values)) curve = *edited_curve;
    Q_EMIT edited(changed);
}

void RateForm::familyChosen()
{
    RateProfile changed = rates_;
    for (std::size_t axis = 0; axis < 3; ++axis)
        if (const auto same = match_rates(axisOf(changed, axis), family())) axisOf(changed, axis) = same->rounded;
    changed.limits.clear(); // they were of other numbers
    Q_EMIT edited(changed);
}

} // namespace bh::desk
