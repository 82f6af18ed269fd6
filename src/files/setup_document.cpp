#include "files/setup_document.h"

#include "files/conditions_document.h"
#include "files/rates_document.h"

namespace bh {
namespace {

using Json = nlohmann::ordered_json;

} // namespace

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
