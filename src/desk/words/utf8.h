#pragma once

#include <QString>
#include <string_view>

namespace bh::desk {

/// The core's words, as a window shows them.
[[nodiscard]] inline QString utf8(std::string_view words)
{
    return QString::fromUtf8(words.data(), static_cast<qsizetype>(words.size()));
}

} // namespace bh::desk
