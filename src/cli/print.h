#pragma once

#include <iostream>
#include <nlohmann/json.hpp>

namespace bh::cli {

/// A command's answer, on stdout.
inline void print(const nlohmann::ordered_json& json) { std::cout << json.dump(2) << '\n'; }

} // namespace bh::cli
