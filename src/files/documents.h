#pragma once

#include "core/controller/calibration.h"
#include "core/controller/settings_sheet.h"
#include "core/drill/drill.h"
#include "core/progress/curriculum.h"
#include "core/rates/rate_curve.h"
#include "core/kit/kit.h"
#include "core/result.h"

#include <filesystem>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>
#include <vector>

/// The project's JSON documents in and out. Every parser takes the text and the name to blame in messages.
namespace bh {

/// `slips` takes the keys that drills do not have, a sentence each; they are no error.
[[nodiscard]] Result<Drill> parse_drill(std::string_view text, const std::string& file, std::vector<std::string>* slips);
[[nodiscard]] Result<Drill> parse_drill(std::string_view text, const std::string& file);
[[nodiscard]] Result<World> parse_world(std::string_view text, const std::string& file);
[[nodiscard]] Result<Airframe> parse_airframe(std::string_view text, const std::string& file);
[[nodiscard]] Result<RateProfile> parse_rates(std::string_view text, const std::string& file);
[[nodiscard]] Result<Curriculum> parse_curriculum(std::string_view text, const std::string& file);
[[nodiscard]] Result<Calibration> parse_calibration(std::string_view text, const std::string& file);

[[nodiscard]] nlohmann::ordered_json calibration_json(const Calibration& calibration);
[[nodiscard]] nlohmann::ordered_json score_json(const Score& score);

/// The text of a drill or a curriculum with its version one higher. BadInput when it is no document of that kind and id.
[[nodiscard]] Result<std::string> next_version(const std::string& text, const std::string& kind, const std::string& id);

/// Drills, worlds, aircraft and curricula that ship with the application, as files that a coordinator can edit.
class DataFolder {
public:
    /// $BLUEHANGAR_DATA (passed in) where it is set; otherwise beside the program (`../share/bluehangar`), and upwards
    /// from it a source tree's `data`. NotFound when there is none.
    static Result<DataFolder> find(const std::filesystem::path& program, const char* from_environment);
    explicit DataFolder(std::filesystem::path root) : root_(std::move(root)) {}

    [[nodiscard]] const std::filesystem::path& root() const { return root_; }
    [[nodiscard]] Result<Drill> drill(const std::string& id) const;
    /// The text of a document, as it is: kind "drills", "curricula", ….
    [[nodiscard]] Result<std::string> text(const char* kind, const std::string& id) const;
    [[nodiscard]] Result<std::vector<Drill>> drills() const; ///< all, by file name
    [[nodiscard]] Result<Curriculum> curriculum(const std::string& id) const;
    [[nodiscard]] Result<std::vector<Curriculum>> curricula() const; ///< all, by file name
    [[nodiscard]] Result<World> world(const std::string& id_or_file) const; ///< as simulator()
    [[nodiscard]] Result<Airframe> airframe(const std::string& id_or_file) const; ///< as simulator()
    [[nodiscard]] Result<std::vector<Airframe>> airframes() const; ///< all, by file name
    /// A file name that ends in .json is read as it is, anything else is the id of one in the folder.
    [[nodiscard]] Result<SimulatorProfile> simulator(const std::string& id_or_file) const;
    [[nodiscard]] Result<std::vector<SimulatorProfile>> simulators() const; ///< all, by file name
    [[nodiscard]] Result<std::vector<KitList>> kit() const;
    [[nodiscard]] Result<FaultTree> faults() const;
    /// World, aircraft, start and mode of a drill put together, with the pilot's rates.
    [[nodiscard]] Result<FlightSetup> setup_for(const Drill& drill, const RateProfile& rates) const;

private:
    [[nodiscard]] std::filesystem::path place_of(const char* kind, const std::string& id_or_file) const;
    std::filesystem::path root_;
};

} // namespace bh
