#include "desk/parts/preferences.h"

#include "desk/words/shown_units.h"

#include <QSettings>
#include <QStandardPaths>
#include <algorithm>

namespace bh::desk {
namespace {

QSettings& store()
{
    static QSettings settings(QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation) +
                                  QStringLiteral("/preferences.ini"),
                              QSettings::IniFormat);
    return settings;
}

} // namespace

Preferences& preferences()
{
    static Preferences all;
    return all;
}

QString placeToWrite(const QString& name)
{
    const QString folder = preferences().folder();
    return folder.isEmpty() ? name : folder + QLatin1Char('/') + name;
}

Preferences::Preferences() { shownUnits() = {feetAndKnots(), systemDates()}; }

template <class Value>
void Preferences::put(const QString& key, const Value& value)
{
    if (store().contains(key) && store().value(key) == QVariant(value)) return;
    store().setValue(key, value);
    shownUnits() = {feetAndKnots(), systemDates()};
    Q_EMIT changed();
}

Preferences::Look Preferences::look() const
{
    const QString look = store().value(QStringLiteral("look"), QStringLiteral("day")).toString();
    return look == QLatin1String("night") ? Look::Night : look == QLatin1String("system") ? Look::AsSystem : Look::Day;
}
void Preferences::setLook(Look look)
{
    put(QStringLiteral("look"), QString::fromLatin1(look == Look::Night ? "night" : look == Look::AsSystem ? "system" : "day"));
}

int Preferences::textPercent() const
{
    constexpr int least = 100, most = 200;
    return std::clamp(store().value(QStringLiteral("text_percent"), least).toInt(), least, most);
}
void Preferences::setTextPercent(int percent) { put(QStringLiteral("text_percent"), percent); }

bool Preferences::feetAndKnots() const { return store().value(QStringLiteral("feet_and_knots"), false).toBool(); }
void Preferences::setFeetAndKnots(bool feet) { put(QStringLiteral("feet_and_knots"), feet); }

bool Preferences::systemDates() const { return store().value(QStringLiteral("system_dates"), false).toBool(); }
void Preferences::setSystemDates(bool system) { put(QStringLiteral("system_dates"), system); }

bool Preferences::menuShown() const { return store().value(QStringLiteral("menu"), true).toBool(); }
void Preferences::setMenuShown(bool shown) { put(QStringLiteral("menu"), shown); }

QString Preferences::folder() const { return store().value(QStringLiteral("folder")).toString(); }
void Preferences::setFolder(const QString& folder) { put(QStringLiteral("folder"), folder); }

QKeySequence Preferences::keys(const QString& command, const QKeySequence& usual) const
{
    const QVariant chosen = store().value(QStringLiteral("keys/") + command);
    return chosen.isValid() ? QKeySequence::fromString(chosen.toString(), QKeySequence::PortableText) : usual;
}
void Preferences::setKeys(const QString& command, const QKeySequence& keys, const QKeySequence& usual)
{
    const QString name = QStringLiteral("keys/") + command;
    if (keys != usual) return put(name, keys.toString(QKeySequence::PortableText));
    store().remove(name);
    Q_EMIT changed();
}

QStringList Preferences::recentRecords() const { return store().value(QStringLiteral("recent")).toStringList(); }
void Preferences::noteRecord(const QString& place)
{
    constexpr int most = 8;
    QStringList all = recentRecords();
    all.removeAll(place);
    all.prepend(place);
    store().setValue(QStringLiteral("recent"), all.mid(0, most));
}

void Preferences::keepPlace(const QString& window, const QByteArray& geometry)
{
    store().setValue(QStringLiteral("place/") + window, geometry);
}
QByteArray Preferences::placeOf(const QString& window) const
{
    return store().value(QStringLiteral("place/") + window).toByteArray();
}

} // namespace bh::desk
