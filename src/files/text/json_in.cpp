#include "files/text/json_in.h"

#include "core/base/number_text.h"
#include "files/text/csv.h"
#include "files/text/json_text.h"

#include <algorithm>
#include <cmath>

namespace bh {
namespace {

std::string_view kind_of(const nlohmann::json& value)
{
    if (value.is_object()) return label("an object");
    if (value.is_array()) return label("a list");
    if (value.is_string()) return label("a text");
    if (value.is_boolean()) return label("true or false");
    if (value.is_number()) return label("a number");
    return label("nothing");
}

} // namespace

void JsonIn::fault(const Message& what) const
{
    throw JsonFault{message("%1: %2: %3", file_, place_.empty() ? "/" : place_, what)};
}

JsonIn JsonIn::at(std::string_view key) const
{
    if (!value_.is_object()) fault("expected an object, found %1", message(kind_of(value_)));
    const auto found = value_.find(key);
    if (found == value_.end()) fault("expected a '%1' here", key);
    return {*found, file_, place_ + "/" + std::string(key), slips_};
}

std::vector<JsonIn> JsonIn::items() const
{
    if (!value_.is_array()) fault("expected a list, found %1", message(kind_of(value_)));
    std::vector<JsonIn> all;
    for (std::size_t i = 0; i < value_.size(); ++i) all.emplace_back(value_[i], file_, place_ + "/" + whole_text(i), slips_);
    return all;
}

void JsonIn::only(std::initializer_list<std::string_view> keys) const
{
    if (!slips_ || !value_.is_object()) return;
    for (const auto& [key, value] : value_.items()) {
        if (std::find(keys.begin(), keys.end(), key) != keys.end()) continue;
        std::string known;
        for (const std::string_view k : keys) known += (known.empty() ? "" : ", ") + std::string(k);
        slip(message("there is no '%1' here, expected one of %2", key, known));
    }
}

void JsonIn::slip(const Message& what) const
{
    if (slips_) slips_->push_back(message("%1: %2: %3", file_, place_.empty() ? "/" : place_, what));
}

double JsonIn::number() const
{
    if (!value_.is_number()) fault("expected a number, found %1", message(kind_of(value_)));
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

std::int64_t JsonIn::time() const
{
    constexpr double last = 253402300799; // the last second of 9999
    const double value = number();
    if (value != std::floor(value) || value < 0 || value > last) fault("expected a time, in whole seconds from 1970 to 9999");
    return static_cast<std::int64_t>(value);
}

std::int64_t JsonIn::count() const
{
    constexpr double told_apart = 9007199254740992; // 2^53
    const double value = number();
    if (value != std::floor(value) || std::abs(value) >= told_apart) fault("expected a whole number");
    return static_cast<std::int64_t>(value);
}

std::string JsonIn::text() const
{
    if (!value_.is_string()) fault("expected a text, found %1", message(kind_of(value_)));
    return value_.get<std::string>();
}

bool JsonIn::truth() const
{
    if (!value_.is_boolean()) fault("expected true or false, found %1", message(kind_of(value_)));
    return value_.get<bool>();
}

Result<nlohmann::json> parse_document(std::string_view text, const std::string& file, const std::string& kind)
{
    auto parsed = checked_document(text);
    if (!parsed) return bad_input("%1: %2", file, parsed.error().message);
    nlohmann::json document = std::move(*parsed);
    const std::string wanted = "bluehangar." + kind + "/";
    const std::string format = document.is_object() && document.contains("format") && document["format"].is_string()
                                   ? document["format"].get<std::string>()
                                   : "";
    if (!format.starts_with(wanted))
        return bad_input("%1: /format: expected \"%21\", found \"%3\"", file, wanted, for_message(format));
    if (format != wanted + "1")
        return failure(Error::Code::Unsupported, "%1: /format: \"%2\" is newer than this program, which reads \"%31\"", file,
                       format, wanted);
    return document;
}

} // namespace bh
