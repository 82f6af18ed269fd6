#include "school/values/kinds.h"

#include <array>

namespace bh {
namespace {

constexpr std::array<KindFacts, 39> kinds{{
    {Kind::Pilot, "pilot", "", true},
    {Kind::Controller, "controller", "", false},
    {Kind::Calibration, "calibration", "", false},
    {Kind::Verification, "verification", "", false},
    {Kind::KitTick, "kit", "", false},
    {Kind::GripRound, "grip_round", "", false},
    {Kind::Session, "session", "", false},
    {Kind::Attempt, "attempt", "", false},
    {Kind::Simulator, "simulator", "", false},
    {Kind::Aircraft, "aircraft", "", false},
    {Kind::Setup, "setup", "", true},
    {Kind::Stage, "stage", "", false},
    {Kind::Demonstration, "demonstration", "", false},
    {Kind::Drill, "document", "drill", false},
    {Kind::Curriculum, "document", "curriculum", false},
    {Kind::Rates, "document", "rates", false},
    {Kind::Match, "document", "match", true},
    {Kind::Plan, "document", "plan", true},
    {Kind::Trial, "document", "trial", true},
    {Kind::Handling, "document", "handling", false},
    {Kind::Blind, "document", "blind", false},
    {Kind::WayBack, "document", "way-back", true},
    {Kind::Coaching, "document", "coaching", false},
    {Kind::Advice, "document", "advice", false},
    {Kind::Note, "document", "flight-note", false},
    {Kind::Video, "document", "video", false},
    {Kind::Sickness, "document", "sickness", false},
    {Kind::Columns, "document", "columns", false},
    {Kind::HouseRule, "document", "rule", false},
    {Kind::Struck, "document", "struck", false},
    {Kind::FlownBy, "document", "flown-by", false},
    {Kind::FlightDay, "document", "flight-day", true},
    {Kind::Release, "document", "release", false},
    {Kind::AfterFlight, "document", "after-flight", false},
    {Kind::Bays, "document", "bays", false},
    {Kind::Available, "document", "available", true},
    {Kind::Week, "document", "week", false},
    {Kind::Person, "person", "", false},
    {Kind::Erased, "erased", "", false},
}};
constexpr bool in_order()
{
    for (std::size_t i = 0; i < kinds.size(); ++i)
        if (static_cast<std::size_t>(kinds[i].kind) != i) return false;
    return true;
}
static_assert(in_order() && kinds.size() == static_cast<std::size_t>(Kind::Erased) + 1, "a row for each kind, in order");

} // namespace

const KindFacts& facts_of(Kind kind) { return kinds[static_cast<std::size_t>(kind)]; }

std::optional<Kind> kind_of(std::string_view entry_kind, std::string_view subject)
{
    for (const KindFacts& k : kinds)
        if (k.entry == entry_kind && (k.document.empty() || subject.starts_with(std::string(k.document) + "/"))) return k.kind;
    return std::nullopt;
}

} // namespace bh
