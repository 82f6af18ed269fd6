#include "desk/record/keys_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/words/message_words.h"
#include "desk/words/time_words.h"
#include "school/lock.h"
#include "school/record_care.h"
#include "school/record_watch.h"
#include "school/views/first_flight.h"

#include <QBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <algorithm>

namespace bh::desk {
namespace {

QString whose(const School& school, const KnownKey& key)
{
    if (!key.person.empty()) return QObject::tr("%1, coordinator").arg(QString::fromStdString(school.who_is(key.person)));
    if (key.public_key == school.own_key()) return QObject::tr("this station");
    return key.login.empty() ? QObject::tr("a station") : QObject::tr("station %1").arg(QString::fromStdString(key.login));
}

QLabel* wrapped(const QString& words)
{
    auto* label = new QLabel(words);
    label->setWordWrap(true);
    return label;
}

} // namespace

KeysPanel::KeysPanel(School& school, Lock& lock, RecordWatch* watch, QWidget* parent)
    : QWidget(parent), school_(school), lock_(lock), watch_(watch)
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("Whose keys sign this record")));
    layout->addWidget(
        wrapped(tr("A new station, or a new coordinator, counts once somebody who is known here has let it in. Compare "
                   "the digits with those that the new station shows here itself. This station's own key begins with %1.")
                    .arg(QString::fromStdString(key_in_words(school_.own_key())))));
    keys_ = readingTable("keys", tr("Keys of stations and coordinators"),
                         {tr("Whose"), tr("Key begins with"), tr("Since"), tr("Let in by")}, 3);
    keys_->setSelectionMode(QAbstractItemView::SingleSelection);
    keys_->setSelectionBehavior(QAbstractItemView::SelectRows);
    layout->addWidget(keys_, 1);
    let_in_ = namedButton(tr("Let in"), "keyLetIn", tr("The one that is chosen in the list: from now on it counts"));
    passphrase_ = new QLineEdit;
    passphrase_->setObjectName(QStringLiteral("keysPassphrase"));
    passphrase_->setEchoMode(QLineEdit::Password);
    passphrase_->setPlaceholderText(tr("a coordinator's passphrase, where this station was not let in itself"));
    passphrase_->setAccessibleName(tr("Passphrase of a coordinator"));
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addWidget(let_in_);
    row->addWidget(passphrase_, 1);
    layout->addLayout(row);

    layout->addWidget(partTitle(tr("An entry that is not as it should be")));
    layout->addWidget(
        wrapped(tr("It stays as it is, and verification names it as known, with your reason; everything else goes on.")));
    entry_ = new QSpinBox;
    entry_->setObjectName(QStringLiteral("knownEntry"));
    entry_->setRange(1, 1'000'000'000);
    entry_->setAccessibleName(tr("Number of the entry"));
    why_ = new QLineEdit;
    why_->setObjectName(QStringLiteral("knownWhy"));
    why_->setPlaceholderText(tr("what happened"));
    why_->setAccessibleName(tr("Why it is as it is"));
    mark_ = namedButton(tr("Mark as known"), "keyMark", tr("Signed by a coordinator, as when a station is let in"));
    auto* known = new QHBoxLayout;
    known->setSpacing(8);
    known->addWidget(new QLabel(tr("Entry")));
    known->addWidget(entry_);
    known->addWidget(why_, 1);
    known->addWidget(mark_);
    layout->addLayout(known);

    layout->addWidget(partTitle(tr("A head from paper")));
    head_ = new QLineEdit;
    head_->setObjectName(QStringLiteral("headToCompare"));
    head_->setPlaceholderText(tr("2221: and at least 12 digits, typed or read back from the square"));
    head_->setAccessibleName(tr("Head to compare"));
    auto* compare =
        namedButton(tr("Compare"), "headCompare", tr("Whether this record has grown from the one that was printed then"));
    auto* paper = new QHBoxLayout;
    paper->setSpacing(8);
    paper->addWidget(head_, 1);
    paper->addWidget(compare);
    layout->addLayout(paper);
    said_ = wrapped({});
    said_->setObjectName(QStringLiteral("keysSaid"));
    layout->addWidget(said_);

    connect(let_in_, &QPushButton::clicked, this, &KeysPanel::letIn);
    connect(mark_, &QPushButton::clicked, this, &KeysPanel::mark);
    connect(why_, &QLineEdit::returnPressed, this, &KeysPanel::mark);
    connect(compare, &QPushButton::clicked, this, &KeysPanel::compare);
    connect(head_, &QLineEdit::returnPressed, this, &KeysPanel::compare);
    connect(keys_, &QTableWidget::itemSelectionChanged, this, [this] { let_in_->setEnabled(!chosen().empty()); });
    connect(&lock_, &Lock::changed, this, &KeysPanel::refresh);
    connect(&school_, &School::changed, this, &KeysPanel::refresh);
    refresh();
}

void KeysPanel::say(const QString& words) { said_->setText(words); }

std::string KeysPanel::chosen() const
{
    const auto rows = keys_->selectionModel()->selectedRows();
    return rows.isEmpty() ? "" : keys_->item(rows.front().row(), 0)->data(Qt::UserRole).toString().toStdString();
}

/// Those that wait first.
void KeysPanel::refresh()
{
    const KeyBook book = school_.keys();
    std::vector<KnownKey> all = book.keys();
    std::stable_partition(all.begin(), all.end(), [](const KnownKey& key) { return !key.stands; });
    keys_->setRowCount(static_cast<int>(all.size()));
    for (int i = 0; i < keys_->rowCount(); ++i) {
        const KnownKey& key = all[static_cast<std::size_t>(i)];
        auto* of = new QTableWidgetItem(whose(school_, key));
        of->setData(Qt::UserRole, key.stands ? QString() : QString::fromStdString(key.public_key));
        keys_->setItem(i, 0, of);
        keys_->setItem(i, 1, new QTableWidgetItem(QString::fromStdString(key_in_words(key.public_key))));
        keys_->setItem(i, 2, new QTableWidgetItem(dayInWords(key.since)));
        keys_->setItem(
            i, 3,
            new QTableWidgetItem(key.stands ? asWords(let_in_by(school_, key)) : tr("nobody yet: choose it and let it in")));
    }
    let_in_->setEnabled(!chosen().empty());
    passphrase_->setVisible(!lock_.in_use());
}

std::string KeysPanel::takePassphrase()
{
    const std::string passphrase = passphrase_->text().toStdString();
    passphrase_->clear();
    return passphrase;
}

void KeysPanel::letIn()
{
    const std::string key = chosen();
    if (key.empty()) return;
    const auto with = lock_.signer(takePassphrase());
    if (!with) return say(asWords(with.error()));
    const auto done = school_.let_in(key, *with ? &**with : nullptr);
    say(done ? tr("Let in.") : asWords(done.error()));
    if (done && watch_) watch_->verify_now();
}

void KeysPanel::mark()
{
    const auto with = lock_.signer(takePassphrase());
    if (!with) return say(asWords(with.error()));
    const auto done = school_.mark_as_known(entry_->value(), why_->text().toStdString(), *with ? &**with : nullptr);
    say(done ? tr("Entry %1 is marked as known.").arg(entry_->value()) : asWords(done.error()));
    if (!done) return;
    why_->clear();
    if (watch_) watch_->verify_now();
}

void KeysPanel::compare()
{
    const auto head = typed_head(head_->text().toStdString());
    if (!head) return say(tr("Expected how many entries there were, a colon, and at least 12 digits: 2221:3f2a91c077de."));
    switch (RecordCare(school_).compare(*head)) {
    case RecordCare::Comparison::Shorter:
        return say(tr("This record has fewer than %1 entries: its newest are missing, or it is another one.").arg(head->count));
    case RecordCare::Comparison::Same: return say(tr("It is the same: this record has grown from that one."));
    case RecordCare::Comparison::Another:
        return say(tr("Entry %1 is another one: this record did not grow from that one.").arg(head->count));
    }
}

} // namespace bh::desk
