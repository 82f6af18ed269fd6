#include "school/views/first_flight.h"

#include "core/base/number_text.h"
#include "core/base/one_line.h"
#include "core/curves/rate_curve.h"
#include "core/rates/rate_match.h"
#include "record/chain/passphrase.h"
#include "record/chain/signing_key.h"
#include "school/views/rate_rules.h"
#include "school/views/readiness_facts.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

std::string tidied(const std::string& text) { return one_line(QString::fromStdString(text).simplified().toStdString()); }

const Release* release_with_id(const School& school, const std::string& id)
{
    for (const auto& [_, file] : school.values().pilots)
        for (const Release& r : file.releases)
            if (r.id == id) return &r;
    return nullptr;
}

/// The key to sign with: the one that the person has, or the first.
Result<StationKey> key_to_sign(School& school, const Person& person, const std::string& passphrase)
{
    if (!person.key.empty()) return opened({person.key, person.sealed_key}, passphrase);
    if (QString::fromStdString(passphrase).size() < static_cast<qsizetype>(shortest_passphrase))
        return bad_input("a passphrase to sign with has at least %1 letters", shortest_passphrase);
    if (!person.passphrase.empty() && !is_passphrase(passphrase, person.passphrase))
        return bad_input("this is not the passphrase of %1", person.name);
    const SealedKey key = new_signing_key(passphrase);
    Person with_key = person;
    with_key.key = key.public_key, with_key.sealed_key = key.sealed;
    if (const auto kept = school.keep_person(with_key, "a key to sign with"); !kept) return tl::unexpected(kept.error());
    return opened(key, passphrase);
}

/// Only coordinators sign.
Result<StationKey> key_of_signer(School& school, const std::string& person_id, const std::string& passphrase)
{
    const Person* person = school.person(person_id);
    if (!person || !person->active) return bad_input("choose who signs");
    if (person->role != Role::Coordinator) return bad_input("%1 is no coordinator, and only those sign", person->name);
    return key_to_sign(school, Person(*person), passphrase);
}

/// Flights that practised with a thing: so many are practice enough to be asked about (house).
constexpr int practised_flights = 3;

} // namespace

FlightDay flight_day(const School& school, const std::string& pilot_id)
{
    return school.file(pilot_id).flight_day.value_or(FlightDay{});
}

bool keep_flight_day(School& school, const std::string& pilot_id, const FlightDay& day, const std::string& why)
{
    if (!school.pilot(pilot_id)) return false;
    return school.make({school.change_to(Kind::FlightDay, pilot_id, day == FlightDay{} ? "" : flight_day_text(day), why)});
}

std::optional<bool> is_briefed(const School& school, const std::string& pilot_id)
{
    const auto& day = school.file(pilot_id).flight_day;
    if (!day || day->briefing.empty()) return std::nullopt;
    const auto& points = school.first_flight_plan().briefing;
    return std::all_of(points.begin(), points.end(), [&](const FirstFlightPlan::Item& point) {
        const auto tick = day->briefing.find(point.id);
        return tick != day->briefing.end() && tick->second.by_pilot && tick->second.by_coordinator;
    });
}

RatesOnAircraft rates_on_aircraft(const School& school, const std::string& pilot_id)
{
    const auto& setup = school.setup(pilot_id);
    if (!setup || setup->real_aircraft.empty()) return {false, message("no real aircraft is chosen on the Set-up page")};
    const RateProfile* real = school.rates_of(setup->real_aircraft);
    if (!real) return {false, message("the real aircraft's rates are not on the record")};
    const std::pair<const char*, std::pair<const RateCurve*, const RateCurve*>> axes[] = {
        {"roll", {&real->roll, &setup->rates.roll}},
        {"pitch", {&real->pitch, &setup->rates.pitch}},
        {"yaw", {&real->yaw, &setup->rates.yaw}}};
    double worst = 0;
    std::string where;
    for (const auto& [name, curves] : axes)
        if (const double off = difference(*curves.first, *curves.second).rms_dps; off > worst) worst = off, where = name;
    if (worst < 1) return {true, message("by the record they are the same")};
    return {worst <= rates_near_dps,
            message("by the record they are %1 deg/s apart on %2, most of all axes", rounded(worst, 0), message(where))};
}

const Release* newest_release(const School& school, const std::string& pilot_id)
{
    const auto& all = school.file(pilot_id).releases;
    return all.empty() ? nullptr : &all.back();
}

bool holds(const School& school, const Release& release)
{
    return release.withdrawn.empty() && school.today() <= release.until_day;
}

bool has_flown(const School& school, const std::string& pilot_id) { return !school.file(pilot_id).after_flight.empty(); }

Release prepared_release(const School& school, const std::string& pilot_id, const std::map<std::string, std::string>& reasons)
{
    Release release;
    release.pilot_id = pilot_id;
    if (const auto& setup = school.setup(pilot_id)) {
        const Airframe* aircraft = school.aircraft(setup->real_aircraft);
        release.aircraft = aircraft ? aircraft->name : "";
        if (const RateProfile* rates = school.rates_of(setup->real_aircraft)) {
            release.rates = rates->name + ": roll " + fixed(rate_dps(rates->roll, 1), 0) + ", pitch " +
                            fixed(rate_dps(rates->pitch, 1), 0) + ", yaw " + fixed(rate_dps(rates->yaw, 1), 0) +
                            " deg/s at full stick";
        }
    }
    release.site = flight_day(school, pilot_id).site.name;
    release.until_day = school.today() + school.house().whole(Limit::DayReleaseDays);
    for (const ReadinessGate& g : gates_of(school, pilot_id)) {
        const auto reason = reasons.find(std::string(g.id));
        release.gates.push_back({std::string(g.id), std::string(g.name), std::string(gate_state_key(g.state)),
                                 g.evidence.english(),
                                 g.state == GateState::Met || reason == reasons.end() ? "" : tidied(reason->second)});
    }
    for (const HouseLimit& limit : house_limits())
        if (school.house().is_changed(limit.limit) && limit.group != LimitGroup::Prices) {
            release.limits.push_back(std::string(limit.name) + ": " + in_words(limit, school.house().of(limit.limit)).english() +
                                     ", usually " + in_words(limit, limit.usual).english());
        }
    return release;
}

Result<std::string> sign_release(School& school, Release release, const std::string& person_id, const std::string& passphrase)
{
    if (auto allowed = school.may_do(Act::Release); !allowed) return tl::unexpected(allowed.error());
    if (!school.pilot(release.pilot_id)) return bad_input("there is no such pilot");
    for (const Release::Gate& g : release.gates)
        if (g.state != "met" && g.overridden.empty())
            return bad_input("'%1' is not met: give a reason why it does not stand in the way, or wait", g.name);
    if (release.aircraft.empty()) return bad_input("no real aircraft is chosen on the Set-up page");
    if (tidied(release.site).empty()) return bad_input("the site has no name: a release is for one place");
    if (release.until_day < school.today()) return bad_input("expected a last day that is not over");
    const auto key = key_of_signer(school, person_id, passphrase);
    if (!key) return tl::unexpected(key.error());
    release.id = school.new_id();
    release.at = school.now();
    release.head = in_words(school.head());
    release.signer = person_id;
    release.key = key->public_key();
    release.signature = key->sign(text_to_sign(release));
    const bool kept = school.write(school.change_to(Kind::Release, release.id, release_text(release), "signed"));
    return kept ? Result<std::string>(release.id) : bad_input("the release could not be kept");
}

Result<void> withdraw_release(School& school, const std::string& release_id, const std::string& why, const std::string& person_id,
                              const std::string& passphrase)
{
    const Release* known = release_with_id(school, release_id);
    if (!known) return bad_input("there is no such release");
    if (tidied(why).empty()) return bad_input("say why it holds no more");
    Release withdrawn = *known;
    withdrawn.withdrawn = tidied(why);
    if (auto allowed = school.may_do(Act::Release); !allowed) return allowed;
    const auto key = key_of_signer(school, person_id, passphrase);
    if (!key) return tl::unexpected(key.error());
    withdrawn.withdrawal = {school.now(), person_id, key->public_key(), {}};
    withdrawn.withdrawal.signature = key->sign(withdrawal_to_sign(withdrawn));
    return school.write(school.change_to(Kind::Release, release_id, release_text(withdrawn), withdrawn.withdrawn))
               ? Result<void>()
               : bad_input("it could not be withdrawn");
}

bool is_signed(const Release& release) { return is_signed_by(release.key, text_to_sign(release), release.signature); }

Message let_in_by(const School& school, const KnownKey& key)
{
    if (!key.stands) return message("nobody");
    if (key.countersigned.empty()) return message("the record's beginning");
    const KeyBook book = school.keys();
    const KnownKey* by = book.find(key.countersigned);
    if (by && !by->person.empty()) return message("%1", school.who_is(by->person));
    return message("a station (key %1)", key_in_words(key.countersigned));
}

std::string keep_after_flight(School& school, AfterFlight after)
{
    if (!school.pilot(after.pilot_id)) return {};
    after.id = school.new_id();
    after.at = school.now();
    after.went = tidied(after.went), after.broke = tidied(after.broke), after.next = tidied(after.next);
    return school.write(school.change_to(Kind::AfterFlight, after.id, after_flight_text(after), "told")) ? after.id : "";
}

LandingAdvice landing_advice_for(const School& school, const std::string& pilot_id)
{
    constexpr std::size_t newest_flights = 12;
    const auto& attempts = school.attempts(pilot_id);
    std::vector<Landing> landings;
    std::size_t flights = 0;
    for (auto a = attempts.rbegin(); a != attempts.rend() && flights < newest_flights; ++a) {
        if (a->log_hash.empty() || !a->demonstration.empty() || !school.has_role(a->drill_id, DrillRole::GroundEffect)) continue;
        const auto log = school.flight_log(a->log_hash);
        if (!log || !log->has_position) continue;
        ++flights;
        const auto flown = find_landings(*log, {0, log->size()});
        landings.insert(landings.end(), flown.begin(), flown.end());
    }
    return landing_advice(landings);
}

std::vector<SurpriseCount> surprises_of_all(const School& school)
{
    std::vector<SurpriseCount> counts;
    for (std::size_t s = 0; s < surprise_count; ++s) counts.push_back({static_cast<Surprise>(s)});
    for (const Pilot& pilot : school.pilots()) {
        const PilotFile& file = school.file(pilot.id);
        if (file.after_flight.empty()) continue;
        const UnixTime before = file.after_flight.front().at; // what came later is no practice for it
        std::array<int, surprise_count> flights{};
        for (const Attempt& a : file.attempts) {
            if (a.at >= before) continue;
            const auto flown = school.judged(a.id).flight;
            const Conditions day = flown ? flown->conditions : Conditions{};
            const auto add = [&](Surprise s, bool with) { flights[static_cast<std::size_t>(s)] += with; };
            add(Surprise::Wind, day.wind_mps > 0);
            add(Surprise::BentPropeller, day.bent_propeller > 0);
            add(Surprise::GroundEffect, day.ground_effect || school.has_role(a.drill_id, DrillRole::GroundEffect));
            add(Surprise::Wash, day.prop_wash);
            add(Surprise::Sight, a.passed && school.has_role(a.drill_id, DrillRole::Sight));
            add(Surprise::Nerves, a.passed && school.has_role(a.drill_id, DrillRole::Rehearsal));
            add(Surprise::Rates, false);
        }
        const bool on_rates = std::any_of(file.sessions.begin(), file.sessions.end(),
                                          [before](const Session& s) { return s.matched && s.started_at < before; });
        if (on_rates) flights[static_cast<std::size_t>(Surprise::Rates)] = practised_flights;
        for (SurpriseCount& count : counts) {
            const auto& told = file.after_flight.front().surprised;
            const bool surprised = std::find(told.begin(), told.end(), count.surprise) != told.end();
            const bool practised = flights[static_cast<std::size_t>(count.surprise)] >= practised_flights;
            (practised ? count.practised : count.others) += 1;
            (practised ? count.practised_surprised : count.others_surprised) += surprised;
        }
    }
    return counts;
}

} // namespace bh
