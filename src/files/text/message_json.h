#pragma once

#include "core/base/message.h"

namespace bh {

/// Documents are in English, whatever language the program is shown in.
template <class Json>
void to_json(Json& json, const Message& one)
{
    json = one.english();
}

} // namespace bh
