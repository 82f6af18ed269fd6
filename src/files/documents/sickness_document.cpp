#include "files/documents/sickness_document.h"

#include "core/progress/sickness.h"
#include "files/text/json_in.h"

namespace bh {

std::string sickness_text(const SicknessAnswers& s)
{
    return nlohmann::ordered_json{{"format", "bluehangar.sickness/1"},
                                  {"pilot_id", s.pilot_id},
                                  {"at", s.at},
                                  {"before", s.before},
                                  {"goggles", s.goggles},
                                  {"answers", s.answers}}
        .dump();
}

Result<SicknessAnswers> parse_sickness(std::string_view text, const std::string& file, const std::string& id)
{
    return read_document<SicknessAnswers>(text, file, "sickness", [&](const JsonIn& in) -> Result<SicknessAnswers> {
        SicknessAnswers s;
        s.id = id;
        s.pilot_id = in.text("pilot_id");
        s.at = in.has("at") ? in.at("at").time() : 0;
        s.before = in.truth("before", false);
        s.goggles = in.truth("goggles", false);
        for (const JsonIn& answer : in.at("answers").items()) s.answers.push_back(answer.whole());
        if (const auto score = sickness_score(s.answers); !score) in.at("answers").fault(score.error().message);
        return s;
    });
}

} // namespace bh
