#include "files/json_in.h"

#include "files/csv.h"
#include "files/json_text.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

const char* kind_of(const nlohmann::json& value)
{
    if (value.is_object()) return "an object";
    if (value.is_array()) return "a list";
    if (value.is_string()) return "a text";
    if (value.is_boolean()) return "true or false";
    if (value.is_number()) return "a number";
    return "nothing";
}

} // namespace

void JsonIn::fault(const std::string& what) const
{
    throw JsonFault{file_ + ": " + (place_.empty() ? "/" : place_) + ": " + what};
}

JsonIn JsonIn::at(const char* key) const
{
    if (!value_.is_object()) fault(std::string("expected an object, found ") + kind_of(value_));
    const auto found = value_.find(key);
    if (found == value_.end()) fault(std::string("expected a '") + key + "' here");
    return {*found, file_, place_ + "/" + key, slips_};
}

std::vector<JsonIn> JsonIn::items() const
{
    if (!value_.is_array()) fault(std::string("expected a list, found ") + kind_of(value_));
    std::vector<JsonIn> all;
    for (std::size_t i = 0; i < value_.size(); ++i) all.emplace_back(value_[i], file_, place_ + "/" + std::to_string(i), slips_);
    return all;
}

void JsonIn::only(std::initializer_list<std::string_view> keys) const
{
    if (!slips_ || !value_.is_object()) return;
    for (const auto& [key, value] : value_.items()) {
        if (std::find(keys.begin(), keys.end(), key) != keys.end()) continue;
        std::string known;
        for (const std::string_view k : keys) known += (known.empty() ? "" : ", ") + std::string(k);
        slip("there is no '" + key + "' here, expected one of " + known);
    }
}

void JsonIn::slip(const std::string& what) const
{
    if (slips_) slips_->push_back(file_ + ": " + (place_.empty() ? "/" : place_) + ": " + what);
}

double JsonIn::number() const
{
    if (!value_.is_number()) fault(std::string("expected a number, found ") + kind_of(value_));
    const double number = value_.get<double>();
    if (!std::isfinite(number)) fault("expected a finite number");
    return number;
}

int JsonIn::whole() const
{
    const double value = number();
    if (value != std::floor(value) || std::abs(value) > 1e9) fault("expected a whole number");
    return static_cast<int>(value);
}

std::string JsonIn::text() const
{
    if (!value_.is_string()) fault(std::string("expected a text, found ") + kind_of(value_));
    return value_.get<std::string>();
}

bool JsonIn::truth() const
{
    if (!value_.is_boolean()) fault(std::string("expected true or false, found ") + kind_of(value_));
    return value_.get<bool>();
}

Result<nlohmann::json> parse_document(std::string_view text, const std::string& file, const std::string& kind)
{
    auto parsed = checked_document(text);
    if (!parsed) return bad_input(file + ": " + parsed.error().message);
    nlohmann::json document = std::move(*parsed);
    const std::string wanted = "bluehangar." + kind + "/";
    const std::string format = document.is_object() && document.contains("format") && document["format"].is_string()
                                   ? document["format"].get<std::string>()
                                   : "";
    if (!format.starts_with(wanted))
        return bad_input(file + ": /format: expected \"" + wanted + "1\", found \"" + for_message(format) + "\"");
    if (format != wanted + "1")
        return failure(Error::Code::Unsupported,
                       file + ": /format: \"" + format + "\" is newer than this program, which reads \"" + wanted + "1\"");
    return document;
}

} // namespace bh
