// What reaches the loudspeaker: a sound server of this test's own, with a loudspeaker that nobody hears and that is recorded, and
// the system's own Speech Dispatcher on it. Run as a program of its own, as the sound server has to be there before Qt looks.
#include "desk/parts/forms/preferences.h"
#include "desk/parts/speech/voice.h"

#include <QCoreApplication>
#include <QFile>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTest>
#include <catch2/catch.hpp>
#include <cmath>
#include <csignal>
#include <cstdint>

using namespace bh::desk;

namespace {

constexpr int rate_hz = 44100;

/// The sound server, the recorder of its loudspeaker, and whoever speaks through it.
class Loudspeaker {
public:
    Loudspeaker()
    {
        const QByteArray home = place_.path().toUtf8();
        for (const char* name : {"HOME", "XDG_RUNTIME_DIR", "XDG_CONFIG_HOME", "XDG_CACHE_HOME", "PULSE_RUNTIME_PATH"})
            qputenv(name, home);
        qputenv("PULSE_SERVER", "unix:" + home + "/sound");
        const QString socket = "socket=" + place_.filePath("sound");
        server_.start("pulseaudio", {"--daemonize=no", "--exit-idle-time=-1", "--disable-shm", "-n", "-L",
                                     "module-native-protocol-unix auth-anonymous=1 " + socket, "-L",
                                     QStringLiteral("module-null-sink sink_name=loudspeaker rate=%1").arg(rate_hz)});
        REQUIRE(QTest::qWaitFor([&] { return QFile::exists(place_.filePath("sound")); }, 20'000));
        recorder_.start("parec", {"--device=loudspeaker.monitor", "--format=s16le", "--channels=1", "--raw", "--latency-msec=20",
                                  QStringLiteral("--rate=%1").arg(rate_hz)});
        REQUIRE(QTest::qWaitFor([&] { return recorder_.bytesAvailable() > 0; }, 20'000));
    }
    ~Loudspeaker()
    {
        QFile speaker(place_.filePath("speech-dispatcher/pid/speech-dispatcher.pid"));
        if (speaker.open(QIODevice::ReadOnly)) kill(speaker.readAll().trimmed().toInt(), SIGTERM);
        for (QProcess* p : {&recorder_, &server_}) {
            p->terminate();
            p->waitForFinished();
        }
    }
    /// What was heard for so long, from now on.
    std::vector<double> heard(int for_ms)
    {
        recorder_.readAll();
        QTest::qWait(for_ms);
        const QByteArray bytes = recorder_.readAll();
        std::vector<double> samples(static_cast<std::size_t>(bytes.size()) / 2);
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] = reinterpret_cast<const std::int16_t*>(bytes.constData())[i] / 32768.0;
        return samples;
    }

private:
    QTemporaryDir place_;
    QProcess server_, recorder_;
};

struct Tone {
    double hz = 0, seconds = 0, peak_db = -200; ///< 0 dB: full scale
};

/// Of what is louder than a hundredth of full scale: how long from its first to its last moment, and how often it rises through
/// 0.
Tone tone_in(const std::vector<double>& samples)
{
    const auto loud = [](double s) { return std::abs(s) > 0.01; };
    const auto from = std::find_if(samples.begin(), samples.end(), loud);
    const auto to = std::find_if(samples.rbegin(), samples.rend(), loud).base();
    if (from >= to) return {};
    int rises = 0;
    double peak = 0;
    for (auto s = from + 1; s < to; ++s) {
        rises += s[-1] < 0 && *s >= 0;
        peak = std::max(peak, std::abs(*s));
    }
    const double seconds = static_cast<double>(to - from) / rate_hz;
    return {rises / seconds, seconds, 20 * std::log10(peak)};
}

/// Seconds, in steps of a tenth, in which something is heard.
double loud_s(const std::vector<double>& samples)
{
    constexpr std::size_t step = rate_hz / 10;
    int steps = 0;
    for (std::size_t i = 0; i + step <= samples.size(); i += step)
        steps +=
            std::any_of(samples.begin() + static_cast<std::ptrdiff_t>(i), samples.begin() + static_cast<std::ptrdiff_t>(i + step),
                        [](double s) { return std::abs(s) > 0.01; });
    return steps * 0.1;
}

} // namespace

TEST_CASE("the tones and the words of a flight come out of the loudspeaker", "[.sound]")
{
    for (const char* program : {"pulseaudio", "parec", "spd-say"})
        if (QStandardPaths::findExecutable(program).isEmpty()) {
            WARN("skipped: " << program << " is not installed, so nothing can be listened to");
            return;
        }
    Loudspeaker loudspeaker;
    Voice voice;

    // Off by default: silence.
    voice.sound(880);
    voice.say("Nobody hears this.");
    CHECK(loud_s(loudspeaker.heard(1500)) == 0);

    preferences().setSounds(true);
    for (const double hz : {880.0, 220.0}) {
        voice.sound(hz);
        const Tone tone = tone_in(loudspeaker.heard(1200));
        CAPTURE(hz);
        CHECK(tone.hz == Approx(hz).margin(10));
        CHECK(tone.seconds == Approx(0.15).margin(0.03));
        CHECK(tone.peak_db == Approx(-24).margin(1)); // quiet
    }
    preferences().setSounds(false);

    preferences().setSpeaks(true);
    const QString sentences =
        "One metre above the middle. Two metres above the middle. Three metres above the middle. Four metres above it.";
    voice.say(sentences);
    const double all_s = loud_s(loudspeaker.heard(14'000)); // the speech starts with its first word
    CHECK(all_s > 3);
    voice.say(sentences + " " + sentences);
    REQUIRE(QTest::qWaitFor([&] { return loud_s(loudspeaker.heard(200)) > 0; }, 20'000)); // it begins
    voice.say("Land.");
    const double broken_off_s = loud_s(loudspeaker.heard(8000));
    CAPTURE(all_s, broken_off_s);
    CHECK(broken_off_s > 0.1);
    CHECK(broken_off_s < all_s); // what is new breaks off what is old: nearly twice as long was to come
    voice.say(sentences);        // handed over while the one before still is: the last is heard
    voice.say("Turn.");
    voice.say("Land.");
    const double last_s = loud_s(loudspeaker.heard(6000));
    CAPTURE(last_s);
    CHECK(last_s > 0.1);
    CHECK(last_s < all_s / 2);
    preferences().setSpeaks(false);
}
