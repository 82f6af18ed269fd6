#include "demo/demo_debrief.h"

#include "core/standin/stand_in_pilot.h"
#include "files/tables/stick_recording.h"
#include "school/views/coaching.h"

#include <algorithm>

namespace bh {
namespace {

/// The newest flight that shows what a rule is about, with what would be said of it.
std::optional<std::pair<const Attempt*, Advice>> message_of(School& school, const std::string& pilot_id, const CoachingRule& rule)
{
    const auto& attempts = school.attempts(pilot_id);
    constexpr int looked_at = 12;
    int looks = 0;
    for (auto a = attempts.rbegin(); a != attempts.rend() && looks < looked_at; ++a, ++looks) {
        const FindingTally* t = school.tally(*a).of(rule.finding);
        if (!t || t->faults == 0 || a->log_hash.empty()) continue;
        const auto log = school.flight_log(a->log_hash);
        if (!log) continue;
        const Drill drill = school.flown_drill(school.judged(a->id));
        const Coached pilot = coached(school, pilot_id, &*a);
        for (Advice& advice : advise(debrief(*log, drill, nullptr), {rule}, nullptr, &pilot))
            if (advice.rule == rule.id) return std::pair(&*a, std::move(advice));
    }
    return std::nullopt;
}

Result<FlightLog> flown_elsewhere(const School& school, const DemoDebriefs::Elsewhere& e)
{
    const Drill* drill = school.drill(e.drill);
    if (!drill) return bad_input("roster.json: there is no drill '%1'", e.drill);
    const auto setup = school.data().setup_for(*drill, RateProfile{});
    if (!setup) return tl::unexpected(setup.error());
    auto flown = fly_drill(*drill, *setup, e.skill, e.seed, e.habits);
    if (!flown) return tl::unexpected(flown.error());
    flown->log.has_position = e.positions;
    return std::move(flown->log);
}

StickRecording recorded(const FlightLog& log, const StandInController& controller)
{
    constexpr double every_s = 0.02;
    StickRecording recording;
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (!recording.t_s.empty() && log.t_s[i] - recording.t_s.back() < every_s) continue;
        recording.t_s.push_back(log.t_s[i]);
        recording.counts.push_back(
            counts_of(controller, {log.throttle[i], log.stick_yaw[i], log.stick_pitch[i], log.stick_roll[i]}));
    }
    return recording;
}

} // namespace

StandInFaults demo_habits(const JsonIn& names)
{
    std::vector<std::string> habits;
    for (const JsonIn& habit : names.items()) habits.push_back(habit.text());
    const auto faults = stand_in_faults(habits);
    if (!faults) names.fault(faults.error().message);
    return *faults;
}

DemoDebriefs demo_debriefs(const JsonIn& pilot)
{
    DemoDebriefs plan;
    if (pilot.has("advised"))
        for (const JsonIn& a : pilot.at("advised").items())
            plan.advised.push_back({a.text("rule"), a.at("day").whole(), a.truth("followed", false), a.truth("helps", false)});
    if (pilot.has("elsewhere"))
        for (const JsonIn& e : pilot.at("elsewhere").items())
            plan.elsewhere.push_back({e.text("file", ""), e.text("drill"), e.text("simulator", ""), e.at("day").whole(),
                                      e.number("skill"), static_cast<std::uint64_t>(e.at("seed").whole()),
                                      e.truth("positions", true), e.has("habits") ? demo_habits(e.at("habits")) : StandInFaults{},
                                      e.text("video", ""), e.number("video_from_s", 0)});
    return plan;
}

void DemoCoach::before_session(School& school, const std::string& pilot_id, double day)
{
    if (!to_follow_.empty()) {
        for (GivenAdvice advice : school.file(pilot_id).advice)
            if (advice.id == to_follow_) advice.followed_at = school.now(), school.keep_advice(std::move(advice));
        helped_ = plan_.advised[told_ - 1].helps;
        to_follow_.clear();
    }
    if (told_ >= plan_.advised.size() || plan_.advised[told_].day > day) return;
    const DemoDebriefs::Advised& due = plan_.advised[told_];
    const CoachingRule* rule = school.coaching().rule(due.rule);
    const auto said = rule ? message_of(school, pilot_id, *rule) : std::nullopt;
    if (!said) return; // not seen lately: the next time
    GivenAdvice advice;
    advice.pilot_id = pilot_id;
    advice.attempt_id = said->first->id;
    advice.rule = rule->id;
    advice.rule_version = school.coaching().version;
    advice.finding = rule->finding;
    advice.cause = rule->cause;
    advice.change = rule->change;
    advice.evidence = said->second.evidence.english();
    const std::string id = school.keep_advice(std::move(advice));
    ++told_;
    if (due.followed) to_follow_ = id;
}

Result<void> DemoCoach::elsewhere(School& school, const std::string& pilot_id, double day, const KnownController& row,
                                  const StandInController& controller)
{
    for (; been_ < plan_.elsewhere.size() && plan_.elsewhere[been_].day <= day; ++been_) {
        const DemoDebriefs::Elsewhere& e = plan_.elsewhere[been_];
        const auto log = flown_elsewhere(school, e);
        if (!log) return tl::unexpected(log.error());
        constexpr UnixTime hour_s = 3600;
        if (e.simulator.empty()) {
            school.add_imported_flight(pilot_id, *log, e.file, school.now() - hour_s);
            continue;
        }
        const auto file = school.new_stick_recording("demo");
        if (const auto written = write_stick_recording(file, recorded(*log, controller)); !written) return written;
        Session session;
        session.pilot_id = pilot_id;
        session.started_at = school.now() - hour_s;
        session.active_s = log->duration_s();
        session.ended_at = session.started_at + static_cast<UnixTime>(session.active_s) + 1;
        session.simulator = e.simulator;
        school.add_outside_session(session, row.name, row.guid, file);
        if (e.video.empty()) continue;
        const auto& sessions = school.sessions(pilot_id);
        school.keep_video(sessions.back().id, SessionVideo{e.video, e.video_from_s});
    }
    return {};
}

StandInFaults DemoCoach::habits_now()
{
    constexpr double falls_back = 0.15;
    return helped_ && random_.uniform() > falls_back ? StandInFaults{} : habits_;
}

} // namespace bh
