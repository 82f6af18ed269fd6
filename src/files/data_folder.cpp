#include "files/data_folder.h"

#include "files/documents/airframe_document.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/drill_document.h"
#include "files/documents/kit_documents.h"
#include "files/documents/simulator_document.h"
#include "files/documents/world_document.h"
#include "files/text/file_text.h"

#include <algorithm>

namespace bh {
namespace {

template <class T>
Result<T> load(const std::filesystem::path& path, Result<T> (*parse)(std::string_view, const std::string&))
{
    const auto text = read_text(path);
    if (!text) return tl::unexpected(text.error());
    return parse(*text, path.filename().string());
}

/// All documents of a folder, by file name. With `unread` those that cannot be read are told of there, and the others are had.
template <class T>
Result<std::vector<T>> load_all(const std::filesystem::path& folder, Result<T> (*parse)(std::string_view, const std::string&),
                                std::vector<Message>* unread)
{
    std::vector<std::filesystem::path> paths;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error))
        if (entry.path().extension() == ".json") paths.push_back(entry.path());
    std::sort(paths.begin(), paths.end());
    std::vector<T> all;
    for (const auto& path : paths) {
        auto document = load(path, parse);
        if (document)
            all.push_back(std::move(*document));
        else if (unread)
            unread->push_back(document.error().message);
        else
            return tl::unexpected(document.error());
    }
    return all;
}

} // namespace

Result<DataFolder> DataFolder::find(const std::filesystem::path& program, const char* from_environment)
{
    namespace fs = std::filesystem;
    std::error_code ignored;
    const auto holds_data = [&](const fs::path& folder) { return fs::is_directory(folder / "drills", ignored); };
    if (from_environment && *from_environment) { // asked for by name: nothing else is taken instead
        if (holds_data(from_environment)) return DataFolder(fs::weakly_canonical(from_environment, ignored));
        return failure(Error::Code::NotFound, "BLUEHANGAR_DATA is %1, but there is no folder drills in it", from_environment);
    }
    std::vector<fs::path> candidates;
    const fs::path folder = fs::absolute(program, ignored).parent_path();
    candidates.push_back(folder / ".." / "share" / "bluehangar");
    for (fs::path up = folder; up.has_relative_path(); up = up.parent_path()) candidates.push_back(up / "data");
    for (const fs::path& candidate : candidates)
        if (holds_data(candidate)) return DataFolder(fs::weakly_canonical(candidate, ignored));
    return failure(Error::Code::NotFound,
                   "the folder with the drills was not found; set BLUEHANGAR_DATA to the folder that holds drills/");
}

Result<Drill> DataFolder::drill(const std::string& id) const
{
    const auto path = root_ / "drills" / (id + ".json");
    std::error_code none;
    if (id.find('/') != std::string::npos || !std::filesystem::exists(path, none))
        return failure(Error::Code::NotFound, "there is no drill '%1'; `drill list` shows those there are", id);
    return load(path, parse_drill);
}

Result<std::vector<Drill>> DataFolder::drills(std::vector<Message>* unread) const
{
    return load_all(root_ / "drills", parse_drill, unread);
}

Result<SimulatorProfile> DataFolder::simulator(const std::string& id_or_file) const
{
    const bool is_file = id_or_file.ends_with(".json");
    const auto path = place_of("simulators", id_or_file);
    std::error_code none;
    if (!is_file && (id_or_file.find('/') != std::string::npos || !std::filesystem::exists(path, none)))
        return failure(Error::Code::NotFound, "there is no simulator '%1' in the data folder; expected its id or a JSON file",
                       id_or_file);
    return load(path, parse_simulator);
}

Result<std::vector<SimulatorProfile>> DataFolder::simulators(std::vector<Message>* unread) const
{
    return load_all(root_ / "simulators", parse_simulator, unread);
}

Result<std::vector<KitList>> DataFolder::kit() const { return load(root_ / "kit" / "stations.json", parse_kit); }
Result<FirstFlightPlan> DataFolder::first_flight_plan() const
{
    return load(root_ / "first-flight" / "plan.json", parse_first_flight_plan);
}
Result<FaultTree> DataFolder::faults() const { return load(root_ / "kit" / "faults.json", parse_faults); }

Result<Curriculum> DataFolder::curriculum(const std::string& id) const
{
    return load(root_ / "curricula" / (id + ".json"), parse_curriculum);
}
Result<CoachingRules> DataFolder::coaching() const { return load(root_ / "coaching" / "common.json", parse_coaching); }
std::filesystem::path DataFolder::place_of(const char* kind, const std::string& id_or_file) const
{
    return id_or_file.ends_with(".json") ? std::filesystem::path(id_or_file) : root_ / kind / (id_or_file + ".json");
}
Result<World> DataFolder::world(const std::string& id_or_file) const { return load(place_of("worlds", id_or_file), parse_world); }
Result<std::vector<World>> DataFolder::worlds(std::vector<Message>* unread) const
{
    return load_all(root_ / "worlds", parse_world, unread);
}
Result<Airframe> DataFolder::airframe(const std::string& id_or_file) const
{
    return load(place_of("aircraft", id_or_file), parse_airframe);
}
Result<std::vector<Curriculum>> DataFolder::curricula(std::vector<Message>* unread) const
{
    return load_all(root_ / "curricula", parse_curriculum, unread);
}
Result<std::vector<Airframe>> DataFolder::airframes(std::vector<Message>* unread) const
{
    return load_all(root_ / "aircraft", parse_airframe, unread);
}

Result<std::string> DataFolder::text(const char* kind, const std::string& id) const { return read_text(place_of(kind, id)); }

Result<FlightSetup> DataFolder::setup_for(const Drill& drill, const RateProfile& rates) const
{
    auto loaded_world = world(drill.world);
    if (!loaded_world) return tl::unexpected(loaded_world.error());
    auto loaded_airframe = airframe(drill.aircraft);
    if (!loaded_airframe) return tl::unexpected(loaded_airframe.error());
    FlightSetup setup;
    setup.world = std::move(*loaded_world);
    setup.airframe = std::move(*loaded_airframe);
    setup.rates = rates;
    setup.mode = drill.modes.front();
    setup.start = drill.start;
    setup.conditions = drill.day;
    setup.crash_disarms = drill.crash_disarms;
    return setup;
}

} // namespace bh
