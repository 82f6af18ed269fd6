#include "desk/rates/rates_files.h"

#include "core/curves/rate_families.h"
#include "core/rates/rate_match.h"
#include "core/rates/rates_from_log.h"
#include "desk/parts/look/theme.h"
#include "desk/rates/curve_plot.h"
#include "desk/words/message_words.h"
#include "files/documents/rates_document.h"
#include "files/flights/flight_csv.h"
#include "files/tables/rates_csv.h"
#include "files/text/file_text.h"

#include <QObject>
#include <QPixmap>
#include <QSaveFile>
#include <QStringList>
#include <QSvgGenerator>
#include <nlohmann/json.hpp>
#include <qcustomplot.h>

namespace bh::desk {
namespace {

constexpr std::array axis_names{"roll", "pitch", "yaw"};

/// What a flight shows, with intervals and lag in words.
Result<RatesRead> readFlight(const std::string& path, const RateProfile& now, const std::string& family)
{
    const auto log = load_flight_csv(path);
    if (!log) return tl::unexpected(log.error());
    RatesRead read{now, {}};
    QStringList said;
    Message why;
    bool any = false;
    for (const RateAxis axis : rate_axes) {
        constexpr StickAxis sticks[] = {StickAxis::Roll, StickAxis::Pitch, StickAxis::Yaw};
        const auto at = static_cast<std::size_t>(axis);
        const auto flown = rates_from_log(*log, sticks[at], family);
        if (!flown) {
            why = flown.error().message;
            said << QObject::tr("%1 unknown").arg(asWords(axis_names[at]));
            continue;
        }
        any = true;
        // To the steps that the parameters are set in: the flight tells no more.
        const auto on_steps = match_rates(flown->curve, family_key(flown->curve));
        curve_of(read.rates, axis) = on_steps ? on_steps->rounded : flown->curve;
        const RateFamily* of = rate_family(family_key(flown->curve));
        QStringList parts;
        for (std::size_t k = 0; k < flown->low.size(); ++k)
            parts << QObject::tr("%1 %2 to %3")
                         .arg(asWords(of->parameters[k].name))
                         .arg(inDigits(flown->low[k], 4))
                         .arg(inDigits(flown->high[k], 4));
        said << QObject::tr("%1 %2 (%3; delay and lag %4 ms)")
                    .arg(asWords(axis_names[at]), parts.join(QStringLiteral(", ")), asWords(known_in_words(*flown)))
                    .arg(inPlaces(1000 * (flown->delay_s + flown->lag_s), 0));
    }
    if (!any) return bad_input("%1: %2", path, why);
    read.message = QObject::tr("Found from the flight, 95 of 100 times between: %1.").arg(said.join(QStringLiteral("; ")));
    return read;
}

} // namespace

Result<RatesRead> readRatesFile(const QString& file, const RateProfile& now, const std::string& family)
{
    const std::string path = file.toStdString();
    const auto text = read_text(path);
    if (!text) return tl::unexpected(text.error());
    const bool of_curves = text->starts_with("stick,"); // measured curves; another table is a flight log
    if (!of_curves && !file.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) return readFlight(path, now, family);
    auto rates = of_curves ? parse_rates_csv(*text, path) : parse_rates(*text, path);
    if (!rates) return tl::unexpected(rates.error());
    return RatesRead{std::move(*rates), QObject::tr("Read from %1.").arg(file)};
}

bool saveRatesTable(const QString& file, const RatesContext& context)
{
    QSaveFile out(file);
    if (!out.open(QIODevice::WriteOnly)) return false;
    RateProfile match = context.matched();
    QByteArray text;
    if (file.endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
        match.name = (context.simulator + QStringLiteral(" for ") + context.aircraft).toStdString();
        text = QByteArray::fromStdString(rates_json(match).dump(1));
    } else {
        text = "stick";
        for (const char* axis : axis_names)
            for (const char* whose : {"real", "practised", "match"}) text += QByteArray(",") + axis + '_' + whose + "_dps";
        text += '\n';
        for (int i = 0; i <= 200; ++i) {
            const double x = -1 + i / 100.0;
            text += QByteArray::number(x, 'f', 2);
            for (const RateAxis axis : rate_axes)
                for (const RateProfile* p : {&context.real, &context.practised, static_cast<const RateProfile*>(&match)})
                    text += ',' + QByteArray::number(rate_dps(curve_of(*p, axis), x), 'f', 3);
            text += '\n';
        }
    }
    return out.write(text) == text.size() && out.commit();
}

bool saveRatesPicture(const QString& file, const std::array<CurvePlot*, 3>& plots, const QString& title)
{
    constexpr int width = 460, height = 440;
    const auto paint = [&plots](QPaintDevice& device) {
        QCPPainter p(&device);
        p.setMode(QCPPainter::pmVectorized);
        for (int axis = 0; axis < 3; ++axis)
            plots[static_cast<std::size_t>(axis)]->paintOn(p, QRect(axis * width, 0, width, height));
    };
    if (file.endsWith(QStringLiteral(".svg"), Qt::CaseInsensitive)) {
        QSaveFile out(file);
        if (!out.open(QIODevice::WriteOnly)) return false;
        QSvgGenerator svg;
        svg.setOutputDevice(&out);
        svg.setTitle(title);
        svg.setSize(QSize(3 * width, height));
        svg.setViewBox(QRect(0, 0, 3 * width, height));
        paint(svg);
        return out.commit();
    }
    QPixmap picture(3 * width, height);
    picture.fill(theme().paper);
    paint(picture);
    return picture.save(file);
}

} // namespace bh::desk
