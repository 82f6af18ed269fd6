#include "desk/board/week_panel.h"

#include "desk/board/bays_dialog.h"
#include "desk/board/week_grid.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/paper/paper.h"
#include "desk/parts/paper/paper_window.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "files/text/file_text.h"
#include "station/station.h"

#include <QApplication>
#include <QBoxLayout>
#include <QDate>
#include <QFileDialog>
#include <QLabel>
#include <QLocale>
#include <QPointer>
#include <QScrollArea>
#include <QThreadPool>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

QDate dateOf(const std::string& day) { return QDate::fromString(QString::fromStdString(day), Qt::ISODate); }

QString dayText(const std::string& day) { return weekdayInWords(dateOf(day)); }

QString startText(int minutes) { return QStringLiteral("%1:%2").arg(minutes / 60).arg(minutes % 60, 2, 10, QLatin1Char('0')); }

bool isAt(const PlannedBlock& b, const std::string& bay, const std::string& day, int start_min)
{
    return b.bay == bay && b.day == day && b.start_min == start_min;
}

} // namespace

WeekPanel::WeekPanel(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station), week_(week_of(school.today()))
{
    grid_ = new WeekGrid(school_);
    auto* scroll = new QScrollArea;
    scroll->setWidget(grid_);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    waitingTitle_ = partTitle(tr("Could not be placed"));
    waiting_ = new QLabel;
    waiting_->setObjectName(QStringLiteral("weekWaiting"));
    waiting_->setWordWrap(true);
    waiting_->setTextFormat(Qt::RichText);
    waiting_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* waitingScroll = new QScrollArea;
    waitingScroll->setWidget(waiting_);
    waitingScroll->setWidgetResizable(true);
    waitingScroll->setFrameShape(QFrame::NoFrame);
    waitingScroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    constexpr int least_waiting_px = 76;
    waitingScroll->setMinimumHeight(scaled(least_waiting_px));
    auto* waiting = new QVBoxLayout;
    waiting->setSpacing(4);
    waiting->addWidget(waitingTitle_);
    waiting->addWidget(waitingScroll, 1);
    body_ = new QBoxLayout(QBoxLayout::LeftToRight);
    body_->setSpacing(16);
    body_->addWidget(scroll, 4);
    body_->addLayout(waiting, 1);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("weekSaid"));
    said_->setWordWrap(true);
    said_->hide();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addLayout(makeHead());
    layout->addWidget(said_);
    layout->addLayout(body_, 1);
    layout->addLayout(makeFoot());
    connect(grid_, &WeekGrid::chosenChanged, this, &WeekPanel::tell);
    connect(grid_, &WeekGrid::moved, this, &WeekPanel::moveBlock);
    connect(&school_, &School::changed, this, &WeekPanel::refresh);
    connect(&themeNews(), &ThemeNews::changed, grid_, qOverload<>(&QWidget::update));
}

QLayout* WeekPanel::makeHead()
{
    name_ = partTitle();
    name_->setObjectName(QStringLiteral("weekName"));
    name_->setWordWrap(false);
    auto* back = namedButton(QStringLiteral("◂"), "weekBack", tr("The week before"));
    auto* on = namedButton(QStringLiteral("▸"), "weekOn", tr("The week after"));
    back->setAccessibleName(back->toolTip());
    on->setAccessibleName(on->toolTip());
    plan_ = namedButton(tr("Plan"), "weekPlan", tr("The best week that the rules allow; what is locked stays"));
    setPrimary(plan_);
    stop_ = namedButton(tr("Stop"), "weekStop", tr("Keeps the best that was found so far"));
    publish_ = namedButton(tr("Publish"), "weekPublish",
                           tr("From now on people know it; later plans change as little of it as they can"));
    auto* out = namedButton(tr("Calendar …"), "weekCalendar", tr("As iCalendar: the week, a bay, or the chosen pilot"));
    auto* paper = namedButton(tr("For the door …"), "weekPaper", tr("On paper"));
    bays_ = namedButton(tr("Bays …"), "weekBays", tr("Which bays there are, and when the school is open"));
    auto* when = namedButton(tr("Who can when …"), "weekAvailable", tr("When the chosen pilot can come, and how much is wanted"));
    connect(back, &QPushButton::clicked, this, [this] { go(-1); });
    connect(on, &QPushButton::clicked, this, [this] { go(1); });
    connect(plan_, &QPushButton::clicked, this, &WeekPanel::plan);
    connect(stop_, &QPushButton::clicked, this, [this] { planning_.stop(); });
    connect(publish_, &QPushButton::clicked, this, [this] { publish_week(school_, week_); });
    connect(out, &QPushButton::clicked, this, &WeekPanel::handOut);
    connect(paper, &QPushButton::clicked, this, [this] {
        showOnPaper(this, QString::fromStdString(week_) + QStringLiteral(".pdf"),
                    name_->text().replace(QLatin1Char('\n'), QStringLiteral(", ")), onPaperNow());
    });
    connect(bays_, &QPushButton::clicked, this, [this] {
        auto* dialog = new BaysDialog(school_, this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    connect(when, &QPushButton::clicked, this, [this] {
        if (!school_.pilot(station_.pilotId())) return say(tr("Choose a pilot on the left."));
        auto* dialog = new AvailabilityDialog(school_, station_.pilotId(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->open();
    });
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    for (QWidget* w : std::initializer_list<QWidget*>{back, name_, on, plan_, stop_, publish_}) row->addWidget(w);
    row->addStretch();
    for (QWidget* w : std::initializer_list<QWidget*>{when, bays_, out, paper}) row->addWidget(w);
    return row;
}

QLayout* WeekPanel::makeFoot()
{
    chosen_ = new QLabel;
    chosen_->setObjectName(QStringLiteral("weekChosen"));
    chosen_->setWordWrap(true);
    lock_ = namedButton(tr("Lock"), "weekLock", tr("The chosen block stays where it is when the week is planned again"));
    remove_ = namedButton(tr("Take out"), "weekRemove", tr("The chosen block"));
    closed_ = namedButton(tr("Bay is down"), "weekClosed", tr("The bay of the chosen block is closed that day, or open again"));
    connect(lock_, &QPushButton::clicked, this, &WeekPanel::toggleLock);
    connect(remove_, &QPushButton::clicked, this, &WeekPanel::removeBlock);
    connect(closed_, &QPushButton::clicked, this, &WeekPanel::toggleClosed);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addWidget(chosen_, 1);
    for (QPushButton* b : {lock_, remove_, closed_}) row->addWidget(b);
    return row;
}

/// The whole week before anything else: what could not be placed stands beside it, or below where that would hide a day.
void WeekPanel::arrange()
{
    constexpr int least_beside_px = 160;
    const bool below = width() < grid_->minimumWidth() + 16 + scaled(least_beside_px);
    body_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    body_->setSpacing(below ? 8 : 16);
    waiting_->setText(waitingLines_.join(below ? QStringLiteral("<br>") : QStringLiteral("<br><br>")));
}

void WeekPanel::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    arrange();
}

void WeekPanel::say(const QString& words)
{
    said_->setText(words);
    said_->setVisible(!words.isEmpty());
}

void WeekPanel::showWeek(const std::string& week)
{
    if (days_of_week(week).empty()) return;
    week_ = week;
    say({});
    fill();
}

void WeekPanel::go(int weeks)
{
    const QDate monday = QDate::fromString(QString::fromStdString(days_of_week(week_).front()), Qt::ISODate);
    showWeek(week_of(QDate(1970, 1, 1).daysTo(monday) + 7 * weeks));
}

void WeekPanel::showEvent(QShowEvent*)
{
    if (stale_) fill();
}

void WeekPanel::refresh()
{
    stale_ = true;
    if (isVisible()) fill();
}

void WeekPanel::fill()
{
    stale_ = false;
    const auto days = days_of_week(week_);
    const PlannedWeek planned = planned_week(school_, week_);
    name_->setText(tr("Week %1 of %2\n%3 to %4")
                       .arg(QString::fromStdString(week_.substr(6)), QString::fromStdString(week_.substr(0, 4)),
                            shortDate(dateOf(days.front())), shortDate(dateOf(days.back()))));
    const auto asked = week_asked(school_, week_);
    const bool may = school_.may_do(Act::PlanWeek).has_value();
    plan_->setEnabled(asked && may && !planning());
    stop_->setVisible(planning());
    publish_->setEnabled(asked && may && planned.blocks != planned.published);
    grid_->setVisible(asked.has_value());
    waitingTitle_->setVisible(asked.has_value());
    setPrimary(plan_, asked.has_value());
    setPrimary(bays_, !asked);
    if (!asked) {
        say(tr("%1. The week is planned here: who flies when, in which bay, and who could not be placed and why.")
                .arg(asWords(capital(asked.error().message))));
        waitingLines_.clear();
        arrange();
        return tell();
    }
    grid_->show(*asked, planned);
    showWaiting();
    arrange();
    tell();
}

void WeekPanel::showWaiting()
{
    const auto asked = week_asked(school_, week_);
    if (!asked) return;
    const PlannedWeek planned = planned_week(school_, week_);
    std::vector<PlannedBlock> free = planned.blocks; // locked ones are no part of the problem any more
    std::erase_if(free, [](const PlannedBlock& b) { return b.locked; });
    QStringList lines;
    for (const ShortPilot& s : short_pilots(asked->problem, places_of(*asked, free))) {
        QStringList because;
        for (const WeekRule rule : s.because) because << asWords(week_rule_words(rule));
        const double hours = s.short_blocks * school_.values().bays->slot_minutes / 60.0;
        const QString name =
            QString::fromStdString(asked->problem.pilots[static_cast<std::size_t>(s.pilot)].name).toHtmlEscaped();
        const QString missing = inPlaces(hours, hours == std::floor(hours) ? 0 : 1);
        if (because.isEmpty())
            lines << tr("<b>%1</b>: %2 h short, and there is room.").arg(name, missing);
        else
            lines << (s.together ? tr("<b>%1</b>: %2 h short, because of all of these: %3.")
                                 : tr("<b>%1</b>: %2 h short, because of: %3."))
                         .arg(name, missing, because.join(s.together ? tr(" and ") : tr(", or ")));
    }
    QStringList silent;
    for (const Pilot& p : school_.pilots())
        if (!school_.file(p.id).available) silent << QString::fromStdString(p.name).toHtmlEscaped();
    if (!silent.isEmpty()) lines << tr("Nobody said when: %1.").arg(silent.join(QStringLiteral(", ")));
    waitingLines_ = lines.isEmpty() ? QStringList{tr("Everybody has what was wanted.")} : lines;
}

void WeekPanel::tell()
{
    const auto block = grid_->isVisible() ? grid_->chosen() : std::nullopt;
    const bool may = school_.may_do(Act::PlanWeek).has_value();
    for (QPushButton* b : {lock_, remove_, closed_}) b->setEnabled(block && may);
    if (grid_->isHidden()) return chosen_->clear(); // there is no week yet
    if (!block) {
        const PlannedWeek planned = planned_week(school_, week_);
        chosen_->setText(
            planned.version == 0
                ? tr("Not published yet. A block is dragged to another place, or onto another block to change with it.")
                : tr("Published, version %1; dashed blocks are new since.").arg(planned.version));
        return;
    }
    lock_->setText(block->locked ? tr("Unlock") : tr("Lock"));
    const PlannedWeek planned = planned_week(school_, week_);
    const bool down =
        std::find(planned.closed.begin(), planned.closed.end(), std::pair(block->bay, block->day)) != planned.closed.end();
    closed_->setText(down ? tr("Bay is open") : tr("Bay is down"));
    QString words = tr("%1, %2, %3 %4: %5.")
                        .arg(QString::fromStdString(school_.file(block->pilot_id).row.name), QString::fromStdString(block->bay),
                             dayText(block->day), startText(block->start_min), asWords(to_fly(school_, block->pilot_id)));
    if (state_of(school_, *block) == BlockState::Missed) words += tr(" Nobody flew.");
    if (state_of(school_, *block) == BlockState::Flown) words += tr(" Flown.");
    chosen_->setText(words);
}

/// Another place, or an exchange with who is there. A rule that is broken by it is said at once; the coordinator decides.
void WeekPanel::moveBlock(const PlannedBlock& from, const std::string& bay, const std::string& day, int start_min)
{
    PlannedWeek planned = planned_week(school_, week_);
    const auto length = from.end_min - from.start_min;
    for (PlannedBlock& b : planned.blocks) {
        const bool is_it = b.pilot_id == from.pilot_id && isAt(b, from.bay, from.day, from.start_min);
        if (is_it)
            b.bay = bay, b.day = day, b.start_min = start_min, b.end_min = start_min + length;
        else if (isAt(b, bay, day, start_min))
            b.bay = from.bay, b.day = from.day, b.start_min = from.start_min, b.end_min = from.end_min;
    }
    if (!keep_week(school_, week_, planned, "moved")) return;
    auto asked = week_asked(school_, week_);
    if (!asked) return;
    QStringList broken;
    PlannedWeek unlocked = planned;
    for (PlannedBlock& b : unlocked.blocks) b.locked = false;
    const auto places = places_of(*asked, unlocked.blocks);
    for (const BrokenRule& rule : broken_rules(asked->problem, places)) {
        if (rule.rule == WeekRule::TooMany) continue; // what is locked is wanted no more
        const QString words =
            tr("%1: %2").arg(QString::fromStdString(asked->problem.pilots[static_cast<std::size_t>(rule.block.pilot)].name),
                             asWords(week_rule_words(rule.rule)));
        if (!broken.contains(words)) broken << words;
    }
    PlannedBlock there = from;
    there.bay = bay, there.day = day, there.start_min = start_min;
    grid_->choose(there);
    say(broken.isEmpty() ? tr("Moved. Ctrl+Z takes it back.")
                         : tr("Moved, and a rule is broken: %1. Ctrl+Z takes it back.").arg(broken.join(QStringLiteral("; "))));
}

void WeekPanel::toggleLock()
{
    const auto block = grid_->chosen();
    if (!block) return;
    PlannedWeek planned = planned_week(school_, week_);
    for (PlannedBlock& b : planned.blocks)
        if (b == *block) b.locked = !b.locked;
    keep_week(school_, week_, planned, block->locked ? "unlocked" : "locked");
}

void WeekPanel::removeBlock()
{
    const auto block = grid_->chosen();
    if (!block) return;
    PlannedWeek planned = planned_week(school_, week_);
    std::erase(planned.blocks, *block);
    keep_week(school_, week_, planned, "taken out");
}

void WeekPanel::toggleClosed()
{
    const auto block = grid_->chosen();
    if (!block) return;
    PlannedWeek planned = planned_week(school_, week_);
    const std::pair closed{block->bay, block->day};
    if (std::erase(planned.closed, closed) == 0) planned.closed.push_back(closed);
    keep_week(school_, week_, planned, "bay closed or opened");
    say(tr("Plan again to place who was there."));
}

void WeekPanel::plan()
{
    const auto asked = week_asked(school_, week_);
    if (!asked || planning()) return;
    say(tr("Planning …"));
    plan_->setEnabled(false);
    stop_->setVisible(true);
    planning_.start(
        this,
        [self = QPointer<QObject>(this), panel = this, problem = asked->problem](const std::stop_token& stop) {
            PlanOptions options;
            options.goes_on = [&](int done, int of) {
                Background::tell(self, [panel, done, of] { panel->say(tr("Planning: %1 of %2 …").arg(done + 1).arg(of)); });
                return !stop.stop_requested();
            };
            return plan_week(problem, options);
        },
        [this, asked = *asked](Result<WeekPlan> plan) {
            if (plan)
                keepPlan(asked, *plan);
            else
                say(asWords(plan.error()));
        });
}

void WeekPanel::keepPlan(const WeekAsked& asked, const WeekPlan& plan)
{
    PlannedWeek planned = planned_week(school_, week_);
    planned.blocks = blocks_of(asked, plan);
    keep_week(school_, week_, planned, "planned");
    fill();
    const auto changes = plan.objective.empty() ? 0 : plan.objective.back();
    say(plan.optimal
            ? tr("Planned: %1 blocks, as many as the rules allow; %2 changes to what was published.")
                  .arg(planned.blocks.size())
                  .arg(planned.version > 0 ? changes : 0)
            : tr("Stopped: %1 blocks, at most %2 % from the best.").arg(planned.blocks.size()).arg(inPlaces(100 * plan.gap, 0)));
}

void WeekPanel::handOut()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const QString file = QFileDialog::getSaveFileName(this, tr("Calendar to write"),
                                                      placeToWrite(QString::fromStdString(week_) + QStringLiteral(".ics")),
                                                      tr("iCalendar (*.ics)"));
    if (file.isEmpty()) return;
    // A file named after a bay or the chosen pilot is that one's; any other is the whole week's.
    std::string of_pilot, of_bay;
    if (pilot && file.contains(QString::fromStdString(pilot->name))) of_pilot = pilot->id;
    if (school_.values().bays)
        for (const WeekBay& bay : school_.values().bays->bays)
            if (file.contains(QString::fromStdString(bay.name))) of_bay = bay.name;
    const auto known = known_blocks(planned_week(school_, week_));
    const auto written = write_whole(file.toStdString(), week_calendar(school_, week_, known, of_pilot, of_bay), true);
    say(written ? tr("Written: %1").arg(file) : asWords(written.error()));
}

QString WeekPanel::onPaperNow() const
{
    const PlannedWeek planned = planned_week(school_, week_);
    QString html =
        QStringLiteral("<p>%1</p>")
            .arg(planned.version == 0 ? tr("A draft, not published.") : tr("As published, version %1.").arg(planned.version));
    const auto& blocks = planned.version == 0 ? planned.blocks : planned.published;
    for (const std::string& day : days_of_week(week_)) {
        QList<QStringList> rows;
        for (const PlannedBlock& b : blocks)
            if (b.day == day)
                rows.push_back({startText(b.start_min), onPaper(QString::fromStdString(b.bay)),
                                onPaper(QString::fromStdString(school_.file(b.pilot_id).row.name)),
                                onPaper(asWords(to_fly(school_, b.pilot_id)))});
        if (!rows.isEmpty())
            html += QStringLiteral("<h2>%1</h2>").arg(dayText(day)) +
                    paperTable({tr("At"), tr("Bay"), tr("Pilot"), tr("To fly")}, rows);
    }
    return html;
}

} // namespace bh::desk
