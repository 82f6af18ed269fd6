#include "desk/parts/form_scroll.h"

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

} // namespace bh::desk
