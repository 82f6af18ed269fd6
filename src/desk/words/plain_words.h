#pragma once

#include <QString>
#include <string_view>

namespace bh::desk {

/// Words of the core as they are.
inline QString plainWords(std::string_view words)
{
    return QString::fromUtf8(words.data(), static_cast<qsizetype>(words.size()));
}

} // namespace bh::desk
