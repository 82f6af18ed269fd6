#include "desk/board/room_panel.h"

#include "desk/parts/flight/stick_pair.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>

namespace bh::desk {
namespace {

QString pilotName(const School& school, const StationNow& now)
{
    const std::string& name = school.file(now.pilot_id).row.name;
    return name.empty() ? QObject::tr("Nobody chosen") : QString::fromStdString(name);
}

/// What is flown there, in words.
QString flownInWords(const School& school, const StationNow& now)
{
    if (!now.flying()) return QObject::tr("Nothing flies");
    const Drill* drill = school.drill(now.drill_id);
    return drill ? asWords(drill->name) : QObject::tr("Free flight");
}

QString stateInWords(const School& school, const StationNow& now)
{
    if (!now.flying()) return {};
    if (now.over) return QObject::tr("over");
    if (now.crashed) return QObject::tr("crashed");
    if (now.paused) return QObject::tr("paused");
    const Drill* drill = school.drill(now.drill_id);
    const std::size_t phases = drill ? drill->phases.size() : 0;
    if (phases < 2 || !now.armed) return now.armed ? QObject::tr("in the air") : QObject::tr("motors off");
    return QObject::tr("part %1 of %2").arg(std::min<std::size_t>(phases, static_cast<std::size_t>(now.phase) + 1)).arg(phases);
}

QString marksInWords(const StationNow& now)
{
    if (!now.flying() || !now.marks) return {};
    return (now.over ? QObject::tr("%1 marks") : QObject::tr("%1 marks so far")).arg(inPlaces(*now.marks, 0));
}

} // namespace

StationCard::StationCard(const School& school, QWidget* parent) : QPushButton(parent), school_(school)
{
    setCheckable(true);
    setMinimumSize(sizeHint());
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize StationCard::sizeHint() const { return {scaled(236), scaled(124)}; }

void StationCard::show(const StationNow& now)
{
    now_ = now;
    QStringList words{QString::fromStdString(now.name), pilotName(school_, now), flownInWords(school_, now),
                      stateInWords(school_, now), marksInWords(now)};
    words.removeAll(QString());
    setAccessibleName(words.join(QStringLiteral(", ")));
    update();
}

void StationCard::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(isChecked() || hasFocus() ? t.steel : t.line, isChecked() ? 2.5 : 1));
    p.setBrush(t.card);
    p.drawRoundedRect(QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5), 4, 4);
    const QRectF inside = QRectF(rect()).adjusted(12, 8, -12, -8);
    const auto line = [&](int top, const QFont& font, const QColor& colour, const QString& words, double width, int align) {
        p.setFont(font);
        p.setPen(colour);
        p.drawText(QRectF(align & Qt::AlignRight ? inside.right() - width : inside.left(), inside.top() + scaled(top), width,
                          scaled(20)),
                   align | Qt::AlignVCenter, QFontMetricsF(font).elidedText(words, Qt::ElideRight, width));
    };
    const double wide = inside.width();
    line(0, uiFont(small_points), t.soft, QString::fromStdString(now_.name), wide - scaled(90), Qt::AlignLeft);
    line(0, uiFont(small_points), now_.crashed && !now_.over ? t.caution : t.soft, stateInWords(school_, now_), scaled(90),
         Qt::AlignRight);
    line(20, uiFont(text_points, true), t.ink, pilotName(school_, now_), wide, Qt::AlignLeft);
    line(41, uiFont(text_points), t.ink, flownInWords(school_, now_), wide, Qt::AlignLeft);
    const QRectF sticks(inside.right() - 92, inside.bottom() - 42, 92, 42);
    paintStickPair(p, sticks, now_.sticks, stick_mode(now_.stick_mode), t.steel, t.ink);
    if (!now_.flying()) return;
    p.translate(0, inside.height() - scaled(42));
    line(0, uiFont(text_points, true), t.ink, marksInWords(now_), wide - 104, Qt::AlignLeft);
    p.resetTransform();
    const QRectF bar(inside.left(), inside.bottom() - 10, wide - 110, 6);
    p.fillRect(bar, t.line);
    p.fillRect(QRectF(bar.left(), bar.top(), bar.width() * now_.phase_progress, bar.height()), t.steel);
}

RoomPanel::RoomPanel(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station), room_(station.room())
{
    heading_ = partTitle({});
    heading_->setObjectName(QStringLiteral("roomHeading"));
    empty_ = new QLabel;
    empty_->setObjectName(QStringLiteral("roomEmpty"));
    empty_->setWordWrap(true);
    empty_->setProperty("quiet", true);
    auto* cards = new QWidget;
    grid_ = new QGridLayout(cards);
    grid_->setContentsMargins(0, 0, 8, 0);
    grid_->setSpacing(8);
    auto* scroll = new QScrollArea;
    scroll->setWidget(cards);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    watching_ = new QWidget;
    watchedName_ = partTitle({});
    watchedName_->setObjectName(QStringLiteral("watchedName"));
    view_ = new WatchView(school_);
    auto* eye = new QPushButton(tr("Another view"));
    eye->setObjectName(QStringLiteral("watchEye"));
    eye->setToolTip(tr("From behind the aircraft, from the pilot's place, from the aircraft"));
    connect(eye, &QPushButton::clicked, view_, &WatchView::nextEye);
    auto* leave = new QPushButton(tr("Stop watching"));
    leave->setObjectName(QStringLiteral("watchLeave"));
    connect(leave, &QPushButton::clicked, this, [this] { watch({}); });
    auto* top = new QHBoxLayout;
    top->addWidget(watchedName_, 1);
    top->addWidget(eye);
    top->addWidget(leave);
    auto* side = new QVBoxLayout(watching_);
    side->setContentsMargins(0, 0, 0, 0);
    side->addLayout(top);
    side->addWidget(view_, 1);
    auto* both = new QHBoxLayout;
    both->setSpacing(8);
    both->addWidget(scroll, 1);
    both->addWidget(watching_, 1);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(heading_);
    layout->addWidget(empty_);
    layout->addLayout(both, 1);
    connect(&room_, &Room::changed, this, &RoomPanel::arrange);
    connect(&room_, &Room::told, this, &RoomPanel::take);
    connect(&school_, &School::server_changed, this, &RoomPanel::arrange);
    arrange();
}

void RoomPanel::resizeEvent(QResizeEvent*) { arrange(); }

void RoomPanel::arrange()
{
    const auto stations = room_.stations();
    for (auto card = cards_.begin(); card != cards_.end();) {
        if (room_.station(card->first)) {
            ++card;
            continue;
        }
        delete card->second;
        card = cards_.erase(card);
    }
    if (!room_.station(watched_)) watched_.clear();
    for (const StationNow* now : stations) // whoever flies is watched, until somebody chooses
        if (watched_.empty() && !left_ && now->flying() && !now->over) watched_ = now->id, view_->take(*now);
    // As many beside each other as there is room for.
    constexpr int most = 4, usual_px = 248;
    const int card_px = scaled(usual_px);
    const int columns = std::clamp((watched_.empty() ? width() : width() / 2) / card_px, 1, watched_.empty() ? most : 2);
    int at = 0;
    for (const StationNow* now : stations) {
        StationCard*& card = cards_[now->id];
        if (!card) {
            card = new StationCard(school_);
            card->setObjectName(QStringLiteral("station-") + QString::fromStdString(now->name));
            connect(card, &QPushButton::toggled, this, [this, id = now->id](bool on) {
                if (on != (watched_ == id)) watch(on ? id : std::string());
            });
            card->show(*now);
        }
        card->setChecked(watched_ == now->id);
        grid_->addWidget(card, at / columns, at % columns);
        ++at;
    }
    for (int column = 0; column < most; ++column) grid_->setColumnStretch(column, column < columns ? 1 : 0);
    grid_->setRowStretch(at / columns + 1, 1);
    const auto flying =
        std::count_if(stations.begin(), stations.end(), [](const StationNow* s) { return s->flying() && !s->over; });
    heading_->setText(stations.empty()       ? tr("No other station")
                      : stations.size() == 1 ? tr("1 other station, %1 flying").arg(flying)
                                             : tr("%1 other stations, %2 flying").arg(stations.size()).arg(flying));
    empty_->setVisible(stations.empty());
    empty_->setText(
        school_.server_away()
            ? tr("The server is away, and the other stations cannot be seen. What is flown here is kept here and handed over "
                 "when it is back.")
            : tr("Every station that works on this record is seen here while it runs: who sits there, what is flown, the marks "
                 "so far and both sticks. Start Blue Hangar at another station with the same record."));
    watching_->setVisible(!watched_.empty());
    refreshWatched();
}

void RoomPanel::take(const std::string& id)
{
    const StationNow* now = room_.station(id);
    const auto card = cards_.find(id);
    if (!now || card == cards_.end()) return;
    const auto in_the_air = [](const StationNow& s) { return s.flying() && !s.over; };
    const bool flew = in_the_air(card->second->shown());
    card->second->show(*now);
    if (id == watched_) view_->take(*now), refreshWatched();
    if (flew != in_the_air(*now)) arrange(); // the heading counts them
}

void RoomPanel::watch(const std::string& id)
{
    watched_ = id;
    left_ = id.empty();
    view_->clear();
    if (const StationNow* now = room_.station(id)) view_->take(*now);
    arrange();
}

void RoomPanel::refreshWatched()
{
    const StationNow* now = room_.station(watched_);
    if (now)
        watchedName_->setText(
            tr("%1: %2, %3").arg(QString::fromStdString(now->name), pilotName(school_, *now), flownInWords(school_, *now)));
}

} // namespace bh::desk
