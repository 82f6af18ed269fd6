#include "desk/words/finding_words.h"

#include "core/path/turn_faults.h"
#include "desk/words/message_words.h"
#include "desk/words/shown_units.h"

#include <QObject>
#include <cmath>

namespace bh::desk {

QString findingLetter(FindingKind kind)
{
    const std::string_view letter = facts_of(kind).letter;
    return QString::fromLatin1(letter.data(), static_cast<qsizetype>(letter.size()));
}

QString findingName(FindingKind kind) { return asWords(finding_name(kind)); }

QString findingInWords(const Finding& f)
{
    QString words = findingName(f.kind);
    if (is_of_any_stick(f.kind)) words += QStringLiteral(", ") + asWords(stick_axis_key(f.axis));
    if (f.side) words += QStringLiteral(", ") + asWords(side_key(*f.side));
    const auto number = [&](const char* key, const QString& text, int decimals) {
        if (const auto value = f.number(key)) words += QStringLiteral(" · ") + text.arg(inPlaces(std::abs(*value), decimals));
    };
    const auto length = [&](const char* key, const QString& text) {
        if (const auto value = f.number(key)) words += QStringLiteral(" · ") + text.arg(lengthInWords(std::abs(*value)));
    };
    const auto speed = [&](const char* key, const QString& text) {
        if (const auto value = f.number(key)) words += QStringLiteral(" · ") + text.arg(speedInWords(std::abs(*value)));
    };
    number("frequency_hz", QObject::tr("%1 a second"), 1);
    number("cycles", QObject::tr("%1 swings"), 0);
    number("swings", QObject::tr("%1 swings"), 0);
    number("bank_swing_deg", QObject::tr("the bank by %1°"), 0);
    number("lean_deg", QObject::tr("lean %1°"), 0);
    speed("speed_mps", QObject::tr("up to %1"));
    number("heading_change_deg", QObject::tr("%1°"), 0);
    if (const auto by = f.word(turn_fault_number))
        words += QStringLiteral(" · ") +
                 (by == turn_fault_key(TurnFault::YawAlone) ? QObject::tr("yaw alone") : QObject::tr("roll alone"));
    speed("entry_mps", QObject::tr("from %1"));
    length("height_gain_m", QObject::tr("gained %1"));
    number("turned_deg", QObject::tr("%1°"), 0);
    number("exit_deg", QObject::tr("%1° off level"), 0);
    number("bank_deg", QObject::tr("%1°"), 0);
    length("sink_m", QObject::tr("%1 lost"));
    speed("sink_mps", QStringLiteral("%1"));
    number("bounces", QObject::tr("%1 bounces"), 0);
    number("seconds", QObject::tr("%1 s"), 1);
    return words;
}

QString habitMeasureInWords(FindingKind kind)
{
    const HabitMeasure measure = habit_measure(kind);
    const QString unit = asWords(measure.unit), words = asWords(measure.words);
    return measure.unit == "a minute" ? QObject::tr("%1 a minute").arg(words) : QObject::tr("%1 %2").arg(unit, words);
}

QString habitValueInWords(FindingKind kind, double value)
{
    const int decimals = value < 10 && habit_measure(kind).unit != "%" ? 1 : 0;
    return QObject::tr("%1 %2").arg(inPlaces(value, decimals)).arg(habitMeasureInWords(kind));
}

} // namespace bh::desk
