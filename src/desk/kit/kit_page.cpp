#include "desk/kit/kit_page.h"

#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "device/other_programs.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <cstdlib>

namespace bh::desk {
namespace {

constexpr double moving_for_s = 3; // a stick that moved this long ago still counts as moving
constexpr int slowest_ms = 16;
constexpr int look_each_ms = 500;

} // namespace

KitPage::KitPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("kitSummary"));
    summary_->setFont(uiFont(head_points, true));
    summary_->setWordWrap(true);
    explain(summary_, tr("Items of this list that are ticked on the chosen pilot's record, of those that it holds."));
    kind_ = new QComboBox;
    kind_->setObjectName(QStringLiteral("kitKind"));
    kind_->setAccessibleName(tr("Kind of station"));
    items_ = new QWidget;
    itemsLayout_ = new QVBoxLayout(items_);
    itemsLayout_->setContentsMargins(0, 0, 8, 0);
    itemsLayout_->setSpacing(8);
    auto* scroll = new FormScroll;
    scroll->setForm(items_);

    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(kind_, 0, Qt::AlignLeft);
    left->addWidget(scroll, 1);
    auto* columns = new QHBoxLayout;
    columns->setSpacing(16);
    columns->addLayout(left, 2);
    columns->addWidget(makeFinder(), 1, Qt::AlignTop);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addWidget(summary_);
    layout->addWidget(
        new BeginCard(tr("What this station needs before anybody flies, ticked off for each pilot, and what to do when "
                         "something does not work."),
                      school_, station_));
    layout->addLayout(columns, 1);

    if (auto lists = school_.data().kit())
        lists_ = std::move(*lists);
    else
        summary_->setText(asWords(lists.error()));
    if (auto faults = school_.data().faults())
        finder_.emplace(std::move(*faults));
    else
        question_->setText(asWords(faults.error()));
    for (const KitList& l : lists_) kind_->addItem(asWords(l.name), QString::fromStdString(l.id));

    connectAll();
    timer_.setInterval(look_each_ms);
    connect(&timer_, &QTimer::timeout, this, [this] {
        if (isVisible()) detect();
    });
    timer_.start();
    remakeList();
    showFinder();
    detect();
}

QWidget* KitPage::makeFinder()
{
    auto* title = new QLabel(tr("Fault finder"));
    title->setFont(uiFont(text_points, true));
    seen_ = new QLabel;
    seen_->setObjectName(QStringLiteral("kitSeen"));
    seen_->setWordWrap(true);
    explain(seen_, tr("Looked at every half second: devices that the system reports as joysticks; an axis that moved by more "
                      "than 300 counts within 3 s; "
                      "the median gap between reports, which should be at most %1 ms (house limit); programs that hold a "
                      "joystick's device file open.")
                       .arg(slowest_ms));
    find_ = new QPushButton(tr("Something does not work"));
    find_->setObjectName(QStringLiteral("findFault"));
    question_ = new QLabel;
    question_->setObjectName(QStringLiteral("faultQuestion"));
    question_->setWordWrap(true);
    question_->setFont(uiFont(head_points, true));
    yes_ = new QPushButton(tr("Yes"));
    yes_->setObjectName(QStringLiteral("faultYes"));
    setPrimary(yes_);
    no_ = new QPushButton(tr("No"));
    no_->setObjectName(QStringLiteral("faultNo"));
    back_ = new QPushButton(tr("Back"));
    back_->setObjectName(QStringLiteral("faultBack"));
    steps_ = new QLabel;
    steps_->setObjectName(QStringLiteral("quiet"));
    steps_->setWordWrap(true);
    auto* answers = new QHBoxLayout;
    for (QPushButton* b : {yes_, no_, back_}) answers->addWidget(b);
    answers->addStretch();
    auto* card = new QFrame;
    card->setObjectName(QStringLiteral("card"));
    auto* finder = new QVBoxLayout(card);
    finder->setContentsMargins(16, 8, 16, 8);
    finder->setSpacing(8);
    finder->addWidget(title);
    finder->addWidget(seen_);
    finder->addWidget(find_, 0, Qt::AlignLeft);
    finder->addWidget(question_);
    finder->addLayout(answers);
    finder->addWidget(steps_);
    return card;
}

void KitPage::connectAll()
{
    connect(kind_, &QComboBox::currentIndexChanged, this, &KitPage::remakeList);
    connect(find_, &QPushButton::clicked, this, [this] {
        if (!finder_) return;
        finding_ = true;
        finder_->start(facts_);
        showFinder();
    });
    connect(yes_, &QPushButton::clicked, this, [this] {
        finder_->answer(true, facts_);
        showFinder();
    });
    connect(no_, &QPushButton::clicked, this, [this] {
        finder_->answer(false, facts_);
        showFinder();
    });
    connect(back_, &QPushButton::clicked, this, [this] {
        finder_->back(facts_);
        showFinder();
    });
    connect(&station_, &Station::pilotChosen, this, [this] {
        showTicks();
        Q_EMIT progressChanged();
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::KitTick, Kind::Session, Kind::HouseRule}, station_.pilotId())) showTicks();
    });
    connect(&station_, &Station::devicesChanged, this, &KitPage::detect);
    connect(&station_, &Station::deviceChosen, this, &KitPage::detect);
}

void KitPage::showEvent(QShowEvent*) { detect(); }

const KitList* KitPage::list() const
{
    const int row = kind_->currentIndex();
    return row >= 0 && row < static_cast<int>(lists_.size()) ? &lists_[static_cast<std::size_t>(row)] : nullptr;
}

std::string KitPage::key(const KitItem& item) const { return list()->id + "/" + item.id; }

void KitPage::remakeList()
{
    while (QLayoutItem* item = itemsLayout_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    lines_.clear();
    const KitList* l = list();
    if (!l) return;
    int number = 0;
    for (const KitItem& item : l->items) {
        auto* row = new QWidget;
        auto* column = new QVBoxLayout(row);
        column->setContentsMargins(0, 0, 0, 0);
        column->setSpacing(0);
        auto* line = new QHBoxLayout;
        auto* box = new QCheckBox(tr("%1. %2").arg(++number).arg(asWords(item.text)));
        box->setObjectName(QStringLiteral("kit-") + QString::fromStdString(item.id));
        box->setAccessibleName(box->text());
        if (item.detect) box->setToolTip(tr("Ticks itself when it is seen."));
        auto* when = new QLabel;
        when->setObjectName(QStringLiteral("quiet"));
        when->setToolTip(item.each_session
                             ? tr("When it was last ticked. It must be so at every start: it is asked again after each session.")
                             : tr("When it was last ticked. It is asked again after %1 days (house).")
                                   .arg(school_.house().whole(Limit::KitDays)));
        line->addWidget(box, 1);
        line->addWidget(when);
        column->addLayout(line);
        if (!item.caution.empty()) {
            auto* caution = new QLabel(QStringLiteral("▲ ") + asWords(item.caution));
            caution->setObjectName(QStringLiteral("caution"));
            caution->setContentsMargins(24, 0, 0, 4);
            caution->setWordWrap(true);
            column->addWidget(caution);
        }
        itemsLayout_->addWidget(row);
        connect(box, &QCheckBox::clicked, this, [this, item](bool ticked) { tick(item, ticked); });
        lines_.push_back({box, when});
    }
    itemsLayout_->addStretch();
    showTicks();
    Q_EMIT progressChanged();
}

void KitPage::tick(const KitItem& item, bool ticked)
{
    if (!station_.pilotId().empty()) school_.tick_kit(station_.pilotId(), key(item), ticked);
    Q_EMIT progressChanged();
}

std::pair<int, int> KitPage::progress() const
{
    const KitList* l = list();
    if (!l || station_.pilotId().empty()) return {0, 0};
    int done = 0;
    const TickRules rules = school_.tick_rules(station_.pilotId());
    for (const ItemTick& row : school_.kit_ticks(station_.pilotId()))
        for (const KitItem& item : l->items)
            done += row.ticked && row.item == key(item) && tick_holds(item, row.at, school_.now(), rules);
    return {done, static_cast<int>(l->items.size())};
}

void KitPage::showTicks()
{
    const KitList* l = list();
    if (!l || lines_.size() != l->items.size()) return;
    const Pilot* pilot = school_.pilot(station_.pilotId());
    const auto ticks = pilot ? school_.kit_ticks(pilot->id) : std::vector<ItemTick>{};
    const TickRules rules = school_.tick_rules(station_.pilotId());
    for (std::size_t i = 0; i < lines_.size(); ++i) {
        const auto tick = std::find_if(ticks.begin(), ticks.end(), [&](const ItemTick& t) { return t.item == key(l->items[i]); });
        const bool ticked = tick != ticks.end() && tick->ticked;
        const QSignalBlocker quiet(lines_[i].box);
        const bool holds = ticked && tick_holds(l->items[i], tick->at, school_.now(), rules);
        lines_[i].box->setChecked(holds);
        lines_[i].box->setEnabled(pilot != nullptr);
        const QString day = ticked ? dayInWords(tick->at) : QString();
        lines_[i].when->setText(!ticked ? QString() : holds ? day : tr("last %1").arg(day));
    }
    const auto [done, all] = progress();
    summary_->setText(!pilot        ? tr("Choose or add a pilot on the left; the ticks are kept per pilot.")
                      : done == all ? tr("%1's station is complete. Next: Controller.").arg(QString::fromStdString(pilot->name))
                                    : tr("%1: %2 of %3 ticked. Work from the top; what can be seen ticks itself.")
                                          .arg(QString::fromStdString(pilot->name))
                                          .arg(done)
                                          .arg(all));
}

void KitPage::detect()
{
    const bool real = !station_.input().simulated() && station_.devicePresent();
    const double now = ControllerHub::now_s();
    const std::vector<int> counts = station_.input().counts();
    // Another device stands elsewhere; that is no movement.
    if (const int instance = station_.device().instance; instance != last_instance_) {
        last_instance_ = instance;
        last_counts_.clear();
        moved_at_s_ = -moving_for_s;
    }
    if (last_counts_.size() == counts.size())
        for (std::size_t i = 0; i < counts.size(); ++i)
            if (std::abs(counts[i] - last_counts_[i]) > 300) moved_at_s_ = now; // more than any jitter of a 16-bit axis
    last_counts_ = counts;
    const auto held = program_holding_a_joystick();
    held_by_ = held ? QString::fromStdString(*held) : QString();
    facts_.clear();
    facts_[Detected::DevicePresent] = real;
    if (real) {
        facts_[Detected::AxesMoving] = now - moved_at_s_ < moving_for_s;
        const double interval_ms = station_.sampleInterval_ms();
        if (interval_ms > 0) facts_[Detected::FastEnough] = interval_ms <= slowest_ms;
    }
    if (held) facts_[Detected::HeldByAnother] = true; // not seeing one proves nothing: then it is asked
    QStringList words;
    words << (real ? tr("Seen: %1.").arg(asWords(station_.device().name))
                   : tr("No controller is seen; the simulated one stands in."));
    if (real) words << (facts_[Detected::AxesMoving] ? tr("Its sticks move.") : tr("Its sticks stand still."));
    if (held) words << tr("%1 holds a controller as well.").arg(held_by_);
    seen_->setText(words.join(QLatin1Char(' ')));
    // What is seen ticks itself, once.
    const KitList* l = list();
    if (!l || station_.pilotId().empty() || !isVisible()) return;
    for (std::size_t i = 0; i < l->items.size() && i < lines_.size(); ++i) {
        const auto& wanted = l->items[i].detect;
        if (wanted && !lines_[i].box->isChecked() && facts_.contains(*wanted) && facts_.at(*wanted)) tick(l->items[i], true);
    }
}

void KitPage::showFinder()
{
    const FaultQuestion* q = finding_ && finder_ ? finder_->question() : nullptr;
    const FaultEnding* e = finding_ && finder_ ? finder_->ending() : nullptr;
    find_->setText(finding_ ? tr("From the start") : tr("Something does not work"));
    question_->setVisible(q || e || !finder_);
    if (q) question_->setText(asWords(q->ask));
    if (e) question_->setText(asWords(e->say));
    yes_->setVisible(q);
    no_->setVisible(q);
    back_->setVisible(finding_);
    QStringList steps;
    if (finding_ && finder_)
        for (const FaultFinder::Step& s : finder_->steps())
            steps << tr("%1 %2%3").arg(asWords(s.question), s.yes ? tr("Yes") : tr("No"),
                                       s.by_itself ? tr(" (seen here)") : QString());
    steps_->setText(steps.join(QLatin1Char('\n')));
    back_->setEnabled(!steps.isEmpty());
}

} // namespace bh::desk
