#include "desk/shell/window/roster.h"

#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/school.h"
#include "school/views/beginning.h"
#include "school/views/today.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QDoubleSpinBox>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSortFilterProxyModel>
#include <QStyledItemDelegate>
#include <algorithm>

namespace bh::desk {
namespace {

/// Name, stage cells, hours against target, at most one attention mark.
class PilotDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {200, scaled(52)}; }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override
    {
        const Theme& t = theme();
        p->save();
        const QRect box = option.rect;
        const auto placed = [&](const QRect& r) { return QStyle::visualRect(option.direction, box, r); }; // as one reads
        const bool chosen = option.state & QStyle::State_Selected;
        if (chosen) {
            p->fillRect(box, t.paper);
            p->fillRect(placed(QRect(box.left(), box.top(), 4, box.height())), t.attention);
        }
        const QColor text = chosen ? t.ink : t.onChrome;
        const QColor soft = chosen ? t.soft : t.chromeSoft;
        const QRect inner = box.adjusted(14, 6, -10, -6);
        p->setFont(uiFont(text_points, true));
        p->setPen(text);
        p->drawText(placed(inner), Qt::AlignLeft | Qt::AlignTop,
                    p->fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(), Qt::ElideRight, inner.width() - 22));
        if (index.data(PilotListModel::AttentionRole).toBool()) {
            p->setRenderHint(QPainter::Antialiasing);
            p->setPen(Qt::NoPen);
            p->setBrush(t.attention);
            const QPointF at = placed(QRect(inner.right() - 11, inner.top() + 3, 11, 11)).center();
            p->drawPolygon(QPolygonF{at + QPointF(0, -6), at + QPointF(6, 5), at + QPointF(-6, 5)});
            p->setRenderHint(QPainter::Antialiasing, false);
        }
        int x = inner.left();
        const QVariantList stages = index.data(PilotListModel::StagesRole).toList();
        const int step = std::clamp(130 / std::max(1, static_cast<int>(stages.size())), 7, 20); // beside the hours
        for (const QVariant& stage : stages) {
            const QRect cell = placed(QRect(x, inner.bottom() - 11, step - (step > 9 ? 4 : 2), 10));
            p->setPen(QPen(soft, 1));
            p->setBrush(Qt::NoBrush);
            p->drawRect(cell);
            const auto state = static_cast<StageState>(stage.toInt());
            if (state == StageState::Held) p->fillRect(cell.adjusted(2, 2, -1, -1), chosen ? t.held : QColor("#6FC3B1"));
            if (state == StageState::Partly)
                p->fillRect(QRect(cell.left() + 2, cell.top() + 2, std::max(2, (cell.width() - 4) / 2), cell.height() - 3), soft);
            x += step;
        }
        p->setFont(uiFont(small_points));
        p->setPen(soft);
        const QString hours = QObject::tr("%1 of %2 h")
                                  .arg(inPlaces(index.data(PilotListModel::HoursRole).toDouble(), 1))
                                  .arg(inPlaces(index.data(PilotListModel::TargetRole).toDouble(), 0));
        p->drawText(placed(inner), Qt::AlignRight | Qt::AlignBottom, hours);
        p->restore();
    }
};

} // namespace

PilotListModel::PilotListModel(const School& school, QObject* parent) : QAbstractListModel(parent), school_(school) { refresh(); }

void PilotListModel::refresh()
{
    named_ = named_today(school_);
    std::vector<std::string> ids;
    for (const Pilot& p : school_.pilots()) ids.push_back(p.id);
    if (ids == ids_) {
        if (!ids_.empty()) Q_EMIT dataChanged(index(0), index(static_cast<int>(ids_.size()) - 1));
        return;
    }
    beginResetModel();
    ids_ = std::move(ids);
    endResetModel();
}

int PilotListModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : static_cast<int>(ids_.size()); }

QVariant PilotListModel::data(const QModelIndex& index, int role) const
{
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const std::string& id = ids_[static_cast<std::size_t>(index.row())];
    const Pilot* pilot = school_.pilot(id);
    if (!pilot) return {};
    const PilotStanding& standing = school_.standing(id);
    switch (role) {
    case Qt::DisplayRole:
    case Qt::AccessibleTextRole: return QString::fromStdString(pilot->name);
    case Qt::ToolTipRole:
    case ReasonRole: return asWords(standing.attention);
    case IdRole: return QString::fromStdString(id);
    case HoursRole: return standing.hours;
    case TargetRole: return pilot->target_h;
    case AttentionRole: return named_.contains(id);
    case StagesRole: {
        QVariantList list;
        for (StageState s : standing.stages) list.append(static_cast<int>(s));
        return list;
    }
    default: return {};
    }
}

Roster::Roster(School& school, Station& station, QWidget* parent) : QFrame(parent), school_(school), station_(station)
{
    setObjectName(QStringLiteral("roster"));
    wideAsText();
    model_ = new PilotListModel(school_, this);
    proxy_ = new QSortFilterProxyModel(this);
    proxy_->setSourceModel(model_);
    proxy_->setFilterCaseSensitivity(Qt::CaseInsensitive);
    proxy_->setDynamicSortFilter(false); // a pilot renamed under a filter stays in sight, and chosen, until it is typed anew

    auto* title = new QLabel(tr("Pilots"));
    title->setFont(uiFont(text_points, true));
    filter_ = new QLineEdit;
    filter_->setObjectName(QStringLiteral("pilotFilter"));
    filter_->setPlaceholderText(tr("Type to find a pilot"));
    filter_->setAccessibleName(tr("Find a pilot"));
    filter_->setClearButtonEnabled(true);
    filter_->installEventFilter(this);
    list_ = new QListView;
    list_->setObjectName(QStringLiteral("pilotList"));
    list_->setAccessibleName(tr("Pilots"));
    list_->setModel(proxy_);
    list_->setItemDelegate(new PilotDelegate(list_));
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    empty_ = new QLabel(tr("No pilots yet. Type a name below and press Enter to add the first one."));
    empty_->setWordWrap(true);

    makeCard();
    newName_ = new QLineEdit;
    newName_->setObjectName(QStringLiteral("newPilotName"));
    newName_->setPlaceholderText(tr("New pilot's name"));
    newName_->setAccessibleName(tr("Name of a new pilot"));
    add_ = new QPushButton(tr("Add"));
    add_->setObjectName(QStringLiteral("addPilot"));
    add_->setEnabled(false);
    auto* addRow = new QHBoxLayout;
    addRow->addWidget(newName_, 1);
    addRow->addWidget(add_);

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 8);
    layout->setSpacing(8);
    const auto inset = [&](auto* item) {
        auto* row = new QHBoxLayout;
        row->setContentsMargins(16, 0, 16, 0);
        if constexpr (std::is_base_of_v<QWidget, std::remove_pointer_t<decltype(item)>>)
            row->addWidget(item);
        else
            row->addLayout(item);
        layout->addLayout(row);
    };
    inset(title);
    inset(filter_);
    inset(empty_);
    layout->addWidget(list_, 1);
    inset(card_);
    inset(addRow);

    connectAll();
    refresh();
    if (station_.pilotId().empty() && proxy_->rowCount() > 0) chooseRow(proxy_->index(0, 0));
    if (school_.pilots().empty()) newName_->setFocus(); // the first thing to do
}

void Roster::makeCard()
{
    card_ = new QFrame;
    name_ = new QLineEdit;
    name_->setObjectName(QStringLiteral("pilotName"));
    name_->setAccessibleName(tr("Name of the chosen pilot"));
    target_ = new QDoubleSpinBox;
    target_->setObjectName(QStringLiteral("pilotTarget"));
    target_->setAccessibleName(tr("Hours wanted before a first flight"));
    target_->setToolTip(tr("Practice hours wanted before a first real flight. 20 h is the low end, 50 h the comfortable one "
                           "(common practice, no source)."));
    target_->setRange(1, 500);
    target_->setDecimals(0);
    target_->setButtonSymbols(QAbstractSpinBox::NoButtons);
    target_->setSuffix(tr(" h"));
    target_->setKeyboardTracking(false);
    auto* cardLayout = new QVBoxLayout(card_);
    cardLayout->setContentsMargins(0, 0, 0, 0);
    cardLayout->setSpacing(4);
    auto* cardTitle = new QLabel(tr("Chosen pilot"));
    auto* targetRow = new QHBoxLayout;
    targetRow->addWidget(new QLabel(tr("Target")));
    targetRow->addWidget(target_, 1);
    left_ = new QPushButton(tr("Has left"));
    left_->setObjectName(QStringLiteral("pilotLeft"));
    left_->setToolTip(tr("Takes the pilot off the list; everything stays on the record, and Ctrl+Z brings the pilot back"));
    targetRow->addWidget(left_);
    cardLayout->addWidget(cardTitle);
    cardLayout->addWidget(name_);
    cardLayout->addLayout(targetRow);
}

void Roster::connectAll()
{
    connect(filter_, &QLineEdit::textChanged, this, [this](const QString& text) {
        proxy_->setFilterFixedString(text);
        if (proxy_->rowCount() > 0 && !text.isEmpty()) chooseRow(proxy_->index(0, 0));
    });
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (now.isValid()) station_.choosePilot(now.data(PilotListModel::IdRole).toString().toStdString());
    });
    connect(name_, &QLineEdit::editingFinished, this, &Roster::saveCard);
    connect(target_, &QDoubleSpinBox::valueChanged, this, &Roster::saveCard);
    connect(left_, &QPushButton::clicked, this, &Roster::archive);
    connect(newName_, &QLineEdit::textChanged, this,
            [this](const QString& text) { add_->setEnabled(!text.simplified().isEmpty()); });
    const auto addNow = [this] {
        Pilot pilot{"", newName_->text().toStdString()};
        pilot.curriculum = usual_curriculum(school_);
        const std::string id = school_.add_pilot(pilot);
        if (id.empty()) return;
        newName_->clear();
        filter_->clear();
        station_.choosePilot(id);
        refresh();
    };
    connect(add_, &QPushButton::clicked, this, addNow);
    connect(newName_, &QLineEdit::returnPressed, this, addNow);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.move_standings()) refresh();
    });
    connect(&themeNews(), &ThemeNews::changed, this, [this] {
        wideAsText();
        list_->doItemsLayout();
        refresh();
    });
    connect(&station_, &Station::pilotChosen, this, &Roster::refresh);
}

/// Half as much wider as the text is larger: the pages need room as well.
void Roster::wideAsText()
{
    constexpr int usual_px = 244;
    setFixedWidth((usual_px + scaled(usual_px)) / 2);
}

bool Roster::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == filter_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            moveBy(key == Qt::Key_Down ? 1 : -1);
            return true;
        }
        if (key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Escape) {
            filter_->clear();
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

void Roster::moveBy(int rows)
{
    const int row = std::clamp(list_->currentIndex().row() + rows, 0, std::max(0, proxy_->rowCount() - 1));
    chooseRow(proxy_->index(row, 0));
}

void Roster::chooseRow(const QModelIndex& index)
{
    list_->setCurrentIndex(index);
    list_->scrollTo(index);
}

void Roster::refresh()
{
    model_->refresh();
    const QString wanted = QString::fromStdString(station_.pilotId());
    for (int row = 0; row < proxy_->rowCount(); ++row)
        if (proxy_->index(row, 0).data(PilotListModel::IdRole).toString() == wanted && list_->currentIndex().row() != row)
            chooseRow(proxy_->index(row, 0));
    empty_->setVisible(school_.pilots().empty());
    showCard();
    list_->viewport()->update();
}

void Roster::showCard()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    card_->setVisible(pilot != nullptr);
    if (!pilot) return;
    const QSignalBlocker quietTarget(target_);
    if (!name_->hasFocus() || name_->property("shown").toString() != QString::fromStdString(pilot->id + pilot->name))
        name_->setText(QString::fromStdString(pilot->name));
    name_->setProperty("shown", QString::fromStdString(pilot->id + pilot->name));
    target_->setValue(pilot->target_h);
}

void Roster::saveCard()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return;
    Pilot edited = *pilot;
    edited.name = name_->text().simplified().toStdString();
    edited.target_h = target_->value();
    if (!edited.name.empty() && school_.edit_pilot(edited)) return;
    name_->setText(QString::fromStdString(pilot->name)); // as it stands
    const QSignalBlocker quiet(target_);
    target_->setValue(pilot->target_h);
}

/// The next one of the list is chosen instead.
void Roster::archive()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return;
    Pilot left = *pilot;
    left.archived = true;
    const int row = list_->currentIndex().row();
    if (!school_.edit_pilot(left)) return;
    const QModelIndex next = proxy_->index(std::min(row, proxy_->rowCount() - 1), 0);
    station_.choosePilot(next.isValid() ? next.data(PilotListModel::IdRole).toString().toStdString() : std::string());
    refresh();
}

} // namespace bh::desk
