#include "demo/demo_record.h"

#include "core/base/number_text.h"
#include "core/base/random.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "demo/demo_debrief.h"
#include "demo/demo_first_flight.h"
#include "files/data_folder.h"
#include "files/documents/airframe_document.h"
#include "files/documents/match_documents.h"
#include "files/documents/rates_document.h"
#include "files/documents/setup_document.h"
#include "files/text/file_text.h"
#include "files/text/json_in.h"
#include "school/flights/take_off.h"
#include "school/school.h"
#include "school/views/week_plan.h"

#include <QDateTime>
#include <algorithm>
#include <array>
#include <cstdio>
#include <map>

namespace bh {
namespace {

constexpr UnixTime day_s = 86400;

struct DemoPilot {
    std::string name;
    std::uint64_t seed;
    double target_h;
    std::size_t controller;
    double from_skill, to_skill;
    int sessions_a_week;
    double minutes;
    int first_day, last_day; ///< days before "now", negative
    std::string curriculum;
    StandInFaults faults;    ///< habits of this pilot
    std::string opens_stage; ///< opened by hand half-way, with the reason
    std::string opens_why;
    std::string outside;      ///< id of the simulator that this pilot practises in as well; empty: only here
    double outside_share = 0; ///< of the sessions
    double free_share = 0;    ///< of the flights
    int more_flights = 0;     ///< in a session than others
    Viewing viewing = Viewing::Screen;
    DemoDebriefs debriefs{};
};

struct Roster {
    UnixTime now = 0;
    int weeks = 8;
    std::vector<StandInController> controllers;
    std::vector<KnownController> controller_names;
    struct Care {
        int every_days = 0;       ///< between two calibrations; 0: forgotten since before the start
        double wanders_share = 0; ///< of the centre, at the last one
    };
    std::vector<Care> controller_care;
    std::vector<DemoPilot> pilots;
    std::vector<Airframe> aircraft;
    std::vector<std::pair<std::string, TrainingSetup>> setups; ///< by the pilot's name
    std::vector<std::pair<std::string, RateProfile>> rates;    ///< of the real aircraft, by id
    /// Of a pilot: how rates were matched, planned, tried and rated.
    struct OfPilot {
        Kind kind = Kind::Match;
        std::string pilot, text;
        UnixTime at = 0, until = 0; ///< a match held so long
    };
    std::vector<OfPilot> documents;
    DemoDecisions decisions;
    std::string bays;                                           ///< of the school, as it is kept
    std::vector<std::pair<std::string, std::string>> available; ///< by the pilot's name
};

/// A whole document within the roster.
template <class T>
T inner(const JsonIn& in, Result<T> (*parse)(std::string_view, const std::string&))
{
    auto document = parse(in.value().dump(), "roster.json");
    if (!document) in.fault(document.error().message);
    return std::move(*document);
}

void read_controller(const JsonIn& in, Roster& roster)
{
    StandInController controller;
    const auto axes = in.at("axes").items();
    const auto inverted = in.at("inverted").items();
    if (axes.size() != 4 || inverted.size() != 4) in.fault("expected four axes and four inversions");
    for (std::size_t f = 0; f < 4; ++f) {
        controller.axes[f] = axes[f].whole();
        controller.inverted[f] = inverted[f].truth();
    }
    controller.high_counts = in.at("range_counts").whole();
    controller.jitter_share = in.number("jitter_share");
    controller.hysteresis_share = in.number("hysteresis_share");
    controller.centre_offset_share = in.number("centre_offset_share");
    controller.throttle_sprung = in.truth("throttle_sprung", false);
    roster.controllers.push_back(controller);
    roster.controller_care.push_back({static_cast<int>(in.number("calibrated_every_days", 0)), in.number("wanders_share", 0)});
    roster.controller_names.push_back({"", in.text("name"), in.text("guid")});
}

DemoPilot pilot_at(const JsonIn& in, const Roster& roster)
{
    DemoPilot pilot{in.text("name"),
                    static_cast<std::uint64_t>(in.at("seed").whole()),
                    in.number("target_h"),
                    static_cast<std::size_t>(in.at("controller").whole()),
                    in.number("from_skill"),
                    in.number("to_skill"),
                    in.at("sessions_a_week").whole(),
                    in.number("minutes"),
                    static_cast<int>(in.number("first_day", -7.0 * roster.weeks)),
                    static_cast<int>(in.number("last_day", 0)),
                    in.text("curriculum"),
                    {},
                    in.text("opens_stage", ""),
                    in.text("opens_why", ""),
                    in.text("outside", ""),
                    in.number("outside_share", 0),
                    in.number("free_share", 0),
                    static_cast<int>(in.number("more_flights", 0)),
                    in.text("viewing", "screen") == "goggles" ? Viewing::Goggles : Viewing::Screen};
    if (in.has("habits")) pilot.faults = demo_habits(in.at("habits"));
    pilot.debriefs = demo_debriefs(in);
    if (pilot.controller >= roster.controllers.size()) in.at("controller").fault("there is no such controller");
    return pilot;
}

Roster::OfPilot document_at(const JsonIn& in, const Roster& roster)
{
    Roster::OfPilot document{Kind::Match, in.text("pilot"), in.at("document").value().dump(), 0,
                             static_cast<UnixTime>(in.number("until", static_cast<double>(roster.now)))};
    const auto check = [&](Kind kind, const auto& parsed) {
        document.kind = kind;
        if (!parsed) in.at("document").fault(parsed.error().message);
    };
    const std::string kind = in.text("kind"), file = "roster.json";
    if (kind == "match")
        check(Kind::Match, parse_match(document.text, file, &document.at));
    else if (kind == "plan")
        check(Kind::Plan, parse_plan(document.text, file));
    else if (kind == "trial")
        check(Kind::Trial, parse_trial(document.text, file));
    else if (kind == "handling")
        check(Kind::Handling, parse_handling(document.text, file));
    else if (kind == "blind")
        check(Kind::Blind, parse_blind(document.text, file));
    else if (kind == "way-back")
        check(Kind::WayBack, parse_way_back(document.text, file));
    else
        in.at("kind").fault("expected match, plan, trial, handling, blind or way-back, found '%1'", kind);
    return document;
}

Roster read_roster(const JsonIn& in)
{
    Roster roster;
    const QDateTime now = QDateTime::fromString(QString::fromStdString(in.text("now")), Qt::ISODate);
    if (!now.isValid()) in.at("now").fault("expected a moment such as 2031-06-12T15:20:00Z");
    roster.now = now.toSecsSinceEpoch();
    roster.weeks = in.at("weeks").whole();
    for (const JsonIn& c : in.at("controllers").items()) read_controller(c, roster);
    for (const JsonIn& p : in.at("pilots").items()) roster.pilots.push_back(pilot_at(p, roster));
    for (const JsonIn& a : in.at("aircraft").items()) roster.aircraft.push_back(inner(a, parse_airframe));
    for (const JsonIn& s : in.at("setups").items())
        roster.setups.emplace_back(s.text("pilot"), inner(s.at("document"), parse_training_setup));
    for (const JsonIn& r : in.at("rates").items())
        roster.rates.emplace_back(r.text("aircraft"), inner(r.at("document"), parse_rates));
    for (const JsonIn& d : in.at("documents").items()) roster.documents.push_back(document_at(d, roster));
    roster.decisions = DemoDecisions::read(in, roster.now);
    if (auto bays = parse_bays(in.at("bays").value().dump(), "roster.json"))
        roster.bays = bays_text(*bays);
    else
        in.at("bays").fault(bays.error().message);
    for (const JsonIn& a : in.at("available").items()) {
        auto available = parse_availability(a.at("document").value().dump(), "roster.json");
        if (!available) a.at("document").fault(available.error().message);
        roster.available.emplace_back(a.text("pilot"), availability_text(*available));
    }
    return roster;
}

/// One planned session of one pilot.
struct Slot {
    UnixTime at;
    std::size_t pilot;
};

std::vector<Slot> plan_slots(const Roster& roster, std::vector<SeededRandom>& random)
{
    std::vector<Slot> planned;
    const UnixTime midnight = roster.now / day_s * day_s;
    for (std::size_t p = 0; p < roster.pilots.size(); ++p) {
        const DemoPilot& pilot = roster.pilots[p];
        for (int day = pilot.first_day; day <= pilot.last_day; ++day) {
            if (day == 0 && random[p].uniform() < 0.6) continue; // today is not over yet
            if (random[p].uniform() < pilot.sessions_a_week / 7.0 || day == pilot.first_day)
                planned.push_back({midnight + day * day_s + 8 * 3600 + static_cast<UnixTime>(random[p].uniform() * 6 * 3600), p});
        }
    }
    std::sort(planned.begin(), planned.end(), [](const Slot& a, const Slot& b) { return a.at < b.at; });
    return planned;
}

/// The drill that this pilot would fly now: mostly the next best one, sometimes another that is open.
std::string choose_drill(const PilotStanding& standing, SeededRandom& random)
{
    if (!standing.next_drill.empty() && random.uniform() < 0.8) return standing.next_drill;
    std::vector<std::string> open;
    for (const LadderStep& step : standing.ladder)
        if (!step.locked) open.push_back(step.drill_id);
    return open[static_cast<std::size_t>(random.uniform() * static_cast<double>(open.size()))];
}

/// Writes the record day by day, with the clock where the demo's people are.
class DemoMaker {
public:
    DemoMaker(Roster& roster, School& school, const std::vector<KitItem>& kit, const std::string& kit_list, UnixTime& clock)
        : roster_(roster), school_(school), kit_(kit), kit_list_(kit_list), clock_(clock), ids_(roster.pilots.size())
    {
        for (const DemoPilot& pilot : roster.pilots) {
            luck_.emplace_back(pilot.seed);
            coaches_.emplace_back(pilot.debriefs, pilot.faults, 1000 + pilot.seed);
        }
    }

    Result<void> write()
    {
        const UnixTime start = clock_;
        clock_ = start - 9 * day_s;
        for (std::size_t c = 0; c < roster_.controllers.size(); ++c) calibrate_now(c, 100 + c);
        clock_ = start;
        next_calibration_ = start;
        school_.keep_house_rule("passphrases", "none");
        for (const Slot& slot : plan_slots(roster_, luck_)) {
            if (const auto decided = decide_until(slot.at); !decided) return decided;
            if (const auto flown = session(slot); !flown) return flown;
        }
        what_came_last();
        if (const auto decided = decide_until(roster_.now); !decided) return decided;
        plan_weeks();
        school_.record().set_note("demo_now", whole_text(roster_.now));
        return {};
    }

private:
    void calibrate_now(std::size_t c, std::uint64_t seed, double wandered_share = 0)
    {
        StandInController controller = roster_.controllers[c];
        controller.centre_offset_share += wandered_share;
        const auto calibration = calibrate(stand_in_recording(controller, seed));
        const KnownController& row = roster_.controller_names[c];
        if (calibration && calibration->usable())
            school_.verify_calibration(school_.add_calibration(row.name, row.guid, *calibration));
    }

    /// One controller's centre has begun to wander, and one has been forgotten since before the start.
    void calibrate_in_turn()
    {
        if (clock_ <= next_calibration_) return;
        next_calibration_ = clock_ + 9 * day_s;
        const bool last = next_calibration_ > roster_.now;
        for (std::size_t c = 0; c < roster_.controllers.size(); ++c) {
            const Roster::Care& care = roster_.controller_care[c];
            if (care.every_days > 0) calibrate_now(c, 100 * calibration_round_ + c, last ? care.wanders_share : 0);
        }
        ++calibration_round_;
    }

    /// The match that a pilot practised on at the time.
    [[nodiscard]] std::optional<KeptMatch> match_of(const DemoPilot& pilot) const
    {
        for (const Roster::OfPilot& d : roster_.documents)
            if (d.kind == Kind::Match && d.pilot == pilot.name && d.at <= clock_ && clock_ < d.until) {
                auto match = parse_match(d.text, "roster.json");
                if (match) return std::move(*match);
            }
        return std::nullopt;
    }

    /// This week and the two after it; in the next one a bay is down on Wednesday.
    void plan_weeks()
    {
        if (roster_.bays.empty()) return;
        static_cast<void>(school_.apply({school_.change_to(Kind::Bays, "school", roster_.bays, "bays and hours")}));
        for (const auto& [name, available] : roster_.available)
            static_cast<void>(school_.apply({school_.change_to(Kind::Available, id_of(name), available, "can come")}));
        constexpr int weeks_planned = 3;
        for (int week = 0; week < weeks_planned; ++week) {
            const std::string id = week_of(school_.today() + 7 * week);
            PlannedWeek planned;
            const auto& bays = school_.values().bays;
            if (week == 1 && bays) planned.closed.emplace_back(bays->bays.back().name, days_of_week(id)[2]);
            keep_week(school_, id, planned, "bay closed");
            const auto asked = week_asked(school_, id);
            const auto plan = asked ? plan_week(asked->problem) : Result<WeekPlan>(tl::unexpected(asked.error()));
            if (!plan) continue;
            planned.blocks = blocks_of(*asked, *plan);
            keep_week(school_, id, planned, "planned");
            if (week + 1 < weeks_planned) publish_week(school_, id);
        }
    }

    [[nodiscard]] std::string id_of(const std::string& name) const
    {
        for (std::size_t p = 0; p < roster_.pilots.size(); ++p)
            if (roster_.pilots[p].name == name) return ids_[p];
        return {};
    }

    Result<void> decide_until(UnixTime at)
    {
        return roster_.decisions.until(
            school_, at, clock_, [this](const std::string& name) { return id_of(name); },
            [this](const std::string& name) { keep_documents_of(name); });
    }

    /// What a pilot practises on, with the real aircraft that it is practised for.
    void keep_documents_of(const std::string& name)
    {
        const std::string id = id_of(name);
        for (const auto& [pilot, setup] : roster_.setups) {
            if (pilot != name) continue;
            for (const Airframe& a : roster_.aircraft)
                if (a.id == setup.real_aircraft && !school_.real_aircraft(a.id)) school_.keep_aircraft(a);
            for (const auto& [aircraft, rates] : roster_.rates)
                if (aircraft == setup.real_aircraft) school_.keep_rates(aircraft, rates);
            school_.keep_setup(id, setup);
        }
        for (const Roster::OfPilot& d : roster_.documents)
            if (d.pilot == name) static_cast<void>(school_.apply({school_.change_to(d.kind, id, d.text, "kept")}));
    }

    void arrive(const DemoPilot& pilot, std::string& id)
    {
        if (!id.empty()) return;
        id = school_.add_pilot({"", pilot.name, pilot.curriculum, pilot.target_h, false, 2});
        for (const KitItem& item : kit_) // the newest pilot's station is not quite ready yet
            if (pilot.first_day < -10 || item.id != "seat") school_.tick_kit(id, kit_list_ + "/" + item.id, true);
    }

    Result<void> session(const Slot& slot)
    {
        const DemoPilot& pilot = roster_.pilots[slot.pilot];
        SeededRandom& luck = luck_[slot.pilot];
        std::string& id = ids_[slot.pilot];
        clock_ = slot.at;
        calibrate_in_turn();
        arrive(pilot, id);
        const double day = static_cast<double>(clock_ - roster_.now) / day_s;
        coaches_[slot.pilot].before_session(school_, id, day);
        if (const auto been = coaches_[slot.pilot].elsewhere(school_, id, day, roster_.controller_names[pilot.controller],
                                                             roster_.controllers[pilot.controller]);
            !been)
            return been;
        const auto match = match_of(pilot);
        const KnownController& controller = roster_.controller_names[pilot.controller];
        if (luck.uniform() < pilot.outside_share) return outside(pilot, id, match, luck);
        const std::string session = school_.add_session({"", id, school_.controller_id(controller.name, controller.guid), clock_,
                                                         0, 0, 0, "", match.has_value(), "", "", pilot.viewing});
        const double practised =
            std::clamp(1 - static_cast<double>(roster_.now - clock_) / (7.0 * roster_.weeks * day_s), 0.0, 1.0);
        const double skill =
            pilot.from_skill + (pilot.to_skill - pilot.from_skill) * std::pow(practised, 0.7) + 0.04 * luck.normal();
        const int flights = 2 + pilot.more_flights + static_cast<int>(3 * luck.uniform());
        if (!pilot.opens_stage.empty() && school_.opened_stages(id).empty() && practised > 0.5)
            school_.open_stage(id, pilot.opens_stage, true, pilot.opens_why);
        double flown_s = 0;
        for (int flight = 0; flight < flights; ++flight) {
            const auto flew_s = fly(pilot, id, session, match, skill, luck, coaches_[slot.pilot].habits_now());
            if (!flew_s) return tl::unexpected(flew_s.error());
            flown_s += *flew_s;
        }
        const double active_s = std::max(flown_s, 60 * pilot.minutes * (0.8 + 0.4 * luck.uniform()));
        clock_ = std::max(clock_, slot.at + static_cast<UnixTime>(1.2 * active_s));
        school_.end_session(session, active_s, static_cast<double>(clock_ - slot.at) - active_s);
        return {};
    }

    /// Practice in another program: nothing is known of it but the time, and where.
    Result<void> outside(const DemoPilot& pilot, const std::string& id, const std::optional<KeptMatch>& match, SeededRandom& luck)
    {
        const KnownController& controller = roster_.controller_names[pilot.controller];
        Session session;
        session.pilot_id = id;
        session.controller_id = school_.controller_id(controller.name, controller.guid);
        session.started_at = clock_;
        session.active_s = 60 * pilot.minutes * (0.7 + 0.4 * luck.uniform());
        session.idle_s = 0.1 * session.active_s;
        session.ended_at = clock_ + static_cast<UnixTime>(session.active_s + session.idle_s);
        session.simulator = pilot.outside;
        session.matched = match && match->simulator == pilot.outside;
        session.viewing = pilot.viewing;
        if (luck.uniform() < 0.2) session.by_hand = "Flown at home, from the notebook.";
        clock_ = session.ended_at;
        school_.add_session(session);
        return {};
    }

    /// Without a task: up, and about a height for some minutes.
    Result<double> fly_freely(const std::string& id, const std::string& session, const std::optional<KeptMatch>& match,
                              double skill, SeededRandom& luck, StandInFaults habits)
    {
        Drill about = *school_.drill("hover-window");
        for (Phase& phase : about.phases)
            if (phase.goal.kind == Goal::Kind::Stay && phase.goal.for_s > 5) {
                phase.goal.for_s = 100 + 80 * luck.uniform();
                phase.time_limit_s = phase.goal.for_s + 30;
            }
        TakeOff take_off;
        take_off.purpose = TakeOff::Purpose::Demonstration;
        take_off.rates = match ? match->practised : RateProfile{};
        const auto flight = prepared(school_, about, take_off);
        if (!flight) return tl::unexpected(flight.error());
        habits.no_throttle_cut = luck.uniform() < 0.1; // a crash now and then
        const auto flown = fly_drill(about, flight->setup, skill, luck.bits(), habits);
        if (!flown) return tl::unexpected(flown.error());
        clock_ += static_cast<UnixTime>(flown->log.duration_s() + 60);
        JudgedAttempt row = without_score(judged_attempt(flown->score, flight->setup.mode));
        row.drill_id = free_flight_id;
        row.drill_version = 1;
        row.faults.clear();
        row.pilot_id = id;
        row.session_id = session;
        row.world = about.world;
        row.flight = flight->flown_with;
        school_.add_attempt(std::move(row), &flown->log);
        return flown->log.duration_s();
    }

    /// One drill; how long it took.
    Result<double> fly(const DemoPilot& pilot, const std::string& id, const std::string& session,
                       const std::optional<KeptMatch>& match, double skill, SeededRandom& luck, const StandInFaults& habits)
    {
        const std::string chosen = choose_drill(school_.standing(id), luck);
        if (school_.curriculum(id).free_block(chosen) || luck.uniform() < pilot.free_share)
            return fly_freely(id, session, match, skill, luck, habits);
        const Drill& drill = *school_.drill(chosen);
        TakeOff take_off;
        take_off.purpose = TakeOff::Purpose::Demonstration;
        take_off.rates = match ? match->practised : RateProfile{};
        const auto flight = prepared(school_, drill, take_off);
        if (!flight) return tl::unexpected(flight.error());
        const auto flown = fly_drill(drill, flight->setup, skill, luck.bits(), habits);
        if (!flown) return tl::unexpected(flown.error());
        clock_ += static_cast<UnixTime>(flown->log.duration_s() + 60 + 120 * luck.uniform());
        JudgedAttempt row = judged_attempt(flown->score, flight->setup.mode);
        row.pilot_id = id;
        row.session_id = session;
        row.flight = flight->flown_with;
        const std::string attempt = school_.add_attempt(std::move(row), &flown->log);
        if (flown->score.passed && flown->score.score > best_[drill.id]) {
            best_[drill.id] = flown->score.score;
            school_.keep_demonstration(drill.id, attempt);
        }
        return flown->log.duration_s();
    }

    /// The school's own aircraft came in the last week: what was flown before was flown as the drills are meant.
    void what_came_last()
    {
        clock_ = std::max(clock_, roster_.now - 2 * day_s);
        for (const Airframe& a : roster_.aircraft)
            if (!school_.real_aircraft(a.id)) school_.keep_aircraft(a);
        for (const auto& [aircraft, rates] : roster_.rates) school_.keep_rates(aircraft, rates);
        for (const auto& [name, setup] : roster_.setups) school_.keep_setup(id_of(name), setup);
        for (const Roster::OfPilot& d : roster_.documents)
            if (const std::string id = id_of(d.pilot); !id.empty())
                if (school_.values().text(d.kind, id) != d.text)
                    static_cast<void>(school_.apply({school_.change_to(d.kind, id, d.text, "kept")}));
    }

    Roster& roster_;
    School& school_;
    const std::vector<KitItem>& kit_;
    const std::string& kit_list_;
    UnixTime& clock_;
    std::vector<SeededRandom> luck_; ///< of each pilot
    std::vector<DemoCoach> coaches_;
    std::vector<std::string> ids_; ///< of the pilots, once they have come
    UnixTime next_calibration_ = 0;
    std::uint64_t calibration_round_ = 2;
    std::map<std::string, double> best_; ///< score of the flight that demonstrates a drill
};

Result<Roster> load_roster(const DataFolder& data)
{
    const auto text = read_text((data.root() / "demo" / "roster.json").string());
    if (!text) return tl::unexpected(text.error());
    const auto document = parse_document(*text, "roster.json", "roster");
    if (!document) return tl::unexpected(document.error());
    try {
        return read_roster(JsonIn(*document, "roster.json"));
    } catch (const JsonFault& fault) {
        return bad_input(fault.message);
    }
}

} // namespace

Result<void> make_demo_record(const DataFolder& data, const std::filesystem::path& file)
{
    if (const auto possible = is_possible_path(file); !possible) return tl::unexpected(possible.error());
    std::error_code error;
    if (std::filesystem::exists(file, error))
        return bad_input("%1: is there already, the demo record is not written over it", file.string());
    auto roster = load_roster(data);
    if (!roster) return tl::unexpected(roster.error());
    const auto kit = data.kit();
    if (!kit) return tl::unexpected(kit.error());
    UnixTime clock = roster->now - roster->weeks * 7 * day_s - day_s;
    SeededRandom ids(2031);
    RecordOptions options;
    options.clock = [&clock] { return clock; };
    options.new_id = [&ids] {
        char id[40];
        std::snprintf(id, sizeof id, "%016llx%08llx", static_cast<unsigned long long>(ids.bits()),
                      static_cast<unsigned long long>(ids.bits() >> 32));
        return std::string(id);
    };
    std::array<unsigned char, 32> seed{}; // the demo's key is no secret: the same record is made each time
    for (unsigned char& byte : seed) byte = static_cast<unsigned char>(ids.bits() & 0xff);
    options.key = StationKey::from_seed(seed);
    options.remember_heads = false;
    auto record = Record::open(file, options);
    if (!record) return tl::unexpected(record.error());
    School school(std::move(*record), data);
    for (const DemoPilot& p : roster->pilots)
        if (std::none_of(school.curricula().begin(), school.curricula().end(),
                         [&](const Curriculum& c) { return c.id == p.curriculum; }))
            return bad_input("roster.json: %1 follows a curriculum '%2' that is not there", p.name, p.curriculum);
    std::string failure_said;
    QObject::connect(&school, &School::failed, &school, [&](const Message& sentence) { failure_said = sentence.english(); });
    const auto written = DemoMaker(*roster, school, kit->front().items, kit->front().id, clock).write();
    if (written && !failure_said.empty()) return bad_input("%1: %2", file.string(), failure_said);
    return written;
}

} // namespace bh
