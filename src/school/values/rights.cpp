#include "school/values/rights.h"

namespace bh {

const std::vector<Right>& rights()
{
    using enum Act;
    static const std::vector<Right> all{
        {Fly, label("flying and logging practice"), Role::Station},
        {CheckKit, label("ticking the kit and calibrating a controller"), Role::Station},
        {Rate, label("rating how rates handle"), Role::Station},
        {Remark, label("writing notes, and how a pilot felt or what surprised"), Role::Station},
        {ScoreByEye, label("scoring by eye"), Role::Instructor},
        {Advise, label("telling a pilot what to change"), Role::Instructor},
        {SetUp, label("changing what a pilot practises on"), Role::Instructor},
        {EditPilots, label("adding and changing pilots"), Role::Instructor},
        {KeepMachines, label("changing simulators and aircraft"), Role::Instructor},
        {Demonstrate, label("keeping a demonstration"), Role::Instructor},
        {OpenStages, label("opening a stage by hand"), Role::Instructor},
        {Correct, label("correcting what was logged"), Role::Instructor},
        {Prepare, label("preparing a first flight"), Role::Instructor},
        {PlanWeek, label("planning the week"), Role::Instructor},
        {EditLadder, label("changing drills, curricula and coaching rules"), Role::Coordinator},
        {HouseRules, label("changing a rule of the house"), Role::Coordinator},
        {Release, label("releasing a pilot to a real aircraft"), Role::Coordinator},
        {KeepPeople, label("saying who may do what"), Role::Coordinator},
    };
    return all;
}

const Right& right_to(Act act) { return rights()[static_cast<std::size_t>(act)]; }

Act act_of(Kind kind)
{
    switch (kind) {
    case Kind::Controller:
    case Kind::Calibration:
    case Kind::Verification:
    case Kind::KitTick:
    case Kind::GripRound: return Act::CheckKit;
    case Kind::Session:
    case Kind::Video:
    case Kind::Columns:
    case Kind::Attempt: return Act::Fly;
    case Kind::Sickness:
    case Kind::AfterFlight:
    case Kind::Note: return Act::Remark;
    case Kind::Advice: return Act::Advise;
    case Kind::Handling:
    case Kind::Blind: return Act::Rate;
    case Kind::Setup:
    case Kind::Match:
    case Kind::Plan:
    case Kind::WayBack:
    case Kind::Trial: return Act::SetUp;
    case Kind::Pilot: return Act::EditPilots;
    case Kind::Simulator:
    case Kind::Aircraft:
    case Kind::Rates: return Act::KeepMachines;
    case Kind::Struck:
    case Kind::FlownBy: return Act::Correct;
    case Kind::FlightDay: return Act::Prepare;
    case Kind::Bays:
    case Kind::Available:
    case Kind::Week: return Act::PlanWeek;
    case Kind::Release: return Act::Release;
    case Kind::Demonstration: return Act::Demonstrate;
    case Kind::Stage: return Act::OpenStages;
    case Kind::Drill:
    case Kind::Coaching:
    case Kind::Curriculum: return Act::EditLadder;
    case Kind::HouseRule: return Act::HouseRules;
    case Kind::Person:
    case Kind::Erased: return Act::KeepPeople;
    }
    return Act::KeepPeople;
}

EntryRights entry_rights()
{
    EntryRights all;
    for (int kind = 0; kind <= static_cast<int>(Kind::Erased); ++kind) {
        const KindFacts& facts = facts_of(static_cast<Kind>(kind));
        all.push_back(
            {std::string(facts.entry), std::string(facts.document), static_cast<int>(right_to(act_of(facts.kind)).least)});
    }
    return all;
}

std::string_view who_may(Role least)
{
    switch (least) {
    case Role::Station: return label("needs nobody's leave");
    case Role::Pilot: return label("needs a pilot to be chosen");
    case Role::Instructor: return label("needs an instructor or a coordinator");
    case Role::Coordinator: return label("needs a coordinator");
    }
    return "";
}

} // namespace bh
