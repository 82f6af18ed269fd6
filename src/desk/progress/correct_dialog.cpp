#include "desk/progress/correct_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/moment_box.h"
#include "desk/parts/forms/number_box.h"
#include "desk/parts/forms/text_box.h"
#include "desk/progress/practice_dialog.h"
#include "desk/words/message_words.h"
#include "school/corrections.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QDateTimeEdit>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <cmath>

namespace bh::desk {

CorrectDialog::CorrectDialog(School& school, const Session& session, QWidget* parent)
    : QDialog(parent), school_(school), session_(session)
{
    setObjectName(QStringLiteral("correctDialog"));
    setWindowTitle(tr("Correct a session"));
    started_ = momentBox("correctStarted", tr("When it began"), session.started_at);
    constexpr double most_min = 24 * 60;
    active_ = numberBox("correctActive", tr("How long was flown"), 0, most_min, 5, tr(" min"));
    idle_ = numberBox("correctIdle", tr("How long nothing moved"), 0, most_min, 5, tr(" min"));
    for (QDoubleSpinBox* box : {active_, idle_}) box->setDecimals(1);
    active_->setValue(session.active_s / 60);
    idle_->setValue(session.idle_s / 60);
    const auto box = [](const char* name, const QString& spoken) {
        auto* made = new QComboBox;
        made->setObjectName(QLatin1String(name));
        made->setAccessibleName(spoken);
        return made;
    };
    simulator_ = box("correctSimulator", tr("Where it was flown"));
    fillSimulators(simulator_, school_, session.simulator);
    const bool here = session.simulator.empty() && session.recording.empty() && session.by_hand.empty();
    if (here) simulator_->setItemText(0, tr("here"));
    viewing_ = box("correctViewing", tr("What the pilot looked at"));
    fillViewings(viewing_, session.viewing);
    pilot_ = box("correctPilot", tr("Who flew it"));
    for (const Pilot& p : school_.pilots()) pilot_->addItem(QString::fromStdString(p.name), QString::fromStdString(p.id));
    pilot_->setCurrentIndex(pilot_->findData(QString::fromStdString(session.pilot_id)));
    reason_ = textBox("correctReason", tr("Why it is corrected"), tr("Why: the pilot was changed too late"), 160);
    leaveRoomForHint(reason_);
    said_ = new QLabel(tr("What stood before stays on the record, with your reason."));
    said_->setObjectName(QStringLiteral("correctSaid"));
    said_->setWordWrap(true);
    auto* form = new QFormLayout;
    form->addRow(tr("Began"), started_);
    form->addRow(tr("Flown"), active_);
    form->addRow(tr("Idle"), idle_);
    form->addRow(tr("In"), simulator_);
    form->addRow(tr("Seen"), viewing_);
    form->addRow(tr("By"), pilot_);
    form->addRow(tr("Reason"), reason_);
    auto* keep = namedButton(tr("Correct it"), "correctKeep", tr("A new entry stands for the old one"));
    setPrimary(keep);
    auto* close = namedButton(tr("Leave it"), "correctLeave", tr("Nothing is changed"));
    auto* row = new QHBoxLayout;
    row->addStretch();
    row->addWidget(close);
    row->addWidget(keep);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(said_);
    layout->addLayout(row);
    connect(keep, &QPushButton::clicked, this, &CorrectDialog::keep);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
}

void CorrectDialog::keep()
{
    Session corrected = session_;
    const UnixTime started = started_->dateTime().toSecsSinceEpoch();
    if (started / 60 != session_.started_at / 60) corrected.started_at = started; // seconds are not shown
    constexpr double as_shown_s = 3.01;                                           // a twentieth of a minute
    const auto changed_to = [](double minutes, double seconds) {
        return std::abs(60 * minutes - seconds) > as_shown_s ? 60 * minutes : seconds;
    };
    corrected.active_s = changed_to(active_->value(), session_.active_s);
    corrected.idle_s = changed_to(idle_->value(), session_.idle_s);
    corrected.simulator = simulator_->currentData().toString().toStdString();
    corrected.viewing = static_cast<Viewing>(viewing_->currentData().toInt());
    const std::string pilot = pilot_->currentData().toString().toStdString(), why = reason_->text().toStdString();
    const auto say = [this](const Error& error) { said_->setText(asWords(error)); };
    if (const auto done = correct_session(school_, corrected, why); !done) return say(done.error());
    if (pilot != session_.pilot_id)
        if (const auto done = give_session(school_, session_.id, pilot, why); !done) return say(done.error());
    accept();
}

} // namespace bh::desk
