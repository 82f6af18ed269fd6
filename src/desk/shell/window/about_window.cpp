#include "desk/shell/window/about_window.h"

#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"

#include <QApplication>
#include <QBoxLayout>
#include <QFile>
#include <QIcon>
#include <QLabel>
#include <QTextBrowser>

namespace bh::desk {

AboutWindow::AboutWindow(QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("aboutWindow"));
    setWindowTitle(tr("About Blue Hangar"));
    resize(openingSize(*this, 620, 480));
    auto* icon = new QLabel;
    icon->setPixmap(QIcon(QStringLiteral(":/resources/icons/bluehangar.svg")).pixmap(64));
    icon->setAccessibleName(tr("Blue Hangar's mark"));
    auto* name = new QLabel(tr("Blue Hangar %1").arg(QApplication::applicationVersion()));
    name->setFont(uiFont(head_points, true));
    auto* what = new QLabel(tr("The desk for coordinating simulator training of drone pilots."));
    auto* words = new QVBoxLayout;
    words->addWidget(name);
    words->addWidget(what);
    auto* head = new QHBoxLayout;
    head->setSpacing(16);
    head->addWidget(icon);
    head->addLayout(words, 1);
    auto* licences = new QTextBrowser;
    licences->setObjectName(QStringLiteral("aboutLicences"));
    licences->setAccessibleName(tr("Licences"));
    QFile font(QStringLiteral(":/resources/fonts/OFL.txt"));
    const QString font_licence = font.open(QIODevice::ReadOnly) ? QString::fromUtf8(font.readAll()) : QString();
    licences->setPlainText(tr("Blue Hangar is free software under the GNU General Public License, version 3 or later. It comes "
                              "without any warranty.\n\n"
                              "It is built on free libraries, each under its own licence: Qt %1 (LGPL 3), QCustomPlot (GPL 3), "
                              "SDL (zlib), Eigen (MPL 2), "
                              "NLopt (LGPL and MIT), CBC (EPL 2), libical (MPL 2), PostgreSQL's libpq (PostgreSQL), SQLite "
                              "(public domain), libsodium "
                              "(ISC), libarchive (BSD), zlib (zlib), Boost (BSL), JSON for Modern C++ (MIT), fast_float (Apache "
                              "2 or MIT), CLI11 (BSD), "
                              "tl::expected (CC0).\n\nIts typefaces:\n\n%2")
                               .arg(QString::fromLatin1(qVersion()), font_licence));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 16, 16, 16);
    layout->setSpacing(16);
    layout->addLayout(head);
    layout->addWidget(licences, 1);
}

} // namespace bh::desk
