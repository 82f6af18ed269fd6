#include "desk/parts/forms/focus_ring.h"

#include "desk/parts/look/theme.h"
#include "desk/parts/speech/spoken_view.h"

#include <QAbstractButton>
#include <QAbstractSpinBox>
#include <QApplication>
#include <QComboBox>
#include <QEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QTableView>

namespace bh::desk {
namespace {

constexpr int line_px = 2;

class Frame : public QWidget {
public:
    explicit Frame(QWidget* window) : QWidget(window)
    {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setFocusPolicy(Qt::NoFocus);
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QPainter p(this);
        p.setPen(QPen(theme().attention, line_px));
        p.drawRect(rect().adjusted(line_px / 2, line_px / 2, -line_px / 2, -line_px / 2));
    }
};

bool showsItself(const QWidget* widget)
{
    return qobject_cast<const QAbstractButton*>(widget) || qobject_cast<const QLineEdit*>(widget) ||
           qobject_cast<const QComboBox*>(widget) || qobject_cast<const QAbstractSpinBox*>(widget) ||
           qobject_cast<const QTableView*>(widget) || qobject_cast<const QLabel*>(widget) ||
           qobject_cast<const SpokenView*>(widget);
}

/// What of it is not cut off by the parts that it lies in.
QRect seenInWindow(const QWidget& widget)
{
    const QWidget* window = widget.window();
    QRect seen(widget.mapTo(window, QPoint()), widget.size());
    for (const QWidget* w = widget.parentWidget(); w && w != window; w = w->parentWidget())
        seen &= QRect(w->mapTo(window, QPoint()), w->size());
    return seen & window->rect();
}

} // namespace

FocusRing::FocusRing(QObject* parent) : QObject(parent)
{
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* focused) { follow(focused); });
}

void FocusRing::follow(QWidget* focused)
{
    for (QWidget* w = focused_; w; w = w->parentWidget()) w->removeEventFilter(this);
    focused_ =
        focused && !focused->isWindow() && focused->focusPolicy() != Qt::NoFocus && !showsItself(focused) ? focused : nullptr;
    for (QWidget* w = focused_; w; w = w->parentWidget()) w->installEventFilter(this);
    place();
}

bool FocusRing::eventFilter(QObject* object, QEvent* event)
{
    switch (event->type()) {
    case QEvent::Move:
    case QEvent::Resize:
    case QEvent::Show:
    case QEvent::Hide: QMetaObject::invokeMethod(this, &FocusRing::place, Qt::QueuedConnection); break;
    default: break;
    }
    return QObject::eventFilter(object, event);
}

void FocusRing::place()
{
    const QRect seen = focused_ && focused_->isVisible() ? seenInWindow(*focused_) : QRect();
    if (seen.isEmpty()) {
        if (frame_) frame_->hide();
        return;
    }
    QWidget* window = focused_->window();
    if (!frame_ || frame_->parentWidget() != window) {
        delete frame_;
        frame_ = new Frame(window);
    }
    frame_->setGeometry(seen);
    frame_->raise();
    frame_->show();
}

} // namespace bh::desk
