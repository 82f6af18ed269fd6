#include "desk/record/keeping_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/preferences.h"
#include "desk/parts/forms/tables.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "files/text/file_text.h"
#include "school/lock.h"
#include "school/views/pilot_export.h"

#include <QBoxLayout>
#include <QDateTime>
#include <QFileDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QSpinBox>

namespace bh::desk {

KeepingPanel::KeepingPanel(School& school, Lock& lock, QWidget* parent) : QWidget(parent), school_(school)
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("Pilots who have left")));
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(tr("Names, flights and recordings are kept for")));
    months_ = new QSpinBox;
    months_->setObjectName(QStringLiteral("keepMonths"));
    months_->setAccessibleName(tr("Months for which pilots who have left are kept"));
    months_->setRange(1, 240);
    months_->setSuffix(tr(" months"));
    row->addWidget(months_);
    row->addWidget(new QLabel(tr("after the last practice (house rule, 36 unless changed)")));
    row->addStretch();
    layout->addLayout(row);
    state_ = new QLabel;
    state_->setObjectName(QStringLiteral("keepingState"));
    state_->setWordWrap(true);
    layout->addWidget(state_);
    archived_ = readingTable("archived", tr("Archived pilots"), {tr("Pilot"), tr("Last practised"), tr("Kept until")}, 0);
    archived_->setSelectionMode(QAbstractItemView::SingleSelection);
    archived_->setSelectionBehavior(QAbstractItemView::SelectRows);
    layout->addWidget(archived_, 1);
    auto* about = new QLabel(tr("Erasing destroys the key to the pilot's name and deletes the flights and recordings. What the "
                                "attempts came to stays without a name, and the record still verifies. It cannot be undone; "
                                "copies and backups made before still have the name."));
    about->setWordWrap(true);
    layout->addWidget(about);
    why_ = new QLineEdit;
    why_->setObjectName(QStringLiteral("eraseWhy"));
    why_->setPlaceholderText(tr("Why, without names: it stays on the record"));
    erase_ = namedButton(tr("Erase …"), "erase", tr("The pilot who is chosen in the list"));
    auto* act = new QHBoxLayout;
    back_ = namedButton(tr("Is back"), "pilotBack", tr("Puts the chosen pilot on the list again"));
    give_ =
        namedButton(tr("Hand out data …"), "pilotData", tr("Everything that the record holds about the chosen pilot, as JSON"));
    act->addWidget(back_);
    act->addWidget(give_);
    act->addWidget(why_, 1);
    act->addWidget(erase_);
    layout->addLayout(act);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("keepingSaid"));
    said_->setWordWrap(true);
    layout->addWidget(said_);
    connect(months_, &QSpinBox::editingFinished, this, [this] {
        school_.keep_house_limit(Limit::KeepMonths, months_->value());
        refresh(); // what may not be changed is as it was
    });
    connect(erase_, &QPushButton::clicked, this, &KeepingPanel::erase);
    connect(archived_, &QTableWidget::itemSelectionChanged, this, [this] {
        for (QPushButton* b : {erase_, back_, give_}) b->setEnabled(!chosen().empty());
    });
    connect(back_, &QPushButton::clicked, this, [this] {
        Pilot back = school_.file(chosen()).row;
        back.archived = false;
        school_.edit_pilot(back);
    });
    connect(give_, &QPushButton::clicked, this, [this] {
        const QString file = QFileDialog::getSaveFileName(
            this, tr("Everything about this pilot"),
            placeToWrite(QString::fromStdString(school_.file(chosen()).row.name) + QStringLiteral(".json")), tr("JSON (*.json)"));
        if (!file.isEmpty()) handOut(file);
    });
    connect(&lock, &Lock::changed, this, &KeepingPanel::refresh);
    connect(&school_, &School::changed, this, &KeepingPanel::refresh);
    refresh();
}

std::string KeepingPanel::chosen() const
{
    const auto rows = archived_->selectionModel()->selectedRows();
    return rows.isEmpty() ? "" : archived_->item(rows.front().row(), 0)->data(Qt::UserRole).toString().toStdString();
}

void KeepingPanel::refresh()
{
    const int months = school_.house().whole(Limit::KeepMonths);
    months_->setValue(months);
    const auto archived = school_.archived_pilots();
    const QDate today = QDateTime::fromSecsSinceEpoch(school_.now()).date();
    int due = 0;
    archived_->setRowCount(static_cast<int>(archived.size()));
    for (int i = 0; i < archived_->rowCount(); ++i) {
        const Pilot& pilot = archived[static_cast<std::size_t>(i)];
        const UnixTime at = school_.last_practised(pilot.id);
        const QDate last = QDateTime::fromSecsSinceEpoch(at).date(), until = last.addMonths(months);
        auto* name = new QTableWidgetItem(QString::fromStdString(pilot.name));
        name->setData(Qt::UserRole, QString::fromStdString(pilot.id));
        archived_->setItem(i, 0, name);
        const auto day = [&](const QDate& d) { return at > 0 ? dateInWords(d) : tr("never"); };
        archived_->setItem(i, 1, new QTableWidgetItem(day(last)));
        const bool over = at == 0 || until < today;
        due += over;
        archived_->setItem(i, 2, new QTableWidgetItem(over ? tr("over: to be erased") : day(until)));
    }
    state_->setText(archived.empty()
                        ? tr("Nobody has left yet. \"Has left\" among the pilots takes a pilot off the list; from then on "
                             "the pilot is seen only here.")
                    : due == 0 ? tr("Nobody has been away for longer.")
                    : due == 1 ? tr("One of them has been away for longer and is to be erased.")
                               : tr("%1 of them have been away for longer and are to be erased.").arg(due));
    for (QPushButton* b : {erase_, back_, give_}) b->setEnabled(!chosen().empty());
}

void KeepingPanel::handOut(const QString& file)
{
    if (chosen().empty()) return;
    const auto written = write_whole(file.toStdString(), pilot_json(school_, chosen()), true);
    said_->setText(written
                       ? tr("Written: %1. The record goes on holding all of it until the pilot is erased; then it keeps what was "
                            "flown, without the name.")
                             .arg(file)
                       : asWords(written.error()));
}

void KeepingPanel::erase()
{
    const std::string id = chosen();
    if (why_->text().trimmed().isEmpty()) return said_->setText(tr("Say why first."));
    const QString name = QString::fromStdString(school_.file(id).row.name);
    if (QMessageBox::question(this, tr("Erase a pilot"), tr("Erase %1 for good? This cannot be undone.").arg(name)) !=
        QMessageBox::Yes)
        return;
    const auto erased = school_.erase_pilot(id, why_->text().toStdString());
    said_->setText(asWords(erased ? *erased : erased.error().message));
    if (erased) why_->clear();
}

} // namespace bh::desk
