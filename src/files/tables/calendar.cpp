#include "files/tables/calendar.h"

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

/// What a callback of libical collects.
struct Collected {
    std::vector<CalendarSpan> spans;
    std::int64_t from = 0, to = 0;
};

void collect(icalcomponent*, struct icaltime_span* span, void* into)
{
    auto& collected = *static_cast<Collected*>(into);
    constexpr std::size_t most = 1000;
    const CalendarSpan found{static_cast<std::int64_t>(span->start), static_cast<std::int64_t>(span->end)};
    if (collected.spans.size() < most && found.end > collected.from && found.start < collected.to && found.end > found.start)
        collected.spans.push_back(found);
}

/// A time without a zone is one of the station's.
void give_zone(icalcomponent* event, icalproperty_kind kind, icaltimezone* zone)
{
    icalproperty* property = icalcomponent_get_first_property(event, kind);
    if (!property) return;
    icaltimetype time = icalvalue_get_datetime(icalproperty_get_value(property));
    if (time.zone || time.is_date || icalproperty_get_first_parameter(property, ICAL_TZID_PARAMETER)) return;
    time.zone = zone;
    icalproperty_set_value(property, icalvalue_new_datetime(icaltime_convert_to_zone(time, icaltimezone_get_utc_timezone())));
}

} // namespace

Result<std::vector<CalendarSpan>> read_calendar(const std::string& text, const std::string& file, std::int64_t from,
                                                std::int64_t to, const std::string& zone)
{
    constexpr std::size_t longest = 4'000'000;
    if (text.size() > longest) return bad_input("%1: expected a calendar of at most 4 MB", file);
    const std::unique_ptr<icalcomponent, ComponentDeleter> calendar(icalparser_parse_string(text.c_str()));
    if (!calendar || icalcomponent_isa(calendar.get()) != ICAL_VCALENDAR_COMPONENT)
        return bad_input("%1: line 1: expected an iCalendar, which begins with BEGIN:VCALENDAR", file);
    icaltimezone* local = icaltimezone_get_builtin_timezone(zone.c_str());
    Collected collected{{}, from, to};
    for (icalcomponent* event = icalcomponent_get_first_component(calendar.get(), ICAL_VEVENT_COMPONENT); event;
         event = icalcomponent_get_next_component(calendar.get(), ICAL_VEVENT_COMPONENT)) {
        for (icalproperty* rule = icalcomponent_get_first_property(event, ICAL_RRULE_PROPERTY); rule;
             rule = icalcomponent_get_next_property(event, ICAL_RRULE_PROPERTY))
            if (icalproperty_get_rrule(rule).freq < ICAL_DAILY_RECURRENCE)
                return bad_input("%1: an event comes again more often than once a day: expected days, weeks, months or years",
                                 file);
        for (const icalproperty_kind kind : {ICAL_DTSTART_PROPERTY, ICAL_DTEND_PROPERTY}) give_zone(event, kind, local);
        icalcomponent_foreach_recurrence(event, utc(from), utc(to), &collect, &collected);
    }
    return collected.spans;
}

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
