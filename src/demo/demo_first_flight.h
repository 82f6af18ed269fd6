#pragma once

#include "files/text/json_in.h"
#include "school/school.h"

#include <functional>
#include <string>
#include <vector>

namespace bh {

/// What happens at the demo's school besides practice: who is told how somebody feels, which rules the house changes, who is
/// prepared for a first real flight, released, and back from it; what is corrected. Days are counted from the demo's day,
/// negative.
class DemoDecisions {
public:
    /// Reads "coordinator", "rules", "sickness", "first_flights" and "corrections" of the roster; faults name what is wrong.
    static DemoDecisions read(const JsonIn& roster, UnixTime now);

    /// Does everything that is due by the clock, in order. `document` gives what the roster keeps of a pilot (setup, match, …)
    /// and what the aircraft needs, so that it stands before a first flight is prepared.
    Result<void> until(School& school, UnixTime at, UnixTime& clock, const std::function<std::string(const std::string&)>& id_of,
                       const std::function<void(const std::string& pilot)>& keep_documents_of);

private:
    struct Due {
        UnixTime at = 0;
        std::function<Result<void>(School& school, const DemoDecisions& self)> does;
        std::string pilot;            ///< by name; empty: the school
        bool needs_documents = false; ///< setup, match and aircraft of the pilot first
    };
    void read_first_flight(const JsonIn& in, UnixTime now);
    void read_small_things(const JsonIn& roster, UnixTime now);
    std::string coordinator_, passphrase_, signer_;
    std::vector<Due> due_; ///< in time order
    std::size_t done_ = 0;
    std::function<std::string(const std::string&)> id_of_;
};

} // namespace bh
