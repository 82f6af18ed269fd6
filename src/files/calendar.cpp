#include "files/calendar.h"

#include <libical/ical.h>
#include <memory>

namespace bh {
namespace {

struct ComponentDeleter {
    void operator()(icalcomponent* component) const { icalcomponent_free(component); }
};

icaltimetype utc(std::int64_t at) { return icaltime_from_timet_with_zone(at, 0, icaltimezone_get_utc_timezone()); }

icalcomponent* event_component(const CalendarEvent& e, std::int64_t as_of)
{
    icalcomponent* event = icalcomponent_new(ICAL_VEVENT_COMPONENT);
    icalcomponent_add_property(event, icalproperty_new_uid(e.uid.c_str()));
    icalcomponent_add_property(event, icalproperty_new_dtstamp(utc(as_of)));
    icalcomponent_add_property(event, icalproperty_new_dtstart(utc(e.start)));
    icalcomponent_add_property(event, icalproperty_new_dtend(utc(e.end)));
    icalcomponent_add_property(event, icalproperty_new_summary(e.summary.c_str()));
    icalcomponent_add_property(event, icalproperty_new_sequence(e.sequence));
    if (!e.location.empty()) icalcomponent_add_property(event, icalproperty_new_location(e.location.c_str()));
    if (!e.description.empty()) icalcomponent_add_property(event, icalproperty_new_description(e.description.c_str()));
    return event;
}

} // namespace

std::string calendar_text(const std::vector<CalendarEvent>& events, const std::string& name, std::int64_t as_of)
{
    const std::unique_ptr<icalcomponent, ComponentDeleter> calendar(icalcomponent_new(ICAL_VCALENDAR_COMPONENT));
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Blue Hangar//Week plan//EN"));
    icalproperty* title = icalproperty_new_x(name.c_str());
    icalproperty_set_x_name(title, "X-WR-CALNAME");
    icalcomponent_add_property(calendar.get(), title);
    for (const CalendarEvent& e : events) icalcomponent_add_component(calendar.get(), event_component(e, as_of));
    char* text = icalcomponent_as_ical_string_r(calendar.get());
    std::string written = text ? text : "";
    icalmemory_free_buffer(text);
    return written;
}

} // namespace bh
