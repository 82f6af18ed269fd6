#pragma once

#include "desk/parts/speech/spoken_view.h"
#include "files/documents/coaching_document.h"

#include <QImage>
#include <QTimer>
#include <memory>
#include <optional>

class QMediaPlayer;
class QVideoSink;

namespace bh::desk {

/// A screen recording beside a session's sticks: shows the picture of the cursor's moment, and plays with it.
class VideoView : public SpokenView {
    Q_OBJECT
public:
    explicit VideoView(QWidget* parent = nullptr);
    ~VideoView() override;
    /// A path that does not begin at the root lies below `folder`; nothing: none lies beside this session.
    void show(const std::optional<SessionVideo>& video, const std::filesystem::path& folder = {});
    /// The session's time; while it plays, the picture follows by itself and is only put right when it runs off.
    void setTime(double t_s, bool playing, double pace);
    void setOffset(double offset_s); ///< the session's second at which the recording begins
    [[nodiscard]] double offset() const { return video_ ? video_->offset_s : 0; }
    [[nodiscard]] bool hasPicture() const { return !picture_.isNull(); }
    [[nodiscard]] QString message() const { return said_; } ///< what is wrong; empty: nothing
    [[nodiscard]] double pictureAt() const;                 ///< the recording's own time of the picture shown, s
    [[nodiscard]] QString inWords() const override;

protected:
    void paintEvent(QPaintEvent*) override;

private:
    void openPlayer();
    void makePlayer();
    void askAgain();
    std::optional<SessionVideo> video_;
    std::unique_ptr<QMediaPlayer> player_; ///< made when the first recording is shown
    std::unique_ptr<QVideoSink> sink_;
    QImage picture_;
    QString said_, file_;
    double time_s_ = 0, asked_s_ = -1;
    QTimer again_, reopen_;
    int times_asked_ = 0, times_opened_ = 0;
};

} // namespace bh::desk
