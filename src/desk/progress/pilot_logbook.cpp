#include "desk/progress/pilot_logbook.h"

#include "desk/parts/paper/paper.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"

#include <QDateTime>
#include <algorithm>

namespace bh::desk {
namespace {

QString whereInWords(const School& school, const Session& s)
{
    if (s.simulator.empty())
        return s.recording.empty() && s.by_hand.empty() ? QObject::tr("here") : QObject::tr("another program");
    const SimulatorProfile* known = school.simulator(s.simulator);
    return asWords(known ? known->name : s.simulator);
}

} // namespace

QString pilotLogbook(const School& school, const std::string& pilot_id)
{
    const PilotFile& file = school.file(pilot_id);
    const PilotStanding& standing = school.standing(pilot_id);
    const auto passed = std::count_if(file.attempts.begin(), file.attempts.end(), [](const Attempt& a) { return a.passed; });
    QString html = QStringLiteral("<p>%1</p>")
                       .arg(onPaper(QObject::tr("%1 h practised, %2 h of them on matched rates; %3 sessions, %4 flights, %5 "
                                                "passed. Written %6.")
                                        .arg(inPlaces(standing.hours, 1))
                                        .arg(inPlaces(standing.hours_matched, 1))
                                        .arg(file.sessions.size())
                                        .arg(file.attempts.size())
                                        .arg(passed)
                                        .arg(momentInWords(school.now()))));
    QList<QStringList> sessions;
    for (const Session& s : file.sessions)
        sessions.push_back({momentInWords(s.started_at), inPlaces(s.active_s / 60, 1), inPlaces(s.idle_s / 60, 1),
                            onPaper(whereInWords(school, s)), asWords(viewing_key(s.viewing)),
                            s.matched ? QObject::tr("yes") : QString(), onPaper(QString::fromStdString(s.by_hand))});
    html += QStringLiteral("<h2>%1</h2>").arg(QObject::tr("Practice")) +
            paperTable({QObject::tr("Began"), QObject::tr("Active, min"), QObject::tr("Idle, min"), QObject::tr("Where"),
                        QObject::tr("Seen"), QObject::tr("Matched"), QObject::tr("By hand, because")},
                       sessions, {1, 2});
    QList<QStringList> attempts;
    for (const Attempt& a : file.attempts)
        attempts.push_back({momentInWords(a.at), onPaper(flownInWords(school, a)), asWords(mode_key(a.mode)),
                            a.free() ? QStringLiteral("–") : inPlaces(a.score, 0),
                            a.free()   ? QObject::tr("flown")
                            : a.passed ? a.holds ? QObject::tr("passed") : QObject::tr("passed, not to hold it")
                                       : QObject::tr("not passed"),
                            inPlaces(a.flown_s, 0)});
    html += QStringLiteral("<h2>%1</h2>").arg(QObject::tr("Flights")) +
            paperTable({QObject::tr("When"), QObject::tr("Drill"), QObject::tr("Mode"), QObject::tr("Marks"),
                        QObject::tr("Result"), QObject::tr("Flown, s")},
                       attempts, {3, 5});
    QList<QStringList> struck;
    const auto why = [&](const std::string& id, const std::string& session) {
        const std::string own = school.values().text(Kind::Struck, id);
        return onPaper(QString::fromStdString(own.empty() ? school.values().text(Kind::Struck, session) : own));
    };
    for (const Session& s : file.struck_sessions)
        struck.push_back(
            {momentInWords(s.started_at), QObject::tr("session, %1 min").arg(inPlaces(s.active_s / 60, 1)), why(s.id, {})});
    for (const Attempt& a : file.struck_attempts)
        struck.push_back({momentInWords(a.at), onPaper(flownInWords(school, a)), why(a.id, a.session_id)});
    if (!struck.isEmpty())
        html += QStringLiteral("<h2>%1</h2>").arg(QObject::tr("Struck out, does not count")) +
                paperTable({QObject::tr("When"), QObject::tr("What"), QObject::tr("Why")}, struck);
    return html;
}

} // namespace bh::desk
