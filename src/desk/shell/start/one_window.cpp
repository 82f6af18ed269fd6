#include "desk/shell/start/one_window.h"

#include "files/text/file_text.h"

#include <QCryptographicHash>
#include <QFileInfo>
#include <QLocalSocket>
#include <QThread>
#include <QWidget>
#include <unistd.h>

namespace bh::desk {
namespace {

QString nameFor(const std::filesystem::path& record)
{
    std::error_code error;
    const auto place = std::filesystem::weakly_canonical(std::filesystem::absolute(record, error), error);
    const QByteArray bytes = QByteArray::fromStdString(place.string()) + QByteArray::number(::getuid());
    constexpr int digits = 24; // a socket's path is short
    return QStringLiteral("bluehangar-") +
           QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex().left(digits));
}

} // namespace

OneWindow::OneWindow(const std::filesystem::path& record)
    : lock_(QString::fromStdString(record.string() + ".window")), name_(nameFor(record))
{
    lock_.setStaleLockTime(0); // held for as long as the program runs, however long
    connect(&server_, &QLocalServer::newConnection, this, [this] {
        while (QLocalSocket* other = server_.nextPendingConnection()) {
            connect(other, &QLocalSocket::disconnected, other, &QObject::deleteLater);
            Q_EMIT asked();
        }
    });
}

OneWindow::Found OneWindow::look()
{
    constexpr int tries = 20, pause_ms = 100;
    static_cast<void>(make_own_folder(QFileInfo(lock_.fileName()).absolutePath().toStdString())); // at the first start of all
    for (int i = 0; i < tries; ++i) { // the other one may be starting, or ending
        if (lock_.tryLock(0)) break;
        if (lock_.error() != QLockFile::LockFailedError) return Found::Alone; // no lock can be made here: nobody can be asked
        QLocalSocket other;
        other.connectToServer(name_);
        if (other.waitForConnected(pause_ms)) return Found::Raised;
        QThread::msleep(pause_ms);
    }
    if (!lock_.isLocked()) return Found::Silent;
    QLocalServer::removeServer(name_); // what a program that was ended has left
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    server_.listen(name_);
    return Found::Alone;
}

void OneWindow::answer_with(QWidget& window)
{
    connect(this, &OneWindow::asked, &window, [&window] {
        window.setWindowState(window.windowState() & ~Qt::WindowMinimized);
        window.show();
        window.raise();
        window.activateWindow();
    });
}

} // namespace bh::desk
