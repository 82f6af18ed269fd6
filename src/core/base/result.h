#pragma once

#include "core/base/one_line.h"

#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <utility>

namespace bh {

/// What was wrong with something that came from outside (a file, a recording, a typed number).
/// `message` is one sentence for the person who gave it: what, where, and what was expected.
struct Error {
    enum class Code { BadInput, OutOfRange, NotFound, Unsupported };
    Code code = Code::BadInput;
    std::string message;
};

template <class T>
using Result = tl::expected<T, Error>;

/// Whatever of the outside is quoted in the message, it stays in one line.
inline tl::unexpected<Error> failure(Error::Code code, std::string_view message)
{
    return tl::unexpected<Error>(Error{code, one_line(message)});
}
inline tl::unexpected<Error> bad_input(std::string_view message) { return failure(Error::Code::BadInput, message); }

} // namespace bh
