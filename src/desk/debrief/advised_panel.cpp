#include "desk/debrief/advised_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/views/coaching.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QLabel>
#include <QScrollArea>
#include <algorithm>

namespace bh::desk {
namespace {

QString followedInWords(const AdviceStanding& s)
{
    if (s.advice.closed) return QObject::tr("put aside");
    if (s.followed_at == 0) return QObject::tr("not followed yet");
    return s.seen ? QObject::tr("seen to be followed since %1").arg(dayInWords(s.followed_at))
                  : QObject::tr("followed since %1").arg(dayInWords(s.followed_at));
}

QString effectInWords(const AdviceStanding& s)
{
    const Effect& e = s.effect;
    const QString helped = asWords(helped_in_words(e.helped));
    const HabitMeasure measure = habit_measure(s.advice.finding);
    const QString unit = asWords(measure.unit);
    if (e.helped == Helped::TooFewFlights)
        return QObject::tr("%1: %2 before, %3 since; three of each are needed").arg(helped).arg(e.before).arg(e.after);
    return QObject::tr("%1: %2 → %3 %4 (change between %5 and %6), %7 and %8 flights")
        .arg(helped)
        .arg(inPlaces(e.mean_before, 1))
        .arg(inPlaces(e.mean_after, 1))
        .arg(unit)
        .arg(inPlaces(e.low, 1))
        .arg(inPlaces(e.high, 1))
        .arg(e.before)
        .arg(e.after);
}

} // namespace

AdvisedPanel::AdvisedPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    empty_ =
        new QLabel(tr("Nothing was advised yet. Under Found, tell the pilot the one thing to change: whether it was followed "
                      "and whether it helped stands here then."));
    empty_->setObjectName(QStringLiteral("advisedEmpty"));
    empty_->setWordWrap(true);
    auto* rules = tabButton(tr("Rules, and how often they helped"), "coachingRules",
                            tr("Over all pilots; limits and words can be changed"));
    connect(rules, &QPushButton::clicked, this, &AdvisedPanel::rulesWanted);
    auto* scrolled = new QWidget;
    inside_ = new QVBoxLayout(scrolled);
    inside_->setContentsMargins(0, 0, 8, 0);
    inside_->addWidget(empty_);
    inside_->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setWidget(scrolled);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->addWidget(scroll, 1);
    layout->addWidget(rules, 0, Qt::AlignLeft);
}

void AdvisedPanel::show(const std::string& pilot_id)
{
    pilot_id_ = pilot_id;
    delete rows_;
    rows_ = new QWidget;
    rows_->setObjectName(QStringLiteral("advisedRows"));
    auto* layout = new QVBoxLayout(rows_);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(4);
    const auto given = advice_given(school_, pilot_id);
    empty_->setVisible(given.empty());
    for (const AdviceStanding& s : given) {
        auto* change = new QLabel(asWords(s.advice.change));
        change->setFont(uiFont(text_points, true));
        auto* facts = new QLabel(tr("Told by %1 on %2 for %3, %4.")
                                     .arg(QString::fromStdString(school_.who_is(s.advice.told_by)), dayInWords(s.advice.at),
                                          asWords(small(finding_name(s.advice.finding))), followedInWords(s)));
        facts->setProperty("quiet", true);
        auto* effect = new QLabel(effectInWords(s));
        effect->setObjectName(QStringLiteral("adviceEffect"));
        for (QLabel* label : {change, facts, effect}) {
            label->setWordWrap(true);
            label->setTextFormat(Qt::PlainText);
            layout->addWidget(label);
        }
        effect->setVisible(s.followed_at > 0);
        if (s.advice.closed) {
            layout->addSpacing(8);
            continue;
        }
        auto* followed = new QCheckBox(tr("Followed"));
        followed->setObjectName(QStringLiteral("adviceFollowed"));
        followed->setChecked(s.followed_at > 0);
        followed->setEnabled(!s.seen);
        followed->setToolTip(s.seen ? tr("It was seen in what was flown") : tr("Tick it when the pilot flies so from now on"));
        auto* aside = tabButton(tr("Put aside"), "adviceAside", tr("It is told no more as standing"));
        const std::string id = s.advice.id;
        connect(followed, &QCheckBox::clicked, this, [this, id](bool on) { mark(id, on, false); });
        connect(aside, &QPushButton::clicked, this, [this, id, on = s.advice.followed_at > 0] { mark(id, on, true); });
        auto* row = new QHBoxLayout;
        row->addWidget(followed);
        row->addStretch();
        row->addWidget(aside);
        layout->addLayout(row);
        layout->addSpacing(8);
    }
    inside_->insertWidget(0, rows_);
}

void AdvisedPanel::mark(const std::string& advice_id, bool followed, bool closed)
{
    const auto& all = school_.file(pilot_id_).advice;
    const auto found = std::find_if(all.begin(), all.end(), [&](const GivenAdvice& a) { return a.id == advice_id; });
    if (found == all.end()) return;
    GivenAdvice marked = *found;
    marked.followed_at = !followed ? 0 : marked.followed_at > 0 ? marked.followed_at : school_.now();
    marked.closed = closed;
    school_.keep_advice(std::move(marked)); // the page shows it again
}

} // namespace bh::desk
