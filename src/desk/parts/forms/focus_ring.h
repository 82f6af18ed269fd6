#pragma once

#include <QObject>
#include <QPointer>

class QWidget;

namespace bh::desk {

/// Draws a frame around what has the keyboard, where that does not show it itself: lists, sliders, tabs, plots, what scrolls.
class FocusRing : public QObject {
    Q_OBJECT
public:
    explicit FocusRing(QObject* parent);

protected:
    bool eventFilter(QObject* object, QEvent* event) override; ///< of what has the keyboard and all that it lies in

private:
    void follow(QWidget* focused);
    void place();
    QPointer<QWidget> focused_;
    QPointer<QWidget> frame_; ///< a child of the window that it is in, and gone with that
};

} // namespace bh::desk
