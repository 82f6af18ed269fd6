#pragma once

#include "core/path/landings.h"
#include "core/progress/release.h"
#include "school/school.h"

#include <vector>

namespace bh {

/// What is prepared for a pilot's first real flight; an empty day where nothing was yet.
[[nodiscard]] FlightDay flight_day(const School& school, const std::string& pilot_id);
bool keep_flight_day(School& school, const std::string& pilot_id, const FlightDay& day, const std::string& why = "edited");
/// Every point of the briefing ticked by both; nothing: none was ticked.
[[nodiscard]] std::optional<bool> is_briefed(const School& school, const std::string& pilot_id);

/// Whether the aircraft has what was practised, in words that begin with how it is.
struct RatesOnAircraft {
    bool same = false;
    Message words;
};
[[nodiscard]] RatesOnAircraft rates_on_aircraft(const School& school, const std::string& pilot_id);

/// The newest release of a pilot; null: none.
[[nodiscard]] const Release* newest_release(const School& school, const std::string& pilot_id);
/// Neither withdrawn nor run out.
[[nodiscard]] bool holds(const School& school, const Release& release);
/// Has told of a flight on a real aircraft.
[[nodiscard]] bool has_flown(const School& school, const std::string& pilot_id);

/// What a release would say today: every gate, with the reasons given for those that are not met; not signed.
[[nodiscard]] Release prepared_release(const School& school, const std::string& pilot_id,
                                       const std::map<std::string, std::string>& reasons);
/// Signs a release with a coordinator's own key, which is made at the first time, sealed with the passphrase. BadInput for a gate
/// that is not met and has no reason, for a person who is no coordinator, and for a wrong passphrase; its id.
Result<std::string> sign_release(School& school, Release release, const std::string& person_id, const std::string& passphrase);
/// Takes it back for good, signed like a release.
Result<void> withdraw_release(School& school, const std::string& release_id, const std::string& why, const std::string& person_id,
                              const std::string& passphrase);
/// The signature is that of its key, over what it says.
[[nodiscard]] bool is_signed(const Release& release);

/// By whom a key was let in: "the record's beginning", a name, "a station (key …)", or "nobody".
[[nodiscard]] Message let_in_by(const School& school, const KnownKey& key);

/// Keeps what surprised, dated now. Its id, empty when it failed.
std::string keep_after_flight(School& school, AfterFlight after);
/// Which of the two landings suits the pilot, from the newest twelve flights of drills on the ground effect.
[[nodiscard]] LandingAdvice landing_advice_for(const School& school, const std::string& pilot_id);
/// Of everybody who has flown a real aircraft; reads what their flights were flown with.
[[nodiscard]] std::vector<SurpriseCount> surprises_of_all(const School& school);

} // namespace bh
