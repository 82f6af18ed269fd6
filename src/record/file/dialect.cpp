#include "record/file/dialect.h"

#include <nlohmann/json.hpp>

namespace bh {
namespace {

constexpr const char* columns =
    "id, pilot_id, session_id, drill_id, drill_version, at, mode, score, passed, flown_s, log_hash, curriculum,"
    " curriculum_version, observed, demonstration, left_minus_right, simulator, in_words, summary, flown_with, holds, world, "
    "found, cuts";

Attempt attempt_from(const QSqlQuery& q)
{
    const auto text = [&q](int column) { return q.value(column).toString().toStdString(); };
    Attempt a;
    a.id = text(0);
    a.pilot_id = text(1);
    a.session_id = text(2);
    a.drill_id = text(3);
    a.drill_version = q.value(4).toInt();
    a.at = q.value(5).toLongLong();
    a.mode = mode_from_key(text(6)).value_or(Mode::Acro);
    a.score = q.value(7).toDouble();
    a.passed = q.value(8).toBool();
    a.flown_s = q.value(9).toDouble();
    a.log_hash = text(10);
    a.curriculum = text(11);
    a.curriculum_version = q.value(12).toInt();
    const std::string observed = text(13);
    a.observed = !observed.empty();
    a.demonstration = text(14);
    if (!q.value(15).isNull()) a.left_minus_right = q.value(15).toDouble();
    a.simulator = text(16);
    if (q.value(17).toBool()) a.in_words = {text(18), text(19), observed};
    a.holds = q.value(20).toBool();
    a.world = text(21);
    a.found = text(22);
    if (const std::string cuts = text(23); cuts.size() > 2)
        a.throttle_cuts_s = nlohmann::json::parse(cuts).get<std::vector<double>>();
    return a;
}

} // namespace

std::vector<Attempt> Dialect::attempts(const std::string& id, std::optional<UnixTime> until) const
{
    const QString all = "SELECT " + QString::fromLatin1(columns) + " FROM attempts";
    const QString of_then = all + " WHERE entry IN (SELECT seq FROM entries WHERE at <= ?) ORDER BY entry";
    QSqlQuery q = !id.empty() ? database().run(all + " WHERE id = ?", id)
                  : until     ? database().run(of_then, *until)
                              : database().run(all + " ORDER BY entry");
    std::vector<Attempt> rows;
    while (q.next()) rows.push_back(attempt_from(q));
    return rows;
}

} // namespace bh
