#include "desk/progress/progress_page.h"

#include "desk/parts/forms/begin_card.h"
#include "desk/parts/forms/sections.h"
#include "desk/parts/look/theme.h"
#include "desk/progress/bill_panel.h"
#include "desk/progress/curves_panel.h"
#include "desk/progress/hours_panel.h"
#include "desk/progress/log_panel.h"
#include "desk/progress/outside_offer.h"
#include "desk/progress/sickness_panel.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/views/pilot_progress.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <cmath>

namespace bh::desk {

ProgressPage::ProgressPage(School& school, Station& station, QWidget* parent)
    : QWidget(parent), school_(school), station_(station)
{
    summary_ = new QLabel;
    summary_->setObjectName(QStringLiteral("progressSummary"));
    summary_->setFont(uiFont(head_points, true));
    summary_->setWordWrap(true);
    sections_ = new Sections;
    auto* top = new QHBoxLayout;
    top->setSpacing(8);
    top->addWidget(
        sections_->add(tr("Curves"), QStringLiteral("sectionCurves"), [this] { return new CurvesPanel(school_, station_); }));
    top->addWidget(
        sections_->add(tr("Hours"), QStringLiteral("sectionHours"), [this] { return new HoursPanel(school_, station_); }));
    top->addWidget(sections_->add(tr("Log"), QStringLiteral("sectionLog"), [this] {
        auto* log = new LogPanel(school_, station_);
        connect(log, &LogPanel::watchAsked, this, &ProgressPage::watchAsked);
        return log;
    }));
    top->addWidget(sections_->add(tr("Sickness"), QStringLiteral("sectionSickness"),
                                  [this] { return new SicknessPanel(school_, station_); }));
    top->addWidget(sections_->add(tr("Bill"), QStringLiteral("sectionBill"), [this] {
        auto* bill = new BillPanel(school_, station_);
        connect(bill, &BillPanel::pricesAsked, this, &ProgressPage::rulesAsked);
        return bill;
    }));
    top->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(8);
    layout->addWidget(summary_);
    layout->addWidget(new BeginCard(tr("How marks, hours, habits and costs go, from week to week."), school_, station_,
                                    {tr("Fly a drill"), "page-drills"}, [this] {
                                        const PilotFile& file = school_.file(station_.pilotId());
                                        return file.attempts.empty() && file.sessions.empty();
                                    }));
    layout->addWidget(new OutsideOffer(school_, station_));
    layout->addLayout(top);
    layout->addWidget(sections_, 1);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Attempt, Kind::Session, Kind::HouseRule, Kind::Struck, Kind::FlownBy},
                        station_.pilotId()))
            refresh();
    });
    connect(&station_, &Station::pilotChosen, this, &ProgressPage::refresh);
    refresh();
}

void ProgressPage::showSection(Section section) { sections_->choose(section); }

void ProgressPage::refresh()
{
    const Pilot* pilot = school_.pilot(station_.pilotId());
    if (!pilot) return summary_->setText(tr("Choose or add a pilot on the left."));
    const HoursOfPilot h = hours_of(school_, pilot->id);
    const QString name = QString::fromStdString(pilot->name);
    if (h.hours == 0) return summary_->setText(tr("%1 has not practised yet.").arg(name));
    const double low = school_.house().of(Limit::HoursLow), comfortable = school_.house().of(Limit::HoursComfortable);
    const bool past_low = h.hours >= low;
    const WeeksLeft& left = past_low ? h.to_comfortable : h.to_low;
    const double target = past_low ? comfortable : low;
    constexpr double furthest_weeks = 520;
    QString when;
    if (past_low && h.hours >= comfortable)
        when = tr("more than the comfortable %1 h").arg(comfortable);
    else if (left.weeks && *left.weeks < furthest_weeks) {
        const auto days = static_cast<std::int64_t>(std::ceil(7 * *left.weeks));
        when = tr("%1 h about %2").arg(target).arg(calendarDay(school_.today() + days));
    } else
        when = tr("%1 h never, at this pace").arg(target);
    summary_->setText(tr("%1: %2 h, %3 h of them on matched rates; %4 h a week, %5.")
                          .arg(name)
                          .arg(inPlaces(h.hours, 1))
                          .arg(inPlaces(h.matched, 1))
                          .arg(inPlaces(h.pace.weekly_hours, 1))
                          .arg(when));
}

} // namespace bh::desk
