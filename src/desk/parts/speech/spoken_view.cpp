#include "desk/parts/speech/spoken_view.h"

#include "desk/parts/look/theme.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QPainter>
#include <QTimerEvent>

namespace bh::desk {
namespace {

constexpr int apart_ms = 500;

class SpokenInterface : public QAccessibleWidget, public QAccessibleValueInterface {
public:
    explicit SpokenInterface(SpokenView* view) : QAccessibleWidget(view, QAccessible::Graphic), view_(view) {}

    [[nodiscard]] QAccessible::Role role() const override // made while the view itself is being made
    {
        return view_->value() ? QAccessible::Slider : QAccessible::Graphic;
    }

    [[nodiscard]] QString text(QAccessible::Text kind) const override
    {
        if (kind == QAccessible::Description || (kind == QAccessible::Value && view_->value())) return view_->inWords();
        return QAccessibleWidget::text(kind);
    }
    void* interface_cast(QAccessible::InterfaceType type) override
    {
        if (type == QAccessible::ValueInterface && view_->value()) return static_cast<QAccessibleValueInterface*>(this);
        return QAccessibleWidget::interface_cast(type);
    }

    [[nodiscard]] QVariant currentValue() const override { return held().now; }
    [[nodiscard]] QVariant minimumValue() const override { return held().least; }
    [[nodiscard]] QVariant maximumValue() const override { return held().most; }
    [[nodiscard]] QVariant minimumStepSize() const override { return held().step; }
    void setCurrentValue(const QVariant& value) override { view_->setValue(value.toDouble()); }

private:
    [[nodiscard]] SpokenView::Value held() const { return view_->value().value_or(SpokenView::Value()); }
    SpokenView* view_;
};

QAccessibleInterface* spoken(const QString&, QObject* object)
{
    auto* view = qobject_cast<SpokenView*>(object);
    return view ? new SpokenInterface(view) : nullptr;
}

} // namespace

SpokenView::SpokenView(QWidget* parent) : QWidget(parent)
{
    static const bool known = (QAccessible::installFactory(spoken), true); // before the first of them has a name
    Q_UNUSED(known);
}

void SpokenView::saysOtherwise()
{
    changed_ = true;
    if (next_.isActive()) return;
    tell();
    next_.start(apart_ms, this);
}

void SpokenView::timerEvent(QTimerEvent* event)
{
    if (event->timerId() != next_.timerId()) return QWidget::timerEvent(event);
    if (changed_) return tell();
    next_.stop();
}

void SpokenView::tell()
{
    changed_ = false;
    if (!isVisible()) return;
    if (const auto held = value()) {
        QAccessibleValueChangeEvent changed(this, held->now);
        QAccessible::updateAccessibility(&changed);
    }
    QAccessibleEvent described(this, QAccessible::DescriptionChanged);
    QAccessible::updateAccessibility(&described); // goes nowhere while nothing listens
    Q_EMIT toldAnew();
}

void SpokenView::paintFocus(QPainter& painter) const
{
    if (!hasFocus()) return;
    constexpr double line_px = 2;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(theme().attention, line_px));
    painter.drawRect(QRectF(rect()).adjusted(line_px / 2, line_px / 2, -line_px / 2, -line_px / 2));
    painter.restore();
}

} // namespace bh::desk
