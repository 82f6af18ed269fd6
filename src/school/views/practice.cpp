#include "school/views/practice.h"

#include <utility>

namespace bh {

std::string Practice::begin(const std::string& pilot_id, const std::string& controller_name, const std::string& guid,
                            double now_s)
{
    if (pilot_id.empty()) return {};
    if (session_id_.empty()) {
        session_id_ = school_.start_session(pilot_id, controller_name, guid);
        clock_ = {};
        last_active_s_ = noted_at_s_ = now_s;
    }
    return session_id_;
}

void Practice::end()
{
    if (session_id_.empty()) return;
    school_.end_session(std::exchange(session_id_, {}), clock_.active_s(), clock_.idle_s());
}

bool Practice::update(double now_s, const Sticks& sticks, bool armed)
{
    if (session_id_.empty()) return true;
    clock_.update(now_s, sticks, armed);
    if (clock_.running()) last_active_s_ = now_s;
    if (now_s - noted_at_s_ > note_every_s) {
        noted_at_s_ = now_s;
        school_.note_session(session_id_, clock_.active_s(), clock_.idle_s());
    }
    if (now_s - last_active_s_ <= ends_after_s) return true;
    end();
    return false;
}

} // namespace bh
