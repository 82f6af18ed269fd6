#include "desk/record/unlock_dialog.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/lock.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>

namespace bh::desk {

UnlockDialog::UnlockDialog(School& school, Lock& lock, QWidget* parent) : QDialog(parent), lock_(lock)
{
    setObjectName(QStringLiteral("unlock"));
    setWindowTitle(tr("Unlock the station"));
    who_ = new QComboBox;
    who_->setObjectName(QStringLiteral("unlockWho"));
    for (const Person& person : school.people())
        if (person.active) who_->addItem(QString::fromStdString(person.name), QString::fromStdString(person.id));
    passphrase_ = new QLineEdit;
    passphrase_->setObjectName(QStringLiteral("unlockPassphrase"));
    passphrase_->setEchoMode(QLineEdit::Password);
    said_ = new QLabel(tr("It locks itself after ten minutes in which nothing moved."));
    said_->setObjectName(QStringLiteral("unlockSaid"));
    said_->setWordWrap(true);
    auto* form = new QFormLayout;
    form->addRow(tr("Who"), who_);
    form->addRow(tr("Passphrase"), passphrase_);
    auto* unlock = namedButton(tr("Unlock"), "unlockNow", tr("Until it is locked again"));
    unlock->setDefault(true);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(said_);
    layout->addWidget(unlock, 0, Qt::AlignRight);
    setMinimumWidth(scaled(380));
    connect(unlock, &QPushButton::clicked, this, &UnlockDialog::tryIt);
    passphrase_->setFocus();
}

void UnlockDialog::tryIt()
{
    const auto unlocked = lock_.unlock(who_->currentData().toString().toStdString(), passphrase_->text().toStdString());
    passphrase_->clear();
    if (unlocked) return accept();
    said_->setText(asWords(unlocked.error()));
}

} // namespace bh::desk
