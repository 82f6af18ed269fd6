#include "desk/rates/rate_table.h"

#include "core/rates/turn_numbers.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/axis_words.h"
#include "desk/words/message_words.h"
#include "desk/words/rate_words.h"
#include "desk/words/shown_units.h"

#include <QTableWidget>

namespace bh::desk {
namespace {

enum RateColumn { Curve, Turn, Flip, Half, Full, Centre, Off, Settings, RateColumns };
constexpr int row_px = 21;

} // namespace

QTableWidget* makeRateTable()
{
    auto* table = readingTable("rateTable", QObject::tr("The curves in numbers"),
                               {QObject::tr("Curve"), QObject::tr("Full turn"), QObject::tr("Flip drops"),
                                QObject::tr("Half stick"), QObject::tr("Full-stick rate"), QObject::tr("Centre slope"),
                                QObject::tr("Off by"), QObject::tr("In its own numbers")},
                               Settings);
    new ColumnsThatGive(table, {Flip, Centre, Half, Turn, Full});
    table->setMinimumHeight(110);
    table->setMaximumHeight(scaled(9 * row_px + 46));
    explain(
        table,
        {QObject::tr("Whose curve."),
         QObject::tr(
             "Seconds from rest: 360 over the rate at full stick, and what winding up and the rate lag of the aircraft cost."),
         QObject::tr("Metres lost in a full turn without power: ½·g·t² (common practice, a rough guide)."),
         QObject::tr("°/s at half stick."), QObject::tr("°/s at full stick."),
         QObject::tr("Slope at the centred stick, °/s per unit of stick."),
         QObject::tr("°/s: root mean square of the difference over the stick from the side that stays, weighted as chosen."),
         QObject::tr("The settings, in that side's own numbers.")});
    return table;
}

void fillRateTable(QTableWidget& table, const RatesContext& context, const Airframe& airframe)
{
    const std::size_t stays = context.aircraft_changes() ? 1 : 0; // the row that the others are off from
    table.setRowCount(9);
    for (const RateAxis axis : rate_axes) {
        const auto i = static_cast<std::size_t>(axis);
        const auto& match = context.matches[i];
        const std::optional<RateCurve> curves[] = {curve_of(context.real, axis), curve_of(context.practised, axis),
                                                   match ? std::optional(match->rounded) : std::nullopt};
        const QString names[] = {QObject::tr("real"), QObject::tr("practised"), QObject::tr("match")};
        for (std::size_t k = 0; k < 3; ++k) {
            const int row = static_cast<int>(3 * i + k);
            QStringList cells(RateColumns);
            cells[Curve] = QStringLiteral("%1, %2").arg(axisName(i), names[k]);
            if (curves[k]) {
                const TurnNumbers n = turn_numbers(*curves[k], airframe);
                cells[Turn] = QStringLiteral("%1 s").arg(inPlaces(n.full_turn_s, 2));
                cells[Flip] = lengthInWords(n.flip_height_m);
                cells[Half] = QStringLiteral("%1 °/s").arg(inPlaces(n.half_stick_dps, 0));
                cells[Full] = QStringLiteral("%1 °/s").arg(inPlaces(n.max_dps, 0));
                cells[Centre] = QStringLiteral("%1 °/s").arg(inPlaces(n.centre_dps, 0));
                if (k != stays)
                    cells[Off] = QStringLiteral("%1 °/s").arg(inPlaces(
                        difference(curve_of(context.target(), axis), *curves[k], context.question.weights[i]).rms_dps, 1));
                cells[Settings] = settingsInWords(*curves[k]);
            } else {
                cells[Settings] = context.question.locked[i] ? QObject::tr("left alone") : QObject::tr("no match");
            }
            for (int column = 0; column < RateColumns; ++column) {
                auto* item = new QTableWidgetItem(cells[column]);
                item->setFont(uiFont(text_points, k == 2));
                if (column == Settings) item->setToolTip(cells[column]);
                if (column > Curve && column < Settings) item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
                table.setItem(row, column, item);
            }
            table.setRowHeight(row, scaled(row_px));
        }
    }
}

} // namespace bh::desk
