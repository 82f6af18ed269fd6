#include "demo/demo_first_flight.h"

#include "record/chain/signing_key.h"
#include "school/corrections.h"
#include "school/views/first_flight.h"

#include <algorithm>
#include <array>

namespace bh {
namespace {

constexpr double day_in_s = 86400;

UnixTime moment(const JsonIn& in, const char* key, UnixTime now)
{
    return now + static_cast<UnixTime>(in.number(key) * day_in_s);
}

} // namespace

DemoDecisions DemoDecisions::read(const JsonIn& roster, UnixTime now)
{
    DemoDecisions decisions;
    const JsonIn coordinator = roster.at("coordinator");
    decisions.coordinator_ = coordinator.text("name");
    decisions.passphrase_ = coordinator.text("passphrase");
    decisions.read_small_things(roster, now);
    for (const JsonIn& flight : roster.at("first_flights").items()) decisions.read_first_flight(flight, now);
    std::stable_sort(decisions.due_.begin(), decisions.due_.end(), [](const Due& a, const Due& b) { return a.at < b.at; });
    return decisions;
}

void DemoDecisions::read_small_things(const JsonIn& roster, UnixTime now)
{
    for (const JsonIn& rule : roster.at("rules").items()) {
        const HouseLimit* limit = house_limit(rule.text("rule"));
        if (!limit) rule.at("rule").fault("expected the id of a rule of the house");
        due_.push_back(
            {moment(rule, "day", now),
             [id = limit->limit, value = rule.number("value"), why = rule.text("why")](School& school, const DemoDecisions&) {
                 return school.keep_house_limit(id, value, why) ? Result<void>() : bad_input("a rule was not kept");
             },
             ""});
    }
    for (const JsonIn& asked : roster.at("sickness").items()) {
        SicknessAnswers answers;
        answers.before = asked.truth("before", false);
        answers.goggles = asked.truth("goggles", false);
        for (const JsonIn& answer : asked.at("answers").items()) answers.answers.push_back(answer.whole());
        due_.push_back({moment(asked, "day", now),
                        [answers, pilot = asked.text("pilot")](School& school, const DemoDecisions& self) mutable {
                            answers.pilot_id = self.id_of_(pilot);
                            return school.add_sickness(answers) ? Result<void>() : bad_input("answers were not kept");
                        },
                        asked.text("pilot")});
    }
    for (const JsonIn& correction : roster.at("corrections").items())
        due_.push_back({moment(correction, "day", now),
                        [pilot = correction.text("pilot"),
                         why = correction.text("why")](School& school, const DemoDecisions& self) -> Result<void> {
                            const auto& attempts = school.attempts(self.id_of_(pilot));
                            return attempts.empty() ? Result<void>() : strike(school, attempts.back().id, why);
                        },
                        correction.text("pilot")});
}

void DemoDecisions::read_first_flight(const JsonIn& in, UnixTime now)
{
    const std::string pilot = in.text("pilot");
    auto day = parse_flight_day(in.at("day").value().dump(), "roster.json");
    if (!day) in.at("day").fault(day.error().message);
    const auto briefed = static_cast<std::size_t>(in.number("briefed", 0));
    due_.push_back({moment(in, "prepared", now),
                    [pilot, flight_day = *day, briefed](School& school, const DemoDecisions& self) mutable -> Result<void> {
                        const auto& points = school.first_flight_plan().briefing;
                        for (std::size_t i = 0; i < std::min(briefed, points.size()); ++i)
                            flight_day.briefing[points[i].id] = {true, true, ""};
                        return keep_flight_day(school, self.id_of_(pilot), flight_day, "prepared")
                                   ? Result<void>()
                                   : bad_input("the day of a first flight was not kept");
                    },
                    pilot, true});
    if (in.has("released")) {
        std::map<std::string, std::string> reasons;
        for (const JsonIn& reason : in.at("reasons").items()) reasons[reason.text("gate")] = reason.text("why");
        due_.push_back({moment(in, "released", now),
                        [pilot, reasons](School& school, const DemoDecisions& self) -> Result<void> {
                            const auto done = sign_release(school, prepared_release(school, self.id_of_(pilot), reasons),
                                                           self.signer_, self.passphrase_);
                            return done ? Result<void>() : bad_input("%1: %2", pilot, done.error().message);
                        },
                        pilot});
    }
    if (in.has("back")) {
        const JsonIn back = in.at("back");
        auto after = parse_after_flight(back.at("document").value().dump(), "roster.json", "");
        if (!after) back.at("document").fault(after.error().message);
        due_.push_back({moment(back, "day", now),
                        [pilot, told = *after](School& school, const DemoDecisions& self) mutable -> Result<void> {
                            told.pilot_id = self.id_of_(pilot);
                            return keep_after_flight(school, told).empty() ? bad_input("what surprised was not kept")
                                                                           : Result<void>();
                        },
                        pilot});
    }
}

Result<void> DemoDecisions::until(School& school, UnixTime at, UnixTime& clock,
                                  const std::function<std::string(const std::string&)>& id_of,
                                  const std::function<void(const std::string&)>& keep_documents_of)
{
    id_of_ = id_of;
    for (; done_ < due_.size() && due_[done_].at <= at; ++done_) {
        clock = std::max(clock, due_[done_].at);
        if (signer_.empty()) {
            std::array<unsigned char, 32> seed{}; // no secret: the same record is made each time
            for (std::size_t i = 0; i < seed.size(); ++i) seed[i] = static_cast<unsigned char>(i * i + 7);
            const SealedKey key = new_signing_key(passphrase_, seed);
            const Person person{school.record().new_id(), coordinator_, Role::Coordinator, "", true, key.public_key, key.sealed};
            if (const auto kept = school.keep_person(person, "signs releases"); !kept) return kept;
            signer_ = person.id;
        }
        if (due_[done_].needs_documents) keep_documents_of(due_[done_].pilot);
        if (auto done = due_[done_].does(school, *this); !done) return done;
    }
    return {};
}

} // namespace bh
