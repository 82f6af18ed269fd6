#pragma once

#include "record/copies/verify.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <filesystem>
#include <functional>
#include <optional>
#include <thread>

namespace bh {

/// Verifies a record as a whole in a thread of its own, on its own connection: soon after the start, then every half hour, always
/// when nobody is busy. A record on a server, which every station looks at, four times a day, each at another moment.
class RecordWatch : public QObject {
    Q_OBJECT
public:
    static constexpr int first_after_ms = 20'000, again_after_ms = 1'800'000, busy_ask_ms = 10'000;

    static constexpr int apart_on_server_ms = 300'000, again_on_server_ms = 21'600'000;

    /// `busy`: not now, somebody flies.
    RecordWatch(RecordPlace record, VerifyOptions options, std::function<bool()> busy);
    ~RecordWatch() override; ///< waits for a verification that runs

    /// Keeps a copy of each day, once the record has been found good (see daily_copies.h).
    void keep_copies(int most) { copies_ = most; }
    [[nodiscard]] const QString& copy_trouble() const { return copy_trouble_; } ///< empty: none
    void verify_now();
    [[nodiscard]] bool running() const { return running_; }
    /// The last one's; nothing: none has ended yet.
    [[nodiscard]] const std::optional<VerifyReport>& report() const { return report_; }
    [[nodiscard]] UnixTime verified_at() const { return verified_at_; } ///< by the computer's clock

Q_SIGNALS:
    void changed();

private:
    void ended(VerifyReport report, QString copy_trouble);
    RecordPlace record_;
    VerifyOptions options_;
    std::function<bool()> busy_;
    QTimer timer_;
    std::thread thread_;
    bool running_ = false;
    int copies_ = 0;
    QString copy_trouble_;
    std::optional<VerifyReport> report_;
    UnixTime verified_at_ = 0;
};

} // namespace bh
