#pragma once

#include "core/controller/switches.h"
#include "desk/words/message_words.h"

#include <QObject>
#include <QString>
#include <QStringList>

namespace bh::desk {

[[nodiscard]] inline QString switchName(SwitchUse use)
{
    switch (use) {
    case SwitchUse::Arm: return QObject::tr("Arm");
    case SwitchUse::Mode: return QObject::tr("Flight mode");
    case SwitchUse::Panic: return QObject::tr("Panic");
    case SwitchUse::Reset: return QObject::tr("Reset");
    case SwitchUse::Pause: return QObject::tr("Pause");
    }
    return {};
}

/// "button 3, pressed and let go", "axis 5, three places: acro, angle, hold".
[[nodiscard]] inline QString switchInWords(const SwitchCalibration& s)
{
    const QString where = asWords(s.source.words());
    if (s.springs_back) return QObject::tr("%1, pressed and let go").arg(where);
    QStringList modes;
    for (const Mode mode : s.modes) modes << asWords(mode_key(mode));
    const QString places = s.positions_counts.size() == 3 ? QObject::tr("three places") : QObject::tr("two places");
    return modes.isEmpty() ? QObject::tr("%1, %2").arg(where, places)
                           : QObject::tr("%1, %2: %3").arg(where, places, modes.join(QStringLiteral(", ")));
}

/// A line each, for a card.
[[nodiscard]] inline QStringList switchLines(const std::vector<SwitchCalibration>& switches)
{
    QStringList lines;
    for (const SwitchCalibration& s : switches) lines << QObject::tr("%1: %2").arg(switchName(s.use), switchInWords(s));
    return lines;
}

} // namespace bh::desk
