#include "files/documents/setup_document.h"

#include "files/documents/conditions_document.h"
#include "files/documents/rates_document.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

Json easing_json(const Easing& e)
{
    return {{"power_share", e.power_share},
            {"propeller_ratio", e.propeller_ratio},
            {"rate_dps", e.rate_dps},
            {"tilt_deg", e.tilt_deg}};
}

Easing easing_at(const JsonIn& in)
{
    Easing e{in.number("power_share"), in.number("propeller_ratio"), in.number("rate_dps"), in.number("tilt_deg")};
    const bool good = e.power_share > 0 && e.power_share <= 1 && e.propeller_ratio > 0 && e.propeller_ratio <= 2 &&
                      e.rate_dps > 0 && e.rate_dps <= 2000 && e.tilt_deg >= 0 && e.tilt_deg <= 90;
    if (!good) in.fault("expected shares up to 1, a rate up to 2000 and a tilt up to 90");
    return e;
}

RungTaken taken_at(const JsonIn& in)
{
    RungTaken taken;
    taken.at = in.at("at").time();
    const auto what = eased_from_key(in.text("what"));
    if (!what) in.at("what").fault("expected power, propellers, rates or tilt, found '%1'", in.text("what"));
    taken.rung = {*what, in.number("from"), in.number("to")};
    if (in.has("rocking_share")) taken.rocking_share = in.number("rocking_share");
    return taken;
}

} // namespace

std::string way_back_text(const WayBack& way)
{
    Json json{{"format", "bluehangar.way-back/1"}, {"at", way.at},       {"eased", easing_json(way.eased)},
              {"real", easing_json(way.real)},     {"ended", way.ended}, {"taken", Json::array()}};
    for (const RungTaken& taken : way.taken) {
        Json one{{"at", taken.at}, {"what", eased_key(taken.rung.what)}, {"from", taken.rung.from}, {"to", taken.rung.to}};
        if (taken.rocking_share) one["rocking_share"] = *taken.rocking_share;
        json["taken"].push_back(std::move(one));
    }
    return json.dump();
}

Result<WayBack> parse_way_back(std::string_view text, const std::string& file)
{
    return read_document<WayBack>(text, file, "way-back", [](const JsonIn& in) -> Result<WayBack> {
        WayBack way;
        way.at = in.at("at").time();
        way.eased = easing_at(in.at("eased"));
        way.real = easing_at(in.at("real"));
        way.ended = in.truth("ended", false);
        for (const JsonIn& one : in.at("taken").items()) way.taken.push_back(taken_at(one));
        return way;
    });
}

Result<TrainingSetup> parse_training_setup(std::string_view text, const std::string& file)
{
    return read_document<TrainingSetup>(text, file, "setup", [&](const JsonIn& in) -> Result<TrainingSetup> {
        TrainingSetup s;
        s.real_aircraft = in.text("real_aircraft", "");
        s.simulated_aircraft = in.text("simulated_aircraft", s.simulated_aircraft);
        s.camera_tilt_deg = in.number("camera_tilt_deg", s.camera_tilt_deg);
        s.fov_deg = in.number("fov_deg", s.fov_deg);
        s.propeller_ratio = in.number("propeller_ratio", s.propeller_ratio);
        s.power_share = in.number("power_share", s.power_share);
        if (in.has("rates")) {
            auto rates = parse_rates(in.at("rates").value().dump(), file + ": /rates");
            if (!rates) return tl::unexpected(rates.error());
            s.rates = std::move(*rates);
        }
        if (in.has("day")) s.day = conditions_at(in.at("day"));
        auto good = checked(s);
        if (!good) in.fault(good.error().message);
        return good;
    });
}

Json training_setup_json(const TrainingSetup& s)
{
    return {{"format", "bluehangar.setup/1"},
            {"real_aircraft", s.real_aircraft},
            {"simulated_aircraft", s.simulated_aircraft},
            {"camera_tilt_deg", s.camera_tilt_deg},
            {"fov_deg", s.fov_deg},
            {"propeller_ratio", s.propeller_ratio},
            {"power_share", s.power_share},
            {"rates", rates_json(s.rates)},
            {"day", conditions_json(s.day)}};
}

} // namespace bh
