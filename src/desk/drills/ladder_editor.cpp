#include "desk/drills/ladder_editor.h"

#include "core/base/number_text.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "files/documents/curriculum_document.h"
#include "files/documents/ladder_edit.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableWidget>
#include <QTreeWidget>
#include <algorithm>

namespace bh::desk {
namespace {

enum LimitColumn { Label, Fail, Pass, Merit, Weight, Must, ToHold, LimitColumns };

QTableWidgetItem* limitCell(const QString& text, bool editable)
{
    auto* item = new QTableWidgetItem(text);
    if (!editable) item->setFlags(item->flags() & ~Qt::ItemIsEditable);
    return item;
}

constexpr int limit_digits = 6;
constexpr const char* free_minutes = "free-flight:"; // in front of the minutes of a block that can be added

/// The step to add: a drill's id, or a new free block's.
std::string step_for(const std::string& chosen, Curriculum& c)
{
    if (!chosen.starts_with(free_minutes)) return chosen;
    Curriculum::FreeBlock block;
    block.id = "free-" + whole_text(c.free_blocks.size() + 1);
    block.minutes = number_of(chosen.substr(std::string_view(free_minutes).size())).value_or(block.minutes);
    c.free_blocks.push_back(block);
    return block.id;
}

} // namespace

LadderEditor::LadderEditor(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    stagesTitle_ = partTitle();
    stages_ = new QTreeWidget;
    stages_->setObjectName(QStringLiteral("stages"));
    stages_->setAccessibleName(tr("Stages of the curriculum and their drills"));
    stages_->setHeaderHidden(true);
    stages_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    stages_->setToolTip(tr("F2 renames a stage"));
    connect(
        stages_, &QTreeWidget::itemChanged, this, [this] { stageRenamed(); }, Qt::QueuedConnection); // the list is filled anew
    adds_ = new QComboBox;
    adds_->setObjectName(QStringLiteral("addsDrill"));
    adds_->setAccessibleName(tr("Drill to add"));
    for (const Drill& d : school_.drills()) adds_->addItem(asWords(d.name), QString::fromStdString(d.id));
    for (const int minutes : {10, 20, 30})
        adds_->addItem(tr("Free flight, %1 min").arg(minutes), QLatin1String(free_minutes) + QString::number(minutes));
    add_ = namedButton(tr("Add"), "addDrill", tr("Adds the drill to the chosen stage"));
    newStage_ = namedButton(tr("New stage"), "newStage", tr("A stage after the chosen one, with the drill on the left"));
    up_ = namedButton(tr("Up"), "moveUp", tr("The chosen stage, or the drill within its stage, one up"));
    down_ = namedButton(tr("Down"), "moveDown", tr("One down"));
    remove_ = namedButton(tr("Remove"), "removeStep", tr("The chosen drill, or the whole stage; what was flown is kept"));
    connectStages();
    limitsTitle_ = partTitle();
    makeLimits();
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("editorSays"));
    said_->setWordWrap(true);

    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(stagesTitle_);
    left->addWidget(stages_, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    for (QPushButton* b : {up_, down_, remove_}) row->addWidget(b, 1);
    left->addLayout(row);
    adds_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    left->addWidget(adds_);
    auto* addRow = new QHBoxLayout;
    addRow->setSpacing(8);
    for (QPushButton* b : {add_, newStage_}) addRow->addWidget(b, 1);
    left->addLayout(addRow);
    auto* right = new QVBoxLayout;
    right->setSpacing(8);
    right->addWidget(limitsTitle_);
    right->addWidget(limits_, 1);
    parts_ = new QBoxLayout(QBoxLayout::LeftToRight);
    parts_->setSpacing(16);
    parts_->addLayout(left, 1);
    parts_->addLayout(right, 3);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(parts_, 1);
    layout->addWidget(said_);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Drill, Kind::Curriculum}, station_.pilotId())) refresh();
    });
    connect(&station_, &Station::pilotChosen, this, &LadderEditor::refresh);
    refresh();
}

void LadderEditor::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    constexpr int side_by_side_px = 760; // narrower, the criteria's names would not be read
    parts_->setDirection(width() < scaled(side_by_side_px) ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
}

void LadderEditor::connectStages()
{
    connect(add_, &QPushButton::clicked, this, [this] {
        const std::string id = adds_->currentData().toString().toStdString();
        editStages([&id](Curriculum& c, std::size_t stage, int) {
            auto& drills = c.stages[stage].drills;
            if (std::find(drills.begin(), drills.end(), id) == drills.end()) drills.push_back(step_for(id, c));
        });
    });
    connect(newStage_, &QPushButton::clicked, this, [this] {
        const std::string id = adds_->currentData().toString().toStdString(), name = [&] {
            const Drill* drill = school_.drill(id);
            return drill ? drill->name : adds_->currentText().toStdString();
        }();
        editStages([&](Curriculum& c, std::size_t stage, int) {
            const std::string step = step_for(id, c);
            c.stages.insert(c.stages.begin() + static_cast<std::ptrdiff_t>(stage) + 1, {name, {step}});
        });
    });
    const auto move = [this](int by) {
        editStages([by](Curriculum& c, std::size_t stage, int drill) {
            const auto swap = [by](auto& list, std::size_t at) {
                const auto to = static_cast<std::ptrdiff_t>(at) + by;
                if (to >= 0 && to < static_cast<std::ptrdiff_t>(list.size()))
                    std::swap(list[at], list[static_cast<std::size_t>(to)]);
            };
            if (drill < 0)
                swap(c.stages, stage);
            else
                swap(c.stages[stage].drills, static_cast<std::size_t>(drill));
        });
    };
    connect(up_, &QPushButton::clicked, this, [move] { move(-1); });
    connect(down_, &QPushButton::clicked, this, [move] { move(1); });
    connect(remove_, &QPushButton::clicked, this, [this] {
        editStages([](Curriculum& c, std::size_t stage, int drill) {
            auto& drills = c.stages[stage].drills;
            if (drill >= 0) drills.erase(drills.begin() + drill);
            if (drill < 0 || drills.empty()) c.stages.erase(c.stages.begin() + static_cast<std::ptrdiff_t>(stage));
        });
    });
}

void LadderEditor::makeLimits()
{
    limits_ = new QTableWidget(0, LimitColumns);
    limits_->setHorizontalHeader(new HeadsOverCells(limits_));
    limits_->setObjectName(QStringLiteral("limits"));
    limits_->setAccessibleName(tr("Limits of the chosen drill"));
    limits_->setHorizontalHeaderLabels(
        {tr("Criterion"), tr("0 marks"), tr("Pass"), tr("Merit"), tr("Weight"), tr("Must"), tr("Hold")});
    limits_->verticalHeader()->hide();
    limits_->setShowGrid(false);
    limits_->setWordWrap(true); // where the window is narrow, a criterion's name goes on below
    limits_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    limits_->horizontalHeader()->setSectionResizeMode(Label, QHeaderView::Stretch);
    limits_->horizontalHeader()->setMinimumSectionSize(40);
    for (const int column : {Fail, Pass, Merit, Weight, Must, ToHold})
        limits_->setColumnWidth(column,
                                std::max(limits_->horizontalHeader()->sectionSizeHint(column), scaled(column >= Must     ? 52
                                                                                                      : column == Fail   ? 66
                                                                                                      : column == Weight ? 58
                                                                                                                         : 48)));
    explain(limits_, {tr("What is measured and its unit; a share is from 0 to 1. With sides, the limits are for each of them."),
                      tr("The value that gets no marks."), tr("The value that gets 60 marks: passed."),
                      tr("The value that gets 100 marks."), tr("In the mean of the marks."),
                      tr("Ticked: the drill is not passed without it."),
                      tr("Ticked: it can be passed without it, but does not count towards holding it.")});
    connect(limits_, &QTableWidget::cellChanged, this, &LadderEditor::limitsEdited,
            Qt::QueuedConnection); // the table is filled anew
}

void LadderEditor::setDrill(const std::string& id)
{
    drill_id_ = id;
    refreshLimits();
}

void LadderEditor::say(const QString& words)
{
    said_->setText(words.isEmpty() ? tr("Changes are kept at once as a new version, and Ctrl+Z takes them back. What was flown "
                                        "keeps the limits that it was judged by.")
                                   : words);
    said_->setProperty("caution", !words.isEmpty());
    said_->setStyleSheet(said_->styleSheet()); // the property's colour
}

void LadderEditor::refresh()
{
    say({});
    refreshStages();
    refreshLimits();
}

void LadderEditor::refreshStages()
{
    const Curriculum& c = school_.curriculum(station_.pilotId());
    const QTreeWidgetItem* before = stages_->currentItem();
    const QTreeWidgetItem* parent = before && before->parent() ? before->parent() : before;
    const int stage = parent ? stages_->indexOfTopLevelItem(const_cast<QTreeWidgetItem*>(parent)) : 0;
    const int drill = before && before->parent() ? before->parent()->indexOfChild(const_cast<QTreeWidgetItem*>(before)) : -1;
    const QSignalBlocker quiet(stages_);
    stagesTitle_->setText(tr("%1, version %2%3")
                              .arg(asWords(c.name))
                              .arg(c.version)
                              .arg(school_.edited(Kind::Curriculum, c.id) ? tr(", edited here") : QString()));
    stages_->clear();
    for (const Curriculum::Stage& s : c.stages) {
        auto* item = new QTreeWidgetItem(stages_, {asWords(s.name)});
        item->setFlags(item->flags() | Qt::ItemIsEditable);
        item->setFont(0, uiFont(text_points, true));
        for (const std::string& id : s.drills) {
            new QTreeWidgetItem(item, {stepInWords(school_, c, id)});
        }
    }
    stages_->expandAll();
    select(static_cast<std::size_t>(std::max(0, stage)), drill);
}

void LadderEditor::select(std::size_t stage, int drill)
{
    QTreeWidgetItem* item = stages_->topLevelItem(std::min(static_cast<int>(stage), stages_->topLevelItemCount() - 1));
    if (!item) return;
    QTreeWidgetItem* child = drill >= 0 ? item->child(std::min(drill, item->childCount() - 1)) : nullptr;
    stages_->setCurrentItem(child ? child : item);
}

void LadderEditor::stageRenamed()
{
    const QTreeWidgetItem* item = stages_->currentItem();
    if (!item || item->parent()) return;
    const QString name = item->text(0);
    if (name.simplified().isEmpty()) return refreshStages();
    editStages([&name](Curriculum& c, std::size_t stage, int) { c.stages[stage].name = asKept(name, c.stages[stage].name); });
}

void LadderEditor::editStages(const std::function<void(Curriculum&, std::size_t, int)>& edit)
{
    const QTreeWidgetItem* item = stages_->currentItem();
    if (!item) return;
    const QTreeWidgetItem* top = item->parent() ? item->parent() : item;
    const auto stage = static_cast<std::size_t>(stages_->indexOfTopLevelItem(const_cast<QTreeWidgetItem*>(top)));
    const int drill = item->parent() ? item->parent()->indexOfChild(const_cast<QTreeWidgetItem*>(item)) : -1;
    Curriculum changed = school_.curriculum(station_.pilotId());
    const std::string before = curriculum_text(changed);
    edit(changed, stage, drill);
    if (curriculum_text(changed) == before) return;
    const auto kept = school_.keep_document(Kind::Curriculum, changed.id, curriculum_text(changed));
    if (kept) return;
    refreshStages();
    say(tr("Not changed: %1.").arg(asWords(kept.error())));
}

void LadderEditor::refreshLimits()
{
    const QSignalBlocker quiet(limits_);
    const Drill* d = school_.drill(drill_id_);
    limitsTitle_->setText(d ? tr("Limits of \"%1\", version %2%3")
                                  .arg(asWords(d->name))
                                  .arg(d->version)
                                  .arg(school_.edited(Kind::Drill, d->id) ? tr(", edited here") : QString())
                            : tr("Choose a drill to see its limits."));
    limits_->setRowCount(0);
    const auto text = school_.document(Kind::Drill, drill_id_);
    const auto known = text ? limits_of(*text).value_or(std::vector<CriterionLimits>()) : std::vector<CriterionLimits>();
    const auto add = [this](const QString& label, const CriterionLimits& c, const Limits& l, int criterion, bool below) {
        const int row = limits_->rowCount();
        limits_->insertRow(row);
        auto* name = limitCell(QStringLiteral("%1 (%2)").arg(label, asWords(c.unit)), false);
        name->setToolTip(name->text());
        name->setData(Qt::UserRole, criterion);
        name->setData(Qt::UserRole + 1, below);
        limits_->setItem(row, Label, name);
        for (const auto& [column, value] : {std::pair{Fail, l.fail}, {Pass, l.pass}, {Merit, l.merit}})
            limits_->setItem(row, column, limitCell(inDigits(value, limit_digits), true));
        limits_->setItem(row, Weight, limitCell(below ? QString() : inDigits(c.weight, limit_digits), !below));
        for (const auto& [column, needed] : {std::pair{Must, c.must}, {ToHold, c.to_hold}}) {
            auto* tick = limitCell({}, false);
            if (!below) tick->setCheckState(needed ? Qt::Checked : Qt::Unchecked);
            limits_->setItem(row, column, tick);
        }
    };
    for (std::size_t i = 0; i < known.size(); ++i) {
        const CriterionLimits& c = known[i];
        const QString label = asWords(c.label);
        add(c.below ? tr("%1, too much").arg(label) : label, c, c.limits, static_cast<int>(i), false);
        if (c.below) add(tr("%1, too little").arg(label), c, *c.below, static_cast<int>(i), true);
    }
}

void LadderEditor::limitsEdited(int row, int column)
{
    if (column < Fail || row >= limits_->rowCount()) return;
    const auto criterion = static_cast<std::size_t>(limits_->item(row, Label)->data(Qt::UserRole).toInt());
    const bool below = limits_->item(row, Label)->data(Qt::UserRole + 1).toBool();
    const auto text = school_.document(Kind::Drill, drill_id_);
    const auto known = text ? limits_of(*text).value_or(std::vector<CriterionLimits>()) : std::vector<CriterionLimits>();
    if (criterion >= known.size()) return;
    CriterionLimits c = known[criterion];
    Limits& l = below ? *c.below : c.limits;
    const auto typed = column >= Must ? std::optional(0.0) : numberIn(limits_->item(row, column)->text());
    if (!typed) {
        refreshLimits();
        return say(tr("Not changed: expected a number."));
    }
    if (column == Fail) l.fail = *typed;
    if (column == Pass) l.pass = *typed;
    if (column == Merit) l.merit = *typed;
    if (column == Weight) c.weight = *typed;
    // What is needed to pass is needed to hold anyway: one of the two.
    if (column == Must) c.must = limits_->item(row, Must)->checkState() == Qt::Checked, c.to_hold = c.to_hold && !c.must;
    if (column == ToHold) c.to_hold = limits_->item(row, ToHold)->checkState() == Qt::Checked, c.must = c.must && !c.to_hold;
    const auto changed = with_limits(*text, criterion, c);
    const auto kept =
        changed ? school_.keep_document(Kind::Drill, drill_id_, *changed) : Result<void>(tl::unexpected(changed.error()));
    if (kept) return;
    refreshLimits();
    say(tr("Not changed: %1.").arg(asWords(kept.error())));
}

} // namespace bh::desk
