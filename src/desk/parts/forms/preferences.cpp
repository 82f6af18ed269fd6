#include "desk/parts/forms/preferences.h"

#include "desk/words/shown_units.h"

#include <QFile>
#include <QSettings>
#include <QStandardPaths>
#include <algorithm>

namespace bh::desk {
namespace {

constexpr int least_text = 100, most_text = 200, usual_sampling_hz = 500;
constexpr QLatin1String text_key("text_percent"), motion_key("less_motion");

QSettings& store()
{
    static QSettings settings(QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation) +
                                  QStringLiteral("/preferences.ini"),
                              QSettings::IniFormat);
    return settings;
}

/// What a version before this one kept in a file of its own.
QString olderChoice(const QString& name)
{
    constexpr int longest = 2000;
    QFile file(QStandardPaths::writableLocation(QStandardPaths::AppConfigLocation) + QLatin1Char('/') + name);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readLine(longest)).trimmed() : QString();
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

Preferences::Preferences() : textPercent_(std::clamp(store().value(QString(text_key), least_text).toInt(), least_text, most_text))
{
    lessMotion_ = store().value(QString(motion_key), false).toBool();
    shownUnits() = {feetAndKnots(), systemDates()};
}

/// False: it was so already.
template <class Value>
bool Preferences::put(const QString& key, const Value& value)
{
    if (store().contains(key) && store().value(key) == QVariant(value)) return false;
    store().setValue(key, value);
    shownUnits() = {feetAndKnots(), systemDates()};
    Q_EMIT changed();
    return true;
}

Preferences::Look Preferences::look() const
{
    const QString look = store().value(QStringLiteral("look"), QStringLiteral("day")).toString();
    return look == QLatin1String("night") ? Look::Night : look == QLatin1String("system") ? Look::AsSystem : Look::Day;
}
void Preferences::setLook(Look look)
{
    const char* const word = look == Look::Night ? "night" : look == Look::AsSystem ? "system" : "day";
    if (put(QStringLiteral("look"), QString::fromLatin1(word))) Q_EMIT lookChanged();
}

void Preferences::setTextPercent(int percent)
{
    textPercent_ = std::clamp(percent, least_text, most_text);
    if (put(QString(text_key), textPercent_)) Q_EMIT lookChanged();
}

bool Preferences::feetAndKnots() const { return store().value(QStringLiteral("feet_and_knots"), false).toBool(); }
void Preferences::setFeetAndKnots(bool feet)
{
    if (put(QStringLiteral("feet_and_knots"), feet)) Q_EMIT lookChanged();
}

bool Preferences::systemDates() const { return store().value(QStringLiteral("system_dates"), false).toBool(); }
void Preferences::setSystemDates(bool system)
{
    if (put(QStringLiteral("system_dates"), system)) Q_EMIT lookChanged();
}

QString Preferences::language() const { return store().value(QStringLiteral("language")).toString(); }
void Preferences::setLanguage(const QString& tag) { put(QStringLiteral("language"), tag); }

bool Preferences::speaks() const { return store().value(QStringLiteral("speaks"), false).toBool(); }
void Preferences::setSpeaks(bool speaks) { put(QStringLiteral("speaks"), speaks); }
bool Preferences::sounds() const { return store().value(QStringLiteral("sounds"), false).toBool(); }
void Preferences::setSounds(bool sounds) { put(QStringLiteral("sounds"), sounds); }
int Preferences::samplingHz() const { return store().value(QStringLiteral("sampling_hz"), usual_sampling_hz).toInt(); }
void Preferences::setSamplingHz(int rate_hz) { put(QStringLiteral("sampling_hz"), rate_hz); }
void Preferences::setLessMotion(bool less)
{
    lessMotion_ = less;
    put(QString(motion_key), less);
}

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
    if (keys != usual) {
        put(name, keys.toString(QKeySequence::PortableText));
        return;
    }
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

bool Preferences::wasSaid(const QString& what) const { return store().value(QStringLiteral("said/") + what).toBool(); }
void Preferences::noteSaid(const QString& what) { store().setValue(QStringLiteral("said/") + what, true); }

QString Preferences::chosenRecord() const
{
    return store().value(QStringLiteral("record"), olderChoice(QStringLiteral("record"))).toString();
}
void Preferences::setChosenRecord(const QString& place) { put(QStringLiteral("record"), place); }
QString Preferences::stationName() const
{
    return store().value(QStringLiteral("station"), olderChoice(QStringLiteral("station"))).toString();
}
void Preferences::setStationName(const QString& name) { put(QStringLiteral("station"), name); }

} // namespace bh::desk
