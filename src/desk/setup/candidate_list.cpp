#include "desk/setup/candidate_list.h"

#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QPainter>
#include <QScrollBar>
#include <QStyledItemDelegate>
#include <algorithm>

namespace bh::desk {
namespace {

enum Role { IdRole = Qt::UserRole + 1, DistanceRole, ReasonsRole, ChosenRole };
constexpr int head_px = 24, line_px = 17;

class CandidateDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override
    {
        return {200, scaled(head_px) + scaled(line_px) * static_cast<int>(index.data(ReasonsRole).toStringList().size()) + 10};
    }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        const QRect box = option.rect;
        const bool chosen = index.data(ChosenRole).toBool();
        p->save();
        if (option.state & (QStyle::State_Selected | QStyle::State_HasFocus))
            p->fillRect(box, option.palette.color(QPalette::AlternateBase));
        if (chosen) paintMark(*p, QRectF(box.left() + 10, box.top() + scaled(8), 12, 12), StateMark::Done, t.held);
        const QString distance = index.data(DistanceRole).toString();
        p->setPen(t.ink);
        p->setFont(uiFont(text_points, true));
        const QRect head(box.left() + 30, box.top() + 3, box.width() - 38, scaled(head_px));
        const QString name = index.data(Qt::DisplayRole).toString();
        const int beside = QFontMetrics(uiFont(small_points)).horizontalAdvance(distance) + scaled(8);
        const bool below = p->fontMetrics().horizontalAdvance(name) > head.width() - beside; // the name counts
        p->drawText(head, Qt::AlignLeft | Qt::AlignVCenter, p->fontMetrics().elidedText(name, Qt::ElideRight, head.width()));
        p->setPen(t.soft);
        p->setFont(uiFont(small_points));
        QRect line(head.left(), head.top() + head.height(), head.width(), scaled(line_px));
        p->drawText(below ? line : head, Qt::AlignRight | Qt::AlignVCenter, distance);
        int room_px = below ? line.width() - beside : line.width();
        for (const QString& reason : index.data(ReasonsRole).toStringList()) {
            p->drawText(line, Qt::AlignLeft | Qt::AlignVCenter, p->fontMetrics().elidedText(reason, Qt::ElideRight, room_px));
            line.translate(0, line.height());
            room_px = line.width();
        }
        p->restore();
    }
};

} // namespace

CandidateList::CandidateList(QWidget* parent) : QListWidget(parent)
{
    setObjectName(QStringLiteral("candidates"));
    setAccessibleName(tr("Simulated aircraft, the nearest first"));
    setItemDelegate(new CandidateDelegate(this));
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setToolTip(tr("Nearness: the root of the weighted squares of the differences in ln mass, ln thrust-to-weight, ln propeller "
                  "diameter, hover throttle and "
                  "flip time (weights house). 0 is the same aircraft; from about 0.1 a difference is felt."));
    connect(this, &QListWidget::itemClicked, this, &CandidateList::pick);
    connect(this, &QListWidget::itemActivated, this, &CandidateList::pick);
}

void CandidateList::pick(QListWidgetItem* item)
{
    const std::string id = item->data(IdRole).toString().toStdString();
    if (id != chosen_) Q_EMIT picked(id);
}

void CandidateList::show(const std::vector<Candidate>& ranked, const std::vector<Airframe>& all, const std::string& chosen,
                         bool compared)
{
    const int scrolled = verticalScrollBar()->value(), row = currentRow();
    chosen_ = chosen;
    clear();
    for (const Candidate& c : ranked) {
        const auto found = std::find_if(all.begin(), all.end(), [&](const Airframe& a) { return a.id == c.id; });
        if (found == all.end()) continue;
        auto* item = new QListWidgetItem(asWords(found->name), this);
        QStringList reasons;
        if (compared)
            for (const Message& reason : c.reasons) reasons << asWords(reason);
        if (compared && reasons.isEmpty()) reasons << tr("nothing differs enough to be felt");
        if (!compared)
            reasons << tr("%1 g, thrust %2 times its weight")
                           .arg(inPlaces(1000 * found->mass_kg, 0))
                           .arg(inPlaces(found->thrust_to_weight, 1));
        item->setData(IdRole, QString::fromStdString(c.id));
        item->setData(ReasonsRole, reasons);
        item->setData(ChosenRole, c.id == chosen);
        if (compared) item->setData(DistanceRole, tr("off by %1").arg(inPlaces(c.distance, 2)));
        item->setData(
            Qt::AccessibleTextRole,
            tr("%1%2; %3").arg(item->text(), c.id == chosen ? tr(", chosen") : QString(), reasons.join(QStringLiteral(", "))));
    }
    setCurrentRow(std::clamp(row, 0, std::max(0, count() - 1)));
    verticalScrollBar()->setValue(scrolled);
}

} // namespace bh::desk
