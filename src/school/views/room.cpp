#include "school/views/room.h"

#include "files/text/json_text.h"
#include "school/school.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

namespace bh {

namespace {

using Json = nlohmann::json;

constexpr std::size_t longest_text = 8000; ///< that the server carries

/// With as many digits as a picture needs.
double rounded(double value) { return std::isfinite(value) ? std::round(value * 1e4) / 1e4 : 0; }

Json numbers(std::initializer_list<double> values)
{
    Json list = Json::array();
    for (const double value : values) list.push_back(rounded(value));
    return list;
}

} // namespace

std::string text_of(const StationNow& now)
{
    Json json{{"id", now.id},
              {"name", now.name},
              {"pilot", now.pilot_id},
              {"stick_mode", now.stick_mode},
              {"sticks", numbers({now.sticks.throttle, now.sticks.roll, now.sticks.pitch, now.sticks.yaw})}};
    if (now.flying()) {
        const FlightSample& s = now.sample;
        json["drill"] = now.drill_id;
        json["world"] = now.world;
        json["flags"] = {now.armed, now.paused, now.crashed, now.stand_in, now.over};
        json["phase"] = now.phase;
        json["progress"] = rounded(now.phase_progress);
        if (now.marks) json["marks"] = rounded(*now.marks);
        json["camera"] = numbers({now.camera_tilt_deg, now.fov_deg});
        json["mode"] = mode_key(s.mode);
        json["flight"] =
            numbers({s.t_s, s.north_m, s.east_m, s.height_m, s.vn_mps, s.ve_mps, s.climb_mps, s.qw, s.qx, s.qy, s.qz});
    }
    return json.dump(-1, ' ', false, Json::error_handler_t::replace);
}

Result<StationNow> station_now_in(const std::string& text)
{
    const auto nothing = [] { return bad_input("is not what a station tells of itself"); };
    if (text.size() > longest_text) return nothing();
    const Json json = Json::parse(text, nullptr, false);
    if (!json.is_object()) return nothing();
    try {
        StationNow now;
        now.id = json.at("id").get<std::string>();
        now.name = json.at("name").get<std::string>();
        now.pilot_id = json.at("pilot").get<std::string>();
        now.stick_mode = std::clamp(whole_in(json.at("stick_mode")).value_or(2), 1, 4);
        const auto sticks = json.at("sticks").get<std::array<double, 4>>();
        now.sticks.throttle = std::clamp(sticks[0], 0.0, 1.0);
        now.sticks.roll = std::clamp(sticks[1], -1.0, 1.0);
        now.sticks.pitch = std::clamp(sticks[2], -1.0, 1.0);
        now.sticks.yaw = std::clamp(sticks[3], -1.0, 1.0);
        if (!json.contains("flight")) return now;
        now.drill_id = json.at("drill").get<std::string>();
        now.world = json.at("world").get<std::string>();
        const auto flags = json.at("flags").get<std::array<bool, 5>>();
        now.armed = flags[0], now.paused = flags[1], now.crashed = flags[2], now.stand_in = flags[3], now.over = flags[4];
        now.phase = std::max(0, whole_in(json.at("phase")).value_or(0));
        now.phase_progress = std::clamp(json.at("progress").get<double>(), 0.0, 1.0);
        if (json.contains("marks")) now.marks = json["marks"].get<double>();
        const auto camera = json.at("camera").get<std::array<double, 2>>();
        now.camera_tilt_deg = std::clamp(camera[0], -90.0, 90.0), now.fov_deg = std::clamp(camera[1], 30.0, 170.0);
        const auto f = json.at("flight").get<std::array<double, 11>>();
        FlightSample& s = now.sample;
        s.t_s = f[0], s.north_m = f[1], s.east_m = f[2], s.height_m = f[3], s.vn_mps = f[4], s.ve_mps = f[5], s.climb_mps = f[6];
        s.qw = f[7], s.qx = f[8], s.qy = f[9], s.qz = f[10];
        s.mode = mode_from_key(json.at("mode").get<std::string>()).value_or(Mode::Acro);
        s.sticks = now.sticks, s.armed = now.armed;
        if (s.qw * s.qw + s.qx * s.qx + s.qy * s.qy + s.qz * s.qz < 0.25) return nothing();
        return now;
    } catch (const Json::exception&) {
        return nothing();
    }
}

Room::Room(School& school, QObject* parent) : QObject(parent), school_(school)
{
    clock_.start();
    connect(&school_, &School::live_told, this, &Room::hear);
    auto* watch = new QTimer(this);
    connect(watch, &QTimer::timeout, this, &Room::forgetSilent);
    constexpr int look_ms = 1000;
    watch->start(look_ms);
}

void Room::hear(const QString& text)
{
    auto now = station_now_in(text.toStdString());
    if (!now || now->id == own_) return; // or of a newer version
    const bool is_new = !heard_.contains(now->id);
    const std::string id = now->id;
    heard_[id] = {std::move(*now), clock_.elapsed()};
    if (is_new) Q_EMIT changed();
    Q_EMIT told(id);
}

void Room::forgetSilent()
{
    const qint64 until = clock_.elapsed() - silent_after_ms;
    if (std::erase_if(heard_, [until](const auto& heard) { return heard.second.at_ms < until; }) > 0) Q_EMIT changed();
}

std::vector<const StationNow*> Room::stations() const
{
    std::vector<const StationNow*> all;
    for (const auto& [id, heard] : heard_) all.push_back(&heard.now);
    std::stable_sort(all.begin(), all.end(), [](const StationNow* a, const StationNow* b) { return a->name < b->name; });
    return all;
}

const StationNow* Room::station(const std::string& id) const
{
    const auto found = heard_.find(id);
    return found == heard_.end() ? nullptr : &found->second.now;
}

} // namespace bh
