#pragma once

#include "core/controller/calibration.h"
#include "desk/words/message_words.h"

#include <QString>

namespace bh::desk {

/// "Throttle", "Yaw", "Pitch", "Roll".
[[nodiscard]] inline QString functionName(Function function)
{
    QString name = asWords(function_key(function));
    name[0] = name[0].toUpper();
    return name;
}

} // namespace bh::desk
