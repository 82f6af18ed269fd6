#include "desk/board/week_grid.h"

#include "desk/parts/look/theme.h"
#include "desk/words/time_words.h"

#include <QApplication>
#include <QDate>
#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr int time_px = 46, head_px = 40, least_row_px = 25, most_row_px = 44, least_column_px = 44, beside_words_px = 8;

QString timeText(int minutes) { return QStringLiteral("%1:%2").arg(minutes / 60).arg(minutes % 60, 2, 10, QLatin1Char('0')); }

} // namespace

WeekGrid::WeekGrid(const School& school, QWidget* parent) : SpokenView(parent), school_(school)
{
    setObjectName(QStringLiteral("weekGrid"));
    setAccessibleName(tr("The week: days and bays across, half hours down"));
    setFocusPolicy(Qt::StrongFocus);
}

void WeekGrid::show(WeekAsked asked, PlannedWeek planned)
{
    const auto known = chosen();
    asked_ = std::move(asked), planned_ = std::move(planned);
    days_.clear(), starts_.clear();
    for (const WeekSlot& s : asked_.problem.time_slots) {
        if (days_.empty() || days_.back() != s.day) days_.push_back(s.day);
        if (std::find(starts_.begin(), starts_.end(), s.start_min) == starts_.end()) starts_.push_back(s.start_min);
    }
    std::sort(starts_.begin(), starts_.end());
    chosen_.reset();
    if (known) choose(*known);
    const int columns = static_cast<int>(days_.size() * asked_.problem.bays.size());
    least_column_px_ = scaled(least_column_px);
    const QFontMetrics metrics(uiFont(small_points));
    for (const PlannedBlock& b : planned_.blocks)
        least_column_px_ = std::max(least_column_px_, metrics.horizontalAdvance(firstName(b)) + beside_words_px);
    setMinimumSize(scaled(time_px) + std::max(1, columns) * least_column_px_,
                   scaled(head_px) + scaled(least_row_px) * static_cast<int>(starts_.size()) + 4);
    updateGeometry();
    update();
}

std::optional<PlannedBlock> WeekGrid::chosen() const
{
    return chosen_ && *chosen_ < planned_.blocks.size() ? std::optional(planned_.blocks[*chosen_]) : std::nullopt;
}

void WeekGrid::choose(const PlannedBlock& block)
{
    for (std::size_t i = 0; i < planned_.blocks.size(); ++i) {
        const PlannedBlock& b = planned_.blocks[i];
        if (b.pilot_id == block.pilot_id && b.day == block.day && b.start_min == block.start_min && b.bay == block.bay)
            chosen_ = i;
    }
    Q_EMIT chosenChanged();
    update();
}

QString WeekGrid::inWords() const
{
    const auto block = chosen();
    if (!block) return tr("%n block(s) planned, none chosen", nullptr, static_cast<int>(planned_.blocks.size()));
    return tr("%1, %2, %3 %4")
        .arg(QString::fromStdString(school_.file(block->pilot_id).row.name), QString::fromStdString(block->bay),
             QString::fromStdString(block->day), timeText(block->start_min));
}

int WeekGrid::rowHeight() const
{
    const int rows = std::max<int>(1, static_cast<int>(starts_.size()));
    return std::clamp((height() - scaled(head_px) - 4) / rows, scaled(least_row_px), scaled(most_row_px));
}

int WeekGrid::columnWidth() const
{
    const int columns = static_cast<int>(days_.size() * asked_.problem.bays.size());
    return columns == 0 ? least_column_px_ : std::max(least_column_px_, (width() - scaled(time_px)) / columns);
}

QRect WeekGrid::cell(const std::string& bay, const std::string& day, int start_min) const
{
    const auto d = std::find(days_.begin(), days_.end(), day);
    const auto s = std::find(starts_.begin(), starts_.end(), start_min);
    const auto& bays = asked_.problem.bays;
    const auto b = std::find_if(bays.begin(), bays.end(), [&](const WeekBay& w) { return w.name == bay; });
    if (d == days_.end() || s == starts_.end() || b == bays.end()) return {};
    const int column = static_cast<int>((d - days_.begin()) * static_cast<std::ptrdiff_t>(bays.size()) + (b - bays.begin()));
    return {scaled(time_px) + column * columnWidth(), scaled(head_px) + static_cast<int>(s - starts_.begin()) * rowHeight(),
            columnWidth(), rowHeight()};
}

QRect WeekGrid::cellOf(const PlannedBlock& block) const { return cell(block.bay, block.day, block.start_min); }

std::optional<WeekGrid::Place> WeekGrid::placeAt(const QPoint& at) const
{
    const int bays = static_cast<int>(asked_.problem.bays.size()), columns = static_cast<int>(days_.size()) * bays;
    const int column = (at.x() - scaled(time_px)) / columnWidth(), row = (at.y() - scaled(head_px)) / rowHeight();
    if (at.x() < scaled(time_px) || at.y() < scaled(head_px) || column >= columns || row >= static_cast<int>(starts_.size()))
        return std::nullopt;
    return Place{asked_.problem.bays[static_cast<std::size_t>(column % bays)].name,
                 days_[static_cast<std::size_t>(column / bays)], starts_[static_cast<std::size_t>(row)]};
}

void WeekGrid::mousePressEvent(QMouseEvent* event)
{
    pressed_at_ = event->pos();
    chosen_.reset();
    for (std::size_t i = 0; i < planned_.blocks.size(); ++i)
        if (cellOf(planned_.blocks[i]).contains(event->pos())) chosen_ = i;
    Q_EMIT chosenChanged();
    update();
}

void WeekGrid::mouseMoveEvent(QMouseEvent* event)
{
    if (!chosen_ || (event->pos() - pressed_at_).manhattanLength() < QApplication::startDragDistance()) return;
    dragged_to_ = event->pos();
    update();
}

void WeekGrid::mouseReleaseEvent(QMouseEvent* event)
{
    const bool was_dragged = dragged_to_.has_value();
    dragged_to_.reset();
    update();
    const auto block = chosen();
    const auto place = placeAt(event->pos());
    if (was_dragged && block && place && !cellOf(*block).contains(event->pos()))
        Q_EMIT moved(*block, place->bay, place->day, place->start_min);
}

void WeekGrid::keyPressEvent(QKeyEvent* event)
{
    const int count = static_cast<int>(planned_.blocks.size());
    const int step = event->key() == Qt::Key_Right || event->key() == Qt::Key_Down ? 1
                     : event->key() == Qt::Key_Left || event->key() == Qt::Key_Up  ? -1
                                                                                   : 0;
    if (step == 0 || count == 0) return QWidget::keyPressEvent(event);
    chosen_ = static_cast<std::size_t>(
        (static_cast<int>(chosen_.value_or(step > 0 ? static_cast<std::size_t>(count) - 1 : 0)) + step + count) % count);
    saysOtherwise();
    Q_EMIT chosenChanged();
    update();
}

void WeekGrid::paintHead(QPainter& p) const
{
    const Theme& t = theme();
    const int bays = static_cast<int>(asked_.problem.bays.size());
    for (std::size_t d = 0; d < days_.size(); ++d) {
        const QRect day(scaled(time_px) + static_cast<int>(d) * bays * columnWidth(), 0, bays * columnWidth(),
                        scaled(head_px) / 2);
        p.setFont(uiFont(text_points, true));
        p.setPen(t.ink);
        p.drawText(day, Qt::AlignCenter, weekdayInWords(QDate::fromString(QString::fromStdString(days_[d]), Qt::ISODate)));
        p.setFont(uiFont(small_points));
        p.setPen(t.soft);
        for (int b = 0; b < bays; ++b) {
            const QRect bay(day.left() + b * columnWidth(), scaled(head_px) / 2, columnWidth(), scaled(head_px) / 2);
            p.drawText(bay.adjusted(2, 0, -2, 0), Qt::AlignCenter,
                       p.fontMetrics().elidedText(QString::fromStdString(asked_.problem.bays[static_cast<std::size_t>(b)].name),
                                                  Qt::ElideRight, bay.width() - 4));
        }
    }
}

QString WeekGrid::firstName(const PlannedBlock& block) const
{
    return QString::fromStdString(school_.file(block.pilot_id).row.name).section(QLatin1Char(' '), 0, 0);
}

void WeekGrid::paintBlock(QPainter& p, const QRect& box, const PlannedBlock& block, bool is_chosen) const
{
    const Theme& t = theme();
    const BlockState state = state_of(school_, block);
    const bool is_published = std::any_of(planned_.published.begin(), planned_.published.end(), [&](const PlannedBlock& b) {
        return b.pilot_id == block.pilot_id && b.bay == block.bay && b.day == block.day && b.start_min == block.start_min;
    });
    p.setPen(QPen(is_chosen ? t.attention : t.line, is_chosen ? 2 : 1, is_published ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(t.card);
    p.drawRoundedRect(QRectF(box).adjusted(1.5, 1.5, -1.5, -1.5), 3, 3);
    p.setPen(state == BlockState::Missed ? t.notMet : state == BlockState::Flown ? t.held : t.ink);
    p.setFont(uiFont(small_points));
    QRect inner = box.adjusted(5, 0, -3, 0);
    const bool marked = state == BlockState::Flown || state == BlockState::Missed || block.locked;
    if (marked) { // in the corner, above the name, which has the width
        const QRectF corner(box.right() - 11, box.top() + 3, 8, 8);
        if (state == BlockState::Flown || state == BlockState::Missed)
            paintMark(p, corner, state == BlockState::Flown ? StateMark::Done : StateMark::Blocked, p.pen().color());
        else
            p.fillRect(corner.adjusted(1, 1, -1, -1), t.ink); // locked
        inner.setTop(box.top() + 6);
    }
    QString words = QString::fromStdString(school_.file(block.pilot_id).row.name);
    if (p.fontMetrics().horizontalAdvance(words) > inner.width() - (marked ? 8 : 0)) words = firstName(block);
    p.drawText(inner, Qt::AlignVCenter | Qt::AlignLeft, p.fontMetrics().elidedText(words, Qt::ElideRight, inner.width()));
}

void WeekGrid::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    paintHead(p);
    p.setFont(uiFont(small_points));
    for (std::size_t s = 0; s < starts_.size(); ++s) {
        p.setPen(t.soft);
        p.drawText(QRect(0, scaled(head_px) + static_cast<int>(s) * rowHeight(), scaled(time_px) - 6, rowHeight()),
                   Qt::AlignRight | Qt::AlignVCenter, timeText(starts_[s]));
    }
    for (std::size_t b = 0; b < asked_.problem.bays.size(); ++b) {
        const WeekBay& bay = asked_.problem.bays[b];
        for (std::size_t s = 0; s < asked_.problem.time_slots.size(); ++s) {
            const WeekSlot& slot = asked_.problem.time_slots[s];
            const QRect box = cell(bay.name, slot.day, slot.start_min).adjusted(1, 1, -1, -1);
            const bool down = std::any_of(planned_.closed.begin(), planned_.closed.end(),
                                          [&](const auto& c) { return c.first == bay.name && c.second == slot.day; });
            p.fillRect(box, slot.coordinator ? t.paper.lighter(t.night ? 130 : 100) : t.paper.darker(t.night ? 100 : 104));
            if (down) p.fillRect(box, QBrush(t.notMet, Qt::BDiagPattern));
            p.setPen(t.line);
            p.setBrush(Qt::NoBrush);
            p.drawRect(box);
        }
    }
    for (std::size_t i = 0; i < planned_.blocks.size(); ++i)
        if (const QRect box = cellOf(planned_.blocks[i]); !box.isNull()) paintBlock(p, box, planned_.blocks[i], chosen_ == i);
    if (dragged_to_ && chosen_) {
        const QRect box = cellOf(planned_.blocks[*chosen_]);
        p.setOpacity(0.7);
        paintBlock(p, box.translated(*dragged_to_ - box.center()), planned_.blocks[*chosen_], true);
    }
}

} // namespace bh::desk
