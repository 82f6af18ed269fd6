#include "desk/record/people_panel.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/forms/part_title.h"
#include "desk/parts/forms/tables.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "school/lock.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>

namespace bh::desk {
namespace {

QString roleInWords(Role role)
{
    switch (role) {
    case Role::Station: return QObject::tr("anybody");
    case Role::Pilot: return QObject::tr("pilots");
    case Role::Instructor: return QObject::tr("instructor");
    case Role::Coordinator: return QObject::tr("coordinator");
    }
    return {};
}

QTableWidget* rightsTable()
{
    auto* table = readingTable(
        "rights", QObject::tr("Who may do what"),
        {QObject::tr("What"), QObject::tr("Anybody here"), QObject::tr("Instructor"), QObject::tr("Coordinator")}, 0);
    table->setRowCount(static_cast<int>(rights().size()));
    for (int i = 0; i < table->rowCount(); ++i) {
        const Right& right = rights()[static_cast<std::size_t>(i)];
        table->setItem(i, 0, new QTableWidgetItem(asWords(capital(right.words))));
        int column = 1;
        for (const Role role : {Role::Station, Role::Instructor, Role::Coordinator}) {
            auto* cell = new QTableWidgetItem(may(role, right.act) ? QObject::tr("may") : QStringLiteral("–"));
            cell->setTextAlignment(Qt::AlignCenter);
            table->setItem(i, column++, cell);
        }
    }
    return table;
}

QLineEdit* secret(const char* name)
{
    auto* edit = new QLineEdit;
    edit->setObjectName(QLatin1String(name));
    edit->setEchoMode(QLineEdit::Password);
    return edit;
}

} // namespace

PeoplePanel::PeoplePanel(School& school, Lock& lock, QWidget* parent) : QWidget(parent), school_(school), lock_(lock)
{
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(partTitle(tr("Who may do what here")));
    state_ = new QLabel;
    state_->setObjectName(QStringLiteral("peopleState"));
    state_->setWordWrap(true);
    layout->addWidget(state_);
    people_ = readingTable("people", tr("Coordinators and instructors"), {tr("Name"), tr("Role"), tr("May unlock")}, 0);
    people_->setSelectionMode(QAbstractItemView::SingleSelection);
    people_->setSelectionBehavior(QAbstractItemView::SelectRows);
    people_->setMaximumHeight(scaled(120));
    layout->addWidget(people_);
    name_ = new QLineEdit;
    name_->setObjectName(QStringLiteral("personName"));
    role_ = new QComboBox;
    role_->setObjectName(QStringLiteral("personRole"));
    for (const Role role : {Role::Coordinator, Role::Instructor}) role_->addItem(roleInWords(role), static_cast<int>(role));
    passphrase_ = secret("personPassphrase");
    again_ = secret("personPassphraseAgain");
    auto* form = new QFormLayout;
    form->addRow(tr("Name"), name_);
    form->addRow(tr("Role"), role_);
    form->addRow(tr("Passphrase, three words or more"), passphrase_);
    form->addRow(tr("The same again"), again_);
    layout->addLayout(form);
    add_ = namedButton(tr("Add"), "personAdd", tr("A coordinator or an instructor who unlocks with this passphrase"));
    change_ = namedButton(tr("Change passphrase"), "personChange", tr("Of the one who is chosen in the list"));
    retire_ = namedButton(tr("May no longer unlock"), "personRetire", tr("The one who is chosen in the list"));
    none_ = namedButton(tr("No passphrases here"), "personNone",
                        tr("Whoever is at a station is the school's coordinator; the record says so"));
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    for (QPushButton* b : {add_, change_, retire_}) row->addWidget(b);
    row->addStretch();
    row->addWidget(none_);
    layout->addLayout(row);
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("peopleSaid"));
    said_->setWordWrap(true);
    layout->addWidget(said_);
    layout->addWidget(rightsTable(), 1);
    connect(add_, &QPushButton::clicked, this, &PeoplePanel::add);
    connect(again_, &QLineEdit::returnPressed, this, &PeoplePanel::add);
    connect(change_, &QPushButton::clicked, this, &PeoplePanel::changePassphrase);
    connect(retire_, &QPushButton::clicked, this, &PeoplePanel::retire);
    connect(none_, &QPushButton::clicked, this, [this] { school_.keep_house_rule("passphrases", "none"); });
    connect(people_, &QTableWidget::itemSelectionChanged, this, [this] {
        change_->setEnabled(!chosen().empty());
        retire_->setEnabled(!chosen().empty());
    });
    connect(&lock_, &Lock::changed, this, &PeoplePanel::refresh);
    refresh();
}

void PeoplePanel::say(const QString& words) { said_->setText(words); }

std::string PeoplePanel::chosen() const
{
    const auto rows = people_->selectionModel()->selectedRows();
    return rows.isEmpty() ? "" : people_->item(rows.front().row(), 0)->data(Qt::UserRole).toString().toStdString();
}

void PeoplePanel::refresh()
{
    state_->setText(
        lock_.in_use()
            ? tr("Pilots fly and log without asking. The rest needs somebody of this list, who unlocks the station with Ctrl+U; "
                 "it locks itself after ten minutes in which nothing moved. Entries of the record say who.")
        : school_.wants_no_passphrases()
            ? tr("This school wants no passphrases: whoever is here may do everything, and entries say \"coordinator\". Add a "
                 "coordinator to change that.")
            : tr("Nobody has said yet who may do what, so everybody may do everything. Add a coordinator with a passphrase, or "
                 "say once that none is wanted."));
    none_->setVisible(!lock_.decided());
    const auto& people = school_.people();
    people_->setRowCount(static_cast<int>(people.size()));
    for (int i = 0; i < people_->rowCount(); ++i) {
        const Person& person = people[static_cast<std::size_t>(i)];
        auto* name = new QTableWidgetItem(QString::fromStdString(person.name));
        name->setData(Qt::UserRole, QString::fromStdString(person.id));
        people_->setItem(i, 0, name);
        people_->setItem(i, 1, new QTableWidgetItem(roleInWords(person.role)));
        people_->setItem(i, 2, new QTableWidgetItem(person.active ? tr("yes") : tr("no longer")));
    }
    people_->setVisible(!people.empty());
    change_->setEnabled(!chosen().empty());
    retire_->setEnabled(!chosen().empty());
}

void PeoplePanel::add()
{
    if (passphrase_->text() != again_->text()) return say(tr("The two passphrases are not the same."));
    const auto added = lock_.add_person(name_->text().toStdString(), static_cast<Role>(role_->currentData().toInt()),
                                        passphrase_->text().toStdString());
    if (!added) return say(asWords(added.error()));
    say(tr("Added: %1.").arg(name_->text()));
    for (QLineEdit* edit : {name_, passphrase_, again_}) edit->clear();
}

void PeoplePanel::changePassphrase()
{
    if (passphrase_->text() != again_->text()) return say(tr("The two passphrases are not the same."));
    const auto changed = lock_.change_passphrase(chosen(), passphrase_->text().toStdString());
    say(changed ? tr("The passphrase was changed.") : asWords(changed.error()));
    if (changed)
        for (QLineEdit* edit : {passphrase_, again_}) edit->clear();
}

void PeoplePanel::retire()
{
    const auto retired = lock_.retire(chosen());
    say(retired ? tr("No longer among those who may unlock.") : asWords(retired.error()));
}

} // namespace bh::desk
