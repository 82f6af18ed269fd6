#pragma once

#include <QBuffer>
#include <QElapsedTimer>
#include <QObject>
#include <QProcess>
#include <memory>

class QAudioSink;

namespace bh::desk {

/// What is heard: words by the system's Speech Dispatcher in the window's language, through its own command so that nothing waits
/// for it, and quiet tones. The newest words are the ones that count: one that comes while others are handed over waits for that,
/// and takes the place of what waited.
/// Uses neither before the preferences want it; where the computer has none, nothing is heard.
class Voice : public QObject {
    Q_OBJECT
public:
    explicit Voice(QObject* parent = nullptr);
    ~Voice() override;
    void say(const QString& words);
    void sound(double tone_hz); ///< a quiet tone of 0.15 s, once a second however often it is asked for
    /// Whether this computer can speak, without asking it to.
    [[nodiscard]] static bool canSpeak();

Q_SIGNALS:
    void said(const QString& words); ///< is being spoken
    void sounded(double tone_hz);

private:
    void speak(const QString& words);
    void spoken(bool well);
    QProcess speaker_;   ///< hands over words, a moment's work
    QString at_, next_;  ///< what it is handing over, and what came meanwhile
    bool again_ = false; ///< it hands over what it could not before
    std::unique_ptr<QAudioSink> sink_;
    QByteArray samples_;
    QBuffer tone_;
    QElapsedTimer since_tone_;
};

/// A sine of 16-bit mono samples that swells and dies away without a click, 24 dB under full.
[[nodiscard]] QByteArray toneSamples(double tone_hz, double seconds, int rate_hz);

} // namespace bh::desk
