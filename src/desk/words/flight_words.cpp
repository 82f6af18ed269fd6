#include "desk/words/flight_words.h"

#include "core/controller/stick_mode.h"
#include "core/flight/geometry.h"
#include "desk/words/controller_words.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"
#include "desk/words/utf8.h"

#include <QCoreApplication>
#include <QObject>
#include <cmath>

namespace bh::desk {

QString modeName(Mode mode)
{
    QString name = asWords(mode_key(mode));
    name[0] = name[0].toUpper();
    return name;
}

QString phaseInWords(std::string_view id)
{
    const QString whole = QCoreApplication::translate("phase", std::string(id).c_str());
    const std::size_t last = id.rfind('-');
    if (whole != utf8(id) || last == std::string_view::npos) return whole;
    return phaseInWords(id.substr(0, last)) + QLatin1Char(' ') + phaseInWords(id.substr(last + 1));
}

FlightAdvice adviceInWords(const Drill& drill, const FlightSnapshot& now)
{
    const Phase& phase = drill.phases[std::min(now.phase, drill.phases.size() - 1)];
    const QString task = asWords(phase.instruction);
    if (now.wants_throttle_cut) return {QObject::tr("Crashed: throttle to the bottom."), true};
    if (now.status == DrillRunner::Status::Finished) return {QObject::tr("Done. The result is on the left.")};
    if (now.status == DrillRunner::Status::Disqualified)
        return {QObject::tr("Over. The result is on the left; F5 flies it again.")};
    if (now.motors_out && phase.motors_out_above_m) return {QObject::tr("The motors are out: throttle to the bottom."), true};
    if (now.crashed && now.motors_out) return {task, false, true}; // the fall was planted, the task goes on
    if (now.crashed && drill.crashes_allowed != 0)
        return {QObject::tr("Crashed. Throttle to the bottom: it goes back to the start."), true};
    if (now.crashed) return {QObject::tr("Crashed. Throttle to the bottom; F6 begins again."), true};
    if (now.panic) return {QObject::tr("Panic switch: stopped and hovering. F7 gives the sticks back."), true};
    if (now.no_controller)
        return {QObject::tr("The controller is unplugged: the flight is held. Plug it in, then F8 goes on."), true};
    if (now.paused) return {QObject::tr("Paused. F8 goes on.")};
    if (now.out_of_bounds) return {QObject::tr("Out of bounds: turn back."), true};
    if (now.waiting_for_throttle) return {QObject::tr("Throttle to the bottom to start the motors.")};
    return {task, false, true};
}

QString placeInWords(double height_m, double speed_mps, double heading_deg)
{
    return QObject::tr("%1 high, %2, heading %3°")
        .arg(lengthInWords(height_m), speedInWords(speed_mps))
        .arg(inPlaces(std::fmod(heading_deg + 360, 360), 0));
}

QString placeInWords(const FlightSample& flown)
{
    return placeInWords(flown.height_m, flown.ground_speed_mps(), heading_deg(flown.attitude()));
}

QString stickInWords(Function function, double position)
{
    const double percent = std::round(100 * std::abs(position));
    if (function == Function::Throttle)
        return QObject::tr("%1 %2 %").arg(functionName(function)).arg(inPlaces(50 * (position + 1), 0));
    if (percent == 0) return QObject::tr("%1 centred").arg(functionName(function));
    const QString side = function == Function::Pitch ? (position > 0 ? QObject::tr("forward") : QObject::tr("back"))
                                                     : (position > 0 ? QObject::tr("right") : QObject::tr("left"));
    return QObject::tr("%1 %2 % %3").arg(functionName(function)).arg(inPlaces(percent, 0)).arg(side);
}

QString sticksInWords(const Sticks& sticks)
{
    QStringList words;
    for (const Function f : all_functions) words << stickInWords(f, on_stick(sticks, f));
    return words.join(QStringLiteral(", "));
}

} // namespace bh::desk
