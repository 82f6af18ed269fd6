#include "desk/shell/window/status_bar.h"

#include "core/base/one_line.h"
#include "desk/parts/flight/stick_pair.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/look/theme.h"
#include "desk/shell/acts/trouble.h"
#include "desk/words/attempt_words.h"
#include "desk/words/flight_words.h"
#include "desk/words/message_words.h"
#include "school/lock.h"
#include "school/record_watch.h"
#include "school/school.h"
#include "station/station.h"

#include <QDateTime>
#include <QElapsedTimer>
#include <QHBoxLayout>
#include <QHelpEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QStyleOptionButton>
#include <QStylePainter>
#include <QToolTip>

namespace bh::desk {
namespace {

/// Where a sentence is longer than its place the end of it is left out, and the whole stands in its tip.
class SentenceButton : public QPushButton {
public:
    SentenceButton(const char* name, const QString& tip)
    {
        setObjectName(QLatin1String(name));
        setToolTip(tip);
        setFocusPolicy(Qt::TabFocus);
        setFlat(true);
    }

protected:
    void paintEvent(QPaintEvent*) override
    {
        QStylePainter painter(this);
        QStyleOptionButton option;
        initStyleOption(&option);
        constexpr int beside_px = 20;
        if (sizeHint().width() > width())
            option.text = fontMetrics().elidedText(option.text, Qt::ElideRight, width() - beside_px);
        painter.drawControl(QStyle::CE_PushButton, option);
    }
    bool event(QEvent* event) override
    {
        if (event->type() == QEvent::ToolTip && sizeHint().width() > width()) {
            QToolTip::showText(static_cast<QHelpEvent*>(event)->globalPos(), text(), this);
            return true;
        }
        return QPushButton::event(event);
    }
};

QString clockText(double seconds)
{
    const int s = static_cast<int>(seconds);
    return QStringLiteral("%1:%2:%3")
        .arg(s / 3600)
        .arg(s / 60 % 60, 2, 10, QLatin1Char('0'))
        .arg(s % 60, 2, 10, QLatin1Char('0'));
}

} // namespace

StickMiniature::StickMiniature(Station& station, QWidget* parent) : SpokenView(parent), station_(station)
{
    setFixedSize(58, 28);
    setAccessibleName(tr("Sticks, live"));
    connect(&station_, &Station::sticksMoved, this, [this, shown = QElapsedTimer()]() mutable {
        constexpr int seldom_ms = 500;
        if (preferences().lessMotion() && shown.isValid() && shown.elapsed() < seldom_ms) return;
        shown.start();
        saysOtherwise();
        update();
    });
}

QString StickMiniature::inWords() const { return sticksInWords(station_.input().sticks()); }

void StickMiniature::paintEvent(QPaintEvent*)
{
    const Theme& t = theme();
    const Sticks s = station_.input().sticks();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    paintStickPair(p, QRectF(2, 2, 54, 24), s, station_.stickMode(), t.chromeSoft, t.onChrome);
}

StatusBar::StatusBar(School& school, Station& station, const QString& recordName, QWidget* parent)
    : QFrame(parent), school_(school), station_(station), recordName_(recordName)
{
    setObjectName(QStringLiteral("statusBar"));
    setFixedHeight(scaled(38));
    controller_ = new QLabel;
    controller_->setObjectName(QStringLiteral("statusController"));
    practice_ = new QLabel;
    practice_->setObjectName(QStringLiteral("statusPractice"));
    practice_->setToolTip(
        tr("Active practice: motors armed, or a stick moved by more than 2 % within the last 10 s. The rest is idle."));
    record_ = new SentenceButton("statusRecord", tr("All about the record: its state, copies, people, erasing"));
    connect(record_, &QPushButton::clicked, this, &StatusBar::recordAsked);
    lock_ = tabButton({}, "statusLock", {});
    lock_->hide();
    connect(lock_, &QPushButton::clicked, this, &StatusBar::lockAsked);
    outside_ = new QPushButton(tr("Watch outside"));
    outside_->setObjectName(QStringLiteral("watchOutside"));
    outside_->setCheckable(true);
    outside_->setMinimumWidth(QFontMetrics(uiFont(text_points, true)).horizontalAdvance(outside_->text()) + 24); // on, it is bold
    outside_->setFocusPolicy(Qt::TabFocus);
    outside_->setToolTip(tr("Notices practice in another program: it begins when the sticks are worked there, ends two minutes "
                            "after they were left alone, "
                            "and is offered for the logbook"));
    connect(outside_, &QPushButton::toggled, &station_, &Station::watchOutside);
    connect(&station_, &Station::outsideChanged, this, &StatusBar::refresh);
    verified_ = new QPushButton;
    verified_->setObjectName(QStringLiteral("verified"));
    verified_->setFocusPolicy(Qt::TabFocus);
    verified_->hide();
    connect(verified_, &QPushButton::clicked, this, [this] {
        if (!watch_->report() || watch_->report()->problems.empty()) return watch_->verify_now();
        QStringList problems;
        for (const Message& problem : watch_->report()->problems) problems << asWords(problem);
        auto* trouble = new Trouble(school_.file_name(), problems, Trouble::MayRestore | Trouble::MayGoOn, window());
        trouble->setAttribute(Qt::WA_DeleteOnClose);
        trouble->show();
    });
    undo_ = new QPushButton;
    undo_->setObjectName(QStringLiteral("undo"));
    undo_->setFocusPolicy(Qt::TabFocus);
    viewing_ =
        tabButton({}, "sessionViewing", tr("What the pilot looks at in this session: another one each time it is pressed"));
    viewing_->hide();
    connect(viewing_, &QPushButton::clicked, this, [this] {
        const bool screen = school_.last_viewing(station_.pilotId()) == Viewing::Screen;
        school_.say_viewing(station_.sessionId(), screen ? Viewing::Goggles : Viewing::Screen);
    });
    auto* night = new QPushButton(tr("Night"));
    night->setObjectName(QStringLiteral("night"));
    night->setToolTip(tr("Dark colours for a dark room, Ctrl+L"));
    night->setFocusPolicy(Qt::TabFocus);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 0, 16, 0);
    layout->setSpacing(16);
    layout->addWidget(new StickMiniature(station_));
    layout->addWidget(controller_);
    layout->addWidget(outside_);
    layout->addWidget(practice_);
    layout->addWidget(viewing_);
    layout->addStretch();
    layout->addWidget(record_);
    layout->addWidget(verified_);
    layout->addWidget(lock_);
    layout->addWidget(undo_);
    layout->addWidget(night);
    connect(night, &QPushButton::clicked, this, &StatusBar::nightToggled);
    connect(undo_, &QPushButton::clicked, &school_, &School::undo);
    connect(&school_, &School::edits_changed, this, &StatusBar::refresh);
    connect(&school_, &School::flights_waiting_changed, this, &StatusBar::refresh);
    connect(&school_, &School::server_changed, this, &StatusBar::refresh);
    connect(&station_.room(), &Room::changed, this, &StatusBar::refresh);
    connect(&school_, &School::changed, this, [this] {
        sentence_.clear();
        refresh();
    });
    connect(&school_, &School::failed, this, [this](const Message& sentence) { say(asWords(sentence)); });
    connect(&station_, &Station::deviceChosen, this, &StatusBar::refresh);
    connect(&station_, &Station::devicesChanged, this, &StatusBar::refresh);
    connect(&station_, &Station::practiceTicked, this, &StatusBar::refresh);
    refresh();
}

void StatusBar::watch(RecordWatch& watch)
{
    watch_ = &watch;
    connect(&watch, &RecordWatch::changed, this, &StatusBar::showVerified);
    connect(&watch, &QObject::destroyed, this, [this] { verified_->hide(); });
    showVerified();
}

void StatusBar::watch(Lock& lock)
{
    who_ = &lock;
    connect(&lock, &Lock::changed, this, &StatusBar::showLock);
    showLock();
}

/// Who has unlocked the station, or that it is locked; nothing where no lock is wanted.
void StatusBar::showLock()
{
    const Person* person = who_->unlocked_by();
    lock_->setVisible(who_->in_use() || !who_->decided());
    lock_->setText(person ? QString::fromStdString(person->name) : who_->in_use() ? tr("Locked") : tr("No lock"));
    lock_->setToolTip(person           ? tr("Unlocked; a click or Ctrl+U locks it")
                      : who_->in_use() ? tr("A coordinator or an instructor unlocks it, Ctrl+U")
                                       : tr("Nobody has said yet who may do what"));
}

/// When the whole record was verified last, or how much was wrong; a click verifies it now, or says what.
void StatusBar::showVerified()
{
    verified_->show();
    verified_->setEnabled(!watch_->running());
    if (watch_->running()) return verified_->setText(tr("Verifying …"));
    if (!watch_->report()) {
        verified_->setText(tr("Verify"));
        verified_->setToolTip(tr("Checks every entry, every table, and every flight log and recording beside the record"));
        return;
    }
    const VerifyReport& report = *watch_->report();
    const QString at = QDateTime::fromSecsSinceEpoch(watch_->verified_at()).toString(QStringLiteral("HH:mm"));
    const auto problems = static_cast<int>(report.problems.size());
    verified_->setText(problems == 0   ? tr("Verified %1").arg(at)
                       : problems == 1 ? tr("1 problem")
                                       : tr("%1 problems").arg(problems));
    verified_->setToolTip(problems == 0
                              ? tr("%1 entries and what they name are as they were written. Again: click").arg(report.entries)
                              : tr("What is wrong with the record, and what can be done"));
}

void StatusBar::say(const QString& sentence)
{
    sentence_ = sentence;
    refresh();
}

void StatusBar::refresh()
{
    const QString name = asWords(station_.device().name);
    using State = Station::Controller;
    const State state = station_.controllerState();
    controller_->setText(state == State::Unplugged      ? tr("%1 is unplugged").arg(name)
                         : state == State::Uncalibrated ? tr("%1, not calibrated").arg(name)
                         : state == State::Unverified   ? tr("%1, not verified").arg(name)
                                                        : name);
    const PracticeClock& c = station_.practice();
    practice_->setText(station_.practising()     ? tr("Practice %1, idle %2").arg(clockText(c.active_s()), clockText(c.idle_s()))
                       : station_.outsideOffer() ? tr("Practice outside has ended: see Progress")
                       : station_.watchingOutside() && station_.outside().state() == OutsidePractice::State::Running
                           ? tr("Practice outside %1").arg(clockText(station_.outside().active_s()))
                           : tr("No practice running"));
    viewing_->setVisible(station_.practising());
    const Viewing seen = school_.last_viewing(station_.pilotId());
    viewing_->setText(seen == Viewing::Screen    ? tr("by the screen")
                      : seen == Viewing::Goggles ? tr("in goggles")
                                                 : tr("screen or goggles?"));
    record_->setText(recordInWords());
    const Edit* last = school_.undoable();
    undo_->setEnabled(last);
    undo_->setText(tr("Undo"));
    undo_->setToolTip(last ? tr("Undo the %1, Ctrl+Z").arg(editInWords(school_, *last)) : tr("Nothing to undo"));
}

/// What failed, what is on its way to the disk, or when something was saved last.
QString StatusBar::recordInWords() const
{
    if (!sentence_.isEmpty()) return sentence_;
    if (const int waiting = school_.flights_waiting(); waiting > 0)
        return waiting == 1 ? tr("Keeping the flight …") : tr("Keeping %1 flights …").arg(waiting);
    if (const int aside = school_.flights_aside(); aside > 0)
        return tr("%1 not kept yet, tried again: %2")
            .arg(aside == 1 ? tr("1 flight") : tr("%1 flights").arg(aside), school_.why_aside());
    const int for_server = school_.waiting_for_server();
    if (school_.server_away() || for_server > 0)
        return tr("%1, %2").arg(school_.server_away() ? tr("The server is away") : tr("Handing over to the server"),
                                for_server == 0   ? tr("nothing waits for it")
                                : for_server == 1 ? tr("1 entry waits here")
                                                  : tr("%1 entries wait here").arg(for_server));
    const auto others = static_cast<int>(station_.room().stations().size());
    const QString shared = others == 0   ? QString()
                           : others == 1 ? tr(", shared with 1 station")
                                         : tr(", shared with %1 stations").arg(others);
    if (school_.saved_at() == 0) return recordName_ + shared;
    return tr("%1%2, saved %3")
        .arg(recordName_, shared, QDateTime::fromSecsSinceEpoch(school_.saved_at()).toString(QStringLiteral("HH:mm:ss")));
}

} // namespace bh::desk
