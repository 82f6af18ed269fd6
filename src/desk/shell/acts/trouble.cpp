#include "desk/shell/acts/trouble.h"

#include "desk/parts/forms/part_title.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "record/copies/backup.h"
#include "record/file/failures.h"

#include <QClipboard>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QGuiApplication>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>
#include <cstdio>
#include <exception>

namespace bh::desk {
namespace {

QPlainTextEdit* wordsToCopy(const QString& words)
{
    auto* text = new QPlainTextEdit(words);
    text->setObjectName(QStringLiteral("troubleWords"));
    text->setReadOnly(true);
    text->setAccessibleName(QObject::tr("What is wrong"));
    text->setTabChangesFocus(true);
    return text;
}

QLabel* paragraph(const QString& words)
{
    auto* label = new QLabel(words);
    label->setWordWrap(true);
    return label;
}

} // namespace

Trouble::Trouble(const QString& record, const QStringList& problems, unsigned ways, QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("trouble"));
    setWindowTitle(tr("Blue Hangar: the record"));
    resize(openingSize(*this, 720, 420));
    auto* layout = new QVBoxLayout(this);
    layout->setSpacing(8);
    auto* title = partTitle(ways & MayGoOn ? tr("This record is not as it was written") : tr("This record cannot be opened"));
    layout->addWidget(title);
    layout->addWidget(paragraph(record));
    const QString words = problems.join(QLatin1Char('\n'));
    layout->addWidget(wordsToCopy(words), 1);
    QStringList what;
    if (ways & MayTryAgain) what << tr("Try again when the server is there, or ask whoever looks after it.");
    if (ways & MayReadOnly) what << tr("Look at it without writing to it, until it is known what happened.");
    if (ways & MayRestore)
        what << tr("Restore a backup to a place of its own; this file stays where it is, so that both are kept.");
    if (ways & MayGoOn)
        what << tr("Go on with it: what is written from now on is whole in itself, and what is wrong stays on view.");
    layout->addWidget(paragraph(what.isEmpty() ? tr("Nothing was changed.") : what.join(QLatin1Char('\n'))));
    auto* buttons = new QDialogButtonBox;
    const auto button = [&](const QString& name, const QString& label, auto act) {
        auto* b = buttons->addButton(label, QDialogButtonBox::ActionRole);
        b->setObjectName(name);
        connect(b, &QPushButton::clicked, this, act);
    };
    button(QStringLiteral("troubleCopy"), tr("Copy the words"), [words] { QGuiApplication::clipboard()->setText(words); });
    if (ways & MayTryAgain) button(QStringLiteral("troubleTryAgain"), tr("Try again"), [this] { choose(Choice::TryAgain); });
    if (ways & MayChoose) button(QStringLiteral("troubleOther"), tr("Another record …"), [this] { choose(Choice::Other); });
    if (ways & MayReadOnly) button(QStringLiteral("troubleReadOnly"), tr("Read only"), [this] { choose(Choice::ReadOnly); });
    if (ways & MayRestore) button(QStringLiteral("troubleRestore"), tr("Restore a backup …"), [this] { restoreBackup(); });
    if (ways & MayGoOn) button(QStringLiteral("troubleGoOn"), tr("Go on"), [this] { choose(Choice::GoOn); });
    button(QStringLiteral("troubleClose"), tr("Close"), [this] { choose(Choice::Close); });
    layout->addWidget(buttons);
}

Trouble::Choice Trouble::ask()
{
    exec();
    return choice_;
}

void Trouble::choose(Choice choice)
{
    choice_ = choice;
    accept();
}

void Trouble::restoreBackup()
{
    const QString backup =
        QFileDialog::getOpenFileName(this, tr("Backup to restore"), {}, tr("Backups (*.tar.gz *.gz);;All files (*)"));
    if (backup.isEmpty()) return;
    const QString to = QFileDialog::getSaveFileName(this, tr("Where to put the record"), QStringLiteral("record.sqlite"));
    if (to.isEmpty()) return;
    auto* words = findChild<QPlainTextEdit*>(QStringLiteral("troubleWords"));
    const auto report = restore(backup.toStdString(), to.toStdString());
    if (!report) return words->appendPlainText(asWords(report.error()));
    restored_to_ = to;
    choose(Choice::Restored);
}

void tellTrouble(const QString& sentence)
{
    auto* window = new QDialog;
    window->setAttribute(Qt::WA_DeleteOnClose);
    window->setObjectName(QStringLiteral("troubleTold"));
    window->setWindowTitle(QObject::tr("Blue Hangar: something went wrong"));
    window->resize(openingSize(*window, 560, 240));
    auto* layout = new QVBoxLayout(window);
    layout->addWidget(partTitle(QObject::tr("That could not be done")));
    layout->addWidget(wordsToCopy(sentence), 1);
    layout->addWidget(
        paragraph(QObject::tr("What was done before is kept. If it comes again, close the program and start it anew.")));
    auto* close = new QPushButton(QObject::tr("Close"));
    QObject::connect(close, &QPushButton::clicked, window, &QDialog::close);
    layout->addWidget(close, 0, Qt::AlignRight);
    window->show();
}

namespace {

#if defined(__x86_64__)
__attribute__((target("avx"))) void release_upper_halves() { asm volatile("vzeroupper"); }
bool has_upper_halves() { return __builtin_cpu_supports("avx"); }
#else
void release_upper_halves() {}
bool has_upper_halves() { return false; }
#endif

} // namespace

bool Application::notify(QObject* receiver, QEvent* event)
try {
    const bool paints = event->type() == QEvent::UpdateRequest || event->type() == QEvent::Paint;
    const bool done = QApplication::notify(receiver, event);
    if (paints && has_upper_halves()) release_upper_halves();
    return done;
} catch (const ServerAway& why) { // of which the strip at the foot tells: no window over whatever is being done
    std::fprintf(stderr, "bluehangar: %s\n", why.what());
    return true;
} catch (const std::exception& why) {
    std::fprintf(stderr, "bluehangar: %s\n", why.what());
    tellTrouble(QString::fromUtf8(why.what()));
    return true;
}

} // namespace bh::desk
