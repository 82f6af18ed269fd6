#pragma once

#include <cmath>
#include <fstream>
#include <nlohmann/json.hpp>
#include <string>

/// Rows of a file under tests/reference, which says where each number comes from.
inline nlohmann::json referenceRows(const std::string& file)
{
    std::ifstream in(std::string(BH_REFERENCE) + "/" + file);
    return nlohmann::json::parse(in).at("rows");
}

inline double input(const nlohmann::json& row, const char* name) { return row.at("inputs").at(name).at("value").get<double>(); }

/// |got − value| <= abs_tol + rel_tol·|value|, the rule of the reference files.
inline bool meets(const nlohmann::json& expected, double got)
{
    const double value = expected.at("value").get<double>();
    return std::abs(got - value) <= expected.at("abs_tol").get<double>() + expected.at("rel_tol").get<double>() * std::abs(value);
}
