#include "desk/shell/start/first_start.h"

#include "desk/parts/forms/buttons.h"
#include "desk/parts/look/theme.h"
#include "desk/words/message_words.h"
#include "desk/words/utf8.h"
#include "files/data_folder.h"
#include "school/lock.h"

#include <QBoxLayout>
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QRadioButton>

namespace bh::desk {
namespace {

QLineEdit* line(const char* name, const QString& spoken, bool hidden = false)
{
    auto* edit = new QLineEdit;
    edit->setObjectName(QLatin1String(name));
    edit->setAccessibleName(spoken);
    if (hidden) edit->setEchoMode(QLineEdit::Password);
    return edit;
}

QLabel* question(const QString& words)
{
    auto* label = new QLabel(words);
    label->setFont(uiFont(text_points, true));
    return label;
}

} // namespace

FirstStart::FirstStart(const DataFolder& documents, QWidget* parent) : QDialog(parent)
{
    setObjectName(QStringLiteral("firstStart"));
    setWindowTitle(tr("Blue Hangar"));
    resize(openingSize(*this, 680, 520));
    auto* title = new QLabel(tr("Three questions, and the school can begin"));
    title->setFont(uiFont(head_points, true));
    said_ = new QLabel;
    said_->setObjectName(QStringLiteral("firstSaid"));
    said_->setProperty("caution", true);
    said_->setWordWrap(true);
    auto* begin = namedButton(tr("Begin"), "firstBegin", tr("Makes the school's record at this computer, and opens it"));
    setPrimary(begin);
    begin->setDefault(true);
    auto* elsewhere =
        namedButton(tr("The record is elsewhere …"), "firstElsewhere", tr("In a file that is there already, or on a server"));
    auto* demo =
        namedButton(tr("Look at a made-up school"), "firstDemo", tr("Eight weeks of eleven pilots; nothing of it is kept"));
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(elsewhere);
    buttons->addWidget(demo);
    buttons->addStretch();
    buttons->addWidget(begin);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(24, 24, 24, 16);
    layout->setSpacing(16);
    layout->addWidget(title);
    layout->addLayout(makeQuestions(documents));
    layout->addWidget(said_);
    layout->addStretch();
    layout->addLayout(buttons);
    connect(begin, &QPushButton::clicked, this, [this] { choose(Choice::Begin); });
    connect(elsewhere, &QPushButton::clicked, this, [this] { choose(Choice::Elsewhere); });
    connect(demo, &QPushButton::clicked, this, [this] { choose(Choice::Demo); });
}

QLayout* FirstStart::makeQuestions(const DataFolder& documents)
{
    name_ = line("firstName", tr("Name of the school"));
    name_->setPlaceholderText(tr("as it stands on papers, or nothing"));
    teaching_ = new QComboBox;
    teaching_->setObjectName(QStringLiteral("firstTeaching"));
    teaching_->setAccessibleName(tr("School of teaching"));
    teaching_->setToolTip(tr("For pilots who are added; each pilot can have another, and stages can be changed"));
    if (const auto all = documents.curricula())
        for (const Curriculum& c : *all) {
            QStringList first;
            for (std::size_t i = 0; i < std::min<std::size_t>(4, c.stages.size()); ++i) first << asWords(c.stages[i].name);
            teaching_->addItem(tr("%1: %2, …").arg(asWords(c.name), first.join(QStringLiteral(", "))), utf8(c.id));
        }
    teaching_->setCurrentIndex(std::max(0, teaching_->findData(utf8(Pilot().curriculum))));
    open_ = new QRadioButton(tr("Whoever is at this computer"));
    open_->setObjectName(QStringLiteral("firstOpen"));
    guarded_ = new QRadioButton(tr("Somebody with a passphrase; pilots fly and log without one"));
    guarded_->setObjectName(QStringLiteral("firstGuarded"));
    person_ = line("firstPerson", tr("Coordinator's name"));
    passphrase_ = line("firstPassphrase", tr("Passphrase"), true);
    again_ = line("firstAgain", tr("The same again"), true);
    auto* guard = new QWidget;
    auto* form = new QFormLayout(guard);
    form->setContentsMargins(24, 0, 0, 0);
    form->addRow(tr("Coordinator"), person_);
    form->addRow(tr("Passphrase"), passphrase_);
    form->addRow(tr("The same again"), again_);
    guard->setVisible(false);
    connect(guarded_, &QRadioButton::toggled, guard, &QWidget::setVisible);
    open_->setChecked(true);
    auto* layout = new QVBoxLayout;
    layout->setSpacing(8);
    layout->addWidget(question(tr("1. What is the school called?")));
    layout->addWidget(name_);
    layout->addSpacing(8);
    layout->addWidget(question(tr("2. By which school of teaching?")));
    layout->addWidget(teaching_);
    layout->addSpacing(8);
    layout->addWidget(question(tr("3. Who may change pilots, limits and releases?")));
    layout->addWidget(open_);
    layout->addWidget(guarded_);
    layout->addWidget(guard);
    return layout;
}

void FirstStart::choose(Choice choice)
{
    choice_ = choice;
    if (choice == Choice::Begin && guarded_->isChecked()) {
        if (person_->text().trimmed().isEmpty()) return said_->setText(tr("Say who the coordinator is."));
        if (const auto good = good_passphrase(passphrase_->text().toStdString()); !good)
            return said_->setText(asWords(good.error()));
        if (passphrase_->text() != again_->text()) return said_->setText(tr("The two passphrases are not the same."));
    }
    accept();
}

Result<void> FirstStart::keepOn(School& school, Lock& lock) const
{
    begin_school(school, {name_->text().simplified().toStdString(), teaching_->currentData().toString().toStdString()});
    if (open_->isChecked()) {
        school.keep_house_rule("passphrases", "none");
        return {};
    }
    const auto added = lock.add_person(person_->text().toStdString(), bh::Role::Coordinator, passphrase_->text().toStdString());
    return added ? Result<void>() : tl::unexpected(added.error());
}

} // namespace bh::desk
