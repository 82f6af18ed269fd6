#include "desk/parts/flight/flight_painter.h"

#include "core/drill/drill_rail.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/words/flight_words.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"

#include <QPainter>
#include <QPainterPath>
#include <QSemaphore>
#include <QThreadPool>
#include <algorithm>
#include <array>
#include <cmath>

namespace bh::desk {
namespace {

/// The same for every view, and made when the first flight is drawn: no start waits for it.
const GroundPattern& groundPattern()
{
    static const GroundPattern pattern;
    return pattern;
}

constexpr double rail_gauge_m = 1.2;

QColor between(const QColor& a, const QColor& b, double share)
{
    const auto mixed = [share](int from, int to) { return static_cast<int>(std::lround(from + share * (to - from))); };
    return {mixed(a.red(), b.red()), mixed(a.green(), b.green()), mixed(a.blue(), b.blue())};
}

QColor colourOf(Paint paint)
{
    const Theme& t = theme();
    switch (paint) {
    case Paint::Sky: return t.sky;
    case Paint::SaltLight: return t.saltLight;
    case Paint::SaltDark: return t.saltDark;
    case Paint::GridFine: return t.gridFine;
    case Paint::GridCoarse: return t.gridCoarse;
    case Paint::BankGrass: return t.bank;
    case Paint::BankGrassShade: return t.bankShade;
    case Paint::PoplarLight: return between(t.poplar, t.saltLight, 0.28);
    case Paint::PoplarMiddle: return t.poplar;
    case Paint::PoplarDark: return t.poplarShade;
    case Paint::Trunk: return between(t.pole, t.ink, 0.3);
    case Paint::Haze: return between(t.saltLight, t.sky, 0.75);
    case Paint::Shadow: return QColor(20, 24, 30);
    case Paint::FlagPole: return t.pole;
    case Paint::FlagCloth: return t.cloth;
    case Paint::Shed: return t.shed;
    case Paint::ShedShade: return t.shedShade;
    case Paint::GateFrame: return t.frame;
    case Paint::GateFrameShade: return t.frameShade;
    case Paint::Mark: return t.mark;
    case Paint::Rail: return t.held;
    case Paint::TouchMark: return t.attention;
    case Paint::CrashMark: return t.notMet;
    case Paint::Aircraft: return t.pole;
    case Paint::AircraftShade: return t.ink;
    case Paint::AircraftNose: return t.attention;
    case Paint::Rotor: return t.steel;
    }
    return t.ink;
}

Palette paletteNow()
{
    Palette palette{};
    for (std::size_t i = 0; i < paint_count; ++i) palette[i] = colourOf(static_cast<Paint>(i)).rgb();
    return palette;
}

/// A rail through a world's gates in their order, for flights without a way of their own.
std::vector<RailTie> gateRail(const World& world)
{
    constexpr double tie_m = 3, gate_speed_mps = 9;
    std::vector<Vec3> gates;
    if (world.gates.size() > 2)
        for (const Gate& g : world.gates) gates.emplace_back(g.north_m, g.east_m, -(g.sill_m + g.height_m / 2));
    return guide_rail(gates, true, gate_speed_mps, tie_m);
}

/// Text on a plate, so that it can be read over any ground.
constexpr double plate_margin = 8;

void plate(QPainter& p, const QRectF& box, const QString& text, int alignment, const QFont& font, const QColor& ink)
{
    p.setFont(font);
    p.setPen(Qt::NoPen);
    QColor ground = theme().card;
    ground.setAlpha(215);
    p.setBrush(ground);
    p.drawRoundedRect(box, 3, 3);
    p.setPen(ink);
    p.drawText(box.adjusted(plate_margin, 0, -plate_margin, 0), alignment | Qt::AlignVCenter, text);
}

} // namespace

void FlightPainter::setDrill(const Drill& drill, const FlightSetup& setup)
{
    if (drill.pilot)
        eye_ = FlightEye::Pilot;
    else if (eyeIsGiven())
        eye_ = FlightEye::Aircraft; // until now it was given
    drill_ = drill;
    airframe_ = setup.airframe;
    day_ = asWords(in_words(setup.conditions));
    scene_ = scene_of(setup.world);
    under_a_roof_ = std::any_of(setup.world.blocks.begin(), setup.world.blocks.end(),
                                [](const Block& b) { return b.kind == Block::Kind::Roof; });
    rails_.clear();
    quarries_.clear();
    for (const Phase& phase : drill.phases) {
        rails_.push_back(rail_of(drill, phase, airframe_, 3));
        quarries_.push_back(phase.goal.kind == Goal::Kind::Chase ? drill.lead_aircraft_in(phase) : nullptr);
    }
    if (std::all_of(rails_.begin(), rails_.end(), [](const auto& rail) { return rail.empty(); }))
        add_rail(scene_, gateRail(setup.world), rail_gauge_m);
    for (const DrillPlace& flag : drill.flags) {
        const Vec3 foot = drill.in_world(flag, 0);
        add_flag(scene_, {Pillar::Kind::Flag, foot.x(), foot.y(), 0.04, 2.5});
    }
    add_ring(scene_, drill.start.north_m, drill.start.east_m, 1.0);
    add_ring(scene_, drill.start.north_m, drill.start.east_m, 2.0);
    // A run gets frames to fly through, one every 15 m, as high as its window.
    const double c = std::cos(radians(drill.start.heading_deg));
    const double s = std::sin(radians(drill.start.heading_deg));
    for (const Phase& phase : drill.phases)
        if (phase.goal.kind == Goal::Kind::Run)
            for (double along = 15; along <= phase.goal.distance_m; along += 15)
                add_guide(scene_, drill.start.north_m + along * c, drill.start.east_m + along * s, drill.start.heading_deg,
                          std::max(0.3, phase.height_m - phase.window_m), phase.height_m + phase.window_m, 4);
    left_trail_.clear();
    right_trail_.clear();
    trail_time_s_ = 0;
    chase_ = {};
}

void FlightPainter::setCamera(double tilt_deg, double fov_deg)
{
    drill_.camera_tilt_deg = tilt_deg;
    drill_.fov_deg = fov_deg;
}

void FlightPainter::paint(QPainter& p, QSize size, const FlightSnapshot& now)
{
    const Camera camera = cameraFor(now, size);
    paintWorld(p, camera, now);
    p.setRenderHint(QPainter::Antialiasing);
    if (eye_ == FlightEye::Aircraft) paintHorizon(p, camera);
    if (eye_ == FlightEye::Aircraft && now.phase < drill_.phases.size() && drill_.phases[now.phase].horizon)
        paintHorizonsPlace(p, camera);
    if (plain_) {
        constexpr double smaller = 0.6;
        p.save();
        p.scale(smaller, smaller);
        paintSticks(p, (QSizeF(size) / smaller).toSize(), now);
        p.restore();
        return;
    }
    paintCompass(p, size, now);
    paintHeightTape(p, size, now);
    paintSticks(p, size, now);
    paintWords(p, size, now);
}

Camera FlightPainter::cameraFor(const FlightSnapshot& now, QSize size)
{
    if (eye_ == FlightEye::Aircraft)
        return onboard_camera(now.state, drill_.camera_tilt_deg, drill_.fov_deg, size.width(), size.height());
    Camera picture;
    picture.width_px = size.width();
    picture.height_px = size.height();
    if (eye_ == FlightEye::Chase) {
        picture.fov_deg = 80;
        return chase_.follow(now.state, now.time_s, picture);
    }
    constexpr double behind_start_m = 6;
    picture.fov_deg = 50; // some way between what an eye takes in and what it makes out
    return pilot_eye(now.state, drill_.in_world(drill_.pilot.value_or(DrillPlace{-behind_start_m, 0, 0}), 0), picture);
}

void FlightPainter::paintWorld(QPainter& p, const Camera& camera, const FlightSnapshot& now)
{
    moving_.surfaces.clear();
    moving_.lines.clear();
    add_shadow(moving_, now.state, airframe_, under_a_roof_);
    if (eye_ != FlightEye::Aircraft) add_aircraft(moving_, now.state, airframe_);
    if (now.phase < rails_.size()) add_rail(moving_, rails_[now.phase], rail_gauge_m); // only the way that is to be flown now
    if (now.phase < quarries_.size() && quarries_[now.phase]) {                        // that flies ahead
        const LeadAircraftPlace it = quarries_[now.phase]->at(now.phase_time_s);
        State ahead;
        ahead.position_m = it.position_m;
        constexpr double leans_deg_per_mps = 2;
        ahead.attitude = attitude(it.heading_deg, -leans_deg_per_mps * it.velocity_mps.head<2>().norm(), 0);
        add_shadow(moving_, ahead, airframe_, under_a_roof_);
        add_aircraft(moving_, ahead, airframe_);
    }
    if (const Goal& goal = drill_.phases[std::min(now.phase, drill_.phases.size() - 1)].goal; goal.kind == Goal::Kind::Go) {
        const Vec3 place = drill_.in_world(goal.place, 0);
        add_ring(moving_, place.x(), place.y(), goal.within_m);
    }
    if (now.marks)
        for (const FlightMark& mark : *now.marks)
            mark.event == FlightEvent::Crash ? add_crash_mark(moving_, mark.place_m) : add_touch_mark(moving_, mark.place_m);
    const Palette palette = paletteNow();
    shapes_.clear();
    project(scene_, camera, shapes_);
    project(moving_, camera, shapes_);
    begin_raster(raster_, camera, palette, false);
    const auto colour = [&](Paint paint) { return palette[static_cast<std::size_t>(paint)]; };
    const GroundPainter ground(groundPattern(), camera, colour(Paint::SaltDark), colour(Paint::SaltLight), colour(Paint::Haze));
    const int half = raster_.height_px / 2; // one for each core of an office laptop
    const auto lower = [&] { ground.rows(half, raster_.height_px, raster_.colours); };
    QSemaphore painted;
    const bool beside = QThreadPool::globalInstance()->tryStart([&] { lower(), painted.release(); });
    ground.rows(0, half, raster_.colours);
    if (beside)
        painted.acquire();
    else
        lower(); // the pool is busy
    bh::paint(shapes_, palette, raster_);
    const QImage image(reinterpret_cast<const uchar*>(raster_.colours.data()), raster_.width_px, raster_.height_px,
                       4 * raster_.width_px, QImage::Format_RGB32);
    p.drawImage(0, 0, image);
}

void FlightPainter::paintHorizon(QPainter& p, const Camera& camera) const
{
    constexpr double reach_px = 150, gap_share = 0.35; // the middle stays free
    std::array<ScreenPoint, 2> ends;
    if (!horizon(camera, reach_px, ends)) return;
    const QPointF a(ends[0].x, ends[0].y), b(ends[1].x, ends[1].y), middle = (a + b) / 2;
    for (const auto& [width, colour] : {std::pair{4.0, theme().card}, std::pair{1.6, theme().ink}}) {
        p.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap));
        for (const QPointF& end : {a, b}) p.drawLine(middle + (end - middle) * gap_share, end);
    }
}

/// Where the horizon is to stand: corners of a band about the picture's middle.
void FlightPainter::paintHorizonsPlace(QPainter& p, const Camera& camera) const
{
    constexpr double within_deg = 5, from_px = 170, to_px = 214; // the trade's figure, and beside the horizon's own line
    const QPointF middle(camera.width_px / 2.0, camera.height_px / 2.0);
    const double up_px = camera.width_px / 2.0 / std::tan(radians(camera.fov_deg / 2)) * std::tan(radians(within_deg));
    for (const auto& [width, colour] : {std::pair{4.0, theme().card}, std::pair{2.0, theme().held}}) {
        p.setPen(QPen(colour, width, Qt::SolidLine, Qt::RoundCap));
        for (const double side : {-1.0, 1.0}) {
            const double inner = side * from_px, outer = side * to_px;
            const QPointF corners[] = {middle + QPointF(inner, -up_px), middle + QPointF(outer, -up_px),
                                       middle + QPointF(outer, up_px), middle + QPointF(inner, up_px)};
            p.drawPolyline(corners, 4);
        }
    }
}

/// A strip of headings. A compass on an aircraft leads or lags in turns and is turned by motors and steel: it says so.
void FlightPainter::paintCompass(QPainter& p, QSize size, const FlightSnapshot& now) const
{
    constexpr double px_per_deg = 2, half_deg = 65;
    const Theme& t = theme();
    const double heading = heading_deg(now.state.attitude);
    const QRectF box(size.width() / 2.0 - half_deg * px_per_deg, bannerFor(size, now).box.bottom() + 6, 2 * half_deg * px_per_deg,
                     scaled(24));
    QColor ground = t.card;
    ground.setAlpha(200);
    p.setPen(Qt::NoPen);
    p.setBrush(ground);
    p.drawRoundedRect(box, 3, 3);
    p.save();
    p.setClipRect(box);
    static const char* const winds[] = {QT_TRANSLATE_NOOP("message", "N"), QT_TRANSLATE_NOOP("message", "NE"),
                                        QT_TRANSLATE_NOOP("message", "E"), QT_TRANSLATE_NOOP("message", "SE"),
                                        QT_TRANSLATE_NOOP("message", "S"), QT_TRANSLATE_NOOP("message", "SW"),
                                        QT_TRANSLATE_NOOP("message", "W"), QT_TRANSLATE_NOOP("message", "NW")};
    for (int step = 0; step < 24; ++step) {
        const double off = wrapped_deg(15.0 * step - heading);
        if (std::abs(off) > half_deg + 10) continue;
        const double x = box.center().x() + off * px_per_deg;
        if (step % 3 == 0) {
            p.setPen(t.ink);
            p.setFont(uiFont(small_points, step % 6 == 0));
            p.drawText(QRectF(x - scaled(20), box.top(), scaled(40), box.height() - 4), Qt::AlignCenter,
                       asWords(winds[step / 3]));
        } else {
            p.setPen(QPen(t.soft, 1));
            p.drawLine(QPointF(x, box.center().y() - 5), QPointF(x, box.center().y() + 2));
        }
    }
    p.restore();
    p.setPen(QPen(t.attention, 2));
    p.drawLine(QPointF(box.center().x(), box.bottom() - 5), QPointF(box.center().x(), box.bottom()));
    const QString caution = QObject::tr("compass: a guide only");
    const double guide_px = QFontMetricsF(uiFont(small_points)).horizontalAdvance(caution) + scaled(20), edge_px = 12;
    const bool room_beside = box.right() + 6 + guide_px + edge_px <= size.width();
    const QPointF guide =
        room_beside ? QPointF(box.right() + 6, box.top()) : QPointF(box.center().x() - guide_px / 2, box.bottom() + 4);
    plate(p, QRectF(guide, QSizeF(guide_px, scaled(24))), caution, Qt::AlignHCenter, uiFont(small_points), t.soft);
}

QRectF FlightPainter::plateFor(const QRectF& least, const QString& text, const QFont& font)
{
    return {least.topLeft(),
            QSizeF(std::max(least.width(), QFontMetricsF(font).horizontalAdvance(text) + 2 * plate_margin), least.height())};
}

void FlightPainter::paintHeightTape(QPainter& p, QSize size, const FlightSnapshot& now) const
{
    const Theme& t = theme();
    const Phase& phase = drill_.phases[std::min(now.phase, drill_.phases.size() - 1)];
    const double height = now.state.height_m();
    const double wide = 16 + scaled(30), left = 14;
    const QRectF banner = bannerFor(size, now).box;
    const double top = std::max(62.0, banner.left() < left + wide ? banner.bottom() + 6 : 0.0);
    const QRectF plateBox(left, top, wide, size.height() - top - 132);
    const QRectF tape = plateBox.adjusted(0, 10, 0, -10);
    if (tape.height() < 80) return;
    const double shown_m = std::max(16.0, 2 * (phase.height_m + phase.window_m)); // bottom is the ground or below the aircraft
    const double bottom_m = std::max(0.0, height - 0.8 * shown_m);
    const auto y = [&](double m) { return tape.bottom() - (m - bottom_m) / shown_m * tape.height(); };
    QColor ground = t.card;
    ground.setAlpha(200);
    p.setPen(Qt::NoPen);
    p.setBrush(ground);
    p.drawRoundedRect(plateBox, 3, 3);
    p.save();
    p.setClipRect(plateBox);
    if (phase.window_m > 0) {
        QColor window = t.held;
        window.setAlpha(110);
        const QRectF box(tape.left(), y(phase.height_m + phase.window_m), tape.width(),
                         y(phase.height_m - phase.window_m) - y(phase.height_m + phase.window_m));
        p.setBrush(window);
        p.drawRect(box);
        p.setPen(QPen(t.held, 2));
        p.drawLine(QPointF(tape.left(), y(phase.height_m)), QPointF(tape.right(), y(phase.height_m)));
    }
    p.setFont(uiFont(small_points));
    const double shown_units = shownLength(1).value; // metres, or feet
    const int each = shown_m * shown_units > 80 ? 20 : shown_m * shown_units > 40 ? 10 : shown_m > 24 ? 4 : 2;
    const int first = static_cast<int>(bottom_m * shown_units) / each * each;
    for (int mark = first; mark <= (bottom_m + shown_m) * shown_units; mark += each) {
        const double at = y(mark / shown_units);
        p.setPen(QPen(t.soft, 1));
        p.drawLine(QPointF(tape.left(), at), QPointF(tape.left() + 7, at));
        p.drawText(QRectF(tape.left() + 9, at - scaled(8), scaled(30), scaled(16)), Qt::AlignLeft | Qt::AlignVCenter,
                   QString::number(mark));
    }
    p.restore();
    const double at = std::clamp(y(height), tape.top(), tape.bottom());
    p.setPen(Qt::NoPen);
    p.setBrush(t.attention);
    p.drawPolygon(QPolygonF{QPointF(tape.right() - 8, at), QPointF(tape.right() + 4, at - 7), QPointF(tape.right() + 4, at + 7)});
    const QString reading = lengthInWords(height);
    plate(p, plateFor(QRectF(tape.right() + 4, at - scaled(12), scaled(66), scaled(24)), reading, uiFont(text_points, true)),
          reading, Qt::AlignRight, uiFont(text_points, true), t.ink);
}

void FlightPainter::paintSticks(QPainter& p, QSize size, const FlightSnapshot& now)
{
    const Theme& t = theme();
    const QPointF left(on_stick(now.sticks, mode_.left_across), on_stick(now.sticks, mode_.left_up));
    const QPointF right(on_stick(now.sticks, mode_.right_across), on_stick(now.sticks, mode_.right_up));
    const auto names = [](Function up, Function across) {
        return QStringLiteral("%1, %2").arg(asWords(function_key(up)), asWords(function_key(across)));
    };
    if (now.time_s < trail_time_s_) left_trail_.clear(), right_trail_.clear();
    if (now.time_s != trail_time_s_) {
        left_trail_.push_back(left);
        right_trail_.push_back(right);
        while (left_trail_.size() > (preferences().lessMotion() ? 1U : 45U)) left_trail_.pop_front(), right_trail_.pop_front();
    }
    trail_time_s_ = now.time_s;
    const auto ahead = [&](Function across, Function up) {
        std::vector<QPointF> places;
        for (const Sticks& s : now.sticks_ahead) places.emplace_back(on_stick(s, across), on_stick(s, up));
        return places;
    };
    const auto stick = [&](QPointF middle, QPointF at, const std::deque<QPointF>& trail, const QString& name,
                           std::optional<QPointF> shown, const std::vector<QPointF>& next) {
        const double reach = 42;
        QColor ground = t.card;
        ground.setAlpha(200);
        p.setPen(QPen(t.steel, 1));
        p.setBrush(ground);
        p.drawEllipse(middle, reach + 8, reach + 8);
        p.setPen(QPen(t.line, 1));
        p.drawLine(middle - QPointF(reach, 0), middle + QPointF(reach, 0));
        p.drawLine(middle - QPointF(0, reach), middle + QPointF(0, reach));
        QPainterPath path;
        for (std::size_t i = 0; i < trail.size(); ++i) {
            const QPointF place = middle + QPointF(trail[i].x(), -trail[i].y()) * reach;
            i == 0 ? path.moveTo(place) : path.lineTo(place);
        }
        p.setPen(QPen(t.attention, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawPath(path);
        QPolygonF coming; // where a demonstration's stick goes within the next second: dots, and a square at their end
        for (const QPointF& place : next) coming << middle + QPointF(place.x(), -place.y()) * reach;
        if (!coming.isEmpty()) {
            p.setPen(QPen(t.chrome, 2.5, Qt::DotLine, Qt::RoundCap));
            p.drawPolyline(coming);
            p.setPen(QPen(t.chrome, 2));
            p.drawRect(QRectF(coming.back() - QPointF(4, 4), QSizeF(8, 8)));
        }
        if (shown) { // where the demonstration's stick stands: a ring to fill
            p.setPen(QPen(t.steel, 3));
            p.drawEllipse(middle + QPointF(shown->x(), -shown->y()) * reach, 11, 11);
        }
        p.setPen(QPen(t.ink, 2));
        p.setBrush(t.card);
        p.drawEllipse(middle + QPointF(at.x(), -at.y()) * reach, 6, 6);
        p.setPen(t.ink);
        p.setFont(uiFont(small_points));
        plate(p, QRectF(middle.x() - scaled(52), middle.y() + reach + 12, scaled(104), scaled(18)), name, Qt::AlignHCenter,
              uiFont(small_points), t.soft);
    };
    const double y = size.height() - 60 - scaled(18);
    const auto shown = [&](Function across, Function up) {
        return now.shown_sticks ? std::optional(QPointF(on_stick(*now.shown_sticks, across), on_stick(*now.shown_sticks, up)))
                                : std::nullopt;
    };
    const double apart = std::max(64, scaled(52) + 4); // so that their names stand beside each other
    stick({size.width() / 2.0 - apart, y}, left, left_trail_, names(mode_.left_up, mode_.left_across),
          shown(mode_.left_across, mode_.left_up), ahead(mode_.left_across, mode_.left_up));
    stick({size.width() / 2.0 + apart, y}, right, right_trail_, names(mode_.right_up, mode_.right_across),
          shown(mode_.right_across, mode_.right_up), ahead(mode_.right_across, mode_.right_up));
}

/// What is to be done now, on as many lines as it takes to be read whole.
FlightPainter::Banner FlightPainter::bannerFor(QSize size, const FlightSnapshot& now) const
{
    Banner banner;
    const Phase& phase = drill_.phases[std::min(now.phase, drill_.phases.size() - 1)];
    const FlightAdvice advice = adviceInWords(drill_, now);
    banner.words = advice.words, banner.urgent = advice.urgent;
    const bool arms = phase.goal.kind == Goal::Kind::Arm || phase.goal.kind == Goal::Kind::Disarm;
    for (const SwitchCalibration& s : switches_) // its own where there is one; the keys remain
        if (advice.is_task && ((arms && s.use == SwitchUse::Arm) || (phase.panic && s.use == SwitchUse::Panic)))
            banner.words += QObject::tr(" On the controller: %1.").arg(asWords(s.source.words()));
    const double wanted = QFontMetricsF(uiFont(head_points, true)).horizontalAdvance(banner.words) + 40;
    const double width = std::min<double>(size.width() - 24, wanted);
    banner.lines = wanted > width ? 2 : 1;
    banner.box = QRectF((size.width() - width) / 2, 12, width, banner.lines * scaled(28) + 8);
    return banner;
}

void FlightPainter::paintWords(QPainter& p, QSize size, const FlightSnapshot& now) const
{
    const Theme& t = theme();
    const Banner banner = bannerFor(size, now);
    const QRectF& box = banner.box;
    plate(p, box, banner.words, Qt::AlignHCenter | (banner.lines > 1 ? Qt::TextWordWrap : 0), uiFont(head_points, true),
          banner.urgent ? t.notMet : t.ink);
    if (!now.waiting_for_throttle && now.phase_progress > 0) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.attention);
        p.drawRect(QRectF(box.left(), box.bottom() - 4, box.width() * std::min(1.0, now.phase_progress), 4));
    }
    const double speed = now.state.velocity_mps.head<2>().norm();
    const QString facts = QStringLiteral("%1 · %2 · %3 · %4 s")
                              .arg(modeName(now.mode), now.armed ? QObject::tr("armed") : QObject::tr("motors off"))
                              .arg(speedInWords(speed))
                              .arg(inPlaces(now.time_s, 0));
    const bool narrow = size.width() < scaled(800);
    const double foot = size.height() - (narrow ? 122 + scaled(18) : 0); // beside the sticks, or above them where it is narrow
    const auto beside = [&](double up, double high, const QString& words, double points, const QColor& ink) {
        const QFont font = uiFont(points);
        const double wide = narrow ? QFontMetricsF(font).horizontalAdvance(words) + 2 * plate_margin : scaled(240);
        plate(p, QRectF(size.width() - 12 - wide, foot - up, wide, high), words, Qt::AlignRight, font, ink);
    };
    beside(14 + scaled(26), scaled(26), facts, text_points, t.ink);
    // Who looks, and what the day does; narrow, so as not to come near the sticks.
    const QString where =
        eye_ == FlightEye::Aircraft
            ? QObject::tr("camera %1°, view %2°").arg(inPlaces(drill_.camera_tilt_deg, 0)).arg(inPlaces(drill_.fov_deg, 0))
        : eye_ == FlightEye::Chase ? QObject::tr("from behind the aircraft")
                                   : QObject::tr("from the pilot's place");
    beside(18 + scaled(50), scaled(24), where, small_points, t.soft);
    if (!day_.isEmpty()) {
        const QFont small = uiFont(small_points);
        const double words = QFontMetricsF(small).horizontalAdvance(day_) + 24, most = scaled(236);
        const double wide = std::min(most, words), high = words > most ? scaled(42) : scaled(24);
        plate(p,
              QRectF(narrow ? size.width() - 12 - wide : 14, narrow ? foot - 22 - scaled(50) - high : size.height() - 14 - high,
                     wide, high),
              day_, Qt::AlignLeft | Qt::TextWordWrap, small, t.soft);
    }
}

} // namespace bh::desk
