#include "desk/controller/sheet_card.h"

#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QFileInfo>
#include <QKeyEvent>
#include <QPainter>
#include <QPdfWriter>

namespace bh::desk {
void paintCard(QPainter& p, const QRectF& page, const CardFacts& f, const QColor& ink, const QColor& soft, const QColor& line)
{
    // All sizes follow the page's width, so that paper and window show the same.
    const double u = page.width() / 100;
    const auto font = [&](double size, bool bold) {
        QFont face = uiFont(text_points, bold);
        face.setPixelSize(std::max(1, static_cast<int>(size * u)));
        return face;
    };
    double y = page.top();
    const auto text = [&](const QString& words, double size, bool bold, const QColor& colour) {
        p.setFont(font(size, bold));
        p.setPen(colour);
        QRectF used;
        p.drawText(QRectF(page.left(), y, page.width(), 1000 * u), Qt::AlignLeft | Qt::TextWordWrap, words, &used);
        y = used.bottom() + 0.6 * u;
    };
    text(asWords(f.simulator.name), 7, true, ink);
    text(QObject::tr("%1 · %2 · stick mode %3 · %4")
             .arg(f.pilot.isEmpty() ? QObject::tr("Any pilot") : f.pilot, f.controller)
             .arg(f.stick_mode)
             .arg(f.date),
         3.1, false, soft);
    y += 2 * u;
    const double row = 9.5 * u;
    const double columns[] = {0, 34, 56, 80};
    const QString heads[] = {QString(), QString::fromStdString(f.simulator.axis_word),
                             QString::fromStdString(f.simulator.invert_word), QObject::tr("Range")};
    p.setFont(font(3.1, false));
    p.setPen(soft);
    for (int i = 1; i < 4; ++i)
        p.drawText(QRectF(page.left() + columns[i] * u, y, 40 * u, 5 * u), Qt::AlignLeft | Qt::AlignVCenter, heads[i]);
    y += 5 * u;
    for (const SheetRow& r : f.sheet.rows) {
        p.setPen(QPen(line, std::max(1.0, 0.2 * u)));
        p.drawLine(QPointF(page.left(), y), QPointF(page.right(), y));
        const auto cell = [&](int column, const QString& words, double size, bool bold) {
            p.setFont(font(size, bold));
            p.setPen(ink);
            p.drawText(QRectF(page.left() + columns[column] * u, y, 60 * u, row), Qt::AlignLeft | Qt::AlignVCenter, words);
        };
        QString name = asWords(function_key(r.function));
        name[0] = name[0].toUpper();
        cell(0, name, 5, true);
        cell(1, QString::number(r.axis), 6.5, true);
        const QRectF box(page.left() + columns[2] * u, y + row / 2 - 2.3 * u, 4.6 * u, 4.6 * u);
        p.setPen(QPen(ink, std::max(1.0, 0.4 * u)));
        p.setBrush(Qt::NoBrush);
        p.drawRect(box);
        if (r.invert)
            p.drawPolyline(QPolygonF{box.topLeft() + QPointF(0.9, 2.4) * u, box.topLeft() + QPointF(2, 3.7) * u,
                                     box.topLeft() + QPointF(4, 0.8) * u});
        p.setFont(font(3.6, false));
        p.drawText(QRectF(box.right() + 1.5 * u, y, 20 * u, row), Qt::AlignLeft | Qt::AlignVCenter,
                   r.invert ? QObject::tr("yes") : QObject::tr("no"));
        cell(3, asWords(r.range), 3.6, false);
        y += row;
    }
    y += 2 * u;
    for (const Message& note : f.sheet.notes) text(asWords(note), 3.4, false, ink);
    for (const QString& words : f.switches) text(words, 3.4, false, ink);
    const QStringList aircraft = setupLines(f);
    if (!aircraft.isEmpty()) {
        y += 1.5 * u;
        p.setPen(QPen(line, std::max(1.0, 0.2 * u)));
        p.drawLine(QPointF(page.left(), y), QPointF(page.right(), y));
        y += 1.5 * u;
        for (const QString& words : aircraft) text(words, 3.6, words == aircraft.front(), ink);
        y += 1 * u;
    }
    text(QObject::tr("Aircraft off, or propellers off, while its controller drives a simulator."), 3.1, false, soft);
}

QStringList setupLines(const CardFacts& f)
{
    if (!f.setup) return {};
    const TrainingSetup& s = *f.setup;
    QStringList lines;
    if (!f.real_aircraft.isEmpty()) lines << QObject::tr("For %1").arg(f.real_aircraft);
    lines << QObject::tr("Nearest to it here: %1").arg(f.simulated_aircraft);
    lines << QObject::tr("Camera tilt %1°, field of view %2°").arg(inPlaces(s.camera_tilt_deg, 0)).arg(inPlaces(s.fov_deg, 0));
    lines << QObject::tr("Propeller power %1 %, propellers %2 % of their size")
                 .arg(inPlaces(100 * s.power_share, 0))
                 .arg(inPlaces(100 * s.propeller_ratio, 0));
    lines << QObject::tr("Full stick: roll %1, pitch %2, yaw %3 °/s; at the centre %4, %5, %6")
                 .arg(inPlaces(rate_dps(s.rates.roll, 1), 0))
                 .arg(inPlaces(rate_dps(s.rates.pitch, 1), 0))
                 .arg(inPlaces(rate_dps(s.rates.yaw, 1), 0))
                 .arg(inPlaces(centre_slope_dps(s.rates.roll), 0))
                 .arg(inPlaces(centre_slope_dps(s.rates.pitch), 0))
                 .arg(inPlaces(centre_slope_dps(s.rates.yaw), 0));
    if (!f.way_back.isEmpty()) lines << f.way_back;
    return lines + f.rates;
}

bool saveCard(const QString& file, const CardFacts& facts)
{
    QPdfWriter writer(file);
    writer.setPageSize(QPageSize(QPageSize::A5));
    writer.setPageMargins(QMarginsF(12, 12, 12, 12));
    writer.setTitle(QObject::tr("Set-up card: %1").arg(asWords(facts.simulator.name)));
    QPainter painter;
    if (!painter.begin(&writer)) return false;
    paintCard(painter, QRectF(0, 0, writer.width(), writer.height()), facts, Qt::black, QColor("#444444"), QColor("#999999"));
    painter.end();
    return QFileInfo(file).size() > 0;
}

CardWindow::CardWindow(CardFacts facts) : QWidget(nullptr, Qt::Tool | Qt::WindowStaysOnTopHint), facts_(std::move(facts))
{
    setObjectName(QStringLiteral("cardWindow"));
    setAttribute(Qt::WA_DeleteOnClose);
    setAttribute(Qt::WA_ShowWithoutActivating); // the simulator keeps the keyboard
    setWindowTitle(tr("%1: settings").arg(asWords(facts_.simulator.name)));
    resize(openingSize(*this, 380, facts_.setup ? 560 : 430));
    setMinimumSize(260, 300);
    QStringList spoken;
    for (const SheetRow& r : facts_.sheet.rows)
        spoken << QStringLiteral("%1 %2 %3, %4")
                      .arg(asWords(function_key(r.function)), QString::fromStdString(facts_.simulator.axis_word))
                      .arg(r.axis)
                      .arg(r.invert ? tr("inverted") : tr("not inverted"));
    setAccessibleName(windowTitle());
    setAccessibleDescription(spoken.join(QStringLiteral("; ")));
}

void CardWindow::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), theme().card);
    paintCard(p, QRectF(rect()).adjusted(14, 10, -14, -10), facts_, theme().ink, theme().soft, theme().line);
}

void CardWindow::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape) close();
}

} // namespace bh::desk
