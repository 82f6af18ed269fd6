#include "desk/words/attempt_words.h"

#include "desk/words/message_words.h"

#include <QObject>
#include <QStringList>

namespace bh::desk {
namespace {

QString pilotName(const School& school, const std::string& id)
{
    const Pilot* pilot = school.pilot(id);
    return pilot ? QString::fromStdString(pilot->name) : QObject::tr("a pilot");
}

} // namespace

QString flownWithInWords(const School& school, const JudgedAttempt& attempt)
{
    if (attempt.in_words) return QString::fromStdString(attempt.in_words->flown_with);
    QStringList parts;
    if (!attempt.shadowed.empty()) {
        const Drill* drill = school.drill(attempt.shadowed);
        return QObject::tr("shadowing %1").arg(asWords(drill ? drill->name : attempt.shadowed));
    }
    if (!attempt.flight) return {};
    const Drill* drill = school.drill(attempt.drill_id);
    const FlownWith& with = *attempt.flight;
    if (!drill || with.aircraft != drill->aircraft || with.propeller_ratio != 1 || with.power_share != 1) {
        const Airframe* aircraft = school.aircraft(with.aircraft);
        parts << asWords(aircraft ? aircraft->name : with.aircraft);
    }
    if (const Message day = in_words(with.conditions); !day.empty()) parts << asWords(day);
    return parts.join(QStringLiteral("; "));
}

QString simulatorInWords(const School& school, const Attempt& attempt)
{
    if (attempt.in_words) return QString::fromStdString(attempt.in_words->simulator);
    const SimulatorProfile* simulator = school.simulator(attempt.simulator);
    return simulator                   ? asWords(simulator->name)
           : attempt.simulator.empty() ? QObject::tr("another simulator")
                                       : QString::fromStdString(attempt.simulator);
}

QString verdictInWords(const Score& score)
{
    const QString verdict = !score.passed  ? QObject::tr("Not passed")
                            : !score.holds ? QObject::tr("Passed, not to hold it")
                                           : QObject::tr("Passed");
    return QObject::tr("%1: %2 of 100").arg(verdict, inPlaces(score.score, 0));
}

QString stepInWords(const School& school, const Curriculum& curriculum, const std::string& step)
{
    const Curriculum::FreeBlock* block = curriculum.free_block(step);
    const Drill* drill = school.drill(step);
    if (!block) return asWords(drill ? drill->name : step);
    const QString words = QObject::tr("Free flight, %1 min").arg(inDigits(block->minutes, 4));
    return block->world.empty() ? words : QObject::tr("%1, %2").arg(words, QString::fromStdString(block->world));
}

QString flownInWords(const School& school, const Attempt& attempt)
{
    if (attempt.free())
        return attempt.world.empty() ? QObject::tr("From elsewhere") // what is flown here has a world
                                     : QObject::tr("Free: %1").arg(asWords(school.world_name(attempt.world)));
    const Drill* drill = school.drill(attempt.drill_id);
    return asWords(drill ? drill->name : attempt.drill_id);
}

QString editInWords(const School& school, const Edit& edit)
{
    if (edit.empty()) return {};
    const TextChange& first = edit.front();
    const auto id = QString::fromStdString(first.subject);
    const auto named = [](const auto* thing, const QString& otherwise) { return thing ? asWords(thing->name) : otherwise; };
    switch (first.kind) {
    case Kind::Pilot: return QObject::tr("edit of %1").arg(pilotName(school, first.subject));
    case Kind::Simulator: return QObject::tr("edit of %1").arg(named(school.simulator(first.subject), id));
    case Kind::Aircraft: return QObject::tr("edit of %1").arg(named(school.real_aircraft(first.subject), id));
    case Kind::Setup:
        return edit.size() > 1 ? QObject::tr("practising on the match")
                               : QObject::tr("set-up of %1").arg(pilotName(school, first.subject));
    case Kind::Stage: return QObject::tr("stage %1").arg(id.section(QLatin1Char('/'), 2));
    case Kind::Demonstration: return QObject::tr("demonstration of %1").arg(named(school.drill(first.subject), id));
    case Kind::Drill: return QObject::tr("edit of %1").arg(named(school.drill(first.subject), id));
    case Kind::Curriculum: return QObject::tr("edit of %1").arg(id);
    case Kind::Rates: return QObject::tr("rates of %1").arg(named(school.real_aircraft(first.subject), id));
    case Kind::Match: return QObject::tr("match of the rates");
    case Kind::Plan: return edit.size() > 1 ? QObject::tr("step of a change plan") : QObject::tr("change plan");
    case Kind::Trial: return QObject::tr("rates to try");
    case Kind::Coaching: return QObject::tr("coaching rules");
    case Kind::Advice: return first.before.empty() ? QObject::tr("advice") : QObject::tr("what became of advice");
    case Kind::Note: return QObject::tr("note about a flight");
    case Kind::Sickness: return QObject::tr("answers to the questionnaire");
    case Kind::Video: return QObject::tr("recording of a session");
    default: return QObject::tr("edit");
    }
}

} // namespace bh::desk
