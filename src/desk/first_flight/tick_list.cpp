#include "desk/first_flight/tick_list.h"

#include "desk/parts/forms/text_box.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/views/first_flight.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QSignalBlocker>

namespace bh::desk {

TickList::TickList(School& school, Of of, QWidget* parent) : QWidget(parent), school_(school), of_(of)
{
    auto* list = new QWidget;
    auto* grid = new QGridLayout(list);
    grid->setContentsMargins(0, 0, 8, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(4);
    if (of_ == Of::Briefing) {
        grid->addWidget(new QLabel(tr("Pilot")), 0, 0);
        grid->addWidget(new QLabel(tr("Coord.")), 0, 1);
        grid->addWidget(new QLabel(tr("Read aloud")), 0, 2);
    }
    grid->setColumnStretch(2, 1);
    const FirstFlightPlan& plan = school_.first_flight_plan();
    for (const FirstFlightPlan::Item& item : of_ == Of::Briefing ? plan.briefing : plan.programme) addLine(item, grid);
    grid->setRowStretch(grid->rowCount(), 1);
    auto* scroll = new QScrollArea;
    scroll->setWidget(list);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(scroll);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::FlightDay, Kind::Setup, Kind::Rates}, pilot_id_)) refresh();
    });
}

void TickList::addLine(const FirstFlightPlan::Item& item, QGridLayout* grid)
{
    Line line;
    const int row = grid->rowCount();
    const QString words = asWords(item.text), id = QString::fromStdString(item.id);
    const auto box = [&](const QString& name, const QString& who, bool Tick::*by) {
        auto* tick = new QCheckBox;
        tick->setObjectName(name);
        tick->setAccessibleName(tr("%1, %2").arg(words, who));
        connect(tick, &QCheckBox::toggled, this,
                [this, item_id = item.id, by](bool on) { change(item_id, [by, on](Tick& t) { t.*by = on; }); });
        return tick;
    };
    auto* text = new QLabel(words);
    text->setWordWrap(true);
    auto* side = new QVBoxLayout;
    side->setSpacing(0);
    line.coordinator = box(QStringLiteral("coordinator-") + id, tr("coordinator"), &Tick::by_coordinator);
    if (of_ == Of::Briefing) {
        line.pilot = box(QStringLiteral("pilot-") + id, tr("pilot"), &Tick::by_pilot);
        grid->addWidget(line.pilot, row, 0, Qt::AlignTop | Qt::AlignHCenter);
        side->addWidget(text);
        if (item.id == "rates") { // the one point that the record knows something of
            line.known = new QLabel;
            line.known->setObjectName(QStringLiteral("ratesOnAircraft"));
            line.known->setWordWrap(true);
            side->addWidget(line.known);
        }
        auto* why = new QLabel(asWords(item.why));
        why->setProperty("quiet", true);
        why->setWordWrap(true);
        side->addWidget(why);
    } else {
        auto* battery = new QLabel(QString::number(item.battery));
        battery->setToolTip(tr("Battery %1").arg(item.battery));
        battery->setFont(uiFont(text_points, true));
        grid->addWidget(battery, row, 0, Qt::AlignTop | Qt::AlignHCenter);
        side->addWidget(text);
        line.note = textBox(("note-" + item.id).c_str(), tr("How it went: %1").arg(words), tr("How it went"), 200);
        connect(line.note, &QLineEdit::editingFinished, this, [this, item_id = item.id, note = line.note] {
            change(item_id, [note](Tick& t) { t.note = note->text().simplified().toStdString(); });
        });
        side->addWidget(line.note);
    }
    grid->addWidget(line.coordinator, row, 1, Qt::AlignTop | Qt::AlignHCenter);
    grid->addLayout(side, row, 2);
    lines_[item.id] = line;
}

void TickList::show(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    refresh();
}

void TickList::change(const std::string& item, const std::function<void(Tick&)>& how)
{
    FlightDay day = flight_day(school_, pilot_id_);
    auto& ticks = of_ == Of::Briefing ? day.briefing : day.programme;
    how(ticks[item]);
    if (ticks[item] == Tick{}) ticks.erase(item);
    keep_flight_day(school_, pilot_id_, day, "ticked");
    refresh(); // what may not be ticked is as it was
}

void TickList::refresh()
{
    const bool any = school_.pilot(pilot_id_) != nullptr;
    const FlightDay day = flight_day(school_, pilot_id_);
    const auto& ticks = of_ == Of::Briefing ? day.briefing : day.programme;
    for (auto& [id, line] : lines_) {
        const auto found = ticks.find(id);
        const Tick tick = found == ticks.end() ? Tick{} : found->second;
        const auto put = [any](QCheckBox* box, bool on) {
            if (!box) return;
            const QSignalBlocker quiet(box);
            box->setChecked(on);
            box->setEnabled(any);
        };
        put(line.pilot, tick.by_pilot);
        put(line.coordinator, tick.by_coordinator);
        if (line.note && !line.note->hasFocus()) line.note->setText(QString::fromStdString(tick.note));
        if (line.note) line.note->setEnabled(any);
        if (!line.known) continue;
        const RatesOnAircraft rates = rates_on_aircraft(school_, pilot_id_);
        line.known->setText((rates.same ? QStringLiteral("● ") : QStringLiteral("▬ ")) + asWords(rates.words));
        line.known->setStyleSheet(QStringLiteral("color: %1").arg((rates.same ? theme().held : theme().notMet).name()));
    }
}

} // namespace bh::desk
