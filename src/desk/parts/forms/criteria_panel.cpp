#include "desk/parts/forms/criteria_panel.h"

#include "desk/parts/forms/wrapped.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/unit_words.h"

#include <QHelpEvent>
#include <QPainter>
#include <QStyle>
#include <QToolTip>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr int label_line_px = 18, below_label_px = 36;

/// Of what the label may take beside the value.
int labelWidth(const JudgedCriterion& c, int width)
{
    constexpr int mark_px = 16, between_px = 6;
    return width - mark_px - between_px - QFontMetrics(uiFont(text_points, true)).horizontalAdvance(CriteriaPanel::valueText(c));
}

/// Of the label, on as many lines as it needs.
int labelHeight(const JudgedCriterion& c, int width)
{
    return std::max(scaled(label_line_px),
                    wrapped(uiFont(text_points, c.must), asWords(c.label), {}, labelWidth(c, width)).height());
}

int rowHeight(const JudgedCriterion& c, int width) { return labelHeight(c, width) + scaled(below_label_px); }

} // namespace

CriteriaPanel::CriteriaPanel(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("criteria"));
    setAccessibleName(tr("Criteria against their limits"));
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
}

void CriteriaPanel::setCriteria(std::vector<JudgedCriterion> criteria)
{
    const int height = sizeHint().height();
    criteria_ = std::move(criteria);
    saysOtherwise();
    if (sizeHint().height() != height) updateGeometry();
    update();
}

QString CriteriaPanel::inWords() const
{
    QStringList spoken;
    for (const JudgedCriterion& c : criteria_)
        spoken << QStringLiteral("%1: %2").arg(asWords(c.label), c.value ? valueInWords(*c.value, c.unit) : tr("not yet")) +
                      (c.span ? QStringLiteral(", ") + spanText(c) : QString());
    return spoken.join(QStringLiteral("; "));
}

QSize CriteriaPanel::sizeHint() const
{
    int height = 0;
    for (const JudgedCriterion& c : criteria_) height += rowHeight(c, width());
    return {200, height};
}

void CriteriaPanel::resizeEvent(QResizeEvent* event)
{
    SpokenView::resizeEvent(event);
    updateGeometry(); // labels may need more lines, or fewer
}

QString CriteriaPanel::valueText(const JudgedCriterion& c)
{
    return c.value ? valueInWords(*c.value, c.unit) : QStringLiteral("–");
}

/// "−50 to 300 ms" for a band, otherwise the one limit.
QString CriteriaPanel::limitText(const JudgedCriterion& c, double Limits::*limit)
{
    const Limits above{c.fail, c.pass, c.merit};
    const QString upper = valueInWords(above.*limit, c.unit);
    return c.below ? tr("%1 to %2").arg(valueInWords(*c.below.*limit, c.unit).section(QLatin1Char(' '), 0, 0), upper) : upper;
}

QString CriteriaPanel::spanText(const JudgedCriterion& c)
{
    return c.span ? tr("measured from %1 s to %2 s of the flight").arg(inPlaces(c.span->from_s, 1)).arg(inPlaces(c.span->to_s, 1))
                  : QString();
}

bool CriteriaPanel::event(QEvent* event)
{
    if (event->type() != QEvent::ToolTip) return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    int below = 0;
    const auto under = std::find_if(criteria_.begin(), criteria_.end(), [&](const JudgedCriterion& c) {
        below += rowHeight(c, width());
        return help->pos().y() < below;
    });
    if (under != criteria_.end()) {
        const JudgedCriterion& c = *under;
        const QString span = spanText(c);
        QToolTip::showText(help->globalPos(),
                           tr("%1%2: 0 marks at %3, pass at %4, 100 marks at %5%6")
                               .arg(asWords(c.label),
                                    c.must      ? tr(" (must)")
                                    : c.to_hold ? tr(" (to hold)")
                                                : QString(),
                                    limitText(c, &Limits::fail), limitText(c, &Limits::pass), limitText(c, &Limits::merit),
                                    span.isEmpty() ? QString() : QStringLiteral("; ") + span));
    }
    return true;
}

void CriteriaPanel::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    const auto placed = [this](const QRect& r) { return QStyle::visualRect(layoutDirection(), rect(), r); }; // as one reads
    int top = 0;
    for (const JudgedCriterion& c : criteria_) {
        const bool passed = c.value && c.marks >= 60 - 1e-9;
        const QColor colour = !c.value ? t.steel : passed ? t.held : t.notMet;
        const QRect label(16, top, labelWidth(c, width()), labelHeight(c, width()));
        paintMark(p, placed(QRect(0, top + scaled(5), 10, 10)),
                  !c.value ? StateMark::None
                  : passed ? StateMark::Done
                           : StateMark::Blocked,
                  colour);
        p.setFont(uiFont(text_points, true));
        p.setPen(c.value ? t.ink : t.soft);
        p.drawText(QRect(0, top, width() - 1, label.height()), Qt::AlignRight | Qt::AlignTop, valueText(c));
        p.setFont(uiFont(text_points, c.must));
        p.drawText(placed(label), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, asWords(c.label));
        const QRect bar(0, label.top() + label.height() + scaled(4), width() - 1, 9);
        p.fillRect(bar, t.line);
        const int pass = bar.left() + static_cast<int>(0.6 * bar.width());
        if (c.value)
            p.fillRect(placed(QRect(bar.left(), bar.top(), static_cast<int>(bar.width() * c.marks / 100), bar.height())), colour);
        p.fillRect(placed(QRect(pass, bar.top() - 2, 2, bar.height() + 4)), t.ink);
        p.setFont(uiFont(small_points));
        p.setPen(t.soft);
        const QRect scale(0, bar.top() + 10, width(), scaled(15));
        top += rowHeight(c, width());
        if (c.below) { // too little and too much: the limits do not lie on one line
            p.drawText(scale, Qt::AlignLeft | Qt::AlignTop, tr("pass %1").arg(limitText(c, &Limits::pass)));
            continue;
        }
        QString least = valueInWords(c.fail, c.unit), enough = valueInWords(c.pass, c.unit), best = valueInWords(c.merit, c.unit);
        const auto width_px = [&p](const QString& words) { return p.fontMetrics().horizontalAdvance(words); };
        const auto crowded = [&] {
            const int beside_pass = width_px(tr("pass %1").arg(enough)) / 2 + scaled(4);
            return pass - beside_pass < width_px(least) || pass + beside_pass > width() - width_px(best);
        };
        for (QString* number : {&least, &enough, &best}) // the unit stands with the value too
            if (crowded()) *number = number->section(QLatin1Char(' '), 0, 0);
        p.drawText(scale, Qt::AlignLeft | Qt::AlignTop, least);
        p.drawText(placed(QRect(pass - scaled(60), scale.top(), scaled(122), scaled(15))), Qt::AlignHCenter | Qt::AlignTop,
                   tr("pass %1").arg(enough));
        p.drawText(scale, Qt::AlignRight | Qt::AlignTop, best);
    }
}

} // namespace bh::desk
