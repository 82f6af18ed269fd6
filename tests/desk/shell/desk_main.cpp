// Own main: the desk needs its application object before anything else, and a platform even where there is no display.
#define CATCH_CONFIG_RUNNER
#include <catch2/catch.hpp>

#include "clock_watch.h"
#include "desk/parts/look/theme.h"
#include "desk/shell/acts/trouble.h"
#include "desk/words/language.h"

#include <QApplication>
#include <QTemporaryDir>
#include <cstdio>

int main(int argc, char** argv)
{
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM") && qEnvironmentVariableIsEmpty("DISPLAY"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    const QTemporaryDir chosen; // preferences of nobody, and of no other program that runs beside this one
    qputenv("XDG_CONFIG_HOME", chosen.path().toLocal8Bit());
    bh::desk::Application application(argc, argv);
    bh::desk::speak(application, QStringLiteral("en"));
    bh::desk::applyTheme(application, false);
    const ClockWatch clock;
    const int failed = Catch::Session().run(argc, argv);
    QApplication::processEvents(); // preferences that were changed last are written now, and not when their folder has gone
    // What keeps time with a hand is not failed by a machine that does not keep time: ctest takes this number for "skipped".
    constexpr int skipped = 77;
    if (const auto why = clock.too_slow(); failed && why && qEnvironmentVariableIsSet("BH_KEEPS_TIME")) {
        std::printf("skipped: this machine was too slow, because %s\n", why->c_str());
        return skipped;
    }
    return failed;
}
