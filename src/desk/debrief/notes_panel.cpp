#include "desk/debrief/notes_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/text_box.h"
#include "desk/words/time_words.h"
#include "school/school.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>

namespace bh::desk {

NotesPanel::NotesPanel(School& school, QWidget* parent) : QWidget(parent), school_(school)
{
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("notesSaid"));
    said_->setWordWrap(true);
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("flightNotes"));
    list_->setAccessibleName(tr("Notes about this flight"));
    list_->setWordWrap(true);
    by_ = new QComboBox;
    by_->setObjectName(QStringLiteral("noteBy"));
    by_->setAccessibleName(tr("Whose note it is"));
    by_->addItem(tr("Coordinator"), QStringLiteral("coordinator"));
    by_->addItem(tr("Pilot"), QStringLiteral("pilot"));
    text_ = textBox("noteText", tr("A note about this flight"), tr("What was seen, in a sentence"), 300);
    add_ = tabButton(tr("Keep the note"), "noteAdd", tr("With the flight, dated"));
    connect(add_, &QPushButton::clicked, this, &NotesPanel::add);
    connect(text_, &QLineEdit::returnPressed, this, &NotesPanel::add);
    connect(text_, &QLineEdit::textChanged, this,
            [this](const QString& words) { add_->setEnabled(!attempt_id_.empty() && !words.simplified().isEmpty()); });
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 8, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(said_);
    layout->addWidget(list_, 1);
    layout->addWidget(by_);
    layout->addWidget(text_);
    layout->addWidget(add_, 0, Qt::AlignLeft);
    show({}, {});
}

void NotesPanel::show(const std::string& pilot_id, const std::string& attempt_id)
{
    if (attempt_id != attempt_id_) text_->clear();
    pilot_id_ = pilot_id, attempt_id_ = attempt_id;
    list_->clear();
    for (const FlightNote& note : school_.file(pilot_id).notes)
        if (note.attempt_id == attempt_id)
            list_->addItem(tr("%1, %2: %3")
                               .arg(dayInWords(note.at),
                                    note.by == "pilot" ? tr("pilot") : QString::fromStdString(school_.who_is(note.by)),
                                    QString::fromStdString(note.text)));
    for (QWidget* w : std::initializer_list<QWidget*>{by_, text_}) w->setEnabled(!attempt_id.empty());
    add_->setEnabled(!attempt_id.empty() && !text_->text().simplified().isEmpty());
    said_->setText(attempt_id.empty()    ? tr("Notes are kept with flights that are on the record.")
                   : list_->count() == 0 ? tr("No note yet.")
                                         : tr("The newest is last."));
}

void NotesPanel::add()
{
    FlightNote note;
    note.pilot_id = pilot_id_, note.attempt_id = attempt_id_;
    note.by = by_->currentData().toString().toStdString();
    note.text = text_->text().toStdString();
    if (note.text.empty() || attempt_id_.empty() || !school_.keep_note(std::move(note))) return;
    text_->clear();
    show(pilot_id_, attempt_id_);
}

} // namespace bh::desk
