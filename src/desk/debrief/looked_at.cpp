#include "desk/debrief/looked_at.h"

#include "core/drill/free_flight.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QObject>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr std::size_t flights_shown = 200;
const QString session_prefix = QStringLiteral("session:");

} // namespace

Result<LookedAt> keptFlight(const School& school, const Attempt& attempt)
{
    auto log = school.flight_log(attempt.log_hash);
    if (!log) return tl::unexpected(log.error());
    LookedAt l;
    l.pilot_id = attempt.pilot_id;
    l.attempt_id = attempt.id;
    const JudgedAttempt judged = school.judged(attempt.id);
    l.drill = school.flown_drill(judged);
    l.score = school.kept_score(judged);
    if (const auto today = school.judged_today(judged, *log))
        l.judged_by = QObject::tr("Judged by version %1; today's limits would give %2.")
                          .arg(judged.drill_version)
                          .arg(inPlaces(today->score, 0));
    l.title = QObject::tr("%1, %2").arg(flownInWords(school, attempt), dayInWords(attempt.at));
    l.log = std::make_shared<const FlightLog>(std::move(*log));
    return l;
}

Result<LookedAt> practiceOutside(const School& school, const Session& session)
{
    auto log = school.outside_flight(session);
    if (!log) return tl::unexpected(log.error());
    LookedAt l;
    l.pilot_id = session.pilot_id;
    l.session_id = session.id;
    l.drill = free_flight("pan");
    l.title = QObject::tr("Practice outside, %1").arg(dayInWords(session.started_at));
    l.log = std::make_shared<const FlightLog>(std::move(*log));
    return l;
}

LookedAt flightOfFile(const QString& title, std::shared_ptr<const FlightLog> log)
{
    LookedAt l;
    l.drill = free_flight("pan");
    l.title = title;
    l.log = std::move(log);
    return l;
}

std::vector<FlightItem> flightItems(const School& school, const std::string& pilot_id)
{
    std::vector<FlightItem> items;
    const PilotFile& file = school.file(pilot_id);
    for (const Attempt& a : file.attempts) {
        if (a.log_hash.empty() || !a.demonstration.empty()) continue;
        const QString words = flownInWords(school, a);
        items.push_back(
            {a.at, a.free() ? words : QObject::tr("%1, %2").arg(words).arg(inPlaces(a.score, 0)), QString::fromStdString(a.id)});
    }
    for (const Session& s : file.sessions) {
        if (s.recording.empty()) continue;
        const SimulatorProfile* simulator = school.simulator(s.simulator);
        items.push_back({s.started_at,
                         QObject::tr("Outside: %1").arg(simulator ? asWords(simulator->name) : QObject::tr("another program")),
                         sessionKey(s.id)});
    }
    std::stable_sort(items.begin(), items.end(), [](const FlightItem& a, const FlightItem& b) { return a.at > b.at; });
    if (items.size() > flights_shown) items.resize(flights_shown);
    for (FlightItem& item : items) item.words = QStringLiteral("%1 · %2").arg(shortMoment(item.at), item.words);
    return items;
}

QString sessionKey(const std::string& session_id) { return session_prefix + QString::fromStdString(session_id); }

std::optional<std::string> sessionOf(const QString& key)
{
    if (!key.startsWith(session_prefix)) return std::nullopt;
    return key.mid(session_prefix.size()).toStdString();
}

} // namespace bh::desk
