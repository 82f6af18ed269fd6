#include "desk/record/state_panel.h"

#include "core/base/one_line.h"
#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/record_care.h"
#include "school/record_watch.h"
#include "school/school.h"

#include <QApplication>
#include <QBoxLayout>
#include <QClipboard>
#include <QDateTime>
#include <QFileDialog>
#include <QMessageBox>
#include <chrono>
#include <future>

namespace bh::desk {
namespace {

QString inWords(const VerifyReport& report)
{
    const auto problems = static_cast<int>(report.problems.size());
    if (problems == 0 && !report.known.empty())
        return QObject::tr("%1 entries, nothing wrong but what is known: %2")
            .arg(report.entries)
            .arg(asWords(report.known.front()));
    if (problems == 0) return QObject::tr("%1 entries, nothing wrong").arg(report.entries);
    return QObject::tr("%1 entries, %2 wrong, the first: %3")
        .arg(report.entries)
        .arg(problems)
        .arg(asWords(report.problems.front()));
}

/// A pause in which nothing can be clicked, and the pointer says so; the window goes on being painted.
template <class Does>
auto whileWaiting(Does does)
{
    QApplication::setOverrideCursor(Qt::WaitCursor);
    auto work = std::async(std::launch::async, std::move(does));
    while (work.wait_for(std::chrono::milliseconds(20)) != std::future_status::ready)
        QApplication::processEvents(QEventLoop::ExcludeUserInputEvents);
    QApplication::restoreOverrideCursor();
    return work.get();
}

} // namespace

StatePanel::StatePanel(School& school, RecordWatch* watch, QWidget* parent) : QWidget(parent), school_(school), watch_(watch)
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("The record")));
    facts_ = new QLabel;
    facts_->setObjectName(QStringLiteral("recordFacts"));
    facts_->setWordWrap(true);
    facts_->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    layout->addWidget(facts_);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* head = namedButton(tr("Copy the head"), "recordCopyHead",
                             tr("How many entries there are and the hash of the newest: written down elsewhere, it proves later "
                                "that nothing was taken away or changed"));
    auto* verify = namedButton(tr("Verify now"), "recordVerify", tr("Checks every entry, every table and every file beside it"));
    auto* backup = namedButton(tr("Back up …"), "recordBackup", tr("Everything in one file, verified after writing"));
    auto* restored = namedButton(tr("Restore …"), "recordRestore", tr("Puts a backup into a new place; this record stays"));
    auto* whole = namedButton(tr("Export …"), "recordExport", tr("Everything in open formats (JSON, CSV), in a folder"));
    auto* brought =
        namedButton(tr("Import …"), "recordImport", tr("Makes a record of such a folder in a new place; this record stays"));
    for (QPushButton* b : {head, verify, backup, restored, whole, brought}) row->addWidget(b);
    row->addStretch();
    layout->addLayout(row);
    verify->setEnabled(watch_);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("recordSaid"));
    said_->setWordWrap(true);
    layout->addWidget(said_);
    layout->addWidget(partTitle(tr("Daily copies")));
    auto* about = new QLabel(
        school_.on_server()
            ? tr("None are kept here of a record on a server: whoever looks after it backs it up there. \"Back up\" makes a "
                 "whole copy that opens without a server.")
            : tr("One for each day on which the record was in use, made once it has been verified; the last %1 are "
                 "kept, beside the record. They help against a mistake, not against a lost disk: for that, back "
                 "up to another one.")
                  .arg(daily_copies_kept));
    about->setWordWrap(true);
    layout->addWidget(about);
    copies_ = readingTable("recordCopies", tr("Daily copies"), {tr("Day"), tr("Last good head"), tr("File")}, 2);
    layout->addWidget(copies_, 1);
    no_copies_ = new QLabel(school_.on_server() ? QString() : tr("None yet."));
    layout->addWidget(no_copies_, 1, Qt::AlignTop);
    connect(head, &QPushButton::clicked, this, [this] {
        QApplication::clipboard()->setText(QString::fromStdString(in_words(school_.head())));
        say(tr("Copied. Keep it where nobody can change it along with the record."));
    });
    connect(verify, &QPushButton::clicked, this, [this] { watch_->verify_now(); });
    connect(backup, &QPushButton::clicked, this, &StatePanel::backUp);
    connect(restored, &QPushButton::clicked, this, &StatePanel::restoreBackup);
    connect(whole, &QPushButton::clicked, this, &StatePanel::exportWhole);
    connect(brought, &QPushButton::clicked, this, &StatePanel::importWhole);
    connect(&school_, &School::changed, this, &StatePanel::refresh);
    connect(&school_, &School::server_changed, this, &StatePanel::refresh);
    if (watch_) connect(watch_, &RecordWatch::changed, this, &StatePanel::refresh);
    refresh();
}

void StatePanel::say(const QString& words) { said_->setText(words); }

void StatePanel::refresh()
{
    const Head head = school_.head();
    QStringList facts{school_.file_name(),
                      tr("%1 entries; head %2 …").arg(head.count).arg(QString::fromStdString(head.hash).left(16))};
    if (!watch_)
        facts << tr("Nobody verifies this one: it is thrown away.");
    else if (watch_->running())
        facts << tr("Being verified …");
    else if (watch_->report())
        facts << tr("Verified %1: %2").arg(shortMoment(watch_->verified_at()), inWords(*watch_->report()));
    else
        facts << tr("Not verified since the start; that is done by itself when nobody flies.");
    if (watch_ && !watch_->copy_trouble().isEmpty()) facts << watch_->copy_trouble();
    if (!school_.erased_for_good())
        facts << tr(
            "A name that was erased can still be made out in the file, because another program reads it; it is tried again.");
    for (const Message& unread : school_.unread()) facts << tr("Left out, as it cannot be read: %1.").arg(asWords(unread));
    facts << serverFacts();
    facts_->setText(facts.join(QLatin1Char('\n')));
    const auto copies = RecordCare(school_).daily_copies();
    copies_->setVisible(!copies.empty());
    no_copies_->setVisible(copies.empty());
    copies_->setRowCount(static_cast<int>(copies.size()));
    for (int i = 0; i < copies_->rowCount(); ++i) {
        const DailyCopy& copy = copies[static_cast<std::size_t>(i)];
        copies_->setItem(i, 0, new QTableWidgetItem(QString::fromStdString(copy.day)));
        const QString words = QString::fromStdString(copy.head);
        copies_->setItem(i, 1, new QTableWidgetItem(words.left(words.indexOf(QLatin1Char(':')) + 9) + QStringLiteral(" …")));
        copies_->setItem(i, 2, new QTableWidgetItem(QString::fromStdString(copy.record.string())));
    }
}

/// Whether the server answers, what waits for it here, and what it did not take.
QStringList StatePanel::serverFacts() const
{
    QStringList facts;
    if (!school_.on_server()) return facts;
    facts << (school_.server_away() ? tr("The server does not answer; it is asked again every few seconds.")
                                    : tr("The server answers."));
    if (const int waiting = school_.waiting_for_server(); waiting > 0)
        facts << tr("%1 entries wait at this station and are handed over when the server is back.").arg(waiting);
    if (const auto files = RecordCare(school_).files_on_their_way(); files > 0)
        facts << tr("%1 flight logs and recordings are on their way to the server.").arg(files);
    for (const Message& problem : school_.not_handed_over()) facts << tr("Not handed over: %1").arg(asWords(problem));
    return facts;
}

bool StatePanel::mayLeave()
{
    const VerifyReport report = whileWaiting([care = RecordCare(school_)] { return care.verify(); });
    if (report.problems.empty()) return true;
    return QMessageBox::question(this, tr("The record is not as it was written"),
                                 tr("%1.\nGo on with it as it is?").arg(inWords(report))) == QMessageBox::Yes;
}

void StatePanel::backUp()
{
    const QString to = QFileDialog::getSaveFileName(
        this, tr("Backup to write"),
        QStringLiteral("record-%1.tar.gz").arg(QDateTime::fromSecsSinceEpoch(school_.now()).toString("yyyy-MM-dd")),
        tr("Backups (*.tar.gz)"), nullptr, QFileDialog::DontConfirmOverwrite);
    if (to.isEmpty()) return;
    school_.finish_keeping();
    const auto report = whileWaiting([care = RecordCare(school_), to] { return care.back_up(to.toStdString()); });
    say(report ? tr("Backed up to %1, read back: %2.").arg(to, inWords(*report)) : asWords(report.error()));
}

void StatePanel::restoreBackup()
{
    const QString from =
        QFileDialog::getOpenFileName(this, tr("Backup to restore"), {}, tr("Backups (*.tar.gz *.gz);;All files (*)"));
    if (from.isEmpty()) return;
    const QString to = QFileDialog::getSaveFileName(this, tr("Where to put the record"), QStringLiteral("record.sqlite"));
    if (to.isEmpty()) return;
    const auto report = whileWaiting([from, to] { return RecordCare::restore(from.toStdString(), to.toStdString()); });
    say(report ? tr("Restored to %1: %2. Open it with: bluehangar --store FILE").arg(to, inWords(*report))
               : asWords(report.error()));
}

void StatePanel::importWhole()
{
    const QString from = QFileDialog::getExistingDirectory(this, tr("Exported folder to read"));
    if (from.isEmpty()) return;
    const QString to = QFileDialog::getSaveFileName(this, tr("Where to put the record"), QStringLiteral("record.sqlite"));
    if (!to.isEmpty()) bringIn(from, to);
}

void StatePanel::bringIn(const QString& from, const QString& to)
{
    const auto report = whileWaiting([from, to] { return RecordCare::bring_in(from.toStdString(), to.toStdString()); });
    say(report ? tr("Imported into %1: %2. Open it with: bluehangar --store FILE").arg(to, inWords(*report))
               : asWords(report.error()));
}

void StatePanel::exportWhole()
{
    if (!mayLeave()) return;
    const QString to = QFileDialog::getSaveFileName(this, tr("Folder to make"), QStringLiteral("record-export"));
    if (to.isEmpty()) return;
    school_.finish_keeping();
    const auto head = whileWaiting([care = RecordCare(school_), to] { return care.export_whole(to.toStdString()); });
    say(head ? tr("Exported to %1; its head is %2.").arg(to, QString::fromStdString(in_words(*head))) : asWords(head.error()));
}

} // namespace bh::desk
