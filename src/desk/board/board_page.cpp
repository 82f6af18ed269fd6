#include "desk/board/board_page.h"

#include "desk/board/begin_panel.h"
#include "desk/board/room_panel.h"
#include "desk/board/week_panel.h"
#include "desk/parts/forms/columns_that_give.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/forms/sorting.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"
#include "school/views/first_flight.h"
#include "school/views/readiness_facts.h"
#include "school/views/today.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDate>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QSortFilterProxyModel>
#include <QStyledItemDelegate>
#include <QTableView>
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <set>

namespace bh::desk {
namespace {

/// Stage cells: number and mark in each, so that colour is never needed to read them.
class StageDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        QStyledItemDelegate::paint(p, option, index);
        p->save();
        p->setFont(uiFont(small_points));
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
    WeeksDelegate(const School& school, QObject* parent) : QStyledItemDelegate(parent), school_(school) {}
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        QStyledItemDelegate::paint(p, option, index);
        const QVariantList weeks = index.data(BoardModel::WeeksRole).toList();
        const QRect box = option.rect.adjusted(8, 5, -8, -5);
        const double weekly_target_h = school_.house().of(Limit::HoursWeekly);
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

private:
    const School& school_;
};

/// Up to three names, and how many more.
QString namesOf(const School& school, const std::vector<std::string>& pilots)
{
    constexpr std::size_t most = 3;
    QStringList names;
    for (std::size_t i = 0; i < std::min(most, pilots.size()); ++i)
        names << QString::fromStdString(school.file(pilots[i]).row.name);
    if (pilots.size() > most) names << QObject::tr("%1 more").arg(pilots.size() - most);
    return names.join(QStringLiteral(", "));
}

QString placeInWords(PilotStanding::Go go)
{
    using Go = PilotStanding::Go;
    switch (go) {
    case Go::Controller: return QObject::tr("To the controller");
    case Go::Rates: return QObject::tr("To the rates");
    case Go::Debrief: return QObject::tr("To the debrief");
    case Go::FirstFlight: return QObject::tr("To the first flight");
    case Go::Progress: return QObject::tr("To the hours");
    default: return QObject::tr("To the drills");
    }
}

QString daysAgo(const std::optional<std::int64_t>& day, std::int64_t today)
{
    if (!day) return QObject::tr("never");
    const auto ago = today - *day;
    return ago == 0 ? QObject::tr("today") : ago == 1 ? QObject::tr("yesterday") : QObject::tr("%1 days ago").arg(ago);
}

} // namespace

BoardModel::BoardModel(const School& school, QObject* parent) : QAbstractTableModel(parent), school_(school) { refresh(); }

BoardModel::Row BoardModel::rowFor(const bh::Pilot& pilot) const
{
    Row row{pilot.id, {}, 0, {QString::fromStdString(pilot.curriculum)}};
    const Release* release = newest_release(school_, pilot.id);
    constexpr qlonglong flown_first = -3, released_first = -2, ready_first = -1, never_last = std::numeric_limits<int>::max();
    if (has_flown(school_, pilot.id)) {
        row.first_flight = tr("● flown"), row.first_flight_key = flown_first;
        row.groups << QStringLiteral("flown");
    } else if (release && holds(school_, *release)) {
        row.first_flight = tr("● released"), row.first_flight_key = released_first;
        row.groups << QStringLiteral("released");
    } else if (all_met(gates_of(school_, pilot.id))) {
        row.first_flight = tr("◐ all gates met"), row.first_flight_key = ready_first;
        row.groups << QStringLiteral("ready");
    } else if (const auto day = first_flight_day(school_, pilot.id)) {
        row.first_flight = shortDay(*day), row.first_flight_key = *day;
    } else {
        row.first_flight = QStringLiteral("–"), row.first_flight_key = never_last;
    }
    if (school_.standing(pilot.id).needs_attention) row.groups << QStringLiteral("look");
    return row;
}

void BoardModel::refresh()
{
    beginResetModel();
    rows_.clear();
    for (const bh::Pilot& p : school_.pilots()) rows_.push_back(rowFor(p));
    std::stable_sort(rows_.begin(), rows_.end(), [this](const Row& a, const Row& b) {
        return school_.standing(a.id).needs_attention > school_.standing(b.id).needs_attention;
    });
    endResetModel();
}

int BoardModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(rows_.size()); }
int BoardModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : ColumnCount; }

QVariant BoardModel::shown(int column, const Row& row) const
{
    const bh::Pilot* pilot = school_.pilot(row.id);
    const PilotStanding& s = school_.standing(row.id);
    switch (column) {
    case Pilot: return QString::fromStdString(pilot->name);
    case Hours: return tr("%1 of %2 h").arg(inPlaces(s.hours, 1)).arg(inPlaces(pilot->target_h, 0));
    case Matched: return s.hours_matched > 0 ? tr("%1 h").arg(inPlaces(s.hours_matched, 1)) : QString();
    case Week: return tr("%1 h").arg(inPlaces(s.hours_last_7_days, 1));
    case LastFlight: return daysAgo(s.last_practice_day, school_.today());
    case FirstFlight: return row.first_flight;
    case Reason: return asWords(s.attention);
    default: return {};
    }
}

QVariant BoardModel::sortKey(int column, const Row& row) const
{
    const PilotStanding& s = school_.standing(row.id);
    double held = 0;
    switch (column) {
    case Stages:
        for (const StageState state : s.stages) held += state == StageState::Held ? 1 : state == StageState::Partly ? 0.01 : 0;
        return held;
    case Hours: return s.hours;
    case Matched: return s.hours_matched;
    case Week:
    case Weeks: return s.hours_last_7_days;
    case LastFlight: return QVariant::fromValue<qlonglong>(s.last_practice_day.value_or(0));
    case FirstFlight: return row.first_flight_key;
    default: return shown(column, row);
    }
}

QVariant BoardModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Row& row = rows_[static_cast<std::size_t>(index.row())];
    if (!school_.pilot(row.id)) return {};
    const PilotStanding& s = school_.standing(row.id);
    QVariantList list;
    switch (role) {
    case IdRole: return QString::fromStdString(row.id);
    case GroupsRole: return QString(QLatin1Char(' ') + row.groups.join(QLatin1Char(' ')) + QLatin1Char(' '));
    case SortRole: return sortKey(index.column(), row);
    case Qt::TextAlignmentRole:
        return static_cast<int>(
            (index.column() == Hours || index.column() == Matched || index.column() == Week ? Qt::AlignRight : Qt::AlignLeft) |
            Qt::AlignVCenter);
    case Qt::ForegroundRole: return index.column() == Reason && s.needs_attention ? QVariant(theme().caution) : QVariant();
    case Qt::AccessibleTextRole:
        if (index.column() != Stages) return {};
        return tr("%1 of %2 stages held")
            .arg(std::count(s.stages.begin(), s.stages.end(), StageState::Held))
            .arg(s.stages.size());
    case StagesRole:
        for (StageState state : s.stages) list.append(static_cast<int>(state));
        return index.column() == Stages ? list : QVariantList();
    case WeeksRole:
        for (double hours : s.weekly_hours) list.append(hours);
        return index.column() == Weeks ? list : QVariantList();
    case Qt::ToolTipRole: return index.column() == Reason ? shown(Reason, row) : QVariant();
    case Qt::DisplayRole: return shown(index.column(), row);
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
        return tr("Practice of the last eight weeks; the dashed line is what the house wants a week.");
    if (role == Qt::ToolTipRole && section == FirstFlight)
        return tr("Released or flown; otherwise when the last gate is met at the present pace, the briefing apart.");
    if (role != Qt::DisplayRole) return {};
    const QString names[] = {tr("Pilot"),       tr("Stages"),      tr("Practised"),    tr("Matched"),        tr("Last 7 days"),
                             tr("Eight weeks"), tr("Last flight"), tr("First flight"), tr("What comes next")};
    return section < ColumnCount ? names[section] : QVariant();
}

BoardPage::BoardPage(School& school, Station& station, QWidget* parent) : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("boardSummary"));
    summary_->setFont(uiFont(head_points, true));
    summary_->setWordWrap(true);
    begin_ = new BeginPanel;
    begin_->hide();
    connect(begin_, &BeginPanel::asked, this, &BoardPage::beginAsked);
    connect(begin_, &BeginPanel::putOff, this, &BoardPage::beginPutOff);
    todayBox_ = new QWidget;
    today_ = new QVBoxLayout(todayBox_);
    today_->setContentsMargins(0, 0, 0, 0);
    today_->setSpacing(8);
    planned_ = new QLabel;
    planned_->setObjectName(QStringLiteral("boardPlanned"));
    planned_->setProperty("quiet", true);
    planned_->setWordWrap(true);
    model_ = new BoardModel(school_, this);
    proxy_ = new QSortFilterProxyModel(this);
    proxy_->setSourceModel(model_);
    proxy_->setSortRole(BoardModel::SortRole);
    proxy_->setFilterRole(BoardModel::GroupsRole);
    table_ = new QTableView;
    table_->setObjectName(QStringLiteral("board"));
    table_->setAccessibleName(tr("All pilots"));
    table_->setModel(proxy_);
    table_->verticalHeader()->hide();
    table_->setShowGrid(false);
    table_->setWordWrap(false);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setTabKeyNavigation(false);
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->horizontalHeader()->setHighlightSections(false);
    table_->horizontalHeader()->setSortIndicator(-1, Qt::AscendingOrder); // as they come: who needs a look first
    table_->setSortingEnabled(true);
    rememberSorting(table_);
    table_->setItemDelegateForColumn(BoardModel::Stages, new StageDelegate(table_));
    table_->setItemDelegateForColumn(BoardModel::Weeks, new WeeksDelegate(school_, table_));
    roomForText();
    using M = BoardModel; // the bars against the hours a week say when, too
    new ColumnsThatGive(table_, {M::Matched, M::LastFlight, M::Weeks, M::FirstFlight, M::Week, M::Hours});

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(summary_, 1);
    top->addWidget(sections_->add(tr("Today"), QStringLiteral("sectionToday"), [this] { return makeToday(); }));
    top->addWidget(
        sections_->add(tr("Week"), QStringLiteral("sectionWeek"), [this] { return new WeekPanel(school_, station_); }));
    if (school_.on_server())
        top->addWidget(
            sections_->add(tr("Room"), QStringLiteral("sectionRoom"), [this] { return new RoomPanel(school_, station_); }));
    layout->addLayout(top);
    layout->addWidget(sections_, 1);
    connectAll();
    refresh();
}

QWidget* BoardPage::makeToday()
{
    auto* part = new QWidget;
    auto* layout = new QVBoxLayout(part);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(begin_);
    layout->addWidget(todayBox_);
    layout->addWidget(planned_);
    layout->addLayout(makeSchoolHead());
    layout->addWidget(table_, 1);
    layout->addStretch(0); // holds the words at the top while there is no table
    return part;
}

QLayout* BoardPage::makeSchoolHead()
{
    schoolTitle_ = new QLabel(tr("The school"));
    schoolTitle_->setFont(uiFont(text_points, true));
    group_ = new QComboBox;
    group_->setObjectName(QStringLiteral("boardGroup"));
    group_->setAccessibleName(tr("Show which pilots"));
    group_->addItem(tr("All pilots"), QString());
    for (const auto& [words, group] : {std::pair(tr("Need a look"), "look"), std::pair(tr("All gates met"), "ready"),
                                       std::pair(tr("Released"), "released"), std::pair(tr("Have flown"), "flown")})
        group_->addItem(words, QLatin1String(group));
    for (const Curriculum& c : school_.curricula()) group_->addItem(asWords(c.name), QString::fromStdString(c.id));
    auto* row = new QHBoxLayout;
    row->addWidget(schoolTitle_);
    row->addWidget(group_);
    row->addStretch();
    return row;
}

void BoardPage::connectAll()
{
    connect(group_, &QComboBox::currentIndexChanged, this, [this] {
        const QString group = group_->currentData().toString();
        proxy_->setFilterFixedString(group.isEmpty() ? QString() : QLatin1Char(' ') + group + QLatin1Char(' '));
    });
    connect(table_, &QTableView::clicked, this,
            [this](const QModelIndex& index) { station_.choosePilot(index.data(BoardModel::IdRole).toString().toStdString()); });
    connect(table_, &QTableView::activated, this, [this](const QModelIndex& index) {
        const std::string id = index.data(BoardModel::IdRole).toString().toStdString();
        station_.choosePilot(id);
        Q_EMIT goTo(school_.standing(id).go);
    });
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.move_standings()) refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, [this] {
        roomForText();
        refresh();
    });
}

/// Lines and columns as large as the text wants them.
void BoardPage::roomForText()
{
    constexpr int line_px = 30;
    table_->verticalHeader()->setDefaultSectionSize(scaled(line_px));
    constexpr std::array widths_px{124, 140, 90, 64, 78, 96, 88, 96};
    for (int i = 0; i < static_cast<int>(widths_px.size()); ++i)
        table_->setColumnWidth(
            i, std::max(scaled(widths_px[static_cast<std::size_t>(i)]), table_->horizontalHeader()->sectionSizeHint(i)));
}

void BoardPage::showBeginning(const BeginFacts& facts)
{
    const auto lines = beginning(school_, station_.pilotId(), facts);
    if (lines.empty() && beginning_.empty()) return;
    beginning_ = lines;
    begin_->show(lines, facts);
    refresh();
}

void BoardPage::showSection(Section section) { sections_->choose(section); }

void BoardPage::addLine(const TodayItem& item)
{
    auto* row = new QFrame;
    row->setObjectName(QStringLiteral("card"));
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(16, 4, 8, 4);
    layout->setSpacing(8);
    auto* name = new QLabel(namesOf(school_, item.pilots));
    name->setFont(uiFont(text_points, true));
    constexpr int name_px = 170;
    name->setFixedWidth(scaled(name_px));
    name->setWordWrap(true);
    QString words = asWords(item.what);
    if (item.since_day && *item.since_day < school_.today()) words += tr(", since %1").arg(shortDay(*item.since_day));
    auto* what = new QLabel(words);
    what->setWordWrap(true);
    QString held = asWords(item.holds_up);
    if (item.moved_days > 0)
        held = item.pilots.size() == 1 ? tr("first flight later by %1 days").arg(item.moved_days)
                                       : tr("first flights later by %1 days in all").arg(item.moved_days);
    auto* holds = new QLabel(held);
    holds->setProperty("quiet", true);
    holds->setWordWrap(true);
    constexpr int held_px = 190;
    holds->setFixedWidth(scaled(held_px));
    auto* go = new QPushButton(placeInWords(item.go));
    const std::string pilot = item.pilots.front();
    go->setObjectName(QStringLiteral("go-") + QString::fromStdString(school_.file(pilot).row.name));
    constexpr int button_px = 150;
    go->setMinimumWidth(scaled(button_px));
    go->setAccessibleName(tr("%1: %2. %3. %4").arg(name->text(), words, held, go->text()));
    layout->addWidget(name);
    layout->addWidget(what, 1);
    layout->addWidget(holds);
    layout->addWidget(go);
    connect(
        go, &QPushButton::clicked, this,
        [this, pilot, place = item.go] {
            station_.choosePilot(pilot);
            Q_EMIT goTo(place);
        },
        Qt::QueuedConnection); // the click may remake this list
    today_->addWidget(row);
}

void BoardPage::refresh()
{
    model_->refresh();
    while (QLayoutItem* item = today_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    const std::vector<TodayItem>& items = school_.today_items();
    const std::size_t shown = std::min(items.size(), most_today);
    std::set<std::string> named;
    for (std::size_t i = 0; i < items.size(); ++i) {
        if (i < shown) addLine(items[i]);
        named.insert(items[i].pilots.begin(), items[i].pilots.end());
    }
    double week_h = 0;
    for (const Pilot& pilot : school_.pilots()) week_h += school_.standing(pilot.id).hours_last_7_days;
    const auto planned = school_.pilots().size() - named.size();
    QStringList rest;
    if (items.size() > shown) rest << tr("%1 smaller things can wait: they stand in the table").arg(items.size() - shown);
    if (planned > 0) rest << (planned == 1 ? tr("1 pilot as planned") : tr("%1 pilots as planned").arg(planned));
    planned_->setText(rest.join(QStringLiteral("; ")) + QLatin1Char('.'));
    planned_->setVisible(!rest.isEmpty() && !school_.pilots().empty());
    group_->setVisible(!school_.pilots().empty());
    const auto next = std::find_if(beginning_.begin(), beginning_.end(), [](const BeginLine& l) { return !l.done; });
    if (next != beginning_.end())
        summary_->setText(tr("The way to the first score. Now: %1.").arg(beginInWords(next->step)));
    else
        summary_->setText(tr("%1 today. %2 h practised in the last 7 days by %3 pilots.")
                              .arg(shown == 0   ? tr("Nothing needs you")
                                   : shown == 1 ? tr("One thing needs you")
                                                : tr("%1 things need you").arg(shown))
                              .arg(inPlaces(week_h, 1))
                              .arg(school_.pilots().size()));
    todayBox_->setVisible(shown > 0);
    schoolTitle_->setVisible(!school_.pilots().empty());
    table_->setVisible(!school_.pilots().empty());
}

} // namespace bh::desk
