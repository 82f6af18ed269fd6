#include "school/corrections.h"

#include "core/base/one_line.h"
#include "record/chain/bodies.h"

#include <algorithm>

namespace bh {
namespace {

std::string tidy_reason(const std::string& why) { return one_line(QString::fromStdString(why).simplified().toStdString()); }

Result<void> may_correct(const School& school, const std::string& why)
{
    if (auto allowed = school.may_do(Act::Correct); !allowed) return allowed;
    return tidy_reason(why).empty() ? bad_input("a correction needs a reason") : Result<void>();
}

Result<void> made(School& school, TextChange change, std::string_view otherwise)
{
    return school.make({std::move(change)}) ? Result<void>() : bad_input(message(otherwise));
}

} // namespace

Result<void> correct_session(School& school, const Session& corrected, const std::string& why)
{
    if (auto allowed = may_correct(school, why); !allowed) return allowed;
    const auto& sessions = school.sessions(corrected.pilot_id);
    const auto known = std::find_if(sessions.begin(), sessions.end(), [&](const Session& s) { return s.id == corrected.id; });
    if (known == sessions.end()) return bad_input("there is no such session");
    if (known->ended_at == 0) return bad_input("the session still runs: end it first");
    constexpr double longest_s = 24 * 3600;
    if (!(corrected.active_s >= 0 && corrected.idle_s >= 0 && corrected.active_s + corrected.idle_s <= longest_s))
        return bad_input("expected 0 to 24 hours of practice");
    if (corrected.started_at <= 0 || corrected.started_at > school.now())
        return bad_input("expected a beginning that is not in the future");
    Session row = corrected;
    row.ended_at = row.started_at + static_cast<UnixTime>(row.active_s + row.idle_s);
    const std::string logged_for = [&] {
        const auto moved = school.values().logged_for.find(row.id);
        return moved == school.values().logged_for.end() ? row.pilot_id : moved->second;
    }();
    row.pilot_id = logged_for; // whose it is is told by an entry of its own
    Session before = *known;
    before.pilot_id = logged_for;
    row.ended_at = row.active_s == before.active_s && row.idle_s == before.idle_s && row.started_at == before.started_at
                       ? before.ended_at
                       : row.ended_at;
    if (body_of(row) == body_of(before)) return {};
    return school.write({Kind::Session, row.id, "", body_of(row), tidy_reason(why)})
               ? Result<void>()
               : bad_input(label("it could not be corrected"));
}

Result<void> strike(School& school, const std::string& id, const std::string& why)
{
    if (auto allowed = may_correct(school, why); !allowed) return allowed;
    return made(school, school.change_to(Kind::Struck, id, tidy_reason(why), tidy_reason(why)),
                label("it could not be struck out"));
}

Result<void> count_again(School& school, const std::string& id, const std::string& why)
{
    if (auto allowed = may_correct(school, why); !allowed) return allowed;
    return made(school, school.change_to(Kind::Struck, id, "", tidy_reason(why)), label("it could not be put back"));
}

Result<void> give_session(School& school, const std::string& session_id, const std::string& pilot_id, const std::string& why)
{
    if (auto allowed = may_correct(school, why); !allowed) return allowed;
    if (!school.pilot(pilot_id)) return bad_input("there is no such pilot");
    const auto moved = school.values().logged_for.find(session_id);
    const bool its_own = moved != school.values().logged_for.end() && moved->second == pilot_id;
    return made(school, school.change_to(Kind::FlownBy, session_id, its_own ? "" : pilot_id, tidy_reason(why)),
                label("it could not be given to the other pilot"));
}

} // namespace bh
