#include "core/rates/handling.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace bh {
namespace {

constexpr std::array control{HandlingAnswer{label("Yes, all the way"), 0, 1},
                             HandlingAnswer{label("No, it got away from me"), 10, 0}};
constexpr std::array done{HandlingAnswer{label("Yes"), 0, 2}, HandlingAnswer{label("No, or only by wearing myself out"), 0, 5}};
constexpr std::array fine{HandlingAnswer{label("Yes, leave it so"), 0, 3},
                          HandlingAnswer{label("No, something should be better"), 0, 4}};
constexpr std::array good{HandlingAnswer{label("As good as one could wish"), 1, 0},
                          HandlingAnswer{label("Good, hardly anything to notice"), 2, 0},
                          HandlingAnswer{label("Fair: small things that cost nothing"), 3, 0}};
constexpr std::array asked{HandlingAnswer{label("A little more care than it should"), 4, 0},
                           HandlingAnswer{label("A fair amount of effort"), 5, 0},
                           HandlingAnswer{label("A great deal of effort"), 6, 0}};
constexpr std::array poor{HandlingAnswer{label("Control was no trouble, but the task would not come out well"), 7, 0},
                          HandlingAnswer{label("Much effort only to stay in control"), 8, 0},
                          HandlingAnswer{label("Everything I had only to stay in control"), 9, 0}};

constexpr std::array<HandlingQuestion, 6> questions{
    {{label("Did you stay in control?"), control},
     {label("Did the task come out well enough, with an effort you could keep up?"), done},
     {label("Is it good as it is?"), fine},
     {label("How good?"), good},
     {label("What did it ask of you?"), asked},
     {label("What was it like?"), poor}}};

} // namespace

std::span<const HandlingQuestion> handling_questions() { return questions; }

std::string_view handling_words(int rating)
{
    for (const HandlingQuestion& question : questions)
        for (const HandlingAnswer& answer : question.answers)
            if (answer.rating == rating) return answer.words;
    return label("not rated");
}

bool handling_steady(const std::vector<int>& ratings)
{
    constexpr std::size_t wanted = 3;
    constexpr int good_enough = 4, apart = 1;
    if (ratings.size() < wanted) return false;
    const auto [least, most] = std::minmax_element(ratings.end() - wanted, ratings.end());
    return *most <= good_enough && *most - *least <= apart;
}

std::optional<NotOnAircraft> why_not_on_aircraft(double hours, double least_hours, const std::vector<int>& ratings)
{
    if (hours < least_hours) return NotOnAircraft{NotOnAircraft::Why::Hours, hours, least_hours, ratings.size()};
    if (!handling_steady(ratings)) return NotOnAircraft{NotOnAircraft::Why::Ratings, hours, least_hours, ratings.size()};
    return std::nullopt;
}

Message in_words(const NotOnAircraft& why)
{
    switch (why.why) {
    case NotOnAircraft::Why::NotTried:
        return message("First find what feels right: edit the practised rates, fly, and then press \"Try these\".");
    case NotOnAircraft::Why::Hours: // 4.97 are not 5 yet, and must not read so
        return message("Not on the aircraft yet: %1 of %2 hours flown on these rates, %3 handling ratings.",
                       rounded(std::floor(10 * why.hours) / 10, 1), rounded(why.least_hours, 0), why.ratings);
    case NotOnAircraft::Why::Ratings:
        return message("Not on the aircraft yet: the handling ratings are not steady (the last three have to be 4 or better and "
                       "within one of each other; there are %1).",
                       why.ratings);
    }
    return {};
}

} // namespace bh
