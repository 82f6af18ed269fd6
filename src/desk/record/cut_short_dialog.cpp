#include "desk/record/cut_short_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"
#include "desk/words/attempt_words.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QDateTime>

namespace bh::desk {

CutShortDialog::CutShortDialog(School& school, std::vector<CutShort> flights, QWidget* parent)
    : QDialog(parent), school_(school), flights_(std::move(flights)), open_(flights_.size())
{
    setObjectName(QStringLiteral("cutShort"));
    setWindowTitle(tr("Blue Hangar: a flight was under way"));
    resize(openingSize(*this, 640, 0));
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("The program ended while somebody flew")));
    for (std::size_t i = 0; i < flights_.size(); ++i) add(layout, i);
    auto* later = namedButton(tr("Later"), "cutShortLater", tr("Asked again at the next start"));
    connect(later, &QPushButton::clicked, this, &QDialog::close);
    layout->addWidget(later, 0, Qt::AlignRight);
}

void CutShortDialog::add(QVBoxLayout* to, std::size_t which)
{
    const CutShort& flight = flights_[which];
    const Pilot* pilot = school_.pilot(flight.attempt.pilot_id);
    auto* words = new QLabel(tr("%1, %2, %3: %4 s were flown. Kept, it is scored as far as it went.")
                                 .arg(pilot ? QString::fromStdString(pilot->name) : tr("Somebody"),
                                      flownInWords(school_, flight.attempt), shortMoment(flight.attempt.at))
                                 .arg(inPlaces(flight.log.duration_s(), 0)));
    words->setWordWrap(true);
    auto* keep = namedButton(tr("Keep it"), "cutShortKeep", tr("An attempt that ended early"));
    auto* drop = namedButton(tr("Let it go"), "cutShortDrop", tr("It is deleted"));
    auto* row = new QHBoxLayout;
    row->addWidget(words, 1);
    row->addWidget(keep);
    row->addWidget(drop);
    to->addLayout(row);
    const auto done = [this, words, keep, drop](const QString& said) {
        words->setText(said);
        keep->hide();
        drop->hide();
        if (--open_ == 0) findChild<QPushButton*>(QStringLiteral("cutShortLater"))->setText(tr("Close"));
    };
    connect(keep, &QPushButton::clicked, this, [this, which, words, done] {
        const auto kept = school_.keep_cut_short(flights_[which]);
        if (!kept) return words->setText(tr("It cannot be kept: %1").arg(asWords(kept.error())));
        const Attempt* attempt = school_.attempt(*kept);
        done(tr("Kept: %1 of 100.").arg(inPlaces(attempt ? attempt->score : 0, 0)));
    });
    connect(drop, &QPushButton::clicked, this, [this, which, done] {
        forget(flights_[which]);
        done(tr("Deleted."));
    });
}

} // namespace bh::desk
