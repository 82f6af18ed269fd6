#include "desk/controller/simulator_editor.h"

#include "core/curves/rate_families.h"
#include "desk/controller/range_edit.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "files/documents/simulator_document.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <algorithm>

namespace bh::desk {
namespace {

QString orderWords(const std::array<Function, 4>& order)
{
    QStringList names;
    for (Function f : order) names << asWords(function_key(f));
    return names.join(QStringLiteral(", "));
}

/// Every order in which four functions can stand.
std::vector<std::array<Function, 4>> allOrders()
{
    std::array<Function, 4> order = all_functions;
    std::vector<std::array<Function, 4>> orders;
    do orders.push_back(order);
    while (std::next_permutation(order.begin(), order.end()));
    return orders;
}

QString shown(std::string_view text) { return QString::fromUtf8(text.data(), static_cast<int>(text.size())); }

QString capitalised(QString words)
{
    words[0] = words[0].toUpper();
    return words;
}

QString text(const QLineEdit* line) { return line->text().simplified(); }

} // namespace

SimulatorEditor::SimulatorEditor(QWidget* parent) : FormScroll(parent)
{
    setObjectName(QStringLiteral("simulatorEditor"));
    setFocusPolicy(Qt::NoFocus);
    form_ = new QGridLayout;
    form_->setVerticalSpacing(4);
    form_->setContentsMargins(0, 0, 8, 0);
    form_->setColumnStretch(1, 1);

    heading(tr("Axes"));
    base_ = new QSpinBox;
    base_->setRange(0, 100);
    base_->setButtonSymbols(QAbstractSpinBox::NoButtons);
    base_->setKeyboardTracking(false);
    field(tr("First axis is"), base_, QStringLiteral("axisBase"),
          tr("Some simulators count a device's axes from 0, some from 1."));
    connect(base_, &QSpinBox::valueChanged, this, &SimulatorEditor::tell);
    axisWord_ =
        words(tr("Word for axis"), "axisWord", tr("The word in its settings, so that the sheet says what the eye looks for."));
    invertWord_ = words(tr("Word for invert"), "invertWord", tr("The word beside the box that turns an axis round."));
    order_ = choice(tr("Order of lines"), QStringLiteral("functionOrder"),
                    tr("The order in which its settings list the four functions; the sheet follows it."));
    for (const auto& order : allOrders()) order_->addItem(orderWords(order));
    for (Function f : all_functions) {
        auto*& box = rising_[static_cast<std::size_t>(f)];
        box =
            choice(tr("Rising %1 is").arg(asWords(function_key(f))),
                   QStringLiteral("rising-") + QString::fromUtf8(function_key(f).data()),
                   tr("What it takes for %1 when a device's counts rise and nothing is inverted.").arg(asWords(function_key(f))));
        for (bool positive : {true, false}) box->addItem(asWords(side_word(f, positive)), positive);
    }
    throttle_ = choice(tr("Throttle uses"), QStringLiteral("throttleRange"),
                       tr("Whether the stick's middle is half power or no power there."));
    throttle_->addItems({tr("whole way"), tr("upper half only"), tr("either, by a setting")});

    heading(tr("Arming"));
    arming_ = choice(tr("Arms"), QStringLiteral("arming"), tr("What starts the motors."));
    arming_->addItems({tr("by itself"), tr("by a switch"), tr("both sticks down and in"), tr("by a key")});
    armingWords_ = words(tr("More on arming"), "armingWords", tr("A sentence for the sheet, such as which key."));
    heading(tr("What it calls the modes"));
    for (Mode mode : {Mode::Acro, Mode::Angle, Mode::Horizon, Mode::Hold, Mode::Sport}) {
        const QString key = mode == Mode::Hold ? tr("position-hold") : shown(mode_key(mode));
        modes_[mode] = words(capitalised(key), qPrintable(QStringLiteral("mode-") + key),
                             tr("Its name for %1 mode; empty when it has none.").arg(key));
        modes_[mode]->setPlaceholderText(tr("not there"));
    }

    heading(tr("What it calls the stick modes"));
    for (int mode = 1; mode <= 4; ++mode) {
        stickModes_[mode] = words(tr("Mode %1").arg(mode), qPrintable(QStringLiteral("stickMode-%1").arg(mode)),
                                  tr("Its name for stick mode %1; empty when it does not ask for a stick mode.").arg(mode));
        stickModes_[mode]->setPlaceholderText(tr("not asked"));
    }

    heading(tr("Aircraft and camera"));
    tilt_ = setting(tr("Camera tilt, °"), "tilt", 0, 90, 1);
    fov_ = setting(tr("Field of view, °"), "fov", 30, 180, 1);
    family_ = choice(tr("Rates are set by"), QStringLiteral("rateFamily"),
                     tr("The kind of numbers in which it lets rates be set; what each can be follows below."));
    family_->addItem(tr("nothing: fixed"), QString());
    for (const RateFamily& f : rate_families()) {
        family_->addItem(asWords(f.name), shown(f.key));
    }
    auto* limitBox = new QWidget;
    limits_ = new QGridLayout(limitBox);
    limits_->setContentsMargins(0, 0, 0, 0);
    limits_->setVerticalSpacing(4);
    limits_->setColumnStretch(1, 1);
    form_->addWidget(limitBox, form_->rowCount(), 0, 1, 2);
    form_->setRowStretch(form_->rowCount(), 1);

    auto* box = new QWidget;
    box->setLayout(form_);
    setForm(box);
    setMinimumWidth(box->minimumSizeHint().width() + 12); // and the scroll bar
}

void SimulatorEditor::heading(const QString& text)
{
    auto* label = new QLabel(text);
    label->setFont(uiFont(text_points, true));
    label->setContentsMargins(0, form_->count() ? 8 : 0, 0, 0);
    form_->addWidget(label, form_->rowCount(), 0, 1, 2);
}

void SimulatorEditor::field(const QString& label, QWidget* widget, const QString& name, const QString& tip)
{
    widget->setAccessibleName(label);
    widget->setObjectName(name);
    widget->setToolTip(tip);
    widget->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    widget->setFocusPolicy(Qt::StrongFocus);
    const int row = form_->rowCount();
    auto* caption = new QLabel(label);
    caption->setToolTip(tip);
    caption->setWordWrap(true); // in a small window the list and the sheet beside it need their room too
    form_->addWidget(caption, row, 0);
    form_->addWidget(widget, row, 1);
}

QLineEdit* SimulatorEditor::words(const QString& label, const char* name, const QString& tip)
{
    auto* line = new QLineEdit;
    line->setMaxLength(60);
    field(label, line, QLatin1String(name), tip);
    connect(line, &QLineEdit::editingFinished, this, &SimulatorEditor::tell);
    return line;
}

QComboBox* SimulatorEditor::choice(const QString& label, const QString& name, const QString& tip)
{
    auto* box = new QComboBox;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(8);
    field(label, box, name, tip);
    connect(box, &QComboBox::activated, this, &SimulatorEditor::tell);
    return box;
}

SimulatorEditor::OptionalRange SimulatorEditor::setting(const QString& label, const char* name, double low, double high,
                                                        double step)
{
    auto* has = new QCheckBox(label);
    has->setObjectName(QLatin1String("has-") + QLatin1String(name));
    has->setToolTip(tr("Ticked when the simulator lets it be set."));
    auto* range = new RangeEdit(label, low, high, step);
    range->setObjectName(QLatin1String(name));
    range->setRange({low, high, step});
    const int row = form_->rowCount();
    form_->addWidget(has, row, 0);
    form_->addWidget(range, row, 1);
    connect(has, &QCheckBox::clicked, this, [this, has, range] {
        range->setEnabled(has->isChecked());
        tell();
    });
    connect(range, &RangeEdit::edited, this, &SimulatorEditor::tell);
    return {has, range};
}

void SimulatorEditor::show(const SimulatorProfile& s)
{
    filling_ = true;
    const bool other_limits = limitOf_.empty() || s.rate_family != shown_.rate_family;
    shown_ = s;
    base_->setValue(s.axis_base);
    axisWord_->setText(QString::fromStdString(s.axis_word));
    invertWord_->setText(QString::fromStdString(s.invert_word));
    order_->setCurrentText(orderWords(s.order));
    for (Function f : all_functions) {
        const auto i = static_cast<std::size_t>(f);
        rising_[i]->setCurrentIndex(s.rising_is_positive[i] ? 0 : 1);
    }
    throttle_->setCurrentIndex(static_cast<int>(s.throttle));
    arming_->setCurrentIndex(static_cast<int>(s.arming));
    armingWords_->setText(asWords(s.arming_words));
    const auto fill = [](const auto& lines, const auto& names) {
        for (const auto& [mode, line] : lines) {
            const auto name = names.find(mode);
            line->setText(name == names.end() ? QString() : QString::fromStdString(name->second));
        }
    };
    fill(modes_, s.mode_names);
    fill(stickModes_, s.stick_mode_names);
    for (const auto& [box, range] : {std::pair{tilt_, s.tilt_deg}, {fov_, s.fov_deg}}) {
        box.has->setChecked(range.has_value());
        box.range->setEnabled(range.has_value());
        if (range) box.range->setRange(*range);
    }
    family_->setCurrentIndex(std::max(0, family_->findData(QString::fromStdString(s.rate_family))));
    if (other_limits) showRateLimits();
    for (const auto& [key, edit] : limitOf_)
        if (const auto known = s.rate_limits.find(key); known != s.rate_limits.end()) edit->setRange(known->second);
    filling_ = false;
}

void SimulatorEditor::showRateLimits()
{
    while (QLayoutItem* item = limits_->takeAt(0)) {
        item->widget()->deleteLater(); // not at once: the change may have come from one of them
        delete item;
    }
    limitOf_.clear();
    const RateFamily* family = rate_family(shown_.rate_family);
    if (!family) return;
    for (const RateParameter& p : family->parameters) {
        const std::string key(p.key);
        const QString label = p.unit.empty() ? shown(p.name) : tr("%1, %2").arg(shown(p.name), shown(p.unit));
        auto* range = new RangeEdit(label, p.low, p.high, p.step);
        range->setObjectName(QLatin1String("limit-") + QString::fromStdString(key));
        range->setRange({p.low, p.high, p.step});
        connect(range, &RangeEdit::edited, this, &SimulatorEditor::tell);
        watchFields(range);
        const int row = limits_->rowCount();
        limits_->addWidget(new QLabel(label), row, 0);
        limits_->addWidget(range, row, 1);
        limitOf_[key] = range;
    }
    limits_->setColumnMinimumWidth(0, fov_.has->width());
}

SimulatorProfile SimulatorEditor::asEdited() const
{
    SimulatorProfile s = shown_;
    s.axis_base = base_->value();
    if (!text(axisWord_).isEmpty()) s.axis_word = text(axisWord_).toStdString();
    if (!text(invertWord_).isEmpty()) s.invert_word = text(invertWord_).toStdString();
    s.order = allOrders()[static_cast<std::size_t>(order_->currentIndex())];
    for (Function f : all_functions) {
        const auto i = static_cast<std::size_t>(f);
        s.rising_is_positive[i] = rising_[i]->currentData().toBool();
    }
    s.throttle = static_cast<SimulatorProfile::Throttle>(throttle_->currentIndex());
    s.arming = static_cast<SimulatorProfile::Arming>(arming_->currentIndex());
    s.arming_words = asKept(armingWords_->text(), s.arming_words);
    const auto read = [](const auto& lines, auto& names) {
        names.clear();
        for (const auto& [mode, line] : lines)
            if (!text(line).isEmpty()) names[mode] = text(line).toStdString();
    };
    read(modes_, s.mode_names);
    read(stickModes_, s.stick_mode_names);
    const auto range = [](const OptionalRange& box) {
        return box.has->isChecked() ? std::optional(box.range->range()) : std::nullopt;
    };
    s.tilt_deg = range(tilt_);
    s.fov_deg = range(fov_);
    s.rate_family = family_->currentData().toString().toStdString();
    s.rate_limits.clear();
    if (s.rate_family == shown_.rate_family) {
        for (const auto& [key, edit] : limitOf_) s.rate_limits[key] = edit->range();
    } else if (const RateFamily* family = rate_family(s.rate_family)) {
        for (const RateParameter& p : family->parameters) s.rate_limits[std::string(p.key)] = {p.low, p.high, p.step};
    }
    return s;
}

void SimulatorEditor::tell()
{
    if (filling_) return;
    const SimulatorProfile now = asEdited();
    if (simulator_json(now) != simulator_json(shown_)) Q_EMIT edited(now);
}

} // namespace bh::desk
