#include "desk/drills/ladder_panel.h"

#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/wrapped.h"
#include "desk/parts/look/theme.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStyledItemDelegate>
#include <algorithm>

namespace bh::desk {
namespace {

enum LadderRole { DrillIdRole = Qt::UserRole + 1, StateRole, DetailRole, StageRole, LockedRole, NextRole };
constexpr int step_px = 46;
constexpr int rowsShown = 6, rowsBesideOpening = 4;

/// Where the words of a step stand.
struct StepPlace {
    QRect stage, name, detail;
};

QString stageOf(const QModelIndex& step)
{
    return step.data(NextRole).toBool() ? LadderPanel::tr("next") : step.data(StageRole).toString();
}

StepPlace placeOf(const QModelIndex& step, const QRect& box)
{
    const QRect words = box.adjusted(34, 5, -6, -4);
    const QFontMetrics small(uiFont(small_points, step.data(NextRole).toBool()));
    const int stage_px = small.horizontalAdvance(stageOf(step)) + 6;
    const QRect name =
        wrapped(uiFont(text_points, true), step.data(Qt::DisplayRole).toString(), words.topLeft(), words.width() - stage_px);
    return {{words.right() - stage_px, words.top() + 1, stage_px, small.height()},
            name,
            wrapped(uiFont(small_points), step.data(DetailRole).toString(), {words.left(), name.bottom() + 4}, words.width())};
}

/// State mark, name and stage, and what is missing: whole, on as many lines as they need.
class LadderDelegate : public QStyledItemDelegate {
public:
    explicit LadderDelegate(QListWidget* list) : QStyledItemDelegate(list), list_(list) {}
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override
    {
        const QRect box(0, 0, list_->viewport()->width(), 0);
        return {180, std::max(scaled(step_px), placeOf(index, box).detail.bottom() + 6)};
    }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        const QRect box = option.rect;
        const auto placed = [&](const QRect& r) { return QStyle::visualRect(option.direction, box, r); }; // as one reads
        p->save();
        if (option.state & QStyle::State_Selected) {
            p->fillRect(box, option.palette.color(QPalette::AlternateBase));
            p->fillRect(placed(QRect(box.left(), box.top(), 4, box.height())), t.attention);
        }
        const auto state = static_cast<DrillState>(index.data(StateRole).toInt());
        const bool locked = index.data(LockedRole).toBool(), held = state == DrillState::Held;
        const QRectF mark(placed(QRect(box.left() + 12, box.top() + scaled(10), 12, 12)));
        if (locked && !held)
            paintMark(*p, mark, StateMark::Blocked, t.steel);
        else
            paintMark(*p, mark,
                      held                         ? StateMark::Done
                      : state == DrillState::Tried ? StateMark::Partly
                      : state == DrillState::Due   ? StateMark::Due
                                                   : StateMark::None,
                      held                           ? t.held
                      : state == DrillState::Untried ? t.steel
                                                     : t.attention);
        const StepPlace place = placeOf(index, box);
        const bool next = index.data(NextRole).toBool();
        p->setFont(uiFont(small_points, next));
        p->setPen(next ? t.attention : t.soft);
        p->drawText(placed(place.stage), Qt::AlignRight | Qt::AlignTop, stageOf(index));
        p->setFont(uiFont(text_points, true));
        p->setPen(locked && !held ? t.soft : t.ink);
        p->drawText(placed(place.name), Qt::AlignLeft | Qt::TextWordWrap, index.data(Qt::DisplayRole).toString());
        p->setFont(uiFont(small_points));
        p->setPen(t.soft);
        p->drawText(placed(place.detail), Qt::AlignLeft | Qt::TextWordWrap, index.data(DetailRole).toString());
        p->restore();
    }

private:
    QListWidget* list_;
};

/// "best 92, last 80, falling": nothing before the first attempt.
QString scoresInWords(const DrillStanding& s)
{
    if (!s.best) return {};
    constexpr double steady_points = 1.5; // from attempt to attempt
    const QString trend = !s.trend                    ? QString()
                          : *s.trend > steady_points  ? LadderPanel::tr(", rising")
                          : *s.trend < -steady_points ? LadderPanel::tr(", falling")
                                                      : LadderPanel::tr(", steady");
    return LadderPanel::tr("best %1, last %2%3").arg(inPlaces(*s.best, 0)).arg(inPlaces(*s.last, 0)).arg(trend);
}

} // namespace

LadderPanel::LadderPanel(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    curriculum_ = new QComboBox;
    curriculum_->setObjectName(QStringLiteral("curriculum"));
    curriculum_->setAccessibleName(tr("The pilot's curriculum"));
    curriculum_->setFocusPolicy(Qt::TabFocus);
    curriculum_->setToolTip(
        tr("The way through the drills. What was flown counts in every one of them; the change can be undone."));
    for (const Curriculum& c : school_.curricula()) curriculum_->addItem(asWords(c.name), QString::fromStdString(c.id));
    connect(curriculum_, &QComboBox::activated, this, [this](int row) {
        const Pilot* pilot = school_.pilot(station_.pilotId());
        if (!pilot) return;
        Pilot edited = *pilot;
        edited.curriculum = curriculum_->itemData(row).toString().toStdString();
        school_.edit_pilot(edited);
    });
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("ladder"));
    list_->setAccessibleName(tr("Ladder of drills"));
    list_->setItemDelegate(new LadderDelegate(list_));
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel); // steps are not alike in height
    list_->setResizeMode(QListView::Adjust);
    list_->viewport()->installEventFilter(this);

    opening_ = new QWidget;
    opening_->setObjectName(QStringLiteral("opening"));
    openingWords_ = new QLabel;
    openingWords_->setWordWrap(true);
    reason_ = new QLineEdit;
    reason_->setObjectName(QStringLiteral("openReason"));
    reason_->setPlaceholderText(tr("Reason to open it now"));
    reason_->setMaxLength(120);
    open_ = new QPushButton(tr("Open"));
    open_->setObjectName(QStringLiteral("openStage"));
    open_->setToolTip(tr("Opens the stage for this pilot; the reason is kept on the record. It can be undone."));
    auto* openingLayout = new QGridLayout(opening_);
    openingLayout->setContentsMargins(0, 0, 0, 0);
    openingLayout->setVerticalSpacing(4);
    openingLayout->addWidget(openingWords_, 0, 0, 1, 2);
    openingLayout->addWidget(reason_, 1, 0);
    openingLayout->addWidget(open_, 1, 1);
    const auto openNow = [this] {
        const std::string stage = opening_->property("stage").toString().toStdString();
        if (school_.open_stage(station_.pilotId(), stage, true, reason_->text().toStdString())) reason_->clear();
    };
    connect(open_, &QPushButton::clicked, this, openNow);
    connect(reason_, &QLineEdit::returnPressed, this, openNow);
    connect(reason_, &QLineEdit::textChanged, this,
            [this](const QString& text) { open_->setEnabled(!text.simplified().isEmpty()); });
    open_->setEnabled(false);

    habit_ = new QLabel;
    habit_->setObjectName(QStringLiteral("throttleHabit"));
    habit_->setProperty("quiet", true);
    habit_->setWordWrap(true);
    explain(habit_, tr("From each crash until the throttle is under 5 %, in every drill flown or scored here; within a second is "
                       "the habit that is wanted (house)."));

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(curriculum_);
    layout->addWidget(list_);
    layout->addWidget(opening_);
    layout->addWidget(habit_);

    connect(list_, &QListWidget::currentRowChanged, this, [this] {
        refreshOpening();
        Q_EMIT drillChosen();
    });
    connect(list_, &QListWidget::itemClicked, this, &LadderPanel::drillChosen);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Attempt, Kind::Session, Kind::Stage, Kind::Drill, Kind::Curriculum},
                        station_.pilotId()))
            refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, &LadderPanel::refresh);
    refresh();
}

std::string LadderPanel::chosen() const
{
    const QListWidgetItem* item = list_->currentItem();
    return item ? item->data(DrillIdRole).toString().toStdString() : std::string();
}

bool LadderPanel::locked() const
{
    const QListWidgetItem* item = list_->currentItem();
    return item && item->data(LockedRole).toBool() && static_cast<DrillState>(item->data(StateRole).toInt()) != DrillState::Held;
}

void LadderPanel::choose(const std::string& id)
{
    if (busy_) return;
    for (int row = 0; row < list_->count(); ++row)
        if (list_->item(row)->data(DrillIdRole).toString().toStdString() == id) list_->setCurrentRow(row);
}

void LadderPanel::chooseNext()
{
    refresh();
    choose(school_.standing(station_.pilotId()).next_drill);
    if (list_->currentRow() < 0) list_->setCurrentRow(0);
}

void LadderPanel::setBusy(bool busy)
{
    busy_ = busy;
    list_->setDisabled(busy);
    curriculum_->setEnabled(!busy && !station_.pilotId().empty());
}

bool LadderPanel::eventFilter(QObject* object, QEvent* event)
{
    if (event->type() == QEvent::Resize) fitHeight();
    return QWidget::eventFilter(object, event);
}

void LadderPanel::fitHeight()
{
    int whole_px = 4;
    for (int row = 0; row < list_->count(); ++row) whole_px += list_->sizeHintForRow(row);
    const int rows = opening_->isVisibleTo(this) ? rowsBesideOpening : rowsShown;
    list_->setMinimumHeight(std::min(whole_px, step_px * rows + 4)); // a longer one scrolls, large text sooner
    list_->setMaximumHeight(whole_px);
}

void LadderPanel::refresh()
{
    const Curriculum& curriculum = school_.curriculum(station_.pilotId());
    for (int row = 0; row < curriculum_->count(); ++row)
        for (const Curriculum& c : school_.curricula())
            if (c.id == curriculum_->itemData(row).toString().toStdString()) curriculum_->setItemText(row, asWords(c.name));
    curriculum_->setCurrentIndex(curriculum_->findData(QString::fromStdString(curriculum.id)));
    curriculum_->setEnabled(!station_.pilotId().empty() && !busy_);
    const PilotStanding& standing = school_.standing(station_.pilotId());
    std::vector<LadderStep> steps = standing.ladder;
    if (steps.empty()) // nobody is chosen: the ladder as it is for everybody
        for (std::size_t stage = 0; stage < curriculum.stages.size(); ++stage)
            for (const std::string& id : curriculum.stages[stage].drills) steps.push_back({id, stage, stage > 0, {}});

    const std::string before = chosen();
    bool same = list_->count() == static_cast<int>(steps.size());
    for (int row = 0; same && row < list_->count(); ++row)
        same = list_->item(row)->data(DrillIdRole).toString().toStdString() == steps[static_cast<std::size_t>(row)].drill_id;
    if (!same) {
        const QSignalBlocker quiet(list_);
        list_->clear();
        for (const LadderStep& step : steps)
            (new QListWidgetItem(list_))->setData(DrillIdRole, QString::fromStdString(step.drill_id));
    }
    for (std::size_t i = 0; i < steps.size(); ++i) {
        QListWidgetItem* item = list_->item(static_cast<int>(i));
        const LadderStep& step = steps[i];
        const DrillStanding& s = step.standing;
        item->setText(stepInWords(school_, curriculum, step.drill_id));
        item->setData(StateRole, static_cast<int>(s.state));
        const std::string& stage = curriculum.stages[step.stage].name;
        item->setData(StageRole,
                      item->text() == asWords(stage) ? QString() : asWords(stage)); // not the same twice
        item->setData(LockedRole, step.locked);
        item->setData(NextRole, !standing.next_drill.empty() && step.drill_id == standing.next_drill);
        QStringList parts;
        if (step.locked && s.state != DrillState::Held) parts << tr("locked");
        if (!step.locked || s.attempts > 0) parts << asWords(s.next);
        for (const QString& more : {asWords(side_gap_in_words(s)), scoresInWords(s)})
            if (!more.isEmpty()) parts << more;
        item->setData(DetailRole, parts.join(QStringLiteral(" · ")));
        item->setToolTip(tr("Stage %1: %2").arg(asWords(stage), parts.join(QStringLiteral(" · "))));
    }
    const ThrottleCutHabit& habit = standing.throttle_cuts;
    habit_->setVisible(habit.crashes > 0);
    habit_->setText(tr("Throttle at the bottom within 1 s after %1 of %2 crashes.").arg(habit.within_1_s).arg(habit.crashes));
    if (!same && !busy_) { // another ladder: the same drill when it is there, otherwise what comes next
        choose(before);
        if (list_->currentRow() < 0) choose(standing.next_drill);
        if (list_->currentRow() < 0) list_->setCurrentRow(0);
    }
    refreshOpening();
}

void LadderPanel::refreshOpening()
{
    const Curriculum& curriculum = school_.curriculum(station_.pilotId());
    const QListWidgetItem* item = list_->currentItem();
    std::size_t stage = 0;
    for (const LadderStep& step : school_.standing(station_.pilotId()).ladder)
        if (item && step.drill_id == chosen()) stage = step.stage;
    opening_->setVisible(locked() && stage > 0 && !station_.pilotId().empty());
    fitHeight();
    if (!opening_->isVisibleTo(this)) return;
    opening_->setProperty("stage", QString::fromStdString(curriculum.stages[stage].name));
    openingWords_->setText((curriculum.opens_on == Curriculum::OpensOn::Passes
                                ? tr("Locked until every drill of the stage \"%1\" is passed.")
                                : tr("Locked until the stage \"%1\" is held."))
                               .arg(asWords(curriculum.stages[stage - 1].name)));
}

} // namespace bh::desk
