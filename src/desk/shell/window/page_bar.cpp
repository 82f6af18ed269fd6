#include "desk/shell/window/page_bar.h"

#include <QHBoxLayout>
#include <QPainter>

namespace bh::desk {

namespace {

constexpr double name_points = 10.5; // nine names beside the roster of the smallest window
constexpr int mark_px = 6, name_px = 22, after_px = 6;

} // namespace

PageBarButton::PageBarButton(const QString& text, QWidget* parent) : QAbstractButton(parent), points_(name_points)
{
    setText(text);
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
}

void PageBarButton::setMark(StateMark mark, const QString& why)
{
    mark_ = mark;
    setToolTip(why);
    setAccessibleDescription(why);
    update();
}

QSize PageBarButton::sizeHint() const
{
    return {QFontMetrics(uiFont(points_, true)).horizontalAdvance(text()) + name_px + after_px, 44};
}

void PageBarButton::setNamePoints(double points)
{
    if (points == points_) return;
    points_ = points;
    updateGeometry();
    update();
}

void PageBarButton::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    const QColor ink = isChecked() ? t.ink : t.soft;
    if (underMouse() && !isChecked()) p.fillRect(rect(), t.card);
    const QColor markColour = mark_ == StateMark::Done ? t.held : mark_ == StateMark::None ? t.steel : t.attention;
    paintMark(p, QRectF(mark_px, height() / 2.0 - 6, 12, 12), mark_, markColour);
    p.setFont(uiFont(points_, isChecked()));
    p.setPen(ink);
    p.drawText(rect().adjusted(name_px, 0, -after_px, 0), Qt::AlignVCenter | Qt::AlignLeft, text());
    if (isChecked()) p.fillRect(QRect(0, height() - 4, width(), 4), t.night ? t.attention : t.chrome);
    if (hasFocus()) {
        p.setPen(QPen(t.attention, 2));
        p.drawRect(rect().adjusted(1, 1, -2, -2));
    }
}

PageBar::PageBar(QWidget* parent) : QFrame(parent), layout_(new QHBoxLayout(this))
{
    setObjectName(QStringLiteral("pageBar"));
    layout_->setContentsMargins(4, 0, 0, 0);
    layout_->setSpacing(0);
    layout_->addStretch();
}

void PageBar::resizeEvent(QResizeEvent* event)
{
    QFrame::resizeEvent(event);
    constexpr double least_points = 8, step = 0.5;
    for (double points = name_points; points >= least_points; points -= step) {
        int wanted = layout_->contentsMargins().left();
        for (PageBarButton* button : buttons_) button->setNamePoints(points), wanted += button->sizeHint().width();
        if (wanted <= width()) return;
    }
}

PageBarButton* PageBar::addPage(const QString& name, const QString& key)
{
    const int number = static_cast<int>(buttons_.size());
    auto* button = new PageBarButton(name, this);
    button->setObjectName(QStringLiteral("page") + key);
    button->setAccessibleName(tr("%1 page, Alt+%2").arg(name).arg(number + 1));
    layout_->insertWidget(number, button);
    buttons_.push_back(button);
    // By its state rather than by a click: whoever works it over the accessibility bus toggles it.
    connect(button, &QAbstractButton::toggled, this, [this, number, button](bool on) {
        if (on && number != current_) Q_EMIT chosen(number);
        if (!on && number == current_) button->setChecked(true);
    });
    return button;
}

void PageBar::setCurrent(int page)
{
    current_ = page;
    for (std::size_t i = 0; i < buttons_.size(); ++i) buttons_[i]->setChecked(static_cast<int>(i) == page);
}

} // namespace bh::desk
