#include "desk/first_flight/flight_day_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/text_box.h"
#include "desk/words/message_words.h"
#include "school/views/first_flight.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QSignalBlocker>
#include <QSpinBox>

namespace bh::desk {
namespace {

/// The least value of a box stands for "not said".
std::optional<double> message(const QDoubleSpinBox* box)
{
    return box->value() <= box->minimum() ? std::nullopt : std::optional(box->value());
}

void put(QDoubleSpinBox* box, const std::optional<double>& value)
{
    const QSignalBlocker quiet(box);
    box->setValue(value.value_or(box->minimum()));
}

QString gradeMark(Grade grade)
{
    switch (grade) {
    case Grade::Stop: return QStringLiteral("<b>▬ %1</b>").arg(QObject::tr("stop"));
    case Grade::Careful: return QStringLiteral("◐ %1").arg(QObject::tr("careful"));
    case Grade::NotSaid: return QStringLiteral("○ %1").arg(QObject::tr("not said"));
    case Grade::Good: return QStringLiteral("● %1").arg(QObject::tr("good"));
    }
    return {};
}

QColor gradeColour(Grade grade)
{
    const Theme& t = theme();
    return grade == Grade::Stop ? t.notMet : grade == Grade::Careful ? t.caution : grade == Grade::Good ? t.held : t.soft;
}

} // namespace

FlightDayPanel::FlightDayPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    judged_ = new QLabel;
    judged_->setObjectName(QStringLiteral("dayJudged"));
    judged_->setWordWrap(true);
    judged_->setTextFormat(Qt::RichText);
    plan_ = new QLabel;
    plan_->setObjectName(QStringLiteral("dayPlan"));
    plan_->setWordWrap(true);
    auto* whole = new QWidget;
    auto* inner = new QVBoxLayout(whole);
    inner->setContentsMargins(0, 0, 8, 0);
    inner->setSpacing(8);
    inner->addWidget(judged_);
    inner->addWidget(partTitle(tr("To fly with")));
    inner->addWidget(plan_);
    inner->addWidget(partTitle(tr("The site and the weather")));
    makeFields();
    inner->addWidget(makeForm());
    inner->addStretch();
    auto* scroll = new FormScroll;
    scroll->setForm(whole);
    scroll->setFrameShape(QFrame::NoFrame);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(scroll);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::FlightDay, Kind::Setup, Kind::Aircraft, Kind::HouseRule, Kind::AfterFlight}, pilot_id_)) refresh();
    });
}

void FlightDayPanel::makeFields()
{
    name_ = textBox("siteName", tr("Name of the site"), tr("Old pan, east bank"), 300);
    spotter_ = textBox("siteSpotter", tr("Who is the spotter"), tr("Who watches the sky"), 300);
    permission_ = textBox("sitePermission", tr("Permission, as the coordinator noted it"), tr("From whom, and until when"), 300);
    report_ = textBox("weatherReport", tr("A METAR or TAF line"), tr("Paste a METAR or TAF line here"), 300);
    ground_ = new QComboBox;
    ground_->setObjectName(QStringLiteral("siteGround"));
    ground_->setAccessibleName(tr("Ground"));
    for (int g = 0; g <= static_cast<int>(SiteGround::Concrete); ++g)
        ground_->addItem(asWords(ground_key(static_cast<SiteGround>(g))));
    const auto number = [](const char* name, const QString& spoken, double low, double high, double step, const QString& unit,
                           int decimals = 0) {
        QDoubleSpinBox* box = numberBox(name, spoken, low, high, step, unit);
        box->setDecimals(decimals);
        return box;
    };
    room_ = number("siteRoom", tr("Room around the pilot"), 0, 2000, 10, tr(" m"));
    field_ = number("siteField", tr("Height of the field above the sea"), -400, 5000, 50, tr(" m"));
    wind_ = number("dayWind", tr("Wind"), -0.5, 40, 0.5, tr(" m/s"), 1);
    gust_ = number("dayGust", tr("Gusts to"), -0.5, 60, 0.5, tr(" m/s"), 1);
    visibility_ = number("dayVisibility", tr("Visibility, 10,000 m and more"), -100, 10000, 500, tr(" m"));
    temperature_ = number("dayTemperature", tr("Temperature"), -41, 55, 1, tr(" °C"));
    pressure_ = number("dayPressure", tr("Pressure at sea level"), 869, 1085, 1, tr(" hPa"));
    for (QDoubleSpinBox* box : {room_, wind_, gust_, visibility_, temperature_, pressure_})
        box->setSpecialValueText(tr("not said"));
    const auto check = [](const char* name, const QString& words) {
        auto* box = new QCheckBox(words);
        box->setObjectName(QLatin1String(name));
        return box;
    };
    people_ = check("sitePeople", tr("people near"));
    water_ = check("siteWater", tr("water near"));
    masts_ = check("siteMasts", tr("masts or lines near"));
    wet_ = check("dayWet", tr("rain or snow"));
    thunder_ = check("dayThunder", tr("thunder"));
    fog_ = check("dayFog", tr("fog"));
    const auto count = [](const char* name, const QString& spoken, int low, int high) {
        auto* box = new QSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(spoken);
        box->setRange(low, high);
        return box;
    };
    packs_ = count("dayPacks", tr("Batteries"), 0, 20);
    cells_ = count("dayCells", tr("Cells of a battery"), 1, 12);
    for (QLineEdit* edit : {name_, spotter_, permission_})
        connect(edit, &QLineEdit::editingFinished, this, &FlightDayPanel::keep);
    for (QDoubleSpinBox* box : {room_, field_, wind_, gust_, visibility_, temperature_, pressure_})
        connect(box, &QDoubleSpinBox::valueChanged, this, &FlightDayPanel::keep);
    for (QSpinBox* box : {packs_, cells_}) connect(box, &QSpinBox::valueChanged, this, &FlightDayPanel::keep);
    for (QCheckBox* box : {people_, water_, masts_, wet_, thunder_, fog_})
        connect(box, &QCheckBox::toggled, this, &FlightDayPanel::keep);
    connect(ground_, &QComboBox::currentIndexChanged, this, &FlightDayPanel::keep);
    connect(report_, &QLineEdit::returnPressed, this, &FlightDayPanel::readReport);
}

QWidget* FlightDayPanel::makeForm()
{
    auto* read = namedButton(tr("Read it"), "readReport", tr("Wind, gusts, visibility, temperature and pressure from the line"));
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("reportSaid"));
    said_->setProperty("quiet", true);
    said_->setWordWrap(true);
    const auto pair = [](QWidget* a, QWidget* b) {
        auto* row = new QHBoxLayout;
        row->addWidget(a, 1);
        row->addWidget(b, 1);
        return row;
    };
    auto* form = new QFormLayout;
    form->setContentsMargins(0, 0, 0, 0);
    form->addRow(tr("Site"), name_);
    form->addRow(tr("Ground, room"), pair(ground_, room_));
    form->addRow(tr("Near"), people_);
    form->addRow(QString(), pair(water_, masts_));
    form->addRow(tr("Spotter"), spotter_);
    form->addRow(tr("Permission"), permission_);
    auto* report = new QHBoxLayout;
    report->addWidget(report_, 1);
    report->addWidget(read);
    form->addRow(tr("Weather line"), report);
    form->addRow(QString(), said_);
    form->addRow(tr("Wind, gusts"), pair(wind_, gust_));
    form->addRow(tr("Visibility"), visibility_);
    form->addRow(tr("Air"), pair(temperature_, pressure_));
    form->addRow(tr("Field height"), field_);
    auto* told = new QHBoxLayout;
    for (QCheckBox* box : {wet_, thunder_, fog_}) told->addWidget(box);
    told->addStretch();
    form->addRow(tr("Told"), told);
    form->addRow(tr("Batteries, cells"), pair(packs_, cells_));
    connect(read, &QPushButton::clicked, this, &FlightDayPanel::readReport);
    auto* part = new QWidget;
    part->setLayout(form);
    return part;
}

void FlightDayPanel::show(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    said_->clear();
    refresh();
}

void FlightDayPanel::readReport()
{
    const auto report = parse_weather_report(report_->text().toStdString());
    if (!report) return said_->setText(asWords(report.error()));
    FlightDay day = asTyped();
    day.report = report_->text().simplified().toStdString();
    day.weather = report->weather;
    if (!keep_flight_day(school_, pilot_id_, day, "a weather line")) return refresh();
    QString words = report->forecast ? tr("Forecast for %1, the worst of it.") : tr("Report of %1.");
    words = words.arg(QString::fromStdString(report->station));
    words += tr(" Day %1, %2:%3 UTC.")
                 .arg(report->day)
                 .arg(report->hour, 2, 10, QLatin1Char('0'))
                 .arg(report->minute, 2, 10, QLatin1Char('0'));
    if (!report->passed_over.empty()) {
        QStringList words_left;
        for (const std::string& word : report->passed_over) words_left << QString::fromStdString(word);
        words += tr(" Not understood and passed over: %1.").arg(words_left.join(QLatin1Char(' ')));
    }
    said_->setText(words);
}

FlightDay FlightDayPanel::asTyped() const
{
    FlightDay day = flight_day(school_, pilot_id_);
    const auto text = [](const QLineEdit* edit) { return edit->text().simplified().toStdString(); };
    day.site = {text(name_),          static_cast<SiteGround>(ground_->currentIndex()),
                room_->value(),       field_->value(),
                people_->isChecked(), water_->isChecked(),
                masts_->isChecked(),  text(spotter_),
                text(permission_)};
    day.weather.wind_mps = message(wind_);
    day.weather.gust_mps = message(gust_);
    day.weather.visibility_m = message(visibility_);
    day.weather.temperature_c = message(temperature_);
    day.weather.pressure_hpa = message(pressure_);
    day.weather.wet = wet_->isChecked(), day.weather.thunder = thunder_->isChecked(), day.weather.fog = fog_->isChecked();
    day.packs = packs_->value(), day.cells = cells_->value();
    return day;
}

void FlightDayPanel::keep()
{
    if (!school_.pilot(pilot_id_)) return;
    keep_flight_day(school_, pilot_id_, asTyped(), "the day");
    refresh(); // what may not be changed is as it was
}

void FlightDayPanel::refresh()
{
    const bool any = school_.pilot(pilot_id_) != nullptr;
    setEnabled(any);
    const FlightDay day = flight_day(school_, pilot_id_);
    const auto text = [](QLineEdit* edit, const std::string& words) {
        if (!edit->hasFocus()) edit->setText(QString::fromStdString(words));
    };
    text(name_, day.site.name), text(spotter_, day.site.spotter), text(permission_, day.site.permission);
    text(report_, day.report);
    const auto tick = [](QCheckBox* box, bool on) {
        const QSignalBlocker quiet(box);
        box->setChecked(on);
    };
    tick(people_, day.site.people), tick(water_, day.site.water), tick(masts_, day.site.masts);
    tick(wet_, day.weather.wet), tick(thunder_, day.weather.thunder), tick(fog_, day.weather.fog);
    put(room_, day.site.room_m), put(field_, day.site.field_m), put(wind_, day.weather.wind_mps);
    put(gust_, day.weather.gust_mps), put(visibility_, day.weather.visibility_m);
    put(temperature_, day.weather.temperature_c), put(pressure_, day.weather.pressure_hpa);
    {
        const QSignalBlocker quiet_ground(ground_), quiet_packs(packs_), quiet_cells(cells_);
        ground_->setCurrentIndex(static_cast<int>(day.site.ground));
        packs_->setValue(day.packs), cells_->setValue(day.cells);
    }
    QString rows;
    for (const DayFinding& f : judge_day(day, has_flown(school_, pilot_id_), school_.house()))
        rows += QStringLiteral("<tr><td style=\"color:%1; padding-right:8px\">%2</td><td>%3</td></tr>")
                    .arg(gradeColour(f.grade).name(), gradeMark(f.grade), asWords(f.words).toHtmlEscaped());
    judged_->setText(QStringLiteral("<table cellspacing=\"0\">%1</table>").arg(rows));
    const auto& setup = school_.setup(pilot_id_);
    const Airframe* aircraft = setup ? school_.aircraft(setup->real_aircraft) : nullptr;
    if (!aircraft)
        return plan_->setText(tr("Choose the real aircraft on the Set-up page (Alt+4): tilt, minutes and thrust follow."));
    const DayPlan plan = plan_day(day, *aircraft, setup->camera_tilt_deg, school_.first_flight_plan().packs(), school_.house());
    QString words = tr("%1. Camera tilt %2° instead of %3°: with the horizon in the middle it flies at %4 m/s instead of %5. New "
                       "rates only up high. %6 batteries of %7 min each, %8 min in all; land at %9 V under load, or when the "
                       "minutes are over.")
                        .arg(asWords(aircraft->name))
                        .arg(inPlaces(plan.tilt_deg, 0))
                        .arg(inPlaces(plan.practised_tilt_deg, 0))
                        .arg(inPlaces(plan.level_mps, 1))
                        .arg(inPlaces(plan.practised_mps, 1))
                        .arg(day.packs)
                        .arg(inPlaces(plan.pack_min, 1))
                        .arg(inPlaces(plan.all_min, 1))
                        .arg(inPlaces(plan.land_at_v, 1));
    words += tr(" The air is %1 kg/m³: full throttle gives %2 % of what it gives in standard air.")
                 .arg(inPlaces(plan.density_kgpm3, 3))
                 .arg(inPlaces(100 * plan.thrust_share, 0));
    if (day.packs < plan.packs_needed)
        words += tr(" The programme takes %1 batteries: bring more, or leave its end for another day.").arg(plan.packs_needed);
    words += QLatin1Char(' ') + asWords(landing_advice_for(school_, pilot_id_).words);
    plan_->setText(words);
}

} // namespace bh::desk
