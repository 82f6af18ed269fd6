#include "desk/parts/forms/side_by_side.h"

#include "desk/parts/forms/preferences.h"

#include <QShowEvent>
#include <algorithm>

namespace bh::desk {

SideBySide::SideBySide(const QString& name, QWidget* left, QWidget* right, int grows_left, int grows_right, QWidget* parent)
    : QSplitter(Qt::Horizontal, parent), grows_left_(grows_left), grows_right_(grows_right)
{
    setObjectName(name);
    setChildrenCollapsible(false);
    constexpr int between_px = 12;
    setHandleWidth(between_px);
    addWidget(left);
    addWidget(right);
    setStretchFactor(0, grows_left);
    setStretchFactor(1, grows_right);
    handle(1)->setToolTip(tr("Drag: how the two parts share the room"));
    connect(this, &QSplitter::splitterMoved, this, [this] { preferences().keepPlace(objectName(), saveState()); });
}

/// What each needs at least, and of the rest as much as it grows by.
void SideBySide::share()
{
    const int left = widget(0)->minimumSizeHint().expandedTo(widget(0)->minimumSize()).width(),
              right = widget(1)->minimumSizeHint().expandedTo(widget(1)->minimumSize()).width();
    const int rest = std::max(0, width() - handleWidth() - left - right);
    const int to_left = rest * grows_left_ / std::max(1, grows_left_ + grows_right_);
    setSizes({left + to_left, right + rest - to_left});
}

void SideBySide::showEvent(QShowEvent* event)
{
    if (!placed_ && !restoreState(preferences().placeOf(objectName()))) share();
    placed_ = true;
    QSplitter::showEvent(event);
}

} // namespace bh::desk
