#include "desk/drills/score_card.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/criteria_panel.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/unit_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QTableWidget>
#include <memory>

namespace bh::desk {
namespace {

enum Column { Key, What, How, Value, ItsLimits, Columns };

QString howInWords(ByEye how)
{
    switch (how) {
    case ByEye::Tally: return ScoreCard::tr("each time");
    case ByEye::Watch: return ScoreCard::tr("begin, end");
    case ByEye::Share: return ScoreCard::tr("out, back in");
    case ByEye::Judged: return ScoreCard::tr("judge it");
    case ByEye::Sticks: return ScoreCard::tr("from the sticks");
    case ByEye::Sides: return ScoreCard::tr("follows");
    }
    return {};
}

} // namespace

ScoreCard::ScoreCard(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    setObjectName(QStringLiteral("scoreCard"));
    setAccessibleName(tr("Score card for a drill flown in another simulator"));
    setFocusPolicy(Qt::StrongFocus);
    name_ = new QLabel;
    name_->setFont(uiFont(head_points, true));
    instruction_ = new QLabel;
    instruction_->setObjectName(QStringLiteral("cardInstruction"));
    instruction_->setFont(uiFont(text_points));
    instruction_->setWordWrap(true);
    watch_ = new QLabel;
    watch_->setObjectName(QStringLiteral("cardWatch"));
    watch_->setFont(uiFont(30, true));
    watch_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    explain(watch_, tr("Stopwatch from start to end, as pressed here."));
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("cardWords"));
    words_->setWordWrap(true);

    table_ = readingTable("cardTable", tr("Criteria, each with its key"),
                          {tr("Key"), tr("Watch for"), tr("Press"), tr("Seen"), tr("Not passed / pass / merit")}, What);
    table_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents); // a long name goes on below
    table_->installEventFilter(this);                                              // its keys are the card's
    explain(table_, {tr("Press it; Backspace takes the last one back."),
                     tr("The drill's criteria; what is not judged has no weight, but a \"must\" has to be judged to pass."),
                     tr("How the key is meant."), tr("As pressed so far; from the sticks where \"Watch outside\" is on."),
                     tr("The drill's own limits.")});
    connect(table_, &QTableWidget::cellClicked, this, [this](int row) { press(static_cast<std::size_t>(row)); });

    simulator_ = new QComboBox;
    simulator_->setObjectName(QStringLiteral("cardSimulator"));
    simulator_->setAccessibleName(tr("Simulator it is flown in"));
    simulator_->setToolTip(tr("Where it is flown; the attempt says so"));
    for (const SimulatorProfile& s : school_.simulators()) simulator_->addItem(asWords(s.name), QString::fromStdString(s.id));
    simulator_->addItem(tr("another simulator"), QString());
    makeButtons();
    auto* head = new QHBoxLayout;
    auto* names = new QVBoxLayout;
    names->addWidget(name_);
    names->addWidget(instruction_);
    head->addLayout(names, 1);
    head->addWidget(watch_);
    auto* keys = new QHBoxLayout;
    keys->setSpacing(8);
    for (QPushButton* b : {start_, crash_, down_, next_, off_}) keys->addWidget(b);
    keys->addStretch();
    marking_ = new QHBoxLayout;
    marking_->setSpacing(8);
    marking_->addStretch();
    auto* foot = new QHBoxLayout;
    foot->addWidget(new QLabel(tr("Flown in")));
    foot->addWidget(simulator_);
    foot->addStretch();
    foot->addWidget(keep_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(8, 4, 8, 4); // room for the frame that shows where the keyboard is
    layout->setSpacing(8);
    layout->addLayout(head);
    layout->addLayout(keys);
    layout->addWidget(table_, 1);
    layout->addLayout(marking_);
    layout->addWidget(words_);
    layout->addLayout(foot);

    clock_.start();
    timer_.setInterval(100);
    connect(&timer_, &QTimer::timeout, this, [this] {
        takeSticks();
        refresh();
    });
    connect(&station_, &Station::pilotChosen, this, &ScoreCard::refresh);
    refresh();
}

void ScoreCard::makeButtons()
{
    start_ = tabButton(tr("Start (Space)"), "cardStart", tr("Starts and stops the watch"));
    setPrimary(start_);
    crash_ = tabButton(tr("Crash (C)"), "cardCrash", tr("Counts a crash and times the throttle"));
    down_ = tabButton(tr("Throttle cut (T)"), "cardDown", tr("The throttle is at the bottom after the crash"));
    next_ = tabButton(tr("Next (Enter)"), "cardNext", tr("Goes on to the next instruction"));
    off_ = tabButton(tr("Broken off (X)"), "cardOff", tr("Ends it before the drill was flown to its end"));
    keep_ = tabButton(tr("Keep (K)"), "cardKeep", tr("Onto the pilot's record, marked as observed"));
    connect(start_, &QPushButton::clicked, this, &ScoreCard::startOrStop);
    connect(crash_, &QPushButton::clicked, this, &ScoreCard::crashed);
    connect(down_, &QPushButton::clicked, this, &ScoreCard::throttleDown);
    connect(next_, &QPushButton::clicked, this, &ScoreCard::nextPart);
    connect(off_, &QPushButton::clicked, this, &ScoreCard::breakOff);
    connect(keep_, &QPushButton::clicked, this, &ScoreCard::keep);
}

void ScoreCard::setDrill(const Drill* drill)
{
    if (running()) return;
    timer_.stop();
    said_.clear();
    kept_ = false;
    sticks_ = {};
    // Sticks that follow a demonstration can only be scored here.
    if (drill && !drill->sticks_only)
        flight_.emplace(*drill);
    else
        flight_.reset();
    while (marking_->count() > 1) {
        const std::unique_ptr<QLayoutItem> item(marking_->takeAt(0));
        delete item->widget();
    }
    table_->setRowCount(flight_ ? static_cast<int>(flight_->drill().criteria.size()) : 0);
    for (int row = 0; row < table_->rowCount(); ++row) {
        const Criterion& c = flight_->drill().criteria[static_cast<std::size_t>(row)];
        const ByEye how = facts_of(c.measure).by_eye;
        const bool has_key = how != ByEye::Sticks && how != ByEye::Sides && row < 9;
        const auto put = [&](int column, const QString& text, bool bold = false) {
            auto* item = new QTableWidgetItem(text);
            item->setFont(uiFont(text_points, bold));
            table_->setItem(row, column, item);
        };
        put(Key, has_key ? QString::number(row + 1) : QString(), true);
        put(What, asWords(c.label) + (c.must ? tr(" (must)") : c.to_hold ? tr(" (to hold)") : QString()), c.must);
        put(How, howInWords(how));
        if (has_key) marking_->insertWidget(marking_->count() - 1, keyButton(row, howInWords(how)));
        put(Value, {}, true);
        const auto words = [&](double v) { return valueInWords(v, c.unit()); };
        put(ItsLimits, QStringLiteral("%1 / %2 / %3").arg(words(c.fail), words(c.pass), words(c.merit)));
    }
    refresh();
}

/// The same as the key, for a mouse and for who presses by name.
QPushButton* ScoreCard::keyButton(int row, const QString& how)
{
    const auto criterion = static_cast<std::size_t>(row);
    auto* button = tabButton(tr("Mark %1").arg(row + 1), "", how);
    button->setObjectName(QStringLiteral("cardKey%1").arg(row + 1));
    button->setAccessibleName(tr("%1: %2").arg(asWords(flight_->drill().criteria[criterion].label), how));
    button->installEventFilter(this); // its keys are the card's, as everywhere on it
    connect(button, &QPushButton::clicked, this, [this, criterion] { press(criterion); });
    return button;
}

void ScoreCard::startOrStop()
{
    if (!flight_ || station_.pilotId().empty()) return;
    if (flight_->running()) {
        flight_->stop(now_s(), true);
        timer_.stop();
    } else {
        kept_ = false;
        said_.clear();
        sticks_ = {};
        sticks_.has_position = false;
        sticks_from_s_ = -1;
        flight_->start(now_s());
        timer_.start();
    }
    refresh();
}

void ScoreCard::press(std::size_t criterion)
{
    if (!flight_ || kept_) return;
    flight_->press(criterion, now_s());
    pressed_ = criterion;
    refresh();
}

void ScoreCard::breakOff()
{
    if (!running()) return;
    flight_->stop(now_s(), false);
    timer_.stop();
    refresh();
}

void ScoreCard::crashed()
{
    if (flight_) flight_->crash(now_s());
    refresh();
}

void ScoreCard::throttleDown()
{
    if (flight_) flight_->throttle_down(now_s());
    refresh();
}

void ScoreCard::nextPart()
{
    if (running()) flight_->next_phase();
    refresh();
}

/// Rows of the sticks alone, for as long as practice outside is watched.
void ScoreCard::takeSticks()
{
    if (!running() || !station_.watchingOutside() || station_.controllerState() != Station::Controller::Ready) return;
    const auto fresh = station_.input().sticks_after(sticks_after_s_);
    if (!fresh) return;
    const bool first = sticks_from_s_ < 0;
    for (const TimedSticks& sample : *fresh) {
        if (sample.t_s <= sticks_after_s_) continue;
        sticks_after_s_ = sample.t_s;
        if (first) continue; // from before the start
        FlightSample row;
        row.t_s = sample.t_s - sticks_from_s_;
        row.sticks = sample.sticks;
        if (sticks_.size() == 0 || row.t_s > sticks_.t_s.back()) sticks_.append(row);
    }
    if (first) sticks_from_s_ = sticks_after_s_;
}

void ScoreCard::keep()
{
    if (!flight_ || !flight_->over() || kept_ || station_.pilotId().empty()) return;
    const Score score = flight_->score(now_s(), sticks());
    const std::string session = station_.beginPractice();
    if (session.empty()) return;
    JudgedAttempt row = judged_attempt(score, flight_->drill().modes.front());
    row.pilot_id = station_.pilotId();
    row.session_id = session;
    row.observed = true;
    row.simulator = simulator_->currentData().toString().toStdString();
    kept_ = !school_.add_attempt(std::move(row), nullptr).empty();
    if (kept_) said_ = tr("Kept as observed in %1. Space scores another one.").arg(simulator_->currentText());
    refresh();
}

bool ScoreCard::eventFilter(QObject* object, QEvent* event)
{
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(object, event);
    auto* key = static_cast<QKeyEvent*>(event);
    if (key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab) return false;
    keyPressEvent(key);
    return true;
}

void ScoreCard::keyPressEvent(QKeyEvent* event)
{
    if (flight_ && event->key() >= Qt::Key_1 && event->key() <= Qt::Key_9 && event->key() - Qt::Key_1 < table_->rowCount()) {
        if (!event->isAutoRepeat()) press(static_cast<std::size_t>(event->key() - Qt::Key_1));
        return;
    }
    switch (event->key()) {
    case Qt::Key_Space: return event->isAutoRepeat() ? void() : startOrStop();
    case Qt::Key_Backspace:
        if (flight_) flight_->take_back(pressed_);
        return refresh();
    case Qt::Key_C: return crashed();
    case Qt::Key_T: return throttleDown();
    case Qt::Key_Return:
    case Qt::Key_Enter: return nextPart();
    case Qt::Key_X: return breakOff();
    case Qt::Key_K: return keep();
    default: QWidget::keyPressEvent(event);
    }
}

void ScoreCard::refresh()
{
    const Theme& t = theme();
    const bool pilot = !station_.pilotId().empty(), over = flight_ && flight_->over();
    name_->setText(flight_ ? tr("%1, by eye").arg(asWords(flight_->drill().name)) : tr("By eye"));
    instruction_->setText(!flight_ ? QString() : asWords(flight_->drill().phases[flight_->phase()].instruction));
    watch_->setText(QStringLiteral("%1 s").arg(inPlaces(flight_ ? flight_->time_s(now_s()) : 0, 1)));
    start_->setEnabled(flight_ && pilot);
    start_->setText(running() ? tr("Done (Space)") : over ? tr("Again (Space)") : tr("Start (Space)"));
    for (QPushButton* b : {crash_, next_, off_}) b->setEnabled(running());
    down_->setEnabled(flight_ && flight_->waits_for_throttle());
    keep_->setEnabled(over && !kept_ && pilot);
    simulator_->setEnabled(!running());
    const Score score = flight_ ? flight_->score(now_s(), sticks()) : Score{};
    for (int row = 0; row < table_->rowCount(); ++row) {
        const CriterionScore& c = score.criteria[static_cast<std::size_t>(row)];
        QTableWidgetItem* item = table_->item(row, Value);
        const bool ticking = flight_->ticking(static_cast<std::size_t>(row));
        item->setText(c.value ? valueInWords(*c.value, c.criterion.unit()) + (ticking ? QStringLiteral(" …") : QString())
                              : QStringLiteral("–"));
        item->setForeground(!c.value ? t.soft : c.passed() ? t.held : t.notMet);
    }
    words_->setText(!flight_ ? tr("Choose a drill that flies; sticks that follow a demonstration are scored in the flight.")
                    : !pilot ? tr("Add a pilot on the left first; the attempt is kept on the pilot's record.")
                    : !said_.isEmpty() ? said_
                    : over             ? tr("%1. %2 K keeps it.").arg(verdictInWords(score), asWords(summary_of(score)))
                    : flight_->waits_for_throttle() ? tr("Crashed: press T when the throttle is at the bottom.")
                    : running() ? tr("Press a key when it happens; Backspace takes the last one back. Space ends it.")
                                : tr("The pilot flies in the other simulator; you keep the keys. Turn on \"Watch outside\" to "
                                     "have the sticks measured too. Space starts."));
}

} // namespace bh::desk
