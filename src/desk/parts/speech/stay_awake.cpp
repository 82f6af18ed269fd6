#include "desk/parts/speech/stay_awake.h"

#include "station/station.h"

#include <QDBusInterface>
#include <QDBusReply>

namespace bh::desk {
namespace {

const QString saver = QStringLiteral("org.freedesktop.ScreenSaver");

// The freedesktop.org idle inhibition service, which desktops offer on the session bus.
QDBusMessage call(const char* method, const QVariantList& arguments)
{
    QDBusMessage message = QDBusMessage::createMethodCall(saver, QStringLiteral("/ScreenSaver"), saver, QLatin1String(method));
    message.setArguments(arguments);
    return message;
}

/// The session's bus where there is one; none is started for this, which would hold the window up for a second.
QDBusConnection sessionBus()
{
    if (qEnvironmentVariableIsEmpty("DBUS_SESSION_BUS_ADDRESS")) return QDBusConnection(QStringLiteral("no bus"));
    return QDBusConnection::sessionBus();
}

constexpr int patience_ms = 500;

} // namespace

StayAwake::StayAwake(Station& station, QObject* parent, std::function<QDBusConnection()> bus)
    : QObject(parent), station_(station), bus_(bus ? std::move(bus) : sessionBus)
{
    connect(&station_, &Station::practiceTicked, this, &StayAwake::follow);
}

StayAwake::~StayAwake() { release(); }

void StayAwake::follow()
{
    if (!station_.practising()) return release();
    if (cookie_) return;
    const QDBusConnection bus = bus_();
    if (!bus.isConnected()) {
        cookie_ = 0; // no desktop here: it is not looked for again while this practice runs
        return;
    }
    QDBusConnection(bus).connect(QString(), QString(), saver, QStringLiteral("ActiveChanged"), this, SLOT(screenChanged(bool)));
    const QDBusReply<unsigned> given =
        bus.call(call("Inhibit", {QStringLiteral("bluehangar"), tr("A pilot is flying")}), QDBus::Block, patience_ms);
    cookie_ = given.isValid() ? given.value() : 0; // a desktop that does not know it is not asked again and again
}

void StayAwake::screenChanged(bool dark)
{
    if (dark && station_.practising()) Q_EMIT wentDark();
}

void StayAwake::release()
{
    if (!cookie_) return;
    if (*cookie_ != 0) bus_().call(call("UnInhibit", {*cookie_}), QDBus::NoBlock);
    cookie_.reset();
}

} // namespace bh::desk
