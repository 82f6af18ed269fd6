#include "desk/debrief/video_view.h"

#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QFileInfo>
#include <QMediaFormat>
#include <QMediaPlayer>
#include <QPainter>
#include <QUrl>
#include <QVideoFrame>
#include <QVideoSink>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

/// Without what opens a recording's container the player would fall over its own missing parts. What Qt lists does not name every
/// container that plays; AVI comes with the same package as those that screens are recorded in.
bool canPlay() { return QMediaFormat().supportedFileFormats(QMediaFormat::Decode).contains(QMediaFormat::AVI); }

} // namespace

VideoView::VideoView(QWidget* parent) : SpokenView(parent)
{
    setObjectName(QStringLiteral("videoView"));
    setAccessibleName(tr("Screen recording at the cursor"));
    setMinimumSize(220, 160);
    constexpr int again_ms = 300;
    again_.setSingleShot(true);
    again_.setInterval(again_ms);
    connect(&again_, &QTimer::timeout, this, &VideoView::askAgain);
    reopen_.setSingleShot(true);
    reopen_.setInterval(again_ms);
    connect(&reopen_, &QTimer::timeout, this, &VideoView::openPlayer);
}

VideoView::~VideoView() = default;

void VideoView::show(const std::optional<SessionVideo>& video, const std::filesystem::path& folder)
{
    const bool same = video && video_ && video->path == video_->path;
    video_ = video;
    if (same) return update();
    picture_ = {};
    said_.clear();
    asked_s_ = -1;
    player_.reset();
    again_.stop(), reopen_.stop();
    update();
    if (!video_) return;
    file_ = QString::fromStdString((folder / video_->path).string());
    if (!QFileInfo(file_).isFile()) {
        said_ = tr("The recording %1 is not there any more.").arg(file_);
        return;
    }
    if (!canPlay()) {
        said_ = tr("Recordings cannot be played at this computer: the package gstreamer1.0-plugins-good is not installed.");
        return;
    }
    times_opened_ = 0;
    openPlayer();
}

/// Opened anew a few times where it fails: a player that is busy may stumble over a file that is good.
void VideoView::openPlayer()
{
    if (!video_) return;
    ++times_opened_;
    asked_s_ = -1;
    player_.reset(); // one that has failed plays nothing else
    makePlayer();
    player_->setSource(QUrl::fromLocalFile(file_));
    player_->pause();
}

void VideoView::makePlayer()
{
    sink_ = std::make_unique<QVideoSink>();
    player_ = std::make_unique<QMediaPlayer>();
    player_->setVideoSink(sink_.get());
    connect(sink_.get(), &QVideoSink::videoFrameChanged, this, [this](const QVideoFrame& frame) {
        if (QImage image = frame.toImage(); !image.isNull()) picture_ = std::move(image);
        update();
    });
    connect(player_.get(), &QMediaPlayer::seekableChanged, this, [this](bool seekable) {
        if (!seekable || player_->playbackState() == QMediaPlayer::PlayingState) return;
        asked_s_ = -1; // what was asked for while it was being opened was not heard
        setTime(time_s_, false, 1);
    });
    connect(player_.get(), &QMediaPlayer::errorOccurred, this, [this](QMediaPlayer::Error, const QString& why) {
        if (!video_ || !said_.isEmpty()) return;
        constexpr int most_times = 3;
        again_.stop();
        if (times_opened_ < most_times) return reopen_.start();
        said_ = tr("The recording %1 cannot be played here (%2).")
                    .arg(QFileInfo(QString::fromStdString(video_->path)).fileName(), why.simplified());
        update();
    });
}

void VideoView::setOffset(double offset_s)
{
    if (!video_) return;
    video_->offset_s = offset_s;
    asked_s_ = -1;
    setTime(time_s_, false, 1);
}

double VideoView::pictureAt() const { return player_ ? static_cast<double>(player_->position()) / 1000 : 0; }

void VideoView::setTime(double t_s, bool playing, double pace)
{
    time_s_ = t_s;
    saysOtherwise();
    if (!player_ || !video_ || !said_.isEmpty()) return;
    const double wanted_s = std::max(0.0, t_s - video_->offset_s);
    const bool within =
        t_s >= video_->offset_s && (player_->duration() <= 0 || wanted_s * 1000 < static_cast<double>(player_->duration()));
    constexpr double runs_off_s = 0.15, same_s = 0.02;
    if (playing && within) {
        if (player_->playbackRate() != pace) player_->setPlaybackRate(pace);
        if (player_->playbackState() != QMediaPlayer::PlayingState) {
            player_->setPosition(static_cast<qint64>(wanted_s * 1000));
            player_->play();
        } else if (std::abs(pictureAt() - wanted_s) > runs_off_s * std::max(1.0, pace)) {
            player_->setPosition(static_cast<qint64>(wanted_s * 1000));
        }
        asked_s_ = -1;
        return;
    }
    if (player_->playbackState() == QMediaPlayer::PlayingState) player_->pause();
    if (std::abs(wanted_s - asked_s_) < same_s || !player_->isSeekable()) return;
    asked_s_ = wanted_s;
    times_asked_ = 0;
    player_->setPosition(static_cast<qint64>(wanted_s * 1000));
    again_.start();
    update();
}

/// A player that was busy may have let the wish go: it is said again until the picture is there.
void VideoView::askAgain()
{
    constexpr double there_s = 0.1;
    constexpr int most_times = 50;
    if (++times_asked_ > most_times) return;
    if (!player_ || !said_.isEmpty() || asked_s_ < 0 || player_->playbackState() == QMediaPlayer::PlayingState) return;
    const double least_s = std::min(asked_s_, std::max(0.0, static_cast<double>(player_->duration()) / 1000 - there_s));
    if (std::abs(pictureAt() - least_s) < there_s) return;
    player_->setPosition(static_cast<qint64>(asked_s_ * 1000));
    again_.start();
}

QString VideoView::inWords() const
{
    if (!said_.isEmpty()) return said_;
    if (!video_) return tr("A screen recording of this session can be laid beside its sticks: Lay a recording beside.");
    return picture_.isNull() ? tr("The recording is being opened.") : tr("The recording at %1 s").arg(inPlaces(time_s_, 1));
}

void VideoView::paintEvent(QPaintEvent*)
{
    QPainter p(this);
    const Theme& t = theme();
    p.fillRect(rect(), t.card);
    p.setPen(t.line);
    p.drawRect(rect().adjusted(0, 0, -1, -1));
    const QRect inside = rect().adjusted(10, 10, -10, -10);
    p.setFont(uiFont(small_points));
    if (!said_.isEmpty() || !video_ || picture_.isNull()) {
        p.setPen(said_.isEmpty() ? t.soft : t.notMet);
        p.drawText(inside, Qt::AlignCenter | Qt::TextWordWrap, inWords());
        return;
    }
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const QSize fitted = picture_.size().scaled(size() - QSize(2, 20), Qt::KeepAspectRatio);
    p.drawImage(QRect(QPoint((width() - fitted.width()) / 2, 1), fitted), picture_);
    p.setPen(t.soft);
    const bool outside = time_s_ < video_->offset_s;
    p.drawText(rect().adjusted(6, 0, -6, -3), Qt::AlignBottom | Qt::AlignLeft,
               outside ? tr("The recording begins at %1 s").arg(inPlaces(video_->offset_s, 1))
                       : tr("Recording at %1 s, begins at %2 s")
                             .arg(inPlaces(time_s_ - video_->offset_s, 1))
                             .arg(inPlaces(video_->offset_s, 1)));
}

} // namespace bh::desk
