#pragma once

#include "desk/rates/rates_context.h"

class QTableWidget;

namespace bh::desk {

/// What the curves feel like: how long a full turn takes, how far a flip drops, what half a stick does; and last what is set.
[[nodiscard]] QTableWidget* makeRateTable();
void fillRateTable(QTableWidget& table, const RatesContext& context, const Airframe& airframe);

} // namespace bh::desk
