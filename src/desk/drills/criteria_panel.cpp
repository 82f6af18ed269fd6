#include "desk/drills/criteria_panel.h"

#include "desk/theme.h"

#include <QPainter>

namespace bh::desk {
namespace {
constexpr int rowHeight = 54;
}

CriteriaPanel::CriteriaPanel(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("criteria"));
    setAccessibleName(tr("Criteria against their limits"));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
}

void CriteriaPanel::setCriteria(std::vector<CriterionRow> criteria)
{
    const bool resized = criteria.size() != criteria_.size();
    criteria_ = std::move(criteria);
    QStringList spoken;
    for (const CriterionRow& c : criteria_)
        spoken << QStringLiteral("%1: %2").arg(QString::fromStdString(c.label), c.value ? valueText(*c.value, c.unit) : tr("not yet"));
    setAccessibleDescription(spoken.join(QStringLiteral("; ")));
    if (resized) updateGeometry();
    update();
}

QSize CriteriaPanel::sizeHint() const { return {200, static_cast<int>(criteria_.size()) * rowHeight}; }

QString CriteriaPanel::valueText(double value, const std::string& unit)
{
    if (unit == "share") return QStringLiteral("%1 %").arg(100 * value, 0, 'f', 0);
    if (unit == "count") return QString::number(value, 'f', 0);
    return QStringLiteral("%1 %2").arg(value, 0, 'f', 1).arg(QString::fromStdString(unit));
}

void CriteriaPanel::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    int top = 0;
    for (const CriterionRow& c : criteria_) {
        const bool passed = c.value && c.marks >= 60 - 1e-9;
        const QColor colour = !c.value ? t.steel : passed ? t.held : t.notMet;
        const QRect box(0, top, width(), rowHeight);
        const QString value = c.value ? valueText(*c.value, c.unit) : QStringLiteral("–");
        paintMark(p, QRectF(0, top + 5, 10, 10), !c.value ? StateMark::None : passed ? StateMark::Done : StateMark::Blocked, colour);
        p.setFont(uiFont(10, true));
        p.setPen(c.value ? t.ink : t.soft);
        const int valueWidth = p.fontMetrics().horizontalAdvance(value);
        p.drawText(box.adjusted(0, 0, -1, 0), Qt::AlignRight | Qt::AlignTop, value);
        p.setFont(uiFont(9.5, c.must));
        p.drawText(QRect(16, top, box.width() - 22 - valueWidth, 20), Qt::AlignLeft | Qt::AlignVCenter,
                   p.fontMetrics().elidedText(QString::fromStdString(c.label), Qt::ElideRight, box.width() - 22 - valueWidth));
        const QRect bar(0, top + 22, width() - 1, 9);
        p.fillRect(bar, t.line);
        const int pass = bar.left() + static_cast<int>(0.6 * bar.width());
        if (c.value) p.fillRect(QRect(bar.left(), bar.top(), static_cast<int>(bar.width() * c.marks / 100), bar.height()), colour);
        p.fillRect(QRect(pass, bar.top() - 2, 2, bar.height() + 4), t.ink);
        p.setFont(uiFont(8));
        p.setPen(t.soft);
        const QRect scale(0, top + 32, width(), 15);
        p.drawText(scale, Qt::AlignLeft | Qt::AlignTop, valueText(c.fail, c.unit));
        p.drawText(QRect(pass - 60, scale.top(), 122, 15), Qt::AlignHCenter | Qt::AlignTop, tr("pass %1").arg(valueText(c.pass, c.unit)));
        p.drawText(scale, Qt::AlignRight | Qt::AlignTop, valueText(c.merit, c.unit));
        top += rowHeight;
    }
}

} // namespace bh::desk
