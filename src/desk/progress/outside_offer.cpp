#include "desk/progress/outside_offer.h"

#include "desk/parts/forms/buttons.h"
#include "desk/progress/practice_dialog.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"
#include "station/station.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTime>
#include <QLabel>
#include <QPushButton>

namespace bh::desk {

OutsideOffer::OutsideOffer(School& school, Station& station, QWidget* parent) : QFrame(parent), school_(school), station_(station)
{
    setObjectName(QStringLiteral("card"));
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("outsideOffer"));
    words_->setWordWrap(true);
    keep_ = new QPushButton;
    keep_->setObjectName(QStringLiteral("keepOutside"));
    setPrimary(keep_);
    auto* discard = new QPushButton(tr("Discard"));
    discard->setObjectName(QStringLiteral("discardOutside"));
    simulator_ = new QComboBox;
    simulator_->setObjectName(QStringLiteral("outsideSimulator"));
    simulator_->setAccessibleName(tr("The program that it was flown in"));
    simulator_->setToolTip(tr("Hours are matched only in the simulator that the rates were matched for"));
    viewing_ = new QComboBox;
    viewing_->setObjectName(QStringLiteral("outsideViewing"));
    viewing_->setAccessibleName(tr("What the pilot looked at"));
    fillViewings(viewing_, Viewing::NotSaid);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 8, 8);
    row->addWidget(words_, 1);
    row->addWidget(simulator_);
    row->addWidget(viewing_);
    row->addWidget(keep_);
    row->addWidget(discard);
    connect(keep_, &QPushButton::clicked, this, [this] {
        station_.keepOutside(simulator_->currentData().toString().toStdString(),
                             static_cast<Viewing>(viewing_->currentData().toInt()));
    });
    connect(discard, &QPushButton::clicked, &station_, &Station::discardOutside);
    connect(&station_, &Station::outsideChanged, this, &OutsideOffer::refresh);
    connect(&station_, &Station::pilotChosen, this, &OutsideOffer::refresh);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::Pilot, Kind::Simulator, Kind::Session}, station_.pilotId())) refresh();
    });
    refresh();
}

void OutsideOffer::refresh()
{
    const auto& offer = station_.outsideOffer();
    setVisible(offer.has_value());
    if (!offer) return;
    if (of_ != station_.pilotId() || at_ != offer->started_at) { // asked once for each
        fillSimulators(simulator_, school_, school_.last_simulator(station_.pilotId()));
        fillViewings(viewing_, school_.last_viewing(station_.pilotId()));
    }
    of_ = station_.pilotId(), at_ = offer->started_at;
    const Pilot* pilot = school_.pilot(station_.pilotId());
    words_->setText(
        tr("Practice in another program, %1 to %2: %3 min active, %4 min idle, on %5.%6")
            .arg(momentInWords(offer->started_at), clockInWords(offer->ended_at))
            .arg(inPlaces(offer->active_s / 60, 1))
            .arg(inPlaces(offer->idle_s / 60, 1))
            .arg(asWords(offer->device.name), offer->recording.empty() ? QString() : tr(" The sticks were recorded.")));
    keep_->setText(pilot ? tr("Keep for %1").arg(QString::fromStdString(pilot->name)) : tr("Choose a pilot to keep it"));
    keep_->setEnabled(pilot != nullptr);
}

} // namespace bh::desk
