#pragma once

#include <QObject>
#include <QString>

namespace bh::desk {

/// "Roll", "Pitch", "Yaw", in the order of RateAxis.
[[nodiscard]] inline QString axisName(std::size_t axis)
{
    constexpr const char* names[] = {"Roll", "Pitch", "Yaw"};
    return QObject::tr(names[axis]);
}

} // namespace bh::desk
