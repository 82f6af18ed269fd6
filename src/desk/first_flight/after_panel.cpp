#include "desk/first_flight/after_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/forms/text_box.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "desk/words/utf8.h"
#include "school/views/first_flight.h"

#include <QBoxLayout>
#include <QCheckBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QScrollArea>
#include <QSpinBox>

namespace bh::desk {

AfterPanel::AfterPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    auto* ticks = new QGridLayout;
    ticks->setContentsMargins(0, 0, 0, 0);
    for (std::size_t s = 0; s < surprise_count; ++s) {
        const std::string_view word = surprise_key(static_cast<Surprise>(s));
        surprised_[s] = new QCheckBox(asWords(word));
        surprised_[s]->setObjectName(QStringLiteral("surprise-") + utf8(word));
        ticks->addWidget(surprised_[s], static_cast<int>(s) / 3, static_cast<int>(s) % 3);
    }
    packs_ = new QSpinBox;
    packs_->setObjectName(QStringLiteral("afterPacks"));
    packs_->setAccessibleName(tr("Batteries flown"));
    packs_->setRange(0, 40);
    went_ = textBox("afterWent", tr("How it went"), tr("How it went"), 300);
    broke_ = textBox("afterBroke", tr("What broke"), tr("What broke"), 300);
    keep_ = namedButton(tr("Keep it"), "afterKeep", tr("Onto the record, dated now"));
    connect(keep_, &QPushButton::clicked, this, &AfterPanel::keep);
    auto* form = new QFormLayout;
    form->setContentsMargins(0, 0, 0, 0);
    form->addRow(tr("Batteries"), packs_);
    form->addRow(tr("Went"), went_);
    form->addRow(tr("Broke"), broke_);
    form->addRow(QString(), keep_);
    told_ = new QLabel;
    told_->setObjectName(QStringLiteral("afterTold"));
    told_->setWordWrap(true);
    remedies_ = new QVBoxLayout;
    remedies_->setSpacing(4);
    everybody_ = readingTable("surprisesOfAll", tr("What surprised everybody who has flown"),
                              {tr("Surprised by"), tr("had practised it"), tr("had not")}, 0);
    auto* whole = new QWidget;
    auto* inner = new QVBoxLayout(whole);
    inner->setContentsMargins(0, 0, 8, 0);
    inner->setSpacing(8);
    inner->addWidget(told_);
    inner->addLayout(remedies_);
    inner->addWidget(partTitle(tr("What surprised?")));
    inner->addLayout(ticks);
    inner->addLayout(form);
    inner->addWidget(partTitle(tr("Everybody so far: how many it surprised")));
    inner->addWidget(everybody_);
    inner->addStretch();
    auto* scroll = new QScrollArea;
    scroll->setWidget(whole);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(scroll);
    connect(&school_, &School::changed, this, [this](const Changes& changes) {
        if (changes.any({Kind::AfterFlight, Kind::Pilot})) refresh();
    });
}

void AfterPanel::show(const std::string& pilot_id)
{
    if (pilot_id_ != pilot_id) {
        for (QCheckBox* box : surprised_) box->setChecked(false);
        for (QLineEdit* edit : {went_, broke_}) edit->clear();
        packs_->setValue(0);
    }
    pilot_id_ = pilot_id;
    refresh();
}

void AfterPanel::keep()
{
    AfterFlight after;
    after.pilot_id = pilot_id_;
    for (std::size_t s = 0; s < surprise_count; ++s)
        if (surprised_[s]->isChecked()) after.surprised.push_back(static_cast<Surprise>(s));
    after.packs = packs_->value();
    after.went = went_->text().toStdString(), after.broke = broke_->text().toStdString();
    if (after.packs == 0 && after.went.empty() && after.surprised.empty())
        return told_->setText(tr("Say how many batteries were flown, how it went, or what surprised."));
    if (keep_after_flight(school_, after).empty()) return;
    for (QCheckBox* box : surprised_) box->setChecked(false);
    for (QLineEdit* edit : {went_, broke_}) edit->clear();
    packs_->setValue(0);
}

void AfterPanel::showRemedies()
{
    while (QLayoutItem* item = remedies_->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    const auto& all = school_.file(pilot_id_).after_flight;
    if (all.empty()) return;
    for (const Surprise surprise : all.back().surprised) {
        const Remedy remedy = remedy_for(surprise);
        auto* line = new QWidget;
        auto* row = new QHBoxLayout(line);
        row->setContentsMargins(0, 0, 0, 0);
        const Drill* drill = remedy.drill ? school_.drill_with(*remedy.drill, pilot_id_) : nullptr;
        const QString what = !remedy.drill ? asWords(remedy.words)
                             : drill       ? asWords(message(remedy.words, message(drill->name)))
                                           : tr("no drill here is meant for it");
        auto* words = new QLabel(tr("%1: %2").arg(asWords(surprise_key(surprise)), what));
        words->setWordWrap(true);
        auto* go = new QPushButton(remedy.rates ? tr("To the rates") : remedy.condition ? tr("Set it up") : tr("To the drill"));
        go->setObjectName(QStringLiteral("practise-") + utf8(surprise_key(surprise)));
        go->setAccessibleName(words->text());
        connect(go, &QPushButton::clicked, this, [this, surprise] { Q_EMIT practiceAsked(surprise); });
        row->addWidget(words, 1);
        row->addWidget(go);
        remedies_->addWidget(line);
    }
}

void AfterPanel::refresh()
{
    setEnabled(school_.pilot(pilot_id_) != nullptr);
    const auto& all = school_.file(pilot_id_).after_flight;
    if (all.empty()) {
        told_->setText(tr("After the first batteries: tick what surprised, and the next practice is offered."));
    } else {
        const AfterFlight& last = all.back();
        QStringList parts{tr("%1: %2 batteries").arg(dayInWords(last.at)).arg(last.packs)};
        if (!last.went.empty()) parts << QString::fromStdString(last.went);
        if (!last.broke.empty()) parts << tr("broke: %1").arg(QString::fromStdString(last.broke));
        if (last.surprised.empty()) parts << tr("nothing surprised");
        told_->setText(parts.join(QStringLiteral("; ")) + QLatin1Char('.'));
    }
    showRemedies();
    const auto counts = surprises_of_all(school_);
    everybody_->setRowCount(static_cast<int>(counts.size()));
    for (int row = 0; row < everybody_->rowCount(); ++row) {
        const SurpriseCount& c = counts[static_cast<std::size_t>(row)];
        const auto of = [](int some, int whole) {
            return whole == 0 ? QStringLiteral("–") : tr("%1 of %2").arg(some).arg(whole);
        };
        int column = 0;
        for (const QString& words :
             {asWords(surprise_key(c.surprise)), of(c.practised_surprised, c.practised), of(c.others_surprised, c.others)})
            everybody_->setItem(row, column++, new QTableWidgetItem(words));
    }
    constexpr int frame_px = 4;
    everybody_->setFixedHeight(everybody_->horizontalHeader()->sizeHint().height() + frame_px +
                               everybody_->rowCount() * everybody_->verticalHeader()->defaultSectionSize());
}

} // namespace bh::desk
