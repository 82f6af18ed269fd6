#include "files/documents/flown_document.h"

#include "files/documents/conditions_document.h"
#include "files/documents/rates_document.h"

namespace bh {

nlohmann::ordered_json flown_with_json(const FlownWith& f)
{
    return {{"aircraft", f.aircraft},
            {"propeller_ratio", f.propeller_ratio},
            {"power_share", f.power_share},
            {"camera_tilt_deg", f.camera_tilt_deg},
            {"fov_deg", f.fov_deg},
            {"rates", rates_json(f.rates)},
            {"conditions", conditions_json(f.conditions)}};
}

FlownWith flown_with_at(const JsonIn& in)
{
    FlownWith f;
    f.aircraft = in.text("aircraft");
    f.propeller_ratio = in.number("propeller_ratio", 1);
    f.power_share = in.number("power_share", 1);
    f.camera_tilt_deg = in.number("camera_tilt_deg", 0);
    f.fov_deg = in.number("fov_deg", 0);
    auto rates = parse_rates(in.at("rates").value().dump(), "rates");
    if (!rates) in.at("rates").fault(rates.error().message);
    f.rates = std::move(*rates);
    f.conditions = conditions_at(in.at("conditions"));
    return f;
}

} // namespace bh
