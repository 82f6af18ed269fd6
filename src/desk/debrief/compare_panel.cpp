#include "desk/debrief/compare_panel.h"

#include "desk/debrief/looked_at.h"
#include "desk/parts/look/theme.h"
#include "desk/words/flight_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QSignalBlocker>
#include <algorithm>

namespace bh::desk {

ComparePanel::ComparePanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    others_ = new QComboBox;
    others_->setObjectName(QStringLiteral("compareWith"));
    others_->setAccessibleName(tr("Flight to compare with"));
    others_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    others_->setMinimumContentsLength(16);
    hide_ = new QCheckBox(tr("Hide names of others"));
    hide_->setObjectName(QStringLiteral("compareHide"));
    hide_->setChecked(true);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("compareSaid"));
    said_->setWordWrap(true);
    bent_ = new QLabel;
    bent_->setObjectName(QStringLiteral("compareBent"));
    bent_->setProperty("quiet", true);
    bent_->setWordWrap(true);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("differences"));
    list_->setAccessibleName(tr("What this flight did otherwise, the largest first"));
    list_->setWordWrap(true);
    const auto choose = [this](QListWidgetItem* item) { Q_EMIT chosen(item->data(Qt::UserRole).toDouble()); };
    connect(list_, &QListWidget::itemClicked, this, choose);
    connect(list_, &QListWidget::itemActivated, this, choose);
    connect(others_, &QComboBox::activated, this,
            [this](int row) { compareWith(others_->itemData(row).toString().toStdString()); });
    connect(hide_, &QCheckBox::toggled, this, [this] { fill(); });
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(others_);
    layout->addWidget(hide_);
    layout->addWidget(said_);
    layout->addWidget(list_, 1);
    layout->addWidget(bent_);
}

void ComparePanel::show(const LookedAt* looked_at)
{
    looked_at_ = looked_at;
    with_.clear();
    comparison_.reset();
    over_.reset();
    fill();
    say();
}

/// Of the same drill: the demonstration, the pilot's own earlier ones, and the best of each other pilot.
void ComparePanel::fill()
{
    const QSignalBlocker quiet(others_);
    others_->clear();
    others_->addItem(tr("compare with …"), QString());
    const Attempt* own = looked_at_ && !looked_at_->attempt_id.empty() ? school_.attempt(looked_at_->attempt_id) : nullptr;
    if (!own) return;
    const auto same = [&](const Attempt& a) {
        return a.drill_id == own->drill_id && a.world == own->world && !a.log_hash.empty() && a.demonstration.empty() &&
               a.id != own->id;
    };
    const auto add = [&](const Attempt& a, const QString& whose) {
        const QString marks = a.free() ? QString() : tr(", %1").arg(inPlaces(a.score, 0));
        others_->addItem(tr("%1, %2%3").arg(whose, dayInWords(a.at), marks), QString::fromStdString(a.id));
    };
    if (const Attempt* shown = school_.demonstration(own->drill_id); shown && same(*shown)) add(*shown, tr("demonstration"));
    constexpr int most_earlier = 30;
    int earlier = 0;
    const auto& attempts = school_.attempts(own->pilot_id);
    for (auto a = attempts.rbegin(); a != attempts.rend() && earlier < most_earlier; ++a)
        if (same(*a) && a->at < own->at) add(*a, earlier++ == 0 ? tr("the one before") : tr("earlier"));
    int other = 0;
    for (const Pilot& pilot : school_.pilots()) {
        if (pilot.id == own->pilot_id) continue;
        const Attempt* best = nullptr;
        for (const Attempt& a : school_.attempts(pilot.id))
            if (same(a) && (!best || a.score > best->score)) best = &a;
        ++other;
        if (best)
            add(*best,
                hide_->isChecked() ? tr("pilot %1").arg(QChar('A' + (other - 1) % 26)) : QString::fromStdString(pilot.name));
    }
    others_->setCurrentIndex(std::max(0, others_->findData(QString::fromStdString(with_))));
}

void ComparePanel::compareWith(const std::string& attempt_id)
{
    with_ = attempt_id;
    comparison_.reset();
    over_.reset();
    const Attempt* other = looked_at_ ? school_.attempt(attempt_id) : nullptr;
    QString wrong;
    if (other) {
        const auto log = school_.flight_log(other->log_hash);
        if (log) {
            auto compared = compare(*looked_at_->log, looked_at_->found, *log,
                                    debrief(*log, school_.flown_drill(school_.judged(attempt_id))));
            if (compared) {
                comparison_ = std::move(*compared);
                over_ = std::make_shared<const FlightLog>(laid_over(*looked_at_->log, *log, *comparison_));
            } else {
                wrong = asWords(compared.error());
            }
        } else {
            wrong = asWords(log.error());
        }
    }
    fill();
    say();
    if (!wrong.isEmpty()) said_->setText(wrong);
    Q_EMIT compared();
}

void ComparePanel::say()
{
    list_->clear();
    bent_->clear();
    if (!looked_at_ || looked_at_->attempt_id.empty())
        return said_->setText(tr("A flight on the record can be laid over another one of the same drill."));
    if (!comparison_)
        return said_->setText(others_->count() > 1
                                  ? tr("Choose a flight: it is laid over this one, dashed, phase by phase and by place.")
                                  : tr("Nobody else has flown this with a log yet, and it was not flown before."));
    constexpr std::size_t most = 12;
    for (std::size_t i = 0; i < std::min(most, comparison_->differences.size()); ++i) {
        const Difference& d = comparison_->differences[i];
        auto* item = new QListWidgetItem(
            d.phase.empty() ? asWords(d.words) : tr("%1: %2").arg(phaseInWords(d.phase), asWords(d.words)), list_);
        item->setData(Qt::UserRole, d.at_s);
        item->setToolTip(tr("Click to go there"));
    }
    said_->setText(comparison_->differences.empty() ? tr("Flown alike: nothing differs by what anybody would speak of.")
                                                    : tr("Against the other one, this flight"));
    double bent = 0, most_bent = 0, apart = 0;
    for (const ComparedPhase& p : comparison_->phases) {
        bent += p.bent_s / static_cast<double>(comparison_->phases.size());
        apart += p.apart_m / static_cast<double>(comparison_->phases.size());
        if (std::abs(p.most_bent_s) > std::abs(most_bent)) most_bent = p.most_bent_s;
    }
    bent_->setText(
        tr("Laid over by %1 phases and within them by place: %2 m apart in the mean, time bent by %3 s in the mean and "
           "%4 s at most.")
            .arg(comparison_->phases.size())
            .arg(inPlaces(apart, 1))
            .arg(inPlaces(bent, 1))
            .arg(inPlaces(std::abs(most_bent), 1)));
}

} // namespace bh::desk
