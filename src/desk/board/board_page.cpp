#include "desk/board/board_page.h"

#include "desk/parts/station.h"
#include "desk/parts/theme.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QDate>
#include <QHeaderView>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QStyledItemDelegate>
#include <QTableView>
#include <algorithm>
#include <cmath>

namespace bh::desk {
namespace {

constexpr double weekly_target_h = 3;

/// Stage cells: number and mark in each, so that colour is never needed to read them.
class StageDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        QStyledItemDelegate::paint(p, option, index);
        p->save();
        p->setFont(uiFont(9));
        double x = option.rect.left() + 8;
        int number = 1;
        const QVariantList stages = index.data(BoardModel::StagesRole).toList();
        const double step =
            std::min(44.0, (option.rect.width() - 12.0) / std::max<double>(1, static_cast<double>(stages.size())));
        const bool numbered = step >= 36; // a long curriculum has room for the marks only
        for (const QVariant& stage : stages) {
            const auto state = static_cast<StageState>(stage.toInt());
            const QRectF cell(x, option.rect.center().y() - 9, step - 4, 19);
            p->setPen(QPen(t.line, 1));
            if (numbered) p->drawRect(cell);
            p->setPen(t.soft);
            if (numbered)
                p->drawText(QRectF(cell.left() + 4, cell.top(), 12, cell.height()), Qt::AlignVCenter | Qt::AlignLeft,
                            QString::number(number));
            ++number;
            paintMark(*p,
                      numbered ? QRectF(cell.right() - 18, cell.center().y() - 6, 12, 12)
                               : QRectF(cell.left(), cell.center().y() - 5, 10, 10),
                      state == StageState::Held     ? StateMark::Done
                      : state == StageState::Partly ? StateMark::Partly
                                                    : StateMark::None,
                      state == StageState::Held     ? t.held
                      : state == StageState::Partly ? t.attention
                                                    : t.steel);
            x += step;
        }
        p->restore();
    }
};

/// Hours of eight weeks as small bars against the weekly target.
class WeeksDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        QStyledItemDelegate::paint(p, option, index);
        const QVariantList weeks = index.data(BoardModel::WeeksRole).toList();
        const QRect box = option.rect.adjusted(8, 5, -8, -5);
        double most = 1.5 * weekly_target_h;
        for (const QVariant& w : weeks) most = std::max(most, w.toDouble());
        const int step = std::max(6, box.width() / std::max<int>(8, static_cast<int>(weeks.size())));
        int x = box.left();
        for (const QVariant& w : weeks) {
            const double hours = w.toDouble();
            const int height = static_cast<int>(std::lround(hours / most * box.height()));
            const QColor colour = hours >= weekly_target_h ? t.held : t.steel;
            p->fillRect(QRect(x, box.bottom() - height + 1, step - 3, height), colour);
            p->fillRect(QRect(x, box.bottom() + 1, step - 3, 1), t.line);
            x += step;
        }
        p->setPen(QPen(t.attention, 1, Qt::DashLine));
        const int y = box.bottom() - static_cast<int>(weekly_target_h / most * box.height());
        p->drawLine(box.left(), y, box.left() + step * static_cast<int>(weeks.size()) - 3, y);
    }
};

QString daysAgo(const std::optional<std::int64_t>& day, std::int64_t today)
{
    if (!day) return QObject::tr("never");
    const auto ago = today - *day;
    return ago == 0 ? QObject::tr("today") : ago == 1 ? QObject::tr("yesterday") : QObject::tr("%1 days ago").arg(ago);
}

} // namespace

BoardModel::BoardModel(const School& school, QObject* parent) : QAbstractTableModel(parent), school_(school) { refresh(); }

void BoardModel::refresh()
{
    beginResetModel();
    ids_.clear();
    for (const PilotRow& p : school_.pilots()) ids_.push_back(p.id);
    std::stable_sort(ids_.begin(), ids_.end(), [this](const std::string& a, const std::string& b) {
        return school_.standing(a).needs_attention > school_.standing(b).needs_attention;
    });
    endResetModel();
}

int BoardModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(ids_.size()); }
int BoardModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant BoardModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const std::string& id = ids_[static_cast<std::size_t>(index.row())];
    const PilotRow* pilot = school_.pilot(id);
    if (!pilot) return {};
    const PilotStanding& s = school_.standing(id);
    if (role == IdRole) return QString::fromStdString(id);
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>(
            (index.column() == Hours || index.column() == Matched || index.column() == Week ? Qt::AlignRight : Qt::AlignLeft) |
            Qt::AlignVCenter);
    if (role == Qt::ForegroundRole && index.column() == Reason && s.needs_attention) return theme().attention;
    if (role == Qt::AccessibleTextRole && index.column() == Stages) {
        const auto held = std::count(s.stages.begin(), s.stages.end(), StageState::Held);
        return tr("%1 of %2 stages held").arg(held).arg(s.stages.size());
    }
    QVariantList list;
    if (role == StagesRole && index.column() == Stages)
        for (StageState state : s.stages) list.append(static_cast<int>(state));
    if (role == WeeksRole && index.column() == Weeks)
        for (double hours : s.weekly_hours) list.append(hours);
    if (role == StagesRole || role == WeeksRole) return list;
    if (role != Qt::DisplayRole && !(role == Qt::ToolTipRole && index.column() == Reason)) return {};
    switch (index.column()) {
    case Pilot: return QString::fromStdString(pilot->name);
    case Hours: return tr("%1 of %2 h").arg(s.hours, 0, 'f', 1).arg(pilot->target_h, 0, 'f', 0);
    case Matched: return s.hours_matched > 0 ? tr("%1 h").arg(s.hours_matched, 0, 'f', 1) : QString();
    case Week: return tr("%1 h").arg(s.hours_last_7_days, 0, 'f', 1);
    case LastFlight: return daysAgo(s.last_practice_day, school_.today());
    case Reason: return QString::fromStdString(s.attention);
    default: return {};
    }
}

QVariant BoardModel::headerData(int section, Qt::Orientation orientation, int role) const
{
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return static_cast<int>((section == Hours || section == Matched || section == Week ? Qt::AlignRight : Qt::AlignLeft) |
                                Qt::AlignVCenter);
    if (role == Qt::ToolTipRole && section == Stages) {
        return tr("The stages of the pilot's own curriculum. Disc: held. Half disc: begun. Dot: not flown.");
    }
    if (role == Qt::ToolTipRole && section == Matched)
        return tr("Of the practice, hours on rates that were matched with the real aircraft's at the time. Other hours carry "
                  "over badly (common practice).");
    if (role == Qt::ToolTipRole && section == Weeks)
        return tr("Practice of the last eight weeks; the dashed line is 3 h a week (common practice, no source).");
    if (role != Qt::DisplayRole) return {};
    const QString names[] = {tr("Pilot"),       tr("Stages"),      tr("Practised"),   tr("Matched"),
                             tr("Last 7 days"), tr("Eight weeks"), tr("Last flight"), tr("Why to look, or what comes next")};
    return section < ColumnCount ? names[section] : QVariant();
}

BoardPage::BoardPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("boardSummary"));
    summary_->setFont(uiFont(14, true));
    summary_->setWordWrap(true);
    todayBox_ = new QWidget;
    today_ = new QVBoxLayout(todayBox_);
    today_->setContentsMargins(0, 0, 0, 0);
    today_->setSpacing(6);
    model_ = new BoardModel(school_, this);
    table_ = new QTableView;
    table_->setObjectName(QStringLiteral("board"));
    table_->setAccessibleName(tr("All pilots"));
    table_->setModel(model_);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(34);
    table_->setShowGrid(false);
    table_->setWordWrap(false);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setTabKeyNavigation(false);
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->setItemDelegateForColumn(BoardModel::Stages, new StageDelegate(table_));
    table_->setItemDelegateForColumn(BoardModel::Weeks, new WeeksDelegate(table_));
    const int widths[] = {124, 140, 92, 70, 84, 112, 92};
    for (int i = 0; i < 7; ++i) table_->setColumnWidth(i, widths[i]);

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 12);
    layout->setSpacing(10);
    layout->addWidget(summary_);
    layout->addWidget(todayBox_);
    schoolTitle_ = new QLabel(tr("The school"));
    schoolTitle_->setFont(uiFont(11, true));
    layout->addWidget(schoolTitle_);
    layout->addWidget(table_, 1);
    layout->addStretch(0); // holds the words at the top while there is no table
    connect(table_, &QTableView::clicked, this,
            [this](const QModelIndex& index) { station_.choosePilot(index.data(BoardModel::IdRole).toString().toStdString()); });
    connect(table_, &QTableView::activated, this, [this](const QModelIndex& index) {
        const std::string id = index.data(BoardModel::IdRole).toString().toStdString();
        station_.choosePilot(id);
        Q_EMIT goTo(school_.standing(id).go);
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Attempt, Kind::Session, Kind::Calibration, Kind::Verification, Kind::Stage,
                         Kind::Setup, Kind::Match, Kind::Rates, Kind::Simulator, Kind::Aircraft, Kind::Drill, Kind::Curriculum}))
            refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, &BoardPage::refresh);
    refresh();
}

void BoardPage::refresh()
{
    model_->refresh();
    while (QLayoutItem* item = today_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    constexpr int most_lines = 5;
    int lines = 0;
    int need = 0;
    double week_h = 0;
    for (const PilotRow& pilot : school_.pilots()) {
        const PilotStanding& s = school_.standing(pilot.id);
        week_h += s.hours_last_7_days;
        if (!s.needs_attention) continue;
        ++need;
        if (++lines > most_lines) continue;
        auto* row = new QFrame;
        row->setObjectName(QStringLiteral("card"));
        auto* layout = new QHBoxLayout(row);
        layout->setContentsMargins(12, 5, 6, 5);
        auto* name = new QLabel(QString::fromStdString(pilot.name));
        name->setFont(uiFont(10, true));
        name->setFixedWidth(150);
        auto* reason = new QLabel(QString::fromStdString(s.attention));
        auto* go = new QPushButton(s.go == PilotStanding::Go::Controller    ? tr("To the controller")
                                   : s.go == PilotStanding::Go::Rates       ? tr("To the rates")
                                   : s.go == PilotStanding::Go::Debrief     ? tr("To the debrief")
                                   : s.go == PilotStanding::Go::FirstFlight ? tr("To the first flight")
                                                                            : tr("To the drills"));
        go->setObjectName(QStringLiteral("go-") + QString::fromStdString(pilot.name));
        go->setAccessibleName(tr("%1: %2. %3").arg(name->text(), reason->text(), go->text()));
        layout->addWidget(name);
        layout->addWidget(reason, 1);
        layout->addWidget(go);
        connect(
            go, &QPushButton::clicked, this,
            [this, id = pilot.id, place = s.go] {
                station_.choosePilot(id);
                Q_EMIT goTo(place);
            },
            Qt::QueuedConnection); // the click may remake this list
        today_->addWidget(row);
    }
    if (lines > most_lines) {
        auto* more = new QLabel(tr("%1 more stand at the top of the table below.").arg(lines - most_lines));
        more->setObjectName(QStringLiteral("quiet"));
        today_->addWidget(more);
    }
    if (school_.pilots().empty())
        summary_->setText(tr("No pilots yet. Add the first one at the foot of the line-up, then calibrate the controller (Alt+3) "
                             "and fly the first drill (Alt+5)."));
    else
        summary_->setText(tr("%1 of %2 pilots need a look today. %3 h practised in the last 7 days.")
                              .arg(need == 0 ? tr("None") : QString::number(need))
                              .arg(school_.pilots().size())
                              .arg(week_h, 0, 'f', 1));
    todayBox_->setVisible(lines > 0);
    schoolTitle_->setVisible(!school_.pilots().empty());
    table_->setVisible(!school_.pilots().empty());
}

} // namespace bh::desk
