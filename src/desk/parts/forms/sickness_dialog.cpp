#include "desk/parts/forms/sickness_dialog.h"

#include "core/progress/readiness.h"
#include "core/progress/sickness.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QKeyEvent>
#include <QLabel>
#include <algorithm>

namespace bh::desk {
namespace {

/// "7 Jun 3.7, 9 Jun 22.4": the newest five, so that a trend is seen.
QString earlierInWords(const std::vector<SicknessAnswers>& answered)
{
    constexpr std::size_t shown = 5;
    QString words;
    for (std::size_t i = answered.size() - std::min(shown, answered.size()); i < answered.size(); ++i)
        if (const auto score = sickness_score(answered[i].answers))
            words += QStringLiteral("%1%2 %3")
                         .arg(words.isEmpty() ? QString() : QStringLiteral(", "), dayInWords(answered[i].at))
                         .arg(inPlaces(score->total, 1));
    return words;
}

} // namespace

SicknessDialog::SicknessDialog(School& school, const std::string& pilot_id, QWidget* parent)
    : QDialog(parent), school_(school), pilot_id_(pilot_id), answers_(symptom_count, -1)
{
    setObjectName(QStringLiteral("sicknessDialog"));
    const Pilot* pilot = school_.pilot(pilot_id_);
    setWindowTitle(tr("How %1 feels").arg(pilot ? QString::fromStdString(pilot->name) : tr("the pilot")));
    when_ = new QComboBox;
    when_->setObjectName(QStringLiteral("sicknessWhen"));
    when_->setAccessibleName(tr("Before or after practice"));
    when_->addItems({tr("after practice"), tr("before practice")});
    viewing_ = new QComboBox;
    viewing_->setObjectName(QStringLiteral("sicknessViewing"));
    viewing_->setAccessibleName(tr("What is looked at"));
    viewing_->addItems({tr("by a screen"), tr("by goggles")});
    auto* lead = new QLabel(tr("Keys 0 none, 1 slight, 2 moderate, 3 severe: each goes on to the next line."));
    lead->setWordWrap(true);
    questions_ = readingTable("sicknessQuestions", tr("Symptoms"), {tr("Now"), tr("Answer")}, 0);
    questions_->setSelectionMode(QAbstractItemView::SingleSelection);
    questions_->setSelectionBehavior(QAbstractItemView::SelectRows);
    constexpr int line_px = 26;
    questions_->verticalHeader()->setDefaultSectionSize(scaled(line_px));
    questions_->setRowCount(static_cast<int>(symptom_count));
    for (int row = 0; row < questions_->rowCount(); ++row) {
        questions_->setItem(row, 0, new QTableWidgetItem(asWords(symptoms()[static_cast<std::size_t>(row)].name)));
        questions_->setItem(row, 1, new QTableWidgetItem(QStringLiteral("–")));
    }
    questions_->setCurrentCell(0, 0);
    questions_->installEventFilter(this);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("sicknessSaid"));
    said_->setWordWrap(true);
    before_ = new QLabel;
    before_->setObjectName(QStringLiteral("sicknessBefore"));
    before_->setProperty("quiet", true);
    before_->setWordWrap(true);
    const QString earlier = earlierInWords(school_.file(pilot_id_).sickness);
    before_->setText(earlier.isEmpty() ? tr("Not asked before.") : tr("Total before: %1").arg(earlier));
    keep_ = namedButton(tr("Keep the answers"), "sicknessKeep", tr("On the record, dated now"));
    auto* close = namedButton(tr("Close"), "sicknessClose", tr("Nothing is kept"));
    connect(keep_, &QPushButton::clicked, this, &SicknessDialog::keep);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    auto* top = new QHBoxLayout;
    top->addWidget(when_);
    top->addWidget(viewing_);
    top->addStretch();
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(before_, 1);
    buttons->addWidget(close);
    buttons->addWidget(keep_);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(top);
    layout->addWidget(lead);
    layout->addWidget(questions_, 1);
    layout->addWidget(said_);
    layout->addLayout(buttons);
    resize(openingSize(*this, 520, 640));
    questions_->setFocus();
    say();
}

bool SicknessDialog::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == questions_ && event->type() == QEvent::KeyPress) {
        const int value = static_cast<QKeyEvent*>(event)->key() - Qt::Key_0;
        if (value >= 0 && value <= worst_answer) return answer(value), true;
    }
    return QDialog::eventFilter(watched, event);
}

void SicknessDialog::answer(int value)
{
    const int row = questions_->currentRow();
    if (row < 0) return;
    answers_[static_cast<std::size_t>(row)] = value;
    questions_->item(row, 1)->setText(tr("%1 %2").arg(value).arg(asWords(answer_in_words(value))));
    if (row + 1 < questions_->rowCount()) questions_->setCurrentCell(row + 1, 0);
    say();
}

void SicknessDialog::say()
{
    const auto open = std::count(answers_.begin(), answers_.end(), -1);
    keep_->setEnabled(open == 0);
    if (open > 0) return said_->setText(tr("%1 lines to answer.").arg(open));
    const auto score = sickness_score(answers_);
    if (!score) return said_->setText(asWords(score.error()));
    QString words = tr("Nausea %1, eyes %2, disorientation %3; total %4.")
                        .arg(inPlaces(score->nausea, 1))
                        .arg(inPlaces(score->oculomotor, 1))
                        .arg(inPlaces(score->disorientation, 1))
                        .arg(inPlaces(score->total, 1));
    const double limit = school_.house().of(Limit::SicknessTotal);
    words += score->total > limit
                 ? tr(" Over %1 (house): go on by the screen, rest, and no real aircraft today.").arg(inPlaces(limit, 0))
                 : tr(" Not over %1 (house).").arg(inPlaces(limit, 0));
    said_->setText(words);
    keep_->setFocus();
}

void SicknessDialog::keep()
{
    SicknessAnswers answered;
    answered.pilot_id = pilot_id_;
    answered.answers = answers_;
    answered.before = when_->currentIndex() == 1;
    answered.goggles = viewing_->currentIndex() == 1;
    if (school_.add_sickness(std::move(answered))) accept();
}

} // namespace bh::desk
