// Own main: the desk needs its application object before anything else, and a platform even where there is no display.
#define CATCH_CONFIG_RUNNER
#include <catch2/catch.hpp>

#include "desk/parts/look/theme.h"
#include "desk/shell/acts/trouble.h"
#include "desk/words/language.h"

#include <QApplication>
#include <QTemporaryDir>

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM") && qEnvironmentVariableIsEmpty("DISPLAY"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const QTemporaryDir chosen; // preferences of nobody, and of no other program that runs beside this one
    qputenv("XDG_CONFIG_HOME", chosen.path().toLocal8Bit());
    bh::desk::Application application(argc, argv);
    bh::desk::speak(application, QStringLiteral("en"));
    bh::desk::applyTheme(application, false);
    const int failed = Catch::Session().run(argc, argv);
    QApplication::processEvents(); // preferences that were changed last are written now, and not when their folder has gone
    return failed;
}
