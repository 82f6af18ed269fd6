#include "desk/parts/speech/voice.h"

#include "desk/parts/forms/preferences.h"
#include "desk/words/language.h"

#include <QAudioSink>
#include <QMediaDevices>
#include <QStandardPaths>
#include <QTimer>
#include <cmath>
#include <cstdint>
#include <numbers>
#include <utility>

namespace bh::desk {
namespace {

const QString command = QStringLiteral("spd-say");
constexpr int rate_hz = 44100;
constexpr double tone_s = 0.15, swell_s = 0.02;
constexpr int tones_apart_ms = 1000, again_after_ms = 500;

} // namespace

QByteArray toneSamples(double tone_hz, double seconds, int rate)
{
    const double loudest = std::pow(10.0, -24.0 / 20) * INT16_MAX;
    const auto count = static_cast<qsizetype>(std::lround(seconds * rate));
    QByteArray samples(count * static_cast<qsizetype>(sizeof(std::int16_t)), Qt::Uninitialized);
    auto* sample = reinterpret_cast<std::int16_t*>(samples.data());
    for (qsizetype i = 0; i < count; ++i) {
        const double t = static_cast<double>(i) / rate;
        const double swell = std::clamp(std::min(t, seconds - t) / swell_s, 0.0, 1.0);
        sample[i] = static_cast<std::int16_t>(std::lround(loudest * swell * std::sin(2 * std::numbers::pi * tone_hz * t)));
    }
    return samples;
}

Voice::Voice(QObject* parent) : QObject(parent)
{
    speaker_.setProgram(command);
    speaker_.setStandardOutputFile(QProcess::nullDevice());
    speaker_.setStandardErrorFile(QProcess::nullDevice());
    connect(&speaker_, &QProcess::finished, this,
            [this](int code, QProcess::ExitStatus status) { spoken(code == 0 && status == QProcess::NormalExit); });
}

Voice::~Voice() { speaker_.disconnect(this); }

bool Voice::canSpeak() { return !QStandardPaths::findExecutable(command).isEmpty(); }

void Voice::say(const QString& words)
{
    if (!preferences().speaks() || words.isEmpty()) return;
    Q_EMIT said(words);
    again_ = false;
    if (speaker_.state() == QProcess::NotRunning)
        speak(words);
    else
        next_ = words;
}

void Voice::speak(const QString& words)
{
    at_ = words;
    // Its words of this priority break off those before: what is new counts more than the end of what is old.
    speaker_.setArguments({QStringLiteral("--application-name"), QStringLiteral("bluehangar"), QStringLiteral("--language"),
                           spokenLanguage(), QStringLiteral("--priority"), QStringLiteral("text"), QStringLiteral("--"), words});
    speaker_.start();
}

/// Speech Dispatcher begins with its first words and ends when it has had none for a while; what meets it in between is refused,
/// and taken a moment later.
void Voice::spoken(bool well)
{
    if (!next_.isEmpty()) return speak(std::exchange(next_, {}));
    if (well || std::exchange(again_, true)) return;
    QTimer::singleShot(again_after_ms, this, [this] {
        if (again_ && speaker_.state() == QProcess::NotRunning) speak(at_);
    });
}

void Voice::sound(double tone_hz)
{
    if (!preferences().sounds()) return;
    if (since_tone_.isValid() && since_tone_.elapsed() < tones_apart_ms) return;
    since_tone_.start();
    Q_EMIT sounded(tone_hz);
    if (!sink_) {
        const QAudioDevice device = QMediaDevices::defaultAudioOutput();
        if (device.isNull()) return;
        QAudioFormat format;
        format.setSampleRate(rate_hz);
        format.setChannelCount(1);
        format.setSampleFormat(QAudioFormat::Int16);
        sink_ = std::make_unique<QAudioSink>(device, format);
    }
    tone_.close();
    samples_ = toneSamples(tone_hz, tone_s, rate_hz);
    tone_.setBuffer(&samples_);
    tone_.open(QIODevice::ReadOnly);
    sink_->start(&tone_);
}

} // namespace bh::desk
