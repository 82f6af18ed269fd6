#pragma once

#include "core/base/result.h"
#include "files/text/message_json.h"

#include <initializer_list>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <vector>

namespace bh {

/// Thrown inside the loaders only and turned into an Error at their door.
struct JsonFault {
    Message message;
};

/// A JSON value that knows where it stands, so that a mistake can be told with its place: "drill.json: /phases/1/goal:
/// expected an object, found a number".
class JsonIn {
public:
    /// `slips`: where only() tells its findings; null when nobody asks.
    JsonIn(const nlohmann::json& value, std::string file, std::string place = "", std::vector<Message>* slips = nullptr)
        : value_(value), file_(std::move(file)), place_(std::move(place)), slips_(slips)
    {
    }
    [[nodiscard]] bool has(std::string_view key) const { return value_.is_object() && value_.contains(key); }
    [[nodiscard]] JsonIn at(std::string_view key) const; ///< fault when missing
    [[nodiscard]] std::vector<JsonIn> items() const;     ///< fault when it is no list
    /// Tells of every key that is none of these. It is no fault: what a newer version wrote is kept, but who checks a file
    /// by hand wants to know of a slip of the pen.
    void only(std::initializer_list<std::string_view> keys) const;
    /// Tells of something that is no fault but surely not meant.
    void slip(const Message& what) const;
    template <class... Values>
    requires(sizeof...(Values) > 0) void slip(std::string_view form, Values&&... values) const
    {
        slip(message(form, std::forward<Values>(values)...));
    }
    [[nodiscard]] double number() const; ///< fault when it is no finite number
    [[nodiscard]] int whole() const;
    [[nodiscard]] std::int64_t time() const;  ///< whole seconds since 1970, UTC; fault beyond the year 9999
    [[nodiscard]] std::int64_t count() const; ///< a whole number that a double tells from its neighbours
    [[nodiscard]] std::string text() const;
    [[nodiscard]] bool truth() const;

    [[nodiscard]] double number(std::string_view key) const { return at(key).number(); }
    [[nodiscard]] double number(std::string_view key, double otherwise) const { return has(key) ? number(key) : otherwise; }
    [[nodiscard]] std::string text(std::string_view key) const { return at(key).text(); }
    [[nodiscard]] std::string text(std::string_view key, const std::string& otherwise) const
    {
        return has(key) ? text(key) : otherwise;
    }
    [[nodiscard]] bool truth(std::string_view key, bool otherwise) const { return has(key) ? at(key).truth() : otherwise; }

    [[noreturn]] void fault(const Message& what) const;
    template <class... Values>
    requires(sizeof...(Values) > 0) [[noreturn]] void fault(std::string_view form, Values&&... values) const
    {
        fault(message(form, std::forward<Values>(values)...));
    }
    [[nodiscard]] const nlohmann::json& value() const { return value_; }

private:
    const nlohmann::json& value_;
    std::string file_;
    std::string place_;
    std::vector<Message>* slips_ = nullptr;
};

/// Parses `text` and checks its "format": "bluehangar.<kind>/1". BadInput for broken JSON (with line) or another kind,
/// Unsupported for a newer version.
[[nodiscard]] Result<nlohmann::json> parse_document(std::string_view text, const std::string& file, const std::string& kind);

/// A checked value, or its error with the file's name in front.
template <class T>
[[nodiscard]] Result<T> with_file(Result<T> checked, const std::string& file)
{
    if (!checked) return failure(checked.error().code, "%1: %2", file, checked.error().message);
    return checked;
}

/// Reads a document of a kind with `read(JsonIn)`, turning faults into errors.
template <class T, class Read>
[[nodiscard]] Result<T> read_document(std::string_view text, const std::string& file, const char* kind, Read read,
                                      std::vector<Message>* slips = nullptr)
{
    const auto document = parse_document(text, file, kind);
    if (!document) return tl::unexpected(document.error());
    try {
        return read(JsonIn(*document, file, "", slips));
    } catch (const JsonFault& fault) {
        return bad_input(fault.message);
    }
}

} // namespace bh
