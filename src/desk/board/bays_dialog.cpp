#include "desk/board/bays_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "files/tables/calendar.h"
#include "files/text/file_text.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLocale>
#include <QTableWidget>
#include <QTimeEdit>
#include <QTimeZone>
#include <algorithm>

namespace bh::desk {
namespace {

QTime timeOf(int minutes) { return QTime(0, 0).addSecs(60 * std::min(minutes, 24 * 60 - 1)); }
int minutesOf(const QTimeEdit* edit) { return edit->time().hour() * 60 + edit->time().minute(); }

QStringList partsOf(const QTableWidgetItem* item)
{
    QStringList parts;
    if (item)
        for (const QString& part : item->text().split(QLatin1Char(',')))
            if (!part.simplified().isEmpty()) parts << part.simplified();
    return parts;
}

std::vector<std::string> listOf(const QTableWidgetItem* item)
{
    std::vector<std::string> list;
    for (const QString& part : partsOf(item)) list.push_back(part.toStdString());
    return list;
}

QString lineOf(const std::vector<std::string>& list)
{
    QStringList parts;
    for (const std::string& one : list) parts << QString::fromStdString(one);
    return parts.join(QStringLiteral(", "));
}

QLayout* endRow(QDialog* dialog, QPushButton* keep)
{
    auto* close = namedButton(QObject::tr("Leave it"), "hoursLeave", QObject::tr("Nothing is changed"));
    QObject::connect(close, &QPushButton::clicked, dialog, &QDialog::reject);
    setPrimary(keep);
    auto* row = new QHBoxLayout;
    row->addStretch();
    row->addWidget(close);
    row->addWidget(keep);
    return row;
}

} // namespace

HoursForm::HoursForm(bool with_coordinator, QWidget* parent) : QWidget(parent)
{
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    constexpr int first_min = 9 * 60, last_min = 17 * 60, noon_min = 12 * 60;
    for (int d = 0; d < 7; ++d) {
        Day& day = days_[static_cast<std::size_t>(d)];
        const QString name = QLocale().dayName(d + 1);
        day.open = new QCheckBox(name);
        day.open->setObjectName(QStringLiteral("open-%1").arg(d + 1));
        const auto time = [&](const char* what, int minutes) {
            auto* edit = new QTimeEdit(timeOf(minutes));
            edit->setObjectName(QStringLiteral("%1-%2").arg(QLatin1String(what)).arg(d + 1));
            edit->setAccessibleName(tr("%1, %2").arg(name, QLatin1String(what)));
            edit->setDisplayFormat(QStringLiteral("HH:mm"));
            return edit;
        };
        day.from = time("from", first_min), day.to = time("to", last_min);
        day.coordinator = new QCheckBox(tr("coordinator"));
        day.coordinator->setObjectName(QStringLiteral("coordinator-%1").arg(d + 1));
        day.coordinator->setAccessibleName(tr("%1, a coordinator is there").arg(name));
        day.coordinator_from = time("coordinator-from", first_min), day.coordinator_to = time("coordinator-to", noon_min);
        int column = 0;
        for (QWidget* w : std::initializer_list<QWidget*>{day.open, day.from, day.to, day.coordinator, day.coordinator_from,
                                                          day.coordinator_to})
            grid->addWidget(w, d, column++);
        for (QWidget* w : std::initializer_list<QWidget*>{day.coordinator, day.coordinator_from, day.coordinator_to})
            w->setVisible(with_coordinator);
    }
}

void HoursForm::show(const std::vector<WeeklyHours>& hours)
{
    for (int d = 1; d <= 7; ++d) {
        Day& day = days_[static_cast<std::size_t>(d - 1)];
        int from = 24 * 60, to = 0, coordinator_from = 24 * 60, coordinator_to = 0;
        for (const WeeklyHours& h : hours) {
            if (h.weekday != d) continue;
            from = std::min(from, h.start_min), to = std::max(to, h.end_min);
            if (h.coordinator)
                coordinator_from = std::min(coordinator_from, h.start_min), coordinator_to = std::max(coordinator_to, h.end_min);
        }
        day.open->setChecked(from < to);
        if (from < to) day.from->setTime(timeOf(from)), day.to->setTime(timeOf(to));
        day.coordinator->setChecked(coordinator_from < coordinator_to);
        if (coordinator_from < coordinator_to)
            day.coordinator_from->setTime(timeOf(coordinator_from)), day.coordinator_to->setTime(timeOf(coordinator_to));
    }
}

std::vector<WeeklyHours> HoursForm::hours() const
{
    std::vector<WeeklyHours> hours;
    for (int d = 1; d <= 7; ++d) {
        const Day& day = days_[static_cast<std::size_t>(d - 1)];
        const int from = minutesOf(day.from), to = minutesOf(day.to);
        if (!day.open->isChecked() || to <= from) continue;
        const int begins = day.coordinator->isChecked() ? std::clamp(minutesOf(day.coordinator_from), from, to) : to;
        const int ends = day.coordinator->isChecked() ? std::clamp(minutesOf(day.coordinator_to), begins, to) : to;
        for (const auto& [start, end, there] :
             {std::tuple(from, begins, false), std::tuple(begins, ends, true), std::tuple(ends, to, false)})
            if (end > start) hours.push_back({d, start, end, there});
    }
    return hours;
}

BaysDialog::BaysDialog(School& school, QWidget* parent) : QDialog(parent), school_(school)
{
    setObjectName(QStringLiteral("baysDialog"));
    setWindowTitle(tr("Bays and hours"));
    resize(openingSize(*this, 640, 560));
    constexpr int rows = 8;
    bays_ = new QTableWidget(rows, 3);
    bays_->setHorizontalHeader(new HeadsOverCells(bays_));
    bays_->setObjectName(QStringLiteral("baysTable"));
    bays_->setAccessibleName(tr("Bays, with the simulators and controllers in them"));
    bays_->setHorizontalHeaderLabels({tr("Bay"), tr("Simulators, with commas"), tr("Controllers, with commas")});
    bays_->verticalHeader()->hide();
    bays_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    hours_ = new HoursForm(true);
    const SchoolBays known = school_.values().bays.value_or(SchoolBays{});
    for (std::size_t i = 0; i < std::min<std::size_t>(rows, known.bays.size()); ++i) {
        const int row = static_cast<int>(i);
        bays_->setItem(row, 0, new QTableWidgetItem(QString::fromStdString(known.bays[i].name)));
        bays_->setItem(row, 1, new QTableWidgetItem(lineOf(known.bays[i].simulators)));
        bays_->setItem(row, 2, new QTableWidgetItem(lineOf(known.bays[i].controllers)));
    }
    hours_->show(known.hours);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("baysSaid"));
    said_->setWordWrap(true);
    auto* keep = namedButton(tr("Keep them"), "baysKeep", tr("From the next plan on; Ctrl+Z takes it back"));
    connect(keep, &QPushButton::clicked, this, &BaysDialog::keep);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(partTitle(tr("Bays")));
    layout->addWidget(bays_, 1);
    layout->addWidget(partTitle(tr("Open, and with a coordinator")));
    layout->addWidget(hours_);
    layout->addWidget(said_);
    layout->addLayout(endRow(this, keep));
}

void BaysDialog::keep()
{
    SchoolBays bays = school_.values().bays.value_or(SchoolBays{});
    bays.bays.clear();
    for (int row = 0; row < bays_->rowCount(); ++row) {
        const QTableWidgetItem* name = bays_->item(row, 0);
        if (!name || name->text().simplified().isEmpty()) continue;
        bays.bays.push_back({name->text().simplified().toStdString(), listOf(bays_->item(row, 1)), listOf(bays_->item(row, 2))});
    }
    bays.hours = hours_->hours();
    if (const auto good = parse_bays(bays_text(bays), "bays"); !good) return said_->setText(asWords(good.error()));
    if (bays.bays.empty() || bays.hours.empty())
        return said_->setText(tr("A bay and a day on which the school is open are needed."));
    if (school_.make({school_.change_to(Kind::Bays, "school", bays_text(bays), "bays and hours")})) accept();
}

AvailabilityDialog::AvailabilityDialog(School& school, const std::string& pilot_id, QWidget* parent)
    : QDialog(parent), school_(school), pilot_id_(pilot_id)
{
    setObjectName(QStringLiteral("availabilityDialog"));
    setWindowTitle(tr("When %1 can come").arg(QString::fromStdString(school_.file(pilot_id).row.name)));
    const auto& known = school_.file(pilot_id).available;
    constexpr double most_hours = 60;
    wanted_ = numberBox("availableWanted", tr("Hours wanted a week"), 0, most_hours, 0.5, tr(" h a week"));
    wanted_->setDecimals(1);
    wanted_->setValue(known ? known->wanted_hours : school_.house().of(Limit::HoursWeekly));
    hours_ = new HoursForm(false);
    if (known) hours_->show(known->hours);
    auto* keep = namedButton(tr("Keep it"), "availableKeep", tr("From the next plan on; Ctrl+Z takes it back"));
    connect(keep, &QPushButton::clicked, this, &AvailabilityDialog::keep);
    if (known) on_ = known->on;
    said_ = new QLabel(on_.empty() ? tr("Or from a calendar: whatever is in it is when the pilot can come.")
                                   : tr("And %1 dated stretches from a file.").arg(on_.size()));
    said_->setObjectName(QStringLiteral("availableSaid"));
    said_->setWordWrap(true);
    auto* open =
        namedButton(tr("From a file …"), "availableFile", tr("An iCalendar, or a table with day or weekday, start and end"));
    connect(open, &QPushButton::clicked, this, [this] {
        const QString file =
            QFileDialog::getOpenFileName(this, tr("When the pilot can come"), {}, tr("Calendars and tables (*.ics *.csv)"));
        if (!file.isEmpty()) takeFile(file);
    });
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(wanted_);
    layout->addWidget(hours_);
    layout->addWidget(open, 0, Qt::AlignLeft);
    layout->addWidget(said_);
    layout->addLayout(endRow(this, keep));
}

void AvailabilityDialog::takeFile(const QString& file)
{
    const auto text = read_text(file.toStdString());
    if (!text) return said_->setText(asWords(text.error()));
    constexpr std::int64_t weeks_ahead = 26, week_s = 7 * 86400;
    if (file.endsWith(QStringLiteral(".csv"), Qt::CaseInsensitive)) {
        const auto read = read_availability_csv(*text, file.toStdString());
        if (!read) return said_->setText(asWords(read.error()));
        on_.insert(on_.end(), read->on.begin(), read->on.end());
        if (!read->hours.empty()) hours_->show(read->hours);
        return said_->setText(tr("%1 weekly and %2 dated stretches read; keep them to plan with them.")
                                  .arg(read->hours.size())
                                  .arg(read->on.size()));
    }
    const auto spans = read_calendar(std::string(*text), file.toStdString(), school_.now(), school_.now() + weeks_ahead * week_s,
                                     QTimeZone::systemTimeZoneId().toStdString());
    if (!spans) return said_->setText(asWords(spans.error()));
    on_.clear(); // a calendar tells all of it
    for (const CalendarSpan& span : *spans) {
        const QDateTime start = QDateTime::fromSecsSinceEpoch(span.start), end = QDateTime::fromSecsSinceEpoch(span.end);
        const auto minutes = [](const QTime& t) { return t.hour() * 60 + t.minute(); };
        if (start.date() == end.date())
            on_.push_back({start.date().toString(Qt::ISODate).toStdString(), minutes(start.time()), minutes(end.time())});
    }
    said_->setText(tr("%1 stretches in the next half year read; keep them to plan with them.").arg(on_.size()));
}

void AvailabilityDialog::keep()
{
    Availability available = school_.file(pilot_id_).available.value_or(Availability{});
    available.wanted_hours = wanted_->value();
    available.hours = hours_->hours();
    available.on = on_;
    if (school_.make({school_.change_to(Kind::Available, pilot_id_, availability_text(available), "can come")})) accept();
}

} // namespace bh::desk
