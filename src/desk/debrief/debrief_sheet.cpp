#include "desk/debrief/debrief_sheet.h"

#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"

#include <QFileInfo>
#include <QImage>
#include <QPainter>
#include <QPdfWriter>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

const QColor sheet_ink(Qt::black), sheet_soft("#555555"), sheet_line("#aaaaaa");

/// Lays one thing under the other on a page whose width is 100 units.
class Sheet {
public:
    Sheet(QPainter& p, const QRectF& page) : p_(p), page_(page), u_(page.width() / 100), y_(page.top()) {}
    [[nodiscard]] double u() const { return u_; }
    [[nodiscard]] double room() const { return (page_.bottom() - y_) / u_; } ///< units down to the foot
    void space(double units) { y_ += units * u_; }
    QFont font(double units, bool bold = false) const
    {
        QFont face = uiFont(text_points, bold);
        face.setPixelSize(std::max(1, static_cast<int>(units * u_)));
        return face;
    }
    void text(const QString& words, double units, bool bold, const QColor& colour)
    {
        p_.setFont(font(units, bold));
        p_.setPen(colour);
        QRectF used;
        p_.drawText(QRectF(page_.left(), y_, page_.width(), 100 * u_), Qt::AlignLeft | Qt::TextWordWrap, words, &used);
        y_ = used.bottom() + 0.5 * u_;
    }
    QRectF box(double from, double to, double high) const { return {page_.left() + from * u_, y_, (to - from) * u_, high * u_}; }
    QPainter& painter() { return p_; }

private:
    QPainter& p_;
    QRectF page_;
    double u_, y_;
};

void sheet_plot(Sheet& sheet, const QRectF& box, const FlightLog& log, const std::vector<double>& values, TimeSpan span,
                double low, double high, const QString& name, Qt::PenStyle style)
{
    QPainter& p = sheet.painter();
    p.setPen(QPen(sheet_line, 0.12 * sheet.u()));
    p.drawRect(box);
    if (low < 0 && high > 0) {
        const double zero = box.bottom() + low / (high - low) * box.height();
        p.drawLine(QPointF(box.left(), zero), QPointF(box.right(), zero));
    }
    p.setPen(QPen(sheet_ink, 0.22 * sheet.u(), style));
    const RowSpan rows = rows_between(log, span.from_s, span.to_s);
    const std::size_t every = std::max<std::size_t>(1, rows.size() / 1500);
    QPolygonF line;
    for (std::size_t i = rows.first; i < rows.last; i += every)
        line << QPointF(box.left() + (log.t_s[i] - span.from_s) / (span.to_s - span.from_s) * box.width(),
                        box.bottom() - (std::clamp(values[i], low, high) - low) / (high - low) * box.height());
    p.drawPolyline(line);
    p.setFont(sheet.font(1.6));
    p.setPen(sheet_soft);
    p.drawText(box.adjusted(0.6 * sheet.u(), 0.2 * sheet.u(), 0, 0), Qt::AlignTop | Qt::AlignLeft, name);
}

void sheet_track(Sheet& sheet, const QRectF& box, const LookedAt& l)
{
    QPainter& p = sheet.painter();
    const FlightLog& log = *l.log;
    p.setPen(QPen(sheet_line, 0.12 * sheet.u()));
    p.drawRect(box);
    p.setFont(sheet.font(1.6));
    if (!log.has_position) {
        p.setPen(sheet_soft);
        p.drawText(box, Qt::AlignCenter | Qt::TextWordWrap, QObject::tr("No positions in this flight"));
        return;
    }
    const auto [south, north] = std::minmax_element(log.north_m.begin(), log.north_m.end());
    const auto [west, east] = std::minmax_element(log.east_m.begin(), log.east_m.end());
    const double px_per_m =
        std::min(box.width() / std::max(20.0, 1.2 * (*east - *west)), box.height() / std::max(20.0, 1.2 * (*north - *south)));
    const double middle_north_m = (*south + *north) / 2, middle_east_m = (*west + *east) / 2;
    const auto at = [&](std::size_t i) {
        return QPointF(box.center().x() + (log.east_m[i] - middle_east_m) * px_per_m,
                       box.center().y() - (log.north_m[i] - middle_north_m) * px_per_m);
    };
    QPolygonF way;
    for (std::size_t i = 0; i < log.size(); i += std::max<std::size_t>(1, log.size() / 3000)) way << at(i);
    p.setPen(QPen(sheet_soft, 0.15 * sheet.u()));
    p.drawPolyline(way);
    const TimeSpan decisive = decisive_s(l);
    const RowSpan rows = rows_between(log, decisive.from_s, decisive.to_s);
    way.clear();
    for (std::size_t i = rows.first; i < rows.last; ++i) way << at(i);
    p.setPen(QPen(sheet_ink, 0.4 * sheet.u()));
    p.drawPolyline(way);
    p.setFont(sheet.font(1.7, true));
    for (const Finding* f : l.found.faults()) {
        const std::size_t row = std::min(log.size() - 1, rows_between(log, (f->start_s + f->end_s) / 2, 1e300).first);
        p.drawText(QRectF(at(row) + QPointF(0.4, -2.4) * sheet.u(), QSizeF(3, 2.4) * sheet.u()), Qt::AlignLeft,
                   findingLetter(f->kind));
    }
    double bar_m = 5;
    for (const double nicer : {10.0, 20.0, 50.0, 100.0})
        if (nicer * px_per_m < 0.3 * box.width()) bar_m = nicer;
    const QPointF foot = box.bottomLeft() + QPointF(1, -1) * sheet.u();
    p.drawLine(foot, foot + QPointF(bar_m * px_per_m, 0));
    p.setFont(sheet.font(1.6));
    p.drawText(QRectF(foot + QPointF(0, -2.4 * sheet.u()), QSizeF(20, 2.2) * sheet.u()), Qt::AlignLeft,
               QObject::tr("%1 m, north is up").arg(bar_m));
}

} // namespace

TimeSpan decisive_s(const LookedAt& l)
{
    constexpr double long_s = 6;
    const double first = l.log->t_s.front(), last = l.log->t_s.back();
    const auto faults = l.found.faults();
    const double middle = faults.empty() ? first + long_s / 2 : (faults.front()->start_s + faults.front()->end_s) / 2;
    const double from = std::clamp(middle - long_s / 2, first, std::max(first, last - long_s));
    return {from, std::min(last, from + long_s)};
}

void paintDebriefSheet(QPainter& p, const QRectF& page, const SheetFacts& f)
{
    const LookedAt& l = *f.looked_at;
    Sheet sheet(p, page);
    p.setRenderHint(QPainter::Antialiasing);
    sheet.text(f.pilot.isEmpty() ? l.title : QObject::tr("%1: %2").arg(f.pilot, l.title), 3.4, true, sheet_ink);
    sheet.text(l.score ? QObject::tr("%1 of 100 marks · printed %2").arg(inPlaces(l.score->score, 0)).arg(f.date)
                       : QObject::tr("printed %1").arg(f.date),
               2, false, sheet_soft);
    if (!l.judged_by.isEmpty()) sheet.text(l.judged_by, 2, false, sheet_soft);
    sheet.space(1);
    const double pictures = 42;
    sheet_track(sheet, sheet.box(0, 46, pictures), l);
    const TimeSpan whole{l.log->t_s.front(), l.log->t_s.back()};
    if (l.log->has_position) {
        const double high = std::max(2.0, *std::max_element(l.log->height_m.begin(), l.log->height_m.end()));
        sheet_plot(
            sheet, sheet.box(50, 100, pictures), *l.log, l.log->height_m, whole, 0, 1.1 * high,
            QObject::tr("height, 0 to %1 m, over %2 s").arg(inPlaces(1.1 * high, 1)).arg(inPlaces(whole.to_s - whole.from_s, 0)),
            Qt::SolidLine);
    }
    sheet.space(pictures + 2);
    const TimeSpan span = decisive_s(l);
    sheet.text(QObject::tr("Sticks from %1 s to %2 s").arg(inPlaces(span.from_s, 1)).arg(inPlaces(span.to_s, 1)), 2.2, true,
               sheet_ink);
    constexpr double lane = 8.5;
    const auto stick = [&](const QString& name, const std::vector<double>& values, double low, Qt::PenStyle style) {
        sheet_plot(sheet, sheet.box(0, 100, lane), *l.log, values, span, low, 1, name, style);
        sheet.space(lane + 0.6);
    };
    stick("throttle, 0 to 100 %", l.log->throttle, 0, Qt::SolidLine);
    stick("yaw, left to right", l.log->stick_yaw, -1, Qt::DotLine);
    stick("pitch, back to forward", l.log->stick_pitch, -1, Qt::DashLine);
    stick("roll, left to right", l.log->stick_roll, -1, Qt::SolidLine);
    sheet.space(1);
    sheet.text(QObject::tr("To change"), 2.2, true, sheet_ink);
    if (l.advice.empty())
        sheet.text(l.found.faults().empty() ? QObject::tr("No fault was found: fly the next drill.")
                                            : QObject::tr("What was found is not for advice yet: fly again."),
                   2.2, false, sheet_ink);
    for (std::size_t i = 0; i < l.advice.size(); ++i) {
        const Advice& a = l.advice[i];
        sheet.text(QStringLiteral("%1  %2").arg(i + 1).arg(asWords(a.change)), i == 0 ? 2.8 : 2.2, i == 0, sheet_ink);
        sheet.text(QObject::tr("%1 Seen %2.").arg(asWords(a.cause), asWords(a.evidence)), 1.8, false, sheet_soft);
    }
    if (!f.next_drill.isEmpty()) {
        sheet.space(1);
        sheet.text(QObject::tr("Next: %1").arg(f.next_drill.front()), 2.2, true, sheet_ink);
        for (const QString& line : f.next_drill.mid(1)) sheet.text(line, 1.8, false, sheet_ink);
    }
    sheet.space(1);
    sheet.text(QObject::tr("Notes"), 2.2, true, sheet_ink);
    for (const QString& note : f.notes) sheet.text(note, 1.8, false, sheet_ink);
    p.setPen(QPen(sheet_line, 0.15 * sheet.u(), Qt::DotLine));
    constexpr double line_apart = 4;
    constexpr int least_lines = 3;
    for (int i = 0; i < least_lines || sheet.room() > 2 * line_apart; ++i) {
        sheet.space(line_apart);
        const QRectF line = sheet.box(0, 100, 0);
        p.drawLine(line.topLeft(), line.topRight());
    }
}

bool saveDebriefSheet(const QString& file, const SheetFacts& facts)
{
    if (file.endsWith(QStringLiteral(".png"), Qt::CaseInsensitive)) {
        QImage image(1240, 1754, QImage::Format_RGB32); // A4 at 150 dots an inch
        image.fill(Qt::white);
        QPainter painter(&image);
        paintDebriefSheet(painter, QRectF(image.rect()).adjusted(90, 80, -90, -80), facts);
        painter.end();
        return image.save(file);
    }
    QPdfWriter writer(file);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(QMarginsF(15, 14, 15, 14));
    writer.setTitle(QObject::tr("Debrief: %1").arg(facts.looked_at->title));
    QPainter painter;
    if (!painter.begin(&writer)) return false;
    paintDebriefSheet(painter, QRectF(0, 0, writer.width(), writer.height()), facts);
    painter.end();
    return QFileInfo(file).size() > 0;
}

} // namespace bh::desk
