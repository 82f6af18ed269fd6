#include "desk/debrief/findings_panel.h"

#include "desk/debrief/looked_at.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/form_scroll.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"
#include "desk/words/finding_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/views/coaching.h"

#include <QBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <algorithm>

namespace bh::desk {

namespace {
constexpr int least_list_px = 120;
}

FindingsPanel::FindingsPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    why_ = new QLabel;
    why_->setObjectName(QStringLiteral("debriefWhy"));
    why_->setWordWrap(true);
    why_->setTextFormat(Qt::PlainText);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(8);
    auto* advice = new QWidget;
    auto* advices = new QVBoxLayout(advice);
    advices->setContentsMargins(0, 0, 0, 0);
    advices->setSpacing(8);
    for (std::size_t i = 0; i < most_advice; ++i) {
        AdviceRow row{new QLabel, tabButton(tr("Tell the pilot"), "", tr("Keeps it as told: what comes of it is followed"))};
        row.words->setObjectName(i == 0 ? QStringLiteral("debriefAdvice") : QStringLiteral("debriefAdvice%1").arg(i + 1));
        row.words->setWordWrap(true);
        row.words->setTextFormat(Qt::PlainText);
        if (i == 0) row.words->setFont(uiFont(head_points, true));
        row.tell->setObjectName(QStringLiteral("tellAdvice%1").arg(i + 1));
        connect(row.tell, &QPushButton::clicked, this, [this, i] { tell(i); });
        advices->addWidget(row.words);
        if (i == 0) advices->addWidget(why_);
        advices->addWidget(row.tell, 0, Qt::AlignLeft);
        rows_.push_back(row);
    }
    auto* scroll = new FittingScroll; // in a small window the list below keeps its room
    scroll->setForm(advice);
    layout->addWidget(scroll);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("findings"));
    list_->setAccessibleName(tr("What was found, the weightiest first"));
    list_->setWordWrap(true);
    list_->setMinimumHeight(scaled(least_list_px));
    const auto choose = [this](QListWidgetItem* item) { Q_EMIT chosen(item->data(Qt::UserRole).toInt()); };
    connect(list_, &QListWidget::itemClicked, this, choose);
    connect(list_, &QListWidget::itemActivated, this, choose);
    found_ = partTitle(tr("Found"));
    layout->addWidget(found_);
    layout->addWidget(list_, 1);
    layout->addStretch();
}

void FindingsPanel::show(const LookedAt* looked_at, const QString& otherwise)
{
    looked_at_ = looked_at;
    list_->clear();
    if (!looked_at) {
        for (AdviceRow& row : rows_) row.words->setVisible(false), row.tell->setVisible(false);
        why_->setText(otherwise);
        why_->setVisible(true);
        list_->setVisible(false), found_->setVisible(false);
        return;
    }
    list_->setVisible(true), found_->setVisible(true);
    const Debrief& found = looked_at->found;
    const auto add = [&](const Finding& f) {
        auto* item = new QListWidgetItem(
            tr("%1  %2 s  %3").arg(findingLetter(f.kind)).arg(inPlaces(f.start_s, 1)).arg(findingInWords(f)), list_);
        item->setData(Qt::UserRole, static_cast<int>(&f - found.findings.data()));
        item->setForeground(f.fault ? theme().notMet : theme().ink);
        item->setToolTip(f.fault ? tr("A fault: click to see it") : tr("As it should be: click to see it"));
    };
    for (const Finding* f : found.faults()) add(*f);
    for (const Finding& f : found.findings)
        if (!f.fault) add(f);
    refresh();
}

void FindingsPanel::refresh()
{
    if (!looked_at_) return;
    const auto& advice = looked_at_->advice;
    const auto& told = school_.file(looked_at_->pilot_id).advice;
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        AdviceRow& row = rows_[i];
        const bool there = i < advice.size();
        row.words->setVisible(there || i == 0);
        row.tell->setVisible(there && !looked_at_->pilot_id.empty());
        if (!there) continue;
        const Advice& a = advice[i];
        row.words->setText(i == 0 ? asWords(a.change)
                                  : tr("Then: %1 (%2)").arg(asWords(a.change), asWords(small(finding_name(a.finding)))));
        const auto before =
            std::find_if(told.rbegin(), told.rend(), [&](const GivenAdvice& g) { return g.rule == a.rule && !g.closed; });
        row.tell->setEnabled(before == told.rend());
        row.tell->setText(before == told.rend() ? tr("Tell the pilot")
                                                : tr("Told on %1, and stands").arg(dayInWords(before->at)));
    }
    why_->setVisible(!advice.empty());
    if (advice.empty()) {
        rows_.front().words->setText(looked_at_->found.findings.empty() ? tr("Nothing was found in it.")
                                     : looked_at_->found.faults().empty()
                                         ? tr("No fault was found: fly the next drill.")
                                         : tr("What was found is not for advice yet: fly again."));
        return;
    }
    const Advice& first = advice.front();
    QString why = tr("%1 Seen %2.").arg(asWords(first.cause), asWords(first.evidence));
    if (first.expected_marks && *first.expected_marks >= 1)
        why += tr(" It should bring about %1 marks in the drill that is next (a guess of the house).")
                   .arg(inPlaces(*first.expected_marks, 0));
    if (const auto seen = share_fallen_by(school_, first.rule))
        why += tr(" Where it was followed here, in %1 cases, it showed as %2 % less (%3 to %4 %; %5).")
                   .arg(seen->cases)
                   .arg(inPlaces(100 * seen->share, 0), inPlaces(100 * seen->low, 0), inPlaces(100 * seen->high, 0),
                        habitMeasureInWords(first.finding));
    else if (first.improves > 0)
        why += tr(" It should show as about %1 % less (%2; a guess of the house, until 30 cases are known here).")
                   .arg(inPlaces(100 * first.improves, 0))
                   .arg(habitMeasureInWords(first.finding));
    why_->setText(why);
}

void FindingsPanel::tell(std::size_t which)
{
    if (!looked_at_ || which >= looked_at_->advice.size()) return;
    const Advice& a = looked_at_->advice[which];
    GivenAdvice given;
    given.pilot_id = looked_at_->pilot_id;
    given.attempt_id = looked_at_->attempt_id;
    given.rule = a.rule;
    given.rule_version = school_.coaching().version;
    given.finding = a.finding;
    given.cause = a.cause, given.change = a.change, given.evidence = a.evidence.english();
    school_.keep_advice(std::move(given));
    refresh();
}

} // namespace bh::desk
