#pragma once

#include <functional>
#include <string>

namespace bh {

/// An id for something new, made from its name so that people can read it: "real-avocet-two". Letters that are no Latin ones go
/// by their numbers; where the id is taken a number is put behind it, so that two names never become one thing.
[[nodiscard]] std::string id_from_name(const std::string& prefix, const std::string& name,
                                       const std::function<bool(const std::string&)>& taken);

} // namespace bh
