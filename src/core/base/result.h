#pragma once

#include "core/base/message.h"
#include "core/base/one_line.h"

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <utility>

namespace bh {

/// What was wrong with something that came from outside (a file, a recording, a typed number): one sentence for the person who
/// gave it, what, where, and what was expected.
struct Error {
    enum class Code { BadInput, OutOfRange, NotFound, Unsupported };
    Code code = Code::BadInput;
    Message message;
    std::string english; ///< the same in English, in one line whatever of the outside is quoted in it

    Error() = default;
    Error(Code code_, Message what) : code(code_), message(std::move(what)), english(one_line(message.english())) {}
};

template <class T>
using Result = tl::expected<T, Error>;

[[nodiscard]] inline tl::unexpected<Error> failure(Error::Code code, Message what)
{
    return tl::unexpected<Error>(Error(code, std::move(what)));
}
template <class... Values>
requires(sizeof...(Values) > 0)
    [[nodiscard]] tl::unexpected<Error> failure(Error::Code code, std::string_view form, Values&&... values)
{
    return failure(code, message(form, std::forward<Values>(values)...));
}
[[nodiscard]] inline tl::unexpected<Error> bad_input(Message what) { return failure(Error::Code::BadInput, std::move(what)); }
template <class... Values>
requires(sizeof...(Values) > 0) [[nodiscard]] tl::unexpected<Error> bad_input(std::string_view form, Values&&... values)
{
    return bad_input(message(form, std::forward<Values>(values)...));
}

} // namespace bh
