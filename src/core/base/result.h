#pragma once

#include <string>
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

inline tl::unexpected<Error> failure(Error::Code code, std::string message)
{
    return tl::unexpected<Error>(Error{code, std::move(message)});
}
inline tl::unexpected<Error> bad_input(std::string message) { return failure(Error::Code::BadInput, std::move(message)); }

} // namespace bh
