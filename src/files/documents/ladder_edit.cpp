#include "files/documents/ladder_edit.h"

#include "files/text/json_in.h"

#include <algorithm>

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

Limits limits_at(const JsonIn& in) { return {in.number("fail"), in.number("pass"), in.number("merit")}; }

void put(Json& json, const Limits& limits)
{
    json["fail"] = limits.fail;
    json["pass"] = limits.pass;
    json["merit"] = limits.merit;
}

} // namespace

Result<std::vector<CriterionLimits>> limits_of(const std::string& text)
{
    return read_document<std::vector<CriterionLimits>>(
        text, "drill", "drill", [](const JsonIn& in) -> Result<std::vector<CriterionLimits>> {
            std::vector<CriterionLimits> all;
            for (const JsonIn& c : in.at("criteria").items()) {
                CriterionLimits one{
                    c.text("label"),        c.text("unit"),           limits_at(c), std::nullopt, c.number("weight", 1),
                    c.truth("must", false), c.truth("to_hold", false)};
                if (c.has("below")) one.below = limits_at(c.at("below"));
                all.push_back(std::move(one));
            }
            return all;
        });
}

Result<std::string> with_limits(const std::string& text, std::size_t criterion, const CriterionLimits& limits)
{
    if (const auto known = limits_of(text); !known)
        return tl::unexpected(known.error());
    else if (criterion >= known->size())
        return bad_input("/criteria/%1: there is no such criterion", criterion);
    Json document = Json::parse(text);
    Json& c = document["criteria"][criterion];
    put(c, limits.limits);
    if (limits.below) put(c["below"], *limits.below);
    c["weight"] = limits.weight;
    c["must"] = limits.must;
    if (limits.to_hold || c.contains("to_hold")) c["to_hold"] = limits.to_hold;
    return document.dump(1);
}

Result<std::string> next_version(const std::string& text, const std::string& kind, const std::string& id, int newest)
{
    const auto good = parse_document(text, id, kind);
    if (!good) return tl::unexpected(good.error());
    if (good->value("id", "") != id) return bad_input("%1: /id: expected '%2'", id, id);
    Json document = Json::parse(text);
    document["version"] = std::max(good->value("version", 0), newest) + 1;
    return document.dump(1);
}

} // namespace bh
