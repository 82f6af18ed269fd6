#pragma once

#include "core/controller/settings_sheet.h"
#include "core/drill/drill.h"
#include "core/kit/kit.h"
#include "core/progress/curriculum.h"
#include "files/documents/coaching_document.h"
#include "files/documents/first_flight_documents.h"

#include <filesystem>
#include <string>
#include <vector>

namespace bh {

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
    /// All, by file name. One that cannot be read is an error; with `unread` it is told of there, and the others are had.
    [[nodiscard]] Result<std::vector<Drill>> drills(std::vector<Message>* unread = nullptr) const;
    [[nodiscard]] Result<Curriculum> curriculum(const std::string& id) const;
    [[nodiscard]] Result<CoachingRules> coaching() const; ///< what to change when something is found
    [[nodiscard]] Result<std::vector<Curriculum>> curricula(std::vector<Message>* unread = nullptr) const; ///< as drills()
    [[nodiscard]] Result<World> world(const std::string& id_or_file) const;                                ///< as simulator()
    [[nodiscard]] Result<Airframe> airframe(const std::string& id_or_file) const;                          ///< as simulator()
    [[nodiscard]] Result<std::vector<Airframe>> airframes(std::vector<Message>* unread = nullptr) const;   ///< as drills()
    [[nodiscard]] Result<std::vector<World>> worlds(std::vector<Message>* unread = nullptr) const;         ///< as drills()
    /// A file name that ends in .json is read as it is, anything else is the id of one in the folder.
    [[nodiscard]] Result<SimulatorProfile> simulator(const std::string& id_or_file) const;
    [[nodiscard]] Result<std::vector<SimulatorProfile>> simulators(std::vector<Message>* unread = nullptr) const; ///< as drills()
    [[nodiscard]] Result<std::vector<KitList>> kit() const;
    [[nodiscard]] Result<FaultTree> faults() const;
    [[nodiscard]] Result<FirstFlightPlan> first_flight_plan() const;
    /// World, aircraft, start and mode of a drill put together, with the pilot's rates.
    [[nodiscard]] Result<FlightSetup> setup_for(const Drill& drill, const RateProfile& rates) const;

private:
    [[nodiscard]] std::filesystem::path place_of(const char* kind, const std::string& id_or_file) const;
    std::filesystem::path root_;
};

} // namespace bh
