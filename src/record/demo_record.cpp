#include "record/demo_record.h"

#include "core/base/random.h"
#include "core/progress/standing.h"
#include "core/standin/stand_in_controller.h"
#include "core/standin/stand_in_pilot.h"
#include "files/airframe_document.h"
#include "files/data_folder.h"
#include "files/file_text.h"
#include "files/json_in.h"
#include "files/match_documents.h"
#include "files/rates_document.h"
#include "files/setup_document.h"
#include "record/record.h"

#include <QDateTime>
#include <algorithm>
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
};

struct Roster {
    UnixTime now = 0;
    int weeks = 8;
    std::vector<StandInController> controllers;
    std::vector<ControllerRow> controller_names;
    std::vector<DemoPilot> pilots;
    std::vector<Airframe> aircraft;
    std::vector<std::pair<std::string, TrainingSetup>> setups; ///< by the pilot's name
    std::vector<DocumentRow> rates;                            ///< of the real aircraft, by id
    /// Of a pilot: how rates were matched, planned, tried and rated.
    struct OfPilot {
        std::string kind, pilot, text;
        UnixTime at = 0, until = 0; ///< a match held so long
    };
    std::vector<OfPilot> documents;
};

/// A whole document within the roster.
template <class T>
T inner(const JsonIn& in, Result<T> (*parse)(std::string_view, const std::string&))
{
    auto document = parse(in.value().dump(), "roster.json");
    if (!document) in.fault(document.error().message);
    return std::move(*document);
}

Roster read_roster(const JsonIn& in)
{
    Roster roster;
    const QDateTime now = QDateTime::fromString(QString::fromStdString(in.text("now")), Qt::ISODate);
    if (!now.isValid()) in.at("now").fault("expected a moment such as 2031-06-12T15:20:00Z");
    roster.now = now.toSecsSinceEpoch();
    roster.weeks = in.at("weeks").whole();
    for (const JsonIn& c : in.at("controllers").items()) {
        StandInController controller;
        const auto axes = c.at("axes").items();
        const auto inverted = c.at("inverted").items();
        if (axes.size() != 4 || inverted.size() != 4) c.fault("expected four axes and four inversions");
        for (std::size_t f = 0; f < 4; ++f) {
            controller.axes[f] = axes[f].whole();
            controller.inverted[f] = inverted[f].truth();
        }
        controller.high_counts = c.at("range_counts").whole();
        controller.jitter_share = c.number("jitter_share");
        controller.hysteresis_share = c.number("hysteresis_share");
        controller.centre_offset_share = c.number("centre_offset_share");
        controller.throttle_sprung = c.truth("throttle_sprung", false);
        roster.controllers.push_back(controller);
        roster.controller_names.push_back({"", c.text("name"), c.text("guid")});
    }
    for (const JsonIn& p : in.at("pilots").items()) {
        DemoPilot pilot{p.text("name"),
                        static_cast<std::uint64_t>(p.at("seed").whole()),
                        p.number("target_h"),
                        static_cast<std::size_t>(p.at("controller").whole()),
                        p.number("from_skill"),
                        p.number("to_skill"),
                        p.at("sessions_a_week").whole(),
                        p.number("minutes"),
                        static_cast<int>(p.number("first_day", -7.0 * roster.weeks)),
                        static_cast<int>(p.number("last_day", 0)),
                        p.text("curriculum"),
                        {},
                        p.text("opens_stage", ""),
                        p.text("opens_why", "")};
        if (p.has("habits")) {
            std::vector<std::string> habits;
            for (const JsonIn& habit : p.at("habits").items()) habits.push_back(habit.text());
            const auto faults = stand_in_faults(habits);
            if (!faults) p.at("habits").fault(faults.error().message);
            pilot.faults = *faults;
        }
        if (pilot.controller >= roster.controllers.size()) p.at("controller").fault("there is no such controller");
        roster.pilots.push_back(pilot);
    }
    for (const JsonIn& a : in.at("aircraft").items()) roster.aircraft.push_back(inner(a, parse_airframe));
    for (const JsonIn& s : in.at("setups").items())
        roster.setups.emplace_back(s.text("pilot"), inner(s.at("document"), parse_training_setup));
    for (const JsonIn& r : in.at("rates").items()) {
        static_cast<void>(inner(r.at("document"), parse_rates));
        roster.rates.push_back({r.text("aircraft"), r.at("document").value().dump()});
    }
    for (const JsonIn& d : in.at("documents").items()) {
        Roster::OfPilot document{d.text("kind"), d.text("pilot"), d.at("document").value().dump(), 0,
                                 static_cast<UnixTime>(d.number("until", static_cast<double>(roster.now)))};
        const auto check = [&](const auto& parsed) {
            if (!parsed) d.at("document").fault(parsed.error().message);
        };
        if (document.kind == "match")
            check(parse_match(document.text, "roster.json", &document.at));
        else if (document.kind == "plan")
            check(parse_plan(document.text, "roster.json"));
        else if (document.kind == "trial")
            check(parse_trial(document.text, "roster.json"));
        else if (document.kind == "handling")
            check(parse_handling(document.text, "roster.json"));
        else if (document.kind == "blind")
            check(parse_blind(document.text, "roster.json"));
        else
            d.at("kind").fault("expected match, plan, trial, handling or blind, found '" + document.kind + "'");
        roster.documents.push_back(std::move(document));
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

template <class T>
const T& with_id(const std::vector<T>& all, const std::string& id)
{
    return *std::find_if(all.begin(), all.end(), [&](const T& one) { return one.id == id; });
}

} // namespace

Result<void> make_demo_record(const DataFolder& data, const std::filesystem::path& file)
{
    if (std::filesystem::exists(file))
        return bad_input(file.string() + ": is there already, the demo record is not written over it");
    const std::string roster_name = (data.root() / "demo" / "roster.json").string();
    const auto text = read_text(roster_name);
    if (!text) return tl::unexpected(text.error());
    const auto document = parse_document(*text, "roster.json", "roster");
    if (!document) return tl::unexpected(document.error());
    Roster roster;
    try {
        roster = read_roster(JsonIn(*document, "roster.json"));
    } catch (const JsonFault& fault) {
        return bad_input(fault.message);
    }
    const auto drills = data.drills();
    if (!drills) return tl::unexpected(drills.error());
    const auto kit = data.kit();
    if (!kit) return tl::unexpected(kit.error());
    const auto curricula = data.curricula();
    if (!curricula) return tl::unexpected(curricula.error());
    std::vector<DrillFact> drill_facts;
    for (const Drill& d : *drills) drill_facts.push_back({d.id, d.name, d.least_minutes});
    for (const DemoPilot& p : roster.pilots)
        if (std::none_of(curricula->begin(), curricula->end(), [&](const Curriculum& c) { return c.id == p.curriculum; }))
            return bad_input("roster.json: " + p.name + " follows a curriculum '" + p.curriculum + "' that is not there");

    UnixTime clock = roster.now - roster.weeks * 7 * day_s - day_s;
    SeededRandom ids(2031);
    RecordOptions options;
    options.clock = [&clock] { return clock; };
    options.new_id = [&ids] {
        char id[40];
        std::snprintf(id, sizeof id, "%016llx%08llx", static_cast<unsigned long long>(ids.bits()),
                      static_cast<unsigned long long>(ids.bits() >> 32));
        return std::string(id);
    };
    auto opened = Record::open(file, options);
    if (!opened) return tl::unexpected(opened.error());
    Record& record = **opened;

    std::vector<std::string> controller_ids;
    for (std::size_t c = 0; c < roster.controllers.size(); ++c)
        controller_ids.push_back(record.controller_id(roster.controller_names[c].name, roster.controller_names[c].guid));
    // The first two controllers are calibrated every nine days, and the second one's centre has begun to wander; the
    // gamepad has been forgotten since before the start.
    const auto calibrate_now = [&](std::size_t c, std::uint64_t seed, double wandered_share = 0) {
        StandInController controller = roster.controllers[c];
        controller.centre_offset_share += wandered_share;
        const auto calibration = calibrate(stand_in_recording(controller, seed));
        if (calibration && calibration->usable())
            record.verify_calibration(record.add_calibration(controller_ids[c], *calibration));
    };
    const UnixTime start = clock;
    clock = start - 9 * day_s;
    for (std::size_t c = 0; c < roster.controllers.size(); ++c) calibrate_now(c, 100 + c);
    clock = start;

    std::vector<SeededRandom> random;
    std::vector<std::string> pilot_ids(roster.pilots.size());
    std::vector<PilotFacts> facts(roster.pilots.size());
    for (const DemoPilot& pilot : roster.pilots) random.emplace_back(pilot.seed);
    UnixTime next_calibration = start;
    std::uint64_t calibration_round = 2;
    std::map<std::string, double> best; ///< score of the flight that demonstrates a drill
    for (const Slot& slot : plan_slots(roster, random)) {
        const DemoPilot& pilot = roster.pilots[slot.pilot];
        SeededRandom& luck = random[slot.pilot];
        clock = slot.at;
        if (clock > next_calibration) {
            next_calibration = clock + 9 * day_s;
            const bool last = next_calibration > roster.now;
            for (std::size_t c = 0; c < 2; ++c) calibrate_now(c, 100 * calibration_round + c, c == 1 && last ? 0.012 : 0);
            ++calibration_round;
        }
        std::string& id = pilot_ids[slot.pilot];
        if (id.empty()) id = record.add_pilot({"", pilot.name, pilot.curriculum, pilot.target_h, false, 2});
        if (facts[slot.pilot].attempts.empty())
            for (const KitItem& item : kit->front().items) // the newest pilot's station is not quite ready yet
                if (pilot.first_day < -10 || item.id != "seat") record.tick_kit(id, kit->front().id + "/" + item.id, true);
        const auto kept = std::find_if(roster.documents.begin(), roster.documents.end(), [&](const Roster::OfPilot& d) {
            return d.kind == "match" && d.pilot == pilot.name && d.at <= clock && clock < d.until;
        });
        const auto matched =
            kept == roster.documents.end() ? Result<KeptMatch>(bad_input("")) : parse_match(kept->text, "roster.json");
        const std::string session = record.start_session(id, controller_ids[pilot.controller], matched.has_value());
        const double practised = std::clamp(1 - static_cast<double>(roster.now - clock) / (7.0 * roster.weeks * day_s), 0.0, 1.0);
        const double skill =
            pilot.from_skill + (pilot.to_skill - pilot.from_skill) * std::pow(practised, 0.7) + 0.04 * luck.normal();
        const int flights = 2 + static_cast<int>(3 * luck.uniform());
        const Curriculum& curriculum = with_id(*curricula, pilot.curriculum);
        PilotFacts& known = facts[slot.pilot];
        if (!pilot.opens_stage.empty() && known.opened_stages.empty() && practised > 0.5) {
            known.opened_stages.push_back(pilot.opens_stage);
            record.open_stage({id, curriculum.id, pilot.opens_stage, pilot.opens_why, 0}, true);
        }
        double flown_s = 0;
        for (int flight = 0; flight < flights; ++flight) {
            const std::int64_t today = clock / day_s;
            const Drill& drill = with_id(*drills, choose_drill(pilot_standing(known, curriculum, today, drill_facts), luck));
            const auto setup = data.setup_for(drill, matched ? matched->practised : RateProfile{});
            if (!setup) return tl::unexpected(setup.error());
            const auto flown = fly_drill(drill, *setup, skill, luck.bits(), pilot.faults);
            if (!flown) return tl::unexpected(flown.error());
            clock += static_cast<UnixTime>(flown->log.duration_s() + 60 + 120 * luck.uniform());
            flown_s += flown->log.duration_s();
            AttemptRow row = attempt_row(flown->score, setup->mode);
            row.pilot_id = id;
            row.session_id = session;
            row.curriculum = curriculum.id;
            row.curriculum_version = curriculum.version;
            const std::string attempt = record.add_attempt(std::move(row), flown->log);
            const Score& score = flown->score;
            if (score.passed && score.score > best[drill.id])
                best[drill.id] = score.score, record.keep_demonstration(drill.id, attempt);
            known.attempts.push_back(
                {drill.id, today, score.score, score.passed, score.flown_s, score.left_minus_right, score.throttle_cuts_s});
        }
        const double active_s = std::max(flown_s, 60 * pilot.minutes * (0.8 + 0.4 * luck.uniform()));
        clock = std::max(clock, slot.at + static_cast<UnixTime>(1.2 * active_s));
        record.end_session(session, active_s, static_cast<double>(clock - slot.at) - active_s);
    }
    // The school's own aircraft came in the last week: what was flown before was flown as the drills are meant.
    clock = std::max(clock, roster.now - 2 * day_s);
    for (const Airframe& a : roster.aircraft) record.keep_aircraft(a);
    for (const DocumentRow& r : roster.rates) record.keep_document("rates", r, "as it came from the maker");
    for (const auto& [name, setup] : roster.setups)
        for (std::size_t p = 0; p < roster.pilots.size(); ++p)
            if (roster.pilots[p].name == name && !pilot_ids[p].empty()) record.keep_setup(pilot_ids[p], setup);
    for (const Roster::OfPilot& d : roster.documents)
        for (std::size_t p = 0; p < roster.pilots.size(); ++p)
            if (roster.pilots[p].name == d.pilot && !pilot_ids[p].empty())
                record.keep_document(d.kind, {pilot_ids[p], d.text}, "kept");
    record.set_note("demo_now", std::to_string(roster.now));
    return {};
}

} // namespace bh
