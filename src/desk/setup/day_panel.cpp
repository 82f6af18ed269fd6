#include "desk/setup/day_panel.h"

#include "desk/parts/forms/hints.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <cmath>

namespace bh::desk {
namespace {

constexpr const char* winds[] = {QT_TRANSLATE_NOOP("message", "north"), QT_TRANSLATE_NOOP("message", "north-east"),
                                 QT_TRANSLATE_NOOP("message", "east"),  QT_TRANSLATE_NOOP("message", "south-east"),
                                 QT_TRANSLATE_NOOP("message", "south"), QT_TRANSLATE_NOOP("message", "south-west"),
                                 QT_TRANSLATE_NOOP("message", "west"),  QT_TRANSLATE_NOOP("message", "north-west")};

} // namespace

DayPanel::DayPanel(QWidget* parent) : QWidget(parent)
{
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 8, 0, 0);
    grid->setHorizontalSpacing(16);
    grid->setVerticalSpacing(8);
    grid->setColumnStretch(2, 1);
    int row = 0;
    const auto line = [&](const char* name, const QString& words, std::initializer_list<QWidget*> settings, const QString& felt,
                          const QString& source) {
        auto* box = new QCheckBox(words);
        box->setObjectName(QLatin1String(name));
        box->setFont(uiFont(text_points, true));
        explain(box, source);
        grid->addWidget(box, row, 0, Qt::AlignTop);
        auto* side = new QHBoxLayout;
        for (QWidget* w : settings) side->addWidget(w);
        side->addStretch();
        grid->addLayout(side, row, 1, Qt::AlignTop);
        auto* text = new QLabel(felt);
        text->setWordWrap(true);
        grid->addWidget(text, row++, 2, Qt::AlignTop);
        connect(box, &QCheckBox::toggled, this, &DayPanel::edited);
        return box;
    };
    speed_ = numberBox("windSpeed", tr("Wind speed"), 1, 15, 1, tr(" m/s"));
    from_ = new QComboBox;
    from_->setObjectName(QStringLiteral("windFrom"));
    from_->setAccessibleName(tr("Where the wind comes from"));
    for (const char* wind : winds) from_->addItem(tr("from the %1").arg(asWords(wind)));
    wind_ = line("dayWind", tr("Wind"), {speed_, from_},
                 tr("A centred stick no longer means standing still: the aircraft goes with the air. To hover it must lean into "
                    "the wind, and a lap is quick one way and slow the other."),
                 tr("Speed at 20 ft (6.1 m); less below, by the logarithmic profile of MIL-F-8785C."));
    gusts_ = line("dayGusts", tr("Gusts"), {},
                  tr("It is pushed about and never sits quite still. Hold the attitude and let small bumps pass; chasing each of "
                     "them makes it rock. Needs wind."),
                  tr("Dryden turbulence for low heights, MIL-F-8785C, from a seed."));
    makeHardGround();
    ground_ = line(
        "dayGround", tr("Ground effect"), {hard_},
        tr("Close to the ground it floats on its own air and wanders a little: the last hand's breadth of a landing "
           "takes less throttle, and then it wants to slide."),
        tr("Cheeseman and Bennett (1955), all rotors as one disc; the wandering, and what grass and hard ground do to it, is "
           "house."));
    wash_ = line("dayWash", tr("Prop wash"), {},
                 tr("Sinking straight down it falls into its own wash: it shakes and drops. Come down with some forward speed, "
                    "or slower."),
                 tr("Induced velocity in descent, vortex-ring branch (Leishman, textbook); loss and shaking are house."));
    battery_ = line("dayBattery", tr("Battery sag"), {},
                    tr("As the pack empties the same throttle carries less, and a full burst gives less than before. Land before "
                       "the hover throttle has crept up by a fifth."),
                    tr("Thrust falls with load and with the charge used; shares are the aircraft's own."));
    share_ = numberBox("bentShare", tr("Share of its thrust that the bent propeller has lost"), 5, 30, 5, tr(" % lost"));
    bent_ = line("dayBent", tr("Bent propeller"), {share_},
                 tr("The picture trembles, and the aircraft twists whenever the throttle moves. On the real aircraft: land and "
                    "change it."),
                 tr("One rotor, front right, with less thrust and a vibration, which the rate loop trims away within 0.3 s: all "
                    "of it is house."));
    warmer_ = numberBox("warmerBy", tr("Warmer than the standard day"), -30, 40, 5, tr(" K"));
    auto* warm = new QLabel(tr("Warmer by"));
    warm->setFont(uiFont(text_points, true));
    warm->setBuddy(warmer_);
    explain(warmer_, tr("Difference from the ISO 2533 standard day at that height."));
    grid->addWidget(warm, row, 0, Qt::AlignTop);
    auto* side = new QHBoxLayout;
    side->addWidget(warmer_);
    side->addStretch();
    grid->addLayout(side, row, 1, Qt::AlignTop);
    auto* text = new QLabel(tr(
        "Warm air is thin: it takes more throttle to hover and there is less in reserve. Some 3 % of the thrust for each 10 K."));
    text->setWordWrap(true);
    grid->addWidget(text, row++, 2, Qt::AlignTop);
    words_ = new QLabel;
    words_->setObjectName(QStringLiteral("dayWords"));
    words_->setWordWrap(true);
    grid->setRowMinimumHeight(row++, 8);
    grid->addWidget(words_, row++, 0, 1, 3);
    grid->setRowStretch(row, 1);
    for (QDoubleSpinBox* box : {speed_, share_, warmer_}) connect(box, &QDoubleSpinBox::valueChanged, this, &DayPanel::edited);
    connect(from_, &QComboBox::activated, this, &DayPanel::edited);
    show(Conditions{});
}

void DayPanel::makeHardGround()
{
    hard_ = new QCheckBox(tr("over hard ground"));
    hard_->setObjectName(QStringLiteral("dayHardGround"));
    hard_->setToolTip(tr("It throws the wash back: more unsteady within two rotor diameters. Grass damps it."));
    connect(hard_, &QCheckBox::toggled, this, &DayPanel::edited);
}

void DayPanel::show(const Conditions& day)
{
    const QSignalBlocker quiet(this);
    kept_ = day;
    wind_->setChecked(day.wind_mps > 0);
    if (day.wind_mps > 0)
        speed_->setValue(day.wind_mps);
    else if (speed_->value() <= 1)
        speed_->setValue(4);
    from_->setCurrentIndex(static_cast<int>(std::lround(day.wind_from_deg / 45)) % 8);
    gusts_->setChecked(day.gusts);
    ground_->setChecked(day.ground_effect);
    hard_->setChecked(day.hard_ground);
    hard_->setEnabled(day.ground_effect);
    wash_->setChecked(day.prop_wash);
    battery_->setChecked(day.battery_sag);
    bent_->setChecked(day.bent_propeller > 0);
    if (day.bent_propeller > 0)
        share_->setValue(100 * day.bent_propeller);
    else if (share_->value() <= 5)
        share_->setValue(10);
    warmer_->setValue(day.warmer_k);
    for (QWidget* w : std::initializer_list<QWidget*>{speed_, from_, gusts_}) w->setEnabled(wind_->isChecked());
    share_->setEnabled(bent_->isChecked());
    const QString words = asWords(in_words(day));
    words_->setText(tr("As set: %1. A free flight is flown so; a drill is flown in still air unless \"real day\" is ticked "
                       "beside it, and its attempt then says what the day was like.")
                        .arg(words.isEmpty() ? tr("still air") : words));
}

Conditions DayPanel::day() const
{
    Conditions day = kept_;
    day.wind_mps = wind_->isChecked() ? speed_->value() : 0;
    day.wind_from_deg = 45.0 * from_->currentIndex();
    day.gusts = gusts_->isChecked() && wind_->isChecked();
    day.ground_effect = ground_->isChecked();
    day.hard_ground = hard_->isChecked() && ground_->isChecked();
    day.prop_wash = wash_->isChecked();
    day.battery_sag = battery_->isChecked();
    day.bent_propeller = bent_->isChecked() ? share_->value() / 100 : 0;
    day.warmer_k = warmer_->value();
    return day;
}

} // namespace bh::desk
