#include "desk/parts/forms/form_scroll.h"

#include <QResizeEvent>
#include <QScrollBar>
#include <QWheelEvent>

namespace bh::desk {

FormScroll::FormScroll(QWidget* parent) : QScrollArea(parent)
{
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

QSize FormScroll::minimumSizeHint() const
{
    const QSize usual = QScrollArea::minimumSizeHint();
    return widget() ? QSize(widget()->minimumSizeHint().width() + verticalScrollBar()->sizeHint().width(), usual.height())
                    : usual;
}

void FormScroll::setForm(QWidget* form)
{
    watchFields(form);
    setWidget(form);
}

void FormScroll::watchFields(QWidget* part)
{
    for (QWidget* field : part->findChildren<QWidget*>()) field->installEventFilter(this);
}

bool FormScroll::eventFilter(QObject* object, QEvent* event)
{
    if (event->type() != QEvent::Wheel) return QScrollArea::eventFilter(object, event);
    verticalScrollBar()->setValue(verticalScrollBar()->value() - static_cast<QWheelEvent*>(event)->angleDelta().y());
    event->accept();
    return true;
}

FittingScroll::FittingScroll(QWidget* parent) : FormScroll(parent)
{
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
}

QSize FittingScroll::sizeHint() const
{
    if (!widget()) return FormScroll::sizeHint();
    const int of_width = widget()->heightForWidth(viewport()->width());
    return {widget()->sizeHint().width(), of_width > 0 ? of_width : widget()->sizeHint().height()};
}

bool FittingScroll::eventFilter(QObject* object, QEvent* event)
{
    if (object == widget() && event->type() == QEvent::LayoutRequest) updateGeometry();
    return FormScroll::eventFilter(object, event);
}

void FittingScroll::resizeEvent(QResizeEvent* event)
{
    FormScroll::resizeEvent(event);
    if (event->size().width() != event->oldSize().width()) updateGeometry();
}

} // namespace bh::desk
